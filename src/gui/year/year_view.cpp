// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/year/year_view.h"

#include <QHBoxLayout>
#include <QPainter>
#include <QPainterPath>
#include <QToolButton>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>
#include <map>

#include "gui/desk/desktop.h"
#include "gui/entry/rows.h"
#include "gui/look/look.h"
#include "gui/year/year_panel.h"
#include "question/ask.h"
#include "question/year_over_time.h"
#include "report/language/dates.h"
#include "report/language/words.h"
#include "report/pictures.h"

namespace wp::gui {

namespace {

constexpr double kTabs = 40;

void set_size(QPainter& painter, int pixels, bool bold = false) {
    QFont font = painter.font();
    font.setPixelSize(pixels);
    font.setWeight(bold ? QFont::DemiBold : QFont::Normal);
    painter.setFont(font);
}

void title(QPainter& painter, QRectF& box, const report::Ink& ink, const QString& words, const QString& more = {}) {
    set_size(painter, type::body, true);
    painter.setPen(ink.ink);
    painter.drawText(QRectF(box.left(), box.top(), box.width(), 18), Qt::AlignLeft | Qt::AlignVCenter, words);
    const double used = painter.fontMetrics().horizontalAdvance(words) + 10;
    set_size(painter, type::small);
    painter.drawText(QRectF(box.left() + used, box.top(), box.width() - used, 18), Qt::AlignLeft | Qt::AlignVCenter,
                     more);
    box.setTop(box.top() + 22);
}

// Lines at round values, their figures on the left.
void grid(QPainter& painter, QRectF r, double top, const report::Ink& ink) {
    set_size(painter, type::small);
    for (int i = 0; i <= 2; ++i) {
        const double y = r.bottom() - i / 2.0 * r.height();
        painter.setPen(QPen(ink.faint, 0.5));
        painter.drawLine(QPointF(r.left(), y), QPointF(r.right(), y));
        painter.setPen(ink.ink);
        painter.drawText(QRectF(r.left() - 52, y - 8, 47, 16), Qt::AlignRight | Qt::AlignVCenter,
                         QString::number(top * i / 2));
    }
}

}  // namespace

YearView::YearView(Document& document, const KeptAnswers& kept, Asker& asker, QWidget* parent)
    : QWidget(parent), document_(document), kept_(kept), asker_(asker), pages_(new QButtonGroup(this)) {
    setObjectName(QStringLiteral("year-view"));
    setAccessibleName(QObject::tr("A year in charts"));
    setMinimumSize(260, 240);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(space::small, space::tight, space::small, 0);
    auto* row = new QHBoxLayout;
    row->setSpacing(space::tight);
    int i = 0;
    for (const auto& [name, tip] :
         {std::pair{QT_TRANSLATE_NOOP("QObject", "Daylight"),
                    QT_TRANSLATE_NOOP("QObject", "Typical days, how often how much, and what it is made of")},
          {QT_TRANSLATE_NOOP("QObject", "Sun on glass"),
           QT_TRANSLATE_NOOP("QObject",
                             "Irradiance on and behind the panes of the selected room: what a choice made for light "
                             "costs in summer")},
          {QT_TRANSLATE_NOOP("QObject", "Electric"),
           QT_TRANSLATE_NOOP("QObject", "What electric light takes beside daylight")}}) {
        auto* button = new QToolButton;
        button->setText(language::words(name));
        button->setToolTip(language::words(tip));
        button->setCheckable(true);
        button->setChecked(i == 0);
        button->setObjectName(QStringLiteral("year-view-%1").arg(i));
        pages_->addButton(button, i++);
        row->addWidget(button);
    }
    row->addStretch(1);
    column->addLayout(row);
    column->addStretch(1);
    connect(pages_, &QButtonGroup::idClicked, this, [this](int id) { show_page(static_cast<Page>(id)); });
    connect(&asker, &Asker::year_read, this, qOverload<>(&QWidget::update));
    connect(&document, &Document::option_changed, this, qOverload<>(&QWidget::update));
    connect(&kept, &KeptAnswers::changed, this, qOverload<>(&QWidget::update));
}

void YearView::show_page(Page page) {
    page_ = page;
    pages_->button(static_cast<int>(page))->setChecked(true);
    update();
}

QString YearView::subject(const YearReading& reading) const {
    if (!reading.place) return {};
    const auto name = language::words(
        question::plane_names(document_.option(), {reading.answer->planes[reading.place->plane].plane})[0]);
    return reading.place->point < 0 ? name : QObject::tr("A point of %1").arg(name);
}

void YearView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), ink().paper);
    paint(painter, QRectF(rect()).adjusted(space::medium, kTabs, -space::medium, -space::small), ink());
}

void YearView::paint(QPainter& painter, QRectF box, const report::Ink& ink) const {
    const auto reading = kept_.year_reading(document_.option().id);
    if (reading == nullptr || !reading->place) {
        painter.setPen(ink.ink);
        set_size(painter, type::body);
        painter.drawText(
            box, Qt::AlignTop | Qt::AlignLeft | Qt::TextWordWrap,
            QObject::tr("No year yet: press Run the year (Y). Then click a point of the map to see its year."));
        return;
    }
    if (page_ == Page::light) paint_light(painter, box, ink, *reading);
    if (page_ != Page::light && reading->tables == nullptr)
        return painter.drawText(box, Qt::AlignTop | Qt::AlignLeft, QObject::tr("Being computed\u2026"));
    if (page_ == Page::glass) paint_glass(painter, box, ink, *reading);
    if (page_ == Page::electric) paint_electric(painter, box, ink, *reading);
}

void YearView::paint_light(QPainter& painter, QRectF box, const report::Ink& ink, const YearReading& reading) const {
    const auto& place = *reading.place;
    const double third = (box.height() - 66) / 3;
    // Typical days: twelve small days side by side, occupied hours shaded.
    QRectF days = QRectF(box.left(), box.top(), box.width(), third + 22);
    title(painter, days, ink, subject(reading), QObject::tr("typical day of each month, lx"));
    QRectF r = days.adjusted(54, 4, -4, -18);
    const auto typical = question::typical_days(place.lux);
    double most = 1;
    for (const auto& day : typical) most = std::max(most, *std::max_element(day.begin(), day.end()));
    const double top = report::nice_top(most);
    grid(painter, r, top, ink);
    const double w = r.width() / 12;
    for (size_t m = 0; m < 12; ++m) {
        QPainterPath line;
        line.moveTo(r.left() + static_cast<double>(m) * w, r.bottom());
        for (size_t h = 0; h < 24; ++h)
            line.lineTo(r.left() + (static_cast<double>(m) + (static_cast<double>(h) + 0.5) / 24) * w,
                        r.bottom() - typical[m][h] / top * r.height());
        line.lineTo(r.left() + static_cast<double>(m + 1) * w, r.bottom());
        const bool counts = reading.wish.months[m];
        painter.setPen(Qt::NoPen);
        painter.setBrush(QColor(0xe7, 0xb4, 0x6b, counts ? 170 : 60));
        painter.drawPath(line);
        painter.setPen(ink.ink);
        set_size(painter, type::small);
        painter.drawText(QRectF(r.left() + static_cast<double>(m) * w, r.bottom() + 2, w, 14), Qt::AlignCenter,
                         language::month(m + 1).left(1));
    }
    painter.setBrush(Qt::NoBrush);
    const double target = reading.use.limits.target;
    if (target < top) {
        painter.setPen(QPen(ink.accent, 1, Qt::DashLine));
        painter.drawLine(QPointF(r.left(), r.bottom() - target / top * r.height()),
                         QPointF(r.right(), r.bottom() - target / top * r.height()));
    }
    // How often how much.
    QRectF curve = QRectF(box.left(), days.bottom() + 8, box.width(), third + 22);
    title(painter, curve, ink, QObject::tr("How often how much"),
          QObject::tr("% of the occupied hours with at least so many lux"));
    r = curve.adjusted(54, 4, -4, -18);
    const auto hours = question::in_months(reading.use.hours[place.plane], reading.wish.months);
    std::vector<double> sorted;
    for (size_t h = 0; h < hours.size(); ++h)
        if (hours[h]) sorted.push_back(static_cast<double>(place.lux[h]));
    std::sort(sorted.begin(), sorted.end(), std::greater<>());
    grid(painter, r, 100, ink);
    constexpr double low = 10, high = 10000;
    const auto x_of = [&](double lux) {
        return r.left() + std::log10(std::clamp(lux, low, high) / low) / std::log10(high / low) * r.width();
    };
    if (!sorted.empty()) {
        // The band of the error, then the curve.
        const auto path = [&](double scale) {
            QPainterPath p;
            for (int i = 0; i <= 120; ++i) {
                const double lux = low * std::pow(high / low, i / 120.0);
                const auto n =
                    std::lower_bound(sorted.begin(), sorted.end(), lux / scale, std::greater<>()) - sorted.begin();
                const QPointF at(x_of(lux),
                                 r.bottom() - static_cast<double>(n) / static_cast<double>(sorted.size()) * r.height());
                if (i == 0)
                    p.moveTo(at);
                else
                    p.lineTo(at);
            }
            return p;
        };
        QPainterPath band = path(1 + place.half_width);
        band.connectPath(path(std::max(0.05, 1 - place.half_width)).toReversed());
        painter.fillPath(band, QColor(0xe7, 0xb4, 0x6b, 110));
        painter.setPen(QPen(ink.ink, 1.6));
        painter.drawPath(path(1));
    }
    painter.setPen(QPen(ink.accent, 1, Qt::DashLine));
    painter.drawLine(QPointF(x_of(target), r.top()), QPointF(x_of(target), r.bottom()));
    set_size(painter, type::small);
    painter.setPen(ink.ink);
    for (const double lux : {10.0, 100.0, 1000.0, 10000.0})
        painter.drawText(QRectF(x_of(lux) - 40, r.bottom() + 2, 80, 14), lux == high ? Qt::AlignLeft : Qt::AlignCenter,
                         lux == high ? QString() : QObject::tr("%1 lx").arg(lux));
    // What it is made of.
    QRectF parts = QRectF(box.left(), curve.bottom() + 8, box.width(), third + 22);
    title(painter, parts, ink, QObject::tr("Made of"),
          QObject::tr("mean %1 lx in the occupied hours").arg(report::figure(place.shares.total)));
    const auto& s = place.shares;
    std::vector<std::pair<QString, double>> rows{{QObject::tr("direct sun"), s.sun},
                                                 {QObject::tr("sky, straight"), s.sky},
                                                 {QObject::tr("inside, reflected"), s.inside},
                                                 {QObject::tr("via the ground"), s.ground},
                                                 {QObject::tr("via facades and trees"), s.outdoors}};
    if (reading.wish.counted != question::LightCounted::daylight)
        rows.emplace_back(QObject::tr("electric light"), s.electric);
    std::vector<std::pair<QString, double>> windows;
    for (const auto& window : s.windows)
        if (windows.size() < rows.size())
            windows.emplace_back(window.id.empty() ? QObject::tr("past windows") : name_of(window.id), window.lux);
    const double half = parts.width() / 2;
    for (const auto& [list, left] : {std::pair{&rows, parts.left()}, {&windows, parts.left() + half + 6}})
        for (size_t i = 0; i < list->size(); ++i) {
            const QRectF line(left, parts.top() + static_cast<double>(i) * 17, half - 8, 16);
            const double share = s.total > 0 ? (*list)[i].second / s.total : 0;
            painter.fillRect(QRectF(line.left(), line.top() + 2, line.width() * share, 12),
                             QColor(0xe7, 0xb4, 0x6b, 150));
            painter.setPen(ink.ink);
            painter.drawText(line, Qt::AlignLeft | Qt::AlignVCenter, (*list)[i].first);
            painter.drawText(line, Qt::AlignRight | Qt::AlignVCenter,
                             QStringLiteral("%L1 %").arg(100 * share, 0, 'f', share < 0.0995 ? 1 : 0));
        }
}

namespace {

struct Bars {
    QString name;
    std::array<double, 12> value{};
    QColor colour;
};

// Months side by side, of each month all bars.
void draw_months(QPainter& painter, QRectF r, const std::vector<Bars>& bars, double top, const report::Ink& ink) {
    grid(painter, r, top, ink);
    const double w = r.width() / 12, each = w * 0.8 / static_cast<double>(std::max<size_t>(bars.size(), 1));
    for (size_t m = 0; m < 12; ++m) {
        for (size_t b = 0; b < bars.size(); ++b) {
            const double h = bars[b].value[m] / top * r.height();
            painter.fillRect(QRectF(r.left() + static_cast<double>(m) * w + w * 0.1 + static_cast<double>(b) * each,
                                    r.bottom() - h, each - 1, h),
                             bars[b].colour);
        }
        painter.setPen(ink.ink);
        painter.drawText(QRectF(r.left() + static_cast<double>(m) * w, r.bottom() + 2, w, 14), Qt::AlignCenter,
                         language::month(m + 1).left(1));
    }
}

double most_of(const std::vector<Bars>& bars) {
    double most = 0;
    for (const auto& b : bars) most = std::max(most, *std::max_element(b.value.begin(), b.value.end()));
    return most;
}

const QColor kOn(0xb9, 0x8a, 0x52), kThrough(0xe7, 0xb4, 0x6b);

}  // namespace

void YearView::paint_glass(QPainter& painter, QRectF box, const report::Ink& ink, const YearReading& reading) const {
    const auto& room = reading.answer->planes[reading.place->plane].plane.room;
    std::vector<model::Id> of_room;
    for (const auto& group : reading.answer->groups)
        if (group.room == room) of_room.insert(of_room.end(), group.openings.begin(), group.openings.end());
    Bars on{QObject::tr("on the panes"), {}, kOn}, through{QObject::tr("behind them"), {}, kThrough};
    struct Line {
        QString name;
        double area, on, through;
        bool known;
    };
    std::vector<Line> lines;
    for (const auto& heat : reading.tables->heat) {
        if (std::find(of_room.begin(), of_room.end(), heat.opening) == of_room.end()) continue;
        Line line{name_of(heat.opening), heat.area, 0, 0, heat.solar_known};
        for (int h = 0; h < climate::kHours; ++h) {
            const auto m = static_cast<size_t>(climate::moment_of(h / 24, 12).month - 1);
            const double a = static_cast<double>(heat.on[static_cast<size_t>(h)]) * heat.area / 1000,
                         b = static_cast<double>(heat.through[static_cast<size_t>(h)]) * heat.area / 1000;
            on.value[m] += a;
            through.value[m] += b;
            line.on += a;
            line.through += b;
        }
        lines.push_back(line);
    }
    const auto place = model::find_room(document_.option(), room);
    title(painter, box, ink, place ? name_of(place.room->name) : QString(),
          QObject::tr("solar irradiation of its glass by month, kWh"));
    if (lines.empty()) {
        painter.drawText(box, Qt::AlignTop | Qt::AlignLeft | Qt::TextWordWrap,
                         QObject::tr("This room has no glass of its own to the open."));
        return;
    }
    const QRectF r = QRectF(box.left() + 54, box.top() + 4, box.width() - 58, box.height() * 0.42);
    draw_months(painter, r, {on, through}, report::nice_top(most_of({on})), ink);
    double x = r.left(), y = r.bottom() + 22;
    for (const Bars& b : {on, through}) {
        painter.fillRect(QRectF(x, y + 3, 12, 10), b.colour);
        painter.drawText(QRectF(x + 16, y, 120, 16), Qt::AlignLeft | Qt::AlignVCenter, b.name);
        x += 120;
    }
    y += 22;
    const double columns[] = {0, 0.34, 0.56, 0.8};
    const auto row = [&](const QStringList& cells, bool bold) {
        set_size(painter, type::small, bold);
        for (int c = 0; c < 4; ++c) {
            const double left = box.left() + columns[c] * box.width(),
                         right = box.left() + (c < 3 ? columns[c + 1] : 1.0) * box.width();
            painter.drawText(QRectF(left, y, right - left - 6, 16),
                             (c == 0 ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignVCenter, cells[c]);
        }
        y += 17;
    };
    row({QObject::tr("Window"), QObject::tr("glass, m\u00b2"), QObject::tr("on, kWh a year"), QObject::tr("behind")},
        true);
    bool unknown = false;
    size_t shown = 0;
    for (const auto& l : lines) {
        if (y > box.bottom() - 51) {
            row({QObject::tr("and %1 more").arg(lines.size() - shown), QString(), QString(), QString()}, false);
            break;
        }
        ++shown;
        row({l.name + (l.known ? QString() : QStringLiteral(" *")), language::number(l.area, 'f', 2),
             language::number(l.on, 'f', 0), language::number(l.through, 'f', 0)},
            false);
        unknown = unknown || !l.known;
    }
    if (unknown)
        painter.drawText(
            QRectF(box.left(), box.bottom() - 32, box.width(), 32), Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap,
            QObject::tr("* no solar factor is given for its glazing: its visible transmittance stands in."));
}

void YearView::paint_electric(QPainter& painter, QRectF box, const report::Ink& ink, const YearReading& reading) const {
    title(painter, box, ink, QObject::tr("Electric light"), QObject::tr("kWh by month"));
    if (reading.tables->lighting.empty()) {
        painter.drawText(box, Qt::AlignTop | Qt::AlignLeft | Qt::TextWordWrap,
                         QObject::tr("No electric light yet: give a room some on the page Use, on the right."));
        return;
    }
    Bars sum{QStringLiteral("all"), {}, kThrough};
    for (const auto& l : reading.tables->lighting)
        for (size_t m = 0; m < 12; ++m) sum.value[m] += l.by_month[m];
    const QRectF r = QRectF(box.left() + 54, box.top() + 4, box.width() - 58, box.height() * 0.42);
    draw_months(painter, r, {sum}, report::nice_top(most_of({sum})), ink);
    double y = r.bottom() + 26;
    for (const auto& l : reading.tables->lighting) {
        if (y > box.bottom() - 18) break;
        set_size(painter, type::small, true);
        painter.setPen(ink.ink);
        painter.drawText(QRectF(box.left(), y, box.width(), 16), Qt::AlignLeft | Qt::AlignVCenter, name_of(l.name));
        set_size(painter, type::small);
        painter.drawText(QRectF(box.left(), y, box.width(), 16), Qt::AlignRight | Qt::AlignVCenter,
                         QObject::tr("%1%2 kWh a year, %L3 % less than always on")
                             .arg(report::figure(l.kwh),
                                  l.kwh_high > l.kwh_low
                                      ? QStringLiteral(" \u00b1 ") + report::error_figure((l.kwh_high - l.kwh_low) / 2)
                                      : QString())
                             .arg(100 * l.saved(), 0, 'f', 0));
        y += 18;
    }
}

Takeaway YearView::takeaway() const {
    Takeaway out;
    out.title = QObject::tr("A year");
    out.size = {900, 900};
    out.paint = [this](QPainter& painter) {
        painter.setFont(report::page_font(12));
        painter.setRenderHint(QPainter::Antialiasing);
        const report::Ink paper;
        painter.fillRect(QRectF(0, 0, 900, 900), paper.paper);
        paint(painter, QRectF(40, 40, 820, 820), paper);
    };
    return out;
}

Page year_companion(Desktop& desktop) {
    auto* view = new YearView(desktop.document(), desktop.answers(), desktop.asker(), desktop.window());
    desktop.commands().add(CommandGroup::light, QObject::tr("The year of a point"),
                           QKeySequence(QStringLiteral("Shift+Y")), [&desktop, view] {
                               desktop.go_to_desk(DeskKind::light);
                               if (!is_year(desktop.shown())) desktop.show(figure::daylight_autonomy());
                               desktop.show_page(&desktop.part<YearPanel>());
                               desktop.show_companion(view);
                           });
    return {QObject::tr("Year"), QObject::tr("The year of the point or room that is asked about, in charts"),
            on_desk(DeskKind::light), view};
}

}  // namespace wp::gui
