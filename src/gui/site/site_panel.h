// SPDX-License-Identifier: GPL-3.0-or-later
// The Site desk's companion: which weather, where, which way is north, and the sun's paths over the place.
#pragma once
#include <QLabel>
#include <QWidget>

#include "gui/document.h"

namespace wp::gui {

/// The sky from below in equidistant projection, north up, with the sun's paths and the moment's sun.
class SunPaths : public QWidget {
    Q_OBJECT
 public:
    explicit SunPaths(Document& document, QWidget* parent = nullptr);

 protected:
    void paintEvent(QPaintEvent*) override;

 private:
    Document& document_;
};

class SitePanel : public QWidget {
    Q_OBJECT
 public:
    explicit SitePanel(Document& document, QWidget* parent = nullptr);

 private:
    void refresh();
    void choose_weather();
    Document& document_;
    QLabel* facts_;
    QWidget* fields_ = nullptr;
};

}  // namespace wp::gui
