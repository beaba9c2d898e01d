// SPDX-License-Identifier: GPL-3.0-or-later
// Tables that were answered before, beside the project: found again, or asked and kept.
#pragma once
#include <filesystem>
#include <map>
#include <memory>

#include "climate/weather.h"
#include "model/project.h"
#include "question/table.h"
#include "store/answers.h"

namespace wp::cli {

/// Answers are kept beside the project where that can be; where not, it is said once and the work goes on.
class Kept {
 public:
    /// forget: nothing is looked up or kept.
    Kept(std::filesystem::path project_file, bool forget) : file_(std::move(project_file)), forget_(forget) {}
    /// Null where nothing can be kept.
    std::shared_ptr<store::Answers> answers();
    /// A job's cache; in a run of several processes with claims on its parts.
    Cache shared(store::JobCache& job);
    struct Found {
        question::TableAnswer answer;
        bool again = false;  ///< it was there
    };
    /// Faults are those of the question; what cannot be kept is complained of.
    Result<Found> table(const model::Project& project, const model::Option& option, const model::Question& question,
                        const climate::WeatherYear* weather, const question::Effort& effort, const Progress& progress);
    /// In a run of several processes: makes a table that nobody else is at, to be found when it is asked for.
    void make_early(const model::Project& project, const model::Option& option, const model::Question& question,
                    const climate::WeatherYear* weather, const question::Effort& effort);

 private:
    std::filesystem::path file_;
    bool forget_, asked_ = false;
    std::shared_ptr<store::Answers> answers_;
    std::map<Fingerprint, bool> new_;  // tables that were looked for, and whether this run made them
};

}  // namespace wp::cli
