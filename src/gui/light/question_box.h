// SPDX-License-Identifier: GPL-3.0-or-later
// Asks what is to be asked: the words of a question, and a dialog for a new or a changed one.
#pragma once
#include <QString>
#include <QWidget>
#include <optional>

#include "gui/document/document.h"

namespace wp::gui {

/// "Sunlight hours at the windows, 21 Mar": what a question asks, in few words.
QString question_words(const model::Question& question);

/// Asks for a question; before is what the fields begin with. moment and sky are those of the desktop. None where it
/// was given up.
std::optional<model::Question> ask_question(QWidget* parent, const Document& document, model::Question before);

class Desktop;
/// Asks for a new question of the project and has it answered on the option that is shown; its id.
std::optional<model::Id> ask_new_question(Desktop& desktop, const model::Question& before);

}  // namespace wp::gui
