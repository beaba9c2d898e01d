// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/kept.h"

#include "analysis/analysis.h"
#include "cli/many.h"
#include "cli/terminal.h"
#include "cli/work.h"
#include "exchange/kept_table.h"
#include "question/shots.h"
#include "store/asked.h"

namespace wp::cli {
namespace fs = std::filesystem;

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

// Null where this process runs alone.
Many* many_of_this_process() {
    const auto many = Many::of_this_process();
    return many ? *many : nullptr;
}

Cache claims_of_this_process() {
    const auto* many = many_of_this_process();
    return many != nullptr ? many->claims() : Cache{};
}

}  // namespace

std::shared_ptr<store::Answers> Kept::answers() {
    if (keep_.forget || asked_) return answers_;
    asked_ = true;
    auto opened = store::Answers::open(keep_.answers.empty() ? store::answers_beside(file_) : fs::path(keep_.answers));
    if (!opened)
        complain(opened.fault());
    else
        answers_ = std::move(*opened);
    return answers_;
}

Cache Kept::shared(store::JobCache& job) {
    const auto* many = many_of_this_process();
    return many != nullptr ? many->shared(job, answers() != nullptr) : job.cache();
}

void Kept::publish(const model::Project& project, const SharedJob& job) {
    auto* many = many_of_this_process();
    if (many == nullptr) return;
    many->deal([&] { return pack_work(project, file_); }, answers());
    many->publish(job);
}

void Kept::make_meanwhile(const Fingerprint& part, std::function<void()> make) {
    if (many_of_this_process() != nullptr) meanwhile_.push_back({part, std::move(make)});
}

bool Kept::make_one() {
    const Cache claims = claims_of_this_process();
    while (!meanwhile_.empty() && !interrupted().requested()) {
        const Part part = std::move(meanwhile_.front());
        meanwhile_.pop_front();
        if (!claims.claim(part.print)) continue;
        part.make();
        if (!interrupted().requested()) claims.done(part.print);
        return true;
    }
    return false;
}

bool Kept::is_mine(const Fingerprint& part) {
    const Cache claims = claims_of_this_process();
    if (!claims.claim || claims.claim(part)) return true;
    const auto* many = many_of_this_process();
    while (!many->is_there(part))
        if (!make_one()) return !claims.await(part);
    return false;
}

void Kept::done(const Fingerprint& part) {
    const Cache claims = claims_of_this_process();
    if (claims.done) claims.done(part);
}

Result<Kept::Found> Kept::table(const model::Project& project, const model::Option& option,
                                const model::Question& question, const climate::WeatherYear* weather,
                                const question::Effort& effort, const Progress& progress) {
    const auto kept = answers();
    const Fingerprint print = analysis::asked_print(project, option, question, weather);
    store::JobCache cache(kept);
    const Cache shared = this->shared(cache);
    // Whoever claimed it first may be another process; what that found or made is there once it is done.
    const bool of_others = !is_mine(print);
    if (auto there = read(shared, print)) {
        const bool is_new = new_.try_emplace(print, of_others).first->second;
        if (of_others && kept != nullptr)
            if (const auto fault = keep(*kept, print, option, question, *there)) complain(*fault);
        done(print);
        return Found{std::move(*there), !is_new};
    }
    new_[print] = true;
    auto answer = analysis::ask(project, option, question, weather, effort, interrupted(), progress,
                                Cache{shared.find, shared.keep});
    if (!answer) return answer.fault();
    if (kept != nullptr && !interrupted().requested())
        if (const auto fault = keep(*kept, print, option, question, *answer)) complain(*fault);
    if (kept == nullptr && shared.keep) shared.keep(print, exchange::write_kept(*answer));
    if (!interrupted().requested()) done(print);
    return Found{std::move(*answer), false};
}

void Kept::share_table(const model::Project& project, const model::Option& option, const model::Question& question,
                       const climate::WeatherYear* weather, const question::Effort& effort) {
    if (many_of_this_process() == nullptr) return;
    publish(project, {SharedJob::What::table, option.id, question, {}, {}});
    make_meanwhile(analysis::asked_print(project, option, question, weather),
                   [this, &project, &option, question, weather, effort] {
                       (void)table(project, option, question, weather, effort, {});
                   });
}

Result<question::GlareAnswer> Kept::picture(const model::Project& project, const model::Option& option,
                                            const model::Question& question, const geometry::Surfaces& surfaces,
                                            const climate::WeatherYear* weather, const question::Effort& effort,
                                            const question::GlareStep& step) {
    // Each with surfaces of its own: they get the blinds of its moment.
    geometry::Surfaces own = surfaces;
    const auto task = question::glare_task(project, option, question, own, weather);
    if (!task) return task.fault();
    const Fingerprint print = question::glare_inputs(*task, effort);
    store::JobCache cache(answers());
    const Cache shared = this->shared(cache);
    // Made here or elsewhere: it is found where it is there.
    is_mine(print);
    auto answer = question::solve_glare(*task, effort, interrupted(), step, Cache{shared.find, shared.keep});
    if (interrupted().requested()) return answer;
    done(print);
    cache.finish(store::entry_of("glare", option, question, answer.record));
    if (cache.fault()) complain(*cache.fault());
    return answer;
}

void Kept::share_pictures(const model::Project& project, const model::Option& option, const model::Question& question,
                          const climate::WeatherYear* weather, const question::Effort& effort) {
    if (many_of_this_process() == nullptr) return;
    publish(project, {SharedJob::What::pictures, option.id, question, {}, {}});
    const auto shots = question::shots_of(option, question, project.site.north);
    if (!shots) return;
    const auto surfaces =
        std::make_shared<const geometry::Surfaces>(geometry::build_surfaces(project, option, question.without));
    for (const auto& shot : *shots) {
        geometry::Surfaces own = *surfaces;
        const auto task = question::glare_task(project, option, shot.question, own, weather);
        if (!task) return;
        make_meanwhile(question::glare_inputs(*task, effort),
                       [this, &project, &option, asked = shot.question, surfaces, weather, effort] {
                           (void)picture(project, option, asked, *surfaces, weather, effort, {});
                       });
    }
}

}  // namespace wp::cli
