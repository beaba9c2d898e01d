// SPDX-License-Identifier: GPL-3.0-or-later
// Options asked and judged by criteria sets, for whoever writes verdicts or a report of them.
#pragma once
#include <filesystem>
#include <map>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "cli/arguments.h"
#include "cli/kept.h"
#include "cli/refusal.h"
#include "exchange/verdict_tables.h"
#include "model/project.h"
#include "question/ask_year.h"
#include "rule/remedies.h"

namespace wp::cli {

/// Sets, weather and options: read and checked before anything is asked.
struct ToCertify {
    model::Project project;
    std::filesystem::path file;
    std::optional<climate::WeatherYear> weather;
    std::vector<rule::CriteriaSet> sets;
    std::vector<std::string> options;
    const climate::WeatherYear* weather_or_null() const { return weather ? &*weather : nullptr; }
};

/// Complains of faults of the models.
std::optional<Refusal> make_plan(const CertifyArguments& arguments, ToCertify& plan);

/// Answers of one option, and the verdicts on them.
class Certifier {
 public:
    Certifier(const ToCertify& plan, const CertifyArguments& arguments, Kept& kept, model::Option& option)
        : plan_(plan), arguments_(arguments), kept_(kept), option_(option) {}

    /// Asks what the sets need. The code to leave with where something went wrong; kDone: all that could be asked was.
    int ask();
    /// Asks again, twice as accurately, what undecided verdicts stand on, down to the limit. again: whether anything
    /// was.
    int ask_finer(const exchange::Certified& certified, bool& again);
    /// Asks until all is decided, or as sure as it may become. former: of the option that stands for how it was; or
    /// null.
    int settle(const Certifier* former, exchange::Certified& certified);
    /// One more question of the project.
    int ask_also(const model::Question& question);
    /// Tells other processes of the run what is asked first, or also.
    void share();
    void share_also(model::Question question);

    exchange::Certified judge(const Certifier* former);
    void lay_planes();

    const std::vector<std::pair<std::string, question::Record>>& records() const { return records_; }
    const model::Option& option() const { return option_; }
    const geometry::Surfaces& surfaces();
    figure::Answers answers() const;
    rule::Circumstances circumstances() const { return {&plan_.project, plan_.weather_or_null()}; }

 private:
    int ask_one(model::Question question);
    void share(const model::Question& question);
    std::vector<model::Question> first_questions() const;
    int ask_year(const model::Question& question, const question::Effort& effort, const Progress& show);
    void note_record(const model::Question& question, const question::Record& record);
    rule::Case make_case(const Certifier* former);

    struct Asked {
        model::Question question;
        question::TableAnswer answer;
    };
    const ToCertify& plan_;
    const CertifyArguments& arguments_;
    Kept& kept_;
    model::Option& option_;
    std::optional<geometry::Surfaces> surfaces_;
    std::map<model::Id, Asked> tables_;
    std::map<model::Id, double> accuracies_;  // by question, as asked last
    std::unique_ptr<question::YearAnswer> year_;
    std::vector<std::pair<std::string, question::Record>> records_;
};

/// The code to leave with after verdicts: of all that were noted the worst.
class VerdictCode {
 public:
    void note(const exchange::Certified& certified);
    int code() const { return failed_ ? kNotMet : open_ ? kNotSettled : kDone; }

 private:
    bool failed_ = false, open_ = false;
};

/// As CSV and JSON, into the folder that is asked for. The code to leave with where that fails.
int write_verdicts(const CertifyArguments& arguments, const ToCertify& plan, const Certifier& one,
                   const exchange::Certified& certified);

/// All that are asked for, made as they are wanted, and the one that stands for how it was.
class Certifiers {
 public:
    Certifiers(ToCertify& plan, const CertifyArguments& arguments)
        : plan_(plan), arguments_(arguments), kept_(plan.file, arguments) {}
    Certifier& of(const model::Id& option);
    Kept& kept() { return kept_; }
    /// In a run of several processes: tells the others what all options are asked first.
    void share();
    /// Asks the former option where a set compares with it. The code to leave with where something went wrong.
    int ask_former();
    /// Null where nothing is compared.
    const Certifier* former() const { return former_; }

 private:
    bool compares_with_former() const;
    ToCertify& plan_;
    const CertifyArguments& arguments_;
    Kept kept_;
    std::map<model::Id, std::unique_ptr<Certifier>> all_;
    const Certifier* former_ = nullptr;
};

}  // namespace wp::cli
