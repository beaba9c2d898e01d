// SPDX-License-Identifier: GPL-3.0-or-later
// Light as numbers where they matter: the option's readings in a list that follows the model, the clock and the sky.
#pragma once
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <string>

#include "gui/answers/kept_answers.h"
#include "gui/desk/page.h"
#include "gui/document/document.h"
#include "gui/legend/legends.h"

namespace wp::gui {

class ReadingsPanel : public QWidget {
    Q_OBJECT
 public:
    ReadingsPanel(Document& document, const KeptAnswers& kept, Legends& legends, QWidget* parent = nullptr);
    /// What stands beside each reading on the sheet: lux where the moment is looked at, else daylight factors.
    std::map<model::Id, QString> words(bool lux) const;
    std::string csv() const;

 signals:
    void place_wanted();

 protected:
    void showEvent(QShowEvent*) override;

 private:
    struct Row {
        std::optional<double> factor, factor_half, lux, lux_half;
    };
    Row row_of(const model::Id& reading) const;
    void refresh();
    void rename(QTableWidgetItem* item);

    Document& document_;
    const KeptAnswers& kept_;
    Legends& legends_;
    QTableWidget* table_;
    QLabel *empty_, *moment_;
    QPushButton *place_, *remove_, *copy_;
    bool filling_ = false;
};

Page readings_page(Desktop& desktop);

}  // namespace wp::gui
