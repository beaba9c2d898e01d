// SPDX-License-Identifier: GPL-3.0-or-later
// What the house promises of itself: no Qt below the report, arrows one way, a licence line in every file.
#include <gtest/gtest.h>

#include <filesystem>
#include <map>
#include <set>
#include <sstream>
#include <string>
#include <vector>

#include "base/file.h"

namespace fs = std::filesystem;

namespace {

// What each folder of the core may include besides itself, as its line in src/CMakeLists.txt says.
std::map<std::string, std::set<std::string>> allowed() {
    std::map<std::string, std::set<std::string>> out;
    std::istringstream lines(*wp::read_file(WARMPANE_SOURCE "/src/CMakeLists.txt"));
    for (std::string line; std::getline(lines, line);) {
        if (line.rfind("core_folder(", 0) != 0) continue;
        std::istringstream words(line.substr(12, line.find(')') - 12));
        std::string name, below;
        words >> name;
        auto& may = out[name];
        while (words >> below) may.insert(below);
    }
    return out;
}

std::vector<fs::path> sources(const fs::path& root) {
    std::vector<fs::path> out;
    for (const auto& entry : fs::recursive_directory_iterator(root))
        if (entry.path().extension() == ".cpp" || entry.path().extension() == ".h") out.push_back(entry.path());
    return out;
}

}  // namespace

TEST(Structure, the_core_knows_no_qt_and_arrows_point_one_way) {
    const auto may = allowed();
    ASSERT_GE(may.size(), 14u);
    size_t seen = 0;
    for (const auto& file : sources(WARMPANE_SOURCE "/src")) {
        const std::string folder = fs::relative(file, WARMPANE_SOURCE "/src").begin()->string();
        if (!may.contains(folder)) {
            EXPECT_TRUE(std::set<std::string>({"report", "gui", "cli", "mpi"}).contains(folder))
                << file << " is in no folder of the house";
            continue;
        }
        ++seen;
        const std::string text = *wp::read_file(file);
        EXPECT_EQ(text.find("#include <Q"), std::string::npos) << file;
        for (size_t at = text.find("#include \""); at != std::string::npos; at = text.find("#include \"", at + 1)) {
            const std::string target = text.substr(at + 10, text.find_first_of("/\"", at + 10) - at - 10);
            EXPECT_TRUE(target == folder || may.at(folder).contains(target)) << file << " includes " << target;
        }
    }
    EXPECT_GT(seen, 40u);
}

// Folders of the desktop stand in an order: whoever is included includes nothing of his includer, however far away.
TEST(Structure, no_two_folders_of_the_desktop_need_each_other) {
    std::map<std::string, std::map<std::string, std::string>> needs;  // folder, folder, by which file
    const fs::path root = WARMPANE_SOURCE "/src/gui";
    const std::string mark = "#include \"gui/";
    for (const auto& file : sources(root)) {
        const std::string folder = fs::relative(file, root).begin()->string();
        const std::string text = *wp::read_file(file);
        for (size_t at = text.find(mark); at != std::string::npos; at = text.find(mark, at + 1)) {
            const size_t begin = at + mark.size();
            const std::string target = text.substr(begin, text.find_first_of("/\"", begin) - begin);
            if (target != folder) needs[folder].emplace(target, file.filename().string());
        }
    }
    ASSERT_GE(needs.size(), 15u);
    for (const auto& [from, firsts] : needs) {
        std::set<std::string> reached;
        std::vector<std::string> next;
        for (const auto& [to, by] : firsts) next.push_back(to);
        while (!next.empty()) {
            const std::string at = next.back();
            next.pop_back();
            if (!reached.insert(at).second) continue;
            if (const auto more = needs.find(at); more != needs.end())
                for (const auto& [to, by] : more->second) next.push_back(to);
        }
        EXPECT_FALSE(reached.contains(from)) << "gui/" << from << " comes back to itself";
    }
}

TEST(Structure, every_source_carries_its_licence) {
    for (const auto* root : {WARMPANE_SOURCE "/src", WARMPANE_SOURCE "/tests", WARMPANE_SOURCE "/bench"})
        for (const auto& file : sources(root))
            EXPECT_EQ(wp::read_file(file)->rfind("// SPDX-License-Identifier: GPL-3.0-or-later", 0), 0u) << file;
}

TEST(Structure, arrows_between_folders_make_no_circle) {
    auto may = allowed();
    // Whoever needs nothing that is left is taken away, until nobody is.
    for (bool went = true; went;) {
        went = false;
        for (auto it = may.begin(); it != may.end();) {
            const bool stands = std::none_of(it->second.begin(), it->second.end(),
                                             [&](const std::string& below) { return may.contains(below); });
            it = stands ? may.erase(it) : std::next(it);
            went = went || stands;
        }
    }
    EXPECT_TRUE(may.empty()) << may.begin()->first << " needs itself";
}
