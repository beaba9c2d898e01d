// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/electric/candela_view.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>
#include <vector>

#include "gui/look/look.h"
#include "report/language/words.h"
#include "report/pictures.h"

namespace wp::gui {

namespace {

constexpr double kTilt = 22;  // degrees that one looks down at the body
constexpr int kAround = 36, kDown = 36;
constexpr double kKeyTurn = 10;

QColor shade(const QColor& from, double light) {
    const double k = 0.55 + 0.45 * std::clamp(light, 0.0, 1.0);
    return QColor::fromRgbF(static_cast<float>(from.redF() * k), static_cast<float>(from.greenF() * k),
                            static_cast<float>(from.blueF() * k));
}

}  // namespace

CandelaView::CandelaView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("candela"));
    setAccessibleName(QObject::tr("Intensity by direction"));
    setMinimumHeight(176);
    setFocusPolicy(Qt::TabFocus);
    setCursor(Qt::OpenHandCursor);
    setToolTip(QObject::tr("Intensity by direction: planes C0 and C90, and all of it as a body. Drag to turn it"));
}

void CandelaView::show_type(const model::LuminaireType& type) {
    light_.emplace(type);
    update();
}

QRectF CandelaView::curves_box() const { return QRectF(4, 4, width() / 2.0 - 8, height() - 8); }
QRectF CandelaView::body_box() const { return QRectF(width() / 2.0 + 4, 4, width() / 2.0 - 8, height() - 8); }

void CandelaView::mousePressEvent(QMouseEvent* event) {
    grabbed_at_ = event->position().x();
    grabbed_turn_ = turn_;
    setFocus();
}

void CandelaView::mouseMoveEvent(QMouseEvent* event) {
    if (!(event->buttons() & Qt::LeftButton)) return;
    turn_ = std::fmod(grabbed_turn_ + event->position().x() - grabbed_at_, 360.0);
    update();
}

void CandelaView::keyPressEvent(QKeyEvent* event) {
    if (event->key() != Qt::Key_Left && event->key() != Qt::Key_Right) return QWidget::keyPressEvent(event);
    turn_ += event->key() == Qt::Key_Left ? -kKeyTurn : kKeyTurn;
    update();
}

void CandelaView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    QFont font = painter.font();
    font.setPixelSize(type::small);
    painter.setFont(font);
    if (!light_ || !(light_->most() > 0)) return;
    paint_curves(painter);
    paint_body(painter);
}

void CandelaView::paint_curves(QPainter& painter) const {
    const QRectF box = curves_box();
    // How much goes up decides where the middle lies.
    double up = 0;
    for (int g = 91; g <= 180; ++g)
        for (int c = 0; c < 360; c += 15) up = std::max(up, light_->candela_at(radians(c), radians(g)));
    const double top = report::nice_top(light_->most()), above = std::clamp(up / top, 0.08, 1.0);
    const double legend = 16, reach = std::min(box.width() / 2 - 4, (box.height() - legend) / (1 + above));
    const QPointF middle(box.center().x(), box.top() + reach * above);
    painter.setBrush(Qt::NoBrush);
    for (int ring = 1; ring <= 2; ++ring) {
        const double r = reach * ring / 2;
        painter.setPen(QPen(ink().ground, 1));
        painter.drawArc(QRectF(middle.x() - r, middle.y() - r, 2 * r, 2 * r), 180 * 16, 180 * 16);
        if (above > 0.5) painter.drawArc(QRectF(middle.x() - r, middle.y() - r, 2 * r, 2 * r), 0, 180 * 16);
        painter.setPen(ink().faint);
        painter.drawText(QRectF(middle.x() + 3, middle.y() + r - 14, 60, 13), Qt::AlignLeft | Qt::AlignVCenter,
                         QStringLiteral("%1%2").arg(language::number(top * ring / 2, 'f', top < 10 ? 1 : 0),
                                                    ring == 2 ? QStringLiteral(" cd") : QString()));
    }
    painter.setPen(QPen(ink().ground, 1));
    painter.drawLine(QPointF(middle.x() - reach, middle.y()), QPointF(middle.x() + reach, middle.y()));
    painter.drawLine(middle, middle + QPointF(0, reach));
    const auto curve = [&](double plane, const QPen& pen) {
        QPainterPath path;
        for (int g = -180; g <= 180; g += 2) {
            const double gamma = radians(std::abs(g)), c = radians(g < 0 ? plane + 180 : plane);
            const double r = reach * light_->candela_at(c, gamma) / top;
            const QPointF at = middle + QPointF(r * std::sin(gamma) * (g < 0 ? -1 : 1), r * std::cos(gamma));
            g == -180 ? path.moveTo(at) : path.lineTo(at);
        }
        painter.setPen(pen);
        painter.drawPath(path);
    };
    curve(90, QPen(ink().faint, 1.6, Qt::DashLine));
    curve(0, QPen(ink().accent, 2));
    const double y = box.bottom() - 13;
    painter.setPen(QPen(ink().accent, 2));
    painter.drawLine(QPointF(box.left(), y + 6), QPointF(box.left() + 14, y + 6));
    painter.setPen(ink().ink);
    painter.drawText(QRectF(box.left() + 18, y, 60, 13), Qt::AlignLeft | Qt::AlignVCenter, QStringLiteral("C0"));
    painter.setPen(QPen(ink().faint, 1.6, Qt::DashLine));
    painter.drawLine(QPointF(box.left() + 44, y + 6), QPointF(box.left() + 60, y + 6));
    painter.setPen(ink().ink);
    painter.drawText(QRectF(box.left() + 64, y, 60, 13), Qt::AlignLeft | Qt::AlignVCenter, QStringLiteral("C90"));
}

void CandelaView::paint_body(QPainter& painter) const {
    const QRectF box = body_box();
    struct Quad {
        double depth;
        QPolygonF shape;
        double light;
    };
    std::vector<Quad> quads;
    const double turn = radians(turn_), tilt = radians(kTilt), most = light_->most();
    double low = 0, high = 0, wide = 0.05;
    const auto place = [&](int c, int g) {
        const double azimuth = 2 * kPi * c / kAround, gamma = kPi * g / kDown;
        const double r = light_->candela_at(azimuth, gamma) / most;
        return Vec3{r * std::sin(gamma) * std::cos(azimuth + turn), r * std::sin(gamma) * std::sin(azimuth + turn),
                    -r * std::cos(gamma)};
    };
    const auto seen = [&](Vec3 p) {
        return Vec3{p.x, p.z * std::cos(tilt) + p.y * std::sin(tilt), p.y * std::cos(tilt) - p.z * std::sin(tilt)};
    };
    std::vector<Vec3> grid;
    for (int c = 0; c <= kAround; ++c)
        for (int g = 0; g <= kDown; ++g) {
            grid.push_back(seen(place(c, g)));
            low = std::min(low, grid.back().y);
            high = std::max(high, grid.back().y);
            wide = std::max(wide, std::fabs(grid.back().x));
        }
    const double scale = std::min((box.height() - 12) / std::max(0.1, high - low), box.width() / (2 * wide));
    const QPointF middle(box.center().x(), box.top() + 6 + high * scale);
    const auto screen = [&](Vec3 p) { return middle + QPointF(p.x * scale, -p.y * scale); };
    for (int c = 0; c < kAround; ++c)
        for (int g = 0; g < kDown; ++g) {
            const auto at = [&](int i, int j) { return grid[static_cast<size_t>(i * (kDown + 1) + j)]; };
            const Vec3 p = at(c, g), q = at(c + 1, g), r = at(c + 1, g + 1), s = at(c, g + 1);
            const Vec3 normal = cross(r - p, s - q);
            const double size = length(normal);
            if (!(size > 1e-9)) continue;
            // Lit from above the eye's left shoulder.
            const double lit = std::fabs(dot(normal * (1 / size), normalized(Vec3{-0.4, 0.5, -0.75})));
            quads.push_back({p.z + q.z + r.z + s.z, QPolygonF{screen(p), screen(q), screen(r), screen(s)}, lit});
        }
    std::ranges::sort(quads, [](const Quad& a, const Quad& b) { return a.depth > b.depth; });
    const QColor warm(0xe9, 0xb4, 0x4c);
    for (const Quad& quad : quads) {
        const QColor fill = shade(warm, quad.light);
        painter.setPen(QPen(fill.darker(112), 0.6));
        painter.setBrush(fill);
        painter.drawPolygon(quad.shape);
    }
    // Where C 0 looks.
    const Vec3 zero = seen({1.05 * wide * std::cos(turn), 1.05 * wide * std::sin(turn), 0});
    painter.setPen(QPen(ink().ink, 1));
    painter.drawLine(screen(seen({0, 0, 0})), screen(zero));
    painter.drawText(QRectF(screen(zero) - QPointF(12, 15), QSizeF(24, 13)), Qt::AlignCenter, QStringLiteral("C0"));
}

}  // namespace wp::gui
