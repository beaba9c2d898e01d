// SPDX-License-Identifier: GPL-3.0-or-later
// How surfaces are built: first the faces of all rooms, then the openings that cut them, then the shell around them;
// last every face becomes triangles. Sections ask it what covers a storey.
#pragma once
#include <list>
#include <map>
#include <optional>
#include <string>

#include "geometry/face.h"
#include "geometry/roof_shape.h"
#include "geometry/surfaces.h"
#include "geometry/walls.h"

namespace wp::geometry {

inline Vec3 at(Vec2 p, double z) { return {p.x, p.y, z}; }

class Builder {
 public:
    Builder(const model::Project& project, const model::Option& option, std::vector<std::string> without = {});
    Surfaces build();

    // What covers a part of a storey from above.
    struct Cover {
        enum class Kind { storey_above, flat, roof } kind = Kind::flat;
        double z = 0;
        const RoofShape* shape = nullptr;
        const model::Roof* roof = nullptr;
        std::vector<Polygon> rings;
        std::vector<Region> eaves;  // where the roof hangs over the open
    };
    std::vector<Cover> covers(size_t storey);

 private:
    // A room's faces, by what they are.
    struct RoomFaces {
        std::vector<Face*> floor, ceiling, upright;
        std::vector<const RoofShape::Slope*> slope;  // of each ceiling face; null where flat
        const RoofShape* shape = nullptr;            // that the ceiling follows
    };
    /// A surface with the figures of its material; those assumed for its part where it has none.
    uint32_t add_finished(Element element, const model::Id& source, model::Part part, const model::Finish& finish,
                          int space);
    uint32_t add_by_type(Element element, const model::Id& source, model::Part part, int space) {
        return add_finished(element, source, part, model::finish_of(project_, option_, part, {}), space);
    }
    int space(RoomIndex at) const { return first_space_[at.storey] + static_cast<int>(at.room); }
    const model::Room& room(RoomIndex at) const { return option_.storeys[at.storey].rooms[at.room]; }
    const RoofShape* shape_of(size_t storey, const model::Roof* roof);
    Face& keep(Face face);

    // rooms: build_rooms.cpp
    void add_room(size_t storey, size_t index);
    void add_ceiling(size_t storey, size_t index, RoomFaces& faces);
    void add_sloped_ceiling(size_t storey, size_t index, const RoofShape& shape, RoomFaces& faces);
    void add_walls(size_t storey, size_t index, RoomFaces& faces);
    void add_inner_risers(const RoofShape& shape, const Polygon& ring, const std::vector<Region>& regions, size_t slope,
                          uint32_t surface, RoomFaces& faces);
    void add_floor_voids(size_t storey);
    void add_partition(size_t storey, const model::Partition& partition);

    // openings: build_openings.cpp
    void add_opening(size_t storey, size_t index, const model::Opening& opening);
    double highest(size_t storey, size_t index, const Passage& way) const;
    double above_facade(double z, const Passage& way) const;
    void add_rooflight(size_t storey, const model::Rooflight& light);
    void add_lying_light(size_t storey, size_t index, const model::Rooflight& light);
    void add_upright_light(size_t storey, size_t index, const model::Rooflight& light);
    struct Pane {
        Vec3 corner, u, v, normal;  // normal to the outside, unit
        int inside, outside;
        double half_depth;  // of the frame
    };
    void add_frame(const Pane& pane, const model::Id& source, const model::Id& own, double width, int columns,
                   int rows);
    void add_leaf(const Pane& pane, const Passage& way, double share, const model::Id& source,
                  const model::Finish& finish);
    void add_portal(const Pane& pane, const model::Id& source, const model::Material* glass, int group);
    /// What hangs before and behind a pane, and the rain on it.
    template <class O>
    void equip_portal(const Pane& pane, const O& opening, bool may_have_blind, double to_outer, double to_inner);
    void add_reveal(const model::Id& source, const model::Id& own, const Vec2 from[2], const Vec2 to[2], double z0,
                    double z1, int space);
    void glaze_rooflight(const Pane& pane, const model::Rooflight& light, int group, double to_outer, double to_inner);
    int group_of(RoomIndex room, std::optional<double> azimuth);

    // shell: build_shell.cpp
    void add_shell(size_t storey);
    double flat_top(size_t storey) const;
    void add_facade(const std::vector<Cover>& covers, const Cover& cover, const Polygon& ring, double base,
                    uint32_t surface);
    void add_facade_stretch(const Cover& cover, const Cover* beside, bool under_eaves, Vec2 a, Vec2 b, double base,
                            uint32_t surface);
    void add_roof_faces(const Cover& cover, size_t storey, uint32_t surface);
    void add_eaves(const Cover& cover, size_t storey, uint32_t surface);
    void add_overhang(size_t storey, double level, uint32_t surface);
    void add_flat(uint32_t surface, const std::vector<Region>& regions, double z, bool up);
    void add_ground();

    // things: build_things.cpp
    int space_at(size_t storey, Vec2 p) const;
    void add_thing(const model::Thing& thing);
    void add_block(const model::Block& block);

    const model::Project& project_;
    const model::Option& option_;
    std::vector<std::string> without_;
    Surfaces out_;
    std::vector<int> first_space_;
    std::vector<StoreyWalls> walls_;
    std::vector<std::vector<RoomFaces>> rooms_;
    std::list<Face> faces_;  // stable addresses
    // Facades and risers seen from outside, by the line they stand on: an opening meets few of them.
    using LineKey = std::pair<long, long>;
    static LineKey line_of(Vec2 at, Vec2 along);
    void keep_outer(Face face);
    void each_outer_at(Vec2 a, Vec2 b, const std::function<void(Face&)>& visit) const;
    std::map<LineKey, std::vector<Face*>> outer_upright_;
    struct Cut {
        Vec2 a, b;
        double z0, z1;
    };
    std::vector<Cut> outer_cuts_;  // that openings make in them
    struct TopFace {
        Face* face;
        const RoofShape* shape;
        const RoofShape::Slope* slope;
        size_t storey;
        double z;
    };
    std::vector<TopFace> tops_;  // roofs seen from above
    std::map<const model::Roof*, RoofShape> shapes_;
    std::map<std::pair<model::Id, long>, int> groups_;
};

}  // namespace wp::geometry
