// SPDX-License-Identifier: GPL-3.0-or-later
// What a kind of item is: how it is named, found, pointed at, placed anew, copied and removed. Adding one: a file with
// a class, a line in item_kind.cpp, and its page of the inspector.
#pragma once
#include <memory>
#include <optional>
#include <set>
#include <string>
#include <vector>

#include "edit/placing.h"
#include "model/item.h"

namespace wp::edit {

using Items = std::vector<model::Item>;

/// A place on a storey that is pointed at.
struct Touch {
    size_t storey;
    Vec2 place;
    double pixel;  ///< how large a pixel is there, in metres
};

/// What lies at a place, and how far down: of several the least is meant.
struct Hit {
    model::Item item;
    int depth;
};
/// The order in which kinds lie on each other.
namespace depth {
inline constexpr int observer = 10, luminaire = 15, opening = 20, rooflight = 30, line = 40, dimension = 50,
                     reading = 60, thing = 70, wall = 80, floor_void = 90, room = 100, outdoors = 110, block = 120;
}

/// A copy under way.
struct Copying {
    const Items& items;  ///< all that is copied
    size_t to;           ///< storey that copies are put on
    const Placing& placing;
    std::set<model::Id> taken;
    Items made;

    model::Id fresh(const char* prefix);
    bool takes(model::Item::Kind kind, const model::Id& id) const;
};

class ItemKind {
 public:
    using Item = model::Item;
    using Option = model::Option;

    /// word: what people call one.
    ItemKind(Item::Kind kind, const char* word) : kind_(kind), word_(word) {}
    virtual ~ItemKind() = default;
    ItemKind(const ItemKind&) = delete;
    ItemKind& operator=(const ItemKind&) = delete;

    Item::Kind kind() const { return kind_; }
    const char* word() const { return word_; }

    // Where it is
    /// All of its kind, storey by storey.
    virtual Items all(const Option& option) const = 0;
    virtual bool exists(const Option& option, const Item& item) const = 0;
    /// The number of storeys for what is on none.
    virtual size_t storey(const Option& option, const Item& item) const = 0;
    /// Its id where it has no name; empty where it is gone.
    virtual std::string name(const Option& option, const Item& item) const = 0;
    virtual void rename(Option&, const Item&, const std::string&) const {}
    /// Whether people look for it by name.
    virtual bool is_searched() const { return true; }

    // In plan
    /// Whether plans draw it as something of its own.
    virtual bool is_drawn() const { return true; }
    /// Its corners or ends; none where it has no place or is gone.
    virtual std::vector<Vec2> outline(const Option&, const Item&) const { return {}; }
    /// Whether a dragged one snaps with its first corner.
    virtual bool snaps() const { return true; }
    /// What of its kind is pointed at: the last that covers the place.
    virtual std::optional<Hit> hit(const Option& option, const Touch& touch) const;

    // Edits; each leaves the option whole
    /// along: all that is placed, so that nothing goes twice. False: not possible.
    virtual bool place(Option&, const Item&, const Items& /*along*/, const Placing&) const { return true; }
    /// Moves it as a hand does, along its wall or off its line. False: like everything else, by place().
    virtual bool drag(Option&, const Item&, Vec2 /*shift*/) const { return false; }
    virtual void copy(Option&, const Item&, Copying&) const {}
    /// False: not possible.
    virtual bool remove(Option& option, const Item& item) const = 0;

 protected:
    virtual bool covers(const Option&, const Item&, const Touch&) const { return false; }
    virtual int depth(const Option&, const Item&) const { return depth::block; }

 private:
    Item::Kind kind_;
    const char* word_;
};

using MakeItemKind = std::unique_ptr<ItemKind> (*)();

/// Of an item; for Kind::none one of which there are none.
const ItemKind& kind_of(const model::Item& item);
/// All, in the order of the building.
const std::vector<std::unique_ptr<ItemKind>>& item_kinds();
/// A kind of a program's own, beyond those of the model; the number it goes by.
model::Item::Kind add_item_kind(std::unique_ptr<ItemKind> (*make)(model::Item::Kind));
/// Takes the last of those away.
void remove_item_kind();

}  // namespace wp::edit
