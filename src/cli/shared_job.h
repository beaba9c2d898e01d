// SPDX-License-Identifier: GPL-3.0-or-later
// What the first process of a run tells the others to help with.
#pragma once
#include <optional>
#include <string>
#include <string_view>

#include "base/result.h"
#include "model/choices.h"
#include "model/question.h"

namespace wp::cli {

struct SharedJob {
    enum class What {
        table,     ///< of one question, made by one
        year,      ///< made by all, block by block
        seats,     ///< the light of a year around all observers, likewise
        pictures,  ///< of one question, each made by one
        steps,     ///< of a series, each made by one
    };
    What what = What::table;
    model::Id option;
    model::Question question;        ///< of all but steps: as it is asked
    model::Series series;            ///< of steps
    std::optional<double> accuracy;  ///< of steps: in place of their questions' own
};

std::string write(const SharedJob& job);
Result<SharedJob> read_shared_job(std::string_view bytes);

}  // namespace wp::cli
