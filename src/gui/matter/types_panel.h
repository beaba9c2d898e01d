// SPDX-License-Identifier: GPL-3.0-or-later
// Materials by kind of part: what everything of that kind has that names none of its own.
#pragma once
#include "gui/desk/page.h"
#include "gui/document/document.h"
#include "gui/entry/scrolled_page.h"

namespace wp::gui {

class TypesPanel : public ScrolledPage {
    Q_OBJECT
 public:
    explicit TypesPanel(Document& document, QWidget* parent = nullptr);

 signals:
    void said(const QString& text);

 protected:
    void showEvent(QShowEvent* event) override {
        ScrolledPage::showEvent(event);
        refresh();
    }

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
