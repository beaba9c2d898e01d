// SPDX-License-Identifier: GPL-3.0-or-later
// Steps of one series, or one option as it is: kept beside the project, and shared with the other processes of a run.
#pragma once
#include <memory>
#include <optional>

#include "cli/kept.h"
#include "series/series.h"

namespace wp::cli {

class SharedSteps {
 public:
    /// Tells the other processes of them.
    SharedSteps(Kept& kept, const std::shared_ptr<const model::Project>& project, const model::Series& series,
                std::shared_ptr<const climate::WeatherYear> weather, std::optional<double> accuracy, int threads);
    SharedSteps(const SharedSteps&) = delete;
    SharedSteps& operator=(const SharedSteps&) = delete;
    series::Asker& asker() { return asker_; }
    /// Makes a step, or waits for whoever makes it. Cancelled: the step stays unasked.
    Outcome ask(size_t step, const Progress& progress);
    /// Notes with the answers what was kept.
    void finish();

 private:
    Kept& kept_;
    const model::Project& project_;
    store::JobCache cache_;
    bool is_shared_ = false;  // with other processes
    series::Asker asker_;
};

}  // namespace wp::cli
