// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/shared_steps.h"

#include "cli/terminal.h"
#include "model/project.h"
#include "series/kept_step.h"
#include "store/asked.h"

namespace wp::cli {

SharedSteps::SharedSteps(Kept& kept, const std::shared_ptr<const model::Project>& project, const model::Series& series,
                         std::shared_ptr<const climate::WeatherYear> weather, std::optional<double> accuracy,
                         int threads)
    : kept_(kept),
      project_(*project),
      cache_(kept.answers()),
      asker_(project, series, std::move(weather), accuracy, threads) {
    kept.publish(*project, {SharedJob::What::steps, {}, {}, series, accuracy});
    const Cache shared = kept.shared(cache_);
    asker_.keep_in({shared.find, shared.keep});
    is_shared_ = shared.claim != nullptr;
    if (!is_shared_) return;
    asker_.share(shared);
    for (const size_t step : asker_.order())
        kept.make_meanwhile(asker_.print(step), [this, step] { (void)asker_.ask(step, interrupted()); });
}

Outcome SharedSteps::ask(size_t step, const Progress& progress) {
    if (!is_shared_) return asker_.ask(step, interrupted(), progress);
    const Fingerprint print = asker_.print(step);
    // Made here or elsewhere: it is found where it is there.
    kept_.is_mine(print);
    auto fault = asker_.ask(step, interrupted(), progress);
    if (!fault && !interrupted().requested()) kept_.done(print);
    return fault;
}

void SharedSteps::finish() {
    const auto& answer = asker_.answer();
    const auto* option = model::find(project_.options, answer.series.option);
    if (kept_.answers() == nullptr || option == nullptr || answer.asked() == 0) return;
    model::Question question;
    question.id = answer.series.id;
    cache_.finish(store::entry_of("series", *option, question, series::record_of(answer, cache_.pieces())));
    if (cache_.fault()) complain(*cache_.fault());
}

}  // namespace wp::cli
