// SPDX-License-Identifier: GPL-3.0-or-later
// What options can be laid beside each other as: a line a kind, found in any thread from what is kept of their answers.
#pragma once
#include <span>

#include "gui/answers/gathered.h"
#include "question/ask_glare_year.h"
#include "report/side/board.h"

namespace wp::gui {

/// Of one option, beside its answers.
struct SideOption {
    Held held;
    bool is_year_stale = false;
    std::vector<question::SeatYear> seats;                 ///< of its observers, for clear arcs
    std::shared_ptr<const question::GlareAnswer> picture;  ///< as taken of all options; null: not taken
};

struct SideAsked {
    std::shared_ptr<const model::Project> project;
    std::vector<SideOption> options;
    std::optional<size_t> base;  ///< of options: the others are told as differences from it
    size_t shown = 0;            ///< of options
    size_t storey = 0;
    const figure::PointFigure* figure = nullptr;
    model::Id room;
};

struct SideKind {
    const char* id;
    const char *name, *tip;
    bool by_figure, by_room, has_differences;
    report::SideBoard (*find)(const SideAsked& asked);
    /// What is missing is asked as: figures of all options, a year of glare, a picture.
    enum class Asks { figures, glare, pictures } asks = Asks::figures;
};
std::span<const SideKind> side_kinds();

// side_maps.cpp
report::SideBoard side_maps(const SideAsked& asked);
report::SideBoard side_all_figures(const SideAsked& asked);
report::SideBoard side_profiles(const SideAsked& asked);
// side_years.cpp
report::SideBoard side_hours(const SideAsked& asked);
report::SideBoard side_days(const SideAsked& asked);
report::SideBoard side_months(const SideAsked& asked);
// side_eyes.cpp
report::SideBoard side_arcs(const SideAsked& asked);
report::SideBoard side_pictures(const SideAsked& asked);

/// A board with the options' names and nothing else.
report::SideBoard side_frame(const SideAsked& asked);
/// On the planes that people look at, not on those laid for rules.
std::vector<report::MapLayer> layers_of(const Gathered& in, const figure::PointFigure& figure);
QString not_asked_words();

}  // namespace wp::gui
