// SPDX-License-Identifier: GPL-3.0-or-later
// Materials by kind of part: what everything of that kind has that names none of its own.
#pragma once
#include <QScrollArea>

#include "gui/desk/page.h"
#include "gui/document/document.h"

namespace wp::gui {

class TypesPanel : public QScrollArea {
    Q_OBJECT
 public:
    explicit TypesPanel(Document& document, QWidget* parent = nullptr);

 signals:
    void said(const QString& text);

 private:
    void refresh();
    void assume(const std::string& set);

    Document& document_;
    std::vector<model::Material> materials_;
    std::map<model::Part, model::Id> types_;
    bool filled_ = false;
};

Page types_page(Desktop& desktop);

}  // namespace wp::gui
