// SPDX-License-Identifier: GPL-3.0-or-later
// A project's year of glare: its observers in their own directions and all around, in the hours their rooms are used.
#pragma once
#include "question/clear_arc.h"
#include "question/glare_year.h"
#include "question/record.h"

namespace wp::model {
struct Project;
struct Question;
}  // namespace wp::model

namespace wp::question {

/// Accuracy of the light of surfaces: what an eye adapts to, and what is lit, not what is measured.
inline constexpr double kSurfaceAccuracy = 0.3;
inline constexpr int kYearStep = 10;  ///< degrees between the directions all around

/// EN 17037:2018+A1:2021, 5.4 and table A.3: DGP that may be exceeded in at most so much of the time of use.
struct GlareProtection {
    double dgp;
    const char* level;
};
inline constexpr GlareProtection kGlareProtection[] = {{0.35, "high"}, {0.40, "medium"}, {0.45, "minimum"}};
inline constexpr double kGlareShare = 0.05;
/// The highest level that a value which is exceeded in kGlareShare meets; null: none.
const GlareProtection* protection_of(double exceeded);

struct SeatYear {
    PlaceGlare glare;     ///< kYearStep apart from 0, then the observer's own headings
    metric::Hours hours;  ///< its room's use
    /// The index of a heading of its own.
    size_t own(size_t heading) const { return static_cast<size_t>(360 / kYearStep) + heading; }
    /// Of all directions the value that is exceeded in a share of the use.
    Ring ring(double share, double limit) const;
};

/// One place after the other, each given to take as it is found. rooms: lit by light_rooms around all of them.
using TakeSeat = std::function<void(SeatYear&&)>;
void ask_glare_year(const model::Project& project, const model::Option& option, const model::Question& year,
                    const LitRooms& rooms, const std::vector<model::Observer>& places, Operation operation,
                    const TakeSeat& take, const Cancel& cancel = {}, const Progress& progress = {});
/// All at once. Cancelled: none.
std::vector<SeatYear> ask_glare_year(const model::Project& project, const model::Option& option,
                                     const model::Question& year, const LitRooms& rooms,
                                     const std::vector<model::Observer>& places, Operation operation,
                                     const Cancel& cancel = {}, const Progress& progress = {});

}  // namespace wp::question
