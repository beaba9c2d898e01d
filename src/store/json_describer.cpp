// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/json_describer.h"

#include <fmt/core.h>

namespace wp::store {
using describe::Field;

namespace {

Fields::Need need_of(const Field& f) {
    return f.need == describe::Need::required ? Fields::required : Fields::optional;
}

}  // namespace

void JsonDescriber::text(const Field& f, std::string& v) { fields_.text(f.key, v, need_of(f)); }

void JsonDescriber::texts(const Field& f, std::vector<std::string>& v) {
    fields_.texts(f.key, v, need_of(f));
    check_size(f, v.size());
}

void JsonDescriber::number(const Field& f, double& v) {
    if (f.unless_zero && !fields_.reading() && v == 0) return;
    fields_.number(f.key, v, f.low, f.high, need_of(f));
}

void JsonDescriber::numbers(const Field& f, std::vector<double>& v) {
    fields_.numbers(f.key, v, f.low, f.high, need_of(f));
    check_size(f, v.size());
}

void JsonDescriber::whole(const Field& f, int& v) {
    fields_.whole(f.key, v, static_cast<int>(f.low), static_cast<int>(f.high), need_of(f));
}

void JsonDescriber::seed(const Field& f, unsigned& v) { fields_.seed(f.key, v, need_of(f)); }
void JsonDescriber::flag(const Field& f, bool& v) { fields_.flag(f.key, v, need_of(f)); }
void JsonDescriber::point(const Field& f, Vec2& v) { fields_.point(f.key, v); }

void JsonDescriber::optional_point(const Field& f, Vec2& v, bool& present) {
    if (fields_.reading()) present = fields_.has(f.key);
    if (present) fields_.point(f.key, v);
}

void JsonDescriber::triple(const Field& f, Vec3& v) { fields_.triple(f.key, v.x, v.y, v.z); }
void JsonDescriber::polygon(const Field& f, std::vector<Vec2>& v) { fields_.polygon(f.key, v, need_of(f)); }

void JsonDescriber::word(const Field& f, int& v, std::span<const describe::Word> words) {
    std::vector<std::pair<const char*, int>> names;
    names.reserve(words.size());
    for (const auto& w : words) names.emplace_back(w.word, w.value);
    fields_.choice(f.key, v, std::span<const std::pair<const char*, int>>(names), need_of(f));
}

void JsonDescriber::object(const Field& f, const char*, bool& present, const Visit& visit) {
    if (fields_.reading()) present = fields_.has(f.key);
    if (!present && f.need == describe::Need::optional) return;
    fields_.object(
        f.key,
        [&](Fields& inner) {
            JsonDescriber in(inner);
            visit(in);
        },
        need_of(f));
}

void JsonDescriber::items(const Field& f, const char*, describe::Items& items) {
    fields_.items(
        f.key, items.size(), [&] { items.clear(); },
        [&](Fields& inner, size_t i) {
            if (fields_.reading()) items.add();
            JsonDescriber in(inner);
            items.visit(i, in);
        },
        need_of(f));
    check_size(f, items.size());
}

void JsonDescriber::early_number(const Field& f, const std::function<void(double)>& take) {
    if (!fields_.reading() || !fields_.has(f.key)) return;
    double v = 0;
    fields_.number(f.key, v, f.low, f.high);
    take(v);
}

void JsonDescriber::early_text(const Field& f, const std::function<void(const std::string&)>& take) {
    if (!fields_.reading() || !fields_.has(f.key)) return;
    std::string v;
    fields_.text(f.key, v);
    take(v);
}

void JsonDescriber::rule(const char* key, bool holds, const std::string& what, const char* remedy) {
    if (fields_.reading() && !holds) fields_.fail(std::string("/") + key, what, remedy);
}

void JsonDescriber::rest(model::Extra& extra) { fields_.rest(extra); }

// A list that may be missing may be empty, too.
void JsonDescriber::check_size(const Field& f, size_t size) {
    const bool may_be_empty = f.need == describe::Need::optional;
    if (!fields_.reading() || (size == 0 && may_be_empty) || (size >= f.least && size <= f.most)) return;
    const std::string wanted = f.least == f.most ? fmt::format("{}", f.least)
                               : size < f.least  ? fmt::format("{} or more", f.least)
                                                 : fmt::format("{} at most", f.most);
    fields_.fail(std::string("/") + f.key,
                 size == 0 ? "there is none" : fmt::format("this holds {}, not {}", size, wanted),
                 fmt::format("Give {}{}", wanted, may_be_empty ? ", or leave it out" : ""));
}

}  // namespace wp::store
