// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/seen.h"

#include <algorithm>
#include <map>

#include "question/sky_view.h"

namespace wp::question {

namespace {

constexpr double kWorthNaming = 0.1;
constexpr size_t kMostNames = 3;

class Namer {
 public:
    Namer(const geometry::Surfaces& surfaces, const model::Option* option) : surfaces_(surfaces), option_(option) {}

    SeenPart disc(const light::SeenSun& sun) const {
        if (sun.pane < 0) return {"sun", {}, 1};
        const auto& opening = surfaces_.portals[static_cast<size_t>(sun.pane)].opening;
        return {"sun mirrored in " + opening, opening, 1};
    }
    SeenPart pixel(const light::Sight& sight) const {
        if (sight.pane >= 0) {
            const auto& opening = surfaces_.portals[static_cast<size_t>(sight.pane)].opening;
            return {opening, opening, 0};
        }
        if (sight.surface < 0) return {"sky", {}, 0};
        const auto& surface = surfaces_.surfaces[static_cast<size_t>(sight.surface)];
        return {option_ != nullptr ? surface_words(surface, *option_) : std::string(surface.source), {}, 0};
    }

 private:
    const geometry::Surfaces& surfaces_;
    const model::Option* option_;
};

}  // namespace

std::vector<std::vector<SeenPart>> parts_of(std::span<const metric::GlareSource> sources, const light::Picture& picture,
                                            const std::vector<light::Sight>& sights,
                                            const geometry::Surfaces& surfaces, const model::Option* option) {
    const Namer namer(surfaces, option);
    std::vector<std::vector<SeenPart>> out;
    for (const auto& source : sources) {
        auto& parts = out.emplace_back();
        if (source.disc >= 0) {
            parts.push_back(namer.disc(picture.suns[static_cast<size_t>(source.disc)]));
            continue;
        }
        // By what is met first; many pixels show the same thing.
        std::map<std::pair<int, int>, double> light;
        double all = 0;
        for (const uint32_t at : source.pixels) {
            const light::Sight& sight = sights[at];
            const double value = static_cast<double>(picture.value[at]);
            light[{sight.pane, sight.pane < 0 ? sight.surface : 0}] += value;
            all += value;
        }
        std::map<std::string, SeenPart> by_words;
        for (const auto& [what, value] : light) {
            light::Sight sight;
            sight.pane = what.first;
            sight.surface = what.second;
            SeenPart part = namer.pixel(sight);
            by_words.try_emplace(part.words, part).first->second.share += all > 0 ? value / all : 0;
        }
        for (auto& [words, part] : by_words) parts.push_back(std::move(part));
        std::ranges::stable_sort(parts, std::greater(), &SeenPart::share);
    }
    return out;
}

std::string words_of(const std::vector<SeenPart>& parts) {
    std::string out;
    for (size_t i = 0; i < std::min(parts.size(), kMostNames); ++i)
        if (i == 0 || parts[i].share >= kWorthNaming) out += (i > 0 ? ", " : "") + parts[i].words;
    return out;
}

}  // namespace wp::question
