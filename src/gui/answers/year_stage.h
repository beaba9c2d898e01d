// SPDX-License-Identifier: GPL-3.0-or-later
// How far a year has come that is traced while one draws.
#pragma once
#include <memory>

#include "model/project.h"

namespace wp::gui {

/// Planes so many times as coarse as they were drawn, and the accuracy that is traced for; 0: the question's.
struct YearStage {
    double coarser = 1, accuracy = 0;
    bool is_whole() const { return coarser <= 1 && accuracy <= 0; }
    bool operator==(const YearStage&) const = default;
};

/// The project as it is asked at a stage.
std::shared_ptr<const model::Project> at_stage(const std::shared_ptr<const model::Project>& project, size_t option,
                                               const YearStage& stage);

}  // namespace wp::gui
