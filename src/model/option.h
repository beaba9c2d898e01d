// SPDX-License-Identifier: GPL-3.0-or-later
// A design alternative, and how things are found in it.
#pragma once
#include <map>
#include <set>
#include <string>
#include <vector>

#include "model/building.h"
#include "model/luminaire.h"
#include "model/places.h"
#include "model/thing.h"
#include "model/use.h"

namespace wp::model {

/// A design alternative: everything that is drawn.
struct Option {
    Id id;
    std::string name;
    std::string note;
    bool archived = false;     ///< put away: kept, but in no list and no comparison
    double outer_wall = 0.35;  ///< thickness of outside walls
    double inner_wall = 0.12;  ///< thickness of walls between rooms
    double roof = 0.3;         ///< thickness of roof and slabs
    std::map<Part, Id> types;  ///< materials of what has none of its own
    std::vector<Storey> storeys;
    std::vector<Block> blocks;
    std::vector<Thing> things;
    std::vector<ReferencePlane> planes;
    std::vector<Observer> observers;
    std::vector<Reading> readings;
    std::vector<WindowGroup> groups;  ///< made by hand
    BlindControl control;             ///< of all windows that no group by hand holds
    std::vector<Lighting> lighting;   ///< circuits
    std::vector<Luminaire> luminaires;
    std::vector<LightScene> scenes;  ///< where several hold by themselves, the first does
    std::vector<View> views;
    Extra extra;
    bool operator==(const Option&) const;

    Option();
    Option(const Option&);
    Option(Option&&) noexcept;
    Option& operator=(const Option&);
    Option& operator=(Option&&) noexcept;
    ~Option();
};

// Look-ups. Null where there is none.
template <class T>
T* find(std::vector<T>& list, const Id& id) {
    for (T& item : list)
        if (item.id == id) return &item;
    return nullptr;
}
template <class T>
const T* find(const std::vector<T>& list, const Id& id) {
    return find(const_cast<std::vector<T>&>(list), id);
}

/// A room and the storey it is on.
struct RoomPlace {
    Storey* storey = nullptr;
    Room* room = nullptr;
    explicit operator bool() const { return room != nullptr; }
};
RoomPlace find_room(Option& option, const Id& id);
struct ConstRoomPlace {
    const Storey* storey = nullptr;
    const Room* room = nullptr;
    explicit operator bool() const { return room != nullptr; }
};
ConstRoomPlace find_room(const Option& option, const Id& id);
/// The room that holds an opening, and the opening.
struct OpeningPlace {
    Storey* storey = nullptr;
    Room* room = nullptr;
    Opening* opening = nullptr;
    explicit operator bool() const { return opening != nullptr; }
};
OpeningPlace find_opening(Option& option, const Id& id);

/// The storey and the rooflight, partition or the like that it holds, by id. Null where there is none.
template <class T>
struct Placed {
    Storey* storey = nullptr;
    T* item = nullptr;
    explicit operator bool() const { return item != nullptr; }
};
template <class T>
Placed<T> find_on_storeys(Option& option, std::vector<T> Storey::*list, const Id& id) {
    for (Storey& storey : option.storeys)
        if (T* item = find(storey.*list, id)) return {&storey, item};
    return {};
}

/// The smallest "prefix-N" that nothing of a list has.
template <class T>
Id unused_id(const std::vector<T>& list, const std::string& prefix) {
    for (int n = 1;; ++n)
        if (Id id = prefix + "-" + std::to_string(n); find(list, id) == nullptr) return id;
}

/// An empty storey.
Storey new_storey(const Id& id, const std::string& name, double level);

/// The smallest "prefix-NN" that nothing of the option has yet.
Id fresh_id(const Option& option, const std::string& prefix);
/// The same among ids that are gathered once, for many at a time.
std::set<Id> taken_ids(const Option& option);
Id fresh_id(const std::set<Id>& taken, const std::string& prefix);

}  // namespace wp::model

// Copying, comparing and releasing these is compiled once, in values.cpp: every file that touches one would make it
// anew.
extern template class std::vector<wp::model::Option>;
extern template class std::vector<wp::model::WindowGroup>;
extern template class std::vector<wp::model::Thing>;
extern template class std::vector<wp::model::Lighting>;
