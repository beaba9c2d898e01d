// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/document.h"

#include <fmt/core.h>

namespace wp::store {

Result<Json> parse_document(std::string_view text, const std::string& name, const DocumentKind& kind) {
    auto parsed = parse_json(text, name);
    if (!parsed) return parsed.fault();
    Json& document = *parsed;
    if (!document.is_object() || !document.contains(kind.key))
        return Fault{name, fmt::format("this is no {}", kind.what), kind.remedy};
    const std::string place = name + ", /" + kind.key;
    const Json& version = document[kind.key];
    if (!version.is_number_integer() || version.get<int64_t>() < 1)
        return Fault{place, "the version is not a whole number", "Restore the file from a copy"};
    if (version.get<int64_t>() > kind.newest)
        return Fault{place,
                     fmt::format("the file was written by a newer program (version {}; this one reads {})",
                                 version.get<int64_t>(), kind.newest),
                     "Update Warm Pane; the file was left as it is"};
    document.erase(kind.key);
    return std::move(document);
}

Fault in_file(const std::string& name, const Fault& fault) {
    return {name + ", " + fault.place, fault.what, fault.remedy};
}

}  // namespace wp::store
