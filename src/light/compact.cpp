// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/compact.h"

#include <Eigen/Core>
#include <algorithm>
#include <cstring>
#include <type_traits>

#include "light/replicates.h"

namespace wp::light {

namespace {

// Arrays of plain values, each with its length before it.
class Writer {
 public:
    template <class T>
    void put(const T& value) {
        static_assert(std::is_trivially_copyable_v<T>);
        bytes_.append(reinterpret_cast<const char*>(&value), sizeof value);
    }
    template <class T>
    void put(const std::vector<T>& list) {
        put(static_cast<uint64_t>(list.size()));
        if (!list.empty()) bytes_.append(reinterpret_cast<const char*>(list.data()), list.size() * sizeof(T));
    }
    std::string take() { return std::move(bytes_); }

 private:
    std::string bytes_;
};

class Reader {
 public:
    explicit Reader(std::string_view bytes) : left_(bytes) {}
    template <class T>
    bool take(T& value) {
        if (left_.size() < sizeof value) return false;
        std::memcpy(&value, left_.data(), sizeof value);
        left_.remove_prefix(sizeof value);
        return true;
    }
    template <class T>
    bool take(std::vector<T>& list) {
        uint64_t n = 0;
        if (!take(n) || n > left_.size() / sizeof(T)) return false;
        list.resize(n);
        if (n > 0) std::memcpy(list.data(), left_.data(), n * sizeof(T));
        left_.remove_prefix(n * sizeof(T));
        return true;
    }
    bool done() const { return left_.empty(); }

 private:
    std::string_view left_;
};

const Fault kDamaged{"stored light", "is damaged", "It is traced anew"};

bool ascending(const std::vector<uint32_t>& first, size_t last) {
    return !first.empty() && first.front() == 0 && first.back() == last && std::is_sorted(first.begin(), first.end());
}

}  // namespace

PaneFigures figures_of(const geometry::Surfaces& surfaces) {
    PaneFigures out;
    for (const auto& p : surfaces.portals) {
        out.push_back(p.glazing < 0 ? -1.0f : static_cast<float>(surfaces.glazings[static_cast<size_t>(p.glazing)].transmittance));
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
    : reached(dense.reached), settled(dense.settled), samples(dense.samples), tally(dense.tally) {
    const size_t width = dense.layout.columns();
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
        note_spread(point, dense.layout.nodes);
    }
}

void CompactCoefficients::note_spread(const PointCoefficients& point, size_t nodes) {
    const auto spread = [&](size_t of) {
        std::array<double, kReplicates> sums{};
        for (size_t r = 0; r < kReplicates; ++r) sums[r] = static_cast<double>(point.replicates[r * (1 + nodes) + of]);
        return estimate(sums, 1);
    };
    const Estimate sky = spread(0);
    half_width_.push_back(sky.mean > 0 ? static_cast<float>(sky.half_width() / sky.mean) : 0.0f);
    std::vector<float> widths(nodes);
    for (size_t n = 0; n < nodes; ++n) widths[n] = static_cast<float>(spread(1 + n).half_width());
    const float most = nodes > 0 ? *std::max_element(widths.begin(), widths.end()) : 0.0f;
    most_of_nodes_.push_back(most);
    for (const float w : widths) of_nodes_.push_back(Eigen::half(most > 0 ? w / most : 0.0f).x);
}

std::vector<float> CompactCoefficients::node_half_widths(size_t point) const {
    if (!(most_of_nodes_[point] > 0)) return {};
    const size_t nodes = of_nodes_.size() / points();
    std::vector<float> out(nodes);
    for (size_t n = 0; n < nodes; ++n) out[n] = most_of_nodes_[point] * Eigen::half_impl::half_to_float(Eigen::half_impl::raw_uint16_to_half(of_nodes_[point * nodes + n]));
    return out;
}

size_t CompactCoefficients::bytes() const {
    return first_.size() * sizeof(uint32_t) + rows_.size() * sizeof(Row) + (columns_.size() + values_.size() + of_nodes_.size()) * sizeof(uint16_t) +
           (half_width_.size() + most_of_nodes_.size() + panes.size()) * sizeof(float);
}

std::string CompactCoefficients::write() const {
    Writer w;
    w.put(reached);
    w.put(static_cast<uint8_t>(settled));
    w.put(samples);
    w.put(tally.rays);
    w.put(tally.paths);
    w.put(first_);
    w.put(rows_);
    w.put(columns_);
    w.put(values_);
    w.put(half_width_);
    w.put(most_of_nodes_);
    w.put(of_nodes_);
    w.put(panes);
    return w.take();
}

Result<CompactCoefficients> CompactCoefficients::read(std::string_view bytes, const CoefficientLayout& layout) {
    CompactCoefficients out;
    Reader r(bytes);
    uint8_t settled = 0;
    const bool whole = r.take(out.reached) && r.take(settled) && r.take(out.samples) && r.take(out.tally.rays) && r.take(out.tally.paths) && r.take(out.first_) &&
                       r.take(out.rows_) && r.take(out.columns_) && r.take(out.values_) && r.take(out.half_width_) && r.take(out.most_of_nodes_) && r.take(out.of_nodes_) && r.take(out.panes) && r.done();
    out.settled = settled != 0;
    if (!whole || out.first_.size() != out.half_width_.size() + 1 || !ascending(out.first_, out.rows_.size()) || out.columns_.size() != out.values_.size()) return kDamaged;
    if (out.most_of_nodes_.size() != out.points() || out.of_nodes_.size() != out.points() * layout.nodes) return kDamaged;
    for (const Row& row : out.rows_)
        if (row.row >= layout.rows() || row.begin > row.end || row.end > out.columns_.size()) return kDamaged;
    if (std::any_of(out.columns_.begin(), out.columns_.end(), [&](uint16_t c) { return c >= layout.columns(); })) return kDamaged;
    return out;
}

size_t DirectSun::bytes() const { return first.size() * sizeof(uint32_t) + beams.size() * sizeof(Beam) + panes.size() * sizeof(float); }

std::string DirectSun::write() const {
    Writer w;
    w.put(first);
    w.put(beams);
    w.put(panes);
    return w.take();
}

Result<DirectSun> DirectSun::read(std::string_view bytes, size_t points, size_t portals) {
    DirectSun out;
    Reader r(bytes);
    if (!r.take(out.first) || !r.take(out.beams) || !r.take(out.panes) || !r.done() || out.first.size() != climate::kHours + 1 || !ascending(out.first, out.beams.size())) return kDamaged;
    for (const Beam& beam : out.beams)
        if (beam.point >= points || beam.portal < -1 || beam.portal >= static_cast<int32_t>(portals)) return kDamaged;
    return out;
}

}  // namespace wp::light
