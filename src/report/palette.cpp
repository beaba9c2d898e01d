// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/palette.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <vector>

namespace wp::report {

namespace {

struct Lab {
    double l, a, b;
};

double to_linear(double c) { return c <= 0.04045 ? c / 12.92 : std::pow((c + 0.055) / 1.055, 2.4); }
double from_linear(double c) { return c <= 0.0031308 ? 12.92 * c : 1.055 * std::pow(c, 1 / 2.4) - 0.055; }

// B. Ottosson, "A perceptual color space for image processing", 2020.
Lab to_lab(const QColor& c) {
    const double r = to_linear(c.redF()), g = to_linear(c.greenF()), b = to_linear(c.blueF());
    const double l = std::cbrt(0.4122214708 * r + 0.5363325363 * g + 0.0514459929 * b);
    const double m = std::cbrt(0.2119034982 * r + 0.6806995451 * g + 0.1073969566 * b);
    const double s = std::cbrt(0.0883024619 * r + 0.2817188376 * g + 0.6299787005 * b);
    return {0.2104542553 * l + 0.7936177850 * m - 0.0040720468 * s,
            1.9779984951 * l - 2.4285922050 * m + 0.4505937099 * s,
            0.0259040371 * l + 0.7827717662 * m - 0.8086757660 * s};
}

QColor from_lab(const Lab& c) {
    const double l = std::pow(c.l + 0.3963377774 * c.a + 0.2158037573 * c.b, 3),
                 m = std::pow(c.l - 0.1055613458 * c.a - 0.0638541728 * c.b, 3),
                 s = std::pow(c.l - 0.0894841775 * c.a - 1.2914855480 * c.b, 3);
    const auto channel = [](double v) {
        return static_cast<float>(std::clamp(from_linear(std::clamp(v, 0.0, 1.0)), 0.0, 1.0));
    };
    return QColor::fromRgbF(channel(4.0767416621 * l - 3.3077115913 * m + 0.2309699292 * s),
                            channel(-1.2684380046 * l + 2.6097574011 * m - 0.3413193965 * s),
                            channel(-0.0041960863 * l - 0.7034186147 * m + 1.7076147010 * s));
}

// 256 steps of equal length along the polyline through the stops.
std::array<QColor, 256> ramp(const std::vector<QColor>& stops) {
    std::vector<Lab> lab;
    std::vector<double> at{0};
    for (const QColor& c : stops) lab.push_back(to_lab(c));
    for (size_t i = 1; i < lab.size(); ++i)
        at.push_back(at.back() + std::sqrt(std::pow(lab[i].l - lab[i - 1].l, 2) + std::pow(lab[i].a - lab[i - 1].a, 2) +
                                           std::pow(lab[i].b - lab[i - 1].b, 2)));
    std::array<QColor, 256> out;
    for (size_t k = 0, i = 1; k < out.size(); ++k) {
        const double want = at.back() * static_cast<double>(k) / 255.0;
        while (i + 1 < at.size() && at[i] < want) ++i;
        const double t = (want - at[i - 1]) / (at[i] - at[i - 1]);
        const Lab &p = lab[i - 1], &q = lab[i];
        out[k] = from_lab({p.l + (q.l - p.l) * t, p.a + (q.a - p.a) * t, p.b + (q.b - p.b) * t});
    }
    return out;
}

}  // namespace

QColor light_colour(double t) {
    static const auto colours = ramp({QColor(0x2a, 0x13, 0x33), QColor(0x5f, 0x24, 0x4a), QColor(0x9b, 0x45, 0x3d),
                                      QColor(0xc7, 0x78, 0x3c), QColor(0xe7, 0xb4, 0x6b), QColor(0xf9, 0xee, 0xc9)});
    return colours[static_cast<size_t>(std::lround(255 * std::clamp(t, 0.0, 1.0)))];
}

QColor difference_colour(double t) {
    static const auto less = ramp({QColor(0xf4, 0xef, 0xe6), QColor(0x8f, 0xa3, 0xb5), QColor(0x2f, 0x4b, 0x6b)});
    static const auto more = ramp({QColor(0xf4, 0xef, 0xe6), QColor(0xd9, 0x9a, 0x5b), QColor(0x8c, 0x3d, 0x1f)});
    return (t < 0 ? less : more)[static_cast<size_t>(std::lround(255 * std::min(std::fabs(t), 1.0)))];
}

QColor ink_on(double t) { return t > 0.55 ? QColor(0x2b, 0x22, 0x1c) : QColor(0xfb, 0xf6, 0xea); }

double Scale::place(double value) const {
    if (logarithmic) {
        if (value <= bottom) return 0;
        return std::min(1.0, std::log(value / bottom) / std::log(top / bottom));
    }
    return top > bottom ? std::clamp((value - bottom) / (top - bottom), 0.0, 1.0) : 0;
}

double Scale::value_at(double t) const {
    if (logarithmic) return bottom * std::pow(top / bottom, t);
    return bottom + (top - bottom) * t;
}

namespace {

// The middle of the band that a place on the scale lies in.
double banded(double t, int steps) {
    return steps > 0 ? (std::min(std::floor(t * steps), steps - 1.0) + 0.5) / steps : t;
}

}  // namespace

QColor Scale::colour(double value) const {
    const double t = banded(place(value), steps);
    return difference ? difference_colour(2 * t - 1) : light_colour(t);
}

QColor Scale::ink(double value) const {
    const double t = banded(place(value), steps);
    return difference ? (std::fabs(2 * t - 1) > 0.6 ? ink_on(0) : ink_on(1)) : ink_on(t);
}

std::vector<double> marks_of(const Scale& scale) {
    std::vector<double> marks;
    if (scale.difference && scale.steps == 0) {
        for (int i = 0; i <= 4; ++i) marks.push_back(scale.value_at(i / 4.0));  // nought among them
    } else if (scale.steps > 0) {
        for (int i = 0; i <= scale.steps; ++i) marks.push_back(scale.value_at(static_cast<double>(i) / scale.steps));
    } else if (scale.logarithmic) {
        // 1, 3, 10, 30 where there are few decades, else only the decades; ends that a hand has set lie between them.
        const bool few = scale.top / scale.bottom < 2e3;
        marks.push_back(scale.bottom);
        for (double v = std::pow(10, std::floor(std::log10(scale.bottom))); v < scale.top; v *= 10)
            for (const double m : {v, 3 * v})
                if ((few || m == v) && m > 1.15 * scale.bottom && m < scale.top / 1.15) marks.push_back(m);
        marks.push_back(scale.top);
    } else {
        for (int i = 0; i <= 5; ++i) marks.push_back(scale.bottom + (scale.top - scale.bottom) * i / 5);
    }
    return marks;
}

double nice_top(double value) {
    if (!(value > 0)) return 1;
    const double power = std::pow(10.0, std::floor(std::log10(value)));
    for (const double step : {1.0, 1.5, 2.0, 3.0, 4.0, 5.0, 6.0, 8.0, 10.0})
        if (step * power >= value * (1 - 1e-9)) return step * power;
    return 10 * power;
}

}  // namespace wp::report
