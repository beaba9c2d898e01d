// SPDX-License-Identifier: GPL-3.0-or-later
// How the report on a project is composed: what stands on its cover, on which paper, and which sections in which order.
#pragma once
#include <string>
#include <vector>

#include "model/material.h"

namespace wp::model {

struct ReportSection {
    enum class Of {
        cover,
        contents,
        summary,   ///< sets, verdicts, rooms
        site,      ///< site and weather, with what was doubtful
        drawings,  ///< plans and sections
        rooms,     ///< each room: maps, values with bands, year, blinds, profile
        criteria,  ///< tables with sources and notes
        glare,     ///< pictures and glare
        windows,   ///< schedule of windows and their glass
        blinds,    ///< shading and window groups
        finishes,  ///< with what was assumed
        use,       ///< occupied hours
        electric,  ///< electric light
        options,   ///< options compared
        record,    ///< accuracy, seeds, rays, time, version, validation, fingerprints
    };
    Of of = Of::cover;
    bool included = true;
    bool operator==(const ReportSection&) const;
};

struct Report {
    enum class Paper { a4, letter };
    std::string title;  ///< empty: the project's name
    std::string client, author;
    std::string day;            ///< as it is to be read; empty: the day on which it is made
    std::string logo, picture;  ///< picture files, relative to the project file; empty: none
    Paper paper = Paper::a4;
    std::vector<ReportSection> sections;  ///< in their order; those that are missing follow in the usual one
    Extra extra;
    bool operator==(const Report&) const;
};

/// All sections, each once: the report's own order, then what it does not name.
std::vector<ReportSection> sections_of(const Report& report);

}  // namespace wp::model

extern template class std::vector<wp::model::ReportSection>;
