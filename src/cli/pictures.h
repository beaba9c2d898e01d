// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures (PNG) and drawings (SVG) of answers, by the suffix of the path,, where the program was built with them.
#pragma once
#include <filesystem>

#include "model/option.h"
#include "question/ask_year.h"
#include "question/shots.h"
#include "question/table.h"

namespace wp::model {
struct Project;
}

namespace wp::cli {

/// Must run before the first picture; needs no display.
void start_drawing(int& argc, char** argv);

Outcome draw(const model::Project& project, const model::Option& option, const question::TableAnswer& answer,
             const std::filesystem::path& path);
Outcome draw(const model::Project& project, const model::Option& option, const question::YearAnswer& answer,
             const question::YearUse& use, const std::filesystem::path& path);
Outcome draw(const question::GlareAnswer& answer, const std::filesystem::path& path);
/// A contact sheet.
Outcome draw(const std::vector<question::Taken>& pictures, const std::string& title, const std::filesystem::path& path);

/// A page of charts for every quantity: BASE.QUANTITY and the suffix.
Outcome draw_climate(const climate::WeatherYear& weather, const std::vector<climate::OutdoorHour>& outdoor,
                     const std::filesystem::path& base, const std::string& suffix);
/// The sky from a point in each projection: BASE.PROJECTION and the suffix.
Outcome draw_sky_views(const model::Project& project, const question::Outdoors& outdoors, const light::Scene& scene,
                       const geometry::Surfaces& surfaces, Vec3 from, const std::filesystem::path& base,
                       const std::string& suffix);

}  // namespace wp::cli
