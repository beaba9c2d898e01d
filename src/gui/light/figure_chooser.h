// SPDX-License-Identifier: GPL-3.0-or-later
// What can be put on the sheet, by analysis, with search: full names, a line of meaning each, the last ones first, and
// what is missing where there is no answer yet.
#pragma once
#include <QFrame>
#include <QLineEdit>
#include <QListWidget>
#include <QToolButton>
#include <functional>
#include <vector>

namespace wp::gui {

struct FigureEntry {
    QString id;     ///< stays the same between runs
    QString group;  ///< analysis
    QString name, meaning;
    QString missing;  ///< what it still needs; empty where there is an answer
    QString also;     ///< other words that it is found by
    std::function<void()> show;
};

/// A button with what is shown; a press opens the list.
class FigureChooser : public QToolButton {
    Q_OBJECT
 public:
    /// entries: as things stand, asked for whenever the list opens.
    FigureChooser(std::function<std::vector<FigureEntry>()> entries, QWidget* parent = nullptr);
    void show_name(const QString& name);
    /// Puts one on the sheet, as if it were picked. False where there is none of that id.
    bool pick(const QString& id);
    /// As things stand.
    std::vector<FigureEntry> offered() const { return entries_(); }

 private:
    void open();
    void fill(const QString& typed);
    void take_current();
    void remember(const QString& id);
    bool eventFilter(QObject* object, QEvent* event) override;

    std::function<std::vector<FigureEntry>()> entries_;
    std::vector<FigureEntry> now_;
    QStringList last_;
    QFrame* popup_;
    QLineEdit* search_;
    QListWidget* list_;
};

}  // namespace wp::gui
