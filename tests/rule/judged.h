// SPDX-License-Identifier: GPL-3.0-or-later
// Years and tables given as numbers, and cases made of them: buildings small enough to be judged by hand.
#pragma once
#include <algorithm>
#include <string>
#include <vector>

#include "rule/verdicts.h"

namespace wp::test {

/// A plane of points of 1 m2: in every hour the k-th has lux[k]; direct sun likewise.
inline question::YearAnswer::Given plane_with(std::vector<float> lux, std::vector<float> direct, double half_width) {
    question::YearAnswer::Given plane;
    plane.plane.plane.plane = "p";
    plane.plane.plane.points.resize(lux.size());
    plane.plane.plane.dx = plane.plane.plane.dy = 1;
    const auto fill = [&](metric::HourlyLux& year, const std::vector<float>& v) {
        year.points = v.size();
        year.row_of.assign(8760, 0);
        year.lux = v;
    };
    fill(plane.open, lux);
    fill(plane.blinds, lux);
    fill(plane.direct, direct);
    plane.plane.relative_half_width = half_width;
    return plane;
}

inline question::YearAnswer year_with(std::vector<question::YearAnswer::Given> planes) {
    return {std::move(planes), std::vector<climate::OutdoorHour>(8760)};
}

/// Of a hundred points so many have light, the rest none.
inline question::YearAnswer lit_share(int of_hundred, float lux = 400) {
    std::vector<float> light(100, 0.f);
    std::fill(light.begin(), light.begin() + of_hundred, lux);
    return year_with({plane_with(light, std::vector<float>(100, 0.f), 0.001)});
}

inline rule::Subject subject(const geometry::PlanePoints& plane, const std::string& name, bool occupied = true) {
    rule::Subject out;
    out.plane = plane;
    out.name = out.room = name;
    out.occupied = occupied;
    return out;
}

/// Planes of a year, under these names.
inline rule::Case case_of(const question::YearAnswer& year, const std::vector<std::string>& names) {
    rule::Case out;
    for (size_t p = 0; p < year.planes.size(); ++p) out.subjects.push_back(subject(year.planes[p].plane, names[p]));
    out.answers.year = &year;
    return out;
}

/// A room with some windows, asked at the windows: what each has.
struct WindowRoom {
    std::string room;
    std::vector<double> values;
};

/// A table over the windows of rooms, one point each; columns by their ids, the same values in each.
inline question::PointTable at_windows(const std::vector<WindowRoom>& rooms, const std::vector<std::string>& columns) {
    question::PointTable out;
    for (const auto& id : columns) out.columns.push_back({id, id, "", {}, {}});
    for (const auto& room : rooms)
        for (const double value : room.values) {
            geometry::PlanePoints window;
            window.room = room.room;
            window.plane = room.room + "-w" + std::to_string(out.planes.size());
            window.dx = window.dy = 1;
            window.points.resize(1);
            window.normal = {0, -1, 0};
            out.planes.push_back(window);
            for (auto& column : out.columns) column.value.push_back({value});
        }
    return out;
}

inline const rule::Verdict& verdict_of(const std::vector<rule::Verdict>& all, const std::string& criterion,
                                       size_t which = 0) {
    for (const auto& v : all)
        if (v.criterion->id == criterion && which-- == 0) return v;
    throw std::out_of_range("no verdict on " + criterion);
}

}  // namespace wp::test
