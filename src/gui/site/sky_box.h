// SPDX-License-Identifier: GPL-3.0-or-later
// Chooses the sky that moments are looked at under, and asks for figures where it needs some.
#pragma once
#include <QComboBox>

#include "gui/document/document.h"

namespace wp::gui {

/// "CIE type 12, light from the place": a sky in few words.
QString sky_words(const model::SkyChoice& sky);
/// What each of the sixteen types is like.
QString cie_words(int type);
/// Asks for kind, type and amounts; none where it was given up.
std::optional<model::SkyChoice> ask_sky(QWidget* parent, model::SkyChoice sky);

class SkyBox : public QComboBox {
    Q_OBJECT
 public:
    explicit SkyBox(Document& document, QWidget* parent = nullptr);

 private:
    void refresh();
    void chosen(int index);
    Document& document_;
};

}  // namespace wp::gui
