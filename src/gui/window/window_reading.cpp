// SPDX-License-Identifier: GPL-3.0-or-later
// Reading light: legends, why, readings, profiles, two maps at once.
#include <QHBoxLayout>
#include <QMenu>

#include "geometry/readings.h"
#include "gui/light/legend_bar.h"
#include "gui/light/pair_view.h"
#include "gui/light/profile_view.h"
#include "gui/light/readings_panel.h"
#include "gui/light/why_panel.h"
#include "gui/look/look.h"
#include "gui/window/window.h"

namespace wp::gui {

namespace {

// How near to a wall, in pixels, a reading is meant to lie on it.
constexpr double kWallPixels = 7;

}  // namespace

void Window::build_reading() {
    legend_bar_ = new LegendBar(legends_, QStringLiteral("legend"), sheet_);
    why_ = new WhyPanel(document_, maps_, legends_);
    readings_ = new ReadingsPanel(document_, kept_, legends_);
    profile_ = new ProfileView(document_, asker_, maps_, legends_);
    pair_ = new PairView(document_, legends_);
    build_year();
    connect(&legends_, &Legends::changed, this, &Window::refresh_answers);
    connect(sheet_, &Sheet::resized, this, [this](QSize size) { legend_bar_->place_in(size); });
    connect(sheet_, &Sheet::place_read, this, [this](Vec2 at) { why_->ask_at(at); });
    connect(sheet_, &Sheet::place_read, this, &Window::refresh_asked);
    connect(sheet_, &Sheet::reading_wanted, this, &Window::place_reading);
    connect(sheet_, &Sheet::profile_drawn, this, [this](Vec2 a, Vec2 b) {
        show_companion(profile_);
        profile_->show_line(a, b);
    });
    connect(why_, &WhyPanel::pointed_at, this,
            [this](const std::set<model::Id>& windows) { sheet_->highlight(windows); });
    connect(why_, &WhyPanel::place_changed, this, &Window::refresh_asked);
    connect(readings_, &ReadingsPanel::place_wanted, this, [this] { sheet_->set_tool(Tool::reading); });
    connect(profile_, &ProfileView::line_wanted, this, [this] { sheet_->set_tool(Tool::profile); });
    connect(profile_, &ProfileView::line_shown, sheet_, &Sheet::show_profile);
    connect(&document_, &Document::selection_changed, this, [this] {
        if (desk_ == Desk::light && document_.selection().kind == Selection::Kind::reading)
            pages_->setCurrentWidget(readings_);
    });
    const auto on_light = [this](const char* name, const char* key, std::function<void()> run) {
        add_action(QString::fromLatin1(name), QKeySequence(QString::fromLatin1(key)), [this, run] {
            if (desk_ != Desk::light) show_desk(Desk::light);
            run();
        });
    };
    on_light("Place reading", "Q", [this] {
        sheet_->set_tool(Tool::reading);
        sheet_->setFocus();
    });
    on_light("Draw profile", "I", [this] {
        sheet_->set_tool(Tool::profile);
        sheet_->setFocus();
    });
    on_light("Why", "Shift+Q", [this] { pages_->setCurrentWidget(why_); });
    on_light("Keep this map beside", "Z", [this] { keep_beside(); });
    on_light("Legend and map", "Shift+L", [this] { legend_bar_->setFocus(); });
}

void Window::refresh_asked() {
    const auto on_page = [this](const QWidget* page) {
        return desk_ == Desk::light && pages_->currentWidget() == page;
    };
    asker_.watch_readings(on_page(readings_));
    sheet_->show_asked(on_page(why_) ? why_->place() : std::nullopt);
}

// The map as it is wanted: in the units and on the legend of its figure.
SheetMap Window::dressed(SheetMap map, const model::Id& option) const {
    legends_.dress(map, [&] {
        std::vector<report::Scale> scales;
        for (const auto& other : document_.project().options)
            if (other.id != option)
                if (const auto theirs = maps_.map(shown_, other.id); !theirs.layers.empty())
                    scales.push_back(theirs.scale);
        return scales;
    });
    return map;
}

void Window::refresh_reading(const SheetMap& map) {
    const bool tinted = desk_ == Desk::build && sheet_->tint() != report::TintBy::nothing;
    legend_bar_->show_map(tinted ? SheetMap() : map);
    wall_view_->show_map(map);
    profile_->show_map(map, shown_);
    why_->show_map(map, shown_);
    sheet_->show_readings(readings_->words(is_moment(shown_)));
    refresh_pair();
}

void Window::place_reading(Vec2 at) {
    const size_t storey = document_.storey_index();
    std::optional<model::Reading> reading;
    if (const auto wall = sheet_->wall_at(at, kWallPixels))
        reading = geometry::reading_on_wall(document_.option(), storey, wall->room, wall->edge, wall->along);
    if (!reading)
        reading = geometry::reading_under(document_.option(),
                                          geometry::build_surfaces(document_.project(), document_.option()), storey, at,
                                          sheet_->cut());
    if (!reading) return hint_->setText(QStringLiteral("Nothing lies there that light could be read on"));
    document_.edit_option(QStringLiteral("Place reading"), [&](model::Option& o) {
        reading->id = model::fresh_id(o, "reading");
        reading->name = "P" + reading->id.substr(reading->id.size() - 2);
        o.readings.push_back(*reading);
    });
    pages_->setCurrentWidget(readings_);
    document_.select({Selection::Kind::reading, reading->id, -1});
    hint_->setText(QStringLiteral("%1, %2 m above the storey's floor: click for further ones, Escape leaves")
                       .arg(QString::fromStdString(reading->name))
                       .arg(reading->at.z - document_.option().storeys[storey].level, 0, 'f', 2));
}

QWidget* Window::build_beside() {
    auto* box = new QWidget;
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(space::tight);
    auto* button = new QToolButton;
    set_icon(button, QStringLiteral("columns-2"));
    button->setText(QStringLiteral("Beside"));
    button->setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
    button->setObjectName(QStringLiteral("beside"));
    button->setAccessibleName(QStringLiteral("Set beside"));
    button->setToolTip(
        QStringLiteral("Two maps on one legend: keep this one and look at another moment, sky, question or edit (Z), "
                       "or take another option"));
    button->setPopupMode(QToolButton::InstantPopup);
    auto* menu = new QMenu(button);
    menu->setObjectName(QStringLiteral("beside-menu"));
    button->setMenu(menu);
    connect(menu, &QMenu::aboutToShow, this, [this, menu] {
        menu->clear();
        menu->addAction(QStringLiteral("Keep this map beside"), this, [this] { keep_beside(); })
            ->setObjectName(QStringLiteral("beside-keep"));
        for (const auto& option : document_.project().options)
            if (option.id != document_.option().id)
                menu->addAction(QStringLiteral("Option: %1").arg(QString::fromStdString(option.name)), this,
                                [this, id = option.id] { show_beside(id); })
                    ->setObjectName(QStringLiteral("beside-%1").arg(QString::fromStdString(option.id)));
    });
    row->addWidget(button);
    pair_mode_ = new QComboBox;
    pair_mode_->setObjectName(QStringLiteral("pair-mode"));
    pair_mode_->setAccessibleName(QStringLiteral("How the two are shown"));
    pair_mode_->addItems({QStringLiteral("Side by side"), QStringLiteral("Difference")});
    connect(pair_mode_, &QComboBox::activated, this, &Window::refresh_pair);
    row->addWidget(pair_mode_);
    pair_close_ = new QToolButton;
    set_icon(pair_close_, QStringLiteral("x"));
    pair_close_->setObjectName(QStringLiteral("pair-close"));
    pair_close_->setAccessibleName(QStringLiteral("One map again"));
    pair_close_->setToolTip(QStringLiteral("One map again"));
    connect(pair_close_, &QToolButton::clicked, this, &Window::close_pair);
    row->addWidget(pair_close_);
    pair_mode_->hide();
    pair_close_->hide();
    connect(&document_, &Document::project_replaced, this, &Window::close_pair);
    return box;
}

// What is shown now, with the building as it is now, whatever comes after.
void Window::keep_beside() {
    beside_option_.clear();
    asker_.keep_beside({});
    kept_side_ = PairSide{document_.snapshot(), document_.option_index(), document_.storey_index(), maps_.map(shown_),
                          QStringLiteral("Kept: %1").arg(QString::fromStdString(document_.option().name))};
    refresh_pair();
    hint_->setText(
        QStringLiteral("Kept on the left: now choose another moment, sky, question, option, or edit the model"));
}

void Window::show_beside(const model::Id& option) {
    kept_side_.reset();
    beside_option_ = option;
    asker_.keep_beside(option);
    refresh_pair();
}

void Window::close_pair() {
    kept_side_.reset();
    beside_option_.clear();
    asker_.keep_beside({});
    refresh_pair();
}

void Window::refresh_pair() {
    if (beside_option_ == document_.option().id) beside_option_.clear();
    const bool on = kept_side_.has_value() || !beside_option_.empty();
    pair_mode_->setVisible(on);
    pair_close_->setVisible(on);
    if (on && desk_ == Desk::light) {
        PairSide left, right{document_.snapshot(), document_.option_index(), document_.storey_index(),
                             maps_.map(shown_), QString::fromStdString(document_.option().name)};
        if (kept_side_) {
            left = *kept_side_;
            left.storey = right.storey;
        } else {
            const auto& options = document_.project().options;
            const auto at =
                std::find_if(options.begin(), options.end(), [&](const auto& o) { return o.id == beside_option_; });
            left = {document_.snapshot(), static_cast<size_t>(at - options.begin()), document_.storey_index(),
                    maps_.map(shown_, beside_option_), QString::fromStdString(at->name)};
        }
        // One legend for both, however each would choose its own.
        std::vector<report::Scale> scales;
        for (const SheetMap* map : {&left.map, &right.map})
            if (!map->layers.empty()) scales.push_back(map->scale);
        for (SheetMap* map : {&left.map, &right.map}) {
            if (!scales.empty()) map->scale = common_scale(scales);
            legends_.dress(*map, [&] { return scales; });
        }
        pair_->show_pair(std::move(left), std::move(right), pair_mode_->currentIndex() == 1);
    }
    // Two plans need the width that the companion has.
    side_->setVisible(!(on && desk_ == Desk::light));
    refresh_middle();
}

}  // namespace wp::gui
