// SPDX-License-Identifier: GPL-3.0-or-later
// Maps of a figure side by side, all figures of one option, and curves across a room.
#include <algorithm>
#include <cmath>

#include "geometry/depth_line.h"
#include "geometry/plane_points.h"
#include "gui/compare/side_kinds.h"
#include "question/ask.h"
#include "report/language/words.h"
#include "report/side/other_cells.h"
#include "report/side/plan_cell.h"
#include "report/side/year_cells.h"

namespace wp::gui {

namespace {

constexpr double kCurveStep = 0.1;  // metres

std::shared_ptr<report::PlanCell> plan_cell(const SideAsked& asked, size_t of) {
    auto cell = std::make_shared<report::PlanCell>();
    cell->project = asked.project;
    cell->option = asked.options[of].held.option;
    const auto& storeys = asked.project->options[cell->option].storeys;
    cell->storey = std::min(asked.storey, storeys.empty() ? 0 : storeys.size() - 1);
    return cell;
}

bool has_storey(const SideAsked& asked, size_t of) {
    return !asked.project->options[asked.options[of].held.option].storeys.empty();
}

}  // namespace

QString not_asked_words() { return QObject::tr("not asked yet"); }

report::SideBoard side_frame(const SideAsked& asked) {
    report::SideBoard out;
    for (size_t i = 0; i < asked.options.size(); ++i) {
        const size_t option = asked.options[i].held.option;
        out.cells.push_back({QString::fromStdString(asked.project->options[option].name), option, nullptr,
                             not_asked_words(),
                             asked.base == i ? QObject::tr("the others are told as differences from it") : QString()});
    }
    return out;
}

std::vector<report::MapLayer> layers_of(const Gathered& in, const figure::PointFigure& figure) {
    std::vector<report::MapLayer> out;
    const auto project = figure.of == model::Question::Kind::year
                             ? at_stage(in.held.project, in.held.option, in.held.year_stage)
                             : in.held.project;
    const auto& option = project->options[in.held.option];
    figure::OfYear year;
    if (in.answers.year != nullptr) year.hours = in.answers.year->clock_hours(8, 18);
    year.operation = question::Operation::control;
    year.limits = question::limits_of(model::question_of(*project, model::Question::Kind::year));
    for (const auto& plane : option.planes) {
        if (question::only_for_rules(option, plane.id)) continue;
        auto points = geometry::plane_points(option, plane, project->site.north);
        if (!points) continue;
        if (auto found = figure::point_values(in.answers, figure, *points, 0, year))
            out.push_back({std::move(*points), std::move(found->value), 0, false});
    }
    return out;
}

report::SideBoard side_maps(const SideAsked& asked) {
    auto out = side_frame(asked);
    if (asked.figure == nullptr) return out;
    std::vector<std::vector<report::MapLayer>> layers;
    for (const auto& option : asked.options) layers.push_back(layers_of(gather(option.held), *asked.figure));
    double most = 0;
    if (asked.base) {
        const auto base = layers[*asked.base];
        for (size_t i = 0; i < layers.size(); ++i)
            i == *asked.base ? layers[i].clear()
                             : static_cast<void>(most = std::max(most, report::take_away(layers[i], base)));
    }
    std::vector<report::MapLayer> all;
    for (const auto& of : layers) all.insert(all.end(), of.begin(), of.end());
    out.scale = asked.base ? report::difference_scale(most) : report::map_scale(all);
    out.words = language::words(asked.figure->name);
    if (asked.base) out.words = QObject::tr("%1, differences").arg(out.words);
    out.unit = language::words(asked.figure->unit);
    for (size_t i = 0; i < layers.size(); ++i) {
        if (!has_storey(asked, i) || (layers[i].empty() && asked.base != i)) continue;
        auto cell = plan_cell(asked, i);
        cell->layers = std::move(layers[i]);
        cell->scale = *out.scale;
        cell->unit = out.unit;
        if (asked.figure->of == model::Question::Kind::year && asked.options[i].is_year_stale)
            out.cells[i].note = QObject::tr("of the building as it was");
        out.cells[i].cell = std::move(cell);
    }
    return out;
}

// Every figure that is known of the option that is shown, each on a scale of its own.
report::SideBoard side_all_figures(const SideAsked& asked) {
    report::SideBoard out;
    out.tells_one = true;
    const auto in = gather(asked.options[asked.shown].held);
    for (const auto& figure : figure::point_figures()) {
        if (!has_storey(asked, asked.shown)) break;
        auto cell = plan_cell(asked, asked.shown);
        cell->layers = layers_of(in, figure);
        if (cell->layers.empty()) continue;
        cell->unit = language::words(figure.unit);
        cell->scale = cell->unit == QStringLiteral("%") && figure.of == model::Question::Kind::year
                          ? report::Scale{0, 100}
                          : report::map_scale(cell->layers);
        const QString range =
            QStringLiteral("%1\u2013%2 %3")
                .arg(report::mark_text(cell->scale.bottom), report::mark_text(cell->scale.top), cell->unit);
        out.cells.push_back({language::words(figure.name), {}, std::move(cell), {}, range});
    }
    auto days = side_days(asked), hours = side_hours(asked);
    for (auto* of_year : {&days, &hours}) {
        auto& cell = of_year->cells[asked.shown];
        if (cell.cell != nullptr) out.cells.push_back({of_year->words, {}, cell.cell, {}, {}});
    }
    if (out.cells.empty()) out.cells.push_back({{}, {}, nullptr, not_asked_words(), {}});
    out.foot = QObject::tr("%1: each figure on a scale of its own, from dark to light")
                   .arg(QString::fromStdString(asked.project->options[asked.options[asked.shown].held.option].name));
    return out;
}

// All options along one line across the room, over the section of the one that is shown.
report::SideBoard side_profiles(const SideAsked& asked) {
    report::SideBoard out;
    out.cells.push_back({{}, {}, nullptr, not_asked_words(), {}});
    const size_t shown = asked.options[asked.shown].held.option;
    const auto& option = asked.project->options[shown];
    const auto place = model::find_room(option, asked.room);
    if (!place || asked.figure == nullptr) return out;
    auto cell = std::make_shared<report::ProfileCell>();
    cell->project = asked.project;
    cell->option = shown;
    const auto [from, to] = geometry::depth_line(*place.room);
    cell->chart.length = length(to - from);
    cell->chart.unit = language::words(asked.figure->unit);
    if (cell->chart.length < 4 * kCurveStep) return out;
    double top = 0;
    for (size_t i = 0; i < asked.options.size(); ++i) {
        const auto layers = layers_of(gather(asked.options[i].held), *asked.figure);
        std::vector<geometry::PlanePoints> planes;
        std::vector<std::vector<double>> values;
        for (const auto& layer : layers) planes.push_back(layer.plane), values.push_back(layer.value);
        const auto& of = asked.project->options[asked.options[i].held.option];
        report::Curve curve{QString::fromStdString(of.name),
                            question::profile(planes, values, {}, place.storey->id, from, to, kCurveStep), false,
                            i == asked.shown};
        for (const auto& p : curve.points)
            if (!std::isnan(p.value)) top = std::max(top, p.value);
        if (!layers.empty()) cell->chart.curves.push_back(std::move(curve));
    }
    if (cell->chart.curves.empty()) return out;
    std::ranges::stable_sort(cell->chart.curves, {}, &report::Curve::main);  // the one that is shown on top
    cell->chart.scale = {0, report::nice_top(std::max(top, 1e-6)), false};
    cell->section = geometry::cut_section(*asked.project, option, from, to);
    out.cells[0].cell = std::move(cell);
    out.cells[0].note = QObject::tr("%1, from the middle of the longest wall with windows of %2")
                            .arg(language::words(asked.figure->name), QString::fromStdString(place.room->name));
    return out;
}

}  // namespace wp::gui
