// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/sky_columns.h"

#include <algorithm>
#include <cmath>

#include "climate/sky_amount.h"
#include "climate/weather.h"

namespace wp::question {

namespace {
constexpr int kSkyDivision = 2, kCoarseDivision = 1;
constexpr int kLooks = 3;  // directions along each side of a part
}  // namespace

SkyColumns::SkyColumns(bool coarse) : parts_(kSkyDivision) {
    layout_.parts = parts_.count();
    directions_.emplace(parts_);
    if (!coarse) return;
    coarse_.emplace(kCoarseDivision);
    layout_.coarse = coarse_->count();
    layout_.split = light::Split::entry;
    coarse_directions_.emplace(*coarse_);
}

SkyColumns::Directions::Directions(const climate::SkyParts& parts) {
    for (size_t p = 0; p < parts.count(); ++p) {
        double up = 0;
        for (const Vec3 d : parts.directions(p, kLooks)) {
            all.push_back(d);
            const auto known =
                std::find_if(heights.begin(), heights.end(), [&](double z) { return std::fabs(z - d.z) < 1e-12; });
            height.push_back(static_cast<size_t>(known - heights.begin()));
            if (known == heights.end()) heights.push_back(d.z);
            up += d.z;
        }
        weight.push_back(parts.solid_angle(p) * up / (kLooks * kLooks));
    }
}

void SkyColumns::fill_parts(const climate::Sky& sky, const climate::Indicatrix& by_angle, const Directions& directions,
                            std::span<float> row) {
    std::vector<double> by_height;
    for (const double z : directions.heights) by_height.push_back(sky.by_height(z));
    double carried = 0;
    constexpr size_t looks = kLooks * kLooks;
    for (size_t p = 0; p < row.size(); ++p) {
        double sum = 0;
        for (size_t i = p * looks; i < (p + 1) * looks; ++i)
            sum += by_height[directions.height[i]] * by_angle.at(dot(directions.all[i], sky.sun()));
        row[p] = static_cast<float>(sum / looks);
        carried += sum / looks * directions.weight[p];
    }
    // Parts are coarse around the sun: what they carry is made to equal what the sky was told to carry.
    if (carried <= 0) return;
    const auto scale = static_cast<float>(sky.diffuse_lux() / carried);
    for (float& luminance : row) luminance *= scale;
}

void SkyColumns::fill(const SkyAndSun& sky_and_sun, std::span<float> row) const {
    std::fill(row.begin(), row.end(), 0.0f);
    const climate::Indicatrix by_angle = sky_and_sun.sky.by_angle();
    fill_parts(sky_and_sun.sky, by_angle, *directions_, row.first(parts_.count()));
    if (coarse_)
        fill_parts(sky_and_sun.sky, by_angle, *coarse_directions_,
                   row.subspan(layout_.coarse_part(0), coarse_->count()));
    row[layout_.ground()] = static_cast<float>(sky_and_sun.ground_luminance);
}

light::TypicalLight typical_light(const SkyColumns& columns, const climate::Place& place, double north_azimuth,
                                  double ground_reflectance) {
    std::vector<float> row(columns.layout().columns());
    light::TypicalLight out;
    auto& sky = out.columns;
    sky.assign(row.size(), 0.0);
    int lit = 0;
    for (int month = 1; month <= 12; ++month) {
        for (int hour = 7; hour <= 17; hour += 2) {
            const auto at = climate::sun_position(place, climate::Moment{month, 21, static_cast<double>(hour)});
            if (at.altitude <= 0) continue;
            for (const int type : {16, 12}) {
                const auto light = climate::light_by_altitude(climate::class_of(type), at.altitude);
                SkyAndSun sky_and_sun;
                sky_and_sun.sun = at;
                sky_and_sun.to_sun = climate::sun_direction(at, north_azimuth);
                sky_and_sun.sky = climate::Sky::cie(type, light.diffuse_lux, sky_and_sun.to_sun, 48);
                sky_and_sun.ground_luminance =
                    ground_reflectance * (light.diffuse_lux + light.direct_lux * sky_and_sun.to_sun.z) / kPi;
                columns.fill(sky_and_sun, row);
                for (size_t c = 0; c < row.size(); ++c) sky[c] += static_cast<double>(row[c]);
                ++lit;
            }
        }
        // The other half of the year repeats these. Hours are moved from month to month, so that no edge is met at the
        // same hour always.
        for (double hour = (month % 3) * 0.5; hour < 24 && month >= 1 && month <= 6; hour += 1.5) {
            const auto at = climate::sun_position(place, climate::Moment{month, 21, hour});
            if (at.altitude > 0)
                out.suns.push_back({climate::sun_direction(at, north_azimuth).as<float>(),
                                    climate::light_by_altitude(climate::class_of(12), at.altitude).direct_lux});
        }
    }
    for (double& v : sky) v /= std::max(lit, 1);
    // Half of the time it is overcast.
    for (auto& sun : out.suns) sun.lux *= 0.5 / static_cast<double>(out.suns.size());
    return out;
}

}  // namespace wp::question
