// SPDX-License-Identifier: GPL-3.0-or-later
// Work in the background. The interface thread never waits for any of it.
#pragma once
#include <QObject>
#include <atomic>
#include <functional>
#include <map>
#include <memory>
#include <mutex>

#include "base/progress.h"
#include "gui/document/document.h"
#include "gui/work/newest.h"
#include "question/daylight_factor.h"

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
    void solve(const Request& request);
    void publish(std::shared_ptr<const question::DaylightFactorAnswer> answer, const Request& request, bool working);
    void stop();

    PointsOf points_;
    std::atomic<bool> quit_{false}, held_{false};
    std::mutex mutex_;         // of the two below
    Cancel cancel_;            // of what is being traced
    bool may_cancel_ = false;  // it has shown its first map
    // Settled answers by fingerprint: undo brings them back at once.
    std::map<Fingerprint, std::shared_ptr<const question::DaylightFactorAnswer>> settled_;
    std::map<model::Id, std::shared_ptr<const question::DaylightFactorAnswer>> last_;  // settled, of each option
    Newest<Request> worker_;  // last: it ends before what it works with
};

}  // namespace wp::gui
