// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/matter/material_preview.h"

#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>
#include <functional>

#include "base/vec.h"
#include "gui/look/look.h"
#include "light/glass.h"
#include "light/slats.h"
#include "report/tint.h"

namespace wp::gui {
using model::Material;

namespace {

// Axes of a small chart: shares upwards, an angle along.
struct Chart {
    QPainter& painter;
    QRectF box;
    double from, to;  // degrees
    QPointF at(double degree, double share) const {
        return {box.left() + box.width() * (degree - from) / (to - from), box.bottom() - box.height() * share};
    }

    void frame(const QString& along, int step) const {
        painter.setPen(QPen(ink().faint, 0.6));
        for (const double s : {0.0, 0.5, 1.0}) {
            painter.drawLine(at(from, s), at(to, s));
            painter.drawText(QRectF(box.left() - 36, at(from, s).y() - 8, 32, 16), Qt::AlignRight | Qt::AlignVCenter,
                             QStringLiteral("%L1 %").arg(100 * s, 0, 'f', 0));
        }
        for (int d = static_cast<int>(from); d <= to; d += step)
            painter.drawText(QRectF(at(d, 0).x() - 20, box.bottom() + 1, 40, 14), Qt::AlignCenter,
                             QStringLiteral("%1\u00b0").arg(d));
        painter.drawText(QRectF(box.left(), box.bottom() + 13, box.width(), 14), Qt::AlignCenter, along);
    }
    void curve(const std::function<double(double)>& share, const QPen& pen) const {
        QPainterPath path;
        for (int i = 0; i <= 90; ++i) {
            const double d = from + (to - from) * i / 90;
            const QPointF p = at(d, std::clamp(share(d), 0.0, 1.0));
            if (i == 0)
                path.moveTo(p);
            else
                path.lineTo(p);
        }
        painter.setPen(pen);
        painter.setBrush(Qt::NoBrush);
        painter.drawPath(path);
    }
    void name(double degree, double share, const QString& text, const QColor& colour) const {
        painter.setPen(colour);
        painter.drawText(QRectF(at(degree, share).x(), at(degree, share).y() - 15, 110, 14),
                         Qt::AlignLeft | Qt::AlignVCenter, text);
    }
};

}  // namespace

MaterialPreview::MaterialPreview(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("material-preview"));
    setAccessibleName(QObject::tr("What the material does"));
    setMinimumHeight(132);
}

void MaterialPreview::show_material(std::optional<Material> material) {
    material_ = std::move(material);
    update();
}

void MaterialPreview::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    QFont font = painter.font();
    font.setPixelSize(type::small);
    painter.setFont(font);
    if (!material_) {
        painter.setPen(ink().faint);
        painter.drawText(rect(), Qt::AlignCenter, QObject::tr("Choose a material to see what it does."));
        return;
    }
    const Material m = model::possible(*material_);
    switch (m.kind) {
        case Material::Kind::glazing:
            return draw_pane(painter, m);
        case Material::Kind::slats:
            return draw_slats(painter, m);
        case Material::Kind::fabric:
            return draw_fabric(painter, m);
        case Material::Kind::opaque:
            return draw_ball(painter, m);
    }
}

void MaterialPreview::draw_pane(QPainter& painter, const Material& m) const {
    const light::GlassCurve glass(m.transmittance, m.panes, m.reflectance_out, m.reflectance_in);
    const Chart chart{painter, QRectF(rect()).adjusted(42, 12, -20, -30), 0, 90};
    chart.frame(QObject::tr("angle from square to the pane"), 30);
    const auto cosine = [](double d) { return static_cast<float>(std::cos(radians(d))); };
    chart.curve([&](double d) { return static_cast<double>(glass.transmittance(cosine(d))); }, QPen(ink().accent, 2));
    chart.curve([&](double d) { return static_cast<double>(glass.reflectance(cosine(d), true)); },
                QPen(ink().glass, 1.6));
    if (m.diffuse > 0)
        chart.curve([&](double d) { return static_cast<double>(glass.transmittance(cosine(d))) * m.diffuse; },
                    QPen(ink().accent, 1, Qt::DashLine));
    chart.name(3, static_cast<double>(glass.transmittance(1)), QObject::tr("passes"), ink().accent);
    chart.name(3, static_cast<double>(glass.reflectance(1, true)), QObject::tr("reflects, outside"), ink().glass);
}

void MaterialPreview::draw_slats(QPainter& painter, const Material& m) const {
    const light::SlatCurve slats(m.slat_width, m.slat_spacing, m.slat_tilt, m.reflectance);
    const Chart chart{painter, QRectF(rect()).adjusted(42, 12, -62, -30), -90, 90};
    chart.frame(
        m.slats_upright ? QObject::tr("sun's angle beside the pane") : QObject::tr("height of the sun before the pane"),
        45);
    const auto at = [&](double d) {
        return slats.at(static_cast<float>(std::tan(radians(std::clamp(d, -89.5, 89.5)))));
    };
    chart.curve([&](double d) { return at(d).direct; }, QPen(ink().accent, 2));
    chart.curve([&](double d) { return at(d).through; }, QPen(ink().accent, 1.2, Qt::DashLine));
    painter.setPen(ink().accent);
    painter.drawText(QRectF(chart.box.left() + 4, chart.box.top() - 12, 160, 13),
                     QObject::tr("\u2014 straight   - - scattered"));
    // The slats themselves, cut through.
    const double top = chart.box.top(), room = chart.box.height(), scale = room / (4 * m.slat_spacing);
    const double a = radians(m.slat_tilt), dx = m.slat_width * scale * std::cos(a),
                 dy = m.slat_width * scale * std::sin(a);
    painter.setPen(QPen(ink().ink, 2));
    for (int i = 0; i < 4; ++i) {
        const QPointF c(width() - 32, top + room * (i + 0.5) / 4);
        painter.drawLine(c + QPointF(-dx / 2, dy / 2), c + QPointF(dx / 2, -dy / 2));
    }
    painter.setPen(ink().faint);
    painter.drawText(QRectF(width() - 60, chart.box.bottom() + 1, 58, 14), Qt::AlignCenter, QObject::tr("out   in"));
}

void MaterialPreview::draw_fabric(QPainter& painter, const Material& m) const {
    const QRectF square(12, 12, height() - 24, height() - 24);
    painter.setPen(QPen(ink().ink, 1));
    painter.setBrush(report::colour_of(m));
    painter.drawRect(square);
    constexpr int n = 9;
    const double cell = square.width() / n, side = cell * std::sqrt(m.openness);
    painter.setPen(Qt::NoPen);
    painter.setBrush(ink().paper);
    for (int i = 0; i < n; ++i)
        for (int k = 0; k < n; ++k)
            painter.drawRect(QRectF(square.left() + (i + 0.5) * cell - side / 2,
                                    square.top() + (k + 0.5) * cell - side / 2, side, side));
    painter.setPen(ink().ink);
    const auto line = [&](int row, const QString& text, double share) {
        painter.drawText(QRectF(square.right() + 14, 16 + 24 * row, 110, 18), Qt::AlignLeft | Qt::AlignVCenter, text);
        painter.drawText(QRectF(square.right() + 100, 16 + 24 * row, 50, 18), Qt::AlignRight | Qt::AlignVCenter,
                         QStringLiteral("%L1 %").arg(100 * share, 0, 'f', 0));
    };
    line(0, QObject::tr("straight"), m.openness);
    line(1, QObject::tr("scattered"), m.transmittance);
    line(2, QObject::tr("sent back"), m.reflectance);
    line(3, QObject::tr("absorbed"), std::max(0.0, 1 - m.openness - m.transmittance - m.reflectance));
}

// A ball under a window at the upper left: Lambert's law for the matt part, the gloss as a power of the cosine.
void MaterialPreview::draw_ball(QPainter& painter, const Material& m) const {
    const int size = height() - 20;
    QImage image(size, size, QImage::Format_ARGB32_Premultiplied);
    image.fill(Qt::transparent);
    const QColor colour = report::colour_of(m);
    const double peak = std::max({colour.redF(), colour.greenF(), colour.blueF(), 0.05f});
    const Vec3 light = normalized(Vec3{-0.5, 0.6, 0.65}), half = normalized(light + Vec3{0, 0, 1});
    const double exponent = std::clamp(2 / std::pow(std::max(0.02, m.roughness), 2) - 2, 1.0, 4000.0),
                 shine = m.specular * std::min(12.0, (exponent + 2) / 8);
    for (int y = 0; y < size; ++y)
        for (int x = 0; x < size; ++x) {
            const double u = 2.0 * (x + 0.5) / size - 1, v = 1 - 2.0 * (y + 0.5) / size, r2 = u * u + v * v;
            if (r2 > 1) continue;
            const Vec3 n{u, v, std::sqrt(1 - r2)};
            const double lit = 0.22 + 0.95 * std::max(0.0, dot(n, light)),
                         gloss = shine * std::pow(std::max(0.0, dot(n, half)), exponent);
            const auto channel = [&](double c) {
                const double y_linear = (m.reflectance - m.specular) * std::pow(c / peak, 2.2) * lit + gloss;
                return std::clamp(static_cast<int>(255 * std::pow(std::min(1.0, y_linear), 1 / 2.2)), 0, 255);
            };
            const double edge = std::clamp((1 - std::sqrt(r2)) * size / 2, 0.0, 1.0);
            image.setPixelColor(x, y,
                                QColor(channel(colour.redF()), channel(colour.greenF()), channel(colour.blueF()),
                                       static_cast<int>(255 * edge)));
        }
    painter.drawImage(QPointF(10, 10), image);
    painter.setPen(ink().ink);
    const double left = size + 24;
    const auto line = [&](int row, const QString& text, double share) {
        painter.drawText(QRectF(left, 18 + 24 * row, 90, 18), Qt::AlignLeft | Qt::AlignVCenter, text);
        painter.drawText(QRectF(left + 80, 18 + 24 * row, 46, 18), Qt::AlignRight | Qt::AlignVCenter,
                         QStringLiteral("%L1 %").arg(100 * share, 0, 'f', 0));
    };
    line(0, QObject::tr("matt"), m.reflectance - m.specular);
    line(1, QObject::tr("mirrored"), m.specular);
    line(2, QObject::tr("absorbed"), 1 - m.reflectance);
}

}  // namespace wp::gui
