// SPDX-License-Identifier: GPL-3.0-or-later
// Visible sky angle: how much of the quarter circle before a window, square to it, is sky (BRE 209:2011, 2.1). Nothing
// is random: the quarter is looked through in small steps, and where sky begins or ends the edge is found by halving.
#include <chrono>
#include <cmath>
#include <optional>

#include "analysis/analysis.h"
#include "base/parallel.h"
#include "describe/field.h"
#include "light/scene.h"

namespace wp::analysis {

using model::Question;
using question::Column;
using question::TableAnswer;

namespace {

constexpr int kSteps = 720;      // an eighth of a degree
constexpr int kHalvings = 14;    // an edge to less than a hundred-thousandth of a degree
constexpr double kLevel = 1e-6;  // a normal that is nearer to the plumb line looks no way

// Which way a point looks over the ground; none where it looks up or down.
std::optional<Vec3> ahead(Vec3 normal) {
    const double level = std::hypot(normal.x, normal.y);
    if (level < kLevel) return {};
    return Vec3{normal.x / level, normal.y / level, 0};
}

class Quarter {
 public:
    Quarter(const light::Scene& scene, Vec3 from, Vec3 ahead) : scene_(scene), from_(from), ahead_(ahead) {}

    struct Found {
        double visible = 0;  ///< degrees of sky
        double lowest = std::nan("");
    };
    Found look() const {
        Found out;
        bool open = is_sky(0);
        double since = 0;
        if (open) out.lowest = 0;
        for (int i = 1; i <= kSteps; ++i) {
            const double here = 90.0 * i / kSteps, before = 90.0 * (i - 1) / kSteps;
            const bool now = is_sky(here);
            if (now == open && i < kSteps) continue;
            const double edge = now == open ? here : edge_between(before, here, open);
            if (open) out.visible += edge - since;
            if (!open && now && std::isnan(out.lowest)) out.lowest = edge;
            since = edge;
            open = now;
        }
        return out;
    }

 private:
    bool is_sky(double altitude) const {
        // Level, and straight up along a facade, is told just beside it.
        const double a = std::clamp(altitude, 1e-4, 90 - 1e-4) * kPi / 180;
        const Vec3 d{std::cos(a) * ahead_.x, std::cos(a) * ahead_.y, std::sin(a)};
        return scene_.beam(from_.as<float>(), d.as<float>()).share > 0;
    }
    double edge_between(double below, double above, bool open_below) const {
        for (int i = 0; i < kHalvings; ++i) {
            const double middle = 0.5 * (below + above);
            (is_sky(middle) == open_below ? below : above) = middle;
        }
        return 0.5 * (below + above);
    }

    const light::Scene& scene_;
    Vec3 from_, ahead_;
};

void add_plane(const light::Scene& scene, const geometry::PlanePoints& plane, Column& visible, Column& lowest,
               const Cancel& cancel) {
    const size_t n = plane.points.size();
    std::vector<double> angles(n, std::nan("")), altitudes(n, std::nan(""));
    if (const auto way = ahead(plane.normal))
        parallel_for(n, [&](size_t i) {
            if (cancel.requested()) return;
            const auto found = Quarter(scene, plane.points[i] + plane.normal * 1e-4, *way).look();
            angles[i] = found.visible;
            altitudes[i] = found.lowest;
        });
    visible.value.push_back(std::move(angles));
    lowest.value.push_back(std::move(altitudes));
}

Result<TableAnswer> run(const Request& a) {
    const auto start = std::chrono::steady_clock::now();
    const light::Scene scene(a.surfaces, light::Blinds::open, a.question.season);
    Column visible{"visible_sky_angle_degrees", "Visible sky angle", "\u00b0", {}, {}},
        lowest{"lowest_sky_degrees", "Lowest sky", "\u00b0", {}, {}};
    TableAnswer out;
    with_threads(a.effort.threads, [&] {
        for (size_t p = 0; p < a.points.size(); ++p) {
            add_plane(scene, a.points[p], visible, lowest, a.cancel);
            if (a.progress) a.progress(static_cast<double>(p + 1) / static_cast<double>(a.points.size()));
        }
    });
    out.kind = "sky_angle";
    out.table = {a.points, {std::move(visible), std::move(lowest)}};
    const std::chrono::duration<double> took = std::chrono::steady_clock::now() - start;
    out.record = exact_record(a, "sky angle 1", took.count());
    out.main_columns = 2;
    return out;
}

}  // namespace

Analysis sky_angle() {
    return {.kind = Question::Kind::sky_angle,
            .name = "Visible sky angle",
            .asks = "visible sky angle before windows",
            .words = [](const Question&) { return std::string("Visible sky angle"); },
            .needs_weather = [](const Question&) { return false; },
            .bears = describe::bears::light,
            .cost = [](const Question&) { return 0; },
            .run = run};
}

}  // namespace wp::analysis
