// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/kept.h"

#include "analysis/analysis.h"
#include "cli/many.h"
#include "cli/terminal.h"
#include "exchange/kept_table.h"
#include "store/asked.h"

namespace wp::cli {

namespace {

std::optional<question::TableAnswer> read(const Cache& kept, const Fingerprint& print) {
    const auto bytes = kept.find ? kept.find(print) : std::nullopt;
    if (!bytes) return {};
    auto read = exchange::read_kept(*bytes);
    return read ? std::optional(std::move(*read)) : std::nullopt;
}

Outcome keep(store::Answers& kept, const Fingerprint& print, const model::Option& option,
             const model::Question& question, const question::TableAnswer& answer) {
    if (auto fault = kept.keep_piece(print, exchange::write_kept(answer))) return fault;
    return kept.keep(store::entry_of(answer.kind, option, question, answer.record), {print});
}

}  // namespace

std::shared_ptr<store::Answers> Kept::answers() {
    if (forget_ || asked_) return answers_;
    asked_ = true;
    auto opened = store::Answers::open(store::answers_beside(file_));
    if (!opened)
        complain(opened.fault());
    else
        answers_ = std::move(*opened);
    return answers_;
}

Cache Kept::shared(store::JobCache& job) {
    const auto many = Many::of_this_process();
    return many && *many != nullptr ? (*many)->shared(job, answers() != nullptr) : job.cache();
}

Result<Kept::Found> Kept::table(const model::Project& project, const model::Option& option,
                                const model::Question& question, const climate::WeatherYear* weather,
                                const question::Effort& effort, const Progress& progress) {
    const auto kept = answers();
    const Fingerprint print = analysis::asked_print(project, option, question, weather);
    store::JobCache cache(kept);
    const Cache shared = this->shared(cache);
    // Whoever claimed it first may be another process; what that found or made is there once it is done.
    const bool of_others = shared.claim && !shared.claim(print) && shared.await(print);
    if (auto there = read(shared, print)) {
        const bool is_new = new_.try_emplace(print, of_others).first->second;
        if (of_others && kept != nullptr)
            if (const auto fault = keep(*kept, print, option, question, *there)) complain(*fault);
        if (shared.done) shared.done(print);
        return Found{std::move(*there), !is_new};
    }
    new_[print] = true;
    auto answer = analysis::ask(project, option, question, weather, effort, interrupted(), progress,
                                Cache{shared.find, shared.keep});
    if (!answer) return answer.fault();
    if (kept != nullptr && !interrupted().requested())
        if (const auto fault = keep(*kept, print, option, question, *answer)) complain(*fault);
    if (kept == nullptr && shared.keep) shared.keep(print, exchange::write_kept(*answer));
    if (shared.done) shared.done(print);
    return Found{std::move(*answer), false};
}

void Kept::make_early(const model::Project& project, const model::Option& option, const model::Question& question,
                      const climate::WeatherYear* weather, const question::Effort& effort) {
    store::JobCache cache(answers());
    const Cache shared = this->shared(cache);
    if (!shared.claim || interrupted().requested()) return;
    // A fault is told where the table is asked for.
    if (shared.claim(analysis::asked_print(project, option, question, weather)))
        (void)table(project, option, question, weather, effort, {});
}

}  // namespace wp::cli
