// SPDX-License-Identifier: GPL-3.0-or-later
// What solve is to do: read and checked before anything is traced or written.
#pragma once
#include <filesystem>
#include <optional>
#include <vector>

#include "cli/arguments.h"
#include "cli/refusal.h"
#include "climate/weather.h"
#include "model/project.h"
#include "question/ask.h"
#include "rule/data.h"

namespace wp::cli {

struct Job {
    const model::Option* option;
    model::Question question;
};

struct Plan {
    model::Project project;
    std::filesystem::path file;
    std::vector<Job> jobs;
    std::optional<climate::WeatherYear> weather;
    const climate::WeatherYear* weather_or_null() const { return weather ? &*weather : nullptr; }
    std::vector<rule::CriteriaSet> criteria;
};

/// Reads and checks all of it, and notes on standard error what is worth knowing.
std::optional<Refusal> make_plan(const SolveArguments& arguments, Plan& plan);
/// With the threads that are asked for.
question::Effort effort_of(const Job& job, const SolveArguments& arguments);

}  // namespace wp::cli
