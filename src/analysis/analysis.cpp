// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/analysis.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <stdexcept>

#include "describe/depends.h"
#include "describe/field.h"
#include "question/ask.h"

namespace wp::analysis {

using model::Question;

std::span<const Analysis> analyses() {
    static const std::array all{moment(),          sun_hours(),  sky_view(), sky_angle(), view_out(),
                                daylight_factor(), exposure(),   year(),     glare(),     glare_year(),
                                spectrum(),        body_clock(), electric()};
    return all;
}

const Analysis& analysis_of(Question::Kind kind) {
    for (const Analysis& a : analyses())
        if (a.kind == kind) return a;
    throw std::logic_error("a kind of question that is no analysis");
}

void Request::report(double reached, double from, double span) const {
    if (progress) progress(from + span * std::min(1.0, std::pow(effort.accuracy / std::max(reached, 1e-9), 1.5)));
}

bool few_enough(const std::vector<geometry::PlanePoints>& planes, size_t windows, size_t figures) {
    constexpr double most = 1e7;
    double points = 0;
    for (const auto& plane : planes) points += static_cast<double>(plane.points.size());
    return points * static_cast<double>(windows) * static_cast<double>(figures) <= most;
}

question::Record exact_record(const Request& a, std::string_view name, double seconds) {
    question::Record record;
    record.inputs.add(name);
    record.inputs.add(a.surfaces.fingerprint());
    for (const auto& points : a.points) record.inputs.add(points.fingerprint());
    record.inputs.add(static_cast<int>(a.question.season));
    record.settled = !a.cancel.requested();
    record.seconds = seconds;
    return record;
}

bool gives_table(Question::Kind kind) { return analysis_of(kind).run != nullptr; }
bool needs_weather(const Question& question) { return analysis_of(question.kind).needs_weather(question); }

Result<question::TableAnswer> ask(const model::Project& project, const model::Option& option, const Question& question,
                                  const climate::WeatherYear* weather, const question::Effort& effort,
                                  const Cancel& cancel, const Progress& progress, const Cache& cache) {
    const Analysis& analysis = analysis_of(question.kind);
    if (analysis.run == nullptr)
        return Fault{"question " + question.id, "a question of this kind gives no table of points",
                     "Ask it as what it is"};
    if (weather == nullptr && analysis.needs_weather(question))
        return Fault{"question " + question.id, "it needs a weather file", "Choose one on the Site desk"};
    const auto surfaces = geometry::build_surfaces(project, option, question.without);
    const auto points = question::points_of(project, option, question, surfaces);
    if (!points) return points.fault();
    return analysis.run({project, option, question, surfaces, *points, weather, effort, cancel, progress, cache});
}

namespace {

// Which values say where a question's points stand.
unsigned bears_of_places(Question::At at) {
    namespace bears = describe::bears;
    switch (at) {
        case Question::At::planes:
            return bears::planes;
        case Question::At::readings:
            return bears::readings;
        case Question::At::eyes:
            return bears::observers;
        case Question::At::windows:
        case Question::At::window_reveals:
            return bears::nothing;
    }
    return bears::all;
}

}  // namespace

Fingerprint asked_print(const model::Project& project, const model::Option& option, const Question& question,
                        const climate::WeatherYear* weather) {
    const unsigned bears = analysis_of(question.kind).bears | bears_of_places(question.at);
    Fingerprint print;
    print.add(std::string_view("table 4"));
    print.add(describe::depends(project, option, bears));
    print.add(describe::asks(question, bears));
    if (weather != nullptr) print.add(weather->fingerprint());
    return print;
}

}  // namespace wp::analysis
