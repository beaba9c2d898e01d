// SPDX-License-Identifier: GPL-3.0-or-later
// Where the sun falls at the moment of the clock, found in the background while the clock is turned.
#pragma once
#include <QObject>
#include <memory>

#include "gui/document/document.h"
#include "gui/work/newest.h"
#include "question/sun_patches.h"

namespace wp::gui {

class SunShade : public QObject {
    Q_OBJECT
 public:
    explicit SunShade(QObject* parent = nullptr);

    /// The newest request wins; a building is made ready for rays once and kept.
    void request(std::shared_ptr<const model::Project> project, size_t option, size_t storey, Vec3 to_sun, int month);

 signals:
    void found(std::shared_ptr<const question::SunPatches> patches, double altitude);

 private:
    struct Request {
        std::shared_ptr<const model::Project> project;
        size_t option = 0, storey = 0;
        Vec3 to_sun;
        int month = 6;  ///< decides whether trees have leaves
    };
    void look(const Request& request);

    // Of the building that was looked at last.
    std::shared_ptr<const model::Project> ready_;
    size_t ready_option_ = 0;
    model::Season ready_season_ = model::Season::in_leaf;
    std::unique_ptr<light::Scene> scene_;
    Newest<Request> worker_;
};

}  // namespace wp::gui
