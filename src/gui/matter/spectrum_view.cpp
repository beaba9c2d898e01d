// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/matter/spectrum_view.h"

#include <QPainter>
#include <QPainterPath>
#include <algorithm>

#include "gui/look/look.h"
#include "question/spectral.h"
#include "report/language/words.h"
#include "spectrum/colour.h"
#include "spectrum/light_source.h"
#include "spectrum/observer.h"

namespace wp::gui {

namespace {

constexpr double kSwatch = 22;  // pixels

QColor on_screen(const spectrum::Spectrum& matter, const spectrum::Spectrum& light) {
    return QColor(QString::fromStdString(spectrum::look_of(matter, light).hex()));
}

// How far its colour under another light is from that in daylight, to an eye used to each.
double away(const spectrum::Spectrum& matter, const spectrum::Spectrum& light) {
    using namespace spectrum;
    const Xyz day = xyz_of_matter(flat(1), d65()), other = xyz_of_matter(flat(1), light);
    return difference(lab(adapted(xyz_of_matter(matter, light), other, day), day),
                      lab(xyz_of_matter(matter, d65()), day));
}

}  // namespace

SpectrumView::SpectrumView(const model::Material& material, QWidget* parent)
    : QWidget(parent), matter_(question::matter_of(material)) {
    setObjectName(QStringLiteral("material-spectrum"));
    setAccessibleName(QObject::tr("The material by wavelength"));
    setMinimumHeight(168);
    const double most = *std::ranges::max_element(matter_);
    is_cut_ = most > 0.9999 && std::ranges::count_if(matter_, [](double v) { return v > 0.9999; }) > 1 &&
              *std::ranges::min_element(matter_) < 0.999;
}

void SpectrumView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    QFont font = painter.font();
    font.setPixelSize(type::small);
    painter.setFont(font);
    const QRectF box = QRectF(rect()).adjusted(34, 20, -8, -(kSwatch + 24));
    const auto at = [&](double nm, double share) {
        return QPointF(
            box.left() + box.width() * (nm - spectrum::kShortest) / (spectrum::kLongest - spectrum::kShortest),
            box.bottom() - box.height() * share);
    };
    painter.setPen(QPen(ink().ground, 1));
    for (const int percent : {0, 50, 100}) {
        painter.setPen(QPen(ink().ground, 1));
        painter.drawLine(at(380, percent / 100.0), at(780, percent / 100.0));
        painter.setPen(ink().ink);
        painter.drawText(QRectF(0, at(380, percent / 100.0).y() - 7, 30, 14), Qt::AlignRight | Qt::AlignVCenter,
                         percent == 100 ? QStringLiteral("100 %") : QString::number(percent));
    }
    painter.setPen(ink().ink);
    for (const int nm : {400, 500, 600, 700})
        painter.drawText(QRectF(at(nm, 0).x() - 20, box.bottom() + 1, 40, 14), Qt::AlignCenter,
                         QStringLiteral("%1%2").arg(nm).arg(nm == 700 ? QStringLiteral(" nm") : QString()));
    const auto curve = [&](const spectrum::Spectrum& s, const QPen& pen) {
        QPainterPath path(at(380, s[0]));
        for (size_t i = 1; i < spectrum::kWavelengths; ++i) path.lineTo(at(spectrum::wavelength(i), s[i]));
        painter.strokePath(path, pen);
    };
    curve(spectrum::curve(spectrum::Answer::y), QPen(ink().faint, 1, Qt::DashLine));
    curve(spectrum::curve(spectrum::Answer::melanopic), QPen(ink().glass, 1, Qt::DashLine));
    curve(matter_, QPen(ink().accent, 2));
    // What the curves are stands above them.
    painter.setPen(ink().glass);
    painter.drawText(QRectF(at(490, 1).x() - 90, 2, 86, 14), Qt::AlignRight | Qt::AlignVCenter,
                     QObject::tr("melanopic"));
    painter.setPen(ink().ink);
    painter.drawText(QRectF(at(556, 1).x() - 10, 2, 120, 14), Qt::AlignLeft | Qt::AlignVCenter,
                     QObject::tr("V (brightness)"));
    if (is_cut_) {
        painter.setPen(ink().accent);
        painter.drawText(QRectF(at(600, 1).x(), box.center().y() - 22, at(780, 1).x() - at(600, 1).x(), 30),
                         Qt::AlignRight | Qt::TextWordWrap, QObject::tr("too bright for its colour: paler"));
    }
    // Under daylight, and under a glowing wire.
    const double y = height() - kSwatch - 4;
    const auto swatch = [&](double x, const QColor& colour, const QString& words) {
        painter.setPen(QPen(ink().ground, 1));
        painter.setBrush(colour);
        painter.drawRect(QRectF(x, y, kSwatch, kSwatch));
        painter.setPen(ink().ink);
        painter.drawText(QRectF(x + kSwatch + 5, y, 120, kSwatch), Qt::AlignLeft | Qt::AlignVCenter, words);
    };
    swatch(30, on_screen(matter_, spectrum::d65()), QObject::tr("daylight"));
    swatch(30 + 90, on_screen(matter_, spectrum::illuminant_a()),
           QObject::tr("glowing wire, %1 away").arg(language::number(away(matter_, spectrum::illuminant_a()), 'f', 1)));
}

}  // namespace wp::gui
