// SPDX-License-Identifier: GPL-3.0-or-later
// Criteria with their sources, every verdict with what it stands on; options beside each other.
#include <algorithm>
#include <cmath>

#include "model/project.h"
#include "report/book/sections.h"
#include "report/language/language.h"
#include "report/language/words.h"
#include "report/verdict_mark.h"

namespace wp::report {

namespace {

using Set = exchange::Certified::Set;

void tell_conclusions(Flow& flow, const Set& set) {
    BookTable table;
    table.columns = {{QObject::tr("Where"), 3},
                     {QObject::tr("Part"), 4},
                     {QObject::tr("Verdict"), 2},
                     {QObject::tr("Level reached"), 2}};
    const bool together = std::ranges::any_of(set.conclusions, [](const auto& c) { return c.verdicts.size() > 1; });
    if (!together) return;
    for (const auto& c : set.conclusions) {
        BookCell state(state_name(c.state)), place(language::words(c.subject));
        state.state = c.state;
        if (!c.room.empty()) place.leads_to = room_key(c.room);
        QString level = language::words(c.level);
        if (!c.perhaps.empty()) level += QObject::tr(", perhaps %1").arg(language::words(c.perhaps));
        table.rows.push_back({place, language::words(c.name), state, level});
    }
    flow.table(table);
}

std::vector<BookCell> verdict_row(const rule::Verdict& v) {
    BookCell state(state_name(v.state)), place(language::words(v.subject));
    state.state = v.state;
    if (!v.room.empty()) place.leads_to = room_key(v.room);
    if (!v.answered()) {
        return {place, {}, {}, needed_words(v, v.criterion->thresholds.front().value), {}, state};
    }
    const QString band =
        v.low < v.high ? QObject::tr("%1 to %2").arg(value_words(v, v.low), value_words(v, v.high)) : QString();
    return {place,
            value_words(v, v.value),
            band,
            needed_words(v, v.threshold),
            (v.margin >= 0 ? QStringLiteral("+") : QStringLiteral("\u2212")) + value_words(v, std::fabs(v.margin)),
            state};
}

// False where it judges nothing here.
bool tell_criterion(Flow& flow, const Set& set, const rule::Criterion& criterion) {
    BookTable table;
    table.columns = {
        {QObject::tr("Where"), 3.4},        {QObject::tr("Value"), 1.8, true},  {QObject::tr("Band (95 %)"), 2.4, true},
        {QObject::tr("Needed"), 2.1, true}, {QObject::tr("Margin"), 1.8, true}, {QObject::tr("Verdict"), 2}};
    QStringList remarks;
    for (const auto& v : set.verdicts) {
        if (v.criterion->id != criterion.id) continue;
        table.rows.push_back(verdict_row(v));
        const QString why = QStringLiteral("%1: %2").arg(language::words(v.subject), language::words(v.why));
        if (!v.answered() && !v.why.empty() && !remarks.contains(why)) remarks << why;
        for (const auto& remark : v.remarks) {
            const QString said = QStringLiteral("%1: %2").arg(language::words(v.subject), language::words(remark));
            if (remark != criterion.doubt && !remarks.contains(said)) remarks << said;
        }
    }
    if (table.rows.empty()) return false;
    flow.heading(3, language::words(criterion.name));
    flow.text(language::words(criterion.meaning), Tone::body, 11);
    flow.text(language::words(criterion.source), Tone::faint, 11);
    if (!criterion.doubt.empty())
        flow.text(QObject::tr("Not checked against the edition: %1").arg(language::words(criterion.doubt)),
                  Tone::warning, 11);
    flow.table(table);
    for (const auto& remark : remarks) flow.text(QStringLiteral("\u2013 ") + remark, Tone::body, 11);
    return true;
}

void tell_notes(Flow& flow, const model::Option& option) {
    BookTable table;
    table.columns = {{QObject::tr("Room"), 1}, {QObject::tr("How glare is addressed"), 3}};
    for (const auto& storey : option.storeys)
        for (const auto& room : storey.rooms)
            if (!room.glare_note.empty()) table.rows.push_back({given_name(room.name), given_name(room.glare_note)});
    if (table.rows.empty()) return;
    flow.heading(2, QObject::tr("Notes on glare"));
    flow.table(table);
}

// What of a set an option comes to, in one cell.
BookCell outcome_cell(const BookOption& option, const std::string& set) {
    for (const auto& one : option.certified.sets)
        if (one.set->id == set) {
            QStringList words;
            for (const auto& word : one.outcome.words) words << language::words(word);
            BookCell cell(words.join(QStringLiteral("; ")));
            cell.state = one.outcome.state;
            return cell;
        }
    return {};
}

// The mean daylight factor of a room with its band.
QString factor_of(const BookOption& of, const model::Id& room) {
    const auto found = of.answers.tables.find(model::Question::Kind::daylight_factor);
    const auto* measure = figure::find_measure("mean");
    if (found == of.answers.tables.end() || measure == nullptr) return {};
    figure::Wanted wanted;
    wanted.figure = "daylight_factor";
    for (size_t p = 0; p < found->second->planes.size(); ++p)
        if (found->second->planes[p].room == room)
            if (const auto band = measure->find(of.answers, found->second->planes[p], p, wanted))
                return value_band(band->value, band->low, band->high, QStringLiteral("%"));
    return {};
}

}  // namespace

void tell_criteria(Flow& flow, const HeldFacts& facts) {
    const auto& of = facts->main();
    flow.heading(1, QObject::tr("Criteria"));
    tell_gaps(flow, of);
    for (const auto& set : of.certified.sets) {
        flow.heading(2, language::words(set.set->name), set_key(set.set->id));
        flow.text(language::words(set.set->source), Tone::faint, 11);
        if (!set.doubt.empty())
            flow.text(QObject::tr("Numbers not checked against the edition: %1").arg(language::words(set.doubt)),
                      Tone::warning, 11);
        tell_conclusions(flow, set);
        QStringList idle;
        for (const auto& criterion : set.set->criteria)
            if (!tell_criterion(flow, set, criterion)) idle << language::words(criterion.name);
        if (!idle.isEmpty())
            flow.text(QObject::tr("No room here is judged by: %1.").arg(idle.join(QStringLiteral("; "))), Tone::faint,
                      11);
    }
    tell_notes(flow, *of.option);
}

namespace {

void tell_decision(Flow& flow, const model::Project& project) {
    const auto& made = project.decision;
    const auto* chosen = model::find(project.options, made.option);
    if (chosen == nullptr) return;
    flow.heading(2, QObject::tr("Decision"));
    std::vector<std::pair<QString, QString>> rows{{QObject::tr("Chosen"), given_name(chosen->name)}};
    if (!made.by.empty()) rows.emplace_back(QObject::tr("By", "who decided"), given_name(made.by));
    if (!made.day.empty()) rows.emplace_back(QObject::tr("Date"), given_name(made.day));
    flow.facts(rows);
    if (!made.reasons.empty()) flow.text(given_name(made.reasons));
    flow.space(8);
}

// Given by hand: cost, weight, and the like.
void tell_hand_figures(Flow& flow, const HeldFacts& facts, const std::vector<BookColumn>& columns) {
    BookTable table{columns, {}};
    for (const auto& figure : facts->project->hand_figures) {
        std::vector<BookCell> row{
            given_name(figure.name) +
            (figure.unit.empty() ? QString() : QStringLiteral(" [%1]").arg(given_name(figure.unit)))};
        for (const auto& option : facts->options) {
            const auto at = std::ranges::find(figure.values, option.option->id, &model::HandValue::option);
            row.emplace_back(at != figure.values.end() ? language::number(at->value, 'g', 8) : QString());
        }
        table.rows.push_back(std::move(row));
    }
    if (table.rows.empty()) return;
    flow.heading(2, QObject::tr("Figures given by hand"));
    flow.table(table);
}

}  // namespace

void tell_options(Flow& flow, const HeldFacts& facts) {
    flow.heading(1, QObject::tr("Options compared"));
    tell_decision(flow, *facts->project);
    if (facts->options.size() < 2) return flow.text(QObject::tr("One option alone was asked."), Tone::faint);
    std::vector<BookColumn> columns{{QString(), 2}};
    for (const auto& option : facts->options) columns.push_back({given_name(option.option->name), 3});
    BookTable sets{columns, {}}, rooms{columns, {}};
    for (const auto& set : facts->main().certified.sets) {
        std::vector<BookCell> row{language::words(set.set->name)};
        for (const auto& option : facts->options) row.push_back(outcome_cell(option, set.set->id));
        sets.rows.push_back(std::move(row));
    }
    for (const auto& room : rule::rooms_of(*facts->main().option)) {
        std::vector<BookCell> row{given_name(room.name)};
        bool any = false;
        for (const auto& option : facts->options) {
            const QString text = factor_of(option, room.room);
            any = any || !text.isEmpty();
            row.emplace_back(text);
        }
        if (any) rooms.rows.push_back(std::move(row));
    }
    flow.table(sets);
    tell_hand_figures(flow, facts, columns);
    if (rooms.rows.empty()) return;
    flow.heading(2, QObject::tr("Daylight factor, mean of each room"));
    flow.table(rooms);
}

}  // namespace wp::report
