// SPDX-License-Identifier: GPL-3.0-or-later
// The answers so far, of every option, and what each was asked of. Asker files them here; whatever shows figures reads
// them here. Of the interface thread alone.
#pragma once
#include <QObject>
#include <map>
#include <memory>
#include <optional>

#include "base/fingerprint.h"
#include "gui/answers/year_reading.h"
#include "gui/answers/year_stage.h"
#include "model/project.h"
#include "question/daylight_factor.h"
#include "question/electric_field.h"
#include "question/glare.h"
#include "question/light_field.h"
#include "question/table.h"
#include "question/year.h"

namespace wp::gui {

using AskedOf = std::shared_ptr<const model::Project>;

/// A live answer and the project it was asked of. Both null where there is none.
template <class T>
struct LiveAnswer {
    std::shared_ptr<const T> answer;
    AskedOf asked;
    explicit operator bool() const { return answer != nullptr; }
    const T* operator->() const { return answer.get(); }
    const T& operator*() const { return *answer; }
};

/// Answer of a question of the project.
struct KeptTable {
    std::shared_ptr<const question::TableAnswer> answer;
    AskedOf project;       ///< as it was when it was asked
    bool foreign = false;  ///< read from a file
};

class KeptAnswers : public QObject {
    Q_OBJECT
 public:
    using Factor = question::DaylightFactorAnswer;
    using Light = question::MomentAnswer;
    using TableKey = std::pair<model::Id, model::Id>;  ///< option, question

    explicit KeptAnswers(QObject* parent = nullptr) : QObject(parent) {}

    /// Each of an option; null where there is none.
    LiveAnswer<Factor> daylight(const model::Id& option) const { return of(daylight_, option); }
    LiveAnswer<Light> moment(const model::Id& option) const { return of(moments_, option); }
    LiveAnswer<question::ElectricField> electric(const model::Id& option) const { return of(electric_, option); }
    /// The same at the option's readings, one plane each.
    std::shared_ptr<const Factor> reading_daylight(const model::Id& option) const {
        return of(reading_daylight_, option);
    }
    std::shared_ptr<const Light> reading_moment(const model::Id& option) const { return of(reading_moments_, option); }
    std::shared_ptr<const question::YearAnswer> year(const model::Id& option) const { return of(years_, option); }
    /// How far that year has come.
    YearStage year_stage(const model::Id& option) const { return of(year_stages_, option); }
    /// What is read of the year, live.
    std::shared_ptr<const YearReading> year_reading(const model::Id& option) const {
        return of(year_readings_, option);
    }
    /// Whether the year is of other light than the option has now, as far as has been looked.
    bool is_year_stale(const model::Id& option) const;
    std::shared_ptr<const question::GlareAnswer> glare(const model::Id& option) const { return of(glares_, option); }
    const KeptTable* table(const model::Id& option, const model::Id& question) const;
    const std::map<TableKey, KeptTable>& tables() const { return tables_; }
    /// Options that have a daylight factor, a year.
    size_t daylight_count() const { return daylight_.size(); }
    size_t year_count() const { return years_.size(); }

    // Each tells that answers have changed.
    void keep_daylight(const model::Id& option, LiveAnswer<Factor> answer);
    /// Only where there is none yet.
    void offer_daylight(const model::Id& option, LiveAnswer<Factor> answer);
    void keep_moment(const model::Id& option, LiveAnswer<Light> answer);
    void keep_electric(const model::Id& option, LiveAnswer<question::ElectricField> answer);
    void keep_reading_daylight(const model::Id& option, std::shared_ptr<const Factor> answer);
    void keep_reading_moment(const model::Id& option, std::shared_ptr<const Light> answer);
    /// wanted: what the year of the option as it is now must be made of, at that stage.
    void keep_year(const model::Id& option, std::shared_ptr<const question::YearAnswer> answer,
                   const Fingerprint& wanted, const YearStage& stage = {});
    /// The year of the option as it is now is another, and on its way.
    void expect_year(const model::Id& option) {
        wanted_years_[option] = {};
        emit changed();
    }
    void keep_year_reading(const model::Id& option, std::shared_ptr<const YearReading> reading);
    void keep_glare(const model::Id& option, std::shared_ptr<const question::GlareAnswer> answer);
    void keep_table(const TableKey& key, KeptTable table);

    /// The live answers of an option are of this project as well: nothing that they depend on has changed.
    void still_hold(const model::Id& option, const AskedOf& project);
    void drop_daylight(const model::Id& option);
    void drop_readings(const model::Id& option);
    /// Another project took the place of the one before.
    void clear();
    /// Tells that figures are to be drawn anew, though no answer came.
    void tell() { emit changed(); }

 signals:
    void changed();

 private:
    template <class T>
    static T of(const std::map<model::Id, T>& kept, const model::Id& option) {
        const auto found = kept.find(option);
        return found != kept.end() ? found->second : T{};
    }

    std::map<model::Id, LiveAnswer<Factor>> daylight_;
    std::map<model::Id, LiveAnswer<Light>> moments_;
    std::map<model::Id, LiveAnswer<question::ElectricField>> electric_;
    std::map<model::Id, std::shared_ptr<const Factor>> reading_daylight_;
    std::map<model::Id, std::shared_ptr<const Light>> reading_moments_;
    std::map<model::Id, std::shared_ptr<const question::YearAnswer>> years_;
    std::map<model::Id, Fingerprint> wanted_years_;
    std::map<model::Id, YearStage> year_stages_;
    std::map<model::Id, std::shared_ptr<const YearReading>> year_readings_;
    std::map<model::Id, std::shared_ptr<const question::GlareAnswer>> glares_;
    std::map<TableKey, KeptTable> tables_;
};

}  // namespace wp::gui
