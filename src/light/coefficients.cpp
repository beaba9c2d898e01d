// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/coefficients.h"

#include <algorithm>
#include <cmath>
#include <mutex>
#include <optional>

#include "base/log.h"
#include "base/parallel.h"
#include "light/coefficient_sink.h"
#include "light/replicates.h"
#include "light/veils.h"

namespace wp::light {

namespace {

/// Where paths begin: a point, or anywhere on a cell of a veil.
struct Start {
    Vec3f at, normal;
    int space = geometry::kOutdoors;
    int veil = -1;
    Vec3f u{}, v{};
    std::optional<SeenBetween> seen{};
};
struct Starts {
    std::vector<Start> all;
    std::vector<size_t> counts;  ///< that are judged together
};
Starts starts_of(const std::vector<geometry::PlanePoints>& planes) {
    Starts out;
    for (const auto& plane : planes) {
        out.counts.push_back(plane.points.size());
        std::optional<SeenBetween> seen;
        if (plane.seen_least > -1 || plane.seen_most < 1)
            seen = {plane.up.as<float>(), static_cast<float>(plane.seen_least), static_cast<float>(plane.seen_most)};
        for (const Vec3& p : plane.points)
            out.all.push_back({p.as<float>(), plane.normal.as<float>(), plane.space, -1, {}, {}, seen});
    }
    return out;
}
Starts starts_of(const VeilCells& cells) {
    Starts out;
    out.counts = cells.counts();
    for (const VeilCell& c : cells.all())
        out.all.push_back({c.corner, c.normal, geometry::kOutdoors, c.portal, c.u, c.v});
    return out;
}
/// Cells of veils take other random numbers than points.
constexpr uint32_t kFirstVeil = 0x40000000u;

// Patches that were not met before, a spot of each.
struct Fresh {
    PatchSet set;
    std::vector<uint32_t> numbers;
    void add(const PatchGatherer::Met& met, uint32_t number) {
        const auto spot = static_cast<uint32_t>(set.spots.size());
        set.spots.push_back(met.spot);
        set.patches.push_back({met.patch, met.space, met.veil, spot, spot + 1, met.level, 0});
        numbers.push_back(number);
    }
};
constexpr uint32_t kThirds = 3;

class Work {
 public:
    Work(const CoefficientTask& task, Starts starts)
        : task_(task), sites_(std::move(starts.all)), counts_(std::move(starts.counts)) {
        layout_.parts = task.parts->count();
        layout_.sources = task.sources;
        layout_.split = task.split;
        layout_.coarse = task.coarse != nullptr ? task.coarse->count() : 0;
        states_ = task.scene->states();
        rows_.resize(sites_.size());
        for (Rows& rows : rows_) rows.all.resize(layout_.rows());
        sums_.assign(sites_.size(), PatchSums(states_));
        veils_.resize(sites_.size() * states_);
        if (task.veils != nullptr) number_veils();
        typical_.assign(states_ * sites_.size() * kReplicates, 0.0);
    }

    /// What typical suns bring onto each patch, by state; after run.
    std::vector<ByState> shone() const {
        std::vector<ByState> out;
        for (const uint32_t number : number_of_place_) out.push_back(shone_[number]);
        return out;
    }

    std::vector<Coefficients> run(const Cancel& cancel, const Progress& progress, const CoefficientStep& step) {
        std::vector<Coefficients> all(states_);
        Coefficients& out = all[0];
        // Spreads of very few samples are not to be trusted.
        const uint32_t trusted = task_.accuracy > kFirstLook ? 4 : 8;
        Round round{0, task_.first_samples};
        while (!sites_.empty()) {
            parallel_for(sites_.size(), [&](size_t s) {
                if (!cancel.requested()) trace(s, round, cancel);
            });
            if (cancel.requested()) return all;
            look_for_typical_suns(cancel);
            double worst = 0;
            for (size_t k = 0; k < states_; ++k) {
                all[k].samples = round.end;
                all[k].reached = judge(k, round.end);
                worst = std::max(worst, all[k].reached * (k < task_.counts.size() ? task_.counts[k] : 1.0));
            }
            log(LogOf::light, "coefficients: {} places, {} states, {} samples of each replicate, worst {:.2f} %",
                sites_.size(), states_, round.end, 100 * worst);
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
            if (sites_.empty())
                all[k].settled = true;
            else if (k > 0)
                collect(k, all[k], true);
        }
        return all;
    }

 private:
    // What falls onto veils brings patches of its own, whose typical light is known.
    void number_veils() {
        const auto& patches = task_.veils->light.front().patches->patches;
        for (size_t p = 0; p < patches.size(); ++p) {
            const auto number = static_cast<uint32_t>(numbers_.size());
            const auto [known, is_new] = numbers_.try_emplace(patches[p].key, number);
            if (is_new) shone_.push_back(task_.veils->shone[p]);
            number_of_veil_.push_back(known->second);
        }
    }

    void trace(size_t s, Round round, const Cancel& cancel) {
        const Start& start = sites_[s];
        Tally tally;
        PatchGatherer met;
        for (uint32_t r = 0; r < kReplicates; ++r) {
            CoefficientSink sink{task_, layout_, states_, rows_[s], sums_[s], &veils_[s * states_], met, 0};
            Tracer<random::Stream, CoefficientSink> tracer(*task_.scene, sink, Guidance::openings);
            tracer.see_between(start.seen);
            const uint32_t seed = replicate_seed(task_.seed, task_.first_point + static_cast<uint32_t>(s), r);
            for (uint32_t i = round.begin; i < round.end && !cancel.requested(); ++i) {
                sink.dice = random::hash(seed, i);
                if (const size_t choices = task_.scene->choices(); choices > 1)
                    tracer.choose(random::hash(sink.dice, 0x3a7e) % choices);
                random::Stream stream(seed, i);
                if (start.veil < 0) {
                    tracer.from_point(start.at, start.normal, start.space, task_.boost, stream);
                } else if (const auto at = seen_place(
                               *task_.scene, {start.veil, start.at, start.u, start.v, start.normal}, stream, tally)) {
                    tracer.from_veil(*at, start.normal, start.veil, stream);
                }
            }
            for (size_t k = 0; k < states_; ++k)
                typical_[(k * sites_.size() + s) * kReplicates + r] += sink.typical_sky[k];
            tally += tracer.tally();
        }
        {
            const std::lock_guard lock(mutex_);
            tally_ += tally;
        }
        Shard& shard = met_[s % met_.size()];
        const std::lock_guard lock(shard.mutex);
        shard.met.add(met);
    }

    // Of patches that were not met before, what typical suns bring onto them, by state: error is judged by it.
    void look_for_typical_suns(const Cancel& cancel) {
        std::vector<const PatchGatherer::Met*> seen;
        for (const Shard& shard : met_)
            for (const auto& met : shard.met.all())
                if (!numbers_.contains(met.patch)) seen.push_back(&met);
        // One spot of each is enough for that, the same whatever the order in which they were met.
        std::sort(seen.begin(), seen.end(), [](const auto* a, const auto* b) {
            return std::pair{a->space, a->patch} != std::pair{b->space, b->patch}
                       ? std::pair{a->space, a->patch} < std::pair{b->space, b->patch}
                       : stands_before(a->spot, b->spot);
        });
        // What lies outdoors is lit by half of all suns: a third of them tells enough, another third from patch to
        // patch.
        std::array<Fresh, kThirds + 1> fresh;
        for (const auto* met : seen) {
            const auto [known, is_new] = numbers_.try_emplace(met->patch, static_cast<uint32_t>(numbers_.size()));
            if (is_new) fresh[met->space >= 0 ? kThirds : met->patch % kThirds].add(*met, known->second);
        }
        shone_.resize(numbers_.size(), ByState{});
        parallel_for(sums_.size(), [&](size_t i) {
            for (PatchSums::Sum& sum : sums_[i].all())
                if (sum.number == PatchSums::kUnknown) sum.number = numbers_.at(sum.key);
        });
        for (uint32_t third = 0; third < kThirds; ++third) shine_on(fresh[third], third, kThirds, cancel);
        shine_on(fresh[kThirds], 0, 1, cancel);
    }

    void take_patches() {
        PatchGatherer all;
        for (const Shard& shard : met_) all.add(shard.met);
        if (task_.veils != nullptr) gather_veils(all);
        set_ = all.take();
        number_of_place_.clear();
        for (const Patch& p : set_.patches) number_of_place_.push_back(numbers_.at(p.key));
        place_of_number_.resize(numbers_.size());
        for (uint32_t i = 0; i < number_of_place_.size(); ++i) place_of_number_[number_of_place_[i]] = i;
    }

    // By cell, what paths of all points carried there.
    std::vector<double> carried_to_veils(size_t state) const {
        std::vector<double> out(task_.veils->cells.all().size(), 0.0);
        for (size_t s = 0; s < sites_.size(); ++s) veils_[s * states_ + state].add_to(out);
        return out;
    }

    // Patches that send light onto cells at which paths ended.
    void gather_veils(PatchGatherer& to) const {
        const PatchSet& set = *task_.veils->light.front().patches;
        std::vector<bool> wanted(set.count(), false);
        for (size_t k = 0; k < states_; ++k) {
            const auto carried = carried_to_veils(k);
            for (size_t c = 0; c < carried.size(); ++c)
                for (const PatchShare& share : task_.veils->light[k].points[c].patches)
                    if (carried[c] > 0) wanted[share.patch] = true;
        }
        for (size_t p = 0; p < set.count(); ++p)
            for (const PatchSpot& spot : set.spots_of(p)) {
                const Patch& patch = set.patches[p];
                if (wanted[p]) to.add({patch.key, patch.space, patch.veil, patch.level, spot});
            }
    }

    // Every so manieth of the typical suns from first on stands for all. All states are seen by one ray.
    void shine_on(const Fresh& fresh, uint32_t first, uint32_t step, const Cancel& cancel) {
        const auto suns = static_cast<uint32_t>(task_.typical[0].suns.size());
        std::vector<SunLook> looks;
        std::vector<std::pair<size_t, size_t>> of;  // state and sun
        for (size_t k = 0; k < states_; ++k)
            for (uint32_t sun = first, n = 0; sun < suns; sun += step, ++n) {
                looks.push_back({task_.typical[k].suns[sun].to, task_.scene, k, {n, n, n}});
                of.emplace_back(k, sun);
            }
        const Sunlit found = look_for_suns(fresh.set, looks, [&] { return cancel.requested(); });
        tally_.rays += found.rays;
        for (size_t p = 0; p < fresh.set.count(); ++p)
            for (const Sunlit::Beam& beam : found.on(p)) {
                const auto [k, sun] = of[beam.sun];
                const float share = static_cast<float>(step) * beam.share *
                                    veil_share(*task_.scene, fresh.set.patches[p].veil, looks[beam.sun].to);
                shone_[fresh.numbers[p]][k] += static_cast<float>(task_.typical[k].suns[sun].lux) * share;
            }
    }

    // Typical light of a point: of each replicate, the boost still in it.
    std::span<const double> typical_of(size_t state, size_t site) const {
        return {&typical_[(state * sites_.size() + site) * kReplicates], kReplicates};
    }

    float sky_noise(size_t state, size_t site, uint32_t samples, const PointCoefficients& point) const {
        const double error =
            std::hypot(estimate(typical_of(state, site), samples).standard_error, veil_error(state, site, samples)) /
            static_cast<double>(task_.boost);
        double sum = 0;
        for (size_t k = 0; k < point.values.size(); ++k)
            sum +=
                static_cast<double>(point.values[k]) * std::pow(task_.typical[state].columns[k % layout_.columns()], 2);
        return sum > 0 ? static_cast<float>(error * error / sum) : 0.0f;
    }

    // Of what falls onto veils, as far as this point takes it; the boost still in it.
    double veil_error(size_t state, size_t site, uint32_t samples) const {
        return task_.veils == nullptr ? 0.0
                                      : veils_[site * states_ + state].error(*task_.veils, state) /
                                            (static_cast<double>(samples) * kReplicates);
    }
    // By what square errors of paths to veils fall below those of pure chance: low-discrepancy points spread evenly.
    double chance_of(size_t state, size_t site, uint32_t samples) const {
        const double chance = veils_[site * states_ + state].chance_error(*task_.veils, state) /
                              (static_cast<double>(samples) * kReplicates),
                     found = estimate(typical_of(state, site), samples).standard_error;
        return chance > 0 ? std::min(1.0, std::pow(found / chance, 2)) : 1.0;
    }
    // The error that veils give to the mean of all points, as a share of it.
    double common(size_t state, uint32_t samples) const {
        if (task_.veils == nullptr) return 0;
        double mean = 0;
        for (size_t s = 0; s < sites_.size(); ++s) mean += typical(state, s, samples).mean;
        const double error = VeilSums::error_of(carried_to_veils(state), *task_.veils, state) /
                             (static_cast<double>(samples) * kReplicates);
        return mean > 0 ? kStudent95 * error / mean : 0.0;
    }

    // Of each patch the share of the typical light of all points that comes off it, in the state in which that is most.
    // What the few typical suns missed may be met by others: each has some of the mean.
    void note_worth(uint32_t samples) {
        for (size_t k = 0; k < states_; ++k) {
            double all = 0, lit[2] = {0, 0}, count[2] = {0, 0};
            for (size_t s = 0; s < sites_.size(); ++s) all += typical(k, s, samples).mean;
            for (size_t p = 0; p < set_.count(); ++p) {
                lit[set_.patches[p].space >= 0] += static_cast<double>(shone_[number_of_place_[p]][k]);
                ++count[set_.patches[p].space >= 0];
            }
            std::vector<double> taken(set_.count(), 0.0);
            for (size_t s = 0; s < sites_.size(); ++s)
                for (size_t i = 0; i < sums_[s].all().size(); ++i)
                    taken[place_of_number_[sums_[s].all()[i].number]] += static_cast<double>(sums_[s].weight(i, k));
            if (task_.veils != nullptr) {
                const auto carried = carried_to_veils(k);
                for (size_t c = 0; c < carried.size(); ++c)
                    for (const PatchShare& share : task_.veils->light[k].points[c].patches)
                        if (carried[c] > 0)
                            taken[place_of_number_[number_of_veil_[share.patch]]] +=
                                carried[c] * static_cast<double>(share.value);
            }
            for (size_t p = 0; p < set_.count() && all > 0; ++p) {
                const bool indoors = set_.patches[p].space >= 0;
                const double light = static_cast<double>(shone_[number_of_place_[p]][k]) +
                                     0.25 * lit[indoors] / std::max(1.0, count[indoors]);
                set_.patches[p].worth =
                    std::max(set_.patches[p].worth,
                             static_cast<float>(taken[p] * light / (static_cast<double>(samples) * kReplicates * all)));
            }
        }
    }

    // Of sky and ground by the spread of the replicates, of the sun by that of what single paths brought.
    Estimate typical(size_t state, size_t site, uint32_t samples) const {
        Estimate out = estimate(typical_of(state, site), samples);
        double sum = 0, square = 0;
        const PatchSums& sums = sums_[site];
        for (size_t i = 0; i < sums.all().size(); ++i) {
            const double shone = shone_[sums.all()[i].number][state];
            sum += static_cast<double>(sums.weight(i, state)) * shone;
            square += static_cast<double>(sums.square(i, state)) * shone * shone;
        }
        const double n = static_cast<double>(samples) * kReplicates;
        out.mean += sum / n;
        out.standard_error = std::hypot(out.standard_error, std::sqrt(square) / n, veil_error(state, site, samples));
        return out;
    }

    double judge(size_t state, uint32_t samples) const {
        double worst = 0;
        size_t s = 0;
        for (const size_t n : counts_) {
            double mean = 0, square = 0;
            for (size_t i = 0; i < n; ++i, ++s) {
                const Estimate e = typical(state, s, samples);
                mean += e.mean;
                square += e.half_width() * e.half_width();
            }
            if (n == 0 || !(mean > 0)) continue;
            worst = std::max(worst,
                             std::sqrt(square / static_cast<double>(n)) /
                                 std::max(mean / static_cast<double>(n), kLeastLux * static_cast<double>(task_.boost)));
        }
        return worst;
    }

    // last: what was collected is released, point by point, so that it does not stand in memory twice.
    void collect(size_t state, Coefficients& out, bool last) {
        const float scale = 1.0f / (static_cast<float>(out.samples) * kReplicates * task_.boost);
        out.layout = layout_;
        if (state == 0) {
            take_patches();
            note_worth(out.samples);
            patches_ = std::make_shared<const PatchSet>(set_);
        }
        if (last) out.common = common(state, out.samples);
        out.patches = patches_;
        out.points.resize(sites_.size());
        parallel_for(sites_.size(), [&](size_t s) {
            PointCoefficients& point = out.points[s];
            point = {};
            const Estimate e = typical(state, s, out.samples);
            point.typical = static_cast<float>(e.mean / static_cast<double>(task_.boost));
            point.half_width = e.mean > 0 ? static_cast<float>(e.half_width() / e.mean) : 0.0f;
            Rows& rows = rows_[s];
            if (task_.veils != nullptr && last) join_veils(state, s, out.samples, rows);
            for (size_t k = 0; k < layout_.rows(); ++k) {
                const std::vector<float>& row = rows.all[k];
                bool any = false;
                for (size_t c = state; c < row.size() && !any; c += states_) any = row[c] > 0;
                if (!any) continue;
                point.rows.push_back(static_cast<int>(k));
                for (size_t c = state; c < row.size(); c += states_) point.values.push_back(row[c] * scale);
                if (last && state + 1 == states_) std::vector<float>().swap(rows.all[k]);
            }
            point.sky_noise = sky_noise(state, s, out.samples, point);
            for (size_t i = 0; i < sums_[s].all().size(); ++i)
                if (sums_[s].weight(i, state) > 0)
                    point.patches.push_back({place_of_number_[sums_[s].all()[i].number], sums_[s].all()[i].row,
                                             sums_[s].weight(i, state) * scale,
                                             sums_[s].square(i, state) * scale * scale});
            std::sort(point.patches.begin(), point.patches.end(), [](const PatchShare& a, const PatchShare& b) {
                return std::pair{a.row, a.patch} < std::pair{b.row, b.patch};
            });
        });
        // Worth is asked of all states first.
        for (size_t s = 0; s < sites_.size() && last && state + 1 == states_; ++s) sums_[s].clear();
    }

    void join_veils(size_t state, size_t site, uint32_t samples, Rows& rows) {
        VeilSums& sums = veils_[site * states_ + state];
        sums.join_rows(*task_.veils, state, states_,
                       [&](uint32_t row) { return rows.row(row, layout_.columns(), states_); });
        sums.join_patches(*task_.veils, state, chance_of(state, site, samples), number_of_veil_, sums_[site]);
    }

    const CoefficientTask& task_;
    CoefficientLayout layout_;
    size_t states_ = 1;
    std::vector<Start> sites_;
    std::vector<size_t> counts_;
    std::vector<Rows> rows_;
    std::vector<PatchSums> sums_;
    std::vector<VeilSums> veils_;
    std::vector<double> typical_;
    struct Shard {
        std::mutex mutex;
        PatchGatherer met;
    };
    std::array<Shard, 16> met_;
    PatchSet set_;
    std::shared_ptr<const PatchSet> patches_;
    // Patches are numbered as they are met first, round by round; what the typical suns bring onto each, by state.
    std::unordered_map<PatchKey, uint32_t> numbers_;
    std::vector<uint32_t> number_of_place_, place_of_number_, number_of_veil_;
    std::vector<ByState> shone_;
    Tally tally_;
    std::mutex mutex_;
};

}  // namespace

std::vector<Coefficients> trace_coefficients(const CoefficientTask& task, const Cancel& cancel,
                                             const Progress& progress, const CoefficientStep& step) {
    return Work(task, starts_of(*task.planes)).run(cancel, progress, step);
}

TracedCells trace_cells(const CoefficientTask& task, const VeilCells& cells, const Cancel& cancel) {
    CoefficientTask own = task;
    own.veils = nullptr;
    own.boost = 1;
    own.first_point = kFirstVeil;
    Work work(own, starts_of(cells));
    TracedCells out{work.run(cancel, {}, {}), {}};
    out.shone = work.shone();
    return out;
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
