// SPDX-License-Identifier: GPL-3.0-or-later
// Colours for quantities of light: our own sequence from dark plum through copper to pale straw, even in lightness
// steps (interpolated by arc length in Oklab), and a diverging one for differences.
#pragma once
#include <QColor>
#include <vector>

namespace wp::report {

/// t from 0 (least light) to 1 (most).
QColor light_colour(double t);
/// t from -1 (less: slate blue) through 0 (paper) to 1 (more: copper).
QColor difference_colour(double t);
/// Ink that reads on a light_colour.
QColor ink_on(double t);

/// A legend's scale: value to t, linear or logarithmic from bottom to top.
struct Scale {
    double bottom = 0, top = 1;
    bool logarithmic = false;
    int steps = 0;            ///< 0: continuous; else bands of equal width, each of one colour
    bool difference = false;  ///< in the diverging palette, nought in its middle
    /// 0 at the bottom, 1 at the top; beyond them no further.
    double place(double value) const;
    double value_at(double t) const;
    /// Of a value, or of the band it lies in.
    QColor colour(double value) const;
    /// Ink that reads on it.
    QColor ink(double value) const;
    bool operator==(const Scale&) const = default;
};
/// Values that a legend names, the ends among them: borders of the bands, or easy numbers.
std::vector<double> marks_of(const Scale& scale);
/// Ends that people read easily: a small whole number (or 1.5) times a power of ten, at or above the value.
double nice_top(double value);

}  // namespace wp::report
