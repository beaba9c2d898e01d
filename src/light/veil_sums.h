// SPDX-License-Identifier: GPL-3.0-or-later
// What a point takes of light that falls onto veils, in the making (veils.h).
#pragma once
#include <Eigen/Core>
#include <array>
#include <cmath>
#include <vector>

#include "light/patches.h"
#include "light/veils.h"

namespace wp::light {

/// Sums over paths that ended at veils, of one point in one state of the scene. Not scaled by the number of samples.
class VeilSums {
 public:
    /// reflected: the path met something indoors before.
    void add(int cell, bool reflected, float weight) {
        sums_.add(static_cast<PatchKey>(cell), reflected ? 1 : 0, 0, weight, weight * weight);
    }

    /// Adds what paths carried to each cell.
    void add_to(std::vector<double>& by_cell) const {
        for (size_t i = 0; i < sums_.all().size(); ++i)
            by_cell[sums_.all()[i].key] += static_cast<double>(sums_.weight(i));
    }
    /// Standard error of the sum times the cells' light, from these alone.
    double error(const VeilLight& veils, size_t state) const {
        thread_local std::vector<double> by_cell;
        by_cell.assign(veils.cells.all().size(), 0.0);
        add_to(by_cell);
        return error_of(by_cell, veils, state);
    }
    static double error_of(const std::vector<double>& by_cell, const VeilLight& veils, size_t state) {
        double square = 0;
        for (size_t c = 0; c < by_cell.size(); ++c)
            square += std::pow(by_cell[c] * static_cast<double>(veils.error[c][state]), 2);
        return std::sqrt(square);
    }
    /// The same from how often paths ended at each, as if they did so by pure chance.
    double chance_error(const VeilLight& veils, size_t state) const {
        double square = 0;
        for (size_t i = 0; i < sums_.all().size(); ++i)
            square += static_cast<double>(sums_.square(i)) *
                      std::pow(static_cast<double>(veils.typical[sums_.all()[i].key][state]), 2);
        return std::sqrt(square);
    }

    /// Joins the paths to what falls onto the cells of sky and ground. row_of(n): a row, by column and state.
    template <class RowOf>
    void join_rows(const VeilLight& veils, size_t state, size_t states, RowOf&& row_of) const {
        const Coefficients& light = veils.light[state];
        const auto width = static_cast<Eigen::Index>(light.layout.columns());
        const auto add = [&](uint32_t row, float weight, const float* from) {
            if (weight > 0)
                Eigen::Map<Eigen::ArrayXf, 0, Eigen::InnerStride<>>(
                    row_of(row) + state, width, Eigen::InnerStride<>(static_cast<Eigen::Index>(states))) +=
                    weight * Eigen::Map<const Eigen::ArrayXf>(from, width);
        };
        each_cell([&](size_t c, const Carried& by) {
            const PointCoefficients& cell = light.points[c];
            for (size_t r = 0; r < cell.rows.size(); ++r) {
                const auto row = static_cast<uint32_t>(cell.rows[r]);
                const float* from = cell.values.data() + r * static_cast<size_t>(width);
                if (is_straight(row)) {
                    add(row, by[0].weight, from);
                    add(row + kReflected, by[1].weight, from);
                } else {
                    add(row, by[0].weight + by[1].weight, from);
                }
            }
        });
    }
    /// The same of what comes off patches. chance: by what square errors fall below those of pure chance. numbers: of
    /// the veils' patches.
    void join_patches(const VeilLight& veils, size_t state, double chance, const std::vector<uint32_t>& numbers,
                      PatchSums& to) const {
        thread_local std::vector<Part> all;
        all.assign(2 * veils.slots.size(), {});
        each_cell([&](size_t c, const Carried& by) {
            const PointCoefficients& cell = veils.light[state].points[c];
            const uint32_t* slot = veils.slot_of[state][c].data();
            for (size_t k = 0; k < by.size(); ++k) {
                const float weight = by[k].weight, square = weight * weight,
                            doubt = by[k].square * static_cast<float>(chance);
                for (size_t i = 0; i < cell.patches.size() && weight > 0; ++i) {
                    const PatchShare& share = cell.patches[i];
                    Part& part = all[size_t{2} * slot[i] + (is_straight(share.row) ? k : 0)];
                    part.weight += weight * share.value;
                    part.square += square * share.variance + share.value * share.value * doubt;
                }
            }
        });
        const auto& patches = veils.light.front().patches->patches;
        for (size_t i = 0; i < all.size(); ++i) {
            const VeilLight::Slot& slot = veils.slots[i / 2];
            if (all[i].weight > 0)
                to.add(patches[slot.patch].key, slot.row + (i % 2 != 0 ? kReflected : 0), state, all[i].weight,
                       all[i].square)
                    .number = numbers[slot.patch];
        }
    }

 private:
    // What paths carried to a cell straight, and by way of the room.
    struct Part {
        float weight = 0, square = 0;
    };
    using Carried = std::array<Part, 2>;
    template <class Do>
    void each_cell(Do&& act) const {
        thread_local std::vector<Carried> cells;
        cells.clear();
        for (size_t i = 0; i < sums_.all().size(); ++i) {
            const auto& sum = sums_.all()[i];
            if (cells.size() <= sum.key) cells.resize(sum.key + 1);
            cells[sum.key][sum.row] = {sums_.weight(i), sums_.square(i)};
        }
        for (size_t c = 0; c < cells.size(); ++c)
            if (cells[c][0].weight + cells[c][1].weight > 0) act(c, cells[c]);
    }
    // Light straight from the sky onto a veil that is seen by way of the room came by the room.
    static bool is_straight(uint32_t row) { return row % kEntries == static_cast<uint32_t>(Entry::straight); }
    static constexpr uint32_t kReflected =
        static_cast<uint32_t>(Entry::interreflected) - static_cast<uint32_t>(Entry::straight);
    PatchSums sums_;
};

}  // namespace wp::light
