// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/answers/year_tracer.h"

#include <algorithm>
#include <chrono>
#include <utility>

#include "describe/differing.h"
#include "question/ask.h"
#include "store/asked.h"

namespace wp::gui {

namespace {

// A first look, all points, and as sure as was asked for.
constexpr YearStage kStages[] = {{4, 1}, {1, 1}, {1, 0}};
// States of an option whose pieces may serve again, and whole answers that undo may want.
constexpr size_t kStates = 3, kWhole = 3;
constexpr size_t kRoom = size_t{512} << 20;  // of pieces, bytes
// What an edit elsewhere may change in a room is passed over up to this share of the error that is wanted.
constexpr double kPassedOver = 0.25;
// At most so long nothing is traced while a first look is read.
constexpr std::chrono::milliseconds kReading{1500};
// So long after the first of several edits a look is begun anew with each.
constexpr std::chrono::milliseconds kAnew{400};
// So long after the last of several edits the hand rests, and only what it has come to is wanted.
constexpr std::chrono::milliseconds kRest{150};

}  // namespace

std::shared_ptr<const model::Project> at_stage(const std::shared_ptr<const model::Project>& project, size_t option,
                                               const YearStage& stage) {
    if (stage.is_whole()) return project;
    auto out = std::make_shared<model::Project>(*project);
    for (auto& plane : out->options[option].planes) {
        plane.spacing *= stage.coarser;
        if (plane.number > 0)
            plane.number = std::max(1, static_cast<int>(plane.number / (stage.coarser * stage.coarser)));
    }
    if (stage.accuracy > 0)
        for (auto& question : out->questions)
            if (question.kind == model::Question::Kind::year)
                question.accuracy = std::max(question.accuracy, stage.accuracy);
    return out;
}

YearTracer::YearTracer(QObject* parent)
    : QObject(parent),
      worker_(
          QT_TRANSLATE_NOOP("QObject", "The live year"),
          [this](const Request& request) {
              trace(request);
              end(request);
          },
          [this](const Request& request) { end(request); }) {
    rest_.setSingleShot(true);
    rest_.setInterval(kRest);
    connect(&rest_, &QTimer::timeout, this, &YearTracer::hand_rests);
}

// Told whatever happens: who waits for it must not wait for ever.
void YearTracer::end(const Request& request) {
    QMetaObject::invokeMethod(
        this, [this, asked = request.project] { emit ended(asked); }, Qt::QueuedConnection);
}

YearTracer::~YearTracer() {
    quit_ = true;
    stop();
}

void YearTracer::stop() {
    const std::lock_guard lock(mutex_);
    cancel_.request();
    read_.notify_one();
}

void YearTracer::go_on() {
    const std::lock_guard lock(mutex_);
    was_read_ = true;
    read_.notify_one();
}

void YearTracer::request(Request request) {
    rest_.start();
    const std::lock_guard lock(mutex_);
    worker_.ask(std::move(request));
    // What has just been begun is begun anew; but a drag must see a look now and then.
    if (may_cancel_ || std::chrono::steady_clock::now() - begun_ < kAnew) cancel_.request();
    read_.notify_one();
}

// A look at what was there on the way is given up, unless it is nearly done.
void YearTracer::hand_rests() {
    const std::lock_guard lock(mutex_);
    if (may_cancel_ || !worker_.waits()) return;
    if (2 * (std::chrono::steady_clock::now() - last_begun_) < look_took_ || look_took_ == look_took_.zero())
        cancel_.request();
}

void YearTracer::hold(bool on) {
    held_ = on;
    worker_.hold(on);
    if (on) stop();
}

// In memory alone: what is tried for a moment is not to fill a file.
Cache YearTracer::remembered() {
    return {[this](const Fingerprint& print) -> std::optional<std::string> {
                const auto at = pieces_.find(print);
                return at != pieces_.end() ? std::optional(at->second) : std::nullopt;
            },
            [this](const Fingerprint& print, std::string_view bytes) {
                if (!pieces_.try_emplace(print, bytes).second) return;
                order_.push_back(print);
                held_bytes_ += bytes.size();
                while (held_bytes_ > kRoom) {
                    const auto oldest = pieces_.find(order_.front());
                    order_.pop_front();
                    held_bytes_ -= oldest->second.size();
                    pieces_.erase(oldest);
                }
            }};
}

// What is as sure as was asked for is kept beside the project, too, like a year that is run.
Cache YearTracer::also_kept(store::JobCache& kept) {
    const Cache memory = remembered(), file = kept.cache();
    return {[memory, file](const Fingerprint& print) -> std::optional<std::string> {
                if (auto bytes = file.find(print)) return bytes;
                auto bytes = memory.find(print);
                if (bytes) file.keep(print, *bytes);
                return bytes;
            },
            [memory, file](const Fingerprint& print, std::string_view bytes) {
                memory.keep(print, bytes);
                file.keep(print, bytes);
            }};
}

void YearTracer::trace(const Request& request) {
    const auto& option = request.project->options[request.option];
    const auto question = model::question_of(*request.project, model::Question::Kind::year);
    const auto scene = question::year_scene(*request.project, option, question, *request.weather);
    if (!scene) return;
    // What is whole already, of this building: now, or lately.
    const auto inputs = question::year_light_inputs(scene->task(), question::effort_of(question));
    const auto serves = [&](const std::shared_ptr<const question::YearAnswer>& answer) {
        return answer != nullptr && answer->record.settled && answer->inputs() != nullptr &&
               answer->inputs()->light->record.inputs == inputs;
    };
    if (serves(request.known)) return publish(request.known, request, {}, false);
    for (const auto& answer : whole_)
        if (serves(answer)) return publish(answer, request, {}, false);
    Cancel cancel;
    {
        const std::lock_guard lock(mutex_);
        cancel_ = cancel;
        last_begun_ = std::chrono::steady_clock::now();
        if (std::exchange(may_cancel_, false)) begun_ = last_begun_;
        was_read_ = false;
    }
    for (const YearStage& stage : kStages) {
        // A question that asks for no more than a first look has it already.
        if (!stage.is_whole() && stage.coarser <= 1 && question.accuracy >= stage.accuracy) continue;
        if (!trace_stage(request, stage, cancel)) return;
        std::unique_lock lock(mutex_);
        if (!std::exchange(may_cancel_, true)) look_took_ = std::chrono::steady_clock::now() - last_begun_;
        if (stage.coarser > 1)
            read_.wait_for(lock, kReading, [&] { return was_read_ || worker_.waits() || held_ || quit_; });
        if (worker_.waits() || held_ || quit_) return;
    }
}

bool YearTracer::trace_stage(const Request& request, const YearStage& stage, const Cancel& cancel) {
    const auto project = at_stage(request.project, request.option, stage);
    const auto& option = project->options[request.option];
    const auto question = model::question_of(*project, model::Question::Kind::year);
    const auto scene = question::year_scene(*project, option, question, *request.weather);
    if (!scene) return false;
    question::YearKnown known(nullptr, sky_);
    known.before = holds(request, scene->surfaces, stage);
    store::JobCache kept(request.kept);
    const bool keeps = stage.is_whole() && request.kept != nullptr;
    auto answer = question::ask_year(*scene, *request.weather, question::effort_of(question), known, cancel, {},
                                     keeps ? also_kept(kept) : remembered());
    if (cancel.requested()) return false;
    if (keeps && answer.inputs()->light->may_differ.empty())
        kept.finish(store::entry_of("year", option, question, answer.record));
    sky_ = answer.inputs()->sky;
    answer.record.settled = answer.record.settled && stage.is_whole();
    keep_traced(request, scene->surfaces, known.before.get());
    const auto shared = std::make_shared<const question::YearAnswer>(std::move(answer));
    if (stage.is_whole()) {
        whole_.push_front(shared);
        if (whole_.size() > kWhole) whole_.pop_back();
    }
    publish(shared, request, stage, !stage.is_whole());
    return true;
}

// Of each space the newest state that it was traced in and that still holds for it.
std::shared_ptr<const question::YearBefore> YearTracer::holds(const Request& request,
                                                              const geometry::Surfaces& surfaces,
                                                              const YearStage& stage) {
    const auto& id = request.project->options[request.option].id;
    const double wanted =
        question::effort_of(model::question_of(*request.project, model::Question::Kind::year)).accuracy;
    auto out = std::make_shared<question::YearBefore>();
    for (const Traced& was : traced_[id]) {
        const auto openings = describe::differing_openings(*was.project, *request.project, id);
        if (!openings || openings->empty()) continue;
        const auto found = question::what_still_holds(was.surfaces, surfaces, *openings, kPassedOver * wanted,
                                                      stage.is_whole() ? 2048 : 512);
        for (const auto& [space, print] : found.spaces)
            if (was.exact[static_cast<size_t>(space)] && out->spaces.try_emplace(space, print).second)
                out->change[space] = found.change.at(space);
        if (out->faces.empty()) {
            out->outdoors = found.outdoors;
            out->faces = found.faces;
        }
    }
    return out;
}

void YearTracer::keep_traced(const Request& request, const geometry::Surfaces& surfaces,
                             const question::YearBefore* before) {
    auto& states = traced_[request.project->options[request.option].id];
    Traced now{request.project, surfaces, std::vector<bool>(surfaces.spaces.size(), true)};
    if (before != nullptr)
        for (const auto& [space, print] : before->spaces) now.exact[static_cast<size_t>(space)] = false;
    if (!states.empty() && states.front().project == request.project) states.pop_front();
    states.push_front(std::move(now));
    if (states.size() > kStates) states.pop_back();
}

void YearTracer::publish(std::shared_ptr<const question::YearAnswer> answer, const Request& request,
                         const YearStage& stage, bool working) {
    const QString id = QString::fromStdString(request.project->options[request.option].id);
    QMetaObject::invokeMethod(
        this,
        [this, answer = std::move(answer), project = request.project, id, stage, working] {
            emit found(answer, project, id, stage, working);
        },
        Qt::QueuedConnection);
}

}  // namespace wp::gui
