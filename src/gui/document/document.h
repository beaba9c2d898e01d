// SPDX-License-Identifier: GPL-3.0-or-later
// What all desks share: the project, one selection, one moment, one option. Every edit is a named step that can be
// undone.
#pragma once
#include <QObject>
#include <QString>
#include <QUndoStack>
#include <algorithm>
#include <filesystem>
#include <functional>
#include <map>
#include <memory>
#include <optional>

#include "climate/weather.h"
#include "edit/items.h"
#include "gui/work/behind.h"
#include "model/project.h"
#include "question/outdoors.h"

namespace wp::gui {

/// What is selected.
using Selection = model::Item;

class Document : public QObject {
    Q_OBJECT
 public:
    explicit Document(QObject* parent = nullptr);

    const model::Project& project() const { return *project_; }
    std::shared_ptr<const model::Project> snapshot() const { return project_; }
    const model::Option& option() const { return project_->options[option_]; }
    size_t option_index() const { return option_; }
    void show_option(size_t index);
    /// The storey that is drawn.
    size_t storey_index() const {
        return std::min(storey_, option().storeys.empty() ? size_t{0} : option().storeys.size() - 1);
    }
    void show_storey(size_t index);

    const std::filesystem::path& path() const { return path_; }
    Outcome open(const std::filesystem::path& path);
    Outcome save(const std::filesystem::path& path);
    /// Whether the file is another by now than was opened or saved here.
    bool changed_outside() const;
    void start_new();
    /// Takes up unsaved work that another run left behind: changed, and to be saved under its old path.
    void restore(model::Project project, const std::filesystem::path& saved_as);
    bool is_changed() const { return !undo_.isClean(); }

    /// Changes the project by one undoable step. Steps of one non-empty gesture key merge into one.
    void edit(const QString& name, const std::function<void(model::Project&)>& change, const QString& gesture = {});
    /// The same on the option that is shown.
    void edit_option(const QString& name, const std::function<void(model::Option&)>& change,
                     const QString& gesture = {});
    /// The same, of the storey that is shown; nothing where there is none.
    void edit_storey(const QString& name, const std::function<void(model::Option&, model::Storey&)>& change);
    /// Whether figures of weather are for trying out.
    bool has_made_up_weather() const { return weather_ != nullptr && weather_->made_up; }
    /// Until end_live every edit is made on the project as it is now and takes the place of the one before: what is
    /// tried while a figure is typed or dragged is one step in the end.
    void begin_live();
    void end_live() { live_base_.reset(); }
    bool is_live() const { return live_base_ != nullptr; }
    /// Whether a criteria set of the project computes with blinds.
    bool blinds_wanted() const;
    QUndoStack& undo_stack() { return undo_; }

    /// What was selected last; of kind none where nothing is.
    const Selection& selection() const { return selected_.empty() ? nothing_ : selected_.back(); }
    const std::vector<Selection>& selected() const { return selected_; }
    bool is_selected(const Selection& item) const {
        return std::find(selected_.begin(), selected_.end(), item) != selected_.end();
    }
    void select(const Selection& selection);
    void select_all(std::vector<Selection> items);
    /// Adds an item to what is selected, or takes it out.
    void toggle(const Selection& item);
    const climate::Moment& moment() const { return moment_; }
    void show_moment(const climate::Moment& moment);
    /// The sky that moments are looked at under.
    const model::SkyChoice& sky() const { return sky_; }
    void show_sky(const model::SkyChoice& sky);
    /// Light outdoors at the moment under that sky; the fault where it cannot be told.
    Result<question::Outdoors> outdoors() const {
        return question::outdoors_at(project_->site, sky_, moment_, outdoor_);
    }

    /// The site's weather; null where the file is missing or damaged, then weather_fault says why. It is read in the
    /// background: meanwhile it is null of another project, and what it was of this one.
    std::shared_ptr<const climate::WeatherYear> weather() const { return weather_; }
    bool reads_weather() const { return reads_weather_; }
    /// Median of the diffuse light outdoors over the daylit hours, lx; 0 without weather.
    double median_diffuse() const { return median_diffuse_; }
    const std::vector<climate::OutdoorHour>& outdoor() const { return outdoor_; }
    const Outcome& weather_fault() const { return weather_fault_; }

 signals:
    void project_changed();
    void option_changed();
    void storey_changed();
    void selection_changed();
    void moment_changed();
    void sky_changed();
    void weather_changed();
    void path_changed();
    /// Another project took the place of the one before.
    void project_replaced();

 private:
    friend class EditStep;
    void set_project(std::shared_ptr<const model::Project> project);
    // What is read of a site's weather, and what was found.
    struct WeatherRequest {
        std::shared_ptr<const model::Project> project;
        std::filesystem::path path;
        int number = 0;
    };
    struct WeatherFound {
        int number = 0;
        std::shared_ptr<const climate::WeatherYear> year;
        std::vector<climate::OutdoorHour> outdoor;
        double median_diffuse = 0;
        Outcome fault;
    };
    static WeatherFound read_weather(const WeatherRequest& request);
    void load_weather();
    void keep_weather(const WeatherFound& found);
    void lose_weather();
    void take_up(model::Project project, const std::filesystem::path& path);

    std::shared_ptr<const model::Project> project_;
    size_t option_ = 0;
    std::filesystem::path path_;
    std::optional<Fingerprint> on_disk_;  ///< of the file, as it was opened or saved here
    QUndoStack undo_;
    std::shared_ptr<const model::Project> live_base_;
    int live_count_ = 0;
    mutable std::optional<std::pair<std::vector<std::string>, std::vector<model::CriteriaSet>>> criteria_read_;
    mutable bool blinds_wanted_ = false;
    void forget_lost_items();
    size_t storey_ = 0;
    std::vector<Selection> selected_;
    Selection nothing_;
    climate::Moment moment_{3, 21, 13.0};
    model::SkyChoice sky_;
    std::shared_ptr<const climate::WeatherYear> weather_;
    std::vector<climate::OutdoorHour> outdoor_;
    double median_diffuse_ = 0;
    Outcome weather_fault_;
    bool reads_weather_ = false;
    int weather_requests_ = 0;
    Behind<WeatherRequest, WeatherFound> weather_reader_;
};

/// A project to begin with: one option, one storey, materials by the usual assumptions.
model::Project blank_project();

}  // namespace wp::gui
