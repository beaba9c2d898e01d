// SPDX-License-Identifier: GPL-3.0-or-later
// The steps of a series: their values, the order in which they are asked, and the building at each.
#pragma once
#include <string>
#include <vector>

#include "base/result.h"
#include "model/choices.h"

namespace wp::model {
struct Project;
}

namespace wp::series {

/// More than these nobody asks by mistake.
inline constexpr size_t kMostSteps = 2000;

struct Step {
    std::vector<size_t> at;      ///< place in each varied number
    std::vector<double> values;  ///< of each, as files have it
};

/// i of varied.steps, evenly from one end to the other.
double value_at(const model::VariedNumber& varied, size_t i);
/// All steps; of two numbers the second runs faster.
std::vector<Step> steps_of(const model::Series& series);

/// A fault where the project cannot be varied so: no such option or number, no span, too many steps.
Outcome check(const model::Project& project, const model::Series& series);

/// Order in which steps are asked: the one nearest to the present values first, then coarse before fine, nearer before
/// farther. present: of each varied number.
std::vector<size_t> asking_order(const model::Series& series, const std::vector<double>& present);
std::vector<double> present_values(const model::Project& project, const model::Series& series);

/// The project with its option as it is at the step.
Result<model::Project> project_at(const model::Project& project, const model::Series& series, const Step& step);

/// "Width of W-02 1.40 m": what a step is called; of two numbers both.
std::string words_of(const model::Project& project, const model::Series& series, const Step& step);
/// "1.40 m".
std::string value_words(const model::Project& project, const model::Series& series, size_t varied, double value);

/// Adds the step as an option of its own behind the one that is varied; a material that is varied becomes another of
/// its kind. Its index; a fault where the number belongs to the site, which all options share.
Result<size_t> add_as_option(model::Project& project, const model::Series& series, const Step& step);

}  // namespace wp::series
