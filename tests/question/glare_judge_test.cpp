// SPDX-License-Identifier: GPL-3.0-or-later
// What a picture's pixels do to DGP: painted windows, whose luminance is known in every direction, so that nothing of
// what is found is owed to tracing.
#include "question/glare_judge.h"

#include <gtest/gtest.h>

#include <cmath>
#include <random>

using namespace wp;
using namespace wp::question;

namespace {

light::Lens hemisphere(int width) {
    light::Lens lens;
    lens.kind = light::Lens::Kind::hemisphere;
    lens.width = lens.height = width;
    return lens;
}

// A bright window with bars in a dim wall before the eye: by where a ray meets the wall at a metre's distance.
struct Window {
    double x = 0, y = 0, half_width = 0.4, half_height = 0.5, bar = 0.02, luminance = 8000, wall = 120;
    double seen(Vec3 d) const {
        if (d.z <= 1e-6) return wall;
        const double u = d.x / d.z - x, v = d.y / d.z - y;
        if (std::fabs(u) > half_width || std::fabs(v) > half_height) return wall;
        return std::fabs(u) < bar || std::fabs(v) < bar ? wall : luminance;
    }
};

constexpr int kFine = 1024;

// The finest picture, and means over blocks of its pixels: what an ideal camera of fewer pixels sees.
light::Picture painted(const Window& window, int width) {
    static const light::LensField field(hemisphere(kFine));
    light::Picture out;
    out.lens = hemisphere(width);
    const auto block = static_cast<size_t>(kFine / width), across = static_cast<size_t>(width);
    out.value.assign(across * across, 0.f);
    out.error.assign(across * across, 0.f);
    for (size_t y = 0; y < kFine; ++y)
        for (size_t x = 0; x < kFine; ++x) {
            const size_t at = y * kFine + x;
            if (field.solid_angle[at] <= 0) continue;
            out.value[(y / block) * across + x / block] +=
                static_cast<float>(window.seen(field.direction[at]) / static_cast<double>(block * block));
        }
    return out;
}

Judged judged(const Window& window, int width) {
    return Judge(hemisphere(width), metric::SourceRule{}).along_sight(painted(window, width));
}

}  // namespace

TEST(GlareBand, holds_what_finer_pixels_would_find) {
    std::mt19937 dice(20261130);
    const auto between = [&](double low, double high) {
        return std::uniform_real_distribution<double>(low, high)(dice);
    };
    int held = 0, all = 0;
    double widest = 0;
    for (int i = 0; i < 24; ++i) {
        const Window window{between(-0.8, 0.8), between(-0.3, 0.6), between(0.1, 0.6),
                            between(0.1, 0.6),  between(0, 0.04),   between(3000, 12000)};
        const double truth = judged(window, kFine).dgp;
        for (const int width : {64, 128, 256}) {
            const auto one = judged(window, width);
            held += one.dgp_low <= truth && truth <= one.dgp_high;
            if (width == 256) widest = std::max(widest, one.dgp_high - one.dgp_low);
            ++all;
        }
    }
    EXPECT_GE(held, 0.95 * all) << held << " of " << all;
    EXPECT_LT(widest, 0.05) << "a band that says nothing proves nothing";
}
