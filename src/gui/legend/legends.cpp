// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/legend/legends.h"

#include <QSettings>
#include <algorithm>
#include <array>
#include <cmath>

namespace wp::gui {

namespace {

const QString kFootcandles = QStringLiteral("footcandles");

}  // namespace

Legends::Legends(QObject* parent) : QObject(parent), footcandles_(QSettings().value(kFootcandles, false).toBool()) {}

const Legend& Legends::of(const QString& figure) const {
    static const Legend usual;
    const auto it = legends_.find(figure);
    return it == legends_.end() ? usual : it->second;
}

void Legends::set(const QString& figure, const Legend& legend) {
    if (of(figure) == legend) return;
    legends_[figure] = legend;
    emit changed();
}

void Legends::set_footcandles(bool on) {
    if (on == footcandles_) return;
    footcandles_ = on;
    QSettings().setValue(kFootcandles, on);
    emit changed();
}

double Legends::shown(const QString& figure, double value) const {
    return in_footcandles(figure) ? value / kLuxOfFootcandle : value;
}
double Legends::from_shown(const QString& figure, double value) const {
    return in_footcandles(figure) ? value * kLuxOfFootcandle : value;
}

report::Scale common_scale(const std::vector<report::Scale>& scales) {
    report::Scale out = scales.front();
    for (const report::Scale& s : scales) {
        out.bottom = std::min(out.bottom, s.bottom);
        out.top = std::max(out.top, s.top);
    }
    // A logarithmic scale among linear ones that begin at nought would have no beginning.
    out.logarithmic =
        out.bottom > 0 && std::any_of(scales.begin(), scales.end(), [](const auto& s) { return s.logarithmic; });
    if (!out.logarithmic && std::any_of(scales.begin(), scales.end(), [](const auto& s) { return s.logarithmic; })) {
        for (const report::Scale& s : scales)
            if (s.logarithmic) out.bottom = std::max(out.bottom, s.bottom);
        out.logarithmic = true;
    }
    return out;
}

// What is on its way goes astray to both sides.
constexpr double kAstray = 1.25;
// Steady ends that are so much wider than a map needs are worth a word.
constexpr double kWide = 2.4;
// So many of them are kept.
constexpr size_t kMostHeld = 200;

report::Scale Legends::held(const SheetMap& map) const {
    if (map.layers.empty()) return map.scale;
    if (held_.size() > kMostHeld) held_.clear();
    Held& held = held_[map.name + map.unit];
    if (!held.settled) {
        held = {map.scale, map.settled};
        return held.scale;
    }
    if (map.scale.top > held.scale.top * (map.settled ? 1 : kAstray)) held.scale.top = map.scale.top;
    if (map.scale.bottom < held.scale.bottom && !held.scale.logarithmic) held.scale.bottom = map.scale.bottom;
    return held.scale;
}

void Legends::refit() {
    held_.clear();
    emit changed();
}

bool Legends::is_wide_for(const SheetMap& dressed) const {
    return of(dressed.figure).ends == Legend::Ends::steady && !dressed.layers.empty() && !dressed.scale.difference &&
           dressed.scale.top > kWide * dressed.own_scale.top;
}

void Legends::dress(SheetMap& map, const std::function<std::vector<report::Scale>()>& linked) const {
    const Legend& legend = of(map.figure);
    map.own_scale = map.scale;
    if (!map.scale.difference) {
        if (legend.ends == Legend::Ends::steady) map.scale = held(map);
        if (legend.ends == Legend::Ends::linked) {
            auto scales = linked();
            scales.push_back(map.scale);
            map.scale = common_scale(scales);
        }
        if (legend.ends == Legend::Ends::free) {
            map.scale.bottom = legend.bottom;
            map.scale.top = std::max(legend.top, legend.bottom + 1e-9);
        }
        if (legend.logarithmic) map.scale.logarithmic = *legend.logarithmic;
        // A logarithmic scale needs a beginning above nought.
        if (map.scale.logarithmic && !(map.scale.bottom > 0)) map.scale.bottom = map.scale.top / 1000;
    }
    map.scale.steps = legend.steps;
    map.marks.contours = legend.contours;
    map.marks.values = legend.values;
    map.marks.figures = legend.figures;
    if (legend.low) map.marks.low = *legend.low;
    if (legend.high) map.marks.high = *legend.high;
    if (legend.low) map.marks.level = legend.low;
    if (!in_footcandles(map.figure)) return;
    const double k = 1 / kLuxOfFootcandle;
    map.unit = QStringLiteral("fc");
    for (auto& layer : map.layers)
        for (double& v : layer.value) v *= k;
    for (auto& half : map.half_width)
        for (double& v : half) v *= k;
    for (auto& mark : map.usual) mark.value *= k;
    map.own_scale.top *= k;
    map.scale.bottom *= k;
    map.scale.top *= k;
    if (legend.ends != Legend::Ends::free && !map.scale.logarithmic) map.scale.top = report::nice_top(map.scale.top);
    map.marks.low *= k;
    map.marks.high *= k;
    if (map.marks.level) *map.marks.level *= k;
}

SheetMap difference_of(const SheetMap& a, const SheetMap& b) {
    using Place = std::array<long, 6>;
    const auto place = [](const geometry::PlanePoints& plane, size_t i) {
        const Vec3 p = plane.points[i], n = plane.normal;
        return Place{std::lround(p.x * 1e3), std::lround(p.y * 1e3), std::lround(p.z * 1e3),
                     std::lround(n.x * 1e3), std::lround(n.y * 1e3), std::lround(n.z * 1e3)};
    };
    struct Known {
        double value, half_width;
    };
    const auto half_of = [](const SheetMap& map, size_t l, size_t i) {
        return l < map.half_width.size() && i < map.half_width[l].size() ? map.half_width[l][i] : 0.0;
    };
    std::map<Place, Known> first;
    for (size_t l = 0; l < a.layers.size(); ++l)
        for (size_t i = 0; i < a.layers[l].value.size(); ++i)
            first[place(a.layers[l].plane, i)] = {a.layers[l].value[i], half_of(a, l, i)};
    SheetMap out;
    out.unit = b.unit;
    out.figure = QString();
    out.name = QObject::tr("Right less left");
    out.marks.values = b.marks.values;
    out.marks.contours = b.marks.contours;
    out.marks.figures = b.marks.figures;
    double most = 0;
    bool any = false;
    for (size_t l = 0; l < b.layers.size(); ++l) {
        report::MapLayer layer = b.layers[l];
        std::vector<double> half(layer.value.size(), 0.0);
        for (size_t i = 0; i < layer.value.size(); ++i) {
            const auto known = first.find(place(layer.plane, i));
            if (known == first.end()) {
                layer.value[i] = NAN;
                continue;
            }
            layer.value[i] -= known->second.value;
            half[i] = std::hypot(known->second.half_width, half_of(b, l, i));
            most = std::max(most, std::isnan(layer.value[i]) ? 0 : std::fabs(layer.value[i]));
            any = true;
        }
        layer.stale = layer.stale || (l < a.layers.size() && a.layers[l].stale);
        out.layers.push_back(std::move(layer));
        out.half_width.push_back(std::move(half));
    }
    if (!any) return {};
    const double end = report::nice_top(most);
    out.scale = {-end, end, false, b.scale.steps, true};
    return out;
}

}  // namespace wp::gui
