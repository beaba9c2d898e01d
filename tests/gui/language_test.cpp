// SPDX-License-Identifier: GPL-3.0-or-later
// Another language reaches everything that is on the screen, and changes nothing else.
#include <gtest/gtest.h>

#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QRegularExpression>
#include <QSettings>
#include <set>

#include "analysis/analysis.h"
#include "base/file.h"
#include "describe/describe.h"
#include "describe/silent.h"
#include "edit/item_kind.h"
#include "figure/figures.h"
#include "figure/measures.h"
#include "figure/year_points.h"
#include "gui/drive.h"
#include "gui/entry/number_field.h"
#include "metric/glare_index.h"
#include "model/project.h"
#include "report/language/dates.h"
#include "report/language/language.h"
#include "report/language/words.h"
#include "rule/data.h"
#include "rule/usual.h"
#include "shading/device.h"
#include "support.h"

using namespace wp;
using namespace wp::gui;

namespace {

/// German while it lives.
struct InGerman {
    InGerman() { EXPECT_TRUE(language::use_language(QStringLiteral("de"))); }
    ~InGerman() { language::use_language(QStringLiteral("en")); }
};

/// All that a project's values are called, and what is said of those that have a row on the screen.
class Collector : public describe::SilentDescriber {
    using Field = describe::Field;

 public:
    std::set<std::string> words;
    void number(const Field& f, double&) override { take(f); }
    void whole(const Field& f, int&) override { take(f); }
    void flag(const Field& f, bool&) override { take(f); }
    void text(const Field& f, std::string&) override { take(f); }
    void word(const Field& f, int&, std::span<const describe::Word> all) override {
        take(f);
        for (const auto& w : all) words.insert(w.label);
    }
    void object(const Field& f, const char*, bool&, const Visit& visit) override {
        take(f);
        visit(*this);
    }
    void items(const Field& f, const char*, describe::Items& items) override {
        take(f);
        items.visit_fresh(*this);
    }
    void only(const describe::When&, const std::function<void()>& visit) override { visit(); }

 private:
    void take(const Field& f) {
        if (*f.label == 0) return;
        words.insert(f.label);
        words.insert(f.meaning);
    }
};

std::set<std::string> catalogue_words() {
    Collector of_project;
    model::Project project;
    describe::describe(of_project, project);
    auto words = of_project.words;
    EXPECT_GT(words.size(), 150u);
    for (const auto& f : figure::point_figures()) words.insert({f.name, f.unit});
    for (const auto& i : metric::glare_indices()) words.insert({i.name, i.meaning, i.holds});
    for (const auto& m : figure::measures()) words.insert(m.name);
    for (const auto& f : figure::year_point_figures()) words.insert({f.name, f.unit});
    for (const auto& a : analysis::analyses()) words.insert({a.name, a.asks != nullptr ? a.asks : ""});
    for (const auto& device : shading::devices()) {
        words.insert(device.id);
        for (const auto& f : device.figures) {
            words.insert(f.label);
            if (f.words == nullptr) continue;
            const auto said = f.words(device.fresh);
            for (const char* w : {said.first, said.second})
                if (w != nullptr) words.insert(w);
        }
        for (const auto& preset : device.presets) words.insert({preset.name, preset.what});
    }
    for (const auto& known : rule::usual_values().figures) {
        words.insert(known.definition);
        for (const auto& v : known.values) words.insert(v.meaning);
    }
    for (const auto& id : rule::criteria_sets()) {
        const auto set = rule::criteria_set(id);
        EXPECT_TRUE(set);
        words.insert((*set).name);
        for (const auto& c : (*set).criteria) {
            words.insert({c.name, c.meaning});
            for (const auto& step : c.thresholds) words.insert(step.level);
        }
    }
    return words;
}

// Words that are the same in both, and units.
bool is_same_in_both(const std::string& word) {
    static const std::set<std::string> same{"",         "lx",   "%",  "h",      "klx h",  "kWh/m²", "°",
                                            "Name",     "m²",   "m",  "Azimut", "Option", "K",      "median",
                                            "Material", "Plan", "A4", "Letter", "Logo"};
    return same.contains(word);
}

/// What stands on a widget, and what it says of itself.
QStringList texts_of(const QWidget& widget) {
    QStringList out{widget.toolTip(), widget.accessibleName(), widget.windowTitle()};
    if (const auto* label = qobject_cast<const QLabel*>(&widget)) out << label->text();
    if (const auto* button = qobject_cast<const QAbstractButton*>(&widget)) out << button->text();
    if (const auto* line = qobject_cast<const QLineEdit*>(&widget)) out << line->placeholderText();
    if (const auto* box = qobject_cast<const QComboBox*>(&widget))
        for (int i = 0; i < box->count(); ++i) out << box->itemText(i);
    if (const auto* table = qobject_cast<const QTableWidget*>(&widget))
        for (int c = 0; c < table->columnCount(); ++c) out << table->horizontalHeaderItem(c)->text();
    for (const QAction* action : widget.actions()) out << action->text() << action->toolTip();
    return out;
}

/// Small words that no German text has.
bool looks_english(const QString& text) {
    static const QRegularExpression english(
        QStringLiteral("\\b(the|of|and|with|without|from|is|are|by|for|its|this|that|not|click|choose|or)\\b"),
        QRegularExpression::CaseInsensitiveOption);
    return english.match(text).hasMatch();
}

/// What the demo's people wrote themselves, and is theirs in every language.
QStringList own_texts(const QJsonValue& value) {
    QStringList out;
    if (value.isString()) out << value.toString();
    for (const QJsonValue& v : value.isArray() ? value.toArray() : QJsonArray()) out << own_texts(v);
    const QJsonObject object = value.toObject();
    for (const QJsonValue& v : object) out << own_texts(v);
    return out;
}

QStringList demo_texts() {
    QFile file(QStringLiteral(WARMPANE_DEMO));
    EXPECT_TRUE(file.open(QIODevice::ReadOnly));
    QStringList all = own_texts(QJsonDocument::fromJson(file.readAll()).object());
    all.removeIf([](const QString& text) { return !text.contains(QLatin1Char(' ')); });
    std::ranges::sort(all, std::greater<>(), &QString::size);
    return all;
}

TEST(Language, every_word_of_the_catalogues_is_translated) {
    const InGerman german;
    for (const std::string& word : catalogue_words())
        if (!is_same_in_both(word))
            EXPECT_NE(language::words(std::string_view(word)).toStdString(), word) << "not in core_words.cpp: " << word;
}

// Sentences of the sources themselves, their holes filled: a text that is added to the check and not to the list fails.
TEST(Language, what_the_model_check_can_find_is_told_in_it) {
    const InGerman german;
    static const QRegularExpression texts(QStringLiteral("\"((?:[^\"\\\\\\n]|\\\\.)*)\"")),
        hole(QStringLiteral("\\{[^}]*\\}"));
    // Parts of sentences, whose wholes are looked at below.
    const std::set<QString> parts{
        QStringLiteral("{}: {} {} no material; {:.0f} % is assumed."),
        QStringLiteral("{} no blind, and a criteria set computes with blinds."),
        QStringLiteral("One outside window has"),
        QStringLiteral("{} outside windows have"),
        QStringLiteral("{}{} ({})"),
        QStringLiteral("{:.3g} mm"),
        QStringLiteral("{:.4g} km"),
        QStringLiteral("{:.3g} m"),
        QStringLiteral("{} {}"),
        QStringLiteral("{} {}."),
        QStringLiteral(", not known"),
        QStringLiteral(". Choose a file of the place, or set the site's place and time zone on the Site desk.")};
    int seen = 0;
    for (const auto& entry : std::filesystem::directory_iterator(WARMPANE_SOURCE "/src/check")) {
        if (entry.path().extension() != ".cpp") continue;
        QString text = QString::fromStdString(*read_file(entry.path()));
        text.remove(QRegularExpression(QStringLiteral("//[^\\n]*|#include[^\\n]*")));
        for (auto it = texts.globalMatch(text); it.hasNext();) {
            QString said = it.next().captured(1).replace(QStringLiteral("\\u00b0"), QString(QChar(0xb0)));
            said.replace(QStringLiteral("\\u00b2"), QString(QChar(0xb2)));
            if (!said.trimmed().contains(QLatin1Char(' ')) || parts.contains(said)) continue;
            ++seen;
            said.replace(hole, QStringLiteral("Aberdeen"));
            EXPECT_NE(language::words(said), said) << said.toStdString();
        }
    }
    EXPECT_GT(seen, 40);
    EXPECT_EQ(language::words("A corner of Hall is 3.5 cm off Office."),
              QStringLiteral("Eine Ecke von Hall liegt 3,5 cm neben Office."));
    EXPECT_EQ(language::words("Walls: 2 surfaces have no material; 50 % is assumed."),
              QStringLiteral("W\u00e4nde: 2 Oberfl\u00e4chen haben kein Material; 50 % wird angenommen."));
    EXPECT_EQ(language::words("Brick is assumed for facades (2), roofs (1). Source: Smith."),
              QStringLiteral("Brick ist angenommen f\u00fcr Fassaden (2), D\u00e4cher (1). Quelle: Smith."));
    EXPECT_EQ(language::words(
                  "The weather was measured at 50.00\u00b0 N, 1.00\u00b0 E, 300 km from the site; the sun stands where "
                  "the site is. Choose a file of the place, or set the site's place and time zone on the Site "
                  "desk."),
              QStringLiteral(
                  "Das Wetter wurde bei 50,00\u00b0 N, 1,00\u00b0 O gemessen, 300 km vom Standort; die Sonne steht, wo "
                  "der Standort ist. Eine Datei des Ortes w\u00e4hlen oder Ort und Zeitzone auf dem Tisch Standort "
                  "einstellen."));
    EXPECT_TRUE(language::words("2 outside windows have no blind, and a criteria set computes with blinds.")
                    .startsWith(QStringLiteral("2 Fenster nach au\u00dfen")));
}

TEST(Language, how_blinds_stand_is_told_in_it) {
    const InGerman german;
    EXPECT_EQ(language::words("Hall, south 1: slats at 30\u00b0 (by the clock)"),
              QStringLiteral("Hall, south 1: Lamellen bei 30\u00b0 (nach der Uhr)"));
    EXPECT_EQ(language::words("Hall: open (never closed)"), QStringLiteral("Hall: offen (nie geschlossen)"));
    EXPECT_EQ(language::words("Hall: west (annex)"), QStringLiteral("Hall: west (annex)")) << "somebody's own";
}

TEST(Language, names_that_somebody_gave_stay_as_they_are) {
    const InGerman german;
    for (const char* name : {"Seat at the windows", "Head of sales, west", "Room 1, sky", "8 to 18 club"})
        EXPECT_EQ(language::words(name), QString::fromLatin1(name));
}

TEST(Language, numbers_have_its_decimal_sign_and_are_read_with_either) {
    const InGerman german;
    EXPECT_EQ(number_text(1.25, Unit::metre), QStringLiteral("1,25 m"));
    EXPECT_EQ(*parse_number(QStringLiteral("1,25 m"), Unit::metre), 1.25);
    EXPECT_EQ(*parse_number(QStringLiteral("1.25"), Unit::metre), 1.25);
    EXPECT_EQ(language::number(100000, 'f', 0), QStringLiteral("100000"));
    EXPECT_EQ(QObject::tr("DGP %L1 (%L2 to %L3), %4")
                  .arg(0.351, 0, 'f', 3)
                  .arg(0.34, 0, 'f', 2)
                  .arg(0.36, 0, 'f', 2)
                  .arg(QString()),
              QStringLiteral("DGP 0,351 (0,34 bis 0,36), "));
}

TEST(Language, dates_are_written_in_it_and_read_in_it_and_in_english) {
    const InGerman german;
    const climate::Moment now{1, 1, 12};
    EXPECT_EQ(language::text({10, 3, 8.5}), QStringLiteral("3. Okt 08:30"));
    EXPECT_EQ(*language::read_moment(QStringLiteral("3. Okt 08:30"), now), (climate::Moment{10, 3, 8.5}));
    EXPECT_EQ(*language::read_moment(QStringLiteral("3 Oct 08:30"), now), (climate::Moment{10, 3, 8.5}));
    for (int m = 1; m <= 12; ++m) EXPECT_EQ(language::read_moment(language::text({m, 5, 9}), now)->month, m) << m;
    EXPECT_EQ(language::words("1 Mar to 31 Oct"), QStringLiteral("1. Mär bis 31. Okt"));
}

TEST(Language, every_desk_page_and_companion_speaks_it) {
    const InGerman german;
    Window window;
    ASSERT_FALSE(window.open(WARMPANE_DEMO));
    drive::show(window);
    drive::settle(window);
    ASSERT_TRUE(drive::read_weather(window));
    std::set<QString> english;
    const QStringList own = demo_texts();
    const auto look = [&] {
        QTest::qWait(150);
        for (const QWidget* w : window.findChildren<QWidget*>())
            for (QString text : texts_of(*w)) {
                for (const QString& theirs : own) text.remove(theirs);
                if (looks_english(text)) english.insert(QStringLiteral("%1: %2").arg(w->objectName(), text));
            }
    };
    for (const char* desk : {"desk-site", "desk-build", "desk-light", "desk-compare", "desk-certify"}) {
        drive::click(window, desk);
        look();
        for (auto* button :
             window.findChildren<QAbstractButton*>(QRegularExpression(QStringLiteral("^(companion|site)-"))))
            if (button->isVisible()) {
                QTest::mouseClick(button, Qt::LeftButton);
                look();
            }
        auto* pages = window.findChild<QTabWidget*>(QStringLiteral("pages"));
        ASSERT_NE(pages, nullptr);
        for (int i = 0; i < pages->count(); ++i) {
            pages->setCurrentIndex(i);
            look();
        }
    }
    QStringList left;
    for (const QString& text : english) left << text;
    EXPECT_TRUE(left.isEmpty()) << left.join(QStringLiteral("\n")).toStdString();
}

TEST(Language, is_chosen_in_the_menu_and_stands_from_the_next_start) {
    QSettings().remove(QStringLiteral("language"));
    EXPECT_EQ(language::chosen_language(QStringLiteral("xx")), language::chosen_language({}));
    Window window;
    drive::show(window);
    QAction* german = window.findChild<QAction*>(QStringLiteral("language-de"));
    ASSERT_NE(german, nullptr);
    QTimer::singleShot(300, &window, [] {
        auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
        ASSERT_NE(box, nullptr);
        QTest::mouseClick(box->findChild<QAbstractButton*>(QStringLiteral("language-later")), Qt::LeftButton);
    });
    german->trigger();
    EXPECT_EQ(QSettings().value(QStringLiteral("language")).toString(), QStringLiteral("de"));
    EXPECT_EQ(language::chosen_language(QSettings().value(QStringLiteral("language")).toString()),
              QStringLiteral("de"));
    QSettings().remove(QStringLiteral("language"));
}

}  // namespace
