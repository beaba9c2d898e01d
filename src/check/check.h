// SPDX-License-Identifier: GPL-3.0-or-later
// The model check: what is wrong with a drawing, in plain words, with its place and, where one is certain, its mend.
#pragma once
#include <string>
#include <vector>

#include "climate/sun.h"
#include "edit/edit.h"

namespace wp::model {
struct Project;
}

namespace wp::check {

struct ModelFault {
    enum class Kind {
        rooms_overlap,       ///< two rooms claim the same floor
        near_miss,           ///< a corner lies close to a neighbour's corner or wall, but not on it
        crosses_itself,      ///< a room whose walls cross: it has no inside
        thin_room,           ///< walls leave nothing of the room
        opening_off_wall,    ///< reaches past the end or the top of its wall: it is cut off there
        openings_overlap,    ///< in the same wall, from whichever side
        opening_to_nothing,  ///< no room and no open air behind
        void_without_rooms,  ///< no floor above, or no flat ceiling below
        rooflight_off_roof,  ///< not within one face of roof and ceiling
        rooflights_overlap,
        storeys_overlap,      ///< a room reaches into the floor of a room above
        no_material,          ///< a part of the building has none: figures are made up for it
        impossible_material,  ///< reflects or passes more than there is
        inside_out,           ///< drawn clockwise: its faces look the wrong way
        plane_misses,         ///< a reference plane without a point: out of its room, above the ceiling, in a wall
        plane_faces_down,
        plane_indoors,  ///< meant for a facade, but there is a room behind it
        room_without_plane,
        window_without_blind,  ///< where a criteria set computes with blinds
        context_cuts_room,     ///< a block, tree or slope reaches into a room
        thing_in_wall,         ///< stands half in a wall, or half outside its room
        thing_under_roof,      ///< higher than the ceiling above it
        observer_lost,         ///< its eye is not in its room
        luminaire_hidden,      ///< what shines is in a wall, in the floor or above the ceiling
        shade_without_blades,  ///< a layer that leaves nothing
        odd_size,              ///< looks like a slip of units
        sun_down,              ///< a moment that is asked about in the night
        weather_elsewhere,     ///< measured far from the site, or by another clock
        assumed,               ///< no fault: what nobody has chosen or measured yet
    };
    Kind kind;
    size_t storey = 0;
    Vec2 place{};  ///< in plan
    edit::Items items;
    std::string what;                      ///< one sentence
    std::string mend;                      ///< what mend_fault would do; empty: nothing
    model::Id subject;                     ///< the material or question it is about, where it is about one
    model::Part part = model::Part::wall;  ///< no_material, assumed
};
inline bool is_assumption(const ModelFault& fault) { return fault.kind == ModelFault::Kind::assumed; }

/// Whether answers are wrong while a fault of this kind stands; the others leave something out, or are slips that may
/// be meant.
bool spoils_answers(ModelFault::Kind kind);

/// Faults of what is drawn, storey by storey.
std::vector<ModelFault> check_drawing(const model::Option& option);

/// Those, then faults of matter, things, planes, observers and questions; last what is only assumed. blinds_wanted: a
/// criteria set of the project computes with blinds. weather_measured: where the project's weather was; null: it has
/// none.
std::vector<ModelFault> check_model(const model::Project& project, const model::Option& option,
                                    bool blinds_wanted = false, const climate::Place* weather_measured = nullptr);

/// Mends a fault that offers it. False where that is not possible (any more).
bool mend_fault(model::Project& project, size_t option, const ModelFault& fault);
/// The same for faults of the drawing alone.
bool mend_drawing(model::Option& option, const ModelFault& fault);

}  // namespace wp::check
