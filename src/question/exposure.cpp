// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cmath>

#include "base/parallel.h"
#include "light/directions.h"
#include "question/field_parts.h"

namespace wp::question {

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
    const CoefficientRow lux(heap.lux.data(), static_cast<Eigen::Index>(heap.lux.size())),
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
