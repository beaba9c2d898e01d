// SPDX-License-Identifier: GPL-3.0-or-later
// Shading devices: each is one file (its figures, how it is built, what is ready-made) and one line of the table in
// device.cpp. Files, inspector, clamps, menus and drawings walk the table.
#pragma once
#include <utility>
#include <variant>
#include <vector>

#include "shading/boards.h"

namespace wp::shading {

/// A figure of a device: where it is kept, what it is called in files and to the user, and what it may be.
struct ShadeFigure {
    const char *key, *label;
    std::variant<double ShadeLayer::*, int ShadeLayer::*, bool ShadeLayer::*> field;
    double least = 0, most = 0;
    enum class Unit { metre, degree, count } unit = Unit::metre;
    /// Of a bool: what it means that it is not set, and that it is; null: it is a flag, given by the second alone.
    std::pair<const char*, const char*> (*words)(const ShadeLayer&) = nullptr;
    /// Whether it is shown beside others that decide; null: always.
    bool (*shown)(const ShadeLayer&) = nullptr;
};

// Figures that several devices have; their limits are the same for all.
namespace figures {
ShadeFigure depth(const char* label = "Stands out");
ShadeFigure thickness();
ShadeFigure offset(const char* label);
ShadeFigure tilt(const char* label = "Tilt");
ShadeFigure past_left();
ShadeFigure past_right();
ShadeFigure past_head();
ShadeFigure past_sill();
}  // namespace figures

/// A ready-made set of layers, under a name of its own.
struct ShadePreset {
    const char *id, *name, *what;
    std::vector<ShadeLayer> layers;
};

struct Device {
    ShadeLayer::Kind kind;
    const char* id;                    ///< its word in files and lists
    ShadeLayer fresh;                  ///< a layer that is added by hand
    std::vector<ShadeFigure> figures;  ///< those that count, besides side and material, as they are shown
    void (*build)(const ShadeLayer&, const Boards&);
    std::vector<ShadePreset> presets;
    /// What else turns about where left and right are changed; null: nothing.
    void (*mirror)(ShadeLayer&) = nullptr;
    /// What stands for it in plan; null: itself.
    void (*seen_from_above)(ShadeLayer&) = nullptr;
    bool is_sheet = false;  ///< upright and without thickness: a line in plan
};

/// A layer of a kind with figures set.
template <class Set>
ShadeLayer layer(ShadeLayer::Kind kind, Set&& set) {
    ShadeLayer out;
    out.kind = kind;
    set(out);
    return out;
}

Device overhang();
Device surround();
Device fins();
Device louvres();
Device screen();
Device shelf();

const std::vector<Device>& devices();
const Device& device_of(ShadeLayer::Kind kind);
/// A device's figures in the order of ShadeLayer's members, which files keep.
std::vector<const ShadeFigure*> in_file_order(const Device& device);
/// Of all devices.
const std::vector<ShadePreset>& shade_presets();

}  // namespace wp::shading
