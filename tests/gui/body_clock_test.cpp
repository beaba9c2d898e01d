// SPDX-License-Identifier: GPL-3.0-or-later
// Light for the body clock by hand: asked in the box, read beside the plan, a day chosen by the pointer; pictures by
// wavelength, in colour and beside their melanopic light.
#include "gui/clock/body_clock_page.h"

#include <gtest/gtest.h>

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTest>
#include <QTimer>

#include "asked_room.h"
#include "base/file.h"
#include "climate/epw.h"
#include "gui/drive.h"
#include "gui/picture/light_spectrum_view.h"
#include "gui/picture/picture_window.h"
#include "store/project_file.h"
#include "support.h"

using namespace wp;
using namespace wp::gui;

namespace {

class BodyClock : public ::testing::Test {
 protected:
    void SetUp() override {
        auto project = test::asked_room(0.06);
        model::Observer back = project.options[0].observers[0];
        back.id = "back";
        back.name = "Back";
        back.heading = 0;
        project.options[0].observers.push_back(back);
        ASSERT_FALSE(store::save_project(project, folder / "p.warmpane"));
        ASSERT_FALSE(write_file(folder / "year.epw", climate::write_epw(test::weather())));
        window = std::make_unique<Window>();
        ASSERT_FALSE(window->open(folder / "p.warmpane"));
        drive::show(*window);
        ASSERT_TRUE(drive::read_weather(*window));
        window->show_desk(DeskKind::light);
    }
    template <class T>
    T* part(const char* name) {
        return window->findChild<T*>(QString::fromLatin1(name));
    }
    static void choose(QComboBox* box, int at) {
        box->setCurrentIndex(at);
        emit box->activated(at);
    }
    test::Folder folder;
    std::unique_ptr<Window> window;
};

TEST_F(BodyClock, is_asked_and_read_and_a_day_is_chosen_in_its_year) {
    drive::key(*window, Qt::Key_B, Qt::ControlModifier | Qt::ShiftModifier);
    auto& page = window->part<BodyClockPage>();
    ASSERT_TRUE(page.isVisible());
    EXPECT_TRUE(part<QLabel>("clock-hint")->text().contains(QStringLiteral("Ask")));
    QTimer::singleShot(300, window.get(), [&] {
        auto* box = QApplication::activeModalWidget();
        ASSERT_NE(box, nullptr);
        EXPECT_TRUE(box->findChild<QComboBox*>(QStringLiteral("question-brow"))->isVisible());
        EXPECT_FALSE(box->findChild<QComboBox*>(QStringLiteral("question-when"))->isVisible()) << "of moments";
        box->findChild<QComboBox*>(QStringLiteral("question-bands"))->setCurrentIndex(0);
        auto* error = box->findChild<QLineEdit*>(QStringLiteral("question-error"));
        error->setText(QStringLiteral("30"));
        auto* level = box->findChild<QLineEdit*>(QStringLiteral("question-level"));
        level->setText(QStringLiteral("250"));
        QTest::keyClick(level, Qt::Key_Return);
    });
    drive::click(*window, "clock-ask");
    const auto& questions = window->document().project().questions;
    ASSERT_EQ(questions.back().kind, model::Question::Kind::body_clock);
    EXPECT_EQ(questions.back().body_clock.level, 250);
    EXPECT_EQ(questions.back().bands, 3);
    ASSERT_TRUE(drive::wait_until([&] { return !page.hours().light().melanopic.empty(); }, 300000));
    EXPECT_TRUE(part<QLabel>("clock-figures")->text().contains(QStringLiteral("250 lx for 4 h begun by 12 h")));
    EXPECT_EQ(part<QComboBox>("clock-eye")->count(), 2);
    EXPECT_EQ(page.hours().light().level, 250);
    // A press into the year turns the clock to that day.
    auto& view = page.hours();
    QTest::mouseClick(&view, Qt::LeftButton, {}, QPoint(view.width() * 3 / 4, view.height() * 3 / 4));
    EXPECT_EQ(window->document().moment().day_of_year(), page.hours().light().day);
    EXPECT_GT(page.hours().light().day, 200);
    // The other eyes have other light.
    const auto before = page.hours().light().melanopic;
    choose(part<QComboBox>("clock-eye"), 1);
    EXPECT_NE(page.hours().light().melanopic, before);
}

TEST_F(BodyClock, a_picture_by_wavelength_is_seen_in_colour_and_beside_its_melanopic_light) {
    auto& large = window->part<PictureWindow>();
    window->document().show_moment({3, 21, 11});
    large.show();
    auto* of = large.findChild<QComboBox*>(QStringLiteral("picture-of"));
    auto* bands = large.findChild<QComboBox*>(QStringLiteral("picture-bands"));
    EXPECT_FALSE(bands->isVisible());
    choose(of, 2);
    EXPECT_TRUE(bands->isVisible());
    choose(bands, 0);
    ASSERT_TRUE(
        drive::wait_until([&] { return large.shown() != nullptr && large.shown()->spectral != nullptr; }, 120000));
    EXPECT_EQ(large.shown()->spectral->bands.size(), 3u);
    const QString facts = large.findChild<QLabel*>(QStringLiteral("picture-facts"))->text();
    EXPECT_TRUE(facts.contains(QStringLiteral("melanopic EDI at the eye"))) << facts.toStdString();
    choose(large.findChild<QComboBox*>(QStringLiteral("picture-beside")), 1);
    ASSERT_TRUE(drive::wait_until([&] { return large.right().isVisible(); }, 20000));
    EXPECT_EQ(large.right().answer()->picture.of, light::PictureOf::melanopic);
    large.findChild<QComboBox*>(QStringLiteral("picture-look"))->setCurrentIndex(3);
    EXPECT_EQ(large.style().look, report::PictureStyle::Look::coloured);
    EXPECT_TRUE(large.findChild<LightSpectrumView*>()->isVisible());
    choose(large.findChild<QComboBox*>(QStringLiteral("picture-beside")), 2);
    ASSERT_TRUE(
        drive::wait_until([&] { return large.right().answer()->picture.of == light::PictureOf::ratio; }, 20000));
    const auto path = std::filesystem::temp_directory_path() / "warmpane-colour.exr";
    EXPECT_FALSE(large.save_as(path));
    std::filesystem::remove(path);
    large.hide();
}

}  // namespace
