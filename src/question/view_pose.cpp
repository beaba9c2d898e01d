// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/view_pose.h"

#include <algorithm>
#include <cmath>
#include <limits>

#include "geometry/elevation.h"
#include "model/project.h"

namespace wp::question {

using model::PictureChoice;
using model::View;

namespace {

constexpr double kRim = 0.05;    // of the width, on each side
constexpr double kClear = 0.05;  // metres before what must not be in the way
constexpr double kFarOff = 30;   // metres from a facade
constexpr int kWays = 9;         // places along a wall from which the room's depth is measured

// What a parallel picture shows: metres across and high.
void frame(PictureChoice& picture, double across, double high) {
    picture.lens = PictureChoice::Lens::parallel;
    picture.across = std::max(across * (1 + 2 * kRim), 0.1);
    const double rows = picture.pixels * (high + 2 * kRim * across) / picture.across;
    picture.rows = std::clamp(static_cast<int>(std::lround(rows)), 16, 4096);
}

double heading_of(Vec2 along) { return degrees(std::atan2(along.x, along.y)); }

void from_plan(const model::Option& option, const View& view, PictureChoice& picture) {
    const auto* storey = model::find(option.storeys, view.storey);
    if (storey == nullptr && !option.storeys.empty()) storey = &option.storeys.front();
    Vec2 low{std::numeric_limits<double>::infinity(), std::numeric_limits<double>::infinity()}, high = low * -1.0;
    if (storey != nullptr)
        for (const auto& room : storey->rooms)
            for (const Vec2& p : room.footprint) {
                low = {std::min(low.x, p.x), std::min(low.y, p.y)};
                high = {std::max(high.x, p.x), std::max(high.y, p.y)};
            }
    if (!(low.x < high.x)) low = {-5, -5}, high = {5, 5};
    const double floor = storey != nullptr ? storey->level : 0;
    picture.from = {(low.x + high.x) / 2, (low.y + high.y) / 2, floor + view.cut};
    picture.heading = 0;
    picture.altitude = -90;
    frame(picture, high.x - low.x, high.y - low.y);
}

// How far the room goes from a place of its wall, square to it.
double depth_from(const model::Room& room, Vec2 at, Vec2 inward) {
    double nearest = std::numeric_limits<double>::infinity();
    const auto& ring = room.footprint;
    for (size_t i = 0; i < ring.size(); ++i) {
        const Vec2 a = ring[i], along = ring[(i + 1) % ring.size()] - a, to = a - at;
        const double det = cross(inward, along);
        if (std::fabs(det) < 1e-9) continue;
        const double way = cross(to, along) / det, on = cross(to, inward) / det;
        if (way > 1e-3 && on >= 0 && on <= 1) nearest = std::min(nearest, way);
    }
    return nearest;
}

void from_elevation(const model::Option& option, const View& view, PictureChoice& picture) {
    const auto found = model::find_room(option, view.room);
    if (found.room == nullptr) return;
    const auto storey = static_cast<size_t>(found.storey - option.storeys.data());
    const auto wall = geometry::wall_elevation(option, storey, view.room, view.edge, view.outside);
    const double across = wall.high.x - wall.low.x, high = wall.high.y - wall.low.y;
    // As one sees it x runs to the right: one looks towards its left normal.
    const Vec2 ahead{-wall.right.y, wall.right.x};
    double back = kFarOff;
    if (!view.outside) {
        for (int k = 0; k < kWays; ++k) {
            const Vec2 at = wall.origin + wall.right * (wall.low.x + across * (k + 0.5) / kWays);
            back = std::min(back, depth_from(*found.room, at, ahead * -1.0));
        }
        back = std::max(back - kClear, kClear);
    }
    const Vec2 at = wall.origin + wall.right * ((wall.low.x + wall.high.x) / 2) - ahead * back;
    picture.from = {at.x, at.y, (wall.low.y + wall.high.y) / 2};
    picture.heading = heading_of(ahead);
    picture.altitude = 0;
    frame(picture, across, high);
}

void from_section(const model::Option& option, const View& view, PictureChoice& picture) {
    const Vec2 along = view.to - view.from;
    const double across = length(along);
    if (across < 1e-3) return;
    double low = 0, high = 3;
    for (const auto& storey : option.storeys) {
        low = std::min(low, storey.level);
        high = std::max(high, storey.level + storey.height);
    }
    const Vec2 middle = (view.from + view.to) * 0.5;
    picture.from = {middle.x, middle.y, (low + high) / 2};
    picture.heading = heading_of(Vec2{-along.y, along.x});
    picture.altitude = 0;
    frame(picture, across, high - low);
}

void from_model(const View& view, PictureChoice& picture) {
    picture.lens = PictureChoice::Lens::perspective;
    picture.field = kModelField;
    picture.rows = 0;
    picture.from = view.target + direction(radians(180 + view.turn), radians(view.tilt)) * view.distance;
    picture.heading = view.turn;
    picture.altitude = -view.tilt;
}

}  // namespace

model::Question from_view(const model::Option& option, const View& view, model::Question question) {
    question.observer.clear();
    question.heading = 0;
    question.name = view.name;
    PictureChoice& picture = question.picture;
    switch (view.kind) {
        case View::Kind::plan:
            from_plan(option, view, picture);
            break;
        case View::Kind::elevation:
            from_elevation(option, view, picture);
            break;
        case View::Kind::section:
            from_section(option, view, picture);
            break;
        case View::Kind::model:
            from_model(view, picture);
            break;
    }
    return question;
}

model::Question with_place(const model::Option& option, const model::Question& question) {
    if (question.observer.empty() || model::find(option.observers, question.observer) != nullptr) return question;
    const auto* view = model::find(option.views, question.observer);
    return view != nullptr ? from_view(option, *view, question) : question;
}

}  // namespace wp::question
