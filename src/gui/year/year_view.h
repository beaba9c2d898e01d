// SPDX-License-Identifier: GPL-3.0-or-later
// A point's year, or a room's: typical days of each month, how often how much light, what it is made of; the sun on its
// glass; its electric light.
#pragma once
#include <QButtonGroup>
#include <QWidget>

#include "gui/answers/asker.h"
#include "gui/desk/page.h"
#include "gui/saving/save.h"

namespace wp::gui {

class YearView : public QWidget {
    Q_OBJECT
 public:
    YearView(Document& document, const KeptAnswers& kept, Asker& asker, QWidget* parent = nullptr);
    enum class Page { light, glass, electric };
    void show_page(Page page);
    Page page() const { return page_; }
    Takeaway takeaway() const;

 protected:
    void paintEvent(QPaintEvent*) override;

 private:
    void paint(QPainter& painter, QRectF box, const report::Ink& ink) const;
    void paint_light(QPainter& painter, QRectF box, const report::Ink& ink, const YearReading& reading) const;
    void paint_glass(QPainter& painter, QRectF box, const report::Ink& ink, const YearReading& reading) const;
    void paint_electric(QPainter& painter, QRectF box, const report::Ink& ink, const YearReading& reading) const;
    QString subject(const YearReading& reading) const;

    Document& document_;
    const KeptAnswers& kept_;
    Asker& asker_;
    QButtonGroup* pages_;
    Page page_ = Page::light;
};

Page year_companion(Desktop& desktop);

}  // namespace wp::gui
