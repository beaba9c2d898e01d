// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/tint.h"

#include <QPainter>
#include <algorithm>
#include <cmath>
#include <map>

#include "geometry/finishes.h"
#include "report/language/words.h"
#include "report/palette.h"

namespace wp::report {
using namespace model;

namespace {

const QColor kMissing(0xc2, 0x4a, 0x32), kGuess(0xe2, 0xb4, 0x5c), kOwn(0x6f, 0x8f, 0x86), kByRoom(0x9d, 0xb0, 0xa2),
    kByType(0xcf, 0xd3, 0xc4);

// Kinds of part side by side must tell apart: hues by the golden angle, all of one lightness.
QColor part_colour(Part part) {
    return QColor::fromHslF(static_cast<float>(std::fmod(0.08 + 0.381966 * static_cast<int>(part), 1.0)), 0.34f, 0.66f);
}

}  // namespace

QColor colour_of(const Material& m) {
    if (!m.colour.empty()) return QColor(QString::fromStdString(m.colour));
    if (m.kind == Material::Kind::glazing) {
        const double t = std::clamp(m.transmittance, 0.0, 1.0), milk = m.diffuse;
        return QColor::fromRgbF(static_cast<float>(0.36 + 0.44 * t + 0.1 * milk),
                                static_cast<float>(0.47 + 0.4 * t + 0.06 * milk), static_cast<float>(0.5 + 0.4 * t));
    }
    // Perceived lightness follows the cube root of reflectance (CIE 1976 L*).
    const double y = std::clamp(m.reflectance, 0.0, 1.0), l = std::clamp(1.16 * std::cbrt(y) - 0.16, 0.0, 1.0);
    return QColor::fromRgbF(static_cast<float>(l), static_cast<float>(0.985 * l), static_cast<float>(0.95 * l));
}

QPixmap swatch(const Material& m, int size) {
    QPixmap pixmap(size * 2, size * 2);
    pixmap.setDevicePixelRatio(2);
    pixmap.fill(Qt::transparent);
    QPainter painter(&pixmap);
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF box(0.5, 0.5, size - 1, size - 1);
    painter.setPen(QPen(QColor(0x5c, 0x55, 0x4b), 0.8));
    painter.setBrush(colour_of(m));
    painter.drawRect(box);
    painter.setClipRect(box);
    if (m.kind == Material::Kind::glazing) {
        painter.setPen(QPen(QColor(255, 255, 255, 210), 1.2));
        painter.drawLine(QPointF(size * 0.2, size * 0.75), QPointF(size * 0.7, size * 0.2));
        painter.drawLine(QPointF(size * 0.45, size * 0.85), QPointF(size * 0.85, size * 0.42));
    }
    if (m.kind == Material::Kind::slats)
        for (int i = 1; i < 4; ++i) painter.drawLine(QPointF(0, size * i / 4.0), QPointF(size, size * i / 4.0));
    if (m.kind == Material::Kind::fabric) {
        painter.setPen(Qt::NoPen);
        painter.setBrush(QColor(0x2b, 0x27, 0x22, 150));
        for (int i = 0; i < 3; ++i)
            for (int k = 0; k < 3; ++k)
                painter.drawEllipse(QPointF(size * (i + 0.5) / 3, size * (k + 0.5) / 3),
                                    size * 0.06 + size * 0.1 * m.openness, size * 0.06 + size * 0.1 * m.openness);
    }
    return pixmap;
}

QColor tint(TintBy by, Part part, const Finish& finish) {
    if (by == TintBy::part) return part_colour(part);
    if (finish.material == nullptr) return kMissing;
    switch (by) {
        case TintBy::material:
            return colour_of(*finish.material);
        case TintBy::reflectance:
            return light_colour(figure_of(*finish.material));
        case TintBy::assumed:
            if (finish.material->assumed) return kGuess;
            return finish.reason == Reason::own ? kOwn : finish.reason == Reason::room ? kByRoom : kByType;
        default:
            return {};
    }
}

std::vector<TintEntry> tint_legend(TintBy by, const Project& project, const Option& option, size_t most) {
    std::vector<TintEntry> out;
    const auto add = [&](const QColor& colour, const QString& text) {
        const bool there = std::any_of(out.begin(), out.end(), [&](const TintEntry& e) { return e.text == text; });
        if (!there && out.size() < most) out.push_back({colour, text});
    };
    if (by == TintBy::nothing) return out;
    bool missing = false;
    geometry::each_finish(project, option, [&](Part part, const Item&, const Finish& finish) {
        missing = missing || finish.material == nullptr;
        if (by == TintBy::part) add(part_colour(part), language::words(part_name(part)));
        if (by == TintBy::material && finish.material != nullptr)
            add(colour_of(*finish.material), QString::fromStdString(finish.material->name));
    });
    if (by == TintBy::reflectance)
        for (const int percent : {5, 20, 35, 50, 65, 80})
            add(light_colour(percent / 100.0), QStringLiteral("%1 %").arg(percent));
    if (by == TintBy::assumed) {
        add(kGuess, QObject::tr("assumed"));
        add(kByType, QObject::tr("by type"));
        add(kByRoom, QObject::tr("by room"));
        add(kOwn, QObject::tr("own"));
    }
    if (missing) add(kMissing, QObject::tr("no material"));
    return out;
}

}  // namespace wp::report
