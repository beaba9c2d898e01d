// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/answers/live_moment.h"

#include <QMetaObject>
#include <algorithm>
#include <cmath>

#include "question/ask.h"

namespace wp::gui {

namespace {

constexpr size_t kFieldsKept = 6;
}  // namespace

LiveMoment::LiveMoment(PointsOf points, QObject* parent)
    : QObject(parent),
      points_(std::move(points)),
      looker_(QT_TRANSLATE_NOOP("QObject", "Light of the moment"), [this](const Look& wanted) { look(wanted); }),
      other_looker_(QT_TRANSLATE_NOOP("QObject", "Light of other moments"),
                    [this](const Others& wanted) { look_at_others(wanted); }),
      tracer_(QT_TRANSLATE_NOOP("QObject", "The light field"), [this](const Key& key) { trace(key); }) {}

LiveMoment::~LiveMoment() { quit_ = true; }

void LiveMoment::request(std::shared_ptr<const model::Project> project, size_t option,
                         const question::Outdoors& outdoors) {
    const auto& site = project->site;
    const int month = outdoors.moment.month;
    const light::State state(model::season_of(site.leaf_from, site.leaf_to, month),
                             question::ground_of_months(site)[static_cast<size_t>(month - 1)]);
    outdoors_ = outdoors;
    Key key{std::move(project), option, state};
    if (key.project == wanted_.project && key.option == wanted_.option && key.state == wanted_.state)
        key.refined = wanted_.refined;
    const bool same = key.project == shown_.project && key.option == shown_.option && key.state == shown_.state;
    if (field_ && same) looker_.ask({field_, outdoors, shown_.project, shown_.option, working_});
    if (key == wanted_ || held_) return;
    wanted_ = key;
    tracer_.ask(key);
}

void LiveMoment::hold(bool on) {
    held_ = on;
    if (!on && (working_ || wanted_ != shown_)) wanted_ = {};
}

void LiveMoment::trace(const Key& key) {
    const model::Option& option = key.project->options[key.option];
    const auto question = model::question_of(*key.project, model::Question::Kind::moment);
    const auto surfaces = geometry::build_surfaces(*key.project, option, question.without);
    const auto planes = points_(*key.project, option, question);
    // Where no tree stands, leaves make no difference.
    light::State state = key.state;
    if (!surfaces.has_seasons()) state.season = model::Season::in_leaf;
    const auto task = question::field_task(*key.project, surfaces, planes, state);
    auto effort = question::effort_of(question);
    effort.accuracy /= std::pow(2.0, key.refined);
    const Fingerprint inputs = question::light_field_inputs(task, effort);
    if (const auto known = settled_.find(inputs); known != settled_.end()) return publish(key, known->second, false);
    ++traced_;
    Cancel cancel;
    const auto overtaken = [&] { return quit_ || held_ || tracer_.waits(); };
    auto field = question::trace_light_field(task, effort, cancel, [&](const question::LightField& so_far) {
        // What is on screen is better than the first rounds of a finer one.
        if (key.refined == 0) publish(key, std::make_shared<const question::LightField>(so_far), true);
        if (overtaken()) cancel.request();
    });
    if (cancel.requested()) return;
    const auto kept = std::make_shared<const question::LightField>(std::move(field));
    if (settled_.size() >= kFieldsKept) settled_.erase(settled_.begin());
    settled_[inputs] = kept;
    publish(key, kept, false);
}

void LiveMoment::publish(const Key& key, std::shared_ptr<const question::LightField> field, bool working) {
    QMetaObject::invokeMethod(
        this,
        [this, key, field = std::move(field), working] {
            if (key != wanted_) return;
            shown_ = key;
            field_ = field;
            working_ = working;
            looker_.ask({field_, outdoors_, key.project, key.option, working});
            if (!others_.empty()) other_looker_.ask({field_, others_});
        },
        Qt::QueuedConnection);
}

// Some moments, low suns above all, are noisier than light typical of the place: then the field is traced on.
void LiveMoment::refine() {
    constexpr int most = 3;
    if (held_ || wanted_ != shown_ || wanted_.refined >= most) return;
    ++wanted_.refined;
    working_ = true;
    tracer_.ask(wanted_);
}

void LiveMoment::look_at(const std::vector<question::Outdoors>& moments) {
    const bool same = std::equal(moments.begin(), moments.end(), others_.begin(), others_.end(),
                                 [](const auto& a, const auto& b) { return a.fingerprint() == b.fingerprint(); });
    if (same) return;
    others_ = moments;
    if (field_ && !moments.empty()) other_looker_.ask({field_, moments});
}

void LiveMoment::look_at_others(const Others& wanted) {
    std::vector<std::shared_ptr<const question::MomentAnswer>> answers;
    for (const auto& outdoors : wanted.moments)
        answers.push_back(std::make_shared<const question::MomentAnswer>(question::light_at(*wanted.field, outdoors)));
    QMetaObject::invokeMethod(
        this, [this, answers = std::move(answers)] { emit looked_at(answers); }, Qt::QueuedConnection);
}

void LiveMoment::look(const Look& wanted) {
    auto answer =
        std::make_shared<const question::MomentAnswer>(question::light_at(*wanted.field, wanted.outdoors, true));
    QMetaObject::invokeMethod(
        this,
        [this, answer = std::move(answer), project = wanted.project,
         option = QString::fromStdString(wanted.project->options[wanted.option].id), working = wanted.working] {
            const double wanted_error = answer->record.wanted * std::pow(2.0, shown_.refined);
            const bool coarse = !working && answer->record.reached > wanted_error;
            if (coarse) refine();
            emit found(answer, project, option, working || (coarse && working_));
        },
        Qt::QueuedConnection);
}

}  // namespace wp::gui
