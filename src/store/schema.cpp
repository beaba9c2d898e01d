// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/schema.h"

#include <cmath>
#include <limits>

#include "base/json_text.h"
#include "describe/describe.h"
#include "store/material_file.h"
#include "store/project_file.h"

namespace wp::store {
using describe::Field;

namespace {

// Collects the properties of one type; types within go to the definitions.
class SchemaMaker : public describe::Describer {
 public:
    SchemaMaker(Json& type, Json& definitions) : type_(type), definitions_(definitions) {
        type_["type"] = "object";
        type_["properties"] = Json::object();
    }

    void text(const Field& f, std::string&) override { put(f, {{"type", "string"}}); }
    void texts(const Field& f, std::vector<std::string>&) override { put(f, list_of(f, {{"type", "string"}})); }
    void number(const Field& f, double&) override { put(f, within_range(f, "number")); }
    void numbers(const Field& f, std::vector<double>&) override { put(f, list_of(f, within_range(f, "number"))); }
    void whole(const Field& f, int&) override { put(f, within_range(f, "integer")); }
    void seed(const Field& f, unsigned&) override { put(f, within_range(f, "number")); }
    void flag(const Field& f, bool&) override { put(f, {{"type", "boolean"}}); }
    void point(const Field& f, Vec2&) override { put(f, coordinates(2)); }
    void optional_point(const Field& f, Vec2&, bool&) override { put(f, coordinates(2)); }
    void triple(const Field& f, Vec3&) override { put(f, coordinates(3)); }
    void polygon(const Field& f, std::vector<Vec2>&) override {
        put(f, {{"type", "array"}, {"items", coordinates(2)}, {"minItems", 3}});
    }
    void word(const Field& f, int&, std::span<const describe::Word> words) override {
        Json all = Json::array();
        for (const auto& w : words) all.push_back(w.word);
        put(f, {{"enum", all}});
    }
    void object(const Field& f, const char* type, bool&, const Visit& visit) override {
        put(f, defined(type, [&](Describer& in) { visit(in); }));
    }
    void items(const Field& f, const char* type, describe::Items& items) override {
        put(f, list_of(f, defined(type, [&](Describer& in) { items.visit_fresh(in); })));
    }
    void only(const describe::When& when, const std::function<void()>& visit) override {
        whens_.push_back(&when);
        visit();
        whens_.pop_back();
    }
    void early_number(const Field& f, const std::function<void(double)>&) override {
        put(f, within_range(f, "number"));
    }
    void early_text(const Field& f, const std::function<void(const std::string&)>&) override {
        put(f, {{"type", "string"}});
    }

 private:
    static Json within_range(const Field& f, const char* type) {
        Json out = {{"type", type}};
        if (std::isfinite(f.low)) out["minimum"] = plain(f.low);
        if (std::isfinite(f.high)) out["maximum"] = plain(f.high);
        return out;
    }
    // Whole bounds without a point.
    static Json plain(double v) { return v == std::floor(v) ? Json(static_cast<int64_t>(v)) : Json(v); }
    static Json coordinates(int n) {
        return {{"type", "array"},
                {"items", {{"type", "number"}, {"minimum", -100000}, {"maximum", 100000}}},
                {"minItems", n},
                {"maxItems", n}};
    }
    static Json list_of(const Field& f, Json items) {
        Json out = {{"type", "array"}, {"items", std::move(items)}};
        if (f.least > 0) out["minItems"] = f.least;
        if (f.most < std::numeric_limits<size_t>::max()) out["maxItems"] = f.most;
        return out;
    }
    template <class Visit>
    Json defined(const char* type, Visit&& visit) {
        if (!definitions_.contains(type)) {
            definitions_[type] = Json::object();
            Json made = Json::object();
            SchemaMaker in(made, definitions_);
            visit(in);
            definitions_[type] = std::move(made);
        }
        return {{"$ref", std::string("#/definitions/") + type}};
    }
    void put(const Field& f, Json schema) {
        if (*f.meaning != 0) schema["description"] = f.meaning;
        Json& properties = type_["properties"];
        if (!properties.contains(f.key)) properties[f.key] = std::move(schema);
        if (f.need != describe::Need::required) return;
        Json* at = &type_;
        if (!whens_.empty()) at = &then();
        (*at)["required"].push_back(f.key);
    }
    // What holds under all conditions that the walk is in.
    Json& then() {
        Json condition = {{"properties", Json::object()}, {"required", Json::array()}};
        for (const auto* when : whens_) {
            condition["properties"][when->key]["enum"] = when->words;
            condition["required"].push_back(when->key);
        }
        Json& all = type_["allOf"];
        for (Json& one : all)
            if (one["if"] == condition) return one["then"];
        all.push_back({{"if", condition}, {"then", Json::object()}});
        return all.back()["then"];
    }

    Json& type_;
    Json& definitions_;
    std::vector<const describe::When*> whens_;
};

// The schema of a file: what stands above its object, and the object.
std::string schema_of(const char* title, const char* version_key, int version,
                      const std::function<void(describe::Describer&)>& visit) {
    Json file = {{"$schema", "http://json-schema.org/draft-07/schema#"}, {"title", title}};
    Json definitions = Json::object();
    SchemaMaker maker(file, definitions);
    file["required"].push_back(version_key);
    file["properties"][version_key] = {{"type", "integer"}, {"const", version}};
    visit(maker);
    file["definitions"] = std::move(definitions);
    return json_file(file);
}

}  // namespace

std::string project_schema() {
    return schema_of("Warm Pane project, version 1", "warmpane", kProjectVersion, [](describe::Describer& d) {
        model::Project project;
        describe::describe(d, project);
    });
}

std::string materials_schema() {
    return schema_of("Warm Pane materials, version 1", "warmpane_materials", kMaterialsVersion,
                     [](describe::Describer& d) {
                         std::vector<model::Material> none;
                         d.list({.key = "materials", .need = describe::Need::required}, "material", none);
                     });
}

std::string criteria_schema() {
    return schema_of("Warm Pane criteria set, version 2", "warmpane_criteria", model::kCriteriaVersion,
                     [](describe::Describer& d) {
                         model::CriteriaSet set;
                         describe::describe(d, set);
                     });
}

std::vector<FormatDocument> format_documents() {
    return {{"project.schema.json", project_schema()},
            {"criteria.schema.json", criteria_schema()},
            {"materials.schema.json", materials_schema()},
            {"fields.md", field_tables()}};
}

Outcome write_format_documents(const std::filesystem::path& folder) {
    for (const auto& document : format_documents())
        if (const auto fault = write_file(folder / document.file, document.text)) return fault;
    return {};
}

}  // namespace wp::store
