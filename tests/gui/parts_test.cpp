// SPDX-License-Identifier: GPL-3.0-or-later
// A page that is in no program: one file, and one line to have it.
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
