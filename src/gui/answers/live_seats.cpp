// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/answers/live_seats.h"

#include "model/project.h"
#include "question/ask.h"

namespace wp::gui {

namespace {

// Of one picture all around: pixels, and how sure it must be.
constexpr int kPixels = 256, kPixelsOfMany = 128;
constexpr double kAccuracy = 0.08, kSurely = 20;
constexpr size_t kKept = 2000;

model::Question question_of_seat(const model::Project& project, const Seat& seat, const climate::Moment& moment,
                                 const model::SkyChoice& sky) {
    model::Question out = model::question_of(project, model::Question::Kind::glare);
    out.observer.clear();
    out.name = seat.eye.name;
    out.moment = moment;
    out.sky = sky;
    out.accuracy = kAccuracy;
    out.picture.lens = model::PictureChoice::Lens::sphere;
    out.picture.of = model::PictureChoice::Of::luminance;
    out.picture.pixels = seat.eye.id.empty() ? kPixelsOfMany : kPixels;
    out.picture.surely = kSurely;
    out.picture.from = seat.eye.eye;
    // The sphere serves all headings: what it is known by must not depend on one.
    out.picture.heading = 0;
    out.picture.altitude = seat.eye.altitude;
    return out;
}

}  // namespace

LiveSeats::LiveSeats(Document& document, QObject* parent)
    : QObject(parent),
      document_(document),
      worker_(
          QT_TRANSLATE_NOOP("QObject", "Glare at the seats"), [this](const Request& request) { trace(request); },
          [this](const Request& request) { end(request); }) {
    for (const auto signal : {&Document::project_changed, &Document::option_changed, &Document::moment_changed,
                              &Document::sky_changed, &Document::weather_changed})
        connect(&document, signal, this, &LiveSeats::request);
}

LiveSeats::~LiveSeats() {
    const std::lock_guard lock(mutex_);
    cancel_.request();
}

void LiveSeats::want(std::vector<Seat> seats) {
    if (seats == seats_) return;
    seats_ = std::move(seats);
    request();
}

void LiveSeats::hold(bool on) {
    held_ = on;
    if (!on) return request();
    const std::lock_guard lock(mutex_);
    cancel_.request();
}

void LiveSeats::request() {
    if (held_) return;
    {
        const std::lock_guard lock(mutex_);
        cancel_.request();
    }
    // What was found stays on the sheet until better is there.
    std::vector<SeatGlare> now;
    for (const Seat& seat : seats_) {
        const auto before =
            std::ranges::find_if(found_, [&](const SeatGlare& g) { return g.seat.eye.eye == seat.eye.eye; });
        now.push_back({seat, before != found_.end() ? before->around : std::vector<question::Facing>{}, false});
    }
    found_ = std::move(now);
    const bool dark = document_.sky().needs_weather() && document_.weather() == nullptr;
    working_ = !seats_.empty() && !dark;
    ++number_;
    if (working_)
        worker_.ask({document_.snapshot(), document_.option_index(), document_.weather(), document_.moment(),
                     document_.sky(), seats_, number_});
    emit changed();
}

void LiveSeats::trace(const Request& request) {
    const auto& option = request.project->options[request.option];
    const auto built = geometry::build_surfaces(*request.project, option);
    for (size_t i = 0; i < request.seats.size(); ++i)
        if (!trace_seat(request, i, built)) return;
    end(request);
}

bool LiveSeats::trace_seat(const Request& request, size_t index, const geometry::Surfaces& built) {
    const auto& option = request.project->options[request.option];
    const auto question = question_of_seat(*request.project, request.seats[index], request.moment, request.sky);
    auto surfaces = built;
    const auto task = question::glare_task(*request.project, option, question, surfaces, request.weather.get());
    if (!task) return true;
    const auto effort = question::effort_of(question);
    const Fingerprint print = question::glare_inputs(*task, effort);
    if (const auto at = known_.find(print); at != known_.end()) {
        publish(request, index, at->second, true);
        return !worker_.waits();
    }
    const Cancel cancel;
    {
        const std::lock_guard lock(mutex_);
        cancel_ = cancel;
    }
    if (worker_.waits()) return false;
    const auto answer = question::solve_glare(*task, effort, cancel, [&](const question::GlareAnswer& so_far) {
        publish(request, index, so_far.around, false);
        if (worker_.waits()) cancel.request();
    });
    if (cancel.requested()) return false;
    publish(request, index, answer.around, true);
    known_[print] = answer.around;
    order_.push_back(print);
    if (order_.size() > kKept) {
        known_.erase(order_.front());
        order_.pop_front();
    }
    return !worker_.waits();
}

void LiveSeats::publish(const Request& request, size_t index, std::vector<question::Facing> around, bool settled) {
    QMetaObject::invokeMethod(
        this,
        [this, number = request.number, index, around = std::move(around), settled] {
            if (number != number_ || index >= found_.size()) return;
            found_[index].around = around;
            found_[index].settled = settled;
            emit changed();
        },
        Qt::QueuedConnection);
}

void LiveSeats::end(const Request& request) {
    QMetaObject::invokeMethod(
        this,
        [this, number = request.number] {
            if (number != number_) return;
            working_ = false;
            emit changed();
        },
        Qt::QueuedConnection);
}

}  // namespace wp::gui
