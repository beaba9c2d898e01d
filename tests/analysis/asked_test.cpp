// SPDX-License-Identifier: GPL-3.0-or-later
// What an answer depends on, held against what really changes light: every value of a project is changed by turns.
#include "analysis/analysis.h"

#include <gtest/gtest.h>

#include <set>

#include "base/json_text.h"
#include "describe/depends.h"
#include "describe/field.h"
#include "geometry/plane_points.h"
#include "geometry/surfaces.h"
#include "model/thing.h"
#include "shading/device.h"
#include "store/project_file.h"
#include "support.h"

using namespace wp;
using namespace wp::store;

namespace {

// A room with one of each: materials, shading, a tree before it, a table in it, another building, a reading.
model::Project one_of_each() {
    auto project = test::one_room();
    model::Option& option = project.options[0];
    for (const auto& preset : shading::shade_presets())
        for (const auto& layer : preset.layers) option.storeys[0].rooms[0].openings[0].shading.push_back(layer);
    int number = 0;
    for (const auto kind : {model::Thing::Kind::tree, model::Thing::Kind::table, model::Thing::Kind::fence}) {
        model::Thing thing = model::usual(kind);
        thing.id = thing.name = "thing-" + std::to_string(++number);
        thing.at = {2, kind == model::Thing::Kind::table ? 3.0 : -6.0 * number};
        if (kind == model::Thing::Kind::table) thing.storey = "ground";
        option.things.push_back(thing);
    }
    return project;
}

// All that a daylight factor is traced from.
Fingerprint traced(const model::Project& project, const model::Option& option) {
    Fingerprint print;
    const auto surfaces = geometry::build_surfaces(project, option);
    for (const auto& plane : option.planes)
        if (const auto points = geometry::plane_points(option, plane)) {
            print.add(points->fingerprint());
            print.add(surfaces.light_fingerprint(points->space));
        }
    return print;
}

Fingerprint asked(const model::Project& project, const model::Option& option) {
    return analysis::asked_print(project, option, project.questions[0], nullptr);
}

Fingerprint for_a_year(const model::Project& project) {
    namespace bears = describe::bears;
    return describe::depends(project, project.options[0], bears::light | bears::planes | bears::blinds);
}

// The same value, but another one.
Json changed(const Json& value) {
    if (value.is_boolean()) return !value.get<bool>();
    if (value.is_number_integer()) return value.get<int>() + 1;
    if (value.is_number()) return value.get<double>() * 0.93 + 0.011;
    return value.get<std::string>() + "x";
}

// Calls with each project in which one value differs, that can still be read and has the option.
template <class See>
void each_change(const model::Project& project, See&& see) {
    const Json document = *parse_json(write_project(project), "project"), flat = document.flatten();
    for (const auto& [at, value] : flat.items()) {
        if (!value.is_primitive() || value.is_null()) continue;
        Json other = document;
        other[Json::json_pointer(at)] = changed(value);
        const auto read = parse_project(other.dump(), "project");
        if (read && read->options.size() == 1 && !read->questions.empty()) see(at, *read);
    }
}

}  // namespace

TEST(AskedPrint, differs_wherever_light_does) {
    const auto project = one_of_each();
    const auto light = traced(project, project.options[0]), print = asked(project, project.options[0]);
    const auto year = for_a_year(project);
    size_t seen = 0, lit = 0;
    each_change(project, [&](const std::string& at, const model::Project& other) {
        ++seen;
        if (traced(other, other.options[0]) == light) return;
        ++lit;
        EXPECT_NE(for_a_year(other), year) << at << " changes light, and a year would still be current";
        // What closes before windows is traced for years alone.
        if (at.find("blind") == std::string::npos)
            EXPECT_NE(asked(other, other.options[0]), print)
                << at << " changes light, and an answer would still be current";
    });
    EXPECT_GT(seen, 150u);
    EXPECT_GT(lit, 60u);
}

TEST(AskedPrint, stays_where_only_what_is_said_or_seen_differs) {
    const auto project = one_of_each();
    const auto print = asked(project, project.options[0]);
    const std::set<std::string> said{"name", "note", "colour", "source"};
    size_t seen = 0;
    each_change(project, [&](const std::string& at, const model::Project& other) {
        if (!said.contains(at.substr(at.rfind('/') + 1))) return;
        ++seen;
        EXPECT_EQ(asked(other, other.options[0]), print) << at << " changes no light";
    });
    EXPECT_GT(seen, 10u);
}
