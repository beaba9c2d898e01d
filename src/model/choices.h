// SPDX-License-Identifier: GPL-3.0-or-later
// How one decides: numbers that are varied in steps, what was decided for which reasons, and figures of options that
// are given by hand.
#pragma once
#include <string>
#include <vector>

#include "model/material.h"

namespace wp::model {

/// A number of some elements, varied together.
struct VariedNumber {
    std::string type;          ///< of the elements, as in schemas: "opening", "material", "block"; "site", "option"
    std::vector<Id> elements;  ///< empty: of site and option
    std::string number;        ///< its key within them: "width", "shading/0/depth"
    double from = 0, to = 1;   ///< as files have it: metres, degrees, shares
    int steps = 5;             ///< both ends among them; at least 2
    bool operator==(const VariedNumber&) const;
};

struct Series {
    Id id;
    std::string name;
    Id option;                         ///< that is varied
    std::vector<VariedNumber> varied;  ///< one, or two: then every step of one meets every step of the other
    std::vector<Id> questions;         ///< empty: the daylight factor as usual
    Extra extra;
    bool operator==(const Series&) const;
};

/// Which option was chosen, and why.
struct Decision {
    Id option;  ///< empty: none yet
    std::string reasons, by;
    std::string day;  ///< ISO 8601
    bool operator==(const Decision&) const;
};

struct HandValue {
    Id option;
    double value = 0;
    bool operator==(const HandValue&) const;
};

/// How eyes answer by a curve of one's own, beside those of CIE S 026: an older one, or another's.
struct EyeCurve {
    Id id;
    std::string name;
    std::vector<double> values;  ///< 380 to 780 nm in steps of 5 nm, 1 at most
    std::string source;          ///< where it is from
    Extra extra;
    bool operator==(const EyeCurve&) const;
};

/// A figure that is not computed here: cost, weight, area to let.
struct HandFigure {
    Id id;
    std::string name, unit;
    enum class Better { unsaid, lower, higher } better = Better::lower;
    std::vector<HandValue> values;
    bool operator==(const HandFigure&) const;
};

}  // namespace wp::model

extern template class std::vector<wp::model::VariedNumber>;
extern template class std::vector<wp::model::Series>;
extern template class std::vector<wp::model::EyeCurve>;
extern template class std::vector<wp::model::HandFigure>;
