// SPDX-License-Identifier: GPL-3.0-or-later
// The calendar on the page on use: weekdays, holidays, summer time.
#include <QComboBox>
#include <QPushButton>
#include <QRegularExpression>

#include "gui/entry/rows.h"
#include "gui/year/use_panel.h"
#include "gui/year/use_parts.h"
#include "report/language/dates.h"

namespace wp::gui {
using namespace model;

namespace {

// Summer time usually begins and ends on Sundays.
void set_usual_summer(YearCalendar& c) {
    c.summer_from = last_sunday(c, 3);
    c.summer_to = last_sunday(c, 10);
}

// Sundays move with the weekday of the first of January; days that the weather file gave stay.
void set_first_weekday(YearCalendar& c, int day) {
    const bool usual = c.summer_from == last_sunday(c, 3) && c.summer_to == last_sunday(c, 10);
    c.first_weekday = day;
    if (usual) set_usual_summer(c);
}

void set_summer_time(YearCalendar& c, bool on) {
    c.summer_time = on;
    set_usual_summer(c);
}

}  // namespace

// Holidays as text, one field: "25 Dec - 1 Jan, 6 May".
void UsePanel::add_calendar(QVBoxLayout& column) {
    const auto& calendar = document_.project().calendar;
    auto* form = new_form(column);
    auto* first = new QComboBox;
    first->setObjectName(QStringLiteral("first-weekday"));
    for (int d = 0; d < 7; ++d) first->addItem(language::weekday_short(d));
    first->setCurrentIndex(calendar.first_weekday);
    connect(first, &QComboBox::activated, first, [this](int d) {
        document_.edit(QObject::tr("Calendar"), [&](Project& p) { set_first_weekday(p.calendar, d); });
    });
    form->addRow(QObject::tr("1 Jan is a"), first);
    QStringList parts;
    const auto day = [](const climate::Moment& m) { return language::day_text({m.month, m.day, 0}); };
    for (const auto& h : calendar.holidays)
        parts << (h.first == h.last ? day(h.first) : QStringLiteral("%1 - %2").arg(day(h.first), day(h.last)));
    auto* holidays = new QLineEdit(parts.join(QStringLiteral(", ")));
    holidays->setObjectName(QStringLiteral("holidays"));
    holidays->setPlaceholderText(QObject::tr("25 Dec - 1 Jan, 6 May"));
    holidays->setToolTip(QObject::tr("Days on which nobody is there: \"25 Dec - 1 Jan, 6 May\""));
    connect(holidays, &QLineEdit::editingFinished, holidays, [this, holidays] {
        std::vector<Holiday> list;
        for (const QString& part : holidays->text().split(QLatin1Char(','), Qt::SkipEmptyParts)) {
            const QStringList ends = part.split(QRegularExpression(QStringLiteral("\\s*[-\\x{2013}]\\s*")));
            const auto a = language::read_moment(ends.first().trimmed(), {1, 1, 0}),
                       b = language::read_moment(ends.last().trimmed(), {1, 1, 0});
            if (!a || !b)
                return emit said(QObject::tr("\"%1\" is no day: write \"25 Dec - 1 Jan, 6 May\"").arg(part.trimmed()));
            list.push_back({part.trimmed().toStdString(), {a->month, a->day, 0}, {b->month, b->day, 0}});
        }
        if (list != document_.project().calendar.holidays)
            document_.edit(QObject::tr("Holidays"), [&](Project& p) { p.calendar.holidays = list; });
    });
    form->addRow(QObject::tr("Holidays"), holidays);
    add_flag(*form, QString(), QObject::tr("summer time"), calendar.summer_time, [this](bool on) {
        document_.edit(QObject::tr("Summer time"), [&](Project& p) { set_summer_time(p.calendar, on); });
    })->setToolTip(QObject::tr("The clock is an hour ahead from the last Sunday of March to the last of October"));
    add_summer_of_weather(*form);
    name_fields(*form);
}

// The weather file may know when the clocks are put on.
void UsePanel::add_summer_of_weather(QFormLayout& form) {
    const auto& calendar = document_.project().calendar;
    const auto weather = document_.weather();
    if (!weather || !weather->summer_time) return;
    const auto from = weather->summer_time->first, to = weather->summer_time->second;
    if (calendar.summer_time && from == calendar.summer_from && to == calendar.summer_to) return;
    const auto day = [](const climate::Moment& m) { return language::day_text({m.month, m.day, 0}); };
    auto* take = new QPushButton(QObject::tr("As the weather file: %1 to %2").arg(day(from), day(to)));
    take->setObjectName(QStringLiteral("summer-of-weather"));
    connect(take, &QPushButton::clicked, take, [this, from, to] {
        document_.edit(QObject::tr("Summer time"), [&](Project& p) {
            p.calendar.summer_time = true;
            p.calendar.summer_from = from;
            p.calendar.summer_to = to;
        });
    });
    form.addRow(QString(), take);
}

}  // namespace wp::gui
