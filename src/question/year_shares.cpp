// SPDX-License-Identifier: GPL-3.0-or-later
// One hour of the year, what a mean over hours is made of, and the irradiance of panes.
#include "question/year_evaluator.h"

#include "light/replicates.h"

#include <Eigen/Core>
#include <algorithm>
#include <cmath>
#include <map>

namespace wp::question {

using light::Entry;

YearAnswer::Evaluator::FaceLight YearAnswer::Evaluator::face_light(size_t face, bool watts) {
    const YearLight& light = *in_.light;
    const auto& points = light.faces[face];
    const auto& layout = light.layout;
    const auto n = static_cast<float>(points.points.size());
    FaceLight out{std::vector<float>(lit(), 0.0f), std::vector<float>(lit(), 0.0f), {}};
    // What the pane passes of light square to it: through is told as a share of that, so that the solar factor may take
    // its place.
    size_t portal = 0;
    while (portal < light.panes.portals.size() && light.panes.portals[portal].opening != points.plane) ++portal;
    const auto& pane = portals_now(0)[portal];
    const auto passes = [&](Vec3f d) {
        const auto p = pane.pass(d);
        return p.straight + p.through;
    };
    const float square = std::max(1e-6f, passes(points.normal.as<float>()));
    const float evenly =
        pane.glass != nullptr ? pane.glass->hemispherical() / std::max(1e-6f, pane.glass->transmittance(1.0f)) : 1.0f;
    for (size_t s = 0; s < light.states.all.size(); ++s) {
        const auto* piece = light.face_pieces[face * light.states.all.size() + s].get();
        if (piece == nullptr) continue;
        Eigen::VectorXf on = Eigen::VectorXf::Zero(static_cast<Eigen::Index>(layout.columns())), through = on;
        for (size_t i = 0; i < piece->points(); ++i)
            for (const auto& row : piece->rows(i)) {
                const bool straight = static_cast<Entry>(row.row % light::kEntries) == Entry::straight;
                const auto columns = piece->columns(row);
                for (uint32_t e = 0; e < columns.size(); ++e) {
                    const float v = piece->value(row, e) / n;
                    on[columns[e]] += v;
                    through[columns[e]] +=
                        v * (straight ? passes(in_.hourly->direction_of(columns[e])) / square : evenly);
                }
            }
        // What the sun makes of ground and facades comes to the pane from anywhere.
        const auto& places = light.face_patches[face * light.states.all.size() + s];
        std::vector<float> off_patches(light.patches.count(), 0.0f);
        for (size_t i = 0; i < piece->points(); ++i)
            for (const auto& row : piece->patch_rows(i)) {
                const auto of = piece->patches_of(row);
                for (uint32_t e = 0; e < of.size(); ++e) off_patches[places[of[e]]] += piece->value(row, e) / n;
            }
        const auto sun = in_.hourly->sun_through(piece->panes, 0);
        std::vector<float> off_sunlit(lit(), 0.0f);
        for (size_t p = 0; p < off_patches.size(); ++p)
            if (off_patches[p] > 0)
                in_.hourly->each_hour_on(p, sun, [&](size_t r, const light::Sunlit::Beam&, float lux) {
                    off_sunlit[r] += lux * off_patches[p];
                });
        for (size_t r = 0; r < lit(); ++r) {
            if (in_.hourly->state_of(r) != s) continue;
            const Eigen::Map<const Eigen::VectorXf> sky_and_sun(in_.sky->row(r).data(),
                                                                static_cast<Eigen::Index>(layout.columns()));
            const float sky_watts = watts ? in_.sky->watts_of_sky[r] : 1.0f,
                        beam_watts = watts ? in_.sky->watts_of_beam[r] : 1.0f;
            const float reflected = off_sunlit[r];
            out.on[r] += sky_watts * sky_and_sun.dot(on) + beam_watts * reflected;
            out.through[r] += sky_watts * sky_and_sun.dot(through) + beam_watts * reflected * evenly;
        }
    }
    out.shade = out.on;
    each_beam(*light.face_sun[face], points.normal, [&](size_t row, uint32_t, int, float lux, const float*) {
        const float v = lux / n * (watts ? in_.sky->watts_of_beam[row] : 1.0f);
        out.on[row] += v;
        out.through[row] += v * passes(in_.sky->to_sun[row].as<float>()) / square;
    });
    return out;
}

double YearAnswer::Evaluator::glass_area(const model::Id& opening) const {
    double area = 0;
    for (const auto& portal : in_.panes.portals)
        if (portal.opening == opening)
            area += length(portal.u) * length(portal.v) * portal.free_share * portal.glass_share;
    return area;
}

std::vector<float> YearAnswer::Evaluator::pane_shade(const model::Id& opening) {
    const std::lock_guard lock(mutex_);
    const auto& faces = in_.light->faces;
    const auto at = std::ranges::find(faces, opening, &geometry::PlanePoints::plane);
    if (at == faces.end()) return {};
    return face_light(static_cast<size_t>(at - faces.begin()), false).shade;
}

std::vector<PaneHeat> YearAnswer::Evaluator::heat() {
    const std::lock_guard lock(mutex_);
    std::vector<PaneHeat> out;
    for (size_t f = 0; f < in_.light->faces.size(); ++f) {
        PaneHeat heat;
        heat.opening = in_.light->faces[f].plane;
        heat.area = glass_area(heat.opening);
        for (const auto& portal : in_.panes.portals) {
            if (portal.opening != heat.opening) continue;
            if (portal.glazing < 0) {
                heat.passes = 1;
                heat.solar_known = true;
                continue;
            }
            const auto& glass = in_.panes.glazings[static_cast<size_t>(portal.glazing)];
            heat.solar_known = glass.solar_factor > 0;
            heat.passes = heat.solar_known ? glass.solar_factor : glass.transmittance;
        }
        const auto light = face_light(f, true);
        heat.on.assign(climate::kHours, 0.0f);
        heat.through.assign(climate::kHours, 0.0f);
        for (size_t r = 0; r < lit(); ++r) {
            heat.on[static_cast<size_t>(in_.sky->hours[r])] = light.on[r];
            heat.through[static_cast<size_t>(in_.sky->hours[r])] = light.through[r] * static_cast<float>(heat.passes);
        }
        out.push_back(std::move(heat));
    }
    return out;
}

namespace {

// What light through each group is multiplied by in a block because others' blinds stand otherwise than they were
// traced.
class Lightened {
 public:
    Lightened(HourlyLight& light, size_t block, size_t state, size_t layer, double more, size_t groups) : more_(more) {
        for (int g = -1; g < static_cast<int>(groups) && more != 0; ++g)
            share_.push_back(&light.reflected_share(block, state, g, layer));
    }
    double times(int group, size_t point) const { return share_.empty() ? 1 : 1 + more_ * of(group, point); }
    double of(int group, size_t point) const {
        return share_.empty() ? 0 : static_cast<double>((*share_[static_cast<size_t>(group + 1)])[point]);
    }

 private:
    double more_;
    std::vector<const std::vector<float>*> share_;  // through none, then by group
};

}  // namespace

std::vector<uint8_t> YearAnswer::Evaluator::states_in(Operation operation, size_t hour) const {
    std::vector<uint8_t> out(in_.groups.size(), 0);
    for (size_t g = 0; g < out.size() && operation != Operation::open; ++g) out[g] = states_.at(operation)[g][hour];
    return out;
}

namespace {

// The sun of one hour on patches, lux: outdoors all that falls there; indoors by the group of the windows that it came
// through.
struct HourSun {
    struct Fallen {
        std::vector<float> lux, doubt;  // doubt: square of its standard error
        void add(size_t patches, size_t patch, const light::Sunlit::Beam& beam, float brings) {
            if (lux.empty()) lux.assign(patches, 0.0f), doubt.assign(patches, 0.0f);
            if (beam.lit > 0) lux[patch] += brings;
            doubt[patch] += light::doubt_of(beam, brings);
        }
        // A point takes light of one patch by several ways: where the sun's edge runs is one doubt for all of them.
        void take(size_t patch, double value) {
            if (taken_.empty()) taken_.assign(lux.size(), 0.0);
            if (taken_[patch] == 0) met_.push_back(patch);
            taken_[patch] += value;
        }
        double settle() {
            double square = 0;
            for (const size_t patch : met_) {
                square += taken_[patch] * taken_[patch] * static_cast<double>(doubt[patch]);
                taken_[patch] = 0;
            }
            met_.clear();
            return square;
        }

     private:
        std::vector<double> taken_;
        std::vector<size_t> met_;
    };
    Fallen outdoors;
    std::map<int, Fallen> indoors;
};

}  // namespace

YearHour YearAnswer::Evaluator::hour(size_t plane, int hour, Operation operation) {
    const std::lock_guard lock(mutex_);
    decide(operation);
    const YearLight& light = *in_.light;
    const size_t n = light.planes[plane].points.size();
    YearHour out;
    for (auto* list : {&out.lux, &out.sun, &out.sky, &out.reflected, &out.half_width}) list->assign(n, 0.0);
    const int lit_row = in_.sky->row_of[static_cast<size_t>(hour)];
    if (lit_row < 0) return out;
    const auto r = static_cast<size_t>(lit_row);
    const size_t trees = in_.hourly->state_of(r);
    const auto sky_and_sun = in_.sky->row(r);
    const auto states = states_in(operation, static_cast<size_t>(hour));
    const auto state_of_group = [&](int group) {
        return group < 0 ? size_t{0} : static_cast<size_t>(states[static_cast<size_t>(group)]);
    };
    std::vector<double> square(n, 0.0);  // of the points' own standard errors
    double veils = 0;                    // what falls onto veils errs alike for all points: summed over them
    std::vector<double> common(light.patches.count(),
                               0.0);  // by patch: what its edge may be off, summed over the plane's points
    for (const size_t b : blocks_of(plane)) {
        for (size_t k = 0; k < light.layers.size(); ++k) {
            const auto from = in_.hourly->piece(b, trees, k);
            if (from == nullptr) continue;
            const PaneChange* change = in_.hourly->change_of(from->panes, k);
            const Lightened lightened(*in_.hourly, b, trees, k,
                                      in_.hourly->more(plane, in_.hourly->same_layer(b, k), states), in_.groups.size());
            const auto& patches = in_.hourly->patches_of(b, trees, k);
            HourSun sun;
            in_.hourly->each_sunlit(r, in_.hourly->sun_through(from->panes, k),
                                    [&](size_t patch, const light::Sunlit::Beam& beam, float lux) {
                                        const int group = in_.hourly->group_of_portal(beam.portal);
                                        const bool indoors = light.patches.patches[patch].space >= 0;
                                        if (indoors && state_of_group(group) != k) return;
                                        auto& on = indoors ? sun.indoors[group] : sun.outdoors;
                                        on.add(light.patches.count(), patch, beam, lux);
                                    });
            double brought = 0;
            for (size_t i = 0; i < from->points(); ++i) {
                const size_t point = light.blocks[b].first + i;
                const double before = out.sky[point] + out.reflected[point];
                for (const auto& row : from->rows(i)) {
                    const size_t opening = row.row / light::kEntries;
                    const int group = in_.hourly->group_of(opening);
                    if (state_of_group(group) != k) continue;
                    const auto entry = static_cast<Entry>(row.row % light::kEntries);
                    const auto columns = from->columns(row);
                    double sum = 0;
                    const double times = lightened.times(group, i);
                    for (uint32_t e = 0; e < columns.size(); ++e) {
                        const double factor = times * static_cast<double>(
                                                          in_.hourly->factor(change, entry, opening, columns[e])),
                                     luminance = static_cast<double>(sky_and_sun[columns[e]]);
                        const double lux = factor * static_cast<double>(from->value(row, e)) * luminance;
                        sum += lux;
                        square[point] += static_cast<double>(from->sky_noise(i)) * factor * lux * luminance;
                    }
                    (entry == Entry::straight ? out.sky : out.reflected)[point] += sum;
                }
                for (const auto& row : from->patch_rows(i)) {
                    const auto of = from->patches_of(row);
                    const int group = in_.hourly->group_of(row.row / light::kEntries);
                    const double factor = static_cast<double>(in_.hourly->patch_factor(change, row.row));
                    auto& to = static_cast<Entry>(row.row % light::kEntries) == Entry::straight ? out.sky[point]
                                                                                                : out.reflected[point];
                    const auto add = [&](HourSun::Fallen& on, bool indoors, double times) {
                        for (uint32_t e = 0; e < of.size() && !on.lux.empty(); ++e) {
                            const uint32_t patch = patches[of[e]];
                            const auto lux = static_cast<double>(on.lux[patch]),
                                       doubt = static_cast<double>(on.doubt[patch]);
                            if (doubt <= 0 || (light.patches.patches[patch].space >= 0) != indoors) continue;
                            const double value = static_cast<double>(from->value(row, e)) * times, found = value * lux;
                            to += found;
                            square[point] += static_cast<double>(row.noise) * times * found * lux;
                            on.take(patch, value);
                            common[patch] += value * std::sqrt(doubt);
                        }
                    };
                    if (state_of_group(group) == k) add(sun.outdoors, false, factor * lightened.times(group, i));
                    for (auto& [through, on] : sun.indoors) add(on, true, factor * lightened.times(through, i));
                }
                square[point] += sun.outdoors.settle();
                for (auto& [through, on] : sun.indoors) square[point] += on.settle();
                brought += out.sky[point] + out.reflected[point] - before;
            }
            veils += from->common / light::kStudent95 * brought;
        }
    }
    each_beam_of_plane(plane, r, r + 1, [&](size_t row, size_t point, int portal, float lux, const float* left) {
        out.sun[point] += static_cast<double>(lux * left[state_of_portal(portal, operation, row)]);
    });
    double all = 0;
    for (size_t i = 0; i < n; ++i) {
        out.lux[i] = out.sun[i] + out.sky[i] + out.reflected[i];
        out.half_width[i] = light::kStudent95 * std::sqrt(square[i]);
        all += square[i];
    }
    for (const double c : common) all += c * c;
    all += veils * veils;
    if (n > 0) out.mean_half_width = light::kStudent95 * std::sqrt(all) / static_cast<double>(n);
    if (const double more = may_differ(plane); more > 0)
        for (size_t i = 0; i < n; ++i) {
            out.half_width[i] += more * out.lux[i];
            out.mean_half_width += more * out.lux[i] / static_cast<double>(n);
        }
    return out;
}

// What the sun brought onto patches in the hours that count and in which what it came through, or what it is seen
// through, stands in one state of its blinds.
class YearAnswer::Evaluator::PatchesSum {
 public:
    struct Fell {
        int group = -1, window = -1;  // it came through; window -1: outdoors, of that it is seen through
        double lux = 0, more = 0;     // more: by what share on average reflected light is more than it was traced
    };
    explicit PatchesSum(size_t patches) : by_patch_(patches) {}
    void add(uint32_t patch, int group, int window, double lux, double more) {
        auto& list = by_patch_[patch];
        auto known = std::find_if(list.begin(), list.end(),
                                  [&](const Fell& f) { return f.group == group && f.window == window; });
        if (known == list.end()) known = list.insert(list.end(), {group, window, 0, 0});
        known->lux += lux;
        known->more += lux * more;
    }
    void settle() {
        for (auto& list : by_patch_)
            for (Fell& f : list) f.more = f.lux > 0 ? f.more / f.lux : 0;
    }
    // group: that a patch outdoors is seen through.
    std::vector<Fell> on(uint32_t patch, int group) const {
        std::vector<Fell> out;
        for (const Fell& f : by_patch_[patch])
            if (f.window >= 0 || f.group == group) out.push_back(f);
        return out;
    }

 private:
    std::vector<std::vector<Fell>> by_patch_;
};

YearAnswer::Evaluator::PatchesSum YearAnswer::Evaluator::sunlit_in(size_t block, size_t trees, size_t layer,
                                                                   size_t plane,
                                                                   const light::CompactCoefficients& piece,
                                                                   const metric::Hours& hours, Operation operation) {
    const YearLight& light = *in_.light;
    PatchesSum out(light.patches.count());
    std::vector<bool> wanted(light.patches.count(), false);
    for (const uint32_t p : in_.hourly->patches_of(block, trees, layer)) wanted[p] = true;
    const auto through = in_.hourly->sun_through(piece.panes, layer);
    const int groups = static_cast<int>(in_.groups.size());
    // By lit hour, of those that count: which groups stand in this state, through none first; and what comes to it
    // because others stand otherwise.
    std::vector<std::vector<bool>> stands(lit());
    std::vector<double> more(lit(), 0.0);
    for (size_t r = 0; r < lit(); ++r) {
        const auto h = static_cast<size_t>(in_.sky->hours[r]);
        if (!hours[h] || in_.hourly->state_of(r) != trees) continue;
        const auto now = states_in(operation, h);
        for (int g = -1; g < groups; ++g)
            stands[r].push_back((g < 0 ? 0 : static_cast<size_t>(now[static_cast<size_t>(g)])) == layer);
        more[r] = in_.hourly->more(plane, layer, now);
    }
    for (uint32_t p = 0; p < wanted.size(); ++p) {
        if (!wanted[p]) continue;
        const bool indoors = light.patches.patches[p].space >= 0;
        in_.hourly->each_hour_on(p, through, [&](size_t r, const light::Sunlit::Beam& beam, float lux) {
            if (stands[r].empty()) return;
            if (indoors) {
                const int group = in_.hourly->group_of_portal(beam.portal),
                          opening = beam.portal >= 0 ? light.opening_of_portal[static_cast<size_t>(beam.portal)] : -1;
                if (stands[r][static_cast<size_t>(group + 1)])
                    out.add(p, group, opening >= 0 ? opening : static_cast<int>(light.openings.size()),
                            static_cast<double>(lux), more[r]);
                return;
            }
            for (int g = -1; g < groups; ++g)
                if (stands[r][static_cast<size_t>(g + 1)]) out.add(p, g, -1, static_cast<double>(lux), more[r]);
        });
    }
    out.settle();
    return out;
}

YearShares YearAnswer::Evaluator::shares(size_t plane, int point, const metric::Hours& hours, Operation operation) {
    const std::lock_guard lock(mutex_);
    decide(operation);
    const YearLight& light = *in_.light;
    const size_t width = light.layout.columns(), states = light.states.all.size(), layers = light.layers.size(),
                 points = light.planes[plane].points.size();
    const double counted = std::max<size_t>(1, metric::count(hours)),
                 share = 1 / (counted * (point < 0 ? static_cast<double>(points) : 1.0));
    // What shone in all these hours together, by state of the trees and, for each group, by state of its blinds; and
    // what comes to it, for light that is reflected indoors, because other groups stand otherwise.
    std::vector<std::vector<double>> shone((in_.groups.size() + 1) * states * layers), more(shone.size());
    for (size_t r = 0; r < lit(); ++r) {
        const auto h = static_cast<size_t>(in_.sky->hours[r]);
        if (!hours[h]) continue;
        const auto now = states_in(operation, h);
        for (size_t g = 0; g <= in_.groups.size(); ++g) {
            const size_t k = g == in_.groups.size() ? 0 : now[g],
                         at = (g * states + in_.hourly->state_of(r)) * layers + k;
            const auto row = in_.sky->row(r);
            const auto add = [&](std::vector<double>& sum, double times) {
                if (sum.empty()) sum.assign(width, 0.0);
                for (size_t c = 0; c < width; ++c) sum[c] += times * static_cast<double>(row[c]);
            };
            add(shone[at], 1);
            if (const double lightened = in_.hourly->more(plane, k, now); lightened != 0) add(more[at], lightened);
        }
    }
    YearShares out;
    std::vector<YearShares::Window> windows(light.openings.size() + 1);
    for (size_t o = 0; o < light.openings.size(); ++o) windows[o].id = light.openings[o];
    for (const size_t b : blocks_of(plane)) {
        for (size_t s = 0; s < states; ++s)
            for (size_t k = 0; k < layers; ++k) {
                const auto from = in_.hourly->piece(b, s, k);
                if (from == nullptr) continue;
                const PaneChange* change = in_.hourly->change_of(from->panes, k);
                const PatchesSum sun = sunlit_in(b, s, k, plane, *from, hours, operation);
                const auto& patches = in_.hourly->patches_of(b, s, k);
                for (size_t i = 0; i < from->points(); ++i) {
                    if (point >= 0 && light.blocks[b].first + i != static_cast<size_t>(point)) continue;
                    for (const auto& row : from->rows(i)) {
                        const size_t opening = row.row / light::kEntries;
                        const int group = in_.hourly->group_of(opening);
                        const size_t at =
                            ((group < 0 ? in_.groups.size() : static_cast<size_t>(group)) * states + s) * layers + k;
                        const auto &sum = shone[at], &lightened = more[at];
                        if (sum.empty()) continue;
                        const double reflected =
                            lightened.empty() ? 0 : static_cast<double>(in_.hourly->reflected_share(b, s, group, k)[i]);
                        const auto entry = static_cast<Entry>(row.row % light::kEntries);
                        const auto columns = from->columns(row);
                        double lux = 0;
                        for (uint32_t e = 0; e < columns.size(); ++e)
                            lux += static_cast<double>(from->value(row, e) *
                                                       in_.hourly->factor(change, entry, opening, columns[e])) *
                                   (sum[columns[e]] + (reflected != 0 ? reflected * lightened[columns[e]] : 0));
                        lux *= share;
                        windows[opening].lux += lux;
                        (entry == Entry::straight         ? out.sky
                         : entry == Entry::interreflected ? out.inside
                         : entry == Entry::off_ground     ? out.ground
                                                          : out.outdoors) += lux;
                    }
                    for (const auto& row : from->patch_rows(i)) {
                        const size_t opening = row.row / light::kEntries;
                        const auto entry = static_cast<Entry>(row.row % light::kEntries);
                        auto& to = entry == Entry::straight         ? out.sky
                                   : entry == Entry::interreflected ? out.inside
                                   : entry == Entry::off_ground     ? out.ground
                                                                    : out.outdoors;
                        const auto of = from->patches_of(row);
                        const double factor = share * static_cast<double>(in_.hourly->patch_factor(change, row.row));
                        for (uint32_t e = 0; e < of.size(); ++e)
                            for (const auto& fell : sun.on(patches[of[e]], in_.hourly->group_of(opening))) {
                                const double times =
                                    fell.more == 0 ? 1.0
                                                   : 1 + fell.more * static_cast<double>(in_.hourly->reflected_share(
                                                                         b, s, fell.group, k)[i]);
                                const double lux = factor * static_cast<double>(from->value(row, e)) * fell.lux * times;
                                windows[fell.window < 0 ? opening : static_cast<size_t>(fell.window)].lux += lux;
                                to += lux;
                            }
                    }
                }
            }
    }
    each_beam_of_plane(plane, [&](size_t row, size_t p, int portal, float lux, const float* left) {
        if (!hours[static_cast<size_t>(in_.sky->hours[row])] || (point >= 0 && p != static_cast<size_t>(point))) return;
        const double v = share * static_cast<double>(lux * left[state_of_portal(portal, operation, row)]);
        const int opening = portal >= 0 ? light.opening_of_portal[static_cast<size_t>(portal)] : -1;
        auto& window = windows[opening >= 0 ? static_cast<size_t>(opening) : light.openings.size()];
        window.lux += v;
        window.sun += v;
        out.sun += v;
    });
    out.total = out.sun + out.sky + out.inside + out.ground + out.outdoors;
    for (auto& w : windows)
        if (w.lux > 0) out.windows.push_back(w);
    std::stable_sort(out.windows.begin(), out.windows.end(),
                     [](const auto& a, const auto& b) { return a.lux > b.lux; });
    return out;
}

}  // namespace wp::question
