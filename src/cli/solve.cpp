// SPDX-License-Identifier: GPL-3.0-or-later
#include <fmt/core.h>

#include <algorithm>
#include <cmath>
#include <filesystem>
#include <map>
#include <optional>
#include <set>

#include "base/file.h"
#include "base/log.h"
#include "base/text.h"
#include "cli/arguments.h"
#ifdef WARMPANE_PICTURES
#include "cli/pictures.h"
#endif
#include "analysis/analysis.h"
#include "cli/kept.h"
#include "cli/refusal.h"
#include "cli/said.h"
#include "cli/solve_plan.h"
#include "cli/terminal.h"
#include "exchange/picture_file.h"
#include "exchange/point_table.h"
#include "exchange/shots_table.h"
#include "exchange/summary.h"
#include "exchange/table_formats.h"
#include "exchange/tables.h"
#include "model/project.h"
#include "question/ask.h"
#include "question/ask_glare_year.h"
#include "question/ask_year.h"
#include "question/year_counted.h"
#include "question/year_over_time.h"
#include "rule/data.h"
#include "store/answers.h"
#include "store/asked.h"

namespace wp::cli {
namespace fs = std::filesystem;
using model::Question;

namespace {

constexpr int kSmallPicture = 260;  // across, of one among many

class Solver {
 public:
    Solver(const Plan& plan, const SolveArguments& arguments)
        : plan_(plan), arguments_(arguments), kept_(plan.file, arguments) {}

    int run() {
        share();
        for (const Job& job : plan_.jobs) {
            const int code = answer(job);
            if (code == kCancelled) tell_finished();
            if (code != kDone) return code;
            finished_.push_back(job.option->id + ", " + job.question.id);
        }
        if (const int code = write_contact_sheets(); code != kDone) return code;
        return unsettled_ ? kNotSettled : kDone;
    }

 private:
    // Tells the other processes of the run what is to be done.
    void share() {
        const auto* weather = plan_.weather_or_null();
        const auto publish = [&](const Job& job, SharedJob::What what) {
            kept_.publish(plan_.project, {what, job.option->id, job.question, {}, {}});
        };
        for (const Job& job : plan_.jobs) {
            if (analysis::gives_table(job.question.kind)) {
                kept_.share_table(plan_.project, *job.option, job.question, weather, effort_of(job, arguments_));
            } else if (job.question.kind != Question::Kind::year) {
                kept_.share_pictures(plan_.project, *job.option, job.question, weather, effort_of(job, arguments_));
            } else {
                publish(job, SharedJob::What::year);
                if (arguments_.glare && !job.option->observers.empty()) publish(job, SharedJob::What::seats);
            }
        }
    }

    fs::path name(const Job& job, const std::string& suffix) const {
        return fs::path(arguments_.out) / (file_name_of(job.option->id) + "." + file_name_of(job.question.id) +
                                           (arguments_.readings ? ".readings" : "") +
                                           (on_made_up_weather(job) ? ".made-up-weather" : "") + suffix);
    }

    // Files of figures that nobody should decide by say so in their names.
    bool on_made_up_weather(const Job& job) const {
        return plan_.weather && plan_.weather->made_up && analysis::needs_weather(job.question);
    }

    void tell_finished() const {
        note("warmpane-cli: cancelled; finished: ");
        for (size_t i = 0; i < finished_.size(); ++i) note("{}{}", i > 0 ? "; " : "", plain_text(finished_[i], 120));
        note("{}\n", finished_.empty() ? "nothing" : "");
    }

    int write(const fs::path& path, const std::string& text) {
        if (const auto fault = write_file(path, text)) {
            complain(*fault);
            return kCannotWrite;
        }
        return kDone;
    }

    // Figures for a person, then the files.
    int finish(const Job& job, const question::Record& record, const std::string& line,
               std::vector<std::pair<fs::path, std::string>> files) {
        if (interrupted().requested()) return kCancelled;
        for (const auto& [path, text] : files)
            if (const int code = write(path, text); code != kDone) return code;
        say("{}, {}: {} ({:.1f} s, {:.2f} million rays{})\n", job.option->name, job.question.name, line, record.seconds,
            static_cast<double>(record.rays) / 1e6, record.settled ? "" : ", NOT settled");
        std::fflush(stdout);  // a line of figures is read while the next are traced
        unsettled_ = unsettled_ || !record.settled;
        return kDone;
    }

    // Draws what the arguments ask for; a build without pictures has no such argument.
    template <class... Answer>
    bool drawn([[maybe_unused]] const Job& job, [[maybe_unused]] const Answer&... answer) {
#ifdef WARMPANE_PICTURES
        for (const char* kind : {".png", ".svg"}) {
            const bool wanted = kind[1] == 'p' ? arguments_.pictures : arguments_.drawings;
            if (!wanted || interrupted().requested()) continue;
            if (const auto fault = draw(answer..., name(job, kind))) {
                complain(*fault);
                return false;
            }
        }
#endif
        return true;
    }

    exchange::Origin origin(const Job& job) const {
        std::string weather = plan_.weather ? climate::weather_name(*plan_.weather) : "";
        if (const auto apart = plan_.weather ? climate::measured_elsewhere(plan_.weather->measured,
                                                                           question::place_of(plan_.project.site))
                                             : "";
            !apart.empty())
            weather += ". " + apart;
        return {plan_.project.name, job.option->id, job.question.id, weather, on_made_up_weather(job)};
    }

    int answer(const Job& job) {
        log(LogOf::cli, "{} of {}", job.question.id, job.option->id);
        ProgressLine progress(job.option->name + ", " + job.question.name);
        const question::Effort effort = effort_of(job, arguments_);
        if (analysis::gives_table(job.question.kind)) return table(job, effort, progress);
        if (job.question.kind == Question::Kind::year) return year(job, effort, progress);
        return glare(job, geometry::build_surfaces(plan_.project, *job.option, job.question.without), effort, progress);
    }

    int table(const Job& job, const question::Effort& effort, ProgressLine& progress) {
        const climate::WeatherYear* weather = plan_.weather_or_null();
        const auto found = kept_.table(plan_.project, *job.option, job.question, weather, effort,
                                       [&](double share) { progress.show(share); });
        if (!found) {
            complain(found.fault());
            return kBadInput;
        }
        const auto* answer = &found->answer;
        const auto& table = answer->table;
        if (interrupted().requested() || table.columns.empty()) return finish(job, answer->record, "", {});
        const auto names = question::plane_names(*job.option, table.planes);
        if (!drawn(job, plan_.project, *job.option, *answer)) return kCannotWrite;
        std::string line = table_line(*answer, names);
        if (job.question.at == model::Question::At::planes && job.question.without.empty())
            tables_.try_emplace({job.option->id, job.question.kind}, table);
        std::vector<std::pair<fs::path, std::string>> files = {
            {name(job, ".json"),
             exchange::table_json(origin(job), answer->record, answer->kind.c_str(), table, names, answer->facts)}};
        std::set<std::string> forms(arguments_.also.begin(), arguments_.also.end());
        forms.insert("csv");
        for (const auto& id : forms)
            files.emplace_back(name(job, "." + id), exchange::find_table_format(id)->write(table));
        if (!answer->hours.empty()) files.emplace_back(name(job, ".hours.csv"), exchange::hours_csv(answer->hours));
        if (found->again) line += " (kept beside the project)";
        const bool by_windows = analysis::analysis_of(job.question.kind).by_windows;
        if (arguments_.windows && by_windows && !answer->windows)
            note(
                "note: {}: what each window gives is left out: there are too many points and windows. Ask on fewer "
                "planes\n",
                job.question.id);
        if (arguments_.windows && answer->windows)
            files.emplace_back(name(job, ".windows.csv"), exchange::windows_csv(*answer->windows));
        return finish(job, answer->record, line, std::move(files));
    }

    int year(const Job& job, const question::Effort& effort, ProgressLine& progress) {
        auto scene = question::year_scene(plan_.project, *job.option, job.question, *plan_.weather);
        if (!scene) {
            complain(scene.fault());
            return kBadInput;
        }
        store::JobCache cache(kept_.answers());
        const auto answer = question::ask_year(
            *scene, *plan_.weather, effort, {nullptr, sky_}, interrupted(), [&](double share) { progress.show(share); },
            kept_.shared(cache));
        if (interrupted().requested()) return finish(job, answer.record, "", {});
        sky_ = answer.inputs()->sky;
        auto use = question::year_use(plan_.project, *job.option, job.question, scene->planes);
        use.operation = arguments_.blinds;
        // Electric light is told of the whole year: its stand-by goes on.
        const auto lighting = question::electric_years(plan_.project, answer, *job.option, use);
        use.counted = arguments_.light;
        const auto counted = question::counted_year(plan_.project, answer, *job.option, use);
        for (auto& hours : use.hours) hours = in_wanted_months(std::move(hours));
        cache.finish(store::entry_of("year", *job.option, job.question, answer.record));
        if (cache.fault()) complain(*cache.fault());
        if (!drawn(job, plan_.project, *job.option, answer, use)) return kCannotWrite;
        const auto names = question::plane_names(*job.option, scene->planes);
        const auto judged = judge(job, answer, *scene);
        std::vector<std::pair<fs::path, std::string>> files = {
            {name(job, ".csv"), exchange::year_csv(counted, use)},
            {name(job, ".json"), exchange::year_json(origin(job), counted, names, judged, use, lighting)}};
        std::string of_glare;
        if (arguments_.glare && !job.option->observers.empty()) {
            const auto seats = glare_of_year(job, *scene, effort, progress);
            if (interrupted().requested()) return finish(job, answer.record, "", {});
            files.emplace_back(name(job, ".glare.csv"), exchange::glare_year_csv(seats));
            if (arguments_.hourly)
                for (const auto& seat : seats)
                    files.emplace_back(name(job, "." + file_name_of(seat.glare.place.id) + ".glare-hours.csv"),
                                       exchange::glare_hours_csv(seat));
            of_glare = glare_lines(seats);
        }
        if (arguments_.hourly) {
            for (size_t p = 0; p < answer.planes.size(); ++p) {
                const auto fault =
                    write_file(name(job, "." + file_name_of(answer.planes[p].plane.plane) + ".hours.csv"),
                               [&](const TakeBytes& take) { exchange::hourly_csv(counted, p, use.operation, take); });
                if (!fault) continue;
                complain(*fault);
                return kCannotWrite;
            }
            files.emplace_back(name(job, ".blinds.csv"), exchange::blinds_csv(answer, use.operation));
            if (!lighting.empty()) files.emplace_back(name(job, ".power.csv"), exchange::power_csv(lighting));
            files.emplace_back(name(job, ".sun-on-glass.csv"), exchange::heat_csv(answer.heat()));
        }
        return finish(job, answer.record,
                      year_lines(counted, names, use, lighting, judged, plan_.weather->made_up) + of_glare + "\n   ",
                      std::move(files));
    }

    std::vector<question::SeatYear> glare_of_year(const Job& job, const question::YearScene& scene,
                                                  const question::Effort& effort, ProgressLine& progress) {
        const auto& option = *job.option;
        question::Effort own = effort;
        own.accuracy = question::kSurfaceAccuracy;
        store::JobCache cache(kept_.answers());
        const auto rooms = question::light_rooms(
            scene, *plan_.weather, question::spaces_around(scene.surfaces, option.observers), own, interrupted(),
            [&](double share) { progress.show(share / 2); }, kept_.shared(cache));
        if (interrupted().requested()) return {};
        return question::ask_glare_year(plan_.project, option, job.question, rooms, option.observers, arguments_.blinds,
                                        interrupted(), [&](double share) { progress.show(0.5 + share / 2); });
    }

    // By the year and by the tables that this option was asked for before it.
    std::vector<exchange::JudgedSet> judge(const Job& job, const question::YearAnswer& year,
                                           const question::YearScene& scene) const {
        rule::Case known;
        known.answers.year = &year;
        for (const auto& [of, table] : tables_)
            if (of.first == job.option->id) known.answers.tables[of.second] = &table;
        known.subjects = rule::subjects_of(*job.option, scene.planes, scene.surfaces);
        known.option = job.option;
        std::vector<exchange::JudgedSet> judged;
        for (const auto& set : plan_.criteria) {
            judged.push_back({set, {}});
            judged.back().verdicts = rule::evaluate(judged.back().set, known);
        }
        return judged;
    }

    metric::Hours in_wanted_months(metric::Hours hours) const {
        std::array<bool, 12> wanted{};
        for (const int month : arguments_.months) wanted[static_cast<size_t>(month - 1)] = true;
        return arguments_.months.empty() ? hours : question::in_months(std::move(hours), wanted);
    }

    int glare(const Job& job, geometry::Surfaces surfaces, const question::Effort& effort, ProgressLine& progress) {
        auto shots = question::shots_of(*job.option, job.question, plan_.project.site.north);
        if (!shots) {
            complain(shots.fault());
            return kBadInput;
        }
        const bool many = question::is_batch(job.question);
        question::Record all;
        all.settled = true;
        std::vector<question::Taken> pictures;
        std::string line;
        for (size_t i = 0; i < shots->size(); ++i) {
            const question::Shot& shot = (*shots)[i];
            const auto taken =
                kept_.picture(plan_.project, *job.option, shot.question, surfaces, plan_.weather_or_null(), effort,
                              [&](const auto& so_far) {
                                  progress.show((static_cast<double>(i) + question::progress_of(so_far)) /
                                                static_cast<double>(shots->size()));
                              });
            if (!taken) {
                complain(taken.fault());
                return kBadInput;
            }
            const auto& answer = *taken;
            if (interrupted().requested()) return finish(job, answer.record, "", {});
            if (const int code = write_picture(job, answer, many ? "." + shot.file : ""); code != kDone) return code;
            line = picture_line(answer);
            all.seconds += answer.record.seconds;
            all.rays += answer.record.rays;
            all.settled = all.settled && answer.record.settled;
            pictures.push_back(question::taken(*job.option, shot, answer, kSmallPicture));
        }
        if (!many) return finish(job, all, line, {});
        contact_[job.question.id].insert(contact_[job.question.id].end(), pictures.begin(), pictures.end());
        return finish(job, all, shots_line(pictures), {{name(job, ".pictures.csv"), exchange::shots_csv(pictures)}});
    }

    // part: of the name, which of many it is.
    int write_picture(const Job& job, const question::GlareAnswer& answer, const std::string& part) {
#ifdef WARMPANE_PICTURES
        if (arguments_.pictures)
            if (const auto fault = draw(answer, name(job, part + ".png"))) return told(*fault);
        if (arguments_.drawings)
            if (const auto fault = draw(answer, name(job, part + ".svg"))) return told(*fault);
#endif
        if (const auto fault = exchange::write_picture(answer, name(job, part + ".exr"))) return told(*fault);
        if (const int code = write(name(job, part + ".json"), exchange::glare_json(origin(job), answer)); code != kDone)
            return code;
        if (answer.judged)
            if (const int code = write(name(job, part + ".csv"), exchange::glare_csv(answer)); code != kDone)
                return code;
        return answer.around.empty() ? kDone : write(name(job, part + ".around.csv"), exchange::around_csv(answer));
    }
    static int told(const Fault& fault) {
        complain(fault);
        return kCannotWrite;
    }

    // The pictures of each question, of all options, on one sheet.
    int write_contact_sheets() {
#ifdef WARMPANE_PICTURES
        if (!arguments_.pictures) return kDone;
        for (const auto& [id, pictures] : contact_) {
            const auto* question = model::find(plan_.project.questions, id);
            const auto path = fs::path(arguments_.out) / (file_name_of(id) + ".contact-sheet.png");
            if (const auto fault = draw(pictures, question->name, path)) return told(*fault);
        }
#endif
        return kDone;
    }

    const Plan& plan_;
    const SolveArguments& arguments_;
    std::map<model::Id, std::vector<question::Taken>> contact_;  // of questions that ask for many pictures
    bool unsettled_ = false;
    std::vector<std::string> finished_;
    Kept kept_;
    std::shared_ptr<const question::YearSky> sky_;
    // For criteria: the first of each kind by option.
    std::map<std::pair<model::Id, model::Question::Kind>, question::PointTable> tables_;
};

}  // namespace

int solve(const SolveArguments& arguments) {
    Plan plan;
    auto refusal = make_plan(arguments, plan);
    if (!refusal) refusal = make_out_folder(arguments.out);
    if (refusal) {
        complain(refusal->fault);
        return refusal->code;
    }
    return Solver(plan, arguments).run();
}

}  // namespace wp::cli
