// SPDX-License-Identifier: GPL-3.0-or-later
// View out, EN 17037:2018+A1:2021, 5.2 and annex C: from eyes over all of a plane, through panes that one can see
// through. The horizontal sight angle is what of the eye's horizon lies outdoors, in degrees, all openings together;
// the distance is that to what stands opposite there, from the pane on, of which half of that angle has as much; layers
// are sky, landscape (what stands on the ground, and open ground farther than kNear) and ground, of which landscape
// must be one. Nothing is random: the horizon is looked along in small steps, and where a view begins or ends the edge
// is found by halving.
#include <fmt/core.h>

#include <algorithm>
#include <chrono>
#include <cmath>

#include "analysis/analysis.h"
#include "base/parallel.h"
#include "describe/field.h"
#include "light/scene.h"

namespace wp::analysis {

using model::Question;
using question::Column;
using question::TableAnswer;

namespace {

constexpr int kSteps = 720;                 // half a degree of the horizon
constexpr int kHalvings = 12;               // an edge to a ten-thousandth of a degree
constexpr double kNear = 50;                // metres: open ground beyond is landscape
constexpr double kFarthest = 1000;          // metres: nothing opposite
constexpr int kAzimuths = 180, kRows = 90;  // of the look at layers
constexpr double kHighest = 67.5;           // degrees from the horizon, up and down
constexpr int kEnough = 3;                  // looks that make a layer: what is a sliver is none

enum class Met { room, sky, landscape, ground };

struct Glance {
    Met met = Met::room;
    double distance = 0;  ///< from the pane, metres; of the sky kFarthest
    bool outdoors() const { return met != Met::room; }
};

class Eye {
 public:
    Eye(const light::Scene& scene, const geometry::Surfaces& surfaces, Vec3 from)
        : scene_(scene), surfaces_(surfaces), from_(from) {}

    Glance look(double azimuth, double altitude) const {
        const double a = azimuth * kPi / 180, h = altitude * kPi / 180;
        const Vec3f d = Vec3{std::sin(a) * std::cos(h), std::cos(a) * std::cos(h), std::sin(h)}.as<float>();
        Vec3f at = from_.as<float>();
        double way = 0, pane_at = 0;
        bool outside = false;
        int skip = -1;
        for (int panes = 0; panes < 64; ++panes) {
            const light::Hit hit = scene_.intersect(at, d, skip);
            if (hit.what == light::Hit::What::portal) {
                way += static_cast<double>(hit.distance);
                const light::ScenePortal& portal = scene_.portals()[static_cast<size_t>(hit.portal)];
                // A pane that scatters shows nothing.
                if (portal.glass != nullptr && portal.diffuse >= 0.5f) return {};
                const int behind = dot(d, portal.normal) > 0 ? portal.outside : portal.inside;
                if (behind == geometry::kOutdoors && !outside) outside = true, pane_at = way;
                at = at + d * hit.distance;
                skip = hit.portal;
                continue;
            }
            if (!outside) return {};
            way += static_cast<double>(hit.distance);
            return met(hit, static_cast<double>(d.z), way - pane_at);
        }
        return {};
    }

    struct View {
        double angle = 0, distance = 0;
        int layers = 0;
    };
    View view() const {
        View out;
        std::vector<std::pair<double, double>> stretches;  // distance, degrees
        Glance before = look(0, 0);
        double since = 0;
        for (int i = 1; i <= kSteps; ++i) {
            const double here = 360.0 * i / kSteps;
            const Glance now = look(here, 0);
            if (now.outdoors() == before.outdoors()) {
                if (now.outdoors()) stretches.emplace_back(before.distance, here - since), out.angle += here - since;
                since = here;
                before = now;
                continue;
            }
            const double edge = edge_between(360.0 * (i - 1) / kSteps, here, before.outdoors());
            const double seen = before.outdoors() ? edge - since : here - edge;
            stretches.emplace_back(before.outdoors() ? before.distance : now.distance, seen);
            out.angle += seen;
            since = here;
            before = now;
        }
        out.distance = half_has(stretches, out.angle);
        out.layers = layers();
        return out;
    }

 private:
    Glance met(const light::Hit& hit, double rise, double distance) const {
        using geometry::Element;
        if (hit.what == light::Hit::What::nothing) {
            if (rise >= 0) return {Met::sky, kFarthest};
            // The open ground beyond the model.
            return {Met::landscape, kFarthest};
        }
        const auto& surface = surfaces_.surfaces[hit.source];
        const bool before_the_eyes = surface.element == Element::shading || surface.element == Element::frame ||
                                     surface.element == Element::reveal || surface.element == Element::leaf;
        if (before_the_eyes) return {};
        if (hit.ground || surface.element == Element::ground)
            return {distance > kNear ? Met::landscape : Met::ground, std::min(distance, kFarthest)};
        return {Met::landscape, std::min(distance, kFarthest)};
    }
    double edge_between(double below, double above, bool outdoors_below) const {
        for (int i = 0; i < kHalvings; ++i) {
            const double middle = 0.5 * (below + above);
            (look(middle, 0).outdoors() == outdoors_below ? below : above) = middle;
        }
        return 0.5 * (below + above);
    }
    // The distance that half of the angle has at least.
    static double half_has(std::vector<std::pair<double, double>>& stretches, double angle) {
        std::ranges::sort(stretches, std::greater());
        double sum = 0;
        for (const auto& [distance, degrees] : stretches)
            if ((sum += degrees) >= 0.5 * angle) return distance;
        return 0;
    }
    int layers() const {
        int sky = 0, landscape = 0, ground = 0;
        for (int i = 0; i < kAzimuths; ++i)
            for (int j = 0; j < kRows; ++j) {
                // Rows lie closest about the horizon, where layers are thin.
                const double t = (2 * (j + 0.5) - kRows) / kRows;
                const Met met = look(360.0 * (i + 0.5) / kAzimuths, kHighest * t * std::fabs(t)).met;
                sky += met == Met::sky, landscape += met == Met::landscape, ground += met == Met::ground;
            }
        if (landscape < kEnough) return 0;
        return 1 + (sky >= kEnough) + (ground >= kEnough);
    }

    const light::Scene& scene_;
    const geometry::Surfaces& surfaces_;
    Vec3 from_;
};

Result<TableAnswer> run(const Request& a) {
    const auto start = std::chrono::steady_clock::now();
    const light::Scene scene(a.surfaces, light::Blinds::open, a.question.season);
    Column angle{"horizontal_sight_angle_degrees", "Horizontal sight angle", "\u00b0", {}, {}},
        distance{"view_distance_m", "Distance of the view", "m", {}, {}},
        layers{"view_layers", "Layers of the view", "", {}, {}};
    TableAnswer out;
    with_threads(a.effort.threads, [&] {
        for (size_t p = 0; p < a.points.size(); ++p) {
            const auto& points = a.points[p].points;
            std::vector<Eye::View> seen(points.size());
            parallel_for(points.size(), [&](size_t i) {
                if (!a.cancel.requested()) seen[i] = Eye(scene, a.surfaces, points[i]).view();
            });
            for (Column* column : {&angle, &distance, &layers}) column->value.emplace_back();
            for (const auto& view : seen) {
                angle.value.back().push_back(view.angle);
                distance.value.back().push_back(view.distance);
                layers.value.back().push_back(view.layers);
            }
            if (a.progress) a.progress(static_cast<double>(p + 1) / static_cast<double>(a.points.size()));
        }
    });
    out.kind = "view_out";
    out.table = {a.points, {std::move(angle), std::move(distance), std::move(layers)}};
    out.facts = {{"eye_m", fmt::format("{:g}", a.question.view_eye)}};
    const std::chrono::duration<double> took = std::chrono::steady_clock::now() - start;
    out.record = exact_record(a, "view out 1", took.count());
    out.main_columns = 1;
    return out;
}

}  // namespace

Analysis view_out() {
    return {.kind = Question::Kind::view_out,
            .name = "View out",
            .asks = "view out",
            .words = [](const Question&) { return std::string("View out"); },
            .needs_weather = [](const Question&) { return false; },
            .bears = describe::bears::light,
            .cost = [](const Question&) { return 2; },
            .run = run};
}

}  // namespace wp::analysis
