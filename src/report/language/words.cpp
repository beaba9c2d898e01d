// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/language/words.h"

#include <QCoreApplication>
#include <QHash>
#include <QLocale>
#include <QMutex>
#include <QRegularExpression>
#include <map>
#include <optional>
#include <vector>

#include "report/language/core_words.h"
#include "report/language/dates.h"

namespace wp::language {
namespace {

// A sentence with holes: where its words stand still is looked at first, since that is quick.
struct Sentence {
    const char* english;
    QString head;
    QRegularExpression whole;
    std::vector<int> holes;  // by capture
    bool strict = false;     // only with words of the program in its holes, but for names
};
constexpr int kName = 9;

Sentence sentence_of(const char* english, bool strict) {
    static const QRegularExpression hole(QStringLiteral("%([1-9])"));
    const QString text = QString::fromUtf8(english);
    Sentence out{english, text.left(text.indexOf(QLatin1Char('%'))), {}, {}, strict};
    QString pattern;
    qsizetype from = 0;
    for (auto it = hole.globalMatch(text); it.hasNext();) {
        const auto m = it.next();
        pattern += QRegularExpression::escape(text.mid(from, m.capturedStart() - from)) + QStringLiteral("(.+)");
        out.holes.push_back(m.captured(1).toInt());
        from = m.capturedEnd();
    }
    pattern += QRegularExpression::escape(text.mid(from));
    out.whole = QRegularExpression(QRegularExpression::anchoredPattern(pattern),
                                   QRegularExpression::DotMatchesEverythingOption);
    return out;
}

const std::vector<Sentence>& sentences() {
    static const std::vector<Sentence> all = [] {
        std::vector<Sentence> out;
        for (const auto& list :
             {core_sentences(), criteria_sentences(), import_sentences(), spectrum_sentences(), electric_sentences()})
            for (const char* english : list) out.push_back(sentence_of(english, false));
        for (const auto& list :
             {core_compounds(), criteria_compounds(), import_compounds(), spectrum_compounds(), electric_compounds()})
            for (const char* english : list) out.push_back(sentence_of(english, true));
        return out;
    }();
    return all;
}

// "21 Jun", "21 Jun 12:00", "1 Mar to 31 Oct"; nothing where it is no date.
QString date(const QString& english) {
    static const QRegularExpression one(QStringLiteral("^(\\d{1,2} [A-Z][a-z]{2})( \\d\\d:\\d\\d)?$")),
        period(QStringLiteral("^(\\d{1,2} [A-Z][a-z]{2}) to (\\d{1,2} [A-Z][a-z]{2})$"));
    if (const auto m = period.match(english); m.hasMatch()) {
        const QString from = date(m.captured(1)), to = date(m.captured(2));
        return from.isEmpty() || to.isEmpty() ? QString() : QObject::tr("%1 to %2").arg(from, to);
    }
    const auto m = one.match(english);
    const auto moment = m.hasMatch() ? climate::read_moment(english.toStdString(), {1, 1, 0}) : std::nullopt;
    if (!moment) return {};
    return m.captured(2).isEmpty() ? day_text(*moment) : language::text(*moment);
}

bool is_figure(const QString& text) {
    static const QRegularExpression number(QStringLiteral("^[-+]?\\d+(\\.\\d+)?( \\S{1,3})?$"));
    return number.match(text).hasMatch();
}

// Nothing where a hole holds what it must not. All holes at once: what fills one may itself read like another.
std::optional<QString> filled(const Sentence& sentence, const QRegularExpressionMatch& match) {
    static const QRegularExpression hole(QStringLiteral("%([1-9])"));
    std::map<int, QString> told;
    for (size_t i = 0; i < sentence.holes.size(); ++i) {
        const QString text = match.captured(static_cast<int>(i) + 1), known = words(text);
        if (sentence.strict && sentence.holes[i] != kName && known == text && !is_figure(text)) return {};
        told[sentence.holes[i]] = known == text ? figures(text.toStdString()) : known;
    }
    const QString pattern = QCoreApplication::translate("QObject", sentence.english);
    QString out;
    qsizetype from = 0;
    for (auto it = hole.globalMatch(pattern); it.hasNext();) {
        const auto m = it.next();
        out += pattern.mid(from, m.capturedStart() - from) + told[m.captured(1).toInt()];
        from = m.capturedEnd();
    }
    return out + pattern.mid(from);
}

QString translated(const QString& english) {
    const QByteArray bytes = english.toUtf8();
    const QString whole = QCoreApplication::translate("QObject", bytes.constData());
    if (whole != english) return whole;
    if (const QString day = date(english); !day.isEmpty()) return day;
    // A word of a list that stands small within a sentence.
    if (english[0].isLower()) {
        const QByteArray large = (english[0].toUpper() + english.mid(1)).toUtf8();
        const QString known = QCoreApplication::translate("QObject", large.constData());
        if (known != QString::fromUtf8(large)) return within_sentence(known);
    }
    for (const Sentence& s : sentences()) {
        if (!english.startsWith(s.head)) continue;
        if (const auto match = s.whole.match(english); match.hasMatch())
            if (const auto out = filled(s, match)) return *out;
    }
    return english;
}

}  // namespace

QString words(std::string_view english) {
    const QString text = QString::fromUtf8(english.data(), static_cast<qsizetype>(english.size()));
    if (text.isEmpty() || QLocale().language() == QLocale::English) return text;
    // Screens ask for the same words again and again.
    static QMutex lock;
    static QHash<QString, QString> known;
    static QString known_in;
    {
        const QMutexLocker hold(&lock);
        if (known_in != QLocale().name()) known.clear();
        known_in = QLocale().name();
        if (const auto it = known.constFind(text); it != known.constEnd()) return *it;
    }
    const QString out = translated(text);
    const QMutexLocker hold(&lock);
    if (known.size() > 4000) known.clear();
    known.insert(text, out);
    return out;
}

QString sentence(std::string_view english) {
    QString text = words(english);
    if (!text.isEmpty()) text[0] = text[0].toUpper();
    return text;
}

QString within_sentence(const QString& word) { return QLocale().language() == QLocale::German ? word : word.toLower(); }

QString line(const Fault& fault) {
    QString text =
        fault.place.empty() ? words(fault.what) : words(fault.place) + QStringLiteral(": ") + words(fault.what);
    if (!fault.remedy.empty()) text += QStringLiteral(". ") + words(fault.remedy);
    return text;
}

QString figures(std::string_view english) {
    QString text = QString::fromUtf8(english.data(), static_cast<qsizetype>(english.size()));
    static const QRegularExpression point(QStringLiteral("(?<=\\d)\\.(?=\\d)"));
    const QString sign = QLocale().decimalPoint();
    return sign == QStringLiteral(".") ? text : text.replace(point, sign);
}

QString number(double value, char format, int digits) {
    const QString plain = QString::number(value, format, digits);
    return figures(plain.toStdString());
}

}  // namespace wp::language
