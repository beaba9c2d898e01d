// SPDX-License-Identifier: GPL-3.0-or-later
// What is known of one member of a value, for a row that edits it.
#pragma once
#include <stdexcept>
#include <vector>

#include "describe/describe.h"
#include "describe/silent.h"

namespace wp::describe {

/// A field and, of a choice, its words.
struct KnownField : Field {
    std::vector<Word> words;
};

class FieldFinder : public SilentDescriber {
 public:
    explicit FieldFinder(const void* member) : member_(member) {}
    const std::vector<KnownField>& found() const { return found_; }

    void text(const Field& f, std::string& v) override { see(f, &v); }
    void number(const Field& f, double& v) override { see(f, &v); }
    void whole(const Field& f, int& v) override { see(f, &v); }
    void flag(const Field& f, bool& v) override { see(f, &v); }
    void chosen(const Field& f, const void* v, std::span<const Word> words) override {
        see(f, v);
        if (v == member_) found_.back().words.assign(words.begin(), words.end());
    }

 private:
    void see(const Field& f, const void* v) {
        if (v == member_) found_.push_back({f, {}});
    }
    const void* member_;
    std::vector<KnownField> found_;
};

/// The field of a member of a value, which decides about its words; it must count there.
template <class T, class M>
KnownField field_of(const T& value, M T::*member) {
    FieldFinder finder(&(value.*member));
    describe_const(finder, value);
    if (finder.found().empty()) throw std::logic_error("a member that is not described, or does not count here");
    return finder.found().front();
}

}  // namespace wp::describe
