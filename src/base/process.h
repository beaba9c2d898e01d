// SPDX-License-Identifier: GPL-3.0-or-later
// Which run of a program something is from. Numbers of processes come round again: the time of the start tells runs
// apart.
#pragma once
#include <string>

namespace wp {

/// When a process began, in the kernel's ticks. Empty: there is no such process.
std::string began(const std::string& process);
/// "12345-678901": number and start of this process.
std::string this_run();
/// Whether the run still runs, of this machine.
bool runs(const std::string& run);

}  // namespace wp
