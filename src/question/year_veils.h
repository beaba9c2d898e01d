// SPDX-License-Identifier: GPL-3.0-or-later
// What falls onto veils, for all blocks of points that see them.
#pragma once
#include <map>
#include <tuple>
#include <vector>

#include "base/progress.h"
#include "light/veils.h"
#include "question/record.h"

namespace wp::question {

class YearVeils {
 public:
    /// First of the states of trees and ground that are traced together, state of the blinds, and the spaces (by
    /// number) that share light.
    using Where = std::tuple<size_t, size_t, std::vector<bool>>;
    /// Traced where it is not known: with the task of the points that ask, but for their accuracy, which it follows.
    /// Rays and paths are added to the record. Null: there are none, or it was cancelled. Valid until the next call.
    const light::VeilLight* of(light::CoefficientTask task, const Where& where, Record& record, const Cancel& cancel);

 private:
    std::map<Where, light::VeilLight> known_;
    size_t cells_ = 0;
};

}  // namespace wp::question
