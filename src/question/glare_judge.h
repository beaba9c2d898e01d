// SPDX-License-Identifier: GPL-3.0-or-later
// A luminance picture judged for an eye in it: its indices of glare, with a band of what chance, resolution and the
// choice of sources leave open.
#pragma once
#include "light/picture.h"
#include "light/sight.h"
#include "metric/glare_index.h"
#include "metric/glare_sources.h"

namespace wp::question {

struct Judged : metric::GlareView {
    double half_width = 0;  ///< 95 %, lux, of the vertical illuminance
    double contrast = 0;    ///< of the field, without suns: standard deviation over mean
    double dgp = 0;
    /// 95 %: what chance leaves of illuminance and picture, what the picture's resolution does, and what finding the
    /// sources at 4 or 6 times the mean instead of 5 would change; each is told.
    double dgp_low = 0, dgp_high = 0;
    double dgp_by_chance = 0, dgp_by_resolution = 0, dgp_by_sources = 0;
    bool in_range = true;  ///< within what DGP was fitted for

    const GlareView& view() const { return *this; }
};

/// Judges pictures of one lens; its geometry is found once.
class Judge {
 public:
    Judge(const light::Lens& lens, const metric::SourceRule& rule);

    /// Along the picture's own line of sight.
    Judged along_sight(const light::Picture& picture) const;
    /// Of a picture all around: an eye that looks along heading and altitude, radians, of the sphere's axes.
    Judged towards(const light::Picture& picture, double heading, double altitude) const;

 private:
    struct Eye {
        Vec3 right{1, 0, 0}, up{0, 1, 0}, forward{0, 0, 1};  ///< in the lens's axes
    };
    metric::LuminanceField field(const light::Picture& picture, const Eye& eye,
                                 std::span<const metric::Disc> discs) const;
    Judged judge(const light::Picture& picture, const Eye& eye) const;
    double half_width(const light::Picture& picture, metric::LuminanceField field) const;
    void tell_band(Judged& out, const light::Picture& picture, const metric::LuminanceField& field) const;

    light::Lens lens_;
    metric::SourceRule rule_;
    light::LensField fine_;
};

/// Where pictures can be judged: a hemisphere, or the whole sphere.
bool can_judge(const light::Lens& lens);

}  // namespace wp::question
