// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/sharp_sources.h"

#include <algorithm>
#include <cmath>

namespace wp::question {

namespace {

// Filled less, a pixel may be a bar between parts of a source.
constexpr double kWhole = 0.95;

/// What sources would be if their edges were sharp. A pixel that a source fills in part dims its mean if it is counted,
/// and is missed if it is not. How far it is filled is told by the brightest and the darkest of its neighbours.
class SharpSources {
 public:
    SharpSources(const metric::LuminanceField& field, const std::vector<metric::GlareSource>& sources,
                 const metric::SourceRule& rule)
        : field_(field),
          sources_(sources),
          limit_(metric::source_limit(field, rule)),
          owner_(field.luminance.size(), -1),
          core_(field.luminance.begin(), field.luminance.end()) {
        for (size_t i = 0; i < sources.size(); ++i)
            for (const uint32_t at : sources[i].pixels) owner_[at] = static_cast<int>(i);
        sharpen();
        split(rule);
    }
    double contrast() const {
        double sum = 0;
        for (const auto& source : sources_) sum += source.contrast();
        return sum;
    }

 private:
    struct Around {
        double dark = 1e30, bright = 0;
        int owner = -1;  // of the brightest
    };
    void sharpen() {
        std::vector<double> flux;
        for (const auto& source : sources_) flux.push_back(source.luminance * source.solid_angle);
        for (size_t at = 0; at < owner_.size(); ++at)
            if (is_seen(at)) sharpen(at, flux);
        for (size_t i = 0; i < flux.size(); ++i) sources_[i].luminance = flux[i] / sources_[i].solid_angle;
    }
    void sharpen(size_t at, std::vector<double>& flux) {
        const Around around = around_of(at);
        if (around.owner < 0) return;
        const double own = static_cast<double>(field_.luminance[at]), solid = field_.solid_angle[at];
        // Thinner than a pixel, what is dark fills none: it may be black. A source reaches down to the limit itself.
        const double dark = around.dark >= limit_ ? 0 : around.dark;
        const double filled = (own - dark) / (around.bright - dark);
        const bool counted = owner_[at] >= 0;
        const auto owner = static_cast<size_t>(counted ? owner_[at] : around.owner);
        if (counted) {
            sources_[owner].solid_angle -= (1 - filled) * solid;
            flux[owner] -= (1 - filled) * dark * solid;
            if (filled < kWhole) core_[at] = 0;
        } else {
            sources_[owner].solid_angle += filled * solid;
            flux[owner] += filled * around.bright * solid;
        }
    }
    bool is_seen(size_t at) const { return field_.solid_angle[at] > 0 && field_.to_eye(field_.direction[at]).z > 0; }
    // Bars thinner than a pixel part a source: each of its parts has its own place in the field of view.
    void split(metric::SourceRule rule) {
        auto field = field_;
        field.luminance = core_;
        field.error = {};
        field.discs = {};
        rule.against = metric::SourceRule::Against::fixed_luminance;
        rule.luminance = limit_;
        std::vector<double> solid(sources_.size()), weighed(sources_.size());
        for (const auto& part : metric::find_sources(field, rule)) {
            if (owner_[part.pixels.front()] < 0) continue;  // too noisy to be a source
            const auto owner = static_cast<size_t>(owner_[part.pixels.front()]);
            solid[owner] += part.solid_angle;
            weighed[owner] += part.solid_angle / (part.position * part.position);
        }
        for (size_t i = 0; i < solid.size(); ++i)
            if (solid[i] > 0) sources_[i].position = std::sqrt(solid[i] / weighed[i]);
    }
    Around around_of(size_t at) const {
        const int wide = field_.width, x = static_cast<int>(at) % wide, y = static_cast<int>(at) / wide;
        Around out;
        for (int v = std::max(y - 1, 0); v <= std::min(y + 1, field_.height - 1); ++v)
            for (int u = x - 1; u <= x + 1; ++u) {
                const int column = field_.wraps ? (u + wide) % wide : u;
                if (column < 0 || column >= wide) continue;
                take(out, static_cast<size_t>(v) * static_cast<size_t>(wide) + static_cast<size_t>(column));
            }
        return out;
    }
    void take(Around& out, size_t at) const {
        if (field_.solid_angle[at] <= 0) return;
        const double value = static_cast<double>(field_.luminance[at]);
        out.dark = std::min(out.dark, value);
        if (value > out.bright) out.bright = value, out.owner = owner_[at];
    }
    const metric::LuminanceField& field_;
    std::vector<metric::GlareSource> sources_;
    double limit_;
    std::vector<int> owner_;   // the source that has a pixel; -1: none
    std::vector<float> core_;  // luminances without the pixels that sources fill in part
};

}  // namespace

double sharp_contrast(const metric::LuminanceField& field, const std::vector<metric::GlareSource>& sources,
                      const metric::SourceRule& rule) {
    return SharpSources(field, sources, rule).contrast();
}

}  // namespace wp::question
