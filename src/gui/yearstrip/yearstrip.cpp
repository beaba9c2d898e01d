// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/yearstrip/yearstrip.h"

#include <QKeyEvent>
#include <QMenu>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>
#include <numeric>

#include "climate/statistics.h"
#include "gui/look/look.h"

namespace wp::gui {

namespace {
constexpr int kHeader = 30, kClock = 116, kNamed = 116;
}

YearStrip::YearStrip(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    setMinimumHeight(126);
    setMaximumHeight(158);
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setAccessibleName(QStringLiteral("Year strip"));
    setObjectName(QStringLiteral("yearstrip"));
    setToolTip(QStringLiteral("Click or drag to choose the moment; arrow keys step by day and hour"));
    for (const auto signal : {&Document::weather_changed, &Document::answers_changed, &Document::selection_changed, &Document::project_changed})
        connect(&document, signal, this, [this] {
            colour();
            update();
        });
    connect(&document, &Document::weather_changed, this, &YearStrip::find_sun_lines);
    for (const auto signal : {&Document::moment_changed, &Document::sky_changed}) connect(&document, signal, this, qOverload<>(&QWidget::update));
    build_clock();
    colour();
}

// The moment as a field, and moments that have a name.
void YearStrip::build_clock() {
    clock_ = new QLineEdit(this);
    clock_->setObjectName(QStringLiteral("moment"));
    clock_->setAccessibleName(QStringLiteral("Moment"));
    clock_->setToolTip(QStringLiteral("Date and local standard time: \"21 Mar 13:00\", \"13:30\", \"21 Jun\""));
    const auto show = [this] {
        if (!clock_->hasFocus() || !clock_->isModified()) clock_->setText(QString::fromStdString(climate::text(document_.moment())));
    };
    connect(clock_, &QLineEdit::editingFinished, this, [this] {
        if (const auto moment = climate::read_moment(clock_->text().toStdString(), document_.moment())) document_.show_moment(*moment);
        clock_->setText(QString::fromStdString(climate::text(document_.moment())));
        clock_->setModified(false);
    });
    connect(&document_, &Document::moment_changed, clock_, show);
    show();
    named_ = new QToolButton(this);
    named_->setText(QStringLiteral("Moments"));
    named_->setObjectName(QStringLiteral("named-moments"));
    named_->setToolTip(QStringLiteral("Moments with a name, and days that the climate stands out by"));
    set_icon(named_, QStringLiteral("clock"));
    named_->setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
    named_->setPopupMode(QToolButton::InstantPopup);
    named_->setMenu(new QMenu(named_));
    connect(named_->menu(), &QMenu::aboutToShow, this, &YearStrip::fill_moments);
}

void YearStrip::fill_moments() {
    QMenu* menu = named_->menu();
    menu->clear();
    struct Day {
        const char* name;
        int month, day;
    };
    for (const Day& d : {Day{"Spring equinox", 3, 21}, Day{"Summer solstice", 6, 21}, Day{"Autumn equinox", 9, 23}, Day{"Winter solstice", 12, 21}}) {
        QMenu* hours = menu->addMenu(QString::fromLatin1(d.name));
        for (const int hour : {9, 12, 15}) {
            const climate::Moment m{d.month, d.day, static_cast<double>(hour)};
            hours->addAction(QString::fromStdString(climate::text(m)), this, [this, m] { document_.show_moment(m); });
        }
    }
    const auto weather = document_.weather();
    if (!weather) return;
    menu->addSeparator();
    for (const auto& day : climate::notable_days(*weather, document_.outdoor())) {
        if (day.name.starts_with("Typical")) continue;
        menu->addAction(QStringLiteral("%1, %2").arg(QString::fromStdString(day.name), QString::fromStdString(climate::text(day.moment))), this, [this, m = day.moment] { document_.show_moment(m); });
    }
}

void YearStrip::resizeEvent(QResizeEvent*) {
    clock_->setGeometry(44, 2, kClock, 25);
    named_->setGeometry(48 + kClock, 2, kNamed, 25);
}

QRectF YearStrip::carpet() const { return QRectF(44, kHeader, width() - 60, height() - kHeader - 20); }

QPointF YearStrip::place_of(const climate::Moment& m) const {
    const QRectF r = carpet();
    return {r.left() + (m.day_of_year() + 0.5) / 365 * r.width(), r.bottom() - m.hour / 24 * r.height()};
}

climate::Moment YearStrip::moment_at(QPointF at) const {
    const QRectF r = carpet();
    const int day = std::clamp(static_cast<int>((at.x() - r.left()) / r.width() * 365), 0, 364);
    const double hour = std::clamp((r.bottom() - at.y()) / r.height() * 24, 0.0, 23.75);
    return climate::moment_of(day, std::round(hour * 4) / 4);
}

// The strip shows the selected room's mean where the year is known, else the light outdoors.
void YearStrip::colour() {
    const auto year = document_.years.find(document_.option().id);
    const auto& selection = document_.selection();
    const std::shared_ptr<const void> source = year != document_.years.end() ? std::shared_ptr<const void>(year->second) : document_.weather();
    if (!image_.isNull() && source != nullptr && source == coloured_from_ && selection.id == coloured_room_) return;
    coloured_from_ = source;
    coloured_room_ = selection.id;
    image_ = QImage(365, 24, QImage::Format_RGB32);
    std::vector<double> hours(8760, 0.0);
    const question::PlaneYear* plane = nullptr;
    if (year != document_.years.end())
        for (const auto& p : year->second->planes)
            if (p.plane.room == selection.id) plane = &p;
    if (plane != nullptr) {
        for (int h = 0; h < 8760; ++h) {
            const auto lux = plane->open.at(h);
            if (!lux.empty()) hours[static_cast<size_t>(h)] = std::accumulate(lux.begin(), lux.end(), 0.0) / static_cast<double>(lux.size());
        }
        const auto place = model::find_room(document_.option(), selection.id);
        caption_ = QStringLiteral("Mean illuminance, %1").arg(QString::fromStdString(place ? place.room->name : selection.id));
        top_ = 3000;
    } else if (!document_.outdoor().empty()) {
        for (size_t h = 0; h < hours.size(); ++h) hours[h] = document_.outdoor()[h].global_lux();
        caption_ = QStringLiteral("Outdoor illuminance");
        top_ = 100000;
    } else {
        caption_ = QStringLiteral("No weather file: choose one on the Site desk");
    }
    for (int day = 0; day < 365; ++day)
        for (int hour = 0; hour < 24; ++hour) {
            const double v = hours[static_cast<size_t>(day * 24 + hour)];
            const double t = v > 0 ? std::pow(std::min(1.0, v / top_), 0.5) : 0;
            image_.setPixelColor(day, 23 - hour, v > 0 ? report::light_colour(t) : report::light_colour(0));
        }
}

void YearStrip::find_sun_lines() {
    day_lengths_.clear();
    if (document_.weather() == nullptr) return;
    for (int day = 0; day < 365; day += 3) {
        DayLength d{day, -1, -1};
        for (int q = 0; q < 96; ++q) {
            const climate::Moment m = climate::moment_of(day, q / 4.0);
            if (climate::sun_position(document_.weather()->place, m).altitude <= 0) continue;
            if (d.dawn < 0) d.dawn = m.hour;
            d.dusk = m.hour + 0.25;
        }
        if (d.dawn >= 0) day_lengths_.push_back(d);
    }
}

void YearStrip::draw_sun_lines(QPainter& painter) const {
    QPolygonF dawn, dusk;
    for (const DayLength& d : day_lengths_) {
        dawn << place_of(climate::moment_of(d.day, d.dawn));
        dusk << place_of(climate::moment_of(d.day, d.dusk));
    }
    painter.setPen(QPen(QColor(255, 250, 240, 200), 1.2));
    painter.drawPolyline(dawn);
    painter.drawPolyline(dusk);
}

void YearStrip::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF r = carpet();
    painter.fillRect(rect(), ink().paper);
    painter.setRenderHint(QPainter::SmoothPixmapTransform, false);
    painter.drawImage(r, image_);
    draw_sun_lines(painter);
    QFont font = painter.font();
    font.setPixelSize(type::small);
    painter.setFont(font);
    painter.setPen(ink().ink);
    static constexpr const char* months[] = {"Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"};
    for (int m = 0; m < 12; ++m) {
        const double x0 = r.left() + climate::kMonthStart[static_cast<size_t>(m)] / 365.0 * r.width(),
                     x1 = r.left() + climate::kMonthStart[static_cast<size_t>(m) + 1] / 365.0 * r.width();
        painter.drawText(QRectF(x0, r.bottom() + 2, x1 - x0, 16), Qt::AlignCenter, QString::fromLatin1(months[m]));
        if (m > 0) painter.drawLine(QPointF(x0, r.bottom()), QPointF(x0, r.bottom() + 4));
    }
    for (int h = 0; h <= 24; h += 6)
        painter.drawText(QRectF(0, r.bottom() - h / 24.0 * r.height() - 8, 38, 16), Qt::AlignRight | Qt::AlignVCenter, QStringLiteral("%1:00").arg(h, 2, 10, QLatin1Char('0')));
    // Occupied hours as a bracket at both ends.
    double from = 8, to = 18;
    for (const auto& q : document_.project().questions)
        if (q.kind == model::Question::Kind::year) {
            from = q.from;
            to = q.to;
        }
    const double y0 = r.bottom() - from / 24 * r.height(), y1 = r.bottom() - to / 24 * r.height();
    painter.setPen(QPen(QColor(255, 250, 240, 150), 1, Qt::DashLine));
    painter.drawLine(QPointF(r.left(), y0), QPointF(r.right(), y0));
    painter.drawLine(QPointF(r.left(), y1), QPointF(r.right(), y1));
    painter.setPen(QPen(ink().accent, 3));
    painter.drawLine(QPointF(r.right() + 5, y0), QPointF(r.right() + 5, y1));
    // The moment.
    const QPointF at = place_of(document_.moment());
    painter.setPen(QPen(ink().accent, 1.4));
    painter.drawLine(QPointF(at.x(), r.top()), QPointF(at.x(), r.bottom()));
    painter.setBrush(ink().paper);
    painter.setPen(QPen(ink().accent, 2));
    painter.drawEllipse(at, 5, 5);
    font.setWeight(QFont::DemiBold);
    painter.setFont(font);
    painter.setPen(ink().ink);
    if (const auto outdoors = document_.outdoors()) {
        const double up = degrees(outdoors->shine.sun.altitude);
        const QString sun = up > 0 ? QStringLiteral("sun %1\u00b0 up").arg(up, 0, 'f', 0) : QStringLiteral("sun below the horizon");
        painter.drawText(QRectF(r.left() + kClock + kNamed + 16, 5, r.width(), 18), Qt::AlignLeft | Qt::AlignVCenter,
                         QStringLiteral("%1   outdoors %2 lx, of it diffuse %3 lx").arg(sun).arg(outdoors->global_lux(), 0, 'f', 0).arg(outdoors->diffuse_lux, 0, 'f', 0));
    }
    font.setWeight(QFont::Normal);
    painter.setFont(font);
    // The caption carries its own small legend.
    const double swatch = 110, x = r.right() - swatch;
    QImage ramp(256, 1, QImage::Format_RGB32);
    for (int i = 0; i < 256; ++i) ramp.setPixelColor(i, 0, report::light_colour(i / 255.0));
    painter.drawImage(QRectF(x, 11, swatch, 7), ramp);

    painter.drawText(QRectF(r.left(), 5, r.width() - swatch - 24, 18), Qt::AlignRight | Qt::AlignVCenter,
                     QStringLiteral("%1 up to %2 lx").arg(caption_).arg(top_, 0, 'f', 0));
    if (hasFocus()) {
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(ink().accent, 1));
        painter.drawRect(r.adjusted(-1, -1, 1, 1));
    }
}

void YearStrip::mousePressEvent(QMouseEvent* event) {
    setFocus();
    document_.show_moment(moment_at(event->position()));
}

void YearStrip::mouseMoveEvent(QMouseEvent* event) {
    if (event->buttons() & Qt::LeftButton) document_.show_moment(moment_at(event->position()));
}

void YearStrip::keyPressEvent(QKeyEvent* event) {
    climate::Moment m = document_.moment();
    int day = m.day_of_year();
    double hour = m.hour;
    switch (event->key()) {
        case Qt::Key_Left: day = (day + 364) % 365; break;
        case Qt::Key_Right: day = (day + 1) % 365; break;
        case Qt::Key_Up: hour = std::min(23.75, hour + 0.5); break;
        case Qt::Key_Down: hour = std::max(0.0, hour - 0.5); break;
        default: return QWidget::keyPressEvent(event);
    }
    document_.show_moment(climate::moment_of(day, hour));
}

}  // namespace wp::gui
