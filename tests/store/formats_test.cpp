// SPDX-License-Identifier: GPL-3.0-or-later
// The documents of the file formats are written from the descriptions, and stand in docs/formats as they are.
#include <gtest/gtest.h>

#include "base/file.h"
#include "describe/depends.h"
#include "describe/find_field.h"
#include "store/schema.h"
#include "support.h"

using namespace wp;
namespace bears = wp::describe::bears;

TEST(Formats, documents_are_what_the_descriptions_give) {
    for (const auto& document : store::format_documents()) {
        const auto there = read_file(std::filesystem::path(WARMPANE_SOURCE "/docs/formats") / document.file);
        ASSERT_TRUE(there) << document.file;
        EXPECT_TRUE(*there == document.text)
            << document.file << " is out of date: run warmpane-cli formats docs/formats";
    }
}

TEST(Formats, a_folder_that_is_not_there_is_a_fault) {
    EXPECT_TRUE(store::write_format_documents("/nowhere/at/all").has_value());
}

TEST(Described, a_row_finds_the_limits_of_its_member) {
    const model::Partition partition;
    const auto field = describe::field_of(partition, &model::Partition::thickness);
    EXPECT_STREQ(field.label, "Thickness");
    EXPECT_EQ(describe::typed_unit(field), Unit::metre);
    EXPECT_EQ(describe::within(field, 50), 10);
    EXPECT_EQ(describe::within(field, std::nan("")), 0.001);
}

TEST(Described, a_member_counts_by_what_was_chosen_before_it) {
    model::Thing tree;
    tree.kind = model::Thing::Kind::tree;
    EXPECT_STREQ(describe::field_of(tree, &model::Thing::landing).label, "Trunk");
    tree.kind = model::Thing::Kind::stair;
    tree.flights = 2;
    EXPECT_STREQ(describe::field_of(tree, &model::Thing::landing).label, "Landing");
    tree.flights = 1;
    EXPECT_THROW(describe::field_of(tree, &model::Thing::landing), std::logic_error);
}

namespace {

// Bits of what differs between two projects, each asked for alone.
unsigned differs(const model::Project& a, const model::Project& b) {
    unsigned out = 0;
    for (const unsigned bit :
         {bears::light, bears::planes, bears::readings, bears::observers, bears::blinds, bears::use})
        if (describe::depends(a, a.options[0], bit) != describe::depends(b, b.options[0], bit)) out |= bit;
    return out;
}

}  // namespace

TEST(Depends, tells_light_from_blinds_from_hours_from_words) {
    const auto project = test::one_room();
    const auto after = [&](const std::function<void(model::Project&)>& change) {
        auto other = project;
        change(other);
        return differs(project, other);
    };
    using P = model::Project;
    const auto opening = [](P& p) -> model::Opening& { return p.options[0].storeys[0].rooms[0].openings[0]; };
    EXPECT_EQ(after([](P&) {}), 0u);
    EXPECT_EQ(after([&](P& p) { opening(p).width += 0.1; }), bears::light);
    EXPECT_EQ(after([&](P& p) { opening(p).blind = !opening(p).blind; }), bears::blinds);
    EXPECT_EQ(after([](P& p) { p.blind_transmittance = 0.2; }), bears::blinds);
    EXPECT_EQ(after([](P& p) { p.options[0].control.tracks_sun = true; }), bears::blinds);
    EXPECT_EQ(after([](P& p) { p.options[0].planes[0].height += 0.1; }), bears::planes);
    EXPECT_EQ(after([](P& p) { p.options[0].planes[0].occupied ^= true; }), bears::use);
    EXPECT_EQ(after([](P& p) { p.options[0].observers.emplace_back(); }), bears::observers);
    EXPECT_EQ(after([](P& p) { p.options[0].readings.emplace_back(); }), bears::readings);
    EXPECT_EQ(after([](P& p) { p.options[0].lighting.emplace_back(); }), bears::use);
    EXPECT_EQ(after([](P& p) { p.options[0].storeys[0].rooms[0].occupancy = "week"; }), bears::use);
    EXPECT_EQ(after([](P& p) { p.calendar.summer_time = !p.calendar.summer_time; }), bears::use | bears::blinds);
    EXPECT_EQ(after([](P& p) { p.options[0].storeys[0].rooms[0].name = "hall"; }), 0u);
    EXPECT_EQ(after([](P& p) { p.options[0].views.emplace_back(); }), 0u);
    EXPECT_EQ(after([](P& p) { p.options[0].id = p.options[0].name = "other"; }), 0u);
}

TEST(Depends, goes_by_what_a_material_is_and_not_by_its_id) {
    const auto project = test::one_room();
    auto other = project;
    other.materials.emplace_back().id = "spare";
    EXPECT_EQ(differs(project, other), 0u) << "nothing is made of it";
    for (auto& m : other.materials)
        if (m.id == "grey") m.id = "renamed";
    for (auto& [part, id] : other.options[0].types) id = "renamed";
    auto& room = other.options[0].storeys[0].rooms[0];
    room.floor = room.walls = room.ceiling = "renamed";
    EXPECT_EQ(differs(project, other), 0u);
    for (auto& m : other.materials)
        if (m.id == "renamed") m.reflectance *= 0.9;
    EXPECT_EQ(differs(project, other), bears::light);
}
