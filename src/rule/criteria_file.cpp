// SPDX-License-Identifier: GPL-3.0-or-later
#include "rule/criteria_file.h"

#include "base/file.h"
#include "base/text.h"
#include "store/document.h"
#include "store/json_describer.h"

namespace wp::rule {

namespace {

constexpr size_t kMostBytes = size_t{1} << 20;
constexpr store::DocumentKind kKind{"warmpane_criteria", model::kCriteriaVersion, "criteria set",
                                    "Open a file that Warm Pane wrote, or see docs/formats/criteria.md"};

}  // namespace

Result<CriteriaSet> parse_criteria(std::string_view text, const std::string& name) {
    auto document = store::parse_document(text, name, kKind);
    if (!document) return document.fault();
    CriteriaSet set;
    store::Fields fields = store::Fields::reader(*document);
    store::visit(fields, set);
    if (!fields.fault() && !set.extra.empty())
        return Fault{name, "there are keys that mean nothing: " + plain_text(set.extra, 120),
                     "Correct or remove them; docs/formats/criteria.md lists those that there are"};
    const Outcome fault = fields.fault() ? fields.fault() : check_set(set);
    if (fault) return store::in_file(name, *fault);
    return set;
}

Result<CriteriaSet> read_criteria(const std::filesystem::path& path) {
    return store::parse_file(path, kMostBytes, parse_criteria);
}

std::string write_criteria(const CriteriaSet& set) {
    Json document = Json::object();
    document[kKind.key] = kKind.newest;
    store::Fields fields = store::Fields::writer(document);
    CriteriaSet copy = set;
    store::visit(fields, copy);
    return json_file(document);
}

Outcome save_criteria(const CriteriaSet& set, const std::filesystem::path& path) {
    std::error_code error;
    if (std::filesystem::exists(path, error))
        if (const auto there = read_criteria(path); !there)
            return Fault{there.fault().place, "not overwritten: " + there.fault().what, "Save under another name"};
    return write_file(path, write_criteria(set));
}

}  // namespace wp::rule
