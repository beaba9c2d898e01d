// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/book/flow.h"

#include <QTextLayout>
#include <algorithm>
#include <numeric>

#include "report/paper.h"
#include "report/verdict_mark.h"

namespace wp::report {

namespace {

constexpr double kTop = 76, kFoot = 74, kGap = 12, kMark = 13;
constexpr double kSectionNeeds = 420;  // of a page, to begin on it
constexpr int kSmall = 10, kBody = 12;
constexpr double kLine = 1.32;  // of a letter's size

// Hints for a screen's pixels would make lines of other widths on paper.
QFont font_of(int pixels, QFont::Weight weight = QFont::Normal) {
    QFont font = page_font(pixels, weight);
    font.setHintingPreference(QFont::PreferNoHinting);
    return font;
}

QColor colour_of(Tone tone) {
    const Ink ink = book_ink();
    return tone == Tone::faint ? ink.faint.darker(140) : tone == Tone::warning ? ink.accent : ink.ink;
}

QFont font_of(Tone tone, int pixels) {
    return font_of(pixels, tone == Tone::strong || tone == Tone::warning ? QFont::DemiBold : QFont::Normal);
}

void draw_lines(QPainter& painter, const QStringList& lines, const QFont& font, const QColor& colour, QRectF box,
                Qt::Alignment align = Qt::AlignLeft) {
    painter.setPen(colour);
    const double step = font.pixelSize() * kLine;
    for (const QString& line : lines) {
        painter.setFont(plain_for(line, font));
        painter.drawText(QRectF(box.left(), box.top(), box.width(), step), align | Qt::AlignVCenter | Qt::TextDontClip,
                         line);
        box.setTop(box.top() + step);
    }
}

}  // namespace

Ink book_ink() {
    Ink ink;
    ink.paper = Qt::white;
    ink.room = QColor(0xfd, 0xfb, 0xf7);
    return ink;
}

QStringList lines_of(const QString& text, const QFont& font, double width) {
    QStringList out;
    for (const QString& paragraph : text.split(QLatin1Char('\n'))) {
        QTextLayout layout(paragraph, plain_for(paragraph, font));
        QTextOption option;
        option.setWrapMode(QTextOption::WrapAtWordBoundaryOrAnywhere);
        layout.setTextOption(option);
        layout.beginLayout();
        bool any = false;
        for (QTextLine line = layout.createLine(); line.isValid(); line = layout.createLine(), any = true) {
            line.setLineWidth(width);
            out << paragraph.mid(line.textStart(), line.textLength()).trimmed();
        }
        layout.endLayout();
        if (!any) out << QString();
    }
    return out;
}

Flow::Flow(QSizeF page) : box_(kPageMargin, kTop, page.width() - 2 * kPageMargin, page.height() - kTop - kFoot) {
    book_.size = page;
    new_page();
}

void Flow::new_page() {
    book_.pages.emplace_back();
    y_ = box_.top();
}

void Flow::keep(double height) {
    if (y_ + height > bottom() && y_ > box_.top()) new_page();
}

void Flow::rule(double y) {
    paint([y, box = box_](QPainter& painter) {
        painter.setPen(QPen(book_ink().faint, 0.6));
        painter.drawLine(QPointF(box.left(), y), QPointF(box.right(), y));
    });
}

void Flow::heading(int level, const QString& words, const std::string& key) {
    if (level == 1) keep(kSectionNeeds);
    const int pixels = level == 1 ? 24 : level == 2 ? 16 : 13;
    const QFont font = font_of(pixels, QFont::DemiBold);
    const QStringList lines = lines_of(words, font, box_.width());
    const double height = static_cast<double>(lines.size()) * pixels * kLine;
    if (y_ > box_.top()) y_ += level == 1 ? 44 : level == 2 ? 22 : 14;
    // A heading alone at the foot of a page belongs to nothing.
    keep(height + 70);
    book_.marks.push_back({words, level, book_.pages.size() - 1, y_, key});
    paint([=, box = QRectF(box_.left(), y_, box_.width(), height)](QPainter& painter) {
        draw_lines(painter, lines, font, book_ink().ink, box);
    });
    y_ += height + (level == 1 ? 14 : 6);
}

void Flow::text(const QString& words, Tone tone, int pixels) {
    if (words.isEmpty()) return;
    const QFont font = font_of(tone, pixels);
    const double step = pixels * kLine;
    QStringList rest = lines_of(words, font, box_.width());
    while (!rest.isEmpty()) {
        keep(step * static_cast<double>(std::min<qsizetype>(rest.size(), 2)));
        const auto fit = std::max<qsizetype>(1, static_cast<qsizetype>((bottom() - y_) / step));
        const QStringList now = rest.mid(0, fit);
        rest = rest.mid(fit);
        const double height = static_cast<double>(now.size()) * step;
        paint([=, box = QRectF(box_.left(), y_, box_.width(), height)](QPainter& painter) {
            draw_lines(painter, now, font, colour_of(tone), box);
        });
        y_ += height;
    }
    y_ += 6;
}

void Flow::facts(const std::vector<std::pair<QString, QString>>& rows) {
    const QFont name = font_of(kBody), value = font_of(kBody);
    const double left = box_.width() * 0.32, step = kBody * kLine;
    for (const auto& [what, is] : rows) {
        if (is.isEmpty()) continue;
        const QStringList names = lines_of(what, name, left - kGap), values = lines_of(is, value, box_.width() - left);
        const double height = static_cast<double>(std::max(names.size(), values.size())) * step;
        keep(height);
        paint([=, box = box_, y = y_](QPainter& painter) {
            draw_lines(painter, names, name, colour_of(Tone::faint), QRectF(box.left(), y, left - kGap, height));
            draw_lines(painter, values, value, colour_of(Tone::body),
                       QRectF(box.left() + left, y, box.width() - left, height));
        });
        y_ += height + 3;
    }
    y_ += 6;
}

/// A row of a table, its words in lines.
struct Flow::Laid {
    std::vector<QStringList> lines;
    double height = 0;
};

Flow::Laid Flow::lay(const BookTable& table, const std::vector<double>& left, size_t row) const {
    Laid out;
    for (size_t c = 0; c < table.columns.size(); ++c) {
        const BookCell cell = c < table.rows[row].size() ? table.rows[row][c] : BookCell();
        const double taken = kGap + (cell.state ? kMark + 4 : 0);
        out.lines.push_back(lines_of(cell.text, font_of(cell.tone, kSmall + 1), left[c + 1] - left[c] - taken));
        out.height = std::max(out.height, static_cast<double>(out.lines.back().size()) * (kSmall + 1) * kLine);
    }
    out.height += 6;
    return out;
}

void Flow::put_titles(const BookTable& table, const std::vector<double>& left) {
    const QFont font = font_of(kSmall);
    double height = 0;
    std::vector<QStringList> all;
    for (size_t c = 0; c < table.columns.size(); ++c) {
        all.push_back(lines_of(table.columns[c].title, font, left[c + 1] - left[c] - kGap));
        height = std::max(height, static_cast<double>(all.back().size()) * kSmall * kLine);
    }
    paint([=, y = y_, columns = table.columns](QPainter& painter) {
        for (size_t c = 0; c < columns.size(); ++c)
            draw_lines(painter, all[c], font, colour_of(Tone::faint),
                       QRectF(left[c], y, left[c + 1] - left[c] - kGap, height),
                       columns[c].number ? Qt::AlignRight : Qt::AlignLeft);
    });
    y_ += height + 3;
    rule(y_);
    y_ += 3;
}

void Flow::put_row(const BookTable& table, const std::vector<double>& left, size_t row, const Laid& laid) {
    const auto& cells = table.rows[row];
    for (size_t c = 0; c < cells.size(); ++c)
        if (!cells[c].leads_to.empty())
            book_.links.push_back({book_.pages.size() - 1,
                                   QRectF(left[c], y_, left[c + 1] - left[c] - kGap, laid.height), cells[c].leads_to});
    paint([=, y = y_ + 3, columns = table.columns](QPainter& painter) {
        for (size_t c = 0; c < cells.size(); ++c) {
            QRectF box(left[c], y, left[c + 1] - left[c] - kGap, laid.height);
            if (cells[c].state) {
                draw_verdict_mark(painter, *cells[c].state, QRectF(box.left(), y + 1, kMark, kMark), book_ink());
                box.setLeft(box.left() + kMark + 4);
            }
            draw_lines(painter, laid.lines[c], font_of(cells[c].tone, kSmall + 1), colour_of(cells[c].tone), box,
                       columns[c].number ? Qt::AlignRight : Qt::AlignLeft);
        }
    });
    y_ += laid.height;
    paint([y = y_, box = box_](QPainter& painter) {
        painter.setPen(QPen(book_ink().ground, 0.5));
        painter.drawLine(QPointF(box.left(), y), QPointF(box.right(), y));
    });
}

void Flow::table(const BookTable& table) {
    if (table.rows.empty()) return;
    double sum = 0;
    for (const auto& column : table.columns) sum += column.weight;
    std::vector<double> left{box_.left()};
    // The last column needs no gap behind it.
    for (const auto& column : table.columns) left.push_back(left.back() + column.weight / sum * (box_.width() + kGap));
    keep(kSmall * kLine + 12 + lay(table, left, 0).height);
    put_titles(table, left);
    for (size_t row = 0; row < table.rows.size(); ++row) {
        const Laid laid = lay(table, left, row);
        if (y_ + laid.height > bottom()) {
            new_page();
            put_titles(table, left);
        }
        put_row(table, left, row, laid);
    }
    y_ += 10;
}

void Flow::drawing(double height, const Draw& draw, const QString& caption) { figures(height, {{draw, caption}}); }

void Flow::figures(double height, const std::vector<Figure>& all) {
    if (all.empty()) return;
    const auto n = static_cast<double>(all.size());
    const double wide = (box_.width() - kGap * (n - 1)) / n;
    const QFont font = font_of(kSmall);
    double captions = 0;
    std::vector<QStringList> lines;
    for (const auto& figure : all) {
        lines.push_back(figure.caption.isEmpty() ? QStringList() : lines_of(figure.caption, font, wide));
        captions = std::max(captions, static_cast<double>(lines.back().size()) * kSmall * kLine);
    }
    keep(height + captions + 4);
    for (size_t i = 0; i < all.size(); ++i) {
        const QRectF area(box_.left() + static_cast<double>(i) * (wide + kGap), y_, wide, height);
        paint([=, draw = all[i].draw, words = lines[i]](QPainter& painter) {
            painter.save();
            painter.setFont(font);
            draw(painter, area);
            painter.restore();
            draw_lines(painter, words, font, colour_of(Tone::faint),
                       QRectF(area.left(), area.bottom() + 4, wide, captions));
        });
    }
    y_ += height + captions + 12;
}

}  // namespace wp::report
