// SPDX-License-Identifier: GPL-3.0-or-later
// Series: what is varied at the left, what comes of it at the right.
#pragma once
#include <QCheckBox>
#include <QComboBox>
#include <QFormLayout>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>

#include "gui/compare/steps_view.h"
#include "gui/entry/number_field.h"
#include "series/variables.h"

namespace wp::gui {

/// One number that is varied: whose, which, from where to where.
class VariedRows : public QWidget {
    Q_OBJECT
 public:
    VariedRows(Document& document, const char* name, QWidget* parent);
    /// elements: whose numbers are offered; empty: those of the whole building.
    void offer(const std::vector<model::Id>& elements);
    void show_varied(const model::VariedNumber& varied);
    const model::VariedNumber& varied() const { return varied_; }

 signals:
    void changed();

 private:
    void take_variable(int index);
    void show_ends();
    std::optional<Unit> unit() const;
    Document& document_;
    std::vector<series::Variable> offered_;
    model::VariedNumber varied_;
    QLabel* of_;
    QComboBox* number_;
    QFormLayout* form_;
    QString name_;
};

class SeriesPanel : public QWidget {
    Q_OBJECT
 public:
    SeriesPanel(Document& document, SeriesRunner& runner, QWidget* parent = nullptr);
    StepsView& view() { return *view_; }

 signals:
    void said(const QString& text);

 protected:
    void showEvent(QShowEvent*) override { refresh(); }

 private:
    void build_left(QBoxLayout& column);
    void build_right(QBoxLayout& column);
    void begin_new();
    void take_selected();
    void show_draft();
    void list_series();
    void list_questions();
    void refresh();
    void show_answer();
    void list_figures(const series::SeriesAnswer& answer);
    void ask();
    void remove();
    void make_option();
    model::Series draft() const;

    Document& document_;
    SeriesRunner& runner_;
    model::Series draft_;
    bool filling_ = false;
    QComboBox *series_, *figure_, *room_;
    QCheckBox* second_on_;
    VariedRows *first_, *second_;
    QListWidget* questions_;
    QPushButton *ask_, *remove_, *make_option_;
    QLabel *state_, *told_, *turns_;
    StepsView* view_;
    std::vector<series::Plotted> plotted_;
};

}  // namespace wp::gui
