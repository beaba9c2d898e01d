// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/blinds_now.h"

#include <algorithm>
#include <cmath>

#include "geometry/plane_points.h"
#include "light/scene.h"
#include "model/project.h"
#include "question/ask.h"
#include "question/year.h"

namespace wp::question {

namespace {

using Kind = model::BlindControl::Kind;

class Now {
 public:
    Now(const model::Project& project, const model::Option& option, const geometry::Surfaces& surfaces,
        const std::vector<YearGroup>& groups, const climate::Moment& moment, Vec3 to_sun, double sun_lux)
        : project_(project),
          option_(option),
          surfaces_(surfaces),
          groups_(groups),
          moment_(moment),
          to_(to_sun.as<float>()),
          sun_lux_(to_sun.z > 0 ? sun_lux : 0) {
        for (size_t k = 0; k < state_count(groups); ++k) panes_.emplace_back(surfaces, layers_of(surfaces, groups, k));
        for (const auto& portal : surfaces.portals)
            group_of_portal_.push_back(group_of_opening(groups, portal.opening));
    }

    size_t state(size_t group, bool& sure) const {
        const auto& of = groups_[group];
        const size_t last = of.states.size();
        if (last == 0) return 0;
        switch (of.control.kind) {
            case Kind::open:
                return 0;
            case Kind::closed:
                return followed(group, last);
            case Kind::schedule:
                return by_clock(of.control) ? followed(group, last) : 0;
            case Kind::direct_sun:
                return against_sun(group);
            case Kind::plane_lux:
            case Kind::window_lux:
            case Kind::window_irradiance:
                break;
        }
        sure = false;
        return 0;
    }

 private:
    bool by_clock(const model::BlindControl& c) const {
        const int hour = moment_.hour_of_year();
        const double now = std::fmod(moment_.hour + model::clock_ahead(project_.calendar, hour), 24.0);
        const bool within = c.from <= c.to ? now >= c.from && now < c.to : now >= c.from || now < c.to;
        return within && model::within_months(c.month_from, c.month_to, moment_.month);
    }
    // Slats that follow the sun are tilted no farther than keeps it out.
    size_t followed(size_t group, size_t last) const {
        if (!groups_[group].control.tracks_sun) return last;
        size_t k = 1;
        while (k < last && sun_lux_ > 0 && sun_shines_through(panes_[k].portals(), group_of_portal_, group, to_)) ++k;
        return k;
    }
    // The first state that keeps enough of the sun out of every plane; the last where none does.
    size_t against_sun(size_t group) const {
        const size_t last = groups_[group].states.size();
        if (sun_lux_ <= 0) return 0;
        const light::Scene open(surfaces_, layers_of(surfaces_, groups_, 0));
        size_t state = 0;
        for (const auto& drawn : option_.planes) {
            const auto plane =
                drawn.occupied ? geometry::plane_points(option_, drawn, project_.site.north) : std::nullopt;
            if (!plane || plane->space < 0 || !plane->lies() || plane->points.empty()) continue;
            std::vector<size_t> sunny(last + 1, 0);
            for (const Vec3& p : plane->points) count(open, *plane, p, group, sunny);
            const double most = kBlindShare * static_cast<double>(plane->points.size());
            size_t k = 0;
            while (k<last&& static_cast<double>(sunny[k])> most) ++k;
            state = std::max(state, k);
        }
        return state;
    }
    void count(const light::Scene& open, const geometry::PlanePoints& plane, Vec3 p, size_t group,
               std::vector<size_t>& sunny) const {
        const float cosine = dot(to_, plane.normal.as<float>());
        if (cosine <= 0) return;
        const auto beam = open.beam((p + plane.normal * 1e-4).as<float>(), to_);
        if (beam.share <= 0 || beam.portal < 0 ||
            group_of_portal_[static_cast<size_t>(beam.portal)] != static_cast<int>(group))
            return;
        const auto portal = static_cast<size_t>(beam.portal);
        const float before = panes_[0].portals()[portal].pass(to_).straight;
        for (size_t k = 0; k < sunny.size() && before > 0; ++k) {
            const float left = panes_[k].portals()[portal].pass(to_).straight / before;
            sunny[k] += sun_lux_ * static_cast<double>(beam.share * cosine * left) >= kBlindLux;
        }
    }
    const model::Project& project_;
    const model::Option& option_;
    const geometry::Surfaces& surfaces_;
    const std::vector<YearGroup>& groups_;
    climate::Moment moment_;
    Vec3f to_;
    double sun_lux_;
    std::vector<light::Panes> panes_;  // by state
    std::vector<int> group_of_portal_;
};

}  // namespace

BlindsNow blinds_now(const model::Project& project, const model::Option& option, geometry::Surfaces& surfaces,
                     const climate::Moment& moment, Vec3 to_sun, double sun_lux) {
    const auto groups = window_groups(project, option, surfaces);
    BlindsNow out;
    out.layers = layers_of(surfaces, groups, 0);
    const Now now(project, option, surfaces, groups, moment, to_sun, sun_lux);
    for (size_t g = 0; g < groups.size(); ++g) {
        if (groups[g].states.empty()) continue;
        bool sure = true;
        const size_t k = now.state(g, sure);
        const auto closed = layers_of(surfaces, groups, k);
        for (size_t p = 0; p < surfaces.portals.size(); ++p)
            if (group_of_opening(groups, surfaces.portals[p].opening) == static_cast<int>(g)) out.layers[p] = closed[p];
        out.groups.push_back({groups[g].name + ": " + (k == 0 ? "open" : groups[g].state_names[k - 1]) + " (" +
                                  model::control_name(groups[g].control.kind) +
                                  (sure ? ")" : "; its light is known to a year only, so that it is taken as open)"),
                              k == 0, sure});
    }
    return out;
}

}  // namespace wp::question
