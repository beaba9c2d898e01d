// SPDX-License-Identifier: GPL-3.0-or-later
// A criteria set as a card: its name and what it comes to in one line; opened, rooms by criteria. Marks and words tell
// verdicts apart.
#pragma once
#include <QFrame>
#include <QLabel>
#include <QTableWidget>
#include <QToolButton>

#include "gui/certify/judging.h"

namespace wp::gui {

class SetCard : public QFrame {
    Q_OBJECT
 public:
    explicit SetCard(const std::string& set, QWidget* parent = nullptr);
    const std::string& set() const { return set_; }
    void show_set(const JudgedSet& judged);
    bool is_open() const { return open_; }
    void open(bool on);
    QTableWidget* table() const { return table_; }
    /// Selects the cell of a conclusion.
    void choose(size_t conclusion);
    void choose_none() { table_->clearSelection(); }

 signals:
    void chosen(const QString& set, int conclusion);
    void opened(const QString& set, bool on);

 protected:
    void mouseReleaseEvent(QMouseEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

 private:
    void fill(const JudgedSet& judged);
    void fit();
    std::string set_;
    bool open_ = false;
    QToolButton* arrow_;
    QLabel *mark_, *name_, *outcome_, *doubt_;
    QTableWidget* table_;
    QStringList heads_;
};

}  // namespace wp::gui
