// SPDX-License-Identifier: GPL-3.0-or-later
// What is known of one value of a project, besides the value.
#pragma once
#include <cstddef>
#include <limits>
#include <vector>

#include "base/figures.h"

namespace wp::describe {

/// What a value bears on: which answers may differ when it does. Bits, to be joined.
namespace bears {
inline constexpr unsigned nothing = 0;     ///< what is only said or drawn: names, notes, colours
inline constexpr unsigned light = 1;       ///< what light meets, and what is asked of it
inline constexpr unsigned planes = 2;      ///< where reference planes lie
inline constexpr unsigned readings = 4;    ///< where readings stand
inline constexpr unsigned observers = 8;   ///< who looks where
inline constexpr unsigned blinds = 16;     ///< what closes before windows, and when
inline constexpr unsigned use = 32;        ///< occupied hours, targets, electric light: a year's figures, not its light
inline constexpr unsigned colours = 128;   ///< how matter meets light by wavelength
inline constexpr unsigned electric = 256;  ///< luminaires and their scenes
inline constexpr unsigned all = 63 | 128 | 256;
inline constexpr unsigned as_around = 64;  ///< as the object or list that holds the value; outermost: light
}  // namespace bears

enum class Need { optional, required };

/// How a value is measured, as documents say it.
namespace unit {
inline constexpr const char* none = "";
inline constexpr const char* metre = "m";
inline constexpr const char* degree = "°";
inline constexpr const char* share = "share";
inline constexpr const char* lux = "lx";
inline constexpr const char* hour = "h";
}  // namespace unit

struct Field {
    const char* key;           ///< in files
    const char* label = "";    ///< what people call it; empty: it has no row of its own
    const char* meaning = "";  ///< one line, for documents and tips; what the label says is not said again
    const char* unit = unit::none;
    double low = -std::numeric_limits<double>::infinity(), high = std::numeric_limits<double>::infinity();
    Need need = Need::optional;
    unsigned bears = bears::as_around;
    unsigned within = bears::nothing;  ///< of an object or list: what else some values within bear on
    size_t least = 0, most = std::numeric_limits<size_t>::max();  ///< of a list: how many items
    bool unless_zero = false;                                     ///< of a number: 0 says nothing and is not written
};

/// What a person may type for it.
Unit typed_unit(const Field& field);
/// The nearest value within its range, of a direction the same one; the low end for what is no number.
double within(const Field& field, double value);

/// A word of a choice: in files, its value, and what people call it.
struct Word {
    const char* word;
    int value;
    const char* label = "";
    template <class E>
    constexpr Word(const char* in_files, E v, const char* name = "")
        : word(in_files), value(static_cast<int>(v)), label(name) {}
};

/// When fields count: a choice made before them, and the words of it under which they do.
struct When {
    bool holds = true;
    const char* key = "";
    std::vector<const char*> words;
};

}  // namespace wp::describe
