// SPDX-License-Identifier: GPL-3.0-or-later
// The light of the moment that lives: the model's light field is traced once and settles in the background; turning the
// clock or changing the sky only looks at it again.
#pragma once
#include <QObject>
#include <atomic>
#include <map>
#include <memory>

#include "gui/answers/live_daylight.h"
#include "gui/document/document.h"
#include "gui/work/newest.h"

namespace wp::gui {

class LiveMoment : public QObject {
    Q_OBJECT
 public:
    explicit LiveMoment(PointsOf points, QObject* parent = nullptr);
    ~LiveMoment() override;

    /// The newest request wins.
    void request(std::shared_ptr<const model::Project> project, size_t option, const question::Outdoors& outdoors);
    /// Let go, what was stopped is begun again by the next request.
    void hold(bool on);
    /// Light at other moments from the field that is on screen, in the same thread and after what is looked at: given
    /// by looked_at.
    void look_at(const std::vector<question::Outdoors>& moments);
    /// How often a field had to be traced: a moment alone never adds to it.
    int traced() const { return traced_; }

 signals:
    /// In the interface thread. working: the field is still settling.
    /// project: what the field was traced of.
    void found(std::shared_ptr<const question::MomentAnswer> answer, std::shared_ptr<const model::Project> project,
               QString option, bool working);
    void looked_at(std::vector<std::shared_ptr<const question::MomentAnswer>> answers);

 private:
    // What a field depends on, as far as can be told without building it.
    struct Key {
        std::shared_ptr<const model::Project> project;
        size_t option = 0;
        light::State state;
        int refined = 0;  ///< how often the error wanted was halved, because a moment asked for more than light typical
                          ///< of the place
        bool operator==(const Key&) const = default;
    };
    struct Look {
        std::shared_ptr<const question::LightField> field;
        question::Outdoors outdoors;
        std::shared_ptr<const model::Project> project;
        size_t option = 0;
        bool working = false;
    };
    struct Others {
        std::shared_ptr<const question::LightField> field;
        std::vector<question::Outdoors> moments;
    };
    void trace(const Key& key);
    void publish(const Key& key, std::shared_ptr<const question::LightField> field, bool working);
    void look(const Look& look);
    void look_at_others(const Others& wanted);
    void refine();

    PointsOf points_;
    // Of the interface thread.
    Key wanted_, shown_;
    question::Outdoors outdoors_;
    std::shared_ptr<const question::LightField> field_;
    bool working_ = false;
    std::vector<question::Outdoors> others_;
    std::atomic<bool> held_{false}, quit_{false};
    std::atomic<int> traced_{0};
    // Of the tracer: settled fields by what they were traced from.
    std::map<Fingerprint, std::shared_ptr<const question::LightField>> settled_;
    Newest<Look> looker_;
    Newest<Others> other_looker_;
    Newest<Key> tracer_;
};

}  // namespace wp::gui
