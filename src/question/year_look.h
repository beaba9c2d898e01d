// SPDX-License-Identifier: GPL-3.0-or-later
// How whoever tells something of a year sees its light: part by part, so that large planes never stand in memory whole.
#pragma once
#include <functional>
#include <map>
#include <vector>

#include "question/year.h"

namespace wp::question {

/// Looks at a plane's light part by part, and once for all that is to be told of it.
class YearLook {
 public:
    using See = std::function<void(const YearAnswer::Part&)>;
    YearLook(const YearAnswer& year, size_t plane) : year_(year), plane_(plane) {}
    void at(Operation operation, See see) { at_light_[operation].push_back(std::move(see)); }
    void at_direct(See see) { at_direct_.push_back(std::move(see)); }
    void run() const {
        for (const auto& [operation, all] : at_light_)
            each_part(all, [&, operation = operation](size_t k) { return year_.lux_part(plane_, k, operation); });
        each_part(at_direct_, [&](size_t k) { return year_.direct_part(plane_, k); });
    }

 private:
    void each_part(const std::vector<See>& all, const std::function<YearAnswer::Part(size_t)>& part_of) const {
        for (size_t k = 0; k < year_.parts(plane_) && !all.empty(); ++k) {
            const auto part = part_of(k);
            for (const See& see : all) see(part);
        }
    }
    const YearAnswer& year_;
    size_t plane_;
    std::map<Operation, std::vector<See>> at_light_;
    std::vector<See> at_direct_;
};

}  // namespace wp::question
