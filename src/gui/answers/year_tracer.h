// SPDX-License-Identifier: GPL-3.0-or-later
// Traces the year while one draws: a first look at fewer points, soon, then all points, then as sure as was asked for.
// The newest request overtakes an older one that has shown its first look.
#pragma once
#include <QObject>
#include <QTimer>
#include <atomic>
#include <chrono>
#include <condition_variable>
#include <deque>
#include <map>
#include <mutex>

#include "base/cache.h"
#include "base/progress.h"
#include "gui/answers/year_stage.h"
#include "gui/work/newest.h"
#include "model/project.h"
#include "question/ask_year.h"
#include "store/answers.h"

namespace wp::gui {

class YearTracer : public QObject {
    Q_OBJECT
 public:
    explicit YearTracer(QObject* parent = nullptr);
    ~YearTracer() override;

    struct Request {
        std::shared_ptr<const model::Project> project;
        size_t option = 0;
        std::shared_ptr<const climate::WeatherYear> weather;
        std::shared_ptr<const question::YearAnswer> known;  ///< the answer there is; null: none
        std::shared_ptr<store::Answers> kept;               ///< beside the project; null: nothing is
    };
    void request(Request request);
    void hold(bool on);
    /// What is under way is given up.
    void stop();
    /// The first look has been read: before that nothing else is traced, so that it is seen soon.
    void go_on();

 signals:
    /// In the interface thread. working: more is to come, unless it is overtaken.
    void found(std::shared_ptr<const question::YearAnswer> answer, std::shared_ptr<const model::Project> asked,
               QString option, wp::gui::YearStage stage, bool working);
    /// Nothing more comes of a project: it is whole, overtaken, given up or failed.
    void ended(std::shared_ptr<const model::Project> asked);

 private:
    /// A state of an option, and the spaces that were traced as they were in it.
    struct Traced {
        std::shared_ptr<const model::Project> project;
        geometry::Surfaces surfaces;
        std::vector<bool> exact;
    };
    void trace(const Request& request);
    void hand_rests();
    void end(const Request& request);
    bool trace_stage(const Request& request, const YearStage& stage, const Cancel& cancel);
    std::shared_ptr<const question::YearBefore> holds(const Request& request, const geometry::Surfaces& surfaces,
                                                      const YearStage& stage);
    void keep_traced(const Request& request, const geometry::Surfaces& surfaces, const question::YearBefore* before);
    Cache remembered();
    Cache also_kept(store::JobCache& kept);
    void publish(std::shared_ptr<const question::YearAnswer> answer, const Request& request, const YearStage& stage,
                 bool working);

    std::atomic<bool> quit_{false}, held_{false};
    std::mutex mutex_;  // of the seven below
    Cancel cancel_;
    bool may_cancel_ = true, was_read_ = false;
    std::chrono::steady_clock::time_point begun_, last_begun_;  // of looks since one was shown, and of the last
    std::chrono::steady_clock::duration look_took_{};           // the last that was shown
    std::condition_variable read_;
    QTimer rest_;
    // Of the thread alone.
    std::map<model::Id, std::deque<Traced>> traced_;  // newest first
    std::shared_ptr<const question::YearSky> sky_;
    std::deque<std::shared_ptr<const question::YearAnswer>> whole_;  // newest first: undo brings them back at once
    std::map<Fingerprint, std::string> pieces_;
    std::deque<Fingerprint> order_;  // of pieces, oldest first
    size_t held_bytes_ = 0;
    Newest<Request> worker_;  // last: it ends before what it works with
};

}  // namespace wp::gui
