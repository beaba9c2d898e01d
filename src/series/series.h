// SPDX-License-Identifier: GPL-3.0-or-later
// A series asked: what every step tells of every room. All steps are asked by the same dice, and what a step does not
// change is not traced again: rooms that share no light with what is varied, and all light where only panes, hours or
// blinds differ.
#pragma once
#include <map>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "base/cache.h"
#include "base/progress.h"
#include "climate/weather.h"
#include "figure/comparison.h"
#include "figure/lines.h"
#include "question/ask_year.h"
#include "rule/verdicts.h"
#include "series/steps.h"

namespace wp::series {

/// What a criterion says at a step.
struct Judged {
    std::string set, criterion, name, subject, unit;
    model::Id room;                  ///< empty: of no single one
    std::vector<double> thresholds;  ///< all levels of the criterion
    double value = 0, low = 0, high = 0, threshold = 0;
    bool is_share = false, at_least = true;
    rule::State state = rule::State::not_asked;
};

struct StepAnswer {
    /// By room and line; none where it was not asked.
    std::vector<std::optional<figure::Band>> bands;
    /// By room, per cent: means of the replicates of the daylight factor; empty where it was not asked.
    std::vector<std::vector<double>> replicates;
    std::vector<double> taken_over;  ///< by room: what light taken from another step may differ by, as a share
    std::vector<Judged> verdicts;    ///< of all sets that the project answers to, as far as they were asked
    uint64_t rays = 0;               ///< traced for this step
    double seconds = 0;
    bool settled = true;
};

struct SeriesAnswer {
    model::Series series;
    std::vector<Step> steps;
    std::vector<model::Id> rooms;
    std::vector<std::string> room_names;
    std::vector<const figure::Line*> lines;
    std::vector<std::shared_ptr<const StepAnswer>> of;  ///< by step; null: not asked yet
    std::vector<double> present;                        ///< of each varied number
    /// None where the step was not asked, or not for that.
    std::optional<figure::Band> band(size_t step, size_t room, size_t line) const;
    /// From one step to another. Where both were asked by the same dice its error is that of the difference, not that
    /// of two figures that know nothing of each other.
    std::optional<figure::Change> change(size_t was, size_t is, size_t room, size_t line) const;
    size_t asked() const;
};

/// Lines that questions of a series tell of: of all analyses that it asks.
std::vector<const figure::Line*> lines_of(const model::Project& project, const model::Series& series);
/// Its questions; the usual ones where it names none.
std::vector<model::Question> questions_of(const model::Project& project, const model::Series& series);

/// Asks steps one after the other, in any order: an answer is the same whatever was asked before it. Of one thread at a
/// time.
class Asker {
 public:
    /// The series is sound: see check. weather: null where there is none. accuracy: in place of the questions' own.
    Asker(std::shared_ptr<const model::Project> project, model::Series series,
          std::shared_ptr<const climate::WeatherYear> weather, std::optional<double> accuracy = {}, int threads = 0);
    ~Asker();
    const SeriesAnswer& answer() const { return answer_; }
    /// Where steps are kept once they are asked, and found again instead of being asked.
    void keep_in(Cache cache) { kept_ = std::move(cache); }
    /// Where pieces of years are kept, in place of memory: by that several processes share the year of a step.
    void share(Cache pieces) { pieces_ = std::move(pieces); }
    /// Order in which steps are best asked. The first is the one that light is taken over from.
    const std::vector<size_t>& order() const { return order_; }
    /// Of all that a step's answer depends on; under it the step is kept. Nought where there is no such step.
    Fingerprint print(size_t step) const;
    /// Whether the step was kept: then it is answered now.
    bool find_kept(size_t step);
    /// Fault: what keeps the step from being asked. Cancelled: the step stays unasked.
    Outcome ask(size_t step, const Cancel& cancel = {}, const Progress& progress = {});

 private:
    struct Work;
    std::shared_ptr<const model::Project> project_;
    std::shared_ptr<const climate::WeatherYear> weather_;
    int threads_;
    SeriesAnswer answer_;
    /// Of all that a step's answer depends on.
    Fingerprint print_of(const model::Project& at_step) const;
    bool find_kept(size_t step, const model::Project& at_step);
    Outcome ask_first(const Cancel& cancel, StepAnswer& effort);
    Outcome trace(model::Project at_step, const Cancel& cancel, const Progress& progress, StepAnswer& out);
    std::vector<size_t> order_;
    std::vector<model::Question> questions_;
    Cache kept_;
    std::optional<Cache> pieces_;
    std::unique_ptr<Work> work_;
};

}  // namespace wp::series
