// SPDX-License-Identifier: GPL-3.0-or-later
// Where the sun falls at the moment of the clock, found in the background while the clock is turned.
#pragma once
#include <QObject>
#include <condition_variable>
#include <memory>
#include <mutex>
#include <optional>
#include <thread>

#include "gui/document.h"
#include "question/sun_patches.h"

namespace wp::gui {

class SunShade : public QObject {
    Q_OBJECT
 public:
    explicit SunShade(QObject* parent = nullptr);
    ~SunShade() override;

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
    void loop();

    std::mutex mutex_;
    std::condition_variable wake_;
    std::optional<Request> next_;
    bool quit_ = false;
    std::thread thread_;
};

}  // namespace wp::gui
