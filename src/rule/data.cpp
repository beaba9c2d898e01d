// SPDX-License-Identifier: GPL-3.0-or-later
#include "rule/data.h"

#include <algorithm>

#include "base/data_folder.h"
#include "rule/criteria_file.h"

namespace wp::rule {

std::vector<std::string> criteria_sets() {
    std::vector<std::string> ids;
    std::error_code error;
    for (const auto& entry : std::filesystem::directory_iterator(data_folder() / "criteria", error))
        if (entry.path().extension() == ".json") ids.push_back(entry.path().stem().string());
    std::ranges::sort(ids);
    return ids;
}

Result<CriteriaSet> criteria_set(const std::string& id) {
    const bool plain = !id.empty() && std::all_of(id.begin(), id.end(), [](char c) {
        return (c >= 'a' && c <= 'z') || (c >= '0' && c <= '9') || c == '-';
    });
    if (!plain)
        return Fault{"/criteria", "\"" + id + "\" is no name of a criteria set",
                     "Use small letters, digits and hyphens"};
    return read_criteria(data_folder() / "criteria" / (id + ".json"));
}

const UsualValues& usual_values() {
    static const UsualValues values = [] {
        auto read = read_usual_values(data_folder() / "usual_values.json");
        return read ? std::move(*read) : UsualValues{};
    }();
    return values;
}

}  // namespace wp::rule
