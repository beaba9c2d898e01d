// SPDX-License-Identifier: GPL-3.0-or-later
// What the further processes of a run are sent: the project and its weather, so that nobody reads a disk of another
// host. What is asked stands on everybody's command line.
#pragma once
#include <optional>
#include <string>
#include <string_view>

#include "base/result.h"
#include "climate/weather.h"
#include "model/project.h"

namespace wp::cli {

/// The project file, and the weather file where the project names one. Faults: files that cannot be read.
Result<std::string> pack_work(const std::string& project_file);

struct Work {
    model::Project project;
    std::optional<climate::WeatherYear> weather;
};
Result<Work> unpack_work(std::string_view work);

}  // namespace wp::cli
