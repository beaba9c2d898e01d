// SPDX-License-Identifier: GPL-3.0-or-later
// What light meets, as meshes: OBJ by material, glTF 2 with maps as coloured points.
#include <fmt/core.h>

#include <array>
#include <cstring>
#include <map>

#include "base/base64.h"
#include "base/json_text.h"
#include "geometry/surfaces.h"
#include "outgoing/writer.h"

namespace wp::outgoing {

namespace {

std::string safe(std::string name) {
    for (char& c : name)
        if (static_cast<unsigned char>(c) <= ' ') c = '_';
    return name.empty() ? "nameless" : name;
}

// Triangles by material, and panes by glazing.
struct Group {
    std::string name;
    double grey = 0.5, opacity = 1;
    std::vector<Vec3> points;
    std::vector<std::array<uint32_t, 3>> triangles;
};

std::vector<Group> groups_of(const Writing& w) {
    const auto surfaces = geometry::build_surfaces(w.project, w.option);
    std::map<std::string, Group> all;
    const auto add = [](Group& group, Vec3 a, Vec3 b, Vec3 c) {
        const auto first = static_cast<uint32_t>(group.points.size());
        for (const Vec3& p : {a, b, c}) group.points.push_back(p);
        group.triangles.push_back({first, first + 1, first + 2});
    };
    for (size_t i = 0; i < surfaces.triangles.size(); ++i) {
        const auto& surface = surfaces.surfaces[surfaces.surface_of[i]];
        if (surface.element == geometry::Element::ground) continue;
        const std::string name = surface.material.empty() ? geometry::name(surface.element) : surface.material;
        Group& group = all[name];
        group.name = name;
        group.grey = surface.reflectance;
        const auto& t = surfaces.triangles[i];
        add(group, surfaces.vertices[t[0]], surfaces.vertices[t[1]], surfaces.vertices[t[2]]);
    }
    for (const auto& portal : surfaces.portals) {
        if (portal.glazing < 0) continue;
        Group& group = all["glazing"];
        group.name = "glazing";
        group.grey = 0.8, group.opacity = 0.25;
        const Vec3 a = portal.corner, b = a + portal.u, c = b + portal.v, d = a + portal.v;
        add(group, a, b, c);
        add(group, a, c, d);
    }
    std::vector<Group> out;
    for (auto& [name, group] : all) out.push_back(std::move(group));
    return out;
}

// A buffer that grows, and views into it.
class Buffer {
 public:
    template <class T>
    int view(const std::vector<T>& values, int target) {
        while (bytes.size() % 4 != 0) bytes += '\0';
        const size_t at = bytes.size(), n = values.size() * sizeof(T);
        bytes.resize(at + n);
        if (n > 0) std::memcpy(bytes.data() + at, values.data(), n);
        views.push_back({{"buffer", 0}, {"byteOffset", at}, {"byteLength", n}, {"target", target}});
        return static_cast<int>(views.size()) - 1;
    }
    std::string bytes;
    Json views = Json::array(), accessors = Json::array();
};

constexpr int kArray = 34962, kElements = 34963, kFloat = 5126, kUint = 5125;

// glTF has y up: x, z, -y of ours.
int points_accessor(Buffer& buffer, const std::vector<Vec3>& points) {
    std::vector<float> values;
    std::array<float, 3> low{1e30f, 1e30f, 1e30f}, high{-1e30f, -1e30f, -1e30f};
    for (const Vec3& p : points) {
        const std::array<float, 3> v{static_cast<float>(p.x), static_cast<float>(p.z), static_cast<float>(-p.y)};
        for (size_t k = 0; k < 3; ++k) {
            values.push_back(v[k]);
            low[k] = std::min(low[k], v[k]), high[k] = std::max(high[k], v[k]);
        }
    }
    const int view = buffer.view(values, kArray);
    buffer.accessors.push_back({{"bufferView", view},
                                {"componentType", kFloat},
                                {"count", points.size()},
                                {"type", "VEC3"},
                                {"min", low},
                                {"max", high}});
    return static_cast<int>(buffer.accessors.size()) - 1;
}

int accessor(Buffer& buffer, int view, int component, size_t count, const char* type) {
    buffer.accessors.push_back({{"bufferView", view}, {"componentType", component}, {"count", count}, {"type", type}});
    return static_cast<int>(buffer.accessors.size()) - 1;
}

int corners_accessor(Buffer& buffer, const std::vector<std::array<uint32_t, 3>>& triangles) {
    const int view = buffer.view(triangles, kElements);
    return accessor(buffer, view, kUint, 3 * triangles.size(), "SCALAR");
}

}  // namespace

std::string write_obj(const Writing& writing) {
    std::string out = "# " + safe(writing.option.name) + ", metres, z up\n";
    size_t before = 0;
    for (const Group& group : groups_of(writing)) {
        out += "o " + safe(group.name) + "\nusemtl " + safe(group.name) + "\n";
        for (const Vec3& p : group.points) out += fmt::format("v {:.5f} {:.5f} {:.5f}\n", p.x, p.y, p.z);
        for (const auto& t : group.triangles)
            out += fmt::format("f {} {} {}\n", before + t[0] + 1, before + t[1] + 1, before + t[2] + 1);
        before += group.points.size();
    }
    return out;
}

std::string write_gltf(const Writing& writing) {
    Buffer buffer;
    Json meshes = Json::array(), materials = Json::array(), nodes = Json::array();
    const auto add = [&](const std::string& name, Json attributes, int indices, const Json& material) {
        materials.push_back(material);
        meshes.push_back({{"name", name},
                          {"primitives",
                           {{{"attributes", std::move(attributes)},
                             {"indices", indices},
                             {"material", static_cast<int>(materials.size()) - 1}}}}});
        nodes.push_back({{"name", name}, {"mesh", static_cast<int>(meshes.size()) - 1}});
    };
    for (const Group& group : groups_of(writing)) {
        const int points = points_accessor(buffer, group.points), corners = corners_accessor(buffer, group.triangles);
        Json material = {{"name", group.name},
                         {"pbrMetallicRoughness",
                          {{"baseColorFactor", {group.grey, group.grey, group.grey, group.opacity}},
                           {"metallicFactor", 0},
                           {"roughnessFactor", 1}}},
                         {"doubleSided", true}};
        if (group.opacity < 1) material["alphaMode"] = "BLEND";
        add(group.name, {{"POSITION", points}}, corners, material);
    }
    if (!writing.map.empty()) {
        std::vector<Vec3> points;
        std::vector<std::array<uint32_t, 3>> triangles;
        std::vector<float> colours;
        for (const ColouredPoint& p : writing.map) {
            const auto first = static_cast<uint32_t>(points.size());
            for (const Vec3& corner :
                 {p.at - p.across - p.up, p.at + p.across - p.up, p.at + p.across + p.up, p.at - p.across + p.up}) {
                points.push_back(corner);
                colours.insert(colours.end(), {p.red, p.green, p.blue});
            }
            triangles.push_back({first, first + 1, first + 2});
            triangles.push_back({first, first + 2, first + 3});
        }
        const int at = points_accessor(buffer, points), corners = corners_accessor(buffer, triangles);
        const int view = buffer.view(colours, kArray);
        const int colour = accessor(buffer, view, kFloat, points.size(), "VEC3");
        add("map", {{"POSITION", at}, {"COLOR_0", colour}}, corners,
            {{"name", "map"},
             {"pbrMetallicRoughness", {{"metallicFactor", 0}, {"roughnessFactor", 1}}},
             {"doubleSided", true}});
    }
    Json all_nodes = Json::array();
    for (size_t i = 0; i < nodes.size(); ++i) all_nodes.push_back(i);
    const Json file = {{"asset", {{"version", "2.0"}, {"generator", "Warm Pane"}}},
                       {"scene", 0},
                       {"scenes", {{{"nodes", all_nodes}}}},
                       {"nodes", nodes},
                       {"meshes", meshes},
                       {"materials", materials},
                       {"accessors", buffer.accessors},
                       {"bufferViews", buffer.views},
                       {"buffers",
                        {{{"byteLength", buffer.bytes.size()},
                          {"uri", "data:application/octet-stream;base64," + to_base64(buffer.bytes)}}}}};
    return json_file(file);
}

}  // namespace wp::outgoing
