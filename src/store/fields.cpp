// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/fields.h"

#include <fmt/core.h>

#include <algorithm>
#include <cmath>

#include "base/text.h"

namespace wp::store {

Fields::Fields(Json& object, std::string place, bool reading)
    : object_(object), place_(std::move(place)), reading_(reading) {}

void Fields::fail(const std::string& place, const std::string& what, const std::string& remedy) {
    if (!fault_) fault_ = Fault{place_ + place, what, remedy};
}

namespace {
bool is_kind(const Json& value, Json::value_t type) {
    if (type == Json::value_t::number_float) return value.is_number();
    if (type == Json::value_t::number_integer) return value.is_number_integer();
    return value.type() == type;
}
}  // namespace

Json* Fields::take(const char* key, Need need, Json::value_t type, const char* wanted) {
    named_.insert(key);
    if (!object_.is_object()) {
        fail("", "this is not an object", "Restore the file from a copy");
        return nullptr;
    }
    const auto found = object_.find(key);
    if (found == object_.end()) {
        if (need == required) fail("", fmt::format("\"{}\" is missing", key), fmt::format("Give it as {}", wanted));
        return nullptr;
    }
    if (!is_kind(*found, type)) {
        fail(std::string("/") + key, fmt::format("this is not {}", wanted), fmt::format("Give it as {}", wanted));
        return nullptr;
    }
    return &*found;
}

void Fields::text(const char* key, std::string& value, Need need) {
    if (!reading_) {
        if (need == required || !value.empty()) object_[key] = value;
    } else if (const Json* found = take(key, need, Json::value_t::string, "a text")) {
        value = found->get<std::string>();
    }
}

void Fields::texts(const char* key, std::vector<std::string>& value, Need need) {
    if (!reading_) {
        if (need == required || !value.empty()) object_[key] = value;
        return;
    }
    const Json* found = take(key, need, Json::value_t::array, "a list of texts");
    if (found == nullptr) return;
    value.clear();
    for (const Json& item : *found) {
        if (!item.is_string()) return fail(std::string("/") + key, "this is not a list of texts", "Give only texts");
        value.push_back(item.get<std::string>());
    }
}

void Fields::numbers(const char* key, std::vector<double>& value, double low, double high, Need need) {
    if (!reading_) {
        if (need == required || !value.empty()) object_[key] = value;
        return;
    }
    const Json* found = take(key, need, Json::value_t::array, "a list of numbers");
    if (found == nullptr) return;
    value.clear();
    for (const Json& item : *found) {
        if (!item.is_number() || !(item.get<double>() >= low && item.get<double>() <= high))
            return fail(std::string("/") + key, fmt::format("this is not a list of numbers from {} to {}", low, high),
                        "Give only such numbers");
        value.push_back(item.get<double>());
    }
}

void Fields::number(const char* key, double& value, double low, double high, Need need) {
    if (!reading_) {
        object_[key] = value;
        return;
    }
    const Json* found = take(key, need, Json::value_t::number_float, "a number");
    if (found == nullptr) return;
    const double v = found->get<double>();
    if (!(v >= low && v <= high))
        return fail(std::string("/") + key, fmt::format("{} is outside {} to {}", v, low, high), "Give a value within");
    value = v;
}

void Fields::whole(const char* key, int& value, int low, int high, Need need) {
    if (!reading_) {
        object_[key] = value;
        return;
    }
    const Json* found = take(key, need, Json::value_t::number_integer, "a whole number");
    if (found == nullptr) return;
    const auto v = found->get<double>();
    if (v < low || v > high)
        return fail(std::string("/") + key, fmt::format("{} is outside {} to {}", v, low, high), "Give a value within");
    value = static_cast<int>(v);
}

void Fields::seed(const char* key, unsigned& value, Need need) {
    double v = value;
    number(key, v, 0, 4294967295.0, need);
    if (reading_)
        value = static_cast<unsigned>(v);
    else
        object_[key] = value;
}

void Fields::flag(const char* key, bool& value, Need need) {
    if (!reading_) {
        object_[key] = value;
    } else if (const Json* found = take(key, need, Json::value_t::boolean, "true or false")) {
        value = found->get<bool>();
    }
}

void Fields::numbers(Json& array, const std::string& place, std::initializer_list<double*> values) {
    if (!reading_) {
        array = Json::array();
        for (const double* v : values) array.push_back(*v);
        return;
    }
    const auto usable = [](const Json& v) { return v.is_number() && std::fabs(v.get<double>()) <= 1e5; };
    if (!array.is_array() || array.size() != values.size() || !std::all_of(array.begin(), array.end(), usable))
        return fail(place, fmt::format("this is not a list of {} numbers within 100 km", values.size()),
                    "Give coordinates in metres");
    size_t i = 0;
    for (double* v : values) *v = array[i++].get<double>();
}

void Fields::pair(double& x, double& y) { numbers(object_, "", {&x, &y}); }

void Fields::point(const char* key, Vec2& value) {
    if (!reading_) return numbers(object_[key], "", {&value.x, &value.y});
    if (Json* found = take(key, required, Json::value_t::array, "a list of two numbers"))
        numbers(*found, std::string("/") + key, {&value.x, &value.y});
}

void Fields::polygon(const char* key, std::vector<Vec2>& value, Need need) {
    list(
        key, value, [](Fields& corner, Vec2& v) { corner.pair(v.x, v.y); }, need);
}

void Fields::items(const char* key, size_t count, const std::function<void()>& clear,
                   const std::function<void(Fields&, size_t)>& visit, Need need) {
    if (!reading_) {
        if (need == optional && count == 0) return;
        Json array = Json::array();
        for (size_t i = 0; i < count; ++i) {
            Json one;
            Fields inner(one, "", false);
            visit(inner, i);
            array.push_back(std::move(one));
        }
        object_[key] = std::move(array);
        return;
    }
    Json* found = take(key, need, Json::value_t::array, "a list");
    if (found == nullptr) return;
    clear();
    for (size_t i = 0; i < found->size() && !fault_; ++i) {
        Fields inner((*found)[i], place_ + "/" + key + "/" + std::to_string(i), true);
        visit(inner, i);
        adopt(inner);
    }
}

void Fields::triple(const char* key, double& x, double& y, double& z) {
    if (!reading_) return numbers(object_[key], "", {&x, &y, &z});
    if (Json* found = take(key, required, Json::value_t::array, "a list of three numbers"))
        numbers(*found, std::string("/") + key, {&x, &y, &z});
}

namespace {

// In what is kept of an object: what belongs to objects within it, by JSON pointer.
constexpr const char* kWithin = "~within";
constexpr const char* kItsId = "~id";

void add_missing(Json& to, const Json& keys) {
    for (const auto& [key, value] : keys.items())
        if (key != kItsId && !to.contains(key)) to[key] = value;
}

}  // namespace

Json Fields::unknown() const {
    Json out = Json::object();
    if (object_.is_object())
        for (const auto& [key, value] : object_.items())
            if (!named_.contains(key)) out[key] = value;
    return out;
}

void Fields::adopt(const Fields& inner) {
    if (!fault_) fault_ = inner.fault_;
    if (!reading_ || inner.keeps_rest_) return;
    const std::string pointer = inner.place_.substr(place_.size());
    if (Json keys = inner.unknown(); !keys.empty()) {
        if (inner.object_.contains("id")) keys[kItsId] = inner.object_["id"];
        within_[pointer] = std::move(keys);
    }
    for (const auto& [deeper, keys] : inner.within_.items()) within_[pointer + deeper] = keys;
}

// Items of a list may have moved: one with an id is found by it.
void Fields::put_back(const std::string& pointer, const Json& keys) {
    const Json::json_pointer at(pointer);
    const auto is_it = [&](const Json& item) {
        return item.is_object() && (!keys.contains(kItsId) || (item.contains("id") && item["id"] == keys[kItsId]));
    };
    if (object_.contains(at) && is_it(object_[at])) return add_missing(object_[at], keys);
    const auto list = at.parent_pointer();
    if (!keys.contains(kItsId) || !object_.contains(list) || !object_[list].is_array()) return;
    for (Json& item : object_[list])
        if (is_it(item)) return add_missing(item, keys);
}

void Fields::rest(std::string& extra) {
    keeps_rest_ = true;
    if (reading_) {
        Json more = unknown();
        more.erase(kWithin);  // a name that is ours, whatever a file says
        if (!within_.empty()) more[kWithin] = within_;
        extra = more.empty() ? "" : more.dump();
        return;
    }
    if (extra.empty()) return;
    const auto more = parse_json(extra, "");
    for (const auto& [key, value] : more->items())
        if (key != kWithin) object_[key] = value;
    if (more->contains(kWithin))
        for (const auto& [pointer, keys] : (*more)[kWithin].items()) put_back(pointer, keys);
}

void Fields::no_more() {
    if (!reading_ || !object_.is_object()) return;
    for (const auto& [key, value] : object_.items())
        if (!named_.contains(key))
            return fail("/" + plain_text(key, 60), "nothing is known by this name",
                        "Correct its spelling, or take it away");
}

}  // namespace wp::store
