// SPDX-License-Identifier: GPL-3.0-or-later
// A figure of several options side by side on one scale, or as differences from one of them; the pointer reads all of
// them at the same place.
#pragma once
#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QWidget>

#include "gui/answers/gathered.h"
#include "gui/work/behind.h"
#include "report/plan.h"

namespace wp::gui {

/// Maps of one figure, by option.
struct SideMaps {
    std::shared_ptr<const model::Project> project;
    const figure::PointFigure* figure = nullptr;
    struct Of {
        size_t option = 0;
        std::vector<report::MapLayer> layers;
    };
    std::vector<Of> options;
    std::optional<size_t> base;  ///< of options: the others are told as differences from it
    report::Scale scale;
    /// What a layer has at a place; none where it has no point near.
    static std::optional<double> value_at(const report::MapLayer& layer, Vec2 place);
    std::optional<double> value_at(size_t of, size_t storey, Vec2 place) const;
};

/// Draws them, and follows the pointer.
class SideView : public QWidget {
    Q_OBJECT
 public:
    explicit SideView(Document& document, QWidget* parent = nullptr);
    void show_maps(const SideMaps& maps, const QString& words);
    const SideMaps& maps() const { return maps_; }
    QRectF cell(size_t i) const;

 signals:
    void told(const QString& text);

 protected:
    void paintEvent(QPaintEvent*) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void leaveEvent(QEvent*) override;

 private:
    size_t in_row() const;
    report::PlanView view(size_t i) const;
    void paint_option(QPainter& painter, size_t i);
    Document& document_;
    SideMaps maps_;
    QString words_;
    std::optional<Vec2> under_;
};

class SidePanel : public QWidget {
    Q_OBJECT
 public:
    SidePanel(Document& document, const KeptAnswers& kept, QWidget* parent = nullptr);
    SideView& view() { return *view_; }

 protected:
    void showEvent(QShowEvent*) override { refresh(); }

 private:
    struct Asked {
        std::vector<Held> options;
        const figure::PointFigure* figure = nullptr;
        std::optional<size_t> base;
    };
    void list_figures();
    void refresh();
    static SideMaps find(const Asked& asked);

    Document& document_;
    const KeptAnswers& kept_;
    QComboBox *figure_, *base_;
    SideView* view_;
    QLabel* told_;
    std::vector<std::shared_ptr<const void>> asked_;
    QString asked_words_;
    Behind<Asked, SideMaps> worker_;  // last: it ends before what it works with
};

}  // namespace wp::gui
