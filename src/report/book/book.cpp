// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/book/book.h"

#include <algorithm>

#include "report/paper.h"

namespace wp::report {

const BookMark* Book::mark(const std::string& key) const {
    const auto found = std::ranges::find(marks, key, &BookMark::key);
    return found != marks.end() && !key.empty() ? &*found : nullptr;
}

void Book::paint(QPainter& painter, size_t page) const {
    painter.setRenderHints(QPainter::Antialiasing | QPainter::TextAntialiasing | QPainter::SmoothPixmapTransform);
    for (const auto& item : pages[page]) {
        painter.save();
        item(painter);
        painter.restore();
    }
}

void Book::append(Book&& more) {
    const size_t before = pages.size();
    for (auto& page : more.pages) pages.push_back(std::move(page));
    for (auto& mark : more.marks) mark.page += before, marks.push_back(std::move(mark));
    for (auto& link : more.links) link.page += before, links.push_back(std::move(link));
}

QSizeF page_size(model::Report::Paper paper) {
    const QSizeF inches = paper == model::Report::Paper::letter ? QSizeF(8.5, 11) : QSizeF(210, 297) / 25.4;
    return inches * kPageDots;
}

}  // namespace wp::report
