// SPDX-License-Identifier: GPL-3.0-or-later
// The year that lives: what was traced is kept, and everything that needs no rays follows the project, the hours and
// what one wishes to read, in a thread of its own. The newest wish overtakes an older one between the map and the
// tables.
#pragma once
#include <QObject>
#include <condition_variable>
#include <map>
#include <mutex>
#include <thread>

#include "gui/year/year_reading.h"

namespace wp::gui {

class LiveYear : public QObject {
    Q_OBJECT
 public:
    explicit LiveYear(QObject* parent = nullptr);
    ~LiveYear() override;

    struct Request {
        std::shared_ptr<const model::Project> project;
        size_t option = 0;
        std::shared_ptr<const climate::WeatherYear> weather;
        std::shared_ptr<const question::YearAnswer> answer;  ///< the newest there is
        YearWish wish;
    };
    void request(Request request);

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
    void loop();
    void read_one(const Request& request);
    void follow(const Request& request, Known& known);
    void publish(YearReading reading, const Request& request);

    std::mutex mutex_;
    std::condition_variable wake_;
    std::map<model::Id, Request> next_;
    bool quit_ = false;
    std::map<model::Id, Known> known_;  // of the thread alone
    std::thread thread_;
};

}  // namespace wp::gui
