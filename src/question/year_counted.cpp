// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/year_counted.h"

#include <deque>
#include <mutex>

#include "base/give_up.h"
#include "geometry/polygon.h"
#include "model/project.h"
#include "question/ask_year.h"

namespace wp::question {

namespace {

constexpr double kElectricAccuracy = 0.03;

// The last few fields: hours, targets and levels change without tracing them again.
class KeptFields {
 public:
    std::shared_ptr<const ElectricField> of(const ElectricTask& task, const Effort& effort) {
        constexpr size_t kKept = 8;
        const Fingerprint print = electric_inputs(task, effort);
        {
            const std::lock_guard lock(mutex_);
            for (const auto& [known, field] : kept_)
                if (known == print) return field;
        }
        auto field = std::make_shared<const ElectricField>(
            trace_electric(task, effort, {}, [](const ElectricField&) { GiveUpScope::look(); }));
        const std::lock_guard lock(mutex_);
        kept_.emplace_front(print, field);
        if (kept_.size() > kKept) kept_.pop_back();
        return field;
    }

 private:
    std::mutex mutex_;
    std::deque<std::pair<Fingerprint, std::shared_ptr<const ElectricField>>> kept_;
};

std::vector<float> evenly(const model::Lighting& circuit, const geometry::PlanePoints& plane) {
    std::vector<float> out;
    for (const Vec3& at : plane.points)
        out.push_back(circuit.area.empty() || geometry::contains(circuit.area, {at.x, at.y})
                          ? static_cast<float>(circuit.target)
                          : 0.0f);
    return out;
}

// What luminaires give on a plane, wholly on, with its error: by circuit, then what is always on.
void add_luminaires(ElectricByHour& to, const ElectricField& field, const model::Option& option, size_t plane) {
    const size_t n = option.lighting.size();
    for (size_t k = 0; k <= n; ++k) {
        std::vector<double> shares;
        for (const ElectricSource& s : field.sources)
            shares.push_back(s.circuit == (k < n ? option.lighting[k].id : model::Id()) ? 1.0 : 0.0);
        const PlaneElectric light = electric_light(field, plane, shares);
        to.lux.emplace_back(light.lux.begin(), light.lux.end());
        to.half_width.emplace_back(light.half_width.begin(), light.half_width.end());
    }
}

}  // namespace

std::shared_ptr<const ElectricField> kept_electric(const ElectricTask& task, const Effort& effort) {
    static KeptFields fields;
    return fields.of(task, effort);
}

std::vector<ElectricByHour> electric_by_hour(const model::Project& project, const YearAnswer& year,
                                             const model::Option& option, const YearUse& use) {
    const std::vector<float> off(climate::kHours, 0.0f), on(climate::kHours, 1.0f);
    const auto circuits = electric_years(project, year.by_daylight(), option, use);
    std::vector<geometry::PlanePoints> planes;
    for (const auto& p : year.planes) planes.push_back(p.plane);
    const auto surfaces = geometry::build_surfaces(project, option);
    const auto field = kept_electric({&project, &option, &surfaces, &planes, {}, {}, {}, 0}, {kElectricAccuracy, 1, 0});
    std::vector<ElectricByHour> out;
    for (size_t p = 0; p < planes.size(); ++p) {
        ElectricByHour of;
        add_luminaires(of, *field, option, p);
        for (size_t k = 0; k < option.lighting.size(); ++k) {
            const auto run = std::ranges::find(circuits, option.lighting[k].id, &LightingYear::id);
            of.level.push_back(run != circuits.end() ? run->light : off);
            of.level_half_width.push_back(run != circuits.end() ? run->light_half_width : off);
            if (run != circuits.end() && run->luminaires == 0 && run->plane == p)
                of.lux[k] = evenly(option.lighting[k], planes[p]);
        }
        of.level.push_back(on);
        of.level_half_width.push_back(off);
        out.push_back(std::move(of));
    }
    return out;
}

YearAnswer counted_year(const model::Project& project, const YearAnswer& year, const model::Option& option,
                        const YearUse& use) {
    if (use.counted == LightCounted::daylight) return year.by_daylight();
    return year.counting(
        std::make_shared<const std::vector<ElectricByHour>>(electric_by_hour(project, year, option, use)), use.counted);
}

}  // namespace wp::question
