// SPDX-License-Identifier: GPL-3.0-or-later
// Watches the interface thread: how long every event held it, how much of that the operating system gave the core to
// others, and, if wished, where in the program it was meanwhile.
#pragma once
#include <QApplication>
#include <array>
#include <atomic>
#include <map>
#include <string>
#include <thread>
#include <vector>

namespace wp::bench {

class Watch : public QApplication {
 public:
    /// where: long events are told with the calls they were in.
    Watch(int& argc, char** argv, bool where);
    ~Watch() override;
    bool notify(QObject* receiver, QEvent* event) override;
    /// What the user does from here on.
    void begin(const std::string& action) { action_ = action; }
    /// A table by action, and the distribution of all.
    void report() const;

 private:
    struct Event {
        double held = 0;  ///< ms by the clock
        /// ms of it in which the thread was ready and had no core, since others had it: by the kernel's accounts of
        /// waiting threads and of cores that the machine's host took away.
        double taken = 0;
    };
    void look();
    void tell_where(const Event& event, const std::string& by);

    bool where_;
    int depth_ = 0;
    std::string action_ = "start";
    std::pair<double, std::string> inner_;
    std::map<std::string, std::vector<Event>> of_action_;
    std::map<std::string, std::pair<double, std::string>> worst_;
    std::atomic<bool> quit_{false};
    std::thread looker_;
};

}  // namespace wp::bench
