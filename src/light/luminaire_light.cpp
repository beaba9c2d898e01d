// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/luminaire_light.h"

#include <algorithm>
#include <cmath>
#include <mutex>

#include "base/parallel.h"
#include "light/path.h"

namespace wp::light {

namespace {

constexpr uint32_t kFirst = 8;                    // samples of each replicate in the first round
constexpr double kOneSource = 3;                  // a source alone may err so much more than all together
constexpr double kFaintSource = 0.2;              // less of a plane's light than this share counts as this much of it
constexpr double kFaintPlane = 0.2;               // likewise of the brightest plane's
constexpr uint32_t kMostOfLuminaires = 1u << 12;  // samples of each replicate: then it is given up as unsettled

struct LuminaireSink {
    const Luminaires& luminaires;
    const Scene& scene;
    size_t states;
    double* sums;  // of this point and replicate, by source and state
    size_t choice = 0;
    Tally tally{};

    void sky(Vec3f, float, const Trail&) {}
    void ground(float, const Trail&) {}
    template <class Weigh>
    void look(const LitPlace& place, float weight, const Trail& trail, random::Stream& stream, Weigh&& weigh) {
        luminaires.look(place.at, place.space, weigh, stream, choice, tally, [&](size_t source, const ByState& found) {
            for (size_t k = 0; k < states; ++k)
                sums[source * states + k] += static_cast<double>(weight * trail.states[k] * found[k]);
        });
    }
    // The first is the point itself, whose direct light is summed elsewhere.
    void vertex(const LitPlace& place, float weight, const Trail& trail, random::Stream& stream) {
        if (trail.order == 0) return;
        look(place, weight, trail, stream, [&](Vec3f towards) {
            const float cosine = dot(towards, place.normal);
            return cosine > 0 ? static_cast<double>(cosine * veil_share(scene, place.veil, towards)) : 0.0;
        });
    }
    void gloss(const LitPlace& place, const GlossLobe& lobe, float weight, const Trail& trail, random::Stream& stream) {
        look(place, weight, trail, stream, [&](Vec3f towards) { return static_cast<double>(lobe.density(towards)); });
    }
};

class LuminaireWork {
 public:
    explicit LuminaireWork(const LuminaireTask& task)
        : task_(task), sources_(task.luminaires->sources()), states_(task.scene->states()) {
        for (size_t p = 0; p < task.planes->size(); ++p)
            for (size_t i = 0; i < (*task.planes)[p].points.size(); ++i) sites_.push_back({p, i});
        sums_.assign(sites_.size() * kReplicates * sources_ * states_, 0.0);
        done_.assign(task.planes->size(), 0);
        samples_.assign(task.planes->size(), 0);
        out_.sources = sources_;
        out_.states = states_;
        out_.points = sites_.size();
        out_.direct.assign(sites_.size() * sources_ * states_, 0.0f);
        out_.doubt.assign(sites_.size() * sources_, 0.0f);
        out_.reflected.assign(sites_.size() * sources_ * states_ * kReplicates, 0.0f);
        out_.widened.assign(sites_.size(), 1.0f);
    }

    LuminaireLight run(const Cancel& cancel, const LuminaireStep& step) {
        if (sources_ == 0 || sites_.empty()) {
            out_.settled = true;
            return std::move(out_);
        }
        parallel_for(sites_.size(), [&](size_t s) {
            if (!cancel.requested()) sum_direct(s);
        });
        for (Round round{0, kFirst}; !cancel.requested(); round = round.next()) {
            parallel_for(sites_.size(), [&](size_t s) {
                if (!cancel.requested() && !done_[sites_[s].plane]) trace(s, round, cancel);
            });
            if (cancel.requested()) break;
            judge(round.end);
            if (step) step(out_);
            if (out_.settled || round.end >= kMostOfLuminaires) break;
        }
        if (cancel.requested()) out_.settled = false;
        return std::move(out_);
    }

 private:
    struct Site {
        size_t plane, point;
    };
    const geometry::PlanePoints& plane_of(size_t s) const { return (*task_.planes)[sites_[s].plane]; }
    bool is_cylindrical(size_t s) const {
        return sites_[s].plane < task_.cylindrical.size() && task_.cylindrical[sites_[s].plane];
    }

    void sum_direct(size_t s) {
        const auto& plane = plane_of(s);
        const Receiver receiver{plane.normal, is_cylindrical(s), plane.seen_least, plane.seen_most, plane.up};
        Tally tally;
        const Vec3 at = plane.points[sites_[s].point];
        const auto found =
            task_.luminaires->direct(is_cylindrical(s) ? at : at + plane.normal * 1e-5, plane.space, receiver, tally);
        for (size_t g = 0; g < sources_; ++g) {
            for (size_t k = 0; k < states_; ++k) out_.direct[out_.at(s, g, k)] = found.lux[g][k];
            out_.doubt[s * sources_ + g] = static_cast<float>(found.doubt[g]);
        }
        const std::lock_guard lock(mutex_);
        out_.tally += tally;
    }

    void trace(size_t s, Round round, const Cancel& cancel) {
        const auto& plane = plane_of(s);
        const Vec3f at = plane.points[sites_[s].point].as<float>(), normal = plane.normal.as<float>();
        const bool cylindrical = is_cylindrical(s);
        Tally tally;
        const size_t choices = std::max<size_t>(task_.scene->choices(), 1);
        for (uint32_t r = 0; r < kReplicates; ++r) {
            LuminaireSink sink{*task_.luminaires, *task_.scene, states_,
                               sums_.data() + (s * kReplicates + r) * sources_ * states_};
            Tracer<random::Stream, LuminaireSink> tracer(*task_.scene, sink, Guidance::by_cosine);
            if (plane.seen_least > -1 || plane.seen_most < 1)
                tracer.see_between(SeenBetween{plane.up.as<float>(), static_cast<float>(plane.seen_least),
                                               static_cast<float>(plane.seen_most)});
            const uint32_t seed = replicate_seed(task_.seed, static_cast<uint32_t>(s), r);
            for (uint32_t i = round.begin; i < round.end && !cancel.requested(); ++i) {
                // Not in turn: places in a sequence of low discrepancy have patterns of their own.
                sink.choice = random::hash(random::hash(seed, i), 0x3a7eu) % choices;
                tracer.choose(sink.choice);
                Vec3f faces = normal;
                if (cylindrical) {
                    // The mean over all upright planes.
                    const float turn = static_cast<float>(2 * kPi) * random::pair(seed ^ 0x3c6ef372u, i).u;
                    faces = {std::cos(turn), std::sin(turn), 0};
                }
                tracer.from_point(at, faces, plane.space, 1, random::Stream(seed, i));
            }
            tally += tracer.tally();
            tally += sink.tally;
        }
        const std::lock_guard lock(mutex_);
        out_.tally += tally;
    }

    void judge(uint32_t samples) {
        for (size_t p = 0; p < done_.size(); ++p)
            if (!done_[p]) samples_[p] = samples;
        for (size_t s = 0; s < sites_.size(); ++s) {
            const size_t p = sites_[s].plane;
            if (done_[p]) continue;
            const double scale = 1.0 / samples_[p];
            for (size_t g = 0; g < sources_; ++g)
                for (size_t k = 0; k < states_; ++k)
                    for (size_t r = 0; r < kReplicates; ++r)
                        out_.reflected[out_.at(s, g, k) * kReplicates + r] =
                            static_cast<float>(scale * sums_[((s * kReplicates + r) * sources_ + g) * states_ + k]);
            out_.widened[s] = static_cast<float>(after_stopping(plane_of(s).points.size()) * after_few(samples_[p]));
        }
        out_.reached = 0;
        brightest_ = kLeastLux;
        const std::vector<double> all(sources_, 1.0);
        for (size_t p = 0, first = 0; p < done_.size(); first += (*task_.planes)[p].points.size(), ++p)
            if (const size_t n = (*task_.planes)[p].points.size(); n > 0)
                brightest_ = std::max(brightest_, spread_on(first, n, all, 0).first);
        for (size_t p = 0, first = 0; p < done_.size(); first += (*task_.planes)[p].points.size(), ++p) {
            const double reached = reached_on(p, first);
            done_[p] = reached <= task_.accuracy;
            out_.reached = std::max(out_.reached, reached);
        }
        out_.settled = out_.reached <= task_.accuracy;
    }

    // Root mean square half-width over the mean, of all sources together in every state, and of each alone.
    double reached_on(size_t p, size_t first) const {
        const size_t n = (*task_.planes)[p].points.size();
        if (n == 0) return 0;
        double worst = 0;
        for (size_t k = 0; k < states_; ++k) {
            const double counts = k < task_.counts.size() ? task_.counts[k] : 1;
            std::vector<double> shares(sources_, 1.0);
            const auto [mean, width] = spread_on(first, n, shares, k);
            if (!(mean > 0)) continue;
            const double asked = std::max(mean, kFaintPlane * brightest_);
            worst = std::max(worst, counts * width / asked);
            if (k > 0) continue;
            for (size_t g = 0; g < sources_ && sources_ > 1; ++g) {
                std::ranges::fill(shares, 0.0);
                shares[g] = 1;
                const auto [one, one_width] = spread_on(first, n, shares, k);
                worst = std::max(worst, one_width / std::max(one, kFaintSource * asked) / kOneSource);
            }
        }
        return worst;
    }
    std::pair<double, double> spread_on(size_t first, size_t n, const std::vector<double>& shares, size_t k) const {
        double mean = 0, square = 0;
        for (size_t s = first; s < first + n; ++s) {
            const Estimate reflected = out_.reflected_of(s, shares, k);
            mean += out_.direct_of(s, shares, k) + reflected.mean;
            square += std::pow(reflected.half_width(), 2);
        }
        return {mean / static_cast<double>(n), std::sqrt(square / static_cast<double>(n))};
    }

    const LuminaireTask& task_;
    size_t sources_, states_;
    std::vector<Site> sites_;
    std::vector<char> done_;
    std::vector<uint32_t> samples_;
    std::vector<double> sums_;
    double brightest_ = kLeastLux;
    LuminaireLight out_;
    std::mutex mutex_;
};

}  // namespace

Estimate LuminaireLight::reflected_of(size_t point, std::span<const double> shares, size_t state) const {
    std::array<double, kReplicates> sums{};
    for (size_t g = 0; g < sources; ++g) {
        if (shares[g] == 0) continue;
        const float* each = reflected.data() + at(point, g, state) * kReplicates;
        for (size_t r = 0; r < kReplicates; ++r) sums[r] += shares[g] * static_cast<double>(each[r]);
    }
    Estimate out = estimate(sums, 1);
    out.standard_error *= static_cast<double>(widened[point]);
    return out;
}

double LuminaireLight::direct_of(size_t point, std::span<const double> shares, size_t state) const {
    double out = 0;
    for (size_t g = 0; g < sources; ++g) out += shares[g] * static_cast<double>(direct[at(point, g, state)]);
    return out;
}

double LuminaireLight::half_width_of(size_t point, std::span<const double> shares, size_t state) const {
    double doubts = 0;
    for (size_t g = 0; g < sources; ++g) doubts += shares[g] * static_cast<double>(doubt[point * sources + g]);
    return std::hypot(reflected_of(point, shares, state).half_width(), doubts);
}

LuminaireLight trace_luminaires(const LuminaireTask& task, const Cancel& cancel, const LuminaireStep& step) {
    return LuminaireWork(task).run(cancel, step);
}

}  // namespace wp::light
