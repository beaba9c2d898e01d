// SPDX-License-Identifier: GPL-3.0-or-later
// All that is known of one option, for figures that are read from it.
#pragma once
#include <deque>

#include "figure/figures.h"
#include "gui/answers/kept_answers.h"
#include "gui/document/document.h"

namespace wp::gui {

/// The answers of an option, held on to: taken in the interface thread, at next to no cost.
struct Held {
    std::shared_ptr<const model::Project> project;
    size_t option = 0;
    double median_diffuse = 0;  ///< lx, of the site's daylit hours; 0 without weather
    std::shared_ptr<const question::DaylightFactorAnswer> daylight;
    std::shared_ptr<const question::MomentAnswer> moment;
    std::vector<std::pair<model::Question::Kind, std::shared_ptr<const question::TableAnswer>>> tables;
    /// Of all questions, wherever they were asked, as they are now.
    struct Asked {
        model::Question question;
        std::shared_ptr<const question::TableAnswer> answer;
        AskedOf project;  ///< as it was when it was asked
    };
    std::vector<Asked> asked;
    std::shared_ptr<const question::YearAnswer> year;
    YearStage year_stage;
    std::shared_ptr<const question::GlareAnswer> glare;

    /// What each analysis' answer is: the same pointer, the same answer.
    std::map<model::Question::Kind, const void*> given() const;
    /// All of them, so that whoever remembers their addresses keeps these from being given to others.
    std::vector<std::shared_ptr<const void>> holds() const;
};
/// Answers on the planes of an option: live ones, the year, and of each other kind the first question that is answered.
Held hold_answers(const Document& document, const KeptAnswers& kept, size_t option);

/// Moved only: answers points into the tables that were made.
struct Gathered {
    Gathered() = default;
    Gathered(Gathered&&) = default;
    Gathered& operator=(Gathered&&) = default;
    Gathered(const Gathered&) = delete;
    Gathered& operator=(const Gathered&) = delete;

    figure::Answers answers;
    std::map<model::Question::Kind, const void*> given;
    std::deque<question::PointTable> made;  ///< tables that answers points to
    Held held;
};
/// Makes their tables: in any thread.
Gathered gather(Held held);

}  // namespace wp::gui
