// SPDX-License-Identifier: GPL-3.0-or-later
// From a project's words to the inputs of the questions: the one place where command line and desktop meet the core.
#pragma once
#include <filesystem>
#include <string>
#include <vector>

#include "climate/weather.h"
#include "geometry/plane_points.h"
#include "model/option.h"
#include "model/question.h"
#include "model/site.h"
#include "question/glare.h"
#include "question/light_field.h"
#include "question/record.h"
#include "question/sun_hours.h"

namespace wp::model {
struct Project;
}

namespace wp::question {

/// The planes a question is asked on, in the option's order. All of the option where the question names none. north:
/// Site::north.
Result<std::vector<geometry::PlanePoints>> planes_of(const model::Option& option, const model::Question& question,
                                                     double north = 0);

/// What keeps a question from being asked on an option: it has no plane, one without a point, or far too many points.
Outcome can_be_asked(const model::Option& option, const model::Question& question);

/// None where the site names none.
std::optional<std::filesystem::path> weather_file(const model::Project& project,
                                                  const std::filesystem::path& project_file);
/// The site's weather file, found beside the project file.
Result<climate::WeatherYear> weather_of(const model::Project& project, const std::filesystem::path& project_file);
/// The same of the bytes of the weather file that the project names.
Result<climate::WeatherYear> weather_from(const model::Project& project, std::string_view bytes);

/// Where a question is asked: on its planes, at the windows that surfaces have, at its seats.
Result<std::vector<geometry::PlanePoints>> points_of(const model::Project& project, const model::Option& option,
                                                     const model::Question& question,
                                                     const geometry::Surfaces& surfaces);

/// Of a question about seats over a year; null: it is none.
const model::SeatsChoice* seats_of(const model::Question& question);
/// Turns a place upright across the line of sight of eyes there; radians. brow: only what brow and cheek leave counts,
/// that is up to kBrow above and kCheek below the line of sight, degrees (the field of view of CIE S 026:2018; the
/// numbers from memory).
void face(geometry::PlanePoints& eye, double heading, double altitude, bool brow);
inline constexpr double kBrow = 50, kCheek = 70;

/// Place of the site, as the climate knows places.
climate::Place place_of(const model::Site& site);

/// Tasks of a question; surfaces, points and weather must outlive them. weather: null where there is none.
FieldTask field_task(const model::Project& project, const geometry::Surfaces& surfaces,
                     const std::vector<geometry::PlanePoints>& points, const light::State& state);
SunHoursTask sun_hours_task(const model::Project& project, const model::Question& question,
                            const geometry::Surfaces& surfaces, const std::vector<geometry::PlanePoints>& points,
                            const climate::WeatherYear* weather);
/// Twelve reflectances of the open ground.
std::vector<double> ground_of_months(const model::Site& site);

Effort effort_of(const model::Question& question);

metric::SourceRule source_rule(const model::SourceChoice& choice);
/// The task of a picture, blinds as the question wants them; surfaces, which get the blinds of their states, and option
/// must outlive it. weather: may be null where the sky needs none.
Result<GlareTask> glare_task(const model::Project& project, const model::Option& option,
                             const model::Question& question, geometry::Surfaces& surfaces,
                             const climate::WeatherYear* weather);

/// Of an opening or rooflight: its own name, or its id.
std::string window_name(const model::Option& option, const model::Id& id);
/// A plane that was laid for criteria in a room with another one: that one is looked at.
bool only_for_rules(const model::Option& option, const model::Id& plane);
/// Names for planes in reports: the plane's own, with its room.
std::vector<std::string> plane_names(const model::Option& option, const std::vector<geometry::PlanePoints>& planes);
std::vector<bool> occupied_planes(const model::Option& option, const std::vector<geometry::PlanePoints>& planes);

}  // namespace wp::question
