// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/figures.h"

#include <cctype>
#include <charconv>
#include <cmath>
#include <string>

namespace wp {

namespace {

constexpr int kDeepestBrackets = 50;  // of parentheses

class Reader {
 public:
    Reader(std::string text, Unit unit) : text_(std::move(text)), unit_(unit) {}

    std::optional<double> read() {
        const auto value = sum(0);
        skip();
        if (!value || at_ != text_.size() || !std::isfinite(*value)) return {};
        return value;
    }

 private:
    void skip() {
        while (at_ < text_.size() && std::isspace(static_cast<unsigned char>(text_[at_]))) ++at_;
    }
    bool take(std::string_view word) {
        skip();
        if (text_.compare(at_, word.size(), word) != 0) return false;
        at_ += word.size();
        return true;
    }

    std::optional<double> sum(int depth) {
        auto value = product(depth);
        while (value) {
            const bool plus = take("+");
            if (!plus && !take("-")) return value;
            const auto next = product(depth);
            if (!next) return {};
            *value += plus ? *next : -*next;
        }
        return {};
    }

    std::optional<double> product(int depth) {
        auto value = factor(depth);
        while (value) {
            const bool times = take("*") || take("\xc3\x97");
            if (!times && !take("/")) return value;
            const auto next = factor(depth);
            if (!next) return {};
            *value = times ? *value * *next : *value / *next;
        }
        return {};
    }

    std::optional<double> factor(int depth) {
        if (depth > kDeepestBrackets) return {};
        if (take("-")) {
            if (take("-")) return {};
            const auto value = factor(depth + 1);
            return value ? std::optional(-*value) : std::nullopt;
        }
        if (take("(")) {
            const auto value = sum(depth + 1);
            return value && take(")") ? value : std::nullopt;
        }
        return figure();
    }

    // One number with its unit; in feet also the inches behind it.
    std::optional<double> figure() {
        auto value = number();
        if (!value) return {};
        if (unit_ == Unit::percent) take("%");
        if (unit_ == Unit::degree) take("\xc2\xb0");
        if (unit_ != Unit::metre) return value;
        const bool feet = take("ft") || take("'");
        if (feet) {
            const size_t before = at_;
            const auto inches = number();
            if (inches && (take("in") || take("\"") || ends_figure())) return *value * 0.3048 + *inches * 0.0254;
            at_ = before;
            return *value * 0.3048;
        }
        if (take("mm")) return *value / 1000;
        if (take("cm")) return *value / 100;
        if (take("in") || take("\"")) return *value * 0.0254;
        if (!take("m")) return value;
        // "2 m 40 cm": smaller units behind a larger one are added.
        const size_t before = at_;
        if (const auto more = number()) {
            if (take("mm")) return *value + *more / 1000;
            if (take("cm")) return *value + *more / 100;
        }
        at_ = before;
        return value;
    }

    bool ends_figure() {
        skip();
        return at_ == text_.size() || std::string_view("+-*/)").find(text_[at_]) != std::string_view::npos;
    }

    std::optional<double> number() {
        skip();
        if (at_ == text_.size() || !(std::isdigit(static_cast<unsigned char>(text_[at_])) || text_[at_] == '.'))
            return {};
        double value = 0;
        const auto [end, error] =
            std::from_chars(text_.data() + at_, text_.data() + text_.size(), value, std::chars_format::fixed);
        if (error != std::errc()) return {};
        at_ = static_cast<size_t>(end - text_.data());
        return value;
    }

    std::string text_;
    Unit unit_;
    size_t at_ = 0;
};

}  // namespace

std::optional<double> read_figure(std::string_view text, Unit unit) {
    std::string plain;
    for (const char c : text) plain += c == ',' ? '.' : static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
    const auto value = Reader(std::move(plain), unit).read();
    return value && unit == Unit::percent ? std::optional(*value / 100) : value;
}

}  // namespace wp
