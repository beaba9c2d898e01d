// SPDX-License-Identifier: GPL-3.0-or-later
// Many pictures by one question: of every place, in every direction, at every moment, each with a name that tells them.
#pragma once
#include <string>
#include <vector>

#include "base/file.h"
#include "model/option.h"
#include "model/question.h"
#include "question/glare.h"

namespace wp::question {

/// One picture of a question.
struct Shot {
    model::Question question;   ///< asks this picture alone
    std::string place;          ///< name of the observer or view
    bool has_direction = true;  ///< else it is all around, or a view that says by its name how it looks
    double azimuth = 0;         ///< degrees clockwise from true north, 0 to 360
    std::string file;           ///< part of a file's name: place, direction and time
    /// "towards SE (135°)"; empty where there is none to tell.
    std::string direction() const;
    /// "Reading table, towards SE (135°), 21 Jun 12:00".
    std::string words() const;
};
inline constexpr size_t kMostShots = 20000;

/// Whether a question asks for pictures by places, directions or moments, rather than for one.
bool is_batch(const model::Question& question);
/// By place, then direction, then moment; the same direction once. north: Site::north. Faults: an observer that the
/// option does not have, no direction of that number, more than kMostShots.
Result<std::vector<Shot>> shots_of(const model::Option& option, const model::Question& question, double north);
/// How many pictures stand side by side so that what differs least lies in one row: moments, else directions.
size_t shots_in_row(const std::vector<Shot>& shots);

/// A picture of a batch as it stands among the others: its figures, and a small picture of it.
struct Taken {
    model::Id option;
    std::string option_name;
    Shot shot;
    /// Evened out and taken together to at most so many pixels across; figures stay those of the whole one, sources and
    /// suns are left out.
    GlareAnswer small;
    std::vector<std::optional<double>> indices;  ///< as metric::glare_indices(); none where it is not judged
    std::string worst;                           ///< what the strongest source is
};
Taken taken(const model::Option& option, const Shot& shot, const GlareAnswer& answer, int pixels);

}  // namespace wp::question
