// SPDX-License-Identifier: GPL-3.0-or-later
// Copy and paste, between storeys, options, projects and running programs: what is copied is a small project as text.
#pragma once
#include <QString>

#include "base/result.h"
#include "edit/edit.h"
#include "model/project.h"

namespace wp::gui {

/// The text for the clipboard. Openings that are copied without their room are kept as a wall of their own.
QString clip_of(const model::Project& project, const model::Option& option, const edit::Items& items);

/// Puts what a text holds onto a storey of an option of the project; loose openings go onto the given walls. Materials
/// that are missing come along. A fault where the text is none of ours.
Result<edit::Items> paste_clip(const QString& text, model::Project& project, size_t option, size_t storey,
                               const edit::Items& walls, Vec2 shift);

}  // namespace wp::gui
