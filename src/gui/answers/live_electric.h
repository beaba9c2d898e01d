// SPDX-License-Identifier: GPL-3.0-or-later
// Electric light that lives: the light of an option's luminaires is traced in the background by circuit; scenes, levels
// and dimming only add it up anew.
#pragma once
#include <QObject>
#include <atomic>
#include <map>
#include <memory>

#include "gui/answers/live_daylight.h"
#include "gui/work/newest.h"
#include "question/electric_field.h"

namespace wp::gui {

class LiveElectric : public QObject {
    Q_OBJECT
 public:
    explicit LiveElectric(QObject* parent = nullptr);
    ~LiveElectric() override;

    /// The newest request wins.
    void request(std::shared_ptr<const model::Project> project, size_t option);
    void hold(bool on);
    /// How often light had to be traced: levels alone never add to it.
    int traced() const { return traced_; }

 signals:
    /// In the interface thread. working: it is still settling.
    void found(std::shared_ptr<const question::ElectricField> field, std::shared_ptr<const model::Project> project,
               QString option, bool working);

 private:
    struct Request {
        std::shared_ptr<const model::Project> project;
        size_t option = 0;
        bool operator==(const Request&) const = default;
    };
    void trace(const Request& request);
    void publish(const Request& request, std::shared_ptr<const question::ElectricField> field, bool working);

    PointsOf points_;
    Request wanted_;
    std::atomic<bool> held_{false}, quit_{false};
    std::atomic<int> traced_{0};
    std::map<Fingerprint, std::shared_ptr<const question::ElectricField>> settled_;  // of the tracer
    Newest<Request> tracer_;
};

}  // namespace wp::gui
