// SPDX-License-Identifier: GPL-3.0-or-later
// The Certify desk: criteria and verdicts, beside the map of what they are read from.
#include "gui/certify/certify_desk.h"

#include "gui/certify/certify_panel.h"
#include "gui/light/light_bar.h"

namespace wp::gui {

namespace {

class CertifyDesk : public Desk {
 public:
    explicit CertifyDesk(Desktop& desktop)
        : Desk(desktop, DeskKind::certify),
          panel_(new CertifyPanel(desktop.document(), desktop.answers(), desktop.window())) {
        connect(panel_, &CertifyPanel::ask_year, this, [&desktop] { desktop.asker().ask_year(); });
    }
    QString title() const override { return QObject::tr("Certify"); }
    QString tip() const override { return QObject::tr("Criteria sets, and the verdict on each of their lines"); }
    QString also() const override {
        return QObject::tr("certificate compliance LEED EN 17037 BREEAM WELL credit points");
    }
    QWidget* bar() override { return &desktop().part<LightBar>(); }
    QWidget* side() override { return panel_; }
    bool has_pages() const override { return false; }
    bool judges_year() const override { return true; }
    int middle_share() const override { return 37; }

 private:
    CertifyPanel* panel_;
};

}  // namespace

Desk* make_certify_desk(Desktop& desktop) { return new CertifyDesk(desktop); }

}  // namespace wp::gui
