// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/light/question_box.h"

#include <algorithm>
#include <cmath>

#include "analysis/analysis.h"
#include "gui/desk/desktop.h"
#include "gui/entry/figure_box.h"
#include "gui/site/sky_box.h"
#include "question/ask.h"
#include "question/outdoors.h"
#include "report/language/dates.h"
#include "report/language/words.h"

namespace wp::gui {

using model::Question;
using QuestionKind = Question::Kind;

namespace {

enum class When { moment, hours_of_day, months };
enum class Days { day, month, standard, year, as_is };

QString day_words(const climate::Moment& m) { return language::words(analysis::day_words(m)); }
QString period_words(const Question& q) { return language::words(analysis::period_words(q)); }

// Kinds that are asked by this box, in the order of its list.
std::vector<QuestionKind> kinds_asked(QStringList& words) {
    std::vector<QuestionKind> out;
    for (const auto& a : analysis::analyses()) {
        if (a.asks == nullptr) continue;
        out.push_back(a.kind);
        words << language::words(a.asks);
    }
    return out;
}

void set_period(Question& q, Days days, const climate::Moment& now) {
    const auto day = [](int month, int d) { return climate::Moment{month, d, 0}; };
    switch (days) {
        case Days::day:
            q.first = q.last = day(now.month, now.day);
            break;
        case Days::month:
            q.first = day(now.month, 1);
            q.last = day(now.month, climate::days_in(now.month));
            break;
        case Days::standard: {
            // One day, freely chosen from these.
            const int today = now.day_of_year(), first = day(2, 1).day_of_year(), last = day(3, 21).day_of_year();
            q.first = q.last = today >= first && today <= last ? day(now.month, now.day) : day(3, 21);
            break;
        }
        case Days::year:
            q.first = day(1, 1);
            q.last = day(12, 31);
            break;
        case Days::as_is:
            break;
    }
}

// The clock's day where EN 17037 lets it be chosen, else the last that may be.
QString standard_day(const climate::Moment& now) {
    const int today = now.day_of_year();
    const bool fits =
        today >= climate::Moment{2, 1, 0}.day_of_year() && today <= climate::Moment{3, 21, 0}.day_of_year();
    return fits ? day_words(now) : QObject::tr("21 Mar");
}

}  // namespace

QString question_words(const Question& q) { return language::words(analysis::words(q)); }

std::optional<Question> ask_question(QWidget* parent, const Document& document, Question q) {
    const auto& now = document.moment();
    FigureBox box(parent, QObject::tr("Ask"));
    QStringList names;
    const auto kinds = kinds_asked(names);
    auto* kind = box.choice(QObject::tr("What"), names, "question-kind");
    kind->setCurrentIndex(static_cast<int>(std::find(kinds.begin(), kinds.end(), q.kind) - kinds.begin()));
    const auto is_of = [kind, kinds](std::initializer_list<QuestionKind> wanted) {
        return std::ranges::find(wanted, kinds[static_cast<size_t>(kind->currentIndex())]) != wanted.end();
    };
    QObject::connect(kind, &QComboBox::currentIndexChanged, &box, [&box] { box.show_parts(); });
    // Only what bears on the kind stands in the box.
    box.begin_part([is_of] {
        return !is_of({QuestionKind::glare_year, QuestionKind::body_clock, QuestionKind::view_out});
    });
    auto* at = box.choice(QObject::tr("Where"),
                          {QObject::tr("on the reference planes"), QObject::tr("at the windows, outer face"),
                           QObject::tr("at the windows, inner face (EN 17037)"), QObject::tr("at the readings"),
                           QObject::tr("at the eyes, as they look")},
                          "question-at");
    at->setCurrentIndex(static_cast<int>(q.at));
    double error = 100 * q.accuracy, from = 8, to = 18, step = 2,
           lowest = q.least_altitude > 0 ? q.least_altitude
                                         : climate::sunlight_least_altitude(document.project().site.latitude),
           minutes = q.step;
    box.begin_part([] { return true; });
    box.number(QObject::tr("Error wanted, \u00b1 % of the mean"), error, Unit::plain, "question-error");
    box.begin_part([is_of] { return is_of({QuestionKind::electric}); });
    auto* beside =
        box.choice(QObject::tr("Daylight"), {QObject::tr("none: blinds closed"), QObject::tr("of moments, beside it")},
                   "question-beside");
    beside->setCurrentIndex(q.kind == QuestionKind::electric && !q.moments.empty() ? 1 : 0);
    auto* around = box.choice(QObject::tr("Of planes"),
                              {QObject::tr("illuminance"), QObject::tr("and cylindrical illuminance, modelling")},
                              "question-cylindrical");
    around->setCurrentIndex(q.electric.cylindrical ? 1 : 0);
    auto* opic = box.choice(QObject::tr("Light"),
                            {QObject::tr("all that is visible"), QObject::tr("by wavelength, too: melanopic")},
                            "question-colours");
    opic->setCurrentIndex(q.electric.colours ? 1 : 0);
    for (auto* choice : {beside, opic})
        QObject::connect(choice, &QComboBox::currentIndexChanged, &box, [&box] { box.show_parts(); });
    box.begin_part([is_of, beside] {
        return is_of({QuestionKind::moment, QuestionKind::spectrum}) ||
               (is_of({QuestionKind::electric}) && beside->currentIndex() == 1);
    });
    box.text(QObject::tr("Moments, under \u201c%1\u201d").arg(sky_words(document.sky())));
    auto* when = box.choice(QObject::tr("Moments"),
                            {QObject::tr("the one of the clock, %1").arg(language::text(now)),
                             QObject::tr("hours of that day"), QObject::tr("that day and hour in every month")},
                            "question-when");
    box.number(QObject::tr("hours from"), from, Unit::plain, "question-from");
    box.number(QObject::tr("to"), to, Unit::plain, "question-to");
    box.number(QObject::tr("every"), step, Unit::plain, "question-every");
    box.begin_part([is_of] { return is_of({QuestionKind::sun_hours, QuestionKind::exposure}); });
    box.text(QObject::tr("Sunlight hours and exposure"));
    auto* days = box.choice(QObject::tr("Days"),
                            {QStringLiteral("%1").arg(day_words(now)), QObject::tr("the month of the clock"),
                             QObject::tr("one day for EN 17037, %1").arg(standard_day(now)), QObject::tr("the year"),
                             QObject::tr("as they are: %1").arg(period_words(q))},
                            "question-days");
    auto* sun =
        box.choice(QObject::tr("Sun counts"),
                   {QObject::tr("whenever it is up"), QObject::tr("when the weather's sun shines (120 W/m\u00b2)")},
                   "question-sun");
    sun->setCurrentIndex(q.probable ? 1 : 0);
    box.number(QObject::tr("from an altitude of, \u00b0"), lowest, Unit::plain, "question-altitude");
    box.text(QObject::tr("%L1\u00b0: about what EN 17037:2018+A1:2021, annex D, asks for at this latitude, from "
                         "memory; look it up before you sign. 0\u00b0 for other standards.")
                 .arg(climate::sunlight_least_altitude(document.project().site.latitude), 0, 'f', 0));
    box.number(QObject::tr("looked at every, minutes"), minutes, Unit::plain, "question-minutes");
    box.begin_part([is_of, opic] {
        return is_of({QuestionKind::spectrum, QuestionKind::body_clock}) ||
               (is_of({QuestionKind::electric}) && opic->currentIndex() == 1);
    });
    box.text(QObject::tr("By wavelength"));
    // Found of a room with walls of a strong red and blue, against 81 bands (Spectral.few_bands_...).
    constexpr int kBands[] = {3, 9, 27, 81};
    auto* bands =
        box.choice(QObject::tr("Bands of wavelength"),
                   {QObject::tr("3: within 6 % of all where walls are coloured"), QObject::tr("9: within 0.5 %"),
                    QObject::tr("27: within 0.1 %, three times as long"), QObject::tr("81: all, eight times as long")},
                   "question-bands");
    bands->setCurrentIndex(1);
    auto* coloured = box.choice(QObject::tr("Daylight is"),
                                {QObject::tr("of CIE D65"), QObject::tr("bluer from dark parts of a clear sky")},
                                "question-sky-colour");
    coloured->setCurrentIndex(static_cast<int>(q.sky_colour));
    box.begin_part([is_of, at] {
        return is_of({QuestionKind::body_clock}) ||
               (is_of({QuestionKind::spectrum}) && at->currentIndex() == static_cast<int>(Question::At::eyes));
    });
    QObject::connect(at, &QComboBox::currentIndexChanged, &box, [&box] { box.show_parts(); });
    auto* brow = box.choice(QObject::tr("Eyes see"),
                            {QObject::tr("the half before them"), QObject::tr("what brow and cheek leave of it")},
                            "question-brow");
    brow->setCurrentIndex(q.brow ? 1 : 0);
    box.begin_part([is_of] { return is_of({QuestionKind::glare_year, QuestionKind::body_clock}); });
    box.text(QObject::tr("Over the year"));
    model::SeatsChoice seats =
        q.kind == QuestionKind::body_clock ? model::SeatsChoice(q.body_clock) : model::SeatsChoice(q.glare_year);
    auto* places = box.choice(QObject::tr("Seats"), {QObject::tr("the observers"), QObject::tr("all over the rooms")},
                              "question-places");
    places->setCurrentIndex(static_cast<int>(seats.places));
    box.number(QObject::tr("as far apart as"), seats.apart, Unit::metre, "question-apart");
    auto* blinds = box.choice(QObject::tr("Blinds"),
                              {QObject::tr("as they are worked"), QObject::tr("as IES LM-83 works them"),
                               QObject::tr("all open"), QObject::tr("all closed")},
                              "question-blinds");
    blinds->setCurrentIndex(static_cast<int>(seats.blinds));
    box.begin_part([is_of] { return is_of({QuestionKind::glare_year}); });
    box.number(QObject::tr("clear of a DGP above"), q.glare_year.limit, Unit::plain, "question-limit");
    box.number(QObject::tr("in all of the use but"), q.glare_year.share, Unit::percent, "question-share");
    box.begin_part([is_of] { return is_of({QuestionKind::body_clock}); });
    box.number(QObject::tr("Melanopic EDI of at least, lx"), q.body_clock.level, Unit::plain, "question-level");
    box.number(QObject::tr("for so many hours, without a break"), q.body_clock.hours, Unit::plain, "question-hours");
    box.number(QObject::tr("begun by (hour of the clock)"), q.body_clock.begins_by, Unit::plain, "question-begins");
    box.number(QObject::tr("on this share of the days of use"), q.body_clock.share, Unit::percent,
               "question-day-share");
    box.text(
        QObject::tr("WELL v2, L03: 136 or 218 lx for four hours that begin by noon; from memory, look it up "
                    "before you sign."));
    if (!box.ask()) return {};
    seats.places = static_cast<model::SeatsChoice::Places>(places->currentIndex());
    seats.blinds = static_cast<model::SeatsChoice::Blinds>(blinds->currentIndex());
    seats.apart = std::clamp(seats.apart, 0.2, 50.0);
    static_cast<model::SeatsChoice&>(q.glare_year) = static_cast<model::SeatsChoice&>(q.body_clock) = seats;
    q.glare_year.limit = std::clamp(q.glare_year.limit, 0.05, 1.0);
    q.glare_year.share = std::clamp(q.glare_year.share, 0.0, 0.5);
    q.body_clock.level = std::clamp(q.body_clock.level, 1.0, 100000.0);
    q.body_clock.hours = std::clamp(q.body_clock.hours, 1.0, 24.0);
    q.body_clock.begins_by = std::clamp(q.body_clock.begins_by, 0.0, 24.0);
    q.body_clock.share = std::clamp(q.body_clock.share, 0.0, 1.0);
    q.brow = brow->currentIndex() == 1;
    q.kind = kinds[static_cast<size_t>(kind->currentIndex())];
    // Seats are places of their own.
    q.at = question::seats_of(q) != nullptr ? Question::At::planes : static_cast<Question::At>(at->currentIndex());
    q.accuracy = std::clamp(error / 100, 0.0005, 0.5);
    q.sky = document.sky();
    q.bands = kBands[bands->currentIndex()];
    q.sky_colour = static_cast<model::SkyColour>(coloured->currentIndex());
    step = std::clamp(step, 0.25, 24.0);
    switch (static_cast<When>(when->currentIndex())) {
        case When::moment:
            q.moments = {now};
            break;
        case When::hours_of_day:
            q.moments = question::moments_of_day(now.month, now.day, std::clamp(from, 0.0, 24.0),
                                                 std::clamp(to, from, 24.0), step);
            break;
        case When::months:
            q.moments = question::moments_of_year(now.day, now.hour);
            break;
    }
    q.electric.cylindrical = around->currentIndex() == 1;
    q.electric.colours = opic->currentIndex() == 1;
    q.electric.blinds_closed = beside->currentIndex() == 0;
    if (q.kind == QuestionKind::electric && beside->currentIndex() == 0) q.moments.clear();
    set_period(q, static_cast<Days>(days->currentIndex()), now);
    q.probable = sun->currentIndex() == 1;
    q.least_altitude = std::clamp(lowest, 0.0, 89.0);
    q.step = std::clamp(minutes, 1.0, 60.0);
    q.name = question_words(q).toStdString();
    return q;
}

std::optional<model::Id> ask_new_question(Desktop& desktop, const Question& before) {
    auto asked = ask_question(desktop.window(), desktop.document(), before);
    if (!asked) return {};
    asked->id = model::unused_id(desktop.document().project().questions, "q");
    desktop.document().edit(QObject::tr("New question"), [&](model::Project& p) { p.questions.push_back(*asked); });
    desktop.asker().ask_question(asked->id);
    return asked->id;
}

}  // namespace wp::gui
