// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/look/buttons.h"

#include "gui/look/look.h"

namespace wp::gui {

QToolButton* icon_button(const char* icon, const char* name, const QString& tip) {
    auto* button = new QToolButton;
    set_icon(button, QString::fromLatin1(icon));
    button->setObjectName(QString::fromLatin1(name));
    button->setToolTip(tip);
    button->setAccessibleName(tip);
    return button;
}

QToolButton* worded_button(const char* icon, const char* name, const QString& word, const QString& tip) {
    auto* button = icon_button(icon, name, tip);
    button->setText(word);
    button->setAccessibleName(word);
    button->setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
    return button;
}

QToolButton* tool_button(const char* icon, const char* name, const QString& word, const QString& tip) {
    auto* button = worded_button(icon, name, word, tip);
    button->setToolButtonStyle(Qt::ToolButtonTextUnderIcon);
    button->setProperty("role", QStringLiteral("tool"));
    return button;
}

QPushButton* plain_button(const char* name, const QString& word, QWidget* parent) {
    auto* button = new QPushButton(word, parent);
    button->setObjectName(QString::fromLatin1(name));
    button->setAutoDefault(false);
    return button;
}

}  // namespace wp::gui
