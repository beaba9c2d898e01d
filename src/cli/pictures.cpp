// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/pictures.h"

#include <QGuiApplication>
#include <algorithm>

#include "report/pictures.h"

namespace wp::cli {

void start_drawing(int& argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    // Lives until the process ends: torn down after main, its platform would outlive what it rests on.
    static auto* const application = new QGuiApplication(argc, argv);
    (void)application;
}

namespace {

report::PlanScene scene_of(const model::Project& project, const model::Option& option, std::vector<report::MapLayer> maps) {
    report::PlanScene scene;
    scene.option = &option;
    scene.maps = std::move(maps);
    scene.north = project.site.north;
    return scene;
}

double most(const std::vector<report::MapLayer>& maps) {
    double top = 0;
    for (const auto& map : maps)
        for (const double v : map.value) top = std::max(top, v);
    return top;
}

}  // namespace

Outcome draw(const model::Project& project, const model::Option& option, const question::DaylightFactorAnswer& answer, const std::filesystem::path& path) {
    auto scene = scene_of(project, option, report::daylight_maps(answer));
    scene.scale = {0, report::nice_top(most(scene.maps)), false};
    return report::write_map(scene, project.name + ", " + option.name + ": daylight factor", "Daylight factor", "%", path);
}

Outcome draw(const model::Project& project, const model::Option& option, const question::YearAnswer& answer, double from, double to,
             const std::filesystem::path& path) {
    auto scene = scene_of(project, option, report::year_maps(answer, report::YearMap::autonomy, from, to));
    scene.scale = {0, 100, false};
    return report::write_map(scene, project.name + ", " + option.name + ": daylight autonomy, blinds operated", "Hours with 300 lx or more", "% of occupied hours", path);
}

Outcome draw(const question::GlareAnswer& answer, const std::filesystem::path& path) { return report::write_luminance(answer, path); }

}  // namespace wp::cli
