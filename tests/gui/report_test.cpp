// SPDX-License-Identifier: GPL-3.0-or-later
// The Report desk as a consultant uses it: read, put in order, named, and written.
#include <poppler-qt6.h>

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QScrollBar>

#include "gui/report/page_view.h"
#include "gui/report/report_panel.h"
#include "matter_hands.h"

using namespace wp;
using namespace wp::test;

namespace {

class ReportUse : public Hands {
 protected:
    void SetUp() override {
        Hands::SetUp();
        auto project = one_room();
        project.criteria = {"en-17037-daylight-factor"};
        open(project);
        drive::click(*window, "desk-report");
        panel = window->findChild<ReportPanel*>();
        pages = window->findChild<PageView*>();
        ASSERT_NE(panel, nullptr);
        list = panel->findChild<QListWidget*>(QStringLiteral("report-sections"));
        ASSERT_TRUE(drive::wait_until([&] { return panel->book() != nullptr; }, 30000));
    }
    Document& document() { return window->document(); }
    // After a change the pages follow.
    template <class Done>
    bool follows(Done done) {
        return drive::wait_until([&] { return panel->book() != nullptr && done(*panel->book()); }, 30000);
    }
    static bool has(const report::Book& book, const char* title) {
        return std::ranges::any_of(
            book.marks, [&](const auto& m) { return m.level == 1 && m.title == QString::fromLatin1(title); });
    }
    QListWidgetItem* section(const char* title) {
        const auto found = list->findItems(QString::fromLatin1(title), Qt::MatchExactly);
        return found.isEmpty() ? nullptr : found.front();
    }

    ReportPanel* panel = nullptr;
    PageView* pages = nullptr;
    QListWidget* list = nullptr;
};

}  // namespace

TEST_F(ReportUse, pages_are_shown_and_tell_the_building_as_it_becomes_known) {
    EXPECT_TRUE(panel->findChild<QLabel*>(QStringLiteral("report-summary"))->text().contains(QStringLiteral("pages")));
    EXPECT_TRUE(follows([](const report::Book& book) { return has(book, "Rooms"); }));
    EXPECT_TRUE(follows([](const report::Book& book) { return book.mark("room:room") != nullptr; }));
    const QImage shot = pages->grab().toImage();
    size_t white = 0;
    for (int y = 0; y < shot.height(); y += 8)
        for (int x = 0; x < shot.width(); x += 8) white += shot.pixelColor(x, y) == QColor(Qt::white);
    EXPECT_GT(white, 500u) << "paper";
}

TEST_F(ReportUse, a_section_is_ticked_off_and_comes_back_by_undo) {
    ASSERT_TRUE(follows([](const report::Book& book) { return has(book, "Finishes"); }));
    auto* item = section("Finishes");
    ASSERT_NE(item, nullptr);
    list->scrollToItem(item);
    const QRect box = list->visualItemRect(item);
    QTest::mouseClick(list->viewport(), Qt::LeftButton, {}, QPoint(box.left() + 10, box.center().y()));
    EXPECT_TRUE(follows([](const report::Book& book) { return !has(book, "Finishes"); }));
    EXPECT_FALSE(document().project().report.sections.empty());
    drive::key(*window, Qt::Key_Z, Qt::ControlModifier);
    EXPECT_TRUE(follows([](const report::Book& book) { return has(book, "Finishes"); }));
    EXPECT_EQ(section("Finishes")->checkState(), Qt::Checked);
}

TEST_F(ReportUse, what_is_moved_in_the_list_moves_in_the_book) {
    using Of = model::ReportSection::Of;
    const int from = list->row(section("Record"));
    ASSERT_TRUE(list->model()->moveRow({}, from, {}, 2)) << "as a drag does";
    EXPECT_EQ(document().project().report.sections[2].of, Of::record);
    EXPECT_TRUE(follows([](const report::Book& book) {
        for (const auto& mark : book.marks)
            if (mark.level == 1 && mark.title != QStringLiteral("Contents"))
                return mark.title == QStringLiteral("Record");
        return false;
    }));
}

TEST_F(ReportUse, title_and_client_stand_on_the_cover_and_paper_is_chosen) {
    auto* title = panel->findChild<QLineEdit*>(QStringLiteral("report-title"));
    QTest::mouseClick(title, Qt::LeftButton);
    QTest::keyClicks(title, QStringLiteral("Library at the quay"));
    QTest::keyClick(title, Qt::Key_Return);
    EXPECT_EQ(document().project().report.title, "Library at the quay");
    EXPECT_TRUE(follows([](const report::Book& book) { return book.title == QStringLiteral("Library at the quay"); }));
    auto* paper = panel->findChild<QComboBox*>(QStringLiteral("report-paper"));
    paper->setFocus();
    QTest::keyClick(paper, Qt::Key_Down);
    EXPECT_EQ(document().project().report.paper, model::Report::Paper::letter);
    EXPECT_TRUE(follows([](const report::Book& book) { return std::fabs(book.size.width() - 816) < 0.5; }));
}

TEST_F(ReportUse, a_link_leads_from_the_contents_to_the_page) {
    ASSERT_TRUE(follows([](const report::Book& book) { return book.mark("room:room") != nullptr; }));
    const auto book = panel->book();
    const auto link = std::ranges::find_if(book->links, [&](const auto& l) {
        const auto* to = book->mark(l.key);
        return l.page == 1 && to != nullptr && to->title == QStringLiteral("Record");
    });
    ASSERT_NE(link, book->links.end());
    pages->go_to(link->page);
    const double zoom = std::min(1.25, (pages->viewport()->width() - 32) / book->size.width());
    const QPointF at((pages->viewport()->width() - book->size.width() * zoom) / 2 + link->from.center().x() * zoom,
                     16 + link->from.center().y() * zoom);
    QTest::mouseClick(pages->viewport(), Qt::LeftButton, {}, at.toPoint());
    EXPECT_GE(pages->page() + 1, book->mark(link->key)->page) << "or the end, where it cannot be scrolled further";
    EXPECT_GT(pages->page(), link->page);
}

TEST_F(ReportUse, the_pdf_has_the_pages_that_were_shown) {
    ASSERT_TRUE(follows([](const report::Book& book) { return book.mark("room:room") != nullptr; }));
    const auto file = folder / "report.pdf";
    ASSERT_FALSE(panel->write(file));
    const auto pdf = Poppler::Document::load(QString::fromStdString(file.string()));
    ASSERT_NE(pdf, nullptr);
    EXPECT_EQ(static_cast<size_t>(pdf->numPages()), panel->book()->pages.size());
    EXPECT_TRUE(
        pdf->page(2)->text(QRectF()).contains(QStringLiteral("EN 17037 daylight provision, by daylight factor")));
    EXPECT_TRUE(panel->write("/no/such/folder/report.pdf")) << "a fault is told, nothing thrown";
}
