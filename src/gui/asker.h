// SPDX-License-Identifier: GPL-3.0-or-later
// Who asks the questions for the desktop: keeps daylight factor and the moment's light alive, runs questions, years and
// glare pictures in the background, and files the answers in the document. What the sheet shows of them is in
// shown.cpp.
#pragma once
#include <QObject>
#include <optional>
#include <set>

#include "gui/asked_prints.h"
#include "gui/document.h"
#include "gui/jobs/job_queue.h"
#include "gui/lamp.h"
#include "gui/live_moment.h"
#include "gui/sheet/sheet.h"
#include "gui/shown.h"
#include "gui/work.h"
#include "gui/year/live_year.h"
#include "question/why.h"
#include "store/answers.h"

namespace wp::gui {

class Asker : public QObject {
    Q_OBJECT
 public:
    explicit Asker(Document& document, QObject* parent = nullptr);

    /// Runs the year of the option that is shown; nothing where no weather is there (says why).
    void ask_year();
    /// Daylight factor and year of every option whose answer is missing or stale.
    void ask_all();
    void ask_glare(const model::Id& observer, int heading = 0);
    /// Asks a question of the project on the option that is shown.
    void ask_question(const model::Id& question);
    /// Takes a table from elsewhere as an answer on the option's planes; its id is given back.
    Result<model::Id> open_table(const std::filesystem::path& path);
    /// Stops what runs and forgets what waits behind it.
    void cancel() { jobs_.cancel_all(); }
    JobQueue& jobs() { return jobs_; }
    /// What is kept beside the project; null where nothing can be.
    std::shared_ptr<store::Answers> answers();
    /// What one wishes to read of the year, and to have it changed: the reading follows.
    const YearWish& wish() const { return wish_; }
    void wish_year(YearWish wish);
    /// The newest reading of an option's year; null where it has none.
    std::shared_ptr<const YearReading> year_reading(const model::Id& option) const;
    std::shared_ptr<const YearReading> year_reading() const { return year_reading(document_.option().id); }
    LiveDaylight& live() { return live_; }
    bool is_held() const { return live_.is_held(); }
    LiveMoment& live_moment() { return live_moment_; }
    void hold(bool on);

    /// Whether the moment's light is looked at: only then is it traced.
    void watch_moment(bool on);
    /// Whether the readings' light at the moment is wanted, be the moment on the sheet or not.
    void watch_readings(bool on);
    /// Light at further moments of the option's field, for profiles: given by LiveMoment::looked_at.
    void look_at(const std::vector<climate::Moment>& moments);
    /// Keeps the live answers of a second option up to date; empty: of none.
    void keep_beside(const model::Id& option);
    /// Windows whose light is taken out of the live maps: what if they were gone.
    void set_gone(std::set<model::Id> windows);
    const std::set<model::Id>& gone() const { return gone_; }
    /// What light at a point of a layer of the map is made of, in the map's own unit (lux, not footcandles); point -1:
    /// the mean of the layer. None where the answer cannot tell.
    std::optional<question::Shares> why(Shown shown, size_t layer, int point) const;
    /// Which question's answer, and which of its columns, Shown::table means.
    void choose_table(const model::Id& question, size_t column);
    const model::Id& table_question() const { return table_question_; }
    size_t table_column() const { return table_column_; }
    /// The answer that is chosen, on the option that is shown; null where there is none.
    const Document::KeptTable* table() const { return table(document_.option().id); }
    const Document::KeptTable* table(const model::Id& option) const;

    /// The map for the sheet as things stand, empty where there is no answer.
    SheetMap map(Shown shown) const { return map(shown, document_.option().id); }
    /// The same of any option that has an answer.
    SheetMap map(Shown shown, const model::Id& option) const;
    struct LampReading {
        Lamp::State state;
        double reached, wanted;
    };
    LampReading lamp(Shown shown) const;

 signals:
    void daylight_stepped();
    void said(const QString& text);
    /// A reading of the year came in.
    void year_read();

 private:
    void project_changed();
    // asker_year.cpp
    void build_years();
    void run_year(size_t option, bool only_if_kept);
    void request_year(size_t option);
    void open_kept_answers();
    void open_kept_tables(store::Answers& kept);
    void request_moment();
    // A live answer of an option, and the project it was asked of.
    void take(const std::shared_ptr<const question::DaylightFactorAnswer>& answer,
              const std::shared_ptr<const model::Project>& asked, const QString& option);
    void take(const std::shared_ptr<const question::MomentAnswer>& answer,
              const std::shared_ptr<const model::Project>& asked, const QString& option);
    void request_readings();
    void request_beside();
    SheetMap daylight_map(Shown shown, const model::Id& option) const;
    SheetMap moment_map(Shown shown, const model::Id& option) const;
    SheetMap year_map(Shown shown, const model::Id& option) const;
    SheetMap table_map(const model::Id& option) const;
    using Then = std::map<model::Id, std::shared_ptr<const model::Project>>;
    /// Whether a live answer of an option is of another building, or of other questions, than there are now.
    bool is_stale(const Then& then, model::Question::Kind kind, const model::Id& option) const;
    // Percent to what the map shows: lux under the sky that is chosen.
    double daylight_unit(Shown shown) const;
    QString words_of_gone() const;
    void compare_with_ours(question::PointTable& table) const;
    bool is_stale(const Document::KeptTable& kept, const model::Id& option) const;

    Document& document_;
    LiveDaylight live_, readings_live_, beside_live_;
    LiveMoment live_moment_, readings_moment_, beside_moment_;
    LiveYear live_year_;
    YearWish wish_;
    JobQueue jobs_;
    // Beside the project, once it has a file; else pieces are kept in memory.
    std::shared_ptr<store::Answers> answers_;
    std::filesystem::path answers_of_;
    store::MemoryCache memory_;
    bool working_ = false;
    bool fresh_ = false;  // the daylight answer belongs to the project as it is
    /// The project that an option's live answers were asked of.
    Then daylight_then_, moment_then_;
    mutable AskedPrints prints_;
    /// As the project was when it changed last, and the option that was shown.
    std::shared_ptr<const model::Project> seen_;
    model::Id seen_option_;
    model::Id beside_;
    std::set<model::Id> gone_;
    bool watching_readings_ = false;
    bool watching_ = false, moment_working_ = false, moment_fresh_ = false;
    model::Id table_question_;
    size_t table_column_ = 0;
};

}  // namespace wp::gui
