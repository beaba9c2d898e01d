// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cmath>

#include "light/picture.h"
#include "light/plain_bytes.h"

namespace wp::light {

namespace {

using Lists = std::vector<std::vector<float>>;

void put_lists(ByteWriter& out, const Lists& lists) {
    out.put(static_cast<uint64_t>(lists.size()));
    for (const auto& list : lists) out.put(list);
}

// Each has as many values as the picture has pixels.
bool take_lists(ByteReader& in, Lists& lists, size_t most, size_t pixels) {
    uint64_t n = 0;
    if (!in.take(n) || n > most) return false;
    lists.resize(n);
    return std::ranges::all_of(lists, [&](auto& list) { return in.take(list) && list.size() == pixels; });
}

bool are_figures(const std::vector<float>& list) {
    return std::ranges::all_of(list, [](float v) { return std::isfinite(v); });
}

}  // namespace

std::string Picture::write() const {
    ByteWriter out;
    out.put(value);
    out.put(error);
    put_lists(out, bands);
    put_lists(out, parts);
    out.put(static_cast<uint64_t>(suns.size()));
    for (const SeenSun& sun : suns) {
        out.put(sun.direction);
        out.put(sun.normal_lux);
        out.put(sun.pane);
    }
    for (const double v : {field, relative_half_width, pixel_half_width}) out.put(v);
    out.put(samples);
    out.put(static_cast<char>(settled));
    out.put(tally.rays);
    out.put(tally.paths);
    return out.take();
}

Result<Picture> Picture::read(std::string_view bytes, const Lens& lens, const Pose& pose, PictureOf of) {
    Picture out;
    out.lens = lens, out.pose = pose, out.of = of;
    const auto pixels = static_cast<size_t>(lens.width) * static_cast<size_t>(lens.height);
    ByteReader in(bytes);
    uint64_t suns = 0;
    if (!in.take(out.value) || out.value.size() != pixels || !in.take(out.error) || out.error.size() != pixels ||
        !take_lists(in, out.bands, kMostStates, pixels) || !take_lists(in, out.parts, kParts, pixels) ||
        !in.take(suns) || suns > bytes.size())
        return kDamaged;
    out.suns.resize(suns);
    for (SeenSun& sun : out.suns)
        if (!in.take(sun.direction) || !in.take(sun.normal_lux) || !in.take(sun.pane)) return kDamaged;
    for (double* v : {&out.field, &out.relative_half_width, &out.pixel_half_width})
        if (!in.take(*v) || !std::isfinite(*v)) return kDamaged;
    char settled = 0;
    if (!in.take(out.samples) || !in.take(settled) || !in.take(out.tally.rays) || !in.take(out.tally.paths) ||
        !in.done() || !are_figures(out.value) || !are_figures(out.error))
        return kDamaged;
    out.settled = settled != 0;
    return out;
}

}  // namespace wp::light
