// SPDX-License-Identifier: GPL-3.0-or-later
#include "exchange/tables.h"

#include <fmt/core.h>
#include <fmt/format.h>

#include <algorithm>
#include <cstring>
#include <functional>
#include <iterator>
#include <optional>

#include "base/csv.h"
#include "base/spill_store.h"
#include "figure/year_points.h"
#include "light/replicates.h"

namespace wp::exchange {

namespace {

void place(std::string& out, const geometry::PlanePoints& plane, size_t i) {
    const Vec3 p = plane.points[i], n = plane.normal;
    fmt::format_to(std::back_inserter(out), "{},{},{},{:.4f},{:.4f},{:.4f},{:.4f},{:.4f},{:.4f},",
                   csv_field(plane.plane), csv_field(plane.room), i, p.x, p.y, p.z, n.x, n.y, n.z);
}

constexpr const char* kPlace = "plane,room,point,x_m,y_m,z_m,nx,ny,nz,";

}  // namespace

std::string year_csv(const question::YearAnswer& answer, const question::YearUse& use) {
    std::string out = kPlace;
    std::vector<const figure::YearPointFigure*> every;
    for (const auto& f : figure::year_point_figures()) {
        every.push_back(&f);
        const char* unit = f.unit[0] == '%' ? "percent" : f.unit[0] == 'h' ? "hours" : "lux";
        fmt::format_to(std::back_inserter(out), "{0}_{1},{0}_low_95,{0}_high_95,", f.id, unit);
    }
    out += "relative_standard_error\n";
    for (size_t p = 0; p < answer.planes.size(); ++p) {
        const auto& plane = answer.planes[p];
        const auto all = figure::point_values(answer, p, every, use.limits, use.hours[p], use.operation);
        for (size_t i = 0; i < plane.plane.points.size(); ++i) {
            place(out, plane.plane, i);
            for (const auto& v : all)
                fmt::format_to(std::back_inserter(out), "{:.4g},{:.4g},{:.4g},", v.value[i], v.low[i], v.high[i]);
            fmt::format_to(std::back_inserter(out), "{:.5f}\n",
                           answer.width_of(p, i, use.operation) / light::kStudent95);
        }
    }
    return out;
}

namespace {

// Rows of an hourly table: month, day, the hour's end; what(hour) follows.
template <class What>
void each_hour(std::string& out, What&& what) {
    for (int h = 0; h < climate::kHours; ++h) {
        const auto m = climate::moment_of(h / 24, 0);
        fmt::format_to(std::back_inserter(out), "{},{},{}", m.month, m.day, h % 24 + 1);
        what(h);
        out += "\n";
    }
}

// Light of a plane's parts, to be read hour by hour: that of a plane of several parts lies on the disk meanwhile, where
// there is room.
class ByHour {
 public:
    /// part_of: light of a part of the plane.
    ByHour(size_t parts, const std::function<std::shared_ptr<const metric::HourlyLux>(size_t)>& part_of) {
        for (size_t k = 0; k < parts; ++k) {
            Part part{part_of(k), {}, 0};
            part.points = part.light->points;
            if (row_of_.empty()) row_of_ = part.light->row_of;
            if (parts > 1)
                part.slot = aside_.put(
                    {reinterpret_cast<const char*>(part.light->lux.data()), part.light->lux.size() * sizeof(float)});
            if (part.slot) part.light = nullptr;
            parts_.push_back(std::move(part));
        }
    }
    /// Of all points; empty where it is dark.
    std::vector<float> at(int hour) const {
        std::vector<float> out;
        const int row = row_of_.empty() ? -1 : row_of_[static_cast<size_t>(hour)];
        if (row < 0) return out;
        for (const Part& part : parts_) {
            const size_t size = part.points * sizeof(float), before = out.size();
            out.resize(before + part.points);
            if (part.slot)
                std::memcpy(out.data() + before,
                            aside_.get({part.slot->at + static_cast<size_t>(row) * size, size}).data(), size);
            else
                std::copy_n(part.light->lux.data() + static_cast<size_t>(row) * part.points, part.points,
                            out.data() + before);
        }
        return out;
    }

 private:
    struct Part {
        std::shared_ptr<const metric::HourlyLux> light;
        std::optional<AsideFile::Slot> slot;
        size_t points = 0;
    };
    AsideFile aside_;
    std::vector<Part> parts_;
    std::vector<int> row_of_;
};

}  // namespace

void hourly_csv(const question::YearAnswer& answer, size_t plane, question::Operation operation,
                const TakeBytes& take) {
    std::string out = "month,day,hour_ending";
    const size_t points = answer.planes[plane].plane.points.size();
    for (size_t i = 0; i < points; ++i)
        fmt::format_to(std::back_inserter(out), ",point_{0}_lux,point_{0}_half_width", i);
    out += "\n";
    const ByHour light(answer.parts(plane), [&](size_t k) { return answer.lux_part(plane, k, operation).light; });
    const ByHour error(answer.parts(plane),
                       [&](size_t k) { return answer.half_width_part(plane, k, operation).light; });
    each_hour(out, [&](int h) {
        const auto lux = light.at(h), half_width = error.at(h);
        for (size_t i = 0; i < points; ++i)
            fmt::format_to(std::back_inserter(out), ",{:.1f},{:.1f}", lux.empty() ? 0.0f : lux[i],
                           half_width.empty() ? 0.0f : half_width[i]);
        take(out);
        out.clear();
    });
    take(out);
}

std::string hours_csv(const std::vector<question::HourSeries>& series) {
    std::string out = "month,day,hour_ending";
    for (const auto& one : series) out += "," + csv_field(one.place + "_" + one.id);
    out += "\n";
    each_hour(out, [&](int h) {
        for (const auto& one : series)
            fmt::format_to(std::back_inserter(out), ",{:.1f}", one.value[static_cast<size_t>(h)]);
    });
    return out;
}

std::string blinds_csv(const question::YearAnswer& answer, question::Operation operation) {
    std::string out = "month,day,hour_ending";
    for (const auto& group : answer.groups) out += "," + csv_field(group.name);
    for (const auto& plane : answer.planes) out += "," + csv_field("unmet_" + plane.plane.plane);
    out += "\n";
    std::vector<metric::Hours> unmet;
    for (size_t p = 0; p < answer.planes.size(); ++p) unmet.push_back(answer.unmet(p, operation));
    each_hour(out, [&](int h) {
        for (size_t g = 0; g < answer.groups.size(); ++g)
            fmt::format_to(std::back_inserter(out), ",{}", answer.states(g, operation)[static_cast<size_t>(h)]);
        for (const auto& hours : unmet) out += hours[static_cast<size_t>(h)] ? ",1" : ",0";
    });
    return out;
}

std::string power_csv(const std::vector<question::LightingYear>& lighting) {
    std::string out = "month,day,hour_ending";
    for (const auto& l : lighting) out += "," + csv_field(l.id + "_watts");
    out += "\n";
    each_hour(out, [&](int h) {
        for (const auto& l : lighting)
            fmt::format_to(std::back_inserter(out), ",{:.2f}", l.watts[static_cast<size_t>(h)]);
    });
    return out;
}

std::string heat_csv(const std::vector<question::PaneHeat>& panes) {
    std::string out = "month,day,hour_ending";
    for (const auto& p : panes)
        out += "," + csv_field(p.opening + "_on_w_m2") + "," + csv_field(p.opening + "_through_w_m2");
    out += "\n";
    each_hour(out, [&](int h) {
        for (const auto& p : panes)
            fmt::format_to(std::back_inserter(out), ",{:.2f},{:.2f}", p.on[static_cast<size_t>(h)],
                           p.through[static_cast<size_t>(h)]);
    });
    return out;
}

std::string glare_csv(const question::GlareAnswer& answer) {
    std::string out =
        "source,what,is_sun,luminance_cd_m2,solid_angle_sr,position_index,share_of_sum,right,up,forward\n";
    double all = 0;
    for (const auto& s : answer.sources) all += s.contrast();
    for (size_t i = 0; i < answer.sources.size(); ++i) {
        const auto& s = answer.sources[i];
        fmt::format_to(std::back_inserter(out), "{},{},{},{:.1f},{:.6g},{:.3f},{:.4f},{:.4f},{:.4f},{:.4f}\n", i,
                       i < answer.parts.size() ? csv_field(question::words_of(answer.parts[i])) : "", s.is_sun ? 1 : 0,
                       s.luminance, s.solid_angle, s.position, all > 0 ? s.contrast() / all : 0, s.direction.x,
                       s.direction.y, s.direction.z);
    }
    return out;
}

std::string glare_year_csv(const std::vector<question::SeatYear>& seats) {
    std::string out =
        "observer,heading_degrees,dgp_exceeded_in_5_percent,share_above_0.35,share_above_0.40,share_above_0.45,"
        "mostly_by\n";
    for (const auto& seat : seats)
        for (size_t i = 0; i < seat.glare.headings.size(); ++i) {
            const auto above = [&](double v) { return seat.glare.share_above(i, seat.hours, v); };
            const double dgp = seat.glare.exceeded(i, seat.hours, question::kGlareShare);
            fmt::format_to(std::back_inserter(out), "{},{:g},{:.4f},{:.4f},{:.4f},{:.4f},{}\n",
                           csv_field(seat.glare.place.id), seat.glare.headings[i], dgp, above(0.35), above(0.40),
                           above(0.45), csv_field(seat.glare.most_often(i, seat.hours, dgp - 1e-6)));
        }
    return out;
}

std::string glare_hours_csv(const question::SeatYear& seat) {
    std::string out = "month,day,hour";
    for (const double heading : seat.glare.headings)
        fmt::format_to(std::back_inserter(out), ",dgp_{0:g},lx_{0:g}", heading);
    out += "\n";
    for (int h = 0; h < climate::kHours; ++h) {
        const auto moment = climate::moment_of(h / 24, h % 24);
        fmt::format_to(std::back_inserter(out), "{},{},{}", moment.month, moment.day, h % 24);
        for (size_t i = 0; i < seat.glare.headings.size(); ++i) {
            const float dgp = seat.glare.dgp[i][static_cast<size_t>(h)];
            if (dgp < 0)
                out += ",,";
            else
                fmt::format_to(std::back_inserter(out), ",{:.4f},{:.1f}", dgp,
                               seat.glare.lux[i][static_cast<size_t>(h)]);
        }
        out += "\n";
    }
    return out;
}

std::string around_csv(const question::GlareAnswer& answer) {
    std::string out = "heading_degrees,vertical_illuminance_lx,half_width_95_lx,dgp_low,dgp_high";
    for (const auto& index : metric::glare_indices()) out += std::string(",") + index.id;
    out += ",strongest_source\n";
    for (const auto& f : answer.around) {
        fmt::format_to(std::back_inserter(out), "{:g},{:.1f},{:.1f},{:.4f},{:.4f}", f.heading, f.vertical_lux,
                       f.half_width, f.dgp_low, f.dgp_high);
        for (const auto& value : f.indices) out += value ? fmt::format(",{:.4f}", *value) : ",";
        out += "," + csv_field(f.worst) + "\n";
    }
    return out;
}

}  // namespace wp::exchange
