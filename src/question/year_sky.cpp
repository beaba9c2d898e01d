// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/year_sky.h"

#include "base/parallel.h"

namespace wp::question {

Fingerprint year_sky_inputs(const climate::WeatherYear& weather, const climate::Place& place, double north,
                            const std::vector<double>& ground) {
    Fingerprint print;
    print.add(std::string_view("year sky 2"));
    print.add(weather.fingerprint());
    print.add(static_cast<int>(weather.light_from));
    for (const double v : {place.latitude, place.longitude, place.time_zone, north}) print.add(v);
    for (const double v : ground) print.add(v);
    return print;
}

std::shared_ptr<const YearSky> year_sky(const climate::WeatherYear& weather, const climate::Place& place, double north,
                                        const std::vector<double>& ground_by_month) {
    auto out = std::make_shared<YearSky>();
    out->inputs = year_sky_inputs(weather, place, north, ground_by_month);
    out->outdoor = climate::outdoor_year(weather);
    out->row_of.assign(climate::kHours, -1);
    for (size_t h = 0; h < out->outdoor.size(); ++h) {
        const auto& hour = out->outdoor[h];
        if (hour.diffuse_lux <= 0 && (hour.direct_lux <= 0 || hour.sun.sunlit <= 0)) continue;
        out->row_of[h] = static_cast<int>(out->hours.size());
        out->hours.push_back(static_cast<int>(h));
    }
    const SkyColumns columns(true);
    const size_t n = out->hours.size();
    out->columns = columns.layout().columns();
    out->light.assign(n * out->columns, 0.0f);
    out->to_sun.resize(n);
    for (auto* list : {&out->beam, &out->watts_of_sky, &out->watts_of_beam}) list->assign(n, 0.0f);
    parallel_for(
        n,
        [&](size_t row) {
            const auto h = static_cast<size_t>(out->hours[row]);
            const auto& hour = out->outdoor[h];
            const auto& measured = weather.hours[h];
            SkyAndSun sky_and_sun;
            sky_and_sun.sky = climate::sky_of(hour, north);
            sky_and_sun.sun = hour.sun.sun;
            sky_and_sun.to_sun = out->to_sun[row] = climate::sun_direction(hour.sun.sun, north);
            sky_and_sun.sun_lux = hour.direct_lux * hour.sun.sunlit;
            const int month = climate::moment_of(static_cast<int>(h) / 24, 12).month;
            sky_and_sun.ground_luminance = ground_by_month[static_cast<size_t>(month - 1)] * hour.global_lux() / kPi;
            columns.fill(sky_and_sun, {out->light.data() + row * out->columns, out->columns});
            out->beam[row] = static_cast<float>(sky_and_sun.sun_lux);
            if (hour.diffuse_lux > 0)
                out->watts_of_sky[row] = static_cast<float>(measured.diffuse_horizontal / hour.diffuse_lux);
            if (sky_and_sun.sun_lux > 0)
                out->watts_of_beam[row] = static_cast<float>(measured.direct_normal / sky_and_sun.sun_lux);
        },
        16);
    return out;
}

}  // namespace wp::question
