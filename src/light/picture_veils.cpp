// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/picture_veils.h"

#include <algorithm>

#include "base/parallel.h"
#include "light/replicates.h"

namespace wp::light {

namespace {

/// Metres, and samples of a cell for each of a pixel.
constexpr float kCellOfVeil = 0.5f;
constexpr uint32_t kForEach = 32;

}  // namespace

PictureVeils::PictureVeils(const Scene& scene, unsigned seed)
    : scene_(scene), cells_(scene, std::vector<bool>(scene.spaces(), true), kCellOfVeil), seed_(seed) {
    sums_.assign(Picture::kParts, std::vector<double>(cells_.all().size(), 0.0));
    lux_ = sums_;
    if (scene.states() > 1) band_sums_.assign(Picture::kParts, std::vector<ByState>(cells_.all().size(), ByState{}));
    bands_ = band_sums_;
}

void PictureVeils::trace(uint32_t samples, const SinkOf& sink_of, const Cancel& cancel, Tally& all) {
    const uint32_t target = samples * kForEach;
    if (cells_.all().empty() || target <= done_) return;
    std::vector<Tally> tallies(Picture::kParts);
    parallel_for(Picture::kParts, [&](size_t part) {
        Tally found;
        PictureSink sink = sink_of(part, found);
        Tracer<random::Stream, PictureSink> tracer(scene_, sink, Guidance::openings);
        for (size_t c = 0; c < cells_.all().size(); ++c) {
            const VeilCell& cell = cells_.all()[c];
            const uint32_t seed =
                replicate_seed(seed_ ^ 0x3c6ef372u, static_cast<uint32_t>(c), static_cast<uint32_t>(part));
            sink.clear();
            for (uint32_t i = done_; i < target && !cancel.requested(); ++i) {
                random::Stream stream(seed, i);
                if (scene_.choices() > 1) tracer.choose(sink.choose(static_cast<uint32_t>(c) + i));
                if (const auto at = seen_place(scene_, cell, stream, found))
                    tracer.from_veil(*at, cell.normal, cell.portal, stream);
            }
            sums_[part][c] += sink.sum;
            lux_[part][c] = sums_[part][c] / target;
            if (band_sums_.empty()) continue;
            band_sums_[part][c] = band_sums_[part][c] + sink.bands;
            bands_[part][c] = band_sums_[part][c] * (1 / static_cast<float>(target));
        }
        tallies[part] = found;
        tallies[part] += tracer.tally();
    });
    for (const Tally& t : tallies) all += t;
    done_ = target;
}

VeilLux PictureVeils::part(size_t part) const {
    return cells_.all().empty() ? VeilLux{}
                                : VeilLux{&cells_, lux_[part].data(), bands_.empty() ? nullptr : bands_[part].data()};
}

}  // namespace wp::light
