// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/compare/comparing.h"

#include <algorithm>
#include <cmath>

#include "geometry/plane_points.h"
#include "geometry/roof_shape.h"
#include "metric/glare_index.h"
#include "report/language/words.h"
#include "report/pictures.h"

namespace wp::gui {

QString name_of_line(const figure::Line& line) {
    const QString name = language::words(line.name);
    return *line.of == 0 ? name : QStringLiteral("%1, %2").arg(name, language::words(line.of));
}

std::optional<figure::Band> Comparer::find(const ComparedLine& line, const Gathered& in, const model::Id& room) {
    const auto analysis = figure::analysis_of(*line.measure, line.wanted);
    const auto given = in.given.find(analysis);
    if (given == in.given.end()) return {};
    // A year that has not come all the way has points of its own.
    const auto asked = analysis == model::Question::Kind::year
                           ? at_stage(in.held.project, in.held.option, in.held.year_stage)
                           : in.held.project;
    const auto& project = *asked;
    const auto& option = project.options[in.held.option];
    const auto plane =
        std::find_if(option.planes.begin(), option.planes.end(), [&](const auto& p) { return p.room == room; });
    if (plane == option.planes.end()) return {};
    const auto points = geometry::plane_points(option, *plane, project.site.north);
    if (!points) return {};
    const Fingerprint print = points->fingerprint();
    Known& known = known_[{line.name, option.id, plane->id}];
    if (known.answer != given->second || known.points != print)
        known = {given->second, print, line.measure->find(in.answers, *points, 0, line.wanted)};
    return known.band;
}

std::optional<figure::Change> Comparison::change(std::optional<size_t> room, size_t line, size_t option) const {
    if (!base || option == *base) return {};
    const auto was = value(room, line, *base), is = value(room, line, option);
    if (!was || !is) return {};
    return figure::change(*was, *is);
}

bool Comparison::is_best(std::optional<size_t> room, size_t line, size_t option) const {
    const auto better = figure::better(*lines[line].measure, lines[line].wanted);
    const auto own = value(room, line, option);
    if (!own || options.size() < 2) return false;
    for (size_t other = 0; other < options.size(); ++other) {
        if (other == option) continue;
        const auto its = value(room, line, other);
        if (!its || !figure::gains(figure::change(*its, *own), better)) return false;
    }
    return true;
}

namespace {

bool is_glare(const ComparedLine& line) { return line.measure->id == std::string_view("glare_probability"); }

}  // namespace

std::optional<figure::Band> Comparison::whole(size_t line, size_t option) const {
    if (is_glare(lines[line])) return worst(line, option);
    std::vector<figure::Band> all;
    std::vector<double> areas;
    const auto& of = options[shown].project->options[options[shown].option];
    for (size_t r = 0; r < rooms.size(); ++r) {
        const auto place = model::find_room(of, rooms[r]);
        const auto& band = at(r, line, option);
        if (!band || !place) return {};
        all.push_back(*band);
        areas.push_back(geometry::floor_area(of, *place.storey, *place.room));
    }
    if (all.empty()) return {};
    return figure::mean_of(all, areas);
}

// Few rooms have a place that is looked from: the worst of those that have one.
std::optional<figure::Band> Comparison::worst(size_t line, size_t option) const {
    std::optional<figure::Band> out;
    for (size_t r = 0; r < rooms.size(); ++r)
        if (const auto& band = at(r, line, option); band && (!out || band->value > out->value)) out = band;
    return out;
}

QString change_words(const ComparedLine& line, double by) {
    const double unit = line.measure->is_share ? 100 : 1;
    const QString words = language::words(figure::unit_of(*line.measure, line.wanted));
    const QString value = line.measure->is_share
                              ? language::number(std::fabs(unit * by), 'f', 0)
                              : language::figures(report::figure(std::fabs(unit * by)).toStdString());
    // A difference of shares is one of points, not a share of anything.
    const QString of = words == QStringLiteral("%") ? QObject::tr("points") : words;
    return (by < 0 ? QStringLiteral("\u2212") : QStringLiteral("+")) + value +
           (of.isEmpty() ? QString() : QStringLiteral(" ") + of);
}

namespace {

// What a change of glare means, where it passes from one class of the index to another.
QString glare_words(const figure::Band& was, const figure::Band& is) {
    const auto& dgp = *metric::find_glare_index("dgp");
    const auto &from = metric::class_of(dgp, was.value), &to = metric::class_of(dgp, is.value);
    return &from == &to ? QString()
                        : QStringLiteral(" ") + QObject::tr("(worst view from %1 to %2)")
                                                    .arg(language::words(from.name), language::words(to.name));
}

}  // namespace

Pulls pulls_of(const Comparison& c) {
    Pulls out;
    if (!c.base || *c.base == c.shown) return out;
    for (size_t l = 0; l < c.lines.size(); ++l) {
        const auto& line = c.lines[l];
        const auto better = figure::better(*line.measure, line.wanted);
        const auto was = c.whole(l, *c.base), is = c.whole(l, c.shown);
        if (better == figure::Better::unsaid || !was || !is) continue;
        out.nothing_known = false;
        const auto change = figure::change(*was, *is);
        QString words = QStringLiteral("%1 %2").arg(change_words(line, change.by), line.name);
        if (is_glare(line)) words += glare_words(*was, *is);
        if (figure::gains(change, better)) out.gains << words;
        if (figure::loses(change, better)) out.losses << words;
    }
    return out;
}

Comparison Comparer::compare(Comparison asked) {
    std::vector<Gathered> all;
    std::vector<std::shared_ptr<const void>> holds;
    for (const Held& held : asked.options) {
        all.push_back(gather(held));
        for (auto& one : held.holds()) holds.push_back(std::move(one));
    }
    asked.bands.clear();
    for (const auto& room : asked.rooms)
        for (const auto& line : asked.lines)
            for (const Gathered& option : all) asked.bands.push_back(find(line, option, room));
    // What is compared next may hold other answers: these stay until then, and what is known of others goes.
    std::erase_if(known_, [&](const auto& entry) {
        return std::none_of(holds.begin(), holds.end(),
                            [&](const auto& one) { return one.get() == entry.second.answer; });
    });
    holds_ = std::move(holds);
    return asked;
}

}  // namespace wp::gui
