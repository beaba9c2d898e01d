// SPDX-License-Identifier: GPL-3.0-or-later
#include "rule/verdicts.h"

#include <fmt/core.h>

#include <algorithm>
#include <cmath>
#include <map>

#include "base/log.h"
#include "base/text.h"
#include "question/ask.h"
#include "rule/room_floor.h"

namespace wp::rule {

namespace {

using figure::Band;
using Judges = Criterion::Judges;

bool applies(const Criterion& c, const Subject& s) {
    return s.occupied && wants_room(c, s.use, s.regularly_occupied) &&
           (c.lit_by == Criterion::LitBy::any || c.lit_by == s.lit_by);
}

// A room as one criterion sees it: the planes that fit, and why others do not.
struct RoomCase {
    std::string name;
    std::vector<size_t> fitting;
    std::string misfit;
};

/// One criterion on one case.
class Evaluation {
 public:
    Evaluation(const Criterion& criterion, const Case& judged)
        : c_(criterion),
          case_(judged),
          measure_(*measure_of(criterion)),
          wanted_(wanted_of(criterion)),
          now_(narrowed(judged.answers)) {
        if (judged.former) former_ = narrowed(*judged.former);
        sort_rooms();
    }

    std::vector<Verdict> run() {
        switch (c_.judges) {
            case Judges::rooms:
                for (const auto& id : order_) judge_room(id);
                break;
            case Judges::floor_area:
                judge_floor();
                break;
            case Judges::places:
                judge_places();
                break;
            case Judges::best_place:
                for (const auto& room : wanted_rooms()) judge_best_place(room);
                break;
            case Judges::option:
                judge_option();
                break;
            case Judges::open_ground:
                judge_open_ground();
                break;
        }
        return std::move(out_);
    }

 private:
    // The answers as the criterion wants them asked; table: that one alone.
    figure::Answers narrowed(const figure::Answers& all) {
        figure::Answers own = all;
        const Need* need = find_need(c_.asks);
        if (need == nullptr || need->make == nullptr) return own;
        own.tables.clear();
        if (!case_.of) return own;
        if (const auto* table = asked_as(*need, need->kind, all, *case_.of)) own.tables[need->kind] = table;
        return own;
    }
    const question::PointTable* table() const {
        const auto found = now_.tables.find(kind_of(c_));
        return found == now_.tables.end() ? nullptr : found->second;
    }

    void sort_rooms() {
        for (size_t p = 0; p < case_.subjects.size(); ++p) {
            const Subject& s = case_.subjects[p];
            if (!applies(c_, s) || s.plane.points.empty()) continue;
            // What stands in no room is a place of its own.
            const model::Id id = s.plane.room.empty() ? "\n" + s.name : s.plane.room;
            auto [it, is_new] = rooms_.try_emplace(id);
            if (is_new) {
                it->second.name = s.room.empty() ? s.name : s.room;
                order_.push_back(id);
            }
            const std::string why = c_.has_plane ? misfit(c_.plane, s) : "";
            if (why.empty())
                it->second.fitting.push_back(p);
            else if (it->second.misfit.empty())
                it->second.misfit = "\"" + s.name + "\" is not the plane that the rule judges: " + why;
        }
        // Rooms that nobody has put a plane into.
        for (const RoomFacts& r : case_.rooms) {
            if (rooms_.contains(r.room) || has_plane(r.room) || !wants_room(c_, r.use, r.regularly_occupied)) continue;
            if (c_.lit_by != Criterion::LitBy::any) continue;
            rooms_[r.room] = {r.name, {}, "it has no reference plane"};
            order_.push_back(r.room);
        }
    }
    bool has_plane(const model::Id& room) const {
        return std::ranges::any_of(case_.subjects, [&](const Subject& s) { return s.plane.room == room; });
    }
    std::vector<RoomFacts> wanted_rooms() const {
        std::vector<RoomFacts> out;
        for (const RoomFacts& r : case_.rooms)
            if (wants_room(c_, r.use, r.regularly_occupied)) out.push_back(r);
        return out;
    }

    std::optional<Band> found(const figure::Answers& answers, size_t p) const {
        return measure_.find(answers, case_.subjects[p].plane, p, wanted_);
    }

    // Of planes in one room: shares by their area, else the one that is worst off.
    std::optional<Band> of_room(const figure::Answers& answers, const RoomCase& room) const {
        std::optional<Band> worst;
        RoomFloor floor;
        for (const size_t p : room.fitting) {
            const auto band = found(answers, p);
            if (!band) return {};
            floor.add(case_.subjects[p].plane, *band);
            if (!worst || (c_.at_least ? band->value < worst->value : band->value > worst->value)) worst = band;
        }
        if (!worst || !measure_.is_share || room.fitting.size() == 1) return worst;
        return floor.mean();
    }

    void judge_room(const model::Id& id) {
        const RoomCase& room = rooms_[id];
        Verdict v = begin(room.name);
        v.room = id.starts_with('\n') ? model::Id() : id;
        v.floor_area = floor_of(id);
        if (room.fitting.empty()) return refuse(std::move(v), room.misfit);
        const Subject& subject = case_.subjects[room.fitting.front()];
        v.plane = subject.plane.plane;
        add_remarks(v, room);
        const auto band = of_room(now_, room);
        const auto before = former_ ? of_room(*former_, room) : std::nullopt;
        finish(std::move(v), band, before, subject.glare_note);
    }

    void judge_floor() {
        Band sum{0, 0, 0};
        double floor = 0, open = 0;
        std::vector<std::string> missing, misfits;
        Verdict v = begin("Regularly occupied floor area");
        for (const auto& id : order_) {
            const RoomCase& room = rooms_[id];
            const auto band = of_room(now_, room);
            if (!band) {
                missing.push_back(room.name);
                if (!room.misfit.empty()) misfits.push_back(room.name + ": " + room.misfit);
                open += floor_of(id);
                continue;
            }
            add_remarks(v, room);
            const double area = floor_of(id);
            sum = {sum.value + area * band->value, sum.low + area * band->low, sum.high + area * band->high};
            floor += area;
        }
        if (order_.empty()) return;
        if (!missing.empty() && missing.size() < order_.size())
            v.remarks.push_back(
                fmt::format("asked on {} of {} regularly occupied rooms ({:.0f} of {:.0f} m²): {} missing",
                            order_.size() - missing.size(), order_.size(), floor, floor + open, joined(missing)));
        v.remarks.insert(v.remarks.end(), misfits.begin(), misfits.end());
        if (!missing.empty() || floor <= 0) {
            if (floor > 0) v.value = sum.value / floor, v.low = sum.low / floor, v.high = sum.high / floor;
            return refuse(std::move(v), misfits.empty() ? "" : misfits.front());
        }
        finish(std::move(v), Band{sum.value / floor, sum.low / floor, sum.high / floor}, {}, "");
    }
    double floor_of(const model::Id& id) const {
        const RoomCase& room = rooms_.at(id);
        for (const size_t p : room.fitting)
            if (case_.subjects[p].floor_area > 0) return case_.subjects[p].floor_area;
        for (const RoomFacts& r : case_.rooms)
            if (r.room == id) return r.floor_area;
        RoomFloor floor;
        for (const size_t p : room.fitting) floor.add(case_.subjects[p].plane, {});
        return room.fitting.empty() ? 0 : floor.area();
    }

    // Windows, by the table that has them.
    void judge_places() {
        const auto* windows = table();
        if (windows == nullptr) return refuse(begin("All windows"), "");
        const auto names = case_.option != nullptr ? question::plane_names(*case_.option, windows->planes)
                                                   : std::vector<std::string>(windows->planes.size());
        for (size_t p = 0; p < windows->planes.size(); ++p) {
            const auto& place = windows->planes[p];
            if (!wants_place(place.room) || (c_.sunward && !faces_sun(place))) continue;
            Verdict v = begin(names[p]);
            v.room = place.room;
            v.plane = place.plane;
            finish(std::move(v), measure_.find(now_, place, p, wanted_),
                   former_ ? measure_.find(*former_, place, p, wanted_) : std::nullopt, "");
        }
    }
    // Planes on what is outdoors, facing up, by the table that has them.
    void judge_open_ground() {
        const auto* all = table();
        for (size_t s = 0; s < case_.subjects.size(); ++s) {
            const Subject& ground = case_.subjects[s];
            if (!is_open_ground(ground)) continue;
            Verdict v = begin(ground.name);
            v.plane = ground.plane.plane;
            if (all == nullptr)
                refuse(std::move(v), "");
            else
                finish(std::move(v), found_in(now_, ground), former_ ? found_in(*former_, ground) : std::nullopt, "");
        }
    }
    static bool is_open_ground(const Subject& s) {
        return s.plane.space < 0 && s.plane.room.empty() && s.plane.lies() && s.plane.normal.z > 0;
    }
    std::optional<Band> found_in(const figure::Answers& answers, const Subject& s) const {
        const auto table = answers.tables.find(kind_of(c_));
        if (table == answers.tables.end()) return {};
        const auto& planes = table->second->planes;
        const auto it = std::ranges::find(planes, s.plane.plane, &geometry::PlanePoints::plane);
        if (it == planes.end()) return {};
        return measure_.find(answers, *it, static_cast<size_t>(it - planes.begin()), wanted_);
    }
    // What lies level faces every way.
    bool faces_sun(const geometry::PlanePoints& place) const {
        if (!case_.of || place.lies()) return true;
        const auto& site = case_.of->project->site;
        const double azimuth = std::atan2(place.normal.x, place.normal.y) + site.north * kPi / 180;
        return (site.latitude >= 0 ? -std::cos(azimuth) : std::cos(azimuth)) > -1e-9;
    }
    bool wants_place(const model::Id& room) const {
        if (case_.rooms.empty()) return true;
        const auto it = std::ranges::find(case_.rooms, room, &RoomFacts::room);
        return it != case_.rooms.end() && wants_room(c_, it->use, it->regularly_occupied);
    }

    // None: nobody asked. A room without a window has nothing.
    std::optional<Band> best_of(const model::Id& room, model::Id* where = nullptr) const {
        const auto* windows = table();
        if (windows == nullptr) return {};
        Band best{0, 0, 0};
        for (size_t p = 0; p < windows->planes.size(); ++p) {
            if (windows->planes[p].room != room) continue;
            const auto band = measure_.find(now_, windows->planes[p], p, wanted_);
            if (!band || band->value < best.value) continue;
            best = *band;
            if (where != nullptr) *where = windows->planes[p].plane;
        }
        return best;
    }
    void judge_best_place(const RoomFacts& room) {
        Verdict v = begin(room.name);
        v.room = room.room;
        v.floor_area = room.floor_area;
        const auto band = best_of(room.room, &v.plane);
        if (!v.plane.empty() && case_.option != nullptr)
            v.remarks.push_back("best window: " + question::window_name(*case_.option, v.plane));
        finish(std::move(v), band, {}, "");
    }
    void judge_option() {
        std::optional<Band> best;
        Verdict v = begin("Whole option");
        const auto rooms = wanted_rooms();
        for (const RoomFacts& room : rooms)
            if (const auto band = best_of(room.room); band && (!best || band->value > best->value)) {
                best = band;
                v.room = room.room;
                v.subject = "Best room: " + room.name;
            }
        if (!rooms.empty()) finish(std::move(v), best, {}, "");
    }

    void add_remarks(Verdict& v, const RoomCase& room) const {
        const Subject& s = case_.subjects[room.fitting.front()];
        if (c_.blinds == Criterion::Blinds::lm83 && !s.without_blind.empty())
            add(v, "blinds are missing on " + joined(s.without_blind));
        if (!s.drawn.area.empty()) add(v, "judged on part of " + room.name);
    }
    static void add(Verdict& v, std::string remark) {
        if (std::ranges::find(v.remarks, remark) == v.remarks.end()) v.remarks.push_back(std::move(remark));
    }

    Verdict begin(std::string subject) const {
        Verdict v;
        v.criterion = &c_;
        v.subject = std::move(subject);
        v.threshold = c_.thresholds.front().value;
        v.level = c_.thresholds.front().level;
        return v;
    }
    void refuse(Verdict v, std::string why) {
        v.state = State::not_asked;
        v.why = std::move(why);
        out_.push_back(std::move(v));
    }

    bool meets(double value, double threshold) const { return c_.at_least ? value >= threshold : value <= threshold; }
    // Against how it was: what may be lost, or what must be kept.
    bool keeps(double value, double before) const {
        return (c_.former_share > 0 && value >= c_.former_share * before) ||
               (c_.loss_most >= 0 && before - value <= c_.loss_most);
    }

    void finish(Verdict v, const std::optional<Band>& found, const std::optional<Band>& before,
                const std::string& note) {
        if (!found) return refuse(std::move(v), "");
        v.value = found->value, v.low = found->low, v.high = found->high;
        for (const Threshold& t : c_.thresholds)
            if (meets(v.value, t.value))
                v.reached = true, v.threshold = t.value, v.level = t.level, v.points = t.points;
        v.margin = c_.at_least ? v.value - v.threshold : v.threshold - v.value;
        v.certain = meets(v.low, v.threshold) == v.reached && meets(v.high, v.threshold) == v.reached;
        if (before && (c_.former_share > 0 || c_.loss_most >= 0)) judge_against(v, *before);
        v.state = !v.certain                                    ? State::undecided
                  : v.reached                                   ? State::met
                  : c_.otherwise == Criterion::Otherwise::fails ? State::not_met
                  : note.empty()                                ? State::needs_note
                                                                : State::met;
        if (v.state == State::met && !v.reached) v.remarks.push_back("with a written note");
        out_.push_back(std::move(v));
    }
    // One of the two is enough.
    void judge_against(Verdict& v, const Band& before) {
        v.former = before.value;
        const bool kept = keeps(v.value, before.value);
        const bool kept_for_sure = keeps(v.low, before.high) == kept && keeps(v.high, before.low) == kept;
        if (v.reached && v.certain) return;
        if (kept && kept_for_sure) {
            v.reached = v.certain = true;
            v.level = c_.thresholds.front().level;
            return;
        }
        v.certain = v.certain && kept_for_sure;
        v.reached = v.reached || kept;
    }

    const Criterion& c_;
    const Case& case_;
    const figure::Measure& measure_;
    figure::Wanted wanted_;
    figure::Answers now_;
    std::optional<figure::Answers> former_;
    std::map<model::Id, RoomCase> rooms_;
    std::vector<model::Id> order_;
    std::vector<Verdict> out_;
};

}  // namespace

const char* state_words(State state) {
    switch (state) {
        case State::met:
            return "met";
        case State::not_met:
            return "not met";
        case State::undecided:
            return "undecided";
        case State::needs_note:
            return "needs a note";
        case State::not_asked:
            break;
    }
    return "not asked";
}

std::vector<Verdict> evaluate(const CriteriaSet& set, const Case& judged) {
    std::vector<Verdict> verdicts;
    for (const Criterion& c : set.criteria) {
        auto more = Evaluation(c, judged).run();
        if (!c.doubt.empty())
            for (Verdict& v : more) v.remarks.push_back(c.doubt);
        verdicts.insert(verdicts.end(), std::make_move_iterator(more.begin()), std::make_move_iterator(more.end()));
    }
    log(LogOf::rule, "criteria set {}: {} verdicts", set.id, verdicts.size());
    return verdicts;
}

}  // namespace wp::rule
