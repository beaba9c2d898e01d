// SPDX-License-Identifier: GPL-3.0-or-later
#include "edit/items.h"

#include <algorithm>
#include <cctype>

namespace wp::edit {
using namespace model;

namespace {

std::string lower(std::string text) {
    std::transform(text.begin(), text.end(), text.begin(),
                   [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return text;
}

}  // namespace

const char* kind_word(Item::Kind kind) { return kind_of({kind, {}, -1}).word(); }

std::string item_name(const Option& option, const Item& item) { return kind_of(item).name(option, item); }

bool exists(const Option& option, const Item& item) { return kind_of(item).exists(option, item); }

size_t storey_of(const Option& option, const Item& item) { return kind_of(item).storey(option, item); }

void rename(Option& option, const Item& item, const std::string& name) { kind_of(item).rename(option, item, name); }

Items find_by_name(const Option& option, const std::string& text) {
    Items out;
    const std::string wanted = lower(text);
    for (const auto& kind : item_kinds()) {
        if (!kind->is_searched()) continue;
        for (const Item& item : kind->all(option))
            if (lower(kind->name(option, item)).find(wanted) != std::string::npos ||
                lower(item.id).find(wanted) != std::string::npos)
                out.push_back(item);
    }
    return out;
}

Items items_drawn(const Option& option, size_t storey) {
    Items out;
    for (const auto& kind : item_kinds()) {
        if (!kind->is_drawn()) continue;
        for (const Item& item : kind->all(option))
            if (const size_t on = kind->storey(option, item); on == storey || on == option.storeys.size())
                out.push_back(item);
    }
    return out;
}

Item item_at(const Option& option, const Touch& touch) {
    std::optional<Hit> best;
    for (const auto& kind : item_kinds())
        if (const auto hit = kind->hit(option, touch); hit && (!best || hit->depth < best->depth)) best = hit;
    return best ? best->item : Item{};
}

}  // namespace wp::edit
