// SPDX-License-Identifier: GPL-3.0-or-later
// What the sheet shows of the answers: maps with their legend, errors, and what a point's figure is made of.
#include <algorithm>
#include <cmath>

#include "climate/sky_amount.h"
#include "gui/asker.h"
#include "light/replicates.h"
#include "report/pictures.h"

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

QString share_words(const char* name, double part, double whole) {
    return whole > 0 ? QStringLiteral("%1 %2 %").arg(QString::fromLatin1(name)).arg(100 * part / whole, 0, 'f', 0) : QString();
}

// The windows that give a point most, at most three.
QString best_windows(const std::vector<model::Id>& names, const std::vector<double>& shares, double whole) {
    std::vector<std::pair<double, QString>> ranked;
    for (size_t w = 0; w < shares.size(); ++w)
        if (shares[w] > 0.005 * whole) ranked.push_back({shares[w], w < names.size() ? QString::fromStdString(names[w]) : QStringLiteral("past windows")});
    std::sort(ranked.begin(), ranked.end(), [](const auto& a, const auto& b) { return a.first > b.first; });
    QStringList out;
    for (size_t k = 0; k < ranked.size() && k < 3; ++k) out << QStringLiteral("%1 %2 %").arg(ranked[k].second).arg(100 * ranked[k].first / whole, 0, 'f', 0);
    return out.join(QStringLiteral(", "));
}

}  // namespace

SheetMap Asker::map(Shown shown) const {
    if (is_daylight(shown)) return daylight_map(shown);
    if (is_moment(shown)) return moment_map(shown);
    if (shown == Shown::table) return table_map();
    return year_map(shown);
}

SheetMap Asker::daylight_map(Shown shown) const {
    using light::Way;
    static constexpr const char* names[] = {"Daylight factor", "Sky component", "Externally reflected component", "Internally reflected component", "Under the design sky", "Under the weather's median sky"};
    SheetMap map;
    map.name = QString::fromLatin1(names[static_cast<int>(shown)]);
    const bool lux = shown == Shown::lux_by_design_sky || shown == Shown::lux_by_median;
    map.unit = lux ? QStringLiteral("lx") : QStringLiteral("%");
    const auto it = document_.daylight.find(document_.option().id);
    if (it == document_.daylight.end()) return map;
    if (shown == Shown::lux_by_median && document_.outdoor().empty()) return map;
    const auto answer = it->second;
    double scale = 1;
    if (shown == Shown::lux_by_design_sky) scale = climate::design_sky(document_.project().site.latitude) / 100;
    if (shown == Shown::lux_by_median) scale = climate::median_diffuse(document_.outdoor()) / 100;
    if (lux) map.name += QStringLiteral(" of %1 lx").arg(100 * scale, 0, 'f', 0);
    map.layers = report::daylight_maps(*answer);
    for (size_t p = 0; p < answer->planes.size(); ++p) {
        const auto& plane = answer->planes[p];
        std::vector<double> half = plane.half_width;
        if (shown != Shown::daylight_factor && !lux) {
            const auto way = static_cast<Way>(static_cast<int>(shown) - static_cast<int>(Shown::sky_component));
            map.layers[p].value = plane.component(way);
            for (size_t i = 0; i < half.size(); ++i) half[i] = plane.by_way_half_width[i * light::kWays + static_cast<size_t>(way)];
        }
        for (double& v : map.layers[p].value) v *= scale;
        for (double& v : half) v *= scale;
        map.half_width.push_back(std::move(half));
        map.layers[p].stale = !fresh_;
    }
    map.detail = [answer](size_t layer, size_t i) {
        const auto& plane = answer->planes[layer];
        const double whole = plane.value[i];
        const auto part = [&](Way way) { return plane.by_way[i * light::kWays + static_cast<size_t>(way)]; };
        std::vector<model::Id> names;
        std::vector<double> shares;
        for (size_t k = 0; k < answer->portals.size(); ++k) {
            const auto known = std::find(names.begin(), names.end(), answer->portals[k]);
            if (known == names.end()) {
                names.push_back(answer->portals[k]);
                shares.push_back(0);
            }
            shares[static_cast<size_t>(std::find(names.begin(), names.end(), answer->portals[k]) - names.begin())] += plane.by_portal[i * answer->portals.size() + k];
        }
        return QStringList{QStringList{share_words("sky", part(Way::straight), whole), share_words("reflected outside", part(Way::from_outside), whole), share_words("inside", part(Way::from_inside), whole)}.join(QStringLiteral(", ")),
                           best_windows(names, shares, whole)};
    };
    map.scale = {0, report::nice_top(high_of(map.layers)), false};
    return map;
}

SheetMap Asker::moment_map(Shown shown) const {
    static constexpr const char* names[] = {"Illuminance", "Direct sun", "Straight from the sky", "Reflected, inside and outside"};
    SheetMap map;
    map.name = QStringLiteral("%1, %2").arg(QString::fromLatin1(names[static_cast<int>(shown) - static_cast<int>(Shown::moment)]), QString::fromStdString(climate::text(document_.moment())));
    map.unit = QStringLiteral("lx");
    const auto it = document_.moments.find(document_.option().id);
    if (it == document_.moments.end()) return map;
    const auto answer = it->second;
    for (const auto& plane : answer->planes) {
        report::MapLayer layer{plane.plane, shown == Shown::moment_sun ? plane.sun : shown == Shown::moment_sky ? plane.sky : plane.lux, plane.reached, !moment_fresh_};
        if (shown == Shown::moment_reflected)
            for (size_t i = 0; i < layer.value.size(); ++i) layer.value[i] = plane.outside[i] + plane.inside[i];
        // The error is that of the whole: it is traced together, only direct sun is exact.
        map.half_width.push_back(shown == Shown::moment_sun ? std::vector<double>(plane.lux.size(), 0.0) : plane.half_width);
        map.layers.push_back(std::move(layer));
    }
    map.detail = [answer](size_t layer, size_t i) {
        const auto& plane = answer->planes[layer];
        const size_t across = answer->sources.size() + 1;
        const double whole = plane.lux[i];
        QStringList lines{QStringList{share_words("sun", plane.sun[i], whole), share_words("sky", plane.sky[i], whole), share_words("reflected outside", plane.outside[i], whole), share_words("inside", plane.inside[i], whole)}.join(QStringLiteral(", "))};
        if (plane.by_source.size() == plane.lux.size() * across)
            lines << best_windows(answer->sources, {plane.by_source.begin() + static_cast<std::ptrdiff_t>(i * across), plane.by_source.begin() + static_cast<std::ptrdiff_t>((i + 1) * across)}, whole);
        return lines;
    };
    map.scale = report::light_scale(map.layers);
    return map;
}

SheetMap Asker::table_map() const {
    SheetMap map;
    const auto* kept = table();
    const auto* question = model::find(document_.project().questions, table_question_);
    map.name = question != nullptr ? QString::fromStdString(question->name) : QString::fromStdString(table_question_);
    if (kept == nullptr || kept->answer->table.columns.empty()) return map;
    const auto& table = kept->answer->table;
    const size_t column = std::min(table_column_, table.columns.size() - 1), main = column / kept->answer->main_columns * kept->answer->main_columns;
    map.name = QString::fromStdString(table.columns[column].name);
    map.unit = QString::fromStdString(table.columns[column].unit);
    map.layers = report::maps_of(table, column);
    if (!table.columns[column].standard_error.empty())
        for (const auto& plane : table.columns[column].standard_error) {
            map.half_width.push_back(plane);
            for (double& v : map.half_width.back()) v *= light::kStudent95;
        }
    // The question's own columns share a legend, so that moments can be told apart.
    double top = 0;
    for (size_t c = main % kept->answer->main_columns; c < table.columns.size(); c += kept->answer->main_columns)
        if (column == main && table.columns[c].unit == table.columns[column].unit) top = std::max(top, high_of(report::maps_of(table, c)));
    map.scale = {0, report::nice_top(column == main ? top : high_of(map.layers)), false};
    if (table.columns[column].id.ends_with("_minus_ours")) {
        // As much above nought as below.
        double most = 0;
        for (const auto& layer : map.layers)
            for (const double v : layer.value)
                if (!std::isnan(v)) most = std::max(most, std::fabs(v));
        const double end = report::nice_top(most);
        map.scale = {-end, end, false};
    }
    if (kept->answer->kind == "moment" && column == main) map.scale = scale_of_all(kept->answer->table, kept->answer->main_columns);
    const bool stale = is_stale(*kept);
    for (auto& layer : map.layers) layer.stale = stale;
    return map;
}

bool Asker::is_stale(const Document::KeptTable& kept) const {
    if (kept.foreign) return false;
    const auto& then = *kept.project;
    const auto& now = document_.project();
    const auto* option = model::find(then.options, document_.option().id);
    const auto *asked = model::find(then.questions, table_question_), *wanted = model::find(now.questions, table_question_);
    return option == nullptr || asked == nullptr || wanted == nullptr || *option != document_.option() || *asked != *wanted || then.site != now.site || then.materials != now.materials ||
           then.blind_transmittance != now.blind_transmittance;
}

SheetMap Asker::year_map(Shown shown) const {
    SheetMap map;
    const auto& id = document_.option().id;
    const auto question = question_of(document_.project(), Question::Kind::year);
    const auto it = document_.years.find(id);
    map.name = shown == Shown::autonomy ? QStringLiteral("Hours with 300 lx, blinds operated")
               : shown == Shown::sun_hours ? QStringLiteral("Hours with 1000 lx of direct sun") : QStringLiteral("Mean illuminance in occupied hours");
    map.unit = shown == Shown::autonomy ? QStringLiteral("%") : shown == Shown::sun_hours ? QStringLiteral("h a year") : QStringLiteral("lx");
    if (it == document_.years.end()) return map;
    map.layers = report::year_maps(*it->second, shown == Shown::autonomy ? report::YearMap::autonomy : shown == Shown::sun_hours ? report::YearMap::sun_hours : report::YearMap::mean_lux,
                                   question.from, question.to);
    double top = 0;
    for (const auto& layer : map.layers)
        for (const double v : layer.value) top = std::max(top, v);
    map.scale = {0, shown == Shown::autonomy ? 100 : report::nice_top(top), false};
    const auto wanted = document_.wanted_year.find(id);
    const bool stale = wanted != document_.wanted_year.end() && wanted->second != it->second->record.inputs;
    for (auto& layer : map.layers) layer.stale = stale;
    return map;
}

Asker::LampReading Asker::lamp(Shown shown) const {
    const auto& id = document_.option().id;
    if (is_daylight(shown)) {
        const auto it = document_.daylight.find(id);
        if (it == document_.daylight.end()) return {Lamp::State::nothing, 0, 0.05};
        const auto& record = it->second->record;
        if (live_.is_held()) return {fresh_ ? Lamp::State::held : Lamp::State::stale, record.reached, record.wanted};
        if (!fresh_) return {Lamp::State::stale, record.reached, record.wanted};
        return {working_ || !record.settled ? Lamp::State::settling : Lamp::State::settled, record.reached, record.wanted};
    }
    if (is_moment(shown)) {
        const auto it = document_.moments.find(id);
        if (it == document_.moments.end()) return {live_.is_held() ? Lamp::State::held : Lamp::State::settling, 0, 0.05};
        const auto& record = it->second->record;
        const double wanted = question_of(document_.project(), Question::Kind::moment).accuracy;
        if (!moment_fresh_) return {Lamp::State::stale, record.reached, wanted};
        return {live_.is_held() ? Lamp::State::held : moment_working_ ? Lamp::State::settling : Lamp::State::settled, record.reached, wanted};
    }
    if (shown == Shown::table) {
        const auto* kept = table();
        if (kept == nullptr) return {Lamp::State::nothing, 0, 0.05};
        const auto& record = kept->answer->record;
        if (kept->foreign) return {Lamp::State::foreign, 0, 0};
        return {is_stale(*kept) ? Lamp::State::stale : record.settled ? Lamp::State::settled : Lamp::State::settling, record.reached, record.wanted};
    }
    const auto it = document_.years.find(id);
    if (it == document_.years.end()) return {Lamp::State::nothing, 0, 0.1};
    const auto& record = it->second->record;
    const auto wanted = document_.wanted_year.find(id);
    if (wanted != document_.wanted_year.end() && wanted->second != record.inputs) return {Lamp::State::stale, record.reached, record.wanted};
    return {record.settled ? Lamp::State::settled : Lamp::State::settling, record.reached, record.wanted};
}

}  // namespace wp::gui
