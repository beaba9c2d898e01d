// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/material_file.h"

#include <fmt/core.h>

#include <algorithm>
#include <set>

#include "base/file.h"
#include "base/text.h"
#include "store/document.h"
#include "store/json_describer.h"

namespace wp::store {
using model::Material;

namespace {

constexpr size_t kMostBytes = size_t{8} << 20;
constexpr const char* kSeeFormat = "Open a file that Warm Pane wrote, or see docs/formats/materials.md";
constexpr DocumentKind kLibrary{"warmpane_materials", kMaterialsVersion, "library of materials", kSeeFormat};
constexpr DocumentKind kAssumed{"warmpane_assumed", kMaterialsVersion, "set of assumed materials", kSeeFormat};

Outcome check(const std::vector<Material>& list, const std::string& place) {
    std::set<std::string> seen;
    for (size_t i = 0; i < list.size(); ++i) {
        const std::string here = fmt::format("{}/{}", place, i);
        if (list[i].id.empty() || !seen.insert(list[i].id).second)
            return Fault{here + "/id", "\"" + plain_text(list[i].id, 60) + "\" is empty or taken already",
                         "Give it an id of its own"};
        if (const auto wrong = impossible(list[i]); !wrong.empty())
            return Fault{here, "\"" + plain_text(list[i].name, 60) + "\" " + wrong, "Correct its figures"};
    }
    return {};
}

}  // namespace

Result<std::vector<Material>> parse_materials(std::string_view text, const std::string& name) {
    auto document = parse_document(text, name, kLibrary);
    if (!document) return document.fault();
    std::vector<Material> list;
    Fields fields = Fields::reader(*document);
    fields.list("materials", list, [](Fields& f, Material& m) { visit(f, m); });
    const Outcome fault = fields.fault() ? fields.fault() : check(list, "/materials");
    if (fault) return in_file(name, *fault);
    return list;
}

Result<std::vector<Material>> read_materials(const std::filesystem::path& path) {
    return parse_file(path, kMostBytes, parse_materials);
}

std::string write_materials(std::vector<Material> materials) {
    Json document = Json::object();
    document[kLibrary.key] = kLibrary.newest;
    Fields fields = Fields::writer(document);
    fields.list("materials", materials, [](Fields& f, Material& m) { visit(f, m); });
    return json_file(document);
}

Outcome save_materials(const std::vector<Material>& materials, const std::filesystem::path& path) {
    std::error_code error;
    if (std::filesystem::exists(path, error)) {
        const auto there = read_materials(path);
        if (!there)
            return Fault{there.fault().place, "not overwritten: " + there.fault().what, "Save under another name"};
    }
    return write_file(path, write_materials(materials));
}

Result<AssumedSet> parse_assumed(std::string_view text, const std::string& name) {
    auto document = parse_document(text, name, kAssumed);
    if (!document) return document.fault();
    AssumedSet set;
    Fields fields = Fields::reader(*document);
    fields.text("id", set.id);
    fields.text("name", set.name);
    fields.text("source", set.source);
    std::vector<Material> list;
    fields.object("parts", [&](Fields& f) {
        for (int i = 0; i < model::kParts; ++i) {
            const auto part = static_cast<model::Part>(i);
            if (!f.has(model::part_word(part))) continue;
            Material m;
            f.object(model::part_word(part), [&](Fields& g) { visit(g, m); });
            m.assumed = true;
            set.by_part[part] = m;
            list.push_back(m);
        }
    });
    if (fields.has("ground_reflectance")) fields.number("ground_reflectance", set.ground.emplace(), 0, 1);
    const Outcome fault = fields.fault() ? fields.fault() : check(list, "/parts");
    if (fault) return in_file(name, *fault);
    return set;
}

Result<AssumedSet> read_assumed(const std::filesystem::path& path) {
    return parse_file(path, kMostBytes, parse_assumed);
}

std::vector<model::Id> merge_materials(std::vector<Material>& list, const std::vector<Material>& more) {
    std::vector<model::Id> ids;
    for (Material m : more) {
        const auto with_id = [&](const model::Id& id) {
            return std::find_if(list.begin(), list.end(), [&](const Material& x) { return x.id == id; });
        };
        const model::Id wanted = m.id;
        auto there = with_id(m.id);
        for (int n = 2; there != list.end() && !(*there == m); ++n) {
            m.id = fmt::format("{}-{}", wanted, n);
            there = with_id(m.id);
        }
        if (there == list.end()) list.push_back(m);
        ids.push_back(m.id);
    }
    return ids;
}

}  // namespace wp::store
