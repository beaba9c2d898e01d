// SPDX-License-Identifier: GPL-3.0-or-later
#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <deque>

#include "describe/describe.h"
#include "store/schema.h"

namespace wp::store {
using describe::Field;

namespace {

// One table a type, in the order in which they are met.
struct Tables {
    struct Table {
        std::string type, rows;
    };
    std::deque<Table> all;
    bool has(const std::string& type) const {
        return std::any_of(all.begin(), all.end(), [&](const Table& t) { return t.type == type; });
    }
};

std::string link(const char* type) { return fmt::format("[{}](#{})", type, type); }

class TableMaker : public describe::Describer {
 public:
    TableMaker(Tables& tables, const std::string& type) : tables_(tables) {
        tables_.all.push_back({type, {}});
        table_ = &tables_.all.back();
    }

    void text(const Field& f, std::string&) override { row(f, "text", ""); }
    void texts(const Field& f, std::vector<std::string>&) override { row(f, sized(f, "texts"), ""); }
    void number(const Field& f, double& v) override { row(f, range(f), fmt::format("{}", v)); }
    void numbers(const Field& f, std::vector<double>&) override { row(f, sized(f, "numbers, ") + range(f), ""); }
    void whole(const Field& f, int& v) override { row(f, "whole, " + range(f), fmt::format("{}", v)); }
    void seed(const Field& f, unsigned& v) override { row(f, "whole", fmt::format("{}", v)); }
    void flag(const Field& f, bool& v) override { row(f, "true or false", v ? "true" : "false"); }
    void point(const Field& f, Vec2&) override { row(f, "[x, y], m", ""); }
    void optional_point(const Field& f, Vec2&, bool&) override { row(f, "[x, y], m", ""); }
    void triple(const Field& f, Vec3&) override { row(f, "[x, y, z]", ""); }
    void polygon(const Field& f, std::vector<Vec2>&) override { row(f, "list of [x, y], m", ""); }
    void word(const Field& f, int& v, std::span<const describe::Word> words) override {
        std::string all, chosen;
        for (const auto& w : words) {
            all += fmt::format("{}`{}`", all.empty() ? "" : " ", w.word);
            if (w.value == v) chosen = w.word;
        }
        row(f, all, chosen);
    }
    void object(const Field& f, const char* type, bool&, const Visit& visit) override {
        row(f, link(type), "");
        define(type, visit);
    }
    void items(const Field& f, const char* type, describe::Items& items) override {
        row(f, sized(f, "list of ") + link(type), "");
        define(type, [&](Describer& in) { items.visit_fresh(in); });
    }
    void only(const describe::When& when, const std::function<void()>& visit) override {
        whens_.push_back(&when);
        visit();
        whens_.pop_back();
    }
    void material(const Field& f, model::Id&) override { row(f, "id of a " + link("material"), ""); }
    void materials(const Field& f, std::vector<model::Id>&) override { row(f, "ids of " + link("material") + "s", ""); }
    void early_number(const Field& f, const std::function<void(double)>&) override { row(f, range(f), ""); }
    void early_text(const Field& f, const std::function<void(const std::string&)>&) override { row(f, "text", ""); }

 private:
    static std::string range(const Field& f) {
        const std::string in = *f.unit == 0 ? "" : fmt::format(" {}", f.unit);
        if (!std::isfinite(f.low) || !std::isfinite(f.high)) return "number" + in;
        return fmt::format("{} to {}{}", f.low, f.high, in);
    }
    static std::string sized(const Field& f, const char* what) {
        return f.least > 0 && f.least == f.most ? fmt::format("{} {}", f.least, what) : what;
    }
    // Several types may be met on the way: a table is filled before those it leads to.
    void define(const char* type, const Visit& visit) {
        if (tables_.has(type)) return;
        TableMaker in(tables_, type);
        visit(in);
    }
    void row(const Field& f, const std::string& what, std::string fresh) {
        std::string meaning;
        for (const auto* when : whens_) {
            if (*when->key == 0) continue;
            meaning += meaning.empty() ? "" : ", ";
            meaning += fmt::format("{} {}", when->key, fmt::join(when->words, ", "));
        }
        if (!meaning.empty()) meaning = fmt::format("*{}*{}", meaning, *f.meaning == 0 ? "" : ": ");
        meaning += f.meaning;
        if (f.need == describe::Need::required) fresh = "needed";
        table_->rows += fmt::format("| `{}` | {} | {} | {} |\n", f.key, what, fresh, meaning);
    }

    Tables& tables_;
    Tables::Table* table_;
    std::vector<const describe::When*> whens_;
};

}  // namespace

std::string field_tables() {
    Tables tables;
    model::Project project;
    TableMaker maker(tables, "project");
    describe::describe(maker, project);
    std::string out =
        "# Fields of the project file\n\n"
        "Written by `warmpane-cli formats` from the descriptions in `src/describe`; not to be edited. The third column "
        "says what holds where a key is\nmissing. What is printed in italics says under which words a key counts.\n";
    for (const auto& table : tables.all)
        out += fmt::format("\n## {}\n\n| key | what it may be | if missing | meaning |\n|---|---|---|---|\n{}",
                           table.type, table.rows);
    return out;
}

}  // namespace wp::store
