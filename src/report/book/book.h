// SPDX-License-Identifier: GPL-3.0-or-later
// Pages that were laid out: painted on the screen and into files alike. Lengths in 1/96 inch (kPageDots).
#pragma once
#include <QPainter>
#include <QString>
#include <functional>
#include <memory>
#include <vector>

#include "model/report.h"

namespace wp::report {

/// A place that a contents table or another page leads to.
struct BookMark {
    QString title;
    int level = 1;    ///< 1: of a section
    size_t page = 0;  ///< from 0
    double y = 0;     ///< from the page's upper edge
    std::string key;  ///< what it is about; empty: nothing leads to it but its title
};
struct BookLink {
    size_t page = 0;
    QRectF from;
    std::string key;  ///< of a mark
};

struct Book {
    QString title, author, subject, language;
    QSizeF size;
    std::vector<std::vector<std::function<void(QPainter&)>>> pages;
    std::vector<BookMark> marks;
    std::vector<BookLink> links;
    std::shared_ptr<const void> holds;  ///< what its pages point to
    /// The mark of a key; null where there is none.
    const BookMark* mark(const std::string& key) const;
    /// On a painter whose unit is 1/96 inch, its origin the page's upper left corner.
    void paint(QPainter& painter, size_t page) const;
    /// Adds another's pages behind.
    void append(Book&& more);
};

QSizeF page_size(model::Report::Paper paper);

}  // namespace wp::report
