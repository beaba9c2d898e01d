// SPDX-License-Identifier: GPL-3.0-or-later
// One line to find everything by: commands by their words, things of the building by their names.
#pragma once
#include <QDialog>
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
    };
    /// things: entries for a text, asked for anew at every key.
    Palette(std::vector<Entry> commands, std::function<std::vector<Entry>(const QString&)> things, QWidget* parent);

 protected:
    bool eventFilter(QObject* object, QEvent* event) override;

 private:
    void refresh();
    void run_current();
    std::vector<Entry> commands_, shown_;
    std::function<std::vector<Entry>(const QString&)> things_;
    QLineEdit* field_;
    QListWidget* list_;
};

}  // namespace wp::gui
