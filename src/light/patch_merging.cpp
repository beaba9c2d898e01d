// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/patch_merging.h"

#include <algorithm>
#include <cmath>
#include <tuple>

#include "base/parallel.h"

namespace wp::light {

namespace {

constexpr uint32_t kWidest = 12;
/// Of one patch: a beam counts them in a byte.
constexpr float kMostSpots = 250;
/// Of glossy patches each looks elsewhere: they are taken together less. What falls onto a pane is much the same all
/// over it.
constexpr float kGlossShare = 0.25f, kVeilShare = 3;

constexpr uint32_t kNone = 0xffffffffu;

// A square in the making.
struct Node {
    PatchKey key = 0;
    uint32_t level = 1;
    const Patch* patch = nullptr;     // any of those it is made of
    const PatchSpot* spot = nullptr;  // any of it
    float worth = 0;
    uint32_t into = kNone;  // the square that it became a part of
};

// Along a curve on which neighbours follow each other.
uint64_t order_of(Vec3f at) {
    uint64_t out = 0;
    const uint64_t parts[3] = {static_cast<uint64_t>((at.x + 32768) * 16), static_cast<uint64_t>((at.y + 32768) * 16),
                               static_cast<uint64_t>((at.z + 32768) * 16)};
    for (unsigned bit = 0; bit < 21; ++bit)
        for (unsigned k = 0; k < 3; ++k) out |= (parts[k] >> bit & 1) << (3 * bit + k);
    return out;
}

class Merging {
 public:
    Merging(std::span<const WeighedPatches> sets, const PatchSize& size, const PatchBudget& budget)
        : sets_(sets), size_(size), budget_(budget) {}

    MergedPatches run() {
        gather();
        for (uint32_t level = 0; level < kWidest; ++level) merge(level);
        pack();
        MergedPatches out;
        make(out);
        return out;
    }

 private:
    // Squares as they were met, each once, by key.
    void gather() {
        std::vector<Origin> all;
        for (uint32_t s = 0; s < sets_.size(); ++s)
            for (uint32_t i = 0; sets_[s].set != nullptr && i < sets_[s].set->count(); ++i)
                all.push_back({sets_[s].set->patches[i].key, s, i});
        std::sort(all.begin(), all.end(), [](const Origin& a, const Origin& b) {
            return std::tuple{a.key, a.set, a.patch} < std::tuple{b.key, b.set, b.patch};
        });
        for (const auto& [set, weight] : sets_) node_of_.emplace_back(set == nullptr ? 0 : set->count());
        for (const Origin& origin : all) {
            const PatchSet& set = *sets_[origin.set].set;
            const Patch& p = set.patches[origin.patch];
            if (nodes_.empty() || nodes_.back().key != p.key)
                nodes_.push_back({p.key, p.level, &p, &set.spots[p.first], 0, kNone});
            nodes_.back().worth = std::max(nodes_.back().worth, sets_[origin.set].weight * p.worth);
            node_of_[origin.set][origin.patch] = static_cast<uint32_t>(nodes_.size() - 1);
        }
        for (uint32_t n = 0; n < nodes_.size(); ++n) at_level(nodes_[n].level).push_back(n);
    }
    struct Origin {
        PatchKey key;
        uint32_t set, patch;
    };
    std::vector<uint32_t>& at_level(uint32_t level) {
        if (levels_.size() <= level) levels_.resize(level + 1);
        return levels_[level];
    }

    float share_of(const Node& node) const {
        const float share = node.patch->space >= 0 ? budget_.indoors : budget_.outdoors;
        return node.patch->veil >= 0 ? share * kVeilShare : node.spot->sharpness < 0 ? share : share * kGlossShare;
    }

    // Squares of one level into those of the next, where all that would be one is not worth more than a share.
    void merge(uint32_t level) {
        at_level(level + 1);
        struct Child {
            PatchKey parent, key;
            uint32_t node;
        };
        std::vector<Child> children(levels_[level].size());
        parallel_for(
            children.size(),
            [&](size_t i) {
                const Node& node = nodes_[levels_[level][i]];
                children[i] = {key_at(*node.patch, *node.spot, size_, level + 1), node.key, levels_[level][i]};
            },
            256);
        std::sort(children.begin(), children.end(), [](const Child& a, const Child& b) {
            return std::pair{a.parent, a.key} < std::pair{b.parent, b.key};
        });
        std::unordered_map<PatchKey, uint32_t> known;
        for (const uint32_t n : levels_[level + 1]) known[nodes_[n].key] = n;
        levels_[level].clear();
        for (size_t first = 0, last = 0; first < children.size(); first = last) {
            float worth = 0;
            for (; last < children.size() && children[last].parent == children[first].parent; ++last)
                worth += nodes_[children[last].node].worth;
            const auto parent = known.find(children[first].parent);
            if (parent != known.end()) worth += nodes_[parent->second].worth;
            if (worth > share_of(nodes_[children[first].node])) {
                for (size_t i = first; i < last; ++i) levels_[level].push_back(children[i].node);
                continue;
            }
            const uint32_t to = parent != known.end()
                                    ? parent->second
                                    : new_node(children[first].parent, level + 1, nodes_[children[first].node]);
            nodes_[to].worth = worth;
            for (size_t i = first; i < last; ++i) nodes_[children[i].node].into = to;
        }
    }
    uint32_t new_node(PatchKey key, uint32_t level, const Node& like) {
        nodes_.push_back({key, level, like.patch, like.spot, 0, kNone});
        levels_[level].push_back(static_cast<uint32_t>(nodes_.size() - 1));
        return levels_[level].back();
    }

    // What is left at the widest level has no neighbour that mirrors or faces alike, often of next to no worth: those
    // of one space are taken together one after another.
    void pack() {
        std::vector<uint32_t> left;
        std::swap(left, at_level(kWidest));
        at_level(kWidest + 1);
        const auto order = [&](uint32_t n) {
            const Node& node = nodes_[n];
            return std::tuple{node.patch->veil, node.patch->space, node.spot->sharpness,
                              order_of(node.spot->sharpness < 0 ? node.spot->normal : node.spot->mirror), node.key};
        };
        std::sort(left.begin(), left.end(), [&](uint32_t a, uint32_t b) { return order(a) < order(b); });
        const auto alike = [&](const Node& a, const Node& b) {
            return a.patch->veil == b.patch->veil && a.patch->space == b.patch->space &&
                   (a.spot->sharpness < 0) == (b.spot->sharpness < 0);
        };
        for (size_t first = 0, last = 0; first < left.size(); first = last) {
            float worth = 0;
            for (; last < left.size() && alike(nodes_[left[first]], nodes_[left[last]]) &&
                   (last == first || worth + nodes_[left[last]].worth <= share_of(nodes_[left[first]]));
                 ++last)
                worth += nodes_[left[last]].worth;
            const uint32_t to = new_node(nodes_[left[first]].key, kWidest + 1, nodes_[left[first]]);
            nodes_[to].worth = worth;
            for (size_t i = first; i < last; ++i) nodes_[left[i]].into = to;
        }
    }

    void make(MergedPatches& out) {
        std::vector<uint32_t> made;
        for (const auto& level : levels_) made.insert(made.end(), level.begin(), level.end());
        std::sort(made.begin(), made.end(), [&](uint32_t a, uint32_t b) {
            return std::pair{nodes_[a].patch->space, nodes_[a].key} < std::pair{nodes_[b].patch->space, nodes_[b].key};
        });
        std::vector<uint32_t> place_of(nodes_.size(), kNone);
        for (uint32_t k = 0; k < made.size(); ++k) place_of[made[k]] = k;
        std::vector<std::vector<PatchSpot>> spots(made.size());
        for (size_t s = 0; s < sets_.size(); ++s) {
            out.place.emplace_back();
            for (uint32_t i = 0; i < node_of_[s].size(); ++i) {
                const uint32_t place = place_of[root(node_of_[s][i])];
                const auto own = sets_[s].set->spots_of(i);
                spots[place].insert(spots[place].end(), own.begin(), own.end());
                out.place.back().push_back(place);
            }
        }
        parallel_for(
            made.size(), [&](size_t k) { choose(nodes_[made[k]], spots[k]); }, 64);
        for (size_t k = 0; k < made.size(); ++k) {
            const Node& node = nodes_[made[k]];
            const auto first = static_cast<uint32_t>(out.set.spots.size());
            out.set.spots.insert(out.set.spots.end(), spots[k].begin(), spots[k].end());
            out.set.patches.push_back({node.key, node.patch->space, node.patch->veil, first,
                                       static_cast<uint32_t>(out.set.spots.size()), node.level, node.worth});
        }
    }
    uint32_t root(uint32_t node) const {
        while (nodes_[node].into != kNone) node = nodes_[node].into;
        return node;
    }

    // Of what all sets met of one part one stands.
    static void join_parts(std::vector<PatchSpot>& spots) {
        std::stable_sort(spots.begin(), spots.end(),
                         [](const PatchSpot& a, const PatchSpot& b) { return a.part < b.part; });
        size_t n = 0;
        for (size_t i = 0; i < spots.size(); ++i) {
            if (n > 0 && spots[n - 1].part == spots[i].part)
                join_spot(spots[n - 1], spots[i]);
            else
                spots[n++] = spots[i];
        }
        spots.resize(n);
    }

    // Evenly along the curve, each in proportion to how often its place was met.
    void choose(const Node& node, std::vector<PatchSpot>& spots) const {
        join_parts(spots);
        std::sort(spots.begin(), spots.end(), [](const PatchSpot& a, const PatchSpot& b) {
            return std::pair{order_of(a.at), a.part} < std::pair{order_of(b.at), b.part};
        });
        const float wanted =
            (node.patch->space >= 0 ? budget_.spots_indoors : budget_.spots_outdoors) * node.worth / share_of(node);
        const auto n = static_cast<size_t>(std::clamp(std::ceil(wanted), 1.0f, kMostSpots));
        if (spots.size() <= n) return;
        double sum = 0;
        for (const PatchSpot& s : spots) sum += s.hits;
        const double step = sum / static_cast<double>(n);
        double next = step * static_cast<double>(random::unit(
                                 random::hash(static_cast<uint32_t>(node.key), static_cast<uint32_t>(node.key >> 32)))),
               passed = 0;
        for (PatchSpot& s : spots) {
            passed += s.hits;
            s.hits = 0;
            for (; next < passed; next += step) ++s.hits;
        }
        std::erase_if(spots, [](const PatchSpot& s) { return s.hits == 0; });
    }

    std::span<const WeighedPatches> sets_;
    const PatchSize& size_;
    const PatchBudget& budget_;
    std::vector<Node> nodes_;
    std::vector<std::vector<uint32_t>> levels_;   // nodes that are part of no other
    std::vector<std::vector<uint32_t>> node_of_;  // by set and patch
};

}  // namespace

PatchBudget patch_budget(double accuracy) {
    PatchBudget out;
    const auto finer = static_cast<float>(std::clamp(accuracy, 0.005, accuracy > kFirstLook ? kFirstLook : 0.2) / 0.1);
    out.indoors *= finer;
    out.outdoors *= finer;
    return out;
}

MergedPatches merge_patches(std::span<const WeighedPatches> sets, const PatchSize& size, const PatchBudget& budget) {
    return Merging(sets, size, budget).run();
}

}  // namespace wp::light
