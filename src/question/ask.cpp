// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/ask.h"

#include <algorithm>
#include <cstdlib>

#include "climate/epw.h"

#ifndef WARMPANE_DATA_DIR
#define WARMPANE_DATA_DIR "/usr/share/warmpane"
#endif

namespace wp::question {
namespace fs = std::filesystem;

Result<std::vector<geometry::PlanePoints>> planes_of(const model::Option& option, const model::Question& question, double north) {
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

Result<climate::WeatherYear> weather_of(const model::Project& project, const fs::path& project_file) {
    if (project.site.weather.empty())
        return Fault{"/site/weather", "the project names no weather file", "Choose an EPW file on the Site desk"};
    const fs::path path = project.site.weather;
    return climate::read_epw(path.is_absolute() ? path : project_file.parent_path() / path);
}

Effort effort_of(const model::Question& question) { return {question.accuracy, question.seed, 0}; }

int space_of(const model::Option& option, const model::Id& room) {
    int space = 0;
    for (const model::Storey& storey : option.storeys)
        for (const model::Room& r : storey.rooms) {
            if (r.id == room) return space;
            ++space;
        }
    return geometry::kOutdoors;
}

Result<GlareTask> glare_task(const model::Project& project, const model::Option& option, const model::Question& question,
                             const geometry::Surfaces& surfaces, const climate::WeatherYear& weather) {
    const model::Observer* observer = model::find(option.observers, question.observer);
    if (observer == nullptr)
        return Fault{"question " + question.id, "option " + option.id + " has no observer \"" + question.observer + "\"",
                     "Place one, or name another"};
    GlareTask task;
    task.surfaces = &surfaces;
    task.weather = &weather;
    task.observer = *observer;
    const auto all = model::headings(*observer);
    if (static_cast<size_t>(question.heading) >= all.size())
        return Fault{"question " + question.id, "observer " + observer->id + " looks in " + std::to_string(all.size()) + " directions only", "Number them from 0"};
    task.observer.heading = all[static_cast<size_t>(question.heading)];
    task.observer.name = all.size() > 1 ? model::view_name(*observer, static_cast<size_t>(question.heading)) : observer->name;
    task.space = space_of(option, observer->room);
    task.moment = question.moment;
    task.north_azimuth = radians(project.site.north);
    task.pixels = question.pixels;
    return task;
}

namespace {

// What a plane lies on, where that is no room.
const model::Thing* plane_thing(const model::Option& option, const model::Id& id) {
    const auto* plane = model::find(option.planes, id);
    return plane != nullptr && plane->on == model::ReferencePlane::On::deck ? model::find(option.things, plane->thing) : nullptr;
}

}  // namespace

std::vector<std::string> plane_names(const model::Option& option, const std::vector<geometry::PlanePoints>& planes) {
    std::vector<std::string> names;
    for (const auto& points : planes) {
        const auto place = model::find_room(option, points.room);
        const auto* plane = model::find(option.planes, points.plane);
        const auto* thing = plane_thing(option, points.plane);
        std::string name = place ? place.room->name : thing != nullptr ? thing->name : points.plane;
        const auto same = std::count_if(option.planes.begin(), option.planes.end(), [&](const auto& p) { return p.room == points.room; });
        if (plane != nullptr && (same > 1 || !place)) name += ", " + plane->name;
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

fs::path data_folder() {
    if (const char* own = std::getenv("WARMPANE_DATA")) return own;
    std::error_code error;
    const fs::path installed = fs::read_symlink("/proc/self/exe", error).parent_path().parent_path() / "share" / "warmpane";
    return fs::is_directory(installed, error) ? installed : fs::path(WARMPANE_DATA_DIR);
}

Result<rule::CriteriaSet> criteria_set(const std::string& id) {
    const bool plain = !id.empty() && std::all_of(id.begin(), id.end(), [](char c) {
        return (c >= 'a' && c <= 'z') || (c >= '0' && c <= '9') || c == '-';
    });
    if (!plain)
        return Fault{"/criteria", "\"" + id + "\" is no name of a criteria set", "Use small letters, digits and hyphens"};
    return rule::read_criteria(data_folder() / "criteria" / (id + ".json"));
}

}  // namespace wp::question
