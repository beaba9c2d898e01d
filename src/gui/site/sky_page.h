// SPDX-License-Identifier: GPL-3.0-or-later
// The sky from a chosen point: its luminance under the chosen sky, what stands before it, the sun's paths and what cuts
// them off, the light that the sky carries and the check that it does.
#pragma once
#include <QComboBox>
#include <QLabel>
#include <QWidget>

#include "gui/document/document.h"
#include "gui/saving/save.h"
#include "gui/work/newest.h"
#include "report/sky_chart.h"

namespace wp::gui {

class NumberField;

/// The drawn dome; tells what is under the pointer.
class SkyDome : public QWidget {
    Q_OBJECT
 public:
    explicit SkyDome(QWidget* parent = nullptr);
    void show_scene(std::shared_ptr<const report::SkyScene> scene);
    void set_projection(report::SkyProjection projection);
    report::SkyProjection projection() const { return projection_; }
    const report::SkyScene* scene() const { return scene_.get(); }
    /// Says what is at a place of the widget; set by the page.
    std::function<QString(const report::SkyFrame::Direction&)> reading;

 protected:
    void paintEvent(QPaintEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void leaveEvent(QEvent*) override;

 private:
    std::shared_ptr<const report::SkyScene> scene_;
    report::SkyProjection projection_ = report::SkyProjection::equidistant;
    QImage picture_;
    QPointF pointer_{-1, -1};
};

class SkyPage : public QWidget {
    Q_OBJECT
 public:
    explicit SkyPage(Document& document, QWidget* parent = nullptr);

    /// Where one looks up from, metres.
    void look_from(Vec3 point);
    Vec3 point() const { return point_; }
    SkyDome& dome() { return *dome_; }
    const QString& facts() const { return facts_text_; }

 signals:
    void point_changed();

 protected:
    void showEvent(QShowEvent*) override;

 private:
    struct Request {
        std::shared_ptr<const model::Project> project;
        size_t option = 0;
        Vec3 from;
        climate::Moment moment;
    };
    // What the worker finds for a point.
    struct Found {
        std::shared_ptr<const geometry::Surfaces> surfaces;
        question::Dome dome;
        std::vector<report::SunPath> paths;
        report::SunPath today;
        std::shared_ptr<const model::Project> project;
        size_t option = 0;
    };
    QWidget* build_bar();
    void look_up();
    void search(const Request& request);
    void fill_places();
    void place_chosen(int index);
    void refresh();
    QString stands(int surface) const;
    QString today() const;
    Takeaway takeaway() const;

    Document& document_;
    SkyDome* dome_;
    QLabel* facts_;
    QString facts_text_;
    QComboBox* places_;
    std::vector<std::pair<QString, Vec3>> known_places_;
    NumberField* fields_[3] = {};
    Vec3 point_{0, 0, 1.2};
    bool placed_ = false;
    std::shared_ptr<const Found> found_;
    // Of the worker alone.
    std::shared_ptr<const model::Project> ready_;
    size_t ready_option_ = 0;
    std::shared_ptr<const geometry::Surfaces> surfaces_;
    std::vector<std::unique_ptr<light::Scene>> scenes_;
    Newest<Request> worker_;
};

}  // namespace wp::gui
