// SPDX-License-Identifier: GPL-3.0-or-later
// What is seen at one moment, through any lens: the picture; of a hemisphere and of the whole sphere, glare.
#pragma once
#include <functional>
#include <memory>
#include <optional>
#include <vector>

#include "base/cache.h"
#include "base/progress.h"
#include "geometry/surfaces.h"
#include "light/picture.h"
#include "model/option.h"
#include "question/blinds_now.h"
#include "question/electric_field.h"
#include "question/glare_judge.h"
#include "question/outdoors.h"
#include "question/record.h"
#include "question/seen.h"
#include "question/spectral_picture.h"

namespace wp::question {

/// Glare for an eye at a place that looks level, or as its observer does, in one direction.
struct Facing {
    double heading = 0;  ///< degrees clockwise from the drawing's +y
    double vertical_lux = 0, half_width = 0;
    double dgp = 0, dgp_low = 0, dgp_high = 0;
    std::vector<std::optional<double>> indices;  ///< as metric::glare_indices()
    std::string worst;                           ///< what the strongest source is; empty: there is none
};

struct GlareAnswer : Judged {
    light::Picture picture;
    std::shared_ptr<const SeenThings> things;  ///< in it; null: nobody knows
    std::vector<std::vector<SeenPart>> parts;  ///< of each source
    std::vector<Facing> around;                ///< of a whole sphere: every kFacingStep degrees from 0
    bool judged = true;                        ///< false: the lens shows no whole field, figures of glare are nought
    BlindsNow blinds;                          ///< how they stood
    model::Observer observer;
    metric::SourceRule rule;
    climate::Moment moment;
    std::shared_ptr<const SpectralPicture> spectral;  ///< the same by wavelength, where that was asked and is done
    size_t bands = 0, bands_done = 0;                 ///< of it; 0: it was not asked
    std::string sky;                                  ///< which, and where its light is from
    double sun_altitude = 0;                          ///< degrees
    Record record;
};
inline constexpr int kFacingStep = 5;

struct GlareTask {
    const geometry::Surfaces* surfaces = nullptr;
    const model::Option* option = nullptr;  ///< for names
    model::Observer observer;
    Outdoors outdoors;
    light::Lens lens{light::Lens::Kind::hemisphere, 256, 256};
    light::PictureOf of = light::PictureOf::luminance;
    double pixel_accuracy = 1;
    metric::SourceRule sources;
    BlindsNow blinds;
    const model::Project* project = nullptr;  ///< for colours: wanted with bands
    size_t bands = 0;                         ///< of wavelength, besides all light; 0: none
    model::SkyColour sky_colour = model::SkyColour::d65;
    PlacedCircuits circuits{};    ///< luminaires that shine beside daylight; none: daylight alone
    std::vector<float> shares{};  ///< of the light of each of their sources
};
/// What a lens of an observer's shows: the whole sphere stands level, its middle towards the drawing's +y.
light::Pose pose_of(const model::Observer& observer, const light::Lens& lens);

/// step sees the answer after every round: coarse at first, then ever surer.
using GlareStep = std::function<void(const GlareAnswer&)>;
/// cache: where pictures are kept that are whole, and found again without tracing.
GlareAnswer solve_glare(const GlareTask& task, const Effort& effort, const Cancel& cancel = {},
                        const GlareStep& step = {}, const Cache& cache = {});
/// "cd/m²" or "lx".
const char* unit_of(light::PictureOf of);
/// What an answer depends on.
Fingerprint glare_inputs(const GlareTask& task, const Effort& effort);
/// The same picture judged by another rule; without what is around.
GlareAnswer judged_anew(const GlareAnswer& answer, const metric::SourceRule& rule);
/// How far an answer has come, as a share: for who shows progress.
double progress_of(const GlareAnswer& answer);

}  // namespace wp::question
