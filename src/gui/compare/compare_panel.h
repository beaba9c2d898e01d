// SPDX-License-Identifier: GPL-3.0-or-later
// The Compare desk: all options in rows, all their figures from the same kind of run, their maps on one scale.
#pragma once
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>

#include "figure/measures.h"
#include "gui/answers/gathered.h"
#include "gui/document/document.h"

namespace wp::gui {

/// Plans of all options with their daylight factor, side by side on one legend.
class OptionMaps : public QWidget {
    Q_OBJECT
 public:
    OptionMaps(Document& document, const KeptAnswers& kept, QWidget* parent = nullptr);

 protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;

 private:
    QRectF cell(size_t i) const;
    Document& document_;
    const KeptAnswers& kept_;
};

class ComparePanel : public QWidget {
    Q_OBJECT
 public:
    ComparePanel(Document& document, const KeptAnswers& kept, QWidget* parent = nullptr);
    QTableWidget* table() const { return table_; }

 signals:
    void ask_all();

 protected:
    void showEvent(QShowEvent*) override { refresh(); }

 private:
    /// A line of the table for each room.
    struct Line {
        const figure::Measure* measure;
        figure::Wanted wanted;
        QString name;
        bool operator==(const Line& other) const { return name == other.name; }
    };
    static std::vector<Line> all_lines();
    void build_menu();
    void refresh();
    QString cell(const Line& line, const model::Id& option, const model::Id& room);
    /// Figures of what was asked are not found anew while it stays.
    std::map<std::tuple<QString, model::Id, const void*>, std::optional<figure::Band>> known_;
    std::map<model::Id, Gathered> gathered_;
    std::vector<Line> lines_;
    QMenu* menu_;
    Document& document_;
    const KeptAnswers& kept_;
    QTableWidget* table_;
};

}  // namespace wp::gui
