// SPDX-License-Identifier: GPL-3.0-or-later
// Light of points by hour, but for direct sun, from traced pieces, panes as they are now and any course of the blinds. What was reckoned for
// one course is taken over by the next wherever blinds stand the same, so that another control costs the hours in which it does what none did before.
#pragma once
#include <map>
#include <memory>
#include <mutex>
#include <span>
#include <vector>

#include "question/mixed_blinds.h"
#include "question/year_light.h"
#include "question/year_sky.h"

namespace wp::question {

/// What panes do now, over what they did when a piece was traced, by the direction light came from outdoors.
class PaneChange {
 public:
    /// layers: of the state of the blinds. Openings' panes are told by the first portal of each.
    /// directions: of the columns, unit, towards where the light comes from.
    PaneChange(const geometry::Surfaces& then, const geometry::Surfaces& now, const light::BlindLayers& layers, const std::vector<int>& opening_of_portal, size_t openings, const std::vector<Vec3f>& directions);
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
    HourlyLight(std::shared_ptr<const YearLight> light, std::shared_ptr<const YearSky> sky, const geometry::Surfaces& panes, std::vector<int> group_of_opening, size_t groups);

    /// State of the blinds by group and lit hour.
    using Course = std::vector<std::vector<uint8_t>>;
    /// Of the points of a block: lit hours x points, lux. May be called from any thread. The same bits whatever was asked before.
    std::vector<float> block(size_t block, const Course& course);
    /// Mean over a plane through one group (-1: through none) in one state of its blinds, all others open, by lit hour.
    std::vector<double> mean_through(size_t plane, int group, size_t layer);

    /// By what share light reflected indoors is more than it was traced for a plane and a state of the blinds it came through: others stand otherwise.
    double more(size_t plane, size_t layer, std::span<const uint8_t> states) const { return mixed_.more(light_->planes[plane].space, layer, states); }
    /// Which share of a point's light through one group, in one state of its blinds, was reflected indoors last, typically: of all that shines in a year.
    const std::vector<float>& reflected_share(size_t block, size_t state, int group, size_t layer);
    /// What shone in all lit hours of one state of trees and ground, by column.
    struct Shone {
        std::vector<double> sum;
        size_t hours = 0;
    };
    const Shone& shone(size_t state) const { return shone_[state]; }

    /// The piece that holds in a state of the blinds: one that changes nothing has none of its own. Null where nothing was traced.
    YearLight::Piece piece(size_t block, size_t state, size_t layer) const;
    /// The least state of the blinds that is traced no differently.
    size_t same_layer(size_t block, size_t layer) const;
    /// Null: panes are what they were.
    const PaneChange* change_of(const light::PaneFigures& then, size_t layer);
    float factor(const PaneChange* change, light::Entry entry, size_t opening, size_t column) const;
    int group_of(size_t opening) const { return group_of_opening_[opening]; }
    /// What a beam that came through a portal with blinds open, as it was traced, has left now in each state of the blinds: lit hours x portals x layers.
    using BeamShares = std::vector<float>;
    std::shared_ptr<const BeamShares> beam_shares(const light::PaneFigures& then);
    Vec3f direction_of(size_t column) const { return direction_of_column_[column]; }
    size_t state_of(size_t lit_hour) const { return state_of_lit_[lit_hour]; }
    /// Some of the light was traced with other panes.
    bool changed() const { return changed_; }

    /// Whether answers made of these may share one of this class.
    bool serves(const YearLight* light, const YearSky* sky, const geometry::Surfaces& panes, const std::vector<int>& group_of_opening) const;

 private:
    // Rows of all points of a block through one group (-1: through none), in one state of its blinds and one of trees and ground: in tiles of points, for
    // the columns that any of them uses. No tiles: no light.
    struct Part {
        size_t tiles = 0;
        std::vector<uint32_t> columns, nodes;  // of the layout; the sun's nodes apart
        std::vector<float> dense, of_nodes;    // tile x column x point
    };
    // Light of a block through one group in one state of its blinds, of the hours that were wanted so far.
    struct Through {
        std::vector<float> light;              // lit hours x points
        std::vector<bool> known;
    };
    const Part& part(size_t block, size_t state, int group, size_t layer);
    Part unpack(size_t block, size_t state, int group, size_t layer);
    // Adds up hours of a block into lit hours x points.
    void reckon(size_t points, const Part& rows, std::span<const size_t> hours, float* to) const;
    // more: by hour of the list, see above; empty: nothing anywhere.
    void add(size_t block, int group, size_t layer, const std::vector<size_t>& hours, const std::vector<float>& more, float* to);
    void add_lightened(size_t block, int group, size_t layer, const std::vector<size_t>& hours, const std::vector<float>& more, const float* from, float* to);
    void reckon_block(size_t block, int group, size_t layer, const std::vector<size_t>& hours, float* to);
    bool gives(size_t block, int group) const;

    std::shared_ptr<const YearLight> light_;
    std::shared_ptr<const YearSky> sky_;
    geometry::Surfaces panes_;
    light::PaneFigures figures_now_;
    Fingerprint glass_;
    std::vector<int> group_of_opening_;
    size_t groups_;
    bool changed_ = false;
    std::vector<Vec3f> direction_of_column_;
    std::vector<size_t> state_of_lit_;
    MixedBlinds mixed_;
    std::vector<Shone> shone_;  // by state of trees and ground

    std::recursive_mutex mutex_;
    std::vector<std::tuple<light::PaneFigures, size_t, std::unique_ptr<PaneChange>>> changes_;
    std::vector<std::pair<light::PaneFigures, std::shared_ptr<const BeamShares>>> beams_;
    std::map<std::tuple<size_t, size_t, int, size_t>, Part> parts_;
    std::map<std::tuple<size_t, size_t, int, size_t>, std::vector<float>> reflected_;
    std::map<std::tuple<size_t, int, size_t>, Through> through_;
    bool keeps_ = false;  // there is room for all points
    size_t bytes_of_parts_ = 0, bytes_ = 0;
};

}  // namespace wp::question
