// SPDX-License-Identifier: GPL-3.0-or-later
// What is seen through a lens: luminance, or the illuminance on what is seen, pixel by pixel.
//
// Sky, ground, sun and what panes and mirrors show of them are exact along each ray; only light that matt surfaces
// reflect is sampled. What the sun lights is found twice (sun_joins.h), so that sunlit rooms do not sparkle.
#pragma once
#include <functional>
#include <string>
#include <string_view>
#include <vector>

#include "base/progress.h"
#include "base/result.h"
#include "light/daylight.h"
#include "light/lens.h"
#include "light/luminaires.h"
#include "light/scene.h"
#include "light/trail.h"

namespace wp::light {

/// A pose at a place, heading and altitude in radians; heading clockwise from +y.
Pose make_eye(Vec3 at, double heading, double altitude);

enum class PictureOf {
    luminance,
    illuminance,
    melanopic,  ///< melanopic equivalent daylight luminance, cd/m^2: made of bands of wavelength, not traced
    ratio,      ///< of that to luminance, likewise
};

struct PictureTask {
    const Scene* scene = nullptr;  ///< in one state, or in bands of wavelength; the first is what is judged by
    Lens lens;
    Pose pose;
    Daylight daylight;
    PictureOf of = PictureOf::luminance;
    /// Wanted: the half-width of the field's light, and of a typical pixel in each part of the picture, as shares.
    double accuracy = 0.02, pixel_accuracy = 1;
    unsigned seed = 1;
    /// Luminaires that shine beside daylight, the share of its light that each of their sources gives and, of a scene
    /// in bands of wavelength, what a lux of each source is in every band.
    std::vector<PlacedLuminaire> luminaires{};
    std::vector<float> shares{};
    std::vector<ByState> bands_of_sources{};
    bool keeps_parts = true;  ///< of the picture: eight times as many numbers
};

/// The sun, straight or mirrored once in a pane, as it is seen.
struct SeenSun {
    Vec3 direction{0, 0, -1};
    double normal_lux = 0;  ///< that reaches the eye, normal to the beam
    int pane = -1;          ///< portal that mirrors it; -1: seen straight
};

struct Picture {
    Lens lens;
    Pose pose;
    PictureOf of = PictureOf::luminance;
    /// cd/m^2 or lux, row 0 on top; 0 outside the circle. Suns are not drawn in; see suns.
    std::vector<float> value;
    std::vector<float> error;  ///< standard error of each
    /// Of a scene whose states are bands of wavelength: of each but the first, in the unit of its daylight. Not told
    /// before the end.
    std::vector<std::vector<float>> bands;
    std::vector<SeenSun> suns;
    /// Hemisphere: vertical illuminance at the eye without suns, lux. Else the mean over the picture, by solid angle
    /// where there is one.
    double field = 0;
    double relative_half_width = 0;  ///< 95 %, of the field
    double pixel_half_width = 0;     ///< 95 %, relative, of the pixel in the middle of the order
    uint32_t samples = 0;            ///< in the pixel with the fewest; 0: some pixels stand for their neighbours yet
    bool settled = false;
    /// The same picture of every kParts-th sample, each alone: what they differ by is what chance leaves.
    static constexpr size_t kParts = 8;
    static constexpr double kStudent = 2.365;  ///< Student's t for 95 % and 7 degrees of freedom
    std::vector<std::vector<float>> parts;
    Tally tally;

    /// The sun that is seen straight, lux normal to the beam; 0: none.
    double sun_normal_lux() const;

    /// For the disk and for other processes; what comes from there is checked, and belongs to a lens and a pose.
    std::string write() const;
    static Result<Picture> read(std::string_view bytes, const Lens& lens, const Pose& pose, PictureOf of);
};

/// By what each pixel counts in a picture's field; 0 outside the circle.
std::vector<double> field_weights(const Lens& lens);
/// Of values in place of a picture's own.
double field_of(const std::vector<float>& value, const std::vector<double>& weights);

/// Coarse at first, then pixel by pixel, until it is as sure as the task wants. Same bits for any number of threads.
/// step sees the picture after every round.
using PictureStep = std::function<void(const Picture&)>;
Picture trace_picture(const PictureTask& task, const Cancel& cancel = {}, const PictureStep& step = {});

}  // namespace wp::light
