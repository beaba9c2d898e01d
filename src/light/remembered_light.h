// SPDX-License-Identifier: GPL-3.0-or-later
// Light that falls onto surfaces, remembered by small cells while a picture is traced: most of its paths
// end at the second surface they meet, with what others found there. Sun that falls onto that place itself is not
// remembered: its edges are sharp.
//
// A cell's light is the mean over the places in it that paths met, so that on the whole no light is lost or won. Where
// a path has come only a little way, or light changes within a short way, cells would show: near openings they are
// smaller, and a path that is shorter than a few of its cells goes on by itself.
#pragma once
#include <cstdint>
#include <optional>
#include <unordered_map>

#include "light/scene.h"
#include "light/trail.h"

namespace wp::light {

class RememberedLight {
 public:
    explicit RememberedLight(const Scene& scene) : scene_(&scene) {}

    using Cell = uint64_t;
    /// None where light is not remembered: on veils, and too near where the path was before.
    std::optional<Cell> cell_of(const LitPlace& place) const;
    struct Light {
        double lux;     ///< without the sun that falls there itself
        float learns;   ///< share of the paths that should tell more: ever fewer, the more have told
        ByState bands;  ///< of a scene in several states, of each; else of no meaning
    };
    /// None while few paths have told of the cell.
    std::optional<Light> light(Cell cell) const;
    void learn(Cell cell, double lux, const ByState& bands);

 private:
    struct Known {
        double sum = 0;
        uint32_t paths = 0;
        ByState bands{};
    };
    float size_at(const LitPlace& place) const;

    const Scene* scene_;
    std::unordered_map<Cell, Known> known_;
};

}  // namespace wp::light
