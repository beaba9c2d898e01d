// SPDX-License-Identifier: GPL-3.0-or-later
// Options as a designer handles them: copied, named, put in order, taken out, and all of it undone.
#include <QApplication>
#include <QDialogButtonBox>
#include <QLineEdit>
#include <QListWidget>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QTimer>

#include "matter_hands.h"

using namespace wp;
using namespace wp::test;

namespace {

class OptionsUse : public Hands {
 protected:
    void SetUp() override {
        Hands::SetUp();
        open(one_room());
        drive::click(*window, "desk-compare");
    }
    Document& document() { return window->document(); }
    void in_options(const std::function<void(QDialog&)>& work) {
        with_dialog([&] { drive::click(*window, "manage-options"); }, work, QDialogButtonBox::Close);
    }
    static void press(QDialog& dialog, const char* name) {
        auto* button = dialog.findChild<QPushButton*>(QString::fromLatin1(name));
        ASSERT_TRUE(button->isEnabled()) << name;
        QTest::mouseClick(button, Qt::LeftButton);
    }
    std::vector<std::string> names() {
        std::vector<std::string> out;
        for (const auto& option : document().project().options) out.push_back(option.name);
        return out;
    }
};

}  // namespace

TEST_F(OptionsUse, are_copied_named_described_and_put_in_order) {
    const std::string first = document().option().name;
    in_options([&](QDialog& dialog) {
        EXPECT_FALSE(dialog.findChild<QPushButton*>(QStringLiteral("option-remove"))->isEnabled())
            << "the last option stays";
        press(dialog, "option-copy");
        auto* name = dialog.findChild<QLineEdit*>(QStringLiteral("option-name"));
        EXPECT_NE(name->text().toStdString(), first) << "no two are called alike";
        name->selectAll();
        QTest::keyClicks(name, QStringLiteral("Higher windows"));
        QTest::keyClick(name, Qt::Key_Return);
        auto* note = dialog.findChild<QPlainTextEdit*>(QStringLiteral("option-note"));
        QTest::keyClicks(note, QStringLiteral("More light from deep in the room"));
        press(dialog, "option-up");
    });
    EXPECT_EQ(names(), (std::vector<std::string>{"Higher windows", first}));
    EXPECT_EQ(document().option().name, "Higher windows") << "the one that was moved stays shown";
    EXPECT_EQ(document().option().note, "More light from deep in the room");
    EXPECT_EQ(static_cast<QComboBox*>(drive::widget(*window, "options"))->currentText(),
              QStringLiteral("Higher windows"));
    while (document().undo_stack().canUndo()) document().undo_stack().undo();
    EXPECT_EQ(names(), std::vector<std::string>{first}) << "all of it is undone";
}

TEST_F(OptionsUse, an_empty_one_is_begun_and_deleted_again) {
    const std::string first = document().option().name;
    in_options([&](QDialog& dialog) {
        press(dialog, "option-empty");
        EXPECT_TRUE(document().option().storeys[0].rooms.empty());
        EXPECT_EQ(dialog.findChild<QListWidget*>(QStringLiteral("option-list"))->count(), 2);
        press(dialog, "option-remove");
    });
    EXPECT_EQ(names(), std::vector<std::string>{first});
}
