// SPDX-License-Identifier: GPL-3.0-or-later
#include <fmt/core.h>

#include <algorithm>
#include <map>
#include <optional>

#include "base/text.h"
#include "model/finish.h"
#include "model/project.h"
#include "rule/verdicts.h"

namespace wp::rule {

namespace {

// Which of two verdicts on required things says more about the whole: what is not met before what is not known.
int gravity(State state) {
    switch (state) {
        case State::not_met:
            return 4;
        case State::needs_note:
            return 3;
        case State::undecided:
            return 2;
        case State::not_asked:
            return 1;
        case State::met:
            break;
    }
    return 0;
}

bool meets(const Criterion& c, double value, double threshold) {
    return c.at_least ? value >= threshold : value <= threshold;
}

/// One place's verdicts on one part.
class Part {
 public:
    Part(const std::vector<Verdict>& all, const std::vector<size_t>& of) {
        for (const size_t i : of) verdicts_.push_back(&all[i]);
        for (const auto* v : verdicts_)
            for (const auto& t : v->criterion->thresholds)
                if (std::ranges::find(levels_, t.level) == levels_.end()) levels_.push_back(t.level);
    }
    void conclude(Conclusion& out) const {
        if (std::ranges::any_of(verdicts_, [](const auto* v) { return !v->answered(); })) return;
        const size_t worst = reached([](const Verdict&v) { return v.criterion->at_least ? v.low : v.high; }),
                     best = reached([](const Verdict&v) { return v.criterion->at_least ? v.high : v.low; }),
                     now = reached([](const Verdict&v) { return v.value; });
        out.state = worst > 0 ? State::met : best > 0 ? State::undecided : State::not_met;
        if (worst > 0) out.level = levels_[worst - 1];
        if (best > worst) out.perhaps = levels_[std::max(now, worst + 1) - 1];
    }

 private:
    // How many levels, from the easiest, all of the criteria that have them reach.
    template <class Value>
    size_t reached(Value&& value) const {
        size_t n = 0;
        for (; n < levels_.size(); ++n)
            for (const auto* v : verdicts_)
                for (const auto& t : v->criterion->thresholds)
                    if (t.level == levels_[n] && !meets(*v->criterion, value(*v), t.value)) return n;
        return n;
    }
    std::vector<const Verdict*> verdicts_;
    std::vector<std::string> levels_;
};

void conclude_one(const Verdict& v, Conclusion& out) {
    out.state = v.state;
    if (v.reached) out.level = v.level, out.points = v.points;
    out.optional = v.criterion->optional;
}

// Of alternatives one is enough: a criterion alone, or all of a part together.
void conclude_either(const std::vector<Verdict>& all, Conclusion& out) {
    std::map<std::string, std::vector<size_t>> ways;
    for (const size_t i : out.verdicts) {
        const Criterion& c = *all[i].criterion;
        ways[c.part.empty() ? "\n" + c.id : c.part].push_back(i);
    }
    const auto rank = [](const Conclusion& c) {
        return c.state == State::met ? 0 : c.state == State::not_asked ? 2 : c.state == State::not_met ? 3 : 1;
    };
    std::optional<Conclusion> best;
    for (const auto& [name, verdicts] : ways) {
        Conclusion way = out;
        if (name.starts_with('\n'))
            conclude_one(all[verdicts.front()], way);
        else
            Part(all, verdicts).conclude(way);
        if (!best || rank(way) < rank(*best)) best = std::move(way);
    }
    if (best) out = std::move(*best);
}

size_t count(const std::vector<Conclusion>& all, State state) {
    return static_cast<size_t>(
        std::ranges::count_if(all, [&](const Conclusion& c) { return c.state == state && !c.optional; }));
}

double most_points(const CriteriaSet& set) {
    double most = 0;
    for (const Criterion& c : set.criteria)
        for (const Threshold& t : c.thresholds) most = std::max(most, t.points);
    return most;
}

// "high: 1", "minimum: 3": how many reach a level, from the hardest.
std::vector<std::string> by_level(const CriteriaSet& set, const std::vector<Conclusion>& all) {
    const auto levels = levels_of(set);
    std::vector<std::string> out;
    for (auto level = levels.rbegin(); level != levels.rend(); ++level) {
        if (*level == "met") continue;
        const auto n = std::ranges::count_if(
            all, [&](const Conclusion& c) { return c.level == *level && c.state == State::met && !c.optional; });
        if (n > 0) out.push_back(fmt::format("{}: {}", *level, n));
    }
    return out;
}

}  // namespace

State graver(State a, State b) { return gravity(b) > gravity(a) ? b : a; }

std::vector<Conclusion> conclude(const std::vector<Verdict>& verdicts) {
    std::vector<Conclusion> out;
    const auto group_of = [](const Criterion& c) {
        return !c.either.empty() ? c.either : !c.part.empty() ? c.part : c.name;
    };
    for (size_t i = 0; i < verdicts.size(); ++i) {
        const Verdict& v = verdicts[i];
        const std::string name = group_of(*v.criterion);
        const auto same = std::ranges::find_if(
            out, [&](const Conclusion& c) { return c.name == name && c.subject == v.subject && c.room == v.room; });
        const bool joined_with = !v.criterion->part.empty() || !v.criterion->either.empty();
        if (joined_with && same != out.end())
            same->verdicts.push_back(i);
        else
            out.push_back({name, v.subject, v.room, v.floor_area, State::not_asked, "", "", 0, false, {i}});
    }
    for (Conclusion& c : out) {
        const Criterion& first = *verdicts[c.verdicts.front()].criterion;
        if (!first.either.empty())
            conclude_either(verdicts, c);
        else if (!first.part.empty())
            Part(verdicts, c.verdicts).conclude(c);
        else
            conclude_one(verdicts[c.verdicts.front()], c);
    }
    return out;
}

namespace {

// Where a share of the floor area is enough: what is met in it, and what may be met yet.
void judge_floor_share(const CriteriaSet& set, const std::vector<Conclusion>& all, SetOutcome& out) {
    struct Room {
        State state = State::met;
        double area = 0;
    };
    std::map<std::string, Room> rooms;
    for (const Conclusion& c : all) {
        if (c.optional) continue;
        Room& room = rooms[c.room.empty() ? "\n" + c.subject : c.room];
        room.state = graver(room.state, c.state);
        room.area = std::max(room.area, c.floor_area);
    }
    double met = 0, open = 0, floor = 0;
    State of_open = State::not_asked;
    for (const auto& [id, room] : rooms) {
        floor += room.area;
        if (room.state == State::met) met += room.area;
        if (room.state == State::met || room.state == State::not_met) continue;
        open += room.area;
        of_open = graver(of_open, room.state);
    }
    if (floor <= 0) return;
    const double needed = set.floor_share * floor * (1 - 1e-9);
    out.state = met >= needed ? State::met : met + open >= needed ? of_open : State::not_met;
    out.words.push_back(
        fmt::format("met on {:.0f} % of the floor area, {:.0f} % needed", 100 * met / floor, 100 * set.floor_share));
}

}  // namespace

SetOutcome outcome_of(const CriteriaSet& set, const std::vector<Conclusion>& all) {
    SetOutcome out;
    out.most_points = most_points(set);
    bool any = false;
    for (const Conclusion& c : all) {
        out.points = std::max(out.points, c.state == State::not_asked ? 0 : c.points);
        if (c.optional) continue;
        ++out.required;
        out.met += c.state == State::met;
        out.state = any ? graver(out.state, c.state) : c.state;
        any = true;
    }
    if (!any) {
        out.words = {"judges no room"};
        return out;
    }
    const auto say = [&](State state) {
        if (const size_t n = count(all, state); n > 0)
            out.words.push_back(fmt::format("{}: {}", state_words(state), n));
    };
    if (out.most_points > 0 && out.state != State::not_asked)
        out.words.push_back(fmt::format("{:g} of {:g} points", out.points, out.most_points));
    else if (out.met == out.required)
        out.words.push_back(out.required == 1 ? "met" : fmt::format("all {} met", out.required));
    else
        out.words.push_back(fmt::format("{} of {} met", out.met, out.required));
    if (set.floor_share > 0) judge_floor_share(set, all, out);
    if (out.most_points == 0)
        for (auto& words : by_level(set, all)) out.words.push_back(std::move(words));
    for (const State state : {State::needs_note, State::undecided, State::not_asked}) say(state);
    return out;
}

std::vector<std::string> assumptions_of(const model::Project& project, const geometry::Surfaces& surfaces,
                                        const climate::WeatherYear* weather) {
    std::vector<std::string> out;
    if (weather == nullptr) out.emplace_back("there is no weather file");
    if (weather != nullptr && weather->made_up) out.emplace_back(climate::kNoCertificate);
    std::vector<std::string> parts;
    for (const auto& surface : surfaces.surfaces) {
        const auto* material = model::find(project.materials, surface.material);
        if (surface.element == geometry::Element::ground || (material != nullptr && !material->assumed)) continue;
        const std::string part = model::part_name(surface.part);
        if (std::ranges::find(parts, part) == parts.end()) parts.push_back(part);
    }
    if (!parts.empty()) out.push_back("finishes that nobody chose: " + joined(parts));
    if (project.site.dirt <= 0) out.emplace_back("panes stay clean: dirt takes nothing");
    return out;
}

}  // namespace wp::rule
