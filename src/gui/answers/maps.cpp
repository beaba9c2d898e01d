// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/answers/maps.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "analysis/analysis.h"
#include "climate/sky_amount.h"
#include "figure/figures.h"
#include "light/replicates.h"
#include "question/ask.h"
#include "report/language/dates.h"
#include "report/language/words.h"
#include "report/pictures.h"
#include "rule/data.h"

namespace wp::gui {
using model::Question;
using model::question_of;

namespace {

using report::high_of;

// One scale for all moments of an answer.
report::Scale scale_of_all(const question::PointTable& table, size_t main_columns) {
    std::vector<report::MapLayer> all;
    for (size_t c = 0; c < table.columns.size(); c += main_columns)
        for (auto& layer : report::maps_of(table, c)) all.push_back(std::move(layer));
    return report::light_scale(all);
}

// The parts of a figure, and the windows that give most, at most three.
QStringList lines_of(const question::Shares& shares) {
    const auto percent = [&](double part) {
        return language::number(shares.total > 0 ? 100 * part / shares.total : 0, 'f', 0);
    };
    QStringList parts, windows;
    for (const auto& [name, part] : {std::pair{QT_TRANSLATE_NOOP("QObject", "sun"), shares.sun},
                                     {QT_TRANSLATE_NOOP("QObject", "sky"), shares.sky},
                                     {QT_TRANSLATE_NOOP("QObject", "ground"), shares.ground},
                                     {QT_TRANSLATE_NOOP("QObject", "outdoors"), shares.around},
                                     {QT_TRANSLATE_NOOP("QObject", "inside"), shares.inside},
                                     {QT_TRANSLATE_NOOP("QObject", "inside, via the ground"), shares.inside_off_ground},
                                     {QT_TRANSLATE_NOOP("QObject", "electric light"), shares.electric}})
        if (part > 0.005 * shares.total) parts << QStringLiteral("%1 %2 %").arg(language::words(name), percent(part));
    for (const auto& window : shares.windows)
        if (window.value > 0.005 * shares.total && windows.size() < 3)
            windows << QStringLiteral("%1 %2 %").arg(
                window.id.empty() ? QObject::tr("past windows") : QString::fromStdString(window.id),
                percent(window.value));
    return {parts.join(QStringLiteral(", ")), windows.join(QStringLiteral(", "))};
}

// Usual values onto the legend, in its unit.
void mark_usual(SheetMap& map, const char* figure) {
    map.figure = QString::fromLatin1(figure);
    const auto* of = rule::usual_values().find(figure);
    if (of == nullptr) return;
    map.definition = language::words(of->definition);
    for (const auto& v : of->values) {
        map.usual.push_back({v.value, QStringLiteral("%1 %2: %3 (%4)")
                                          .arg(v.value)
                                          .arg(map.unit, language::words(v.meaning), language::words(v.source))});
        if (v.key) map.marks.level = v.value;
    }
}

question::Component component_of(Shown::Kind kind) {
    using question::Component;
    static const std::map<Shown::Kind, Component> parts{{Shown::sky_component, Component::sky},
                                                        {Shown::outside_component, Component::external},
                                                        {Shown::inside_component, Component::internal},
                                                        {Shown::ground_component, Component::off_ground}};
    return parts.at(kind);
}

// The figure that a column is, in the list of usual values: all lux have one.
std::string figure_of(const question::Column& column) {
    if (column.unit == "lx") return "illuminance";
    for (const auto& figure : figure::point_figures())
        if (column.id == figure.column) return figure.id;
    return "";
}

// Planes that were laid for criteria lie over those that are looked at.
void leave_rule_planes_out(SheetMap& map, const model::Option& option) {
    for (auto& layer : map.layers)
        if (question::only_for_rules(option, layer.plane.plane)) std::ranges::fill(layer.value, std::nan(""));
}

}  // namespace

const figure::PointFigure& live_figure(Shown::Kind kind) {
    static const std::map<Shown::Kind, const char*> ids{{Shown::daylight_factor, "daylight_factor"},
                                                        {Shown::sky_component, "sky_component"},
                                                        {Shown::outside_component, "externally_reflected"},
                                                        {Shown::inside_component, "internally_reflected"},
                                                        {Shown::ground_component, "off_ground"},
                                                        {Shown::lux_by_design_sky, "lux_by_design_sky"},
                                                        {Shown::lux_by_median, "lux_by_median"},
                                                        {Shown::moment, "illuminance"},
                                                        {Shown::moment_sun, "direct_sun"},
                                                        {Shown::moment_sky, "from_sky"},
                                                        {Shown::electric, "electric_illuminance"},
                                                        {Shown::both, "both_illuminance"}};
    return *figure::find_point_figure(ids.at(kind));
}

SheetMap Maps::map(Shown shown, const model::Id& option) const {
    SheetMap map = is_daylight(shown)      ? daylight_map(shown, option)
                   : is_moment(shown)      ? moment_map(shown, option)
                   : shown == Shown::table ? table_map(option)
                   : is_electric(shown)    ? electric_map(shown, option)
                                           : year_map(shown, option);
    if (const auto* of = model::find(document_.project().options, option)) leave_rule_planes_out(map, *of);
    return map;
}

std::optional<question::Shares> Maps::why(Shown shown, size_t layer, int point) const {
    const auto& id = document_.option().id;
    if (is_daylight(shown)) {
        const auto live = kept_.daylight(id);
        if (live && layer < live->planes.size())
            return question::shares_of(*live, layer, point).times(daylight_unit(shown));
    }
    if (is_moment(shown)) {
        const auto live = kept_.moment(id);
        if (live && layer < live->planes.size()) return question::shares_of(*live, layer, point);
    }
    // Of a year what was asked about last is known: the mean light over the hours that count.
    if (is_year(shown))
        if (const auto reading = kept_.year_reading(id);
            reading != nullptr && reading->place && reading->place->plane == layer && reading->place->point == point) {
            const auto& made = reading->place->shares;
            question::Shares out;
            for (const auto& w : made.windows) out.windows.push_back({w.id, w.lux});
            out.total = made.total;
            out.sun = made.sun;
            out.sky = made.sky;
            out.ground = made.ground;
            out.around = made.outdoors;
            out.inside = made.inside;
            out.electric = made.electric;
            return out;
        }
    return {};
}

void Maps::set_gone(std::set<model::Id> windows) {
    if (windows == gone_) return;
    gone_ = std::move(windows);
    kept_.tell();
}

void Maps::choose_table(const model::Id& question, size_t column) {
    table_question_ = question;
    table_column_ = column;
}

double Maps::daylight_unit(Shown shown) const {
    if (shown == Shown::lux_by_design_sky) return climate::design_sky(document_.project().site.latitude) / 100;
    if (shown == Shown::lux_by_median) return document_.median_diffuse() / 100;
    return 1;
}

QString Maps::words_of_gone() const {
    const QString first = QString::fromStdString(*gone_.begin());
    return gone_.size() == 1 ? QObject::tr("without %1").arg(first)
                             : QObject::tr("without %1 and %2 more").arg(first).arg(gone_.size() - 1);
}

void Maps::mark_weather(SheetMap& map, bool by_weather) const {
    if (by_weather && document_.has_made_up_weather()) map.name += QObject::tr(", made-up weather");
}

SheetMap Maps::daylight_map(Shown shown, const model::Id& id) const {
    SheetMap map;
    const auto& figure = live_figure(shown.kind());
    map.name = language::words(figure.name);
    const bool lux = std::string_view(figure.unit) == "lx";
    map.unit = language::words(figure.unit);
    mark_usual(map, lux ? "illuminance" : shown == Shown::daylight_factor ? figure.id : "");
    const auto answer = kept_.daylight(id).answer;
    if (answer == nullptr) return map;
    if (shown == Shown::lux_by_median && document_.outdoor().empty()) return map;
    const double scale = daylight_unit(shown);
    if (lux) map.name += QObject::tr(" of %L1 lx").arg(100 * scale, 0, 'f', 0);
    mark_weather(map, shown == Shown::lux_by_median);
    map.layers = report::daylight_maps(*answer);
    map.settled = answer->record.settled;
    const bool stale = !asker_.is_current(Question::Kind::daylight_factor, id);
    const bool without = !gone_.empty() && (shown == Shown::daylight_factor || lux);
    const auto left = without ? question::value_without(*answer, gone_) : std::vector<std::vector<double>>();
    if (without) map.name += QStringLiteral(" ") + words_of_gone();
    for (size_t p = 0; p < answer->planes.size(); ++p) {
        const auto& plane = answer->planes[p];
        std::vector<double> half = plane.half_width;
        if (shown != Shown::daylight_factor && !lux) {
            const auto component = component_of(shown.kind());
            map.layers[p].value = plane.component(component);
            half = plane.half_width_of(component);
        }
        if (without) map.layers[p].value = left[p];
        for (double& v : map.layers[p].value) v *= scale;
        for (double& v : half) v *= scale;
        map.half_width.push_back(std::move(half));
        map.layers[p].stale = stale;
    }
    map.detail = [answer](size_t layer, size_t i) {
        return lines_of(question::shares_of(*answer, layer, static_cast<int>(i)));
    };
    // What would be is judged on the scale of what is.
    map.scale = {
        0, report::nice_top(high_of(without ? report::daylight_maps(*answer) : map.layers) * (without ? scale : 1)),
        false};
    return map;
}

SheetMap Maps::moment_map(Shown shown, const model::Id& id) const {
    SheetMap map;
    map.name =
        QStringLiteral("%1, %2").arg(shown == Shown::moment_reflected ? QObject::tr("Reflected, inside and outside")
                                                                      : language::words(live_figure(shown.kind()).name),
                                     language::text(document_.moment()));
    mark_weather(map, document_.sky().needs_weather());
    map.unit = QStringLiteral("lx");
    mark_usual(map, "illuminance");
    const auto answer = kept_.moment(id).answer;
    if (answer == nullptr) return map;
    map.settled = answer->record.settled;
    const bool stale = !asker_.is_current(Question::Kind::moment, id);
    const bool without = !gone_.empty() && shown == Shown::moment;
    const auto left = without ? question::value_without(*answer, gone_) : std::vector<std::vector<double>>();
    std::vector<report::MapLayer> whole;
    for (size_t p = 0; p < answer->planes.size(); ++p) {
        const auto& plane = answer->planes[p];
        report::MapLayer layer{plane.plane,
                               shown == Shown::moment_sun   ? plane.sun
                               : shown == Shown::moment_sky ? plane.sky
                                                            : plane.lux,
                               plane.reached, stale};
        if (shown == Shown::moment_reflected)
            for (size_t i = 0; i < layer.value.size(); ++i)
                layer.value[i] = plane.ground[i] + plane.outside[i] + plane.inside[i];
        if (without) {
            whole.push_back(layer);
            layer.value = left[p];
        }
        // The error is that of the whole: it is traced together, only direct sun is exact.
        map.half_width.push_back(shown == Shown::moment_sun ? std::vector<double>(plane.lux.size(), 0.0)
                                                            : plane.half_width);
        map.layers.push_back(std::move(layer));
    }
    if (without) map.name += QStringLiteral(", ") + words_of_gone();
    map.detail = [answer](size_t layer, size_t i) {
        return lines_of(question::shares_of(*answer, layer, static_cast<int>(i)));
    };
    map.scale = report::light_scale(without ? whole : map.layers);
    return map;
}

void Maps::set_levels(std::vector<double> levels, bool beside_daylight) {
    if (levels == levels_ && beside_daylight == beside_daylight_) return;
    levels_ = std::move(levels);
    beside_daylight_ = beside_daylight;
    kept_.tell();
}

std::vector<double> Maps::levels(const model::Option& option) const {
    auto out = levels_;
    out.resize(option.lighting.size(), 1.0);
    return out;
}

std::vector<double> Maps::given(Shown shown, const model::Option& option) const {
    auto out = levels(option);
    const auto field = kept_.electric(option.id);
    const auto light = kept_.moment(option.id);
    if (shown != Shown::both || !beside_daylight_ || !field || !light) return out;
    return question::beside_daylight(*field, option, *light, out);
}

SheetMap Maps::electric_map(Shown shown, const model::Id& id) const {
    SheetMap map;
    const auto& figure = live_figure(shown.kind());
    map.name = language::words(figure.name);
    if (shown == Shown::both) map.name = QStringLiteral("%1, %2").arg(map.name, language::text(document_.moment()));
    map.unit = QStringLiteral("lx");
    mark_usual(map, figure.id);
    const auto* option = model::find(document_.project().options, id);
    const auto field = kept_.electric(id);
    const auto light = shown == Shown::both ? kept_.moment(id) : LiveAnswer<question::MomentAnswer>{};
    if (option == nullptr || !field || field->empty() || (shown == Shown::both && !light)) return map;
    const auto shares = question::source_shares(field->sources, *option, given(shown, *option));
    map.settled = field->record.settled && (!light || light->record.settled);
    for (size_t p = 0; p < field->planes.size(); ++p) {
        auto of = question::electric_light(*field, p, shares);
        if (light) {
            const auto day = std::ranges::find_if(light->planes, [&](const auto& plane) {
                return plane.plane.plane == field->planes[p].plane && plane.lux.size() == of.lux.size();
            });
            if (day == light->planes.end()) continue;
            for (size_t i = 0; i < of.lux.size(); ++i) {
                of.lux[i] += day->lux[i];
                of.half_width[i] = std::hypot(of.half_width[i], day->half_width[i]);
            }
        }
        report::MapLayer layer;
        layer.plane = field->planes[p];
        layer.value = std::move(of.lux);
        layer.reached = field->record.reached;
        layer.stale = !asker_.is_electric_fresh(id) || (light && !asker_.is_current(Question::Kind::moment, id));
        map.layers.push_back(std::move(layer));
        map.half_width.push_back(std::move(of.half_width));
    }
    map.scale = report::light_scale(map.layers);
    return map;
}

SheetMap Maps::table_map(const model::Id& id) const {
    SheetMap map;
    const auto* kept = table(id);
    const auto* question = model::find(document_.project().questions, table_question_);
    map.name = question != nullptr ? QString::fromStdString(question->name) : QString::fromStdString(table_question_);
    if (kept == nullptr || kept->answer->table.columns.empty()) return map;
    const auto& table = kept->answer->table;
    const size_t column = std::min(table_column_, table.columns.size() - 1),
                 main = column / kept->answer->main_columns * kept->answer->main_columns;
    map.name = language::words(table.columns[column].name);
    mark_weather(map, question != nullptr && analysis::needs_weather(*question));
    map.unit = language::words(table.columns[column].unit);
    mark_usual(map, figure_of(table.columns[column]).c_str());
    map.layers = report::maps_of(table, column);
    if (!table.columns[column].standard_error.empty())
        for (const auto& plane : table.columns[column].standard_error) {
            map.half_width.push_back(plane);
            for (double& v : map.half_width.back()) v *= light::kStudent95;
        }
    // The question's own columns share a legend, so that moments can be told apart.
    double top = 0;
    for (size_t c = main % kept->answer->main_columns; c < table.columns.size(); c += kept->answer->main_columns)
        if (column == main && table.columns[c].unit == table.columns[column].unit)
            top = std::max(top, high_of(report::maps_of(table, c)));
    map.scale = {0, report::nice_top(column == main ? top : high_of(map.layers)), false};
    if (table.columns[column].id.ends_with("_minus_ours")) {
        // As much above nought as below.
        double most = 0;
        for (const auto& layer : map.layers)
            for (const double v : layer.value)
                if (!std::isnan(v)) most = std::max(most, std::fabs(v));
        const double end = report::nice_top(most);
        map.scale = {-end, end, false, 0, true};
    }
    if (kept->answer->kind == "moment" && column == main)
        map.scale = scale_of_all(kept->answer->table, kept->answer->main_columns);
    const bool stale = is_stale(*kept, id);
    for (auto& layer : map.layers) layer.stale = stale;
    return map;
}

bool Maps::is_stale(const KeptTable& kept, const model::Id& id) const {
    if (kept.foreign) return false;
    const auto *asked = model::find(kept.project->questions, table_question_),
               *wanted = model::find(document_.project().questions, table_question_);
    return asked == nullptr || wanted == nullptr || !asker_.is_same(kept.project, *asked, *wanted, id);
}

SheetMap Maps::year_map(Shown shown, const model::Id& id) const {
    SheetMap map;
    const auto* figure = shown.figure();
    const bool hour = figure == nullptr;
    const auto reading = kept_.year_reading(id);
    if (hour)
        map.name = QObject::tr("Illuminance, hour of %1").arg(language::text(document_.moment()));
    else
        map.name = language::words(
            figure->name_by(reading != nullptr ? reading->wish.counted : question::LightCounted::daylight));
    if (!hour && figure->by != nullptr) {
        const auto question = question_of(document_.project(), Question::Kind::year);
        map.name += QObject::tr(", %1 lx").arg(figure->by(question::limits_of(question)));
    }
    map.unit = hour ? QStringLiteral("lx") : language::words(figure->unit);
    mark_usual(map, map.unit == QStringLiteral("lx") ? "illuminance" : figure->id);
    if (reading == nullptr || reading->wish.hour_on_map != hour || (!hour && reading->wish.figure != figure))
        return map;
    static constexpr const char* worked[] = {QT_TRANSLATE_NOOP("QObject", ", blinds open"),
                                             QT_TRANSLATE_NOOP("QObject", ", blinds by LM-83"), ""};
    if (hour || figure->depends_on_blinds())
        map.name += language::words(worked[static_cast<int>(reading->wish.operation)]);
    if (reading->wish.counted == question::LightCounted::electric) map.name += QObject::tr(", electric light");
    if (reading->wish.counted == question::LightCounted::both) map.name += QObject::tr(", both lights");
    mark_weather(map, true);
    map.layers = reading->layers;
    if (kept_.is_year_stale(id))
        for (auto& layer : map.layers) layer.stale = true;
    map.half_width = reading->half_width;
    map.scale = map.unit == QStringLiteral("%") ? report::Scale{0, 100, false}
                : hour                          ? report::light_scale(map.layers)
                                                : report::Scale{0, report::nice_top(high_of(map.layers)), false};
    return map;
}

Maps::LampReading Maps::lamp(Shown shown) const {
    if (is_daylight(shown)) return daylight_lamp();
    if (is_moment(shown)) return moment_lamp();
    if (is_electric(shown)) return electric_lamp(shown);
    return shown == Shown::table ? table_lamp() : year_lamp();
}

Maps::LampReading Maps::daylight_lamp() const {
    const auto live = kept_.daylight(document_.option().id);
    if (!live) return {Lamp::State::nothing, 0, 0.05};
    const auto& record = live->record;
    const auto [fresh, working] = asker_.daylight_state();
    Lamp::State state = working || !record.settled ? Lamp::State::settling : Lamp::State::settled;
    if (!fresh)
        state = Lamp::State::stale;
    else if (asker_.is_held())
        state = Lamp::State::held;
    return {state, record.reached, record.wanted};
}

Maps::LampReading Maps::moment_lamp() const {
    const auto live = kept_.moment(document_.option().id);
    if (!live) return {asker_.is_held() ? Lamp::State::held : Lamp::State::settling, 0, 0.05};
    const auto [fresh, working] = asker_.moment_state();
    Lamp::State state = working ? Lamp::State::settling : Lamp::State::settled;
    if (!fresh)
        state = Lamp::State::stale;
    else if (asker_.is_held())
        state = Lamp::State::held;
    return {state, live->record.reached, question_of(document_.project(), Question::Kind::moment).accuracy};
}

Maps::LampReading Maps::electric_lamp(Shown shown) const {
    const auto& id = document_.option().id;
    const auto field = kept_.electric(id);
    if (!field || document_.option().luminaires.empty()) return {Lamp::State::nothing, 0, 0.02};
    LampReading out{field->record.settled ? Lamp::State::settled : Lamp::State::settling, field->record.reached,
                    field->record.wanted};
    if (!asker_.is_electric_fresh(id))
        out.state = Lamp::State::stale;
    else if (asker_.is_held())
        out.state = Lamp::State::held;
    if (shown == Shown::electric) return out;
    const LampReading day = moment_lamp();
    return out.state == Lamp::State::settled ? day : out;
}

Maps::LampReading Maps::table_lamp() const {
    const auto* kept = table();
    if (kept == nullptr) return {Lamp::State::nothing, 0, 0.05};
    const auto& record = kept->answer->record;
    if (kept->foreign) return {Lamp::State::foreign, 0, 0};
    Lamp::State state = record.settled ? Lamp::State::settled : Lamp::State::settling;
    if (is_stale(*kept, document_.option().id)) state = Lamp::State::stale;
    return {state, record.reached, record.wanted};
}

Maps::LampReading Maps::year_lamp() const {
    const auto& id = document_.option().id;
    const auto year = kept_.year(id);
    if (year == nullptr) return {Lamp::State::nothing, 0, 0.1};
    const auto& record = year->record;
    Lamp::State state = record.settled ? Lamp::State::settled : Lamp::State::settling;
    if (kept_.is_year_stale(id)) state = Lamp::State::stale;
    return {state, record.reached, record.wanted};
}

}  // namespace wp::gui
