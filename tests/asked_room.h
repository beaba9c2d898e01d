// SPDX-License-Identifier: GPL-3.0-or-later
// The one room with every kind of question, coarse enough to be answered while a test waits.
#pragma once
#include "support.h"

namespace wp::test {

inline model::Project asked_room(double daylight_accuracy) {
    auto project = one_room();
    project.site.weather = "year.epw";
    project.questions[0].accuracy = daylight_accuracy;
    model::Question year, glare;
    year.id = "year";
    year.name = "Year";
    year.kind = model::Question::Kind::year;
    year.accuracy = 0.4;
    glare.id = "glare";
    glare.name = "Glare";
    glare.kind = model::Question::Kind::glare;
    glare.observer = "eye";
    glare.moment = {6, 21, 12};
    glare.accuracy = 0.05;
    glare.picture.pixels = 48;
    project.questions.push_back(year);
    project.questions.push_back(glare);
    return project;
}

}  // namespace wp::test
