// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/legend/legend_bar.h"

#include <QHelpEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>
#include <algorithm>
#include <cmath>

#include "gui/entry/figure_box.h"
#include "gui/look/look.h"
#include "report/language/words.h"

namespace wp::gui {

namespace {

constexpr double kEndPixels = 9;  // how near to an end the pointer takes it
constexpr double kDragPixels = 3;

// Two digits more than the legend tells: a dragged end should be easy to say.
double easy(double value, double span) {
    const double step = std::pow(10.0, std::floor(std::log10(std::max(span, 1e-9))) - 1) / 2;
    return std::round(value / step) * step;
}

}  // namespace

LegendBar::LegendBar(Legends& legends, const QString& name, QWidget* parent)
    : QWidget(parent),
      legends_(legends),
      button_(new QToolButton(this)),
      fit_(new QToolButton(this)),
      menu_(new QMenu(this)) {
    setObjectName(name);
    setAccessibleName(QObject::tr("Legend"));
    setAccessibleDescription(
        QObject::tr("Drag an end to set it, drag a stretch to hatch what is beyond, double-click to fit it to the "
                    "map; Enter for more"));
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    set_icon(button_, QStringLiteral("sliders-horizontal"));
    button_->setProperty("role", QStringLiteral("compact"));
    button_->setIconSize({18, 18});
    button_->setObjectName(name + QStringLiteral("-menu"));
    button_->setAccessibleName(QObject::tr("Legend and map"));
    button_->setToolTip(QObject::tr("Ends, steps, lines, values, units of this map (Shift+L)"));
    button_->setPopupMode(QToolButton::InstantPopup);
    button_->setMenu(menu_);
    fit_->setText(QObject::tr("Fit"));
    fit_->setProperty("role", QStringLiteral("tool"));
    fit_->setObjectName(name + QStringLiteral("-fit"));
    fit_->setToolTip(QObject::tr("The colours stay while you edit; this fits them to the map as it is now"));
    connect(fit_, &QToolButton::clicked, &legends_, &Legends::refit);
    fit_->hide();
    menu_->setObjectName(QStringLiteral("legend-choices"));
    connect(menu_, &QMenu::aboutToShow, this, &LegendBar::fill_menu);
    fill_menu();
    hide();
}

void LegendBar::show_map(const SheetMap& map) {
    map_ = map;
    setVisible(!map.layers.empty());
    fit_->setVisible(legends_.is_wide_for(map));
    update();
}

void LegendBar::place_in(QSize parent) {
    // Between scale bar and north point; in the middle where there is room for that.
    constexpr int scale_bar = 144, north = 64;
    const int w = std::clamp(parent.width() - scale_bar - north, 220, sizeHint().width()),
              x = std::max((parent.width() - w) / 2, std::min(scale_bar, parent.width() - north - w));
    setGeometry(x, parent.height() - sizeHint().height() - space::tight, w, sizeHint().height());
    button_->setGeometry(w - 34, 6, 30, 28);
    fit_->setGeometry(w - 34, 34, 32, 22);
}

QRectF LegendBar::area() const { return QRectF(rect()).adjusted(space::medium, space::tight, -38 - space::tight, 0); }

QPointF LegendBar::at(double value) const {
    const QRectF bar = report::legend_bar(area());
    return {bar.left() + map_.scale.place(value) * bar.width(), bar.center().y()};
}

// Of the bar's width; beyond its ends too, for an end may be dragged outwards.
double LegendBar::share_at(double x) const {
    const QRectF bar = report::legend_bar(area());
    return (x - bar.left()) / bar.width();
}

LegendBar::Grip LegendBar::grip_at(QPointF p) const {
    const QRectF bar = report::legend_bar(area());
    if (p.y() < bar.top() - 8 || p.y() > bar.bottom() + 8) return Grip::none;
    if (!map_.scale.difference && std::fabs(p.x() - bar.left()) < kEndPixels) return Grip::bottom;
    if (!map_.scale.difference && std::fabs(p.x() - bar.right()) < kEndPixels) return Grip::top;
    return bar.left() < p.x() && p.x() < bar.right() ? Grip::band : Grip::none;
}

void LegendBar::change(const std::function<void(Legend&)>& edit) {
    Legend legend = legends_.of(map_.figure);
    edit(legend);
    legends_.set(map_.figure, legend);
}

void LegendBar::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    QColor paper = ink().paper;
    paper.setAlpha(240);
    painter.setPen(hasFocus() ? QPen(ink().accent, 1) : QPen(Qt::NoPen));
    painter.setBrush(paper);
    painter.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 4, 4);
    report::draw_legend(painter, map_.scale, map_.name, map_.unit, ink(), area(), map_.marks, map_.usual);
    if (map_.scale.difference) return;
    const QRectF bar = report::legend_bar(area());
    painter.setPen(QPen(ink().ink, 1));
    painter.setBrush(ink().room);
    for (const double x : {bar.left(), bar.right()})
        painter.drawRoundedRect(QRectF(x - 2.5, bar.top() - 3, 5, bar.height() + 6), 2, 2);
}

void LegendBar::mousePressEvent(QMouseEvent* event) {
    if (event->button() != Qt::LeftButton) return;
    held_ = map_.scale;
    grip_ = grip_at(event->position());
    pressed_ = event->position().x();
    dragged_ = false;
}

void LegendBar::mouseMoveEvent(QMouseEvent* event) {
    const double x = event->position().x();
    if (grip_ == Grip::none) {
        const Grip over = grip_at(event->position());
        setCursor(over == Grip::bottom || over == Grip::top ? Qt::SizeHorCursor
                  : over == Grip::band                      ? Qt::IBeamCursor
                                                            : Qt::ArrowCursor);
        return;
    }
    if (!dragged_ && std::fabs(x - pressed_) < kDragPixels) return;
    dragged_ = true;
    const double span = held_.top - held_.bottom;
    const auto si = [&](double value) { return legends_.from_shown(map_.figure, value); };
    if (grip_ == Grip::band) {
        const auto value = [&](double at) { return map_.scale.value_at(std::clamp(share_at(at), 0.0, 1.0)); };
        double a = value(pressed_), b = value(x);
        if (a > b) std::swap(a, b);
        // Up to an end means: without an end.
        const bool from_start = a <= map_.scale.bottom + 0.004 * span, to_end = b >= map_.scale.top - 0.004 * span;
        if (!map_.scale.logarithmic) a = easy(a, span), b = easy(b, span);
        return change([&](Legend& l) {
            l.low = from_start ? std::nullopt : std::optional(si(a));
            l.high = to_end ? std::nullopt : std::optional(si(b));
        });
    }
    double value = held_.value_at(share_at(x));
    if (!held_.logarithmic) value = easy(value, span);
    change([&](Legend& l) {
        l.ends = Legend::Ends::free;
        l.bottom = si(grip_ == Grip::bottom ? std::min(value, held_.top - 0.02 * span) : held_.bottom);
        l.top = si(grip_ == Grip::top ? std::max(value, held_.bottom + 0.02 * span) : held_.top);
        if (!held_.logarithmic && held_.bottom >= 0) l.bottom = std::max(l.bottom, 0.0);
    });
}

void LegendBar::mouseReleaseEvent(QMouseEvent*) {
    // A click takes the band away.
    if (grip_ == Grip::band && !dragged_) change([](Legend& l) { l.low = l.high = std::nullopt; });
    grip_ = Grip::none;
}

void LegendBar::mouseDoubleClickEvent(QMouseEvent*) {
    change([](Legend& l) {
        if (l.ends == Legend::Ends::free) l.ends = Legend::Ends::steady;
        l.low = l.high = std::nullopt;
    });
    legends_.refit();
}

void LegendBar::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter || event->key() == Qt::Key_Space)
        return button_->showMenu();
    const double span = map_.scale.top - map_.scale.bottom, step = map_.scale.logarithmic ? 0 : span / 20;
    if ((event->key() == Qt::Key_Left || event->key() == Qt::Key_Right) && !map_.scale.difference) {
        const double way = event->key() == Qt::Key_Right ? 1 : -1;
        const double top =
            map_.scale.logarithmic ? map_.scale.top * std::pow(1.1, way) : easy(map_.scale.top + way * step, span);
        return change([&](Legend& l) {
            l.ends = Legend::Ends::free;
            l.bottom = legends_.from_shown(map_.figure, map_.scale.bottom);
            l.top = legends_.from_shown(map_.figure, std::max(top, map_.scale.bottom + 0.02 * span));
        });
    }
    if (event->key() == Qt::Key_Escape) return mouseDoubleClickEvent(nullptr);
    QWidget::keyPressEvent(event);
}

// What the figure is, and what the mark under the pointer means.
bool LegendBar::event(QEvent* event) {
    if (event->type() != QEvent::ToolTip) return QWidget::event(event);
    const auto* help = static_cast<QHelpEvent*>(event);
    QStringList lines;
    for (const auto& mark : map_.usual)
        if (std::fabs(at(mark.value).x() - help->pos().x()) < 7) lines << mark.meaning;
    if (lines.isEmpty()) {
        lines << map_.definition;
        for (const auto& mark : map_.usual) lines << mark.meaning;
        lines << QObject::tr(
            "Drag an end to set it. Drag along the bar: what is beyond is hatched. Double-click: fit it to the map.");
    }
    lines.removeAll(QString());
    QToolTip::showText(help->globalPos(),
                       QStringLiteral("<p style='white-space:normal'>%1</p>").arg(lines.join(QStringLiteral("<br>"))),
                       this);
    return true;
}

void LegendBar::fill_menu() {
    menu_->clear();
    const Legend legend = legends_.of(map_.figure);
    const auto choice = [&](QMenu* menu, const QString& text, const char* name, bool on, std::function<void()> run) {
        auto* action = menu->addAction(text);
        action->setObjectName(QString::fromLatin1(name));
        action->setCheckable(true);
        action->setChecked(on);
        connect(action, &QAction::triggered, this, std::move(run));
    };
    const auto ends = [&](const char* text, const char* name, Legend::Ends kind) {
        choice(menu_, language::words(text), name, legend.ends == kind,
               [this, kind] { change([&](Legend& l) { l.ends = kind; }); });
    };
    menu_->addSection(QObject::tr("Ends"));
    ends(QT_TRANSLATE_NOOP("QObject", "Stay while you edit"), "ends-steady", Legend::Ends::steady);
    ends(QT_TRANSLATE_NOOP("QObject", "Follow this map"), "ends-automatic", Legend::Ends::automatic);
    ends(QT_TRANSLATE_NOOP("QObject", "One for all options"), "ends-linked", Legend::Ends::linked);
    choice(menu_, QObject::tr("Set by hand\u2026"), "ends-free", legend.ends == Legend::Ends::free,
           [this] { ask_ends(); });
    choice(menu_, QObject::tr("Logarithmic"), "logarithmic", map_.scale.logarithmic,
           [this] { change([this](Legend& l) { l.logarithmic = !map_.scale.logarithmic; }); });
    menu_->addSection(QObject::tr("Colours"));
    for (const int steps : {0, 5, 8, 10})
        choice(menu_, steps == 0 ? QObject::tr("Continuous") : QObject::tr("In %1 steps").arg(steps),
               steps == 0   ? "steps-0"
               : steps == 5 ? "steps-5"
               : steps == 8 ? "steps-8"
                            : "steps-10",
               legend.steps == steps, [this, steps] { change([&](Legend& l) { l.steps = steps; }); });
    menu_->addSection(QObject::tr("On the map"));
    choice(menu_, QObject::tr("Lines of equal value"), "contours", legend.contours,
           [this, on = !legend.contours] { change([&](Legend& l) { l.contours = on; }); });
    choice(menu_, QObject::tr("Values at points"), "values", legend.values,
           [this, on = !legend.values] { change([&](Legend& l) { l.values = on; }); });
    choice(menu_, QObject::tr("Figures of rooms"), "figures", legend.figures,
           [this, on = !legend.figures] { change([&](Legend& l) { l.figures = on; }); });
    choice(menu_, QObject::tr("Hatch below and above\u2026"), "band", legend.low || legend.high,
           [this] { ask_band(); });
    if (map_.figure == QStringLiteral("illuminance")) {
        menu_->addSection(QObject::tr("Unit"));
        choice(menu_, QObject::tr("Lux"), "unit-lux", !legends_.footcandles(),
               [this] { legends_.set_footcandles(false); });
        choice(menu_, QObject::tr("Footcandle"), "unit-footcandle", legends_.footcandles(),
               [this] { legends_.set_footcandles(true); });
    }
}

void LegendBar::ask_ends() {
    FigureBox box(this, QObject::tr("Ends of the legend"));
    double bottom = map_.scale.bottom, top = map_.scale.top;
    box.number(QObject::tr("From, %1").arg(map_.unit), bottom, Unit::plain, "ends-from");
    box.number(QObject::tr("To, %1").arg(map_.unit), top, Unit::plain, "ends-to");
    box.text(QObject::tr("They hold for all maps of this figure, until they are let free again."));
    if (!box.ask() || !(top > bottom) || !std::isfinite(top) || !std::isfinite(bottom)) return;
    change([&](Legend& l) {
        l.ends = Legend::Ends::free;
        l.bottom = legends_.from_shown(map_.figure, bottom);
        l.top = legends_.from_shown(map_.figure, top);
    });
}

void LegendBar::ask_band() {
    FigureBox box(this, QObject::tr("Hatch what is beyond"));
    double low = std::isfinite(map_.marks.low) ? map_.marks.low : map_.scale.bottom,
           high = std::isfinite(map_.marks.high) ? map_.marks.high : map_.scale.top;
    box.number(QObject::tr("Below, %1").arg(map_.unit), low, Unit::plain, "band-low");
    box.number(QObject::tr("Above, %1").arg(map_.unit), high, Unit::plain, "band-high");
    box.text(QObject::tr("The ends of the legend mean: not hatched on that side."));
    if (!box.ask() || !(high > low)) return;
    const bool all_below = low <= map_.scale.bottom, all_above = high >= map_.scale.top;
    change([&](Legend& l) {
        l.low = all_below ? std::nullopt : std::optional(legends_.from_shown(map_.figure, low));
        l.high = all_above ? std::nullopt : std::optional(legends_.from_shown(map_.figure, high));
    });
}

}  // namespace wp::gui
