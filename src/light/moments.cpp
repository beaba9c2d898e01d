// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/moments.h"

#include <algorithm>
#include <cmath>
#include <memory>
#include <mutex>

#include "base/parallel.h"
#include "light/path.h"
#include "light/sun_joins.h"

namespace wp::light {

namespace {

/// Landings of one replicate for every sample of a round, and bounds to that.
constexpr uint32_t kLandings = 32, kFewestLandings = 256, kMostLandings = 8192;

/// Spreads of fewer samples are not to be trusted.
constexpr uint32_t kTrusted = 8;

struct Sums {
    std::vector<double> by_way;        // moments x ways
    std::vector<double> all;           // moments x replicates
    std::vector<SparseRow> by_source;  // of each moment, sources + 1
};

struct MomentSink {
    const MomentTask& task;
    const std::vector<size_t>& suns;                            // moments with a sun
    const std::vector<std::unique_ptr<SunLandings>>& landings;  // of those
    Sums& sums;
    std::vector<double>& by_source;  // of this round, moments x sources + 1
    size_t replicate;
    Tally& tally;

    void add(size_t moment, const Trail& trail, int portal, double lux) {
        const int found = portal >= 0 ? task.source_of_portal[static_cast<size_t>(portal)] : -1;
        sums.by_way[moment * kWays + static_cast<size_t>(trail.way)] += lux;
        by_source[moment * (task.sources + 1) + (found >= 0 ? static_cast<size_t>(found) : task.sources)] += lux;
        sums.all[moment * kReplicates + replicate] += lux;
    }
    void sky(Vec3f d, float weight, const Trail& trail) {
        for (size_t m = 0; m < task.moments.size(); ++m)
            add(m, trail, trail.portal, static_cast<double>(weight) * task.moments[m].sky.luminance(d.as<double>()));
    }
    void ground(float weight, const Trail& trail) {
        for (size_t m = 0; m < task.moments.size(); ++m)
            add(m, trail, trail.portal, static_cast<double>(weight) * task.moments[m].ground_luminance);
    }

    // One of the suns stands for all.
    struct Drawn {
        size_t sun = 0;
        float weight = 0;  // 0: none is looked for
        float dice = 0;
    };
    Drawn draw(float weight, random::Stream& stream) const {
        if (suns.empty()) return {};
        random::Pair dice = stream.next();
        if (!SunJoins::is_worth_it(weight, dice.v)) return {};
        const auto n = static_cast<float>(suns.size());
        const auto sun = std::min(static_cast<size_t>(dice.u * n), suns.size() - 1);
        return {sun, weight * n, std::min(dice.u * n - static_cast<float>(sun), 0x1.fffffep-1f)};
    }
    double lux(size_t sun) const { return task.moments[suns[sun]].sun_lux; }
    SunJoins joins(size_t sun) const { return {*task.scene, task.moments[suns[sun]].sun.as<float>(), *landings[sun]}; }
    void add_found(const Drawn& drawn, const SunJoins::Found& found, const Trail& trail) {
        if (found.share > 0)
            add(suns[drawn.sun], trail, found.portal >= 0 ? found.portal : trail.portal,
                lux(drawn.sun) * static_cast<double>(drawn.weight * found.share));
    }

    void vertex(const LitPlace& place, float weight, const Trail& trail, random::Stream& stream) {
        const Drawn drawn = draw(weight, stream);
        if (drawn.weight <= 0) return;
        const SunJoins sun = joins(drawn.sun);
        // The first is the point itself, whose direct sun is exact elsewhere.
        if (trail.order > 0) add_found(drawn, sun.look(place, tally), trail);
        if (place.space < 0 || place.veil >= 0) return;
        const auto joined = sun.join(place, drawn.dice, tally);
        add_found(drawn, joined, trail.reflected(way_off(joined.space, false)));
    }
    void gloss(const LitPlace& place, const GlossLobe& lobe, float weight, const Trail& trail, random::Stream& stream) {
        const Drawn drawn = draw(weight, stream);
        if (drawn.weight > 0) add_found(drawn, joins(drawn.sun).gloss(place, lobe, tally), trail);
    }
};

class MomentWork {
 public:
    MomentWork(const MomentTask& task, const std::vector<std::vector<double>>& direct) : task_(task), direct_(direct) {
        for (size_t p = 0; p < task.planes->size(); ++p)
            for (size_t i = 0; i < (*task.planes)[p].points.size(); ++i) sites_.push_back({p, i});
        const size_t n = task.moments.size();
        done_.assign(task.planes->size(), 0);
        samples_.assign(task.planes->size(), 0);
        sums_.resize(sites_.size());
        for (Sums& s : sums_) {
            s.by_way.assign(n * kWays, 0.0);
            s.by_source.resize(n);
            s.all.assign(n * kReplicates, 0.0);
        }
        for (size_t m = 0; m < n; ++m)
            if (task.moments[m].sun_lux > 0 && task.moments[m].sun.z > 0) suns_.push_back(m);
    }

    TracedMoments run(const Cancel& cancel, const MomentStep& step) {
        TracedMoments out;
        for (Round round{0, task_.first_samples};; round = round.next()) {
            land(round);
            parallel_for(sites_.size(), [&](size_t s) {
                if (!cancel.requested() && !done_[sites_[s].plane]) trace(s, round, cancel);
            });
            if (cancel.requested()) return out;
            out = judged(round.end);
            out.settled = (out.reached <= task_.accuracy && round.end >= kTrusted) || sites_.empty();
            if (step) step(out);
            if (!out.settled && round.end < kMostSamples) continue;
            give_sources(out);
            return out;
        }
    }

 private:
    struct Site {
        size_t plane, point;
    };
    // Every replicate and every round has landings of its own: what they have in common shows between replicates.
    void land(Round round) {
        landings_.clear();
        landings_.resize(kReplicates);
        const uint32_t count = std::clamp(kLandings * (round.end - round.begin), kFewestLandings, kMostLandings);
        std::vector<Tally> tallies(kReplicates);
        parallel_for(kReplicates, [&](size_t r) {
            for (const size_t m : suns_)
                landings_[r].push_back(std::make_unique<SunLandings>(
                    *task_.scene, task_.moments[m].sun.as<float>(), count,
                    random::hash(random::hash(task_.seed ^ 0x5bd1e995u, static_cast<uint32_t>(m)),
                                 round.begin * kReplicates + static_cast<uint32_t>(r)),
                    tallies[r]));
        });
        for (const Tally& t : tallies) tally_ += t;
    }
    void trace(size_t s, Round round, const Cancel& cancel) {
        const auto& plane = (*task_.planes)[sites_[s].plane];
        const Vec3f at = plane.points[sites_[s].point].as<float>(), normal = plane.normal.as<float>();
        Tally tally;
        std::vector<double> by_source(task_.moments.size() * (task_.sources + 1), 0.0);
        for (uint32_t r = 0; r < kReplicates; ++r) {
            MomentSink sink{task_, suns_, landings_[r], sums_[s], by_source, r, tally};
            Tracer<random::Stream, MomentSink> tracer(*task_.scene, sink, Guidance::openings);
            const uint32_t seed = replicate_seed(task_.seed, static_cast<uint32_t>(s), r);
            for (uint32_t i = round.begin; i < round.end && !cancel.requested(); ++i)
                tracer.from_point(at, normal, plane.space, 1, random::Stream(seed, i));
            tally += tracer.tally();
        }
        for (size_t m = 0; m < task_.moments.size(); ++m)
            add_dense(sums_[s].by_source[m], std::span(by_source).subspan(m * (task_.sources + 1), task_.sources + 1));
        const std::lock_guard lock(mutex_);
        tally_ += tally;
    }

    // Moved, not copied: of many windows it is most of what there is.
    void give_sources(TracedMoments& out) {
        for (size_t m = 0; m < task_.moments.size(); ++m)
            for (size_t at = 0; at < sums_.size(); ++at) {
                SparseRow& row = out.points[m][at].by_source;
                row = std::move(sums_[at].by_source[m]);
                for (auto& [source, lux] : row) lux /= static_cast<double>(samples_[sites_[at].plane]) * kReplicates;
            }
    }

    TracedMoments judged(uint32_t samples) {
        TracedMoments out;
        out.tally = tally_;
        out.points.resize(task_.moments.size());
        // Each plane is traced until it is as sure as it shall be, whatever others need.
        for (size_t p = 0; p < done_.size(); ++p)
            if (!done_[p]) samples_[p] = samples;
        std::vector<double> reached(done_.size(), 0.0);
        for (size_t m = 0; m < task_.moments.size(); ++m) {
            for (size_t at = 0; at < sums_.size(); ++at) {
                const Sums& s = sums_[at];
                const size_t plane = sites_[at].plane;
                const double scale = 1.0 / (static_cast<double>(samples_[plane]) * kReplicates);
                PointMoment p;
                for (size_t w = 0; w < kWays; ++w) p.by_way[w] = s.by_way[m * kWays + w] * scale;
                p.all = estimate(std::span(s.all).subspan(m * kReplicates, kReplicates), samples_[plane]);
                p.all.standard_error *=
                    after_stopping((*task_.planes)[plane].points.size()) * after_few(samples_[plane]);
                out.points[m].push_back(std::move(p));
            }
            note_reached(out.points[m], direct_[m], reached);
        }
        for (size_t p = 0; p < done_.size(); ++p) {
            done_[p] = reached[p] <= task_.accuracy && samples >= kTrusted;
            out.reached = std::max(out.reached, reached[p]);
        }
        return out;
    }
    void note_reached(const std::vector<PointMoment>& points, const std::vector<double>& direct,
                      std::vector<double>& reached) const {
        for (size_t p = 0, s = 0; p < task_.planes->size(); ++p) {
            const size_t n = (*task_.planes)[p].points.size();
            double mean = 0, square = 0;
            for (size_t i = 0; i < n; ++i, ++s) {
                mean += points[s].all.mean + direct[s];
                square += std::pow(points[s].all.half_width(), 2);
            }
            if (n == 0 || !(mean > 0)) continue;
            reached[p] = std::max(reached[p], std::sqrt(square / static_cast<double>(n)) /
                                                  std::max(mean / static_cast<double>(n), kLeastLux));
        }
    }

    const MomentTask& task_;
    const std::vector<std::vector<double>>& direct_;
    std::vector<Site> sites_;
    std::vector<char> done_;  // by plane
    std::vector<uint32_t> samples_;
    std::vector<size_t> suns_;
    std::vector<std::vector<std::unique_ptr<SunLandings>>> landings_;
    std::vector<Sums> sums_;
    Tally tally_;
    std::mutex mutex_;
};

}  // namespace

TracedMoments trace_moments(const MomentTask& task, const std::vector<std::vector<double>>& direct,
                            const Cancel& cancel, const MomentStep& step) {
    return MomentWork(task, direct).run(cancel, step);
}

}  // namespace wp::light
