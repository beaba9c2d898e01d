// SPDX-License-Identifier: GPL-3.0-or-later
// When blinds are closed: the rule of IES LM-83 group by group, several states, slats that follow the sun, limits; and
// hours that no blind meets.
#include <gtest/gtest.h>

#include <map>
#include <numeric>

#include "question/ask.h"
#include "question/ask_year.h"
#include "question/two_sides.h"
#include "question/year_over_time.h"

using namespace wp;
using namespace wp::question;
using Kind = model::BlindControl::Kind;

namespace {

YearAnswer year_with(const model::Project& project, const YearKnown& known = {}) {
    const auto weather = test::weather();
    return ask_year(*year_scene(project, project.options[0], {}, weather), weather, {0.5, 1, 0}, known);
}

model::Material fabric(const char* id, double openness, double scattered) {
    model::Material out;
    out.id = out.name = id;
    out.kind = model::Material::Kind::fabric;
    out.openness = openness;
    out.transmittance = scattered;
    out.reflectance = 0.4;
    return out;
}

model::Material slats(const char* id) {
    model::Material out;
    out.id = out.name = id;
    out.kind = model::Material::Kind::slats;
    out.slat_width = 0.05;
    out.slat_spacing = 0.042;
    out.slat_tilt = 45;
    out.reflectance = 0.5;
    return out;
}

// The room with blinds of these materials, from the most open to the most closed.
model::Project room_with(const std::vector<model::Material>& blinds, Kind kind = Kind::direct_sun) {
    auto project = test::one_room();
    project.options[0].control.kind = kind;
    for (const auto& m : blinds) {
        project.materials.push_back(m);
        project.options[0].control.states.push_back(m.id);
    }
    return project;
}

// Points of the plane that have at least kBlindLux of direct sun in an hour, blinds as they are worked.
size_t sunny_points(const YearAnswer& year, int hour, Operation operation) {
    const auto light = year.hour(0, hour, operation);
    return static_cast<size_t>(
        std::count_if(light.sun.begin(), light.sun.end(), [](double v) { return v >= kBlindLux; }));
}
bool breaks_the_rule(const YearAnswer& year, int hour, Operation operation) {
    return static_cast<double>(sunny_points(year, hour, operation)) >
           kBlindShare * static_cast<double>(year.planes[0].plane.points.size());
}
size_t closed_hours(const std::vector<uint8_t>& states) {
    return static_cast<size_t>(std::count_if(states.begin(), states.end(), [](uint8_t s) { return s > 0; }));
}

}  // namespace

TEST(BlindControl, the_rule_of_lm83_closes_in_the_hours_that_break_it_and_in_no_other) {
    const auto year = year_with(room_with({fabric("fabric", 0.01, 0.05)}));
    const auto& states = year.states(0, Operation::lm83);
    for (int h = 0; h < climate::kHours; h += 7) {
        EXPECT_EQ(states[static_cast<size_t>(h)] > 0, breaks_the_rule(year, h, Operation::open)) << "hour " << h;
        EXPECT_FALSE(breaks_the_rule(year, h, Operation::lm83)) << "a fabric of 1 % keeps the sun out";
    }
    EXPECT_GT(closed_hours(states), 500u);
    EXPECT_EQ(metric::count(year.unmet(0, Operation::lm83)), 0u);
}

TEST(BlindControl, a_plane_where_nobody_is_closes_no_blinds_and_takes_no_new_rays) {
    auto project = test::one_room();
    const auto busy = year_with(project);
    project.options[0].planes[0].occupied = false;
    const auto idle = year_with(project, YearKnown(busy));
    EXPECT_GT(busy.closed_share(0, Operation::lm83), 0.01);
    EXPECT_EQ(idle.closed_share(0, Operation::lm83), 0);
    EXPECT_EQ(idle.inputs()->light, busy.inputs()->light);
    EXPECT_NE(idle.record.inputs, busy.record.inputs) << "an answer of before is stale";
}

TEST(BlindControl, a_coarse_cloth_cannot_meet_the_rule_and_its_hours_are_told) {
    const auto year = year_with(room_with({fabric("net", 0.5, 0.1)}));
    const auto unmet = year.unmet(0, Operation::lm83);
    EXPECT_GT(metric::count(unmet), 100u);
    const auto& states = year.states(0, Operation::lm83);
    for (int h = 0; h < climate::kHours; h += 5) {
        EXPECT_EQ(unmet[static_cast<size_t>(h)], breaks_the_rule(year, h, Operation::lm83));
        if (unmet[static_cast<size_t>(h)]) EXPECT_GT(states[static_cast<size_t>(h)], 0) << "it is closed all the same";
    }
}

TEST(BlindControl, of_several_states_the_most_open_one_that_meets_the_rule_is_taken) {
    const auto year = year_with(room_with({fabric("net", 0.5, 0.1), fabric("fabric", 0.01, 0.05)}));
    const auto alone = year_with(room_with({fabric("net", 0.5, 0.1)}));
    const auto& states = year.states(0, Operation::lm83);
    const auto unmet_by_net = alone.unmet(0, Operation::lm83);
    size_t net = 0, fabric = 0;
    for (size_t h = 0; h < states.size(); ++h) {
        net += states[h] == 1;
        fabric += states[h] == 2;
        EXPECT_EQ(states[h] == 2, unmet_by_net[h]) << "the fabric only where the net is not enough";
    }
    EXPECT_GT(net, 50u);
    EXPECT_GT(fabric, 50u);
    EXPECT_EQ(metric::count(year.unmet(0, Operation::lm83)), 0u);
}

TEST(BlindControl, windows_of_two_sides_close_each_for_its_own_sun) {
    auto project = room_with({fabric("fabric", 0.01, 0.05)});
    test::add_west_window(project);
    const auto year = year_with(project);
    ASSERT_EQ(year.groups.size(), 2u);
    const size_t w = year.groups[0].openings[0] == "west" ? 0 : 1, s = 1 - w;
    const auto &south = year.states(s, Operation::lm83), &sunset = year.states(w, Operation::lm83);
    const auto closed_at = [](const std::vector<uint8_t>& states, int from, int to) {
        size_t n = 0;
        for (size_t h = 0; h < states.size(); ++h)
            n += states[h] > 0 && static_cast<int>(h % 24) >= from && static_cast<int>(h % 24) < to;
        return n;
    };
    EXPECT_EQ(closed_at(sunset, 0, 12), 0u) << "before noon no sun comes in from the west";
    EXPECT_GT(closed_at(sunset, 14, 21), 100u);
    EXPECT_GT(closed_at(south, 9, 12), 100u);
    size_t apart = 0;
    for (size_t h = 0; h < south.size(); ++h) apart += (south[h] > 0) != (sunset[h] > 0);
    EXPECT_GT(apart, 300u);
}

TEST(BlindControl, a_net_that_is_always_closed_is_a_window_of_half_the_glass_in_every_hour) {
    auto net = fabric("net", 0.5, 0);
    net.reflectance = 0;
    const auto weather = test::weather();
    auto project = room_with({net}, Kind::closed);
    const auto scene = year_scene(project, project.options[0], {}, weather);
    const auto behind_net = ask_year(*scene, weather, {0.06, 1, 0});
    // The same window with half of its light taken by dirt, and no net.
    auto half = test::one_room();
    half.options[0].control.kind = Kind::open;
    auto dim = *year_scene(half, half.options[0], {}, weather);
    for (auto& portal : dim.surfaces.portals) portal.maintenance *= 0.5;
    const auto dirty = ask_year(dim, weather, {0.06, 1, 0});
    const auto a = year_of_plane(behind_net, 0, Operation::control), b = year_of_plane(dirty, 0, Operation::control);
    size_t compared = 0;
    for (size_t h = 0; h < a.size(); h += 11) {
        if (b[h] < 5) continue;
        // The pane behind the net is not seen from the room: a little less is sent back into it.
        const auto hour = static_cast<int>(h);
        const double band = std::hypot(behind_net.hour(0, hour, Operation::control).mean_half_width,
                                       dirty.hour(0, hour, Operation::control).mean_half_width);
        EXPECT_NEAR(a[h] / b[h], 1, 0.02 + 1.5 * band / static_cast<double>(b[h])) << "hour " << h;
        EXPECT_LT(band, 0.12 * static_cast<double>(b[h])) << "hour " << h;
        ++compared;
    }
    EXPECT_GT(compared, 250u);
    const auto hours = model::clock_hours({}, 0, 24);
    EXPECT_NEAR(
        behind_net.shares(0, -1, hours, Operation::control).sun / dirty.shares(0, -1, hours, Operation::control).sun, 1,
        1e-4)
        << "direct sun is exact";
}

TEST(BlindControl, slats_that_follow_the_sun_are_tilted_no_farther_than_keeps_it_out) {
    auto project = room_with({slats("slats")}, Kind::closed);
    project.options[0].control.tracks_sun = true;
    const auto year = year_with(project);
    const auto& states = year.states(0, Operation::control);
    const size_t tilts = year.groups[0].states.size();
    ASSERT_GT(tilts, 2u);
    std::vector<size_t> found(tilts + 1, 0);
    for (size_t h = 0; h < states.size(); ++h) {
        ASSERT_GE(states[h], 1) << "they are always down";
        ++found[states[h]];
        const int row = year.inputs()->sky->row_of[h];
        // By night, and while the sun is elsewhere, they lie flat.
        if (row < 0 || year.inputs()->sky->beam[static_cast<size_t>(row)] <= 0) EXPECT_EQ(states[h], 1);
        // At the last tilt or wherever the beam is gone.
        if (row >= 0 && year.inputs()->sky->beam[static_cast<size_t>(row)] > 0 && states[h] < tilts && h % 3 == 0) {
            const auto light = year.hour(0, static_cast<int>(h), Operation::control);
            EXPECT_LT(*std::max_element(light.sun.begin(), light.sun.end()),
                      0.002 * static_cast<double>(year.inputs()->sky->beam[static_cast<size_t>(row)]))
                << "hour " << h;
        }
    }
    EXPECT_GT(found[1], 4000u);
    EXPECT_GT(found[2] + found[3], 200u) << "a low sun wants more than flat slats";
}

TEST(BlindControl, slats_that_follow_the_sun_leave_more_light_than_slats_that_are_shut) {
    auto following = room_with({slats("slats")}, Kind::closed);
    following.options[0].control.tracks_sun = true;
    auto shut = room_with({slats("slats")}, Kind::closed);
    shut.materials.back().slat_tilt = 75;
    const auto hours = model::clock_hours({}, 8, 18);
    const auto mean = [&](const YearAnswer& year) { return metric::mean_lux(*year.lux(0, Operation::control), hours); };
    EXPECT_GT(mean(year_with(following)), 1.3 * mean(year_with(shut)));
}

TEST(BlindControl, above_a_limit_on_the_plane_they_close_and_below_it_they_do_not) {
    const auto open = year_with(room_with({fabric("fabric", 0.01, 0.05)}, Kind::open));
    auto limited = room_with({fabric("fabric", 0.01, 0.05)}, Kind::plane_lux);
    limited.options[0].control.limit = 800;
    const auto year = year_with(limited, YearKnown(open));
    const auto mean = year_of_plane(open, 0, Operation::open);
    const auto& states = year.states(0, Operation::control);
    for (size_t h = 0; h < states.size(); ++h)
        if (std::fabs(static_cast<double>(mean[h]) - 800) > 2)
            EXPECT_EQ(states[h] > 0, mean[h] > 800) << "hour " << h << ", " << mean[h] << " lx";
}

TEST(BlindControl, above_a_limit_on_the_window_they_close_whatever_reaches_the_room) {
    const auto open = year_with(room_with({fabric("fabric", 0.01, 0.05)}, Kind::open));
    auto limited = room_with({fabric("fabric", 0.01, 0.05)}, Kind::window_irradiance);
    limited.options[0].control.limit = 250;
    const auto year = year_with(limited, YearKnown(open));
    const auto on = open.heat()[0].on;
    const auto& states = year.states(0, Operation::control);
    for (size_t h = 0; h < states.size(); ++h)
        if (std::fabs(on[h] - 250) > 1)
            EXPECT_EQ(states[h] > 0, on[h] > 250) << "hour " << h << ", " << on[h] << " W/m2";
    EXPECT_GT(closed_hours(states), 500u);
}

TEST(BlindControl, a_large_window_of_a_group_counts_for_more_than_a_small_one) {
    // One by hand of a large window to the south and a slit to the north: what falls onto the group is nearly what
    // falls onto the large one.
    auto project = room_with({fabric("fabric", 0.01, 0.05)}, Kind::window_irradiance);
    auto& option = project.options[0];
    auto slit = option.storeys[0].rooms[0].openings[0];
    slit.id = slit.name = "slit";
    slit.edge = 2;
    slit.width = 0.2;
    slit.height = 0.5;
    option.storeys[0].rooms[0].openings.push_back(slit);
    model::WindowGroup both;
    both.id = "both";
    both.name = "Both";
    both.openings = {"W-01", "slit"};
    both.control = option.control;
    both.control.limit = 250;
    option.groups = {both};
    const auto year = year_with(project);
    ASSERT_EQ(year.groups.size(), 1u);
    const auto heat = year.heat();
    ASSERT_EQ(heat.size(), 2u);
    EXPECT_GT(std::max(heat[0].area, heat[1].area), 10 * std::min(heat[0].area, heat[1].area));
    const auto& states = year.states(0, Operation::control);
    for (size_t h = 0; h < states.size(); ++h) {
        const double on =
            (heat[0].area * static_cast<double>(heat[0].on[h]) + heat[1].area * static_cast<double>(heat[1].on[h])) /
            (heat[0].area + heat[1].area);
        if (std::fabs(on - 250) > 1) EXPECT_EQ(states[h] > 0, on > 250) << "hour " << h << ", " << on << " W/m2";
    }
}

TEST(BlindControl, by_the_clock_only_in_its_months_which_may_run_over_the_new_year) {
    auto project = room_with({fabric("fabric", 0.01, 0.05)}, Kind::schedule);
    auto& control = project.options[0].control;
    control.from = 20;
    control.to = 6;
    control.month_from = 11;
    control.month_to = 2;
    const auto year = year_with(project);
    const auto& states = year.states(0, Operation::control);
    for (size_t h = 0; h < states.size(); ++h) {
        const int month = climate::moment_of(static_cast<int>(h) / 24, 12).month;
        const bool by_night = h % 24 >= 20 || h % 24 < 6, winter = month >= 11 || month <= 2;
        EXPECT_EQ(states[h] > 0, by_night && winter) << "hour " << h;
    }
}

namespace {

// Two rooms side by side, each with a window and a plane of its own; or one lit through the other.
model::Project two_rooms() {
    auto project = test::one_room();
    auto& option = project.options[0];
    model::Material light = project.materials[0];
    light.id = light.name = "light";
    light.reflectance = 0.7;
    project.materials.push_back(light);
    auto other = option.storeys[0].rooms[0];
    other.id = other.name = "other";
    for (Vec2& p : other.footprint) p.x += 4;
    other.openings[0].id = other.openings[0].name = "W-02";
    option.storeys[0].rooms.push_back(other);
    auto plane = option.planes[0];
    plane.id = plane.name = "other plane";
    plane.room = "other";
    option.planes.push_back(plane);
    return project;
}

// What is traced of a project, and how much of it is found.
std::pair<size_t, size_t> traced_and_found(const model::Project& project, std::map<Fingerprint, std::string>& kept,
                                           uint64_t* rays = nullptr) {
    const auto weather = test::weather();
    const Cache cache{[&](const Fingerprint& print) -> std::optional<std::string> {
                          const auto it = kept.find(print);
                          return it == kept.end() ? std::nullopt : std::optional(it->second);
                      },
                      [&](const Fingerprint& print, std::string_view bytes) { kept[print] = std::string(bytes); }};
    const auto year =
        ask_year(*year_scene(project, project.options[0], {}, weather), weather, {0.9, 1, 0}, {}, {}, {}, cache);
    if (rays != nullptr) *rays = year.record.rays;
    return {year.inputs()->light->traced, year.inputs()->light->found};
}

}  // namespace

TEST(Retracing, paint_in_one_room_traces_that_room_alone) {
    std::map<Fingerprint, std::string> kept;
    auto project = two_rooms();
    const auto [all, none] = traced_and_found(project, kept);
    EXPECT_EQ(none, 0u);
    EXPECT_GT(all, 2u);
    uint64_t rays = 0;
    EXPECT_EQ(traced_and_found(project, kept, &rays).first, 0u) << "nothing has changed";
    EXPECT_EQ(rays, 0u);
    project.options[0].storeys[0].rooms[1].walls = "light";
    const auto [some, rest] = traced_and_found(project, kept);
    // Each room has one piece with blinds open and one with them closed.
    EXPECT_EQ(some, 2u);
    EXPECT_EQ(rest, all - 2);
}

TEST(Retracing, rooms_that_share_light_through_inner_glass_are_traced_together) {
    std::map<Fingerprint, std::string> kept;
    auto project = two_rooms();
    model::Opening glass = project.options[0].storeys[0].rooms[0].openings[0];
    glass.id = glass.name = "G-01";
    glass.edge = 1;
    glass.along = 2;
    glass.blind = false;
    project.options[0].storeys[0].rooms[0].openings.push_back(glass);
    traced_and_found(project, kept);
    project.options[0].storeys[0].rooms[1].walls = "light";
    EXPECT_EQ(traced_and_found(project, kept).first, 4u) << "both rooms, open and closed";
}

TEST(Retracing, glass_dirt_control_and_weather_of_the_place_trace_nothing) {
    std::map<Fingerprint, std::string> kept;
    auto project = two_rooms();
    traced_and_found(project, kept);
    project.materials[1].transmittance = 0.5;
    project.site.dirt = 0.2;
    project.options[0].control.kind = Kind::window_lux;
    uint64_t rays = 1;
    EXPECT_EQ(traced_and_found(project, kept, &rays).first, 0u);
    EXPECT_EQ(rays, 0u);
}

TEST(Retracing, another_plane_traces_its_own_points_only) {
    std::map<Fingerprint, std::string> kept;
    auto project = two_rooms();
    traced_and_found(project, kept);
    project.options[0].planes[1].height = 1.2;
    EXPECT_EQ(traced_and_found(project, kept).first, 2u);
}

TEST(Retracing, furniture_in_one_room_traces_that_room_alone) {
    std::map<Fingerprint, std::string> kept;
    auto project = two_rooms();
    traced_and_found(project, kept);
    model::Thing table = model::usual(model::Thing::Kind::table);
    table.id = table.name = "table";
    table.storey = "ground";
    table.at = {6, 3};
    table.width = 1.5;
    table.length = 0.8;
    table.height = 0.7;
    project.options[0].things = {table};
    EXPECT_EQ(traced_and_found(project, kept).first, 2u);
}

TEST(Retracing, a_blind_of_another_cloth_traces_closed_blinds_only) {
    std::map<Fingerprint, std::string> kept;
    auto project = two_rooms();
    traced_and_found(project, kept);
    project.materials.push_back(fabric("fabric", 0.02, 0.08));
    project.options[0].control.states = {"fabric"};
    EXPECT_EQ(traced_and_found(project, kept).first, 2u)
        << "each room behind the new fabric; with blinds open nothing is new";
}
