// SPDX-License-Identifier: GPL-3.0-or-later
// A longer study than the tests': random buildings, millions of rays. warmpane-leaks [buildings] [rays each] [first
// seed]
#include <cstdio>
#include <cstdlib>

#include "geometry/leaks.h"
#include "geometry/random_building.h"

int main(int count, char** words) {
    const long buildings = count > 1 ? std::atol(words[1]) : 100, rays = count > 2 ? std::atol(words[2]) : 100000;
    const auto first = static_cast<uint32_t>(count > 3 ? std::atol(words[3]) : 1);
    long shot = 0, lost = 0;
    for (uint32_t i = 0; i < static_cast<uint32_t>(buildings); ++i) {
        const auto project = wp::test::random_building(first + i);
        const auto leaks = wp::test::find_leaks(project, project.options[0], rays, i);
        shot += leaks.rays;
        lost += leaks.all();
        if (leaks.all() > 0)
            std::printf("building %u: open %ld, into walls %ld, elsewhere %ld; first %s\n", first + i, leaks.open,
                        leaks.wrong_side, leaks.elsewhere, leaks.first.c_str());
    }
    std::printf("%ld rays in %ld buildings, %ld escaped\n", shot, buildings, lost);
    return lost == 0 ? 0 : 1;
}
