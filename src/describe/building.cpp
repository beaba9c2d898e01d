// SPDX-License-Identifier: GPL-3.0-or-later
#include <cmath>

#include "describe/describe.h"
#include "shading/device.h"

namespace wp::describe {
using namespace model;

namespace {

Field made_of(const char* key, const char* label, const char* meaning = "missing: by type") {
    return {.key = key, .label = label, .meaning = meaning};
}
Field edge(const char* meaning = "of the footprint, from corner edge to the next") {
    return {.key = "edge", .meaning = meaning, .low = 0, .high = 9999, .need = Need::required};
}
Field turn_of(const char* meaning) {
    return {.key = "turn", .label = "Turn", .meaning = meaning, .unit = unit::degree, .low = -360, .high = 360};
}
Field direction(Need need) {
    return {.key = "direction",
            .label = "Rises towards",
            .meaning = "clockwise from the top of the sheet; upright lights of a sawtooth look there",
            .unit = unit::degree,
            .low = -360,
            .high = 720,
            .need = need};
}

const std::vector<Word>& device_words() {
    static const auto words = [] {
        std::vector<Word> out;
        for (const auto& device : shading::devices()) out.emplace_back(device.id, device.kind);
        return out;
    }();
    return words;
}

struct DescribeFigure {
    Describer& d;
    ShadeLayer& of;
    const Field& field;
    void operator()(double ShadeLayer::*member) const { d.number(field, of.*member); }
    void operator()(int ShadeLayer::*member) const { d.whole(field, of.*member); }
    void operator()(bool ShadeLayer::*member) const { d.flag(field, of.*member); }
};

const char* unit_of(const shading::ShadeFigure& figure) {
    using Of = shading::ShadeFigure::Unit;
    return figure.unit == Of::metre ? unit::metre : figure.unit == Of::degree ? unit::degree : unit::none;
}

// What openings and rooflights have before and behind their panes.
template <class O>
void describe_shading(Describer& d, O& o) {
    static constexpr Word exposures[] = {{"normal", Exposure::normal, "normal"},
                                         {"sheltered", Exposure::sheltered, "sheltered"},
                                         {"driving_rain", Exposure::driving_rain, "driving rain"}};
    d.flag(
        {.key = "blind", .label = "Blind", .meaning = "an inner blind that criteria may close", .bears = bears::blinds},
        o.blind);
    d.material({.key = "blind_material",
                .label = "Blind of",
                .meaning = "fabric or slats; missing: the project's plain blind",
                .bears = bears::blinds},
               o.blind_material);
    d.list({.key = "shading", .meaning = "fixed, from the pane outwards and inwards"}, "shading", o.shading);
    d.choice({.key = "exposure", .label = "Exposure", .meaning = "how rain and dirt reach the pane"}, o.exposure,
             exposures);
}

using Kind = Opening::Kind;
constexpr Word kOpenings[] = {{"window", Kind::window, "Window"},
                              {"door", Kind::door, "Door"},
                              {"panel", Kind::panel, "Panel"},
                              {"void", Kind::opening_void, "Without a leaf"}};

// Early files gave the frame as a share of the opening: the width of a frame around one light that covers that share.
void take_frame_share(Opening& o, double share) {
    const double half = (o.width + o.height) / 4;
    o.frame = half - std::sqrt(std::max(0.0, half * half - share * o.width * o.height / 4));
}

void describe_leaf(Describer& d, Opening& o) {
    d.early_number({.key = "frame_fraction", .meaning = "early files: share of the opening", .low = 0, .high = 0.99},
                   [&](double share) { take_frame_share(o, share); });
    d.number(in_metres("frame", "Frame", 0, 1, "width seen of frame, mullions and transoms", Need::optional), o.frame);
    d.whole({.key = "columns", .label = "Lights across", .meaning = "side by side", .low = 1, .high = 50}, o.columns);
    d.whole({.key = "rows", .label = "Lights up", .meaning = "above each other", .low = 1, .high = 50}, o.rows);
}

void describe_own_finish(Describer& d, OwnFinish& o) {
    d.whole({.key = "surface",
             .meaning = "an edge; -1 the floor, -2 the ceiling",
             .low = OwnFinish::kCeiling,
             .high = 9999,
             .need = Need::required},
            o.surface);
    d.material({.key = "material", .need = Need::required}, o.material);
}

void describe_own_wall(Describer& d, Wall& w) {
    d.whole(edge(), w.edge);
    d.number(in_metres("thickness", "Thickness", 0.001, 10), w.thickness);
}

}  // namespace

void describe(Describer& d, ShadeLayer& s) {
    d.choice({.key = "kind", .need = Need::required}, s.kind, device_words());
    d.flag({.key = "inside", .meaning = "on the room's side of the pane"}, s.inside);
    for (const auto& device : shading::devices())
        d.only(when("kind", s.kind, device_words(), {device.kind}), [&] {
            for (const auto* figure : shading::in_file_order(device)) {
                const Field field{.key = figure->key,
                                  .label = figure->label,
                                  .unit = unit_of(*figure),
                                  .low = figure->least,
                                  .high = figure->most};
                std::visit(DescribeFigure{d, s, field}, figure->field);
            }
        });
    d.material(made_of("material", "Made of"), s.material);
}

void describe(Describer& d, Opening& o) {
    const When has_leaf = when("kind", o.kind, kOpenings, {Kind::window, Kind::door, Kind::panel});
    describe_id(d, o.id);
    describe_name(d, o.name);
    d.choice({.key = "kind", .label = "Kind", .need = Need::required}, o.kind, kOpenings);
    d.whole(edge("the wall: from corner edge of the footprint to the next"), o.edge);
    d.number(in_metres("along", "Along wall", 0, 1e4, "from the edge's first corner to the near side"), o.along);
    d.number(in_metres("width", "Width", 0.01, 1e4), o.width);
    d.number(in_metres("height", "Opening height", 0.01, 1e4), o.height);
    d.number(in_metres("sill", "Sill", 0, 1e4, "above the floor"), o.sill);
    d.only(has_leaf, [&] { describe_leaf(d, o); });
    d.number(in_metres("reveal", "Pane depth", 0, 10, "of the middle of pane or leaf from the inner face of the wall",
                       Need::optional),
             o.reveal);
    d.only(when("kind", o.kind, kOpenings, {Kind::window}),
           [&] { d.material(made_of("glazing", "Glazing"), o.glazing); });
    d.only(when("kind", o.kind, kOpenings, {Kind::door, Kind::panel}),
           [&] { d.material(made_of("infill", "Made of", "opaque or a glazing; missing: by type"), o.glazing); });
    d.material(made_of("reveals", "Reveals", "of reveal, sill and head; missing: by type"), o.reveals);
    d.material(made_of("frames", "Frames", "of frame and mullions; missing: by type"), o.frames);
    describe_shading(d, o);
    d.rest(o.extra);
}

static std::span<const Word> use_words() {
    static const auto words = [] {
        std::vector<Word> all;
        for (const RoomUseWord& u : room_uses()) all.emplace_back(u.word, u.use, u.name);
        return all;
    }();
    return words;
}

void describe(Describer& d, Room& r) {
    static constexpr Word tops[] = {{"follows_roof", Room::Top::follows_roof, "follows the roof"},
                                    {"flat", Room::Top::flat, "flat"}};
    describe_id(d, r.id);
    describe_name(d, r.name);
    d.polygon({.key = "footprint",
               .meaning = "the drawn line, counter-clockwise: the inner face of outside walls, the middle of walls to "
                          "other rooms",
               .unit = unit::metre,
               .need = Need::required},
              r.footprint);
    // A slip of units is for the model check.
    d.number(in_metres("height", "Height", 0.001, 10000, "clear; may reach through the storeys above"), r.height);
    d.choice({.key = "top", .label = "Ceiling", .meaning = "where the storey has a pitched roof above it"}, r.top,
             tops);
    d.material(made_of("floor", "Floor"), r.floor);
    d.material(made_of("walls", "Walls"), r.walls);
    d.material(made_of("ceiling", "Ceiling"), r.ceiling);
    d.list<OwnFinish>({.key = "own_finishes", .meaning = "single surfaces with a material of their own"}, "own_finish",
                      r.own_finishes, describe_own_finish);
    d.list<Wall>({.key = "own_walls", .meaning = "walls whose thickness is not the option's"}, "own_wall", r.own_walls,
                 describe_own_wall);
    d.list({.key = "openings", .need = Need::required, .within = bears::all}, "opening", r.openings);
    d.text({.key = "occupancy",
            .label = "Hours",
            .meaning = "its pattern of hours; missing: the question's",
            .bears = bears::use},
           r.occupancy);
    d.choice({.key = "use", .label = "For", .meaning = "what it is for: criteria ask by it", .bears = bears::nothing},
             r.use, use_words());
    d.flag({.key = "regularly_occupied",
            .label = "Regularly occupied",
            .meaning = "its floor counts in criteria on regularly occupied floor area",
            .bears = bears::nothing},
           r.regularly_occupied);
    d.text({.key = "glare_note",
            .label = "Note on glare",
            .meaning = "how glare is dealt with, where a rule asks for a written note",
            .bears = bears::nothing},
           r.glare_note);
    d.rest(r.extra);
}

void describe(Describer& d, Partition& p) {
    describe_id(d, p.id);
    describe_name(d, p.name);
    d.point({.key = "from", .meaning = "end of its middle line", .unit = unit::metre, .need = Need::required}, p.from);
    d.point({.key = "to", .meaning = "its other end", .unit = unit::metre, .need = Need::required}, p.to);
    d.number(in_metres("thickness", "Thickness", 0.001, 10), p.thickness);
    d.number(in_metres("height", "Height", 0.01, 100), p.height);
    d.material(made_of("material", "Material"), p.material);
    d.rest(p.extra);
}

void describe(Describer& d, FloorVoid& v) {
    describe_id(d, v.id);
    describe_name(d, v.name);
    d.polygon({.key = "outline", .meaning = "counter-clockwise", .unit = unit::metre, .need = Need::required},
              v.outline);
    d.rest(v.extra);
}

void describe(Describer& d, Roof& r) {
    using Shape = Roof::Kind;
    static constexpr Word kinds[] = {{"mono_pitch", Shape::mono_pitch, "Mono-pitch"},
                                     {"gable", Shape::gable, "Gable"},
                                     {"sawtooth", Shape::sawtooth, "Sawtooth"}};
    describe_id(d, r.id);
    describe_name(d, r.name);
    d.choice({.key = "kind", .label = "Shape", .need = Need::required}, r.kind, kinds);
    d.texts({.key = "rooms", .meaning = "ids of the rooms below it; none: all of the storey"}, r.rooms);
    d.number(in_metres("eaves", "Eaves", 0.1, 1000, "lowest line of the ceiling above the storey's floor"), r.eaves);
    d.number({.key = "pitch", .label = "Pitch", .unit = unit::degree, .low = 0, .high = 80, .need = Need::required},
             r.pitch);
    d.number(direction(Need::required), r.direction);
    d.whole({.key = "bays", .label = "Bays", .meaning = "of a sawtooth", .low = 1, .high = 100}, r.bays);
    d.number(in_metres("overhang", "Overhang", 0, 20, "past the outer face of the walls, in plan", Need::optional),
             r.overhang);
    d.rest(r.extra);
}

void describe(Describer& d, Rooflight& r) {
    describe_id(d, r.id);
    describe_name(d, r.name);
    d.point({.key = "centre", .unit = unit::metre, .need = Need::required}, r.centre);
    d.number(in_metres("width", "Width", 0.05, 1000, "across the slope; along the riser of a sawtooth"), r.width);
    d.number(in_metres("length", r.upright ? "Glass height" : "Length", 0.05, 1000,
                       "up the slope, in plan; height of the glass where upright"),
             r.length);
    d.number(turn_of("counter-clockwise, on flat roofs; on a slope it lies along the slope"), r.turn);
    d.flag({.key = "upright", .label = "Stands", .meaning = "in the riser of a sawtooth nearest to its centre"},
           r.upright);
    d.number(in_metres("upstand", r.upright ? "Sill above roof" : "Upstand", 0, 20, "above the roof's outer face",
                       Need::optional),
             r.upstand);
    d.number(in_metres("frame", "Frame", 0, 1, "", Need::optional), r.frame);
    d.material(made_of("glazing", "Glazing"), r.glazing);
    describe_shading(d, r);
    d.rest(r.extra);
}

void describe(Describer& d, Underlay& u) {
    d.text({.key = "file", .meaning = "picture, PDF or DXF, relative to the project file", .need = Need::required},
           u.file);
    d.whole({.key = "page", .label = "Page", .low = 1, .high = 9999}, u.page);
    d.point({.key = "place", .meaning = "its lower left corner", .unit = unit::metre, .need = Need::required}, u.place);
    d.number(in_metres("width", "Picture width", 0.01, 1e5, "that it stands for"), u.width);
    d.number(turn_of("counter-clockwise about its place"), u.turn);
    d.number({.key = "strength",
              .label = "Strength",
              .meaning = "0 invisible, 1 as it is",
              .unit = unit::share,
              .low = 0,
              .high = 1},
             u.strength);
    d.texts({.key = "layers_off", .meaning = "of a drawing of lines: layers that are not shown"}, u.layers_off);
}

void describe(Describer& d, Dimension& dim) {
    describe_id(d, dim.id);
    d.point({.key = "from", .unit = unit::metre, .need = Need::required}, dim.from);
    d.point({.key = "to", .unit = unit::metre, .need = Need::required}, dim.to);
    d.number(in_metres("offset", "Offset", -1000, 1000, "of the line from what it measures, to the left of from-to",
                       Need::optional),
             dim.offset);
}

void describe(Describer& d, Storey& s) {
    describe_id(d, s.id);
    describe_name(d, s.name);
    d.number(in_metres("level", "Level", -1000, 1000, "of the floor, above the site's zero"), s.level);
    d.number(in_metres("height", "Clear height", 0.1, 1000, "clear, that new rooms take", Need::optional), s.height);
    d.list({.key = "rooms", .need = Need::required, .within = bears::all}, "room", s.rooms);
    d.list({.key = "partitions", .meaning = "walls that stand free or do not reach the ceiling"}, "partition",
           s.partitions);
    d.list({.key = "voids", .meaning = "holes in the floor into the room below"}, "void", s.voids);
    d.list({.key = "roofs", .meaning = "none: covered flat"}, "roof", s.roofs);
    d.list({.key = "rooflights", .within = bears::all}, "rooflight", s.rooflights);
    d.list({.key = "dimensions", .meaning = "permanent dimension lines", .bears = bears::nothing}, "dimension",
           s.dimensions);
    bool present = !s.underlay.file.empty();
    d.object({.key = "underlay", .meaning = "what lies under the storey to be traced", .bears = bears::nothing},
             "underlay", present, [&](Describer& in) { describe(in, s.underlay); });
    d.rest(s.extra);
}

}  // namespace wp::describe
