// SPDX-License-Identifier: GPL-3.0-or-later
// Where sunlight falls, square by square.
#include "light/patches.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <numeric>

#include "light/patch_merging.h"
#include "light/path.h"
#include "validation/scenes.h"

using namespace wp;
using namespace wp::light;

namespace {

const PatchSize kSize{0.25f, 0.15f};

// Places all over a square of ground that were met once each, in patches.
PatchGatherer ground(double width, int across, int from = 0, int step = 1) {
    PatchGatherer out;
    for (int i = from; i < across * across; i += step) {
        const LitPlace place{{static_cast<float>(width * (i % across + 0.5) / across),
                              static_cast<float>(width * (i / across + 0.5) / across), 1e-4f},
                             {0, 0, 1},
                             geometry::kOutdoors,
                             -1,
                             0};
        const auto keys = keys_of(place, kSize, nullptr);
        PatchGatherer::Met met;
        met.patch = keys.patch;
        met.level = keys.level;
        met.spot = {place.at, place.normal, {}, -1, random::hash(7, static_cast<uint32_t>(i)), 1, keys.part};
        out.add(met);
    }
    return out;
}

bool same(const PatchSet& a, const PatchSet& b) {
    if (a.count() != b.count() || a.spots.size() != b.spots.size()) return false;
    for (size_t i = 0; i < a.count(); ++i)
        if (a.patches[i].key != b.patches[i].key || a.patches[i].first != b.patches[i].first) return false;
    for (size_t i = 0; i < a.spots.size(); ++i)
        if (!(a.spots[i].at == b.spots[i].at) || a.spots[i].hits != b.spots[i].hits) return false;
    return true;
}

// Along x = 0, 1 m high, seen from both sides.
geometry::Surfaces wall() {
    geometry::Surfaces s;
    const uint32_t wall = s.add_surface({});
    s.add_quad(wall, {0, -50, 0}, {0, 50, 0}, {0, 50, 1}, {0, -50, 1});
    s.add_quad(wall, {0, 50, 0}, {0, -50, 0}, {0, -50, 1}, {0, 50, 1});
    return s;
}

uint32_t hits(const PatchSet& set) {
    return std::accumulate(set.spots.begin(), set.spots.end(), 0u,
                           [](uint32_t sum, const PatchSpot& s) { return sum + s.hits; });
}

}  // namespace

TEST(Patches, are_the_same_whatever_the_order_in_which_paths_met_them) {
    PatchGatherer one = ground(2, 40), other = ground(2, 40, 1, 2);
    other.add(ground(2, 40, 0, 2));
    EXPECT_TRUE(same(one.take(), other.take()));
    EXPECT_EQ(hits(one.take()), 1600u) << "every place that was met counts once";
    EXPECT_NEAR(static_cast<double>(one.take().count()), 81, 19)
        << "squares of a quarter of a metre, some cut by the rim";
}

TEST(Patches, are_larger_where_they_are_seen_from_far_outdoors_and_not_indoors) {
    LitPlace place{{3, 4, 0.0001f}, {0, 0, 1}, geometry::kOutdoors, -1, 1};
    EXPECT_EQ(keys_of(place, kSize, nullptr).level, 1u);
    place.reach = 40;
    EXPECT_EQ(keys_of(place, kSize, nullptr).level, 5u) << "4 m of the 6 m that 40 m allow";
    place.space = 0;
    EXPECT_EQ(keys_of(place, kSize, nullptr).level, 1u);
    EXPECT_NE(keys_of(place, kSize, nullptr).patch, keys_of({place.at, {0, 0, -1}, 0}, kSize, nullptr).patch)
        << "two sides of a sheet are two places";
}

TEST(Patches, half_in_the_shadow_of_a_wall_have_half_of_the_sun) {
    // The sun at 45 degrees in the west: the ground is dark up to x = 1.
    const Scene scene(wall());
    const PatchSet set = ground(2, 64).take();
    const float half = std::sqrt(0.5f);
    const SunLook look{{-half, 0, half}, &scene, 0};
    const Sunlit lit = look_for_suns(set, std::span(&look, 1));
    double light = 0, all = 0;
    for (size_t i = 0; i < set.count(); ++i)
        for (const PatchSpot& spot : set.spots_of(i)) all += spot.hits;
    for (size_t patch = 0; patch < set.count(); ++patch) {
        if (lit.on(patch).empty()) continue;
        ASSERT_EQ(lit.on(patch).size(), 1u);
        const auto& beam = lit.on(patch)[0];
        double weight = 0;
        for (const PatchSpot& spot : set.spots_of(patch)) weight += spot.hits;
        light += static_cast<double>(beam.share) * weight;
        EXPECT_LE(beam.share, half * 1.0001f);
        // Of the whole of the light: largest where an edge runs through, and never nought, since few spots that agree
        // prove little.
        const float whole = half, relative = doubt_of(beam, beam.share) / (whole * whole);
        if (beam.lit < beam.of)
            EXPECT_GT(relative, 0.4f * 0.5f * 0.5f / static_cast<float>(2 * beam.of));
        else
            EXPECT_LT(relative, 0.1f);
        EXPECT_GT(relative, 0);
    }
    EXPECT_NEAR(light / all, 0.5 * std::sqrt(0.5), 0.02);
}

TEST(Patches, of_little_worth_are_taken_together_and_none_is_lost) {
    PatchSet set = ground(8, 160).take();
    for (Patch& p : set.patches) p.worth = 0.5f / static_cast<float>(set.count());
    const PatchBudget budget{0.01f, 0.02f, 4, 4};
    const WeighedPatches all{&set, 1};
    const auto merged = merge_patches(std::span(&all, 1), kSize, budget);
    ASSERT_EQ(merged.place[0].size(), set.count());
    for (const uint32_t place : merged.place[0]) ASSERT_LT(place, merged.set.count());
    EXPECT_LT(merged.set.count(), set.count() / 4);
    double worth = 0;
    for (const Patch& p : merged.set.patches) {
        worth += static_cast<double>(p.worth);
        EXPECT_LE(p.worth, budget.outdoors * 1.0001f);
        EXPECT_GT(p.last, p.first);
    }
    EXPECT_NEAR(worth, 0.5, 1e-3);
    EXPECT_LE(merged.set.spots.size(), 4 * merged.set.count());
}

TEST(Patches, sun_that_was_written_comes_back_and_damaged_sun_does_not) {
    geometry::Surfaces s;
    s.add_quad(s.add_surface({}), {0, -5, 0}, {0, 5, 0}, {0, 5, 1}, {0, -5, 1});
    const Scene scene(s);
    const PatchSet set = ground(2, 16).take();
    const SunLook look{normalized(Vec3f{0.3f, 0.2f, 0.7f}), &scene, 0};
    const Sunlit lit = look_for_suns(set, std::span(&look, 1));
    const auto back = Sunlit::read(lit.write(), 1, set.count(), 0);
    ASSERT_TRUE(back);
    EXPECT_EQ(back->beams.size(), lit.beams.size());
    std::string cut = lit.write();
    cut.pop_back();
    EXPECT_FALSE(Sunlit::read(cut, 1, set.count(), 0));
    EXPECT_FALSE(Sunlit::read(lit.write(), 0, set.count(), 0)) << "of fewer suns";
    EXPECT_FALSE(Sunlit::read(lit.write(), 1, 1, 0)) << "of patches that are not there";
    Sunlit turned = lit;
    turned.beams[0].sun = 1;
    ASSERT_TRUE(Sunlit::read(turned.write(), 2, set.count(), 0));
    turned.first.assign(set.count() + 1, static_cast<uint32_t>(turned.beams.size()));
    turned.first[0] = 0;
    EXPECT_FALSE(Sunlit::read(turned.write(), 2, set.count(), 0)) << "suns of a patch out of order";
}

TEST(Patches, the_more_spots_agree_the_less_is_left_to_doubt) {
    float before = 1;
    for (const uint8_t n : {uint8_t{1}, uint8_t{4}, uint8_t{16}, uint8_t{64}}) {
        const float doubt = doubt_of({0, -1, n, n, 1}, 1);
        EXPECT_LT(doubt, before / 2);
        before = doubt;
    }
    EXPECT_EQ(doubt_of({0, -1, 0, 4, 0}, 0), 0) << "where nothing is lit there is nothing to be told of";
}

TEST(Patches, a_spot_may_look_for_the_sun_of_a_neighbouring_day_instead) {
    const Scene scene(wall());
    const PatchSet set = ground(2, 64).take();
    // Three suns in the west, 0.4 degrees apart, each looked for by itself and by a third of the spots for the others.
    std::vector<SunLook> each, shared;
    for (uint32_t k = 0; k < 3; ++k) {
        const float height = 0.785f + 0.007f * (static_cast<float>(k) - 1);
        each.push_back({{-std::cos(height), 0, std::sin(height)}, &scene, 0});
        shared.push_back(each.back());
        shared.back().seen_as = {k, 1, std::min(k + 1, 2u)};
    }
    const Sunlit exact = look_for_suns(set, each), near = look_for_suns(set, shared);
    EXPECT_LT(near.rays, exact.rays);
    for (uint16_t k = 0; k < 3; ++k) {
        double light[2] = {0, 0};
        for (size_t p = 0; p < set.count(); ++p)
            for (const auto* lit : {&exact, &near})
                for (const auto& beam : lit->on(p, k, k + 1u)) light[lit == &near] += static_cast<double>(beam.share);
        EXPECT_NEAR(light[1] / light[0], 1, 0.01) << k;
    }
}

TEST(Patches, of_two_sets_that_met_one_place_it_counts_once_with_the_hits_of_both) {
    PatchSet one = ground(2, 40, 0, 2).take(), other = ground(2, 40, 1, 2).take();
    for (PatchSet* set : {&one, &other})
        for (Patch& p : set->patches) p.worth = 1;  // too much for any to be taken together
    const WeighedPatches both[2] = {{&one, 1}, {&other, 1}};
    const auto merged = merge_patches(both, kSize, {0.5f, 0.5f, 1000, 1000});
    EXPECT_EQ(hits(merged.set), 1600u);
    EXPECT_EQ(merged.set.count(), ground(2, 40).take().count());
    for (size_t i = 0; i < one.count(); ++i)
        for (size_t k = 0; k < other.count(); ++k)
            EXPECT_EQ(merged.place[0][i] == merged.place[1][k], one.patches[i].key == other.patches[k].key);
}

TEST(Patches, that_mirror_elsewhere_are_taken_together_in_the_end_and_those_behind_other_panes_never) {
    // Each patch of one place alone: no neighbour that looks the same way.
    PatchGatherer met;
    for (int i = 0; i < 64; ++i) {
        const float turn = 0.09f * static_cast<float>(i);
        const GlossLobe lobe{{0, 0, 1}, {std::cos(turn) * 0.8f, std::sin(turn) * 0.8f, 0.6f}, 40};
        LitPlace place{{0.1f, 0.1f, 1e-4f}, {0, 0, 1}, 0};
        const auto keys = keys_of(place, kSize, &lobe);
        met.add({keys.patch,
                 0,
                 -1,
                 keys.level,
                 {place.at, place.normal, lobe.mirror, lobe.sharpness, static_cast<uint32_t>(i), 1, keys.part}});
        place.veil = i % 2;
        const auto veil = keys_of(place, kSize, nullptr);
        met.add({veil.patch,
                 0,
                 place.veil,
                 veil.level,
                 {place.at, place.normal, {}, -1, static_cast<uint32_t>(i), 1, veil.part}});
    }
    PatchSet set = met.take();
    for (Patch& p : set.patches) p.worth = 0.001f;
    ASSERT_GT(set.count(), 10u);
    const WeighedPatches all{&set, 1};
    const auto merged = merge_patches(std::span(&all, 1), kSize, {1, 1, 1000, 1000});
    EXPECT_EQ(merged.set.count(), 3u) << "one of all that mirror, one behind each pane";
    EXPECT_EQ(hits(merged.set), hits(set));
}

TEST(Patches, that_no_spot_finds_lit_are_in_doubt_in_the_hours_beside_those_that_some_do) {
    const Scene scene(wall());
    const PatchSet set = ground(2, 16).take();
    // Two days of suns that rise over the wall, ten degrees from one to the next.
    std::vector<SunLook> suns;
    for (int day = 0; day < 2; ++day)
        for (int k = 2; k <= 8; ++k) {
            const float height = 0.1745f * static_cast<float>(k);
            suns.push_back({{-std::cos(height), 0, std::sin(height)}, &scene, 0});
        }
    const Sunlit found = look_for_suns(set, suns);
    Sunlit told = found;
    add_edges(told, set, suns);
    size_t edges = 0;
    for (size_t p = 0; p < set.count(); ++p) {
        EXPECT_TRUE(std::ranges::is_sorted(told.on(p), {}, &Sunlit::Beam::sun));
        for (uint32_t s = 0; s < suns.size(); ++s) {
            const auto was = found.on(p, s, s + 1), now = told.on(p, s, s + 1);
            ASSERT_LE(now.size(), 1u);
            if (!was.empty()) {
                EXPECT_EQ(now[0].lit, was[0].lit) << "what was found stays";
                continue;
            }
            // Each day's sun only rises: what lies in the shadow is lit later, never sooner; a night lies between.
            const bool later = s % 7 < 6 && !found.on(p, s + 1, s + 2).empty();
            ASSERT_EQ(now.size(), later ? 1u : 0u) << p << " " << s;
            if (!later) continue;
            ++edges;
            EXPECT_EQ(now[0].lit, 0);
            const float whole = found.on(p, s + 1, s + 2)[0].share;
            EXPECT_GE(now[0].share, whole);
            EXPECT_GT(doubt_of(now[0], now[0].share), 0);
            EXPECT_LT(doubt_of(now[0], now[0].share), 0.25f * now[0].share * now[0].share);
        }
    }
    EXPECT_GT(edges, set.count() / 4);
}
