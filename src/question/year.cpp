// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/year.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <mutex>

#include "base/give_up.h"
#include "model/project.h"
#include "question/year_electric.h"
#include "question/year_evaluator.h"

namespace wp::question {

double PlaneYear::width_of(size_t point, double closed) const {
    const auto of = [&](const std::vector<float>& widths) {
        return point < widths.size() ? static_cast<double>(widths[point]) : relative_half_width;
    };
    const double open = of(half_width);
    return closed_half_width.empty() || closed <= 0
               ? open
               : std::sqrt((1 - closed) * open * open + closed * std::pow(of(closed_half_width), 2));
}

double PlaneYear::common_of(double closed) const {
    return std::sqrt((1 - closed) * common * common + closed * closed_common * closed_common);
}

double PlaneYear::width(double closed) const {
    double square = 0;
    for (size_t i = 0; i < half_width.size(); ++i) square += std::pow(width_of(i, closed), 2);
    return half_width.empty() ? relative_half_width : std::sqrt(square / static_cast<double>(half_width.size()));
}

struct YearAnswer::Once {
    std::mutex mutex;
    std::map<std::pair<size_t, std::string>, std::array<double, 3>> known;
};

std::optional<std::array<double, 3>> YearAnswer::known(size_t plane, const std::string& name) const {
    const std::lock_guard lock(once_->mutex);
    const auto it = once_->known.find({plane, name});
    return it != once_->known.end() ? std::optional(it->second) : std::nullopt;
}

void YearAnswer::note(size_t plane, const std::string& name, const std::array<double, 3>& figures) const {
    const std::lock_guard lock(once_->mutex);
    once_->known[{plane, name}] = figures;
}

std::array<double, 3> YearAnswer::once(size_t plane, const std::string& name,
                                       const std::function<std::array<double, 3>()>& compute) const {
    if (const auto found = known(plane, name)) return *found;
    const auto made = compute();
    note(plane, name, made);
    return made;
}

YearAnswer::YearAnswer() : once_(std::make_shared<Once>()) {}

YearAnswer::YearAnswer(Inputs inputs) : once_(std::make_shared<Once>()) {
    const YearLight& light = *inputs.light;
    groups = inputs.groups;
    outdoor = inputs.sky->outdoor;
    record = light.record;
    evaluator_ = std::make_shared<Evaluator>(std::move(inputs));
    for (size_t p = 0; p < light.planes.size(); ++p) planes.push_back(evaluator_->describe(p));
}

YearAnswer::YearAnswer(std::vector<Given> made, std::vector<climate::OutdoorHour> hours)
    : outdoor(std::move(hours)), once_(std::make_shared<Once>()) {
    for (const Given& g : made) planes.push_back(g.plane);
    given_ = std::make_shared<const std::vector<Given>>(std::move(made));
}

size_t YearAnswer::parts(size_t plane) const { return given_ ? 1 : evaluator_->blocks_of(plane).size(); }

YearAnswer::Part YearAnswer::daylight_part(size_t plane, size_t part, Operation operation) const {
    if (given_) {
        const Given& g = (*given_)[plane];
        return {0, {given_, operation == Operation::open ? &g.open : &g.blinds}};
    }
    const size_t block = evaluator_->blocks_of(plane)[part];
    return {evaluator_->first_of(block), evaluator_->lux(block, operation)};
}

YearAnswer::Part YearAnswer::lux_part(size_t plane, size_t part, Operation operation) const {
    GiveUpScope::look();
    if (counted_ == LightCounted::daylight) return daylight_part(plane, part, operation);
    const Part day = daylight_part(plane, part, operation);
    return {day.first, with_electric(counted_ == LightCounted::both ? day.light.get() : nullptr, day.light->points,
                                     day.first, (*electric_)[plane])};
}

YearAnswer::Part YearAnswer::half_width_part(size_t plane, size_t part, Operation operation) const {
    if (daylight_ != nullptr) {
        const Part day = daylight_->half_width_part(plane, part, operation);
        return {day.first, electric_half_widths(counted_ == LightCounted::both ? day.light.get() : nullptr,
                                                day.light->points, day.first, (*electric_)[plane])};
    }
    if (given_) {
        auto none = std::make_shared<metric::HourlyLux>((*given_)[plane].open);
        std::fill(none->lux.begin(), none->lux.end(), 0.0f);
        return {0, std::move(none)};
    }
    const size_t block = evaluator_->blocks_of(plane)[part];
    return {evaluator_->first_of(block), evaluator_->half_widths_by_hour(block, operation)};
}

YearAnswer::Part YearAnswer::shade_part(size_t plane, size_t part, Operation operation) const {
    GiveUpScope::look();
    if (given_) return {};
    const size_t block = evaluator_->blocks_of(plane)[part];
    return {evaluator_->first_of(block), evaluator_->shade(block, operation)};
}

std::vector<float> YearAnswer::pane_shade(const model::Id& opening) const {
    return evaluator_ != nullptr ? evaluator_->pane_shade(opening) : std::vector<float>();
}

YearAnswer::Part YearAnswer::direct_part(size_t plane, size_t part) const {
    GiveUpScope::look();
    if (given_) return {0, {given_, &(*given_)[plane].direct}};
    const size_t block = evaluator_->blocks_of(plane)[part];
    return {evaluator_->first_of(block), evaluator_->direct(block)};
}

namespace {

std::shared_ptr<const metric::HourlyLux> joined(size_t parts, size_t points,
                                                const std::function<YearAnswer::Part(size_t)>& part_of) {
    if (parts == 1) return part_of(0).light;
    auto out = std::make_shared<metric::HourlyLux>();
    out->points = points;
    for (size_t k = 0; k < parts; ++k) {
        const auto part = part_of(k);
        const size_t few = part.light->points, rows = few > 0 ? part.light->lux.size() / few : 0;
        out->row_of = part.light->row_of;
        out->lux.resize(rows * points);
        for (size_t r = 0; r < rows; ++r)
            std::copy_n(part.light->lux.data() + r * few, few, out->lux.data() + r * points + part.first);
    }
    // A plane without points has no part: it is dark.
    if (parts == 0) out->row_of.assign(climate::kHours, -1);
    return out;
}

}  // namespace

std::shared_ptr<const metric::HourlyLux> YearAnswer::lux(size_t plane, Operation operation) const {
    return joined(parts(plane), planes[plane].plane.points.size(),
                  [&](size_t k) { return lux_part(plane, k, operation); });
}
std::shared_ptr<const metric::HourlyLux> YearAnswer::direct(size_t plane) const {
    return joined(parts(plane), planes[plane].plane.points.size(), [&](size_t k) { return direct_part(plane, k); });
}

const std::vector<uint8_t>& YearAnswer::states(size_t group, Operation operation) const {
    return evaluator_->states(group, operation);
}
metric::Hours YearAnswer::unmet(size_t plane, Operation operation) const {
    return evaluator_ ? evaluator_->unmet(plane, operation) : metric::Hours(climate::kHours, false);
}
double YearAnswer::closed_share(size_t plane, Operation operation) const {
    if (operation == Operation::open || planes[plane].closed_half_width.empty()) return 0;
    // A year that is given as numbers does not tell: the worst is taken.
    if (evaluator_ == nullptr) return 1;
    return once(plane, "closed share " + std::to_string(static_cast<int>(operation)), [&]() -> std::array<double, 3> {
        const auto& lit = evaluator_->inputs().sky->hours;
        size_t closed = 0;
        for (const int h : lit)
            closed += std::any_of(planes[plane].groups.begin(), planes[plane].groups.end(), [&](int g) {
                return states(static_cast<size_t>(g), operation)[static_cast<size_t>(h)] > 0;
            });
        return {static_cast<double>(closed) / static_cast<double>(std::max<size_t>(lit.size(), 1))};
    })[0];
}
YearHour YearAnswer::hour(size_t plane, int hour, Operation operation) const {
    YearHour out = evaluator_->hour(plane, hour, operation);
    if (counted_ != LightCounted::daylight) count_electric(out, hour, (*electric_)[plane], counted_);
    return out;
}
YearShares YearAnswer::shares(size_t plane, int point, const metric::Hours& hours, Operation operation) const {
    YearShares out =
        counted_ != LightCounted::electric ? evaluator_->shares(plane, point, hours, operation) : YearShares{};
    if (electric_ != nullptr) {
        out.electric = mean_electric((*electric_)[plane], point, planes[plane].plane.points.size(), hours);
        out.total += out.electric;
    }
    return out;
}
YearAnswer YearAnswer::counting(std::shared_ptr<const std::vector<ElectricByHour>> electric,
                                LightCounted counted) const {
    if (counted == LightCounted::daylight) return by_daylight();
    YearAnswer out = by_daylight();
    out.daylight_ = std::make_shared<const YearAnswer>(out);
    out.electric_ = std::move(electric);
    out.counted_ = counted;
    // Of each light's figures what is kept is its own.
    out.once_ = std::make_shared<Once>();
    for (size_t p = 0; p < out.planes.size(); ++p) count_electric(out.planes[p], (*out.electric_)[p], counted);
    return out;
}
YearAnswer YearAnswer::by_daylight() const { return daylight_ != nullptr ? *daylight_ : *this; }
std::vector<PaneHeat> YearAnswer::heat() const { return evaluator_ ? evaluator_->heat() : std::vector<PaneHeat>(); }
bool YearAnswer::panes_changed() const { return evaluator_ && evaluator_->panes_changed(); }
const YearAnswer::Inputs* YearAnswer::inputs() const { return evaluator_ ? &evaluator_->inputs() : nullptr; }

metric::Hours YearAnswer::clock_hours(double from, double to) const {
    const Inputs* in = inputs();
    return model::clock_hours(in != nullptr ? in->calendar : model::YearCalendar{}, from, to);
}

std::string YearAnswer::clock_words() const {
    const Inputs* in = inputs();
    return model::clock_words(in != nullptr ? in->calendar : model::YearCalendar{});
}

climate::Place place_of_year(climate::Place site, const climate::WeatherYear& weather) {
    site.time_zone = weather.place.time_zone;
    return site;
}

YearAnswer solve_year(const geometry::Surfaces& given, const std::vector<geometry::PlanePoints>& planes,
                      const climate::WeatherYear& weather, double north, const Effort& effort, const Cancel& cancel,
                      const Progress& progress) {
    geometry::Surfaces surfaces = given;
    auto groups = window_groups({}, {}, surfaces);
    const YearTask task{&surfaces, &planes, &groups, weather.place, north};
    auto light = std::make_shared<YearLight>(trace_year_light(task, effort, cancel, progress));
    if (cancel.requested()) {
        YearAnswer none;
        none.record = light->record;
        none.record.settled = false;
        return none;
    }
    const std::vector<double> ground = surfaces.ground_by_month.size() == 12
                                           ? surfaces.ground_by_month
                                           : std::vector<double>(12, surfaces.ground_reflectance);
    YearAnswer::Inputs inputs{
        light, year_sky(weather, weather.place, north, ground), std::move(groups), light->panes, nullptr, {}, {}};
    return YearAnswer(std::move(inputs));
}

}  // namespace wp::question
