// SPDX-License-Identifier: GPL-3.0-or-later
// What became of a file's elements: a plain account that stays with whoever read it.
#pragma once
#include <optional>
#include <string>
#include <vector>

#include "base/vec.h"

namespace wp::incoming {

struct Said {
    enum class What {
        made,      ///< what it became
        changed,   ///< put right on the way: a gap closed, a face turned
        left_out,  ///< not used, and why
    };
    What what = What::made;
    std::string element;  ///< as the file calls it
    std::string words;
    std::optional<Vec3> at;  ///< where, in the drawing
};

class Account {
 public:
    void made(const std::string& element, const std::string& words) { add(Said::What::made, element, words, {}); }
    void changed(const std::string& element, const std::string& words, std::optional<Vec3> at = {}) {
        add(Said::What::changed, element, words, at);
    }
    void left_out(const std::string& element, const std::string& words, std::optional<Vec3> at = {}) {
        add(Said::What::left_out, element, words, at);
    }
    /// Of many of one kind the first are told one by one.
    const std::vector<Said>& lines() const { return lines_; }
    size_t count(Said::What what) const {
        size_t n = 0;
        for (const Said& line : lines_) n += line.what == what ? 1 : 0;
        return n;
    }

 private:
    void add(Said::What what, const std::string& element, const std::string& words, std::optional<Vec3> at) {
        lines_.push_back({what, element, words, at});
    }
    std::vector<Said> lines_;
};

}  // namespace wp::incoming
