// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/window_groups.h"

#include <fmt/core.h>

#include <algorithm>
#include <map>
#include <set>

#include "light/scene.h"
#include "model/project.h"

namespace wp::question {
using geometry::Surfaces;
using model::Id;

namespace {

// An opening as its first portal shows it.
struct Window {
    Id id;
    int sector;  // of those that look the same way in a room: Portal::group
    const std::vector<model::ShadeLayer>* shading = nullptr;
    std::vector<bool> sees;  // the sky, in each of the directions of looks()
};

const std::vector<model::ShadeLayer>* shading_of(const model::Option& option, const Id& id) {
    for (const auto& storey : option.storeys) {
        if (const auto* light = model::find(storey.rooflights, id)) return &light->shading;
        for (const auto& room : storey.rooms)
            if (const auto* opening = model::find(room.openings, id)) return &opening->shading;
    }
    return nullptr;
}

// Directions above the horizon that are looked at: 24 around in five heights.
std::vector<Vec3> looks() {
    std::vector<Vec3> out;
    for (const double altitude : {6.0, 18.0, 32.0, 48.0, 68.0})
        for (int i = 0; i < 24; ++i) out.push_back(direction(radians(15.0 * i), radians(altitude)));
    return out;
}

std::vector<bool> sky_seen(const light::Scene& scene, const geometry::Portal& portal) {
    const Vec3 normal = normalized(cross(portal.u, portal.v)) * (portal.outside == geometry::kOutdoors ? 1.0 : -1.0);
    // In front of the reveal, behind what shades it.
    const Vec3 at = portal.corner + (portal.u + portal.v) * 0.5 + normal * 0.05;
    std::vector<bool> out;
    for (const Vec3 d : looks())
        out.push_back(dot(d, normal) > 0 && scene.beam(at.as<float>(), d.as<float>()).share > 0.5f);
    return out;
}

/// Windows that differ in no more than this share of the sky they could see are alike.
constexpr double kAlike = 0.12;

bool alike(const Window& a, const Window& b) {
    if (a.sector != b.sector) return false;
    if (a.shading != nullptr && b.shading != nullptr && *a.shading != *b.shading) return false;
    size_t seen = 0, differ = 0;
    for (size_t i = 0; i < a.sees.size(); ++i) {
        seen += a.sees[i] || b.sees[i];
        differ += a.sees[i] != b.sees[i];
    }
    return static_cast<double>(differ) <= kAlike * static_cast<double>(seen);
}

std::vector<Window> windows_of(const model::Option& option, const Surfaces& surfaces) {
    std::vector<Window> out;
    const light::Scene scene(surfaces);
    for (const auto& portal : surfaces.portals) {
        if (portal.group < 0 ||
            std::any_of(out.begin(), out.end(), [&](const Window& w) { return w.id == portal.opening; }))
            continue;
        out.push_back({portal.opening, portal.group, shading_of(option, portal.opening), sky_seen(scene, portal)});
    }
    return out;
}

/// Tilts between which slats that follow the sun move, degrees.
constexpr double kTilts[] = {0, 25, 45, 60, 75};

// Own blinds of a group's windows: kNoBlind where a window has none.
std::vector<int> own_blinds(const Surfaces& surfaces, const YearGroup& group) {
    std::vector<int> out;
    for (const Id& id : group.openings) {
        int layer = light::kNoBlind;
        for (const auto& portal : surfaces.portals)
            if (portal.opening == id && portal.blind) layer = portal.blind_layer;
        out.push_back(layer);
    }
    return out;
}

// One state for each tilt of whatever slats a state has.
void add_tilts(Surfaces& surfaces, YearGroup& group, const std::vector<int>& layers) {
    for (const double tilt : kTilts) {
        std::vector<int> tilted = layers;
        for (int& layer : tilted) {
            if (layer < 0 || !surfaces.blinds[static_cast<size_t>(layer)].slats) continue;
            geometry::Blind blind = surfaces.blinds[static_cast<size_t>(layer)];
            blind.slat_tilt = tilt;
            layer = surfaces.keep_blind(blind);
        }
        group.states.push_back(std::move(tilted));
        group.state_names.push_back(fmt::format("slats at {:.0f}\u00b0", tilt));
    }
}

void add_states(const model::Project& project, Surfaces& surfaces, YearGroup& group) {
    const auto is_slats = [&](const std::vector<int>& layers) {
        return std::any_of(layers.begin(), layers.end(),
                           [&](int l) { return l >= 0 && surfaces.blinds[static_cast<size_t>(l)].slats; });
    };
    const auto add = [&](std::vector<int> layers, const std::string& name) {
        if (group.control.tracks_sun && is_slats(layers)) return add_tilts(surfaces, group, layers);
        group.states.push_back(std::move(layers));
        group.state_names.push_back(name);
    };
    for (const Id& id : group.control.states)
        if (const auto* material = model::find(project.materials, id))
            add(std::vector<int>(group.openings.size(), surfaces.keep_blind(geometry::blind_of(*material))),
                material->name);
    if (!group.states.empty()) return;
    auto own = own_blinds(surfaces, group);
    if (std::any_of(own.begin(), own.end(), [](int l) { return l != light::kNoBlind; })) add(std::move(own), "closed");
}

// Where several groups would have one name they are numbered.
void tell_apart(std::vector<YearGroup>& groups) {
    std::map<std::string, int> count, seen;
    for (const auto& g : groups) ++count[g.name];
    for (auto& g : groups)
        if (count[g.name] > 1) g.name += fmt::format(" {}", ++seen[g.name]);
}

}  // namespace

std::vector<YearGroup> window_groups(const model::Project& project, const model::Option& option, Surfaces& surfaces) {
    const std::vector<Window> windows = windows_of(option, surfaces);
    const auto room_of = [&](const Window& w) -> const geometry::WindowGroup& {
        return surfaces.groups[static_cast<size_t>(w.sector)];
    };
    std::vector<YearGroup> out;
    std::set<Id> held;
    for (const auto& by_hand : option.groups) {
        YearGroup group{by_hand.id, by_hand.name, {}, {}, by_hand.control, {}, {}};
        for (const Id& id : by_hand.openings) {
            const auto w = std::find_if(windows.begin(), windows.end(), [&](const Window& x) { return x.id == id; });
            if (w == windows.end() || !held.insert(id).second) continue;
            if (group.openings.empty()) group.room = room_of(*w).room;
            group.openings.push_back(id);
        }
        if (!group.openings.empty()) out.push_back(std::move(group));
    }
    std::vector<const Window*> first;  // of each group that forms itself
    const size_t begin = out.size();
    for (const Window& w : windows) {
        if (held.contains(w.id)) continue;
        const auto fits = std::find_if(first.begin(), first.end(), [&](const Window* f) { return alike(*f, w); });
        if (fits != first.end()) {
            out[begin + static_cast<size_t>(fits - first.begin())].openings.push_back(w.id);
            continue;
        }
        first.push_back(&w);
        out.push_back({{}, room_of(w).name, room_of(w).room, {w.id}, option.control, {}, {}});
    }
    tell_apart(out);
    for (YearGroup& group : out) add_states(project, surfaces, group);
    return out;
}

int group_of_opening(const std::vector<YearGroup>& groups, const model::Id& opening) {
    const auto of = std::ranges::find_if(
        groups, [&](const YearGroup& g) { return std::ranges::find(g.openings, opening) != g.openings.end(); });
    return of == groups.end() ? -1 : static_cast<int>(of - groups.begin());
}

bool sun_shines_through(const std::vector<light::ScenePortal>& portals, const std::vector<int>& group_of_portal,
                        size_t group, Vec3f to_sun) {
    for (size_t p = 0; p < portals.size(); ++p) {
        const auto& portal = portals[p];
        const Vec3f outward = portal.outside == geometry::kOutdoors ? portal.normal : -portal.normal;
        if (group_of_portal[p] == static_cast<int>(group) && dot(to_sun, outward) > 0 &&
            portal.pass(to_sun).straight > 1e-3f)
            return true;
    }
    return false;
}

size_t state_count(const std::vector<YearGroup>& groups) {
    size_t most = 1;
    for (const auto& g : groups) most = std::max(most, g.states.size() + 1);
    return most;
}

light::BlindLayers layers_of(const Surfaces& surfaces, const std::vector<YearGroup>& groups, size_t state) {
    light::BlindLayers out(surfaces.portals.size(), light::kNoBlind);
    if (state == 0) return out;
    for (const YearGroup& group : groups) {
        if (group.states.empty()) continue;
        const auto& layers = group.states[std::min(state, group.states.size()) - 1];
        for (size_t o = 0; o < group.openings.size(); ++o)
            for (size_t p = 0; p < out.size(); ++p)
                if (surfaces.portals[p].opening == group.openings[o] && surfaces.portals[p].group >= 0)
                    out[p] = layers[o];
    }
    return out;
}

}  // namespace wp::question
