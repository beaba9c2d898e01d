// SPDX-License-Identifier: GPL-3.0-or-later
// The year that lives: what was traced is kept, and everything that needs no rays follows the project, the hours and
// what one wishes to read, in a thread of its own. The newest wish overtakes an older one between the map and the
// tables.
#pragma once
#include <QObject>
#include <map>

#include "gui/answers/year_reading.h"
#include "gui/work/newest.h"

namespace wp::gui {

class LiveYear : public QObject {
    Q_OBJECT
 public:
    explicit LiveYear(QObject* parent = nullptr);

    struct Request {
        std::shared_ptr<const model::Project> project;
        size_t option = 0;
        std::shared_ptr<const climate::WeatherYear> weather;
        std::shared_ptr<const question::YearAnswer> answer;  ///< the newest there is
        YearWish wish;
    };
    void request(Request request);
    /// Nothing is read of an option until it is requested again: the cores are wanted for rays.
    void give_up(const model::Id& option);

 signals:
    /// In the interface thread; twice for each request that is not overtaken, the second time with tables.
    void read(std::shared_ptr<const YearReading> reading, QString option);

 private:
    /// What is known of an option: the answer to the project it was last seen in.
    struct Known {
        std::shared_ptr<const model::Project> project;
        std::shared_ptr<const climate::WeatherYear> weather;
        std::shared_ptr<const question::YearAnswer> given, answer;
        Fingerprint wanted;
        std::vector<question::PaneHeat> heat;
    };
    void read_one(const Request& request);
    void read_all(const Request& request);
    void follow(const Request& request, Known& known);
    void publish(YearReading reading, const Request& request);

    std::map<model::Id, Known> known_;   // of the thread alone
    Newest<Request, model::Id> worker_;  // last: it ends before what it works with
};

}  // namespace wp::gui
