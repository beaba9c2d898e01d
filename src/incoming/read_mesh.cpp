// SPDX-License-Identifier: GPL-3.0-or-later
// Meshes of other programs, by Assimp: layers are what their nodes and materials are called.
#include <assimp/config.h>
#include <assimp/postprocess.h>
#include <assimp/scene.h>
#include <fmt/core.h>

#include <assimp/MemoryIOWrapper.h>
#include <algorithm>
#include <assimp/Importer.hpp>
#include <assimp/ProgressHandler.hpp>
#include <cmath>
#include <cstring>
#include <sstream>

#include "base/text.h"
#include "incoming/apart.h"
#include "incoming/ears.h"
#include "incoming/mesh_rooms.h"
#include "incoming/reader.h"

namespace wp::incoming {

namespace {

constexpr unsigned kMostCornersOfFace = 1000;
constexpr size_t kMostOfMesh = 8000000, kMostWords = 200;
constexpr double kUsualExtent = 2000;  // units: what is larger is drawn in millimetres or the like

std::string lower_suffix(const std::filesystem::path& path) {
    std::string out = path.extension().string();
    std::ranges::transform(out, out.begin(), [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return out;
}

// Nothing beside the file is opened: references that lead out of it stay unread.
class NothingElse : public Assimp::IOSystem {
 public:
    NothingElse(const std::string& bytes, std::string name) : bytes_(bytes), name_(std::move(name)) {}
    bool Exists(const char* file) const override { return file == name_; }
    char getOsSeparator() const override { return '/'; }
    Assimp::IOStream* Open(const char* file, const char*) override {
        if (file != name_) return nullptr;
        return new Assimp::MemoryIOStream(reinterpret_cast<const uint8_t*>(bytes_.data()), bytes_.size(), false);
    }
    void Close(Assimp::IOStream* stream) override { delete stream; }

 private:
    const std::string& bytes_;
    std::string name_;
};

// Tells how far it is. That it is to end is told to the process.
class MeshProgress : public Assimp::ProgressHandler {
 public:
    explicit MeshProgress(const Progress& tell) : tell_(tell) {}
    bool Update(float share) override {
        if (tell_ && share >= 0) tell_(static_cast<double>(share));
        return true;
    }

 private:
    const Progress& tell_;
};

// A PLY says how many there are before they come: more than there are bytes cannot be, and would be waited for long. A
// head that does not end would be waited for without end.
Outcome refused_ply(const std::string& bytes, const std::string& name) {
    const size_t end = std::min(bytes.find("\nend_header\n"), bytes.find("\nend_header\r"));
    if (end == std::string::npos) return Fault{name, "its head does not end", "Write it again, or in another format"};
    double claimed = 0;
    std::istringstream head(bytes.substr(0, end));
    for (std::string word; head >> word;) {
        double count = 0;
        if (word == "element" && head >> word >> count) claimed += std::max(0.0, count);
    }
    if (claimed > static_cast<double>(bytes.size()))
        return Fault{name, "it claims more corners and faces than it has bytes",
                     "Write it again, or in another format"};
    return {};
}

class Meshes {
 public:
    Meshes(const aiScene& scene, const Reading& reading) : scene_(scene), reading_(reading) {}

    Result<Building> read() {
        gather(scene_.mRootNode, aiMatrix4x4(), 0);
        if (faults_)
            return Fault{reading_.path.filename().string(), "it has more than 8 million triangles",
                         "Write a simpler one"};
        choose_axes();
        choose_unit();
        for (Body& body : out_.bodies)
            for (Vec3& p : body.mesh.points) p = (y_up_ ? Vec3{p.x, -p.z, p.y} : p) * out_.metres_per_unit;
        return std::move(out_);
    }

 private:
    void gather(const aiNode* node, const aiMatrix4x4& above, int depth) {
        if (node == nullptr || depth > 200 || faults_) return;
        const aiMatrix4x4 here = above * node->mTransformation;
        for (unsigned i = 0; i < node->mNumMeshes; ++i)
            if (node->mMeshes[i] < scene_.mNumMeshes) add(*scene_.mMeshes[node->mMeshes[i]], here, node->mName.C_Str());
        for (unsigned i = 0; i < node->mNumChildren; ++i) gather(node->mChildren[i], here, depth + 1);
    }

    void add(const aiMesh& mesh, const aiMatrix4x4& placed, const std::string& node) {
        Body body;
        aiString material;
        if (mesh.mMaterialIndex < scene_.mNumMaterials)
            scene_.mMaterials[mesh.mMaterialIndex]->Get(AI_MATKEY_NAME, material);
        body.layer = material.length > 0 ? material.C_Str() : "without material";
        body.name = !node.empty() ? node : mesh.mName.length > 0 ? mesh.mName.C_Str() : body.layer;
        body.id = fmt::format("{}/{}", body.name, body.layer);
        for (unsigned v = 0; v < mesh.mNumVertices; ++v) {
            const aiVector3D p = placed * mesh.mVertices[v];
            if (!std::isfinite(p.x) || !std::isfinite(p.y) || !std::isfinite(p.z)) {
                out_.account.left_out(body.name, "a corner of it is no number");
                return;
            }
            body.mesh.points.push_back({static_cast<double>(p.x), static_cast<double>(p.y), static_cast<double>(p.z)});
        }
        for (unsigned f = 0; f < mesh.mNumFaces; ++f) {
            const aiFace& face = mesh.mFaces[f];
            if (face.mNumIndices < 3 || face.mNumIndices > kMostCornersOfFace) continue;
            if (std::any_of(face.mIndices, face.mIndices + face.mNumIndices,
                            [&](unsigned i) { return i >= mesh.mNumVertices; }))
                continue;
            Ring ring;
            for (unsigned k = 0; k < face.mNumIndices; ++k) ring.push_back(body.mesh.points[face.mIndices[k]]);
            for (const auto& ear : ears_of(ring))
                body.mesh.triangles.push_back({face.mIndices[ear[0]], face.mIndices[ear[1]], face.mIndices[ear[2]]});
        }
        triangles_ += body.mesh.triangles.size();
        faults_ = triangles_ > kMostOfMesh;
        if (!body.mesh.triangles.empty()) out_.bodies.push_back(std::move(body));
    }

    std::pair<Vec3, Vec3> box() const {
        Vec3 low{1e18, 1e18, 1e18}, high{-1e18, -1e18, -1e18};
        for (const Body& body : out_.bodies)
            for (const Vec3& p : body.mesh.points) {
                low = {std::min(low.x, p.x), std::min(low.y, p.y), std::min(low.z, p.z)};
                high = {std::max(high.x, p.x), std::max(high.y, p.y), std::max(high.z, p.z)};
            }
        return {low, high};
    }

    // Formats that say so before shapes that suggest it: buildings are wider than they are high.
    void choose_axes() {
        const std::string suffix = lower_suffix(reading_.path);
        if (reading_.wishes.y_up) {
            y_up_ = *reading_.wishes.y_up;
        } else if (suffix == ".fbx") {
            // The file says it, and the library leaves it so.
            int32_t up = 1;
            if (scene_.mMetaData != nullptr) scene_.mMetaData->Get("UpAxis", up);
            y_up_ = up != 2;
        } else if (suffix == ".gltf" || suffix == ".glb" || suffix == ".dae" || suffix == ".3ds") {
            y_up_ = true;  // by the format, or turned so by the library
        } else {
            const auto [low, high] = box();
            y_up_ = high.y - low.y < high.z - low.z;
            out_.account.changed("mesh", y_up_ ? "its y axis was taken to be up, by its shape"
                                               : "its z axis was taken to be up, by its shape");
        }
    }

    void choose_unit() {
        const std::string suffix = lower_suffix(reading_.path);
        if (reading_.wishes.metres_per_unit > 0) {
            out_.metres_per_unit = reading_.wishes.metres_per_unit;
            return;
        }
        out_.unit_is_told = suffix == ".gltf" || suffix == ".glb" || suffix == ".dae" || suffix == ".fbx";
        if (out_.unit_is_told) return;
        const auto [low, high] = box();
        const double extent = std::max({high.x - low.x, high.y - low.y, high.z - low.z});
        out_.metres_per_unit = extent > kUsualExtent ? 0.001 : 1;
        out_.account.changed("mesh", extent > kUsualExtent ? "it tells no unit: millimetres were taken, by its size"
                                                           : "it tells no unit: metres were taken, by its size");
    }

    const aiScene& scene_;
    const Reading& reading_;
    Building out_;
    bool y_up_ = false, faults_ = false;
    size_t triangles_ = 0;
};

// Bytes from one process to another of the same program.
class Packed {
 public:
    void add(const void* from, size_t count) { bytes.append(static_cast<const char*>(from), count); }
    void add_text(const std::string& text) { add_list(text); }
    template <class List>
    void add_list(const List& list) {
        const uint64_t n = list.size();
        add(&n, sizeof n);
        add(list.data(), n * sizeof(*list.data()));
    }
    std::string bytes;
};

// It came from a process that read a damaged file: nothing of it is trusted.
class Unpacked {
 public:
    explicit Unpacked(std::string_view bytes) : rest_(bytes) {}
    template <class T>
    T one() {
        T out{};
        if (rest_.size() < sizeof out) return broken_ = true, out;
        std::memcpy(&out, rest_.data(), sizeof out);
        rest_.remove_prefix(sizeof out);
        return out;
    }
    template <class List>
    List list() {
        using Item = typename List::value_type;
        const auto n = one<uint64_t>();
        List out;
        if (broken_ || n > rest_.size() / sizeof(Item)) return broken_ = true, out;
        out.resize(n);
        std::memcpy(static_cast<void*>(out.data()), rest_.data(), n * sizeof(Item));
        rest_.remove_prefix(n * sizeof(Item));
        return out;
    }
    bool is_broken() const { return broken_; }

 private:
    std::string_view rest_;
    bool broken_ = false;
};

constexpr char kBuilding = 'b', kFault = 'f';

std::string packed(const Result<Building>& found) {
    Packed out;
    out.bytes += found ? kBuilding : kFault;
    if (!found) {
        for (const auto& text : {found.fault().place, found.fault().what, found.fault().remedy}) out.add_text(text);
        return out.bytes;
    }
    out.add(&found->metres_per_unit, sizeof(double));
    out.bytes += found->unit_is_told ? '1' : '0';
    const uint64_t said = found->account.lines().size(), bodies = found->bodies.size();
    out.add(&said, sizeof said);
    for (const Said& line : found->account.lines()) {
        out.bytes += line.what == Said::What::changed ? 'c' : 'l';
        out.add_text(line.element);
        out.add_text(line.words);
    }
    out.add(&bodies, sizeof bodies);
    for (const Body& body : found->bodies) {
        for (const auto& text : {body.id, body.name, body.layer}) out.add_text(text);
        out.add_list(body.mesh.points);
        out.add_list(body.mesh.triangles);
    }
    return out.bytes;
}

// None where the bytes are not what packed gave.
std::optional<Result<Building>> unpacked(std::string_view bytes) {
    Unpacked in(bytes);
    if (in.one<char>() == kFault) {
        const auto place = in.list<std::string>(), what = in.list<std::string>(), remedy = in.list<std::string>();
        if (in.is_broken()) return {};
        return Result<Building>(Fault{plain_text(place), plain_text(what), plain_text(remedy)});
    }
    Building out;
    out.metres_per_unit = in.one<double>();
    out.unit_is_told = in.one<char>() == '1';
    for (auto n = in.one<uint64_t>(); n > 0 && !in.is_broken(); --n) {
        const bool changed = in.one<char>() == 'c';
        const auto element = in.list<std::string>(), words = in.list<std::string>();
        changed ? out.account.changed(element, words) : out.account.left_out(element, words);
    }
    size_t triangles = 0;
    for (auto n = in.one<uint64_t>(); n > 0 && !in.is_broken(); --n) {
        Body body;
        for (std::string* text : {&body.id, &body.name, &body.layer}) *text = in.list<std::string>();
        body.mesh.points = in.list<std::vector<Vec3>>();
        body.mesh.triangles = in.list<std::vector<std::array<uint32_t, 3>>>();
        for (const Vec3& p : body.mesh.points)
            if (!std::isfinite(p.x) || !std::isfinite(p.y) || !std::isfinite(p.z)) return {};
        for (const auto& t : body.mesh.triangles)
            if (std::ranges::any_of(t, [&](uint32_t i) { return i >= body.mesh.points.size(); })) return {};
        triangles += body.mesh.triangles.size();
        out.bodies.push_back(std::move(body));
    }
    if (in.is_broken() || triangles > kMostOfMesh || !std::isfinite(out.metres_per_unit)) return {};
    return Result<Building>(std::move(out));
}

// With the library, in the other process.
Result<Building> read_here(const Reading& reading, const std::string& name, const Progress& tell) {
    Assimp::Importer importer;
    const std::string inside = "given" + lower_suffix(reading.path);
    importer.SetIOHandler(new NothingElse(reading.bytes, inside));
    importer.SetProgressHandler(new MeshProgress(tell));
    const aiScene* scene = nullptr;
    try {
        // Lengths become metres where the file tells its unit, unless a unit is asked for.
        const unsigned metres = reading.wishes.metres_per_unit > 0 ? 0u : static_cast<unsigned>(aiProcess_GlobalScale);
        // Nothing of its steps that make meshes nicer: some of them end the process where a file is damaged.
        scene = importer.ReadFile(inside, metres);
    } catch (const std::exception& error) {
        return Fault{name, "it cannot be read: " + plain_text(error.what(), kMostWords),
                     "Write it again, or in another format"};
    }
    if (scene == nullptr || scene->mRootNode == nullptr)
        return Fault{name, "it cannot be read: " + plain_text(importer.GetErrorString(), kMostWords),
                     "Write it again, or in another format"};
    return Meshes(*scene, reading).read();
}

}  // namespace

Result<Building> read_mesh(const Reading& reading) {
    const std::string name = reading.path.filename().string();
    if (lower_suffix(reading.path) == ".ply")
        if (const auto fault = refused_ply(reading.bytes, name)) return *fault;
    const auto bytes = run_apart([&](const Progress& tell) { return packed(read_here(reading, name, tell)); }, name,
                                 reading.cancel, reading.progress);
    if (reading.cancel.requested()) return cancelled_fault(reading.path);
    if (!bytes) return bytes.fault();
    auto found = unpacked(*bytes);
    if (!found)
        return Fault{name, "it is damaged in a way that reading it broke down", "Write it again, or in another format"};
    if (*found) make_rooms_of_meshes(**found, reading.wishes.layers);
    return std::move(*found);
}

}  // namespace wp::incoming
