// SPDX-License-Identifier: GPL-3.0-or-later
#include "incoming/reader.h"

#include <algorithm>

#include "base/file.h"

namespace wp::incoming {

namespace {

constexpr const char* kIfc[] = {".ifc"};
constexpr const char* kGbxml[] = {".xml", ".gbxml"};
constexpr const char* kMesh[] = {".obj", ".gltf", ".glb", ".dae", ".3ds", ".stl", ".ply", ".fbx"};
constexpr const char* kDxf[] = {".dxf"};

std::string lower(std::string text) {
    std::ranges::transform(text, text.begin(), [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return text;
}

}  // namespace

std::span<const Reader> readers() {
    static const Reader all[] = {
        {"ifc", "IFC 2x3 and 4 (STEP)", kIfc, size_t{512} << 20, read_ifc},
        {"gbxml", "gbXML", kGbxml, size_t{256} << 20, read_gbxml},
        {"mesh", "Mesh: OBJ, glTF 2, COLLADA, 3DS, STL, PLY, FBX", kMesh, size_t{512} << 20, read_mesh},
        {"dxf", "DXF drawing", kDxf, size_t{256} << 20, read_dxf},
    };
    return all;
}

const Reader* reader_for(const std::filesystem::path& path) {
    const std::string suffix = lower(path.extension().string());
    for (const Reader& reader : readers())
        if (std::ranges::find(reader.suffixes, suffix) != reader.suffixes.end()) return &reader;
    return nullptr;
}

Fault cancelled_fault(const std::filesystem::path& path) {
    return {path.filename().string(), "reading was cancelled", ""};
}

Result<Building> read_building(const std::filesystem::path& path, const ReadWishes& wishes, const Cancel& cancel,
                               const Progress& progress) {
    const Reader* reader = reader_for(path);
    if (reader == nullptr) {
        std::string known;
        for (const Reader& one : readers())
            for (const char* suffix : one.suffixes) known += (known.empty() ? "" : ", ") + std::string(suffix);
        return Fault{path.filename().string(), "no building is read from such files", "Files read: " + known};
    }
    auto bytes = read_file(path, reader->most);
    if (!bytes) return bytes.fault();
    auto out = reader->read({std::move(*bytes), path, wishes, cancel, progress});
    if (!out) return out;
    out->format = reader->id;
    if (out->is_empty())
        return Fault{path.filename().string(), "there is nothing in it that could be used",
                     "Write it again with rooms, surfaces or lines"};
    return out;
}

}  // namespace wp::incoming
