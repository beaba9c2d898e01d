// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/sky_columns.h"

#include <algorithm>

namespace wp::question {

namespace {
constexpr int kSkyDivision = 2;
constexpr int kLooks = 3;  // directions along each side of a part
}  // namespace

SkyColumns::SkyColumns(const climate::Place& place, double north_azimuth) : parts_(kSkyDivision), nodes_(place, north_azimuth) {
    layout_.parts = parts_.count();
    layout_.nodes = nodes_.count();
    for (size_t p = 0; p < parts_.count(); ++p) directions_.push_back(parts_.directions(p, kLooks));
}

void SkyColumns::fill(const Shine& shine, std::span<float> row) const {
    std::fill(row.begin(), row.end(), 0.0f);
    double carried = 0;
    for (size_t p = 0; p < parts_.count(); ++p) {
        double sum = 0, up = 0;
        for (const Vec3 d : directions_[p]) {
            sum += shine.sky.luminance(d);
            up += d.z;
        }
        const auto n = static_cast<double>(directions_[p].size());
        row[p] = static_cast<float>(sum / n);
        carried += sum / n * parts_.solid_angle(p) * up / n;
    }
    // Parts are coarse around the sun: what they carry is made to equal what the sky was told to carry.
    if (carried > 0) {
        const auto scale = static_cast<float>(shine.sky.diffuse_lux() / carried);
        for (float& luminance : row.first(parts_.count())) luminance *= scale;
    }
    row[layout_.ground()] = static_cast<float>(shine.ground_luminance);
    if (shine.sun_lux <= 0) return;
    for (const auto& share : nodes_.around(shine.sun)) row[layout_.node(share.node)] += static_cast<float>(shine.sun_lux * share.weight);
}

}  // namespace wp::question
