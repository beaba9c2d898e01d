// SPDX-License-Identifier: GPL-3.0-or-later
// What a rule asks of a building: criteria sets as plain values. Rule files and a project's own sets hold them alike;
// src/rule knows what they mean.
#pragma once
#include <string>
#include <vector>

#include "model/material.h"

namespace wp::model {

/// Of criteria files: the version this program writes, and the newest it reads.
inline constexpr int kCriteriaVersion = 2;

/// What reaching a value earns.
struct Threshold {
    double value = 0;   ///< in the measure's own terms; shares from 0 to 1
    std::string level;  ///< "medium", "2 points"
    double points = 0;  ///< that it earns; of a set the greatest count, not their sum
    bool operator==(const Threshold&) const;
};

/// The plane that a rule judges on: level, above a room's floor.
struct RulePlane {
    enum class Spacing {
        fixed,    ///< at most the spacing
        by_size,  ///< by the room's longer side d: 0.5 · 5^log10(d), at most 10 m (EN 17037:2018, annex B)
    };
    double height = 0.76;                       ///< above the floor
    double margin_least = 0, margin_most = 10;  ///< from the walls
    Spacing by = Spacing::fixed;
    double spacing = 0.6;
    bool operator==(const RulePlane&) const;
};

struct Criterion {
    enum class Hours {
        clock,     ///< from..to by the project's clock, every day
        daylight,  ///< the 4380 h of EN 17037
        use,       ///< the room's own
    };
    enum class Blinds {
        open,
        lm83,    ///< as IES LM-83 works them
        groups,  ///< as the controls of their groups say
    };
    enum class Judges {
        rooms,        ///< each for itself
        floor_area,   ///< all of them together, by floor area
        places,       ///< each window or other place that was asked at
        best_place,   ///< each room by the best of its windows
        option,       ///< all together where one is enough: the best of them
        open_ground,  ///< each plane that lies on terrain outdoors
    };
    /// Rooms by where their light comes in.
    enum class LitBy {
        any,
        walls,  ///< openings upright or inclined, alone or beside level ones
        roof,   ///< level openings alone
    };
    enum class Otherwise {
        fails,
        note,  ///< no failure: a written note is needed
    };
    Id id;
    std::string name, meaning;
    std::string source;  ///< standard, edition, clause
    std::string doubt;   ///< what nobody has checked against the edition; empty: nothing
    // What is measured.
    std::string measure;  ///< in the catalogue of measures
    std::string figure;   ///< in the catalogue of figures, of measures that take one
    std::string asks;  ///< how its analysis must have been asked (rule/needs.h); empty: on the planes, nothing left out
    double lux = 300, most_lux = 3000, time_share = 0.5, hours_limit = 250, area_share = 0.5, value = 0;
    Hours hours = Hours::clock;
    double from = 8, to = 18;
    Blinds blinds = Blinds::open;
    // Where.
    Judges judges = Judges::rooms;
    bool regularly_occupied = true;  ///< only rooms that are; else all
    std::vector<std::string> uses;   ///< only rooms of these uses; none: of any
    LitBy lit_by = LitBy::any;
    bool sunward = false;  ///< places: only those that face within 90 degrees of the noon sun
    bool has_plane = false;
    RulePlane plane;
    // What is needed.
    bool at_least = true;               ///< else at most
    std::vector<Threshold> thresholds;  ///< from the easiest to the hardest
    double former_share = 0;            ///< also met where it is that share of what the former option has; 0: not
    double loss_most = -1;  ///< also met where the loss against the former option is at most that; negative: not
    Otherwise otherwise = Otherwise::fails;
    bool optional = false;  ///< a level above the one that must be met
    std::string part;       ///< criteria of a part are concluded together: a room has the lowest of their levels
    std::string either;     ///< of these, or of their parts, a room needs one
    bool operator==(const Criterion&) const;
};

struct CriteriaSet {
    Id id;
    std::string name, source;
    std::string doubt;       ///< of all of it
    double floor_share = 0;  ///< of the rooms' floor area, in which what is required must be met; 0: in every room
    std::vector<Criterion> criteria;
    Extra extra;
    bool operator==(const CriteriaSet&) const;
};

/// Somebody has held a set against the edition.
struct SetCheck {
    Id set;
    std::string by, day, edition;  ///< day: as ISO 8601
    bool operator==(const SetCheck&) const;
};

}  // namespace wp::model

// Copying, comparing and releasing these is compiled once, in values.cpp: every file that touches one would make it
// anew.
extern template class std::vector<wp::model::Criterion>;
extern template class std::vector<wp::model::CriteriaSet>;
