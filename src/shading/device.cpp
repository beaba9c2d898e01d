// SPDX-License-Identifier: GPL-3.0-or-later
#include "shading/device.h"

#include <algorithm>
#include <cstdint>

namespace wp::shading {

const std::vector<Device>& devices() {
    static const std::vector<Device> all = {overhang(), surround(), fins(), louvres(), screen(), shelf()};
    return all;
}

const Device& device_of(ShadeLayer::Kind kind) {
    return *std::find_if(devices().begin(), devices().end(), [&](const Device& d) { return d.kind == kind; });
}

std::vector<const ShadeFigure*> in_file_order(const Device& device) {
    static const ShadeLayer layer;
    const auto place = [](const ShadeFigure* figure) {
        return std::visit([](auto field) { return reinterpret_cast<uintptr_t>(&(layer.*field)); }, figure->field);
    };
    std::vector<const ShadeFigure*> out;
    for (const ShadeFigure& figure : device.figures) out.push_back(&figure);
    std::sort(out.begin(), out.end(), [&](const ShadeFigure* a, const ShadeFigure* b) { return place(a) < place(b); });
    return out;
}

const std::vector<ShadePreset>& shade_presets() {
    static const std::vector<ShadePreset> all = [] {
        std::vector<ShadePreset> out;
        for (const Device& d : devices()) out.insert(out.end(), d.presets.begin(), d.presets.end());
        return out;
    }();
    return all;
}

namespace figures {

ShadeFigure depth(const char* label) { return {"depth", label, &ShadeLayer::depth, 0.001, 20}; }
ShadeFigure thickness() { return {"thickness", "Thickness", &ShadeLayer::thickness, 0, 2}; }
ShadeFigure offset(const char* label) { return {"offset", label, &ShadeLayer::offset, 0, 20}; }
ShadeFigure tilt(const char* label) { return {"tilt", label, &ShadeLayer::tilt, -89, 89, ShadeFigure::Unit::degree}; }
ShadeFigure past_left() { return {"left", "Past left", &ShadeLayer::left, -20, 20}; }
ShadeFigure past_right() { return {"right", "Past right", &ShadeLayer::right, -20, 20}; }
ShadeFigure past_head() { return {"above", "Past head", &ShadeLayer::above, -20, 20}; }
ShadeFigure past_sill() { return {"below", "Past sill", &ShadeLayer::below, -20, 20}; }

}  // namespace figures

namespace {

struct Clamp {
    ShadeLayer& of;
    const ShadeFigure& figure;
    void operator()(double ShadeLayer::*field) const { of.*field = std::clamp(of.*field, figure.least, figure.most); }
    void operator()(int ShadeLayer::*field) const {
        of.*field = std::clamp(of.*field, static_cast<int>(figure.least), static_cast<int>(figure.most));
    }
    void operator()(bool ShadeLayer::*) const {}
};

}  // namespace

// What another kind would take of it is kept within reason, too.
ShadeLayer within_reason(ShadeLayer s) {
    for (const Device& device : devices())
        for (const ShadeFigure& figure : device.figures) std::visit(Clamp{s, figure}, figure.field);
    return s;
}

ShadeLayer mirrored(ShadeLayer s) {
    std::swap(s.left, s.right);
    std::swap(s.fin_left, s.fin_right);
    if (const auto turn = device_of(s.kind).mirror) turn(s);
    return s;
}

void build_shade(const ShadeLayer& layer, const ShadeFrame& frame, const AddQuad& add) {
    device_of(layer.kind).build(within_reason(layer), Boards(layer.inside, frame, add));
}

}  // namespace wp::shading
