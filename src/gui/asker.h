// SPDX-License-Identifier: GPL-3.0-or-later
// Who asks the questions for the desktop: keeps the daylight factor alive, runs years and glare pictures in the
// background, and files the answers in the document.
#pragma once
#include <QObject>
#include <deque>

#include "gui/document.h"
#include "gui/lamp.h"
#include "gui/sheet/sheet.h"
#include "gui/work.h"

namespace wp::gui {

/// What the sheet paints.
enum class Shown { daylight_factor, autonomy, sun_hours, mean_lux };

class Asker : public QObject {
    Q_OBJECT
 public:
    explicit Asker(Document& document, QObject* parent = nullptr);

    /// Runs the year of the option that is shown; nothing where no weather is there (says why).
    void ask_year();
    /// Daylight factor and year of every option whose answer is missing or stale.
    void ask_all();
    void ask_glare(const model::Id& observer, int heading = 0);
    /// Stops what runs and forgets what waits behind it.
    void cancel();
    Job& job() { return job_; }
    LiveDaylight& live() { return live_; }

    /// The map for the sheet as things stand, empty where there is no answer.
    SheetMap map(Shown shown) const;
    struct LampReading {
        Lamp::State state;
        double reached, wanted;
    };
    LampReading lamp(Shown shown) const;

 signals:
    void daylight_stepped();
    void said(const QString& text);

 private:
    void project_changed();
    void start_next();
    void run_year(size_t option);
    void note_wanted_year(size_t option);

    Document& document_;
    LiveDaylight live_;
    Job job_;
    std::deque<size_t> years_waiting_;
    bool working_ = false;
    bool fresh_ = false;  // the daylight answer belongs to the project as it is
};

}  // namespace wp::gui
