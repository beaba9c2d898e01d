// SPDX-License-Identifier: GPL-3.0-or-later
// Painting of the sheet.
#include "gui/sheet/sheet.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "geometry/polygon.h"
#include "gui/look/look.h"
#include "gui/look/tag.h"
#include "gui/sheet/typed_entry.h"

namespace wp::gui {
using namespace model;

Sheet::Sheet(Document& document, QWidget* parent) : QWidget(parent), document_(document), entry_(new TypedEntry(this)) {
    setMouseTracking(true);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(QStringLiteral("Sheet"));
    setObjectName(QStringLiteral("sheet"));
    setMinimumSize(320, 240);
    connect(&document, &Document::project_changed, this, qOverload<>(&QWidget::update));
    connect(&document, &Document::selection_changed, this, [this] {
        update();
        say_hint();
    });
    connect(&document, &Document::project_replaced, this, [this] {
        fitted_ = false;
        update();
    });
    connect(entry_, &TypedEntry::entered, this, [this](double first, std::optional<double> second) {
        setFocus();
        typed(first, second);
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
    update();
}

void Sheet::show_faults(std::vector<Vec2> places) {
    if (places == faults_) return;
    faults_ = std::move(places);
    update();
}

void Sheet::fit() {
    view_ = report::PlanView::fit(document_.option(), document_.storey_index(), QRectF(rect()).adjusted(50, 50, -50, -90), with_blocks_);
    fitted_ = true;
    update();
}

void Sheet::resizeEvent(QResizeEvent*) { fitted_ = false; }

void Sheet::paintEvent(QPaintEvent*) {
    if (!fitted_) fit();
    QPainter painter(this);
    report::PlanScene scene;
    scene.option = &document_.option();
    scene.project = &document_.project();
    scene.tint = editable_ ? tint_ : report::TintBy::nothing;
    scene.without = model::question_of(document_.project(), model::Question::Kind::daylight_factor).without;
    scene.storey = document_.storey_index();
    if (scene.tint == report::TintBy::nothing) scene.maps = map_.layers;
    scene.scale = map_.scale;
    scene.north = document_.project().site.north;
    scene.cut = cut_;
    scene.show_areas = editable_;
    // Figures at the windows stand where dimension lines would.
    scene.dimensions = std::none_of(scene.maps.begin(), scene.maps.end(), [](const report::MapLayer& m) { return !m.plane.lies() && m.plane.columns == 1; });
    scene.sun = sun_;
    scene.sun_low = sun_low_;
    scene.sun_high = sun_high_;
    scene.underlay = underlay_;
    for (const Selection& item : document_.selected())
        if (item.kind != Selection::Kind::wall) scene.selected.insert(item.id);
    report::draw_plan(painter, scene, view_, ink(), rect());
    report::draw_scale_bar(painter, view_, ink(), rect(), scene.north);
    draw_site(painter);
    draw_faults(painter);
    draw_figures(painter);
    draw_tools(painter);
    const bool empty = storey() == nullptr || storey()->rooms.empty();
    if (empty && tool_ == Tool::select) {
        QFont font = painter.font();
        font.setPixelSize(type::heading);
        painter.setFont(font);
        painter.setPen(ink().faint);
        painter.drawText(rect(), Qt::AlignCenter, QStringLiteral("An empty storey. Press R and drag a rectangle to draw the first room."));
    }
    if (scene.tint != report::TintBy::nothing) {
        draw_tint_legend(painter);
    } else {
        draw_legend(painter);
        draw_reading(painter);
    }
    if (new_map_) {
        new_map_ = false;
        ++maps_painted_;
    }
}

void Sheet::draw_legend(QPainter& painter) const {
    const double w = std::min(340.0, width() - 330.0);
    if (map_.layers.empty() || w <= 150) return;
    const QRectF plate((width() - w) / 2 - 12, height() - 62, w + 24, 56);
    QColor paper = ink().paper;
    paper.setAlpha(235);
    painter.setPen(Qt::NoPen);
    painter.setBrush(paper);
    painter.drawRoundedRect(plate, 4, 4);
    report::draw_legend(painter, map_.scale, map_.name, map_.unit, ink(), plate.adjusted(12, 4, -12, 0));
}

void Sheet::draw_reading(QPainter& painter) const {
    if (storey() == nullptr || pointer_.x() < 0 || grip_.what != Grip::What::none || tool_ != Tool::select) return;
    const Vec2 p = view_.to_model(pointer_);
    for (size_t l = 0; l < map_.layers.size(); ++l) {
        const auto& layer = map_.layers[l];
        const auto& plane = layer.plane;
        if (layer.value.empty() || !plane.lies() || plane.storey != storey()->id) continue;
        const int found = plane.point_at(p);
        if (found < 0) continue;
        const auto i = static_cast<size_t>(found);
        QString text = report::figure(layer.value[i]);
        if (l < map_.half_width.size() && i < map_.half_width[l].size()) text += QStringLiteral(" \u00b1 ") + report::error_figure(map_.half_width[l][i]);
        text += QStringLiteral(" ") + map_.unit;
        if (layer.stale) text += QStringLiteral(" (stale)");
        if (std::isnan(layer.value[i])) return;
        QStringList lines{text};
        if (map_.detail) lines << map_.detail(l, i);
        lines.removeAll(QString());
        draw_tag(painter, pointer_, rect(), lines);
        return;
    }
}

}  // namespace wp::gui
