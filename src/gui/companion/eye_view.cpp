// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/companion/eye_view.h"

#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "gui/desk/desktop.h"
#include "gui/inspector/inspector.h"
#include "gui/look/buttons.h"
#include "gui/look/look.h"
#include "gui/look/tag.h"
#include "gui/picture/picture_window.h"
#include "report/language/dates.h"
#include "report/language/words.h"

namespace wp::gui {

EyeView::EyeView(Document& document, const KeptAnswers& kept, LiveEye& eye, QWidget* parent)
    : QWidget(parent), document_(document), kept_(kept), eye_(eye) {
    setMouseTracking(true);
    setMinimumSize(220, 240);
    setObjectName(QStringLiteral("eye-view"));
    for (const auto signal : {&Document::option_changed, &Document::moment_changed, &Document::project_changed})
        connect(&document, signal, this, qOverload<>(&QWidget::update));
    connect(&kept, &KeptAnswers::changed, this, qOverload<>(&QWidget::update));
    auto* large = worded_button(
        "maximize", "picture-large", QObject::tr("Open"),
        QObject::tr("Open the picture: exposure, lines, means, sources, lenses, comparison (Ctrl+Shift+L)"));
    large->setParent(this);
    large_ = large;
    connect(large, &QToolButton::clicked, this, &EyeView::large_wanted);
    scene_ = new QComboBox(this);
    scene_->setObjectName(QStringLiteral("eye-scene"));
    scene_->setAccessibleName(QObject::tr("Light in the picture"));
    scene_->setToolTip(QObject::tr("Whether luminaires shine beside the daylight of the moment"));
    connect(scene_, &QComboBox::activated, this,
            [this] { eye_.take_scene(scene_->currentData().toString().toStdString()); });
    for (const auto signal : {&Document::option_changed, &Document::project_changed})
        connect(&document, signal, this, &EyeView::fill_scenes);
    fill_scenes();
}

void EyeView::fill_scenes() {
    const auto& option = document_.option();
    scene_->clear();
    scene_->addItem(QObject::tr("daylight"), QString());
    scene_->addItem(QObject::tr("and all luminaires"), QString::fromLatin1(question::kAllLuminaires));
    for (const auto& scene : option.scenes)
        scene_->addItem(QObject::tr("and %1").arg(QString::fromStdString(scene.name)),
                        QString::fromStdString(scene.id));
    scene_->setCurrentIndex(std::max(0, scene_->findData(QString::fromStdString(eye_.scene()))));
    scene_->setVisible(!option.luminaires.empty());
}

void EyeView::resizeEvent(QResizeEvent*) {
    large_->setGeometry(width() - 92, 10, 84, 30);
    scene_->setGeometry(8, 10, std::min(190, width() - 108), 30);
}

void EyeView::mouseDoubleClickEvent(QMouseEvent*) { emit large_wanted(); }

// What stands above the picture moves down where there is light to choose.
double EyeView::below_list() const { return document_.option().luminaires.empty() ? 0 : 34; }

QRectF EyeView::frame() const {
    const double top = 54 + below_list();
    const QRectF area(12, top, std::max(80.0, width() - 24.0), std::max(80.0, height() - 146.0 - top));
    const auto glare = answer();
    const light::Lens lens = glare != nullptr ? glare->picture.lens : light::Lens{light::Lens::Kind::hemisphere, 1, 1};
    QRectF out = report::frame_within(lens, area);
    out.moveTop(area.top());
    return out;
}

report::PictureStyle EyeView::style() const {
    report::PictureStyle out;
    if (const auto glare = answer()) out.scale = report::picture_scale(glare->picture);
    return out;
}

std::shared_ptr<const question::GlareAnswer> EyeView::answer() const { return kept_.glare(document_.option().id); }

void EyeView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    painter.fillRect(rect(), ink().paper);
    const QRectF disc = frame();
    const double down = below_list();
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
    if (drawn_ != glare.get()) {
        image_ = report::picture_image(*glare, style());
        drawn_ = glare.get();
    }
    const bool other_moment = glare->moment != document_.moment();
    if (other_moment) painter.setOpacity(0.55);
    report::draw_picture(painter, *glare, image_, style(), disc, ink());
    painter.setOpacity(1);
    QFont font = painter.font();
    font.setWeight(QFont::DemiBold);
    painter.setFont(font);
    painter.drawText(QRectF(12, 10 + down, width() - 130, 20), Qt::AlignLeft | Qt::AlignVCenter,
                     QString::fromStdString(glare->observer.name));
    font.setWeight(QFont::Normal);
    painter.setFont(font);
    painter.drawText(
        QRectF(12, 30 + down, width() - 130, 18), Qt::AlignLeft | Qt::AlignVCenter,
        language::text(glare->moment) + (other_moment ? QObject::tr("  (not the strip's moment)") : QString()));
    if (document_.has_made_up_weather()) {
        painter.setPen(ink().accent);
        painter.drawText(QRectF(12, 48 + down, width() - 130, 18), Qt::AlignLeft | Qt::AlignVCenter,
                         language::words(climate::kMadeUpWeather));
        painter.setPen(ink().ink);
    }
    double y = disc.bottom() + 10;
    report::draw_legend(painter, style().scale, report::quantity_words(glare->picture),
                        report::unit_words(glare->picture), ink(), QRectF(disc.left() + 10, y, disc.width() - 20, 46));
    y += 52;
    draw_figures(painter, *glare, y);
    QStringList blinds;
    for (const auto& group : glare->blinds.groups) blinds << language::words(group.words);
    setToolTip(blinds.isEmpty() ? QString()
                                : QObject::tr("Blinds at that moment:\n%1").arg(blinds.join(QLatin1Char('\n'))));
    draw_reading(painter, glare->picture, disc);
}

void EyeView::draw_figures(QPainter& painter, const question::GlareAnswer& glare, double y) {
    const auto line = [&](int pixels, QFont::Weight weight, const QColor& colour, double height, const QString& text) {
        QFont font = painter.font();
        font.setPixelSize(pixels);
        font.setWeight(weight);
        painter.setFont(font);
        painter.setPen(colour);
        painter.drawText(QRectF(12, y, width() - 24, height), Qt::AlignHCenter | Qt::TextWordWrap, text);
        y += height;
    };
    if (!glare.judged)
        return line(
            type::heading, QFont::DemiBold, ink().ink, 22,
            QObject::tr("mean %1 %2").arg(report::figure(glare.picture.field), report::unit_words(glare.picture)));
    line(type::heading, QFont::DemiBold, ink().ink, 22,
         QObject::tr("DGP %L1 (%L2 to %L3), %4")
             .arg(glare.dgp, 0, 'f', 3)
             .arg(glare.dgp_low, 0, 'f', 2)
             .arg(glare.dgp_high, 0, 'f', 2)
             .arg(language::words(metric::class_of(*metric::find_glare_index("dgp"), glare.dgp).name)));
    line(type::body, QFont::Normal, ink().ink, 20,
         (eye_.is_settling() ? QObject::tr("at the eye %1 \u00b1 %2 lx, settling")
                             : QObject::tr("at the eye %1 \u00b1 %2 lx"))
             .arg(report::figure(glare.vertical_lux), report::error_figure(glare.half_width)));
    if (!glare.parts.empty())
        line(type::body, QFont::Normal, ink().ink, 20,
             QObject::tr("most of it from %1").arg(report::source_words(glare.parts.front())));
    line(type::small, QFont::Normal, ink().faint, 32,
         glare.in_range ? QObject::tr("0.35 perceptible, 0.40 disturbing, 0.45 intolerable (Wienold 2009)")
                        : QObject::tr("Outside the range that DGP was fitted for (above 380 lx, 0.2 to 0.8)"));
}

void EyeView::draw_reading(QPainter& painter, const light::Picture& picture, const QRectF& frame) {
    if (pointer_.x() < 0) return;
    const auto value = question::value_at(picture, report::in_picture(picture.lens, frame, pointer_));
    if (!value) return;
    draw_tag(painter, pointer_, rect(), {report::figure(*value) + QLatin1Char(' ') + report::unit_words(picture)});
}

void EyeView::showEvent(QShowEvent*) {
    fill_scenes();
    eye_.watch(this, true);
}

void EyeView::hideEvent(QHideEvent*) { eye_.watch(this, false); }

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
    auto* large = new PictureWindow(desktop);
    desktop.know(large);
    const auto open = [large] {
        large->show();
        large->raise();
        large->activateWindow();
    };
    QObject::connect(view, &EyeView::large_wanted, large, open);
    desktop.commands().add(CommandGroup::light, QObject::tr("Open the picture"),
                           QKeySequence(QStringLiteral("Ctrl+Shift+L")), open);
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
