// SPDX-License-Identifier: GPL-3.0-or-later
// A page, a tool and a kind of item that are in no program: one file, and one line to have each.
#include <gtest/gtest.h>

#include "edit/items.h"
#include "gui/drive.h"
#include "gui/inspector/inspector_pages.h"
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
        said_ = QString::fromStdString(edit::item_name(sheet().document().option(), under));
    }
    bool cancel() override { return !std::exchange(said_, {}).isEmpty(); }

 private:
    QString said_;
};
SheetTool* make_naming_tool(Sheet& sheet) { return new NamingTool(sheet); }

// Marks on the ground, kept beside the model.
struct Mark {
    model::Id id;
    Vec2 at;
};
std::vector<Mark>& marks() {
    static std::vector<Mark> all;
    return all;
}
Mark* find_mark(const Selection& item) {
    for (Mark& mark : marks())
        if (mark.id == item.id) return &mark;
    return nullptr;
}

class MarkKind : public edit::ItemKind {
 public:
    explicit MarkKind(Item::Kind number) : ItemKind(number, "mark") {}
    edit::Items all(const Option&) const override {
        edit::Items out;
        for (const Mark& mark : marks()) out.push_back({kind(), mark.id, -1});
        return out;
    }
    bool exists(const Option&, const Item& item) const override { return find_mark(item) != nullptr; }
    size_t storey(const Option& option, const Item& item) const override {
        return exists(option, item) ? 0 : option.storeys.size();
    }
    std::string name(const Option& option, const Item& item) const override {
        return exists(option, item) ? item.id : std::string();
    }
    std::vector<Vec2> outline(const Option&, const Item& item) const override {
        const Mark* mark = find_mark(item);
        return mark != nullptr ? std::vector{mark->at} : std::vector<Vec2>();
    }
    bool place(Option&, const Item& item, const edit::Items&, const edit::Placing& placing) const override {
        if (Mark* mark = find_mark(item)) mark->at = placing(mark->at);
        return true;
    }
    bool remove(Option&, const Item& item) const override {
        std::erase_if(marks(), [&](const Mark& mark) { return mark.id == item.id; });
        return true;
    }

 protected:
    bool covers(const Option&, const Item& item, const edit::Touch& touch) const override {
        return length(find_mark(item)->at - touch.place) < 8 * touch.pixel;
    }
    int depth(const Option&, const Item&) const override { return edit::depth::observer; }
};
std::unique_ptr<edit::ItemKind> make_mark_kind(Selection::Kind number) { return std::make_unique<MarkKind>(number); }

void show_mark(Inspector& in) {
    QFormLayout& form = in.group(QStringLiteral("Mark"), "mark");
    in.add_fact(form, QStringLiteral("Called"), [id = in.item().id] { return QString::fromStdString(id); });
}

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

TEST(Parts, a_kind_of_item_is_one_file_and_one_line) {
    const auto kind = edit::add_item_kind(make_mark_kind);
    inspector_pages().push_back({kind, show_mark});
    marks() = {{"north-east", {3, 2}}, {"south-west", {1, 1}}};
    {
        Window window;
        drive::show(window);
        drive::click(window, "tool-room");
        drive::drag(window, {0, 0}, {4, 3});
        drive::click_sheet(window, {3, 2});
        EXPECT_EQ(window.document().selection(), (Selection{kind, "north-east", -1})) << "it lies over the room";
        auto* called = window.findChild<QLabel*>(QStringLiteral("fact-called"));
        ASSERT_NE(called, nullptr) << "the inspector has its page";
        EXPECT_EQ(called->text(), QStringLiteral("north-east"));
        QTest::keyClick(&window.sheet(), Qt::Key_Right);
        EXPECT_GT(marks()[0].at.x, 3.04) << "arrows nudge it";
        EXPECT_EQ(edit::find_by_name(window.document().option(), "south-w").size(), 1u) << "it is found by name";
        QTest::keyClick(&window.sheet(), Qt::Key_Delete);
        EXPECT_EQ(marks().size(), 1u);
        EXPECT_EQ(window.document().option().storeys[0].rooms.size(), 1u) << "the room below stays";
        window.document().undo_stack().setClean();
    }
    inspector_pages().pop_back();
    edit::remove_item_kind();
}
