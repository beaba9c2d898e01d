// SPDX-License-Identifier: GPL-3.0-or-later
// The room with two circuits of two panels each: by the window and at the back.
#pragma once
#include <filesystem>
#include <string>

#include "photometry/photometry_file.h"
#include "support.h"

namespace wp::test {

inline model::LuminaireType luminaire_type(const char* file, const char* id) {
    auto read = photometry::read_photometry(std::filesystem::path(WARMPANE_SOURCE) / "data/luminaires" / file);
    read->type.id = id;
    return read->type;
}

inline model::Project lit_room() {
    auto p = one_room();
    p.luminaire_types = {luminaire_type("tern-panel.ldt", "panel")};
    model::Option& o = p.options[0];
    for (int c = 0; c < 2; ++c) {
        model::Lighting circuit;
        circuit.id = c == 0 ? "front" : "back";
        circuit.name = c == 0 ? "By the window" : "At the back";
        circuit.plane = "plane";
        circuit.target = 300;
        circuit.sensor = {2, c == 0 ? 1.5 : 4.5};
        circuit.sensor_placed = true;
        o.lighting.push_back(circuit);
        for (int k = 0; k < 2; ++k) {
            model::Luminaire l;
            l.id = "light-" + std::to_string(2 * c + k);
            l.type = "panel";
            l.storey = "ground";
            l.at = {k == 0 ? 1.0 : 3.0, c == 0 ? 1.5 : 4.5};
            l.height = 2.95;
            l.circuit = circuit.id;
            o.luminaires.push_back(l);
        }
    }
    return p;
}

}  // namespace wp::test
