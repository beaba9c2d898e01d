// SPDX-License-Identifier: GPL-3.0-or-later
// Lays out what a section says, from top to bottom and over as many pages as it takes.
#pragma once
#include <QFont>
#include <QStringList>
#include <optional>

#include "report/book/book.h"
#include "report/plan.h"
#include "rule/verdicts.h"

namespace wp::report {

inline constexpr double kPageMargin = 60;  ///< at the sides

/// Colours of a report: white paper.
Ink book_ink();

enum class Tone {
    body,
    faint,  ///< what explains
    strong,
    warning  ///< what a reader must not miss
};

struct BookCell {
    QString text;
    std::optional<rule::State> state;  ///< its mark stands before the text
    std::string leads_to;              ///< key of a mark; empty: nowhere
    Tone tone = Tone::body;
    BookCell() = default;
    BookCell(QString words) : text(std::move(words)) {}  // NOLINT: a text is a cell
};
struct BookColumn {
    QString title;
    double weight = 1;    ///< of its width among the others'
    bool number = false;  ///< to the right
};
struct BookTable {
    std::vector<BookColumn> columns;
    std::vector<std::vector<BookCell>> rows;
};

class Flow {
 public:
    explicit Flow(QSizeF page);

    /// Level 1 begins a page where little of one is left. key: what links lead to.
    void heading(int level, const QString& words, const std::string& key = {});
    void text(const QString& words, Tone tone = Tone::body, int pixels = 12);
    /// Names and what they are, in two columns of lines.
    void facts(const std::vector<std::pair<QString, QString>>& rows);
    void table(const BookTable& table);
    /// A drawing across the page, as high as told, and what it shows.
    using Draw = std::function<void(QPainter&, const QRectF&)>;
    void drawing(double height, const Draw& draw, const QString& caption = {});
    /// Several side by side, each with its caption.
    struct Figure {
        Draw draw;
        QString caption;
    };
    void figures(double height, const std::vector<Figure>& all);
    void space(double height) { y_ += height; }
    /// A new page, unless so much is left on this one.
    void keep(double height);
    void new_page();
    /// Paints on the page that is being laid out, wherever it likes.
    void paint(std::function<void(QPainter&)> paint) { book_.pages.back().push_back(std::move(paint)); }

    double width() const { return box_.width(); }
    QRectF box() const { return box_; }
    double y() const { return y_; }
    Book take() { return std::move(book_); }

 private:
    struct Laid;
    Laid lay(const BookTable& table, const std::vector<double>& left, size_t row) const;
    void put_row(const BookTable& table, const std::vector<double>& left, size_t row, const Laid& laid);
    void put_titles(const BookTable& table, const std::vector<double>& left);
    void rule(double y);
    double bottom() const { return box_.bottom(); }

    QRectF box_;  // within the margins
    double y_ = 0;
    Book book_;
};

/// Lines that a text takes within a width.
QStringList lines_of(const QString& text, const QFont& font, double width);

}  // namespace wp::report
