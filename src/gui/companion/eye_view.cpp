// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/companion/eye_view.h"

#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "gui/desk/desktop.h"
#include "gui/inspector/inspector.h"
#include "gui/look/look.h"
#include "report/language/dates.h"
#include "report/language/words.h"
#include "report/pictures.h"

namespace wp::gui {

EyeView::EyeView(Document& document, const KeptAnswers& kept, LiveEye& eye, QWidget* parent)
    : QWidget(parent), document_(document), kept_(kept), eye_(eye) {
    setMouseTracking(true);
    setMinimumSize(220, 240);
    setObjectName(QStringLiteral("eye-view"));
    for (const auto signal : {&Document::option_changed, &Document::moment_changed, &Document::project_changed})
        connect(&document, signal, this, qOverload<>(&QWidget::update));
    connect(&kept, &KeptAnswers::changed, this, qOverload<>(&QWidget::update));
}

QRectF EyeView::circle() const {
    const double side = std::max(80.0, std::min(width() - 24.0, height() - 200.0));
    return {(width() - side) / 2, 54, side, side};
}

std::shared_ptr<const question::GlareAnswer> EyeView::answer() const { return kept_.glare(document_.option().id); }

void EyeView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    painter.fillRect(rect(), ink().paper);
    const QRectF disc = circle();
    const auto glare = answer();
    painter.setPen(ink().ink);
    const QString why = eye_.hindrance();
    if (glare == nullptr || !why.isEmpty()) {
        painter.setPen(QPen(ink().faint, 1.2, Qt::DashLine));
        painter.drawEllipse(disc);
        painter.drawText(disc.adjusted(20, 20, -20, -20), Qt::AlignCenter | Qt::TextWordWrap,
                         why.isEmpty() ? QObject::tr("Looking \u2026") : why);
        return;
    }
    const int pixels = static_cast<int>(disc.width() * devicePixelRatioF());
    if (drawn_ != glare.get() || image_.width() != pixels) {
        image_ = report::luminance_image(*glare, pixels, ink());
        drawn_ = glare.get();
    }
    const bool other_moment = glare->moment != document_.moment();
    if (other_moment) painter.setOpacity(0.55);
    painter.drawImage(disc, image_);
    painter.setOpacity(1);
    QFont font = painter.font();
    font.setWeight(QFont::DemiBold);
    painter.setFont(font);
    painter.drawText(QRectF(12, 10, width() - 130, 20), Qt::AlignLeft | Qt::AlignVCenter,
                     QString::fromStdString(glare->observer.name));
    font.setWeight(QFont::Normal);
    painter.setFont(font);
    painter.drawText(
        QRectF(12, 30, width() - 130, 18), Qt::AlignLeft | Qt::AlignVCenter,
        language::text(glare->moment) + (other_moment ? QObject::tr("  (not the strip's moment)") : QString()));
    if (document_.has_made_up_weather()) {
        painter.setPen(ink().accent);
        painter.drawText(QRectF(12, 48, width() - 130, 18), Qt::AlignLeft | Qt::AlignVCenter,
                         language::words(climate::kMadeUpWeather));
        painter.setPen(ink().ink);
    }
    double y = disc.bottom() + 10;
    report::draw_legend(painter, {report::kDimLuminance, report::kBrightLuminance, true}, QObject::tr("Luminance"),
                        QStringLiteral("cd/m\u00b2"), ink(), QRectF(disc.left() + 10, y, disc.width() - 20, 46));
    y += 52;
    font.setPixelSize(type::heading);
    font.setWeight(QFont::DemiBold);
    painter.setFont(font);
    painter.drawText(QRectF(12, y, width() - 24, 22), Qt::AlignHCenter,
                     QObject::tr("DGP %L1 (%L2 to %L3), %4")
                         .arg(glare->dgp, 0, 'f', 3)
                         .arg(glare->dgp_low, 0, 'f', 2)
                         .arg(glare->dgp_high, 0, 'f', 2)
                         .arg(language::words(metric::class_of(*metric::find_glare_index("dgp"), glare->dgp).name)));
    font.setPixelSize(type::body);
    font.setWeight(QFont::Normal);
    painter.setFont(font);
    painter.drawText(QRectF(12, y + 22, width() - 24, 20), Qt::AlignHCenter,
                     (eye_.is_settling() ? QObject::tr("at the eye %1 \u00b1 %2 lx, settling")
                                         : QObject::tr("at the eye %1 \u00b1 %2 lx"))
                         .arg(report::figure(glare->vertical_lux), report::error_figure(glare->half_width)));
    font.setPixelSize(type::small);
    painter.setFont(font);
    painter.setPen(ink().faint);
    painter.drawText(QRectF(12, y + 42, width() - 24, 32), Qt::AlignHCenter | Qt::TextWordWrap,
                     glare->in_range
                         ? QObject::tr("0.35 perceptible, 0.40 disturbing, 0.45 intolerable (Wienold 2009)")
                         : QObject::tr("Outside the range that DGP was fitted for (above 380 lx, 0.2 to 0.8)"));
    QStringList blinds;
    for (const auto& group : glare->blinds.groups) blinds << language::words(group.words);
    setToolTip(blinds.isEmpty() ? QString()
                                : QObject::tr("Blinds at that moment:\n%1").arg(blinds.join(QLatin1Char('\n'))));
    if (!disc.contains(pointer_)) return;
    const int n = glare->picture.lens.width;
    const int px = static_cast<int>((pointer_.x() - disc.left()) / disc.width() * n),
              py = static_cast<int>((pointer_.y() - disc.top()) / disc.height() * n);
    if (px < 0 || py < 0 || px >= n || py >= n || std::hypot(px - n / 2.0, py - n / 2.0) > n / 2.0) return;
    const QString text = report::figure(static_cast<double>(glare->picture.value[static_cast<size_t>(py * n + px)])) +
                         QStringLiteral(" cd/m\u00b2");
    const QRectF box(pointer_.x() + 12, pointer_.y() - 26, painter.fontMetrics().horizontalAdvance(text) + 14, 20);
    painter.setPen(QPen(ink().faint, 1));
    painter.setBrush(ink().room);
    painter.drawRoundedRect(box, 3, 3);
    painter.setPen(ink().ink);
    painter.drawText(box, Qt::AlignCenter, text);
}

void EyeView::showEvent(QShowEvent*) { eye_.watch(true); }

void EyeView::hideEvent(QHideEvent*) { eye_.watch(false); }

void EyeView::mouseMoveEvent(QMouseEvent* event) {
    pointer_ = event->position();
    update();
}

void EyeView::leaveEvent(QEvent*) {
    pointer_ = {-1, -1};
    update();
}

Page eye_companion(Desktop& desktop) {
    auto* view = new EyeView(desktop.document(), desktop.answers(), desktop.asker().eye(), desktop.window());
    const auto look = [&desktop, view](const model::Id& observer, int heading) {
        desktop.show_companion(view);
        desktop.asker().eye().look_through(observer, heading);
    };
    QObject::connect(&desktop.part<Inspector>(), &Inspector::ask_glare, view,
                     [look](const QString& id, int heading) { look(id.toStdString(), heading); });
    desktop.commands().add(CommandGroup::light, QObject::tr("Look through the observer"),
                           QKeySequence(QStringLiteral("L")), [&desktop, look] {
                               if (!desktop.is_on(DeskKind::build)) desktop.go_to_desk(DeskKind::light);
                               look(desktop.document().selection().id, 0);
                           });
    return {QObject::tr("Eye"), QObject::tr("What an observer sees"),
            on_desk(DeskKind::build) | on_desk(DeskKind::light), view};
}

}  // namespace wp::gui
