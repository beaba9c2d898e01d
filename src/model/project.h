// SPDX-License-Identifier: GPL-3.0-or-later
// The building as the designer thinks of it. Plain values: copying a project copies all of it, two equal projects are
// equal field by field. Metres, degrees for angles a person types, shares from 0 to 1.
//
// Axes: x to the right of the drawing, y up the drawing, z up. Site::north says where true north lies.
#pragma once
#include <string>
#include <vector>

#include "model/arrival.h"
#include "model/choices.h"
#include "model/criteria.h"
#include "model/finish.h"
#include "model/option.h"
#include "model/question.h"
#include "model/report.h"
#include "model/site.h"

namespace wp::model {

struct Project;
/// The project's first question of a kind that is asked on planes, asked on all of them; a usual one where it has none:
/// what is kept live.
Question question_of(const Project& project, Question::Kind kind);

struct Project {
    std::string name;
    Site site;
    std::vector<Material> materials;
    std::vector<LuminaireType> luminaire_types;
    std::vector<Option> options;
    std::vector<Question> questions;
    std::vector<Occupancy> occupancies;
    YearCalendar calendar;
    EnergyFactors energy;
    std::vector<std::string> criteria;  ///< ids of the criteria sets it answers to, its own or the program's
    std::vector<CriteriaSet> own_sets;  ///< that were made or changed here; they go before the program's of the same id
    std::vector<SetCheck> set_checks;   ///< which sets somebody has held against the edition
    Id former;                          ///< the option that stands for how it was before; empty: none
    Report report;                      ///< how the report on it is composed
    std::vector<Series> series;         ///< numbers that are varied in steps
    std::vector<HandFigure> hand_figures;
    std::vector<EyeCurve> eye_curves;  ///< that light by wavelength is weighted with, too
    Decision decision;
    std::vector<Shape> shapes;          ///< that things are copies of
    std::vector<Arrival> arrivals;      ///< files that were read
    double blind_transmittance = 0.05;  ///< diffuse visible transmittance of closed blinds
    Extra extra;
    bool operator==(const Project&) const;

    Project();
    Project(const Project&);
    Project(Project&&) noexcept;
    Project& operator=(const Project&);
    Project& operator=(Project&&) noexcept;
    ~Project();
};

}  // namespace wp::model

// Copying, comparing and releasing these is compiled once, in values.cpp: every file that touches one would make it
// anew.
extern template class std::vector<wp::model::Material>;
extern template class std::vector<wp::model::Occupancy>;
extern template class std::vector<wp::model::Holiday>;
