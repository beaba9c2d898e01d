// SPDX-License-Identifier: GPL-3.0-or-later
// What differs between the option that is shown and another, line by line; a line leads to what it tells of.
#pragma once
#include <QComboBox>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>

#include "describe/differences.h"
#include "gui/document/document.h"

namespace wp::gui {

class DifferencesView : public QWidget {
    Q_OBJECT
 public:
    explicit DifferencesView(Document& document, QWidget* parent = nullptr);

    /// The option that others are held against; empty: there is none.
    model::Id base() const;

 signals:
    void base_changed();
    /// Something of the option that is shown was selected.
    void chosen();
    void said(const QString& text);

 protected:
    void showEvent(QShowEvent*) override { refresh(); }

 private:
    void list_options();
    void refresh();
    void choose(int row);
    void take_chosen();

    Document& document_;
    QComboBox* against_;
    QLabel* summary_;
    QListWidget* list_;
    QPushButton* take_;
    std::vector<describe::DifferenceGroup> groups_;
    model::Id against_id_;
};

/// What a kind of item is called in schemas; null where differences tell of none.
const char* type_of(Selection::Kind kind);

/// "W-02: Width 1.40 m → 1.80 m", in the language of the interface.
QString told(const describe::DifferenceGroup& group);

}  // namespace wp::gui
