// SPDX-License-Identifier: GPL-3.0-or-later
// Makes the pictures of docs/screenshots from the demo, by driving the real window: warmpane-screenshots PROJECT FOLDER
// [NAME...]. With names only those are made; what takes long for the others is left out.
#include <QApplication>
#include <QComboBox>
#include <QDir>
#include <QScrollArea>
#include <QTabWidget>
#include <QTableWidget>
#include <QTreeWidget>
#include <algorithm>
#include <cstdio>
#include <set>
#include <string>

#include "gui/certify/certify_panel.h"
#include "gui/companion/eye_view.h"
#include "gui/companion/model_view.h"
#include "gui/companion/wall_view.h"
#include "gui/compare/scatter_panel.h"
#include "gui/compare/side_by_side.h"
#include "gui/compare/steps_view.h"
#include "gui/drive.h"
#include "gui/electric/luminaires_page.h"
#include "gui/electric/scenes_page.h"
#include "gui/glare/glare_page.h"
#include "gui/importing/import_dialog.h"
#include "gui/light/pair_view.h"
#include "gui/light/profile_view.h"
#include "gui/look/look.h"
#include "gui/picture/picture_window.h"
#include "gui/report/page_view.h"
#include "gui/report/report_panel.h"
#include "gui/site/sky_page.h"
#include "gui/walk_deciding.h"
#include "gui/walk_evening.h"
#include "gui/walk_importing.h"
#include "gui/year/year_view.h"
#include "model/project.h"
#include "report/language/language.h"
#include "shading/device.h"

int main(int argc, char** argv) {
    using namespace wp::gui;
    QApplication application(argc, argv);
    QApplication::setApplicationName(QStringLiteral("warmpane-screenshots"));
    wp::language::use_language(qEnvironmentVariable("WARMPANE_LANGUAGE", QStringLiteral("en")));
    if (argc < 3) {
        std::fputs("usage: warmpane-screenshots PROJECT FOLDER [NAME...]\n", stderr);
        return 2;
    }
    apply_look(application, Paper::light);
    Window window;
    if (const auto fault = window.open(argv[1])) {
        std::fprintf(stderr, "%s\n", fault->line().c_str());
        return 3;
    }
    const QString folder = QString::fromLocal8Bit(argv[2]);
    QDir().mkpath(folder);
    std::set<std::string> names(argv + 3, argv + argc);
    const auto wants = [&](std::initializer_list<const char*> any) {
        return names.empty() ||
               std::any_of(any.begin(), any.end(), [&](const char* name) { return names.contains(name); });
    };
    const auto take = [&](const char* name) {
        if (!wants({name})) return;
        QTest::qWait(400);
        window.grab().save(QStringLiteral("%1/%2.png").arg(folder, QString::fromLatin1(name)));
        std::printf("%s\n", name);
        std::fflush(stdout);
    };
    drive::show(window);
    window.document().show_option(1);
    drive::settle(window);
    drive::click_sheet(window, {3.8, -0.2});  // a south window of the reading room
    take("build");
    drive::click(window, "companion-wall");
    take("build-wall");
    drive::key(window, Qt::Key_Escape);
    drive::key(window, Qt::Key_C);
    drive::click_sheet(window, {5, -1.5});
    drive::click_sheet(window, {5, 9.5});
    take("build-section");
    drive::click(window, "companion-model");
    drive::click(window, "with-roof");
    window.sheet().setFocus();
    drive::key(window, Qt::Key_U);
    QTest::qWait(1500);
    take("build-sun");
    drive::key(window, Qt::Key_U);
    drive::click(window, "with-roof");
    drive::key(window, Qt::Key_Escape);
    // Matter: coloured by material, blades in elevation, the check.
    const auto colour = [&](int by) { window.findChild<QAction*>(QStringLiteral("tint-%1").arg(by))->trigger(); };
    auto* pages = window.findChild<QTabWidget*>(QStringLiteral("pages"));
    drive::click(window, "companion-model");
    drive::click(window, "with-roof");
    colour(1);
    pages->setCurrentIndex(1);
    auto* list = window.findChild<QTreeWidget*>(QStringLiteral("materials"));
    list->topLevelItem(0)->child(12)->setSelected(true);
    list->scrollToItem(list->topLevelItem(0)->child(12));
    take("build-materials");
    drive::click(window, "with-roof");
    colour(0);
    pages->setCurrentIndex(0);
    window.document().show_option(2);
    drive::settle(window);
    window.document().select_all({{Selection::Kind::opening, "W-01", -1},
                                  {Selection::Kind::opening, "W-03", -1},
                                  {Selection::Kind::opening, "W-02", -1}});
    drive::click(window, "companion-wall");
    if (!window.part<WallView>().outside()) drive::click(window, "wall-side");
    QTest::qWait(200);
    if (auto* inspector = window.findChild<QScrollArea*>(QStringLiteral("inspector")))
        inspector->ensureWidgetVisible(drive::widget(window, "field-blade-tilt"), 0, 60);
    take("build-shading");
    drive::click(window, "wall-side");
    window.document().show_option(1);
    window.document().edit_option(QStringLiteral("Faults to show"), [](wp::model::Option& o) {
        o.types.erase(wp::model::Part::shading);
        o.storeys[0].rooms[0].openings[0].shading.push_back(wp::shading::shade_presets()[3].layers[0]);
        for (auto& t : o.things)
            if (t.id == "table-2") t.at.x = 9.4;
        o.planes[1].height = 3.4;
        o.observers[1].eye.x = 12;
    });
    drive::click(window, "companion-check");
    drive::key(window, Qt::Key_Escape);
    take("build-check");
    window.document().undo_stack().undo();
    drive::click(window, "companion-model");
    window.show_desk(DeskKind::site);
    take("site");
    drive::click(window, "site-sky");
    drive::wait_until([&] { return window.part<SkyPage>().facts().contains(QStringLiteral("of sun from here")); },
                      20000);
    take("site-sky");
    drive::click(window, "site-climate");
    take("site-climate");
    drive::click(window, "site-plan");
    window.show_desk(DeskKind::light);
    if (wants({"light-moment"})) {
        window.desktop().show(Shown::moment);
        drive::wait_until([&] { return window.maps().lamp(Shown::moment).state == Lamp::State::settled; }, 240000);
        drive::move(window, {4, 2});
        take("light-moment");
    }
    window.desktop().show(Shown::daylight_factor);
    if (wants({"light", "light-profile", "light-two"})) {
        for (const size_t option : {size_t{0}, size_t{1}}) {
            window.document().show_option(option);
            drive::settle(window);
        }
        Legend legend;
        legend.contours = true;
        legend.values = false;
        legend.low = 2;
        window.desktop().legends().set(QStringLiteral("daylight_factor"), legend);
        drive::click_sheet(window, {4, 2.5});
        drive::move(window, {11.5, 2});
        take("light");
        window.desktop().legends().set(QStringLiteral("daylight_factor"), {});
        for (const wp::Vec2 at : {wp::Vec2{3, 3}, wp::Vec2{7.4, 1.2}, wp::Vec2{17.8, 6}}) {
            drive::key(window, Qt::Key_Q);
            drive::click_sheet(window, at);
        }
        drive::key(window, Qt::Key_Escape);
        window.document().select({});
        drive::key(window, Qt::Key_I);
        drive::drag(window, {4.2, -1.0}, {4.2, 9.0});
        auto* with = window.findChild<QComboBox*>(QStringLiteral("profile-with"));
        with->setCurrentIndex(1);
        emit with->activated(1);
        QTest::qWait(8000);
        QTest::mouseMove(&window.part<ProfileView>(), QPoint(150, 150));
        take("light-profile");
        drive::click(window, "companion-model");
        drive::key(window, Qt::Key_Z);
        window.document().show_option(0);
        drive::settle(window);
        QTest::mouseMove(&window.part<PairView>(), QPoint(300, 160));
        take("light-two");
        drive::click(window, "pair-close");
        window.document().show_option(1);
        drive::settle(window);
    }
    if (wants({"light-eye"})) {
        drive::click_sheet(window, {5, 4});
        window.desktop().show_companion(&window.part<EyeView>());
        window.asker().eye().look_through("reader", 0);
        drive::wait_until(
            [&] {
                const auto seen = window.answers().glare(window.document().option().id);
                return seen != nullptr && !window.asker().eye().is_settling();
            },
            300000);
        take("light-eye");
    }
    if (wants({"light-glare", "light-glare-year"})) {
        window.document().show_option(2);
        window.document().show_moment({9, 27, 15.5});
        window.document().select({});
        drive::key(window, Qt::Key_G, Qt::ControlModifier | Qt::ShiftModifier);
        auto& page = window.part<GlarePage>();
        drive::wait_until([&] { return !page.seats().found().empty() && !page.seats().is_working(); }, 300000);
        drive::wait_until([&] { return !window.asker().eye().is_settling(); }, 300000);
        QTest::mouseMove(&window.sheet(), QPoint(5, 5));
        take("light-glare");
        static_cast<QComboBox*>(drive::widget(window, "glare-limit"))->setCurrentIndex(0);
        static_cast<QComboBox*>(drive::widget(window, "glare-when"))->setCurrentIndex(1);
        drive::click(window, "glare-run");
        drive::wait_until([&] { return !page.year().seats().empty(); }, 300000);
        QTest::qWait(500);
        window.document().show_moment({2, 3, 12.5});
        drive::click(window, "glare-look");
        drive::wait_until([&] { return !window.asker().eye().is_settling(); }, 300000);
        take("light-glare-year");
        static_cast<QComboBox*>(drive::widget(window, "glare-when"))->setCurrentIndex(0);
        window.document().show_option(1);
    }
    if (wants({"glare-map", "certify-glare"})) {
        window.document().show_option(1);
        window.document().select({});
        const auto option = window.document().option().id;
        wp::model::Question seats =
            wp::model::question_of(window.document().project(), wp::model::Question::Kind::glare_year);
        seats.id = "seats-all-over";
        seats.name = "Where can one sit?";
        seats.glare_year.places = wp::model::SeatsChoice::Places::lattice;
        seats.glare_year.apart = 3;
        seats.planes = {window.document().option().planes.front().id};
        wp::model::Question used = seats;
        used.id = "glare-of-use";
        used.name = "Glare in the time of use";
        used.glare_year = {};
        used.planes.clear();
        window.desktop().ask_questions({seats, used});
        QTest::qWait(1000);
        drive::wait_until([&] { return !window.asker().jobs().is_running(); }, 900000);
        window.desktop().maps().choose_table(seats.id, 0);
        window.desktop().show(Shown::table);
        QTest::qWait(1500);
        take("glare-map");
        window.document().edit(QStringLiteral("Sets"), [](wp::model::Project& p) { p.criteria = {"en-17037-glare"}; });
        window.show_desk(DeskKind::certify);
        QTest::qWait(3000);
        if (auto* card = window.findChild<CertifyPanel*>()->card("en-17037-glare")) card->open(true);
        QTest::qWait(1000);
        take("certify-glare");
    }
    if (wants({"picture"})) {
        auto& large = window.part<PictureWindow>();
        auto& eye = window.asker().eye();
        window.document().show_moment({2, 17, 12.5});
        window.document().show_option(1);
        eye.look_through("reader", 0);
        large.show();
        const auto settled = [&] { return large.shown() != nullptr && !eye.is_settling(); };
        drive::wait_until(settled, 300000);
        large.hold_picture();
        auto choice = eye.choice();
        choice.blinds = wp::model::PictureChoice::Blinds::open;
        eye.take_as(choice);
        drive::wait_until(settled, 300000);
        QTest::qWait(1500);
        large.grab().save(QStringLiteral("%1/picture.png").arg(QString::fromLatin1(argv[2])));
        auto& pictures = window.asker().pictures();
        QTimer::singleShot(200, [&] {
            auto* dialog = QApplication::activeModalWidget();
            dialog->findChild<QListWidget*>(QStringLiteral("batch-options"))->item(0)->setCheckState(Qt::Checked);
            dialog->grab().save(QStringLiteral("%1/batch.png").arg(QString::fromLatin1(argv[2])));
            dialog->findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Ok)->click();
        });
        choice.surely = 3;
        choice.blinds = wp::model::PictureChoice::Blinds::as_they_stand;
        eye.take_as(choice);
        large.take_many();
        drive::wait_until([&] { return pictures.pictures().size() == pictures.wanted(); }, 900000);
        QTest::qWait(500);
        large.grab().save(QStringLiteral("%1/contact-sheet.png").arg(QString::fromLatin1(argv[2])));
        large.hide();
    }
    if (wants({"build-luminaires", "light-scenes", "light-both"})) {
        window.document().show_option(0);
        window.document().show_storey(0);
        window.document().select({});
        window.desktop().show_desk(wp::gui::DeskKind::build);
        window.desktop().show_page(&window.part<wp::gui::LuminairesPage>());
        window.document().select({wp::model::Item::Kind::luminaire, "pendant-2", -1});
        drive::wait_until([&] { return window.desktop().maps().map(window.desktop().shown()).settled; }, 60000);
        QTest::qWait(1500);
        take("build-luminaires");
        window.document().select({});
        window.desktop().show_desk(wp::gui::DeskKind::light);
        window.desktop().show_page(&window.part<wp::gui::ScenesPage>());
        window.part<wp::gui::ScenesPage>().show_scene("evening");
        drive::wait_until(
            [&] {
                const auto map = window.desktop().maps().map(wp::gui::Shown::electric);
                return map.settled && !map.layers.empty();
            },
            120000);
        QTest::mouseMove(&window.sheet(), QPoint(5, 5));
        window.document().show_moment({12, 21, 18});
        window.asker().eye().take_scene("evening");
        window.asker().eye().look_through("desk", 1);
        window.desktop().show_companion(&window.part<wp::gui::EyeView>());
        drive::wait_until(
            [&] { return !window.asker().eye().is_settling() && window.answers().glare("found") != nullptr; }, 60000);
        QTest::qWait(1500);
        take("light-scenes");
        window.document().show_moment({12, 21, 14.5});
        window.desktop().show(wp::gui::Shown::both);
        drive::wait_until(
            [&] {
                const auto map = window.desktop().maps().map(wp::gui::Shown::both);
                return map.settled && !map.layers.empty();
            },
            120000);
        QTest::qWait(2500);
        take("light-both");
    }
    if (wants({"light-clock"})) {
        window.document().show_option(1);
        window.document().show_moment({3, 4, 10.5});
        window.document().select({});
        wp::model::Question clock;
        clock.id = "clock";
        clock.name = "Melanopic light over the year";
        clock.kind = wp::model::Question::Kind::body_clock;
        clock.sky_colour = wp::model::SkyColour::by_luminance;
        clock.accuracy = 0.1;
        window.desktop().ask_questions({clock});
        drive::key(window, Qt::Key_B, Qt::ControlModifier | Qt::ShiftModifier);
        QTest::qWait(1000);
        take("light-clock-asked");
        drive::wait_until([&] { return !window.asker().jobs().is_running(); }, 900000);
        QTest::mouseMove(&window.sheet(), QPoint(5, 5));
        QTest::qWait(1000);
        take("light-clock");
    }
    if (wants({"picture-colour"})) {
        auto& large = window.part<PictureWindow>();
        auto& eye = window.asker().eye();
        window.document().show_moment({2, 17, 12.5});
        window.document().show_option(1);
        eye.look_through("reader", 0);
        auto choice = eye.choice();
        choice.of = wp::model::PictureChoice::Of::wavelengths;
        choice.pixels = 512;
        eye.take_as(choice);
        large.show();
        drive::wait_until([&] { return large.shown() != nullptr && large.shown()->spectral != nullptr; }, 300000);
        auto* look = large.findChild<QComboBox*>(QStringLiteral("picture-look"));
        auto* beside = large.findChild<QComboBox*>(QStringLiteral("picture-beside"));
        look->setCurrentIndex(3);
        const auto choose = [&](int at) {
            beside->setCurrentIndex(at);
            emit beside->activated(at);
            QTest::qWait(1500);
        };
        choose(1);
        QTest::mouseMove(&large.left(), large.left().rect().center());
        QTest::qWait(300);
        large.grab().save(QStringLiteral("%1/picture-colour.png").arg(QString::fromLatin1(argv[2])));
        look->setCurrentIndex(0);
        choose(2);
        large.grab().save(QStringLiteral("%1/picture-ratio.png").arg(QString::fromLatin1(argv[2])));
        choose(0);
        look->setCurrentIndex(0);
        choice.of = wp::model::PictureChoice::Of::luminance;
        choice.pixels = 256;
        eye.take_as(choice);
        large.hide();
    }
    if (wants({"series", "series-map"})) {
        window.document().show_option(1);
        window.document().select_all({{Selection::Kind::opening, "W-02", -1}, {Selection::Kind::opening, "W-03", -1}});
        window.show_desk(DeskKind::compare);
        auto* views = window.findChild<QTabWidget*>(QStringLiteral("compare-views"));
        views->setCurrentIndex(1);
        QTest::qWait(300);
        auto& steps = *window.findChild<StepsView*>();
        const auto choose = [&](const char* box, const char* part) {
            auto* one = window.findChild<QComboBox*>(QString::fromLatin1(box));
            for (int i = 0; i < one->count(); ++i)
                if (one->itemText(i).contains(QString::fromLatin1(part))) {
                    one->setCurrentIndex(i);
                    return emit one->activated(i);
                }
        };
        choose("series-first-number", "Head");
        drive::type_into(drive::widget(window, "series-first-from"), "1.7");
        drive::type_into(drive::widget(window, "series-first-to"), "2.7");
        const bool map = wants({"series-map"});
        if (map) {
            drive::click(window, "series-two");
            choose("series-second-number", "Width");
            drive::type_into(drive::widget(window, "series-second-steps"), "4");
        }
        drive::click(window, "series-ask");
        drive::wait_until([&] { return !window.asker().jobs().is_running(); }, 900000);
        QTest::qWait(500);
        choose("series-figure", map ? "Daylight factor, mean" : "300");
        QTest::mouseClick(&steps, Qt::LeftButton, {}, steps.place_of(3).toPoint());
        take(map ? "series-map" : "series");
    }
    const auto annex = std::filesystem::path(argv[1]).parent_path() / "import" / "annex.ifc";
    if (names.contains("import")) {
        ImportDialog dialog(window.document(), annex, &window);
        dialog.show();
        drive::wait_until([&] { return dialog.is_read(); }, 60000);
        QTest::qWait(800);
        dialog.grab().save(QStringLiteral("%1/import.png").arg(folder));
        return 0;
    }
    if (names.contains("walk-importing")) return walk_importing(window, annex), 0;
    if (names.contains("walk-evening")) return walk_evening(window), 0;
    if (names.contains("walk-deciding")) return walk_deciding(window, take), 0;
    if (!wants({"compare", "compare-maps", "compare-against", "certify", "report", "light-year", "light-use",
                "light-months", "build-dark"}))
        return 0;
    window.show_desk(DeskKind::compare);
    if (wants({"compare", "compare-maps", "compare-against", "certify", "report", "light-year", "light-use",
               "light-months"})) {
        window.asker().ask_all();
        drive::wait_until(
            [&] {
                return !window.asker().jobs().is_running() &&
                       window.answers().year_count() == window.document().project().options.size();
            },
            900000);
    }
    if (auto* views = window.findChild<QTabWidget*>(QStringLiteral("compare-views"))) views->setCurrentIndex(0);
    QTest::qWait(1500);
    take("compare");
    if (wants({"compare-maps", "compare-hours", "compare-days", "compare-months", "compare-profile", "compare-arcs",
               "compare-eyes", "compare-figures", "compare-against"})) {
        auto* views = window.findChild<QTabWidget*>(QStringLiteral("compare-views"));
        views->setCurrentIndex(2);
        QTest::qWait(2500);
        auto* maps = drive::widget(window, "side-maps");
        auto* kinds = static_cast<QComboBox*>(drive::widget(window, "side-kind"));
        const char* names[] = {"maps", "hours", "days", "months", "profile", "arcs", "eyes", "figures"};
        for (int kind = 0; kind < 8; ++kind) {
            const std::string name = std::string("compare-") + names[kind];
            if (!wants({name.c_str()})) continue;
            kinds->setCurrentIndex(kind);
            emit kinds->activated(kind);
            QTest::qWait(2500);
            if (kind == 5 || kind == 6) {
                drive::click(window, "side-ask");
                drive::wait_until([&] { return !window.asker().jobs().is_running(); }, 900000);
                QTest::qWait(2000);
            }
            const QRectF first = static_cast<SideView*>(maps)->cell(0);
            QTest::mouseMove(maps, QPointF(first.left() + 0.4 * first.width(), first.center().y() + 8).toPoint());
            take(name.c_str());
        }
        views->setCurrentIndex(3);
        auto* scatter = static_cast<ScatterView*>(drive::widget(window, "scatter"));
        drive::wait_until([&] { return scatter->dots().size() >= 3; }, 60000);
        QTest::qWait(500);
        take("compare-against");
        views->setCurrentIndex(0);
    }
    window.show_desk(DeskKind::certify);
    // Why a room fails as it was found, and what would do.
    const size_t shown = window.document().option_index();
    window.document().show_option(0);
    auto& verdicts = *window.findChild<CertifyPanel*>();
    const char* provision = "en-17037-provision";
    const auto failing = [&]() -> QTableWidgetItem* {
        auto* card = verdicts.card(provision);
        for (int r = 0; card != nullptr && r < card->table()->rowCount(); ++r)
            if (card->table()->item(r, 0)->text().startsWith(QStringLiteral("Children")))
                return card->table()->item(r, 1);
        return nullptr;
    };
    drive::wait_until([&] { return failing() != nullptr && !failing()->text().contains(QStringLiteral("not asked")); },
                      60000);
    if (failing() != nullptr) {
        verdicts.card(provision)->open(true);
        verdicts.card(provision)->table()->setCurrentItem(failing());
        drive::click(window, "what-would-do");
        const auto* found = window.findChild<QLabel*>(QStringLiteral("remedies"));
        drive::wait_until(
            [&] {
                return found->text().contains(QLatin1Char('\n')) || found->text().startsWith(QStringLiteral("None"));
            },
            120000);
    }
    take("certify");
    window.show_desk(DeskKind::report);
    auto& report = *window.findChild<ReportPanel*>();
    drive::wait_until([&] { return report.book() != nullptr && report.book()->mark("room:children") != nullptr; },
                      60000);
    QTest::qWait(1500);
    if (report.book() != nullptr)
        if (const auto* mark = report.book()->mark("room:children"))
            window.findChild<PageView*>()->go_to(mark->page, mark->y - 40);
    take("report");
    window.document().show_option(shown);
    window.show_desk(DeskKind::light);
    window.desktop().show_companion(&window.part<ModelView>());
    window.desktop().show(wp::figure::daylight_autonomy());
    const auto strip_of = [&](StripOf of) {
        YearWish wish = window.asker().wish();
        wish.strip = of;
        window.asker().wish_year(wish);
        window.desktop().strip().show_strip_of(of);
        drive::wait_until(
            [&] {
                return window.answers().year_reading(window.document().option().id)->wish == window.asker().wish() &&
                       window.answers().year_reading(window.document().option().id)->tables != nullptr;
            },
            20000);
    };
    drive::key(window, Qt::Key_Y, Qt::ShiftModifier);
    drive::click_sheet(window, {12, 2});
    if (auto* figures = window.findChild<QTableWidget*>(QStringLiteral("year-figures"))) figures->setCurrentCell(4, 0);
    strip_of(StripOf::share);
    take("light-year");
    if (wants({"light-year-both"})) {
        YearWish wish = window.asker().wish();
        wish.counted = wp::question::LightCounted::both;
        window.asker().wish_year(wish);
        strip_of(StripOf::point);
        take("light-year-both");
    }
    drive::click(window, "side-maps");
    drive::wait_until([&] { return !window.answers().year_reading(window.document().option().id)->by_month.empty(); },
                      20000);
    drive::click(window, "year-show-hours");
    take("light-months");
    drive::click(window, "side-maps");
    for (int i = 0; i < pages->count(); ++i)
        if (pages->tabText(i) == QStringLiteral("Use")) pages->setCurrentIndex(i);
    drive::click_sheet(window, {4, 5});
    window.part<YearView>().show_page(YearView::Page::electric);
    strip_of(StripOf::blinds);
    take("light-use");
    strip_of(StripOf::outdoor);
    apply_look(application, Paper::dark);
    renew_icons(window);
    window.document().show_option(1);
    window.show_desk(DeskKind::build);
    drive::settle(window);
    drive::click_sheet(window, {5, 4});
    take("build-dark");
    return 0;
}
