// SPDX-License-Identifier: GPL-3.0-or-later
#include "describe/describe.h"

namespace wp::describe {
using namespace model;

namespace {

Field thickness(const char* key, const char* label, double low, const char* meaning, Need need) {
    return {.key = key, .label = label, .meaning = meaning, .unit = unit::metre, .low = low, .high = 10, .need = need};
}
Field metres(const char* key, const char* label, double low, double high, const char* meaning) {
    return {.key = key, .label = label, .meaning = meaning, .unit = unit::metre, .low = low, .high = high};
}
Field degrees(const char* key, const char* label, double most, Need need, const char* meaning = "") {
    return {
        .key = key, .label = label, .meaning = meaning, .unit = unit::degree, .low = -most, .high = most, .need = need};
}

// Early files had four materials by type under keys of their own.
void describe_early_types(Describer& d, Option& o) {
    constexpr std::pair<const char*, Part> early[] = {
        {"reveals", Part::reveal}, {"facade", Part::facade}, {"roof_finish", Part::roof}, {"frames", Part::frame}};
    for (const auto& one : early)
        d.early_text({.key = one.first, .meaning = "early files: see types"}, [&](const std::string& id) {
            if (!id.empty()) o.types[one.second] = id;
        });
}

void describe_types(Describer& d, Option& o) {
    describe_early_types(d, o);
    bool present = !o.types.empty();
    d.object({.key = "types", .meaning = "materials of what has none of its own, by part"}, "types", present,
             [&](Describer& in) {
                 for (int i = 0; i < kParts; ++i) {
                     const auto part = static_cast<Part>(i);
                     const auto there = o.types.find(part);
                     Id id = there != o.types.end() ? there->second : Id();
                     in.material({.key = part_word(part), .meaning = part_name(part)}, id);
                     if (in.is_reading() && !id.empty()) o.types[part] = id;
                 }
             });
}

}  // namespace

void describe(Describer& d, Option& o) {
    d.text({.key = "id", .need = Need::required, .bears = bears::nothing}, o.id);
    describe_name(d, o.name);
    d.text({.key = "note", .label = "Note", .bears = bears::nothing}, o.note);
    d.flag({.key = "archived", .meaning = "put away: kept, but in no list and no comparison", .bears = bears::nothing},
           o.archived);
    d.number(thickness("outer_wall", "Outer walls", 0.01, "thickness of outside walls", Need::required), o.outer_wall);
    d.number(thickness("inner_wall", "Inner walls", 0.001, "thickness of walls between rooms", Need::optional),
             o.inner_wall);
    d.number(thickness("roof", "Roof", 0.01, "thickness of roof and slabs", Need::required), o.roof);
    describe_types(d, o);
    d.list({.key = "storeys", .meaning = "from below upwards", .need = Need::required, .within = bears::all}, "storey",
           o.storeys);
    d.list({.key = "blocks", .meaning = "neighbouring solids", .need = Need::required}, "block", o.blocks);
    d.list({.key = "things", .meaning = "what stands in and around"}, "thing", o.things);
    d.list({.key = "planes",
            .meaning = "reference planes",
            .need = Need::required,
            .bears = bears::planes,
            .within = bears::use},
           "plane", o.planes);
    d.list({.key = "observers", .meaning = "eyes", .need = Need::required, .bears = bears::observers}, "observer",
           o.observers);
    d.list({.key = "readings", .meaning = "places where light is given as a number", .bears = bears::readings},
           "reading", o.readings);
    d.list({.key = "groups", .meaning = "windows whose blinds move together, formed by hand", .bears = bears::blinds},
           "window_group", o.groups);
    bool controlled = o.control != BlindControl{};
    d.object({.key = "control", .meaning = "of the blinds of all windows that no group holds", .bears = bears::blinds},
             "blind_control", controlled, [&](Describer& in) { describe(in, o.control); });
    d.list({.key = "lighting", .meaning = "electric light", .bears = bears::use}, "lighting", o.lighting);
    d.list({.key = "luminaires", .meaning = "in their places", .bears = bears::electric, .most = 100000}, "luminaire",
           o.luminaires);
    d.list({.key = "scenes",
            .meaning = "named levels of circuits; where several hold by themselves, the first does",
            .bears = bears::electric | bears::use,
            .most = 1000},
           "light_scene", o.scenes);
    d.list({.key = "views", .meaning = "ways of looking at it that were given a name", .bears = bears::nothing}, "view",
           o.views);
    d.rest(o.extra);
}

void describe(Describer& d, Site& s) {
    const auto share = [](const char* key, const char* label, double most, const char* meaning) {
        return Field{.key = key, .label = label, .meaning = meaning, .unit = unit::share, .low = 0, .high = most};
    };
    describe_name(d, s.name);
    d.number(degrees("latitude", "Latitude", 90, Need::required, "north positive"), s.latitude);
    d.number(degrees("longitude", "Longitude", 180, Need::required, "east positive"), s.longitude);
    d.number({.key = "time_zone",
              .label = "Time zone",
              .meaning = "ahead of UTC",
              .unit = unit::hour,
              .low = -12,
              .high = 14,
              .need = Need::required},
             s.time_zone);
    d.number(metres("elevation", "Elevation", -1000, 9999, "above the sea"), s.elevation);
    d.number(degrees("north", "North", 360, Need::optional, "azimuth of the sheet's +y, clockwise from true north"),
             s.north);
    d.number(share("ground_reflectance", "Ground", 1, "reflectance"), s.ground_reflectance);
    Field months = share("ground_by_month", "", 1, "its reflectance from January on; missing: the same all the year");
    months.least = months.most = 12;
    d.numbers(months, s.ground_by_month);
    d.text({.key = "ground_colour",
            .meaning = "a material whose spectrum is the ground's; how much it reflects stays as it is",
            .bears = bears::colours},
           s.ground_colour);
    d.number(metres("ground_level", "Ground level", -1000, 1000, "above the site's zero"), s.ground_level);
    d.number(share("dirt", "Dirt", 0.3, "share of light that it takes from an upright pane under normal exposure"),
             s.dirt);
    const auto month = [](const char* key, const char* label, const char* meaning) {
        return Field{.key = key, .label = label, .meaning = meaning, .low = 1, .high = 12};
    };
    d.whole(month("leaf_from", "In leaf from", "month; may run over the new year"), s.leaf_from);
    d.whole(month("leaf_to", "to", "month, included"), s.leaf_to);
    // Where it lies is not what it says: answers go by its hours.
    d.text({.key = "weather",
            .label = "Weather",
            .meaning = "EPW file, relative to the project file",
            .need = Need::required,
            .bears = bears::nothing},
           s.weather);
    d.texts({.key = "other_weather", .meaning = "further weather files, to be chosen", .bears = bears::nothing},
            s.other_weather);
    d.flag({.key = "made_up_weather",
            .label = "Made-up weather",
            .meaning = "where there is no weather file: a made-up year for the latitude, for trying out",
            .bears = bears::nothing},
           s.made_up_weather);
    d.flag({.key = "light_from_file",
            .label = "Outdoor light",
            .meaning = "as the weather file carries it, instead of from irradiance"},
           s.light_from_file);
    d.rest(s.extra);
}

void describe(Describer& d, Project& p) {
    describe_name(d, p.name);
    d.object({.key = "site", .need = Need::required}, "site", [&](Describer& in) { describe(in, p.site); });
    d.number({.key = "blind_transmittance",
              .meaning = "diffuse, visible, of closed blinds that have no material",
              .unit = unit::share,
              .low = 0,
              .high = 1,
              .bears = bears::blinds},
             p.blind_transmittance);
    // A material bears on light where it is used: fingerprints follow its id.
    d.list({.key = "materials", .need = Need::required, .bears = bears::nothing}, "material", p.materials);
    d.list({.key = "luminaire_types", .meaning = "kinds of luminaires", .bears = bears::nothing, .most = 1000},
           "luminaire_type", p.luminaire_types);
    d.list({.key = "options", .meaning = "design alternatives", .need = Need::required, .least = 1}, "option",
           p.options);
    d.list({.key = "questions", .need = Need::required}, "question", p.questions);
    d.list({.key = "occupancies", .meaning = "patterns of occupied hours", .bears = bears::use}, "occupancy",
           p.occupancies);
    bool given = p.calendar != YearCalendar{};
    d.object({.key = "calendar",
              .meaning = "what patterns of hours know of the year",
              .bears = bears::use,
              .within = bears::blinds},
             "calendar", given, [&](Describer& in) { describe(in, p.calendar); });
    bool told = p.energy != EnergyFactors{};
    d.object({.key = "energy", .meaning = "what a kWh costs and brings about", .bears = bears::nothing}, "energy", told,
             [&](Describer& in) { describe(in, p.energy); });
    d.texts({.key = "criteria", .meaning = "ids of criteria sets that it answers to", .bears = bears::nothing},
            p.criteria);
    d.list({.key = "own_sets",
            .meaning = "criteria sets that were made or changed here; they go before the program's of the same id",
            .bears = bears::nothing,
            .most = 100},
           "criteria_set", p.own_sets);
    d.list({.key = "set_checks",
            .meaning = "sets that somebody has held against the edition",
            .bears = bears::nothing,
            .most = 1000},
           "set_check", p.set_checks);
    d.text({.key = "former", .meaning = "id of the option that stands for how it was before", .bears = bears::nothing},
           p.former);
    bool composed = p.report != Report{};
    d.object({.key = "report", .meaning = "how the report is composed", .bears = bears::nothing}, "report", composed,
             [&](Describer& in) { describe(in, p.report); });
    d.list({.key = "series", .meaning = "numbers that are varied in steps", .bears = bears::nothing, .most = 1000},
           "series", p.series);
    d.list({.key = "hand_figures",
            .meaning = "figures of options that are given by hand: cost, weight",
            .bears = bears::nothing,
            .most = 1000},
           "hand_figure", p.hand_figures);
    d.list({.key = "eye_curves",
            .meaning = "curves that light by wavelength is weighted with, beside those of CIE S 026",
            .bears = bears::colours,
            .most = 20},
           "eye_curve", p.eye_curves);
    bool decided = !p.decision.option.empty();
    d.object({.key = "decision", .meaning = "which option was chosen, and why", .bears = bears::nothing}, "decision",
             decided, [&](Describer& in) { describe(in, p.decision); });
    // Of what form a thing is, its fingerprint says.
    d.list({.key = "shapes", .meaning = "forms that things are copies of", .bears = bears::nothing}, "shape", p.shapes);
    d.list({.key = "arrivals", .meaning = "files of other programs that were read", .bears = bears::nothing}, "arrival",
           p.arrivals);
    d.rest(p.extra);
}

}  // namespace wp::describe
