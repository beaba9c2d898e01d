// SPDX-License-Identifier: GPL-3.0-or-later
// What paths of a picture find at one moment.
#pragma once
#include "light/daylight.h"
#include "light/directions.h"
#include "light/luminaires.h"
#include "light/remembered_light.h"
#include "light/sun_joins.h"
#include "light/veils.h"

namespace wp::light {

/// What falls onto the outer faces of veils, lux: by cell. Null: nobody knows.
struct VeilLux {
    const VeilCells* cells = nullptr;
    const double* lux = nullptr;
    const ByState* bands = nullptr;  ///< of a scene in several states
};

/// What paths have told of the rooms' surfaces, and what they have still to tell. Null: nothing is remembered.
struct Remembering {
    const RememberedLight* light = nullptr;
    /// A place of which more is to be known: a path from there tells it, and is worth so much to the pixel. 0: enough
    /// is known for the pixel.
    struct Asked {
        RememberedLight::Cell cell;
        LitPlace place;
        float weight;
        random::Stream stream;
        ByState states;  ///< of the path that asks
    };
    std::vector<Asked>* asked = nullptr;  ///< null: such a place is traced on as if it were any
};

/// Luminaires that shine beside daylight.
struct PictureLamps {
    const Luminaires* luminaires = nullptr;       ///< null: none
    const std::vector<float>* shares = nullptr;   ///< of the light of each of their sources
    const std::vector<ByState>* bands = nullptr;  ///< of a scene in bands: what a lux of each source is in them
};

/// Luminance at a ray's end, or the light onto the place where it ends, as the path's weight has it. Of a scene whose
/// states are bands of wavelength its first state is told so, and each of them in the band's own unit.
struct PictureSink {
    using LooksIntoReveals = void;
    const Scene& scene;
    const Daylight& daylight;
    const SunJoins* sun;  ///< null: there is none
    VeilLux veils;
    Tally& tally;
    Remembering memory{};
    PictureLamps lamps{};
    double sum = 0;
    int begun = 0;  ///< reflections before the path that is told of
    ByState bands{};
    size_t choice = 0;  ///< of wavelengths, as the tracer's

    void clear() { sum = 0, bands = {}; }
    /// One after the other, so that all are met as often: what the tracer must be told.
    size_t choose(uint32_t number) { return choice = number % scene.choices(); }
    bool has_bands() const { return scene.states() > 1; }

    void sky(Vec3f d, float weight, const Trail& trail) {
        const double luminance = daylight.sky.luminance(d.as<double>());
        if (has_bands() && daylight.bands_of_sky)
            bands = bands + trail.states * daylight.bands_of_sky(luminance) * (weight * static_cast<float>(luminance));
        sum += static_cast<double>(weight * first_of(trail)) * luminance;
    }
    void ground(float weight, const Trail& trail) {
        const auto luminance = static_cast<float>(daylight.ground_luminance);
        if (has_bands()) bands = bands + trail.states * daylight.bands_of_ground * (weight * luminance);
        sum += static_cast<double>(weight * first_of(trail)) * daylight.ground_luminance;
    }
    void add(float weight, const SunJoins::Found& found, const Trail& trail) {
        if (!(found.share > 0)) return;
        const float lux = weight * found.share * static_cast<float>(daylight.sun_lux);
        if (has_bands()) bands = bands + trail.states * found.states * daylight.bands_of_sun * lux;
        sum += static_cast<double>(lux * first_of(trail) * (has_bands() ? found.states[0] : 1.0f));
    }
    void add(float weight, size_t source, const ByState& found, const Trail& trail) {
        const float lux = weight * (*lamps.shares)[source];
        if (has_bands()) bands = bands + trail.states * found * (*lamps.bands)[source] * lux;
        sum += static_cast<double>(lux * first_of(trail) * found[0]);
    }
    void vertex(const LitPlace& place, float weight, const Trail& trail, random::Stream& stream) {
        if (lamps.luminaires != nullptr) {
            random::Stream own = stream.branch();
            lamps.luminaires->look(
                place.at, place.space,
                [&](Vec3f towards) {
                    const float cosine = dot(towards, place.normal);
                    return cosine > 0 ? static_cast<double>(cosine * veil_share(scene, place.veil, towards)) : 0.0;
                },
                own, choice, tally, [&](size_t source, const ByState& found) { add(weight, source, found, trail); });
        }
        if (sun == nullptr) return;
        const random::Pair dice = stream.next();
        // Of a place that is remembered the sun on itself is found apart.
        if (begun == 0 || trail.order > 0) add(weight, sun->look(place, tally), trail);
        if (!SunJoins::is_worth_it(weight, dice.v)) return;
        if (place.space >= 0 && place.veil < 0) add(weight, sun->join(place, dice.u, tally, choice), trail);
    }
    void gloss(const LitPlace& place, const GlossLobe& lobe, float weight, const Trail& trail, random::Stream& stream) {
        if (lamps.luminaires != nullptr) {
            random::Stream own = stream.branch();
            lamps.luminaires->look(
                place.at, place.space, [&](Vec3f towards) { return static_cast<double>(lobe.density(towards)); }, own,
                choice, tally, [&](size_t source, const ByState& found) { add(weight, source, found, trail); });
        }
        if (sun != nullptr) add(weight, sun->gloss(place, lobe, tally), trail);
    }
    /// A veil that is looked at itself is told place by place.
    bool ends_at(const LitPlace& place, float weight, const Trail& trail) {
        if (veils.cells == nullptr || place.space != geometry::kOutdoors || trail.outdoors || trail.order + begun < 2)
            return false;
        const int cell = veils.cells->cell_at(scene.portals()[static_cast<size_t>(place.veil)], place.veil, place.at);
        if (cell < 0) return false;
        if (veils.bands != nullptr) bands = bands + trail.states * veils.bands[cell] * weight;
        sum += static_cast<double>(weight * first_of(trail)) * veils.lux[cell];
        return true;
    }
    /// Ends most paths at the second surface that they meet. Of few of those it learns still, so that what is
    /// remembered grows ever surer.
    bool remembers(LitPlace place, float weight, const Trail& trail, random::Stream& stream) {
        if (memory.light == nullptr || !trail.from_matt) return false;
        const auto cell = memory.light->cell_of(place);
        if (!cell) return false;
        place.at = place.at + place.normal * kLift;
        const auto known = memory.light->light(*cell);
        const random::Pair dice = stream.next();
        if (memory.asked == nullptr && !known) return false;
        if (memory.asked != nullptr && (!known || dice.u < known->learns))
            memory.asked->push_back({*cell, place, known ? 0.0f : weight, stream.branch(), trail.states});
        // Seldom, but bright: so much sun falls onto a place that it is looked for however little a path carries.
        if (sun != nullptr) add(weight, sun->look(place, tally), trail);
        if (!known) return true;
        if (has_bands()) bands = bands + trail.states * known->bands * weight;
        sum += static_cast<double>(weight * first_of(trail)) * known->lux;
        return true;
    }

 private:
    float first_of(const Trail& trail) const { return has_bands() ? trail.states[0] : 1.0f; }
};

}  // namespace wp::light
