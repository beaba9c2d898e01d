// SPDX-License-Identifier: GPL-3.0-or-later
// The Compare desk: all options side by side, and numbers varied in steps.
#include "gui/compare/compare_desk.h"

#include <QTabWidget>

#include "gui/compare/compare_panel.h"
#include "gui/compare/put_into.h"
#include "gui/compare/scatter_panel.h"
#include "gui/compare/series_panel.h"
#include "gui/compare/side_by_side.h"

namespace wp::gui {

namespace {

class CompareDesk : public Desk {
 public:
    explicit CompareDesk(Desktop& desktop)
        : Desk(desktop, DeskKind::compare),
          views_(new QTabWidget(desktop.window())),
          panel_(new ComparePanel(desktop.document(), desktop.answers(), views_)),
          runner_(new SeriesRunner(desktop.document(), desktop.asker(), this)),
          series_(new SeriesPanel(desktop.document(), *runner_, views_)) {
        views_->setObjectName(QStringLiteral("compare-views"));
        views_->setTabToolTip(views_->addTab(panel_, QObject::tr("Table")),
                              QObject::tr("All options, figure by figure"));
        views_->setTabToolTip(views_->addTab(series_, QObject::tr("Series")),
                              QObject::tr("Numbers varied in steps: what they come to"));
        auto* side = new SidePanel(desktop.document(), desktop.answers(), desktop.asker(), views_);
        connect(side, &SidePanel::said, &desktop, [&desktop](const QString& text) { desktop.say(text); });
        views_->setTabToolTip(views_->addTab(side, QObject::tr("Side by side")),
                              QObject::tr("Maps, years, profiles, arcs and pictures on one scale, or as differences"));
        auto* scatter = new ScatterPanel(desktop.document(), desktop.answers(), *runner_, views_);
        views_->setTabToolTip(views_->addTab(scatter, QObject::tr("Against each other")),
                              QObject::tr("A figure over another: which designs none beats in both"));
        connect(panel_, &ComparePanel::ask_all, this, [&desktop] { desktop.asker().ask_all(); });
        connect(series_, &SeriesPanel::said, &desktop, [&desktop](const QString& text) { desktop.say(text); });
        connect(runner_, &SeriesRunner::said, &desktop, [&desktop](const QString& text) { desktop.say(text); });
        desktop.commands().add(
            CommandGroup::project, QObject::tr("Options\u2026"), {}, [this] { panel_->manage_options(); },
            QObject::tr("variants alternatives copy rename order delete"));
        desktop.commands().add(
            CommandGroup::project, QObject::tr("Vary a number in steps"), {},
            [this, &desktop] {
                desktop.go_to_desk(DeskKind::compare);
                views_->setCurrentWidget(series_);
            },
            QObject::tr("series parameter study sweep wider higher tilt"));
        desktop.commands().add(
            CommandGroup::edit, QObject::tr("Put what is selected into other options\u2026"), {},
            [&desktop] {
                const auto said = put_selected_into(desktop.document(), desktop.window());
                if (!said.isEmpty()) desktop.say(said);
            },
            QObject::tr("copy to several options at once variants"));
        connect(&panel_->differences(), &DifferencesView::said, &desktop,
                [&desktop](const QString& text) { desktop.say(text); });
        connect(&panel_->differences(), &DifferencesView::chosen, this,
                [&desktop] { desktop.show_desk(DeskKind::build); });
    }
    QString title() const override { return QObject::tr("Compare"); }
    QString tip() const override { return QObject::tr("All options side by side, figure by figure"); }
    QString also() const override { return QObject::tr("variants alternatives versions table"); }
    QWidget* middle() override { return nullptr; }
    QWidget* side() override { return views_; }
    bool has_pages() const override { return false; }
    bool follows_moment() const override { return false; }

 private:
    QTabWidget* views_;
    ComparePanel* panel_;
    SeriesRunner* runner_;
    SeriesPanel* series_;
};

}  // namespace

Desk* make_compare_desk(Desktop& desktop) { return new CompareDesk(desktop); }

}  // namespace wp::gui
