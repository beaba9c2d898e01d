// SPDX-License-Identifier: GPL-3.0-or-later
// A table of figures from elsewhere, as an answer on the planes of the option that is shown.
#pragma once
#include <filesystem>

#include "gui/answers/kept_answers.h"
#include "gui/document/document.h"

namespace wp::gui {

/// Files the table and gives back the id it is known by. Figures that we have an answer to, under the same name and on
/// the same points, get a column of differences.
Result<model::Id> open_foreign_table(const Document& document, KeptAnswers& kept, const std::filesystem::path& path);

}  // namespace wp::gui
