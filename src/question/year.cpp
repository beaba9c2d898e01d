// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/year.h"

#include <Eigen/Core>
#include <algorithm>
#include <chrono>
#include <cmath>
#include <functional>
#include <memory>
#include <mutex>

#include "base/parallel.h"
#include "light/coefficients.h"
#include "question/sky_columns.h"

namespace wp::question {

namespace {

using climate::OutdoorHour;
using light::Blinds;
using Matrix = Eigen::Matrix<float, Eigen::Dynamic, Eigen::Dynamic, Eigen::RowMajor>;

// What shines in every lit hour, in the columns of the coefficients: rows of luminances and beam illuminances.
struct Outdoors {
    std::vector<int> hours;   // the lit ones
    std::vector<int> row_of;  // 8760
    Matrix light;             // hours x columns
    std::vector<Vec3> sun;    // direction of each lit hour
    std::vector<double> beam; // normal illuminance, mean over the hour, 0 without sun
};

Outdoors shine(const std::vector<OutdoorHour>& year, const SkyColumns& columns, double north, const geometry::Surfaces& surfaces) {
    const light::States states = light::states_of(surfaces);
    Outdoors out;
    out.row_of.assign(year.size(), -1);
    for (size_t h = 0; h < year.size(); ++h)
        if (year[h].diffuse_lux > 0 || (year[h].direct_lux > 0 && year[h].sun.sunlit > 0)) {
            out.row_of[h] = static_cast<int>(out.hours.size());
            out.hours.push_back(static_cast<int>(h));
        }
    const size_t width = columns.layout().columns();
    out.light = Matrix::Zero(static_cast<Eigen::Index>(out.hours.size()), static_cast<Eigen::Index>(width));
    out.sun.resize(out.hours.size());
    out.beam.resize(out.hours.size());
    parallel_for(out.hours.size(), [&](size_t row) {
        const OutdoorHour& hour = year[static_cast<size_t>(out.hours[row])];
        const double ground = states.all[states.in(climate::moment_of(out.hours[row] / 24, 12).month)].ground;
        Shine shine;
        shine.sky = climate::sky_of(hour, north);
        shine.sun = hour.sun.sun;
        shine.to_sun = out.sun[row] = climate::sun_direction(hour.sun.sun, north);
        shine.sun_lux = out.beam[row] = hour.direct_lux * hour.sun.sunlit;
        shine.ground_luminance = ground * hour.global_lux() / kPi;
        columns.fill(shine, {out.light.row(static_cast<Eigen::Index>(row)).data(), width});
    }, 16);
    return out;
}

// The scene as it stands in a lit hour: trees have leaves or none.
using SceneOfHour = std::function<const light::Scene&(size_t row)>;

// Direct sun of every lit hour on every point of a plane, and the group it came through (-1: none).
struct Direct {
    metric::HourlyLux lux;
    std::vector<int16_t> group;
};

Direct trace_direct(const SceneOfHour& scene_of, const geometry::PlanePoints& plane, const Outdoors& outdoors, const Cancel& cancel,
                    light::Tally& tally) {
    Direct out;
    out.lux.points = plane.points.size();
    out.lux.row_of = outdoors.row_of;
    out.lux.lux.assign(outdoors.hours.size() * plane.points.size(), 0.0f);
    out.group.assign(out.lux.lux.size(), -1);
    std::atomic<uint64_t> rays{0};
    parallel_for(outdoors.hours.size(), [&](size_t row) {
        if (cancel.requested() || outdoors.beam[row] <= 0) return;
        const light::Scene& scene = scene_of(row);
        const Vec3 to = outdoors.sun[row];
        const double cosine = dot(to, plane.normal);
        if (cosine <= 0 || to.z <= 0) return;
        for (size_t p = 0; p < plane.points.size(); ++p) {
            const light::Scene::Beam beam = scene.beam((plane.points[p] + plane.normal * 1e-4).as<float>(), to.as<float>());
            if (beam.share <= 0) continue;
            const size_t at = row * plane.points.size() + p;
            out.lux.lux[at] = static_cast<float>(outdoors.beam[row] * cosine) * beam.share;
            out.group[at] = beam.portal >= 0 ? static_cast<int16_t>(scene.portals()[static_cast<size_t>(beam.portal)].group) : int16_t{-1};
        }
        rays += plane.points.size();
    }, 16);
    tally.rays += rays;
    return out;
}

// Groups in which any of the plane's points has light, over both coefficient sets.
std::vector<int> groups_of(const light::Coefficients& open, const light::Coefficients& closed, size_t first, size_t points) {
    std::vector<int> out;
    for (const light::Coefficients* c : {&open, &closed})
        for (size_t i = first; i < first + points && i < c->points.size(); ++i) out.insert(out.end(), c->points[i].rows.begin(), c->points[i].rows.end());
    std::sort(out.begin(), out.end());
    out.erase(std::unique(out.begin(), out.end()), out.end());
    return out;
}

// Sky, ground and interreflected sun through one group: hours x points.
Matrix group_light(const light::Coefficients& c, size_t first, size_t points, int group, const Matrix& light) {
    Matrix rows = Matrix::Zero(static_cast<Eigen::Index>(points), light.cols());
    for (size_t i = 0; i < points; ++i) {
        const auto& point = c.points[first + i];
        const auto it = std::find(point.rows.begin(), point.rows.end(), group);
        if (it == point.rows.end()) continue;
        const float* row = point.values.data() + static_cast<size_t>(it - point.rows.begin()) * c.layout.columns();
        rows.row(static_cast<Eigen::Index>(i)) = Eigen::Map<const Eigen::RowVectorXf>(row, light.cols());
    }
    Matrix out(light.rows(), static_cast<Eigen::Index>(points));
    // Bands of hours on the threads; each cell is one dot product, so the split does not change its bits.
    constexpr Eigen::Index band = 256;
    parallel_for(static_cast<size_t>((light.rows() + band - 1) / band), [&](size_t b) {
        const Eigen::Index from = static_cast<Eigen::Index>(b) * band, n = std::min(band, light.rows() - from);
        out.middleRows(from, n).noalias() = light.middleRows(from, n) * rows.transpose();
    });
    return out;
}

// The rule of kBlindShare and kBlindLux for one group on one plane.
void close_hours(const Direct& direct, const Outdoors& outdoors, int group, size_t points, metric::Hours& closed) {
    for (size_t row = 0; row < outdoors.hours.size(); ++row) {
        size_t sunny = 0;
        for (size_t p = 0; p < points; ++p) {
            const size_t at = row * points + p;
            if (direct.group[at] == group && static_cast<double>(direct.lux.lux[at]) >= kBlindLux) ++sunny;
        }
        if (static_cast<double>(sunny) > kBlindShare * static_cast<double>(points))
            closed[static_cast<size_t>(outdoors.hours[row])] = true;
    }
}

class Year {
 public:
    Year(const geometry::Surfaces& surfaces, const std::vector<geometry::PlanePoints>& planes, const climate::WeatherYear& weather,
         double north, const Effort& effort, const Cancel& cancel, const Progress& progress)
        : surfaces_(surfaces), planes_(planes), effort_(effort), cancel_(cancel), progress_(progress),
          columns_(weather.place, north) {
        answer_.outdoor = climate::outdoor_year(weather);
        answer_.groups = surfaces.groups;
        answer_.record.inputs = year_inputs(surfaces, planes, weather, north, effort);
        answer_.record.wanted = effort.accuracy;
        answer_.record.seed = effort.seed;
        outdoors_ = shine(answer_.outdoor, columns_, north, surfaces);
        has_blinds_ = std::any_of(surfaces.portals.begin(), surfaces.portals.end(), [](const auto& p) { return p.blind && p.group >= 0; });
        const light::States states = light::states_of(surfaces);
        states_.resize(states.all.size());
        for (size_t s = 0; s < states_.size(); ++s) {
            states_[s].open_scene = std::make_unique<light::Scene>(surfaces, Blinds::open, states.all[s]);
            if (has_blinds_) states_[s].closed_scene = std::make_unique<light::Scene>(surfaces, Blinds::closed, states.all[s]);
        }
        for (const int hour : outdoors_.hours) state_of_.push_back(states.in(climate::moment_of(hour / 24, 12).month));
    }

    YearAnswer run() {
        const auto start = std::chrono::steady_clock::now();
        const double share = 0.8 / static_cast<double>(states_.size() * (has_blinds_ ? 2 : 1));
        double done = 0;
        for (State& state : states_) {
            state.open = coefficients(*state.open_scene, done, share);
            done += share;
            if (!has_blinds_ || cancel_.requested()) continue;
            state.closed = coefficients(*state.closed_scene, done, share);
            done += share;
        }
        auto& record = answer_.record;
        record.settled = !cancel_.requested();
        for (const State& state : states_)
            for (const light::Coefficients* c : {&state.open, &state.closed}) {
                if (c == &state.closed && !has_blinds_) continue;
                record.reached = std::max(record.reached, c->reached);
                record.settled = record.settled && c->settled;
                record.rays += c->tally.rays;
                record.paths += c->tally.paths;
            }
        trace_direct_sun();
        size_t first = 0;
        for (size_t p = 0; p < planes_.size() && !cancel_.requested(); ++p) {
            answer_.planes.push_back(plane_year(p, first));
            first += planes_[p].points.size();
            report(0.8 + 0.2 * static_cast<double>(p + 1) / static_cast<double>(planes_.size()));
        }
        record.rays += tally_.rays;
        record.settled = record.settled && !cancel_.requested();
        record.seconds = std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
        if (cancel_.requested()) answer_.planes.clear();
        return std::move(answer_);
    }

 private:
    void report(double share) const {
        if (progress_) progress_(share);
    }

    light::Coefficients coefficients(const light::Scene& scene, double from, double span) {
        light::CoefficientTask task;
        task.scene = &scene;
        light::by_group(task);
        task.parts = &columns_.parts();
        task.nodes = &columns_.nodes();
        task.planes = &planes_;
        task.typical.assign(static_cast<size_t>(outdoors_.light.cols()), 0.0);
        for (Eigen::Index c = 0; c < outdoors_.light.cols(); ++c)
            task.typical[static_cast<size_t>(c)] = outdoors_.light.rows() > 0 ? static_cast<double>(outdoors_.light.col(c).mean()) : 0;
        task.accuracy = effort_.accuracy;
        task.seed = effort_.seed;
        return light::trace_coefficients(task, cancel_, [&](double done) { report(from + span * done); });
    }

    metric::HourlyLux empty_year(size_t points) const {
        metric::HourlyLux year;
        year.points = points;
        year.row_of = outdoors_.row_of;
        year.lux.assign(outdoors_.hours.size() * points, 0.0f);
        return year;
    }

    // A group's blinds are one thing, whatever rooms its light reaches: closed as soon as one plane asks for it.
    void trace_direct_sun() {
        closed_.assign(surfaces_.groups.size(), {});
        const auto open = [this](size_t row) -> const light::Scene& { return *states_[state_of_[row]].open_scene; };
        const auto closed = [this](size_t row) -> const light::Scene& { return *states_[state_of_[row]].closed_scene; };
        for (const auto& plane : planes_) {
            direct_.push_back(trace_direct(open, plane, outdoors_, cancel_, tally_));
            // What comes straight through closed cloth and slats is sun still.
            if (has_blinds_) through_blinds_.push_back(trace_direct(closed, plane, outdoors_, cancel_, tally_).lux);
        }
        for (int g = 0; has_blinds_ && g < static_cast<int>(closed_.size()); ++g) {
            if (!group_has_blind(g)) continue;
            metric::Hours& hours = closed_[static_cast<size_t>(g)];
            hours.assign(climate::kHours, false);
            for (size_t p = 0; p < planes_.size(); ++p) close_hours(direct_[p], outdoors_, g, planes_[p].points.size(), hours);
        }
    }

    PlaneYear plane_year(size_t index, size_t first) {
        PlaneYear out;
        const geometry::PlanePoints& plane = planes_[index];
        out.plane = plane;
        const size_t points = plane.points.size();
        const Direct& direct = direct_[index];
        out.direct = direct.lux;
        out.open = direct.lux;
        out.blinds = empty_year(points);
        out.relative_half_width = answer_.record.reached;
        const auto n_groups = static_cast<int>(surfaces_.groups.size());
        for (int g = 0; g < n_groups; ++g)
            if (!closed_[static_cast<size_t>(g)].empty() && surfaces_.groups[static_cast<size_t>(g)].room == plane.room) {
                out.groups.push_back(g);
                out.closed.push_back(closed_[static_cast<size_t>(g)]);
            }
        add_direct_with_blinds(index, out.blinds);
        for (size_t state = 0; state < states_.size(); ++state) add_state(state, first, points, out);
        return out;
    }

    // Sky, ground and interreflected sun in the hours of one state of the trees.
    void add_state(size_t index, size_t first, size_t points, PlaneYear& out) {
        const State& state = states_[index];
        const auto n_groups = static_cast<int>(surfaces_.groups.size());
        for (const int g : groups_of(state.open, state.closed, first, points)) {
            const Matrix light = group_light(state.open, first, points, g, outdoors_.light);
            const metric::Hours* shut = g < n_groups && !closed_[static_cast<size_t>(g)].empty() ? &closed_[static_cast<size_t>(g)] : nullptr;
            Matrix dimmed;
            if (shut != nullptr) dimmed = group_light(state.closed, first, points, g, outdoors_.light);
            for (size_t row = 0; row < outdoors_.hours.size(); ++row) {
                if (state_of_[row] != index) continue;
                const bool is_shut = shut != nullptr && (*shut)[static_cast<size_t>(outdoors_.hours[row])];
                const auto r = static_cast<Eigen::Index>(row);
                for (size_t p = 0; p < points; ++p) {
                    const auto c = static_cast<Eigen::Index>(p);
                    out.open.lux[row * points + p] += light(r, c);
                    out.blinds.lux[row * points + p] += is_shut ? dimmed(r, c) : light(r, c);
                }
            }
        }
    }

    bool group_has_blind(int group) const {
        return std::any_of(surfaces_.portals.begin(), surfaces_.portals.end(), [&](const auto& p) { return p.group == group && p.blind; });
    }

    void add_direct_with_blinds(size_t index, metric::HourlyLux& out) const {
        const Direct& direct = direct_[index];
        for (size_t row = 0; row < outdoors_.hours.size(); ++row)
            for (size_t p = 0; p < out.points; ++p) {
                const size_t at = row * out.points + p;
                const int g = direct.group[at];
                const bool shut = g >= 0 && !closed_[static_cast<size_t>(g)].empty() &&
                                  closed_[static_cast<size_t>(g)][static_cast<size_t>(outdoors_.hours[row])];
                out.lux[at] += shut ? through_blinds_[index].lux[at] : direct.lux.lux[at];
            }
    }

    const geometry::Surfaces& surfaces_;
    const std::vector<geometry::PlanePoints>& planes_;
    Effort effort_;
    Cancel cancel_;
    Progress progress_;
    // With and without leaves, with snow and without, where that makes a difference.
    struct State {
        std::unique_ptr<light::Scene> open_scene, closed_scene;
        light::Coefficients open, closed;
    };
    std::vector<State> states_;
    std::vector<size_t> state_of_;       // of each lit hour
    SkyColumns columns_;
    Outdoors outdoors_;
    bool has_blinds_ = false;
    std::vector<Direct> direct_;
    std::vector<metric::HourlyLux> through_blinds_;
    std::vector<metric::Hours> closed_;  // by group; empty: it has no blinds
    light::Tally tally_;
    YearAnswer answer_;
};

}  // namespace

Fingerprint year_inputs(const geometry::Surfaces& surfaces, const std::vector<geometry::PlanePoints>& planes,
                        const climate::WeatherYear& weather, double north, const Effort& effort) {
    Fingerprint print;
    print.add(std::string_view("year 2"));
    print.add(surfaces.fingerprint());
    for (const double v : surfaces.ground_by_month) print.add(v);
    for (const auto& plane : planes) print.add(plane.fingerprint());
    print.add(weather.fingerprint());
    print.add(north);
    print.add(effort.accuracy);
    print.add(effort.seed);
    return print;
}

YearAnswer solve_year(const geometry::Surfaces& surfaces, const std::vector<geometry::PlanePoints>& planes,
                      const climate::WeatherYear& weather, double north, const Effort& effort, const Cancel& cancel,
                      const Progress& progress) {
    YearAnswer answer;
    with_threads(effort.threads, [&] { answer = Year(surfaces, planes, weather, north, effort, cancel, progress).run(); });
    return answer;
}

SpatialAutonomy spatial_autonomy(const PlaneYear& plane, const metric::Hours& hours, double lux, double time_share, bool blinds) {
    const metric::HourlyLux& year = blinds ? plane.blinds : plane.open;
    const double w = plane.relative_half_width;
    SpatialAutonomy out;
    out.autonomy = metric::autonomy(year, hours, lux);
    out.value = metric::share_at_least(out.autonomy, time_share);
    out.low = metric::share_at_least(metric::autonomy(year, hours, lux, std::max(0.01, 1 - w)), time_share);
    out.high = metric::share_at_least(metric::autonomy(year, hours, lux, 1 + w), time_share);
    return out;
}

SunlightExposure sunlight_exposure(const PlaneYear& plane, const metric::Hours& hours, double lux, double limit_hours) {
    SunlightExposure out;
    out.hours = metric::hours_at_least(plane.direct, hours, lux);
    out.value = metric::share_above(out.hours, limit_hours);
    return out;
}

}  // namespace wp::question
