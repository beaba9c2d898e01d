// SPDX-License-Identifier: GPL-3.0-or-later
// Tables that were answered before, beside the project: found again, or asked and kept.
#pragma once
#include <deque>
#include <filesystem>
#include <functional>
#include <map>
#include <memory>

#include "cli/arguments.h"
#include "cli/shared_job.h"
#include "climate/weather.h"
#include "model/project.h"
#include "question/ask.h"
#include "question/glare.h"
#include "question/table.h"
#include "store/answers.h"

namespace wp::cli {

/// Answers are kept beside the project where that can be; where not, it is said once and the work goes on.
class Kept {
 public:
    Kept(std::filesystem::path project_file, const KeepArguments& keep) : file_(std::move(project_file)), keep_(keep) {}
    /// Null where nothing can be kept.
    std::shared_ptr<store::Answers> answers();
    /// A job's cache; in a run of several processes with claims on its parts.
    Cache shared(store::JobCache& job);
    /// In a run of several processes: tells the others what all jobs are about, and one more of them. Alone: nothing.
    void publish(const model::Project& project, const SharedJob& job);
    /// In a run of several processes: a part of the work that is made here, unless somebody else is at it, while
    /// this process waits for others. make finds no fault: that is told where the part is asked for.
    void make_meanwhile(const Fingerprint& part, std::function<void()> make);
    /// Whether a part is to be made here. False: another process has made it; waits for that.
    bool is_mine(const Fingerprint& part);
    /// It is made.
    void done(const Fingerprint& part);
    struct Found {
        question::TableAnswer answer;
        bool again = false;  ///< it was there
    };
    /// Faults are those of the question; what cannot be kept is complained of.
    Result<Found> table(const model::Project& project, const model::Option& option, const model::Question& question,
                        const climate::WeatherYear* weather, const question::Effort& effort, const Progress& progress);
    /// In a run of several processes: tells the others of it, and makes it meanwhile.
    void share_table(const model::Project& project, const model::Option& option, const model::Question& question,
                     const climate::WeatherYear* weather, const question::Effort& effort);

    /// Of one shot, or of a question that asks for one picture. Faults are those of the question.
    Result<question::GlareAnswer> picture(const model::Project& project, const model::Option& option,
                                          const model::Question& question, const geometry::Surfaces& surfaces,
                                          const climate::WeatherYear* weather, const question::Effort& effort,
                                          const question::GlareStep& step);
    /// The same of all pictures of a question.
    void share_pictures(const model::Project& project, const model::Option& option, const model::Question& question,
                        const climate::WeatherYear* weather, const question::Effort& effort);

 private:
    std::filesystem::path file_;
    KeepArguments keep_;
    bool asked_ = false;
    std::shared_ptr<store::Answers> answers_;
    struct Part {
        Fingerprint print;
        std::function<void()> make;
    };
    bool make_one();
    std::deque<Part> meanwhile_;
    std::map<Fingerprint, bool> new_;  // tables that were looked for, and whether this run made them
};

}  // namespace wp::cli
