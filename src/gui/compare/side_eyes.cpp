// SPDX-License-Identifier: GPL-3.0-or-later
// Clear arcs of the year, and what is seen from one place, of several options.
#include <algorithm>

#include "gui/compare/side_kinds.h"
#include "report/language/dates.h"
#include "report/language/words.h"
#include "report/side/other_cells.h"
#include "report/side/plan_cell.h"

namespace wp::gui {

report::SideBoard side_arcs(const SideAsked& asked) {
    auto out = side_frame(asked);
    const auto& medium = question::kGlareProtection[1];
    out.foot = QObject::tr(
                   "Arcs run where DGP %1 is exceeded in at most %2 % of the room's use, all months; the tick "
                   "points to the worst")
                   .arg(language::number(medium.dgp, 'f', 2), language::number(100 * question::kGlareShare, 'f', 0));
    for (size_t i = 0; i < asked.options.size(); ++i) {
        out.cells[i].note.clear();
        const auto& option = asked.project->options[asked.options[i].held.option];
        if (asked.options[i].seats.empty() || option.storeys.empty()) {
            out.cells[i].missing = option.observers.empty() ? QObject::tr("no observers") : not_asked_words();
            continue;
        }
        auto cell = std::make_shared<report::PlanCell>();
        cell->project = asked.project;
        cell->option = asked.options[i].held.option;
        cell->storey = std::min(asked.storey, option.storeys.size() - 1);
        const auto& rooms = option.storeys[cell->storey].rooms;
        for (const auto& seat : asked.options[i].seats) {
            if (model::find(rooms, seat.glare.place.room) == nullptr) continue;
            const auto arc = question::clear_arc(seat.ring(question::kGlareShare, medium.dgp), medium.dgp);
            const Vec3 eye = seat.glare.place.eye;
            cell->arcs.push_back({{eye.x, eye.y},
                                  QString::fromStdString(seat.glare.place.name),
                                  arc.worst ? language::number(*arc.worst, 'f', 2) : QString(),
                                  arc});
        }
        out.cells[i].cell = std::move(cell);
    }
    return out;
}

report::SideBoard side_pictures(const SideAsked& asked) {
    auto out = side_frame(asked);
    std::optional<report::Scale> scale;
    for (const auto& option : asked.options) {
        if (option.picture == nullptr) continue;
        const auto own = report::picture_scale(option.picture->picture);
        if (!scale) scale = own;
        scale->bottom = std::min(scale->bottom, own.bottom), scale->top = std::max(scale->top, own.top);
    }
    out.scale = scale;
    for (size_t i = 0; i < asked.options.size(); ++i) {
        out.cells[i].note.clear();
        const auto& picture = asked.options[i].picture;
        if (picture == nullptr) continue;
        auto cell = std::make_shared<report::PictureCell>();
        cell->answer = picture;
        cell->style.scale = *scale;
        cell->image = report::picture_image(*picture, cell->style);
        out.cells[i].cell = std::move(cell);
        if (picture->judged)
            out.cells[i].note =
                QObject::tr("DGP %1 \u00b1 %2")
                    .arg(language::number(picture->dgp, 'f', 2),
                         language::number(std::max(picture->dgp_high - picture->dgp, picture->dgp - picture->dgp_low),
                                          'f', 2));
        out.words = report::quantity_words(picture->picture);
        out.unit = report::unit_words(picture->picture);
        out.foot = QStringLiteral("%1, %2").arg(QString::fromStdString(picture->observer.name),
                                                language::text(picture->moment));
    }
    return out;
}

std::span<const SideKind> side_kinds() {
    static const SideKind kinds[] = {
        {"maps", QT_TRANSLATE_NOOP("QObject", "Maps"),
         QT_TRANSLATE_NOOP("QObject", "A figure on the planes of each option, on one scale"), true, false, true,
         side_maps},
        {"hours", QT_TRANSLATE_NOOP("QObject", "Day by hour"),
         QT_TRANSLATE_NOOP("QObject", "The year of a room: days across, hours up"), false, true, true, side_hours},
        {"days", QT_TRANSLATE_NOOP("QObject", "Typical days"),
         QT_TRANSLATE_NOOP("QObject", "One day for each month, of a room"), false, true, true, side_days},
        {"months", QT_TRANSLATE_NOOP("QObject", "Months by hour, all rooms"),
         QT_TRANSLATE_NOOP("QObject", "Of every room months across and hours up"), false, false, true, side_months},
        {"profiles", QT_TRANSLATE_NOOP("QObject", "Depth profile"),
         QT_TRANSLATE_NOOP("QObject", "A figure across a room, a curve for each option"), true, true, false,
         side_profiles},
        {"arcs", QT_TRANSLATE_NOOP("QObject", "Clear arcs"),
         QT_TRANSLATE_NOOP("QObject", "Which ways one can face over the year, from each observer"), false, false, false,
         side_arcs, SideKind::Asks::glare},
        {"eyes", QT_TRANSLATE_NOOP("QObject", "What is seen"),
         QT_TRANSLATE_NOOP("QObject", "The picture of the eye on Light, taken in every option"), false, false, false,
         side_pictures, SideKind::Asks::pictures},
        {"figures", QT_TRANSLATE_NOOP("QObject", "All figures of one option"),
         QT_TRANSLATE_NOOP("QObject", "Small charts of everything that is known of the option that is shown"), false,
         true, false, side_all_figures},
    };
    return kinds;
}

}  // namespace wp::gui
