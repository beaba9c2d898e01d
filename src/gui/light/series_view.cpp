// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/light/series_view.h"

#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "exchange/point_table.h"
#include "gui/look/look.h"
#include "report/language/dates.h"
#include "report/language/words.h"
#include "report/pictures.h"

namespace wp::gui {

namespace {
constexpr double kLegend = 64, kCaption = 34, kGap = 12;
}

SeriesView::SeriesView(Document& document, const KeptAnswers& kept, const Maps& maps, QWidget* parent)
    : QWidget(parent), document_(document), kept_(kept), maps_(maps) {
    setObjectName(QStringLiteral("series"));
    setAccessibleName(QObject::tr("Moments side by side"));
    connect(&document, &Document::project_changed, this, qOverload<>(&QWidget::update));
    connect(&kept, &KeptAnswers::changed, this, qOverload<>(&QWidget::update));
}

std::vector<QRectF> SeriesView::cells() const { return cells_in(size()); }

// As many columns as make the plans largest.
std::vector<QRectF> SeriesView::cells_in(QSizeF size) const {
    const size_t n = frames().size();
    if (n == 0 || document_.option().storeys.empty()) return {};
    // How wide a plan is for its height.
    const auto view = report::PlanView::fit(document_.option(), document_.storey_index(), QRectF(0, 0, 1000, 1000));
    double low_x = 1e9, high_x = -1e9, low_y = 1e9, high_y = -1e9;
    for (const auto& room : document_.option().storeys[document_.storey_index()].rooms)
        for (const Vec2 p : room.footprint) {
            const QPointF s = view.to_screen(p);
            low_x = std::min(low_x, s.x()), high_x = std::max(high_x, s.x()), low_y = std::min(low_y, s.y()),
            high_y = std::max(high_y, s.y());
        }
    const double shape = high_x > low_x && high_y > low_y ? (high_x - low_x) / (high_y - low_y) : 1.5;
    const double w = size.width() - kGap, h = size.height() - kLegend;
    size_t best = 1;
    double largest = 0;
    for (size_t columns = 1; columns <= n; ++columns) {
        const double rows = std::ceil(static_cast<double>(n) / static_cast<double>(columns)),
                     cw = w / static_cast<double>(columns) - kGap, ch = h / rows - kCaption;
        const double scale = std::min(cw / shape, ch);
        if (scale > largest) largest = scale, best = columns;
    }
    const double rows = std::ceil(static_cast<double>(n) / static_cast<double>(best)),
                 cw = w / static_cast<double>(best), ch = h / rows;
    std::vector<QRectF> out;
    for (size_t i = 0; i < n; ++i)
        out.push_back(
            QRectF(kGap + static_cast<double>(i % best) * cw, static_cast<double>(i / best) * ch, cw - kGap, ch));
    return out;
}

std::vector<SeriesView::Frame> SeriesView::frames() const {
    std::vector<Frame> out;
    if (months_) {
        const auto reading = kept_.year_reading(document_.option().id);
        if (reading == nullptr || reading->by_month.size() != 12) return out;
        for (size_t m = 0; m < 12; ++m)
            out.push_back({language::month(static_cast<int>(m) + 1), reading->by_month[m], false});
        return out;
    }
    const auto* kept = maps_.table();
    if (kept == nullptr) return out;
    const SheetMap map = maps_.map(Shown::table);
    const bool stale = !map.layers.empty() && map.layers.front().stale;
    const size_t step = kept->answer->main_columns;
    for (size_t c = 0; c < kept->answer->table.columns.size(); c += step) {
        Frame frame{language::words(kept->answer->table.columns[c].name), report::maps_of(kept->answer->table, c),
                    c == maps_.table_column() / step * step};
        for (auto& layer : frame.layers) layer.stale = stale;
        out.push_back(std::move(frame));
    }
    return out;
}

void SeriesView::paint(QPainter& painter, QSizeF size, const report::Ink& ink) const {
    painter.fillRect(QRectF(QPointF(0, 0), size), ink.paper);
    const auto all_frames = frames();
    const auto boxes = cells_in(size);
    if (boxes.empty()) {
        painter.setPen(ink.faint);
        painter.drawText(QRectF(QPointF(0, 0), size), Qt::AlignCenter,
                         months_ ? QObject::tr("The months are being computed\u2026")
                                 : QObject::tr("Nothing asked yet: press Ask."));
        return;
    }
    std::vector<report::MapLayer> all;
    for (const Frame& frame : all_frames) all.insert(all.end(), frame.layers.begin(), frame.layers.end());
    const auto* kept = maps_.table();
    QString unit = QStringLiteral("lx"), legend = QObject::tr("Illuminance");
    report::Scale scale = report::light_scale(all);
    if (months_) {
        const auto& figure = *kept_.year_reading(document_.option().id)->wish.figure;
        legend = language::words(figure.name);
        unit = language::words(figure.unit).replace(QObject::tr("a year"), QObject::tr("a month"));
        if (unit != QStringLiteral("lx"))
            scale = {0, unit == QStringLiteral("%") ? 100 : report::nice_top(report::high_of(all)), false};
    } else {
        unit = language::words(kept->answer->table.columns[0].unit);
        if (unit != QStringLiteral("lx")) legend = language::words(kept->answer->table.columns[0].name);
    }
    for (size_t i = 0; i < boxes.size(); ++i) {
        const Frame& frame = all_frames[i];
        const QRectF plan = boxes[i].adjusted(0, kCaption, 0, 0);
        report::PlanScene scene;
        scene.option = &document_.option();
        scene.project = &document_.project();
        scene.storey = document_.storey_index();
        scene.maps = frame.layers;
        scene.scale = scale;
        scene.marks.values = scene.room_names = scene.dimensions = scene.show_below = false;
        scene.north = document_.project().site.north;
        painter.save();
        painter.setClipRect(plan);
        report::draw_plan(
            painter, scene,
            report::PlanView::fit(document_.option(), document_.storey_index(), plan.adjusted(8, 6, -8, -8)), ink,
            plan);
        painter.restore();
        // The mean over what is drawn, so that moments can be compared in figures too.
        double sum = 0;
        size_t count = 0;
        for (const auto& layer : scene.maps)
            if (layer.plane.storey == document_.option().storeys[scene.storey].id)
                for (const double v : layer.value)
                    if (!std::isnan(v)) sum += v, ++count;
        QFont font = painter.font();
        font.setPixelSize(type::body);
        font.setWeight(QFont::DemiBold);
        painter.setFont(font);
        painter.setPen(frame.chosen ? ink.accent : ink.ink);
        const QString& name = frame.name;
        painter.drawText(boxes[i].adjusted(8, 12, -8, 0), Qt::AlignTop | Qt::AlignLeft, name);
        const double used = painter.fontMetrics().horizontalAdvance(name) + 18;
        font.setWeight(QFont::Normal);
        font.setPixelSize(type::small);
        painter.setFont(font);
        painter.setPen(ink.ink);
        if (count == 0) continue;
        // Where there is no room for the word, the figure says enough.
        const QString mean = QStringLiteral("%1 %2").arg(report::figure(sum / static_cast<double>(count)), unit),
                      words = QObject::tr("mean ") + mean;
        const QRectF place = boxes[i].adjusted(8 + used, 14, -4, 0);
        painter.drawText(place, Qt::AlignTop | Qt::AlignLeft,
                         painter.fontMetrics().horizontalAdvance(words) <= place.width() ? words : mean);
    }
    const double w = std::min(340.0, size.width() - 40);
    report::draw_legend(painter, scale, legend, unit, ink,
                        QRectF((size.width() - w) / 2, size.height() - kLegend + 8, w, kLegend - 8));
}

void SeriesView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    paint(painter, size(), ink());
}

void SeriesView::mousePressEvent(QMouseEvent* event) {
    const auto boxes = cells();
    const auto* kept = maps_.table();
    for (size_t i = 0; i < boxes.size(); ++i) {
        if (!boxes[i].contains(event->position())) continue;
        if (months_) return emit month_chosen(static_cast<int>(i));
        if (kept != nullptr) return emit column_chosen(i * kept->answer->main_columns);
    }
}

Takeaway SeriesView::takeaway() const {
    Takeaway out;
    out.title = months_ ? QObject::tr("Months") : QObject::tr("Moments");
    out.size = {1400, 900};
    out.paint = [this](QPainter& painter) {
        painter.setFont(report::page_font(12));
        painter.setRenderHint(QPainter::Antialiasing);
        paint(painter, {1400, 900}, report::Ink());
    };
    if (!months_)
        out.csv = [this] {
            return maps_.table() != nullptr ? exchange::table_csv(maps_.table()->answer->table) : std::string();
        };
    return out;
}

}  // namespace wp::gui
