// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/remembered_light.h"

#include <algorithm>
#include <cmath>

#include "base/random.h"

namespace wp::light {

namespace {

constexpr float kLargest = 0.4f, kOutdoorCell = 1.0f;  // metres
constexpr int kLevels = 4;                             // each half as large as the one before
constexpr float kOfOpening = 0.35f;                    // size of a cell over the way to the nearest opening
constexpr float kShortest = 3;                         // sizes of a cell: shorter ways are traced on
constexpr uint32_t kFewestPaths = 2;

// Square of the way from a place to the nearest point of an opening's rectangle.
float square_way_to(const ScenePortal& portal, Vec3f at) {
    const Vec3f off = at - portal.corner;
    const auto beyond = [](float along, float length) { return along - std::clamp(along, 0.0f, length); };
    const float x = beyond(dot(off, portal.unit_u), portal.length_u),
                y = beyond(dot(off, portal.unit_v), portal.length_v), z = dot(off, portal.normal);
    return x * x + y * y + z * z;
}

// The axis that a normal lies nearest to, and its sign.
uint32_t side_of(Vec3f n) {
    const float x = std::fabs(n.x), y = std::fabs(n.y), z = std::fabs(n.z);
    const uint32_t axis = z >= x && z >= y ? 2 : y >= x ? 1 : 0;
    return axis * 2 + ((axis == 2 ? n.z : axis == 1 ? n.y : n.x) < 0 ? 1 : 0);
}

}  // namespace

float RememberedLight::size_at(const LitPlace& place) const {
    if (place.space < 0) return kOutdoorCell;
    float square = kFar;
    for (const int k : scene_->portals_of(place.space))
        square = std::min(square, square_way_to(scene_->portals()[static_cast<size_t>(k)], place.at));
    const float nearest = std::sqrt(square);
    float size = kLargest;
    for (int level = 1; level < kLevels && size > kOfOpening * nearest; ++level) size /= 2;
    return size;
}

std::optional<RememberedLight::Cell> RememberedLight::cell_of(const LitPlace& place) const {
    if (place.veil >= 0 || place.reach < kShortest * kLargest / (1 << (kLevels - 1))) return {};
    const float size = size_at(place);
    if (place.reach < kShortest * size) return {};
    const auto at = [&](float v) { return static_cast<uint32_t>(static_cast<int32_t>(std::floor(v / size))); };
    // Cells of two kinds that fall together by chance would mix their light: 64 bits make that next to impossible.
    const uint32_t kind = random::hash(static_cast<uint32_t>(place.space + 1) * 8 + side_of(place.normal),
                                       static_cast<uint32_t>(std::lround(size * 1000)));
    const uint32_t a = random::hash(random::hash(kind, at(place.at.x)), random::hash(at(place.at.y), at(place.at.z))),
                   b = random::hash(random::hash(at(place.at.z), kind ^ 0x9e3779b9u),
                                    random::hash(at(place.at.x), at(place.at.y)));
    return static_cast<uint64_t>(a) << 32 | b;
}

std::optional<RememberedLight::Light> RememberedLight::light(Cell cell) const {
    const auto found = known_.find(cell);
    if (found == known_.end() || found->second.paths < kFewestPaths) return {};
    const auto paths = static_cast<float>(found->second.paths);
    Light out{found->second.sum / found->second.paths, std::clamp(4 / paths, 1.0f / 128, 1.0f / 8), {}};
    if (scene_->states() > 1)
        for (size_t k = 0; k < kMostStates; ++k) out.bands[k] = found->second.bands[k] / paths;
    return out;
}

void RememberedLight::learn(Cell cell, double lux, const ByState& bands) {
    Known& known = known_[cell];
    known.sum += lux;
    if (scene_->states() > 1)
        for (size_t k = 0; k < kMostStates; ++k) known.bands[k] += bands[k];
    ++known.paths;
}

}  // namespace wp::light
