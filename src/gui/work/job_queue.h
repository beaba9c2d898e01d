// SPDX-License-Identifier: GPL-3.0-or-later
// Longer work in the background, one piece at a time: a queue one can look into, reorder, pause and cancel.
#pragma once
#include <QObject>
#include <functional>
#include <thread>
#include <vector>

#include "base/progress.h"

namespace wp::gui {

class JobQueue : public QObject {
    Q_OBJECT
 public:
    explicit JobQueue(QObject* parent = nullptr);
    ~JobQueue() override;

    /// Runs in the background and returns what is to be done in the interface thread with its result. A job that is
    /// paused is begun anew: what it had finished it must find again by itself.
    using Finish = std::function<void()>;
    using Work = std::function<Finish(const Cancel&, const Progress&)>;
    enum class State { waiting, running, paused };
    struct Entry {
        int id = 0;
        QString key, title;
        State state = State::waiting;
        double share = 0;
        Work work;
    };
    /// A job whose key waits, runs or is paused already takes that one's place in the queue and its work is the newer.
    int add(const QString& key, const QString& title, Work work);
    const std::vector<Entry>& entries() const { return entries_; }
    bool is_running() const { return running_ != 0; }
    /// Of the job that runs; empty and 0 where none does.
    QString title() const;
    double share() const;

    void cancel(int id);
    void cancel_all();
    void pause(int id);
    void go_on(int id);
    /// Towards the front of those that wait (-1) or the back (1).
    void move(int id, int by);

 signals:
    void changed();
    /// A job was cancelled by hand: it is not to be gone on with.
    void dropped(QString key);

 private:
    Entry* find(int id);
    void start_next();
    void ended(int id, const Finish& finish, bool cancelled);

    std::vector<Entry> entries_;
    std::thread thread_;
    int running_ = 0, last_id_ = 0;
    Cancel cancel_;
};

}  // namespace wp::gui
