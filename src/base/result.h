// SPDX-License-Identifier: GPL-3.0-or-later
// What a user's input can cause: a fault says where, what, and what to do about it. Broken invariants throw instead.
#pragma once
#include <optional>
#include <stdexcept>
#include <string>
#include <utility>
#include <variant>

namespace wp {

struct Fault {
    std::string place;   ///< file, line, field or JSON pointer
    std::string what;    ///< what is wrong, in plain words
    std::string remedy;  ///< what the user can do

    /// One line: "place: what. remedy"
    std::string line() const {
        std::string text = place.empty() ? what : place + ": " + what;
        if (!remedy.empty()) text += ". " + remedy;
        return text;
    }
};

/// A value, or the fault that kept it from being made. Reading the value of a fault throws std::logic_error.
template <class T>
class [[nodiscard]] Result {
 public:
    Result(T value) : state_(std::move(value)) {}
    Result(Fault fault) : state_(std::move(fault)) {}
    explicit operator bool() const { return state_.index() == 0; }
    T& operator*() { return get(); }
    const T& operator*() const { return const_cast<Result*>(this)->get(); }
    T* operator->() { return &get(); }
    const T* operator->() const { return &const_cast<Result*>(this)->get(); }
    const Fault& fault() const { return std::get<1>(state_); }

 private:
    T& get() {
        if (state_.index() != 0) throw std::logic_error("value of a fault: " + fault().line());
        return std::get<0>(state_);
    }
    std::variant<T, Fault> state_;
};

/// Nothing on success, or the fault.
using Outcome = std::optional<Fault>;

}  // namespace wp
