// SPDX-License-Identifier: GPL-3.0-or-later
// Occupied hours, electric light, and the record of how everything was made.
#include <algorithm>

#include "photometry/distribution.h"
#include "question/ask_year.h"
#include "question/ugr_table.h"
#include "report/book/sections.h"
#include "report/language/dates.h"
#include "report/language/words.h"

namespace wp::report {

namespace {

QString hour_text(double hour) {
    const int minutes = static_cast<int>(std::lround(hour * 60));
    return QStringLiteral("%1:%2").arg(minutes / 60).arg(minutes % 60, 2, 10, QLatin1Char('0'));
}

std::vector<BookCell> pattern_row(const model::Occupancy& pattern, const model::YearCalendar& calendar) {
    std::vector<BookCell> row{given_name(pattern.name)};
    for (const auto& day : pattern.week)
        row.emplace_back(day.to > day.from ? QStringLiteral("%1\u2013%2").arg(hour_text(day.from), hour_text(day.to))
                                           : QStringLiteral("\u2013"));
    const auto hours = model::hours_of(pattern, calendar);
    row.emplace_back(QString::number(std::ranges::count(hours, true)));
    return row;
}

}  // namespace

void tell_use(Flow& flow, const HeldFacts& facts) {
    const auto& project = *facts->project;
    const auto& option = *facts->main().option;
    flow.heading(1, QObject::tr("Occupied hours"));
    const auto year = model::question_of(project, model::Question::Kind::year);
    flow.facts({{QObject::tr("Without a pattern"),
                 QObject::tr("%1 to %2, every day, standard time").arg(hour_text(year.from), hour_text(year.to))},
                {QObject::tr("Clock"), language::words(model::clock_words(project.calendar))}});
    BookTable patterns;
    patterns.columns = {{QObject::tr("Pattern"), 2.4}};
    for (int day = 0; day < 7; ++day) patterns.columns.push_back({language::weekday_short(day), 1.6});
    patterns.columns.push_back({QObject::tr("Hours a year"), 1.2, true});
    for (const auto& pattern : project.occupancies) patterns.rows.push_back(pattern_row(pattern, project.calendar));
    flow.table(patterns);
    BookTable rooms;
    rooms.columns = {{QObject::tr("Room"), 1}, {QObject::tr("Pattern"), 1}};
    for (const auto& storey : option.storeys)
        for (const auto& room : storey.rooms) {
            const auto* pattern = model::find(project.occupancies, room.occupancy);
            rooms.rows.push_back({given_name(room.name),
                                  pattern != nullptr ? given_name(pattern->name) : QObject::tr("the hours above")});
        }
    flow.table(rooms);
    if (project.calendar.holidays.empty()) return;
    flow.heading(2, QObject::tr("Holidays"));
    for (const auto& h : project.calendar.holidays)
        flow.text(QStringLiteral("%1: %2 \u2013 %3")
                      .arg(given_name(h.name), language::day_text(h.first), language::day_text(h.last)));
}

namespace {

void tell_luminaires(Flow& flow, const model::Project& project, const model::Option& option) {
    BookTable table;
    table.columns = {
        {QObject::tr("Luminaire"), 4},      {QObject::tr("Number"), 1, true},        {QObject::tr("lm"), 1, true},
        {QObject::tr("W"), 1, true},        {QObject::tr("Maintenance"), 1.4, true}, {QObject::tr("K"), 1, true},
        {QObject::tr("UGR 4H/8H"), 2, true}};
    for (const auto& type : project.luminaire_types) {
        const auto count = std::ranges::count(option.luminaires, type.id, &model::Luminaire::type);
        if (count == 0) continue;
        const auto crosswise = question::ugr_of_room(type, 4, 8, {}, false),
                   endwise = question::ugr_of_room(type, 4, 8, {}, true);
        table.rows.push_back(
            {given_name(type.name), QString::number(count), fixed(photometry::Distribution(type).flux(), 0),
             fixed(type.power, 1), share_text(type.maintenance), type.kelvin > 0 ? fixed(type.kelvin, 0) : QString(),
             crosswise && endwise ? QStringLiteral("%1 / %2").arg(fixed(*crosswise, 1), fixed(*endwise, 1))
                                  : QString()});
    }
    if (table.rows.empty()) return;
    flow.heading(2, QObject::tr("Luminaires"));
    flow.table(table);
    flow.text(QObject::tr("UGR by table (CIE 190), reflectances 70/50/20, crosswise and endwise."), Tone::faint, 11);
}

}  // namespace

void tell_electric(Flow& flow, const HeldFacts& facts) {
    const auto& of = facts->main();
    flow.heading(1, QObject::tr("Electric light"));
    if (of.option->lighting.empty()) return flow.text(QObject::tr("There is none in the model."), Tone::faint);
    BookTable table;
    table.columns = {{QObject::tr("Light"), 3},
                     {QObject::tr("Control"), 3},
                     {QObject::tr("Luminaires"), 1.3, true},
                     {QObject::tr("W/m\u00b2"), 1, true},
                     {QObject::tr("Target, lx"), 1.2, true},
                     {QObject::tr("kWh a year (95 % band)"), 3, true},
                     {QObject::tr("LENI"), 1, true},
                     {QObject::tr("Saved by daylight"), 1.6, true}};
    std::vector<question::LightingYear> years;
    if (of.answers.year != nullptr) {
        std::vector<geometry::PlanePoints> planes;
        for (const auto& plane : of.answers.year->planes) planes.push_back(plane.plane);
        years = question::electric_years(
            *facts->project, *of.answers.year, *of.option,
            question::year_use(*facts->project, *of.option,
                               model::question_of(*facts->project, model::Question::Kind::year), planes));
    }
    for (const auto& light : of.option->lighting) {
        const auto year = std::ranges::find(years, light.id, &question::LightingYear::id);
        const bool known = year != years.end();
        table.rows.push_back(
            {given_name(light.name), language::words(model::control_name(light.control)),
             known && year->luminaires > 0 ? QString::number(year->luminaires) : QStringLiteral("\u2013"),
             fixed(known && year->area > 0 ? year->installed / year->area : light.power, 1), fixed(light.target, 0),
             known ? value_band(year->kwh, year->kwh_low, year->kwh_high, {}) : QObject::tr("not asked"),
             known ? fixed(year->leni(), 1) : QString(), known ? share_text(year->saved()) : QString()});
    }
    flow.table(table);
    tell_luminaires(flow, *facts->project, *of.option);
    if (years.empty()) return;
    double kwh = 0;
    for (const auto& year : years) kwh += year.kwh;
    const auto& factors = facts->project->energy;
    flow.text(
        QObject::tr("LENI of all together %1 kWh/(m\u00b2 a) (EN 15193-1: stand-by included); %2 kWh, %3 %4, %5 kg "
                    "CO\u2082 a year.")
            .arg(fixed(question::leni_of(years), 1), fixed(kwh, 0), fixed(kwh * factors.price, 0),
                 given_name(factors.currency), fixed(kwh * factors.co2, 0)),
        Tone::faint);
}

void tell_record(Flow& flow, const HeldFacts& facts) {
    const auto& of = facts->main();
    flow.heading(1, QObject::tr("Record"));
    flow.text(
        QObject::tr("How each answer was made. Accuracy is the half-width of the 95 % band as a share of the stated "
                    "figure; the same seed on the same building gives the same figures again."),
        Tone::faint, 11);
    BookTable table;
    table.columns = {{QObject::tr("Answer"), 3.4},        {QObject::tr("Wanted"), 1.2, true},
                     {QObject::tr("Reached"), 1.2, true}, {QObject::tr("Seed"), 0.8, true},
                     {QObject::tr("Rays"), 1.8, true},    {QObject::tr("Seconds"), 1.2, true},
                     {QObject::tr("Version"), 1.2, true}, {QObject::tr("Fingerprint of its inputs"), 4, true}};
    for (const auto& made : of.made) {
        const auto& r = made.record;
        BookCell reached(share_text(r.reached, 1));
        if (!r.settled) reached.tone = Tone::warning;
        table.rows.push_back({given_name(made.name), share_text(r.wanted, 1), reached, QString::number(r.seed),
                              language::number(static_cast<double>(r.rays), 'f', 0), fixed(r.seconds, 1),
                              QString::fromStdString(r.version), QString::fromStdString(r.inputs.text())});
    }
    if (table.rows.empty()) flow.text(QObject::tr("Nothing was asked."), Tone::faint);
    flow.table(table);
    flow.heading(2, QObject::tr("Validation"));
    flow.text(QObject::tr(
        "The engine is held against closed forms, quadrature and brute force that share neither its nodes nor its "
        "code; "
        "cases, figures and the commands that give them stand in the program's documentation (docs/validation.md). "
        "Standards: IES LM-83-12, EN 17037:2018+A1:2021, CIE S 011, ISO 15469, EN 410, and those named beside each "
        "criterion."));
}

}  // namespace wp::report
