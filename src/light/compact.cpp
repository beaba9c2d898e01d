// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/compact.h"

#include <Eigen/Core>
#include <algorithm>
#include <cmath>

#include "light/plain_bytes.h"

namespace wp::light {

PaneFigures figures_of(const geometry::Surfaces& surfaces) {
    PaneFigures out;
    for (const auto& p : surfaces.portals) {
        out.push_back(p.glazing < 0
                          ? -1.0f
                          : static_cast<float>(surfaces.glazings[static_cast<size_t>(p.glazing)].transmittance));
        out.push_back(static_cast<float>(p.maintenance));
    }
    return out;
}

geometry::Surfaces with_figures(geometry::Surfaces surfaces, const PaneFigures& figures) {
    for (size_t i = 0; i < surfaces.portals.size() && 2 * i + 1 < figures.size(); ++i) {
        auto& portal = surfaces.portals[i];
        portal.maintenance = static_cast<double>(figures[2 * i + 1]);
        if (portal.glazing < 0 || figures[2 * i] < 0) continue;
        geometry::Glazing glass = surfaces.glazings[static_cast<size_t>(portal.glazing)];
        if (static_cast<float>(glass.transmittance) == figures[2 * i]) continue;
        glass.transmittance = static_cast<double>(figures[2 * i]);
        portal.glazing = surfaces.add_glazing(glass);
    }
    return surfaces;
}

CompactCoefficients::CompactCoefficients(const Coefficients& dense)
    : reached(dense.reached), common(dense.common), settled(dense.settled), samples(dense.samples), tally(dense.tally) {
    const size_t width = dense.layout.columns();
    if (dense.patches) set_ = dense.patches;
    for (const PointCoefficients& point : dense.points) {
        for (size_t r = 0; r < point.rows.size(); ++r) {
            const float* values = point.values.data() + r * width;
            const float most = *std::max_element(values, values + width);
            if (!(most > 0)) continue;
            Row row{static_cast<uint32_t>(point.rows[r]), most, static_cast<uint32_t>(columns_.size()), 0};
            for (size_t c = 0; c < width; ++c) {
                const Eigen::half half(values[c] / most);
                if (half.x == 0) continue;
                columns_.push_back(static_cast<uint16_t>(c));
                values_.push_back(half.x);
            }
            row.end = static_cast<uint32_t>(columns_.size());
            rows_.push_back(row);
        }
        first_.push_back(static_cast<uint32_t>(rows_.size()));
        sky_noise_.push_back(point.sky_noise);
        note_patches(point);
    }
}

void CompactCoefficients::note_patches(const PointCoefficients& point) {
    for (auto it = point.patches.begin(); it != point.patches.end();) {
        const auto end = std::find_if(it, point.patches.end(), [&](const PatchShare& p) { return p.row != it->row; });
        PatchRow row{it->row, 0, 0, static_cast<uint32_t>(patches_.size()), 0};
        double value = 0, variance = 0;
        for (auto p = it; p != end; ++p)
            row.scale = std::max(row.scale, p->value), value += static_cast<double>(p->value),
            variance += static_cast<double>(p->variance);
        row.noise = value > 0 ? static_cast<float>(variance / value) : 0.0f;
        for (; it != end; ++it) {
            const Eigen::half half(row.scale > 0 ? it->value / row.scale : 0.0f);
            if (half.x == 0) continue;
            patches_.push_back(it->patch);
            patch_values_.push_back(half.x);
        }
        row.end = static_cast<uint32_t>(patches_.size());
        if (row.end > row.begin) patch_rows_.push_back(row);
    }
    first_patch_row_.push_back(static_cast<uint32_t>(patch_rows_.size()));
}

size_t CompactCoefficients::bytes() const {
    return (first_.size() + first_patch_row_.size() + patches_.size()) * sizeof(uint32_t) + rows_.size() * sizeof(Row) +
           patch_rows_.size() * sizeof(PatchRow) +
           (columns_.size() + values_.size() + patch_values_.size()) * sizeof(uint16_t) +
           (sky_noise_.size() + panes.size()) * sizeof(float) + set_->bytes();
}

std::string CompactCoefficients::write() const {
    ByteWriter w;
    w.put(reached);
    w.put(common);
    w.put(static_cast<uint8_t>(settled));
    w.put(samples);
    w.put(tally.rays);
    w.put(tally.paths);
    w.put(first_);
    w.put(rows_);
    w.put(columns_);
    w.put(values_);
    w.put(sky_noise_);
    w.put(first_patch_row_);
    w.put(patch_rows_);
    w.put(patches_);
    w.put(patch_values_);
    w.put(set_->patches);
    w.put(set_->spots);
    w.put(panes);
    return w.take();
}

namespace {

bool is_sound(const PatchSet& set, size_t spaces, size_t portals) {
    uint32_t last = 0;
    for (const Patch& p : set.patches) {
        if (p.first != last || p.last <= p.first || p.last > set.spots.size() || p.space < -1 ||
            p.space >= static_cast<int32_t>(spaces) || p.veil < -1 || p.veil >= static_cast<int32_t>(portals))
            return false;
        last = p.last;
    }
    const auto finite = [](Vec3f v) { return std::isfinite(v.x) && std::isfinite(v.y) && std::isfinite(v.z); };
    return last == set.spots.size() &&
           std::all_of(set.spots.begin(), set.spots.end(),
                       [&](const PatchSpot& s) {
                           return finite(s.at) && finite(s.normal) && finite(s.mirror) && s.hits > 0;
                       }) &&
           std::all_of(set.patches.begin(), set.patches.end(),
                       [](const Patch& p) { return std::isfinite(p.worth) && p.level < 64; });
}

}  // namespace

bool CompactCoefficients::is_sound(const CoefficientLayout& layout, size_t spaces, size_t portals) const {
    if (first_.size() != sky_noise_.size() + 1 || !ascending(first_, rows_.size()) || columns_.size() != values_.size())
        return false;
    if (first_patch_row_.size() != first_.size() || !ascending(first_patch_row_, patch_rows_.size()) ||
        patches_.size() != patch_values_.size())
        return false;
    const auto within = [&](const auto& rows, size_t size) {
        return std::all_of(rows.begin(), rows.end(), [&](const auto& row) {
            return row.row < layout.rows() && row.begin <= row.end && row.end <= size;
        });
    };
    if (!within(rows_, columns_.size()) || !within(patch_rows_, patches_.size()) ||
        !light::is_sound(*set_, spaces, portals))
        return false;
    return std::all_of(columns_.begin(), columns_.end(), [&](uint16_t c) { return c < layout.columns(); }) &&
           std::all_of(patches_.begin(), patches_.end(), [&](uint32_t p) { return p < set_->count(); });
}

Result<CompactCoefficients> CompactCoefficients::read(std::string_view bytes, const CoefficientLayout& layout,
                                                      size_t spaces, size_t portals) {
    CompactCoefficients out;
    ByteReader r(bytes);
    uint8_t settled = 0;
    PatchSet set;
    const bool whole = r.take(out.reached) && r.take(out.common) && r.take(settled) && r.take(out.samples) &&
                       r.take(out.tally.rays) && r.take(out.tally.paths) && r.take(out.first_) && r.take(out.rows_) &&
                       r.take(out.columns_) && r.take(out.values_) && r.take(out.sky_noise_) &&
                       r.take(out.first_patch_row_) && r.take(out.patch_rows_) && r.take(out.patches_) &&
                       r.take(out.patch_values_) && r.take(set.patches) && r.take(set.spots) && r.take(out.panes) &&
                       r.done();
    out.settled = settled != 0;
    out.set_ = std::make_shared<const PatchSet>(std::move(set));
    if (!whole || !out.is_sound(layout, spaces, portals)) return kDamaged;
    return out;
}

size_t DirectSun::bytes() const {
    return first.size() * sizeof(uint32_t) + beams.size() * sizeof(Beam) + panes.size() * sizeof(float);
}

std::string DirectSun::write() const {
    ByteWriter w;
    w.put(first);
    w.put(beams);
    w.put(panes);
    return w.take();
}

Result<DirectSun> DirectSun::read(std::string_view bytes, size_t points, size_t portals) {
    DirectSun out;
    ByteReader r(bytes);
    if (!r.take(out.first) || !r.take(out.beams) || !r.take(out.panes) || !r.done() ||
        out.first.size() != climate::kHours + 1 || !ascending(out.first, out.beams.size()))
        return kDamaged;
    for (const Beam& beam : out.beams)
        if (beam.point >= points || beam.portal < -1 || beam.portal >= static_cast<int32_t>(portals)) return kDamaged;
    return out;
}

}  // namespace wp::light
