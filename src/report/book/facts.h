// SPDX-License-Identifier: GPL-3.0-or-later
// What a report tells of: a project, and what is known of its options. Gathered by who has it; nothing here is asked.
#pragma once
#include <QString>
#include <filesystem>
#include <memory>
#include <string>
#include <vector>

#include "climate/weather.h"
#include "exchange/verdict_tables.h"
#include "figure/figures.h"
#include "model/project.h"
#include "question/shots.h"

namespace wp::report {

struct MadeAnswer {
    std::string name;  ///< of its question
    Record record;
};

struct BookOption {
    const model::Option* option = nullptr;
    const geometry::Surfaces* surfaces = nullptr;
    figure::Answers answers;
    exchange::Certified certified;
    std::vector<MadeAnswer> made;
    std::vector<std::string> missing;  ///< questions that the sets need and nobody has asked
    std::vector<std::string> stale;    ///< questions whose answers are of another building than stands now: left out
    bool settles = false;              ///< some of it is still being traced
};

/// Pictures that one question took, of places, in directions, at moments.
struct BookShots {
    std::string name;  ///< of the question
    std::vector<question::Taken> pictures;
    size_t in_row = 1;
    bool of_several_options = false;
    bool stale = false;  ///< of another building than stands now: left out
};

struct BookFacts {
    std::shared_ptr<const void> holds;  ///< all that is pointed to
    const model::Project* project = nullptr;
    const climate::WeatherYear* weather = nullptr;  ///< null: there is none
    std::vector<BookOption> options;                ///< the first is told of; the others stand beside it
    std::vector<std::shared_ptr<const BookShots>> shots;
    std::filesystem::path folder;  ///< that files are named from
    QString day;                   ///< on which it is made
    const BookOption& main() const { return options.front(); }
};
using HeldFacts = std::shared_ptr<const BookFacts>;

}  // namespace wp::report
