// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>

#include "model/building.h"

namespace wp::model {

const std::vector<RoomUseWord>& room_uses() {
    static const std::vector<RoomUseWord> all = {
        {RoomUse::unsaid, "unsaid", "Not said", true},
        {RoomUse::office, "office", "Office", true},
        {RoomUse::meeting, "meeting", "Meeting room", true},
        {RoomUse::classroom, "classroom", "Classroom", true},
        {RoomUse::reading, "reading", "Reading room", true},
        {RoomUse::workshop, "workshop", "Workshop", true},
        {RoomUse::shop, "shop", "Shop", true},
        {RoomUse::play, "play_room", "Play room", true},
        {RoomUse::patients, "patients_room", "Patients' room", true},
        {RoomUse::living, "living_room", "Living room", true},
        {RoomUse::bedroom, "bedroom", "Bedroom", true},
        {RoomUse::kitchen, "kitchen", "Kitchen", true},
        {RoomUse::hall, "hall", "Hall", true},
        {RoomUse::corridor, "corridor", "Corridor or stair", false},
        {RoomUse::washroom, "washroom", "Washroom", false},
        {RoomUse::store, "store", "Store", false},
        {RoomUse::plant, "plant_room", "Plant room", false},
    };
    return all;
}

const RoomUseWord& room_use(RoomUse use) { return *std::ranges::find(room_uses(), use, &RoomUseWord::use); }

}  // namespace wp::model
