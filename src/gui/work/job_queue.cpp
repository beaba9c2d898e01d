// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/work/job_queue.h"

#include <algorithm>

#include "base/log.h"
#include "base/parallel.h"
#include "gui/work/mishaps.h"

namespace wp::gui {

JobQueue::JobQueue(QObject* parent) : QObject(parent) {}

JobQueue::~JobQueue() {
    cancel_.request();
    if (thread_.joinable()) thread_.join();
}

JobQueue::Entry* JobQueue::find(int id) {
    const auto it = std::find_if(entries_.begin(), entries_.end(), [id](const Entry& e) { return e.id == id; });
    return it != entries_.end() ? &*it : nullptr;
}

int JobQueue::add(const QString& key, const QString& title, Work work) {
    const auto known = std::find_if(entries_.begin(), entries_.end(), [&](const Entry& e) { return e.key == key; });
    if (known != entries_.end()) {
        const int id = known->id;
        known->work = std::move(work);
        known->title = title;
        // What runs works on what is no longer wanted: it is begun anew.
        if (known->state == State::running) cancel_.request();
        known->state = State::waiting;
        known->share = 0;
        start_next();
        emit changed();
        return id;
    }
    entries_.push_back({++last_id_, key, title, State::waiting, 0, std::move(work)});
    start_next();
    emit changed();
    return last_id_;
}

QString JobQueue::title() const {
    for (const Entry& e : entries_)
        if (e.id == running_) return e.title;
    return {};
}

double JobQueue::share() const {
    for (const Entry& e : entries_)
        if (e.id == running_) return e.share;
    return 0;
}

void JobQueue::cancel(int id) {
    if (id == running_) cancel_.request();
    const Entry* entry = find(id);
    if (entry == nullptr) return;
    const QString key = entry->key;
    std::erase_if(entries_, [id](const Entry& e) { return e.id == id; });
    emit dropped(key);
    emit changed();
}

void JobQueue::cancel_all() {
    while (!entries_.empty()) cancel(entries_.back().id);
}

void JobQueue::pause(int id) {
    Entry* entry = find(id);
    if (entry == nullptr) return;
    if (entry->state == State::running) cancel_.request();
    entry->state = State::paused;
    emit changed();
}

void JobQueue::go_on(int id) {
    Entry* entry = find(id);
    if (entry == nullptr || entry->state != State::paused) return;
    entry->state = State::waiting;
    start_next();
    emit changed();
}

void JobQueue::move(int id, int by) {
    const auto it = std::find_if(entries_.begin(), entries_.end(), [id](const Entry& e) { return e.id == id; });
    if (it == entries_.end()) return;
    const auto at = it - entries_.begin(), to = at + by;
    if (to < 0 || to >= static_cast<std::ptrdiff_t>(entries_.size())) return;
    std::swap(entries_[static_cast<size_t>(at)], entries_[static_cast<size_t>(to)]);
    emit changed();
}

void JobQueue::start_next() {
    if (running_ != 0) return;
    const auto next =
        std::find_if(entries_.begin(), entries_.end(), [](const Entry& e) { return e.state == State::waiting; });
    if (next == entries_.end()) return;
    if (thread_.joinable()) thread_.join();
    next->state = State::running;
    log(LogOf::gui, "job {} begins: {}", next->id, next->title.toStdString());
    running_ = next->id;
    cancel_ = Cancel();
    thread_ = std::thread([this, id = next->id, work = next->work, cancel = cancel_] {
        step_behind();
        const Progress progress = [this, id](double share) {
            QMetaObject::invokeMethod(
                this,
                [this, id, share] {
                    if (Entry* entry = find(id); entry != nullptr && entry->state == State::running) {
                        entry->share = share;
                        emit changed();
                    }
                },
                Qt::QueuedConnection);
        };
        Finish finish;
        guarded(QT_TRANSLATE_NOOP("QObject", "A job"), [&] { finish = work(cancel, progress); });
        QMetaObject::invokeMethod(
            this, [this, id, cancel, finish = std::move(finish)] { ended(id, finish, cancel.requested()); },
            Qt::QueuedConnection);
    });
}

void JobQueue::ended(int id, const Finish& finish, bool cancelled) {
    running_ = 0;
    log(LogOf::gui, "job {} {}", id, cancelled ? "cancelled" : "ended");
    if (!cancelled) {
        std::erase_if(entries_, [id](const Entry& e) { return e.id == id; });
        if (finish) finish();
    }
    start_next();
    emit changed();
}

}  // namespace wp::gui
