// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/year_veils.h"

#include <algorithm>
#include <cmath>

#include "base/log.h"

namespace wp::question {

namespace {

/// Cells of veils are so many patches wide.
constexpr float kPatches = 2;
/// Of which light is kept at once: 15 kB each, about.
constexpr size_t kMostCells = 2000;

/// The error is common to all points, but each sees many cells: with more of them each may err more.
double accuracy_of(double points, size_t cells) {
    return points * std::clamp(0.08 * std::sqrt(static_cast<double>(cells)), 0.4, 2.0);
}

}  // namespace

const light::VeilLight* YearVeils::of(light::CoefficientTask task, const Where& where, Record& record,
                                      const Cancel& cancel) {
    auto known = known_.find(where);
    if (known == known_.end()) {
        light::VeilCells cells(*task.scene, std::get<2>(where), kPatches * task.patch_size.indoors);
        const size_t count = cells.all().size();
        if (cells_ + count > kMostCells) known_.clear(), cells_ = 0;
        cells_ += count;
        task.accuracy = accuracy_of(task.accuracy, count);
        known = known_.emplace(where, light::VeilLight{}).first;
        if (count > 0) known->second = light::trace_veils(task, std::move(cells), cancel);
        if (!known->second.light.empty()) {
            const light::Coefficients& traced = known->second.light.front();
            record.rays += traced.tally.rays;
            record.paths += traced.tally.paths;
            log(LogOf::question, "year: {} cells of veils to {:.2f} %, {} patches, {} samples, {} rays", count,
                100 * traced.reached, traced.patches->count(), traced.samples, traced.tally.rays);
        }
    }
    return known->second.light.empty() ? nullptr : &known->second;
}

}  // namespace wp::question
