// SPDX-License-Identifier: GPL-3.0-or-later
// What can be varied: every number that is described, and a few that designers think in though nothing is kept of
// them - the head of a window, a sill under a head that stays. Windows grow about their middle.
#pragma once
#include <string>
#include <vector>

#include "base/result.h"
#include "describe/numbers.h"
#include "model/choices.h"

namespace wp::series {

/// A number of some elements that have it alike.
struct Variable {
    std::string type, number;         ///< as VariedNumber has them
    std::vector<model::Id> elements;  ///< that have it; empty: of site and option
    std::string of;                   ///< "W-02, W-03", "the building", a material's name
    std::string label;                ///< "Width"
    describe::Field field;            ///< unit and limits
    bool is_whole = false;
    double value = 0;      ///< of the first element
    bool differs = false;  ///< not all have that value
};

/// Of some elements of an option: their own, those of the materials they are made of, of the building and its site.
/// None of these: all that the whole building has.
std::vector<Variable> variables_of(const model::Project& project, const model::Option& option,
                                   const std::vector<model::Id>& elements);
/// The one that a varied number means; a fault where the option has none.
Result<Variable> variable_of(const model::Project& project, const model::Option& option,
                             const model::VariedNumber& varied);

/// Sets it for all its elements, within their limits. False where one has it not.
bool set(model::Project& project, model::Option& option, const model::VariedNumber& varied, double value);

/// From, to and steps that one would begin with: around the present value, within the limits.
model::VariedNumber offered(const Variable& variable);

}  // namespace wp::series
