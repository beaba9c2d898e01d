// SPDX-License-Identifier: GPL-3.0-or-later
#include "series/variables.h"

#include <fmt/core.h>

#include <algorithm>
#include <cmath>
#include <optional>
#include <set>
#include <string_view>

#include "base/text.h"
#include "model/project.h"

namespace wp::series {

using namespace model;
using describe::Field;
using describe::FoundNumber;

namespace {

/// A number that nothing is kept of: found from others of an opening, and set by them.
struct Derived {
    const char *number, *label, *meaning;
    double low, high;
    double (*get)(const Opening&);
    void (*set)(Opening&, double);
};

// A window is never less high than this.
constexpr double kLeastHigh = 0.05;

constexpr Derived kDerived[] = {
    {"head", "Head", "above the floor; the sill stays", kLeastHigh, 1e4,
     [](const Opening& o) { return o.sill + o.height; },
     [](Opening& o, double v) { o.height = std::max(kLeastHigh, v - o.sill); }},
    {"sill_under_head", "Sill, under the same head", "above the floor; the head stays", 0, 1e4,
     [](const Opening& o) { return o.sill; },
     [](Opening& o, double v) {
         const double head = o.sill + o.height;
         o.sill = std::clamp(v, 0.0, std::max(0.0, head - kLeastHigh));
         o.height = head - o.sill;
     }},
};

const Derived* find_derived(const std::string& type, std::string_view number) {
    if (type != "opening") return nullptr;
    const auto at = std::ranges::find(kDerived, number, [](const Derived& d) { return std::string_view(d.number); });
    return at != std::end(kDerived) ? &*at : nullptr;
}

// Numbers that say where something is drawn, or are no measure of anything that is built.
bool may_vary(const FoundNumber& n) {
    static constexpr std::string_view never[] = {"edge", "surface", "time_zone", "latitude", "longitude", "number"};
    const std::string_view key = n.place.number;
    return *n.field.label != 0 && std::ranges::find(never, key) == std::end(never) && n.field.bears != 0 &&
           n.place.type != "view" && n.place.type != "dimension";
}

std::string label_of(const FoundNumber& n) {
    if (n.place.type == "site" && n.place.number == "north") return "Turn of the whole building";
    return n.part.empty() || n.place.number.find('/') == std::string::npos
               ? n.field.label
               : fmt::format("{}, {}", n.part, n.field.label);
}

std::string whole_name(const std::string& type) { return type == "site" ? "Site" : "The whole building"; }

/// Those of one kind of elements, joined where they are of the same number.
class Joined {
 public:
    void add(const FoundNumber& n) {
        Variable* there = find(n.place.type, n.place.number);
        if (there == nullptr) {
            all_.push_back({n.place.type, n.place.number, {}, {}, label_of(n), n.field, n.is_whole, n.value, false});
            there = &all_.back();
        }
        join(*there, n.place.id, n.name, n.value);
    }
    void add(const Opening& o) {
        for (const Derived& d : kDerived) {
            Variable* there = find("opening", d.number);
            if (there == nullptr) {
                const Field field{.key = d.number,
                                  .label = d.label,
                                  .meaning = d.meaning,
                                  .unit = describe::unit::metre,
                                  .low = d.low,
                                  .high = d.high};
                all_.push_back({"opening", d.number, {}, {}, d.label, field, false, d.get(o), false});
                there = &all_.back();
            }
            join(*there, o.id, o.name.empty() ? o.id : o.name, d.get(o));
        }
    }
    std::vector<Variable> take() {
        for (Variable& v : all_)
            if (v.elements.empty()) v.of = whole_name(v.type);
        return std::move(all_);
    }

 private:
    Variable* find(std::string_view type, std::string_view number) {
        const auto at =
            std::ranges::find_if(all_, [&](const Variable& v) { return v.type == type && v.number == number; });
        return at != all_.end() ? &*at : nullptr;
    }
    static void join(Variable& v, const Id& id, const std::string& name, double value) {
        v.differs = v.differs || std::fabs(value - v.value) > 1e-9;
        if (id.empty()) return;
        v.elements.push_back(id);
        v.of += (v.of.empty() ? "" : ", ") + name;
    }
    std::vector<Variable> all_;
};

// Materials that elements name, or have by type.
std::set<Id> materials_of(const Project& project, const Option& option, const std::set<Id>& elements) {
    std::set<Id> out;
    const auto take = [&](Part part, const Id& own, const Id& of_room = {}) {
        const Finish finish = finish_of(project, option, part, own, of_room);
        if (!finish.id.empty()) out.insert(finish.id);
    };
    for (const Storey& storey : option.storeys) {
        for (const Room& room : storey.rooms) {
            const bool whole = elements.contains(room.id);
            if (whole) {
                take(Part::floor, room.floor);
                take(Part::wall, room.walls);
                take(Part::ceiling, room.ceiling);
            }
            for (const Opening& o : room.openings) {
                if (!whole && !elements.contains(o.id)) continue;
                take(o.kind == Opening::Kind::window ? Part::glazing : Part::door, o.glazing);
                take(Part::reveal, o.reveals);
                if (!o.blind_material.empty()) out.insert(o.blind_material);
            }
        }
        for (const Rooflight& light : storey.rooflights)
            if (elements.contains(light.id)) take(Part::rooflight, light.glazing);
    }
    for (const Block& b : option.blocks)
        if (elements.contains(b.id) && !b.material.empty()) out.insert(b.material);
    for (const Thing& t : option.things)
        if (elements.contains(t.id) && !t.material.empty()) out.insert(t.material);
    return out;
}

template <class See>
void each_opening(const Option& option, See&& see) {
    for (const Storey& storey : option.storeys)
        for (const Room& room : storey.rooms)
            for (const Opening& o : room.openings) see(o);
}

}  // namespace

std::vector<Variable> variables_of(const Project& project, const Option& option, const std::vector<Id>& elements) {
    const std::set<Id> wanted(elements.begin(), elements.end()), materials = materials_of(project, option, wanted);
    Joined own, matter, whole;
    const auto numbers = describe::numbers_of(project, option);
    for (const FoundNumber& n : numbers) {
        if (!may_vary(n)) continue;
        if (n.place.type == "site" || n.place.type == "option")
            whole.add(n);
        else if (n.place.type == "material" ? materials.contains(n.place.id) : wanted.contains(n.place.id))
            (n.place.type == "material" ? matter : own).add(n);
    }
    each_opening(option, [&](const Opening& o) {
        if (wanted.contains(o.id)) own.add(o);
    });
    std::vector<Variable> out = own.take();
    // Materials are one by one: glass of two kinds is not varied together unasked.
    for (const Variable& v : matter.take())
        for (const Id& id : v.elements)
            for (const FoundNumber& n : numbers)
                if (n.place == describe::NumberPlace{"material", id, v.number}) {
                    Joined one;
                    one.add(n);
                    for (Variable& single : one.take()) out.push_back(std::move(single));
                }
    for (Variable& v : whole.take()) out.push_back(std::move(v));
    return out;
}

Result<Variable> variable_of(const Project& project, const Option& option, const VariedNumber& varied) {
    const std::set<Id> wanted(varied.elements.begin(), varied.elements.end());
    Joined joined;
    if (find_derived(varied.type, varied.number) != nullptr)
        each_opening(option, [&](const Opening& o) {
            if (wanted.contains(o.id)) joined.add(o);
        });
    else
        for (const FoundNumber& n : describe::numbers_of(project, option))
            if (n.place.type == varied.type && n.place.number == varied.number &&
                (n.place.id.empty() ? wanted.empty() : wanted.contains(n.place.id)))
                joined.add(n);
    for (Variable& v : joined.take())
        if (v.number == varied.number && v.elements.size() == wanted.size()) return std::move(v);
    return Fault{varied.number,
                 varied.elements.empty()
                     ? fmt::format("the {} of this option has no such number", varied.type)
                     : fmt::format("{} {} has no such number in this option", varied.type, wp::joined(varied.elements)),
                 "Choose a number that all of them have"};
}

bool set(Project& project, Option& option, const VariedNumber& varied, double value) {
    if (const Derived* derived = find_derived(varied.type, varied.number)) {
        for (const Id& id : varied.elements) {
            const auto place = find_opening(option, id);
            if (!place) return false;
            derived->set(*place.opening, std::clamp(value, derived->low, derived->high));
        }
        return !varied.elements.empty();
    }
    if (varied.elements.empty()) return describe::set_number(project, option, {varied.type, {}, varied.number}, value);
    for (const Id& id : varied.elements) {
        const auto before = find_opening(option, id);
        const double width = before ? before.opening->width : 0;
        if (!describe::set_number(project, option, {varied.type, id, varied.number}, value)) return false;
        if (before && varied.number == "width")
            before.opening->along = std::max(0.0, before.opening->along - (before.opening->width - width) / 2);
    }
    return true;
}

VariedNumber offered(const Variable& v) {
    VariedNumber out{v.type, v.elements, v.number, 0, 0, 5};
    const std::string_view unit = v.field.unit;
    double span = std::max(std::fabs(v.value) / 2, 0.1);
    if (unit == describe::unit::degree) span = 40;
    if (unit == describe::unit::share) span = 0.2;
    if (v.is_whole) span = 2;
    out.from = std::max(v.field.low, v.value - span);
    out.to = std::min(v.field.high, v.value + span);
    const double grain = v.is_whole || unit == describe::unit::degree ? 1 : unit == describe::unit::share ? 0.01 : 0.05;
    out.from = std::max(v.field.low, std::round(out.from / grain) * grain);
    out.to = std::min(v.field.high, std::round(out.to / grain) * grain);
    if (v.is_whole) out.steps = std::clamp(static_cast<int>(out.to - out.from) + 1, 2, 5);
    return out;
}

}  // namespace wp::series
