// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/answers/sun_shade.h"

#include <QMetaObject>

#include "geometry/surfaces.h"

namespace wp::gui {

namespace {
constexpr double kCell = 0.1, kAround = 12;  // metres
}

SunShade::SunShade(QObject* parent)
    : QObject(parent),
      worker_(QT_TRANSLATE_NOOP("QObject", "Sun and shade"), [this](const Request& request) { look(request); }) {}

void SunShade::request(std::shared_ptr<const model::Project> project, size_t option, size_t storey, Vec3 to_sun,
                       int month) {
    worker_.ask({std::move(project), option, storey, to_sun, month});
}

void SunShade::look(const Request& request) {
    const model::Option& option = request.project->options[request.option];
    const model::Site& site = request.project->site;
    const auto season = model::season_of(site.leaf_from, site.leaf_to, request.month);
    if (ready_ != request.project || ready_option_ != request.option || ready_season_ != season) {
        scene_ = std::make_unique<light::Scene>(geometry::build_surfaces(*request.project, option), light::Blinds::open,
                                                season);
        ready_season_ = season;
        ready_ = request.project;
        ready_option_ = request.option;
    }
    auto patches = std::make_shared<const question::SunPatches>(
        question::sun_patches(*scene_, *request.project, option, request.storey, request.to_sun, kCell, kAround));
    const double altitude = std::asin(std::clamp(request.to_sun.z, -1.0, 1.0));
    QMetaObject::invokeMethod(
        this, [this, patches = std::move(patches), altitude] { emit found(patches, altitude); }, Qt::QueuedConnection);
}

}  // namespace wp::gui
