// SPDX-License-Identifier: GPL-3.0-or-later
#include "describe/describe.h"

namespace wp::describe {
using namespace model;

namespace {

Field size(const char* key, const char* meaning) {
    return {.key = key, .meaning = meaning, .unit = unit::metre, .low = 0.001, .high = 1e5, .need = Need::required};
}
Field words(const char* key, const char* meaning, Need need = Need::optional) {
    return {.key = key, .meaning = meaning, .need = need};
}

}  // namespace

void describe(Describer& d, Shape& s) {
    describe_id(d, s.id);
    describe_name(d, s.name);
    d.number(size("width", "of its box along x"), s.width);
    d.number(size("length", "of its box along y"), s.length);
    d.number(size("height", "of its box along z"), s.height);
    d.text(
        words("points", "base64 of float32 x y z, little endian; metres from the middle of its foot", Need::required),
        s.points);
    d.text(words("triangles", "base64 of uint32, three each, little endian", Need::required), s.triangles);
    d.polygon({.key = "outline", .meaning = "in plan", .unit = unit::metre}, s.outline);
    d.rest(s.extra);
}

void describe(Describer& d, Origin& o) {
    d.text(words("element", "id of the element", Need::required), o.element);
    d.text(words("foreign", "how the file calls it", Need::required), o.foreign);
}

std::span<const Word> layer_role_words() {
    using Role = LayerChoice::Role;
    static constexpr Word words[] = {{"as_found", Role::as_found, "as the file has it"},
                                     {"surroundings", Role::surroundings, "surroundings"},
                                     {"furniture", Role::furniture, "furniture"},
                                     {"room", Role::room, "hull of a room"},
                                     {"window", Role::window, "window"},
                                     {"leave_out", Role::leave_out, "left out"}};
    return words;
}

void describe(Describer& d, LayerChoice& c) {
    d.text(words("layer", "name of a layer or material in the file", Need::required), c.layer);
    d.choice({.key = "role"}, c.role, layer_role_words());
    d.text(words("material", "of the project; missing: by type"), c.material);
}

void describe(Describer& d, Arrival& a) {
    describe_id(d, a.id);
    d.text(words("file", "relative to the project file where it lies beside it", Need::required), a.file);
    d.text(words("format", "\"ifc\", \"gbxml\", \"mesh\", \"dxf\"", Need::required), a.format);
    d.text(words("option", "that it was read into", Need::required), a.option);
    d.number({.key = "metres_per_unit", .low = 1e-6, .high = 1e6}, a.metres_per_unit);
    d.flag({.key = "y_up", .meaning = "its y is up; else its z"}, a.y_up);
    d.number({.key = "turn", .meaning = "counter-clockwise", .unit = unit::degree, .low = -360, .high = 360}, a.turn);
    d.triple({.key = "offset", .meaning = "moved by, after it was turned", .unit = unit::metre}, a.offset);
    d.list({.key = "layers", .meaning = "what becomes of layers and materials"}, "layer_choice", a.layers);
    d.list({.key = "origins", .meaning = "which element came from where"}, "origin", a.origins);
    d.rest(a.extra);
}

}  // namespace wp::describe
