// SPDX-License-Identifier: GPL-3.0-or-later
// What differs between two options, told by element: found by walking what is described, so that whatever a project
// can say is told here too.
#pragma once
#include <string>
#include <vector>

#include "model/option.h"

namespace wp::model {
struct Project;
}

namespace wp::describe {

/// A value of an element in both options, in words with its unit.
struct DifferingValue {
    std::string label;    ///< "Width"
    std::string was, is;  ///< empty: the value does not count there
    bool operator==(const DifferingValue&) const = default;
};

struct Difference {
    enum class What { changed, added, removed };
    What what = What::changed;
    std::string type;   ///< of the element, as in schemas: "room", "opening", "shading"; "option": of all of it
    model::Id id;       ///< of the element, or of the one that holds it where it has none itself
    std::string name;   ///< of the same
    std::string owner;  ///< type of the same
    /// Of what has no id, as a layer of shading: what it is. Empty else.
    std::string part;
    std::string within;                  ///< name of what holds the element; empty: the option
    std::vector<DifferingValue> values;  ///< of what changed
};

/// Ids tell elements apart; those of one project that were copied keep them. Names of the options, their notes and
/// views do not count. In the order in which things are described.
std::vector<Difference> differences(const model::Project& project, const model::Option& was, const model::Option& is);

/// Elements that differ alike: a value, or all values, that the same elements have otherwise. Those of many elements
/// first.
struct DifferenceGroup {
    std::vector<Difference> all;  ///< never empty
};
std::vector<DifferenceGroup> grouped(const std::vector<Difference>& all);

/// Of the elements, each once. So many at most are told one by one.
std::vector<std::string> distinct_names(const DifferenceGroup& group);
inline constexpr size_t kMostNamed = 3;
/// "opening", "4 openings".
std::string count_words(const std::string& type, size_t count);
/// "W-02, W-03", or "4 openings" of more than three.
std::string names_of(const DifferenceGroup& group);
/// "W-02: Width 1.40 m → 1.80 m", "louvres added to 4 openings".
std::string words_of(const DifferenceGroup& group);

}  // namespace wp::describe
