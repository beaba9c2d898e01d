// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/light_field.h"

#include <Eigen/Core>
#include <algorithm>
#include <array>
#include <chrono>
#include <cmath>
#include <numeric>

#include "base/parallel.h"
#include "climate/sky_amount.h"
#include "light/moments.h"
#include "light/patch_merging.h"
#include "light/path.h"
#include "light/replicates.h"

namespace wp::question {

using light::Way;

Fingerprint light_field_inputs(const FieldTask& task, const Effort& effort) {
    Fingerprint print;
    print.add(std::string_view("light field 2"));
    print.add(task.surfaces->fingerprint());
    for (const auto& plane : *task.planes) print.add(plane.fingerprint());
    for (const double v : {task.place.latitude, task.place.longitude, task.place.time_zone, task.north_azimuth,
                           task.state.ground, effort.accuracy})
        print.add(v);
    print.add(static_cast<int>(task.state.season));
    print.add(effort.seed);
    return print;
}

namespace {

// Only as many patches as are worth a look at every moment.
void merge(light::Coefficients& coefficients, const light::PatchSize& size, double accuracy) {
    const light::WeighedPatches all{coefficients.patches.get(), 1};
    auto merged = light::merge_patches(std::span(&all, 1), size, light::patch_budget(accuracy));
    parallel_for(
        coefficients.points.size(),
        [&](size_t i) {
            for (light::PatchShare& p : coefficients.points[i].patches) p.patch = merged.place[0][p.patch];
        },
        16);
    coefficients.patches = std::make_shared<const light::PatchSet>(std::move(merged.set));
}

}  // namespace

LightField trace_light_field(const FieldTask& task, const Effort& effort, const Cancel& cancel, const FieldStep& step) {
    return std::move(trace_light_fields(task, {}, effort, cancel, step).front());
}

std::vector<LightField> trace_light_fields(const FieldTask& task, const Bands& bands, const Effort& effort,
                                           const Cancel& cancel, const FieldStep& step) {
    const auto start = std::chrono::steady_clock::now();
    LightField field;
    field.planes = *task.planes;
    field.state = task.state;
    const std::vector<light::State> states(bands.count, task.state);
    field.scene = std::make_shared<const light::Scene>(
        *task.surfaces, light::layers_of(*task.surfaces, light::Blinds::open), states, bands.tints);
    const auto columns = std::make_shared<const SkyColumns>();
    field.columns = columns;
    auto sources = light::sources_of(*task.surfaces);
    field.sources = std::move(sources.openings);
    field.source_of_portal = std::move(sources.of_portal);
    light::CoefficientTask work;
    work.scene = field.scene.get();
    work.parts = &columns->parts();
    work.planes = &field.planes;
    // In every band the same light: coefficients are of what shines in it.
    work.typical.assign(bands.count,
                        typical_light(*columns, task.place, task.north_azimuth,
                                      task.state.ground >= 0 ? task.state.ground : task.surfaces->ground_reflectance));
    work.source_of_portal = field.source_of_portal;
    work.sources = field.sources.size();
    work.split = light::Split::way;
    work.patch_size = light::patch_size(effort.accuracy, *task.surfaces);
    if (step) work.first_samples = 1;
    work.accuracy = effort.accuracy;
    work.seed = effort.seed;
    const auto note = [&](const light::Coefficients& c) {
        field.record.reached = c.reached;
        field.record.settled = c.settled;
        field.record.rays = c.tally.rays;
        field.record.paths = c.tally.paths;
        field.record.seconds = std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
    };
    field.record.inputs = light_field_inputs(task, effort);
    field.record.wanted = effort.accuracy;
    field.record.seed = effort.seed;
    std::vector<light::Coefficients> traced;
    with_threads(effort.threads, [&] {
        light::CoefficientStep show;
        if (step)
            show = [&](const light::Coefficients& so_far) {
                field.coefficients = so_far;
                merge(field.coefficients, work.patch_size, effort.accuracy);
                note(so_far);
                if (!so_far.settled) step(field);
            };
        traced = light::trace_coefficients(work, cancel, {}, show);
        note(traced.front());
        for (light::Coefficients& c : traced)
            if (c.patches) merge(c, work.patch_size, effort.accuracy);
    });
    if (cancel.requested()) field.record.settled = false;
    std::vector<LightField> out;
    for (size_t k = 0; k < traced.size(); ++k) {
        out.push_back(field);
        out.back().band = k;
        out.back().coefficients = std::move(traced[k]);
        out.back().record.reached = out.back().coefficients.reached;
    }
    return out;
}

namespace {

using Row = Eigen::Map<const Eigen::RowVectorXf>;

// What the sun of a moment brings onto the patches of a field, lux: all of it, and what of it came by which beam.
class SunOnPatches {
 public:
    SunOnPatches(const LightField& field, Vec3 to_sun, double lux) {
        const auto& set = field.coefficients.patches;
        if (set == nullptr || lux <= 0 || to_sun.z <= 0) return;
        lux_.assign(set->count(), 0.0f);
        doubt_.assign(set->count(), 0.0f);
        const light::SunLook look{to_sun.as<float>(), field.scene.get(), field.band};
        sunlit_ = light::look_for_suns(*set, std::span(&look, 1));
        for (size_t p = 0; p < set->count(); ++p)
            for (uint32_t b = sunlit_.first[p]; b < sunlit_.first[p + 1]; ++b) {
                auto& beam = sunlit_.beams[b];
                beam.share *= static_cast<float>(lux) * light::veil_share(*field.scene, set->patches[p].veil, look.to);
                lux_[p] += beam.share;
                doubt_[p] += light::doubt_of(beam, beam.share);
            }
    }
    float on(uint32_t patch) const { return lux_.empty() ? 0.0f : lux_[patch]; }
    /// Square of its standard error, for what of a patch is looked at.
    float doubt(uint32_t patch) const { return doubt_.empty() ? 0.0f : doubt_[patch]; }
    template <class See>
    void each(uint32_t patch, See&& see) const {
        for (const auto& beam : sunlit_.on(patch)) see(beam);
    }

 private:
    std::vector<float> lux_, doubt_;
    light::Sunlit sunlit_;
};

// Sky, ground and reflected sun of one point by way and, where wanted, by source; lux.
struct Reflected {
    std::array<double, light::kWays> by_way{};
    double variance = 0;  // of the sun's part
    double of(Way way) const { return by_way[static_cast<size_t>(way)]; }
    double total() const { return std::accumulate(by_way.begin(), by_way.end(), 0.0); }
};

Reflected reflected(const light::CoefficientLayout& layout, const light::PointCoefficients& point,
                    const Row& sky_and_sun) {
    Reflected out;
    for (size_t r = 0; r < point.rows.size(); ++r)
        out.by_way[static_cast<size_t>(point.rows[r]) % light::kWays] +=
            static_cast<double>(Row(point.values.data() + r * layout.columns(), sky_and_sun.size()).dot(sky_and_sun));
    return out;
}

void add_by_source(const light::CoefficientLayout& layout, const light::PointCoefficients& point,
                   const Row& sky_and_sun, double* by_source) {
    for (size_t r = 0; r < point.rows.size(); ++r)
        by_source[static_cast<size_t>(point.rows[r]) / light::kWays] +=
            static_cast<double>(Row(point.values.data() + r * layout.columns(), sky_and_sun.size()).dot(sky_and_sun));
}

void add_sun(Reflected& to, const light::PointCoefficients& point, const SunOnPatches& sun) {
    for (const light::PatchShare& p : point.patches) {
        const float on = sun.on(p.patch);
        if (on <= 0) continue;
        const double lux = static_cast<double>(p.value * on);
        to.by_way[p.row % light::kWays] += lux;
        to.variance += static_cast<double>(p.variance * on * on + p.value * p.value * sun.doubt(p.patch));
    }
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

// Of what was traced.
double half_width_of(const light::CoefficientLayout& layout, const light::PointCoefficients& point,
                     const Row& sky_and_sun, double sun_variance) {
    double sum = 0;
    for (size_t r = 0; r < point.rows.size(); ++r)
        sum += static_cast<double>(
            (Row(point.values.data() + r * layout.columns(), sky_and_sun.size()).array() * sky_and_sun.array().square())
                .sum());
    return light::kStudent95 * std::sqrt(sun_variance + static_cast<double>(point.sky_noise) * sum);
}

struct DirectSun {
    double share = 0;  // of the beam normal to the sun, times the cosine
    int portal = -1;
};
DirectSun direct_sun(const light::Scene& scene, const geometry::PlanePoints& plane, size_t i, Vec3 to_sun,
                     size_t band = 0) {
    const double cosine = dot(to_sun, plane.normal);
    if (cosine <= 0 || to_sun.z <= 0) return {};
    const auto beam = scene.beam((plane.points[i] + plane.normal * 1e-4).as<float>(), to_sun.as<float>());
    return {cosine * static_cast<double>(beam.states[band]), beam.portal};
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
    const SunOnPatches on_patches(field, outdoors.sky_and_sun.to_sun, beam);
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

namespace {

// All hours of one state added up: what shines in lux and in watts, and the suns that are looked at one by one.
struct Heap {
    const LightField* field = nullptr;
    std::vector<float> lux, watts;
    struct Sun {
        Vec3 to;
        double lux, watts;
    };
    std::vector<Sun> suns;
    std::vector<double> patch_lux, patch_watts;  // what all suns brought onto each patch
};

void heap_hour(Heap& heap, const climate::OutdoorHour& hour, const climate::WeatherHour& weather, double north,
               double ground) {
    const auto& layout = heap.field->columns->layout();
    SkyAndSun sky_and_sun;
    sky_and_sun.sun = hour.sun.sun;
    sky_and_sun.to_sun = climate::sun_direction(hour.sun.sun, north);
    sky_and_sun.sky = climate::sky_of(hour, north);
    sky_and_sun.sun_lux = hour.direct_lux * hour.sun.sunlit;
    sky_and_sun.ground_luminance = ground * hour.global_lux() / kPi;
    std::vector<float> row(layout.columns());
    heap.field->columns->fill(sky_and_sun, row);
    const double beam_watts = sky_and_sun.sun_lux > 0 ? weather.direct_normal : 0;
    const double up = std::max(0.0, sky_and_sun.to_sun.z);
    const auto of_sky = static_cast<float>(hour.diffuse_lux > 0 ? weather.diffuse_horizontal / hour.diffuse_lux : 0);
    const double global_lux = hour.global_lux();
    const auto of_ground =
        static_cast<float>(global_lux > 0 ? (weather.diffuse_horizontal + beam_watts * up) / global_lux : 0);
    for (size_t c = 0; c < row.size(); ++c) {
        heap.lux[c] += row[c];
        heap.watts[c] += row[c] * (c < layout.parts ? of_sky : of_ground);
    }
    if (sky_and_sun.sun_lux > 0 && up > 0) heap.suns.push_back({sky_and_sun.to_sun, sky_and_sun.sun_lux, beam_watts});
}

void look_for_suns(Heap& heap) {
    const auto& set = heap.field->coefficients.patches;
    if (set == nullptr) return;
    heap.patch_lux.assign(set->count(), 0.0);
    heap.patch_watts = heap.patch_lux;
    std::vector<light::SunLook> looks;
    for (const Heap::Sun& sun : heap.suns) looks.push_back({sun.to.as<float>(), heap.field->scene.get(), 0});
    const auto found = light::look_for_suns(*set, looks);
    for (size_t p = 0; p < set->count(); ++p)
        for (const auto& beam : found.on(p)) {
            const auto share = static_cast<double>(
                beam.share * light::veil_share(*heap.field->scene, set->patches[p].veil, looks[beam.sun].to));
            heap.patch_lux[p] += share * heap.suns[beam.sun].lux;
            heap.patch_watts[p] += share * heap.suns[beam.sun].watts;
        }
}

void add_heap(const Heap& heap, ExposureAnswer& out) {
    const LightField& field = *heap.field;
    const auto& layout = field.coefficients.layout;
    const Row lux(heap.lux.data(), static_cast<Eigen::Index>(heap.lux.size())),
        watts(heap.watts.data(), static_cast<Eigen::Index>(heap.watts.size()));
    size_t first = 0;
    for (size_t p = 0; p < field.planes.size(); ++p) {
        const auto& points = field.planes[p];
        PlaneExposure& plane = out.planes[p];
        parallel_for(
            points.points.size(),
            [&](size_t i) {
                if (first + i >= field.coefficients.points.size()) return;
                const auto& point = field.coefficients.points[first + i];
                const double light = reflected(layout, point, lux).total();
                plane.lux_hours[i] += light;
                plane.irradiation[i] += reflected(layout, point, watts).total();
                double variance = 0;
                for (const auto& p : point.patches) {
                    plane.lux_hours[i] += static_cast<double>(p.value) * heap.patch_lux[p.patch];
                    plane.irradiation[i] += static_cast<double>(p.value) * heap.patch_watts[p.patch];
                    variance += static_cast<double>(p.variance) * std::pow(heap.patch_lux[p.patch], 2);
                }
                plane.half_width[i] += half_width_of(layout, point, lux, variance);
                for (const Heap::Sun& sun : heap.suns) {
                    const double share = direct_sun(*field.scene, points, i, sun.to).share;
                    plane.lux_hours[i] += share * sun.lux;
                    plane.irradiation[i] += share * sun.watts;
                }
            },
            8);
        first += points.points.size();
    }
}

}  // namespace

ExposureAnswer exposure(const std::function<const LightField&(int month)>& field_of,
                        const climate::WeatherYear& weather, double north, const std::vector<double>& ground_by_month,
                        int first_day, int last_day) {
    const auto outdoor = climate::outdoor_year(weather);
    ExposureAnswer out;
    std::vector<Heap> heaps;
    const int days = (last_day - first_day + 365) % 365 + 1;
    for (int d = 0; d < days; ++d) {
        const int day = (first_day + d) % 365, month = climate::moment_of(day, 12).month;
        const LightField& field = field_of(month);
        auto heap = std::find_if(heaps.begin(), heaps.end(), [&](const Heap& h) { return h.field == &field; });
        if (heap == heaps.end()) {
            const size_t width = field.columns->layout().columns();
            heaps.push_back({&field, std::vector<float>(width, 0.0f), std::vector<float>(width, 0.0f), {}, {}, {}});
            heap = heaps.end() - 1;
        }
        for (int h = 0; h < 24; ++h) {
            const auto index = static_cast<size_t>(day * 24 + h);
            const auto& hour = outdoor[index];
            if (hour.diffuse_lux <= 0 && hour.direct_lux <= 0) continue;
            ++out.hours;
            heap_hour(*heap, hour, weather.hours[index], north, ground_by_month[static_cast<size_t>(month - 1)]);
            out.outdoor_lux_hours += hour.global_lux();
            out.outdoor_irradiation +=
                weather.hours[index].diffuse_horizontal + weather.hours[index].direct_normal *
                                                              std::max(0.0, std::sin(hour.sun.sun.altitude)) *
                                                              (hour.sun.sunlit > 0 ? 1 : 0);
        }
    }
    if (heaps.empty()) return out;
    const LightField& any = *heaps.front().field;
    out.record = any.record;
    out.record.inputs.add(weather.fingerprint());
    for (const int day : {first_day, last_day}) out.record.inputs.add(day);
    for (const auto& points : any.planes) {
        const size_t n = points.points.size();
        out.planes.push_back(
            {points, std::vector<double>(n, 0.0), std::vector<double>(n, 0.0), std::vector<double>(n, 0.0)});
    }
    for (Heap& heap : heaps) {
        look_for_suns(heap);
        out.record.inputs.add(heap.field->record.inputs);
        out.record.reached = std::max(out.record.reached, heap.field->record.reached);
        out.record.settled = out.record.settled && heap.field->record.settled;
        add_heap(heap, out);
    }
    return out;
}

}  // namespace wp::question
