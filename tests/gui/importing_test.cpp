// SPDX-License-Identifier: GPL-3.0-or-later
// A building of another program, looked at and taken in by hand.
#include <QSettings>
#include <QTabWidget>
#include <QTableWidget>

#include "base/file.h"
#include "gui/importing/import_dialog.h"
#include "incoming/foreign_files.h"
#include "matter_hands.h"

using namespace wp;
using namespace wp::test;

namespace {

class Importing : public Hands {
 protected:
    void SetUp() override {
        QSettings settings;
        settings.remove(QStringLiteral("import-layers"));
        auto project = one_room();
        project.options[0].name = "Drawn";
        open(project);
    }
    std::filesystem::path file(const std::string& name, const std::string& text) {
        EXPECT_FALSE(write_file(folder_ / name, text));
        return folder_ / name;
    }
    std::unique_ptr<ImportDialog> shown(const std::filesystem::path& path) {
        auto dialog = std::make_unique<ImportDialog>(window->document(), path, window.get());
        dialog->show();
        return dialog;
    }
    template <class T>
    static T* part(QDialog& dialog, const char* name) {
        return dialog.findChild<T*>(QString::fromLatin1(name));
    }
    static void click(QDialog& dialog, const char* name) {
        QTest::mouseClick(part<QWidget>(dialog, name), Qt::LeftButton);
    }
    Folder folder_;
};

}  // namespace

TEST_F(Importing, a_house_is_looked_at_measured_by_a_door_and_taken_in_as_an_option_of_its_own) {
    const auto dialog = shown(file("house.ifc", ForeignHouse::sound().ifc()));
    ASSERT_TRUE(drive::wait_until([&] { return dialog->is_read(); }, 20000));
    EXPECT_EQ(window->document().project().options.size(), 1u) << "nothing is changed yet";
    EXPECT_TRUE(
        part<QLabel>(*dialog, "import-measures")->text().contains(QStringLiteral("0.90 m wide and 2.10 m high")))
        << part<QLabel>(*dialog, "import-measures")->text().toStdString();
    EXPECT_EQ(part<QComboBox>(*dialog, "import-storey")->count(), 2);
    EXPECT_EQ(part<QComboBox>(*dialog, "import-into")->currentData().toString(), QStringLiteral("new"));
    click(*dialog, "import-take");
    ASSERT_EQ(window->document().project().options.size(), 2u);
    EXPECT_EQ(window->document().option().name, "house");
    EXPECT_EQ(window->document().option().storeys[0].rooms.size(), 2u);
    EXPECT_TRUE(dialog->said().contains(QStringLiteral("added")));
    window->document().undo_stack().undo();
    EXPECT_EQ(window->document().project().options.size(), 1u) << "one step of undo";
}

TEST_F(Importing, what_was_left_out_is_told_first_and_shown_on_the_plan) {
    auto house = ForeignHouse::sound();
    house.holes.push_back({"Lost window", {9, 9}, {10, 9}, 1, 1, false});
    const auto dialog = shown(file("house.xml", house.gbxml()));
    ASSERT_TRUE(drive::wait_until([&] { return dialog->is_read(); }, 20000));
    auto* account = part<QTableWidget>(*dialog, "import-account");
    ASSERT_GT(account->rowCount(), 0);
    EXPECT_EQ(account->item(0, 1)->text(), QStringLiteral("Lost window"));
    QTest::mouseClick(account->viewport(), Qt::LeftButton, {}, account->visualItemRect(account->item(0, 1)).center());
    ASSERT_TRUE(dialog->plan().marked());
    EXPECT_NEAR(dialog->plan().marked()->x, 9.5, 1e-6);
}

TEST_F(Importing, layers_of_a_mesh_become_rooms_and_windows_and_are_known_the_next_time) {
    const auto path = file("house.obj", ForeignHouse::sound().obj());
    {
        const auto dialog = shown(path);
        ASSERT_TRUE(drive::wait_until([&] { return dialog->is_read(); }, 20000));
        auto* tabs = part<QTabWidget>(*dialog, "import-tabs");
        tabs->setCurrentIndex(1);
        auto* layers = part<QTableWidget>(*dialog, "import-layers");
        ASSERT_EQ(layers->rowCount(), 3);
        for (int row = 0; row < 3; ++row) {
            auto* role = static_cast<QComboBox*>(layers->cellWidget(row, 1));
            const QString layer = layers->item(row, 0)->text();
            if (layer == QStringLiteral("neighbour")) continue;
            const int index = role->findText(layer == QStringLiteral("room") ? QStringLiteral("hull of a room")
                                                                             : QStringLiteral("window"));
            role->setCurrentIndex(index);
            emit role->activated(index);
            ASSERT_TRUE(drive::wait_until([&] { return dialog->is_read(); }, 20000));
        }
        click(*dialog, "import-take");
        EXPECT_EQ(window->document().option().storeys[0].rooms.size(), 2u);
        EXPECT_EQ(window->document().option().things.size(), 1u) << "the neighbour";
    }
    const auto again = shown(path);
    ASSERT_TRUE(drive::wait_until(
        [&] {
            return again->is_read() && part<QLabel>(*again, "import-state")->text().contains(QStringLiteral("3 rooms"));
        },
        20000))
        << part<QLabel>(*again, "import-state")->text().toStdString();
    EXPECT_NE(part<QComboBox>(*again, "import-into")->currentData().toString(), QStringLiteral("new"))
        << "it goes where it went before";
}

TEST_F(Importing, an_edited_file_says_what_it_changes_before_it_is_taken_in_again) {
    auto house = ForeignHouse::sound();
    {
        const auto dialog = shown(file("house.ifc", house.ifc()));
        ASSERT_TRUE(drive::wait_until([&] { return dialog->is_read(); }, 20000));
        click(*dialog, "import-take");
    }
    const auto option = window->document().option().id;
    house.rooms.pop_back();
    house.holes.pop_back();
    for (auto& p : house.rooms[0].outline)
        if (p.y > 3) p.y = 4.4;
    const auto dialog = shown(file("house.ifc", house.ifc()));
    ASSERT_TRUE(drive::wait_until([&] { return dialog->is_read(); }, 20000));
    EXPECT_EQ(part<QComboBox>(*dialog, "import-into")->currentData().toString().toStdString(), option);
    auto* account = part<QTableWidget>(*dialog, "import-account");
    QStringList told;
    for (int row = 0; row < account->rowCount(); ++row)
        told << account->item(row, 1)->text() + QStringLiteral(": ") + account->item(row, 2)->text();
    EXPECT_TRUE(told.contains(QStringLiteral("Loft: it is in the file no more: it was taken away")))
        << told.join("; ").toStdString();
    EXPECT_TRUE(told.contains(QStringLiteral("Study: it has another form"))) << told.join("; ").toStdString();
    EXPECT_EQ(window->document().option().storeys.size(), 2u) << "nothing is changed yet";
    click(*dialog, "import-take");
    EXPECT_TRUE(dialog->said().contains(QStringLiteral("taken away")));
    EXPECT_EQ(window->document().project().arrivals.size(), 1u);
}

TEST_F(Importing, a_damaged_file_says_so_and_nothing_can_be_taken) {
    const auto dialog = shown(file("broken.ifc", "ISO-10303-21;\nHEADER;\nENDSEC;\nDATA;\n#1=IFCX((;\n"));
    ASSERT_TRUE(drive::wait_until(
        [&] { return part<QLabel>(*dialog, "import-state")->text().contains(QStringLiteral("broken.ifc")); }, 20000));
    EXPECT_FALSE(part<QPushButton>(*dialog, "import-take")->isEnabled());
}
