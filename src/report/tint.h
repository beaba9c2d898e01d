// SPDX-License-Identifier: GPL-3.0-or-later
// Colours for matter: how a material looks, and drawings coloured by material, reflectance, kind of part, or what is
// assumed.
#pragma once
#include <QColor>
#include <QPixmap>
#include <QString>
#include <vector>

#include "model/finish.h"
#include "model/option.h"

namespace wp::model {
struct Project;
}

namespace wp::report {

/// What a drawing is coloured by.
enum class TintBy { nothing, material, reflectance, part, assumed };

/// The colour of a material by its own figures: as told, else a grey of its reflectance; glass pale, the paler the
/// clearer.
QColor colour_of(const model::Material& material);
/// A small square of it: glass with a glint, fabric as a weave, slats as lines.
QPixmap swatch(const model::Material& material, int size);

/// The colour of a part that has that finish.
QColor tint(TintBy by, model::Part part, const model::Finish& finish);

struct TintEntry {
    QColor colour;
    QString text;
};
/// What the colours of an option mean, in the order of their use; at most so many.
std::vector<TintEntry> tint_legend(TintBy by, const model::Project& project, const model::Option& option,
                                   size_t most = 12);

}  // namespace wp::report
