// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/desk/desktop.h"

#include <algorithm>

#include "gui/legend/legend_bar.h"

namespace wp::gui {

Desktop::Desktop(QWidget& window)
    : window_(window),
      commands_(*new Commands(window)),
      sheet_(new Sheet(document_, &window)),
      strip_(new YearStrip(document_, answers_, &window)) {
    // What one may do on the sheet is no help where it is not seen.
    connect(sheet_, &Sheet::hint, this, [this](const QString& text) {
        if (sheet_->isVisible() || desk_ == nullptr) emit said(hint_ = text);
    });
    connect(&asker_, &Asker::said, this, &Desktop::said);
    connect(&answers_, &KeptAnswers::changed, this, &Desktop::renew_map);
    connect(&legends_, &Legends::changed, this, &Desktop::renew_map);
    connect(&document_, &Document::project_changed, this, &Desktop::keep_before);
    connect(&document_, &Document::project_changed, this, &Desktop::renew_map);
    connect(&document_, &Document::project_replaced, this, [this] {
        legends_.forget();
        before_ = now_ = {};
    });
    connect(sheet_, &Sheet::before_wanted, this, &Desktop::hold_before);
    connect(this, &Desktop::map_shown, sheet_, &Sheet::show_map);
    auto* legend = new LegendBar(legends_, QStringLiteral("legend"), sheet_);
    know(legend);
    connect(sheet_, &Sheet::resized, legend, &LegendBar::place_in);
    connect(this, &Desktop::map_shown, legend, [this, legend](const SheetMap& map) {
        // Where the drawing is coloured by what things are made of, its own key stands there.
        const bool tinted = is_on(DeskKind::build) && sheet_->tint() != report::TintBy::nothing;
        legend->show_map(tinted ? SheetMap() : map);
    });
    commands_.add(CommandGroup::light, QObject::tr("Legend and map"), QKeySequence(QStringLiteral("Shift+L")),
                  [this, legend] {
                      go_to_desk(DeskKind::light);
                      legend->setFocus();
                  });
}

Desktop::~Desktop() { qDeleteAll(desks_); }

void Desktop::furnish(const std::vector<MakeTool>& tools, const std::vector<MakePage>& companions,
                      const std::vector<MakePage>& pages, const std::vector<MakeDesk>& desks) {
    for (const MakeTool make : tools) sheet_->add_tool(make);
    const auto made = [this](const std::vector<MakePage>& makers, std::vector<Page>& to) {
        for (const MakePage make : makers) {
            to.push_back(make(*this));
            know(to.back().widget);
        }
    };
    made(pages, pages_);
    made(companions, companions_);
    for (const MakeDesk make : desks) {
        desks_.push_back(make(*this));
        know(desks_.back());
    }
    companion_ = companions_.front().widget;
    page_ = pages_.front().widget;
}

void Desktop::ask_questions(const std::vector<model::Question>& questions) {
    document_.edit(QObject::tr("Questions of the criteria"), [&](model::Project& project) {
        for (const auto& question : questions)
            if (model::find(project.questions, question.id) == nullptr) project.questions.push_back(question);
    });
    for (const auto& question : questions) asker_.ask_question(question.id);
}

void Desktop::show_desk(DeskKind kind) {
    const auto at = std::find_if(desks_.begin(), desks_.end(), [&](const Desk* d) { return d->kind() == kind; });
    if (desk_ != nullptr) {
        last_page_[desk_->kind()] = page_;
        desk_->leave();
    }
    desk_ = *at;
    choose_companion();
    choose_page();
    desk_->enter();
    if (const auto shown = desk_->shows()) set_shown(*shown);
    watch_year();
    emit desk_changed();
    emit companion_changed();
    emit page_changed();
    emit layout_changed();
    if (!hint_.isEmpty() && !sheet_->isVisible()) emit said(hint_ = QString());
    renew_map();
}

void Desktop::take_up(SheetTool& tool) {
    if (tool.use() == SheetUse::draw) go_to_desk(DeskKind::build);
    if (tool.use() == SheetUse::read) go_to_desk(DeskKind::light);
    sheet_->take_up(tool);
    sheet_->setFocus();
}

// A companion that the desk does not have gives way to the first that it has.
void Desktop::choose_companion() {
    for (const Page& c : companions_)
        if (c.widget == companion_ && c.stands_on(desk_->kind())) return;
    for (const Page& c : companions_)
        if (c.stands_on(desk_->kind())) {
            companion_ = c.widget;
            return;
        }
}

// Each desk keeps its page.
void Desktop::choose_page() {
    if (const auto last = last_page_.find(desk_->kind()); last != last_page_.end()) {
        page_ = last->second;
    } else if (QWidget* first = desk_->first_page()) {
        page_ = first;
    } else {
        const auto at =
            std::find_if(pages_.begin(), pages_.end(), [this](const Page& p) { return p.stands_on(desk_->kind()); });
        if (at != pages_.end()) page_ = at->widget;
    }
}

// Where the desk has it already, nothing.
void Desktop::go_to_desk_of(const Page& page) {
    for (const DeskKind kind : {DeskKind::build, DeskKind::light})
        if (!page.stands_on(desk_->kind()) && page.stands_on(kind)) show_desk(kind);
}

void Desktop::show_companion(QWidget* companion) {
    companion_ = companion;
    const auto at =
        std::find_if(companions_.begin(), companions_.end(), [&](const Page& c) { return c.widget == companion; });
    go_to_desk_of(*at);
    emit companion_changed();
}

void Desktop::show_page(QWidget* page) {
    if (page == page_) return;
    page_ = page;
    emit page_changed();
}

void Desktop::go_to_page(const Page& page) {
    go_to_desk_of(page);
    show_page(page.widget);
}

void Desktop::show(Shown shown) {
    set_shown(shown);
    renew_map();
}

void Desktop::set_shown(Shown shown) {
    shown_ = shown;
    asker_.watch_moment(needs_moment(shown));
    asker_.watch_electric(this, is_electric(shown));
    watch_year();
    emit shown_changed();
}

void Desktop::watch_year() { asker_.watch_year(is_year(shown_) || (desk_ != nullptr && desk_->judges_year())); }

SheetMap Desktop::dressed(SheetMap map, const model::Id& option) const {
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

void Desktop::renew_map() {
    if (holds_before_) return;
    now_ = dressed(maps_.map(shown_), document_.option().id);
    emit map_shown(now_);
}

// The tries of one drag are one step: what was before it counts.
void Desktop::keep_before() {
    const int step = document_.undo_stack().index();
    if (step == std::exchange(step_, step)) return;
    const bool whole = !now_.layers.empty() && std::none_of(now_.layers.begin(), now_.layers.end(),
                                                            [](const auto& layer) { return layer.stale; });
    if (whole) before_ = now_;
}

void Desktop::hold_before(bool on) {
    if (on == holds_before_) return;
    if (on && (before_.layers.empty() || before_.name != now_.name))
        return say(QObject::tr("There is no map from before an edit yet"));
    holds_before_ = on;
    if (!on) return renew_map();
    SheetMap before = before_;
    before.scale = now_.scale;
    before.name = QObject::tr("Before: %1").arg(before.name);
    emit map_shown(before);
}

QWidget* Desk::middle() { return &desktop_.sheet(); }

QWidget* Desk::side() { return desktop_.companion_host(); }

}  // namespace wp::gui
