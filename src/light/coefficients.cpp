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

struct CoefficientSink {
    const CoefficientTask& task;
    const CoefficientLayout& layout;
    Rows& rows;
    Tally& tally;
    const SunChoice& choice;
    SunChoice::Room& room;
    float* nodes = nullptr;    // of this replicate, where they are kept
    double typical_sky = 0, typical_sun = 0;

    float* row(int portal, const Trail& trail) {
        const int found = portal >= 0 ? task.source_of_portal[static_cast<size_t>(portal)] : -1;
        const size_t source = found >= 0 ? static_cast<size_t>(found) : layout.sources;
        return rows.row(layout.split == Split::entry ? layout.row(source, entry_of(trail)) : layout.row(source, trail.way), layout.columns());
    }
    void add(const Trail& trail, size_t column, float weight) {
        row(trail.portal, trail)[column] += weight;
        typical_sky += static_cast<double>(weight) * task.typical[column];
    }
    void sky(Vec3f d, float weight, const Trail& trail) {
        const bool fine = layout.split != Split::entry || entry_of(trail) == Entry::straight;
        add(trail, fine ? task.parts->part_of(d) : layout.coarse_part(task.coarse->part_of(d)), weight);
    }
    void ground(float weight, const Trail& trail) { add(trail, layout.ground(), weight); }
    // Sunlight on what the path met: one node a vertex, drawn by what it would bring. The first vertex is the point itself, whose direct
    // sun is reckoned exactly elsewhere. A beam that passed a window came through its group; one that fell on ground or
    // facade belongs to the window that the path left by.
    void vertex(Vec3f at, Vec3f normal, int space, float weight, const Trail& trail, random::Stream& stream) {
        if (trail.order == 0) return;
        if (layout.nodes > 0) from_sun(at, weight, trail, choice.pick(at, normal, space, stream.next().u, room));
    }
    void gloss(Vec3f at, const GlossLobe& lobe, int space, float weight, const Trail& trail, random::Stream& stream) {
        if (layout.nodes > 0) from_sun(at, weight, trail, choice.pick(at, lobe.normal, space, stream.next().u, [&](Vec3f to) { return lobe.density(to); }, room));
    }
    void from_sun(Vec3f at, float weight, const Trail& trail, const SunChoice::Pick& pick) {
        if (pick.share <= 0) return;
        ++tally.rays;
        const Scene::Beam beam = task.scene->beam(at, task.nodes->direction(pick.node));
        if (beam.share <= 0) return;
        const float found = weight * pick.share * beam.share / pick.chance;
        row(beam.portal >= 0 ? beam.portal : trail.portal, trail)[layout.node(pick.node)] += found;
        typical_sun += static_cast<double>(found) * task.typical[layout.node(pick.node)];
        if (nodes != nullptr) nodes[pick.node] += found;
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
        rows_.resize(sites_.size());
        for (Rows& rows : rows_) rows.all.resize(layout_.rows());
        typical_.assign(sites_.size() * kReplicates, 0.0);
        if (task.keep_replicates) kept_.assign(sites_.size() * kReplicates * kept_width(), 0.0f);
    }

    Coefficients run(const Cancel& cancel, const Progress& progress, const CoefficientStep& step) {
        Coefficients out;
        out.layout = layout_;
        // Spreads of very few samples are not to be trusted.
        constexpr uint32_t trusted = 8;
        Round round{0, task_.first_samples};
        while (!sites_.empty()) {
            parallel_for(sites_.size(), [&](size_t s) {
                if (!cancel.requested()) trace(s, round);
            });
            if (cancel.requested()) return out;
            out.samples = round.end;
            out.reached = judge(round.end);
            if (task_.error) {
                collect(out);
                out.reached = task_.error(out);
            }
            out.settled = out.reached <= task_.accuracy && round.end >= trusted;
            // Error falls with the samples: a fair guess of the share done.
            if (progress) progress(std::min(1.0, std::pow(task_.accuracy / std::max(out.reached, 1e-9), 1.5)));
            const bool last = out.settled || round.end >= kMostSamples;
            if (step || last) {
                out.tally = tally_;
                collect(out);
            }
            if (step) step(out);
            if (last) break;
            round = round.next();
        }
        if (sites_.empty()) {
            out.settled = true;
            collect(out);
        }
        return out;
    }

 private:
    static std::vector<double> worth_of_nodes(const CoefficientTask& task) {
        const auto first = task.typical.begin() + static_cast<std::ptrdiff_t>(task.parts->count() + 1);
        return {first, first + static_cast<std::ptrdiff_t>(task.nodes->count())};
    }
    size_t kept_width() const { return 1 + layout_.nodes; }

    void trace(size_t s, Round round) {
        const auto& plane = (*task_.planes)[sites_[s].plane];
        const Vec3f at = plane.points[sites_[s].point].as<float>(), normal = plane.normal.as<float>();
        Tally tally;
        SunChoice::Room room;
        for (uint32_t r = 0; r < kReplicates; ++r) {
            float* kept = task_.keep_replicates ? &kept_[(s * kReplicates + r) * kept_width()] : nullptr;
            CoefficientSink sink{task_, layout_, rows_[s], tally, choice_, room, kept != nullptr ? kept + 1 : nullptr};
            Tracer<random::Stream, CoefficientSink> tracer(*task_.scene, sink, Guidance::openings);
            const uint32_t seed = replicate_seed(task_.seed, task_.first_point + static_cast<uint32_t>(s), r);
            for (uint32_t i = round.begin; i < round.end; ++i) tracer.from_point(at, normal, plane.space, 1.0f, random::Stream(seed, i));
            typical_[s * kReplicates + r] += sink.typical_sky + sink.typical_sun;
            if (kept != nullptr) kept[0] += static_cast<float>(sink.typical_sky);
            tally += tracer.tally();
        }
        const std::lock_guard lock(mutex_);
        tally_ += tally;
    }

    double judge(uint32_t samples) const {
        double worst = 0;
        for (size_t p = 0, s = 0; p < task_.planes->size(); ++p) {
            const size_t n = (*task_.planes)[p].points.size();
            double mean = 0, square = 0;
            for (size_t i = 0; i < n; ++i, ++s) {
                const Estimate e = estimate({&typical_[s * kReplicates], kReplicates}, samples);
                mean += e.mean;
                square += e.half_width() * e.half_width();
            }
            if (n > 0 && mean > 0) worst = std::max(worst, std::sqrt(square / static_cast<double>(n)) / (mean / static_cast<double>(n)));
        }
        return worst;
    }

    void collect(Coefficients& out) {
        const float scale = 1.0f / (static_cast<float>(out.samples) * kReplicates);
        out.points.resize(sites_.size());
        for (size_t s = 0; s < sites_.size(); ++s) {
            PointCoefficients& point = out.points[s];
            point = {};
            const Estimate typical = estimate({&typical_[s * kReplicates], kReplicates}, out.samples);
            point.half_width = typical.mean > 0 ? static_cast<float>(typical.half_width() / typical.mean) : 0.0f;
            for (size_t k = 0; k < layout_.rows(); ++k) {
                const auto& row = rows_[s].all[k];
                if (row.empty()) continue;
                point.rows.push_back(static_cast<int>(k));
                for (const float v : row) point.values.push_back(v * scale);
            }
            if (!task_.keep_replicates) continue;
            const size_t width = kReplicates * kept_width();
            point.replicates.assign(kept_.begin() + static_cast<std::ptrdiff_t>(s * width), kept_.begin() + static_cast<std::ptrdiff_t>((s + 1) * width));
            for (float& v : point.replicates) v /= static_cast<float>(out.samples);
        }
    }

    const CoefficientTask& task_;
    SunChoice choice_;
    CoefficientLayout layout_;
    std::vector<Site> sites_;
    std::vector<Rows> rows_;
    std::vector<double> typical_;
    std::vector<float> kept_;
    Tally tally_;
    std::mutex mutex_;
};

}  // namespace

Coefficients trace_coefficients(const CoefficientTask& task, const Cancel& cancel, const Progress& progress, const CoefficientStep& step) {
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
