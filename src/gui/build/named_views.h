// SPDX-License-Identifier: GPL-3.0-or-later
// Views of the building that were kept by name.
#pragma once
#include <QMenu>
#include <QToolButton>

#include "gui/companion/model_view.h"
#include "gui/companion/section_view.h"
#include "gui/companion/wall_view.h"
#include "gui/desk/desktop.h"

namespace wp::gui {

class NamedViews : public QObject {
    Q_OBJECT
 public:
    explicit NamedViews(Desktop& desktop);

    /// Asks for a name and keeps what the companion shows.
    void keep();
    void show(const model::View& view);
    /// Offers them.
    QToolButton* button() const { return button_; }

 private:
    void fill();
    ModelView& model_view() const { return desktop_.part<ModelView>(); }
    WallView& wall() const { return desktop_.part<WallView>(); }
    SectionView& section() const { return desktop_.part<SectionView>(); }

    Desktop& desktop_;
    QToolButton* button_;
    QMenu* menu_;
};

}  // namespace wp::gui
