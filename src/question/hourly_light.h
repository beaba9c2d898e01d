// SPDX-License-Identifier: GPL-3.0-or-later
// Light of points by hour, but for direct sun, from traced pieces, panes as they are now and any course of the blinds.
// What was computed for one course is taken over by the next wherever blinds stand the same, so that another control
// costs the hours in which it does what none did before.
#pragma once
#include <algorithm>
#include <array>
#include <map>
#include <memory>
#include <mutex>
#include <span>
#include <vector>

#include "question/mixed_blinds.h"
#include "question/tiles.h"
#include "question/year_light.h"
#include "question/year_sky.h"

namespace wp::question {

/// What panes do now, over what they did when a piece was traced, by the direction light came from outdoors.
class PaneChange {
 public:
    /// layers: of the state of the blinds. Openings' panes are given by the first portal of each.
    /// directions: of the columns, unit, towards where the light comes from.
    PaneChange(const geometry::Surfaces& then, const geometry::Surfaces& now, const light::BlindLayers& layers,
               const std::vector<int>& opening_of_portal, size_t openings, const std::vector<Vec3f>& directions);
    float at(size_t opening, size_t column) const { return at_[opening * columns_ + column]; }
    float evenly(size_t opening) const { return evenly_[opening]; }

 private:
    size_t columns_;
    std::vector<float> at_, evenly_;
};

/// From the group of each opening that of each portal: -1 for those of none.
std::vector<int> groups_of_portals(const YearLight& light, const std::vector<int>& group_of_opening);

class HourlyLight {
 public:
    /// groups: of which window group each source of the light is, -1 none. panes: as they are now.
    HourlyLight(std::shared_ptr<const YearLight> light, std::shared_ptr<const YearSky> sky,
                const geometry::Surfaces& panes, std::vector<int> group_of_opening, size_t groups);

    /// State of the blinds by group and lit hour.
    using Course = std::vector<std::vector<uint8_t>>;
    /// Of the points of a block: lit hours x points, lux. May be called from any thread. The same bits whatever was
    /// asked before.
    std::vector<float> block(size_t block, const Course& course);
    /// Of the same the squares of the standard errors. Nothing of it is kept.
    std::vector<float> variance(size_t block, const Course& course);
    /// Mean over a plane through one group (-1: through none) in one state of its blinds, all others open, by lit hour.
    std::vector<double> mean_through(size_t plane, int group, size_t layer);

    /// By what share light reflected indoors is more than it was traced for a plane and a state of the blinds it came
    /// through: others stand otherwise.
    double more(size_t plane, size_t layer, std::span<const uint8_t> states) const {
        return mixed_.more(light_->planes[plane].space, layer, states);
    }
    /// Which share of a point's light through one group, in one state of its blinds, was reflected indoors last,
    /// typically: of all that shines in a year.
    const std::vector<float>& reflected_share(size_t block, size_t state, int group, size_t layer);
    /// What shone in all lit hours of one state of trees and ground, by column.
    struct Shone {
        std::vector<double> sum;
        size_t hours = 0;
    };
    const Shone& shone(size_t state) const { return shone_[state]; }

    /// What panes and veils leave of the sun, in a state of the blinds of what it comes through, for pieces that were
    /// traced with some panes.
    struct SunThrough {
        std::shared_ptr<const std::vector<float>> beams;  ///< lit hours x portals x layers
        std::shared_ptr<const std::vector<float>>
            veils;  ///< lit hours x portals; over the mean that pieces were traced with
        size_t layer = 0;
    };
    SunThrough sun_through(const light::PaneFigures& then, size_t layer) {
        return {beam_shares(light_->sunlit.panes), veils_of(then, layer), layer};
    }
    /// The sun on one patch. Calls see(lit hour, beam, lux), hours ascending: indoors lux of the beam that came by
    /// beam.portal, outdoors of all that falls there. Waits for no lock.
    template <class See>
    void each_hour_on(size_t patch, const SunThrough& through, See&& see) const {
        see_beams(patch, light_->sunlit.on(patch), through, kLit, see);
    }
    /// The sun of a lit hour on all patches: see(patch, beam, lux), of beams without a lit spot what they would bring.
    template <class See>
    void each_sunlit(size_t lit_hour, const SunThrough& through, See&& see) const {
        for (size_t p = 0; p < light_->patches.count(); ++p)
            see_beams(p, light_->sunlit.on(p, first_sun_[lit_hour], first_sun_[lit_hour + 1]), through, kAll,
                      [&](size_t, const light::Sunlit::Beam& beam, float lux) { see(p, beam, lux); });
    }
    /// What the sun brought onto each patch in all lit hours of one state of trees and ground, lux times hours. Onto
    /// patches indoors: through the windows of one group only, or of kAnyGroup.
    static constexpr int kAnyGroup = -2;
    const std::vector<double>& sunlit_sum(size_t state, int group, size_t layer, const light::PaneFigures& then);
    int group_of_portal(int portal) const { return portal < 0 ? -1 : group_of_portal_[static_cast<size_t>(portal)]; }

    /// The piece that holds in a state of the blinds: one that changes nothing has none of its own. Null where nothing
    /// was traced.
    YearLight::Piece piece(size_t block, size_t state, size_t layer) const;
    /// Of each of that piece's patches the place among those of all.
    const std::vector<uint32_t>& patches_of(size_t block, size_t state, size_t layer) const {
        return light_->notes[piece_index(block, state, layer)].patches;
    }
    /// The least state of the blinds that is traced no differently.
    size_t same_layer(size_t block, size_t layer) const;
    /// Null: panes are what they were.
    const PaneChange* change_of(const light::PaneFigures& then, size_t layer);
    float factor(const PaneChange* change, light::Entry entry, size_t opening, size_t column) const;
    /// The same of light off patches, by row: what was reflected outdoors came to the pane from anywhere; that of
    /// others is in each_sunlit.
    float patch_factor(const PaneChange* change, uint32_t row) const;
    int group_of(size_t opening) const { return group_of_opening_[opening]; }
    /// What a beam that came through a portal with blinds open, as it was traced, has left now in each state of the
    /// blinds: lit hours x portals x layers.
    using BeamShares = std::vector<float>;
    std::shared_ptr<const BeamShares> beam_shares(const light::PaneFigures& then);
    Vec3f direction_of(size_t column) const { return direction_of_column_[column]; }
    size_t state_of(size_t lit_hour) const { return state_of_lit_[lit_hour]; }
    /// Some of the light was traced with other panes.
    bool changed() const { return changed_; }

    /// Whether answers made of these may share one of this class.
    bool serves(const YearLight* light, const YearSky* sky, const geometry::Surfaces& panes,
                const std::vector<int>& group_of_opening) const;

 private:
    static constexpr auto kAll = [](size_t, const light::Sunlit::Beam&) { return true; };
    static constexpr auto kLit = [](size_t, const light::Sunlit::Beam& beam) { return beam.lit > 0; };
    // Which suns are up in which lit hours, and where the beams of each span begin.
    void number_suns();
    /// Hours whose sky is laid out together, and hours whose sun is looked up together.
    static constexpr size_t kPanel = 32, kSpan = 256;
    // What points take off patches.
    struct PatchPart {
        std::vector<uint32_t> patches;  // of all; that points take anything off, ascending
        std::vector<float> taken;       // tile x patch x point
        std::vector<float> noise;       // likewise, times the noise; only where errors are asked for
        size_t bytes() const { return (taken.size() + noise.size() + patches.size()) * sizeof(float); }
    };
    // Rows of all points of a block through one group (-1: through none), in one state of its blinds and one of trees
    // and ground: in tiles of points, for the columns that any of them uses. No tiles: no light.
    struct Part {
        size_t tiles = 0;
        std::vector<uint32_t> columns;             // of the layout
        std::vector<float> dense;                  // tile x column x point
        PatchPart outdoors;                        // through this group
        std::shared_ptr<const PatchPart> indoors;  // the same for all groups: each light counts by where it came in
        light::PaneFigures panes;
    };
    std::shared_ptr<const std::vector<float>> veils_of(const light::PaneFigures& then, size_t layer);
    // group: kAnyGroup: of patches indoors.
    PatchPart unpack_patches(size_t block, size_t state, int group, size_t layer,
                             const light::CompactCoefficients& from, bool noise);
    std::shared_ptr<const PatchPart> indoors(size_t block, size_t state, size_t layer,
                                             const light::CompactCoefficients& from, bool noise);
    // Those that are wanted(lit hour, beam).
    template <class Wanted, class See>
    void see_beams(size_t patch, std::span<const light::Sunlit::Beam> beams, const SunThrough& through, Wanted&& wanted,
                   See&& see) const {
        const size_t portals = panes_.portals.size(), layers = light_->layers.size();
        const bool indoors = light_->patches.patches[patch].space >= 0;
        const int veil = light_->patches.patches[patch].veil;
        for (const auto& beam : beams) {
            const int r = lit_of_sun_[beam.sun];
            if (r < 0 || !wanted(static_cast<size_t>(r), beam)) continue;
            const auto lit_hour = static_cast<size_t>(r);
            float lux = sky_->beam[lit_hour] * beam.share;
            if (indoors && beam.portal >= 0)
                lux *=
                    (*through.beams)[(lit_hour * portals + static_cast<size_t>(beam.portal)) * layers + through.layer];
            if (veil >= 0) lux *= (*through.veils)[lit_hour * portals + static_cast<size_t>(veil)];
            if (lux > 0) see(lit_hour, beam, lux);
        }
    }
    // Beams of a patch in lit hours from n kSpan on, kSpan of them.
    std::span<const light::Sunlit::Beam> beams_of_span(size_t patch, size_t n) const {
        const uint32_t* at = &span_first_[patch * spans_ + n];
        return {light_->sunlit.beams.data() + at[0], light_->sunlit.beams.data() + at[1]};
    }
    // What the sun brings onto a patch in hours that are computed together.
    struct SunRow {
        uint32_t place = 0;  // in PatchPart
        std::array<float, kAbreast> lux{};
    };
    std::vector<std::vector<SunRow>> sun_rows(const PatchPart& rows, int group, const SunThrough& through,
                                              std::span<const size_t> hours) const;
    // Calls see(place, index of the hour, beam, lux), places ascending, for what comes through a group. The hours are
    // of one span. which: kLit or kAll.
    template <class Which, class See>
    void each_of_part(const PatchPart& rows, int group, const SunThrough& through, std::span<const size_t> hours,
                      Which&& which, See&& see) const {
        if (hours.empty()) return;
        std::array<int16_t, kSpan> index;
        index.fill(-1);
        const size_t span = hours[0] / kSpan;
        for (size_t h = 0; h < hours.size(); ++h) index[hours[h] - span * kSpan] = static_cast<int16_t>(h);
        for (uint32_t place = 0; place < rows.patches.size(); ++place) {
            const uint32_t patch = rows.patches[place];
            const bool any = light_->patches.patches[patch].space < 0;
            see_beams(
                patch, beams_of_span(patch, span), through,
                [&](size_t r, const light::Sunlit::Beam& beam) {
                    return which(r, beam) && (any || group_of_portal(beam.portal) == group) &&
                           index[r - span * kSpan] >= 0;
                },
                [&](size_t r, const light::Sunlit::Beam& beam, float lux) {
                    see(place, static_cast<size_t>(index[r - span * kSpan]), beam, lux);
                });
        }
    }
    // Hours cut where spans end.
    static std::vector<std::span<const size_t>> by_span(std::span<const size_t> hours);
    // Each hour beside the same hour of the next days: what is computed together is lit alike.
    std::vector<size_t> alike(std::span<const size_t> hours) const;
    void add_sun(size_t points, const PatchPart& rows, int group, const SunThrough& through,
                 std::span<const size_t> hours, float* to) const;
    // Light of a block through one group in one state of its blinds, of the hours that were wanted so far.
    struct Through {
        std::vector<float> light;  // lit hours x points
        std::vector<bool> known;
    };
    const Part& part(size_t block, size_t state, int group, size_t layer);
    Part unpack(size_t block, size_t state, int group, size_t layer, bool noise = false);
    // Adds up hours of a block into lit hours x points.
    // squared: of what shines its square.
    void compute(size_t points, const Part& rows, std::span<const size_t> hours, bool squared, float* to) const;
    void add_sun_variance(size_t points, const PatchPart& rows, int group, const SunThrough& through,
                          std::span<const size_t> hours, float* to) const;
    void add_variance(size_t block, size_t state, int group, size_t layer, std::span<const size_t> hours,
                      std::vector<float>& to);
    size_t piece_index(size_t block, size_t state, size_t layer) const;
    // more: by hour of the list, see above; empty: nothing anywhere.
    void add(size_t block, int group, size_t layer, const std::vector<size_t>& hours, const std::vector<float>& more,
             float* to);
    void add_lightened(size_t block, int group, size_t layer, const std::vector<size_t>& hours,
                       const std::vector<float>& more, const float* from, float* to);
    void compute_block(size_t block, int group, size_t layer, const std::vector<size_t>& hours, float* to);
    bool gives(size_t block, int group) const;

    std::shared_ptr<const YearLight> light_;
    std::shared_ptr<const YearSky> sky_;
    geometry::Surfaces panes_;
    light::PaneFigures figures_now_;
    Fingerprint glass_;
    std::vector<int> group_of_opening_, group_of_portal_;
    size_t groups_;
    bool changed_ = false;
    std::vector<Vec3f> direction_of_column_;
    std::vector<size_t> state_of_lit_;
    std::vector<int> lit_of_sun_;       // -1: no light then
    size_t spans_ = 0;                  // and one past them
    std::vector<uint32_t> span_first_;  // of the beams: patches x spans
    std::vector<uint32_t> first_sun_;   // of each lit hour, and past them: the first sun that is up in it or later
    MixedBlinds mixed_;
    std::vector<Shone> shone_;  // by state of trees and ground

    std::recursive_mutex mutex_;
    std::vector<std::tuple<light::PaneFigures, size_t, std::unique_ptr<PaneChange>>> changes_;
    std::vector<std::pair<light::PaneFigures, std::shared_ptr<const BeamShares>>> beams_;
    std::vector<std::tuple<light::PaneFigures, size_t, std::shared_ptr<const std::vector<float>>>> veils_;
    // By group, through none first, then of all together.
    std::map<std::tuple<size_t, size_t, light::PaneFigures>, std::vector<std::vector<double>>> sunlit_sums_;
    std::map<std::tuple<size_t, size_t, int, size_t>, Part> parts_;
    std::map<std::tuple<size_t, size_t, size_t>, std::shared_ptr<const PatchPart>> indoors_;
    std::map<std::tuple<size_t, size_t, int, size_t>, std::vector<float>> reflected_;
    std::map<std::tuple<size_t, int, size_t>, Through> through_;
    bool keeps_ = false;  // there is room for all points
    size_t bytes_of_parts_ = 0, bytes_ = 0;
};

}  // namespace wp::question
