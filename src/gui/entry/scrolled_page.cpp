// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/entry/scrolled_page.h"

#include <QScrollBar>
#include <QVBoxLayout>
#include <algorithm>

namespace wp::gui {

ScrolledPage::ScrolledPage(QWidget* parent) : QScrollArea(parent), host_(new QWidget) {
    setWidgetResizable(true);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    host_->setObjectName(QStringLiteral("panel"));
    auto* column = new QVBoxLayout(host_);
    column->setContentsMargins(0, 0, 0, 0);
    setWidget(host_);
}

QWidget* ScrolledPage::begin_page() {
    before_ = page_;
    page_ = new QWidget(host_);
    page_->setObjectName(QStringLiteral("panel"));
    return page_;
}

void ScrolledPage::end_page(int scrolled) {
    if (before_ != nullptr) {
        // The sender may be a child of the old page: it goes when control is back in the loop, and is not to be found
        // until then.
        for (auto* old : before_->findChildren<QWidget*>()) old->setObjectName({});
        host_->layout()->removeWidget(before_);
        before_->hide();
        before_->deleteLater();
        before_ = nullptr;
    }
    host_->layout()->addWidget(page_);
    page_->show();
    host_->resize(viewport()->width(), std::max(viewport()->height(), host_->sizeHint().height()));
    verticalScrollBar()->setRange(0, std::max(0, host_->height() - viewport()->height()));
    verticalScrollBar()->setValue(scrolled);
}

}  // namespace wp::gui
