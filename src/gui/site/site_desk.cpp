// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/site/site_desk.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QToolButton>

#include "gui/look/look.h"
#include "gui/site/sky_box.h"
#include "report/language/language.h"
#include "report/language/words.h"

namespace wp::gui {

SiteDesk::SiteDesk(Desktop& desktop)
    : Desk(desktop, DeskKind::site),
      views_(new QButtonGroup(this)),
      sky_(new SkyPage(desktop.document(), desktop.window())),
      climate_(new ClimatePage(desktop.document(), desktop.window())),
      panel_(new SitePanel(desktop.document(), desktop.window())) {
    bar_ = build_bar();
    desktop.know(sky_);
    desktop.know(climate_);
    connect(sky_, &SkyPage::point_changed, this, &SiteDesk::mark_point);
    connect(&desktop.document(), &Document::project_replaced, this, &SiteDesk::mark_point, Qt::QueuedConnection);
    connect(&desktop.sheet(), &Sheet::place_pressed, this, [this](Vec2 at) {
        sky_->look_from({at.x, at.y, sky_->point().z});
        this->desktop().say(QObject::tr("The sky is now seen from here: open Sky above the plan"));
    });
    mark_point();
}

void SiteDesk::mark_point() { desktop().sheet().show_sky_point(Vec2{sky_->point().x, sky_->point().y}); }

QWidget* SiteDesk::build_bar() {
    auto* bar = new QWidget(desktop().window());
    bar->setObjectName(QStringLiteral("bar"));
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(space::small, 0, space::small, space::tight);
    row->setSpacing(space::tight);
    int view = 0;
    for (const auto& [name, tip] :
         {std::pair{
              QT_TRANSLATE_NOOP("QObject", "Plan"),
              QT_TRANSLATE_NOOP("QObject",
                                "The site from above: drag the north point, click where the sky is to be seen from")},
          {QT_TRANSLATE_NOOP("QObject", "Sky"),
           QT_TRANSLATE_NOOP("QObject", "The sky from that point, with what stands before it and the sun's paths")},
          {QT_TRANSLATE_NOOP("QObject", "Climate"), QT_TRANSLATE_NOOP("QObject", "What the weather file holds")}}) {
        auto* button = new QToolButton;
        button->setText(language::words(name));
        button->setCheckable(true);
        button->setChecked(view == 0);
        button->setObjectName(language::object_name("site", button->text()));
        button->setToolTip(language::words(tip));
        views_->addButton(button, view++);
        row->addWidget(button);
    }
    connect(views_, &QButtonGroup::idClicked, this, [this] { desktop().renew_layout(); });
    row->addSpacing(space::large);
    auto* title = new QLabel(QObject::tr("Sky"));
    title->setProperty("role", QStringLiteral("small"));
    row->addWidget(title);
    row->addWidget(new SkyBox(desktop().document()));
    row->addStretch(1);
    return bar;
}

QWidget* SiteDesk::middle() {
    switch (views_->checkedId()) {
        case 1:
            return sky_;
        case 2:
            return climate_;
        default:
            return Desk::middle();
    }
}

void SiteDesk::enter() { desktop().sheet().set_with_blocks(true); }

void SiteDesk::leave() { desktop().sheet().set_with_blocks(false); }

Desk* make_site_desk(Desktop& desktop) { return new SiteDesk(desktop); }

}  // namespace wp::gui
