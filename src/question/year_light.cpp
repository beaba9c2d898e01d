// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/year_light.h"

#include <algorithm>
#include <atomic>
#include <chrono>
#include <cmath>
#include <functional>
#include <map>
#include <numeric>
#include <optional>
#include <stdexcept>

#include "base/log.h"
#include "base/parallel.h"
#include "climate/weather.h"
#include "light/patch_merging.h"
#include "light/replicates.h"
#include "model/frame.h"
#include "question/year_veils.h"

namespace wp::question {

namespace {

// States of trees and ground that are traced together: more would stand in memory at once.
constexpr size_t kTogether = 4;
static_assert(kTogether <= light::kMostStates);

using light::CompactCoefficients;

std::vector<YearBlock> blocks_of(const std::vector<geometry::PlanePoints>& planes) {
    std::vector<YearBlock> out;
    for (size_t p = 0; p < planes.size(); ++p)
        for (size_t first = 0; first < planes[p].points.size(); first += kBlock)
            out.push_back({p, first, std::min(kBlock, planes[p].points.size() - first)});
    return out;
}

/// Of pieces, in memory at once; of direct sun a quarter of that.
constexpr size_t kRoomOfPieces = size_t{256} << 20;

// Some points of a plane, as far as tracing is concerned.
geometry::PlanePoints part_of(const geometry::PlanePoints& plane, size_t first, size_t count) {
    geometry::PlanePoints out;
    out.space = plane.space;
    out.normal = plane.normal;
    out.points.assign(plane.points.begin() + static_cast<std::ptrdiff_t>(first),
                      plane.points.begin() + static_cast<std::ptrdiff_t>(first + count));
    return out;
}

// Four points before each pane that leads to the open, on its outer side: before its frame, behind what shades it. One
// for a first look.
std::vector<geometry::PlanePoints> faces_of(const geometry::Surfaces& surfaces, bool first_look) {
    const std::vector<double> places = first_look ? std::vector{0.5} : std::vector{0.25, 0.75};
    std::vector<geometry::PlanePoints> out;
    for (const auto& portal : surfaces.portals) {
        if (portal.group < 0) continue;
        const Vec3 normal =
            normalized(cross(portal.u, portal.v)) * (portal.outside == geometry::kOutdoors ? 1.0 : -1.0);
        auto at = std::find_if(out.begin(), out.end(), [&](const auto& f) { return f.plane == portal.opening; });
        if (at == out.end()) {
            out.emplace_back();
            at = out.end() - 1;
            at->plane = portal.opening;
            at->room = surfaces.groups[static_cast<size_t>(portal.group)].room;
            at->normal = normal;
        }
        // Parts of one opening that look elsewhere are given by its first.
        if (dot(at->normal, normal) < 0.999) continue;
        for (const double s : places)
            for (const double t : places)
                at->points.push_back(portal.corner + portal.u * s + portal.v * t + normal * model::kBeforeFrame);
    }
    return out;
}

// Blinds that hang in what a space shares light with.
void add(Fingerprint& print, const geometry::Surfaces& surfaces, const light::BlindLayers& layers,
         const std::vector<bool>& joined) {
    for (size_t i = 0; i < layers.size(); ++i) {
        const auto& portal = surfaces.portals[i];
        const int inner = std::max(portal.inside, portal.outside);
        if (layers[i] == light::kNoBlind || inner < 0 || static_cast<size_t>(inner) >= joined.size() ||
            !joined[static_cast<size_t>(inner)])
            continue;
        print.add(portal.opening);
        if (layers[i] >= 0)
            surfaces.blinds[static_cast<size_t>(layers[i])].add_to(print);
        else
            print.add(layers[i]);
    }
}

class Tracing {
 public:
    Tracing(const YearTask& task, const Effort& effort, const Cancel& cancel, const Progress& progress,
            const Cache& cache)
        : task_(task),
          surfaces_(*task.surfaces),
          effort_(effort),
          cancel_(cancel),
          progress_(progress),
          cache_(cache),
          columns_(true),
          patch_size_(light::patch_size(effort.accuracy, *task.surfaces)) {
        const light::Sources sources = light::sources_of(surfaces_);
        out_.planes = *task.planes;
        out_.faces = faces_of(surfaces_, is_first_look());
        out_.openings = sources.openings;
        out_.opening_of_portal = sources.of_portal;
        out_.layout = columns_.layout();
        out_.layout.sources = sources.openings.size();
        out_.panes = panes_of(surfaces_);
        out_.enclosures = enclosures_of(surfaces_);
        out_.states = light::states_of(surfaces_);
        out_.place = task.place;
        out_.north_azimuth = task.north_azimuth;
        out_.blocks = blocks_of(out_.planes);
        for (size_t k = 0; k < state_count(*task.groups); ++k)
            out_.layers.push_back(layers_of(surfaces_, *task.groups, k));
        for (const auto& state : out_.states.all)
            typical_.push_back(typical_light(columns_, task.place, task.north_azimuth,
                                             state.ground >= 0 ? state.ground : surfaces_.ground_reflectance));
        out_.record.inputs = year_light_inputs(task, effort);
        out_.record.wanted = effort.accuracy;
        out_.record.seed = effort.seed;
        total_ = 0;
        for (const YearBlock& b : out_.blocks)
            total_ += static_cast<double>(b.count) * static_cast<double>(out_.states.all.size() * out_.layers.size());
    }

    YearLight run() {
        const auto start = std::chrono::steady_clock::now();
        out_.record.settled = true;
        make_room();
        // Only who has all pieces can tell which patches there are.
        if (cache_.claim && !cache_.helps) cache_.claim(part("patches", 0));
        trace_blocks();
        trace_faces();
        trace_suns();
        if (!cancel_.requested()) cache_.helps ? help_with_suns() : look_for_suns();
        if (cancel_.requested() || cache_.helps) out_.record.settled = false;
        out_.record.seconds = std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
        return std::move(out_);
    }

 private:
    bool is_first_look() const { return effort_.accuracy > light::kFirstLook; }
    void make_room() {
        const size_t pieces = out_.blocks.size() * out_.states.all.size() * out_.layers.size();
        out_.notes.resize(pieces);
        // What was written is read back as it was: a piece that is not has been spoilt on the disk.
        const auto back = [](auto piece) {
            if (!piece) throw std::runtime_error(piece.fault().line());
            return std::make_shared<const std::decay_t<decltype(*piece)>>(std::move(*piece));
        };
        out_.pieces = std::make_shared<SpillStore<CompactCoefficients>>(
            pieces, kRoomOfPieces,
            [back, layout = out_.layout, spaces = surfaces_.spaces.size(), portals = surfaces_.portals.size()](
                std::string_view bytes) { return back(CompactCoefficients::read(bytes, layout, spaces, portals)); });
        out_.sun = std::make_shared<SpillStore<light::DirectSun>>(
            out_.blocks.size(), kRoomOfPieces / 4, [back, portals = surfaces_.portals.size()](std::string_view bytes) {
                return back(light::DirectSun::read(bytes, kBlock, portals));
            });
    }
    geometry::PlanePoints points_of(const YearBlock& block) const {
        return part_of(out_.planes[block.plane], block.first, block.count);
    }

    // States of trees and ground that are traced together: from first on.
    struct Together {
        size_t first, count;
    };
    std::vector<Together> batches() const {
        std::vector<Together> out;
        for (size_t s = 0; s < out_.states.all.size(); s += kTogether)
            out.push_back({s, std::min(kTogether, out_.states.all.size() - s)});
        return out;
    }
    // Of trees and ground, on a day of the year.
    size_t state_of(int day) const { return out_.states.in(climate::moment_of(day, 12).month); }
    const light::Scene& scene(const Together& states, size_t layer) {
        // Scenes are made when they are first wanted: pieces that are found need none.
        auto& known = scenes_[{states.first, layer}];
        if (!known)
            known = std::make_unique<light::Scene>(surfaces_, out_.layers[layer],
                                                   std::span(out_.states.all).subspan(states.first, states.count));
        return *known;
    }

    // What a space shares light with, and what that light depends on.
    struct Surroundings {
        std::vector<bool> joined;
        Fingerprint light;
        std::optional<Fingerprint> before;  ///< as it was before an edit that hardly reaches it
    };
    const Surroundings& surroundings(int space) {
        const auto [it, is_new] = surroundings_.try_emplace(space);
        if (!is_new) return it->second;
        it->second = {surfaces_.joined(space), surfaces_.light_fingerprint(space), {}};
        if (task_.before != nullptr)
            if (const auto was = task_.before->spaces.find(space); was != task_.before->spaces.end())
                it->second.before = was->second;
        return it->second;
    }
    // What light around points was before an edit, where that still holds for them.
    std::optional<Fingerprint> light_before(const geometry::PlanePoints& points) {
        if (task_.before == nullptr) return {};
        if (points.space >= 0) return surroundings(points.space).before;
        const auto& faces = task_.before->faces;
        if (std::find(faces.begin(), faces.end(), points.plane) == faces.end()) return {};
        return task_.before->outdoors;
    }

    Fingerprint piece_inputs(const geometry::PlanePoints& points, size_t first, const Together& together, size_t state,
                             size_t layer) {
        return piece_inputs(points, first, together, state, layer, surroundings(points.space).light);
    }
    Fingerprint piece_inputs(const geometry::PlanePoints& points, size_t first, const Together& together, size_t state,
                             size_t layer, const Fingerprint& light) {
        Fingerprint print;
        print.add(std::string_view("year piece 7"));
        // What a column means depends on how many there are.
        for (const size_t n : {out_.layout.parts, out_.layout.coarse}) print.add(n);
        for (const float v : {patch_size_.indoors, patch_size_.outdoors}) print.add(static_cast<double>(v));
        const Surroundings& around = surroundings(points.space);
        print.add(light);
        print.add(points.fingerprint());
        add(print, surfaces_, out_.layers[layer], around.joined);
        for (const double v : {task_.place.latitude, task_.place.longitude, task_.place.time_zone, task_.north_azimuth,
                               effort_.accuracy})
            print.add(v);
        // What is drawn lies between the states that are traced together.
        for (size_t s = together.first; s < together.first + together.count; ++s) {
            print.add(out_.states.all[s].ground);
            print.add(static_cast<int>(out_.states.all[s].season));
        }
        print.add(state - together.first);
        // Rows are given by the number of their opening.
        for (const auto& id : out_.openings) print.add(id);
        print.add(first);
        print.add(effort_.seed);
        return print;
    }

    YearLight::Piece find(const Fingerprint& print) {
        if (!cache_.find) return nullptr;
        const auto bytes = cache_.find(print);
        if (!bytes) return nullptr;
        auto piece = CompactCoefficients::read(*bytes, out_.layout, surfaces_.spaces.size(), surfaces_.portals.size());
        if (!piece) return nullptr;
        ++out_.found;
        return std::make_shared<const CompactCoefficients>(std::move(*piece));
    }

    // Pieces of all states of trees and ground, in their order; missing where it was cancelled.
    std::vector<YearLight::Piece> trace(const geometry::PlanePoints& points, size_t first, size_t layer, double worth) {
        std::vector<YearLight::Piece> out(out_.states.all.size());
        for (const Together& together : batches()) {
            const std::span<YearLight::Piece> found(out.data() + together.first, together.count);
            std::vector<Fingerprint> prints;
            if (!find_before(points, first, layer, together, prints, found)) {
                prints.clear();
                for (size_t s = 0; s < together.count; ++s) {
                    prints.push_back(piece_inputs(points, first, together, together.first + s, layer));
                    found[s] = find(prints[s]);
                }
            }
            auto& all = prints_[at_];
            all.insert(all.end(), prints.begin(), prints.end());
            const double share = worth * static_cast<double>(together.count);
            if (std::any_of(found.begin(), found.end(), [](const auto& piece) { return piece == nullptr; }) &&
                !trace_together(points, first, together, layer, share, prints, found))
                return out;
            done_ += share;
            report(done_);
        }
        return out;
    }

    // Pieces from before an edit, all or none: what is traced anew is never kept under their names.
    bool find_before(const geometry::PlanePoints& points, size_t first, size_t layer, const Together& together,
                     std::vector<Fingerprint>& prints, std::span<YearLight::Piece> to) {
        const auto light = light_before(points);
        if (!light || *light == surroundings(points.space).light) return false;
        for (size_t s = 0; s < together.count; ++s) {
            prints.push_back(piece_inputs(points, first, together, together.first + s, layer, *light));
            to[s] = find(prints.back());
            if (to[s] == nullptr) return false;
        }
        if (points.space < 0) return true;
        out_.may_differ.resize(out_.planes.size(), 0.0);
        for (size_t p = 0; p < out_.planes.size(); ++p)
            if (out_.planes[p].space == points.space)
                out_.may_differ[p] = std::max(out_.may_differ[p], task_.before->change.at(points.space));
        return true;
    }

    bool trace_together(const geometry::PlanePoints& points, size_t first, const Together& together, size_t layer,
                        double worth, const std::vector<Fingerprint>& prints, std::span<YearLight::Piece> to) {
        const std::vector<geometry::PlanePoints> planes{points};
        light::CoefficientTask work;
        work.scene = &scene(together, layer);
        work.parts = &columns_.parts();
        work.coarse = columns_.coarse();
        work.planes = &planes;
        work.typical.assign(typical_.begin() + static_cast<std::ptrdiff_t>(together.first),
                            typical_.begin() + static_cast<std::ptrdiff_t>(together.first + together.count));
        work.sources = out_.openings.size();
        work.source_of_portal = out_.opening_of_portal;
        work.accuracy = effort_.accuracy;
        if (is_first_look()) work.first_samples = 4;
        work.seed = effort_.seed;
        work.split = light::Split::entry;
        work.patch_size = patch_size_;
        work.veils = points.space < 0 ? nullptr
                                      : veils_.of(work, {together.first, layer, surroundings(points.space).joined},
                                                  out_.record, cancel_);
        work.boost = work.veils != nullptr ? 1.0f : boost_of(points.space, layer);
        work.first_point = static_cast<uint32_t>(first);
        if (cancel_.requested()) return false;
        const auto dense =
            light::trace_coefficients(work, cancel_, [&](double share) { report(done_ + share * worth); });
        if (cancel_.requested()) return false;
        for (size_t s = 0; s < together.count; ++s) {
            CompactCoefficients made(dense[s]);
            made.panes = light::figures_of(surfaces_);
            out_.record.rays += made.tally.rays;
            out_.record.paths += made.tally.paths;
            // What was found is what would have been made again.
            if (to[s] != nullptr) continue;
            to[s] = std::make_shared<const CompactCoefficients>(std::move(made));
            ++out_.traced;
            if (cache_.keep) cache_.keep(prints[s], to[s]->write());
        }
        return true;
    }

    // How much less of what comes in is left behind closed blinds: paths that carry little there are not to be given up
    // for it. A power of two, that leaves every number its bits.
    float boost_of(int space, size_t layer) {
        if (layer == 0 || space < 0) return 1;
        const Surroundings& around = surroundings(space);
        const light::Panes open(surfaces_, out_.layers[0]), closed(surfaces_, out_.layers[layer]);
        double before = 0, after = 0;
        for (size_t p = 0; p < surfaces_.portals.size(); ++p) {
            const int inner = std::max(surfaces_.portals[p].inside, surfaces_.portals[p].outside);
            if (surfaces_.portals[p].group < 0 || inner < 0 || static_cast<size_t>(inner) >= around.joined.size() ||
                !around.joined[static_cast<size_t>(inner)])
                continue;
            before += static_cast<double>(open.portals()[p].area * open.portals()[p].passes_evenly());
            after += static_cast<double>(closed.portals()[p].area * closed.portals()[p].passes_evenly());
        }
        return after > 0 ? static_cast<float>(std::exp2(std::floor(std::log2(std::clamp(before / after, 1.0, 16.0)))))
                         : 1.0f;
    }

    void note(size_t index, const CompactCoefficients& piece) {
        auto& note = out_.notes[index];
        note.panes = piece.panes;
        note.gives.assign(out_.openings.size() + 1, false);
        for (size_t i = 0; i < piece.points(); ++i)
            for (const auto& row : piece.rows(i)) note.gives[row.row / light::kEntries] = true;
        out_.record.reached = std::max(out_.record.reached, piece.reached);
        out_.record.settled = out_.record.settled && piece.settled;
    }

    // What one process claims of a year that several are at.
    Fingerprint part(std::string_view what, size_t number) const {
        Fingerprint print;
        print.add(what);
        print.add(out_.record.inputs);
        print.add(number);
        return print;
    }
    template <class Make>
    void in_parts(std::string_view what, size_t count, Make&& make) {
        share_out(
            cache_, count, [&](size_t i) { return part(what, i); },
            [&](size_t i) {
                if (!cancel_.requested()) make(i);
            });
    }

    void trace_blocks() {
        std::vector<size_t> order(out_.blocks.size());
        std::iota(order.begin(), order.end(), size_t{0});
        // Among several processes the largest go first: what is left at the end is little.
        if (cache_.claim)
            std::ranges::stable_sort(order, std::greater(), [this](size_t b) { return out_.blocks[b].count; });
        in_parts("block", order.size(), [&](size_t i) {
            at_ = order[i];
            trace_block(order[i]);
        });
    }

    void trace_suns() {
        in_parts("sun of block", out_.blocks.size(),
                 [this](size_t b) { out_.sun->set(b, direct_sun(points_of(out_.blocks[b]), out_.blocks[b].first)); });
        out_.face_sun.resize(out_.faces.size());
        in_parts("sun of face", out_.faces.size(),
                 [this](size_t f) { out_.face_sun[f] = direct_sun(out_.faces[f], 0); });
    }

    void trace_block(size_t b) {
        const YearBlock& block = out_.blocks[b];
        const auto points = points_of(block);
        const size_t states = out_.states.all.size();
        const auto worth = static_cast<double>(block.count);
        for (size_t k = 0; k < out_.layers.size() && !cancel_.requested(); ++k) {
            bool other = k == 0;
            for (size_t s = 0; s < states && !other; ++s)
                other = changes(out_.notes[out_.piece_index(b, s, 0)].gives, out_.layers[k - 1], out_.layers[k]);
            if (!other) {
                done_ += worth * static_cast<double>(states);
                continue;
            }
            auto pieces = trace(points, block.first, k, worth);
            log(LogOf::question,
                "year: {} points of {} from {} on, blinds {}: {} pieces found, {} traced, {} rays so far", block.count,
                out_.planes[block.plane].plane, block.first, k, out_.found, out_.traced, out_.record.rays);
            for (size_t s = 0; s < states; ++s) {
                if (!pieces[s]) continue;
                note(out_.piece_index(b, s, k), *pieces[s]);
                out_.pieces->set(out_.piece_index(b, s, k), std::move(pieces[s]));
            }
        }
    }

    // Whether any of the windows that give light has another blind in one state than in the one before.
    bool changes(const std::vector<bool>& gives, const light::BlindLayers& before,
                 const light::BlindLayers& after) const {
        for (size_t p = 0; p < before.size(); ++p) {
            const int source = out_.opening_of_portal[p];
            if (source >= 0 && gives[static_cast<size_t>(source)] && before[p] != after[p]) return true;
        }
        return false;
    }

    // Outer faces see no blinds worth speaking of.
    void trace_faces() {
        const size_t states = out_.states.all.size();
        out_.face_pieces.resize(out_.faces.size() * states);
        in_parts("face", out_.faces.size(), [&](size_t f) {
            at_ = out_.blocks.size() + f;
            auto pieces = trace(out_.faces[f], 0, 0, 0);
            for (size_t s = 0; s < states; ++s) out_.face_pieces[f * states + s] = std::move(pieces[s]);
        });
    }

    Fingerprint sun_inputs(const geometry::PlanePoints& points, size_t first) {
        Fingerprint print =
            piece_inputs(part_of(points, 0, points.points.size()), first, {0, out_.states.all.size()}, 0, 0);
        print.add(std::string_view("direct sun"));
        return print;
    }

    std::shared_ptr<const light::DirectSun> direct_sun(const geometry::PlanePoints& plane, size_t first) {
        const Fingerprint print = sun_inputs(plane, first);
        if (cache_.find)
            if (const auto bytes = cache_.find(print))
                if (auto known = light::DirectSun::read(*bytes, plane.points.size(), surfaces_.portals.size()))
                    return std::make_shared<const light::DirectSun>(std::move(*known));
        auto found = std::make_shared<light::DirectSun>(trace_sun(plane));
        if (!cancel_.requested() && cache_.keep) cache_.keep(print, found->write());
        return found;
    }

    void merge() {
        std::vector<YearLight::Piece> held;
        std::vector<light::WeighedPatches> sets;
        const auto hold = [&](YearLight::Piece piece, float weight) {
            sets.push_back({piece ? &piece->patches() : nullptr, weight});
            held.push_back(std::move(piece));
        };
        for (size_t i = 0; i < out_.notes.size(); ++i) hold(out_.pieces->has(i) ? out_.pieces->at(i) : nullptr, 1);
        // Of the outer faces of panes little is asked: heat, and whether a limit is passed.
        for (const auto& piece : out_.face_pieces) hold(piece, 0.1f);
        auto merged = light::merge_patches(sets, patch_size_, light::patch_budget(effort_.accuracy));
        out_.patches = std::move(merged.set);
        for (size_t i = 0; i < out_.notes.size(); ++i) out_.notes[i].patches = std::move(merged.place[i]);
        out_.face_patches.assign(
            std::make_move_iterator(merged.place.begin() + static_cast<std::ptrdiff_t>(out_.notes.size())),
            std::make_move_iterator(merged.place.end()));
    }

    // Three days share a look: at one hour the sun of the day before or after is at most 0.4 degrees off, less than its
    // own disc is wide. Which days are taken together is another matter from spot to spot. For a first look nine do.
    static constexpr int kDays = climate::kHours / 24;
    void share_ways(std::vector<light::SunLook>& looks) const {
        const auto number = [&](int day, size_t hour) {
            return day < 0 || day >= kDays ? -1 : out_.sun_of_hour[static_cast<size_t>(day) * 24 + hour];
        };
        const int span = is_first_look() ? 9 : 3;
        for (int day = 0; day < kDays; ++day)
            for (size_t hour = 0; hour < 24; ++hour) {
                const int own = number(day, hour);
                for (int k = 0; k < 3 && own >= 0; ++k) {
                    const int shift = k * span / 3;
                    const int middle = (day + shift) / span * span - shift + span / 2, other = number(middle, hour);
                    looks[static_cast<size_t>(own)].seen_as[static_cast<size_t>(k)] = static_cast<uint32_t>(
                        other >= 0 && state_of(middle) / kTogether == state_of(day) / kTogether ? other : own);
                }
            }
    }

    // The sun in every hour that it is up in, without what it is looked for in.
    std::vector<light::SunLook> looks_of_year() {
        if (suns_.empty()) suns_ = climate::sun_of_year(task_.place);
        const auto all = batches();
        std::vector<light::SunLook> looks;
        out_.sun_of_hour.assign(climate::kHours, -1);
        for (size_t h = 0; h < climate::kHours; ++h) {
            const Vec3 to = climate::sun_direction(suns_[h].sun, task_.north_azimuth);
            if (suns_[h].sunlit <= 0 || to.z <= 0) continue;
            const size_t state = state_of(static_cast<int>(h) / 24);
            const Together& together = all[state / kTogether];
            out_.sun_of_hour[h] = static_cast<int>(looks.size());
            looks.push_back({to.as<float>(), nullptr, state - together.first});
        }
        share_ways(looks);
        return looks;
    }

    std::optional<light::Sunlit> find_sunlit(const Fingerprint& print, size_t suns, size_t patches) const {
        if (!cache_.find) return {};
        const auto bytes = cache_.find(print);
        if (!bytes) return {};
        auto known = light::Sunlit::read(*bytes, suns, patches, surfaces_.portals.size());
        if (!known || known->panes.size() != light::figures_of(surfaces_).size()) return {};
        return std::move(*known);
    }

    // Patches of all pieces together, and the sun of every hour on them.
    void look_for_suns() {
        merge();
        auto looks = looks_of_year();
        Fingerprint print;
        for (const auto& [at, prints] : prints_)
            for (const auto& piece : prints) print.add(piece);
        print.add(std::string_view("sun on patches 7"));
        auto known = find_sunlit(print, looks.size(), out_.patches.count());
        if (cache_.claim) {
            if (!known) cache_.keep(part("patches", 0), out_.patches.write());
            cache_.done(part("patches", 0));
        }
        if (known) {
            out_.sunlit = std::move(*known);
            return;
        }
        out_.sunlit = look_in_parts(looks);
        out_.record.rays += out_.sunlit.rays;
        if (!cancel_.requested() && cache_.keep) cache_.keep(print, out_.sunlit.write());
    }

    void help_with_suns() {
        const Fingerprint print = part("patches", 0);
        if (!cache_.await(print)) return;
        const auto bytes = cache_.find(print);
        if (!bytes) return;
        auto patches = light::PatchSet::read(*bytes);
        if (!patches) return;
        out_.patches = std::move(*patches);
        auto looks = looks_of_year();
        look_in_parts(looks);
    }

    // One process alone takes all patches at once; several share them out.
    light::Sunlit look_in_parts(std::vector<light::SunLook>& looks) {
        const auto all = batches();
        for (size_t h = 0; h < climate::kHours; ++h)
            if (out_.sun_of_hour[h] >= 0)
                looks[static_cast<size_t>(out_.sun_of_hour[h])].scene =
                    &scene(all[state_of(static_cast<int>(h) / 24) / kTogether], 0);
        constexpr size_t kParts = 48;
        const size_t parts = cache_.claim ? kParts : 1, patches = out_.patches.count();
        std::vector<light::Sunlit> found(parts);
        in_parts("suns on patches", parts, [&](size_t k) {
            const size_t from = patches * k / parts, to = patches * (k + 1) / parts;
            const Fingerprint print = part("suns on patches", k);
            if (cache_.claim)
                if (auto known = find_sunlit(print, looks.size(), to - from)) {
                    found[k] = std::move(*known);
                    return;
                }
            const light::PatchSet few = parts > 1 ? out_.patches.part(from, to) : light::PatchSet();
            const light::PatchSet& set = parts > 1 ? few : out_.patches;
            found[k] = light::look_for_suns(set, looks, [&] { return cancel_.requested(); });
            light::add_edges(found[k], set, looks);
            found[k].panes = light::figures_of(surfaces_);
            if (cache_.claim && !cancel_.requested()) cache_.keep(print, found[k].write());
        });
        light::Sunlit out = std::move(found.front());
        for (size_t k = 1; k < parts; ++k) out.append(found[k]);
        return out;
    }

    light::DirectSun trace_sun(const geometry::PlanePoints& plane) {
        if (suns_.empty()) suns_ = climate::sun_of_year(task_.place);
        const auto all = batches();
        for (const Together& together : all) scene(together, 0);
        std::vector<std::vector<light::DirectSun::Beam>> by_hour(climate::kHours);
        std::atomic<uint64_t> rays{0};
        parallel_for(
            climate::kHours,
            [&](size_t h) {
                if (suns_[h].sunlit <= 0 || cancel_.requested()) return;
                const Vec3 to = climate::sun_direction(suns_[h].sun, task_.north_azimuth);
                if (to.z <= 0 || dot(to, plane.normal) <= 0) return;
                const size_t state = state_of(static_cast<int>(h) / 24);
                const Together& together = all[state / kTogether];
                const light::Scene& scene = *scenes_.at({together.first, 0});
                uint64_t cast = 0;
                for (size_t p = 0; p < plane.points.size(); ++p) {
                    const Vec3f at = (plane.points[p] + plane.normal * 1e-4).as<float>();
                    if (!scene.leads_out(plane.space, at, to.as<float>())) continue;
                    ++cast;
                    const auto beam = scene.beam(at, to.as<float>());
                    const float share = beam.states[state - together.first];
                    if (share > 0) by_hour[h].push_back({static_cast<uint32_t>(p), beam.portal, share});
                }
                rays += cast;
            },
            16);
        out_.record.rays += rays;
        light::DirectSun out;
        out.panes = light::figures_of(surfaces_);
        out.first.push_back(0);
        for (const auto& beams : by_hour) {
            out.beams.insert(out.beams.end(), beams.begin(), beams.end());
            out.first.push_back(static_cast<uint32_t>(out.beams.size()));
        }
        return out;
    }

    void report(double done) const {
        if (progress_) progress_(total_ > 0 ? std::min(1.0, done / total_) : 1.0);
    }

    const YearTask& task_;
    const geometry::Surfaces& surfaces_;
    Effort effort_;
    Cancel cancel_;
    Progress progress_;
    Cache cache_;
    SkyColumns columns_;
    light::PatchSize patch_size_;
    // Of the pieces of each block, then of each face: in whatever order they were made.
    std::map<size_t, std::vector<Fingerprint>> prints_;
    size_t at_ = 0;
    YearLight out_;
    std::vector<light::TypicalLight> typical_;
    std::map<std::pair<size_t, size_t>, std::unique_ptr<light::Scene>> scenes_;  // by first of the states, and layer
    std::map<int, Surroundings> surroundings_;
    YearVeils veils_;
    std::vector<climate::SunHour> suns_;
    double done_ = 0, total_ = 1;
};

}  // namespace

geometry::Surfaces panes_of(const geometry::Surfaces& surfaces) {
    geometry::Surfaces out;
    out.portals = surfaces.portals;
    out.glazings = surfaces.glazings;
    out.blinds = surfaces.blinds;
    out.blind_transmittance = surfaces.blind_transmittance;
    out.spaces = surfaces.spaces;
    out.air = surfaces.air;
    return out;
}

Fingerprint year_light_inputs(const YearTask& task, const Effort& effort) {
    Fingerprint print;
    print.add(std::string_view("year light 4"));
    std::map<int, Fingerprint> known;
    for (const auto& plane : *task.planes) {
        print.add(plane.fingerprint());
        const auto [it, is_new] = known.try_emplace(plane.space);
        if (is_new) it->second = task.surfaces->light_fingerprint(plane.space);
        print.add(it->second);
    }
    const std::vector<bool> all(task.surfaces->spaces.size(), true);
    for (size_t k = 1; k < state_count(*task.groups); ++k)
        add(print, *task.surfaces, layers_of(*task.surfaces, *task.groups, k), all);
    for (const double v :
         {task.place.latitude, task.place.longitude, task.place.time_zone, task.north_azimuth, effort.accuracy})
        print.add(v);
    print.add(effort.seed);
    return print;
}

YearLight trace_year_light(const YearTask& task, const Effort& effort, const Cancel& cancel, const Progress& progress,
                           const Cache& cache) {
    YearLight out;
    with_threads(effort.threads, [&] { out = Tracing(task, effort, cancel, progress, cache).run(); });
    return out;
}

}  // namespace wp::question
