// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/daylight_factor.h"

#include <algorithm>
#include <array>
#include <chrono>
#include <cmath>
#include <map>
#include <mutex>
#include <numeric>

#include "base/log.h"
#include "base/parallel.h"
#include "climate/sky.h"
#include "light/path.h"
#include "light/replicates.h"

namespace wp::question {

namespace {

using light::kReplicates;
using light::kWays;

// Replicates of the first map, and Student's t for 95 % of them.
constexpr int kFirstReplicates = 4;
constexpr double kStudentOfFirst = 3.182;

constexpr double kLeastPercent = 100 * light::kLeastLux / light::kOvercastLux;

struct DaylightSink {
    const climate::Sky& source;
    double ground_luminance;
    double* by_portal;  // sums of this point
    const PaneColumns* columns;
    double* by_pane;  // likewise; null: not kept
    std::array<double, light::kWays> by_way{};

    void add(float weight, const light::Trail& trail, double luminance) {
        const double e = static_cast<double>(weight) * luminance;
        by_way[static_cast<size_t>(trail.way)] += e;
        if (trail.portal >= 0) by_portal[trail.portal] += e;
        if (by_pane != nullptr) by_pane[columns->of(trail)] += e;
    }
    void sky(Vec3f d, float weight, const light::Trail& trail) { add(weight, trail, source.luminance(d.as<double>())); }
    void ground(float weight, const light::Trail& trail) { add(weight, trail, ground_luminance); }
};

struct Site {
    size_t plane, point;
};

class Solver {
 public:
    Solver(const geometry::Surfaces& surfaces, const std::vector<geometry::PlanePoints>& planes, const Effort& effort,
           const DaylightFactorSetup& setup)
        : scene_(surfaces, light::Blinds::open, setup.season),
          planes_(planes),
          effort_(effort),
          setup_(setup),
          sky_(climate::Sky::cie(setup.cie_type, 1.0, setup.sun)),
          portals_(surfaces.portals.size()),
          columns_(portals_) {
        for (size_t p = 0; p < planes.size(); ++p)
            for (size_t i = 0; i < planes[p].points.size(); ++i) sites_.push_back({p, i});
        sums_.assign(sites_.size() * kWays * kReplicates, 0.0);
        by_portal_.resize(sites_.size());
        by_pane_.resize(setup.keeps_panes ? sites_.size() : 0);
        answer_.planes.resize(planes.size());
        done_.assign(planes.size(), 0);
        for (size_t p = 0; p < planes.size(); ++p) answer_.planes[p].plane = planes[p];
        for (const auto& portal : surfaces.portals) answer_.portals.push_back(portal.opening);
        answer_.surfaces = surfaces.fingerprint();
        take_known();
        take_before(surfaces);
        answer_.record.inputs = daylight_factor_inputs(surfaces, planes, effort, setup.season);
        answer_.record.wanted = effort.accuracy;
        answer_.record.seed = effort.seed;
    }

    DaylightFactorAnswer run(const Cancel& cancel, const DaylightFactorStep& step) {
        const auto start = std::chrono::steady_clock::now();
        for (light::Round round; !sites_.empty(); round = round.next()) {
            // The first map of all is made of the first few replicates: while something is dragged it is the only one.
            const bool first = round.begin == 0;
            if (first) {
                one_round(round, cancel, 0, kFirstReplicates);
                if (cancel.requested()) break;
                judge(round.end, kFirstReplicates);
                answer_.record.settled = false;
                if (step) step(answer_);
                if (cancel.requested()) break;
            }
            one_round(round, cancel, first ? kFirstReplicates : 0, kReplicates);
            if (cancel.requested()) break;
            judge(round.end, kReplicates);
            answer_.record.seconds = std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
            log(LogOf::question, "daylight factor: {} points, {} samples a replicate, error {:.3g} of {:.3g} wanted",
                sites_.size(), round.end, answer_.record.reached, effort_.accuracy);
            if (step) step(answer_);
            const bool enough = setup_.fixed_samples > 0 ? round.end >= setup_.fixed_samples : answer_.record.settled;
            if (enough || round.end >= light::kMostSamples) break;
        }
        if (sites_.empty()) answer_.record.settled = true;
        if (cancel.requested()) answer_.record.settled = false;
        return std::move(answer_);
    }

 private:
    // Where a point of the known answer is, to a tenth of a millimetre.
    struct Known {
        const PlaneDaylight* plane = nullptr;
        size_t point = 0;
    };
    void take_known() {
        known_.resize(sites_.size());
        const DaylightFactorAnswer* before = setup_.known;
        if (before == nullptr || before->surfaces != answer_.surfaces || before->portals.size() != portals_ ||
            !before->record.settled || before->record.wanted > effort_.accuracy)
            return;
        using Place = std::array<long, 7>;
        const auto place = [](const geometry::PlanePoints& plane, size_t i) {
            const Vec3 p = plane.points[i], n = plane.normal;
            return Place{std::lround(p.x * 1e4),
                         std::lround(p.y * 1e4),
                         std::lround(p.z * 1e4),
                         std::lround(n.x * 1e4),
                         std::lround(n.y * 1e4),
                         std::lround(n.z * 1e4),
                         plane.space};
        };
        std::map<Place, Known> by_place;
        for (const PlaneDaylight& plane : before->planes)
            for (size_t i = 0; i < plane.value.size(); ++i) by_place[place(plane.plane, i)] = {&plane, i};
        for (size_t s = 0; s < sites_.size(); ++s) {
            const auto found = by_place.find(place(planes_[sites_[s].plane], sites_[s].point));
            if (found == by_place.end()) continue;
            known_[s] = found->second;
            ++answer_.kept;
        }
    }

    // Of spaces whose light still holds: as it was, behind the panes as they are now.
    void take_before(const geometry::Surfaces& surfaces) {
        const DaylightBefore* before = setup_.before;
        if (before == nullptr || before->answer == nullptr || !before->answer->record.settled ||
            before->answer->planes.size() != planes_.size() || before->answer->portals.size() != portals_ ||
            before->answer->record.wanted > effort_.accuracy || before->answer->record.seed != effort_.seed)
            return;
        const auto factors = factors_of(before->surfaces, surfaces);
        for (size_t p = 0; p < planes_.size(); ++p) {
            const PlaneDaylight& was = before->answer->planes[p];
            const auto holds = before->change.find(planes_[p].space);
            if (holds == before->change.end() || was.plane.fingerprint() != planes_[p].fingerprint() ||
                was.by_pane.rows() != was.value.size() || was.value.empty())
                continue;
            before_[p] = behind_other_panes(was, factors, holds->second);
            answer_.kept += was.value.size();
            done_[p] = true;
        }
    }
    PlaneDaylight behind_other_panes(const PlaneDaylight& was, const std::vector<double>& factors,
                                     double may_differ) const {
        PlaneDaylight out = was;
        out.by_portal = {};
        out.by_pane = {};
        double mean_was = 0, mean_is = 0;
        for (size_t i = 0; i < was.value.size(); ++i) {
            std::array<double, kWays> by_way{};
            SparseRow portals, panes;
            was.by_pane.each(i, [&](size_t column, double percent) {
                const auto place = columns_.place(column);
                const double now = percent * factors[column];
                by_way[static_cast<size_t>(place.way)] += now;
                if (place.pane >= 0) add_one(portals, static_cast<uint32_t>(place.pane), now);
                panes.emplace_back(static_cast<uint32_t>(column), now);
            });
            double all = 0;
            for (size_t w = 0; w < kWays; ++w) {
                const double before = was.by_way[i * kWays + w], times = before > 0 ? by_way[w] / before : 1;
                out.by_way[i * kWays + w] = by_way[w];
                out.by_way_half_width[i * kWays + w] =
                    was.by_way_half_width[i * kWays + w] * times + may_differ * by_way[w];
                all += by_way[w];
            }
            const double times = was.value[i] > 0 ? all / was.value[i] : 1;
            out.value[i] = all;
            out.half_width[i] = was.half_width[i] * times + may_differ * all;
            out.by_portal.add_row(portals);
            out.by_pane.add_row(panes);
            mean_was += was.value[i];
            mean_is += all;
        }
        for (double& r : out.replicates) r *= mean_was > 0 ? mean_is / mean_was : 1;
        return out;
    }

    template <class Stream>
    void trace(size_t site, light::Round round, const Cancel& cancel, int from, int to) {
        const auto& plane = planes_[sites_[site].plane];
        const Vec3f at = plane.points[sites_[site].point].as<float>(), normal = plane.normal.as<float>();
        // Summed per replicate and then by replicate order: the same bits whatever the threads do.
        std::vector<double> by_portal(portals_, 0.0), by_pane(setup_.keeps_panes ? columns_.count() : 0, 0.0);
        light::Tally tally;
        for (int r = from; r < to; ++r) {
            DaylightSink sink{sky_, static_cast<double>(scene_.ground_reflectance()) / kPi, by_portal.data(), &columns_,
                              setup_.keeps_panes ? by_pane.data() : nullptr};
            light::Tracer<Stream, DaylightSink> tracer(scene_, sink, setup_.guidance);
            const uint32_t seed =
                light::replicate_seed(effort_.seed, static_cast<uint32_t>(site), static_cast<uint32_t>(r));
            for (uint32_t i = round.begin; i < round.end && !cancel.requested(); ++i)
                tracer.from_point(at, normal, plane.space, 1.0f, Stream(seed, i));
            for (size_t w = 0; w < kWays; ++w)
                sums_[(site * kWays + w) * kReplicates + static_cast<size_t>(r)] += sink.by_way[w];
            tally += tracer.tally();
        }
        add_dense(by_portal_[site], by_portal);
        if (setup_.keeps_panes) add_dense(by_pane_[site], by_pane);
        const std::lock_guard lock(mutex_);
        answer_.record.rays += tally.rays;
        answer_.record.paths += tally.paths;
    }

    // Of the replicates [from, to).
    void one_round(light::Round round, const Cancel& cancel, int from, int to) {
        with_threads(effort_.threads, [&] {
            parallel_for(sites_.size(), [&](size_t site) {
                if (cancel.requested() || known_[site].plane != nullptr || done_[sites_[site].plane]) return;
                if (setup_.low_discrepancy)
                    trace<random::Stream>(site, round, cancel, from, to);
                else
                    trace<random::PlainStream>(site, round, cancel, from, to);
            });
        });
    }

    void judge(uint32_t samples, size_t replicates) {
        const double few = replicates < kReplicates ? kStudentOfFirst / light::kStudent95 : 1;
        for (size_t p = 0; p < answer_.planes.size(); ++p) {
            auto& plane = answer_.planes[p];
            const size_t n = plane.plane.points.size();
            if (before_.contains(p)) {
                plane = before_.at(p);
                continue;
            }
            if (!done_[p]) plane.by_portal = plane.by_pane = {}, plane.replicates.assign(kReplicates, 0.0);
            plane.value.resize(n);
            plane.half_width.resize(n);
            plane.by_way.resize(n * kWays);
            plane.by_way_half_width.resize(n * kWays);
        }
        for (size_t s = 0; s < sites_.size(); ++s) {
            auto& plane = answer_.planes[sites_[s].plane];
            if (done_[sites_[s].plane]) continue;
            const size_t i = sites_[s].point;
            const double wider = few * light::after_stopping(plane.plane.points.size());
            if (const Known& known = known_[s]; known.plane != nullptr) {
                plane.value[i] = known.plane->value[known.point];
                plane.half_width[i] = known.plane->half_width[known.point];
                for (size_t w = 0; w < kWays; ++w) {
                    plane.by_way[i * kWays + w] = known.plane->by_way[known.point * kWays + w];
                    plane.by_way_half_width[i * kWays + w] = known.plane->by_way_half_width[known.point * kWays + w];
                }
                SparseRow shares;
                known.plane->by_portal.each(known.point, [&](size_t k, double percent) {
                    shares.emplace_back(static_cast<uint32_t>(k), percent);
                });
                plane.by_portal.add_row(shares);
                continue;
            }
            std::array<double, kReplicates> all{};
            for (size_t w = 0; w < kWays; ++w) {
                const double* of_way = &sums_[(s * kWays + w) * kReplicates];
                const auto e = light::estimate({of_way, replicates}, samples);
                plane.by_way[i * kWays + w] = 100 * e.mean;
                plane.by_way_half_width[i * kWays + w] = 100 * wider * e.half_width();
                for (size_t r = 0; r < replicates; ++r) all[r] += of_way[r];
            }
            const auto e = light::estimate({all.data(), replicates}, samples);
            plane.value[i] = 100 * e.mean;
            plane.half_width[i] = 100 * wider * e.half_width();
            SparseRow shares = by_portal_[s];
            const double each = 100 / (static_cast<double>(samples) * static_cast<double>(replicates));
            for (auto& [k, sum] : shares) sum *= each;
            plane.by_portal.add_row(shares);
            if (setup_.keeps_panes) {
                SparseRow panes = by_pane_[s];
                for (auto& [k, sum] : panes) sum *= each;
                plane.by_pane.add_row(panes);
            }
            const auto points = static_cast<double>(plane.value.size());
            for (size_t r = 0; r < replicates; ++r)
                plane.replicates[r] += 100 * all[r] / (static_cast<double>(samples) * points);
        }
        double worst = 0;
        for (size_t p = 0; p < answer_.planes.size(); ++p) {
            auto& plane = answer_.planes[p];
            plane.figures = figures_of(plane.value, plane.half_width);
            double square = 0;
            for (const double h : plane.half_width) square += h * h;
            const double n = static_cast<double>(std::max<size_t>(plane.value.size(), 1));
            // A plane without any light is settled at zero once nothing was found in a fair number of paths. In next to
            // none nobody asks for a share of it: then it is a share of what is asked at least.
            plane.reached = plane.figures.mean > 0 || samples >= 64
                                ? std::sqrt(square / n) / std::max(plane.figures.mean, kLeastPercent)
                                : 1.0;
            if (!plane.value.empty()) worst = std::max(worst, plane.reached);
            // Each plane is traced until it is as sure as it shall be, whatever others need. Spreads of very few
            // samples are not to be trusted.
            done_[p] =
                before_.contains(p) || (plane.reached <= effort_.accuracy && samples >= 8 && setup_.fixed_samples == 0);
        }
        answer_.record.reached = worst;
        const bool all_done = std::ranges::all_of(done_, [](char d) { return d != 0; });
        answer_.record.settled = (worst <= effort_.accuracy && samples >= 8) || all_done;
    }

    light::Scene scene_;
    const std::vector<geometry::PlanePoints>& planes_;
    Effort effort_;
    DaylightFactorSetup setup_;
    climate::Sky sky_;
    size_t portals_;
    std::vector<Site> sites_;
    std::vector<Known> known_;
    std::vector<char> done_;  // by plane
    std::vector<double> sums_;
    PaneColumns columns_;
    std::vector<SparseRow> by_portal_, by_pane_;  // by site, sums
    std::map<size_t, PlaneDaylight> before_;      // planes that still hold
    DaylightFactorAnswer answer_;
    std::mutex mutex_;
};

}  // namespace

namespace {

std::vector<double> sum_of(const std::vector<double>& by_way, size_t points, Component which) {
    using light::Way;
    static const std::vector<Way> ways[] = {{Way::straight},
                                            {Way::from_ground, Way::from_outside},
                                            {Way::from_inside, Way::inside_off_ground},
                                            {Way::from_ground, Way::inside_off_ground}};
    std::vector<double> out(points, 0.0);
    for (const Way way : ways[static_cast<size_t>(which)])
        for (size_t i = 0; i < points; ++i) out[i] += by_way[i * kWays + static_cast<size_t>(way)];
    return out;
}

}  // namespace

std::vector<double> PlaneDaylight::component(Component which) const { return sum_of(by_way, value.size(), which); }
std::vector<double> PlaneDaylight::half_width_of(Component which) const {
    return sum_of(by_way_half_width, value.size(), which);
}

std::vector<double> PlaneDaylight::component(light::Way way) const {
    std::vector<double> out(value.size());
    for (size_t i = 0; i < out.size(); ++i) out[i] = by_way[i * light::kWays + static_cast<size_t>(way)];
    return out;
}

PlaneFigures figures_of(const std::vector<double>& value, const std::vector<double>& half_width) {
    PlaneFigures f;
    if (value.empty()) return f;
    const auto n = static_cast<double>(value.size());
    f.mean = std::accumulate(value.begin(), value.end(), 0.0) / n;
    double square = 0;
    for (const double h : half_width) square += h * h;
    f.mean_half_width = std::sqrt(square) / n;
    std::vector<double> sorted = value;
    std::sort(sorted.begin(), sorted.end());
    const size_t half = sorted.size() / 2;
    f.median = sorted.size() % 2 == 1 ? sorted[half] : (sorted[half - 1] + sorted[half]) / 2;
    f.least = sorted.front();
    f.most = sorted.back();
    f.uniformity = f.mean > 0 ? f.least / f.mean : 0;
    return f;
}

std::map<int, double> spaces_alike(const geometry::Surfaces& was, const geometry::Surfaces& is) {
    std::map<int, double> out;
    if (was.spaces.size() != is.spaces.size() || was.portals.size() != is.portals.size()) return out;
    const double change = sent_back_otherwise(was, is);
    for (size_t s = 0; s < is.spaces.size(); ++s) {
        const int space = static_cast<int>(s);
        if (was.light_fingerprint(space) == is.light_fingerprint(space)) out[space] = change;
    }
    return out;
}

Fingerprint daylight_factor_inputs(const geometry::Surfaces& surfaces, const std::vector<geometry::PlanePoints>& planes,
                                   const Effort& effort, model::Season season) {
    Fingerprint print;
    print.add(std::string_view("daylight factor 2"));
    if (surfaces.has_seasons()) print.add(static_cast<int>(season));
    print.add(surfaces.fingerprint());
    for (const auto& plane : planes) print.add(plane.fingerprint());
    print.add(effort.accuracy);
    print.add(effort.seed);
    return print;
}

DaylightFactorAnswer daylight_factor(const geometry::Surfaces& surfaces,
                                     const std::vector<geometry::PlanePoints>& planes, const Effort& effort,
                                     const Cancel& cancel, const DaylightFactorStep& step,
                                     const DaylightFactorSetup& setup) {
    return Solver(surfaces, planes, effort, setup).run(cancel, step);
}

}  // namespace wp::question
