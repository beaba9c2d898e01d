// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/compare_figures.h"
#include "report/side/figures_chart.h"

namespace wp::cli {

namespace {

using report::FiguresChart;

// A panel for each figure that has a value anywhere, a row for each room of any option.
FiguresChart chart_of(const model::Project& project, const std::vector<AskedOption>& all) {
    FiguresChart out;
    out.title = QString::fromStdString(project.name);
    std::vector<std::pair<model::Id, std::string>> rooms;
    for (const AskedOption& one : all) {
        out.options.push_back(QString::fromStdString(one.option->name));
        for (size_t r = 0; r < one.answer.rooms.size(); ++r)
            if (std::ranges::none_of(rooms, [&](const auto& known) { return known.first == one.answer.rooms[r]; }))
                rooms.emplace_back(one.answer.rooms[r], one.answer.room_names[r]);
    }
    for (size_t l = 0; l < all.front().answer.lines.size(); ++l) {
        const figure::Line& line = *all.front().answer.lines[l];
        const double by = figure::printed(line);
        FiguresChart::Panel panel{QString::fromStdString(figure::words_of(line)),
                                  QString::fromLatin1(figure::unit_of(*line.measure, line.wanted)),
                                  {}};
        for (const auto& [id, name] : rooms) {
            FiguresChart::Row row{QString::fromStdString(name), {}};
            for (const AskedOption& one : all) {
                auto band = one.band(id, l);
                if (band) *band = {by * band->value, by * band->low, by * band->high};
                row.bands.push_back(band);
            }
            if (std::ranges::any_of(row.bands, [](const auto& b) { return b.has_value(); }))
                panel.rows.push_back(std::move(row));
        }
        if (!panel.rows.empty()) out.panels.push_back(std::move(panel));
    }
    return out;
}

}  // namespace

Outcome draw_figures(const model::Project& project, const std::vector<AskedOption>& all,
                     const std::filesystem::path& path) {
    return report::write_figures_chart(chart_of(project, all), path);
}

}  // namespace wp::cli
