// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/answers/live_eye.h"

#include <algorithm>

#include "describe/field.h"
#include "gui/document/asked_prints.h"
#include "question/ask.h"

namespace wp::gui {

namespace {

// Below that the sky gives no light that the models know of.
constexpr double kNight = -4;  // degrees

}  // namespace

LiveEye::LiveEye(Document& document, KeptAnswers& kept, QObject* parent)
    : QObject(parent),
      document_(document),
      kept_(kept),
      worker_(
          QT_TRANSLATE_NOOP("QObject", "The eye's picture"), [this](const Request& wanted) { trace(wanted); },
          [this](const Request& wanted) { end(wanted); }) {
    for (const auto signal :
         {&Document::project_changed, &Document::option_changed, &Document::moment_changed, &Document::weather_changed})
        connect(&document, signal, this, &LiveEye::request);
    connect(&document, &Document::selection_changed, this, [this] {
        const auto& item = document_.selection();
        if (item.kind == Selection::Kind::observer && item.id != observer_) look_through(item.id, 0);
    });
}

LiveEye::~LiveEye() { stop(); }

// What is traced for nobody is given up.
void LiveEye::stop() {
    stopped_ = true;
    asked_ = {};
    settling_ = false;
    const std::lock_guard lock(mutex_);
    cancel_.request();
}

void LiveEye::look_through(const model::Id& observer, int heading) {
    observer_ = observer;
    heading_ = heading;
    stand_.reset();
    request();
}

void LiveEye::look_from(const Stand& stand) {
    stand_ = stand;
    request();
}

void LiveEye::take_as(const model::PictureChoice& choice) {
    choice_ = choice;
    request();
}

void LiveEye::take_bands(int bands, model::SkyColour colour) {
    bands_ = bands, sky_colour_ = colour;
    request();
}

void LiveEye::watch(QObject* who, bool on) {
    const bool before = is_watched();
    on ? void(watching_.insert(who)) : void(watching_.erase(who));
    if (is_watched() != before) before ? stop() : request();
}

void LiveEye::hold(bool on) {
    held_ = on;
    on ? stop() : request();
}

const model::Observer* LiveEye::observer() const {
    const auto& all = document_.option().observers;
    const auto* named = model::find(all, observer_);
    return named != nullptr || all.empty() ? named : &all.front();
}

QString LiveEye::hindrance() const {
    const bool needs_weather = document_.sky().needs_weather();
    if (needs_weather && document_.reads_weather()) return QObject::tr("The weather is being read");
    if (needs_weather && document_.weather() == nullptr)
        return QObject::tr("A picture needs weather: choose a file, or a made-up year, on the Site desk");
    if (!stand_ && observer() == nullptr) return QObject::tr("Place an observer first: press E and click in a room");
    if (scene().empty() &&
        climate::sun_position(question::place_of(document_.project().site), document_.moment()).altitude <
            radians(kNight))
        return QObject::tr("It is night at that moment: choose another on the year strip");
    return {};
}

model::Question LiveEye::question() const {
    model::Question out = model::question_of(document_.project(), model::Question::Kind::glare);
    const model::SourceChoice rule = out.picture.rule;
    out.picture = choice_;
    out.picture.rule = rule;
    if (stand_) {
        out.observer.clear();
        out.name = stand_->name.toStdString();
        out.picture.from = stand_->at;
        out.picture.heading = stand_->heading;
        out.picture.altitude = stand_->altitude;
    } else {
        out.observer = observer()->id;
        out.heading = std::clamp(heading_, 0, static_cast<int>(observer()->others.size()));
    }
    out.moment = document_.moment();
    out.sky = document_.sky();
    out.scene = scene();
    if (choice_.of == model::PictureChoice::Of::wavelengths) out.bands = bands_, out.sky_colour = sky_colour_;
    return out;
}

void LiveEye::take_scene(const model::Id& scene) {
    scene_ = scene;
    request();
}

model::Id LiveEye::scene() const {
    const auto& option = document_.option();
    if (option.luminaires.empty()) return {};
    const bool known = scene_ == question::kAllLuminaires || model::find(option.scenes, scene_) != nullptr;
    return known ? scene_ : model::Id();
}

// Whether the picture would be the same as what was asked for last.
bool LiveEye::is_asked(const Request& wanted) const {
    namespace bears = describe::bears;
    const auto& a = asked_.question;
    const auto& b = wanted.question;
    return asked_.project != nullptr && asked_.option == wanted.option && asked_.weather == wanted.weather &&
           a.observer == b.observer && a.heading == b.heading && a.moment == b.moment && a.picture == b.picture &&
           a.sky == b.sky && a.accuracy == b.accuracy && a.seed == b.seed && a.bands == b.bands &&
           a.sky_colour == b.sky_colour && a.scene == b.scene &&
           are_alike(*asked_.project, *wanted.project, wanted.project->options[wanted.option].id,
                     bears::light | bears::blinds | bears::observers |
                         (b.scene.empty() ? bears::nothing : bears::electric) |
                         (b.picture.of == model::PictureChoice::Of::wavelengths ? bears::colours : bears::nothing));
}

void LiveEye::request() {
    if (!is_watched() || held_ || !hindrance().isEmpty()) return;
    Request wanted{document_.snapshot(), document_.option_index(), document_.weather(), question()};
    if (is_asked(wanted)) return;
    asked_ = wanted;
    settling_ = true;
    stopped_ = false;
    worker_.ask(std::move(wanted));
    // While the clock is turned a first look of each is seen, whatever comes next.
    const std::lock_guard lock(mutex_);
    if (shown_) cancel_.request();
}

void LiveEye::trace(const Request& wanted) {
    const auto& option = wanted.project->options[wanted.option];
    auto surfaces = geometry::build_surfaces(*wanted.project, option, wanted.question.without);
    const auto task = question::glare_task(*wanted.project, option, wanted.question, surfaces, wanted.weather.get());
    if (!task) return end(wanted);
    const Cancel cancel;
    {
        const std::lock_guard lock(mutex_);
        cancel_ = cancel;
        shown_ = false;
    }
    if (stopped_) return;
    const auto answer =
        question::solve_glare(*task, question::effort_of(wanted.question), cancel, [&](const auto& so_far) {
            publish(so_far, wanted, true);
            shown_ = true;
            if (worker_.waits()) cancel.request();
        });
    if (!cancel.requested()) publish(answer, wanted, false);
}

// Nothing more comes of it; asked for again it is tried again.
void LiveEye::end(const Request& wanted) {
    QMetaObject::invokeMethod(
        this,
        [this, wanted] {
            if (!is_asked(wanted)) return;
            settling_ = false;
            asked_ = {};
        },
        Qt::QueuedConnection);
}

void LiveEye::publish(const question::GlareAnswer& answer, const Request& wanted, bool working) {
    QMetaObject::invokeMethod(
        this,
        [this, answer = std::make_shared<const question::GlareAnswer>(answer), wanted, working] {
            if (!is_asked(wanted)) return;
            settling_ = working;
            kept_.keep_glare(wanted.project->options[wanted.option].id, answer);
        },
        Qt::QueuedConnection);
}

}  // namespace wp::gui
