// SPDX-License-Identifier: GPL-3.0-or-later
// What the window says when work failed.
#include <QFrame>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

#include "gui/look/look.h"
#include "gui/window/window.h"
#include "gui/work/mishaps.h"

namespace wp::gui {

// Stays until it is put away: whoever was looking elsewhere finds it.
QWidget* Window::build_mishap_bar() {
    auto* bar = new QFrame;
    bar->setObjectName(QStringLiteral("mishap"));
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(space::small, space::tight, space::small, space::tight);
    auto* words = new QLabel;
    words->setObjectName(QStringLiteral("mishap-words"));
    words->setWordWrap(true);
    words->setTextFormat(Qt::PlainText);
    words->setAccessibleName(QObject::tr("What went wrong"));
    row->addWidget(words, 1);
    auto* keep = new QPushButton(QObject::tr("Save project"));
    keep->setObjectName(QStringLiteral("mishap-save"));
    connect(keep, &QPushButton::clicked, this, [this] { files_.save(); });
    row->addWidget(keep);
    auto* away = new QPushButton(QObject::tr("Dismiss"));
    away->setObjectName(QStringLiteral("mishap-away"));
    connect(away, &QPushButton::clicked, bar, &QWidget::hide);
    row->addWidget(away);
    bar->hide();
    connect(&Mishaps::all(), &Mishaps::happened, this, [bar, words](const QString& what) {
        words->setText(what);
        bar->show();
    });
    return bar;
}

}  // namespace wp::gui
