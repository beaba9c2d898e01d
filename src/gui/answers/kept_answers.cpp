// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/answers/kept_answers.h"

namespace wp::gui {

bool KeptAnswers::is_year_stale(const model::Id& option) const {
    const auto year = years_.find(option);
    const auto wanted = wanted_years_.find(option);
    return year != years_.end() && wanted != wanted_years_.end() && year->second->record.inputs != wanted->second;
}

const KeptTable* KeptAnswers::table(const model::Id& option, const model::Id& question) const {
    const auto found = tables_.find({option, question});
    return found != tables_.end() ? &found->second : nullptr;
}

void KeptAnswers::keep_daylight(const model::Id& option, LiveAnswer<Factor> answer) {
    daylight_[option] = std::move(answer);
    emit changed();
}

void KeptAnswers::offer_daylight(const model::Id& option, LiveAnswer<Factor> answer) {
    const auto there = daylight_.find(option);
    if (there != daylight_.end() && there->second && there->second->record.settled) return;
    daylight_[option] = std::move(answer);
    emit changed();
}

void KeptAnswers::keep_moment(const model::Id& option, LiveAnswer<Light> answer) {
    moments_[option] = std::move(answer);
    emit changed();
}

void KeptAnswers::keep_electric(const model::Id& option, LiveAnswer<question::ElectricField> answer) {
    electric_[option] = std::move(answer);
    emit changed();
}

void KeptAnswers::keep_reading_daylight(const model::Id& option, std::shared_ptr<const Factor> answer) {
    reading_daylight_[option] = std::move(answer);
    emit changed();
}

void KeptAnswers::keep_reading_moment(const model::Id& option, std::shared_ptr<const Light> answer) {
    reading_moments_[option] = std::move(answer);
    emit changed();
}

void KeptAnswers::keep_year(const model::Id& option, std::shared_ptr<const question::YearAnswer> answer,
                            const Fingerprint& wanted, const YearStage& stage) {
    years_[option] = std::move(answer);
    wanted_years_[option] = wanted;
    year_stages_[option] = stage;
    emit changed();
}

void KeptAnswers::keep_year_reading(const model::Id& option, std::shared_ptr<const YearReading> reading) {
    // One of a year that was traced before is late: it must not take the place of a newer one.
    const auto now = year(option);
    const auto light = [](const question::YearAnswer& year) {
        return year.inputs() != nullptr ? year.inputs()->light.get() : nullptr;
    };
    if (now != nullptr && light(*now) != light(*reading->answer)) return;
    years_[option] = reading->answer;
    wanted_years_[option] = reading->wanted;
    year_readings_[option] = std::move(reading);
    emit changed();
}

void KeptAnswers::keep_glare(const model::Id& option, std::shared_ptr<const question::GlareAnswer> answer) {
    glares_[option] = std::move(answer);
    emit changed();
}

void KeptAnswers::keep_table(const TableKey& key, KeptTable table) {
    tables_[key] = std::move(table);
    emit changed();
}

void KeptAnswers::still_hold(const model::Id& option, const AskedOf& project) {
    if (const auto it = daylight_.find(option); it != daylight_.end()) it->second.asked = project;
    if (const auto it = moments_.find(option); it != moments_.end()) it->second.asked = project;
}

void KeptAnswers::drop_daylight(const model::Id& option) {
    daylight_.erase(option);
    emit changed();
}

void KeptAnswers::drop_readings(const model::Id& option) {
    reading_daylight_.erase(option);
    reading_moments_.erase(option);
}

void KeptAnswers::clear() {
    daylight_.clear();
    moments_.clear();
    electric_.clear();
    reading_daylight_.clear();
    reading_moments_.clear();
    years_.clear();
    wanted_years_.clear();
    year_stages_.clear();
    year_readings_.clear();
    glares_.clear();
    tables_.clear();
    emit changed();
}

}  // namespace wp::gui
