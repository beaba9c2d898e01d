// SPDX-License-Identifier: GPL-3.0-or-later
// How deep light reaches: the map along a line over the rooms, beside other options, hours or kept curves, with the
// section below it.
#pragma once
#include <QComboBox>
#include <QToolButton>
#include <QWidget>

#include "gui/answers/maps.h"
#include "gui/desk/page.h"
#include "gui/legend/legends.h"
#include "gui/saving/save.h"
#include "report/profile_chart.h"

namespace wp::gui {

class ProfileView : public QWidget {
    Q_OBJECT
 public:
    ProfileView(Document& document, Asker& asker, const Maps& maps, Legends& legends, QWidget* parent = nullptr);
    QSize sizeHint() const override { return {420, 420}; }
    void show_line(Vec2 a, Vec2 b);
    /// The map on the sheet, dressed, and which it is.
    void show_map(const SheetMap& map, Shown shown);
    const std::optional<std::pair<Vec2, Vec2>>& line() const { return line_; }
    const report::ProfileChart& chart() const { return chart_; }
    Takeaway takeaway() const;

 signals:
    void line_wanted();
    /// The line on the sheet and the place of the pointer on it.
    void line_shown(std::optional<std::pair<Vec2, Vec2>> line, std::optional<Vec2> mark);

 protected:
    void paintEvent(QPaintEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void leaveEvent(QEvent*) override;
    void showEvent(QShowEvent*) override;
    void hideEvent(QHideEvent*) override;

 private:
    enum class With { nothing, options, hours, months, columns };
    void refresh();
    void fill_with();
    void keep();
    report::Curve curve_of(const SheetMap& map, const QString& name, bool main) const;
    std::vector<SheetMap> others(QStringList& names) const;
    QRectF area() const;

    Document& document_;
    Asker& asker_;
    const Maps& maps_;
    Legends& legends_;
    std::optional<std::pair<Vec2, Vec2>> line_;
    SheetMap map_;
    Shown shown_ = Shown::daylight_factor;
    report::ProfileChart chart_;
    geometry::Section section_;
    std::shared_ptr<const model::Project> cut_of_;
    std::vector<report::Curve> kept_;
    QString kept_unit_;
    std::vector<std::shared_ptr<const question::MomentAnswer>> looked_at_;
    QComboBox* with_;
    QToolButton *keep_, *forget_, *draw_;
    double pointer_ = -1;
};

Page profile_companion(Desktop& desktop);

}  // namespace wp::gui
