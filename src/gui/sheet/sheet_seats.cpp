// SPDX-License-Identifier: GPL-3.0-or-later
// Arcs around seats: where one can look untroubled, and where it is worst. In ink: colour is kept for light.
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "gui/look/look.h"
#include "gui/look/tag.h"
#include "gui/sheet/sheet.h"
#include "report/side/plan_cell.h"

namespace wp::gui {

namespace {

constexpr double kSeatRing = 27, kSmallSeatRing = 16;  // pixels

}  // namespace

void Sheet::show_seats(std::vector<SeatArc> seats) {
    // Values of the map keep clear of rings: they are set anew where rings came, went or moved.
    const bool same = std::ranges::equal(seats, seats_, {}, &SeatArc::at, &SeatArc::at);
    seats_ = std::move(seats);
    same ? QWidget::update() : update();
}

double Sheet::ring_of(const SeatArc& seat) const {
    return seat.small ? std::clamp(0.42 * seat.apart * view_.scale, 4.0, kSmallSeatRing) : kSeatRing;
}

std::optional<std::pair<size_t, double>> Sheet::seat_at(QPointF at) const {
    for (size_t i = 0; i < seats_.size(); ++i) {
        const QPointF off = at - view_.to_screen(seats_[i].at);
        const double away = std::hypot(off.x(), off.y()), ring = ring_of(seats_[i]);
        if (away > ring + report::kArcTick || away < ring * 0.6) continue;
        const double heading = degrees(std::atan2(off.x(), -off.y()));
        return std::pair(i, heading < 0 ? heading + 360 : heading);
    }
    return {};
}

bool Sheet::press_seat() {
    const auto under = is_read() ? seat_at(pointer_) : std::nullopt;
    if (!under) return false;
    hold_ = {Hold::What::seats, pointer_, {}, under->first, under->second};
    return true;
}

// All heads turn with the one that is dragged.
void Sheet::turn_seats() {
    if (hold_.seat >= seats_.size() || (!hold_.moved && !is_drag(hold_.pressed, pointer_))) return;
    const QPointF off = pointer_ - view_.to_screen(seats_[hold_.seat].at);
    hold_.moved = true;
    hold_.turned = std::remainder(degrees(std::atan2(off.x(), -off.y())) - hold_.heading, 360);
    emit seats_turned(hold_.turned, false);
}

void Sheet::draw_seat(QPainter& painter, const SeatArc& seat) const {
    const QPointF middle = view_.to_screen(seat.at);
    const double ring = ring_of(seat);
    painter.setBrush(Qt::NoBrush);
    if (!seat.arc) {
        painter.setPen(QPen(ink().faint, 1, Qt::DotLine));
        return painter.drawEllipse(middle, ring, ring);
    }
    report::draw_arc(painter, middle, *seat.arc, {ring, seat.settled, seat.small, seat.value}, ink());
}

void Sheet::draw_seats(QPainter& painter) const {
    for (const SeatArc& seat : seats_) draw_seat(painter, seat);
    if (pointer_.x() < 0) return;
    if (const auto under = seat_at(pointer_); under && !seats_[under->first].words.isEmpty()) {
        const SeatArc& seat = seats_[under->first];
        QStringList lines{seat.name, seat.words};
        if (seat.reading) lines << seat.reading(under->second);
        draw_tag(painter, pointer_, rect(), lines);
    }
}

}  // namespace wp::gui
