// SPDX-License-Identifier: GPL-3.0-or-later
// A page and a tool that are in no program: one file, and one line to have each.
#include <gtest/gtest.h>

#include "gui/drive.h"
#include "gui/window/parts.h"
#include "support.h"

using namespace wp;
using namespace wp::gui;

namespace {

Page counting_page(Desktop& desktop) {
    auto* page = new QLabel(desktop.window());
    QObject::connect(&desktop, &Desktop::map_shown, page,
                     [page](const SheetMap& map) { page->setText(QString::number(map.layers.size())); });
    return {QStringLiteral("Counting"), QStringLiteral("How many planes the map has"), on_desk(DeskKind::light), page};
}

// Names the room that is clicked.
class NamingTool : public SheetTool {
    static constexpr ToolTraits kTraits{"Naming", ToolGroup::measures, "Name what is clicked",
                                        "ruler",  "Ctrl+Alt+Shift+N",  "Say what a room is called",
                                        "ask"};

 public:
    explicit NamingTool(Sheet& sheet) : SheetTool(sheet, kTraits) {}
    QString hint() const override { return said_.isEmpty() ? QStringLiteral("Click a room") : said_; }
    void press(const Pointing& pointing) override {
        const Selection under = sheet().pick(pointing.at);
        said_ = QString::fromStdString(model::item_name(sheet().document().option(), under));
    }
    bool cancel() override { return !std::exchange(said_, {}).isEmpty(); }

 private:
    QString said_;
};
SheetTool* make_naming_tool(Sheet& sheet) { return new NamingTool(sheet); }

}  // namespace

TEST(Parts, a_page_is_one_file_and_one_line) {
    page_makers().push_back(counting_page);
    {
        Window window;
        drive::show(window);
        auto* tabs = window.findChild<QTabWidget*>(QStringLiteral("pages"));
        const int at = tabs->count() - 1;
        EXPECT_EQ(tabs->tabText(at), QStringLiteral("Counting"));
        EXPECT_FALSE(tabs->isTabVisible(at)) << "it stands on the Light desk";
        drive::click(window, "desk-light");
        EXPECT_TRUE(tabs->isTabVisible(at));
        QTest::mouseClick(tabs->tabBar(), Qt::LeftButton, {}, tabs->tabBar()->tabRect(at).center());
        EXPECT_EQ(qobject_cast<QLabel*>(tabs->currentWidget())->text(), QStringLiteral("0"));
        drive::click(window, "desk-build");
        drive::click(window, "desk-light");
        EXPECT_EQ(tabs->currentIndex(), at) << "a desk keeps its page";
        window.document().undo_stack().setClean();
    }
    page_makers().pop_back();
}

TEST(Parts, a_tool_is_one_file_and_one_line) {
    tool_makers().push_back(make_naming_tool);
    {
        Window window;
        drive::show(window);
        QStringList said;
        QObject::connect(&window.sheet(), &Sheet::hint, &window, [&](const QString& text) { said << text; });
        drive::click(window, "tool-room");
        drive::drag(window, {0, 0}, {4, 3});
        drive::click(window, "tool-naming");
        EXPECT_EQ(said.back(), QStringLiteral("Click a room")) << "the line at the foot is its own";
        drive::click_sheet(window, {2, 1.5});
        EXPECT_EQ(said.back(), QStringLiteral("Room 01"));
        EXPECT_TRUE(window.document().selected().size() == 1 && window.document().option().storeys[0].rooms.size() == 1)
            << "the pointer does nothing else meanwhile";
        QTest::keyClick(&window.sheet(), Qt::Key_Escape);
        EXPECT_EQ(said.back(), QStringLiteral("Click a room")) << "one Escape gives up what is begun";
        QTest::keyClick(&window.sheet(), Qt::Key_Escape);
        EXPECT_STREQ(window.sheet().tool_in_hand().traits().name, "Select") << "the next puts the tool down";
        EXPECT_NE(window.desktop().commands().find(QStringLiteral("Name what is clicked")), nullptr)
            << "the palette and the keys have it";
        window.document().undo_stack().setClean();
    }
    tool_makers().pop_back();
}
