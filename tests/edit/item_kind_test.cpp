// SPDX-License-Identifier: GPL-3.0-or-later
#include "edit/item_kind.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "edit/edit.h"
#include "edit/items.h"
#include "support.h"

using namespace wp;
using namespace wp::model;
using namespace wp::edit;

namespace {

// A building with something of every kind.
Option furnished() {
    Option option = test::two_storeys().options[0];
    option.storeys[1].partitions.push_back({"screen-1", "Screen", {1, 1}, {2, 1}, 0.1, 1, "grey", ""});
    option.storeys[0].dimensions.push_back({"dim-1", {0, 0}, {4, 0}, 0.5});
    Block block;
    block.id = block.name = "block-1";
    block.footprint = {{40, 0}, {44, 0}, {44, 4}, {40, 4}};
    option.blocks.push_back(block);
    Thing tree = usual(Thing::Kind::tree);
    tree.id = tree.name = "tree";
    tree.at = {-20, -20};
    option.things.push_back(tree);
    Reading reading;
    reading.id = reading.name = "P1";
    reading.room = option.storeys[0].rooms[0].id;
    option.readings.push_back(reading);
    Luminaire light;
    light.id = light.name = "pendant";
    light.storey = option.storeys[0].id;
    light.at = {1, 1};
    option.luminaires.push_back(light);
    return option;
}

}  // namespace

TEST(ItemKinds, each_names_its_items_and_knows_where_they_are) {
    const Option option = furnished();
    for (const auto& kind : item_kinds()) {
        const Items all = kind->all(option);
        EXPECT_FALSE(all.empty()) << "the building has no " << kind->word();
        for (const Item& item : all) {
            EXPECT_TRUE(kind->exists(option, item)) << kind->word() << " " << item.id;
            EXPECT_FALSE(kind->name(option, item).empty()) << kind->word() << " " << item.id;
            const bool outdoors = kind->kind() == Item::Kind::block || item.id == "tree";
            EXPECT_EQ(kind->storey(option, item) == option.storeys.size(), outdoors) << kind->word() << " " << item.id;
            if (kind->is_drawn())
                EXPECT_FALSE(kind->outline(option, item).empty()) << "a plan draws it: " << kind->word();
        }
        const Item gone{kind->kind(), "nothing has this id", 0};
        EXPECT_FALSE(kind->exists(option, gone));
        EXPECT_EQ(kind->storey(option, gone), option.storeys.size());
        EXPECT_EQ(kind->name(option, gone), "");
        EXPECT_TRUE(kind->outline(option, gone).empty());
    }
}

TEST(ItemKinds, what_is_removed_is_gone_and_its_like_stay) {
    const Option option = furnished();
    for (const auto& kind : item_kinds()) {
        if (kind->kind() == Item::Kind::wall || kind->kind() == Item::Kind::storey) continue;  // others go with them
        for (const Item& item : kind->all(option)) {
            Option after = option;
            EXPECT_TRUE(remove_items(after, {item}));
            EXPECT_FALSE(exists(after, item)) << kind->word() << " " << item.id;
            EXPECT_EQ(kind->all(after).size() + 1, kind->all(option).size());
        }
    }
}

TEST(ItemKinds, what_is_placed_there_and_back_is_where_it_was) {
    const Option option = furnished();
    for (const auto& kind : item_kinds()) {
        if (kind->kind() == Item::Kind::wall || kind->kind() == Item::Kind::opening) continue;  // they have bounds
        for (const Item& item : kind->all(option)) {
            Option after = option;
            place_items(after, {item}, Placing::move({3, -2}));
            if (kind->is_drawn()) {
                const auto from = kind->outline(option, item), to = kind->outline(after, item);
                ASSERT_EQ(from.size(), to.size());
                EXPECT_NEAR(to[0].x - from[0].x, 3, 1e-9) << kind->word() << " " << item.id;
                EXPECT_NEAR(to[0].y - from[0].y, -2, 1e-9) << kind->word() << " " << item.id;
            }
            place_items(after, {item}, Placing::move({-3, 2}));
            const auto was = kind->outline(option, item), is = kind->outline(after, item);
            ASSERT_EQ(was.size(), is.size());
            for (size_t i = 0; i < was.size(); ++i)
                EXPECT_LT(length(is[i] - was[i]), 1e-9) << kind->word() << " " << item.id;
        }
    }
}

TEST(ItemKinds, the_uppermost_is_meant_where_many_lie) {
    Option option = test::one_room().options[0];  // 4 x 6 m, a south window from 1 to 3 m
    Thing table = usual(Thing::Kind::table);
    table.id = "table";
    table.storey = option.storeys[0].id;
    table.at = {2, 3};
    option.things.push_back(table);
    Observer eye;
    eye.id = "eye";
    eye.room = option.storeys[0].rooms[0].id;
    eye.eye = {2, 3, 1.2};
    option.observers.push_back(eye);
    const auto at = [&](Vec2 place) { return item_at(option, {0, place, 0.01}); };
    EXPECT_EQ(at({2, 3}).id, "eye") << "over the table it sits at";
    EXPECT_EQ(at({2.4, 3}).id, "table") << "over the room";
    EXPECT_EQ(at({3.5, 5}).kind, Item::Kind::room);
    EXPECT_EQ(at({2, 0}).kind, Item::Kind::opening) << "over its wall";
    EXPECT_EQ(at({0.3, 0}).kind, Item::Kind::wall) << "over its room";
    EXPECT_EQ(at({30, 30}).kind, Item::Kind::none);
}

TEST(ItemKinds, a_turned_rooflight_is_pointed_at_where_it_lies) {
    Option option = test::one_room().options[0];
    Rooflight light;
    light.id = "R";
    light.centre = {2, 3};
    light.width = 0.4;
    light.length = 2;
    light.turn = 90;  // lies along x now
    option.storeys[0].rooflights.push_back(light);
    EXPECT_EQ(item_at(option, {0, {2.8, 3}, 0.01}).kind, Item::Kind::rooflight);
    EXPECT_EQ(item_at(option, {0, {2, 3.8}, 0.01}).kind, Item::Kind::room);
}
