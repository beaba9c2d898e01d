// SPDX-License-Identifier: GPL-3.0-or-later
// A year's glare against full pictures, which share neither its surfaces nor its coefficients, and what is read of it.
#include "question/glare_year.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>

#include "analysis/analysis.h"
#include "question/ask.h"
#include "question/ask_glare_year.h"
#include "store/answers.h"
#include "support.h"

using namespace wp;
using namespace wp::question;

namespace {

// The one room's year, lit once for all tests.
struct Lit {
    model::Project project = test::one_room();
    climate::WeatherYear weather = test::weather();
    YearScene scene;
    LitRooms rooms;
    Lit() {
        project.options[0].control.kind = model::BlindControl::Kind::direct_sun;
        scene = *year_scene(project, option(), model::question_of(project, model::Question::Kind::year), weather);
        rooms = light_rooms(scene, weather, spaces_around(scene.surfaces, option().observers), {0.3, 1, 0});
    }
    const model::Option& option() const { return project.options[0]; }
    std::vector<PlaceGlare> glare(Operation operation, const metric::Hours& hours) const {
        GlareYearTask task;
        task.rooms = &rooms;
        task.option = &option();
        task.places = option().observers;
        task.headings = {0, 90, 180, 225};
        task.hours = hours;
        task.operation = operation;
        return glare_year(task);
    }
    GlareAnswer picture(double heading, int hour, bool closed) const {
        auto question = model::question_of(project, model::Question::Kind::glare);
        question.observer.clear();
        question.picture = {};
        question.picture.pixels = 96;
        question.picture.surely = 20;
        question.picture.blinds = closed ? model::PictureChoice::Blinds::closed : model::PictureChoice::Blinds::open;
        question.picture.from = option().observers[0].eye;
        question.picture.heading = heading;
        question.moment = climate::moment_of(hour / 24, hour % 24 + 0.5);
        auto surfaces = geometry::build_surfaces(project, option());
        const auto task = glare_task(project, option(), question, surfaces, &weather);
        return solve_glare(*task, {0.05, 1, 0});
    }
};

const Lit& lit() {
    static const Lit one;
    return one;
}

}  // namespace

TEST(GlareYear, every_hour_is_what_a_picture_of_it_shows) {
    const auto open = lit().glare(Operation::open, {})[0];
    double square = 0;
    int done = 0, same = 0, suns = 0;
    const auto& index = *metric::find_glare_index("dgp");
    // Hours of all seasons; among them low suns into the eye.
    for (const int hour : {12, 2100, 1452, 3614, 5288, 6611, 8507, 8436})
        for (const size_t heading : {size_t{2}, size_t{3}}) {
            const double value = static_cast<double>(open.dgp[heading][static_cast<size_t>(hour)]);
            if (value < 0) continue;
            const auto full = lit().picture(open.headings[heading], hour, false);
            square += std::pow(value - full.dgp, 2);
            same += metric::class_of(index, value).name == metric::class_of(index, full.dgp).name;
            suns += open.dazzles(heading, static_cast<size_t>(hour)).starts_with("sun in ");
            ++done;
            EXPECT_NEAR(value, full.dgp, 0.05) << climate::text(full.moment) << " towards " << open.headings[heading];
            EXPECT_NEAR(static_cast<double>(open.lux[heading][static_cast<size_t>(hour)]) / full.vertical_lux, 1, 0.15)
                << climate::text(full.moment) << " towards " << open.headings[heading];
        }
    ASSERT_GT(done, 8);
    EXPECT_GT(suns, 0) << "the sun itself was among what was compared";
    EXPECT_LT(std::sqrt(square / done), 0.02);
    EXPECT_GE(same, done - 2);
}

TEST(GlareYear, closed_blinds_glow_as_they_do_in_a_picture) {
    const auto worked = lit().glare(Operation::control, {})[0];
    const auto& states = lit().rooms.year->states(0, Operation::control);
    int done = 0;
    for (int hour = 10; hour < 8760 && done < 5; hour += 24 * 40 + 1) {
        if (states[static_cast<size_t>(hour)] == 0 || worked.dgp[2][static_cast<size_t>(hour)] < 0) continue;
        const auto full = lit().picture(180, hour, true);
        EXPECT_NEAR(static_cast<double>(worked.dgp[2][static_cast<size_t>(hour)]), full.dgp, 0.04)
            << climate::text(full.moment);
        EXPECT_NEAR(static_cast<double>(worked.lux[2][static_cast<size_t>(hour)]) / full.vertical_lux, 1, 0.25)
            << climate::text(full.moment);
        ++done;
    }
    EXPECT_GE(done, 2) << "there are hours with closed blinds";
}

TEST(GlareYear, other_control_hours_and_directions_cost_no_ray_and_agree_with_each_other) {
    const auto rays = lit().rooms.record.rays;
    metric::Hours noon(climate::kHours, false);
    for (size_t day = 0; day < 365; ++day) noon[day * 24 + 12] = true;
    const auto all = lit().glare(Operation::open, {})[0], some = lit().glare(Operation::open, noon)[0];
    EXPECT_EQ(lit().rooms.record.rays, rays);
    for (size_t h = 0; h < climate::kHours; ++h) {
        if (noon[h])
            EXPECT_EQ(some.dgp[2][h], all.dgp[2][h]);
        else
            EXPECT_EQ(some.dgp[2][h], PlaceGlare::kDark);
    }
    const auto worked = lit().glare(Operation::control, {})[0];
    EXPECT_LE(worked.share_above(2, {}, 0.4), all.share_above(2, {}, 0.4)) << "blinds are drawn against glare";
    EXPECT_GT(all.share_above(2, {}, 0.4), all.share_above(0, {}, 0.4)) << "towards the window it glares more often";
}

TEST(GlareYear, is_read_by_how_often_a_value_is_exceeded) {
    PlaceGlare place;
    place.headings = {0};
    place.dgp = {std::vector<float>(100, 0.2f)};
    place.by = {std::vector<uint16_t>(100, 0)};
    place.things = {"W-01", "W-02", "sun in W-02"};
    for (size_t h = 0; h < 5; ++h) place.dgp[0][h] = 0.5f, place.by[0][h] = h < 3 ? 1 : 2;
    place.dgp[0][50] = PlaceGlare::kDark;
    EXPECT_NEAR(place.share_above(0, {}, 0.4), 0.05, 1e-12);
    EXPECT_NEAR(place.exceeded(0, {}, 0.05), 0.2, 1e-6) << "0.5 is exceeded in no more than that";
    EXPECT_NEAR(place.exceeded(0, {}, 0.04), 0.5, 1e-6);
    EXPECT_EQ(place.most_often(0, {}, 0.4), "W-02");
    EXPECT_EQ(place.most_often(0, {}, 0.6), "");
    metric::Hours half(100, false);
    for (size_t h = 0; h < 50; ++h) half[h] = true;
    EXPECT_NEAR(place.share_above(0, half, 0.4), 0.1, 1e-12);
}

TEST(LitSurfaces, have_points_on_every_large_face_of_the_room_and_find_them_again) {
    const auto& planes = lit().rooms.planes;
    const SurfaceIndex index(planes);
    double up = 0, down = 0, across = 0;
    for (const auto& plane : planes) {
        const auto& p = plane.points;
        (p.normal.z > 0.9 ? up : p.normal.z < -0.9 ? down : across) += p.area();
        for (size_t i = 0; i < p.points.size(); ++i) {
            const auto found = index.nearest(plane.surface, p.space, p.points[i] + p.normal * 0.001, p.normal);
            ASSERT_TRUE(found);
            EXPECT_EQ(&planes[found->plane].points.points[found->point], &p.points[i]);
        }
    }
    const auto& room = lit().option().storeys[0].rooms[0];
    double area = 0;
    for (size_t i = 0; i < room.footprint.size(); ++i)
        area += cross(room.footprint[i], room.footprint[(i + 1) % room.footprint.size()]) / 2;
    EXPECT_NEAR(up, area, 0.12 * area);
    EXPECT_NEAR(down, area, 0.12 * area);
    EXPECT_GT(across, 2 * std::sqrt(area));
}

namespace {

int pieces_traced = 0;  // light that was traced and kept

TableAnswer table_of_year(const model::Project& project, const model::GlareYearChoice& choice) {
    model::Question q;
    q.id = "q";
    q.kind = model::Question::Kind::glare_year;
    q.glare_year = choice;
    q.from = 12, q.to = 13;
    static store::MemoryCache kept;
    Cache counting = kept.cache();
    counting.keep = [keep = counting.keep](const Fingerprint& print, std::string_view piece) {
        ++pieces_traced;
        keep(print, piece);
    };
    const auto answer = analysis::ask(project, project.options[0], q, &lit().weather, {0.5, 1, 0}, {}, {}, counting);
    return answer ? *answer : TableAnswer{};
}

}  // namespace

TEST(GlareYearTable, tells_of_every_observer_what_its_own_year_tells) {
    model::Project project = lit().project;
    project.options[0].observers.push_back(project.options[0].observers[0]);
    auto& away = project.options[0].observers[1];
    project.options[0].observers[0].heading = 180;
    away.id = "away", away.heading = 0;
    const auto answer = table_of_year(project, {});
    ASSERT_EQ(answer.table.columns.size(), 5u);
    const auto& own = answer.table.columns[0].value;
    ASSERT_EQ(own.size(), 2u);
    EXPECT_GT(own[0][0], own[1][0]) << "towards the window it dazzles more";
    // The same by another way: every direction's value from the year itself.
    auto noon = model::question_of(project, model::Question::Kind::year);
    noon.from = 12, noon.to = 13;
    const auto seats = ask_glare_year(project, project.options[0], noon, lit().rooms, {project.options[0].observers[0]},
                                      Operation::control);
    std::vector<double> all;
    for (size_t k = 0; k < 36; ++k) {
        std::vector<double> used;
        for (size_t h = 0; h < climate::kHours; ++h)
            if (seats[0].hours[h]) used.push_back(std::max(0.0, static_cast<double>(seats[0].glare.dgp[k][h])));
        std::ranges::sort(used, std::greater());
        all.push_back(used[used.size() / 20]);
    }
    const auto find = [&](const char* id) {
        for (const auto& column : answer.table.columns)
            if (column.id == id) return column.value[0][0];
        return -1.0;
    };
    EXPECT_NEAR(find("dgp_worst"), *std::ranges::max_element(all), 0.02) << "rooms are lit by other dice";
    EXPECT_NEAR(find("dgp_best"), *std::ranges::min_element(all), 0.02);
    EXPECT_LE(find("dgp_best"), own[0][0]);
    EXPECT_GE(find("dgp_worst"), own[0][0]);
    // Ends of an arc lie between the directions that are looked in.
    const auto clear = static_cast<double>(std::ranges::count_if(all, [](double dgp) { return dgp <= 0.45; }));
    EXPECT_NEAR(find("clear_degrees"), 10 * clear, 25);
}

TEST(GlareYearTable, a_lattice_has_seats_all_over_the_room_at_the_height_of_eyes) {
    model::GlareYearChoice choice;
    choice.places = model::GlareYearChoice::Places::lattice;
    choice.apart = 2;
    choice.blinds = model::GlareYearChoice::Blinds::open;
    choice.limit = 0.35;
    const auto answer = table_of_year(lit().project, choice);
    ASSERT_EQ(answer.table.columns.size(), 4u) << "a place looks in no direction of its own";
    const auto& plane = answer.table.planes.at(0);
    ASSERT_GE(plane.points.size(), 2u);
    for (const Vec3& p : plane.points) EXPECT_NEAR(p.z, choice.eye, 1e-6);
    const auto column = [&](const char* id) -> const std::vector<double>& {
        return std::ranges::find(answer.table.columns, std::string(id), &Column::id)->value[0];
    };
    const auto by_y = [&](auto&& less) {
        return static_cast<size_t>(std::ranges::min_element(plane.points, less, &Vec3::y) - plane.points.begin());
    };
    const size_t near = by_y(std::less()), far = by_y(std::greater());
    EXPECT_GT(column("dgp_worst")[near], column("dgp_worst")[far]) << "the window is in the south";
    EXPECT_GE(column("troubled_percent")[near], column("troubled_percent")[far]);
    EXPECT_LE(column("clear_degrees")[near], column("clear_degrees")[far]);
    choice.limit = 0.45;
    EXPECT_GE(table_of_year(lit().project, choice).table.columns[0].value[0][near], column("clear_degrees")[near])
        << "more is bearable";
}

TEST(GlareYearTable, closed_blinds_are_closed_in_every_hour) {
    model::GlareYearChoice choice;
    const auto worst = [&](model::GlareYearChoice::Blinds blinds) {
        choice.blinds = blinds;
        return table_of_year(lit().project, choice).table.columns[3].value[0][0];
    };
    EXPECT_LT(worst(model::GlareYearChoice::Blinds::closed), worst(model::GlareYearChoice::Blinds::open));
    const auto& year = *lit().rooms.year;
    for (size_t g = 0; g < year.inputs()->groups.size(); ++g)
        for (const uint8_t state : year.states(g, Operation::closed))
            ASSERT_EQ(state, year.inputs()->groups[g].states.size());
}

TEST(GlareYearTable, other_blinds_limits_and_shares_are_asked_without_tracing_any_light_again) {
    model::GlareYearChoice choice;
    const auto first = table_of_year(lit().project, choice);
    const int before = pieces_traced;
    EXPECT_GT(before, 0);
    choice.blinds = model::GlareYearChoice::Blinds::open;
    choice.limit = 0.35;
    choice.share = 0.01;
    const auto again = table_of_year(lit().project, choice);
    EXPECT_EQ(pieces_traced, before);
    EXPECT_EQ(again.record.rays, 0u) << "what was found again cost nothing";
    EXPECT_LE(again.table.columns[1].value[0][0], first.table.columns[1].value[0][0]) << "it is harder to be clear";
}
