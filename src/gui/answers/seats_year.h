// SPDX-License-Identifier: GPL-3.0-or-later
// The year of glare of some seats, by option: asked as a job, kept with what it was asked of, and the lit rooms with
// it, so that other blinds or other hours cost no ray.
#pragma once
#include <QObject>
#include <map>
#include <memory>
#include <vector>

#include "gui/document/document.h"
#include "gui/work/job_queue.h"
#include "question/ask_glare_year.h"

namespace wp::gui {

class SeatsYear : public QObject {
    Q_OBJECT
 public:
    SeatsYear(Document& document, JobQueue& jobs, QObject* parent = nullptr);

    /// Of the option that is shown.
    void run(const std::vector<model::Observer>& places, question::Operation operation);
    /// Of each of these options (indices) its own observers.
    void run_observers(const std::vector<size_t>& options, question::Operation operation);
    /// Of the option that is shown; none where it was not asked.
    const std::vector<question::SeatYear>& seats() const { return seats_of(document_.option().id); }
    const std::vector<question::SeatYear>& seats_of(const model::Id& option) const;
    /// Only the hours of a month count from now on, in rings and worst hours; 0: of all months.
    void count_month(int month);
    /// Whether it is of the building as it is.
    bool is_current() const { return is_current(document_.option().id); }
    bool is_current(const model::Id& option) const;
    /// Forgets all, with another project.
    void clear();

    /// One of the worst hours of a seat in a direction, the worst first.
    struct WorstHour {
        size_t hour = 0;  ///< of the year
        double dgp = 0;
        double closed = -1;  ///< with all blinds closed; below 0: not known
        std::string by;      ///< a window, the sun in it, a surface; may be empty
    };
    std::vector<WorstHour> worst_hours(size_t seat, size_t heading) const;

 signals:
    void changed();
    void said(const QString& text);

 private:
    struct Found {
        std::vector<question::SeatYear> seats;
        /// All blinds closed, in the hours that are worst for any of the directions.
        std::vector<question::PlaceGlare> closed;
        std::shared_ptr<const question::LitRooms> rooms;
        std::vector<metric::Hours> use;  ///< of each seat, whatever month counts
        metric::Hours closed_hours;      ///< that closed is known of
        std::shared_ptr<const model::Project> of;
    };
    static void keep_month(Found& found, int month);
    static Found find(const model::Project& project, size_t option, const climate::WeatherYear& weather,
                      const std::vector<model::Observer>& places, question::Operation operation,
                      const question::LitRooms* known, const Cancel& cancel, const Progress& progress);
    static void find_closed(Found& found, const model::Option& option, double north, const Cancel& cancel);

    void add_job(size_t option, const std::vector<model::Observer>& places, question::Operation operation);

    Document& document_;
    JobQueue& jobs_;
    std::map<model::Id, Found> found_;  // by option
    int month_ = 0;
};

}  // namespace wp::gui
