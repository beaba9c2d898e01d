// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/book/compose.h"

#include <algorithm>
#include <optional>

#include "describe/describe.h"
#include "report/book/sections.h"
#include "report/language/language.h"
#include "report/language/words.h"
#include "report/paper.h"

namespace wp::report {

namespace {

using Of = model::ReportSection::Of;

struct Section {
    Of of;
    void (*tell)(Flow&, const HeldFacts&);
};
constexpr Section kSections[] = {
    {Of::cover, tell_cover},     {Of::summary, tell_summary},   {Of::site, tell_site},   {Of::drawings, tell_drawings},
    {Of::rooms, tell_rooms},     {Of::criteria, tell_criteria}, {Of::glare, tell_glare}, {Of::windows, tell_windows},
    {Of::blinds, tell_blinds},   {Of::finishes, tell_finishes}, {Of::use, tell_use},     {Of::electric, tell_electric},
    {Of::options, tell_options}, {Of::record, tell_record}};

constexpr double kContentsLine = 20;

struct Part {
    Of of;
    Book book;
};

bool stands_in_contents(const BookMark& mark) { return mark.level <= 2; }

// As many pages as the marks take; their numbers are told when all pages are known.
Book contents_of(const std::vector<Part>& parts, const std::vector<size_t>& first_page, QSizeF size) {
    Flow flow(size);
    flow.heading(1, QObject::tr("Contents"));
    std::vector<BookLink> links;
    size_t page = 0;
    for (size_t i = 0; i < parts.size(); ++i)
        for (const auto& mark : parts[i].book.marks) {
            if (!stands_in_contents(mark)) continue;
            const double before = flow.y();
            flow.keep(kContentsLine);
            if (flow.y() < before) ++page;
            const double indent = mark.level == 1 ? 0 : 22;
            const QRectF line(flow.box().left() + indent, flow.y(), flow.width() - indent, kContentsLine);
            const size_t number = first_page[i] + mark.page + 1;
            flow.paint([line, mark, number](QPainter& painter) {
                painter.setFont(page_font(12, mark.level == 1 ? QFont::DemiBold : QFont::Normal));
                painter.setPen(book_ink().ink);
                painter.drawText(line.adjusted(0, 0, -40, 0), Qt::AlignLeft | Qt::AlignVCenter, mark.title);
                painter.drawText(line, Qt::AlignRight | Qt::AlignVCenter, QString::number(number));
            });
            links.push_back({page, line, mark.key});
            flow.space(kContentsLine);
        }
    Book book = flow.take();
    book.marks.clear();
    book.marks.push_back({QObject::tr("Contents"), 1, 0, 0, "section:contents"});
    for (auto& link : links) book.links.push_back(std::move(link));
    return book;
}

// Pages that the parts begin with when contents of so many pages stand where they are wanted.
std::vector<size_t> first_pages(const std::vector<Part>& parts, size_t of_contents) {
    std::vector<size_t> out;
    size_t page = 0;
    for (const auto& part : parts) {
        out.push_back(page);
        page += part.of == Of::contents ? of_contents : part.book.pages.size();
    }
    return out;
}

void put_contents(std::vector<Part>& parts, QSizeF size) {
    const auto at = std::ranges::find(parts, Of::contents, &Part::of);
    if (at == parts.end()) return;
    // How many pages it takes does not depend on the numbers.
    const size_t pages = contents_of(parts, first_pages(parts, 1), size).pages.size();
    at->book = contents_of(parts, first_pages(parts, pages), size);
}

// Every heading can be led to.
void name_marks(Book& book, Of of) {
    for (size_t i = 0; i < book.marks.size(); ++i)
        if (auto& mark = book.marks[i]; mark.key.empty())
            mark.key = "section:" + std::to_string(static_cast<int>(of)) + ":" + std::to_string(i);
}

void put_edges(Book& book, const BookFacts& facts, bool has_cover) {
    const QString project = book.title, option = given_name(facts.main().option->name);
    const size_t all = book.pages.size();
    for (size_t page = has_cover ? 1 : 0; page < all; ++page)
        book.pages[page].push_back([=, size = book.size](QPainter& painter) {
            const double wide = size.width() - 2 * kPageMargin;
            const QRectF head(kPageMargin, 34, wide, 18), foot(kPageMargin, size.height() - 48, wide, 18);
            painter.setFont(page_font(10));
            painter.setPen(book_ink().faint.darker(140));
            painter.drawText(head, Qt::AlignLeft | Qt::AlignVCenter, project);
            painter.drawText(head, Qt::AlignRight | Qt::AlignVCenter, option);
            painter.drawText(foot, Qt::AlignRight | Qt::AlignVCenter, QObject::tr("%1 of %2").arg(page + 1).arg(all));
            painter.setPen(QPen(book_ink().faint, 0.6));
            painter.drawLine(QPointF(head.left(), head.bottom() + 4), QPointF(head.right(), head.bottom() + 4));
        });
}

}  // namespace

QString section_name(Of section) {
    for (const auto& word : describe::section_words())
        if (word.value == static_cast<int>(section)) return language::words(word.label);
    return {};
}

Book compose(const HeldFacts& facts, const Cancel& cancel) {
    const auto& report = facts->project->report;
    const QSizeF size = page_size(report.paper);
    std::vector<Part> parts;
    std::optional<Flow> flow;
    const auto finish = [&](Of of) {
        if (!flow) return;
        parts.push_back({of, flow->take()});
        name_marks(parts.back().book, of);
        flow.reset();
    };
    Of begun = Of::cover;
    for (const auto& section : model::sections_of(report)) {
        if (!section.included || cancel.requested()) continue;
        // Sections share pages; cover and contents stand for themselves.
        if (section.of == Of::cover || section.of == Of::contents || begun == Of::cover) finish(begun);
        if (section.of == Of::contents) {
            parts.push_back({Of::contents, {}});
            continue;
        }
        if (!flow) flow.emplace(size), begun = section.of;
        for (const auto& one : kSections)
            if (one.of == section.of) one.tell(*flow, facts);
    }
    finish(begun);
    put_contents(parts, size);
    Book out;
    out.size = size;
    out.holds = facts;
    out.title = given_name(report.title.empty() ? facts->project->name : report.title);
    out.author = given_name(report.author);
    out.subject = QObject::tr("Daylight report");
    out.language = language::language_in_use();
    const bool has_cover = !parts.empty() && parts.front().of == Of::cover;
    for (auto& part : parts) out.append(std::move(part.book));
    put_edges(out, *facts, has_cover);
    return out;
}

}  // namespace wp::report
