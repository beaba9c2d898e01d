// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/picture/light_spectrum_view.h"

#include <algorithm>

#include "gui/matter/spectrum_axes.h"
#include "report/plan.h"

namespace wp::gui {

namespace {

constexpr double kFoot = 48, kHead = 20;  // pixels

// "850 cd/m², melanopic 790 (0.93); 6800 K, Duv 0.003".
QStringList figures_of(const question::SpectralPicture& picture, size_t pixel) {
    const spectrum::Xyz colour = picture.colour_at(pixel);
    double melanopic = 0;
    for (size_t b = 0; b < picture.bands.size(); ++b)
        melanopic += static_cast<double>(picture.bands[b][pixel]) * picture.melanopic[b];
    QStringList out{QObject::tr("%1 cd/m\u00b2, melanopic %2 (ratio %3)")
                        .arg(report::figure(colour.y), report::figure(melanopic),
                             language::number(colour.y > 0 ? melanopic / colour.y : 0, 'f', 2))};
    if (const auto found = spectrum::colour_temperature(colour))
        out << QObject::tr("%1 K, Duv %2")
                   .arg(language::number(found->kelvin, 'f', 0), language::number(found->duv, 'f', 4));
    return out;
}

}  // namespace

LightSpectrumView::LightSpectrumView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("light-spectrum"));
    setAccessibleName(QObject::tr("The light that is pointed at, by wavelength"));
    setFixedHeight(150);
    hide();
}

void LightSpectrumView::show_light(std::shared_ptr<const question::SpectralPicture> picture,
                                   std::optional<size_t> pixel) {
    picture_ = std::move(picture);
    pixel_ = pixel;
    setVisible(picture_ != nullptr);
    update();
}

void LightSpectrumView::paintEvent(QPaintEvent*) {
    if (picture_ == nullptr) return;
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    QFont font = painter.font();
    font.setPixelSize(type::small);
    painter.setFont(font);
    const SpectrumAxes axes(QRectF(rect()).adjusted(4, kHead, -4, -kFoot));
    axes.draw_line(painter, 0);
    axes.draw_wavelengths(painter);
    axes.draw_eye(painter);
    painter.setPen(ink().ink);
    const QRectF foot(0, height() - kFoot + 16, width(), kFoot - 16);
    if (!pixel_ || *pixel_ >= picture_->pixels())
        return painter.drawText(foot, Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap,
                                QObject::tr("Point into the picture: the light there by wavelength."));
    const spectrum::Spectrum light = picture_->at(*pixel_);
    const double most = *std::ranges::max_element(light);
    if (most > 0) axes.draw_curve(painter, light, QPen(ink().accent, 2), most);
    painter.setPen(ink().ink);
    painter.drawText(foot, Qt::AlignLeft | Qt::AlignTop, figures_of(*picture_, *pixel_).join(QLatin1Char('\n')));
}

}  // namespace wp::gui
