// SPDX-License-Identifier: GPL-3.0-or-later
// One line to find everything by: commands by their words and by the trade's other words for them, figures, questions,
// materials and things of the building by their names. What is called nothing like it gets the nearest.
#pragma once
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <functional>

namespace wp::gui {

class Palette : public QDialog {
    Q_OBJECT
 public:
    struct Entry {
        QString text, note;  ///< note: the shortcut, or what kind of thing it is
        std::function<void()> run;
        QString also = {};  ///< other words that it is found by
    };
    /// things: entries for a text, asked for anew at every key.
    Palette(std::vector<Entry> commands, std::function<std::vector<Entry>(const QString&)> things, QWidget* parent);

 protected:
    bool eventFilter(QObject* object, QEvent* event) override;

 private:
    void refresh();
    void run_current();
    std::vector<Entry> found(const QString& typed) const;
    std::vector<Entry> nearest(const QString& typed) const;
    std::vector<Entry> commands_, shown_;
    std::function<std::vector<Entry>(const QString&)> things_;
    QLineEdit* field_;
    QListWidget* list_;
    QLabel* none_;
};

}  // namespace wp::gui
