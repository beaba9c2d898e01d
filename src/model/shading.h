// SPDX-License-Identifier: GPL-3.0-or-later
// Fixed shading of openings. Each layer is given by few figures and follows its opening: real surfaces are made from it
// (shading/device.h says which figures count for which kind, and what they may be).
#pragma once
#include "model/material.h"

namespace wp::model {

/// One layer before (or behind) an opening. Metres and degrees. Which figures count depends on the kind.
struct ShadeLayer {
    enum class Kind {
        surround,  ///< a frame of four boards that stands out around the opening
        overhang,  ///< a board above it
        fins,      ///< upright boards beside it
        louvres,   ///< blades across it
        screen,    ///< a sheet before it: perforated, fabric, or translucent
        shelf,     ///< a light shelf: a level board across it
    };
    Kind kind = Kind::louvres;
    bool inside = false;      ///< on the room's side of the pane
    double depth = 0.1;       ///< how far it stands out; of louvres the width of a blade
    double thickness = 0.01;  ///< of boards and blades; 0: a sheet
    double offset = 0.02;  ///< louvres and screens: of their near side from the wall's face. Overhang: above the head;
                           ///< shelf: below it. Fins: beside the jambs
    double left = 0,
           right = 0;  ///< overhang, surround, louvres, screen: how far past the opening's sides, seen from outside
    double above = 0, below = 0;  ///< fins, surround, louvres, screen: how far past its head and sill
    double tilt = 0;  ///< overhang: its outer edge down. Louvres: the outer edge of a blade down (upright: to the
                      ///< right). Fins: the outer edge to the right
    bool by_number = false;  ///< louvres: so many blades, instead of by their spacing
    int number = 10;
    double spacing = 0.1;  ///< louvres: from blade to blade
    bool upright = false;  ///< louvres: vertical blades
    bool from_end =
        false;  ///< louvres: the first blade at the head (upright: at the right), instead of the sill (the left)
    bool fin_left = true, fin_right = true;
    Id material;  ///< empty: the option's, by type
    bool operator==(const ShadeLayer&) const;
};

}  // namespace wp::model
