// SPDX-License-Identifier: GPL-3.0-or-later
// ISO 10303-21, clear text: instances are found once and read when they are asked for, so that a file costs little more
// memory than its text. Bytes are not trusted.
#pragma once
#include <cstdint>
#include <optional>
#include <string>
#include <string_view>
#include <unordered_map>
#include <vector>

#include "base/progress.h"
#include "base/result.h"

namespace wp::incoming {

/// A value of an instance.
struct StepValue {
    enum class Kind { nothing, derived, number, text, word, reference, list, typed };
    Kind kind = Kind::nothing;
    double number = 0;
    uint64_t reference = 0;
    std::string text;  ///< decoded; of a word without its dots; of what is typed its type
    std::vector<StepValue> items;

    bool is_set() const { return kind != Kind::nothing && kind != Kind::derived; }
    std::optional<double> as_number() const;
    /// Empty where it is no text.
    std::string as_text() const { return kind == Kind::text ? text : std::string(); }
    uint64_t as_reference() const { return kind == Kind::reference ? reference : 0; }
    /// Of a list its references; of one reference that one.
    std::vector<uint64_t> as_references() const;
    bool is_word(std::string_view word) const { return kind == Kind::word && text == word; }
};

struct StepInstance {
    std::string type;  ///< in capitals; empty: there is no such instance, or it is damaged
    std::vector<StepValue> values;
    /// Nothing where there are fewer.
    const StepValue& at(size_t i) const;
    explicit operator bool() const { return !type.empty(); }
};

class StepFile {
 public:
    /// Takes the text. Faults: no ISO 10303-21, an instance that is damaged, with its line.
    static Result<StepFile> read(std::string text, const std::string& name, const Cancel& cancel = {},
                                 const Progress& progress = {});
    /// By its number; empty where it is not there.
    StepInstance get(uint64_t id) const;
    /// In the order of the file; type in capitals.
    const std::vector<uint64_t>& of_type(std::string_view type) const;
    const std::string& schema() const { return schema_; }
    size_t size() const { return places_.size(); }

 private:
    std::string text_, schema_;
    std::unordered_map<uint64_t, std::pair<size_t, size_t>> places_;  ///< from "TYPE(" on, length
    std::unordered_map<std::string, std::vector<uint64_t>> types_;
};

}  // namespace wp::incoming
