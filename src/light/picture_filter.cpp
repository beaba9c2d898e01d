// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/picture_filter.h"

#include <cmath>

#include "base/parallel.h"

namespace wp::light {

namespace {

constexpr int kPasses = 3;
constexpr float kSpline[] = {1.0f / 16, 1.0f / 4, 3.0f / 8, 1.0f / 4, 1.0f / 16};
// Neighbours are told apart from so many errors on.
constexpr float kErrors = 3;
// Of one surface what faces so differently is another.
constexpr float kSameFacing = 0.95f;

class Quieting {
 public:
    Quieting(const Picture& picture, const std::vector<Sight>& sights)
        : wide_(picture.lens.width), high_(picture.lens.height), sights_(sights), error_(picture.error) {}

    std::vector<float> pass(const std::vector<float>& from, int step) const {
        std::vector<float> out = from;
        parallel_for(static_cast<size_t>(high_), [&](size_t y) {
            for (int x = 0; x < wide_; ++x) {
                const size_t at = index(x, static_cast<int>(y));
                if (is_alone(at)) continue;
                out[at] = evened(from, x, static_cast<int>(y), step);
            }
        });
        return out;
    }

 private:
    size_t index(int x, int y) const {
        return static_cast<size_t>(y) * static_cast<size_t>(wide_) + static_cast<size_t>(x);
    }
    bool is_alone(size_t at) const { return sights_[at].surface == Sight::kOutside || error_[at] <= 0; }
    float evened(const std::vector<float>& from, int x, int y, int step) const {
        const size_t at = index(x, y);
        float sum = 0, weights = 0;
        for (int j = -2; j <= 2; ++j)
            for (int i = -2; i <= 2; ++i) {
                const int u = x + i * step, v = y + j * step;
                if (u < 0 || v < 0 || u >= wide_ || v >= high_) continue;
                const size_t other = index(u, v);
                const float weight = kSpline[i + 2] * kSpline[j + 2] * alike(at, other, from);
                sum += weight * from[other];
                weights += weight;
            }
        return weights > 0 ? sum / weights : from[at];
    }
    float alike(size_t a, size_t b, const std::vector<float>& values) const {
        if (sights_[a].surface != sights_[b].surface || sights_[a].pane != sights_[b].pane) return 0;
        if (sights_[a].surface >= 0 && dot(sights_[a].normal, sights_[b].normal) < kSameFacing) return 0;
        const float errors = kErrors * (error_[a] + error_[b]) + 1e-6f, apart = (values[a] - values[b]) / errors;
        return std::exp(-apart * apart);
    }

    int wide_, high_;
    const std::vector<Sight>& sights_;
    const std::vector<float>& error_;
};

}  // namespace

std::vector<float> quietened(const Picture& picture, const std::vector<Sight>& sights) {
    std::vector<float> out = picture.value;
    if (sights.size() != out.size() || picture.error.size() != out.size()) return out;
    const Quieting quieting(picture, sights);
    for (int i = 0, step = 1; i < kPasses; ++i, step *= 2) out = quieting.pass(out, step);
    return out;
}

}  // namespace wp::light
