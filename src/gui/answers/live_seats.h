// SPDX-License-Identifier: GPL-3.0-or-later
// Glare in all directions at many places, at the moment of the clock: one picture all around serves each. Found one
// after the other in the background while somebody looks; what was found before is found again without a ray.
#pragma once
#include <QObject>
#include <deque>
#include <map>
#include <memory>
#include <set>
#include <vector>

#include "base/progress.h"
#include "gui/document/document.h"
#include "gui/work/newest.h"
#include "question/glare.h"

namespace wp::gui {

/// A place where somebody sits or stands.
struct Seat {
    model::Observer eye;  ///< id empty: of a lattice, no observer's
    bool operator==(const Seat&) const = default;
};
/// What is seen from it, by direction.
struct SeatGlare {
    Seat seat;
    std::vector<question::Facing> around;  ///< empty: not known yet
    bool settled = false;
};

class LiveSeats : public QObject {
    Q_OBJECT
 public:
    explicit LiveSeats(Document& document, QObject* parent = nullptr);
    ~LiveSeats() override;

    /// Whose glare is wanted; none: nobody looks.
    void want(std::vector<Seat> seats);
    void hold(bool on);
    const std::vector<SeatGlare>& found() const { return found_; }
    bool is_working() const { return working_; }

 signals:
    void changed();

 private:
    struct Request {
        std::shared_ptr<const model::Project> project;
        size_t option = 0;
        std::shared_ptr<const climate::WeatherYear> weather;
        climate::Moment moment;
        model::SkyChoice sky;
        std::vector<Seat> seats;
        uint64_t number = 0;
    };
    void request();
    void trace(const Request& request);
    bool trace_seat(const Request& request, size_t index, const geometry::Surfaces& built);
    void publish(const Request& request, size_t index, std::vector<question::Facing> around, bool settled);
    void end(const Request& request);

    Document& document_;
    std::vector<Seat> seats_;
    std::vector<SeatGlare> found_;
    uint64_t number_ = 0;  // of the newest request
    bool working_ = false, held_ = false;
    // In the worker's thread.
    std::map<Fingerprint, std::vector<question::Facing>> known_;
    std::deque<Fingerprint> order_;
    std::mutex mutex_;
    Cancel cancel_;
    Newest<Request> worker_;  // last: it ends before what it works with
};

}  // namespace wp::gui
