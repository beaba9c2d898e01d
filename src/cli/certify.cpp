// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>

#include "base/file.h"
#include "base/text.h"
#include "cli/certifier.h"
#include "cli/said.h"
#include "cli/terminal.h"

namespace wp::cli {
namespace fs = std::filesystem;

namespace {

void tell_remarks(const rule::Verdict& v) {
    if (!v.why.empty()) say("      {}\n", v.why);
    for (const auto& remark : v.remarks)
        if (remark != v.criterion->doubt) say("      {}\n", remark);
}

// A part in one line, and below it what keeps it from being met.
void tell(const exchange::Certified::Set& set, const rule::Conclusion& c) {
    const auto& first = set.verdicts[c.verdicts.front()];
    if (c.verdicts.size() == 1) {
        if (c.optional && c.state != rule::State::met) return;
        say("    {}\n", verdict_line(first));
        return tell_remarks(first);
    }
    say("    {:<12} {:<22} {}: {}{}\n", rule::state_words(c.state), c.subject, c.name,
        c.level.empty() ? "none" : c.level, c.perhaps.empty() ? "" : ", perhaps " + c.perhaps);
    for (const size_t i : c.verdicts) {
        const auto& v = set.verdicts[i];
        if (c.state == rule::State::met || v.criterion->optional || v.state == rule::State::met) continue;
        say("      {}\n", verdict_line(v));
        tell_remarks(v);
    }
}

void tell(const exchange::Certified& certified, const std::string& name) {
    say("{}\n", name);
    for (const auto& line : certified.assumptions) say("  stands on: {}\n", line);
    for (const auto& set : certified.sets) {
        say("  {}: {}\n", set.set->name, joined(set.outcome.words, "; "));
        if (!set.doubt.empty()) say("    not checked: {}\n", set.doubt);
        for (const auto& c : set.conclusions) tell(set, c);
    }
}

}  // namespace

int write_verdicts(const CertifyArguments& arguments, const ToCertify& plan, const Certifier& one,
                   const exchange::Certified& certified) {
    const bool made_up = plan.weather && plan.weather->made_up;
    const std::string stem = file_name_of(certified.option) + ".certify" + (made_up ? ".made-up-weather" : "");
    const exchange::Origin origin{plan.project.name, certified.option, "",
                                  plan.weather ? climate::weather_name(*plan.weather) : "", made_up};
    const std::pair<std::string, std::string> files[] = {
        {".csv", exchange::verdicts_csv(certified)},
        {".json", exchange::certified_json(origin, certified, one.records())}};
    for (const auto& [suffix, text] : files)
        if (const auto fault = write_file(fs::path(arguments.out) / (stem + suffix), text)) {
            complain(*fault);
            return kCannotWrite;
        }
    return kDone;
}

int certify(const CertifyArguments& arguments) {
    ToCertify plan;
    auto refusal = make_plan(arguments, plan);
    if (!refusal) refusal = make_out_folder(arguments.out);
    if (refusal) {
        complain(refusal->fault);
        return refusal->code;
    }
    Certifiers certifiers(plan, arguments);
    certifiers.share();
    if (const int code = certifiers.ask_former(); code != kDone) return code;
    VerdictCode verdicts;
    for (const auto& id : plan.options) {
        Certifier& one = certifiers.of(id);
        exchange::Certified certified;
        const int code = one.settle(certifiers.former() != &one ? certifiers.former() : nullptr, certified);
        if (code != kDone) return code;
        tell(certified, one.option().name);
        if (const int failure = write_verdicts(arguments, plan, one, certified); failure != kDone) return failure;
        verdicts.note(certified);
    }
    return verdicts.code();
}

}  // namespace wp::cli
