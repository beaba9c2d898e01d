// SPDX-License-Identifier: GPL-3.0-or-later
// The Compare desk: all options side by side.
#include "gui/compare/compare_desk.h"

#include "gui/compare/compare_panel.h"

namespace wp::gui {

namespace {

class CompareDesk : public Desk {
 public:
    explicit CompareDesk(Desktop& desktop)
        : Desk(desktop, DeskKind::compare),
          panel_(new ComparePanel(desktop.document(), desktop.answers(), desktop.window())) {
        connect(panel_, &ComparePanel::ask_all, this, [&desktop] { desktop.asker().ask_all(); });
        desktop.commands().add(
            CommandGroup::project, QObject::tr("Options\u2026"), {}, [this] { panel_->manage_options(); },
            QObject::tr("variants alternatives copy rename order delete"));
        connect(&panel_->differences(), &DifferencesView::chosen, this,
                [&desktop] { desktop.show_desk(DeskKind::build); });
    }
    QString title() const override { return QObject::tr("Compare"); }
    QString tip() const override { return QObject::tr("All options side by side, figure by figure"); }
    QString also() const override { return QObject::tr("variants alternatives versions table"); }
    QWidget* middle() override { return nullptr; }
    QWidget* side() override { return panel_; }
    bool has_pages() const override { return false; }

 private:
    ComparePanel* panel_;
};

}  // namespace

Desk* make_compare_desk(Desktop& desktop) { return new CompareDesk(desktop); }

}  // namespace wp::gui
