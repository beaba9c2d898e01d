// SPDX-License-Identifier: GPL-3.0-or-later
// What falls onto veils at a picture's moment: traced once for all its pixels, more surely round by round, for each of
// the picture's parts alone.
#pragma once
#include <functional>
#include <vector>

#include "light/picture.h"
#include "light/picture_sink.h"

namespace wp::light {

class PictureVeils {
 public:
    PictureVeils(const Scene& scene, unsigned seed);
    /// samples: of a part's pixel, up to which the picture is traced next. sink_of(part, tally): what finds light.
    /// Cancelled: not to be asked any more.
    using SinkOf = std::function<PictureSink(size_t part, Tally& tally)>;
    void trace(uint32_t samples, const SinkOf& sink_of, const Cancel& cancel, Tally& tally);
    VeilLux part(size_t part) const;

 private:
    const Scene& scene_;
    VeilCells cells_;
    unsigned seed_;
    uint32_t done_ = 0;                                    // samples of each cell in each part
    std::vector<std::vector<double>> sums_, lux_;          // by part, then cell
    std::vector<std::vector<ByState>> band_sums_, bands_;  // likewise, of a scene in several states
};

}  // namespace wp::light
