// SPDX-License-Identifier: GPL-3.0-or-later
// Luminaires in rows and fields, and the circuits that they form.
#pragma once
#include <optional>
#include <vector>

#include "edit/item_kind.h"

namespace wp::edit {

/// A luminaire of a kind as the next one is placed: like the last of its kind, else just below the ceiling of the room
/// there. Without id and name.
model::Luminaire next_luminaire(const model::Option& option, size_t storey, const model::Id& type, Vec2 at);
/// Adds it, under an id of its own. On the circuit of the nearest of its room where it names none.
model::Item add_luminaire(model::Option& option, model::Luminaire luminaire);

/// What a luminaire hangs on.
enum class Mount {
    ceiling,  ///< just below it
    wall,     ///< the nearest wall of its room, looking into the room
    table,    ///< the thing that stands under it, as a lamp on it
};
/// The same luminaire hung so, where there is a room, and a table, to hang it on.
model::Luminaire mounted(const model::Option& option, model::Luminaire luminaire, Mount mount);

/// So many from one place to the other, half a gap before the first and behind the last; turned so that C 90 looks
/// along the row where along is true.
std::vector<model::Luminaire> luminaire_row(const model::Luminaire& like, Vec2 from, Vec2 to, int count, bool along);
/// Columns and rows of them over a room: over the box around its footprint, half a gap from its sides; those that would
/// hang outside the footprint are left out.
std::vector<model::Luminaire> luminaire_field(const model::Luminaire& like, const model::Room& room, int columns,
                                              int rows);
/// Columns and rows of at least so many over a room, gaps as alike as can be; the fewest of such.
std::pair<int, int> field_of(const model::Room& room, int count);

/// Luminaires of a room into circuits by their distance from its windows: rows parallel to the wall with most glass;
/// each gets a sensor under its middle on the room's plane. Circuits of that room that lose their last luminaire go,
/// and plain power over its planes, whose target and control they take over. The ids of those made; none where the room
/// has no plane or no luminaires.
std::vector<model::Id> circuits_by_rows(model::Option& option, const model::Id& room);
/// A new circuit of these luminaires, over the plane of their room.
std::optional<model::Id> circuit_of(model::Option& option, const std::vector<model::Id>& luminaires);
/// Takes a circuit away; its luminaires are on none. Scenes forget it.
void remove_circuit(model::Option& option, const model::Id& circuit);

/// Room that a luminaire hangs in; null outdoors.
const model::Room* room_of(const model::Option& option, const model::Luminaire& luminaire);

}  // namespace wp::edit
