// SPDX-License-Identifier: GPL-3.0-or-later
// What answers depend on, taken from the descriptions: the one way to tell whether anything that matters differs.
#pragma once
#include "base/fingerprint.h"
#include "model/option.h"
#include "model/question.h"

namespace wp::model {
struct Project;
}

namespace wp::describe {

/// Fingerprint of all values of site, materials and one option that bear on any of these (bits of bears). Materials
/// count where they are used, by what they are and not by their ids; ids and names of the option do not count, nor does
/// the weather, which is given by its hours.
Fingerprint depends(const model::Project& project, const model::Option& option, unsigned bears);

/// Fingerprint of what a question asks, whatever it is called.
Fingerprint asks(const model::Question& question, unsigned bears);

}  // namespace wp::describe
