// SPDX-License-Identifier: GPL-3.0-or-later
// The inspector edits the selection and says what it does: a window's share of the light, a room's figures.
#pragma once
#include <QFormLayout>
#include <QLabel>
#include <QScrollArea>
#include <QTimer>

#include "gui/answers/kept_answers.h"
#include "gui/document/document.h"
#include "gui/entry/number_field.h"

namespace wp::shading {
struct ShadeFigure;
}

namespace wp::gui {

class Inspector : public QScrollArea {
    Q_OBJECT
 public:
    Inspector(Document& document, const KeptAnswers& kept, QWidget* parent = nullptr);
    /// Brings the shading layers of what is selected into view.
    void show_shading_rows();
    void set_editable(bool on);

 signals:
    void ask_glare(const QString& observer, int heading);
    /// The next rectangle that is drawn on the sheet belongs to a plane: as its part, or left out of it.
    void area_wanted(const QString& plane, bool leave_out);
    /// The next click on the sheet is what an observer looks at.
    void aim_wanted(const QString& observer);

 private:
    struct Page {
        Selection::Kind kind;
        void (Inspector::*show)(QFormLayout&);
    };
    static const Page kPages[15];
    void rebuild();
    void keep_in_view(int scrolled);
    void refresh();
    void refresh_figures();
    void add_fact(QFormLayout& form, const QString& title, std::function<QString()> text, const QString& tip = {});
    const question::PlaneDaylight* daylight_of(const model::Id& room) const;
    bool is_typing() const;
    void show_nothing(QFormLayout& form);
    void show_room(QFormLayout& form);
    void show_wall(QFormLayout& form);
    void show_opening(QFormLayout& form);
    void show_observer(QFormLayout& form);
    void show_reading(QFormLayout& form);
    void show_block(QFormLayout& form);
    void show_storey(QFormLayout& form);
    void show_partition(QFormLayout& form);
    void show_floor_void(QFormLayout& form);
    void show_roof(QFormLayout& form);
    void show_rooflight(QFormLayout& form);
    void show_dimension(QFormLayout& form);
    void show_many(QFormLayout& form);
    // inspector_matter.cpp: blinds and shading of what is selected
    void show_blind(QFormLayout& form, const model::Opening& first);
    void show_blind(QFormLayout& form, const model::Rooflight& first);
    void show_shading(QFormLayout& form);
    void show_figure(QFormLayout& form, const model::ShadeLayer& layer, const shading::ShadeFigure& figure);
    void show_layer(QFormLayout& form, const model::ShadeLayer& layer);
    void change_shading(const QString& name, const std::function<void(std::vector<model::ShadeLayer>&)>& change);
    void change_layer(const QString& name, const std::function<void(model::ShadeLayer&)>& change);
    // inspector_places.cpp: things, planes, observers
    void show_thing(QFormLayout& form);
    void show_plane(QFormLayout& form);
    void show_planes_of(QFormLayout& form, const model::Id& room);
    void lay_on_wall(const model::Id& room, int edge, bool facade);
    void show_light(QFormLayout& form);

    Document& document_;
    const KeptAnswers& kept_;
    QString made_;  // row that is to be in view when the page is built anew
    QWidget* page_ = nullptr;
    bool editable_ = true;
    QTimer follow_;
    size_t layer_ = 0;  // the shading layer that is open
    Selection shown_;
    // Figures that follow the answers without the page being built anew.
    std::vector<std::pair<QLabel*, std::function<QString()>>> figures_;
    bool had_answer_ = false;
    const question::GlareAnswer* had_glare_ = nullptr;
};

/// What one opening brings to the planes of its option: share of all the daylight factor there, 0 to 1.
double share_of_light(const question::DaylightFactorAnswer& answer, const model::Id& opening, const model::Id& room);

}  // namespace wp::gui
