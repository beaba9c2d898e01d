// SPDX-License-Identifier: GPL-3.0-or-later
// What the pointer and the keys do on the sheet, whatever tool is in hand: panning, zooming, the menu, the north
// point; the rest is the tool's.
#include <QKeyEvent>
#include <QMouseEvent>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>

#include "gui/entry/number_field.h"
#include "gui/sheet/sheet.h"
#include "gui/sheet/typed_entry.h"

namespace wp::gui {
using namespace model;

namespace {

constexpr double kClickPixels = 4;

}  // namespace

void Sheet::add_tool(MakeTool make) {
    tools_.push_back(make(*this));
    if (tools_.back()->rests() && tools_.back()->use() == use_) take_up(*tools_.back());
}

void Sheet::take_up(SheetTool& tool) {
    if (tool_ != nullptr) tool_->cancel();
    hold_ = {};
    tool_ = &tool;
    entry_->hide();
    setCursor(tool.cursor());
    emit tool_changed(tool_);
    say_hint();
    QWidget::update();
}

void Sheet::rest() {
    const auto at = std::find_if(tools_.begin(), tools_.end(),
                                 [this](const SheetTool* t) { return t->rests() && t->use() == use_; });
    if (at != tools_.end()) take_up(**at);
}

void Sheet::set_use(SheetUse use) {
    use_ = use;
    mean_area_.reset();
    rest();
    update();
}

void Sheet::say_hint() {
    if (tool_ != nullptr) emit hint(tool_->hint());
}

bool Sheet::is_drag(QPointF from, QPointF to) const {
    return std::hypot(to.x() - from.x(), to.y() - from.y()) > kClickPixels;
}

geometry::Snap Sheet::snap(Vec2 place, std::optional<Vec2> from) const {
    const double reach = kSnapPixels / view_.scale;
    auto found = geometry::find_snap(document_.option(), document_.storey_index(), place, reach, snaps_, from);
    // What is drawn already goes before what lies under it, that before the grid.
    using Kind = geometry::Snap::Kind;
    const bool weak = found.kind == Kind::free || found.kind == Kind::grid || found.kind == Kind::aligned;
    if (drawing_ != nullptr && weak)
        if (auto line = drawing_->snap(place, reach)) found = std::move(*line);
    return found;
}

Pointing Sheet::pointing(const QMouseEvent& event) {
    pointer_ = event.position();
    return {pointer_, view_.to_model(pointer_), event.modifiers()};
}

void Sheet::open_menu(QPoint at) {
    const Selection under = pick(pointer_);
    if (!document_.is_selected(under)) document_.select(under);
    emit menu_wanted(at);
}

void Sheet::mousePressEvent(QMouseEvent* event) {
    const Pointing p = pointing(*event);
    setFocus();
    entry_->hide();
    touched_ = true;
    ++gesture_;
    if (event->button() == Qt::MiddleButton) {
        hold_ = {Hold::What::pan, pointer_, view_.origin};
    } else if (event->button() == Qt::RightButton) {
        if (!tool_->cancel()) open_menu(event->globalPosition().toPoint());
    } else if (event->button() == Qt::LeftButton && !press_site() && !press_seat()) {
        tool_->press(p);
    }
    say_hint();
    QWidget::update();
}

void Sheet::mouseMoveEvent(QMouseEvent* event) {
    const Pointing p = pointing(*event);
    if (hold_.what == Hold::What::north) {
        turn_north();
    } else if (hold_.what == Hold::What::seats) {
        turn_seats();
    } else if (hold_.what == Hold::What::pan) {
        view_.origin = hold_.origin + pointer_ - hold_.pressed;
        return update();
    } else {
        tool_->move(p);
    }
    QWidget::update();
}

void Sheet::mouseReleaseEvent(QMouseEvent* event) {
    const Pointing p = pointing(*event);
    const bool held = hold_.what != Hold::What::none;
    if (hold_.what == Hold::What::seats) {
        if (hold_.moved)
            emit seats_turned(hold_.turned, true);
        else if (hold_.seat < seats_.size())
            emit seat_pressed(seats_[hold_.seat].number, hold_.heading);
    }
    hold_ = {};
    if (!held && event->button() == Qt::LeftButton) tool_->release(p);
    say_hint();
    QWidget::update();
}

void Sheet::mouseDoubleClickEvent(QMouseEvent* event) {
    if (event->button() != Qt::LeftButton) return mousePressEvent(event);
    tool_->double_click(pointing(*event));
    QWidget::update();
}

void Sheet::wheelEvent(QWheelEvent* event) {
    const double factor = std::pow(1.0015, event->angleDelta().y()),
                 scale = std::clamp(view_.scale * factor, 1.0, 1500.0);
    const QPointF at = event->position();
    touched_ = true;
    view_.origin = at + (view_.origin - at) * (scale / view_.scale);
    view_.scale = scale;
    update();
}

void Sheet::leaveEvent(QEvent*) {
    pointer_ = {-1, -1};
    QWidget::update();
}

// One thing a press: what is begun, the tool, the pin, the mean, the selection.
void Sheet::escape() {
    if (tool_->cancel()) return;
    if (!tool_->rests())
        rest();
    else if (pinned_)
        pinned_.reset();
    else if (mean_area_)
        mean_area_.reset();
    else
        document_.select({});
}

void Sheet::keyReleaseEvent(QKeyEvent* event) {
    if (event->key() != Qt::Key_Space) return QWidget::keyReleaseEvent(event);
    if (!event->isAutoRepeat()) emit before_wanted(false);
}

void Sheet::focusOutEvent(QFocusEvent* event) {
    emit before_wanted(false);
    QWidget::focusOutEvent(event);
}

void Sheet::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Space && event->modifiers() == Qt::NoModifier) {
        if (!event->isAutoRepeat()) emit before_wanted(true);
        return;
    }
    const bool enter = event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter;
    if (event->key() == Qt::Key_Escape)
        escape();
    else if (enter && tool_->shows_values())
        pin_value();
    else if (!tool_->key(*event))
        return QWidget::keyPressEvent(event);
    say_hint();
    QWidget::update();
}

void Sheet::type_numbers(const QString& first_digit) {
    const auto typing = tool_->typing();
    if (typing)
        entry_->open(pointer_.x() < 0 ? rect().center() : pointer_.toPoint(), typing->first, typing->second,
                     typing->second_unit, first_digit);
}

bool Sheet::edit_figure_at(QPointF at) {
    for (const Figure& figure : figures_)
        if (figure.box.contains(at)) {
            edit_figure(Figure(figure));
            return true;
        }
    return false;
}

void Sheet::edit_figure(const Figure& figure) {
    auto* field = new NumberField(figure.value, Unit::metre, figure.commit, this);
    field->setObjectName(QStringLiteral("figure-entry"));
    field->setGeometry(figure.box.adjusted(-14, -4, 14, 4).toRect());
    field->show();
    field->setFocus();
    field->selectAll();
    // It goes once its figure is given, or another place is clicked.
    connect(field, &QLineEdit::editingFinished, field, [this, field] {
        field->deleteLater();
        setFocus();
    });
}

void Sheet::reveal(const Selection& item) {
    const size_t s = edit::storey_of(document_.option(), item);
    if (s < document_.option().storeys.size()) document_.show_storey(s);
    const auto place = edit::middle_of(document_.option(), {item});
    if (place && !QRectF(rect()).adjusted(30, 30, -30, -30).contains(view_.to_screen(*place))) {
        fit();
        // What stands far out is brought into the middle.
        if (!QRectF(rect()).adjusted(30, 30, -30, -30).contains(view_.to_screen(*place)))
            view_.origin += QPointF(rect().center()) - view_.to_screen(*place);
    }
    update();
}

}  // namespace wp::gui
