// SPDX-License-Identifier: GPL-3.0-or-later
#include "outgoing/writer.h"

#include <algorithm>

#include "base/file.h"
#include "geometry/roof_shape.h"
#include "geometry/walls.h"

namespace wp::outgoing {
using namespace model;

std::span<const Writer> writers() {
    static const Writer all[] = {
        {"gbxml", "gbXML", ".xml", false, write_gbxml},
        {"ifc", "IFC 4", ".ifc", false, write_ifc},
        {"obj", "OBJ", ".obj", false, write_obj},
        {"gltf", "glTF 2", ".gltf", true, write_gltf},
        {"dxf", "DXF plans and sections", ".dxf", false, write_dxf},
    };
    return all;
}

const Writer* writer_for(const std::filesystem::path& path) {
    std::string suffix = path.extension().string();
    std::ranges::transform(suffix, suffix.begin(), [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    if (suffix == ".gbxml") suffix = ".xml";
    for (const Writer& writer : writers())
        if (suffix == writer.suffix) return &writer;
    return nullptr;
}

Outcome write_building(const Writing& writing, const std::filesystem::path& path) {
    const Writer* writer = writer_for(path);
    if (writer == nullptr) {
        std::string known;
        for (const Writer& one : writers()) known += (known.empty() ? "" : ", ") + std::string(one.suffix);
        return Fault{path.filename().string(), "buildings are not written as such files", "Formats written: " + known};
    }
    return write_file(path, writer->write(writing));
}

std::vector<RoomForm> room_forms(const Option& option) {
    std::vector<RoomForm> out;
    for (size_t s = 0; s < option.storeys.size(); ++s) {
        const Storey& storey = option.storeys[s];
        const auto walls = geometry::storey_walls(option, s);
        for (size_t k = 0; k < walls.standing.size(); ++k) {
            if (walls.standing[k].storey != s) continue;
            const Room& room = storey.rooms[walls.standing[k].room];
            RoomForm form;
            form.storey = &storey;
            form.room = &room;
            form.inner = walls.rooms[k].ring;
            form.floor = storey.level;
            form.height = room.height;
            for (const Opening& opening : room.openings) {
                const auto passage = geometry::passage(walls, option, k, opening.edge, opening.along, opening.width);
                if (passage.side < 0) continue;
                const double low = storey.level + opening.sill, high = low + opening.height;
                const auto middle = [&](int i, double z) {
                    const Vec2 p = (passage.inner[i] + passage.outer[i]) * 0.5;
                    return Vec3{p.x, p.y, z};
                };
                RoomForm::Hole hole;
                hole.opening = &opening;
                // Seen from outside the far jamb stands on the left.
                hole.corners[0] = middle(0, low), hole.corners[1] = middle(1, low);
                hole.corners[2] = middle(1, high), hole.corners[3] = middle(0, high);
                const Vec2 across = passage.outer[0] - passage.inner[0];
                hole.through = {across.x, across.y, 0};
                form.holes.push_back(hole);
            }
            out.push_back(std::move(form));
        }
    }
    return out;
}

}  // namespace wp::outgoing
