// SPDX-License-Identifier: GPL-3.0-or-later
// What the house promises of itself: no Qt below the report, arrows one way, a licence line in every file.
#include <gtest/gtest.h>

#include <filesystem>
#include <map>
#include <set>
#include <string>

#include "base/file.h"

namespace fs = std::filesystem;

namespace {

const std::set<std::string> kCore = {"base",     "climate",  "model",  "shading", "describe", "geometry", "light",
                                     "question", "analysis", "figure", "metric",  "rule",     "store",    "exchange"};
// What each folder may include besides itself.
const std::map<std::string, std::set<std::string>> kMay = {
    {"base", {}},
    {"climate", {"base"}},
    {"model", {"base", "climate"}},
    {"shading", {"base", "model"}},
    {"describe", {"base", "climate", "model", "shading"}},
    {"geometry", {"base", "climate", "model", "shading"}},
    {"light", {"base", "climate", "model", "geometry"}},
    {"metric", {"base", "climate"}},
    {"question", {"base", "climate", "model", "geometry", "light", "metric"}},
    {"analysis", {"base", "climate", "model", "describe", "geometry", "light", "question"}},
    {"figure", {"base", "climate", "model", "geometry", "light", "metric", "question"}},
    {"store", {"base", "climate", "model", "describe"}},
    {"rule", {"base", "climate", "model", "geometry", "question", "analysis", "figure", "metric", "store"}},
    {"exchange",
     {"base", "climate", "model", "geometry", "light", "question", "analysis", "figure", "metric", "rule"}}};

std::vector<fs::path> sources(const fs::path& root) {
    std::vector<fs::path> out;
    for (const auto& entry : fs::recursive_directory_iterator(root))
        if (entry.path().extension() == ".cpp" || entry.path().extension() == ".h") out.push_back(entry.path());
    return out;
}

}  // namespace

TEST(Structure, the_core_knows_no_qt_and_arrows_point_one_way) {
    size_t seen = 0;
    for (const auto& file : sources(WARMPANE_SOURCE "/src")) {
        const std::string folder = fs::relative(file, WARMPANE_SOURCE "/src").begin()->string();
        if (!kCore.contains(folder)) continue;
        ++seen;
        const std::string text = *wp::read_file(file);
        EXPECT_EQ(text.find("#include <Q"), std::string::npos) << file;
        for (size_t at = text.find("#include \""); at != std::string::npos; at = text.find("#include \"", at + 1)) {
            const std::string target = text.substr(at + 10, text.find_first_of("/\"", at + 10) - at - 10);
            EXPECT_TRUE(target == folder || kMay.at(folder).contains(target)) << file << " includes " << target;
        }
    }
    EXPECT_GT(seen, 40u);
}

TEST(Structure, every_source_carries_its_licence) {
    for (const auto* root : {WARMPANE_SOURCE "/src", WARMPANE_SOURCE "/tests", WARMPANE_SOURCE "/bench"})
        for (const auto& file : sources(root))
            EXPECT_EQ(wp::read_file(file)->rfind("// SPDX-License-Identifier: GPL-3.0-or-later", 0), 0u) << file;
}
