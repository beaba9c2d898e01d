// SPDX-License-Identifier: GPL-3.0-or-later
// Circuits and scenes: how far each circuit is up, named sets of levels with when they hold, and what light and power
// come of it. Levels cost no ray.
#pragma once
#include <QSlider>

#include "gui/desk/desktop.h"
#include "gui/entry/scrolled_page.h"

namespace wp::gui {

class ScenesPage : public ScrolledPage {
    Q_OBJECT
 public:
    explicit ScenesPage(Desktop& desktop);
    /// Levels as they are set now become a scene of that name, or the levels of the scene of that name.
    void save_scene(const QString& name);
    void show_scene(const model::Id& scene);

 protected:
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;

 private:
    void refresh();
    void add_shown(QVBoxLayout& column);
    void add_scene_row(QVBoxLayout& column);
    void add_scene_form(QVBoxLayout& column, const model::LightScene& scene);
    void add_circuits(QVBoxLayout& column);
    void add_circuit(QVBoxLayout& column, size_t index);
    void add_forming(QVBoxLayout& column);
    void add_figures(QVBoxLayout& column);
    void add_energy(QVBoxLayout& column);
    void show_figures();
    void set_level(size_t circuit, double level);
    model::Id room() const;

    Desktop& desktop_;
    model::Id scene_;
    model::Id shown_option_;
    QLabel* figures_ = nullptr;
    std::vector<QLabel*> gives_;  // of each circuit, what it gives now
    bool stale_ = true;
};

Page scenes_page(Desktop& desktop);

}  // namespace wp::gui
