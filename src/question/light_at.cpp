// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <chrono>
#include <cmath>
#include <numeric>

#include "base/parallel.h"
#include "light/moments.h"
#include "question/field_parts.h"

namespace wp::question {

using light::Way;

namespace {

using Row = CoefficientRow;

void add_by_source(const light::CoefficientLayout& layout, const light::PointCoefficients& point,
                   const Row& sky_and_sun, double* by_source) {
    for (size_t r = 0; r < point.rows.size(); ++r)
        by_source[static_cast<size_t>(point.rows[r]) / light::kWays] +=
            static_cast<double>(Row(point.values.data() + r * layout.columns(), sky_and_sun.size()).dot(sky_and_sun));
}

// Onto patches indoors the sun came by the window of its beam.
void add_sun_by_source(const LightField& field, const light::PointCoefficients& point, const SunOnPatches& sun,
                       double* by_source) {
    const size_t none = field.sources.size();
    for (const light::PatchShare& p : point.patches) {
        if (sun.on(p.patch) <= 0) continue;
        const size_t source = p.row / light::kWays;
        sun.each(p.patch, [&](const light::Sunlit::Beam& beam) {
            const int by =
                source == none && beam.portal >= 0 ? field.source_of_portal[static_cast<size_t>(beam.portal)] : -1;
            by_source[by >= 0 ? static_cast<size_t>(by) : source] += static_cast<double>(p.value * beam.share);
        });
    }
}

// A plane of a moment in the making.
PlaneMoment empty_plane(const geometry::PlanePoints& points) {
    PlaneMoment plane;
    plane.plane = points;
    const size_t n = points.points.size();
    for (auto* values : {&plane.lux, &plane.half_width, &plane.sun, &plane.sky, &plane.ground, &plane.outside,
                         &plane.inside, &plane.inside_off_ground})
        values->assign(n, 0.0);
    return plane;
}

void set_point(PlaneMoment& plane, size_t i, double sun, const std::array<double, light::kWays>& by_way,
               double half_width) {
    const auto of = [&](Way way) { return by_way[static_cast<size_t>(way)]; };
    plane.sun[i] = sun;
    plane.sky[i] = of(Way::straight);
    plane.ground[i] = of(Way::from_ground);
    plane.outside[i] = of(Way::from_outside);
    plane.inside_off_ground[i] = of(Way::inside_off_ground);
    plane.inside[i] = of(Way::from_inside) + plane.inside_off_ground[i];
    plane.lux[i] = sun + std::accumulate(by_way.begin(), by_way.end(), 0.0);
    plane.half_width[i] = half_width;
}

// Direct sun by the window that it came through.
size_t source_of(int portal, const std::vector<int>& source_of_portal, size_t sources) {
    const int source = portal >= 0 ? source_of_portal[static_cast<size_t>(portal)] : -1;
    return source >= 0 ? static_cast<size_t>(source) : sources;
}

void judge(PlaneMoment& plane) {
    plane.figures = figures_of(plane.lux, plane.half_width);
    double square = 0;
    for (const double h : plane.half_width) square += h * h;
    plane.reached =
        plane.figures.mean > 0 ? std::sqrt(square / static_cast<double>(plane.lux.size())) / plane.figures.mean : 0;
}

}  // namespace

MomentAnswer light_at(const LightField& field, const Outdoors& outdoors, bool by_source, const Shine* shine) {
    const double beam = outdoors.sky_and_sun.sun_lux * (shine != nullptr ? shine->sun : 1);
    return light_at(field, outdoors, by_source, shine, SunOnPatches(field, outdoors.sky_and_sun.to_sun, beam));
}

MomentAnswer light_at(const LightField& field, const Outdoors& outdoors, bool by_source, const Shine* shine,
                      const SunOnPatches& on_patches) {
    MomentAnswer out;
    out.outdoors = outdoors;
    out.sources = field.sources;
    out.record = field.record;
    out.record.inputs.add(outdoors.fingerprint());
    const auto& layout = field.coefficients.layout;
    std::vector<float> row(layout.columns());
    if (!row.empty()) field.columns->fill(outdoors.sky_and_sun, row);
    for (size_t c = 0; shine != nullptr && c < row.size(); ++c) row[c] *= shine->columns[c];
    const double beam = outdoors.sky_and_sun.sun_lux * (shine != nullptr ? shine->sun : 1);
    const Row sky_and_sun(row.data(), static_cast<Eigen::Index>(row.size()));
    size_t first = 0;
    double worst = 0;
    for (const auto& points : field.planes) {
        const size_t n = points.points.size(), across = field.sources.size() + 1;
        out.planes.push_back(empty_plane(points));
        PlaneMoment& plane = out.planes.back();
        std::vector<SparseRow> rows(by_source ? n : 0);
        parallel_for(
            n,
            [&](size_t i) {
                if (first + i >= field.coefficients.points.size()) return;  // nothing traced yet
                const auto& point = field.coefficients.points[first + i];
                std::vector<double> sources(by_source ? across : 0, 0.0);
                Reflected light = reflected(layout, point, sky_and_sun);
                add_sun(light, point, on_patches);
                if (by_source) {
                    add_by_source(layout, point, sky_and_sun, sources.data());
                    add_sun_by_source(field, point, on_patches, sources.data());
                }
                const DirectSun sun = beam > 0
                                          ? direct_sun(*field.scene, points, i, outdoors.sky_and_sun.to_sun, field.band)
                                          : DirectSun{};
                set_point(plane, i, beam * sun.share, light.by_way,
                          half_width_of(layout, point, sky_and_sun, light.variance));
                if (!by_source) return;
                sources[source_of(sun.portal, field.source_of_portal, across - 1)] += plane.sun[i];
                add_dense(rows[i], sources);
            },
            16);
        for (const SparseRow& row : rows) plane.by_source.add_row(row);
        first += n;
        judge(plane);
        worst = std::max(worst, plane.reached);
    }
    out.record.reached = worst;
    return out;
}

namespace {

// Direct sun on every point of all planes, by moment; lux, and the portal that it came by.
struct Direct {
    std::vector<double> lux;
    std::vector<int> portal;
};
Direct direct_on(const light::Scene& scene, const std::vector<geometry::PlanePoints>& planes,
                 const Outdoors& outdoors) {
    Direct out;
    for (const auto& plane : planes) {
        const size_t first = out.lux.size();
        out.lux.resize(first + plane.points.size(), 0.0);
        out.portal.resize(out.lux.size(), -1);
        if (outdoors.sky_and_sun.sun_lux <= 0) continue;
        parallel_for(
            plane.points.size(),
            [&](size_t i) {
                const DirectSun sun = direct_sun(scene, plane, i, outdoors.sky_and_sun.to_sun);
                out.lux[first + i] = outdoors.sky_and_sun.sun_lux * sun.share;
                out.portal[first + i] = sun.portal;
            },
            64);
    }
    return out;
}

PlaneMoment plane_moment(const geometry::PlanePoints& points, size_t first, size_t sources,
                         const std::vector<light::PointMoment>& traced, const Direct& direct,
                         const std::vector<int>& source_of_portal) {
    PlaneMoment plane = empty_plane(points);
    for (size_t i = 0; i < points.points.size(); ++i) {
        const light::PointMoment& point = traced[first + i];
        set_point(plane, i, direct.lux[first + i], point.by_way, point.all.half_width());
        SparseRow row = point.by_source;
        add_one(row, static_cast<uint32_t>(source_of(direct.portal[first + i], source_of_portal, sources)),
                plane.sun[i]);
        plane.by_source.add_row(row);
    }
    judge(plane);
    return plane;
}

}  // namespace

std::vector<MomentAnswer> trace_moments(const FieldTask& task, const std::vector<Outdoors>& moments,
                                        const Effort& effort, const Cancel& cancel, const MomentsStep& step) {
    const auto start = std::chrono::steady_clock::now();
    const light::Scene scene(*task.surfaces, light::Blinds::open, task.state);
    const auto sources = light::sources_of(*task.surfaces);
    light::MomentTask work;
    work.scene = &scene;
    work.planes = task.planes;
    work.source_of_portal = sources.of_portal;
    work.sources = sources.openings.size();
    work.accuracy = effort.accuracy;
    work.seed = effort.seed;
    std::vector<Direct> direct;
    std::vector<std::vector<double>> direct_lux;
    for (const Outdoors& m : moments) {
        work.moments.push_back(
            {m.sky_and_sun.sky, m.sky_and_sun.to_sun, m.sky_and_sun.sun_lux, m.sky_and_sun.ground_luminance});
        direct.push_back(direct_on(scene, *task.planes, m));
        direct_lux.push_back(direct.back().lux);
    }
    const auto answers = [&](const light::TracedMoments& traced) {
        std::vector<MomentAnswer> out;
        for (size_t m = 0; m < moments.size() && m < traced.points.size(); ++m) {
            MomentAnswer answer;
            answer.outdoors = moments[m];
            answer.sources = sources.openings;
            Record& record = answer.record;
            record.inputs = light_field_inputs(task, effort);
            record.inputs.add(moments[m].fingerprint());
            record.wanted = effort.accuracy;
            record.seed = effort.seed;
            record.settled = traced.settled;
            record.rays = traced.tally.rays;
            record.paths = traced.tally.paths;
            record.seconds = std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
            size_t first = 0;
            for (const auto& points : *task.planes) {
                answer.planes.push_back(plane_moment(points, first, sources.openings.size(), traced.points[m],
                                                     direct[m], sources.of_portal));
                first += points.points.size();
                record.reached = std::max(record.reached, answer.planes.back().reached);
            }
            out.push_back(std::move(answer));
        }
        return out;
    };
    std::vector<MomentAnswer> out;
    with_threads(effort.threads, [&] {
        out = answers(light::trace_moments(
            work, direct_lux, cancel,
            !step ? light::MomentStep{} : [&](const light::TracedMoments& so_far) { step(so_far.reached); }));
    });
    return out;
}

}  // namespace wp::question
