// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/coefficients.h"

#include <algorithm>
#include <cmath>
#include <mutex>

#include "base/parallel.h"
#include "light/replicates.h"

namespace wp::light {

namespace {

// Coefficients of one point in the making, dense over groups that were met.
struct Rows {
    std::vector<std::vector<float>> by_group;
    float* row(size_t group, size_t columns) {
        if (by_group[group].empty()) by_group[group].assign(columns, 0.0f);
        return by_group[group].data();
    }
};

struct CoefficientSink {
    const CoefficientTask& task;
    const CoefficientLayout& layout;
    Rows& rows;
    Tally& tally;
    double typical = 0;

    float* row(int portal) {
        const int group = portal >= 0 ? task.scene->portals()[static_cast<size_t>(portal)].group : -1;
        return rows.row(group >= 0 ? static_cast<size_t>(group) : layout.groups, layout.columns());
    }
    void add(int portal, size_t column, float weight) {
        row(portal)[column] += weight;
        typical += static_cast<double>(weight) * task.typical[column];
    }
    void sky(Vec3f d, float weight, int portal) { add(portal, task.parts->part_of(d), weight); }
    void ground(float weight, int portal) { add(portal, layout.ground(), weight); }
    // Sunlight on what the path met: one node a vertex, drawn evenly. The first vertex is the point itself, whose direct
    // sun is reckoned exactly elsewhere. A beam that passed a window came through its group; one that fell on ground or
    // facade belongs to the window that the path left by.
    void vertex(Vec3f at, Vec3f normal, float weight, int portal, int order, random::Stream& stream) {
        if (order == 0) return;
        from_sun(at, weight, portal, stream, [&](Vec3f to) { return dot(to, normal); });
    }
    void gloss(Vec3f at, const GlossLobe& lobe, float weight, int portal, int, random::Stream& stream) {
        from_sun(at, weight, portal, stream, [&](Vec3f to) { return lobe.density(to); });
    }
    template <class Share>
    void from_sun(Vec3f at, float weight, int portal, random::Stream& stream, Share&& share) {
        if (layout.nodes == 0) return;
        const auto dice = static_cast<size_t>(stream.next().u * static_cast<float>(layout.nodes));
        const size_t node = std::min(dice, layout.nodes - 1);
        const Vec3f to = task.nodes->direction(node);
        const float taken = share(to);
        if (taken <= 0) return;
        ++tally.rays;
        const Scene::Beam beam = task.scene->beam(at, to);
        if (beam.share <= 0) return;
        add(beam.portal >= 0 ? beam.portal : portal, layout.node(node), weight * taken * beam.share * static_cast<float>(layout.nodes));
    }
};

struct Site {
    size_t plane, point;
};

class Work {
 public:
    explicit Work(const CoefficientTask& task) : task_(task) {
        layout_.parts = task.parts->count();
        layout_.nodes = task.nodes->count();
        layout_.groups = static_cast<size_t>(task.scene->groups());
        for (size_t p = 0; p < task.planes->size(); ++p)
            for (size_t i = 0; i < (*task.planes)[p].points.size(); ++i) sites_.push_back({p, i});
        rows_.resize(sites_.size());
        for (Rows& rows : rows_) rows.by_group.resize(layout_.groups + 1);
        typical_.assign(sites_.size() * kReplicates, 0.0);
    }

    Coefficients run(const Cancel& cancel, const Progress& progress) {
        Coefficients out;
        out.layout = layout_;
        Round round{0, 8};
        while (!sites_.empty()) {
            parallel_for(sites_.size(), [&](size_t s) {
                if (!cancel.requested()) trace(s, round);
            });
            if (cancel.requested()) return out;
            out.samples = round.end;
            out.reached = judge(round.end);
            out.settled = out.reached <= task_.accuracy;
            // Error falls with the samples: a fair guess of the share done.
            if (progress) progress(std::min(1.0, std::pow(task_.accuracy / std::max(out.reached, 1e-9), 1.5)));
            if (out.settled || round.end >= kMostSamples) break;
            round = round.next();
        }
        if (sites_.empty()) out.settled = true;
        out.tally = tally_;
        collect(out);
        return out;
    }

 private:
    void trace(size_t s, Round round) {
        const auto& plane = (*task_.planes)[sites_[s].plane];
        const Vec3f at = plane.points[sites_[s].point].as<float>(), normal = plane.normal.as<float>();
        Tally tally;
        for (uint32_t r = 0; r < kReplicates; ++r) {
            CoefficientSink sink{task_, layout_, rows_[s], tally};
            Tracer<random::Stream, CoefficientSink> tracer(*task_.scene, sink, Guidance::openings);
            const uint32_t seed = replicate_seed(task_.seed, static_cast<uint32_t>(s), r);
            for (uint32_t i = round.begin; i < round.end; ++i) tracer.from_point(at, normal, plane.space, 1.0f, random::Stream(seed, i));
            typical_[s * kReplicates + r] += sink.typical;
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
            for (size_t g = 0; g <= layout_.groups; ++g) {
                const auto& row = rows_[s].by_group[g];
                if (row.empty()) continue;
                point.groups.push_back(static_cast<int>(g));
                for (const float v : row) point.values.push_back(v * scale);
            }
            rows_[s] = {};
        }
    }

    const CoefficientTask& task_;
    CoefficientLayout layout_;
    std::vector<Site> sites_;
    std::vector<Rows> rows_;
    std::vector<double> typical_;
    Tally tally_;
    std::mutex mutex_;
};

}  // namespace

Coefficients trace_coefficients(const CoefficientTask& task, const Cancel& cancel, const Progress& progress) {
    return Work(task).run(cancel, progress);
}

}  // namespace wp::light
