// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/human_vision.h"

#include <algorithm>
#include <cmath>

#include "base/parallel.h"
#include "light/sight.h"

namespace wp::report {

namespace {

// Of the screen, cd/m^2.
constexpr double kWhite = 100, kBlack = 1;
constexpr size_t kBins = 100;
// Of the eye what looks straight at something sees so much at once, radians.
constexpr double kFovea = kPi / 180;
// Share of light that reaches the retina beside its place.
constexpr double kVeil = 0.087;

// Logarithms to ten. Smallest step that is seen at an adaptation, cd/m^2 (J. Ferwerda and others, SIGGRAPH 96).
double seen_step(double adaptation) {
    const double la = std::log10(std::max(adaptation, 1e-8));
    double out = la - 1.255;
    if (la < -3.94)
        out = -2.86;
    else if (la < -1.44)
        out = std::pow(0.405 * la + 1.6, 2.18) - 2.86;
    else if (la < -0.0184)
        out = la - 0.395;
    else if (la < 1.9)
        out = std::pow(0.249 * la + 0.65, 2.7) - 0.72;
    return std::pow(10, out);
}

// Cycles a degree that are resolved at an adaptation (a fit to S. Shlaer's data).
double resolved(double adaptation) { return 17.25 * std::atan(1.4 * std::log10(adaptation) + 0.35) + 25.72; }

// The picture as samples of about a degree each, for which an eye adapts.
struct Fovea {
    size_t wide = 0, high = 0, block = 1;
    std::vector<double> luminance;
    std::vector<Vec3> direction;
    std::vector<double> solid_angle;
};

size_t block_of(const light::Lens& lens, const light::LensField& field) {
    if (lens.kind == light::Lens::Kind::parallel) return 8;
    double most = 0;
    for (const double s : field.solid_angle) most = std::max(most, s);
    return static_cast<size_t>(std::max(1.0, std::round(kFovea / std::sqrt(std::max(most, 1e-12)))));
}

Fovea look(const light::Lens& lens, const light::LensField& field, const std::vector<float>& luminance) {
    Fovea out;
    out.block = block_of(lens, field);
    const auto wide = static_cast<size_t>(lens.width), high = static_cast<size_t>(lens.height);
    out.wide = (wide + out.block - 1) / out.block;
    out.high = (high + out.block - 1) / out.block;
    const size_t all = out.wide * out.high;
    out.luminance.assign(all, 0);
    out.direction.assign(all, {});
    out.solid_angle.assign(all, 0);
    std::vector<double> pixels(all, 0);
    const bool flat = lens.kind == light::Lens::Kind::parallel;
    for (size_t at = 0; at < luminance.size(); ++at) {
        if (!flat && field.solid_angle[at] <= 0) continue;
        const size_t cell = at / wide / out.block * out.wide + at % wide / out.block;
        out.luminance[cell] += static_cast<double>(luminance[at]);
        out.direction[cell] = out.direction[cell] + field.direction[at];
        out.solid_angle[cell] += field.solid_angle[at];
        ++pixels[cell];
    }
    for (size_t cell = 0; cell < all; ++cell)
        if (pixels[cell] > 0) {
            out.luminance[cell] /= pixels[cell];
            if (!flat) out.direction[cell] = normalized(out.direction[cell]);
        } else {
            out.luminance[cell] = -1;
        }
    return out;
}

// What the eye scatters onto each sample from all others.
std::vector<double> veil_of(const Fovea& fovea) {
    std::vector<double> out(fovea.luminance.size(), 0.0);
    // Beyond some thousand samples every few stand for all.
    const size_t stride = std::max<size_t>(1, out.size() / 4000);
    parallel_for(out.size(), [&](size_t i) {
        if (fovea.luminance[i] < 0) return;
        double sum = 0, weights = 0;
        for (size_t j = i % stride; j < out.size(); j += stride) {
            if (j == i || fovea.luminance[j] < 0) continue;
            const double cosine = std::clamp(dot(fovea.direction[i], fovea.direction[j]), -1.0, 1.0);
            const double angle = std::acos(cosine);
            if (cosine <= 0 || angle < kFovea / 2) continue;
            const double weight = cosine / (angle * angle) * fovea.solid_angle[j];
            sum += weight * fovea.luminance[j];
            weights += weight;
        }
        out[i] = weights > 0 ? kVeil * sum / weights : 0;
    });
    return out;
}

// How brightness goes to the screen: as often as each occurs, but nowhere steeper than an eye would see.
class Spread {
 public:
    explicit Spread(const std::vector<double>& luminance) {
        low_ = 1e30;
        high_ = -1e30;
        for (const double l : luminance)
            if (l > 0) low_ = std::min(low_, std::log(l)), high_ = std::max(high_, std::log(l));
        low_ = std::max(low_, high_ - std::log(1e7));
        if (!(high_ > low_ + 1e-6)) return;
        count_.assign(kBins, 0);
        for (const double l : luminance)
            if (l > 0) ++count_[bin(std::log(l))];
        limit();
        add_up();
    }
    // Linear in the screen's luminance, 0 to 1.
    double place(double luminance) const {
        if (sum_.empty()) return 0.5;
        const double at = std::clamp((std::log(std::max(luminance, 1e-12)) - low_) / (high_ - low_), 0.0, 1.0) * kBins;
        const auto k = std::min(static_cast<size_t>(at), kBins - 1);
        const double share = sum_[k] + (sum_[k + 1] - sum_[k]) * (at - static_cast<double>(k));
        const double shown = std::exp(std::log(kBlack) + (std::log(kWhite) - std::log(kBlack)) * share);
        return (shown - kBlack) / (kWhite - kBlack);
    }

 private:
    size_t bin(double log_luminance) const {
        const double at = (log_luminance - low_) / (high_ - low_) * kBins;
        return std::min(static_cast<size_t>(std::max(at, 0.0)), kBins - 1);
    }
    double width() const { return (high_ - low_) / kBins; }
    // No bin may hold more than keeps the screen's steps as small as the eye's. What is cut off changes the
    // limit, so that it is asked again until little is.
    void limit() {
        const double range = std::log(kWhite) - std::log(kBlack);
        for (int round = 0; round < 50; ++round) {
            double total = 0, cut = 0, so_far = 0;
            for (const double c : count_) total += c;
            if (total <= 0) return;
            for (size_t k = 0; k < kBins; ++k) {
                const double world = std::exp(low_ + (static_cast<double>(k) + 0.5) * width());
                so_far += count_[k];
                const double shown = std::exp(std::log(kBlack) + range * so_far / total);
                const double ceiling = seen_step(shown) / seen_step(world) * total * width() * world / (range * shown);
                if (count_[k] > ceiling) cut += count_[k] - ceiling, count_[k] = ceiling;
            }
            if (cut < 0.025 * total) return;
        }
    }
    void add_up() {
        sum_.assign(kBins + 1, 0);
        for (size_t k = 0; k < kBins; ++k) sum_[k + 1] = sum_[k] + count_[k];
        for (double& s : sum_) s /= std::max(sum_.back(), 1e-300);
    }
    double low_ = 0, high_ = 0;
    std::vector<double> count_, sum_;
};

}  // namespace

std::vector<float> as_seen(const light::Picture& picture, const std::vector<float>& luminance) {
    const light::LensField field(picture.lens);
    Fovea fovea = look(picture.lens, field, luminance);
    const auto veil = picture.lens.kind == light::Lens::Kind::parallel
                          ? std::vector<double>(fovea.luminance.size(), 0.0)
                          : veil_of(fovea);
    for (size_t i = 0; i < veil.size(); ++i)
        if (fovea.luminance[i] >= 0) fovea.luminance[i] = (1 - kVeil) * fovea.luminance[i] + veil[i];
    const Spread spread(fovea.luminance);
    const auto wide = static_cast<size_t>(picture.lens.width), high = static_cast<size_t>(picture.lens.height);
    const double degrees_a_pixel = 1.0 / static_cast<double>(fovea.block);
    std::vector<float> out(luminance.size(), 0);
    parallel_for(high, [&](size_t y) {
        for (size_t x = 0; x < wide; ++x) {
            const size_t at = y * wide + x, cell = y / fovea.block * fovea.wide + x / fovea.block;
            // A pixel that is finer than the eye resolves there goes over into its neighbourhood.
            const double sharp =
                std::clamp(2 * degrees_a_pixel * resolved(std::max(fovea.luminance[cell], 1e-6)), 0.0, 1.0);
            const double own = static_cast<double>(luminance[at]) * (1 - kVeil) + veil[cell];
            out[at] = static_cast<float>(spread.place(own * sharp + fovea.luminance[cell] * (1 - sharp)));
        }
    });
    return out;
}

}  // namespace wp::report
