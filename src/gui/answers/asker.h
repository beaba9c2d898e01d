// SPDX-License-Identifier: GPL-3.0-or-later
// Who asks the questions for the desktop: keeps daylight factor and the moment's light alive, runs questions, years and
// glare pictures in the background, and files the answers. What the sheet shows of them is in maps.h.
#pragma once
#include <QObject>
#include <optional>
#include <set>

#include "gui/answers/kept_answers.h"
#include "gui/answers/live_daylight.h"
#include "gui/answers/live_electric.h"
#include "gui/answers/live_eye.h"
#include "gui/answers/live_moment.h"
#include "gui/answers/live_year.h"
#include "gui/answers/seats_year.h"
#include "gui/answers/taken_pictures.h"
#include "gui/answers/year_tracer.h"
#include "gui/document/asked_prints.h"
#include "gui/document/document.h"
#include "gui/work/job_queue.h"
#include "gui/work/many_machines.h"
#include "store/answers.h"

namespace wp::gui {

class Asker : public QObject {
    Q_OBJECT
 public:
    Asker(Document& document, KeptAnswers& kept, QObject* parent = nullptr);

    /// Runs the year of the option that is shown; nothing where no weather is there (says why).
    void ask_year();
    /// Daylight factor and year of every option whose answer is missing or stale.
    void ask_all();
    /// Asks a question of the project on the option that is shown.
    void ask_question(const model::Id& question);
    /// Stops what runs and forgets what waits behind it.
    void cancel() { jobs_.cancel_all(); }
    JobQueue& jobs() { return jobs_; }
    /// What is kept beside the project; null where nothing can be.
    std::shared_ptr<store::Answers> answers();
    /// What one wishes to read of the year, and to have it changed: the reading follows.
    const YearWish& wish() const { return wish_; }
    void wish_year(YearWish wish);
    LiveDaylight& live() { return live_; }
    bool is_held() const { return live_.is_held(); }
    LiveMoment& live_moment() { return live_moment_; }
    LiveEye& eye() { return eye_; }
    TakenPictures& pictures() { return pictures_; }
    SeatsYear& seats_year() { return seats_year_; }
    void hold(bool on);

    /// Whether the moment's light is looked at: only then is it traced.
    void watch_moment(bool on);
    /// Whether electric light is looked at, by whom: only then is it traced.
    void watch_electric(const QObject* who, bool on);
    /// Whether an option's live electric light is of its luminaires as they hang now.
    bool is_electric_fresh(const model::Id& option) const;
    LiveElectric& live_electric() { return live_electric_; }
    /// Whether the readings' light at the moment is wanted, be the moment on the sheet or not.
    void watch_readings(bool on);
    /// Whether figures of the year are looked at: only then is it traced while one draws.
    void watch_year(bool on);
    /// Whether the live year of the option that is shown is being traced.
    bool is_tracing_year() const { return tracing_year_; }
    /// Light at further moments of the option's field, for profiles: given by LiveMoment::looked_at.
    void look_at(const std::vector<climate::Moment>& moments);
    /// Keeps the live answers of a second option up to date; empty: of none.
    void keep_beside(const model::Id& option);
    /// How a live answer of the option that is shown stands.
    struct LiveState {
        bool fresh = false;    ///< it is of the building as it is
        bool working = false;  ///< and is still settling
    };
    LiveState daylight_state() const { return daylight_state_; }
    LiveState moment_state() const { return moment_state_; }
    /// Whether a live answer (daylight factor or moment) of an option is of the building, and of the questions, as they
    /// are now.
    bool is_current(model::Question::Kind kind, const model::Id& option) const;
    /// Whether what was asked of a project then is what would be asked of the option now.
    bool is_same(const AskedOf& asked, const model::Question& then, const model::Question& now,
                 const model::Id& option) const;

 signals:
    void said(const QString& text);
    /// A reading of the year came in.
    void year_read();

 private:
    void project_changed();
    void ask_glare(const model::Question& asked);
    /// The question of one option, as other processes are to make it.
    ManyRun run_elsewhere(std::shared_ptr<const model::Project> project, size_t option,
                          const model::Question& question);
    /// Whether the weather is still being read: then what is asked is asked again when it is there.
    bool waits_for_weather(std::function<void()> again);
    // asker_year.cpp
    void build_years();
    void run_year(size_t option, bool only_if_kept);
    void request_year(size_t option);
    void trace_year();
    void give_up_tracing();
    void release_daylight();
    void stop_looking_for_kept();
    void keep_live_year(const std::shared_ptr<const question::YearAnswer>& answer,
                        const std::shared_ptr<const model::Project>& asked, const model::Id& option,
                        const YearStage& stage, bool working);
    void open_kept_answers();
    void take_kept_answers(store::Answers& kept);
    void open_kept_tables(store::Answers& kept);
    void request_moment();
    void request_readings();
    void request_beside();
    void request_electric();

    Document& document_;
    KeptAnswers& kept_;
    LiveDaylight live_, readings_live_, beside_live_;
    LiveMoment live_moment_, readings_moment_, beside_moment_;
    LiveElectric live_electric_;
    std::set<const QObject*> watching_electric_;
    LiveEye eye_;
    LiveYear live_year_;
    YearTracer year_tracer_;
    std::shared_ptr<const model::Project> year_traced_;  // what was asked of the tracer last, and of which option
    model::Id year_traced_option_;
    bool watching_year_ = false, tracing_year_ = false, daylight_waits_ = false, looks_for_kept_ = false;
    YearWish wish_;
    // Before the queue, whose work they hear of.
    TakenPictures pictures_;
    SeatsYear seats_year_;
    JobQueue jobs_;
    // Beside the project, once it has a file; else pieces are kept in memory.
    std::shared_ptr<store::Answers> answers_;
    std::filesystem::path answers_of_;
    store::MemoryCache memory_;
    LiveState daylight_state_, moment_state_;
    mutable AskedPrints prints_;
    /// As the project was when it changed last, and the option that was shown.
    std::shared_ptr<const model::Project> seen_;
    model::Id seen_option_;
    model::Id beside_;
    bool watching_ = false, watching_readings_ = false;
};

}  // namespace wp::gui
