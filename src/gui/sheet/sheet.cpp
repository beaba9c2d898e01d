// SPDX-License-Identifier: GPL-3.0-or-later
// Painting of the sheet.
#include "gui/sheet/sheet.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "geometry/polygon.h"
#include "gui/look/look.h"
#include "gui/sheet/typed_entry.h"

namespace wp::gui {
using namespace model;

namespace {

// Paper left around a plan that fills the sheet, in pixels: dimension lines at the sides, the legend at the foot.
constexpr double kFitSide = 36, kFitTop = 40, kFitFoot = 90;

}  // namespace

Sheet::Sheet(Document& document, QWidget* parent) : QWidget(parent), document_(document), entry_(new TypedEntry(this)) {
    setMouseTracking(true);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(QObject::tr("Sheet"));
    setObjectName(QStringLiteral("sheet"));
    setMinimumSize(320, 240);
    connect(&document, &Document::project_changed, this, &Sheet::update);
    connect(&document, &Document::selection_changed, this, [this] {
        update();
        say_hint();
    });
    connect(&document, &Document::project_replaced, this, [this] {
        fitted_ = touched_ = false;
        pinned_.reset();
        update();
    });
    connect(entry_, &TypedEntry::entered, this, [this](double first, std::optional<double> second) {
        setFocus();
        tool_->typed(first, second);
        say_hint();
        QWidget::update();
    });
    connect(entry_, &TypedEntry::left, this, [this] { setFocus(); });
}

const Storey* Sheet::storey() const {
    const auto& storeys = document_.option().storeys;
    return document_.storey_index() < storeys.size() ? &storeys[document_.storey_index()] : nullptr;
}

void Sheet::show_map(SheetMap map) {
    map_ = std::move(map);
    new_map_ = true;
    update();
}

void Sheet::set_with_blocks(bool on) {
    if (with_blocks_ == on) return;
    with_blocks_ = on;
    fit();
}

void Sheet::set_cut(double height) {
    cut_ = height;
    update();
}

void Sheet::show_sun(QImage picture, Vec2 low, Vec2 high) {
    sun_ = std::move(picture);
    sun_low_ = low;
    sun_high_ = high;
    update();
}

void Sheet::show_underlay(QImage picture) {
    underlay_ = std::move(picture);
    update();
}

void Sheet::show_section_line(Vec2 a, Vec2 b) {
    section_ = std::pair{a, b};
    plan_ = {};
    update();
}

void Sheet::show_faults(std::vector<Vec2> places) {
    if (places == faults_) return;
    faults_ = std::move(places);
    update();
}

report::PlanView Sheet::fitted_view(bool with_blocks) const {
    return report::PlanView::fit(document_.option(), document_.storey_index(),
                                 QRectF(rect()).adjusted(kFitSide, kFitTop, -kFitSide, -kFitFoot), with_blocks);
}

void Sheet::fit() {
    view_ = fitted_view(with_blocks_);
    fitted_ = true;
    seen_ = size();
    update();
}

void Sheet::fit_on() {
    const auto rooms = fitted_view(false);
    const bool fits = view_.scale == rooms.scale && view_.origin == rooms.origin;
    view_ = fits ? fitted_view(true) : rooms;
    fitted_ = true;
    seen_ = size();
    update();
}

// Once somebody works on it, its middle stays where it is: nothing moves under a hand. Sizes that it has while it is
// not seen do not count.
void Sheet::follow_size() {
    if (!fitted_ || (!touched_ && size() != seen_))
        fit();
    else
        view_.origin += QPointF(size().width() - seen_.width(), size().height() - seen_.height()) / 2;
    seen_ = size();
}

void Sheet::update() {
    plan_ = {};
    QWidget::update();
}

void Sheet::resizeEvent(QResizeEvent*) {
    plan_ = {};
    emit resized(size());
}

// Where the plan's words may not stand: what is laid over it.
std::vector<QRectF> Sheet::taken() const {
    std::vector<QRectF> out{{10.0, height() - 30.0, 150, 24}, {width() - 58.0, height() - 62.0, 56, 58}};
    for (const QObject* child : children())
        if (const auto* over = qobject_cast<const QWidget*>(child); over != nullptr && over->isVisible())
            out.emplace_back(over->geometry());
    for (const Figure& figure : figures_) out.push_back(figure.box);
    if (!is_drawn_on() || tint_ == report::TintBy::nothing)
        for (const auto& [reading, box] : reading_plates()) out.push_back(box);
    for (const SeatArc& seat : seats_) {
        const double ring = ring_of(seat);
        out.emplace_back(view_.to_screen(seat.at) - QPointF(ring, ring), QSizeF(2 * ring, 2 * ring));
    }
    return out;
}

// As beads on the section's line: a box around a slanting one would take half the sheet.
std::vector<QRectF> Sheet::crossed() const {
    std::vector<QRectF> out;
    if (!section_) return out;
    const QPointF from = view_.to_screen(section_->first), way = view_.to_screen(section_->second) - from;
    const int beads = 1 + static_cast<int>(std::hypot(way.x(), way.y()) / 14);
    for (int i = 0; i <= beads; ++i) {
        const QPointF at = from + way * i / beads;
        out.emplace_back(at.x() - 5, at.y() - 7, 10, 14);
    }
    return out;
}

// The drawing changes seldom, the pointer moves often: what it shows is laid over a picture of the rest.
void Sheet::draw_plan_picture() {
    const qreal ratio = devicePixelRatioF();
    plan_ = QPixmap((QSizeF(size()) * ratio).toSize());
    plan_.setDevicePixelRatio(ratio);
    QPainter painter(&plan_);
    painter.setFont(font());
    {
        // Figures that are typed over stand where they stand: the plan's own give way.
        QPixmap nowhere(1, 1);
        QPainter trial(&nowhere);
        trial.setFont(font());
        draw_figures(trial);
    }
    report::PlanScene scene = plan_scene(document_.project(), document_.option_index(), document_.storey_index(), map_);
    scene.tint = is_drawn_on() ? tint_ : report::TintBy::nothing;
    if (scene.tint != report::TintBy::nothing) scene.maps.clear();
    scene.without = model::question_of(document_.project(), model::Question::Kind::daylight_factor).without;
    scene.marks.figures = scene.marks.figures && is_read();
    scene.cut = cut_;
    scene.show_areas = is_drawn_on();
    // Figures at the windows stand where dimension lines would.
    scene.dimensions = std::none_of(scene.maps.begin(), scene.maps.end(),
                                    [](const report::MapLayer& m) { return !m.plane.lies() && m.plane.columns == 1; });
    scene.sun = sun_;
    scene.sun_low = sun_low_;
    scene.sun_high = sun_high_;
    scene.underlay = underlay_;
    scene.taken = taken();
    scene.crossed = crossed();
    scene.selected.insert(highlighted_.begin(), highlighted_.end());
    for (const Selection& item : document_.selected())
        if (item.kind != Selection::Kind::wall) scene.selected.insert(item.id);
    report::draw_plan(painter, scene, view_, ink(), rect());
    report::draw_scale_bar(painter, view_, ink(), rect(), scene.north);
    draw_site(painter);
    draw_faults(painter);
    if (scene.tint != report::TintBy::nothing) draw_tint_legend(painter);
}

void Sheet::paintEvent(QPaintEvent*) {
    follow_size();
    if (plan_.isNull() || plan_.devicePixelRatio() != devicePixelRatioF()) draw_plan_picture();
    QPainter painter(this);
    painter.drawPixmap(0, 0, plan_);
    painter.setRenderHint(QPainter::Antialiasing);
    draw_figures(painter);
    if (section_) draw_section_line(painter);
    tool_->paint(painter);
    const bool empty = storey() == nullptr || storey()->rooms.empty();
    if (empty && tool_->rests()) {
        QFont font = painter.font();
        font.setPixelSize(type::heading);
        painter.setFont(font);
        painter.setPen(ink().faint);
        painter.drawText(rect(), Qt::AlignCenter,
                         QObject::tr("An empty storey. Press R and drag a rectangle to draw the first room."));
    }
    if (!is_drawn_on() || tint_ == report::TintBy::nothing) draw_reads(painter);
    if (new_map_) {
        new_map_ = false;
        ++maps_painted_;
    }
}

}  // namespace wp::gui
