// SPDX-License-Identifier: GPL-3.0-or-later
// Setting a second map beside the one on the sheet: one that was kept, or another option's.
#pragma once
#include <QComboBox>
#include <QObject>
#include <QToolButton>
#include <optional>

#include "gui/desk/desktop.h"
#include "gui/light/pair_view.h"

namespace wp::gui {

class Pairing : public QObject {
    Q_OBJECT
 public:
    explicit Pairing(Desktop& desktop);

    bool is_on() const { return kept_.has_value() || !option_.empty(); }
    PairView& view() const { return *view_; }
    /// What begins, changes and ends it; for a bar.
    QWidget* buttons() const { return buttons_; }
    /// Keeps what is shown now, with the building as it is now, whatever comes after.
    void keep_this();
    void show_beside(const model::Id& option);
    void close();

 private:
    void build_buttons();
    QToolButton* build_menu();
    void refresh();
    PairSide side_of(const model::Option& option, size_t index) const;

    Desktop& desktop_;
    PairView* view_;
    QWidget* buttons_;
    QComboBox* mode_;
    QToolButton* close_;
    std::optional<PairSide> kept_;
    model::Id option_;
};

}  // namespace wp::gui
