// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/answers/live_electric.h"

#include <QMetaObject>

#include "question/ask.h"

namespace wp::gui {

namespace {

constexpr size_t kElectricKept = 8;
constexpr double kElectricAccuracy = 0.04;

}  // namespace

LiveElectric::LiveElectric(QObject* parent)
    : QObject(parent),
      points_(planes_asked()),
      tracer_(QT_TRANSLATE_NOOP("QObject", "Electric light"), [this](const Request& wanted) { trace(wanted); }) {}

LiveElectric::~LiveElectric() { quit_ = true; }

void LiveElectric::request(std::shared_ptr<const model::Project> project, size_t option) {
    Request wanted{std::move(project), option};
    if (wanted == wanted_ || held_) return;
    wanted_ = wanted;
    tracer_.ask(std::move(wanted));
}

void LiveElectric::hold(bool on) {
    held_ = on;
    if (!on) wanted_ = {};
}

void LiveElectric::trace(const Request& wanted) {
    const model::Option& option = wanted.project->options[wanted.option];
    const auto question = model::question_of(*wanted.project, model::Question::Kind::electric);
    const auto surfaces = geometry::build_surfaces(*wanted.project, option);
    const auto planes = points_(*wanted.project, option, question);
    // In the dark blinds are closed, where there are any.
    const question::ElectricTask task{wanted.project.get(),
                                      &option,
                                      &surfaces,
                                      &planes,
                                      {},
                                      light::layers_of(surfaces, light::Blinds::closed),
                                      {},
                                      0};
    const question::Effort effort{kElectricAccuracy, 1, 0};
    const Fingerprint inputs = question::electric_inputs(task, effort);
    if (const auto known = settled_.find(inputs); known != settled_.end()) return publish(wanted, known->second, false);
    ++traced_;
    Cancel cancel;
    const auto overtaken = [&] { return quit_ || held_ || tracer_.waits(); };
    auto field = question::trace_electric(task, effort, cancel, [&](const question::ElectricField& so_far) {
        publish(wanted, std::make_shared<const question::ElectricField>(so_far), true);
        if (overtaken()) cancel.request();
    });
    if (cancel.requested()) return;
    const auto kept = std::make_shared<const question::ElectricField>(std::move(field));
    if (settled_.size() >= kElectricKept) settled_.erase(settled_.begin());
    settled_[inputs] = kept;
    publish(wanted, kept, false);
}

void LiveElectric::publish(const Request& request, std::shared_ptr<const question::ElectricField> field, bool working) {
    QMetaObject::invokeMethod(
        this,
        [this, request, field = std::move(field), working] {
            emit found(field, request.project, QString::fromStdString(request.project->options[request.option].id),
                       working);
        },
        Qt::QueuedConnection);
}

}  // namespace wp::gui
