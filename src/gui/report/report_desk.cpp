// SPDX-License-Identifier: GPL-3.0-or-later
// The Report desk: its pages as they will be on paper, and what they are composed of.
#include "gui/report/report_desk.h"

#include "gui/desk/desktop.h"
#include "gui/report/page_view.h"
#include "gui/report/report_panel.h"

namespace wp::gui {

namespace {

class ReportDesk : public Desk {
 public:
    explicit ReportDesk(Desktop& desktop)
        : Desk(desktop, DeskKind::report),
          pages_(new PageView(desktop.window())),
          panel_(new ReportPanel(desktop.document(), desktop.answers(), desktop.asker().pictures(), *pages_,
                                 desktop.window())) {
        connect(panel_, &ReportPanel::ask, this,
                [&desktop](const std::vector<model::Question>& questions) { desktop.ask_questions(questions); });
        connect(panel_, &ReportPanel::said, this, [&desktop](const QString& words) { desktop.say(words); });
    }
    QString title() const override { return QObject::tr("Report"); }
    QString tip() const override { return QObject::tr("Pages for the reviewer, as they will be on paper"); }
    QString also() const override { return QObject::tr("PDF print paper document cover"); }
    QWidget* middle() override { return pages_; }
    QWidget* side() override { return panel_; }
    bool has_pages() const override { return false; }
    bool follows_moment() const override { return false; }
    bool judges_year() const override { return true; }
    int middle_share() const override { return 64; }

 private:
    PageView* pages_;
    ReportPanel* panel_;
};

}  // namespace

Desk* make_report_desk(Desktop& desktop) { return new ReportDesk(desktop); }

}  // namespace wp::gui
