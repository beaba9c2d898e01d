// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/inspector/inspector.h"

#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QScrollBar>
#include <algorithm>
#include <utility>

#include "geometry/roof_shape.h"
#include "geometry/walls.h"
#include "gui/entry/rows.h"
#include "gui/look/look.h"

namespace wp::gui {
using namespace model;

double share_of_light(const question::DaylightFactorAnswer& answer, const Id& opening, const Id& room) {
    double part = 0, all = 0;
    for (const auto& plane : answer.planes) {
        if (plane.plane.room != room) continue;
        for (size_t i = 0; i < plane.value.size(); ++i) {
            all += plane.value[i];
            for (size_t k = 0; k < answer.portals.size(); ++k)
                if (answer.portals[k] == opening) part += plane.by_portal.at(i, k);
        }
    }
    return all > 0 ? part / all : 0;
}

Inspector::Inspector(Document& document, const KeptAnswers& kept, QWidget* parent)
    : QScrollArea(parent), document_(document), kept_(kept) {
    setWidgetResizable(true);
    setFixedWidth(306);
    setObjectName(QStringLiteral("inspector"));
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    connect(&document, &Document::selection_changed, this, &Inspector::rebuild);
    // During a drag the figures follow a few times a second, which is as fast as they can be read.
    follow_.setSingleShot(true);
    follow_.setInterval(80);
    connect(&follow_, &QTimer::timeout, this, &Inspector::refresh);
    connect(&document, &Document::project_changed, this, [this] {
        if (!follow_.isActive()) follow_.start();
    });
    connect(&kept, &KeptAnswers::changed, this, &Inspector::refresh_figures);
    rebuild();
}

void Inspector::set_editable(bool on) {
    editable_ = on;
    rebuild();
}

bool Inspector::is_typing() const {
    if (document_.is_live()) return true;
    const auto* field = qobject_cast<QLineEdit*>(focusWidget());
    return field != nullptr && field->hasFocus() && field->isModified();
}

// While a figure is being typed the page must not be pulled away under the hand.
void Inspector::refresh() {
    if (!is_typing()) rebuild();
}

void Inspector::add_fact(QFormLayout& form, const QString& title, std::function<QString()> text, const QString& tip) {
    auto* l = label(text());
    l->setAlignment(Qt::AlignRight);
    l->setToolTip(tip);
    l->setObjectName(QStringLiteral("fact-") + title.toLower().replace(QLatin1Char(' '), QLatin1Char('-')));
    form.addRow(title, l);
    figures_.emplace_back(l, std::move(text));
}

const question::PlaneDaylight* Inspector::daylight_of(const Id& room) const {
    const auto answer = kept_.daylight(document_.option().id);
    if (!answer) return nullptr;
    for (const auto& plane : answer->planes)
        if (plane.plane.room == room) return &plane;
    return nullptr;
}

// Every round of an answer brings new figures; only when an answer came or went does the page change its shape.
void Inspector::refresh_figures() {
    const auto& option = document_.option().id;
    if ((kept_.daylight(option).answer != nullptr) != had_answer_ || kept_.glare(option).get() != had_glare_)
        return refresh();
    for (const auto& [figure, text] : figures_) figure->setText(text());
}

// A kind of thing that can be selected, and its page.
const Inspector::Page Inspector::kPages[] = {
    {Selection::Kind::none, &Inspector::show_nothing},
    {Selection::Kind::room, &Inspector::show_room},
    {Selection::Kind::wall, &Inspector::show_wall},
    {Selection::Kind::opening, &Inspector::show_opening},
    {Selection::Kind::observer, &Inspector::show_observer},
    {Selection::Kind::reading, &Inspector::show_reading},
    {Selection::Kind::block, &Inspector::show_block},
    {Selection::Kind::storey, &Inspector::show_storey},
    {Selection::Kind::partition, &Inspector::show_partition},
    {Selection::Kind::floor_void, &Inspector::show_floor_void},
    {Selection::Kind::roof, &Inspector::show_roof},
    {Selection::Kind::rooflight, &Inspector::show_rooflight},
    {Selection::Kind::dimension, &Inspector::show_dimension},
    {Selection::Kind::thing, &Inspector::show_thing},
    {Selection::Kind::plane, &Inspector::show_plane},
};

// The page stays where it was, and what was just made is brought into view.
void Inspector::keep_in_view(int scrolled) {
    page_->adjustSize();
    verticalScrollBar()->setRange(0, std::max(0, page_->height() - viewport()->height()));
    verticalScrollBar()->setValue(scrolled);
    const QString made = std::exchange(made_, {});
    if (made.isEmpty()) return;
    // Rows find their places when control is back in the loop.
    QTimer::singleShot(0, page_, [this, made] {
        if (auto* row = page_->findChild<QWidget*>(made)) ensureWidgetVisible(row, 0, space::large * 6);
    });
}

void Inspector::show_shading_rows() {
    if (auto* add = page_ != nullptr ? page_->findChild<QWidget*>(QStringLiteral("add-shading")) : nullptr)
        return ensureWidgetVisible(add, 0, space::large);
}

void Inspector::rebuild() {
    figures_.clear();
    had_answer_ = kept_.daylight(document_.option().id).answer != nullptr;
    had_glare_ = kept_.glare(document_.option().id).get();
    const bool same = shown_ == document_.selection();
    const int scrolled = verticalScrollBar()->value();
    QString focused;
    if (page_ != nullptr && page_->focusWidget() != nullptr && page_->focusWidget()->hasFocus())
        focused = page_->focusWidget()->objectName();
    auto* page = new QWidget;
    page->setObjectName(QStringLiteral("panel"));
    auto* form = new QFormLayout(page);
    form->setContentsMargins(space::medium, space::medium, space::medium, space::medium);
    form->setSpacing(space::small);
    form->setFieldGrowthPolicy(QFormLayout::AllNonFixedFieldsGrow);
    shown_ = document_.selection();
    if (document_.selected().size() > 1)
        show_many(*form);
    else
        for (const Page& known : kPages)
            if (known.kind == shown_.kind) (this->*known.show)(*form);
    if (!editable_)
        for (auto* field : page->findChildren<QWidget*>())
            if (qobject_cast<QLineEdit*>(field) != nullptr || qobject_cast<QComboBox*>(field) != nullptr ||
                qobject_cast<QCheckBox*>(field) != nullptr)
                field->setEnabled(false);
    name_fields(*form);
    for (auto* field : page->findChildren<NumberField*>()) {
        field->set_live();
        connect(field, &NumberField::live, this, [this](bool on) {
            if (on) return document_.begin_live();
            document_.end_live();
            follow_.start();
        });
    }
    if (page_ != nullptr) {
        // The sender may be a child of the old page: it goes when control is back in the loop.
        takeWidget();
        page_->deleteLater();
    }
    page_ = page;
    setWidget(page);
    if (same) keep_in_view(scrolled);
    if (!focused.isEmpty())
        if (auto* field = page->findChild<QWidget*>(focused)) field->setFocus();
}

void Inspector::show_nothing(QFormLayout& form) {
    const Option& option = document_.option();
    form.addRow(label(name_of(option.name), "heading"));
    add_name(form, option.name, [this](const std::string& text) {
        document_.edit_option(QStringLiteral("Rename option"), [&](Option& o) { o.name = text; });
    });
    double area = 0;
    size_t rooms = 0, windows = 0;
    for (const Storey& storey : option.storeys)
        for (const Room& room : storey.rooms) {
            area += geometry::floor_area(option, storey, room);
            ++rooms;
            windows +=
                static_cast<size_t>(std::count_if(room.openings.begin(), room.openings.end(),
                                                  [](const Opening& o) { return o.kind == Opening::Kind::window; }));
        }
    add_fact(form, QStringLiteral("Rooms"), [rooms] { return QString::number(rooms); });
    add_fact(form, QStringLiteral("Windows"), [windows] { return QString::number(windows); });
    add_fact(form, QStringLiteral("Floor area"), [area] { return QStringLiteral("%1 m\u00b2").arg(area, 0, 'f', 1); });
    add_number(form, QStringLiteral("Outer wall"), option.outer_wall, Unit::metre, [this](double v) {
        document_.edit_option(QStringLiteral("Outer wall thickness"),
                              [&](Option& o) { o.outer_wall = std::clamp(v, 0.05, 3.0); });
    });
    add_number(form, QStringLiteral("Inner wall"), option.inner_wall, Unit::metre, [this](double v) {
        document_.edit_option(QStringLiteral("Inner wall thickness"),
                              [&](Option& o) { o.inner_wall = std::clamp(v, 0.01, 2.0); });
    });
    add_number(form, QStringLiteral("Roof and slabs"), option.roof, Unit::metre, [this](double v) {
        document_.edit_option(QStringLiteral("Thickness of roof and slabs"),
                              [&](Option& o) { o.roof = std::clamp(v, 0.05, 3.0); });
    });
    if (!option.note.empty()) form.addRow(label(name_of(option.note), "small"));
    form.addRow(
        label(QStringLiteral("Select a room, a window or an observer to edit it and to see what it does."), "small"));
    show_light(form);
}

void Inspector::show_light(QFormLayout& form) {
    const auto answer = kept_.daylight(document_.option().id);
    if (!answer) return;
    form.addRow(label(QStringLiteral("Daylight factor, mean"), "heading"));
    for (const auto& plane : answer->planes) {
        const auto place = find_room(document_.option(), plane.plane.room);
        if (!place) continue;
        add_fact(form, name_of(place.room->name), [this, id = place.room->id] {
            const auto* p = daylight_of(id);
            return p == nullptr
                       ? QString()
                       : QStringLiteral("%1 \u00b1 %2 %")
                             .arg(report::figure(p->figures.mean), report::error_figure(p->figures.mean_half_width));
        });
    }
}

void Inspector::show_room(QFormLayout& form) {
    const auto place = find_room(document_.option(), shown_.id);
    if (!place) return;
    const Room& room = *place.room;
    const Id id = room.id;
    const auto change = [this, id](const QString& name, std::function<void(Room&)> edit) {
        document_.edit_option(name, [&](Option& o) {
            const auto p = find_room(o, id);
            edit(*p.room);
            for (Opening& opening : p.room->openings) geometry::keep_in_wall(o, *p.storey, *p.room, opening);
        });
    };
    form.addRow(label(QStringLiteral("Room"), "heading"));
    add_name(form, room.name, [change](const std::string& text) {
        change(QStringLiteral("Rename room"), [&](Room& r) { r.name = text; });
    });
    add_number(form, QStringLiteral("Height"), room.height, Unit::metre, [change](double v) {
        change(QStringLiteral("Room height"), [&](Room& r) { r.height = std::clamp(v, 0.5, 100.0); });
    });
    const Project& project = document_.project();
    const auto finish = [&](const QString& title, Part part, Id Room::*field) {
        const Id own = room.*field;
        add_finish(form, project,
                   {title, part, own, finish_of(project, document_.option(), part, {}, own),
                    finish_of(project, document_.option(), part, {})},
                   [change, title, field](const Id& m) {
                       change(QStringLiteral("%1 material").arg(title), [&](Room& r) { r.*field = m; });
                   });
    };
    finish(QStringLiteral("Floor"), Part::floor, &Room::floor);
    finish(QStringLiteral("Walls"), Part::wall, &Room::walls);
    finish(QStringLiteral("Ceiling"), Part::ceiling, &Room::ceiling);
    if (!room.own_finishes.empty())
        add_fact(
            form, QStringLiteral("Own surfaces"), [n = room.own_finishes.size()] { return QString::number(n); },
            QStringLiteral("Single surfaces with a material of their own: select a wall to change it"));
    if (geometry::roof_over(*place.storey, room) != nullptr) {
        auto* box = new QCheckBox(QStringLiteral("follows the roof"));
        box->setChecked(room.top == Room::Top::follows_roof);
        connect(box, &QCheckBox::toggled, this, [change](bool on) {
            change(QStringLiteral("Shape of ceiling"),
                   [&](Room& r) { r.top = on ? Room::Top::follows_roof : Room::Top::flat; });
        });
        form.addRow(QStringLiteral("Its shape"), box);
    }
    const auto ring = geometry::inner_face(document_.option(), *place.storey, room).ring;
    double glass = 0, walls = 0;
    for (const Opening& o : room.openings)
        if (o.kind == Opening::Kind::window) glass += o.width * o.height;
    for (size_t i = 0; i < ring.size(); ++i) walls += length(ring[(i + 1) % ring.size()] - ring[i]) * room.height;
    const double floor = geometry::floor_area(document_.option(), *place.storey, room),
                 volume = geometry::room_volume(document_.option(), *place.storey, room);
    add_fact(form, QStringLiteral("Volume"), [volume] { return QStringLiteral("%1 m\u00b3").arg(volume, 0, 'f', 1); });
    add_fact(form, QStringLiteral("Floor area"),
             [floor] { return QStringLiteral("%1 m\u00b2").arg(floor, 0, 'f', 2); });
    add_fact(form, QStringLiteral("Window to floor"),
             [share = 100 * glass / floor] { return QStringLiteral("%1 %").arg(share, 0, 'f', 1); });
    add_fact(form, QStringLiteral("Window to wall"),
             [share = 100 * glass / walls] { return QStringLiteral("%1 %").arg(share, 0, 'f', 1); });
    show_planes_of(form, id);
    const auto answer = kept_.daylight(document_.option().id);
    if (!answer) return;
    for (const auto& plane : answer->planes) {
        if (plane.plane.room != id) continue;
        form.addRow(label(QStringLiteral("Daylight factor"), "heading"));
        const auto figure = [this, id](auto text) -> std::function<QString()> {
            return [this, id, text] {
                const auto* p = daylight_of(id);
                return p == nullptr ? QString() : text(p->figures);
            };
        };
        using Figures = question::PlaneFigures;
        add_fact(form, QStringLiteral("Mean"), figure([](const Figures& f) {
                     return QStringLiteral("%1 \u00b1 %2 %")
                         .arg(report::figure(f.mean), report::error_figure(f.mean_half_width));
                 }),
                 QStringLiteral("Below 2 % a room looks dim by day and needs electric light; above 5 % it looks well "
                                "lit (CIBSE LG10; BS 8206-2:2008, withdrawn)"));
        add_fact(form, QStringLiteral("Median"),
                 figure([](const Figures& f) { return report::figure(f.median) + QStringLiteral(" %"); }));
        add_fact(form, QStringLiteral("Least"),
                 figure([](const Figures& f) { return report::figure(f.least) + QStringLiteral(" %"); }));
        add_fact(form, QStringLiteral("Uniformity"),
                 figure([](const Figures& f) { return report::figure(f.uniformity); }));
        form.addRow(
            label(QStringLiteral("2 %: dim by day below. 5 %: well lit above (BS 8206-2:2008, withdrawn)."), "small"));
    }
}

}  // namespace wp::gui
