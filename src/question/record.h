// SPDX-License-Identifier: GPL-3.0-or-later
// How a question is to be worked on, and what is kept of how it was.
#pragma once
#include "base/record.h"

namespace wp::question {

/// How to work. accuracy: wanted half-width (95 %) as a share of the stated figure.
struct Effort {
    double accuracy = 0.02;
    unsigned seed = 1;
    int threads = 0;  ///< 0: all
};

using wp::kVersion;
using wp::Record;

}  // namespace wp::question
