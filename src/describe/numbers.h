// SPDX-License-Identifier: GPL-3.0-or-later
// Numbers of a project by where they stand: found, read and set whatever they belong to, since all of them are
// described.
#pragma once
#include <functional>
#include <string>
#include <vector>

#include "describe/field.h"
#include "model/material.h"

namespace wp::model {
struct Project;
struct Option;
}  // namespace wp::model

namespace wp::describe {

/// Where a number stands. Lists whose items have no id are counted from 0: "shading/0/depth".
struct NumberPlace {
    std::string type;  ///< of its element, as in schemas; "site" and "option" have no id
    model::Id id;
    std::string number;
    bool operator==(const NumberPlace&) const = default;
};

struct FoundNumber {
    NumberPlace place;
    Field field;
    bool is_whole = false;  ///< a count
    double value = 0;
    std::string name;  ///< of its element
    std::string part;  ///< of what has no id, as a layer of shading: what it is; empty else
};

/// All numbers that count in the project's site, its materials and one of its options, in the order of files.
std::vector<FoundNumber> numbers_of(const model::Project& project, const model::Option& option);

/// Sets one, within its limits. False where it is not there, or does not count. option: one of the project's.
bool set_number(model::Project& project, model::Option& option, const NumberPlace& place, double value);

}  // namespace wp::describe
