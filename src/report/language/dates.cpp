// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/language/dates.h"

#include <QLocale>
#include <QObject>
#include <cmath>

namespace wp::language {
namespace {

const QLocale& english() {
    static const QLocale locale(QLocale::English, QLocale::UnitedKingdom);
    return locale;
}

}  // namespace

QString month(int number) { return QLocale().standaloneMonthName(number, QLocale::LongFormat); }

// English has names of four letters in some countries: three are enough for all.
QString month_short(int number) { return month(number).left(3); }

QString weekday_short(int number) {
    return QLocale().standaloneDayName(number + 1, QLocale::ShortFormat).left(3).remove(QLatin1Char('.'));
}

QString day_text(const climate::Moment& moment) {
    //: day and month, "21 Jun"
    return QObject::tr("%1 %2").arg(moment.day).arg(month_short(moment.month));
}

QString text(const climate::Moment& moment) {
    const int minutes = static_cast<int>(std::lround(moment.hour * 60));
    return QStringLiteral("%1 %2:%3")
        .arg(day_text(moment))
        .arg(minutes / 60, 2, 10, QLatin1Char('0'))
        .arg(minutes % 60, 2, 10, QLatin1Char('0'));
}

std::optional<climate::Moment> read_moment(const QString& text, const climate::Moment& before) {
    if (const auto plain = climate::read_moment(text.toStdString(), before)) return plain;
    QString told = text;
    for (int m = 1; m <= 12; ++m)
        for (const QString& name : {month(m), month_short(m)})
            told.replace(name, english().standaloneMonthName(m, QLocale::LongFormat).left(3), Qt::CaseInsensitive);
    return climate::read_moment(told.toStdString(), before);
}

}  // namespace wp::language
