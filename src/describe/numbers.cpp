// SPDX-License-Identifier: GPL-3.0-or-later
#include "describe/numbers.h"

#include <fmt/core.h>

#include <algorithm>
#include <cmath>
#include <string_view>
#include <utility>

#include "describe/describe.h"
#include "describe/silent.h"

namespace wp::describe {
using namespace model;

namespace {

/// Walks over all numbers, with the place of each.
class Numbers : public SilentDescriber {
 public:
    /// set: takes what stands there, and may give another value.
    using See = std::function<void(const FoundNumber&, const std::function<void(double)>& set)>;
    Numbers(std::string type, See see) : see_(std::move(see)) { now_.place.type = std::move(type); }

    void text(const Field& f, std::string& v) override {
        const std::string_view key = f.key;
        if (key == "id" && begins_) {
            now_.place.type = type_;
            now_.place.id = v;
            now_.name = v;
            now_.part.clear();
            path_.clear();
            begins_ = false;
        } else if (key == "name" && path_.empty() && !v.empty()) {
            now_.name = v;
        }
    }
    void word(const Field& f, int& v, std::span<const Word> words) override {
        begins_ = false;
        if (path_.empty() || std::string_view(f.key) != "kind") return;
        for (const Word& w : words)
            if (w.value == v) now_.part = *w.label != 0 ? w.label : w.word;
        std::ranges::replace(now_.part, '_', ' ');
    }
    void number(const Field& f, double& v) override {
        begins_ = false;
        tell(f, false, v, [&](double to) { v = within(f, to); });
    }
    void whole(const Field& f, int& v) override {
        begins_ = false;
        tell(f, true, v, [&](double to) { v = static_cast<int>(std::lround(within(f, to))); });
    }
    void object(const Field& f, const char*, bool& present, const Visit& visit) override {
        if (!present) return;
        const std::string before = path_;
        path_ += std::string(f.key) + "/";
        visit(*this);
        path_ = before;
    }
    void items(const Field& f, const char* type, Items& items) override {
        const FoundNumber holder = now_;
        const std::string path = path_, outer = type_;
        for (size_t i = 0; i < items.size(); ++i) {
            type_ = type;
            begins_ = true;
            path_ = fmt::format("{}{}/{}/", path, f.key, i);
            now_.part = type;
            items.visit(i, *this);
            now_ = holder;
        }
        begins_ = false;
        path_ = path;
        type_ = outer;
    }

 private:
    void tell(const Field& f, bool is_whole, double value, const std::function<void(double)>& set) {
        now_.place.number = path_ + f.key;
        now_.field = f;
        now_.is_whole = is_whole;
        now_.value = value;
        see_(now_, set);
    }

    See see_;
    FoundNumber now_;
    std::string path_;     // of what has no id, within the element
    std::string type_;     // of the items that are walked over
    bool begins_ = false;  // an item of which nothing was seen yet
};

void walk(Project& project, Option& option, const Numbers::See& see) {
    Numbers site("site", see), materials("", see), all("option", see);
    describe(site, project.site);
    materials.list({.key = "materials"}, "material", project.materials);
    describe(all, option);
}

}  // namespace

std::vector<FoundNumber> numbers_of(const Project& project, const Option& option) {
    std::vector<FoundNumber> out;
    // Nothing is changed where nothing is set.
    walk(const_cast<Project&>(project), const_cast<Option&>(option),
         [&](const FoundNumber& number, const auto&) { out.push_back(number); });
    return out;
}

bool set_number(Project& project, Option& option, const NumberPlace& place, double value) {
    bool found = false;
    walk(project, option, [&](const FoundNumber& number, const auto& set) {
        if (found || number.place != place) return;
        set(value);
        found = true;
    });
    return found;
}

}  // namespace wp::describe
