// SPDX-License-Identifier: GPL-3.0-or-later
// The inspector edits the selection and says what it does: a window's share of the light, a room's figures.
#pragma once
#include <QFormLayout>
#include <QLabel>
#include <QScrollArea>
#include <QTimer>

#include "gui/document.h"
#include "gui/inspector/number_field.h"

namespace wp::gui {

class Inspector : public QScrollArea {
    Q_OBJECT
 public:
    explicit Inspector(Document& document, QWidget* parent = nullptr);
    void set_editable(bool on);

 signals:
    void ask_glare(const QString& observer);

 private:
    void rebuild();
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
    void show_block(QFormLayout& form);
    void show_storey(QFormLayout& form);
    void show_partition(QFormLayout& form);
    void show_floor_void(QFormLayout& form);
    void show_roof(QFormLayout& form);
    void show_rooflight(QFormLayout& form);
    void show_dimension(QFormLayout& form);
    void show_many(QFormLayout& form);
    void show_light(QFormLayout& form);

    Document& document_;
    QWidget* page_ = nullptr;
    bool editable_ = true;
    QTimer follow_;
    Selection shown_;
    // Figures that follow the answers without the page being built anew.
    std::vector<std::pair<QLabel*, std::function<QString()>>> figures_;
    bool had_answer_ = false;
    const question::GlareAnswer* had_glare_ = nullptr;
};

/// What one opening brings to the planes of its option: share of all the daylight factor there, 0 to 1.
double share_of_light(const question::DaylightFactorAnswer& answer, const model::Id& opening, const model::Id& room);

}  // namespace wp::gui
