// SPDX-License-Identifier: GPL-3.0-or-later
// What an observer sees, while one draws and turns the clock: coarse within a moment, then ever finer. Traced only
// while somebody looks at it.
#pragma once
#include <QObject>
#include <atomic>
#include <mutex>
#include <optional>
#include <set>

#include "base/progress.h"
#include "gui/answers/kept_answers.h"
#include "gui/document/document.h"
#include "gui/work/newest.h"

namespace wp::gui {

class LiveEye : public QObject {
    Q_OBJECT
 public:
    LiveEye(Document& document, KeptAnswers& kept, QObject* parent = nullptr);
    ~LiveEye() override;

    /// Through which observer of the option that is shown; empty, or one that is not there: the first.
    void look_through(const model::Id& observer, int heading);
    /// From a place of its own, until an observer is looked through again. Heading and altitude in degrees.
    struct Stand {
        Vec3 at;
        double heading = 0, altitude = 0;
        QString name;
    };
    void look_from(const Stand& stand);
    /// How the picture is taken: lens, size, blinds. What counts as a source is the viewer's own affair.
    void take_as(const model::PictureChoice& choice);
    const model::PictureChoice& choice() const { return choice_; }
    /// Of pictures by wavelength.
    void take_bands(int bands, model::SkyColour colour);
    int bands() const { return bands_; }
    model::SkyColour sky_colour() const { return sky_colour_; }
    /// Luminaires of which scene shine beside daylight: its id, question::kAllLuminaires, or none where empty.
    void take_scene(const model::Id& scene);
    /// The same as it stands; empty where the option has no such scene.
    model::Id scene() const;
    /// Whether somebody looks.
    void watch(QObject* who, bool on);
    /// What was stopped is begun again when it is released.
    void hold(bool on);
    bool is_watched() const { return !watching_.empty(); }
    bool is_settling() const { return settling_; }
    /// Why nothing can be seen now; empty: something can.
    QString hindrance() const;
    /// What is asked, at the strip's moment; nothing must hinder it.
    model::Question question() const;

 private:
    struct Request {
        std::shared_ptr<const model::Project> project;
        size_t option = 0;
        std::shared_ptr<const climate::WeatherYear> weather;
        model::Question question;
    };
    const model::Observer* observer() const;
    void request();
    bool is_asked(const Request& wanted) const;
    void trace(const Request& request);
    void stop();
    void end(const Request& request);
    void publish(const question::GlareAnswer& answer, const Request& request, bool working);

    Document& document_;
    KeptAnswers& kept_;
    model::Id observer_;
    int heading_ = 0;
    std::optional<Stand> stand_;
    model::PictureChoice choice_;
    int bands_ = 9;
    model::SkyColour sky_colour_ = model::SkyColour::by_luminance;
    model::Id scene_;
    std::set<QObject*> watching_;
    bool held_ = false, settling_ = false;
    Request asked_;                                    // last
    std::atomic<bool> stopped_{false}, shown_{false};  ///< shown: something of what is being traced
    std::mutex mutex_;                                 // of what is being traced
    Cancel cancel_;
    Newest<Request> worker_;  // last: it ends before what it works with
};

}  // namespace wp::gui
