// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/glare_year.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "base/parallel.h"
#include "climate/sun.h"
#include "light/path.h"
#include "metric/glare_sources.h"
#include "metric/join_near.h"
#include "model/frame.h"
#include "question/sky_view.h"
#include "question/window_groups.h"

namespace wp::question {

namespace {

constexpr double kCell = 2.0;         // degrees
constexpr size_t kAboutPoints = 800;  // on the surfaces
constexpr int kOutdoorRays = 48;      // of what a surface outdoors sees
constexpr double kOutdoorCell = 1.5;  // metres: surfaces outdoors are told apart so finely
constexpr int kAcrossPane = 4;        // places each way at which the sun is looked for before a veil

using light::ScenePortal;

// What shines in one hour.
struct Hour {
    int of_year = 0;
    size_t lit = 0;
    climate::Sky sky = climate::Sky::uniform(0);
    Vec3f to_sun{};
    float beam = 0, ground = 0;
    std::vector<uint8_t> layer;           // by portal
    const light::Scene* scene = nullptr;  // with trees as they stand
};

// Light without the sun on a place outdoors: by the sky that it sees; the rest as bright as the far ground.
struct OutdoorSpot {
    std::vector<Vec3f> sky;
};

class Glare {
 public:
    explicit Glare(const GlareYearTask& task)
        : task_(task),
          rooms_(*task.rooms),
          year_(*rooms_.year),
          inputs_(*year_.inputs()),
          scene_(rooms_.surfaces, light::Blinds::open),
          index_(rooms_.planes) {
        for (const auto& state : inputs_.light->states.all)
            scenes_.push_back(std::make_unique<light::Scene>(
                rooms_.surfaces, light::layers_of(rooms_.surfaces, light::Blinds::open), state));
        size_t first = 0;
        for (const auto& plane : rooms_.planes) {
            first_of_plane_.push_back(first);
            first += plane.points.points.size();
        }
        points_ = first;
        for (const auto& portal : rooms_.surfaces.portals)
            group_of_portal_.push_back(group_of_opening(inputs_.groups, portal.opening));
        for (const auto& layers : inputs_.light->layers) panes_.emplace_back(inputs_.panes, layers);
        gather_hours();
        gather_light();
    }

    PlaceGlare at(const model::Observer& place, const Cancel& cancel);

 private:
    const std::vector<ScenePortal>& portals(size_t layer) const { return panes_[layer].portals(); }
    void gather_hours();
    void gather_light();

    const GlareYearTask& task_;
    const LitRooms& rooms_;
    const YearAnswer& year_;
    const YearAnswer::Inputs& inputs_;
    light::Scene scene_;
    std::vector<std::unique_ptr<light::Scene>> scenes_;  // by state of trees and ground, blinds open
    SurfaceIndex index_;
    std::vector<size_t> first_of_plane_;
    size_t points_ = 0;
    std::vector<int> group_of_portal_;
    std::vector<light::Panes> panes_;
    std::vector<Hour> hours_;
    std::vector<float> lux_;                              // hours x points, without the sun
    std::map<model::Id, std::vector<float>> pane_shade_;  // by lit hour
    friend class PlaceYear;
};

void Glare::gather_hours() {
    const YearSky& sky = *inputs_.sky;
    std::vector<const std::vector<uint8_t>*> states;
    for (size_t g = 0; g < inputs_.groups.size(); ++g) states.push_back(&year_.states(g, task_.operation));
    for (size_t r = 0; r < sky.hours.size(); ++r) {
        const auto h = static_cast<size_t>(sky.hours[r]);
        if (!task_.hours.empty() && !task_.hours[h]) continue;
        Hour hour;
        hour.of_year = static_cast<int>(h);
        hour.lit = r;
        const auto& outdoor = sky.outdoor[h];
        hour.sky = climate::sky_of(outdoor, task_.north_azimuth);
        hour.to_sun = sky.to_sun[r].as<float>();
        hour.beam = sky.beam[r];
        const auto& state =
            inputs_.light->states.all[inputs_.light->states.in(climate::moment_of(static_cast<int>(h / 24), 12).month)];
        const double ground = state.ground >= 0 ? state.ground : rooms_.surfaces.ground_reflectance;
        hour.ground = static_cast<float>(
            ground * (outdoor.diffuse_lux + static_cast<double>(hour.beam) * std::max(0.0, sky.to_sun[r].z)) / kPi);
        hour.scene = scenes_[inputs_.light->states.in(climate::moment_of(static_cast<int>(h / 24), 12).month)].get();
        for (const int group : group_of_portal_)
            hour.layer.push_back(group < 0 ? uint8_t{0} : (*states[static_cast<size_t>(group)])[h]);
        hours_.push_back(std::move(hour));
    }
}

void Glare::gather_light() {
    lux_.assign(hours_.size() * points_, 0.0f);
    for (size_t p = 0; p < rooms_.planes.size(); ++p) {
        const size_t plane = rooms_.first_surface + p;
        for (size_t k = 0; k < year_.parts(plane); ++k) {
            const auto part = year_.shade_part(plane, k, task_.operation);
            for (size_t i = 0; i < hours_.size(); ++i) {
                const auto lux = part.light->at(hours_[i].of_year);
                std::copy(lux.begin(), lux.end(),
                          lux_.begin() + static_cast<std::ptrdiff_t>(i * points_ + first_of_plane_[p] + part.first));
            }
        }
    }
    for (const auto& portal : rooms_.surfaces.portals)
        if (portal.group >= 0 && !pane_shade_.contains(portal.opening))
            pane_shade_[portal.opening] = year_.pane_shade(portal.opening);
}

// One place: what is seen, and its light hour by hour.
class PlaceYear {
 public:
    PlaceYear(const Glare& glare, const model::Observer& place)
        : glare_(glare),
          seen_(look_from(glare.scene_, glare.rooms_.surfaces, place.eye, kCell, glare.index_, glare.first_of_plane_)) {
        out_.place = place;
        out_.headings = glare.task_.headings;
        if (glare.task_.own_headings)
            for (const double heading : model::headings(place)) out_.headings.push_back(heading);
        for (auto* list : {&out_.dgp, &out_.lux})
            list->assign(out_.headings.size(), std::vector<float>(climate::kHours, PlaceGlare::kDark));
        out_.by.assign(out_.headings.size(), std::vector<uint16_t>(climate::kHours, PlaceGlare::kNothing));
        find_spots();
        lay_out_headings();
        name_things();
    }

    PlaceGlare run(const Cancel& cancel) {
        parallel_for(
            glare_.hours_.size(),
            [&](size_t i) {
                if (!cancel.requested()) hour(i);
            },
            8);
        return std::move(out_);
    }

 private:
    struct Source {
        double flux = 0, solid = 0;
        Vec3 middle{};
        uint16_t thing = PlaceGlare::kNothing;

        void absorb(Source&& other) { solid += other.solid; }
    };

    void find_spots();
    void lay_out_headings();
    void name_things();
    void hour(size_t i);
    float veil_lux(const Hour& hour, int portal, Vec3f along) const;
    float surface_lux(const Hour& hour, size_t i, const EyeCell& cell) const;
    float sun_on(const Hour& hour, const EyeCell& cell) const;
    float left_of_beam(const Hour& hour, const light::Scene::Beam& beam) const;
    std::vector<float> luminances(size_t i) const;
    /// The sun at the eye: lux normal to the beam, and which of the things it is.
    struct SunSeen {
        float lux = 0;
        uint16_t thing = PlaceGlare::kNothing;
    };
    SunSeen sun_seen(const Hour& hour) const;
    void judge(size_t i, size_t heading, const std::vector<float>& luminance, const SunSeen& sun);

    const Glare& glare_;
    EyeCells seen_;
    PlaceGlare out_;
    uint16_t sun_outdoors_ = 0;  // among the things: the sun through no pane, and by portal
    std::vector<uint16_t> sun_in_;
    std::vector<OutdoorSpot> spots_;
    std::vector<int> spot_of_cell_;
    std::vector<Vec3> forward_, right_, up_;  // by heading
    // By heading: what lies before the eye, and by how much it counts.
    struct Front {
        uint32_t cell;
        float cosine, solid_angle;
    };
    std::vector<std::vector<Front>> front_;
    std::vector<double> solid_;
};

void PlaceYear::find_spots() {
    spot_of_cell_.assign(seen_.cells.size(), -1);
    std::map<std::array<long, 4>, int> known;
    for (size_t c = 0; c < seen_.cells.size(); ++c) {
        const EyeCell& cell = seen_.cells[c];
        if (cell.ends_on < 0 || cell.space >= 0) continue;
        const auto at = [](float v) { return std::lround(static_cast<double>(v) / kOutdoorCell); };
        const auto [it, fresh] = known.try_emplace({cell.ends_on, at(cell.at.x), at(cell.at.y), at(cell.at.z)},
                                                   static_cast<int>(spots_.size()));
        spot_of_cell_[c] = it->second;
        if (!fresh) continue;
        OutdoorSpot spot;
        for (uint32_t k = 0; k < kOutdoorRays; ++k) {
            random::Stream stream(4099, k);
            const Vec3f d = light::Frame(cell.normal).out(light::cosine_direction(stream.next()));
            if (d.z > 0 && glare_.scene_.intersect(cell.at, d).what == light::Hit::What::nothing) spot.sky.push_back(d);
        }
        spots_.push_back(std::move(spot));
    }
}

void PlaceYear::lay_out_headings() {
    for (const double heading : out_.headings) {
        const double altitude = radians(out_.place.altitude);
        forward_.push_back(direction(radians(heading), altitude));
        up_.push_back(direction(radians(heading), altitude + kPi / 2));
        right_.push_back(cross(forward_.back(), up_.back()));
        auto& front = front_.emplace_back();
        double& solid = solid_.emplace_back(0);
        const Vec3f ahead = forward_.back().as<float>();
        for (size_t c = 0; c < seen_.cells.size(); ++c) {
            const EyeCell& cell = seen_.cells[c];
            const float cosine = dot(cell.along, ahead);
            if (cosine <= 0) continue;
            front.push_back({static_cast<uint32_t>(c), cosine, cell.solid_angle});
            solid += static_cast<double>(cell.solid_angle);
        }
    }
}

void PlaceYear::name_things() {
    for (const auto& thing : seen_.things) {
        if (!thing.opening.empty())
            out_.things.push_back(thing.opening);
        else if (thing.surface < 0)
            out_.things.push_back("sky");
        else
            out_.things.push_back(surface_words(glare_.rooms_.surfaces.surfaces[static_cast<size_t>(thing.surface)],
                                                *glare_.task_.option));
    }
    sun_outdoors_ = static_cast<uint16_t>(out_.things.size());
    out_.things.push_back("sun");
    std::map<model::Id, uint16_t> known;
    for (const auto& portal : glare_.rooms_.surfaces.portals) {
        const auto [it, fresh] = known.try_emplace(portal.opening, static_cast<uint16_t>(out_.things.size()));
        if (fresh) out_.things.push_back("sun in " + portal.opening);
        sun_in_.push_back(it->second);
    }
}

// Of a beam that was traced with all blinds open, what they leave as they stand.
float PlaceYear::left_of_beam(const Hour& hour, const light::Scene::Beam& beam) const {
    if (beam.share <= 0 || beam.portal < 0) return beam.share;
    const auto p = static_cast<size_t>(beam.portal);
    const size_t layer = hour.layer[p];
    if (layer == 0) return beam.share;
    const float open = glare_.portals(0)[p].pass(hour.to_sun).straight;
    return open > 0 ? beam.share * glare_.portals(layer)[p].pass(hour.to_sun).straight / open : 0;
}

float PlaceYear::sun_on(const Hour& hour, const EyeCell& cell) const {
    const float cosine = dot(hour.to_sun, cell.normal);
    if (hour.beam <= 0 || cosine <= 0 || !hour.scene->leads_out(cell.space, cell.at, hour.to_sun)) return 0;
    return hour.beam * cosine * left_of_beam(hour, hour.scene->beam(cell.at, hour.to_sun));
}

float PlaceYear::surface_lux(const Hour& hour, size_t i, const EyeCell& cell) const {
    const float sun = sun_on(hour, cell);
    if (cell.point >= 0) return sun + glare_.lux_[i * glare_.points_ + static_cast<size_t>(cell.point)];
    const int spot = spot_of_cell_[static_cast<size_t>(&cell - seen_.cells.data())];
    if (spot < 0) return sun;
    const auto& sky = spots_[static_cast<size_t>(spot)].sky;
    double sum = (kOutdoorRays - static_cast<double>(sky.size())) * 0.5 * static_cast<double>(hour.ground);
    for (const Vec3f& d : sky) sum += hour.sky.luminance(d.as<double>());
    return sun + static_cast<float>(sum * kPi / kOutdoorRays);
}

// What a closed blind, or a pane that scatters, sends to the eye: lux as of a matt sheet.
float PlaceYear::veil_lux(const Hour& hour, int portal, Vec3f along) const {
    const auto p = static_cast<size_t>(portal);
    const ScenePortal& pane = glare_.portals(hour.layer[p])[p];
    const float seen = pane.scatter_seen(along);
    if (seen <= 0) return 0;
    const auto shade = glare_.pane_shade_.find(glare_.rooms_.surfaces.portals[p].opening);
    float out = shade != glare_.pane_shade_.end() && !shade->second.empty() ? shade->second[hour.lit] : 0.0f;
    const Vec3f outward = pane.outside < 0 ? pane.normal : -pane.normal;
    const float cosine = dot(hour.to_sun, outward);
    if (hour.beam > 0 && cosine > 0) {
        // Reveals shade some of it.
        float share = 0;
        for (int k = 0; k < kAcrossPane * kAcrossPane; ++k) {
            const float s = (static_cast<float>(k % kAcrossPane) + 0.5f) / kAcrossPane,
                        t = (static_cast<float>(k / kAcrossPane) + 0.5f) / kAcrossPane;
            const Vec3f at = pane.corner + pane.u * s + pane.v * t + outward * static_cast<float>(model::kBeforeFrame);
            share += hour.scene->beam(at, hour.to_sun).share;
        }
        out += hour.beam * cosine * share / (kAcrossPane * kAcrossPane) * pane.scatter_share(hour.to_sun);
    }
    return seen * out;
}

std::vector<float> PlaceYear::luminances(size_t i) const {
    const Hour& hour = glare_.hours_[i];
    std::vector<float> out(seen_.cells.size());
    std::map<int, float> veils;  // of this hour; the direction counts only through slats' mean
    constexpr auto over_pi = static_cast<float>(1 / kPi);
    for (size_t c = 0; c < out.size(); ++c) {
        const EyeCell& cell = seen_.cells[c];
        float through = 1, sum = 0;
        for (const int16_t pane : cell.panes) {
            if (pane < 0 || through <= 1e-5f) break;
            const auto p = static_cast<size_t>(pane);
            const ScenePortal& portal = glare_.portals(hour.layer[p])[p];
            const bool scatters = portal.blind_closed || portal.diffuse > 0;
            if (scatters && (portal.inside < 0 || portal.outside < 0)) {
                const auto [it, fresh] = veils.try_emplace(pane, 0.0f);
                if (fresh) it->second = veil_lux(hour, pane, cell.along);
                sum += through * it->second * over_pi;
            }
            through *= portal.pass(cell.along).straight;
        }
        if (through > 1e-5f) {
            if (cell.ends_on == EyeCell::kSky)
                sum += through * static_cast<float>(hour.sky.luminance(cell.along.as<double>()));
            else if (cell.ends_on == EyeCell::kFarGround)
                sum += through * hour.ground;
            else
                sum += through * cell.reflectance * over_pi * surface_lux(hour, i, cell);
        }
        out[c] = sum;
    }
    return out;
}

void PlaceYear::hour(size_t i) {
    const auto luminance = luminances(i);
    const SunSeen sun = sun_seen(glare_.hours_[i]);
    for (size_t h = 0; h < out_.headings.size(); ++h) judge(i, h, luminance, sun);
}

PlaceYear::SunSeen PlaceYear::sun_seen(const Hour& hour) const {
    if (hour.beam <= 0) return {};
    const auto beam = hour.scene->beam(seen_.eye.as<float>(), hour.to_sun);
    return {hour.beam * left_of_beam(hour, beam),
            beam.portal < 0 ? sun_outdoors_ : sun_in_[static_cast<size_t>(beam.portal)]};
}

void PlaceYear::judge(size_t i, size_t heading, const std::vector<float>& luminance, const SunSeen& sun) {
    const Hour& hour = glare_.hours_[i];
    const Vec3 forward = forward_[heading];
    const Vec3f ahead = forward.as<float>();
    double lux = 0, flux = 0;
    for (const Front& f : front_[heading]) {
        const double light = static_cast<double>(luminance[f.cell] * f.solid_angle);
        lux += light * static_cast<double>(f.cosine);
        flux += light;
    }
    const metric::SourceRule rule;
    const double limit = rule.times * flux / std::max(solid_[heading], 1e-9);
    const auto bright = static_cast<float>(limit);
    // Cells of one thing are one source, and what is near a brighter one is part of it.
    std::map<uint32_t, Source> of_thing;
    for (const Front& f : front_[heading]) {
        const uint32_t c = f.cell;
        if (bright <= 0 || luminance[c] < bright) continue;
        const EyeCell& cell = seen_.cells[c];
        const double light = static_cast<double>(luminance[c] * cell.solid_angle);
        Source& source = of_thing[cell.thing];
        source.flux += light;
        source.solid += static_cast<double>(cell.solid_angle);
        source.middle = source.middle + cell.along.as<double>() * light;
        source.thing = static_cast<uint16_t>(cell.thing);
    }
    std::vector<Source> sources;
    for (const auto& [thing, source] : of_thing) sources.push_back(source);
    metric::join_near(sources, rule.joined_within);
    double contrast = 0, most = 0;
    uint16_t by = PlaceGlare::kNothing;
    const auto add = [&](double luminance_of, double solid_of, const Vec3& to, uint16_t thing) {
        const Vec3 in_eye{dot(to, right_[heading]), dot(to, up_[heading]), dot(to, forward)};
        const double p = metric::position_index(in_eye), part = luminance_of * luminance_of * solid_of / (p * p);
        contrast += part;
        if (part > most) most = part, by = thing;
    };
    for (const Source& source : sources)
        add(source.flux / source.solid, source.solid, normalized(source.middle), source.thing);
    if (const float cosine = dot(hour.to_sun, ahead); sun.lux > 0 && cosine > 0) {
        lux += static_cast<double>(sun.lux * cosine);
        add(static_cast<double>(sun.lux) / climate::kSunSolidAngle, climate::kSunSolidAngle, hour.to_sun.as<double>(),
            sun.thing);
    }
    const auto at = static_cast<size_t>(hour.of_year);
    out_.lux[heading][at] = static_cast<float>(lux);
    out_.dgp[heading][at] = static_cast<float>(metric::daylight_glare_probability(lux, contrast));
    out_.by[heading][at] = by;
}

PlaceGlare Glare::at(const model::Observer& place, const Cancel& cancel) { return PlaceYear(*this, place).run(cancel); }

}  // namespace

std::vector<bool> spaces_around(const geometry::Surfaces& surfaces, const std::vector<model::Observer>& places) {
    std::vector<bool> out(surfaces.spaces.size(), false);
    for (const auto& place : places)
        for (size_t s = 0; s < surfaces.spaces.size(); ++s)
            if (surfaces.spaces[s] == place.room) {
                const auto joined = surfaces.joined(static_cast<int>(s));
                for (size_t k = 0; k < joined.size(); ++k) out[k] = out[k] || joined[k];
            }
    return out;
}

LitRooms light_rooms(const YearScene& scene, const climate::WeatherYear& weather, const std::vector<bool>& spaces,
                     const Effort& effort, const Cancel& cancel, const Progress& progress, const Cache& cache,
                     const LitRooms* known) {
    LitRooms out;
    out.planes = surface_planes(scene.surfaces, spaces, kAboutPoints);
    out.surfaces = scene.surfaces;
    out.first_surface = scene.planes.size();
    YearScene with = scene;
    with.occupied.resize(scene.planes.size(), true);
    for (const auto& plane : out.planes) {
        with.planes.push_back(plane.points);
        // Nobody draws a blind for a wall.
        with.occupied.push_back(false);
    }
    const YearKnown before = known != nullptr && known->year != nullptr ? YearKnown(*known->year) : YearKnown();
    auto year = ask_year(with, weather, effort, before, cancel, progress, cache);
    out.record = year.record;
    if (!cancel.requested() && !cache.helps) out.year = std::make_shared<const YearAnswer>(std::move(year));
    return out;
}

void glare_year(const GlareYearTask& task, const TakePlace& take, const Cancel& cancel, const Progress& progress) {
    if (task.places.empty()) return;
    Glare glare(task);
    for (size_t i = 0; i < task.places.size(); ++i) {
        auto place = glare.at(task.places[i], cancel);
        if (cancel.requested()) return;
        take(std::move(place));
        if (progress) progress(static_cast<double>(i + 1) / static_cast<double>(task.places.size()));
    }
}

std::vector<PlaceGlare> glare_year(const GlareYearTask& task, const Cancel& cancel, const Progress& progress) {
    std::vector<PlaceGlare> out;
    glare_year(
        task, [&](PlaceGlare&& place) { out.push_back(std::move(place)); }, cancel, progress);
    if (cancel.requested()) out.clear();
    return out;
}

namespace {

template <class See>
void each_hour(const std::vector<float>& dgp, const metric::Hours& hours, See&& see) {
    for (size_t h = 0; h < dgp.size(); ++h)
        if (hours.empty() || hours[h]) see(h, dgp[h]);
}

}  // namespace

double PlaceGlare::exceeded(size_t heading, const metric::Hours& hours, double share) const {
    std::vector<float> values;
    each_hour(dgp[heading], hours, [&](size_t, float v) { values.push_back(std::max(v, 0.0f)); });
    if (values.empty()) return 0;
    // Hours that may be above it: the next one down is the value.
    const auto above =
        std::min(static_cast<size_t>(share * static_cast<double>(values.size()) + 1e-9), values.size() - 1);
    std::ranges::nth_element(values, values.begin() + static_cast<std::ptrdiff_t>(above), std::greater());
    return static_cast<double>(values[above]);
}

double PlaceGlare::share_above(size_t heading, const metric::Hours& hours, double value) const {
    size_t all = 0, above = 0;
    each_hour(dgp[heading], hours, [&](size_t, float v) {
        ++all;
        above += static_cast<double>(v) > value;
    });
    return all > 0 ? static_cast<double>(above) / static_cast<double>(all) : 0;
}

std::string PlaceGlare::most_often(size_t heading, const metric::Hours& hours, double value) const {
    std::map<uint16_t, size_t> count;
    each_hour(dgp[heading], hours, [&](size_t h, float v) {
        if (static_cast<double>(v) > value) ++count[by[heading][h]];
    });
    if (count.empty()) return {};
    const uint16_t most = std::ranges::max_element(count, {}, [](const auto& c) { return c.second; })->first;
    return most == kNothing ? "the light at the eye" : things[most];
}

std::string PlaceGlare::dazzles(size_t heading, size_t hour) const {
    const uint16_t thing = by[heading][hour];
    return thing == kNothing ? std::string() : things[thing];
}

}  // namespace wp::question
