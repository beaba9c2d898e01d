// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures with how they are judged, and the year's glare at seats.
#include <algorithm>
#include <cmath>

#include "climate/calendar.h"
#include "metric/glare_index.h"
#include "report/book/sections.h"
#include "report/language/dates.h"
#include "report/language/words.h"
#include "report/picture_image.h"

namespace wp::report {

namespace {

constexpr double kPictureHeight = 260;
constexpr size_t kMostSources = 8;

void tell_picture(Flow& flow, const question::GlareAnswer& answer) {
    flow.heading(2, QStringLiteral("%1, %2").arg(given_name(answer.observer.name), language::text(answer.moment)));
    PictureStyle style;
    style.scale = picture_scale(answer.picture);
    // The page outlives whoever has the answer.
    const auto held = std::make_shared<const question::GlareAnswer>(answer);
    const auto image = std::make_shared<const QImage>(picture_image(answer, style));
    flow.drawing(
        kPictureHeight + 54,
        [held, image, style](QPainter& p, const QRectF& area) {
            const QRectF frame =
                frame_within(held->picture.lens, QRectF(area.left(), area.top(), area.width(), kPictureHeight));
            draw_picture(p, *held, *image, style, frame, book_ink());
            draw_legend(p, style.scale, quantity_words(held->picture), unit_words(held->picture), book_ink(),
                        QRectF(area.center().x() - 180, area.bottom() - 46, 360, 44));
        },
        QStringLiteral("%1; %2").arg(language::words(answer.sky), blinds_words(answer.blinds)));
    std::vector<std::pair<QString, QString>> rows;
    if (answer.judged) {
        rows = {
            {QObject::tr("DGP"), QObject::tr("%1 (%2 to %3)")
                                     .arg(fixed(answer.dgp, 3), fixed(answer.dgp_low, 3), fixed(answer.dgp_high, 3))},
            {QObject::tr("Illuminance at the eye"),
             fixed(answer.vertical_lux, 0) + QStringLiteral(" lx \u00b1 ") + fixed(answer.half_width, 0)},
            {QObject::tr("Mean luminance"), fixed(answer.mean_luminance, 0) + QStringLiteral(" cd/m\u00b2")}};
        for (const auto& index : metric::glare_indices()) {
            if (std::string_view(index.id) == "dgp") continue;  // stands above, with its band
            if (const auto value = index.value(answer.view()))
                rows.emplace_back(language::words(index.name),
                                  QStringLiteral("%1: %2").arg(language::figures(figure(*value).toStdString()),
                                                               language::words(metric::class_of(index, *value).name)));
        }
        if (!answer.in_range)
            rows.emplace_back(QObject::tr("DGP's range"), QObject::tr("outside of what it was fitted for"));
    }
    flow.facts(rows);
    BookTable sources;
    sources.columns = {{QObject::tr("Source"), 4},
                       {QObject::tr("Luminance, cd/m\u00b2"), 2, true},
                       {QObject::tr("Solid angle, sr"), 2, true},
                       {QObject::tr("Position index"), 2, true}};
    for (size_t i = 0; i < std::min(answer.sources.size(), kMostSources); ++i) {
        const auto& source = answer.sources[i];
        sources.rows.push_back({i < answer.parts.size() ? source_words(answer.parts[i]) : QString(),
                                fixed(source.luminance, 0), language::number(source.solid_angle, 'g', 3),
                                fixed(source.position, 2)});
    }
    flow.table(sources);
}

// Seats of a year of glare, as their table has them.
void tell_seats(Flow& flow, const BookOption& of) {
    const auto found = of.answers.tables.find(model::Question::Kind::glare_year);
    if (found == of.answers.tables.end()) return;
    const auto& table = *found->second;
    BookTable out;
    out.columns = {{QObject::tr("Where"), 3}};
    std::vector<const question::Column*> columns;
    for (const auto& figure : figure::point_figures())
        if (figure.of == model::Question::Kind::glare_year)
            if (const auto* column = figure::column_of(table, figure)) {
                columns.push_back(column);
                out.columns.push_back({language::words(figure.name), 2, true});
            }
    for (size_t p = 0; p < table.planes.size(); ++p)
        for (size_t i = 0; i < table.planes[p].points.size(); ++i) {
            const auto at = table.planes[p].points[i];
            const auto place = model::find_room(*of.option, table.planes[p].room);
            std::vector<BookCell> row{QStringLiteral("%1, x %2 m, y %3 m")
                                          .arg(place ? given_name(place.room->name) : QString(),
                                               fixed(static_cast<double>(at.x), 1),
                                               fixed(static_cast<double>(at.y), 1))};
            for (const auto* column : columns) {
                const double value = column->value[p][i];
                row.emplace_back(std::isnan(value) ? QStringLiteral("\u2013")
                                                   : language::figures(figure(value).toStdString()));
            }
            out.rows.push_back(std::move(row));
        }
    if (out.rows.empty()) return;
    flow.heading(2, QObject::tr("Glare of the year at seats"));
    flow.table(out);
}

}  // namespace

void tell_glare(Flow& flow, const HeldFacts& facts) {
    const auto& of = facts->main();
    flow.heading(1, QObject::tr("Pictures and glare"));
    tell_gaps(flow, of);
    for (const auto* answer : of.answers.glares) tell_picture(flow, *answer);
    tell_seats(flow, of);
    if (of.answers.glares.empty() && !of.answers.tables.contains(model::Question::Kind::glare_year))
        flow.text(QObject::tr("No picture was asked."), Tone::faint);
}

}  // namespace wp::report
