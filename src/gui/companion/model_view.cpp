// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/companion/model_view.h"

#include <QKeyEvent>
#include <QMatrix4x4>
#include <QMouseEvent>
#include <QPainter>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>
#include <tuple>

#include "base/parallel.h"
#include "geometry/luminaire_shape.h"
#include "geometry/polygon.h"
#include "geometry/surfaces.h"
#include "gui/desk/desktop.h"
#include "gui/look/look.h"
#include "gui/picture/picture_window.h"
#include "gui/work/mishaps.h"
#include "question/view_pose.h"

namespace wp::gui {

namespace {

constexpr int kRenewAfter = 60;  // ms

}  // namespace

ModelView::ModelView(Document& document, QWidget* parent)
    : QWidget(parent), document_(document), roof_button_(new QToolButton(this)) {
    roof_button_->setText(QObject::tr("Roofs"));
    roof_button_->setObjectName(QStringLiteral("with-roof"));
    roof_button_->setCheckable(true);
    roof_button_->setToolTip(QObject::tr("The whole building from outside, or opened to look in"));
    roof_button_->move(space::small, space::small);
    connect(roof_button_, &QToolButton::toggled, this, [this](bool on) {
        with_roof_ = on;
        dirty_ = true;
        update();
    });
    setMinimumSize(220, 200);
    setMouseTracking(true);
    setFocusPolicy(Qt::StrongFocus);
    setObjectName(QStringLiteral("model-view"));
    setAccessibleName(QObject::tr("Model in three dimensions"));
    setToolTip(QObject::tr("Drag to turn, right-drag to pan, wheel to zoom, double-click to fit"));
    // A drag changes the building many times a second: the sheet comes first, the model follows at its own pace.
    renew_.setSingleShot(true);
    renew_.setInterval(kRenewAfter);
    connect(&renew_, &QTimer::timeout, this, [this] {
        dirty_ = true;
        update();
    });
    const auto renew = [this] {
        if (!renew_.isActive()) renew_.start();
    };
    connect(&document, &Document::project_changed, this, renew);
    connect(&document, &Document::selection_changed, this, renew);
    pool_.setMaxThreadCount(1);
    connect(&painter_, &ModelPainter::painted, this, [this](const QImage& picture, quint64 number) {
        no_opengl_ = picture.isNull();
        picture_ = picture;
        painted_ = number;
        QWidget::update();
    });
    connect(&document, &Document::project_replaced, this, [this] {
        framed_ = turned_ = false;
        surfaces_.reset();
    });
}

ModelView::~ModelView() { pool_.waitForDone(); }

// Many things change at once; one picture is asked for them all.
void ModelView::update() {
    ++wanted_;
    if (asking_ || !isVisible()) return;
    asking_ = true;
    QMetaObject::invokeMethod(this, &ModelView::ask_picture, Qt::QueuedConnection);
}

void ModelView::show_map(const SheetMap& map) {
    map_ = map;
    map_dirty_ = true;
    update();
}

namespace {

// A storey stands for its rooms.
std::set<model::Id> ids_of(const model::Option& option, const std::vector<Selection>& items) {
    std::set<model::Id> out;
    for (const Selection& item : items) {
        out.insert(item.id);
        if (item.kind == Selection::Kind::storey)
            for (const auto& room : option.storeys[edit::storey_of(option, item)].rooms) out.insert(room.id);
    }
    return out;
}

}  // namespace

void ModelView::hide_items(const std::vector<Selection>& items) {
    hidden_.merge(ids_of(document_.option(), items));
    dirty_ = true;
    update();
}

void ModelView::show_only(const std::vector<Selection>& items) {
    only_ = ids_of(document_.option(), items);
    dirty_ = true;
    update();
}

void ModelView::show_everything() {
    hidden_.clear();
    only_.clear();
    box_.reset();
    dirty_ = true;
    update();
}

void ModelView::box_around(const std::vector<Selection>& items) {
    box_.reset();
    Vec3 low{1e9, 1e9, 1e9}, high{-1e9, -1e9, -1e9};
    for (const auto& storey : document_.option().storeys)
        for (const auto& room : storey.rooms) {
            const bool wanted = std::any_of(items.begin(), items.end(), [&](const Selection& item) {
                return item.id == room.id || item.id == storey.id;
            });
            if (!wanted) continue;
            for (const Vec2 p : room.footprint) {
                low = {std::min(low.x, p.x - 0.6), std::min(low.y, p.y - 0.6), std::min(low.z, storey.level - 0.05)};
                high = {std::max(high.x, p.x + 0.6), std::max(high.y, p.y + 0.6),
                        std::max(high.z, storey.level + room.height - 0.05)};
            }
        }
    if (low.x < high.x) box_ = std::pair{low, high};
    update();
}

void ModelView::write_camera(model::View& view) const {
    view.turn = turn_;
    view.tilt = tilt_;
    view.distance = distance_;
    view.target = target_;
}

void ModelView::read_camera(const model::View& view) {
    turn_ = view.turn;
    tilt_ = std::clamp(view.tilt, 3.0, 89.0);
    distance_ = std::clamp(view.distance, 1.0, 400.0);
    target_ = view.target;
    framed_ = turned_ = true;
    update();
}

bool ModelView::is_shown(const geometry::Surface& surface) const {
    using geometry::Element;
    const bool outer = surface.element == Element::roof || surface.element == Element::facade;
    if (surface.element == Element::ground || surface.element == Element::ceiling) return false;
    if (outer && !with_roof_) return false;
    const model::Id room = surface.space >= 0 ? surfaces_->spaces[static_cast<size_t>(surface.space)] : model::Id();
    if (hidden_.contains(surface.source) || hidden_.contains(room)) return false;
    return only_.empty() || only_.contains(surface.source) || only_.contains(room);
}

void ModelView::ask_picture() {
    asking_ = false;
    if (!isVisible() || width() < 1 || height() < 1) return;
    if (dirty_) rebuild();
    if (map_dirty_) add_map();
    if (building_mesh_ == nullptr || map_mesh_ == nullptr) return;
    ModelScene scene;
    scene.building = building_mesh_;
    scene.map = map_mesh_;
    scene.view.perspective(35.0f, static_cast<float>(width()) / static_cast<float>(std::max(1, height())), 0.3f,
                           600.0f);
    const auto on_card = [](Vec3 v) {
        return QVector3D(static_cast<float>(v.x), static_cast<float>(v.y), static_cast<float>(v.z));
    };
    scene.view.lookAt(on_card(eye()), on_card(target_), QVector3D(0, 0, 1));
    if (box_) std::tie(scene.low, scene.high) = *box_;
    scene.to_sun = to_sun_;
    scene.middle = middle();
    scene.paper = ink().paper;
    scene.ratio = devicePixelRatioF();
    scene.pixels = (QSizeF(size()) * scene.ratio).toSize();
    scene.number = wanted_;
    painter_.ask(std::move(scene));
}

void ModelView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), ink().paper);
    if (no_opengl_) {
        painter.setPen(ink().faint);
        painter.drawText(rect().adjusted(space::large, 0, -space::large, 0), Qt::AlignCenter | Qt::TextWordWrap,
                         QObject::tr("There is no OpenGL on this machine: the model cannot be drawn. All else works."));
        return;
    }
    painter.drawImage(0, 0, picture_);
    painter.setRenderHint(QPainter::Antialiasing);
    draw_value(painter);
}

void ModelView::showEvent(QShowEvent*) { update(); }

void ModelView::add_triangle(Vec3 a, Vec3 b, Vec3 c, Vec3 n, const QColor& colour) {
    for (const Vec3 p : {a, b, c}) mesh_->faces.push_back(vertex(p, n, colour));
}

void ModelView::add_line(Vec3 a, Vec3 b, const QColor& colour) {
    for (const Vec3 p : {a, b}) mesh_->lines.push_back(vertex(p, {0, 0, 1}, colour));
}

void ModelView::set_tint(report::TintBy by) {
    tint_ = by;
    dirty_ = true;
    update();
}

void ModelView::request_surfaces() {
    if (building_) return;
    building_ = true;
    pool_.start([this, project = document_.snapshot(), index = document_.option_index()] {
        step_behind();
        std::shared_ptr<const geometry::Surfaces> built;
        guarded(QT_TRANSLATE_NOOP("QObject", "Building the model's picture"), [&] {
            built =
                std::make_shared<const geometry::Surfaces>(geometry::build_surfaces(*project, project->options[index]));
        });
        QMetaObject::invokeMethod(
            this,
            [this, project, index, built = std::move(built)] {
                building_ = false;
                built_ = project;
                dirty_ = true;
                if (index != document_.option_index()) return update();
                if (built == nullptr) return;
                surfaces_ = built;
                built_option_ = index;
                update();
            },
            Qt::QueuedConnection);
    });
}

void ModelView::rebuild() {
    dirty_ = false;
    map_dirty_ = true;
    const auto& option = document_.option();
    // Maps come often, buildings change seldom.
    if (surfaces_ == nullptr || built_option_ != document_.option_index() || built_ != document_.snapshot())
        request_surfaces();
    if (surfaces_ == nullptr) return;
    auto mesh = std::make_shared<BuildingMesh>();
    mesh_ = mesh.get();
    const geometry::Surfaces& surfaces = *surfaces_;
    const bool dark = current_paper() == Paper::dark;
    for (size_t t = 0; t < surfaces.triangles.size(); ++t) {
        const auto& surface = surfaces.surfaces[surfaces.surface_of[t]];
        using geometry::Element;
        if (!is_shown(surface)) continue;
        const auto& k = surfaces.triangles[t];
        const Vec3 a = surfaces.vertices[k[0]], b = surfaces.vertices[k[1]], c = surfaces.vertices[k[2]];
        const double grey = dark ? 0.24 + 0.4 * surface.reflectance : 0.74 + 0.26 * surface.reflectance;
        QColor colour = surface.element == Element::block
                            ? ink().ground
                            : QColor::fromRgbF(static_cast<float>(grey), static_cast<float>(grey * 0.965),
                                               static_cast<float>(grey * 0.905));
        if (surface.element == Element::tree) colour = dark ? QColor(0x56, 0x5e, 0x48) : QColor(0xc9, 0xcd, 0xb2);
        if (surface.source == document_.selection().id && surface.element != Element::floor &&
            surface.element != Element::ceiling && surface.element != Element::wall)
            colour = ink().accent.lighter(130);
        if (tint_ != report::TintBy::nothing && surface.element != Element::ground)
            colour = report::tint(
                tint_, surface.part,
                {model::find(document_.project().materials, surface.material), surface.material, surface.reason});
        add_triangle(a, b, c, normalized(cross(b - a, c - a)), colour);
    }
    for (const auto& portal : surfaces.portals) {
        const bool chosen = portal.opening == document_.selection().id;
        const QColor colour = chosen ? ink().accent : ink().glass;
        const Vec3 a = portal.corner, b = a + portal.u, c = b + portal.v, d = a + portal.v;
        for (const auto& [p, q] : {std::pair{a, b}, {b, c}, {c, d}, {d, a}}) add_line(p, q, colour);
    }
    for (const auto& storey : option.storeys)
        for (const auto& room : storey.rooms) {
            const bool chosen = room.id == document_.selection().id;
            for (int e = 0; e < static_cast<int>(room.footprint.size()); ++e) {
                const Vec2 p = model::edge_begin(room, e), q = model::edge_end(room, e);
                const Vec3 a{p.x, p.y, storey.level}, b{q.x, q.y, storey.level}, up{0, 0, room.height};
                add_line(a, b, chosen ? ink().accent : ink().ink);
                add_line(a + up, b + up, chosen ? ink().accent : ink().faint);
                add_line(a, a + up, ink().faint);
            }
        }
    for (const auto& block : option.blocks)
        for (size_t i = 0; i < block.footprint.size(); ++i) {
            const Vec2 p = block.footprint[i], q = block.footprint[(i + 1) % block.footprint.size()];
            const double top = block.base + block.height;
            add_line({p.x, p.y, top}, {q.x, q.y, top}, ink().faint);
            add_line({p.x, p.y, block.base}, {p.x, p.y, top}, ink().faint);
        }
    for (const auto& o : option.observers) {
        const Vec3 d = direction(radians(o.heading), radians(o.altitude));
        add_line(o.eye, o.eye + d * 0.9, ink().accent);
    }
    add_luminaires();
    add_sun();
    mesh_ = nullptr;
    building_mesh_ = std::move(mesh);
    if (!framed_) frame_building();
}

void ModelView::add_luminaires() {
    // Faces of the box around what shines, corner by corner around each.
    constexpr size_t kFaces[6][4] = {{0, 1, 3, 2}, {4, 5, 7, 6}, {0, 1, 5, 4},
                                     {2, 3, 7, 6}, {0, 2, 6, 4}, {1, 3, 7, 5}};
    const auto& option = document_.option();
    for (const auto& l : option.luminaires) {
        const auto* type = model::find(document_.project().luminaire_types, l.type);
        const auto box = geometry::box_of(option, l, type);
        const QColor colour = l.id == document_.selection().id ? ink().accent : QColor(0xe2, 0xb1, 0x3c);
        for (const auto& [a, b, c, d] : kFaces) {
            const Vec3 normal = normalized(cross(box[b] - box[a], box[c] - box[a]));
            add_triangle(box[a], box[b], box[c], normal, colour);
            add_triangle(box[a], box[c], box[d], normal, colour);
            add_line(box[a], box[b], ink().ink);
            add_line(box[c], box[d], ink().ink);
        }
    }
}

void ModelView::frame_building() {
    Vec3 low{1e9, 1e9, 0}, high{-1e9, -1e9, 3};
    for (const auto& storey : document_.option().storeys)
        for (const auto& room : storey.rooms)
            for (const Vec2 p : room.footprint) {
                low = {std::min(low.x, p.x), std::min(low.y, p.y), 0};
                high = {std::max(high.x, p.x), std::max(high.y, p.y), storey.level + room.height};
            }
    if (low.x > high.x) return;
    target_ = (low + high) * 0.5;
    const double span = length(high - low);
    const double aspect = std::min(1.0, static_cast<double>(width()) / std::max(1, height()));
    distance_ = span * 1.7 / std::max(0.4, aspect);
    framed_ = true;
}

Vec3 ModelView::eye() const { return target_ + direction(radians(180 + turn_), radians(tilt_)) * distance_; }

LiveEye::Stand ModelView::stand() const { return {eye(), turn_, -tilt_, QObject::tr("From the model's view")}; }

void ModelView::resizeEvent(QResizeEvent*) {
    if (!turned_) framed_ = false;
    dirty_ = true;
    update();
}

void ModelView::mousePressEvent(QMouseEvent* event) { last_ = pressed_ = event->position(); }

void ModelView::mouseReleaseEvent(QMouseEvent* event) {
    const QPointF moved = event->position() - pressed_;
    if (event->button() == Qt::LeftButton && std::hypot(moved.x(), moved.y()) < 4) pick(event->position());
}

void ModelView::mouseMoveEvent(QMouseEvent* event) {
    const QPointF d = event->position() - last_;
    last_ = pointer_ = event->position();
    if (event->buttons() == Qt::NoButton) return QWidget::update();
    turned_ = true;
    if (event->buttons() & Qt::LeftButton) {
        turn_ += d.x() * 0.4;
        tilt_ = std::clamp(tilt_ + d.y() * 0.3, 3.0, 89.0);
    } else if (event->buttons() & (Qt::RightButton | Qt::MiddleButton)) {
        const double s = distance_ / height(), a = radians(turn_);
        const Vec3 right{std::cos(a), -std::sin(a), 0}, ahead{std::sin(a), std::cos(a), 0};
        target_ = target_ - right * (d.x() * s) + ahead * (d.y() * s);
    }
    update();
}

void ModelView::leaveEvent(QEvent*) {
    pointer_ = {-1, -1};
    QWidget::update();
}

void ModelView::mouseDoubleClickEvent(QMouseEvent*) {
    frame_building();
    update();
}

void ModelView::wheelEvent(QWheelEvent* event) {
    turned_ = true;
    distance_ = std::clamp(distance_ * std::pow(1.0012, -event->angleDelta().y()), 1.0, 400.0);
    update();
}

void ModelView::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
        case Qt::Key_Left:
            turn_ -= 5;
            break;
        case Qt::Key_Right:
            turn_ += 5;
            break;
        case Qt::Key_Up:
            tilt_ = std::min(89.0, tilt_ + 4);
            break;
        case Qt::Key_Down:
            tilt_ = std::max(3.0, tilt_ - 4);
            break;
        default:
            return QWidget::keyPressEvent(event);
    }
    update();
}

Page model_companion(Desktop& desktop) {
    auto* view = new ModelView(desktop.document(), desktop.window());
    QObject::connect(&desktop, &Desktop::map_shown, view, &ModelView::show_map);
    Commands& commands = desktop.commands();
    Document& document = desktop.document();
    commands.add(CommandGroup::view, QObject::tr("Hide"), {},
                 [&document, view] { view->hide_items(document.selected()); });
    commands.add(CommandGroup::view, QObject::tr("Show only this"), {},
                 [&document, view] { view->show_only(document.selected()); });
    commands.add(CommandGroup::view, QObject::tr("Show all"), {}, [view] { view->show_everything(); });
    commands.add(CommandGroup::view, QObject::tr("Section box around the selection"), {},
                 [&document, view] { view->box_around(document.selected()); });
    commands.add(
        CommandGroup::light, QObject::tr("Picture from the model's view"), {},
        [&desktop, view] {
            auto& eye = desktop.asker().eye();
            auto choice = eye.choice();
            choice.lens = model::PictureChoice::Lens::perspective;
            choice.field = question::kModelField;
            eye.take_as(choice);
            eye.look_from(view->stand());
            auto& viewer = desktop.part<PictureWindow>();
            viewer.show();
            viewer.raise();
        },
        QObject::tr("render perspective luminance"));
    return {QObject::tr("Model"), QObject::tr("The building in three dimensions"),
            on_desk(DeskKind::build) | on_desk(DeskKind::light), view};
}

}  // namespace wp::gui
