// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/answers/live_year.h"

#include "base/give_up.h"
#include "question/ask.h"

namespace wp::gui {

LiveYear::LiveYear(QObject* parent)
    : QObject(parent),
      worker_(QT_TRANSLATE_NOOP("QObject", "Reading the year"), [this](const Request& request) { read_one(request); }) {
}

void LiveYear::request(Request request) {
    const model::Id id = request.project->options[request.option].id;
    worker_.ask(std::move(request), id);
}

// What waits is nothing: what is under way sees that something does, and ends.
void LiveYear::give_up(const model::Id& option) { worker_.ask({}, option); }

// Years that are as sure as can be take their time: it is given up as soon as a newer one is wanted.
void LiveYear::read_one(const Request& request) {
    if (request.project == nullptr) return;
    const GiveUpScope scope([&] { return worker_.waits(request.project->options[request.option].id); });
    try {
        read_all(request);
    } catch (const GivenUp&) {
    }
}

void LiveYear::read_all(const Request& request) {
    const auto& option = request.project->options[request.option];
    Known& known = known_[option.id];
    follow(request, known);
    if (known.answer == nullptr) return;
    YearReading reading = read_year(known.answer, *request.project, option, request.wish);
    reading.wanted = known.wanted;
    for (auto& layer : reading.layers) layer.stale = known.wanted != known.answer->record.inputs;
    publish(reading, request);
    GiveUpScope::look();
    if (known.heat.empty()) known.heat = known.answer->heat();
    auto tables = std::make_shared<YearTables>(read_tables(reading, *request.project, option));
    tables->heat = known.heat;
    reading.tables = std::move(tables);
    publish(std::move(reading), request);
}

// Takes the answer along with the project, as far as that goes without rays.
void LiveYear::follow(const Request& request, Known& known) {
    const auto& option = request.project->options[request.option];
    const bool fresh = request.answer != known.given;
    if (fresh) {
        known.given = known.answer = request.answer;
        known.heat.clear();
    }
    if (known.answer == nullptr || known.answer->inputs() == nullptr || request.weather == nullptr) return;
    if (!fresh && known.project != nullptr && known.weather == request.weather &&
        (known.project == request.project || same_building(*known.project, *request.project, option.id))) {
        known.project = request.project;
        return;
    }
    known.project = request.project;
    known.weather = request.weather;
    const auto question = model::question_of(*request.project, model::Question::Kind::year);
    const auto scene = question::year_scene(*request.project, option, question, *request.weather);
    if (!scene) return;
    const auto effort = question::effort_of(question);
    known.wanted = question::year_inputs(*scene, *request.weather, effort);
    if (known.wanted == known.answer->record.inputs) return;
    const auto& light = known.given->inputs()->light;
    if (question::year_light_inputs(scene->task(), effort) != light->record.inputs) return;  // stale: rays are wanted
    known.answer = std::make_shared<const question::YearAnswer>(
        question::ask_year(*scene, *request.weather, effort, question::YearKnown(*known.answer)));
    known.heat.clear();
}

void LiveYear::publish(YearReading reading, const Request& request) {
    auto shared = std::make_shared<const YearReading>(std::move(reading));
    const QString id = QString::fromStdString(request.project->options[request.option].id);
    QMetaObject::invokeMethod(
        this, [this, shared, id] { emit read(shared, id); }, Qt::QueuedConnection);
}

}  // namespace wp::gui
