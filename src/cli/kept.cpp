// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/kept.h"

#include "analysis/analysis.h"
#include "cli/terminal.h"
#include "exchange/kept_table.h"
#include "store/asked.h"

namespace wp::cli {

namespace {

std::optional<question::TableAnswer> read(store::Answers* kept, const Fingerprint& print) {
    const auto bytes = kept != nullptr ? kept->piece(print) : std::nullopt;
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

Result<Kept::Found> Kept::table(const model::Project& project, const model::Option& option,
                                const model::Question& question, const climate::WeatherYear* weather,
                                const question::Effort& effort, const Progress& progress) {
    const auto kept = answers();
    const Fingerprint print = analysis::asked_print(project, option, question, weather);
    if (auto before = read(kept.get(), print)) return Found{std::move(*before), true};
    store::JobCache cache(kept);
    auto answer = analysis::ask(project, option, question, weather, effort, interrupted(), progress, cache.cache());
    if (!answer) return answer.fault();
    if (kept != nullptr && !interrupted().requested())
        if (const auto fault = keep(*kept, print, option, question, *answer)) complain(*fault);
    return Found{std::move(*answer), false};
}

}  // namespace wp::cli
