// SPDX-License-Identifier: GPL-3.0-or-later
// Values that are put aside: of many large ones only some stay in memory, the others lie in a file without a name,
// which is gone with the program, and are read again when they are wanted.
#pragma once
#include <cstdint>
#include <functional>
#include <memory>
#include <mutex>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace wp {

/// A file without a name: where TMPDIR says, else in /var/tmp, else where the system keeps what is passing. Made when
/// first written to.
class AsideFile {
 public:
    AsideFile() = default;
    ~AsideFile();
    AsideFile(const AsideFile&) = delete;
    AsideFile& operator=(const AsideFile&) = delete;

    struct Slot {
        uint64_t at = 0, size = 0;
    };
    /// None where no file can be made or the disk is full.
    std::optional<Slot> put(std::string_view bytes);
    /// Throws std::runtime_error where the disk fails: nothing else holds what was put there.
    std::string get(const Slot& slot) const;

 private:
    int file_ = -1;
    bool tried_ = false;
    uint64_t end_ = 0;
};

/// Values by number. T has bytes(), the memory it takes, and write() for the disk. May be read from any thread.
template <class T>
class SpillStore {
 public:
    using Value = std::shared_ptr<const T>;
    using Read = std::function<Value(std::string_view)>;
    /// room: bytes that stay in memory; more where the disk is full, and while a value is in use.
    SpillStore(size_t count, size_t room, Read read) : items_(count), room_(room), read_(std::move(read)) {}

    size_t count() const { return items_.size(); }
    bool has(size_t index) const {
        const std::lock_guard lock(mutex_);
        return items_[index].set;
    }
    void set(size_t index, Value value) {
        const std::lock_guard lock(mutex_);
        Item& item = items_[index];
        bytes_ += value->bytes();
        item = {std::move(value), {}, ++clock_, true};
        make_room(index);
    }
    /// Null where nothing was set.
    Value at(size_t index) const {
        const std::lock_guard lock(mutex_);
        Item& item = items_[index];
        item.used = ++clock_;
        if (item.value || !item.set) return item.value;
        item.value = read_(file_.get(*item.slot));
        bytes_ += item.value->bytes();
        make_room(index);
        return item.value;
    }
    /// Of all values, those in memory.
    size_t bytes() const {
        const std::lock_guard lock(mutex_);
        return bytes_;
    }

 private:
    struct Item {
        Value value;
        std::optional<AsideFile::Slot> slot;
        uint64_t used = 0;
        bool set = false;
    };
    // The least lately used go first; the one that is wanted now stays.
    void make_room(size_t wanted) const {
        while (bytes_ > room_) {
            Item* oldest = nullptr;
            for (size_t i = 0; i < items_.size(); ++i)
                if (i != wanted && items_[i].value && (oldest == nullptr || items_[i].used < oldest->used))
                    oldest = &items_[i];
            if (oldest == nullptr) return;
            if (!oldest->slot) oldest->slot = file_.put(oldest->value->write());
            if (!oldest->slot) return;
            bytes_ -= oldest->value->bytes();
            oldest->value = nullptr;
        }
    }

    mutable std::mutex mutex_;
    mutable std::vector<Item> items_;
    mutable AsideFile file_;
    mutable size_t bytes_ = 0;
    mutable uint64_t clock_ = 0;
    size_t room_;
    Read read_;
};

}  // namespace wp
