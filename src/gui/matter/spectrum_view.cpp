// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/matter/spectrum_view.h"

#include <QPainter>
#include <algorithm>

#include "gui/look/look.h"
#include "gui/matter/spectrum_axes.h"
#include "question/spectral.h"
#include "report/language/words.h"
#include "spectrum/colour.h"
#include "spectrum/light_source.h"

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
    const SpectrumAxes axes(QRectF(rect()).adjusted(34, 20, -8, -(kSwatch + 24)));
    for (const int percent : {0, 50, 100}) {
        axes.draw_line(painter, percent / 100.0);
        painter.setPen(ink().ink);
        painter.drawText(QRectF(0, axes.at(380, percent / 100.0).y() - 7, 30, 14), Qt::AlignRight | Qt::AlignVCenter,
                         percent == 100 ? QStringLiteral("100 %") : QString::number(percent));
    }
    axes.draw_wavelengths(painter);
    axes.draw_eye(painter);
    axes.draw_curve(painter, matter_, QPen(ink().accent, 2));
    if (is_cut_) {
        painter.setPen(ink().accent);
        painter.drawText(
            QRectF(axes.at(600, 1).x(), axes.box().center().y() - 22, axes.at(780, 1).x() - axes.at(600, 1).x(), 30),
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
