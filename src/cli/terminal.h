// SPDX-License-Identifier: GPL-3.0-or-later
// What the command line says, and how it is interrupted.
#pragma once
#include <mutex>
#include <string>

#include "base/progress.h"
#include "base/result.h"

namespace wp::cli {

/// One line on standard error.
void complain(const Fault& fault);

/// A line that moves, on a terminal only.
class ProgressLine {
 public:
    explicit ProgressLine(std::string title);
    ~ProgressLine();
    void show(double share);

 private:
    std::string title_;
    bool terminal_;
    std::mutex mutex_;
    int last_ = -1;
};

/// Ctrl-C asks for this to stop.
const Cancel& interrupted();

}  // namespace wp::cli
