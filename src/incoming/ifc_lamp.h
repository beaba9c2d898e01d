// SPDX-License-Identifier: GPL-3.0-or-later
// The light of an IfcLightSourceGoniometric as a kind of luminaire.
#pragma once
#include "incoming/step_file.h"
#include "model/luminaire.h"

namespace wp::incoming {

struct LampLight {
    model::LuminaireType type;
    uint64_t position = 0;  ///< IfcAxis2Placement3D; 0: none
    bool is_assumed =
        false;  ///< no intensities are told, or damaged ones: even light downwards of the flux that is told
    LampLight();
};
LampLight lamp_light(const StepFile& file, uint64_t source);

}  // namespace wp::incoming
