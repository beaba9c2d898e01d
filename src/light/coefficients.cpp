// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/coefficients.h"

#include <algorithm>
#include <cmath>
#include <mutex>

#include "base/parallel.h"
#include "light/replicates.h"
#include "light/sun_choice.h"

namespace wp::light {

namespace {

// Coefficients of one point in the making, dense over rows that were met.
struct Rows {
    std::vector<std::vector<float>> all;
    float* row(size_t index, size_t columns) {
        if (all[index].empty()) all[index].assign(columns, 0.0f);
        return all[index].data();
    }
};

/// Below this throughput the sun is looked for by roulette only: a look costs as much as a ray. Chosen by the least product of squared error and time
/// on the demo's five rooms, blinds open and closed.
constexpr float kSunRoulette = 0.2f;

struct CoefficientSink {
    const CoefficientTask& task;
    const CoefficientLayout& layout;
    const size_t states;
    Rows* rows;                // of this point, by state
    Tally& tally;
    const SunChoice& choice;
    SunChoice::Room& room;
    std::array<float*, kMostStates> nodes{};  // of this replicate by state, where they are kept
    std::array<double, kMostStates> typical_sky{}, typical_sun{};

    size_t row_of(int portal, const Trail& trail) const {
        const int found = portal >= 0 ? task.source_of_portal[static_cast<size_t>(portal)] : -1;
        const size_t source = found >= 0 ? static_cast<size_t>(found) : layout.sources;
        return layout.split == Split::entry ? layout.row(source, entry_of(trail)) : layout.row(source, trail.way);
    }
    void add(const Trail& trail, size_t column, float weight) {
        const size_t row = row_of(trail.portal, trail);
        for (size_t k = 0; k < states; ++k) {
            const float found = weight * trail.states[k];
            if (!(found > 0)) continue;
            rows[k].row(row, layout.columns())[column] += found;
            typical_sky[k] += static_cast<double>(found) * task.typical[k][column];
        }
    }
    void sky(Vec3f d, float weight, const Trail& trail) {
        // What was reflected outdoors came to the window from anywhere: coarse parts do. What came in straight does not: near the sun the sky is
        // uneven, and a patch of it on a floor is all the light of a room behind.
        const Entry entry = entry_of(trail);
        const bool fine = layout.split != Split::entry || entry == Entry::straight || entry == Entry::interreflected;
        add(trail, fine ? task.parts->part_of(d) : layout.coarse_part(task.coarse->part_of(d)), weight);
    }
    void ground(float weight, const Trail& trail) { add(trail, layout.ground(), weight); }
    // Sunlight on what the path met: one node a vertex, drawn by what it would bring. The first vertex is the point itself, whose direct
    // sun is reckoned exactly elsewhere. A beam that passed a window came through its group; one that fell on ground or
    // facade belongs to the window that the path left by.
    void vertex(Vec3f at, Vec3f normal, int space, float weight, const Trail& trail, random::Stream& stream) {
        if (trail.order == 0) return;
        if (layout.nodes == 0) return;
        random::Pair dice = stream.next();
        const float least = kSunRoulette * task.boost;
        if (space >= 0 && weight < least) {
            if (dice.v * least >= weight) return;
            weight = least;
        }
        from_sun(at, weight, trail, choice.pick(at, normal, space, dice.u, room));
    }
    void gloss(Vec3f at, const GlossLobe& lobe, int space, float weight, const Trail& trail, random::Stream& stream) {
        if (layout.nodes > 0) from_sun(at, weight, trail, choice.pick(at, lobe.normal, space, stream.next().u, [&](Vec3f to) { return lobe.density(to); }, room));
    }
    void from_sun(Vec3f at, float weight, const Trail& trail, const SunChoice::Pick& pick) {
        if (pick.share <= 0) return;
        ++tally.rays;
        const Scene::Beam beam = task.scene->beam(at, task.nodes->direction(pick.node));
        if (!beam.passes()) return;
        const size_t row = row_of(beam.portal >= 0 ? beam.portal : trail.portal, trail), column = layout.node(pick.node);
        for (size_t k = 0; k < states; ++k) {
            const float found = weight * trail.states[k] * pick.share * beam.states[k] / pick.chance;
            if (!(found > 0)) continue;
            rows[k].row(row, layout.columns())[column] += found;
            typical_sun[k] += static_cast<double>(found) * task.typical[k][column];
            if (nodes[k] != nullptr) nodes[k][pick.node] += found;
        }
    }
};

struct Site {
    size_t plane, point;
};

class Work {
 public:
    explicit Work(const CoefficientTask& task) : task_(task), choice_(*task.scene, *task.nodes, worth_of_nodes(task)) {
        layout_.parts = task.parts->count();
        layout_.nodes = task.nodes->count();
        layout_.sources = task.sources;
        layout_.split = task.split;
        layout_.coarse = task.coarse != nullptr ? task.coarse->count() : 0;
        for (size_t p = 0; p < task.planes->size(); ++p)
            for (size_t i = 0; i < (*task.planes)[p].points.size(); ++i) sites_.push_back({p, i});
        states_ = task.scene->states();
        rows_.resize(sites_.size() * states_);
        for (Rows& rows : rows_) rows.all.resize(layout_.rows());
        typical_.assign(states_ * sites_.size() * kReplicates, 0.0);
        if (task.keep_replicates) kept_.assign(states_ * sites_.size() * kReplicates * kept_width(), 0.0f);
    }

    std::vector<Coefficients> run(const Cancel& cancel, const Progress& progress, const CoefficientStep& step) {
        std::vector<Coefficients> all(states_);
        Coefficients& out = all[0];
        // Spreads of very few samples are not to be trusted.
        constexpr uint32_t trusted = 8;
        Round round{0, task_.first_samples};
        while (!sites_.empty()) {
            parallel_for(sites_.size(), [&](size_t s) {
                if (!cancel.requested()) trace(s, round);
            });
            if (cancel.requested()) return all;
            double worst = 0;
            for (size_t k = 0; k < states_; ++k) {
                all[k].samples = round.end;
                all[k].reached = judge(k, round.end);
                worst = std::max(worst, all[k].reached);
            }
            if (task_.error) {
                collect(0, out, false);
                worst = out.reached = task_.error(out);
            }
            for (Coefficients& c : all) c.settled = worst <= task_.accuracy && round.end >= trusted;
            // Error falls with the samples: a fair guess of the share done.
            if (progress) progress(std::min(1.0, std::pow(task_.accuracy / std::max(worst, 1e-9), 1.5)));
            const bool last = out.settled || round.end >= kMostSamples;
            out.tally = tally_;
            if (step || last) collect(0, out, last);
            if (step) step(out);
            if (last) break;
            round = round.next();
        }
        for (size_t k = 0; k < states_; ++k) {
            all[k].layout = layout_;
            if (sites_.empty()) all[k].settled = true;
            else if (k > 0) collect(k, all[k], true);
        }
        return all;
    }

 private:
    static std::vector<double> worth_of_nodes(const CoefficientTask& task) {
        const TypicalLight& typical = task.typical[0];
        const auto first = typical.begin() + static_cast<std::ptrdiff_t>(task.parts->count() + 1);
        return {first, first + static_cast<std::ptrdiff_t>(task.nodes->count())};
    }
    size_t kept_width() const { return 1 + layout_.nodes; }

    void trace(size_t s, Round round) {
        const auto& plane = (*task_.planes)[sites_[s].plane];
        const Vec3f at = plane.points[sites_[s].point].as<float>(), normal = plane.normal.as<float>();
        Tally tally;
        SunChoice::Room room;
        for (uint32_t r = 0; r < kReplicates; ++r) {
            CoefficientSink sink{task_, layout_, states_, &rows_[s * states_], tally, choice_, room};
            for (size_t k = 0; k < states_ && task_.keep_replicates; ++k) sink.nodes[k] = kept(k, s, r) + 1;
            Tracer<random::Stream, CoefficientSink> tracer(*task_.scene, sink, Guidance::openings);
            const uint32_t seed = replicate_seed(task_.seed, task_.first_point + static_cast<uint32_t>(s), r);
            for (uint32_t i = round.begin; i < round.end; ++i) tracer.from_point(at, normal, plane.space, task_.boost, random::Stream(seed, i));
            for (size_t k = 0; k < states_; ++k) {
                typical_[(k * sites_.size() + s) * kReplicates + r] += sink.typical_sky[k] + sink.typical_sun[k];
                if (task_.keep_replicates) kept(k, s, r)[0] += static_cast<float>(sink.typical_sky[k]);
            }
            tally += tracer.tally();
        }
        const std::lock_guard lock(mutex_);
        tally_ += tally;
    }

    float* kept(size_t state, size_t site, uint32_t replicate) { return &kept_[((state * sites_.size() + site) * kReplicates + replicate) * kept_width()]; }
    // Typical light of a point: of each replicate, the boost still in it.
    std::span<const double> typical_of(size_t state, size_t site) const { return {&typical_[(state * sites_.size() + site) * kReplicates], kReplicates}; }

    double judge(size_t state, uint32_t samples) const {
        double worst = 0;
        for (size_t p = 0, s = 0; p < task_.planes->size(); ++p) {
            const size_t n = (*task_.planes)[p].points.size();
            double mean = 0, square = 0;
            for (size_t i = 0; i < n; ++i, ++s) {
                const Estimate e = estimate(typical_of(state, s), samples);
                mean += e.mean;
                square += e.half_width() * e.half_width();
            }
            if (n > 0 && mean > 0) worst = std::max(worst, std::sqrt(square / static_cast<double>(n)) / (mean / static_cast<double>(n)));
        }
        return worst;
    }

    // last: what was collected is let go, point by point, so that it does not stand in memory twice.
    void collect(size_t state, Coefficients& out, bool last) {
        const float scale = 1.0f / (static_cast<float>(out.samples) * kReplicates * task_.boost);
        out.layout = layout_;
        out.points.resize(sites_.size());
        for (size_t s = 0; s < sites_.size(); ++s) {
            PointCoefficients& point = out.points[s];
            point = {};
            const Estimate typical = estimate(typical_of(state, s), out.samples);
            point.half_width = typical.mean > 0 ? static_cast<float>(typical.half_width() / typical.mean) : 0.0f;
            Rows& rows = rows_[s * states_ + state];
            for (size_t k = 0; k < layout_.rows(); ++k) {
                if (rows.all[k].empty()) continue;
                point.rows.push_back(static_cast<int>(k));
                for (const float v : rows.all[k]) point.values.push_back(v * scale);
                if (last) std::vector<float>().swap(rows.all[k]);
            }
            if (!task_.keep_replicates) continue;
            const float* from = kept(state, s, 0);
            point.replicates.assign(from, from + kReplicates * kept_width());
            for (float& v : point.replicates) v /= static_cast<float>(out.samples) * task_.boost;
        }
    }

    const CoefficientTask& task_;
    SunChoice choice_;
    CoefficientLayout layout_;
    size_t states_ = 1;
    std::vector<Site> sites_;
    std::vector<Rows> rows_;
    std::vector<double> typical_;
    std::vector<float> kept_;
    Tally tally_;
    std::mutex mutex_;
};

}  // namespace

std::vector<Coefficients> trace_coefficients(const CoefficientTask& task, const Cancel& cancel, const Progress& progress, const CoefficientStep& step) {
    return Work(task).run(cancel, progress, step);
}

Sources sources_of(const geometry::Surfaces& surfaces) {
    Sources out;
    for (const auto& portal : surfaces.portals) {
        if (portal.outside != geometry::kOutdoors && portal.inside != geometry::kOutdoors) {
            out.of_portal.push_back(-1);
            continue;
        }
        const auto known = std::find(out.openings.begin(), out.openings.end(), portal.opening);
        out.of_portal.push_back(static_cast<int>(known - out.openings.begin()));
        if (known == out.openings.end()) out.openings.push_back(portal.opening);
    }
    return out;
}

}  // namespace wp::light
