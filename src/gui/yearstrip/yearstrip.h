// SPDX-License-Identifier: GPL-3.0-or-later
// The year strip: 365 days across, 24 hours up. The clock of the whole application, and the picture of the year.
#pragma once
#include <QImage>
#include <QLineEdit>
#include <QToolButton>
#include <QWidget>
#include <vector>

#include "gui/answers/kept_answers.h"
#include "gui/document/document.h"

namespace wp::gui {

class YearStrip : public QWidget {
    Q_OBJECT
 public:
    YearStrip(Document& document, const KeptAnswers& kept, QWidget* parent = nullptr);
    QSize sizeHint() const override { return {1000, 140}; }
    /// Where a moment falls, and which moment a place is: for the pointer and for tests.
    QPointF place_of(const climate::Moment& moment) const;
    climate::Moment moment_at(QPointF at) const;
    /// What colours it; the reading of the year brings the values.
    void show_strip_of(StripOf of);
    /// Hours of somebody else's in its colours; null: what it is told to show is shown again.
    struct Hours {
        std::vector<float> value;  ///< 8760; below nought: nothing
        QString caption, unit;
        double top = 1;
    };
    void show_hours(std::shared_ptr<const Hours> hours);
    /// Where the ends of the occupied hours are drawn, for the pointer and for tests: y of the earlier, then of the
    /// later.
    std::pair<double, double> band() const;

 signals:
    void strip_wanted(StripOf of);

 protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

 private:
    void resizeEvent(QResizeEvent*) override;
    void build_clock();
    void build_choice();
    void read_values(std::vector<double>& hours);
    // Occupied hours of the selected room, or of the question.
    std::pair<double, double> occupied() const;
    void drag_band(double y);
    void fill_moments();
    QRectF carpet() const;
    void colour();
    void renew();
    void find_sun_lines();
    void draw_sun_lines(QPainter& painter) const;

    Document& document_;
    const KeptAnswers& kept_;
    QImage image_;
    struct DayLength {
        int day;
        double dawn, dusk;
    };
    std::vector<DayLength> day_lengths_;  // every third day
    QString caption_, unit_;
    double top_ = 1;
    // What the image was coloured from.
    std::shared_ptr<const void> coloured_from_;
    std::shared_ptr<const Hours> own_;
    enum class Held { nothing, moment, from, to } held_ = Held::nothing;
    StripOf of_ = StripOf::outdoor;
    QToolButton* choice_ = nullptr;
    QPointF pointer_{-1, -1};
    QLineEdit* clock_ = nullptr;
    QToolButton* named_ = nullptr;
};

}  // namespace wp::gui
