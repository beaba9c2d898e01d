// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/year.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <mutex>

#include "question/year_reckoner.h"

namespace wp::question {

double PlaneYear::width_of(size_t point, double closed) const {
    const auto of = [&](const std::vector<float>& widths) { return point < widths.size() ? static_cast<double>(widths[point]) : relative_half_width; };
    const double open = of(half_width);
    return closed_half_width.empty() || closed <= 0 ? open : std::sqrt((1 - closed) * open * open + closed * std::pow(of(closed_half_width), 2));
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

std::array<double, 3> YearAnswer::once(size_t plane, const std::string& name, const std::function<std::array<double, 3>()>& reckon) const {
    if (once_ == nullptr) return reckon();
    {
        const std::lock_guard lock(once_->mutex);
        if (const auto it = once_->known.find({plane, name}); it != once_->known.end()) return it->second;
    }
    const auto found = reckon();
    const std::lock_guard lock(once_->mutex);
    return once_->known[{plane, name}] = found;
}

YearAnswer::YearAnswer(Inputs inputs) : once_(std::make_shared<Once>()) {
    const YearLight& light = *inputs.light;
    groups = inputs.groups;
    outdoor = inputs.sky->outdoor;
    record = light.record;
    reckoner_ = std::make_shared<Reckoner>(std::move(inputs));
    for (size_t p = 0; p < light.planes.size(); ++p) planes.push_back(reckoner_->describe(p));
}

YearAnswer::YearAnswer(std::vector<Given> made, std::vector<climate::OutdoorHour> hours) : outdoor(std::move(hours)), once_(std::make_shared<Once>()) {
    for (const Given& g : made) planes.push_back(g.plane);
    given_ = std::make_shared<const std::vector<Given>>(std::move(made));
}

std::shared_ptr<const metric::HourlyLux> YearAnswer::lux(size_t plane, Operation operation) const {
    if (given_) {
        const Given& g = (*given_)[plane];
        return {given_, operation == Operation::open ? &g.open : &g.blinds};
    }
    return reckoner_->lux(plane, operation);
}

std::shared_ptr<const metric::HourlyLux> YearAnswer::direct(size_t plane) const {
    if (given_) return {given_, &(*given_)[plane].direct};
    return reckoner_->direct(plane);
}

const std::vector<uint8_t>& YearAnswer::states(size_t group, Operation operation) const { return reckoner_->states(group, operation); }
metric::Hours YearAnswer::unmet(size_t plane, Operation operation) const { return reckoner_ ? reckoner_->unmet(plane, operation) : metric::Hours(climate::kHours, false); }
double YearAnswer::closed_share(size_t plane, Operation operation) const {
    if (operation == Operation::open || planes[plane].closed_half_width.empty()) return 0;
    // A year that is given as numbers does not tell: the worst is taken.
    if (reckoner_ == nullptr) return 1;
    return once(plane, "closed share " + std::to_string(static_cast<int>(operation)), [&]() -> std::array<double, 3> {
        const auto& lit = reckoner_->inputs().sky->hours;
        size_t closed = 0;
        for (const int h : lit) closed += std::any_of(planes[plane].groups.begin(), planes[plane].groups.end(), [&](int g) { return states(static_cast<size_t>(g), operation)[static_cast<size_t>(h)] > 0; });
        return {static_cast<double>(closed) / static_cast<double>(std::max<size_t>(lit.size(), 1))};
    })[0];
}
YearHour YearAnswer::hour(size_t plane, int hour, Operation operation) const { return reckoner_->hour(plane, hour, operation); }
YearShares YearAnswer::shares(size_t plane, int point, const metric::Hours& hours, Operation operation) const { return reckoner_->shares(plane, point, hours, operation); }
std::vector<PaneHeat> YearAnswer::heat() const { return reckoner_ ? reckoner_->heat() : std::vector<PaneHeat>(); }
bool YearAnswer::panes_changed() const { return reckoner_ && reckoner_->panes_changed(); }
const YearAnswer::Inputs* YearAnswer::inputs() const { return reckoner_ ? &reckoner_->inputs() : nullptr; }

climate::Place place_of_year(climate::Place site, const climate::WeatherYear& weather) {
    site.time_zone = weather.place.time_zone;
    return site;
}

YearAnswer solve_year(const geometry::Surfaces& given, const std::vector<geometry::PlanePoints>& planes, const climate::WeatherYear& weather, double north, const Effort& effort,
                      const Cancel& cancel, const Progress& progress) {
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
    const std::vector<double> ground = surfaces.ground_by_month.size() == 12 ? surfaces.ground_by_month : std::vector<double>(12, surfaces.ground_reflectance);
    YearAnswer::Inputs inputs{light, year_sky(weather, weather.place, north, ground), std::move(groups), light->panes, nullptr, {}};
    return YearAnswer(std::move(inputs));
}

}  // namespace wp::question
