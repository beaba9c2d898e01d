// SPDX-License-Identifier: GPL-3.0-or-later
// Reading the year: its pages, its charts, the strip, jobs.
#include <utility>

#include "gui/window/window.h"

namespace wp::gui {

void Window::build_year() {
    year_ = new YearPanel(document_, kept_, asker_);
    use_ = new UsePanel(document_, kept_, asker_);
    year_view_ = new YearView(document_, kept_, asker_);
    connect(year_, &YearPanel::hour_wanted, this, [this] { set_shown(Shown::year_hour); });
    connect(use_, &UsePanel::said, this, [this](const QString& text) { hint_->setText(text); });
    connect(use_, &UsePanel::pointed_at, this,
            [this](const std::set<model::Id>& windows) { sheet_->highlight(windows); });
    connect(use_, &UsePanel::area_wanted, this,
            [this](const model::Id& lighting) { sheet_->draw_area(lighting, Sheet::AreaOf::lighting); });
    connect(sheet_, &Sheet::place_read, this, &Window::ask_year_at);
    connect(strip_, &YearStrip::strip_wanted, this, [this](StripOf of) {
        YearWish wish = asker_.wish();
        wish.strip = of;
        asker_.wish_year(wish);
        strip_->show_strip_of(of);
        if (of != StripOf::outdoor && kept_.year_reading(document_.option().id) == nullptr)
            hint_->setText(QStringLiteral("The strip shows this once the year has run: press Y"));
    });
    connect(&asker_.jobs(), &JobQueue::dropped, this, [this] { before_year_.reset(); });
    connect(&asker_, &Asker::year_read, this, [this] {
        if (before_year_ && !asker_.jobs().is_running())
            if (std::exchange(before_year_, {}) == shown_ && desk_ == Desk::light)
                set_shown(figure::daylight_autonomy());
        if (middle_views_ != nullptr && middle_views_->currentWidget() == series_view_) series_view_->update();
    });
    add_action(QStringLiteral("Jobs and answers"), QKeySequence(QStringLiteral("Ctrl+J")), [this] { show_jobs(); });
    add_action(QStringLiteral("The year of a point"), QKeySequence(QStringLiteral("Shift+Y")), [this] {
        if (desk_ != Desk::light) show_desk(Desk::light);
        if (!is_year(shown_)) set_shown(figure::daylight_autonomy());
        pages_->setCurrentWidget(year_);
        show_companion(year_view_);
    });
}

// Who runs the year wants to read it: its page comes at once, its map with the answer, unless another map was chosen
// meanwhile.
void Window::run_year() {
    asker_.ask_year();
    if (desk_ != Desk::light || !asker_.jobs().is_running()) return;
    pages_->setCurrentWidget(year_);
    if (!is_year(shown_)) before_year_ = shown_;
}

// A click on the map of the year asks for that point's year.
void Window::ask_year_at(Vec2 at) {
    if (!is_year(shown_)) return;
    const auto& layers = sheet_->map().layers;
    const auto& storeys = document_.option().storeys;
    for (const auto& layer : layers) {
        if (storeys.empty() || layer.plane.storey != storeys[document_.storey_index()].id) continue;
        const int point = layer.plane.point_at(at);
        if (point < 0) continue;
        YearWish wish = asker_.wish();
        wish.plane = layer.plane.plane;
        wish.room = layer.plane.room;
        wish.point = point;
        return asker_.wish_year(wish);
    }
}

void Window::show_jobs() {
    if (jobs_panel_ == nullptr) jobs_panel_ = new JobsPanel(document_, asker_, this);
    jobs_panel_->show();
    jobs_panel_->raise();
}

}  // namespace wp::gui
