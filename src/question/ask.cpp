// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/ask.h"

#include <algorithm>
#include <cmath>
#include <set>

#include "climate/synthetic.h"
#include "climate/weather_table.h"
#include "geometry/readings.h"
#include "geometry/window_points.h"
#include "model/project.h"
#include "question/blinds_now.h"
#include "question/view_pose.h"

namespace wp::question {
namespace fs = std::filesystem;

Result<std::vector<geometry::PlanePoints>> planes_of(const model::Option& option, const model::Question& question,
                                                     double north) {
    std::vector<geometry::PlanePoints> out;
    for (const auto& id : question.planes)
        if (model::find(option.planes, id) == nullptr)
            return Fault{"question " + question.id, "option " + option.id + " has no plane \"" + id + "\"",
                         "Name one of its planes, or none to ask all"};
    for (const model::ReferencePlane& plane : option.planes) {
        const bool asked = question.planes.empty() ||
                           std::find(question.planes.begin(), question.planes.end(), plane.id) != question.planes.end();
        if (!asked) continue;
        if (auto points = geometry::plane_points(option, plane, north)) out.push_back(std::move(*points));
    }
    return out;
}

namespace {

// More than a year of any building needs, and than memory holds.
constexpr double kMostPoints = 1e6;

// Of the box around what a plane covers.
double points_about(const model::Option& option, const model::ReferencePlane& plane) {
    const auto found = model::find_room(option, plane.room);
    const std::vector<Vec2>* ring = !plane.area.empty()     ? &plane.area
                                    : found.room != nullptr ? &found.room->footprint
                                                            : nullptr;
    if (ring == nullptr || ring->empty()) return 0;
    Vec2 low = ring->front(), high = low;
    for (const Vec2& p : *ring) {
        low = {std::min(low.x, p.x), std::min(low.y, p.y)};
        high = {std::max(high.x, p.x), std::max(high.y, p.y)};
    }
    const double wide =
        plane.on == model::ReferencePlane::On::floor ? high.x - low.x : std::hypot(high.x - low.x, high.y - low.y);
    const double deep = plane.on == model::ReferencePlane::On::floor ? high.y - low.y : 10;
    return wide * deep / (plane.spacing * plane.spacing);
}

}  // namespace

Outcome can_be_asked(const model::Option& option, const model::Question& question) {
    const std::string place = "question " + question.id;
    if (question.at == model::Question::At::readings && option.readings.empty())
        return Fault{place, "option " + option.id + " has no readings", "Put some into the drawing"};
    if (question.at == model::Question::At::eyes && option.observers.empty())
        return Fault{place, "option " + option.id + " has no observer", "Place one"};
    const model::SeatsChoice* seats = seats_of(question);
    const bool of_observers = seats != nullptr && seats->places == model::SeatsChoice::Places::observers;
    if (of_observers && option.observers.empty())
        return Fault{place, "option " + option.id + " has no observer", "Place one, or ask all over the rooms"};
    if (question.kind == model::Question::Kind::glare || of_observers || question.at != model::Question::At::planes)
        return {};
    if (option.planes.empty())
        return Fault{place, "option " + option.id + " has no plane to ask on", "Lay a reference plane into a room"};
    double points = 0;
    for (const auto& plane : option.planes)
        if (question.planes.empty() || std::ranges::find(question.planes, plane.id) != question.planes.end())
            points += points_about(option, plane);
    if (points > kMostPoints)
        return Fault{place,
                     "about " + std::to_string(std::llround(points / 1e6)) +
                         " million points would be asked on option " + option.id,
                     "Widen the spacing of its planes, or lay them over less; check that lengths are in metres"};
    const auto planes = planes_of(option, question);
    if (!planes) return planes.fault();
    for (const auto& plane : *planes)
        if (!plane.points.empty()) return {};
    return Fault{place, "the planes of option " + option.id + " have no point",
                 "Lay them within their rooms, below the ceiling"};
}

namespace {

Result<climate::WeatherYear> as_used(const model::Project& project, Result<climate::WeatherYear> year) {
    if (year && project.site.light_from_file) {
        if (!year->has_illuminance)
            return Fault{"/site/light_from_file", "the weather file carries no illuminance in some daylit hours",
                         "Take the light from irradiance"};
        year->light_from = climate::LightFrom::file;
    }
    if (!year) return year;
    return climate::at_site(std::move(*year), place_of(project.site));
}

}  // namespace

std::optional<fs::path> weather_file(const model::Project& project, const fs::path& project_file) {
    const fs::path path = project.site.weather;
    if (path.empty()) return {};
    return path.is_absolute() ? path : project_file.parent_path() / path;
}

Result<climate::WeatherYear> weather_of(const model::Project& project, const fs::path& project_file) {
    if (project.site.weather.empty() && project.site.made_up_weather)
        return climate::made_up_year(place_of(project.site));
    if (project.site.weather.empty())
        return Fault{"/site/weather", "the project names no weather file", "Choose an EPW file on the Site desk"};
    return as_used(project, climate::read_weather(*weather_file(project, project_file)));
}

Result<climate::WeatherYear> weather_from(const model::Project& project, std::string_view bytes) {
    return as_used(project, climate::parse_weather(bytes, fs::path(project.site.weather).filename().string()));
}

namespace {

// An observer as a plane of one point, so that tables and maps have it.
geometry::PlanePoints point_of(const model::Observer& observer, const geometry::Surfaces& surfaces,
                               const model::Option& option) {
    constexpr double cell = 0.6;  // metres: about a seat
    geometry::PlanePoints out;
    out.plane = observer.id;
    out.room = observer.room;
    const auto space = std::ranges::find(surfaces.spaces, observer.room);
    out.space = space != surfaces.spaces.end() ? static_cast<int>(space - surfaces.spaces.begin()) : -1;
    if (const auto found = model::find_room(option, observer.room); found.storey != nullptr)
        out.storey = found.storey->id;
    out.dx = out.dy = cell;
    out.columns = out.rows = 1;
    out.corner = observer.eye - Vec3{cell / 2, cell / 2, 0};
    out.cell_of = {0};
    out.points = {observer.eye};
    return out;
}

}  // namespace

void face(geometry::PlanePoints& eye, double heading, double altitude, bool brow) {
    eye.normal = direction(heading, altitude);
    if (!brow) return;
    eye.up = direction(heading, altitude + kPi / 2);
    eye.across = cross(eye.normal, eye.up);
    eye.seen_least = -std::sin(radians(kCheek)), eye.seen_most = std::sin(radians(kBrow));
}

const model::SeatsChoice* seats_of(const model::Question& question) {
    if (question.kind == model::Question::Kind::glare_year) return &question.glare_year;
    if (question.kind == model::Question::Kind::body_clock) return &question.body_clock;
    return nullptr;
}

namespace {

// Eyes upright across each way of looking of each observer.
std::vector<geometry::PlanePoints> eye_points(const model::Option& option, const geometry::Surfaces& surfaces,
                                              bool brow) {
    std::vector<geometry::PlanePoints> out;
    for (const auto& observer : option.observers) {
        const auto ways = model::headings(observer);
        for (size_t k = 0; k < ways.size(); ++k) {
            geometry::PlanePoints eye = point_of(observer, surfaces, option);
            if (k > 0) eye.plane += "@" + std::to_string(k);
            face(eye, radians(ways[k]), radians(observer.altitude), brow);
            out.push_back(std::move(eye));
        }
    }
    return out;
}

// Seats in the rooms of planes that lie: the first plane of each, at the height of eyes and as far apart.
Result<std::vector<geometry::PlanePoints>> lattice_of(const model::Option& option, const model::Question& question,
                                                      const model::SeatsChoice& choice, double north) {
    model::Option seats = option;
    std::set<model::Id> rooms;
    std::erase_if(seats.planes, [&](const model::ReferencePlane& plane) {
        return plane.on != model::ReferencePlane::On::floor || plane.room.empty() || !rooms.insert(plane.room).second;
    });
    for (auto& plane : seats.planes) {
        plane.height = choice.eye;
        plane.spacing = choice.apart;
    }
    model::Question asked = question;
    std::erase_if(asked.planes, [&](const model::Id& id) {
        return model::find(option.planes, id) != nullptr && model::find(seats.planes, id) == nullptr;
    });
    if (asked.planes.empty() && !question.planes.empty()) return std::vector<geometry::PlanePoints>{};
    return planes_of(seats, asked, north);
}

}  // namespace

namespace {

// Eyes above the points of planes that lie over floors; others have none.
Result<std::vector<geometry::PlanePoints>> eyes_over(const model::Option& option, const model::Question& question,
                                                     double north) {
    auto planes = planes_of(option, question, north);
    if (!planes) return planes.fault();
    for (auto& points : *planes) {
        const auto* drawn = model::find(option.planes, points.plane);
        if (drawn == nullptr || drawn->on != model::ReferencePlane::On::floor) {
            points.points.clear();
            points.cell_of.clear();
            continue;
        }
        for (Vec3& p : points.points) p.z += question.view_eye - drawn->height;
        points.corner.z += question.view_eye - drawn->height;
    }
    return planes;
}

}  // namespace

Result<std::vector<geometry::PlanePoints>> points_of(const model::Project& project, const model::Option& option,
                                                     const model::Question& question,
                                                     const geometry::Surfaces& surfaces) {
    if (const model::SeatsChoice* seats = seats_of(question)) {
        if (seats->places == model::SeatsChoice::Places::lattice)
            return lattice_of(option, question, *seats, project.site.north);
        std::vector<geometry::PlanePoints> out;
        for (const auto& observer : option.observers) out.push_back(point_of(observer, surfaces, option));
        return out;
    }
    if (question.kind == model::Question::Kind::view_out) return eyes_over(option, question, project.site.north);
    if (question.at == model::Question::At::planes) return planes_of(option, question, project.site.north);
    if (question.at == model::Question::At::readings) return geometry::reading_points(option);
    if (question.at == model::Question::At::eyes) return eye_points(option, surfaces, question.brow);
    return geometry::window_points(option, surfaces,
                                   question.at == model::Question::At::windows ? geometry::WindowPoint::outer_face
                                                                               : geometry::WindowPoint::inner_face);
}

climate::Place place_of(const model::Site& site) {
    return {site.latitude, site.longitude, site.time_zone, site.elevation};
}

FieldTask field_task(const model::Project& project, const geometry::Surfaces& surfaces,
                     const std::vector<geometry::PlanePoints>& points, const light::State& state) {
    return {&surfaces, &points, place_of(project.site), radians(project.site.north), state};
}

SunHoursTask sun_hours_task(const model::Project& project, const model::Question& question,
                            const geometry::Surfaces& surfaces, const std::vector<geometry::PlanePoints>& points,
                            const climate::WeatherYear* weather) {
    SunHoursTask task;
    task.surfaces = &surfaces;
    task.planes = &points;
    task.place = place_of(project.site);
    task.north_azimuth = radians(project.site.north);
    task.first_day = question.first.day_of_year();
    task.last_day = question.last.day_of_year();
    task.step = question.step;
    task.least_altitude = radians(question.least_altitude);
    task.weather = question.probable ? weather : nullptr;
    return task;
}

std::vector<double> ground_of_months(const model::Site& site) {
    return site.ground_by_month.size() == 12 ? site.ground_by_month : std::vector<double>(12, site.ground_reflectance);
}

Effort effort_of(const model::Question& question) { return {question.accuracy, question.seed, 0}; }

metric::SourceRule source_rule(const model::SourceChoice& choice) {
    using Against = metric::SourceRule::Against;
    metric::SourceRule out;
    out.against = choice.against == model::SourceChoice::Against::field_mean  ? Against::field_mean
                  : choice.against == model::SourceChoice::Against::task_zone ? Against::task_zone
                                                                              : Against::fixed_luminance;
    out.times = choice.times;
    out.luminance = choice.luminance;
    out.faintest = choice.faintest;
    out.joined_within = radians(choice.joined_within);
    const double aside = radians(choice.zone_aside), above = radians(choice.zone_above);
    out.zone = {std::sin(aside) * std::cos(above), std::sin(above), std::cos(aside) * std::cos(above)};
    out.zone_angle = radians(choice.zone_angle);
    return out;
}

namespace {

using model::PictureChoice;

light::Lens lens_of(const PictureChoice& choice) {
    using Kind = light::Lens::Kind;
    light::Lens out;
    switch (choice.lens) {
        case PictureChoice::Lens::hemisphere:
            out.kind = Kind::hemisphere;
            break;
        case PictureChoice::Lens::sphere:
            out.kind = Kind::sphere;
            break;
        case PictureChoice::Lens::perspective:
            out.kind = Kind::perspective;
            break;
        case PictureChoice::Lens::parallel:
            out.kind = Kind::parallel;
            break;
    }
    out.width = choice.pixels;
    out.height = choice.height();
    out.field = radians(choice.field);
    out.across = choice.across;
    return out;
}

// The observer that a question names, looking as it asks; or one of the question's own.
Result<model::Observer> observer_of(const model::Option& option, const model::Question& question) {
    if (question.observer.empty()) {
        model::Observer out;
        out.name = question.name;
        out.eye = question.picture.from;
        out.heading = question.picture.heading;
        out.altitude = question.picture.altitude;
        return out;
    }
    const model::Observer* observer = model::find(option.observers, question.observer);
    if (observer == nullptr)
        return Fault{"question " + question.id,
                     "option " + option.id + " has no observer \"" + question.observer + "\"",
                     "Place one, or name another"};
    const auto all = model::headings(*observer);
    const auto heading = static_cast<size_t>(question.heading);
    if (heading >= all.size())
        return Fault{"question " + question.id,
                     "observer " + observer->id + " looks in " + std::to_string(all.size()) + " directions only",
                     "Number them from 0"};
    model::Observer out = *observer;
    out.heading = all[heading];
    if (all.size() > 1) out.name = model::view_name(*observer, heading);
    return out;
}

BlindsNow all_alike(const geometry::Surfaces& surfaces, bool open) {
    BlindsNow out;
    out.layers = light::layers_of(surfaces, open ? light::Blinds::open : light::Blinds::closed);
    const bool any = std::ranges::any_of(surfaces.portals, [](const auto& p) { return p.blind; });
    constexpr const char* words[] = {"all blinds closed, as asked", "all blinds open, as asked"};
    if (any) out.groups.push_back({words[open], open, true});
    return out;
}

}  // namespace

Result<GlareTask> glare_task(const model::Project& project, const model::Option& option, const model::Question& asked,
                             geometry::Surfaces& surfaces, const climate::WeatherYear* weather) {
    const model::Question question = with_place(option, asked);
    GlareTask task;
    task.surfaces = &surfaces;
    task.option = &option;
    auto observer = observer_of(option, question);
    if (!observer) return observer.fault();
    task.observer = std::move(*observer);
    auto outdoors =
        outdoors_at(project.site, question.sky, question.moment,
                    weather != nullptr ? climate::outdoor_year(*weather) : std::vector<climate::OutdoorHour>{});
    if (!outdoors) return outdoors.fault();
    task.outdoors = std::move(*outdoors);
    task.lens = lens_of(question.picture);
    task.of = question.picture.of == PictureChoice::Of::illuminance ? light::PictureOf::illuminance
                                                                    : light::PictureOf::luminance;
    task.project = &project;
    if (question.picture.of == PictureChoice::Of::wavelengths) task.bands = static_cast<size_t>(question.bands);
    task.sky_colour = question.sky_colour;
    task.pixel_accuracy = question.picture.surely;
    task.sources = source_rule(question.picture.rule);
    const SkyAndSun& sky = task.outdoors.sky_and_sun;
    task.blinds = question.picture.blinds == PictureChoice::Blinds::as_they_stand
                      ? blinds_now(project, option, surfaces, question.moment, sky.to_sun, sky.sun_lux)
                      : all_alike(surfaces, question.picture.blinds == PictureChoice::Blinds::open);
    if (question.scene.empty()) return task;
    const auto* scene = model::find(option.scenes, question.scene);
    if (scene == nullptr && question.scene != kAllLuminaires)
        return Fault{"question " + question.id, "option " + option.id + " has no scene \"" + question.scene + "\"",
                     "Name one of its scenes, or none to ask all"};
    task.circuits = place_circuits(project, option, surfaces);
    for (const double share : source_shares(task.circuits.sources, option, levels_of(option, scene)))
        task.shares.push_back(static_cast<float>(share));
    return task;
}

namespace {

// What a plane lies on, where that is no room.
const model::Thing* plane_thing(const model::Option& option, const model::Id& id) {
    const auto* plane = model::find(option.planes, id);
    return plane != nullptr && plane->on == model::ReferencePlane::On::deck ? model::find(option.things, plane->thing)
                                                                            : nullptr;
}

}  // namespace

std::string window_name(const model::Option& option, const model::Id& id) {
    for (const auto& storey : option.storeys) {
        if (const auto* light = model::find(storey.rooflights, id); light != nullptr && !light->name.empty())
            return light->name;
        for (const auto& room : storey.rooms)
            if (const auto* opening = model::find(room.openings, id); opening != nullptr && !opening->name.empty())
                return opening->name;
    }
    return id;
}

bool only_for_rules(const model::Option& option, const model::Id& id) {
    const auto* plane = model::find(option.planes, id);
    return plane != nullptr && plane->for_rules &&
           std::ranges::any_of(option.planes, [&](const model::ReferencePlane& p) {
               return p.room == plane->room && p.on == model::ReferencePlane::On::floor && !p.for_rules;
           });
}

std::vector<std::string> plane_names(const model::Option& option, const std::vector<geometry::PlanePoints>& planes) {
    std::vector<std::string> names;
    for (const auto& points : planes) {
        const auto place = model::find_room(option, points.room);
        const auto* plane = model::find(option.planes, points.plane);
        const auto* thing = plane_thing(option, points.plane);
        std::string name = place ? place.room->name : thing != nullptr ? thing->name : points.plane;
        const bool behind = only_for_rules(option, points.plane);
        const auto same = std::count_if(option.planes.begin(), option.planes.end(), [&](const auto& p) {
            return p.room == points.room && !only_for_rules(option, p.id);
        });
        if (plane != nullptr && (same > 1 || behind || !place || plane->on != model::ReferencePlane::On::floor))
            name += ", " + plane->name;
        if (plane == nullptr && thing == nullptr) {
            const std::string window = window_name(option, points.plane);
            name = place ? place.room->name + ", " + window : window;
        }
        names.push_back(name);
    }
    return names;
}

std::vector<bool> occupied_planes(const model::Option& option, const std::vector<geometry::PlanePoints>& planes) {
    std::vector<bool> out;
    for (const auto& points : planes) {
        const auto* plane = model::find(option.planes, points.plane);
        out.push_back(plane != nullptr && plane->occupied);
    }
    return out;
}

}  // namespace wp::question
