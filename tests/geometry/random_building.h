// SPDX-License-Identifier: GPL-3.0-or-later
// Buildings that nobody would draw by hand, for what must hold of every building.
#pragma once
#include <cstdint>

#include "model/project.h"

namespace wp::test {

/// One or two storeys of rooms that share walls at odd angles, with openings near corners, partitions, floor voids,
/// roofs of every kind and rooflights. The same seed gives the same building.
model::Project random_building(uint32_t seed);

/// The two-storey building of the tests: shared walls, a stair void and a gallery, a gable roof with rooflights.
model::Project two_storeys();

}  // namespace wp::test
