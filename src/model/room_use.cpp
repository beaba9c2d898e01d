// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>

#include "model/building.h"

namespace wp::model {

const std::vector<RoomUseWord>& room_uses() {
    static const std::vector<RoomUseWord> all = {
        {RoomUse::unsaid, "unsaid", "Not said", true},
        {RoomUse::office, "office", "Offices", true},
        {RoomUse::meeting, "meeting", "Meeting rooms", true},
        {RoomUse::classroom, "classroom", "Classrooms", true},
        {RoomUse::reading, "reading", "Reading rooms", true},
        {RoomUse::workshop, "workshop", "Workshops", true},
        {RoomUse::shop, "shop", "Shops", true},
        {RoomUse::play, "play_room", "Play rooms", true},
        {RoomUse::patients, "patients_room", "Patients' rooms", true},
        {RoomUse::living, "living_room", "Living rooms", true},
        {RoomUse::bedroom, "bedroom", "Bedrooms", true},
        {RoomUse::kitchen, "kitchen", "Kitchens", true},
        {RoomUse::hall, "hall", "Halls", true},
        {RoomUse::corridor, "corridor", "Corridors and stairs", false},
        {RoomUse::washroom, "washroom", "Washrooms", false},
        {RoomUse::store, "store", "Stores", false},
        {RoomUse::plant, "plant_room", "Plant rooms", false},
    };
    return all;
}

const RoomUseWord& room_use(RoomUse use) { return *std::ranges::find(room_uses(), use, &RoomUseWord::use); }

}  // namespace wp::model
