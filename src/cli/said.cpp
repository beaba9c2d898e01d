// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/said.h"

#include <fmt/core.h>

#include <algorithm>
#include <limits>

#include "figure/year_rooms.h"
#include "model/places.h"

namespace wp::cli {

namespace {

// Many windows are given by what they span; each is in the table.
constexpr size_t kMostNamed = 12;
std::string in_short(const question::Column& column) {
    double low = std::numeric_limits<double>::infinity(), high = -low, sum = 0;
    size_t n = 0;
    for (const auto& plane : column.value)
        for (const double v : plane) {
            if (std::isnan(v)) continue;
            low = std::min(low, v), high = std::max(high, v), sum += v, ++n;
        }
    if (n == 0) return "nowhere";
    return fmt::format("{}: {:.3g} to {:.3g} {}, mean {:.3g}, at {} places", column.name, low, high, column.unit,
                       sum / static_cast<double>(n), n);
}

// What of the blinds is not open, or not known.
std::string blinds_said(const question::GlareAnswer& answer) {
    std::string out;
    for (const auto& group : answer.blinds.groups)
        if (!group.open || !group.sure) out += "; blinds: " + group.words;
    return out.empty() && !answer.blinds.groups.empty() ? "; all blinds open" : out;
}

}  // namespace

std::string verdict_line(const rule::Verdict& v) {
    const auto& c = *v.criterion;
    return fmt::format("{:<12} {:<22} {}: {} ({})", rule::state_words(v.state), v.subject, c.name,
                       v.answered() ? rule::value_text(c, v.value) : "-", rule::needed_text(c, v.threshold));
}

std::string table_line(const question::TableAnswer& answer, const std::vector<std::string>& names) {
    const auto& table = answer.table;
    std::string line;
    for (size_t c = 0; c < table.columns.size(); c += answer.main_columns) {
        if (table.columns.size() > answer.main_columns) line += (c > 0 ? "\n    " : "") + table.columns[c].name + ": ";
        if (table.planes.size() > kMostNamed) line += in_short(table.columns[c]);
        for (size_t p = 0; p < table.planes.size() && table.planes.size() <= kMostNamed; ++p) {
            const auto f = question::figures_of(table.columns[c], p);
            line += fmt::format("{}{} {:.4g} {}{}", p > 0 ? "; " : "", names[p], f.mean, table.columns[c].unit,
                                f.mean_half_width > 0 ? fmt::format(" \u00b1 {:.2g}", f.mean_half_width) : "");
        }
    }
    return line;
}

std::string year_lines(const question::YearAnswer& answer, const std::vector<std::string>& names,
                       const question::YearUse& use, const std::vector<question::LightingYear>& lighting,
                       const std::vector<exchange::JudgedSet>& judged, bool made_up) {
    std::string line;
    for (size_t p = 0; p < names.size(); ++p)
        for (const auto& f : figure::room_figures(answer, p, use.limits, use.hours[p], use.operation))
            if (f.id == "mean" || f.id == "autonomy" || f.id == "udi_autonomous")
                line += fmt::format("{}{} {:.3g} {} ({:.3g} to {:.3g})",
                                    f.id == "mean" ? fmt::format("\n    {:<22} ", names[p]) : "; ", f.name, f.value,
                                    f.unit, f.low, f.high);
    for (const auto& l : lighting)
        line += fmt::format("\n    {:<22} {:.0f} kWh a year ({:.0f} to {:.0f}), {:.0f} % less than always on", l.name,
                            l.kwh, l.kwh_low, l.kwh_high, 100 * l.saved());
    if (!judged.empty() && made_up) line += std::string("\n    ") + climate::kNoCertificate;
    for (const auto& set : judged)
        for (const auto& v : set.verdicts)
            if (!v.criterion->optional) line += "\n    " + verdict_line(v);
    return line;
}

std::string glare_lines(const std::vector<question::SeatYear>& seats) {
    std::string out;
    for (const auto& seat : seats)
        for (size_t k = 0; k < model::headings(seat.glare.place).size(); ++k) {
            const size_t at = seat.own(k);
            const double dgp = seat.glare.exceeded(at, seat.hours, question::kGlareShare);
            const auto* level = question::protection_of(dgp);
            const std::string by = seat.glare.most_often(at, seat.hours, dgp - 1e-6);
            out += fmt::format(
                "\n    {:<22} DGP {:.3f} exceeded in at most 5 % of its use, mostly by {}: protection from "
                "glare {} (EN 17037:2018+A1:2021, 5.4)",
                model::view_name(seat.glare.place, k), dgp, by.empty() ? "nothing" : by,
                level != nullptr ? level->level : "not met");
        }
    return out;
}

std::string picture_line(const question::GlareAnswer& answer) {
    std::string out = fmt::format("{} at {}: ", answer.observer.name, climate::text(answer.moment));
    if (!answer.judged)
        return out + fmt::format("mean {:.4g} {} \u00b1 {:.1f} %{}", answer.picture.field,
                                 question::unit_of(answer.picture.of), 100 * answer.picture.relative_half_width,
                                 blinds_said(answer));
    return out + fmt::format("Ev {:.0f} lx \u00b1 {:.0f}, DGP {:.3f} ({:.3f} to {:.3f}){}{}", answer.vertical_lux,
                             answer.half_width, answer.dgp, answer.dgp_low, answer.dgp_high, blinds_said(answer),
                             answer.in_range ? "" : " (outside the range DGP was fitted for)");
}

std::string shots_line(const std::vector<question::Taken>& pictures) {
    std::string out = fmt::format("{} pictures", pictures.size());
    std::vector<const question::Taken*> judged;
    for (const auto& picture : pictures)
        if (picture.small.judged) judged.push_back(&picture);
    constexpr size_t most = 3;
    const size_t told = std::min(judged.size(), most);
    std::ranges::partial_sort(judged, judged.begin() + static_cast<std::ptrdiff_t>(told), std::greater<>{},
                              [](const auto* picture) { return picture->small.dgp; });
    for (size_t i = 0; i < told; ++i)
        out += fmt::format("\n    {}{}: DGP {:.3f} ({:.3f} to {:.3f}){}", i == 0 ? "the worst: " : "",
                           judged[i]->shot.words(), judged[i]->small.dgp, judged[i]->small.dgp_low,
                           judged[i]->small.dgp_high, judged[i]->worst.empty() ? "" : ", by " + judged[i]->worst);
    return out;
}

}  // namespace wp::cli
