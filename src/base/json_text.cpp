// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/json_text.h"

#include <fmt/core.h>

#include <algorithm>
#include <set>
#include <vector>

#include "base/text.h"

namespace wp {

namespace {

// Of all files of ours none has a number this long.
constexpr size_t kLongestNumber = 400;

Fault fault_at(std::string_view text, size_t at, const std::string& name, const std::string& what,
               const std::string& remedy) {
    at = std::min(at, text.size());
    const auto line = 1 + std::count(text.begin(), text.begin() + static_cast<std::ptrdiff_t>(at), '\n');
    const size_t begin = at == 0 ? std::string_view::npos : text.rfind('\n', at - 1);
    const size_t column = at - (begin == std::string_view::npos ? 0 : begin + 1) + 1;
    return {fmt::format("{}, line {}, column {}", name, line, column), what, remedy};
}

// Before it is parsed: how deep it goes and how long its numbers are.
Outcome look_over(std::string_view text, const std::string& name) {
    size_t depth = 0, digits = 0;
    bool quoted = false;
    for (size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (quoted) {
            if (c == '\\')
                ++i;
            else if (c == '"')
                quoted = false;
            continue;
        }
        quoted = c == '"';
        if ((c == '[' || c == '{') && ++depth > kDeepest)
            return fault_at(text, i, name, fmt::format("brackets stand in one another more than {} deep", kDeepest),
                            "Restore the file from a copy; it was left as it is");
        if ((c == ']' || c == '}') && depth > 0) --depth;
        digits = c >= '0' && c <= '9' ? digits + 1 : 0;
        if (digits > kLongestNumber)
            return fault_at(text, i, name, "a number has more digits than any value needs", "Round it");
    }
    return {};
}

// Builds the value, and sees keys that stand twice.
class Builder : public nlohmann::detail::json_sax_dom_parser<Json> {
    using Base = nlohmann::detail::json_sax_dom_parser<Json>;

 public:
    explicit Builder(Json& to) : Base(to, false) {}
    bool start_object(std::size_t size) {
        keys_.emplace_back();
        return Base::start_object(size);
    }
    bool end_object() {
        keys_.pop_back();
        return Base::end_object();
    }
    bool key(std::string& key) {
        if (!keys_.back().insert(key).second) {
            twice = key;
            return false;
        }
        return Base::key(key);
    }
    template <class Error>
    bool parse_error(std::size_t at, const std::string&, const Error& error) {
        byte = at;
        too_large = error.id == 406;  // of the library: a number out of range
        return false;
    }
    std::optional<std::string> twice;
    size_t byte = 0;
    bool too_large = false;

 private:
    std::vector<std::set<std::string>> keys_;
};

}  // namespace

Result<Json> parse_json(std::string_view text, const std::string& name) {
    if (auto fault = look_over(text, name)) return *fault;
    Json out;
    Builder builder(out);
    if (Json::sax_parse(text, &builder)) return out;
    if (builder.twice)
        return Fault{name, fmt::format("the key \"{}\" stands twice in one object", plain_text(*builder.twice, 60)),
                     "Take one of the two away"};
    const size_t at = builder.byte > 0 ? builder.byte - 1 : 0;
    if (builder.too_large) return fault_at(text, at, name, "a number is too large", "Give one within 1e300");
    return fault_at(text, at, name, "the text stops being JSON here",
                    "Restore the file from a copy; it was left as it is");
}

std::string json_file(const Json& value) { return value.dump(1, ' ', false, Json::error_handler_t::replace) + "\n"; }

namespace {

// Walks heads of items without going into them: a stack of how many items are still due at each depth.
class CborWalk {
 public:
    explicit CborWalk(std::string_view bytes) : bytes_(bytes) {}
    bool sound() {
        due_ = {1};
        while (!due_.empty()) {
            if (due_.back() == 0) {
                due_.pop_back();
                continue;
            }
            --due_.back();
            if (!item()) return false;
        }
        return at_ == bytes_.size();
    }

 private:
    // Our files have sizes told in advance, no tags.
    bool item() {
        if (at_ >= bytes_.size()) return false;
        const auto head = static_cast<unsigned char>(bytes_[at_++]);
        const unsigned major = head >> 5, more = head & 31;
        uint64_t value = more;
        if (more >= 24) {
            if (more > 27) return false;
            const size_t width = size_t{1} << (more - 24);
            if (width > bytes_.size() - at_) return false;
            value = 0;
            for (size_t i = 0; i < width; ++i) value = value << 8 | static_cast<unsigned char>(bytes_[at_++]);
        }
        const size_t left = bytes_.size() - at_;
        switch (major) {
            case 2:
            case 3:
                if (value > left) return false;
                at_ += static_cast<size_t>(value);
                return true;
            case 4:
            case 5:
                // Each item takes a byte at least.
                if (value > left || due_.size() >= kDeepest) return false;
                due_.push_back(major == 5 ? 2 * value : value);
                return true;
            case 6:
                return false;
            default:
                return true;
        }
    }

    std::string_view bytes_;
    size_t at_ = 0;
    std::vector<uint64_t> due_;
};

}  // namespace

bool is_sound_cbor(std::string_view bytes) { return CborWalk(bytes).sound(); }

}  // namespace wp
