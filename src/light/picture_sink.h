// SPDX-License-Identifier: GPL-3.0-or-later
// What paths of a picture find at one moment.
#pragma once
#include "light/daylight.h"
#include "light/sun_joins.h"
#include "light/veils.h"

namespace wp::light {

/// What falls onto the outer faces of veils, lux: by cell. Null: nobody knows.
struct VeilLux {
    const VeilCells* cells = nullptr;
    const double* lux = nullptr;
};

/// Luminance at a ray's end, or the light onto the place where it ends, as the path's weight has it.
struct PictureSink {
    const Scene& scene;
    const Daylight& daylight;
    const SunJoins* sun;  ///< null: there is none
    VeilLux veils;
    Tally& tally;
    double sum = 0;

    void sky(Vec3f d, float weight, const Trail&) {
        sum += static_cast<double>(weight) * daylight.sky.luminance(d.as<double>());
    }
    void ground(float weight, const Trail&) { sum += static_cast<double>(weight) * daylight.ground_luminance; }
    void add(float weight, const SunJoins::Found& found) {
        sum += static_cast<double>(weight * found.share) * daylight.sun_lux;
    }
    void vertex(const LitPlace& place, float weight, const Trail&, random::Stream& stream) {
        if (sun == nullptr) return;
        const random::Pair dice = stream.next();
        if (!SunJoins::is_worth_it(weight, dice.v)) return;
        add(weight, sun->look(place, tally));
        if (place.space >= 0 && place.veil < 0) add(weight, sun->join(place, dice.u, tally));
    }
    void gloss(const LitPlace& place, const GlossLobe& lobe, float weight, const Trail&, random::Stream&) {
        if (sun != nullptr) add(weight, sun->gloss(place, lobe, tally));
    }
    /// A veil that is looked at itself is told place by place.
    bool ends_at(const LitPlace& place, float weight, const Trail& trail) {
        if (veils.cells == nullptr || place.space != geometry::kOutdoors || trail.outdoors || trail.order < 2)
            return false;
        const int cell = veils.cells->cell_at(scene.portals()[static_cast<size_t>(place.veil)], place.veil, place.at);
        if (cell < 0) return false;
        sum += static_cast<double>(weight) * veils.lux[cell];
        return true;
    }
};

}  // namespace wp::light
