// SPDX-License-Identifier: GPL-3.0-or-later
#include "series/steps.h"

#include <fmt/core.h>

#include <algorithm>
#include <cmath>
#include <string_view>
#include <tuple>

#include "base/text.h"
#include "describe/describe.h"
#include "describe/silent.h"
#include "edit/options.h"
#include "model/project.h"
#include "series/variables.h"

namespace wp::series {

using namespace model;

namespace {

size_t count_of(const VariedNumber& v) { return static_cast<size_t>(std::max(v.steps, 1)); }

// How fine a place among n is: 0 the ends and the middle, then quarters and so on.
int fineness(size_t i, size_t n) {
    if (n < 2 || i == 0 || i + 1 == n) return 0;
    // As a fraction of the span, the least power of two that has it.
    const double part = static_cast<double>(i) / static_cast<double>(n - 1);
    for (int level = 1; level < 12; ++level) {
        const double cells = std::exp2(level);
        if (std::fabs(part * cells - std::round(part * cells)) < 0.5 * cells / static_cast<double>(n - 1))
            return level - 1;
    }
    return 12;
}

const Option& option_of(const Project& project, const Series& series) { return *find(project.options, series.option); }

bool is_of(const Series& series, std::string_view type) {
    return std::ranges::any_of(series.varied, [&](const VariedNumber& v) { return v.type == type; });
}

std::string number_words(const Variable& v, double value) {
    const std::string_view unit = v.field.unit;
    if (v.is_whole) return fmt::format("{:.0f}", value);
    if (unit == describe::unit::metre) return fmt::format("{:.2f} m", value);
    if (unit == describe::unit::degree) return fmt::format("{:.4g}°", value);
    if (unit == describe::unit::share) return fmt::format("{:.3g} %", 100 * value);
    return unit.empty() ? fmt::format("{:.4g}", value) : fmt::format("{:.4g} {}", value, unit);
}

/// Puts one material in the place of another wherever an option names it.
class Exchanged : public describe::SilentDescriber {
 public:
    Exchanged(const Id& was, const Id& is) : was_(was), is_(is) {}
    void material(const describe::Field&, Id& id) override {
        if (id == was_) id = is_;
    }
    void materials(const describe::Field&, std::vector<Id>& ids) override { std::ranges::replace(ids, was_, is_); }
    void object(const describe::Field&, const char*, bool& present, const Visit& visit) override {
        if (present) visit(*this);
    }
    void items(const describe::Field&, const char*, describe::Items& items) override {
        for (size_t i = 0; i < items.size(); ++i) items.visit(i, *this);
    }

 private:
    const Id &was_, &is_;
};

void exchange_material(Option& option, const Id& was, const Id& is) {
    Exchanged all(was, is);
    describe::describe(all, option);
    for (auto& [part, id] : option.types)
        if (id == was) id = is;
}

// The other of its kind is called by what it is now.
void make_other(Project& project, Option& option, const Series& series, VariedNumber& varied, double value) {
    for (Id& id : varied.elements) {
        Material other = *find(project.materials, id);
        other.name += ", " + value_words(project, series, static_cast<size_t>(&varied - series.varied.data()), value);
        other.id = unused_id(project.materials, id);
        exchange_material(option, id, other.id);
        id = other.id;
        project.materials.push_back(std::move(other));
    }
}

}  // namespace

double value_at(const VariedNumber& v, size_t i) {
    const size_t n = count_of(v);
    const double value =
        n < 2 ? v.from : v.from + (v.to - v.from) * static_cast<double>(i) / static_cast<double>(n - 1);
    // So that 1.8 is 1.8 whatever it was found from.
    return std::round(value * 1e9) / 1e9;
}

std::vector<Step> steps_of(const Series& series) {
    std::vector<Step> out{{}};
    for (const VariedNumber& v : series.varied) {
        std::vector<Step> more;
        for (const Step& step : out)
            for (size_t i = 0; i < count_of(v); ++i) {
                more.push_back(step);
                more.back().at.push_back(i);
                more.back().values.push_back(value_at(v, i));
            }
        out = std::move(more);
    }
    return out;
}

Outcome check(const Project& project, const Series& series) {
    const std::string where = "series " + plain_text(series.id, 60);
    const Option* option = find(project.options, series.option);
    if (option == nullptr)
        return Fault{where, "the project has no option \"" + plain_text(series.option, 60) + "\"",
                     "Name one of its options"};
    if (series.varied.empty()) return Fault{where, "nothing is varied", "Name a number"};
    size_t steps = 1;
    for (const VariedNumber& v : series.varied) {
        const auto found = variable_of(project, *option, v);
        if (!found) return found.fault();
        if (!(std::isfinite(v.from) && std::isfinite(v.to)) || v.from == v.to)
            return Fault{where, "it varies nothing: both ends are the same", "Give two values"};
        for (const double end : {v.from, v.to})
            if (end < found->field.low || end > found->field.high)
                return Fault{where,
                             fmt::format("{} of {} is beyond what it may be", found->label, number_words(*found, end)),
                             fmt::format("From {} to {}", number_words(*found, found->field.low),
                                         number_words(*found, found->field.high))};
        steps *= count_of(v);
        if (count_of(v) < 2) return Fault{where, "one step is no series", "Two steps at least"};
        if (steps > kMostSteps)
            return Fault{where, fmt::format("more than {} steps", kMostSteps), "Fewer steps of either number"};
    }
    for (const Id& id : series.questions)
        if (find(project.questions, id) == nullptr)
            return Fault{where, "the project has no question \"" + plain_text(id, 60) + "\"", "Name one that it has"};
    return {};
}

std::vector<double> present_values(const Project& project, const Series& series) {
    std::vector<double> out;
    for (const VariedNumber& v : series.varied) {
        const auto found = variable_of(project, option_of(project, series), v);
        out.push_back(found ? found->value : v.from);
    }
    return out;
}

std::vector<size_t> asking_order(const Series& series, const std::vector<double>& present) {
    const auto steps = steps_of(series);
    struct Rank {
        int fine;
        double far;
    };
    std::vector<Rank> ranks;
    for (const Step& step : steps) {
        Rank rank{0, 0};
        for (size_t k = 0; k < step.values.size(); ++k) {
            const VariedNumber& v = series.varied[k];
            rank.fine = std::max(rank.fine, fineness(step.at[k], count_of(v)));
            rank.far += std::fabs((step.values[k] - present[k]) / (v.to - v.from));
        }
        ranks.push_back(rank);
    }
    std::vector<size_t> out(steps.size());
    for (size_t i = 0; i < out.size(); ++i) out[i] = i;
    const size_t nearest = static_cast<size_t>(std::ranges::min_element(ranks, {}, &Rank::far) - ranks.begin());
    std::ranges::stable_sort(out, [&](size_t a, size_t b) {
        return std::tuple(a != nearest, ranks[a].fine, ranks[a].far) <
               std::tuple(b != nearest, ranks[b].fine, ranks[b].far);
    });
    return out;
}

Result<Project> project_at(const Project& project, const Series& series, const Step& step) {
    Project out = project;
    Option* option = find(out.options, series.option);
    if (option == nullptr) return Fault{series.option, "the project has no such option", "Name one of its options"};
    for (size_t k = 0; k < series.varied.size(); ++k)
        if (!set(out, *option, series.varied[k], step.values[k]))
            return Fault{series.varied[k].number, "the option has no such number at this step", "Vary another one"};
    return out;
}

std::string value_words(const Project& project, const Series& series, size_t varied, double value) {
    const auto found = variable_of(project, option_of(project, series), series.varied[varied]);
    return found ? number_words(*found, value) : fmt::format("{:.4g}", value);
}

std::string words_of(const Project& project, const Series& series, const Step& step) {
    std::string out;
    for (size_t k = 0; k < series.varied.size(); ++k) {
        const auto found = variable_of(project, option_of(project, series), series.varied[k]);
        if (!found) continue;
        out += fmt::format("{}{} {}", out.empty() ? "" : ", ", found->label, number_words(*found, step.values[k]));
    }
    return out;
}

Result<size_t> add_as_option(Project& project, const Series& series, const Step& step) {
    if (is_of(series, "site"))
        return Fault{series.name, "the site is the same for all options", "Change it on the Site desk"};
    const auto at = std::ranges::find(project.options, series.option, &Option::id);
    if (at == project.options.end())
        return Fault{series.option, "the project has no such option", "Name one of its options"};
    Project changed = project;
    const size_t index = edit::copy_option(changed, static_cast<size_t>(at - project.options.begin()),
                                           at->name + ", " + words_of(project, series, step));
    Series own = series;
    for (size_t k = 0; k < own.varied.size(); ++k) {
        VariedNumber& v = own.varied[k];
        if (v.type == "material") make_other(changed, changed.options[index], own, v, step.values[k]);
        if (!set(changed, changed.options[index], v, step.values[k]))
            return Fault{v.number, "the option has no such number at this step", "Vary another one"};
    }
    project = std::move(changed);
    return index;
}

}  // namespace wp::series
