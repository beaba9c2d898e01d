// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/document/document.h"

#include <QUndoCommand>
#include <tuple>

#include "base/file.h"
#include "edit/blank.h"
#include "edit/edit.h"
#include "question/ask.h"
#include "report/language/words.h"
#include "rule/criteria.h"
#include "store/project_file.h"

namespace wp::gui {

// A step holds the whole project before and after: values are cheap to share, and nothing can be undone by half.
class EditStep : public QUndoCommand {
 public:
    EditStep(Document& document, const QString& name, std::shared_ptr<const model::Project> after, QString gesture)
        : QUndoCommand(name),
          document_(document),
          before_(document.snapshot()),
          after_(std::move(after)),
          gesture_(std::move(gesture)) {}
    void undo() override { document_.set_project(before_); }
    void redo() override { document_.set_project(after_); }
    int id() const override { return gesture_.isEmpty() ? -1 : 1; }
    bool mergeWith(const QUndoCommand* other) override {
        const auto* step = static_cast<const EditStep*>(other);
        if (step->gesture_ != gesture_) return false;
        after_ = step->after_;
        return true;
    }

 private:
    Document& document_;
    std::shared_ptr<const model::Project> before_, after_;
    QString gesture_;
};

Document::Document(QObject* parent)
    : QObject(parent),
      project_(std::make_shared<model::Project>(blank_project())),
      weather_reader_(
          QT_TRANSLATE_NOOP("QObject", "Reading the weather"), this, &Document::read_weather,
          [this](const WeatherFound& found) { keep_weather(found); }, [this] { lose_weather(); }) {
    load_weather();
}

namespace {

// What weather is read from.
auto weather_words(const model::Site& s) {
    return std::tie(s.weather, s.made_up_weather, s.light_from_file, s.latitude, s.longitude, s.time_zone, s.elevation);
}

}  // namespace

void Document::set_project(std::shared_ptr<const model::Project> project) {
    const bool other_weather = weather_words(project->site) != weather_words(project_->site);
    project_ = std::move(project);
    option_ = std::min(option_, project_->options.size() - 1);
    if (other_weather) load_weather();
    forget_lost_items();
    emit project_changed();
}

void Document::show_option(size_t index) {
    if (index >= project_->options.size() || index == option_) return;
    option_ = index;
    forget_lost_items();
    emit option_changed();
    emit project_changed();
}

namespace {

std::optional<Fingerprint> print_of(const std::filesystem::path& path) {
    const auto bytes = read_file(path);
    if (!bytes) return {};
    Fingerprint print;
    print.add(std::string_view(*bytes));
    return print;
}

}  // namespace

Outcome Document::open(const std::filesystem::path& path) {
    auto project = store::read_project(path);
    if (!project) return project.fault();
    take_up(std::move(*project), path);
    on_disk_ = print_of(path);
    for (const auto& q : project_->questions)
        if (q.kind == model::Question::Kind::glare) moment_ = q.moment;
    emit selection_changed();
    emit moment_changed();
    return {};
}

Outcome Document::save(const std::filesystem::path& path) {
    if (const auto fault = store::save_project(*project_, path)) return fault;
    path_ = path;
    on_disk_ = print_of(path);
    undo_.setClean();
    emit path_changed();
    return {};
}

bool Document::changed_outside() const {
    const auto now = print_of(path_);
    return on_disk_ && now && *now != *on_disk_;
}

void Document::start_new() {
    take_up(blank_project(), {});
    emit selection_changed();
}

void Document::restore(model::Project project, const std::filesystem::path& saved_as) {
    take_up(std::move(project), saved_as);
    undo_.resetClean();
    emit path_changed();
    emit selection_changed();
}

void Document::take_up(model::Project project, const std::filesystem::path& path) {
    undo_.clear();
    path_ = path;
    on_disk_.reset();
    option_ = 0;
    selected_.clear();
    storey_ = 0;
    project_ = std::make_shared<const model::Project>(std::move(project));
    // Before anything is asked under the new weather: answers to the other project go.
    emit project_replaced();
    weather_.reset();
    outdoor_.clear();
    median_diffuse_ = 0;
    weather_fault_.reset();
    load_weather();
    emit weather_changed();
    emit path_changed();
    emit project_changed();
}

void Document::edit(const QString& name, const std::function<void(model::Project&)>& change, const QString& gesture) {
    const auto base = live_base_ ? live_base_ : project_;
    auto after = std::make_shared<model::Project>(*base);
    change(*after);
    for (model::Option& option : after->options)
        if (const model::Option* was = model::find(base->options, option.id)) edit::keep_planes_on_walls(*was, option);
    if (*after == *project_) return;
    undo_.push(
        new EditStep(*this, name, std::move(after), live_base_ ? QObject::tr("live %1").arg(live_count_) : gesture));
}

bool Document::blinds_wanted() const {
    const auto is_read = [&](const auto& read) {
        return read.first == project_->criteria && read.second == project_->own_sets;
    };
    if (criteria_read_ && is_read(*criteria_read_)) return blinds_wanted_;
    criteria_read_ = {project_->criteria, project_->own_sets};
    blinds_wanted_ = false;
    for (const auto& id : project_->criteria)
        if (const auto set = rule::set_of(*project_, id))
            for (const auto& criterion : set->criteria)
                blinds_wanted_ = blinds_wanted_ || criterion.blinds == model::Criterion::Blinds::lm83;
    return blinds_wanted_;
}

void Document::edit_storey(const QString& name, const std::function<void(model::Option&, model::Storey&)>& change) {
    if (storey_index() >= option().storeys.size()) return;
    edit_option(name, [&](model::Option& o) { change(o, o.storeys[storey_index()]); });
}

void Document::begin_live() {
    if (live_base_) return;
    live_base_ = project_;
    ++live_count_;
}

void Document::edit_option(const QString& name, const std::function<void(model::Option&)>& change,
                           const QString& gesture) {
    edit(
        name, [&](model::Project& project) { change(project.options[option_]); }, gesture);
}

void Document::select(const Selection& selection) {
    select_all(selection.kind == Selection::Kind::none ? std::vector<Selection>{} : std::vector<Selection>{selection});
}

void Document::select_all(std::vector<Selection> items) {
    if (items == selected_) return;
    selected_ = std::move(items);
    emit selection_changed();
}

void Document::toggle(const Selection& item) {
    if (item.kind == Selection::Kind::none) return;
    auto items = selected_;
    if (std::erase(items, item) == 0) items.push_back(item);
    select_all(std::move(items));
}

void Document::show_storey(size_t index) {
    if (index >= option().storeys.size() || index == storey_index()) return;
    storey_ = index;
    emit storey_changed();
    emit project_changed();
}

// Undo may take away what is selected.
void Document::forget_lost_items() {
    if (std::erase_if(selected_, [&](const Selection& item) { return !edit::exists(option(), item); }) > 0)
        emit selection_changed();
}

void Document::show_moment(const climate::Moment& moment) {
    if (moment == moment_) return;
    moment_ = moment;
    emit moment_changed();
}

void Document::show_sky(const model::SkyChoice& sky) {
    if (sky == sky_) return;
    sky_ = sky;
    emit sky_changed();
}

Document::WeatherFound Document::read_weather(const WeatherRequest& request) {
    WeatherFound out;
    out.number = request.number;
    const auto& site = request.project->site;
    if (site.weather.empty() && !site.made_up_weather) return out;
    auto year = question::weather_of(*request.project, request.path);
    if (!year) {
        out.fault = year.fault();
        return out;
    }
    out.year = std::make_shared<climate::WeatherYear>(std::move(*year));
    out.outdoor = climate::outdoor_year(*out.year);
    out.median_diffuse = climate::median_diffuse(out.outdoor);
    return out;
}

void Document::load_weather() {
    reads_weather_ = true;
    weather_reader_.ask({project_, path_, ++weather_requests_});
}

// Who waits for it must not wait for ever.
void Document::lose_weather() {
    reads_weather_ = false;
    emit weather_changed();
}

void Document::keep_weather(const WeatherFound& found) {
    if (found.number != weather_requests_) return;
    reads_weather_ = false;
    weather_ = found.year;
    outdoor_ = found.outdoor;
    median_diffuse_ = found.median_diffuse;
    weather_fault_ = found.fault;
    emit weather_changed();
}

model::Project blank_project() {
    model::Project p = edit::blank_project();
    const auto translate = [](std::string& text) { text = language::words(text).toStdString(); };
    translate(p.name);
    translate(p.site.name);
    for (auto& material : p.materials) translate(material.name), translate(material.source);
    for (auto& option : p.options) {
        translate(option.name);
        for (auto& storey : option.storeys) translate(storey.name);
    }
    for (auto& question : p.questions) translate(question.name);
    return p;
}

}  // namespace wp::gui
