// SPDX-License-Identifier: GPL-3.0-or-later
// Work in the background. The interface thread never waits for any of it.
#pragma once
#include <QObject>
#include <condition_variable>
#include <functional>
#include <memory>
#include <mutex>
#include <thread>

#include "base/progress.h"
#include "gui/document.h"

namespace wp::gui {

/// The daylight factor that lives: whatever the project is, its map is on the way. A newer request overtakes an older
/// one as soon as that one has shown its first, coarse map, so that a drag always shows something. Where a live
/// question is asked.
using PointsOf = std::function<std::vector<geometry::PlanePoints>(const model::Project&, const model::Option&,
                                                                  const model::Question&)>;
PointsOf planes_asked();
PointsOf readings_asked();

class LiveDaylight : public QObject {
    Q_OBJECT
 public:
    explicit LiveDaylight(PointsOf points, QObject* parent = nullptr);
    ~LiveDaylight() override;

    /// Any thread may be asked; the newest request wins.
    void request(std::shared_ptr<const model::Project> project, size_t option);
    void hold(bool on);
    bool is_held() const { return held_; }

 signals:
    /// In the interface thread, after every round. fresh is false once a newer request is waiting.
    /// project: what it was asked of, which may not be what is there by now.
    void stepped(std::shared_ptr<const question::DaylightFactorAnswer> answer,
                 std::shared_ptr<const model::Project> project, QString option, bool working);

 private:
    struct Request {
        std::shared_ptr<const model::Project> project;
        size_t option = 0;
    };
    void loop();
    void solve(const Request& request);
    void publish(std::shared_ptr<const question::DaylightFactorAnswer> answer, const Request& request, bool working);

    PointsOf points_;
    std::mutex mutex_;
    std::condition_variable wake_;
    std::optional<Request> next_;
    bool quit_ = false, held_ = false;
    bool may_cancel_ = false;  // the current answer has shown its first map
    Cancel cancel_;
    // Settled answers by fingerprint: undo brings them back at once.
    std::map<Fingerprint, std::shared_ptr<const question::DaylightFactorAnswer>> settled_;
    std::map<model::Id, std::shared_ptr<const question::DaylightFactorAnswer>> last_;  // settled, of each option
    std::thread thread_;
};

}  // namespace wp::gui
