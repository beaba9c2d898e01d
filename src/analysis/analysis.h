// SPDX-License-Identifier: GPL-3.0-or-later
// The catalogue of analyses: what can be asked of an option. Each is one file and one line of the table in
// analysis.cpp; lists, files, plans of work and the desktop walk the table. Its fields are described in
// describe/question.cpp, its figures in figure/figures.cpp.
#pragma once
#include <span>
#include <string>
#include <string_view>

#include "base/cache.h"
#include "base/progress.h"
#include "base/result.h"
#include "climate/weather.h"
#include "geometry/plane_points.h"
#include "geometry/surfaces.h"
#include "model/option.h"
#include "model/question.h"
#include "question/record.h"
#include "question/table.h"

namespace wp::model {
struct Project;
}

namespace wp::analysis {

/// What an analysis is run on; all outlive the run.
struct Request {
    const model::Project& project;
    const model::Option& option;
    const model::Question& question;
    const geometry::Surfaces& surfaces;
    const std::vector<geometry::PlanePoints>& points;
    const climate::WeatherYear* weather;  ///< null: there is none; given where the analysis needs it
    question::Effort effort;
    Cancel cancel;
    Progress progress;
    Cache cache;  ///< of traced light, where the analysis has pieces to keep

    /// Errors fall with the samples: a fair guess of the share done, within a span of the whole.
    void report(double reached, double from = 0, double span = 1) const;
};

struct Analysis {
    model::Question::Kind kind;
    const char* name;  ///< what people call it
    const char* asks;  ///< in a list of what may be asked; null: it is asked otherwise, and not by a list
    /// What is asked, in words, without where.
    std::string (*words)(const model::Question&);
    /// Whether it cannot be asked without a weather file.
    bool (*needs_weather)(const model::Question&);
    /// Which values of a project bear on it, besides those that say where its points stand (bits of describe::bears).
    unsigned bears;
    /// Rank by how long its answer takes, about.
    int (*cost)(const model::Question&);
    bool by_windows = false;  ///< tells what each window gives
    /// To a table of columns over places. Null: its answer is of another form (question/ask_year.h, question/glare.h).
    Result<question::TableAnswer> (*run)(const Request&) = nullptr;
};

Analysis moment();
Analysis sun_hours();
Analysis sky_view();
Analysis sky_angle();
Analysis view_out();
Analysis daylight_factor();
Analysis exposure();
Analysis year();
Analysis glare();
Analysis glare_year();
Analysis spectrum();
Analysis body_clock();
Analysis electric();

/// In the order in which they are listed.
std::span<const Analysis> analyses();
const Analysis& analysis_of(model::Question::Kind kind);

/// "Sunlight hours at the windows, 21 Mar": what a question asks.
std::string words(const model::Question& question);
bool gives_table(model::Question::Kind kind);
bool needs_weather(const model::Question& question);

/// Asks any question whose answer is a table. weather: null where there is none; a fault where the question needs it.
/// Cancelled: record.settled is false.
Result<question::TableAnswer> ask(const model::Project& project, const model::Option& option,
                                  const model::Question& question, const climate::WeatherYear* weather,
                                  const question::Effort& effort, const Cancel& cancel = {},
                                  const Progress& progress = {}, const Cache& cache = {});

/// Fingerprint of all that a question's answer depends on, by which kept answers are told apart. weather: null: none.
Fingerprint asked_print(const model::Project& project, const model::Option& option, const model::Question& question,
                        const climate::WeatherYear* weather);

/// The table of a daylight factor that was found otherwise: what asking it gives.
question::TableAnswer daylight_table(const Request& request, const question::DaylightFactorAnswer& answer);

// For analyses themselves.
/// Whether a table of all windows at all points may be laid out whole.
bool few_enough(const std::vector<geometry::PlanePoints>& points, size_t windows, size_t figures);

/// Record of an answer in which nothing is sampled. name: of the analysis and its way of computing.
question::Record exact_record(const Request& request, std::string_view name, double seconds);

std::string day_words(const climate::Moment& day);
std::string period_words(const model::Question& question);

}  // namespace wp::analysis
