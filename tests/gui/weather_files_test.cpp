// SPDX-License-Identifier: GPL-3.0-or-later
// Weather files of a project: tables whose columns are told by hand, the nearest of a folder, one of several. And views
// as files.
#include <poppler-qt6.h>
#include <QFileDialog>
#include <QMessageBox>
#include <QTableWidget>

#include "base/file.h"
#include "climate/epw.h"
#include "climate/weather_table.h"
#include "gui/site/site_panel.h"
#include "gui/site/weather_columns.h"
#include "gui/site/weather_folder.h"
#include "matter_hands.h"

using namespace wp;
using namespace wp::test;

namespace {

class WeatherFiles : public Hands {
 protected:
    void SetUp() override {
        auto project = one_room();
        project.site.latitude = 55.4, project.site.longitude = -3.1, project.site.time_zone = 0;
        open(project);
        window->show_desk(DeskKind::site);
        QObject::connect(&hand_, &QTimer::timeout, [this] { answer(); });
        hand_.start(60);
    }
    // Whatever asks: the columns are taken as they stand, files under the name that is wanted.
    void answer() {
        QWidget* modal = QApplication::activeModalWidget();
        if (auto* columns = qobject_cast<WeatherColumnsDialog*>(modal)) {
            once(in_columns_, *columns);
        } else if (auto* files = qobject_cast<QFileDialog*>(modal)) {
            if (!name_.isEmpty()) files->findChild<QLineEdit*>(QStringLiteral("fileNameEdit"))->setText(name_);
            QTest::keyClick(files->findChild<QLineEdit*>(QStringLiteral("fileNameEdit")), Qt::Key_Return);
        } else if (auto* folder = qobject_cast<WeatherFolderDialog*>(modal)) {
            once(in_folder_, *folder);
        } else if (auto* other = qobject_cast<QDialog*>(modal)) {
            once(in_other_, *other);
        }
    }
    // A dialog that comes again, or that nobody expects, is closed.
    template <class Dialog>
    static void once(std::function<void(Dialog&)>& act, Dialog& dialog) {
        if (!act) return dialog.reject();
        const auto now = std::exchange(act, {});
        now(dialog);
    }
    SitePanel& panel() { return *window->findChild<SitePanel*>(); }
    const model::Site& site() { return window->document().project().site; }
    bool has_year() {
        return drive::wait_until([&] { return window->document().weather() != nullptr; }, 20000);
    }
    static QComboBox& column(WeatherColumnsDialog& dialog, const char* quantity) {
        return *dialog.findChild<QComboBox*>(QStringLiteral("weather-column-%1").arg(QLatin1String(quantity)));
    }
    // Hours of a year under heads that nobody would guess, two lines of words before them.
    std::filesystem::path odd_table() {
        const auto year = test::weather(50, 3);
        std::string text = "A met mast,,\nsince long,,\nA,B,C\n";
        for (const auto& hour : year.hours)
            text += std::to_string(hour.direct_normal) + "," + std::to_string(hour.diffuse_horizontal) + "," +
                    std::to_string(hour.dry_bulb) + "\n";
        EXPECT_FALSE(write_file(folder / "mast.csv", text));
        return folder / "mast.csv";
    }
    QTimer hand_;
    QString name_;
    std::function<void(WeatherColumnsDialog&)> in_columns_;
    std::function<void(WeatherFolderDialog&)> in_folder_;
    std::function<void(QDialog&)> in_other_;
};

}  // namespace

TEST_F(WeatherFiles, a_table_is_told_which_column_holds_what_and_becomes_a_weather_file) {
    bool refused_at_first = false;
    in_columns_ =
        [&](WeatherColumnsDialog& dialog) {
            auto* use = dialog.findChild<QPushButton*>(QStringLiteral("weather-columns-use"));
            EXPECT_EQ(dialog.findChild<QSpinBox*>(QStringLiteral("weather-head-row"))->value(), 3);
            refused_at_first = !use->isEnabled();
            for (const auto& [quantity, key] :
                 {std::pair{"direct", Qt::Key_A}, {"diffuse", Qt::Key_B}, {"dry_bulb", Qt::Key_C}})
                QTest::keyClick(&column(dialog, quantity), key), emit column(dialog, quantity).activated(0);
            EXPECT_EQ(column(dialog, "diffuse").currentText(), QStringLiteral("B"));
            ASSERT_TRUE(use->isEnabled())
                << dialog.findChild<QLabel*>(QStringLiteral("weather-columns-state"))->text().toStdString();
            QTest::mouseClick(use, Qt::LeftButton);
        };
    panel().use_weather(odd_table());
    ASSERT_TRUE(has_year());
    EXPECT_TRUE(refused_at_first) << "A, B and C say nothing";
    EXPECT_EQ(site().weather, "mast.epw");
    EXPECT_NEAR(site().latitude, 55.4, 1e-9) << "the site stays where it is";
    const auto read = climate::read_epw(folder / "mast.epw");
    ASSERT_TRUE(read) << read.fault().line();
    const auto was = test::weather(50, 3);
    for (const size_t hour : {12u, 4000u, 4300u})
        EXPECT_NEAR(read->hours[hour].direct_normal, was.hours[hour].direct_normal, 0.6) << hour;
}

TEST_F(WeatherFiles, the_demos_own_table_needs_no_word) {
    const auto table = std::filesystem::path(WARMPANE_SOURCE) / "demo/import/tern-quay-hours.csv";
    std::error_code error;
    std::filesystem::copy_file(table, folder / "hours.csv", error);
    in_columns_ = [&](WeatherColumnsDialog& dialog) {
        for (const char* quantity : {"month", "day", "hour", "global", "direct", "diffuse", "dry_bulb"})
            EXPECT_GT(column(dialog, quantity).currentIndex(), 0) << quantity;
        auto* use = dialog.findChild<QPushButton*>(QStringLiteral("weather-columns-use"));
        QTest::mouseClick(use, Qt::LeftButton);
    };
    panel().use_weather(folder / "hours.csv");
    ASSERT_TRUE(has_year());
    EXPECT_EQ(site().weather, "hours.epw");
}

TEST_F(WeatherFiles, the_nearest_of_a_folder_is_offered_and_one_of_several_is_taken_up_again) {
    auto near = test::weather(50, 3), far = test::weather(50, 4);
    near.station = "Near", far.station = "Far";
    near.place = {55.5, -3.1, 0, 40}, far.place = {57, -3.1, 0, 4};
    std::filesystem::create_directory(folder / "weather");
    ASSERT_FALSE(write_file(folder / "weather/a.epw", climate::write_epw(far)));
    ASSERT_FALSE(write_file(folder / "weather/b.epw", climate::write_epw(near)));
    in_folder_ = [&](WeatherFolderDialog& dialog) {
        auto* table = dialog.findChild<QTableWidget*>(QStringLiteral("weather-near"));
        ASSERT_EQ(table->rowCount(), 2);
        EXPECT_EQ(table->item(0, 0)->text(), QStringLiteral("Near"));
        EXPECT_EQ(table->item(0, 1)->text(), QStringLiteral("11"));
        EXPECT_EQ(table->currentRow(), 0);
        QTest::mouseClick(dialog.findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Ok), Qt::LeftButton);
    };
    panel().show_folder(folder / "weather");
    ASSERT_TRUE(has_year());
    EXPECT_EQ(site().weather, "weather/b.epw");
    EXPECT_NEAR(site().latitude, 55.4, 1e-9);
    in_folder_ = [&](WeatherFolderDialog& dialog) {
        auto* table = dialog.findChild<QTableWidget*>(QStringLiteral("weather-near"));
        const QPoint second = table->visualItemRect(table->item(1, 0)).center();
        QTest::mouseClick(table->viewport(), Qt::LeftButton, {}, second);
        QTest::mouseDClick(table->viewport(), Qt::LeftButton, {}, second);
    };
    panel().show_folder(folder / "weather");
    ASSERT_TRUE(drive::wait_until([&] { return site().weather == "weather/a.epw"; }, 20000));
    ASSERT_EQ(site().other_weather, std::vector<std::string>{"weather/b.epw"});
    auto* files = panel().findChild<QComboBox*>(QStringLiteral("weather-files"));
    ASSERT_TRUE(drive::wait_until([&] { return files->count() == 2; }));
    files->setFocus();
    QTest::keyClick(files, Qt::Key_Down);
    ASSERT_TRUE(drive::wait_until([&] { return site().weather == "weather/b.epw"; }, 20000));
    EXPECT_EQ(site().other_weather, std::vector<std::string>{"weather/a.epw"});
}

TEST_F(WeatherFiles, a_view_is_saved_as_a_page_and_as_a_picture) {
    window->show_desk(DeskKind::build);
    QTest::qWait(100);
    for (const auto& [form, suffix] : {std::pair{2, "pdf"}, {0, "png"}, {1, "svg"}}) {
        name_ = QString::fromStdString((folder / ("view." + std::string(suffix))).string());
        int views = 0;
        in_other_ = [&, form = form](QDialog& modal) {
            auto* as = modal.findChild<QComboBox*>(QStringLiteral("out-form"));
            ASSERT_NE(as, nullptr);
            views = modal.findChild<QComboBox*>(QStringLiteral("out-view"))->count();
            as->setCurrentIndex(form);
            QTest::mouseClick(modal.findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Ok), Qt::LeftButton);
        };
        drive::key(*window, Qt::Key_P, Qt::ControlModifier | Qt::ShiftModifier);
        ASSERT_TRUE(std::filesystem::exists(name_.toStdString())) << suffix;
        EXPECT_EQ(views, 3) << "the sheet, what stands beside it, the page";
    }
    const auto page = Poppler::Document::load(QString::fromStdString((folder / "view.pdf").string()));
    ASSERT_NE(page, nullptr);
    ASSERT_EQ(page->numPages(), 1);
    // 180 mm, in points.
    EXPECT_NEAR(page->page(0)->pageSizeF().width(), 180 / 25.4 * 72, 1.5);
    const QImage picture(QString::fromStdString((folder / "view.png").string()));
    EXPECT_NEAR(picture.width(), 180 / 25.4 * 300, 3);
}
