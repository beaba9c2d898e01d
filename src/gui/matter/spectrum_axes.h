// SPDX-License-Identifier: GPL-3.0-or-later
// What curves over wavelength are drawn in, the curves of the eye among them.
#pragma once
#include <QPainter>
#include <QPainterPath>

#include "gui/look/look.h"
#include "report/language/words.h"
#include "spectrum/observer.h"

namespace wp::gui {

class SpectrumAxes {
 public:
    explicit SpectrumAxes(const QRectF& box) : box_(box) {}
    const QRectF& box() const { return box_; }
    /// share: of the height.
    QPointF at(double nm, double share) const {
        return {box_.left() + box_.width() * (nm - spectrum::kShortest) / (spectrum::kLongest - spectrum::kShortest),
                box_.bottom() - box_.height() * share};
    }
    void draw_wavelengths(QPainter& painter) const {
        painter.setPen(ink().ink);
        for (const int nm : {400, 500, 600, 700})
            painter.drawText(QRectF(at(nm, 0).x() - 20, box_.bottom() + 1, 40, 14), Qt::AlignCenter,
                             QStringLiteral("%1%2").arg(nm).arg(nm == 700 ? QStringLiteral(" nm") : QString()));
    }
    void draw_line(QPainter& painter, double share) const {
        painter.setPen(QPen(ink().ground, 1));
        painter.drawLine(at(spectrum::kShortest, share), at(spectrum::kLongest, share));
    }
    void draw_curve(QPainter& painter, const spectrum::Spectrum& s, const QPen& pen, double most = 1) const {
        QPainterPath path(at(spectrum::kShortest, s[0] / most));
        for (size_t i = 1; i < spectrum::kWavelengths; ++i) path.lineTo(at(spectrum::wavelength(i), s[i] / most));
        painter.setPen(pen);
        painter.setBrush(Qt::NoBrush);
        painter.drawPath(path);
    }
    /// V and the melanopic curve; what they are stands above the box.
    void draw_eye(QPainter& painter) const {
        draw_curve(painter, spectrum::curve(spectrum::Answer::y), QPen(ink().faint, 1, Qt::DashLine));
        draw_curve(painter, spectrum::curve(spectrum::Answer::melanopic), QPen(ink().glass, 1, Qt::DashLine));
        painter.setPen(ink().glass);
        painter.drawText(QRectF(at(490, 1).x() - 90, box_.top() - 18, 86, 14), Qt::AlignRight | Qt::AlignVCenter,
                         QObject::tr("melanopic"));
        painter.setPen(ink().ink);
        painter.drawText(QRectF(at(556, 1).x() - 10, box_.top() - 18, 120, 14), Qt::AlignLeft | Qt::AlignVCenter,
                         QObject::tr("V (brightness)"));
    }

 private:
    QRectF box_;
};

}  // namespace wp::gui
