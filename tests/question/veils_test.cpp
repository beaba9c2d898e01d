// SPDX-License-Identifier: GPL-3.0-or-later
// What falls onto closed blinds, traced once for all points, against paths of every point by itself.
#include "light/veils.h"

#include <gtest/gtest.h>

#include <array>
#include <cmath>
#include <memory>

#include "light/replicates.h"
#include "question/sky_columns.h"
#include "question/window_groups.h"
#include "support.h"

using namespace wp;
using question::SkyColumns;

namespace {

constexpr climate::Place kVeilPlace{55.4, -3.1, 0, 10};

struct Blinded {
    geometry::Surfaces surfaces;
    std::vector<geometry::PlanePoints> planes;
    std::unique_ptr<light::Scene> scene;
    SkyColumns columns{true};
    light::Sources sources;
    light::CoefficientTask task;

    explicit Blinded(double accuracy, const model::Project& project = test::one_room()) {
        surfaces = geometry::build_surfaces(project, project.options[0]);
        surfaces.blind_transmittance = 0.2;
        planes = {*geometry::plane_points(project.options[0], project.options[0].planes[0])};
        scene =
            std::make_unique<light::Scene>(surfaces, light::layers_of(surfaces, light::Blinds::closed), light::State{});
        sources = light::sources_of(surfaces);
        task.scene = scene.get();
        task.parts = &columns.parts();
        task.coarse = columns.coarse();
        task.planes = &planes;
        task.typical = {question::typical_light(columns, kVeilPlace, 0, surfaces.ground_reflectance)};
        task.sources = sources.openings.size();
        task.source_of_portal = sources.of_portal;
        task.split = light::Split::entry;
        task.patch_size = light::patch_size(accuracy, surfaces);
        task.accuracy = accuracy;
    }
    light::VeilLight veils(double accuracy) const {
        light::CoefficientTask own = task;
        own.accuracy = accuracy;
        return light::trace_veils(own, light::VeilCells(*scene, std::vector<bool>(surfaces.spaces.size(), true), 0.5f),
                                  {});
    }
};

// Illuminance of a point by typical light of sky and ground, by way of entry.
std::array<double, light::kEntries> by_entry(const light::Coefficients& c, const light::PointCoefficients& point,
                                             const std::vector<double>& sky) {
    std::array<double, light::kEntries> out{};
    const size_t width = c.layout.columns();
    for (size_t r = 0; r < point.rows.size(); ++r)
        for (size_t k = 0; k < width; ++k)
            out[static_cast<size_t>(point.rows[r]) % light::kEntries] +=
                static_cast<double>(point.values[r * width + k]) * sky[k];
    return out;
}

}  // namespace

TEST(Veils, hold_for_every_point_what_its_own_paths_find) {
    Blinded room(0.03);
    const auto alone = light::trace_coefficients(room.task, {}, {}).front();
    const auto veils = room.veils(0.01);
    room.task.veils = &veils;
    const auto shared = light::trace_coefficients(room.task, {}, {}).front();
    std::array<double, light::kEntries> own{}, joined{};
    size_t outside = 0;
    for (size_t i = 0; i < alone.points.size(); ++i) {
        const auto &a = alone.points[i], &b = shared.points[i];
        const double error = std::hypot(a.half_width * a.typical, b.half_width * b.typical);
        EXPECT_NEAR(a.typical, b.typical, 2 * error + 0.01 * a.typical) << i;
        outside += std::fabs(a.typical - b.typical) > error;
        const auto x = by_entry(alone, a, room.task.typical[0].columns),
                   y = by_entry(shared, b, room.task.typical[0].columns);
        for (size_t e = 0; e < x.size(); ++e) own[e] += x[e], joined[e] += y[e];
    }
    EXPECT_LE(outside, alone.points.size() / 6) << "both errors are told";
    for (size_t e = 0; e < own.size(); ++e) EXPECT_NEAR(own[e], joined[e], 0.03 * own[e] + 0.002 * own[0]) << e;
}

// The frame is told from a sheet that hangs so close that it covers the pane from the room.
TEST(Veils, are_seen_through_a_sheet_that_hangs_close_before_them) {
    auto project = test::one_room();
    model::Material fabric;
    fabric.id = fabric.name = "sheet";
    fabric.kind = model::Material::Kind::fabric;
    fabric.openness = 0;
    fabric.transmittance = 0.4;
    fabric.reflectance = 0.4;
    project.materials.push_back(fabric);
    project.options[0].outer_wall = 0.05;
    model::ShadeLayer sheet;
    sheet.kind = model::ShadeLayer::Kind::screen;
    sheet.inside = true;
    sheet.offset = 0;
    sheet.material = "sheet";
    project.options[0].storeys[0].rooms[0].openings[0].shading = {sheet};
    Blinded room(0.05, project);
    const auto alone = light::trace_coefficients(room.task, {}, {}).front();
    const auto veils = room.veils(0.02);
    room.task.veils = &veils;
    const auto shared = light::trace_coefficients(room.task, {}, {}).front();
    double own = 0, joined = 0;
    for (size_t i = 0; i < alone.points.size(); ++i)
        own += static_cast<double>(alone.points[i].typical), joined += static_cast<double>(shared.points[i].typical);
    EXPECT_GT(own, 0);
    EXPECT_NEAR(own, joined, 0.04 * own);
}

TEST(Veils, are_cut_into_cells_that_cover_each_pane_once) {
    const Blinded room(0.1);
    const light::VeilCells cells(*room.scene, {true}, 0.5f);
    ASSERT_EQ(cells.all().size(), 12u) << "two metres by one and a half";
    const auto& pane = room.scene->portals()[0];
    float area = 0;
    for (size_t c = 0; c < cells.all().size(); ++c) {
        const auto& cell = cells.all()[c];
        area += length(cross(cell.u, cell.v));
        EXPECT_EQ(cells.cell_at(pane, 0, cell.corner + (cell.u + cell.v) * 0.5f), static_cast<int>(c));
        EXPECT_LT(cell.normal.y, -0.99f) << "outwards";
    }
    EXPECT_NEAR(area, pane.area, 1e-4f);
    EXPECT_TRUE(light::VeilCells(*room.scene, {false}, 0.5f).all().empty()) << "no space that is asked for";
    EXPECT_LE(light::VeilCells(*room.scene, {true}, 0.001f).all().size(), 1000u) << "however fine they are wished";
    const light::Scene open(room.surfaces, light::layers_of(room.surfaces, light::Blinds::open), light::State{});
    EXPECT_TRUE(light::VeilCells(open, {true}, 0.5f).all().empty()) << "clear glass is no veil";
}

// The error that all points have in common is told apart: twenty seeds of the veils under one and the same paths.
TEST(Veils, tell_the_error_that_all_points_share) {
    Blinded room(0.2);
    std::vector<double> means;
    double told = 0;
    constexpr unsigned seeds = 20;
    for (unsigned seed = 1; seed <= seeds; ++seed) {
        room.task.seed = seed;
        room.task.veils = nullptr;
        const auto veils = room.veils(0.3);
        room.task.seed = 1;
        room.task.veils = &veils;
        const auto found = light::trace_coefficients(room.task, {}, {}).front();
        double sum = 0;
        for (const auto& p : found.points) sum += static_cast<double>(p.typical);
        means.push_back(sum / static_cast<double>(found.points.size()));
        told += found.common / light::kStudent95 / seeds;
    }
    double mean = 0, square = 0;
    for (const double m : means) mean += m / seeds;
    for (const double m : means) square += std::pow(m / mean - 1, 2) / (seeds - 1);
    EXPECT_LT(std::sqrt(square), 1.5 * told) << "what is told covers what is found";
    EXPECT_GT(std::sqrt(square), 0.2 * told) << "and says something";
}
