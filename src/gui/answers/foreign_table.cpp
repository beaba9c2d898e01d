// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/answers/foreign_table.h"

#include <algorithm>
#include <cmath>

#include "exchange/point_table.h"
#include "question/ask.h"

namespace wp::gui {

namespace {

// Figures that we have answers to, under the same name and on the same points, are set against them.
void compare_with_ours(const Document& document, const KeptAnswers& kept, question::PointTable& table) {
    std::vector<question::PointTable> ours;
    if (const auto live = kept.daylight(document.option().id)) ours.push_back(question::table_of(*live));
    for (const auto& [key, other] : kept.tables())
        if (key.first == document.option().id && !other.foreign) ours.push_back(other.answer->table);
    const size_t theirs = table.columns.size();
    for (size_t c = 0; c < theirs; ++c)
        for (const auto& other : ours) {
            const auto same =
                std::find_if(other.columns.begin(), other.columns.end(),
                             [&](const question::Column& column) { return column.id == table.columns[c].id; });
            if (same == other.columns.end()) continue;
            question::Column difference = table.columns[c];
            difference.id += "_minus_ours";
            difference.name += QT_TRANSLATE_NOOP("QObject", " minus ours");
            difference.unit = same->unit;
            table.columns[c].unit = same->unit;
            bool any = false;
            for (size_t p = 0; p < table.planes.size(); ++p) {
                const auto mine =
                    std::find_if(other.planes.begin(), other.planes.end(), [&](const geometry::PlanePoints& plane) {
                        return plane.fingerprint() == table.planes[p].fingerprint();
                    });
                const auto index = static_cast<size_t>(mine - other.planes.begin());
                for (size_t i = 0; i < difference.value[p].size(); ++i) {
                    difference.value[p][i] =
                        mine == other.planes.end() ? std::nan("") : difference.value[p][i] - same->value[index][i];
                    any = any || !std::isnan(difference.value[p][i]);
                }
            }
            if (any) table.columns.push_back(std::move(difference));
            break;
        }
}

}  // namespace

Result<model::Id> open_foreign_table(const Document& document, KeptAnswers& kept, const std::filesystem::path& path) {
    const auto foreign = exchange::read_table(path);
    if (!foreign) return foreign.fault();
    const auto& option = document.option();
    const auto planes = question::planes_of(option, {}, document.project().site.north);
    if (!planes) return planes.fault();
    auto answer = std::make_shared<question::TableAnswer>();
    answer->kind = "foreign";
    answer->table.planes = *planes;
    size_t met = 0;
    for (size_t c = 0; c < foreign->columns.size(); ++c) {
        answer->table.columns.push_back(exchange::laid_on(*foreign, c, *planes));
        for (const auto& plane : answer->table.columns.back().value)
            met +=
                static_cast<size_t>(std::count_if(plane.begin(), plane.end(), [](double v) { return !std::isnan(v); }));
    }
    compare_with_ours(document, kept, answer->table);
    if (met == 0)
        return Fault{
            foreign->name, QT_TRANSLATE_NOOP("QObject", "none of its points lies on a plane of this option"),
            QT_TRANSLATE_NOOP("QObject", "Check that it is of this building, in metres and in the drawing's axes")};
    answer->record.settled = true;
    const model::Id id = "file " + foreign->name;
    kept.keep_table({option.id, id}, {answer, document.snapshot(), true});
    return id;
}

}  // namespace wp::gui
