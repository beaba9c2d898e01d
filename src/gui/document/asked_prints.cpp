// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/document/asked_prints.h"

#include "analysis/analysis.h"
#include "describe/depends.h"
#include "store/asked.h"

namespace wp::gui {

namespace {
constexpr size_t kMostKnown = 24;
}

namespace {

// A made-up year goes by the place.
bool is_same_weather(const model::Site& a, const model::Site& b) {
    if (a.weather != b.weather || a.made_up_weather != b.made_up_weather) return false;
    return !a.weather.empty() || !a.made_up_weather ||
           (a.latitude == b.latitude && a.longitude == b.longitude && a.time_zone == b.time_zone &&
            a.elevation == b.elevation);
}

}  // namespace

bool are_alike(const model::Project& a, const model::Project& b, const model::Id& option, unsigned bears) {
    const auto *x = model::find(a.options, option), *y = model::find(b.options, option);
    if (x == nullptr || y == nullptr || !is_same_weather(a.site, b.site)) return false;
    return describe::depends(a, *x, bears) == describe::depends(b, *y, bears);
}

bool AskedPrints::is_same(const std::shared_ptr<const model::Project>& then, const model::Question& asked_then,
                          const std::shared_ptr<const model::Project>& now, const model::Question& asked_now,
                          const model::Id& option) {
    const auto *was = model::find(then->options, option), *is = model::find(now->options, option);
    if (was == nullptr || is == nullptr) return false;
    if (then == now && asked_then == asked_now) return true;
    // These prints are made without weather: its file's name tells whether it is the same.
    if (!is_same_weather(then->site, now->site)) return false;
    return of(then, *was, asked_then) == of(now, *is, asked_now);
}

Fingerprint AskedPrints::of(const std::shared_ptr<const model::Project>& project, const model::Option& option,
                            const model::Question& question) {
    for (const Known& k : known_)
        if (k.project == project && k.option == option.id && k.question == question) return k.print;
    known_.push_front({project, option.id, question, analysis::asked_print(*project, option, question, nullptr)});
    if (known_.size() > kMostKnown) known_.pop_back();
    return known_.front().print;
}

}  // namespace wp::gui
