// SPDX-License-Identifier: GPL-3.0-or-later
// Kinds whose things stand in a list: one of each storey, or one of the option.
#pragma once
#include "edit/edit_parts.h"
#include "edit/item_kind.h"

namespace wp::edit {

template <class T>
std::string name_of(const T& thing) {
    if constexpr (requires { thing.name; })
        if (!thing.name.empty()) return thing.name;
    return thing.id;
}

/// The storey of that id; the number of storeys where there is none.
inline size_t storey_index(const model::Option& option, const model::Id& id) {
    size_t s = 0;
    while (s < option.storeys.size() && option.storeys[s].id != id) ++s;
    return s;
}
/// The storey that a room of that id is on; the number of storeys where there is none.
inline size_t storey_of_room(const model::Option& option, const model::Id& room) {
    size_t s = 0;
    while (s < option.storeys.size() && model::find(option.storeys[s].rooms, room) == nullptr) ++s;
    return s;
}

template <class T>
class ListedKind : public ItemKind {
 public:
    using ItemKind::ItemKind;
    bool exists(const Option& option, const Item& item) const override { return get(option, item) != nullptr; }
    std::string name(const Option& option, const Item& item) const override {
        const T* thing = get(option, item);
        return thing != nullptr ? name_of(*thing) : std::string();
    }
    void rename(Option& option, const Item& item, const std::string& name) const override {
        if constexpr (requires(T t) { t.name; })
            if (T* thing = get(option, item)) thing->name = name;
    }

    virtual const T* get(const Option& option, const Item& item) const = 0;
    T* get(Option& option, const Item& item) const {
        return const_cast<T*>(get(static_cast<const Option&>(option), item));
    }
};

template <class T>
class KindOnStoreys : public ListedKind<T> {
 public:
    using Item = model::Item;
    using Option = model::Option;
    using List = std::vector<T> model::Storey::*;
    KindOnStoreys(Item::Kind kind, const char* word, List list, const char* prefix)
        : ListedKind<T>(kind, word), list_(list), prefix_(prefix) {}
    using ListedKind<T>::get;
    const T* get(const Option& option, const Item& item) const override {
        for (const model::Storey& storey : option.storeys)
            if (const T* thing = model::find(storey.*list_, item.id)) return thing;
        return nullptr;
    }
    Items all(const Option& option) const override {
        Items out;
        for (const model::Storey& storey : option.storeys)
            for (const T& thing : storey.*list_) out.push_back({this->kind(), thing.id, -1});
        return out;
    }
    size_t storey(const Option& option, const Item& item) const override {
        size_t s = 0;
        while (s < option.storeys.size() && model::find(option.storeys[s].*list_, item.id) == nullptr) ++s;
        return s;
    }
    bool place(Option& option, const Item& item, const Items&, const Placing& placing) const override {
        if (T* thing = get(option, item)) placed(*thing, placing);
        return true;
    }
    void copy(Option& option, const Item& item, Copying& copying) const override {
        const T* from = get(option, item);
        if (from == nullptr || prefix_ == nullptr) return;
        T copy = *from;
        copy.id = copying.fresh(prefix_);
        if constexpr (requires { copy.name; }) copy.name += ", copy";
        placed(copy, copying.placing);
        copying.made.push_back({this->kind(), copy.id, -1});
        (option.storeys[copying.to].*list_).push_back(std::move(copy));
    }
    bool remove(Option& option, const Item& item) const override {
        for (model::Storey& storey : option.storeys) erase_by_id(storey.*list_, item.id);
        return true;
    }

 protected:
    virtual void placed(T& thing, const Placing& placing) const = 0;

 private:
    List list_;
    const char* prefix_;  // of new ids; null: it is not copied
};

template <class T>
class KindOfOption : public ListedKind<T> {
 public:
    using Item = model::Item;
    using Option = model::Option;
    using List = std::vector<T> model::Option::*;
    KindOfOption(Item::Kind kind, const char* word, List list) : ListedKind<T>(kind, word), list_(list) {}
    using ListedKind<T>::get;
    const T* get(const Option& option, const Item& item) const override { return model::find(option.*list_, item.id); }
    Items all(const Option& option) const override {
        Items out;
        for (const T& thing : option.*list_) out.push_back({this->kind(), thing.id, -1});
        return out;
    }
    bool remove(Option& option, const Item& item) const override {
        erase_by_id(option.*list_, item.id);
        return true;
    }

 protected:
    // The copy of one, under an id of its own and placed, added to the list.
    void add_copy(Option& option, T copy, const char* prefix, Copying& copying) const {
        copy.id = copying.fresh(prefix);
        copying.made.push_back({this->kind(), copy.id, -1});
        (option.*list_).push_back(std::move(copy));
    }

 private:
    List list_;
};

}  // namespace wp::edit
