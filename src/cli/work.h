// SPDX-License-Identifier: GPL-3.0-or-later
// What all jobs of a run are about: the project and its weather, sent to the further processes, so that nobody reads a
// disk of another host.
#pragma once
#include <filesystem>
#include <optional>
#include <string>
#include <string_view>

#include "base/result.h"
#include "climate/weather.h"
#include "model/project.h"

namespace wp::cli {

/// The project as it is now, and the weather file where it names one that can be read.
std::string pack_work(const model::Project& project, const std::filesystem::path& project_file);

struct Work {
    model::Project project;
    std::optional<climate::WeatherYear> weather;
};
Result<Work> unpack_work(std::string_view work);

}  // namespace wp::cli
