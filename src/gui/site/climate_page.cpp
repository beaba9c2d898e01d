// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/site/climate_page.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QMouseEvent>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "exchange/climate_tables.h"
#include "gui/look/look.h"
#include "gui/look/tag.h"
#include "report/language/dates.h"
#include "report/language/words.h"

namespace wp::gui {

ClimateCharts::ClimateCharts(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    setMouseTracking(true);
    setObjectName(QStringLiteral("climate-charts"));
    setAccessibleName(QObject::tr("Charts of the climate"));
    connect(&document, &Document::weather_changed, this, [this] {
        picture_ = {};
        update();
    });
    connect(&document, &Document::moment_changed, this, qOverload<>(&QWidget::update));
}

void ClimateCharts::set_quantity(climate::Quantity quantity) {
    quantity_ = quantity;
    picture_ = {};
    update();
}

// As draw_climate_page lays it out.
QRectF ClimateCharts::carpet() const { return report::carpet_area(QRectF(16, 16, width() - 32, height() * 0.36 - 16)); }

QPointF ClimateCharts::place_of(const climate::Moment& m) const {
    const QRectF r = carpet();
    return {r.left() + (m.day_of_year() + 0.5) / 365 * r.width(), r.bottom() - m.hour / 24 * r.height()};
}

std::optional<climate::Moment> ClimateCharts::moment_at(QPointF at) const {
    const QRectF r = carpet();
    if (!r.contains(at)) return {};
    const int day = std::clamp(static_cast<int>((at.x() - r.left()) / r.width() * 365), 0, 364),
              hour = std::clamp(static_cast<int>((r.bottom() - at.y()) / r.height() * 24), 0, 23);
    return climate::moment_of(day, hour + 0.5);
}

void ClimateCharts::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const auto weather = document_.weather();
    if (!weather) {
        painter.setPen(ink().faint);
        painter.drawText(rect(), Qt::AlignCenter,
                         document_.reads_weather()
                             ? QObject::tr("Reading the weather\u2026")
                             : QObject::tr("No weather yet. Choose a weather file on the right."));
        return;
    }
    const double ratio = devicePixelRatioF();
    if (picture_.size() != size() * ratio) {
        picture_ = QImage(size() * ratio, QImage::Format_ARGB32_Premultiplied);
        picture_.setDevicePixelRatio(ratio);
        QPainter inner(&picture_);
        inner.setFont(font());
        report::draw_climate_page(inner, *weather, document_.outdoor(), quantity_, ink(), size());
    }
    painter.drawImage(QPointF(0, 0), picture_);
    painter.setRenderHint(QPainter::Antialiasing);
    const QPointF now = place_of(document_.moment());
    painter.setPen(QPen(ink().ink, 1.4));
    painter.setBrush(ink().room);
    painter.drawEllipse(now, 4, 4);
    const auto under = moment_at(pointer_);
    if (!under) return;
    const double value =
        climate::hourly(*weather, document_.outdoor(), quantity_)[static_cast<size_t>(under->hour_of_year())];
    const auto& name = climate::name_of(quantity_);
    const QString text = language::text(*under) + QStringLiteral(": ") +
                         (std::isnan(value) ? QObject::tr("not in the file")
                                            : report::figure(value) + QStringLiteral(" ") + language::words(name.unit));
    draw_tag(painter, pointer_, rect(), {text});
}

void ClimateCharts::mousePressEvent(QMouseEvent* event) {
    if (const auto moment = moment_at(event->position())) document_.show_moment(*moment);
}

void ClimateCharts::mouseMoveEvent(QMouseEvent* event) {
    pointer_ = event->position();
    if (event->buttons() & Qt::LeftButton)
        if (const auto moment = moment_at(pointer_)) document_.show_moment(*moment);
    update();
}

void ClimateCharts::leaveEvent(QEvent*) {
    pointer_ = {-1, -1};
    update();
}

ClimatePage::ClimatePage(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, space::tight, 0, 0);
    column->setSpacing(0);
    auto* row = new QHBoxLayout;
    row->setContentsMargins(space::medium, 0, space::medium, 0);
    auto* title = new QLabel(QObject::tr("Quantity"));
    title->setProperty("role", QStringLiteral("small"));
    row->addWidget(title);
    row->addSpacing(space::tight);
    auto* box = new QComboBox;
    box->setObjectName(QStringLiteral("quantity"));
    box->setAccessibleName(QObject::tr("Quantity"));
    for (const auto q : climate::kQuantities) box->addItem(language::words(climate::name_of(q).name));
    row->addWidget(box);
    row->addStretch(1);
    row->addWidget(out_buttons(this, [this] { return takeaway(); }));
    column->addLayout(row);
    charts_ = new ClimateCharts(document);
    column->addWidget(charts_, 1);
    box->setCurrentIndex(static_cast<int>(charts_->quantity()));
    connect(box, &QComboBox::currentIndexChanged, this,
            [this](int i) { charts_->set_quantity(climate::kQuantities[static_cast<size_t>(i)]); });
}

Takeaway ClimatePage::takeaway() const {
    const auto weather = document_.weather();
    Takeaway out;
    out.title = QObject::tr("Climate");
    out.size = {1200, 900};
    out.paint = [weather, outdoor = document_.outdoor(), quantity = charts_->quantity(),
                 size = out.size](QPainter& painter) {
        painter.setFont(report::page_font(11));
        if (weather) report::draw_climate_page(painter, *weather, outdoor, quantity, report::Ink(), size);
    };
    out.csv = [weather, outdoor = document_.outdoor()] {
        return weather ? exchange::climate_hours_csv(*weather, outdoor) : std::string();
    };
    return out;
}

}  // namespace wp::gui
