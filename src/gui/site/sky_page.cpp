// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/site/sky_page.h"

#include <fmt/core.h>

#include <QHBoxLayout>
#include <QMouseEvent>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "base/csv.h"
#include "edit/edit.h"
#include "gui/entry/number_field.h"
#include "gui/look/look.h"
#include "gui/look/tag.h"
#include "gui/site/sky_box.h"
#include "question/ask.h"
#include "report/language/dates.h"
#include "report/language/words.h"

namespace wp::gui {

SkyDome::SkyDome(QWidget* parent) : QWidget(parent) {
    setMinimumSize(260, 260);
    setMouseTracking(true);
    setObjectName(QStringLiteral("sky-dome"));
    setAccessibleName(QObject::tr("Sky from the chosen point"));
}

void SkyDome::show_scene(std::shared_ptr<const report::SkyScene> scene) {
    scene_ = std::move(scene);
    picture_ = {};
    update();
}

void SkyDome::set_projection(report::SkyProjection projection) {
    projection_ = projection;
    picture_ = {};
    update();
}

void SkyDome::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    if (!scene_) return;
    // Painting the sky pixel by pixel is kept until something changes; the pointer's reading lies over it.
    const double ratio = devicePixelRatioF();
    if (picture_.size() != size() * ratio) {
        picture_ = QImage(size() * ratio, QImage::Format_ARGB32_Premultiplied);
        picture_.setDevicePixelRatio(ratio);
        picture_.fill(ink().paper);
        QPainter inner(&picture_);
        inner.setFont(font());
        report::draw_sky(inner, *scene_, projection_, ink(), rect());
    }
    painter.drawImage(QPointF(0, 0), picture_);
    const auto direction = report::SkyFrame(projection_, rect()).direction(pointer_);
    if (pointer_.x() < 0 || !direction || !reading) return;
    draw_tag(painter, pointer_, rect(), {reading(*direction)});
}

void SkyDome::mouseMoveEvent(QMouseEvent* event) {
    pointer_ = event->position();
    update();
}

void SkyDome::leaveEvent(QEvent*) {
    pointer_ = {-1, -1};
    update();
}

SkyPage::SkyPage(Document& document, QWidget* parent)
    : QWidget(parent),
      document_(document),
      worker_(QT_TRANSLATE_NOOP("QObject", "The sky from a point"),
              [this](const Request& request) { search(request); }) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(space::medium, space::tight, space::medium, space::small);
    column->setSpacing(space::tight);
    column->addWidget(build_bar());
    dome_ = new SkyDome;
    dome_->reading = [this](const report::SkyFrame::Direction& d) {
        const int surface = found_ ? found_->dome.at(d.azimuth, d.altitude) : question::Dome::kSky;
        const double azimuth = std::fmod(degrees(d.azimuth) + 360, 360);
        QString text =
            QObject::tr("azimuth %L1\u00b0, %L2\u00b0 up").arg(azimuth, 0, 'f', 0).arg(degrees(d.altitude), 0, 'f', 0);
        if (surface != question::Dome::kSky) return text + QStringLiteral(": ") + stands(surface);
        if (const auto outdoors = document_.outdoors())
            text += QObject::tr(": %1 cd/m\u00b2")
                        .arg(report::figure(outdoors->sky_and_sun.sky.luminance(
                            direction(d.azimuth - radians(document_.project().site.north), d.altitude))));
        return text;
    };
    column->addWidget(dome_, 1);
    facts_ = new QLabel;
    facts_->setWordWrap(true);
    facts_->setObjectName(QStringLiteral("sky-facts"));
    facts_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    column->addWidget(facts_);
    connect(&document, &Document::project_changed, this, [this] {
        fill_places();
        look_up();
    });
    connect(&document, &Document::moment_changed, this, &SkyPage::look_up);
    for (const auto signal : {&Document::moment_changed, &Document::sky_changed, &Document::weather_changed})
        connect(&document, signal, this, &SkyPage::refresh);
    connect(&document, &Document::project_replaced, this, [this] { placed_ = false; });
    fill_places();
}

QWidget* SkyPage::build_bar() {
    auto* bar = new QWidget;
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(space::small);
    auto* projection = new QComboBox;
    projection->addItems({QObject::tr("Equidistant"), QObject::tr("Stereographic"), QObject::tr("Unrolled")});
    projection->setObjectName(QStringLiteral("projection"));
    projection->setAccessibleName(QObject::tr("Projection"));
    connect(projection, &QComboBox::currentIndexChanged, this,
            [this](int i) { dome_->set_projection(static_cast<report::SkyProjection>(i)); });
    row->addWidget(projection);
    auto* from = new QLabel(QObject::tr("from"));
    from->setProperty("role", QStringLiteral("small"));
    row->addWidget(from);
    places_ = new QComboBox;
    places_->setObjectName(QStringLiteral("sky-from"));
    places_->setAccessibleName(QObject::tr("From where"));
    places_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    places_->setMinimumContentsLength(12);
    connect(places_, &QComboBox::activated, this, &SkyPage::place_chosen);
    row->addWidget(places_, 1);
    static constexpr const char* names[] = {"x", "y", "z"};
    for (size_t k = 0; k < 3; ++k) {
        auto* name = new QLabel(language::words(names[k]));
        name->setProperty("role", QStringLiteral("small"));
        row->addWidget(name);
        fields_[k] = new NumberField(0, Unit::metre, [this, k](double v) {
            Vec3 p = point_;
            (k == 0 ? p.x : k == 1 ? p.y : p.z) = std::clamp(v, -10000.0, 10000.0);
            look_from(p);
        });
        fields_[k]->setObjectName(QStringLiteral("sky-%1").arg(QString::fromLatin1(names[k])));
        fields_[k]->setMaximumWidth(76);
        row->addWidget(fields_[k]);
    }
    row->addWidget(out_buttons(bar, [this] { return takeaway(); }));
    return bar;
}

// Places that are there to be looked from: the ground before the building, observers, the middles of rooms' desks.
void SkyPage::fill_places() {
    known_places_.clear();
    const auto& option = document_.option();
    const auto& storeys = option.storeys;
    if (!storeys.empty() && !storeys[0].rooms.empty()) {
        Vec2 low{1e9, 1e9}, high{-1e9, -1e9};
        for (const auto& room : storeys[0].rooms)
            for (const Vec2 p : room.footprint) {
                low = {std::min(low.x, p.x), std::min(low.y, p.y)};
                high = {std::max(high.x, p.x), std::max(high.y, p.y)};
            }
        known_places_.push_back({QObject::tr("Before the building"),
                                 {(low.x + high.x) / 2, low.y - 2, document_.project().site.ground_level + 1.2}});
    }
    for (const auto& observer : option.observers)
        known_places_.push_back({QString::fromStdString(observer.name), observer.eye});
    for (const auto& plane : option.planes)
        if (const auto points = geometry::plane_points(option, plane, document_.project().site.north);
            points && !points->points.empty() && points->lies()) {
            const auto names = question::plane_names(option, {*points});
            known_places_.push_back({QString::fromStdString(names[0]), points->points[points->points.size() / 2]});
        }
    places_->clear();
    for (const auto& [name, at] : known_places_) places_->addItem(name);
    places_->addItem(QObject::tr("A free point (click on the plan)"));
    if (!placed_ && !known_places_.empty()) {
        placed_ = true;
        point_ = known_places_.front().second;
    }
    for (size_t k = 0; k < 3; ++k) fields_[k]->show_value(k == 0 ? point_.x : k == 1 ? point_.y : point_.z);
    int at = places_->count() - 1;
    for (size_t i = 0; i < known_places_.size(); ++i)
        if (length(known_places_[i].second - point_) < 1e-6) at = static_cast<int>(i);
    places_->setCurrentIndex(at);
}

void SkyPage::place_chosen(int index) {
    if (index >= 0 && static_cast<size_t>(index) < known_places_.size())
        look_from(known_places_[static_cast<size_t>(index)].second);
}

void SkyPage::look_from(Vec3 point) {
    point_ = point;
    placed_ = true;
    fill_places();
    look_up();
    emit point_changed();
}

void SkyPage::showEvent(QShowEvent*) { look_up(); }

// Only a page that is seen lets anything be traced.
void SkyPage::look_up() {
    if (!isVisible()) return;
    worker_.ask({document_.snapshot(), document_.option_index(), point_, document_.moment()});
}

void SkyPage::search(const Request& request) {
    const auto& site = request.project->site;
    if (ready_ != request.project || ready_option_ != request.option) {
        surfaces_ = std::make_shared<const geometry::Surfaces>(
            geometry::build_surfaces(*request.project, request.project->options[request.option]));
        ready_ = request.project;
        ready_option_ = request.option;
        scenes_.clear();
        for (const auto season : {model::Season::in_leaf, model::Season::bare})
            scenes_.push_back(std::make_unique<light::Scene>(*surfaces_, light::Blinds::open, season));
    }
    const auto scene_in = [&](int month) -> const light::Scene& {
        return *scenes_[model::season_of(site.leaf_from, site.leaf_to, month) == model::Season::bare ? 1 : 0];
    };
    const auto place = question::place_of(site);
    const double north = radians(site.north);
    auto found = std::make_shared<Found>();
    found->surfaces = surfaces_;
    found->project = request.project;
    found->option = request.option;
    found->dome = question::sky_dome(scene_in(request.moment.month), request.from, north, 720);
    for (const int day : report::path_days())
        found->paths.push_back(
            {day, question::sun_cut_off(scene_in(climate::moment_of(day, 0).month), request.from, place, north, day)});
    const int today = request.moment.day_of_year();
    found->today = {today, question::sun_cut_off(scene_in(request.moment.month), request.from, place, north, today, 2)};
    QMetaObject::invokeMethod(
        this,
        [this, found] {
            found_ = found;
            refresh();
        },
        Qt::QueuedConnection);
}

QString SkyPage::stands(int surface) const {
    if (!found_ || surface < 0 || static_cast<size_t>(surface) >= found_->surfaces->surfaces.size() ||
        found_->option >= found_->project->options.size())
        return {};
    return language::words(question::surface_words(found_->surfaces->surfaces[static_cast<size_t>(surface)],
                                                   found_->project->options[found_->option]));
}

namespace {
QString clock(double hour) {
    const int minutes = static_cast<int>(std::lround(hour * 60));
    return QStringLiteral("%1:%2").arg(minutes / 60).arg(minutes % 60, 2, 10, QLatin1Char('0'));
}
}  // namespace

QString SkyPage::today() const {
    if (!found_) return {};
    double sun = 0, last_to = 0;
    QStringList cut;
    QString last;
    for (const auto& stretch : found_->today.stretches) {
        if (stretch.surface == question::Dome::kSky) {
            sun += stretch.to - stretch.from;
            continue;
        }
        // What one thing takes is told together, though sun may come through its gaps.
        const QString what = stands(stretch.surface);
        if (what == last && stretch.from - last_to < 0.5)
            cut.last() = cut.last().left(cut.last().lastIndexOf(QChar(0x2013)) + 1) + clock(stretch.to);
        else
            cut << QStringLiteral("%1 %2\u2013%3").arg(what, clock(stretch.from), clock(stretch.to));
        last = what;
        last_to = stretch.to;
    }
    const QString day = report::path_name(found_->today.day);
    if (found_->today.stretches.empty()) return QObject::tr("%1: the sun does not rise").arg(day);
    if (cut.size() > 6) cut = cut.mid(0, 6) << QStringLiteral("\u2026");
    return QObject::tr("%1: %2 of sun from here").arg(day, clock(sun)) +
           (cut.isEmpty() ? QObject::tr(", nothing in its way")
                          : QObject::tr("; cut off by ") + cut.join(QStringLiteral(", ")));
}

void SkyPage::refresh() {
    if (!isVisible()) return;
    auto scene = std::make_shared<report::SkyScene>();
    const auto& site = document_.project().site;
    scene->place = question::place_of(site);
    scene->north = radians(site.north);
    const auto outdoors = document_.outdoors();
    if (outdoors) scene->outdoors = *outdoors;
    if (found_) {
        scene->dome = found_->dome;
        scene->surfaces = found_->surfaces.get();
        scene->paths = found_->paths;
        scene->paths.push_back(found_->today);
    } else {
        for (const int day : report::path_days()) scene->paths.push_back({day, {}});
    }
    for (const auto& path : scene->paths) scene->path_names.push_back(report::path_name(path.day));
    dome_->show_scene(scene);
    if (outdoors) {
        const double carried = question::carried_lux(outdoors->sky_and_sun.sky),
                     off = outdoors->diffuse_lux > 0 ? 100 * (carried / outdoors->diffuse_lux - 1) : 0;
        facts_text_ =
            QObject::tr(
                "<b>%1</b>: %2. Diffuse %L3 lx (the sky drawn carries %L4 lx, %5 %), direct normal %L6 lx, global %L7 "
                "lx.<br>%8")
                .arg(language::text(outdoors->moment), language::words(outdoors->words))
                .arg(outdoors->diffuse_lux, 0, 'f', 0)
                .arg(carried, 0, 'f', 0)
                .arg((off < 0 ? QStringLiteral("\u2212") : QStringLiteral("+")) +
                     language::number(std::fabs(off), 'f', 3))
                .arg(outdoors->direct_lux(), 0, 'f', 0)
                .arg(outdoors->global_lux(), 0, 'f', 0)
                .arg(today().toHtmlEscaped());
    } else {
        facts_text_ = language::line(outdoors.fault()).toHtmlEscaped();
    }
    facts_->setText(facts_text_);
}

Takeaway SkyPage::takeaway() const {
    Takeaway out;
    out.title = QObject::tr("Sky");
    out.size = dome_->projection() == report::SkyProjection::unrolled ? QSize(1200, 400) : QSize(800, 800);
    const auto scene = dome_->scene() != nullptr ? std::make_shared<const report::SkyScene>(*dome_->scene()) : nullptr;
    out.paint = [scene, size = out.size, projection = dome_->projection()](QPainter& painter) {
        const report::Ink paper;
        painter.fillRect(QRect(QPoint(0, 0), size), paper.paper);
        painter.setFont(report::page_font(11));
        if (scene) report::draw_sky(painter, *scene, projection, paper, QRectF(QPointF(0, 0), QSizeF(size)));
    };
    out.csv = [this] {
        std::string text = "month,day,from_hour,to_hour,stands\n";
        if (!found_) return text;
        for (const auto& path : found_->paths)
            for (const auto& s : path.stretches) {
                const auto m = climate::moment_of(path.day, 0);
                text += fmt::format(
                    "{},{},{:.2f},{:.2f},{}\n", m.month, m.day, s.from, s.to,
                    s.surface == question::Dome::kSky ? std::string() : csv_field(stands(s.surface).toStdString()));
            }
        return text;
    };
    return out;
}

}  // namespace wp::gui
