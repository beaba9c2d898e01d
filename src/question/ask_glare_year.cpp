// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/ask_glare_year.h"

#include "model/project.h"

namespace wp::question {

const GlareProtection* protection_of(double exceeded) {
    for (const auto& level : kGlareProtection)
        if (exceeded <= level.dgp) return &level;
    return nullptr;
}

Ring SeatYear::ring(double share, double limit) const {
    Ring out;
    for (size_t i = 0; i < static_cast<size_t>(360 / kYearStep); ++i) {
        out.value.push_back(glare.exceeded(i, hours, share));
        out.worst.push_back(glare.most_often(i, hours, limit));
    }
    return out;
}

void ask_glare_year(const model::Project& project, const model::Option& option, const model::Question& year,
                    const LitRooms& rooms, const std::vector<model::Observer>& places, Operation operation,
                    const TakeSeat& take, const Cancel& cancel, const Progress& progress) {
    GlareYearTask task;
    task.rooms = &rooms;
    task.option = &option;
    task.places = places;
    for (int heading = 0; heading < 360; heading += kYearStep) task.headings.push_back(heading);
    task.own_headings = true;
    task.operation = operation;
    task.north_azimuth = radians(project.site.north);
    // Every hour that any of the rooms is used in: each place is read in its own.
    std::vector<metric::Hours> hours;
    task.hours.assign(climate::kHours, false);
    for (const auto& place : places) {
        hours.push_back(occupied_hours(project, option, year, place.room));
        for (size_t h = 0; h < climate::kHours; ++h) task.hours[h] = task.hours[h] || hours.back()[h];
    }
    size_t at = 0;
    glare_year(
        task,
        [&](PlaceGlare&& place) {
            take({std::move(place), std::move(hours[at++])});
        },
        cancel, progress);
}

std::vector<SeatYear> ask_glare_year(const model::Project& project, const model::Option& option,
                                     const model::Question& year, const LitRooms& rooms,
                                     const std::vector<model::Observer>& places, Operation operation,
                                     const Cancel& cancel, const Progress& progress) {
    std::vector<SeatYear> out;
    ask_glare_year(
        project, option, year, rooms, places, operation, [&](SeatYear&& seat) { out.push_back(std::move(seat)); },
        cancel, progress);
    if (cancel.requested()) out.clear();
    return out;
}

}  // namespace wp::question
