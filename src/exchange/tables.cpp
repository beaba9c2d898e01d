// SPDX-License-Identifier: GPL-3.0-or-later
#include "exchange/tables.h"

#include <fmt/core.h>
#include <fmt/format.h>

#include <iterator>

#include "light/replicates.h"

namespace wp::exchange {

namespace {

void place(std::string& out, const geometry::PlanePoints& plane, size_t i) {
    const Vec3 p = plane.points[i], n = plane.normal;
    fmt::format_to(std::back_inserter(out), "{},{},{},{:.4f},{:.4f},{:.4f},{:.4f},{:.4f},{:.4f},", plane.plane, plane.room, i, p.x, p.y,
                   p.z, n.x, n.y, n.z);
}

constexpr const char* kPlace = "plane,room,point,x_m,y_m,z_m,nx,ny,nz,";

}  // namespace

std::string year_csv(const question::YearAnswer& answer, double from, double to) {
    std::string out = std::string(kPlace) +
                      "autonomy_300lx_open_share,autonomy_300lx_blinds_share,sun_1000lx_hours,mean_open_lux,standard_error_lux\n";
    const auto hours = metric::daily_hours(from, to);
    const auto n = static_cast<double>(metric::count(hours));
    for (const auto& plane : answer.planes) {
        const auto open = metric::autonomy(plane.open, hours, 300), blinds = metric::autonomy(plane.blinds, hours, 300);
        const auto sun = metric::hours_at_least(plane.direct, hours, 1000);
        std::vector<double> sum(plane.plane.points.size(), 0.0);
        for (size_t h = 0; h < hours.size(); ++h) {
            if (!hours[h]) continue;
            const auto lux = plane.open.at(static_cast<int>(h));
            for (size_t p = 0; p < lux.size(); ++p) sum[p] += static_cast<double>(lux[p]);
        }
        for (size_t i = 0; i < sum.size(); ++i) {
            place(out, plane.plane, i);
            const double mean = n > 0 ? sum[i] / n : 0;
            fmt::format_to(std::back_inserter(out), "{:.5f},{:.5f},{:.0f},{:.2f},{:.2f}\n", open[i], blinds[i], sun[i], mean,
                           mean * plane.relative_half_width / light::kStudent95);
        }
    }
    return out;
}

std::string hourly_csv(const question::PlaneYear& plane) {
    std::string out = "month,day,hour_ending";
    for (size_t i = 0; i < plane.plane.points.size(); ++i) fmt::format_to(std::back_inserter(out), ",point_{}_lux", i);
    out += "\n";
    for (int h = 0; h < climate::kHours; ++h) {
        const auto m = climate::moment_of(h / 24, 0);
        fmt::format_to(std::back_inserter(out), "{},{},{}", m.month, m.day, h % 24 + 1);
        const auto lux = plane.open.at(h);
        for (size_t i = 0; i < plane.plane.points.size(); ++i)
            fmt::format_to(std::back_inserter(out), ",{:.1f}", lux.empty() ? 0.0f : lux[i]);
        out += "\n";
    }
    return out;
}

std::string glare_csv(const question::GlareAnswer& answer) {
    std::string out = "source,is_sun,luminance_cd_m2,solid_angle_sr,position_index,right,up,forward\n";
    int n = 0;
    for (const auto& s : answer.sources)
        fmt::format_to(std::back_inserter(out), "{},{},{:.1f},{:.6g},{:.3f},{:.4f},{:.4f},{:.4f}\n", n++, s.is_sun ? 1 : 0, s.luminance,
                       s.solid_angle, s.position, s.direction.x, s.direction.y, s.direction.z);
    return out;
}

}  // namespace wp::exchange
