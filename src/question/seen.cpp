// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/seen.h"

#include <algorithm>
#include <map>

#include "question/sky_view.h"

namespace wp::question {

namespace {

constexpr double kWorthNaming = 0.1;
constexpr size_t kMostNames = 3;

SeenPart sun_in(const geometry::Portal& portal) { return {"sun mirrored in " + portal.opening, portal.opening, 1}; }

class Naming {
 public:
    Naming(SeenThings& out, const geometry::Surfaces& surfaces, const model::Option* option)
        : out_(out), surfaces_(surfaces), option_(option) {}

    // Many pixels show the same thing, and many surfaces have one name.
    uint32_t name(const light::Sight& sight) {
        const std::pair key(sight.pane, sight.pane < 0 ? sight.surface : 0);
        const auto known = by_sight_.find(key);
        if (known != by_sight_.end()) return known->second;
        SeenPart part = named(sight);
        const auto [it, fresh] = by_words_.try_emplace(part.words, static_cast<uint32_t>(out_.names.size()));
        if (fresh) out_.names.push_back(std::move(part));
        return by_sight_[key] = it->second;
    }

 private:
    SeenPart named(const light::Sight& sight) const {
        if (sight.pane >= 0) {
            const auto& opening = surfaces_.portals[static_cast<size_t>(sight.pane)].opening;
            return {opening, opening, 0};
        }
        if (sight.surface < 0) return {"sky", {}, 0};
        const auto& surface = surfaces_.surfaces[static_cast<size_t>(sight.surface)];
        return {option_ != nullptr ? surface_words(surface, *option_) : std::string(surface.source), {}, 0};
    }
    SeenThings& out_;
    const geometry::Surfaces& surfaces_;
    const model::Option* option_;
    std::map<std::pair<int, int>, uint32_t> by_sight_;
    std::map<std::string, uint32_t> by_words_;
};

std::vector<SeenPart> parts_of_pixels(const metric::GlareSource& source, const light::Picture& picture,
                                      const SeenThings& things) {
    std::map<uint32_t, double> light;
    double all = 0;
    for (const uint32_t at : source.pixels) {
        const double value = static_cast<double>(picture.value[at]);
        light[things.thing[at]] += value;
        all += value;
    }
    std::vector<SeenPart> out;
    for (const auto& [thing, value] : light) {
        out.push_back(things.names[thing]);
        out.back().share = all > 0 ? value / all : 0;
    }
    std::ranges::stable_sort(out, std::greater(), &SeenPart::share);
    return out;
}

// The sun, and where one sees it.
SeenPart sun_through(const light::SeenSun& sun, const light::Picture& picture, const SeenThings* things) {
    SeenPart out{"sun", {}, 1};
    const auto at = things != nullptr ? light::place_of(picture.lens, picture.pose, sun.direction) : std::nullopt;
    if (!at) return out;
    const int x = static_cast<int>(at->x), y = static_cast<int>(at->y);
    if (x < 0 || y < 0 || x >= picture.lens.width || y >= picture.lens.height) return out;
    const auto pixel = static_cast<size_t>(y) * static_cast<size_t>(picture.lens.width) + static_cast<size_t>(x);
    const auto& seen = things->names[things->thing[pixel]];
    if (seen.opening.empty()) return out;
    return {"sun in " + seen.words, seen.opening, 1};
}

}  // namespace

std::shared_ptr<const SeenThings> see_things(const light::Scene& scene, const light::Lens& lens,
                                             const light::Pose& pose, const geometry::Surfaces& surfaces,
                                             const model::Option* option, const Cancel& cancel) {
    auto out = std::make_shared<SeenThings>();
    out->sights = light::look_around(scene, lens, pose, cancel);
    Naming naming(*out, surfaces, option);
    out->thing.reserve(out->sights.size());
    for (const auto& sight : out->sights) out->thing.push_back(naming.name(sight));
    for (const auto& portal : surfaces.portals) out->mirrors.push_back(sun_in(portal));
    return out;
}

std::vector<std::vector<SeenPart>> parts_of(std::span<const metric::GlareSource> sources, const light::Picture& picture,
                                            const SeenThings* things) {
    std::vector<std::vector<SeenPart>> out;
    for (const auto& source : sources) {
        auto& parts = out.emplace_back();
        if (source.disc < 0) {
            if (things != nullptr) parts = parts_of_pixels(source, picture, *things);
            continue;
        }
        const auto& sun = picture.suns[static_cast<size_t>(source.disc)];
        const int pane = sun.pane;
        const bool known = pane >= 0 && things != nullptr && static_cast<size_t>(pane) < things->mirrors.size();
        parts.push_back(known ? things->mirrors[static_cast<size_t>(pane)] : sun_through(sun, picture, things));
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
