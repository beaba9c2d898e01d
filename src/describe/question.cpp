// SPDX-License-Identifier: GPL-3.0-or-later
#include "describe/describe.h"

namespace wp::describe {
using namespace model;

namespace {

using Kind = Question::Kind;
constexpr Word kKinds[] = {{"daylight_factor", Kind::daylight_factor},
                           {"moment", Kind::moment},
                           {"sun_hours", Kind::sun_hours},
                           {"sky_view", Kind::sky_view},
                           {"sky_angle", Kind::sky_angle},
                           {"view_out", Kind::view_out},
                           {"exposure", Kind::exposure},
                           {"year", Kind::year},
                           {"glare", Kind::glare},
                           {"glare_year", Kind::glare_year},
                           {"spectrum", Kind::spectrum},
                           {"body_clock", Kind::body_clock},
                           {"electric", Kind::electric}};
constexpr Word kSkyColours[] = {{"d65", SkyColour::d65}, {"by_luminance", SkyColour::by_luminance}};
using At = Question::At;
constexpr Word kAt[] = {{"planes", At::planes},
                        {"windows", At::windows},
                        {"window_reveals", At::window_reveals},
                        {"readings", At::readings},
                        {"eyes", At::eyes}};
constexpr Word kSeasons[] = {{"in_leaf", Season::in_leaf}, {"bare", Season::bare}};
using Shape = SkyChoice::Shape;
constexpr Word kShapes[] = {{"weather", Shape::weather}, {"cie", Shape::cie}, {"uniform", Shape::uniform}};
using Amount = SkyChoice::Amount;
constexpr Word kAmounts[] = {{"weather", Amount::weather},
                             {"place", Amount::place},
                             {"illuminance", Amount::illuminance},
                             {"irradiance", Amount::irradiance}};

using Lens = PictureChoice::Lens;
constexpr Word kLenses[] = {{"hemisphere", Lens::hemisphere},
                            {"sphere", Lens::sphere},
                            {"perspective", Lens::perspective},
                            {"parallel", Lens::parallel}};
using Of = PictureChoice::Of;
constexpr Word kOf[] = {
    {"luminance", Of::luminance}, {"illuminance", Of::illuminance}, {"wavelengths", Of::wavelengths}};
using Blinds = PictureChoice::Blinds;
constexpr Word kBlinds[] = {
    {"as_they_stand", Blinds::as_they_stand}, {"open", Blinds::open}, {"closed", Blinds::closed}};
using Against = SourceChoice::Against;
using Places = SeatsChoice::Places;
constexpr Word kPlaces[] = {{"observers", Places::observers}, {"lattice", Places::lattice}};
using Worked = SeatsChoice::Blinds;
constexpr Word kWorked[] = {
    {"groups", Worked::as_worked}, {"lm83", Worked::lm83}, {"open", Worked::open}, {"closed", Worked::closed}};
using Directions = PictureBatch::Directions;
constexpr Word kDirections[] = {
    {"as_asked", Directions::as_asked}, {"own", Directions::own}, {"around", Directions::around}};
constexpr Word kAgainst[] = {{"field_mean", Against::field_mean},
                             {"task_zone", Against::task_zone},
                             {"fixed_luminance", Against::fixed_luminance}};

Field amount(const char* key, const char* meaning) {
    return {.key = key, .meaning = meaning, .unit = "lx or W/m²", .low = 0, .high = 200000};
}
Field of_year(const char* key, const char* label, double low, double high, const char* in, const char* meaning) {
    return {.key = key, .label = label, .meaning = meaning, .unit = in, .low = low, .high = high, .bears = bears::use};
}

void describe_use(Describer& d, Question& q) {
    d.number(of_year("from", "From", 0, 24, unit::hour, "occupied hours of standard time, where no pattern is given"),
             q.from);
    d.number(of_year("to", "To", 0, 24, unit::hour, "their end"), q.to);
    d.rule("to", q.to > q.from, "the occupied hours end before they begin", "Give a later hour");
}

void describe_year(Describer& d, Question& q) {
    describe_use(d, q);
    d.number(of_year("target", "Target", 1, 100000, unit::lux, "of daylight autonomy; parts useful daylight"),
             q.target);
    d.number(of_year("useful_low", "Useful from", 0, 100000, unit::lux, "limit of useful daylight"), q.useful_low);
    d.number(of_year("useful_high", "Useful to", 1, 200000, unit::lux, "limit of useful daylight"), q.useful_high);
    d.rule("target", q.useful_low <= q.target && q.target <= q.useful_high,
           "does not lie between the limits of useful daylight", "Give a target between them");
}

void describe_seats(Describer& d, SeatsChoice& g) {
    d.choice({.key = "places", .meaning = "the observers, or a lattice of seats in the rooms of the planes"}, g.places,
             kPlaces);
    d.only(when("places", g.places, kPlaces, {Places::lattice}), [&] {
        d.number({.key = "apart", .meaning = "between places", .unit = unit::metre, .low = 0.2, .high = 50}, g.apart);
        d.number({.key = "eye", .meaning = "above the floor", .unit = unit::metre, .low = 0.1, .high = 10}, g.eye);
    });
    d.choice({.key = "blinds", .meaning = "as their groups are worked, by IES LM-83, all open or all closed"}, g.blinds,
             kWorked);
}

void describe_glare_year(Describer& d, Question& q) {
    GlareYearChoice& g = q.glare_year;
    describe_seats(d, g);
    d.number({.key = "limit",
              .meaning = "a direction is clear where DGP is above it in at most the share",
              .low = 0.05,
              .high = 1},
             g.limit);
    d.number({.key = "share", .meaning = "of the time of use", .unit = unit::share, .low = 0, .high = 0.5}, g.share);
    describe_use(d, q);
}

void describe_body_clock(Describer& d, Question& q) {
    BodyClockChoice& c = q.body_clock;
    describe_seats(d, c);
    d.number({.key = "level",
              .label = "Level",
              .meaning = "of melanopic equivalent daylight illuminance at the eye",
              .unit = unit::lux,
              .low = 1,
              .high = 100000},
             c.level);
    d.number({.key = "hours",
              .label = "For",
              .meaning = "without a break, that a day of use has so much light",
              .unit = unit::hour,
              .low = 1,
              .high = 24},
             c.hours);
    d.number({.key = "begins_by",
              .label = "Begun by",
              .meaning = "the hour of the day at which they have begun",
              .unit = unit::hour,
              .low = 0,
              .high = 24},
             c.begins_by);
    d.number({.key = "share",
              .label = "On",
              .meaning = "a direction suffices where light does so on this share of the days of use",
              .unit = unit::share,
              .low = 0,
              .high = 1},
             c.share);
    describe_use(d, q);
}

// Into how many numbers the visible range is cut, and of which colour daylight is.
void describe_bands(Describer& d, Question& q) {
    d.whole({.key = "bands",
             .meaning = "into how many of equal width 380 to 780 nm is cut; 3, 9, 15, 27 and 81 are usual",
             .low = 1,
             .high = 81},
            q.bands);
    d.choice({.key = "sky_colour",
              .meaning = "d65: sky and sun are of CIE D65; by_luminance: the sky is the bluer the darker while the "
                         "sun shines, the sun coloured by the air that it passes"},
             q.sky_colour, kSkyColours);
}

// Of eyes only.
void describe_brow(Describer& d, Question& q) {
    d.flag(
        {.key = "brow",
         .meaning = "only what brow and cheek leave counts: from 70\u00b0 below to 50\u00b0 above the line of sight"},
        q.brow);
}

// Moments are those that daylight is told of beside it.
void describe_electric(Describer& d, Question& q) {
    d.flag({.key = "cylindrical", .meaning = "cylindrical illuminance and modelling over planes, too (EN 12464-1)"},
           q.electric.cylindrical);
    d.number({.key = "eye",
              .meaning = "above the floor, of cylindrical illuminance",
              .unit = unit::metre,
              .low = 0.1,
              .high = 10},
             q.electric.eye);
    d.text({.key = "scene", .meaning = "id of a scene of light; missing: all of them"}, q.scene);
    d.flag({.key = "blinds_closed", .meaning = "while there is no daylight"}, q.electric.blinds_closed);
    d.flag({.key = "colours", .meaning = "light by wavelength, melanopic figures, too"}, q.electric.colours);
    d.only({q.electric.colours, "colours", {"true"}}, [&] { describe_bands(d, q); });
    d.list({.key = "moments", .meaning = "whose daylight is told beside it", .most = 8760}, "moment", q.moments);
    bool given = !(q.sky == SkyChoice{});
    d.object({.key = "sky"}, "sky", given, [&](Describer& in) { describe(in, q.sky); });
}

void describe_moments(Describer& d, Question& q) {
    d.list({.key = "moments", .need = Need::required, .least = 1, .most = 8760}, "moment", q.moments);
    bool given = true;
    d.object({.key = "sky"}, "sky", given, [&](Describer& in) { describe(in, q.sky); });
}

void describe_sun_hours(Describer& d, Question& q) {
    d.number({.key = "step", .label = "Every", .meaning = "between looks", .unit = "min", .low = 1, .high = 60},
             q.step);
    d.number({.key = "least_altitude",
              .label = "From a sun of",
              .meaning = "a lower sun does not count",
              .unit = unit::degree,
              .low = 0,
              .high = 89},
             q.least_altitude);
    d.flag({.key = "probable", .meaning = "only when the weather's sun shines, not whenever it is up"}, q.probable);
}

// Days from the first to the last, both included.
void describe_period(Describer& d, Question& q) {
    d.object({.key = "first", .need = Need::required}, "day", [&](Describer& in) { describe_day(in, q.first); });
    d.object({.key = "last", .meaning = "included; may run over the new year", .need = Need::required}, "day",
             [&](Describer& in) { describe_day(in, q.last); });
}

void describe_eye(Describer& d, PictureChoice& p) {
    d.triple({.key = "at", .unit = unit::metre, .need = Need::required}, p.from);
    d.number({.key = "heading",
              .meaning = "clockwise from the top of the sheet",
              .unit = unit::degree,
              .low = -360,
              .high = 720},
             p.heading);
    d.number({.key = "altitude", .meaning = "above the horizon", .unit = unit::degree, .low = -90, .high = 90},
             p.altitude);
}

void describe_lens(Describer& d, PictureChoice& p) {
    const auto through = [&](std::initializer_list<Lens> lenses) { return when("lens", p.lens, kLenses, lenses); };
    d.choice({.key = "lens", .meaning = "hemisphere and sphere are judged for glare"}, p.lens, kLenses);
    d.choice({.key = "of", .meaning = "luminance, the light that falls onto what is seen, or luminance by wavelength"},
             p.of, kOf);
    d.choice({.key = "blinds", .meaning = "as their groups stand at that moment, or all alike"}, p.blinds, kBlinds);
    d.whole({.key = "pixels", .meaning = "width of the picture", .low = 16, .high = 4096}, p.pixels);
    d.only(through({Lens::perspective, Lens::parallel}), [&] {
        d.whole({.key = "rows",
                 .meaning = "height of the picture; missing: three quarters of its width",
                 .low = 0,
                 .high = 4096},
                p.rows);
    });
    d.only(through({Lens::perspective}), [&] {
        d.number({.key = "field", .meaning = "seen across", .unit = unit::degree, .low = 1, .high = 170}, p.field);
    });
    d.only(through({Lens::parallel}), [&] {
        d.number({.key = "across", .meaning = "seen across", .unit = unit::metre, .low = 0.01, .high = 10000},
                 p.across);
    });
    d.number({.key = "pixel_accuracy",
              .meaning = "wanted half-width (95 %) of the typical pixel, as a share of it",
              .unit = unit::share,
              .low = 0.005,
              .high = 10},
             p.surely);
}

void describe_sources(Describer& d, SourceChoice& p) {
    const auto by = [&](std::initializer_list<Against> ways) { return when("sources", p.against, kAgainst, ways); };
    d.choice({.key = "sources", .meaning = "against what a source of glare is bright"}, p.against, kAgainst);
    d.only(by({Against::field_mean, Against::task_zone}), [&] {
        d.number({.key = "times", .meaning = "so many times the mean is a source", .low = 1, .high = 100}, p.times);
    });
    d.only(by({Against::fixed_luminance}),
           [&] { d.number({.key = "source_luminance", .unit = "cd/m²", .low = 1, .high = 1000000}, p.luminance); });
    d.only(by({Against::task_zone}), [&] {
        d.number({.key = "zone_aside",
                  .meaning = "middle of the task's zone, right of the line of sight",
                  .unit = unit::degree,
                  .low = -90,
                  .high = 90},
                 p.zone_aside);
        d.number({.key = "zone_above", .meaning = "and above it", .unit = unit::degree, .low = -90, .high = 90},
                 p.zone_above);
        d.number({.key = "zone_angle", .meaning = "across", .unit = unit::degree, .low = 1, .high = 180}, p.zone_angle);
    });
    d.number({.key = "joined_within",
              .meaning = "sources so near each other are one; 0: only what touches",
              .unit = unit::degree,
              .low = 0,
              .high = 90},
             p.joined_within);
    d.number({.key = "faintest_source",
              .meaning = "below it nothing is a source of glare; missing: the usual rule alone",
              .unit = "cd/m²",
              .low = 0,
              .high = 100000,
              .unless_zero = true},
             p.faintest);
}

void describe_batch(Describer& d, Question& q) {
    PictureBatch& b = q.batch;
    d.texts({.key = "observers", .meaning = "a picture from each, observers or named views, in place of observer"},
            b.observers);
    d.choice({.key = "directions", .meaning = "as heading says, all of each observer's own, or all around"},
             b.directions, kDirections);
    d.only(when("directions", b.directions, kDirections, {Directions::around}), [&] {
        d.number({.key = "apart", .meaning = "between directions", .unit = unit::degree, .low = 5, .high = 180},
                 b.apart);
    });
    d.list({.key = "moments", .meaning = "a picture at each, in place of moment", .most = 8760}, "moment", q.moments);
}

void describe_glare(Describer& d, Question& q) {
    d.text({.key = "observer", .meaning = "or a named view, by its id; missing: the picture's own place"}, q.observer);
    d.whole({.key = "heading", .meaning = "which of the observer's headings, its own first", .low = 0, .high = 999},
            q.heading);
    d.object({.key = "moment", .need = Need::required}, "moment", [&](Describer& in) { describe(in, q.moment); });
    bool given = !(q.sky == SkyChoice{});
    d.object({.key = "sky"}, "sky", given, [&](Describer& in) { describe(in, q.sky); });
    describe_batch(d, q);
    bool stands = q.observer.empty() && q.batch.observers.empty();
    d.object({.key = "eye", .meaning = "where no observer is named"}, "eye", stands,
             [&](Describer& in) { describe_eye(in, q.picture); });
    describe_lens(d, q.picture);
    d.text({.key = "scene",
            .meaning = "id of a scene of light, whose luminaires shine beside daylight; *: all luminaires"},
           q.scene);
    d.only(when("of", q.picture.of, kOf, {Of::wavelengths}), [&] { describe_bands(d, q); });
    describe_sources(d, q.picture.rule);
}

}  // namespace

void describe(Describer& d, SkyChoice& s) {
    d.choice({.key = "shape", .meaning = "the hour's all-weather sky, one of CIE S 011, or uniform"}, s.shape, kShapes);
    d.choice({.key = "amount",
              .meaning = "the hour's light, that of place and sun's altitude, or given in lux or irradiance"},
             s.amount, kAmounts);
    d.only(when("shape", s.shape, kShapes, {Shape::cie}),
           [&] { d.whole({.key = "type", .meaning = "of CIE S 011", .low = 1, .high = 16}, s.type); });
    d.only(when("amount", s.amount, kAmounts, {Amount::illuminance, Amount::irradiance}), [&] {
        d.number(amount("diffuse", "of the sky on the horizontal"), s.diffuse);
        d.number(amount("direct", "of the sun, normal to it"), s.direct);
    });
}

void describe(Describer& d, Question& q) {
    const auto of = [&](std::initializer_list<Kind> kinds) { return when("kind", q.kind, kKinds, kinds); };
    // An answer belongs to what was asked, not to what it was called.
    d.text({.key = "id", .need = Need::required, .bears = bears::nothing}, q.id);
    describe_name(d, q.name);
    d.choice({.key = "kind", .need = Need::required}, q.kind, kKinds);
    d.only(of({Kind::daylight_factor, Kind::moment, Kind::sun_hours, Kind::sky_view, Kind::sky_angle, Kind::exposure,
               Kind::spectrum, Kind::electric}),
           [&] {
               d.choice({.key = "at",
                         .meaning = "windows: outside, in the middle; window_reveals: on the inner face; eyes: of "
                                    "observers, as they look"},
                        q.at, kAt);
           });
    d.texts({.key = "planes", .meaning = "their ids; none: all of the option"}, q.planes);
    d.texts({.key = "without", .meaning = "things and blocks that are left out: ids, or kinds (tree, block)"},
            q.without);
    d.only(of({Kind::daylight_factor, Kind::sky_view, Kind::sky_angle, Kind::view_out}),
           [&] { d.choice({.key = "season", .meaning = "of trees"}, q.season, kSeasons); });
    d.number({.key = "accuracy",
              .meaning = "wanted half-width (95 %) as a share of the stated figure",
              .unit = unit::share,
              .low = 0.0005,
              .high = 0.5},
             q.accuracy);
    d.seed({.key = "seed", .low = 0, .high = 4294967295.0}, q.seed);
    d.only(of({Kind::view_out}), [&] {
        d.number({.key = "eye", .meaning = "above the floor", .unit = unit::metre, .low = 0.1, .high = 10}, q.view_eye);
    });
    d.only(of({Kind::year}), [&] { describe_year(d, q); });
    d.only(of({Kind::moment, Kind::spectrum}), [&] { describe_moments(d, q); });
    d.only(of({Kind::spectrum}), [&] {
        describe_bands(d, q);
        d.only(when("at", q.at, kAt, {At::eyes}), [&] { describe_brow(d, q); });
    });
    d.only(of({Kind::electric}), [&] { describe_electric(d, q); });
    d.only(of({Kind::sun_hours, Kind::exposure}), [&] { describe_period(d, q); });
    d.only(of({Kind::sun_hours}), [&] { describe_sun_hours(d, q); });
    d.only(of({Kind::glare}), [&] { describe_glare(d, q); });
    d.only(of({Kind::glare_year}), [&] { describe_glare_year(d, q); });
    d.only(of({Kind::body_clock}), [&] {
        describe_body_clock(d, q);
        describe_bands(d, q);
        describe_brow(d, q);
    });
    d.rest(q.extra);
}

}  // namespace wp::describe
