// SPDX-License-Identifier: GPL-3.0-or-later
// What the desktop shows of a year, and what it wishes to be shown: values, computed in the background.
#pragma once
#include <array>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "figure/year_rooms.h"
#include "question/ask_year.h"
#include "report/plan.h"

namespace wp::gui {

/// What colours the year strip.
enum class StripOf { outdoor, room, share, point, blinds, power };

/// What one wishes to read of a year.
struct YearWish {
    const figure::YearPointFigure* figure = &figure::daylight_autonomy();
    bool hour_on_map = false;  ///< the map is the hour of the moment, not a figure
    question::Operation operation = question::Operation::control;
    question::LightCounted counted = question::LightCounted::daylight;
    std::array<bool, 12> months{true, true, true, true, true, true, true, true, true, true, true, true};
    StripOf strip = StripOf::outdoor;
    model::Id room;         ///< selected
    std::string group;      ///< name of the group that the strip shows; empty: the first of the room
    model::Id plane;        ///< whose point is asked about
    int point = -1;         ///< -1: the mean of the plane
    int hour = 0;           ///< of the year, for hour_on_map
    bool by_month = false;  ///< maps of the twelve months are wanted
    bool operator==(const YearWish&) const = default;
};

/// Tables and lists of a year.
struct YearTables {
    std::vector<std::vector<figure::RoomFigure>> rooms;  ///< by plane
    struct HourOf {
        int hour = 0;
        double share = 0;  ///< of the plane with the target
    };
    std::vector<HourOf> worst, best;  ///< occupied hours with daylight outdoors, of the place that is asked about
    size_t failing = 0, counted = 0;  ///< occupied hours in which less than half of the plane has the target
    std::vector<HourOf> unmet;        ///< hours in which no state of the blinds keeps the sun out
    std::vector<question::LightingYear> lighting;
    std::vector<question::PaneHeat> heat;
    struct GroupShare {
        size_t group = 0;
        std::vector<double> of_state;  ///< share of the daylit hours in each
    };
    std::vector<GroupShare> groups;  ///< those with blinds
};

struct YearReading {
    std::shared_ptr<const question::YearAnswer> answer;
    /// The same, counting the light that is wished for; by daylight the answer itself.
    std::shared_ptr<const question::YearAnswer> counted;
    YearWish wish;
    question::YearUse use;
    Fingerprint wanted;  ///< of an answer to the project as it is: another than the answer's where that is stale
    std::vector<report::MapLayer> layers;
    std::vector<std::vector<double>> half_width;
    // The strip: one value an hour, its name, its unit, and what stands for the brightest.
    std::vector<float> strip;
    QString strip_name, strip_unit;
    double strip_top = 1;
    // The point, or the plane's mean, that is asked about.
    struct Place {
        size_t plane = 0;
        int point = -1;
        std::vector<float> lux;
        question::YearShares shares;
        double half_width = 0;  ///< relative, 95 %
    };
    std::optional<Place> place;
    std::vector<std::vector<report::MapLayer>> by_month;
    std::shared_ptr<const YearTables> tables;  ///< they take longer than the map: null until computed
};

/// Whether two projects differ for an option in nothing that a year is traced from: then it needs no look at surfaces.
bool same_building(const model::Project& a, const model::Project& b, const model::Id& option);

/// All of a reading but its tables. In a GiveUpScope it may be given up.
YearReading read_year(std::shared_ptr<const question::YearAnswer> answer, const model::Project& project,
                      const model::Option& option, const YearWish& wish);
/// Tables to a reading; the sun on the panes is whoever's who keeps it.
YearTables read_tables(const YearReading& reading, const model::Project& project, const model::Option& option);

}  // namespace wp::gui
