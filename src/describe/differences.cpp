// SPDX-License-Identifier: GPL-3.0-or-later
#include "describe/differences.h"

#include <fmt/core.h>

#include <algorithm>
#include <cmath>
#include <functional>
#include <map>
#include <string_view>
#include <utility>

#include "base/text.h"
#include "describe/describe.h"

namespace wp::describe {
using namespace model;

namespace {

struct Value {
    std::string label, exact, words;  ///< exact: what is compared
};

struct Element {
    std::string type;
    std::string kind{};
    Id id{};
    std::string name{};
    size_t holder = 0;                ///< index; of the option itself its own
    std::vector<std::string> keys{};  ///< of values, in their order
    std::map<std::string, Value> by_key{};
    bool has_id() const { return !id.empty(); }
};

std::string corners_words(const std::vector<Vec2>& corners) {
    double twice = 0;
    for (size_t i = 0; i < corners.size(); ++i) twice += cross(corners[i], corners[(i + 1) % corners.size()]);
    return fmt::format("{} corners, {:.2f} m²", corners.size(), std::fabs(twice) / 2);
}

std::string number_words(const Field& f, double v) {
    const std::string_view unit = f.unit;
    if (unit == unit::metre) return fmt::format("{:.2f} m", v);
    if (unit == unit::degree) return fmt::format("{:.4g}°", v);
    if (unit == unit::share) return fmt::format("{:.4g} %", 100 * v);
    return unit.empty() ? fmt::format("{:.6g}", v) : fmt::format("{:.6g} {}", v, unit);
}

/// Lists all elements of an option with their values.
class Elements : public Describer {
 public:
    explicit Elements(const std::vector<Material>& materials) : materials_(materials) { all_.push_back({"option"}); }
    /// By what tells them apart, in their order.
    const std::vector<std::string>& order() const { return order_; }
    const Element& at(const std::string& key) const { return all_[known_.at(key)]; }
    bool has(const std::string& key) const { return known_.contains(key); }
    const Element& holder_of(const Element& e) const { return all_[e.holder]; }
    /// Once all is walked over: an element's id is known only when it was.
    void finish() {
        std::map<std::string, size_t> numbers;
        std::vector<std::string> keys(all_.size());
        for (size_t i = 0; i < all_.size(); ++i) {
            const Element& e = all_[i];
            std::string key = e.has_id() ? e.type + ":" + e.id : keys[e.holder] + "/" + e.type + ":" + e.kind;
            if (const size_t n = numbers[key]++; n > 0) key += fmt::format("#{}", n);
            keys[i] = key;
            known_.emplace(key, i);
            order_.push_back(std::move(key));
        }
    }

    void text(const Field& f, std::string& v) override {
        Element& e = all_[now_];
        const std::string_view key = f.key;
        if (path_.empty() && key == "id" && now_ > 0) return void(e.id = v);
        if (path_.empty() && key == "name") e.name = v;
        if (now_ == 0 && path_.empty() && (key == "id" || key == "name" || key == "note")) return;
        add(f, v, v);
    }
    void texts(const Field& f, std::vector<std::string>& v) override { add(f, joined(v), joined(v)); }
    void number(const Field& f, double& v) override { add(f, fmt::format("{:.9g}", v), number_words(f, v)); }
    void numbers(const Field& f, std::vector<double>& v) override {
        std::vector<std::string> words;
        for (const double one : v) words.push_back(number_words(f, one));
        add(f, joined(words), joined(words));
    }
    void whole(const Field& f, int& v) override { add(f, fmt::format("{}", v), fmt::format("{}", v)); }
    void seed(const Field& f, unsigned& v) override { add(f, fmt::format("{}", v), fmt::format("{}", v)); }
    void flag(const Field& f, bool& v) override { add(f, v ? "1" : "0", v ? "yes" : "no"); }
    void point(const Field& f, Vec2& v) override {
        add(f, fmt::format("{:.6g} {:.6g}", v.x, v.y), fmt::format("({:.2f}, {:.2f}) m", v.x, v.y));
    }
    void optional_point(const Field& f, Vec2& v, bool& present) override {
        if (present) point(f, v);
    }
    void triple(const Field& f, Vec3& v) override {
        add(f, fmt::format("{:.6g} {:.6g} {:.6g}", v.x, v.y, v.z),
            fmt::format("({:.2f}, {:.2f}, {:.2f})", v.x, v.y, v.z));
    }
    void polygon(const Field& f, std::vector<Vec2>& v) override {
        std::string exact;
        for (const Vec2& p : v) exact += fmt::format("{:.6g} {:.6g} ", p.x, p.y);
        add(f, exact, v.empty() ? "" : corners_words(v));
    }
    void word(const Field& f, int& v, std::span<const Word> words) override {
        for (const Word& w : words)
            if (w.value == v) {
                const std::string said = *w.label != 0 ? w.label : w.word;
                add(f, w.word, said);
                if (path_.empty() && std::string_view(f.key) == "kind") all_[now_].kind = w.word;
            }
    }
    void object(const Field& f, const char* type, bool& present, const Visit& visit) override {
        // Blinds of which a file says nothing are worked as usual.
        if (!present && std::string_view(type) != "blind_control") return;
        const std::string before = path_;
        path_ += std::string(f.key) + ".";
        visit(*this);
        path_ = before;
    }
    void items(const Field&, const char* type, Items& items) override {
        if (std::string_view(type) == "view" || std::string_view(type) == "dimension") return;
        const size_t holder = now_;
        const std::string path = std::exchange(path_, {});
        for (size_t i = 0; i < items.size(); ++i) {
            now_ = all_.size();
            all_.push_back({type, {}, {}, {}, holder, {}, {}});
            items.visit(i, *this);
        }
        now_ = holder;
        path_ = path;
    }
    void material(const Field& f, Id& id) override {
        const Material* found = find(materials_, id);
        add(f, id, found != nullptr ? found->name : id.empty() ? "by type" : id);
    }
    void materials(const Field& f, std::vector<Id>& ids) override {
        std::vector<std::string> names;
        for (const Id& id : ids)
            if (const Material* found = find(materials_, id)) names.push_back(found->name);
        add(f, joined(ids), joined(names));
    }

 private:
    void add(const Field& f, std::string exact, std::string words) {
        Element& e = all_[now_];
        const std::string key = path_ + f.key;
        if (e.by_key
                .try_emplace(key, Value{*f.label != 0 ? f.label : readable(f.key), std::move(exact), std::move(words)})
                .second)
            e.keys.push_back(key);
    }
    // A value without a label of its own: what files call it.
    static std::string readable(std::string key) {
        std::ranges::replace(key, '_', ' ');
        if (!key.empty()) key.front() = static_cast<char>(std::toupper(static_cast<unsigned char>(key.front())));
        return key;
    }

    const std::vector<Material>& materials_;
    std::vector<Element> all_;
    std::vector<std::string> order_;
    std::map<std::string, size_t> known_;
    size_t now_ = 0;
    std::string path_;  // of objects within the element
};

Elements elements_of(const Project& project, const Option& option) {
    Elements out(project.materials);
    describe_const(out, option);
    out.finish();
    return out;
}

std::string name_of(const Element& e) { return !e.name.empty() ? e.name : e.id; }

// An element, or what stands for it: the nearest that has an id.
Difference begin(Difference::What what, const Elements& in, const Element& e) {
    Difference out;
    out.what = what;
    out.type = e.type;
    const Element* own = &e;
    if (!e.has_id() && e.type != "option") {
        out.part = !e.kind.empty() ? e.kind : e.type;
        std::ranges::replace(out.part, '_', ' ');
        while (!own->has_id() && own->type != "option") own = &in.holder_of(*own);
    }
    out.id = own->id;
    out.owner = own->type;
    out.name = name_of(*own);
    if (const Element& holder = in.holder_of(*own); holder.has_id()) out.within = name_of(holder);
    return out;
}

std::vector<DifferingValue> differing(const Element& was, const Element& is) {
    std::vector<DifferingValue> out;
    const auto take = [&](const std::string& key) {
        const auto a = was.by_key.find(key), b = is.by_key.find(key);
        const bool has_a = a != was.by_key.end(), has_b = b != is.by_key.end();
        if (has_a && has_b && a->second.exact == b->second.exact) return;
        DifferingValue v{has_b ? b->second.label : a->second.label, has_a ? a->second.words : "",
                         has_b ? b->second.words : ""};
        // As much of it as can be said is the same.
        if (v.was == v.is) v.is = has_a && has_b ? "moved" : v.is;
        out.push_back(std::move(v));
    };
    for (const auto& key : is.keys) take(key);
    for (const auto& key : was.keys)
        if (!is.by_key.contains(key)) take(key);
    return out;
}

}  // namespace

std::vector<Difference> differences(const Project& project, const Option& was, const Option& is) {
    const Elements a = elements_of(project, was), b = elements_of(project, is);
    std::vector<Difference> out;
    const auto holder_is_new = [](const Elements& in, const Elements& other, const Element& e) {
        const Element& holder = in.holder_of(e);
        return holder.has_id() && !other.has(holder.type + ":" + holder.id);
    };
    for (const auto& key : b.order()) {
        const Element& e = b.at(key);
        if (!a.has(key)) {
            // What comes with a new room is not told one by one.
            if (!holder_is_new(b, a, e)) out.push_back(begin(Difference::What::added, b, e));
            continue;
        }
        auto values = differing(a.at(key), e);
        if (values.empty()) continue;
        out.push_back(begin(Difference::What::changed, b, e));
        out.back().values = std::move(values);
    }
    for (const auto& key : a.order())
        if (const Element& e = a.at(key); !b.has(key) && !holder_is_new(a, b, e))
            out.push_back(begin(Difference::What::removed, a, e));
    return out;
}

namespace {

bool are_alike(const Difference& a, const Difference& b) {
    return a.what == b.what && a.type == b.type && a.part == b.part && a.owner == b.owner && a.values == b.values &&
           (a.what == Difference::What::changed || !a.part.empty() || a.within == b.within);
}

// Value by value, so that what many share is told once.
std::vector<Difference> value_by_value(const std::vector<Difference>& all) {
    std::vector<Difference> out;
    for (const Difference& one : all) {
        if (one.what != Difference::What::changed) {
            out.push_back(one);
            continue;
        }
        for (const auto& v : one.values) {
            out.push_back(one);
            out.back().values = {v};
        }
    }
    return out;
}

bool of_the_same(const DifferenceGroup& a, const DifferenceGroup& b) {
    const auto is_same = [](const Difference& x, const Difference& y) {
        return x.what == Difference::What::changed && y.what == x.what && x.owner == y.owner && x.id == y.id &&
               x.part == y.part;
    };
    return std::ranges::equal(a.all, b.all, is_same);
}

}  // namespace

std::vector<DifferenceGroup> grouped(const std::vector<Difference>& all) {
    std::vector<DifferenceGroup> alike;
    for (Difference& one : value_by_value(all)) {
        const auto like =
            std::ranges::find_if(alike, [&](const DifferenceGroup& g) { return are_alike(g.all.front(), one); });
        if (like != alike.end())
            like->all.push_back(std::move(one));
        else
            alike.push_back({{std::move(one)}});
    }
    // What the same elements have otherwise is one line.
    std::vector<DifferenceGroup> out;
    for (DifferenceGroup& group : alike) {
        const auto same = std::ranges::find_if(out, [&](const DifferenceGroup& g) { return of_the_same(g, group); });
        if (same == out.end()) {
            out.push_back(std::move(group));
            continue;
        }
        for (size_t i = 0; i < group.all.size(); ++i)
            same->all[i].values.push_back(std::move(group.all[i].values.front()));
    }
    // What bears on most comes first: all of it, then many.
    std::ranges::stable_sort(out, std::greater(), [](const DifferenceGroup& g) {
        return std::pair(g.all.front().owner == "option", g.all.size());
    });
    return out;
}

std::string count_words(const std::string& type, size_t count) {
    std::string word = type;
    std::ranges::replace(word, '_', ' ');
    return count == 1 ? word : fmt::format("{} {}s", count, word);
}

std::vector<std::string> distinct_names(const DifferenceGroup& group) {
    std::vector<std::string> names;
    for (const Difference& d : group.all)
        if (std::ranges::find(names, d.name) == names.end()) names.push_back(d.name);
    return names;
}

std::string names_of(const DifferenceGroup& group) {
    const auto names = distinct_names(group);
    return names.size() <= kMostNamed ? joined(names) : count_words(group.all.front().owner, names.size());
}

std::string words_of(const DifferenceGroup& group) {
    const Difference& first = group.all.front();
    const std::string names = first.type == "option" ? "The whole building" : names_of(group);
    const std::string what = first.part.empty() ? names : first.part;
    if (first.what != Difference::What::changed) {
        const bool added = first.what == Difference::What::added;
        if (!first.part.empty()) return fmt::format("{} {} {}", what, added ? "added to" : "removed from", names);
        return first.within.empty() ? fmt::format("{} {}", what, added ? "added" : "removed")
                                    : fmt::format("{} {} {}", what, added ? "added in" : "removed from", first.within);
    }
    std::vector<std::string> values;
    for (const auto& v : first.values)
        values.push_back(fmt::format("{} {} → {}", v.label, v.was.empty() ? "–" : v.was, v.is.empty() ? "–" : v.is));
    return fmt::format("{}{}: {}", names, first.part.empty() ? "" : ", " + first.part, joined(values));
}

}  // namespace wp::describe
