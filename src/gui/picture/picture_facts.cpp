// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/picture/picture_facts.h"

#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "gui/look/figure_table.h"
#include "gui/look/look.h"
#include "report/language/dates.h"
#include "report/language/words.h"

namespace wp::gui {

namespace {

constexpr size_t kSteps = 48;

QTableWidgetItem* cell(const QString& text, bool is_figure, const QString& tip = {}) {
    auto* item = new QTableWidgetItem(text);
    item->setTextAlignment((is_figure ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
    item->setToolTip(tip);
    return item;
}

QLabel* heading(const QString& text) {
    auto* label = new QLabel(text);
    QFont font = label->font();
    font.setWeight(QFont::DemiBold);
    label->setFont(font);
    return label;
}

QLabel* told(const char* name) {
    auto* label = new QLabel;
    label->setObjectName(QString::fromLatin1(name));
    label->setWordWrap(true);
    label->setTextFormat(Qt::RichText);
    label->setTextInteractionFlags(Qt::TextSelectableByMouse);
    return label;
}

QStringList how_taken(const question::GlareAnswer& a, bool settling) {
    QStringList out{QStringLiteral("%1, %2").arg(QString::fromStdString(a.observer.name), language::text(a.moment))};
    if (!a.sky.empty()) out << language::sentence(a.sky);
    out << report::blinds_words(a.blinds);
    out << (settling ? QObject::tr("Settling: the typical pixel is known to %L1 %")
                     : QObject::tr("The typical pixel is known to %L1 %"))
               .arg(100 * a.picture.pixel_half_width, 0, 'f', 0);
    return out;
}

QStringList judged_lines(const question::GlareAnswer& a) {
    const auto& dgp = *metric::find_glare_index("dgp");
    QStringList out;
    out << QObject::tr("DGP %L1 (%L2 to %L3), %4")
               .arg(a.dgp, 0, 'f', 3)
               .arg(a.dgp_low, 0, 'f', 2)
               .arg(a.dgp_high, 0, 'f', 2)
               .arg(language::words(metric::class_of(dgp, a.dgp).name));
    out << QObject::tr("the band is \u00b1 %L1 by chance, %L2 by resolution, %L3 by what counts as a source")
               .arg(a.dgp_by_chance, 0, 'f', 3)
               .arg(a.dgp_by_resolution, 0, 'f', 3)
               .arg(a.dgp_by_sources, 0, 'f', 3);
    if (!a.in_range) out << QObject::tr("Outside the range that DGP was fitted for (above 380 lx, 0.2 to 0.8)");
    out << QObject::tr("at the eye %1 \u00b1 %2 lx")
               .arg(report::figure(a.vertical_lux), report::error_figure(a.half_width));
    out << QObject::tr("mean of the field %1 cd/m\u00b2, its contrast %L2")
               .arg(report::figure(a.mean_luminance))
               .arg(a.contrast, 0, 'f', 1);
    return out;
}

// What the body clock gets, beside what is seen.
QString by_wavelength(const question::GlareAnswer& a) {
    const auto light = question::eye_light(a);
    const QString ratio = language::number(light.photopic > 0 ? light.melanopic / light.photopic : 0, 'f', 2);
    if (a.picture.lens.kind == light::Lens::Kind::hemisphere)
        return QObject::tr("melanopic EDI at the eye %1 lx, %2 of the illuminance")
            .arg(report::figure(light.melanopic), ratio);
    return QObject::tr("melanopic, mean %1 cd/m\u00b2, %2 of the luminance")
        .arg(report::figure(light.melanopic), ratio);
}

QString ratio_line(const question::GlareAnswer& a) {
    const auto ratios = question::task_ratios(a.picture, a.rule);
    if (ratios.task <= 0) return {};
    return QObject::tr("task %1 : surround %2 : background %3 cd/m\u00b2 (1 : %L4 : %L5)")
        .arg(report::figure(ratios.task), report::figure(ratios.surround), report::figure(ratios.background))
        .arg(ratios.surround / ratios.task, 0, 'f', 1)
        .arg(ratios.background / ratios.task, 0, 'f', 1);
}

}  // namespace

HistogramView::HistogramView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("picture-histogram"));
    setAccessibleName(QObject::tr("How often each value occurs"));
    setFixedHeight(72);
}

void HistogramView::show_picture(const light::Picture& picture, const report::Scale& scale) {
    scale_ = scale;
    low_ = scale.bottom > 0 ? scale.bottom / 10 : std::max(scale.top, 1e-6) / 1e4;
    high_ = std::max(scale.top, low_ * 10) * 10;
    shares_ = question::histogram(picture, low_, high_, kSteps);
    update();
}

void HistogramView::paintEvent(QPaintEvent*) {
    if (shares_.empty()) return;
    QPainter painter(this);
    const double most = *std::max_element(shares_.begin(), shares_.end());
    const QRectF area(0, 2, width(), height() - 20);
    const double step = area.width() / static_cast<double>(kSteps);
    painter.setPen(Qt::NoPen);
    for (size_t i = 0; i < kSteps && most > 0; ++i) {
        const double value = low_ * std::pow(high_ / low_, (static_cast<double>(i) + 0.5) / kSteps),
                     high = shares_[i] / most * area.height();
        painter.setBrush(scale_.colour(value));
        painter.drawRect(QRectF(static_cast<double>(i) * step, area.bottom() - high, step + 0.5, high));
    }
    painter.setPen(QPen(ink().faint, 1));
    painter.drawLine(area.bottomLeft(), area.bottomRight());
    QFont font = painter.font();
    font.setPixelSize(type::small);
    painter.setFont(font);
    const int decades = static_cast<int>(std::floor(std::log10(high_) + 1e-9));
    for (int d = static_cast<int>(std::ceil(std::log10(low_) - 1e-9)); d <= decades; ++d) {
        const double x = std::log(std::pow(10, d) / low_) / std::log(high_ / low_) * area.width();
        painter.drawLine(QPointF(x, area.bottom()), QPointF(x, area.bottom() + 3));
        const QRectF box(std::clamp(x - 24, 0.0, area.width() - 48), area.bottom() + 3, 48, 14);
        painter.drawText(box,
                         x < 24                  ? Qt::AlignLeft
                         : x > area.width() - 24 ? Qt::AlignRight
                                                 : Qt::AlignHCenter,
                         report::mark_text(std::pow(10, d)));
    }
}

PictureFacts::PictureFacts(QWidget* parent) : QWidget(parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(space::tight);
    facts_ = told("picture-facts");
    column->addWidget(facts_);
    histogram_ = new HistogramView;
    column->addWidget(histogram_);
    light_ = new LightSpectrumView;
    column->addWidget(light_);
    region_ = told("picture-region");
    column->addWidget(region_);
    column->addWidget(heading(QObject::tr("Sources of glare")));
    sources_ = figure_table("picture-sources", QObject::tr("Sources of glare"));
    set_heads(*sources_,
              {QString(), QObject::tr("What"), QStringLiteral("cd/m\u00b2"), QStringLiteral("sr"), QObject::tr("P"),
               QObject::tr("Share")},
              [](int c) { return c != 1; });
    sources_->horizontalHeaderItem(4)->setToolTip(QObject::tr("Guth's position index"));
    sources_->horizontalHeaderItem(5)->setToolTip(
        QObject::tr("Of the sum of squared luminance by solid angle and position that DGP is made of"));
    column->addWidget(sources_, 3);
    column->addWidget(heading(QObject::tr("Indices")));
    indices_ = figure_table("picture-indices", QObject::tr("Indices of glare"));
    set_heads(*indices_, {QObject::tr("Index"), QObject::tr("Value"), QObject::tr("Class")},
              [](int c) { return c == 1; });
    column->addWidget(indices_, 2);
    for (auto* table : {sources_, indices_}) {
        table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
        table->verticalHeader()->setDefaultSectionSize(22);
    }
    for (auto* table : {sources_, indices_}) {
        table->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
        table->horizontalHeader()->setMinimumSectionSize(24);
    }
    sources_->horizontalHeader()->setSectionResizeMode(1, QHeaderView::Stretch);
    indices_->horizontalHeader()->setSectionResizeMode(2, QHeaderView::Stretch);
}

void PictureFacts::show_answer(const question::GlareAnswer& answer, const report::Scale& scale, bool settling) {
    QStringList lines =
        answer.judged ? judged_lines(answer)
                      : QStringList(QObject::tr("mean %1 %2")
                                        .arg(report::figure(answer.picture.field), report::unit_words(answer.picture)));
    if (answer.picture.of == light::PictureOf::luminance)
        if (const QString ratios = ratio_line(answer); !ratios.isEmpty()) lines << ratios;
    if (answer.spectral != nullptr) lines << by_wavelength(answer);
    lines << how_taken(answer, settling);
    if (answer.bands > 0 && answer.spectral == nullptr)
        lines << QObject::tr("By wavelength: %1 of %2 bands").arg(answer.bands_done).arg(answer.bands);
    for (QString& line : lines) line = line.toHtmlEscaped();
    lines[0] = QStringLiteral("<b>%1</b>").arg(lines[0]);
    facts_->setText(lines.join(QStringLiteral("<br>")));
    histogram_->show_picture(answer.picture, scale);
    // The light that is pointed at needs its place.
    histogram_->setVisible(answer.spectral == nullptr);
    for (auto* table : {sources_, indices_}) table->setEnabled(answer.judged);
    fill_sources(answer);
    fill_indices(answer);
}

void PictureFacts::show_light(const question::GlareAnswer& answer, std::optional<size_t> pixel) {
    light_->show_light(answer.spectral, pixel);
}

void PictureFacts::show_region(const question::GlareAnswer& answer, const question::PictureRegion& region) {
    if (region.shape == question::PictureRegion::Shape::all) {
        region_->setText(QObject::tr("Drag over the picture for the mean of a part."));
        return;
    }
    const auto figures = question::figures_of(answer.picture, region);
    const QString unit = report::unit_words(answer.picture);
    region_->setText(figures.pixels == 0 ? QObject::tr("No pixel lies in it.")
                                         : QObject::tr("Dragged out: mean %1 %4, from %2 to %3, %L5 sr")
                                               .arg(report::figure(figures.mean), report::figure(figures.least),
                                                    report::figure(figures.most), unit)
                                               .arg(figures.solid_angle, 0, 'g', 3));
}

void PictureFacts::fill_sources(const question::GlareAnswer& answer) {
    double all = 0;
    for (const auto& s : answer.sources) all += s.contrast();
    sources_->setRowCount(static_cast<int>(answer.sources.size()));
    for (size_t i = 0; i < answer.sources.size(); ++i) {
        const auto& s = answer.sources[i];
        const int row = static_cast<int>(i);
        const QString what = i < answer.parts.size() ? report::source_words(answer.parts[i]) : QString();
        sources_->setItem(row, 0, cell(QString::number(i + 1), true));
        sources_->setItem(row, 1, cell(what, false, what));
        sources_->setItem(
            row, 2,
            cell(s.luminance < 1e5 ? report::figure(s.luminance) : language::number(s.luminance, 'g', 2), true));
        sources_->setItem(row, 3, cell(language::number(s.solid_angle, 'g', 2), true));
        sources_->setItem(row, 4, cell(language::number(s.position, 'f', 1), true));
        sources_->setItem(row, 5,
                          cell(QObject::tr("%L1 %").arg(all > 0 ? 100 * s.contrast() / all : 0, 0, 'f', 0), true));
    }
}

void PictureFacts::fill_indices(const question::GlareAnswer& answer) {
    const auto indices = metric::glare_indices();
    indices_->setRowCount(answer.judged ? static_cast<int>(indices.size()) : 0);
    for (int row = 0; row < indices_->rowCount(); ++row) {
        const auto& index = indices[static_cast<size_t>(row)];
        const auto value = index.value(answer);
        const QString tip =
            QStringLiteral("%1\n%2\n%3\n%4")
                .arg(language::words(index.name), language::words(index.meaning),
                     QObject::tr("Made for: %1").arg(language::words(index.holds)), QString::fromUtf8(index.source));
        const int digits = std::fabs(value.value_or(0)) < 2 ? 3 : 1;
        indices_->setItem(row, 0, cell(QString::fromLatin1(index.short_name), false, tip));
        indices_->setItem(row, 1,
                          cell(value ? language::number(*value, 'f', digits) : QStringLiteral("\u2013"), true, tip));
        indices_->setItem(row, 2,
                          cell(value ? language::words(metric::class_of(index, *value).name) : QString(), false, tip));
    }
}

}  // namespace wp::gui
