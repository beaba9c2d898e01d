// SPDX-License-Identifier: GPL-3.0-or-later
#include "edit/take_over.h"

#include <algorithm>
#include <functional>
#include <map>

#include "base/text.h"

namespace wp::edit {
using namespace model;

namespace {

using Take = std::function<Outcome(Option& to, const Option& from, const Id& id)>;

Outcome no_place(const Id& id, const char* holder) {
    return Fault{plain_text(id, 60), std::string("this option has not the ") + holder + " that it belongs to",
                 std::string("Take the ") + holder + " over first"};
}

// Of a list: replaced, added at its end, or taken out.
template <class T>
void take_in(std::vector<T>& to, const T* there, const Id& id) {
    T* own = find(to, id);
    if (own != nullptr && there != nullptr)
        *own = *there;
    else if (there != nullptr)
        to.push_back(*there);
    else
        std::erase_if(to, [&](const T& item) { return item.id == id; });
}

template <class T>
Take of_option(std::vector<T> Option::*list) {
    return [list](Option& to, const Option& from, const Id& id) -> Outcome {
        take_in(to.*list, find(from.*list, id), id);
        return {};
    };
}

const Storey* storey_with(const Option& option, const std::function<bool(const Storey&)>& has) {
    const auto at = std::ranges::find_if(option.storeys, has);
    return at != option.storeys.end() ? &*at : nullptr;
}

template <class T>
Take of_storey(std::vector<T> Storey::*list) {
    return [list](Option& to, const Option& from, const Id& id) -> Outcome {
        const auto has = [&](const Storey& s) { return find(s.*list, id) != nullptr; };
        const Storey *there = storey_with(from, has), *own = storey_with(to, has);
        const Id storey = own != nullptr ? own->id : there != nullptr ? there->id : Id();
        Storey* place = find(to.storeys, storey);
        if (place == nullptr) return there == nullptr ? Outcome{} : no_place(id, "storey");
        take_in(place->*list, there != nullptr ? find(there->*list, id) : nullptr, id);
        return {};
    };
}

Outcome take_opening(Option& to, const Option& from, const Id& id) {
    const auto room_with = [&](const Option& option) -> const Room* {
        for (const Storey& storey : option.storeys)
            for (const Room& room : storey.rooms)
                if (find(room.openings, id) != nullptr) return &room;
        return nullptr;
    };
    const Room *there = room_with(from), *own = room_with(to);
    const auto place = find_room(to, own != nullptr ? own->id : there != nullptr ? there->id : Id());
    if (!place) return there == nullptr ? Outcome{} : no_place(id, "room");
    take_in(place.room->openings, there != nullptr ? find(there->openings, id) : nullptr, id);
    return {};
}

Outcome take_whole(Option& to, const Option& from, const Id&) {
    to.outer_wall = from.outer_wall;
    to.inner_wall = from.inner_wall;
    to.roof = from.roof;
    to.types = from.types;
    to.control = from.control;
    return {};
}

const std::map<std::string, Take>& takes() {
    static const std::map<std::string, Take> all = {
        {kWholeOption, take_whole},
        {"opening", take_opening},
        {"room", of_storey(&Storey::rooms)},
        {"partition", of_storey(&Storey::partitions)},
        {"void", of_storey(&Storey::voids)},
        {"roof", of_storey(&Storey::roofs)},
        {"rooflight", of_storey(&Storey::rooflights)},
        {"storey", of_option(&Option::storeys)},
        {"block", of_option(&Option::blocks)},
        {"thing", of_option(&Option::things)},
        {"plane", of_option(&Option::planes)},
        {"observer", of_option(&Option::observers)},
        {"reading", of_option(&Option::readings)},
        {"window_group", of_option(&Option::groups)},
        {"lighting", of_option(&Option::lighting)},
        {"luminaire", of_option(&Option::luminaires)},
        {"light_scene", of_option(&Option::scenes)},
    };
    return all;
}

}  // namespace

bool can_take_over(const std::string& type) { return takes().contains(type); }

Outcome take_over(Option& to, const Option& from, const std::string& type, const Id& id) {
    const auto take = takes().find(type);
    if (take == takes().end())
        return Fault{plain_text(type, 60), "such elements cannot be taken over", "Draw it in this option"};
    return take->second(to, from, id);
}

}  // namespace wp::edit
