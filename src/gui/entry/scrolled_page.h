// SPDX-License-Identifier: GPL-3.0-or-later
// A page of rows that is built anew when what it shows changes its shape. Pages change within one host: a page that is
// given to a scroll area, or taken from it, is styled anew with all that is in it, which takes longer than building it.
#pragma once
#include <QScrollArea>

namespace wp::gui {

class ScrolledPage : public QScrollArea {
 public:
    explicit ScrolledPage(QWidget* parent = nullptr);

 protected:
    /// A page to be filled. Until end_page the one before stays in view.
    QWidget* begin_page();
    /// Puts it in place of the one before, scrolled so far.
    void end_page(int scrolled);
    /// What is shown; while one is filled, that one. Null before the first.
    QWidget* page() const { return page_; }

 private:
    QWidget *host_, *page_ = nullptr, *before_ = nullptr;
};

}  // namespace wp::gui
