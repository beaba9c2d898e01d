// SPDX-License-Identifier: GPL-3.0-or-later
// How a year's light is computed from coefficients: the working part of YearAnswer, used by it alone.
#pragma once
#include <map>
#include <mutex>
#include <optional>

#include "question/hourly_light.h"
#include "question/year.h"

namespace wp::question {

class YearAnswer::Evaluator {
 public:
    explicit Evaluator(Inputs inputs);
    PlaneYear describe(size_t plane) const;
    /// Blocks of a plane, in their order.
    const std::vector<size_t>& blocks_of(size_t plane) const { return blocks_of_plane_[plane]; }
    size_t first_of(size_t block) const { return in_.light->blocks[block].first; }
    std::shared_ptr<const metric::HourlyLux> lux(size_t block, Operation operation);
    /// YearLight::may_differ of a plane.
    double may_differ(size_t plane) const;
    std::shared_ptr<const metric::HourlyLux> direct(size_t block);
    std::shared_ptr<const metric::HourlyLux> shade(size_t block, Operation operation);
    std::vector<float> pane_shade(const model::Id& opening);
    /// 95 %, of lux; nothing of it is kept.
    std::shared_ptr<const metric::HourlyLux> half_widths_by_hour(size_t block, Operation operation);
    const std::vector<uint8_t>& states(size_t group, Operation operation);
    metric::Hours unmet(size_t plane, Operation operation);
    YearHour hour(size_t plane, int hour, Operation operation);
    YearShares shares(size_t plane, int point, const metric::Hours& hours, Operation operation);
    std::vector<PaneHeat> heat();
    bool panes_changed() const { return in_.hourly->changed(); }
    const Inputs& inputs() const { return in_; }

 private:
    std::vector<float> half_widths(size_t block, size_t layer) const;
    double common_of(size_t block, size_t layer) const;
    class PatchesSum;
    PatchesSum sunlit_in(size_t block, size_t trees, size_t layer, size_t plane,
                         const light::CompactCoefficients& piece, const metric::Hours& hours, Operation operation);

    size_t lit() const { return in_.sky->hours.size(); }
    size_t layers_of(int group) const {
        return group < 0 ? 1 : in_.groups[static_cast<size_t>(group)].states.size() + 1;
    }
    bool counts_for_blinds(size_t plane) const;

    HourlyLight::Course course(Operation operation) const;

    // Direct sun on some points: calls see(lit hour, point, portal, lux with blinds open, share that each state
    // leaves). normal: of their plane.
    template <class See>
    void each_beam(const light::DirectSun& sun, Vec3 normal, See&& see) {
        each_beam(sun, normal, 0, lit(), see);
    }
    // Of some lit hours only.
    template <class See>
    void each_beam(const light::DirectSun& sun, Vec3 normal, size_t first, size_t end, See&& see);
    // On all points of a plane: block after block.
    template <class See>
    void each_beam_of_plane(size_t plane, See&& see) {
        each_beam_of_plane(plane, 0, lit(), see);
    }
    template <class See>
    void each_beam_of_plane(size_t plane, size_t first, size_t end, See&& see) {
        for (const size_t b : blocks_of_plane_[plane])
            each_beam(*in_.light->sun->at(b), in_.light->planes[plane].normal, first, end,
                      [&, begin = first_of(b)](size_t row, uint32_t point, int portal, float lux, const float* left) {
                          see(row, begin + point, portal, lux, left);
                      });
    }
    /// Panes now, in a state of the blinds.
    const std::vector<light::ScenePortal>& portals_now(size_t layer);
    /// Of every group.
    std::vector<uint8_t> states_in(Operation operation, size_t hour) const;
    size_t state_of_portal(int portal, Operation operation, size_t lit_hour);

    void decide(Operation operation);
    std::vector<uint8_t> decide_direct_sun(size_t group);
    std::vector<uint8_t> decide_schedule(const model::BlindControl& control, size_t group) const;
    std::vector<uint8_t> decide_plane(size_t group, double limit);
    std::vector<uint8_t> decide_window(size_t group, double limit, bool watts);
    void track_sun(size_t group, std::vector<uint8_t>& states);
    /// Mean over the pane of light or irradiance onto an opening's outside, by lit hour; through: behind it.
    struct FaceLight {
        std::vector<float> on, through, shade;  ///< shade: on, without direct sun
    };
    FaceLight face_light(size_t face, bool watts);
    /// Of an opening, between frame and bars, m^2.
    double glass_area(const model::Id& opening) const;
    void make_room(size_t bytes);

    Inputs in_;
    std::vector<int> group_of_opening_, group_of_portal_;
    std::vector<std::vector<size_t>> blocks_of_plane_;
    // Panes now, in each state of the blinds.
    std::vector<std::unique_ptr<light::Panes>> panes_now_;

    mutable std::recursive_mutex mutex_;
    // By block.
    std::map<std::pair<size_t, Operation>, std::shared_ptr<const metric::HourlyLux>> lux_;
    std::map<size_t, std::shared_ptr<const metric::HourlyLux>> direct_;
    std::map<Operation, std::vector<std::vector<uint8_t>>> states_;
    size_t kept_ = 0;
};

template <class See>
void YearAnswer::Evaluator::each_beam(const light::DirectSun& sun, Vec3 normal, size_t first, size_t end, See&& see) {
    const YearSky& sky = *in_.sky;
    const size_t layers = in_.light->layers.size(), portals = group_of_portal_.size();
    const auto shares = in_.hourly->beam_shares(sun.panes);
    const std::vector<float> all(layers, 1.0f);
    for (size_t r = first; r < end; ++r) {
        if (sky.beam[r] <= 0) continue;
        const float cosine = static_cast<float>(dot(sky.to_sun[r], normal));
        if (cosine <= 0) continue;
        for (const auto& beam : sun.at(sky.hours[r]))
            see(r, beam.point, beam.portal, sky.beam[r] * cosine * beam.share,
                beam.portal >= 0 ? shares->data() + (r * portals + static_cast<size_t>(beam.portal)) * layers
                                 : all.data());
    }
}

}  // namespace wp::question
