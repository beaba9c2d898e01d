// SPDX-License-Identifier: GPL-3.0-or-later
// Many pictures side by side as they come, on one scale; a click shows one large.
#pragma once
#include <QImage>
#include <QScrollArea>
#include <vector>

#include "gui/answers/taken_pictures.h"
#include "report/contact_sheet.h"

namespace wp::gui {

class ContactView : public QScrollArea {
    Q_OBJECT
 public:
    explicit ContactView(const TakenPictures& pictures, QWidget* parent = nullptr);
    /// The scale of the style serves all of them.
    void set_style(const report::PictureStyle& style);
    report::ContactSheet sheet() const;
    /// Where a picture lies, in the widget that scrolls.
    QRectF cell(size_t picture) const;
    QWidget* canvas() const { return widget(); }

 signals:
    void chosen(size_t picture);

 protected:
    void resizeEvent(QResizeEvent*) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

 private:
    void refresh();
    void paint(QPainter& painter, const QRect& area);
    void lay_out();
    std::optional<size_t> at(const QPointF& point) const;

    const TakenPictures& pictures_;
    report::PictureStyle style_;
    report::ContactLayout layout_;
    std::vector<QImage> images_;
    std::optional<size_t> pointed_;
};

}  // namespace wp::gui
