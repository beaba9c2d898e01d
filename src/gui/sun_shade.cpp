// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/sun_shade.h"

#include <QMetaObject>

#include "geometry/surfaces.h"

namespace wp::gui {

namespace {
constexpr double kCell = 0.1, kAround = 12;  // metres
}

SunShade::SunShade(QObject* parent) : QObject(parent), thread_([this] { loop(); }) {}

SunShade::~SunShade() {
    {
        const std::lock_guard lock(mutex_);
        quit_ = true;
    }
    wake_.notify_one();
    thread_.join();
}

void SunShade::request(std::shared_ptr<const model::Project> project, size_t option, size_t storey, Vec3 to_sun, int month) {
    const std::lock_guard lock(mutex_);
    next_ = Request{std::move(project), option, storey, to_sun, month};
    wake_.notify_one();
}

void SunShade::loop() {
    std::shared_ptr<const model::Project> ready;
    size_t ready_option = 0;
    auto ready_season = model::Season::in_leaf;
    std::unique_ptr<light::Scene> scene;
    for (;;) {
        Request request;
        {
            std::unique_lock lock(mutex_);
            wake_.wait(lock, [&] { return quit_ || next_; });
            if (quit_) return;
            request = std::move(*next_);
            next_.reset();
        }
        const model::Option& option = request.project->options[request.option];
        const model::Site& site = request.project->site;
        const auto season = model::season_of(site.leaf_from, site.leaf_to, request.month);
        if (ready != request.project || ready_option != request.option || ready_season != season) {
            scene = std::make_unique<light::Scene>(geometry::build_surfaces(*request.project, option), light::Blinds::open, season);
            ready_season = season;
            ready = request.project;
            ready_option = request.option;
        }
        auto patches = std::make_shared<const question::SunPatches>(question::sun_patches(*scene, *request.project, option, request.storey, request.to_sun, kCell, kAround));
        const double altitude = std::asin(std::clamp(request.to_sun.z, -1.0, 1.0));
        QMetaObject::invokeMethod(this, [this, patches = std::move(patches), altitude] { emit found(patches, altitude); }, Qt::QueuedConnection);
    }
}

}  // namespace wp::gui
