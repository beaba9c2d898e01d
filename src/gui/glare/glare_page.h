// SPDX-License-Identifier: GPL-3.0-or-later
// Which ways the seats can face: arcs on the sheet while this page is shown, the seats in a list, what dazzles each.
#pragma once
#include <QBoxLayout>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <QWidget>

#include "gui/answers/live_seats.h"
#include "gui/answers/seats_year.h"
#include "gui/desk/desktop.h"
#include "question/clear_arc.h"

namespace wp::gui {

class GlarePage : public QWidget {
    Q_OBJECT
 public:
    explicit GlarePage(Desktop& desktop);

    const LiveSeats& seats() const { return live_; }
    /// Arcs as they stand, in the order of the list; none where nothing is known yet.
    const std::vector<std::optional<question::ClearArc>>& arcs() const { return arcs_; }
    /// Whether arcs are those of the year; its answer, where one is there.
    bool is_of_year() const;
    const SeatsYear& year() const { return year_; }
    /// Asks for the year at the seats that are wanted, as a job.
    void run_year();

 signals:
    /// A direction from a seat is to be looked at.
    void look_wanted(const wp::gui::LiveEye::Stand& stand);

 protected:
    void showEvent(QShowEvent*) override;
    void hideEvent(QHideEvent*) override;

 private:
    void build(QBoxLayout& column);
    void fill_limits();
    std::vector<Seat> wanted_seats() const;
    std::vector<Seat> observers() const;
    std::vector<Seat> lattice() const;
    void follow();
    void refresh();
    void show_arcs();
    size_t worst_seat() const;
    void fill_table();
    void find_arcs();
    void show_hours();
    void show_strip();
    QString hint() const;
    std::vector<Seat> shown_seats() const;
    QString reading(size_t seat, double heading) const;
    void look(size_t seat, double heading);
    void turn_heads(double by, bool done);
    void turn_selected();
    const metric::GlareIndex& index() const;
    double limit() const;
    double share() const { return share_->value() / 100; }

    Desktop& desktop_;
    LiveSeats live_;
    SeatsYear& year_;
    QComboBox *index_, *limit_, *places_, *when_, *blinds_, *month_;
    QDoubleSpinBox* share_;
    QWidget* of_year_;
    QLabel *title_, *hint_;
    QTableWidget *table_, *hours_;
    QPushButton *turn_, *look_, *run_;
    std::vector<climate::Moment> worst_hours_;
    std::vector<std::optional<question::ClearArc>> arcs_;
    bool filling_ = false;
};

Page glare_page(Desktop& desktop);

}  // namespace wp::gui
