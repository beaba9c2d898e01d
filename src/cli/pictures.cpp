// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/pictures.h"

#include <fmt/core.h>

#include <QGuiApplication>
#include <algorithm>
#include <cmath>

#include "base/text.h"
#include "figure/year_points.h"
#include "model/project.h"
#include "question/ask.h"
#include "report/climate_charts.h"
#include "report/contact_sheet.h"
#include "report/paper.h"
#include "report/picture_image.h"
#include "report/pictures.h"
#include "report/sky_chart.h"

namespace wp::cli {

void start_drawing(int& argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    // Lives until the process ends: torn down after main, its platform would outlive what it rests on.
    static auto* const application = new QGuiApplication(argc, argv);
    (void)application;
}

namespace {

report::PlanScene scene_of(const model::Project& project, const model::Option& option,
                           std::vector<report::MapLayer> maps) {
    report::PlanScene scene;
    scene.option = &option;
    scene.maps = std::move(maps);
    scene.north = project.site.north;
    return scene;
}

double most(const std::vector<report::MapLayer>& maps) {
    double top = 0;
    for (const auto& map : maps)
        for (const double v : map.value)
            if (!std::isnan(v)) top = std::max(top, v);
    return top;
}

// A page for every storey with an answer: the first under the name given, the others with their storey's id behind it.
Outcome draw_storeys(report::PlanScene scene, const std::string& title, const std::string& legend,
                     const std::string& unit, const std::filesystem::path& path) {
    const auto& storeys = scene.option->storeys;
    bool first = true;
    for (size_t s = 0; s < storeys.size(); ++s) {
        const bool has_map = std::any_of(scene.maps.begin(), scene.maps.end(), [&](const report::MapLayer& map) {
            return map.plane.storey == storeys[s].id;
        });
        if (!has_map) continue;
        scene.storey = s;
        const std::filesystem::path page =
            first ? path
                  : path.parent_path() /
                        (path.stem().string() + ".storey-" + file_name_of(storeys[s].id) + path.extension().string());
        if (const auto fault = report::write_map(scene, storeys.size() > 1 ? title + ", " + storeys[s].name : title,
                                                 legend, unit, page))
            return fault;
        first = false;
    }
    return {};
}

}  // namespace

Outcome draw(const model::Project& project, const model::Option& option, const question::TableAnswer& answer,
             const std::filesystem::path& path) {
    const auto& columns = answer.table.columns;
    std::vector<report::MapLayer> all;
    for (size_t c = 0; c < columns.size(); c += answer.main_columns)
        for (auto& layer : report::maps_of(answer.table, c)) all.push_back(std::move(layer));
    // One legend for all moments.
    const report::Scale scale =
        answer.kind == "moment" ? report::light_scale(all) : report::Scale{0, report::nice_top(most(all)), false};
    for (size_t c = 0; c < columns.size(); c += answer.main_columns) {
        auto scene = scene_of(project, option, report::maps_of(answer.table, c));
        scene.scale = scale;
        const auto page = c == 0 ? path
                                 : path.parent_path() / (path.stem().string() + "." + file_name_of(columns[c].id) +
                                                         path.extension().string());
        if (const auto fault = draw_storeys(scene, project.name + ", " + option.name + ": " + columns[c].name,
                                            columns[c].name, columns[c].unit, page))
            return fault;
    }
    return {};
}

Outcome draw(const model::Project& project, const model::Option& option, const question::YearAnswer& answer,
             const question::YearUse& use, const std::filesystem::path& path) {
    for (const char* id : {"autonomy", "udi_autonomous", "direct_sun_hours"}) {
        const auto& figure = *figure::find_year_point_figure(id);
        auto scene = scene_of(project, option, report::year_maps(answer, figure, use));
        scene.scale = {0, figure.unit != std::string_view("%") ? report::nice_top(most(scene.maps)) : 100, false};
        const auto page = &figure == &figure::daylight_autonomy()
                              ? path
                              : path.parent_path() / (path.stem().string() + "." + id + path.extension().string());
        const std::string what =
            figure.by != nullptr ? fmt::format("{} of {:g} lx", figure.name, figure.by(use.limits)) : figure.name;
        if (const auto fault =
                draw_storeys(scene, project.name + ", " + option.name + ": " + what, what, figure.unit, page))
            return fault;
    }
    return {};
}

Outcome draw(const question::GlareAnswer& answer, const std::filesystem::path& path) {
    report::PictureStyle style;
    style.scale = report::picture_scale(answer.picture);
    return report::write_picture_page(answer, style, path);
}

Outcome draw(const std::vector<question::Taken>& pictures, const std::string& title,
             const std::filesystem::path& path) {
    report::ContactSheet sheet;
    sheet.title = QString::fromStdString(title);
    sheet.pictures = pictures;
    std::vector<question::Shot> shots;
    for (const auto& picture : pictures) {
        shots.push_back(picture.shot);
        sheet.names_option = sheet.names_option || picture.option != pictures.front().option;
    }
    sheet.in_row = question::shots_in_row(shots);
    sheet.style.scale = report::contact_scale(pictures);
    return report::write_contact_sheet(sheet, path);
}

Outcome draw_climate(const climate::WeatherYear& weather, const std::vector<climate::OutdoorHour>& outdoor,
                     const std::filesystem::path& base, const std::string& suffix) {
    const QSize size(1200, 900);
    for (const auto quantity : climate::kQuantities) {
        const auto& name = climate::name_of(quantity);
        if (const auto fault = report::write_paper(
                base.string() + "." + name.id + suffix, size, QString::fromUtf8(name.name), [&](QPainter& painter) {
                    painter.setFont(report::page_font(11));
                    report::draw_climate_page(painter, weather, outdoor, quantity, report::Ink(), size);
                }))
            return fault;
    }
    return {};
}

Outcome draw_sky_views(const model::Project& project, const question::Outdoors& outdoors, const light::Scene& scene,
                       const geometry::Surfaces& surfaces, Vec3 from, const std::filesystem::path& base,
                       const std::string& suffix) {
    report::SkyScene sky;
    sky.place = question::place_of(project.site);
    sky.north = radians(project.site.north);
    sky.outdoors = outdoors;
    sky.dome = question::sky_dome(scene, from, sky.north, 720);
    sky.surfaces = &surfaces;
    for (const int day : report::path_days()) {
        sky.paths.push_back({day, question::sun_cut_off(scene, from, sky.place, sky.north, day)});
        sky.path_names.push_back(report::path_name(day));
    }
    for (const auto& [projection, name] : {std::pair{report::SkyProjection::equidistant, "equidistant"},
                                           {report::SkyProjection::stereographic, "stereographic"},
                                           {report::SkyProjection::unrolled, "unrolled"}}) {
        const QSize size = projection == report::SkyProjection::unrolled ? QSize(1200, 400) : QSize(800, 800);
        if (const auto fault = report::write_paper(base.string() + "." + name + suffix, size, QStringLiteral("Sky"),
                                                   [&, which = projection](QPainter& painter) {
                                                       const report::Ink ink;
                                                       painter.fillRect(QRect(QPoint(0, 0), size), ink.paper);
                                                       painter.setFont(report::page_font(11));
                                                       report::draw_sky(painter, sky, which, ink,
                                                                        QRectF(QPointF(0, 0), QSizeF(size)));
                                                   }))
            return fault;
    }
    return {};
}

}  // namespace wp::cli
