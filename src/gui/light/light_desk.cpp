// SPDX-License-Identifier: GPL-3.0-or-later
// The Light desk: any figure on the sheet, read, explained, set beside another.
#include "gui/light/light_desk.h"

#include "gui/light/light_bar.h"
#include "gui/light/pairing.h"
#include "gui/light/why_panel.h"

namespace wp::gui {

namespace {

class LightDesk : public Desk {
 public:
    explicit LightDesk(Desktop& desktop)
        : Desk(desktop, DeskKind::light), pairing_(new Pairing(desktop)), bar_(new LightBar(desktop, *pairing_)) {
        desktop.know(pairing_);
        desktop.know(bar_);
        auto& commands = desktop.commands();
        commands.add(CommandGroup::light, QObject::tr("Run the year"), QKeySequence(QStringLiteral("Y")),
                     [this] { bar_->run_year(); });
        commands.add(CommandGroup::light, QObject::tr("Keep this map beside"), QKeySequence(QStringLiteral("Z")),
                     [this] {
                         this->desktop().go_to_desk(DeskKind::light);
                         pairing_->keep_this();
                     });
    }
    QString title() const override { return QObject::tr("Light"); }
    QString tip() const override { return QObject::tr("Daylight of the building: maps, reasons, the year"); }
    QWidget* bar() override { return bar_; }
    QWidget* middle() override {
        if (SeriesView* series = bar_->series()) return series;
        return pairing_->is_on() ? &pairing_->view() : Desk::middle();
    }
    // Two plans need the width that the companion has.
    QWidget* side() override { return pairing_->is_on() ? nullptr : Desk::side(); }
    int middle_share() const override { return 66; }
    QWidget* first_page() override { return &desktop().part<WhyPanel>(); }
    void enter() override { desktop().sheet().set_use(SheetUse::read); }
    void leave() override {
        desktop().sheet().set_use(SheetUse::look);
        desktop().maps().set_gone({});
    }

 private:
    Pairing* pairing_;
    LightBar* bar_;
};

}  // namespace

Desk* make_light_desk(Desktop& desktop) { return new LightDesk(desktop); }

}  // namespace wp::gui
