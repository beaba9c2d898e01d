// SPDX-License-Identifier: GPL-3.0-or-later
// From the hulls of spaces to outlines in plan, and from outlines with walls between them to outlines that meet.
#pragma once
#include <string>
#include <vector>

#include "geometry/polygon.h"
#include "incoming/building.h"
#include "incoming/slopes.h"

namespace wp::incoming {

/// A room to be.
struct Outline {
    const Space* space = nullptr;
    geometry::Polygon ring;        ///< counter-clockwise
    double floor = 0, height = 0;  ///< of its lowest floor above zero; clear
    std::optional<SlopedCeiling> slope;
};

/// None where the hull has no floor that could be stood on: the account says why.
std::optional<Outline> outline_of(const Space& space, Account& account);

/// A wall between two outlines: what both edges become part of.
struct Between {
    size_t a = 0, b = 0;   ///< outlines
    Vec2 from, to;         ///< its middle line
    double thickness = 0;  ///< 0: they touched
};
/// Grows outlines of one level towards each other by half of what lies between them, where that is a wall or a gap. Up
/// to `gap` it is one that was meant to be closed, up to `wall` a wall.
std::vector<Between> join_outlines(std::vector<Outline>& outlines, double gap, double wall, Account& account);

/// Takes away corners that say nothing.
geometry::Polygon simplified(const geometry::Polygon& ring);

}  // namespace wp::incoming
