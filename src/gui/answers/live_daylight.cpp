// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/answers/live_daylight.h"

#include <QCoreApplication>
#include <QMetaObject>

#include "geometry/readings.h"
#include "question/ask.h"

namespace wp::gui {

PointsOf planes_asked() {
    return [](const model::Project& project, const model::Option& option, const model::Question& question) {
        return *question::planes_of(option, question, project.site.north);
    };
}

PointsOf readings_asked() {
    return [](const model::Project&, const model::Option& option, const model::Question&) {
        return geometry::reading_points(option);
    };
}

LiveDaylight::LiveDaylight(PointsOf points, QObject* parent)
    : QObject(parent),
      points_(std::move(points)),
      worker_(QT_TRANSLATE_NOOP("QObject", "The live daylight factor"),
              [this](const Request& request) { solve(request); }) {}

LiveDaylight::~LiveDaylight() {
    quit_ = true;
    stop();
}

void LiveDaylight::stop() {
    const std::lock_guard lock(mutex_);
    cancel_.request();
}

void LiveDaylight::request(std::shared_ptr<const model::Project> project, size_t option) {
    // Both under one lock: else what is asked here may have begun already, and would cancel itself.
    const std::lock_guard lock(mutex_);
    worker_.ask({std::move(project), option});
    if (may_cancel_) cancel_.request();
}

void LiveDaylight::hold(bool on) {
    held_ = on;
    worker_.hold(on);
    if (on) stop();
}

void LiveDaylight::solve(const Request& request) {
    const model::Option& option = request.project->options[request.option];
    const model::Question question = model::question_of(*request.project, model::Question::Kind::daylight_factor);
    const auto surfaces = geometry::build_surfaces(*request.project, option, question.without);
    const auto planes = points_(*request.project, option, question);
    const auto effort = question::effort_of(question);
    const Fingerprint inputs = question::daylight_factor_inputs(surfaces, planes, effort, question.season);
    if (const auto known = settled_.find(inputs); known != settled_.end())
        return publish(known->second, request, false);
    Cancel cancel;
    {
        const std::lock_guard lock(mutex_);
        cancel_ = cancel;
        may_cancel_ = false;
    }
    question::DaylightFactorSetup setup;
    setup.season = question.season;
    // A finer spacing keeps the points it can.
    const auto before = last_.find(option.id);
    if (before != last_.end()) setup.known = before->second.get();
    const auto answer = question::daylight_factor(
        surfaces, planes, effort, cancel,
        [&](const question::DaylightFactorAnswer& so_far) {
            if (!so_far.record.settled)
                publish(std::make_shared<question::DaylightFactorAnswer>(so_far), request, true);
            const std::lock_guard lock(mutex_);
            may_cancel_ = true;
            if (worker_.waits() || held_ || quit_) cancel.request();
        },
        setup);
    if (cancel.requested()) return;
    const auto kept = std::make_shared<const question::DaylightFactorAnswer>(answer);
    if (settled_.size() > 200) settled_.erase(settled_.begin());
    settled_[inputs] = kept;
    if (kept->record.settled) last_[option.id] = kept;
    publish(kept, request, false);
}

void LiveDaylight::publish(std::shared_ptr<const question::DaylightFactorAnswer> answer, const Request& request,
                           bool working) {
    const QString id = QString::fromStdString(request.project->options[request.option].id);
    QMetaObject::invokeMethod(
        this,
        [this, answer = std::move(answer), project = request.project, id, working] {
            emit stepped(answer, project, id, working);
        },
        Qt::QueuedConnection);
}

}  // namespace wp::gui
