// SPDX-License-Identifier: GPL-3.0-or-later
// Things, neighbours, parts of planes, aims; and the legend of what the drawing is coloured by.
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "geometry/lay.h"
#include "gui/look/look.h"
#include "gui/sheet/sheet.h"

namespace wp::gui {
using namespace model;
using Kind = Selection::Kind;

namespace {

bool is_line(Thing::Kind kind) {
    return kind == Thing::Kind::stair || kind == Thing::Kind::ramp || kind == Thing::Kind::fence;
}

// Of the usual size where it was only clicked; else over the rectangle, or along the line, that was drawn.
void size_thing(Thing& t, Vec2 a, std::optional<Vec2> b) {
    t.at = a;
    if (!b) return;
    const Vec2 d = *b - a;
    if (is_line(t.kind)) {
        t.at = (a + *b) * 0.5;
        const double angle = degrees(std::atan2(d.y, d.x));
        if (t.kind == Thing::Kind::fence) {
            t.width = length(d);
            t.turn = angle;
        } else {
            t.length = length(d);
            t.turn = angle - 90;
        }
        return;
    }
    t.at = (a + *b) * 0.5;
    t.width = std::fabs(d.x);
    t.length = std::fabs(d.y);
}

}  // namespace

void Sheet::place_things(Thing::Kind kind) {
    thing_kind_ = kind;
    set_tool(Tool::thing);
}

void Sheet::draw_area(const Id& subject, AreaOf of) {
    subject_ = subject;
    area_of_ = of;
    set_tool(Tool::area);
    setFocus();
}

void Sheet::aim_observer(const Id& observer) {
    subject_ = observer;
    set_tool(Tool::aim);
    setFocus();
}

void Sheet::set_tint(report::TintBy by) {
    tint_ = by;
    update();
}

bool Sheet::is_box() const {
    return tool_ == Tool::rectangle || tool_ == Tool::floor_void || tool_ == Tool::block || tool_ == Tool::area ||
           (tool_ == Tool::thing && !is_line(thing_kind_) && thing_kind_ != Thing::Kind::tree);
}

bool Sheet::takes_one_click() const { return tool_ == Tool::thing && is_box() && thing_kind_ != Thing::Kind::terrain; }

std::vector<Vec2> Sheet::handles() const {
    const Selection& selection = document_.selection();
    if (!editable_ || tool_ != Tool::select || document_.selected().size() != 1) return {};
    if (const Block* block =
            selection.kind == Kind::block ? model::find(document_.option().blocks, selection.id) : nullptr)
        return block->footprint;
    if (const Thing* thing =
            selection.kind == Kind::thing ? model::find(document_.option().things, selection.id) : nullptr)
        return footprint_of(within_reason(*thing));
    return {};
}

// A block's corner goes where it is drawn; a thing grows from its opposite corner, a tree from its trunk.
QString Sheet::drag_handle(Option& after, Vec2 to) const {
    if (Block* block = model::find(after.blocks, grip_.item.id)) {
        const Vec2 before = block->footprint[static_cast<size_t>(grip_.index)];
        block->footprint[static_cast<size_t>(grip_.index)] = to;
        if (geometry::crosses_itself(block->footprint) || geometry::signed_area(block->footprint) < 0.01)
            block->footprint[static_cast<size_t>(grip_.index)] = before;
        return QStringLiteral("Reshape %1").arg(QString::fromStdString(block->name));
    }
    Thing& t = *model::find(after.things, grip_.item.id);
    const double a = radians(t.turn);
    const Vec2 x{std::cos(a), std::sin(a)}, y{-x.y, x.x};
    if (t.kind == Thing::Kind::tree) {
        t.width = std::max(0.2, 2 * std::max(std::fabs(dot(to - t.at, x)), std::fabs(dot(to - t.at, y))));
    } else {
        const Vec2 fixed = footprint_of(t)[static_cast<size_t>((grip_.index + 2) % 4)], d = to - fixed;
        t.width = std::max(0.05, std::fabs(dot(d, x)));
        if (t.kind != Thing::Kind::fence) t.length = std::max(0.05, std::fabs(dot(d, y)));
        const Vec2 middle = fixed + x * (dot(d, x) / 2) + y * (dot(d, y) / 2);
        t.at = t.kind == Thing::Kind::fence ? t.at + x * dot(middle - t.at, x) : middle;
    }
    t = within_reason(t);
    return QStringLiteral("Size %1").arg(QString::fromStdString(t.name));
}

Selection Sheet::thing_at(Vec2 p, bool outdoors) const {
    const auto& things = document_.option().things;
    for (auto it = things.rbegin(); it != things.rend(); ++it) {
        if (it->storey.empty() != outdoors || (!outdoors && it->storey != storey()->id)) continue;
        const Thing t = within_reason(*it);
        const double slack = 4 / view_.scale;
        const bool hit = t.kind == Thing::Kind::tree ? length(t.at - p) < t.width / 2
                         : t.kind == Thing::Kind::fence
                             ? geometry::distance_to_segment(p, place_of(t, {-t.width / 2, 0}),
                                                             place_of(t, {t.width / 2, 0})) < slack
                             : geometry::contains(footprint_of(t), p);
        if (hit) return {Kind::thing, it->id, -1};
    }
    return {};
}

void Sheet::make_thing(Vec2 a, std::optional<Vec2> b) {
    if (storey() == nullptr) return;
    Thing thing = usual(thing_kind_);
    size_thing(thing, a, b);
    const bool indoors = std::any_of(storey()->rooms.begin(), storey()->rooms.end(),
                                     [&](const Room& r) { return geometry::contains(r.footprint, thing.at); });
    if (!is_outdoors(thing.kind) && indoors) thing.storey = storey()->id;
    if (thing.kind == Thing::Kind::stair && indoors) {
        // Up to the floor above, where there is one.
        const auto& storeys = document_.option().storeys;
        if (document_.storey_index() + 1 < storeys.size())
            thing.height = storeys[document_.storey_index() + 1].level - storey()->level;
        thing.parts = std::max(2, static_cast<int>(std::lround(thing.height / 0.175)));
    }
    Selection made;
    document_.edit_option(QStringLiteral("Place %1").arg(QString::fromLatin1(kind_name(thing.kind))),
                          [&](Option& option) {
                              // Like the last of its kind, where only its place was told.
                              if (!b)
                                  for (const Thing& other : option.things)
                                      if (other.kind == thing.kind) {
                                          const Id on = thing.storey;
                                          thing = other;
                                          thing.at = a;
                                          thing.storey = on;
                                          thing.extra.clear();
                                      }
                              thing.id = fresh_id(option, "thing");
                              std::string word = kind_name(thing.kind);
                              word[0] = static_cast<char>(std::toupper(word[0]));
                              const auto same = std::count_if(option.things.begin(), option.things.end(),
                                                              [&](const Thing& t) { return t.kind == thing.kind; });
                              thing.name = word + " " + std::to_string(same + 1);
                              thing = within_reason(thing);
                              option.things.push_back(thing);
                              made = {Kind::thing, thing.id, -1};
                          });
    document_.select(made);
}

void Sheet::make_block(Vec2 a, Vec2 b) {
    const Vec2 low{std::min(a.x, b.x), std::min(a.y, b.y)}, high{std::max(a.x, b.x), std::max(a.y, b.y)};
    if (high.x - low.x < 0.1 || high.y - low.y < 0.1) return;
    Selection made;
    document_.edit_option(QStringLiteral("Draw block"), [&](Option& option) {
        Block block;
        block.id = fresh_id(option, "block");
        block.name = "Neighbour " + block.id.substr(6);
        block.footprint = {low, {high.x, low.y}, high, {low.x, high.y}};
        block.base = document_.project().site.ground_level;
        if (!option.blocks.empty()) {
            block.height = option.blocks.back().height;
            block.material = option.blocks.back().material;
        }
        option.blocks.push_back(block);
        made = {Kind::block, block.id, -1};
    });
    set_tool(Tool::select);
    document_.select(made);
}

void Sheet::make_area(Vec2 a, Vec2 b) {
    const Vec2 low{std::min(a.x, b.x), std::min(a.y, b.y)}, high{std::max(a.x, b.x), std::max(a.y, b.y)};
    if (high.x - low.x < 0.05 || high.y - low.y < 0.05) return;
    const std::vector<Vec2> box = {low, {high.x, low.y}, high, {low.x, high.y}};
    if (area_of_ == AreaOf::lighting)
        document_.edit_option(QStringLiteral("Lit part"), [&](Option& option) {
            if (auto* light = model::find(option.lighting, subject_)) light->area = box;
        });
    else
        document_.edit_option(
            area_of_ == AreaOf::left_out ? QStringLiteral("Leave a part out") : QStringLiteral("Part of the room"),
            [&](Option& option) {
                ReferencePlane* plane = model::find(option.planes, subject_);
                if (plane == nullptr) return;
                if (area_of_ == AreaOf::left_out)
                    plane->left_out.push_back(box);
                else
                    plane->area = box;
            });
    set_tool(Tool::select);
}

void Sheet::make_aim(Vec2 at) {
    const Selection under = pick(view_.to_screen(at));
    document_.edit_option(QStringLiteral("Aim observer"), [&](Option& option) {
        Observer* eye = model::find(option.observers, subject_);
        if (eye == nullptr || storey() == nullptr) return;
        // At the middle of a thing or opening, else level.
        Vec3 to{at.x, at.y, eye->eye.z};
        if (const Thing* t = model::find(option.things, under.id))
            to.z =
                (t->storey.empty() ? document_.project().site.ground_level : storey()->level) + t->base + t->height / 2;
        if (const auto o = find_opening(option, under.id)) {
            const Vec2 a = edge_begin(*o.room, o.opening->edge), d = normalized(edge_end(*o.room, o.opening->edge) - a),
                       middle = a + d * (o.opening->along + o.opening->width / 2);
            to = {middle.x, middle.y, o.storey->level + o.opening->sill + o.opening->height / 2};
        }
        const auto count = static_cast<int>(1 + eye->others.size());
        geometry::aim(*eye, to);
        if (count > 1) geometry::look_around(*eye, count);
    });
    set_tool(Tool::select);
    document_.select({Kind::observer, subject_, -1});
}

void Sheet::draw_tint_legend(QPainter& painter) const {
    const auto entries = report::tint_legend(tint_, document_.project(), document_.option());
    if (entries.empty()) return;
    QFont font = painter.font();
    font.setPixelSize(type::small);
    font.setWeight(QFont::Normal);
    painter.setFont(font);
    // Along the foot of the sheet, in columns, between scale bar and north point.
    constexpr int rows = 4;
    const int columns = static_cast<int>((entries.size() + rows - 1) / rows);
    const double left = 150, room = width() - left - 60, column = std::min(170.0, room / columns);
    const QRectF plate(left, height() - 18.0 * rows - 20, column * columns, 18.0 * rows + 10);
    QColor paper = ink().paper;
    paper.setAlpha(235);
    painter.setPen(Qt::NoPen);
    painter.setBrush(paper);
    painter.drawRect(plate);
    for (size_t i = 0; i < entries.size(); ++i) {
        const QRectF row(plate.left() + 8 + column * static_cast<double>(i / rows),
                         plate.top() + 5 + 18.0 * static_cast<double>(i % rows), column - 10, 18);
        painter.setPen(QPen(ink().ink, 0.8));
        painter.setBrush(entries[i].colour);
        painter.drawRect(QRectF(row.left(), row.top() + 3, 12, 12));
        painter.drawText(
            row.adjusted(20, 0, 0, 0), Qt::AlignVCenter | Qt::AlignLeft,
            painter.fontMetrics().elidedText(entries[i].text, Qt::ElideRight, static_cast<int>(row.width()) - 22));
    }
}

}  // namespace wp::gui
