// SPDX-License-Identifier: GPL-3.0-or-later
// Reading and writing JSON objects by one description: a visitor names each field once, and the same function reads,
// checks ranges, and writes. The first fault is kept, with its place as a JSON pointer.
#pragma once
#include <cstdint>
#include <functional>
#include <initializer_list>
#include <optional>
#include <set>
#include <span>
#include <string>
#include <utility>
#include <vector>

#include "base/json_text.h"
#include "base/result.h"
#include "base/vec.h"

namespace wp::store {

using wp::Json;

class Fields {
 public:
    enum Need { required, optional };

    static Fields reader(Json& object) { return {object, "", true}; }
    static Fields writer(Json& object) { return {object, "", false}; }

    bool reading() const { return reading_; }
    const Outcome& fault() const { return fault_; }
    void fail(const std::string& place, const std::string& what, const std::string& remedy);

    void text(const char* key, std::string& value, Need need = required);
    void texts(const char* key, std::vector<std::string>& value, Need need = required);
    void numbers(const char* key, std::vector<double>& value, double low, double high, Need need = required);
    void number(const char* key, double& value, double low, double high, Need need = required);
    void whole(const char* key, int& value, int low, int high, Need need = required);
    void seed(const char* key, unsigned& value, Need need = required);
    void flag(const char* key, bool& value, Need need = required);
    /// The object is an array of two or three numbers.
    void pair(double& x, double& y);
    /// A named pair of numbers, metres.
    void point(const char* key, Vec2& value);
    /// Metres, at least three corners where it is required.
    void polygon(const char* key, std::vector<Vec2>& value, Need need = required);
    bool has(const char* key) const { return object_.is_object() && object_.contains(key); }
    void triple(const char* key, double& x, double& y, double& z);
    /// Keys not named so far, and those of objects within that keep none themselves; call last.
    void rest(std::string& extra);
    /// Keys not named so far are a fault; call last.
    void no_more();

    template <class E>
    void choice(const char* key, E& value, std::initializer_list<std::pair<const char*, E>> names,
                Need need = required) {
        choice(key, value, std::span(names.begin(), names.size()), need);
    }
    template <class E>
    void choice(const char* key, E& value, std::span<const std::pair<const char*, E>> names, Need need = required) {
        if (!reading_) {
            for (const auto& [name, v] : names)
                if (v == value) object_[key] = name;
            return;
        }
        std::string word, all;
        if (need == optional && !has(key)) return;
        text(key, word);
        for (const auto& [name, v] : names) {
            if (word == name) {
                value = v;
                return;
            }
            all += (all.empty() ? "" : ", ") + std::string(name);
        }
        fail(std::string("/") + key, "\"" + word.substr(0, 40) + "\" is none of: " + all, "Use one of these words");
    }

    template <class Visit>
    void object(const char* key, Visit&& visit, Need need = required) {
        if (!reading_) {
            object_[key] = Json::object();
            Fields inner(object_[key], "", false);
            visit(inner);
            return;
        }
        Json* found = take(key, need, Json::value_t::object, "an object");
        if (found == nullptr) return;
        Fields inner(*found, place_ + "/" + key, true);
        visit(inner);
        adopt(inner);
    }

    /// A list whatever it holds: clear empties it, visit adds (when reading) and goes through the item of an index.
    void items(const char* key, size_t count, const std::function<void()>& clear,
               const std::function<void(Fields&, size_t)>& visit, Need need = required);

    template <class T, class Visit>
    void list(const char* key, std::vector<T>& list, Visit&& visit, Need need = required) {
        items(
            key, list.size(), [&] { list.clear(); },
            [&](Fields& inner, size_t i) {
                if (reading_) list.emplace_back();
                visit(inner, list[i]);
            },
            need);
    }

 private:
    Fields(Json& object, std::string place, bool reading);
    Json* take(const char* key, Need need, Json::value_t type, const char* wanted);
    void numbers(Json& array, const std::string& place, std::initializer_list<double*> values);
    /// Takes over what an object within met: its fault, and the keys that it does not keep itself.
    void adopt(const Fields& inner);
    Json unknown() const;
    void put_back(const std::string& pointer, const Json& keys);

    Json& object_;
    std::string place_;
    bool reading_;
    Outcome fault_;
    std::set<std::string> named_;
    bool keeps_rest_ = false;
    Json within_ = Json::object();  // unknown keys of objects within, by JSON pointer
};

}  // namespace wp::store
