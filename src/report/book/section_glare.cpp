// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures with how they are judged, and the year's glare at seats.
#include <algorithm>
#include <cmath>

#include "climate/calendar.h"
#include "metric/glare_index.h"
#include "report/book/sections.h"
#include "report/contact_sheet.h"
#include "report/language/dates.h"
#include "report/language/words.h"
#include "report/picture_image.h"

namespace wp::report {

namespace {

constexpr double kPictureHeight = 260, kLeastShot = 150;
constexpr size_t kMostSources = 8, kMostShots = 200;

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

// Seats over a year, as their table has them.
void tell_seats(Flow& flow, const BookOption& of, model::Question::Kind kind, const QString& title) {
    const auto found = of.answers.tables.find(kind);
    if (found == of.answers.tables.end()) return;
    const auto& table = *found->second;
    BookTable out;
    out.columns = {{QObject::tr("Where"), 3}};
    std::vector<const question::Column*> columns;
    for (const auto& figure : figure::point_figures())
        if (figure.of == kind)
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
    flow.heading(2, title);
    flow.table(out);
}

// So many in a row that captions can be read; rows of the question are parted evenly where that can be.
size_t fitting_in_row(size_t in_row, double width) {
    const auto most = static_cast<size_t>(width / kLeastShot);
    for (size_t n = std::min(in_row, most); n > most / 2; --n)
        if (in_row % n == 0) return n;
    return std::min(in_row, most);
}

// Many pictures: small ones on one scale, row by row.
void tell_shots(Flow& flow, const std::shared_ptr<const BookShots>& shots) {
    if (shots->pictures.empty()) return;
    flow.heading(2, given_name(shots->name));
    if (shots->stale) return flow.text(QObject::tr("The model has changed since: left out."), Tone::faint);
    const size_t told = std::min(shots->pictures.size(), kMostShots);
    const auto held = std::make_shared<ContactSheet>();
    held->pictures = std::span(shots->pictures).first(told);
    held->in_row = fitting_in_row(std::max<size_t>(shots->in_row, 1), flow.width());
    held->names_option = shots->of_several_options;
    held->style.scale = contact_scale(held->pictures);
    const auto layout = lay_out(*held, flow.width());
    for (size_t first = 0, end = 0; first < told; first = end) {
        const double top = layout.cells[first].top();
        double high = 0;
        for (; end < told && layout.cells[end].top() == top; ++end) high = std::max(high, layout.cells[end].height());
        std::vector<QImage> images;
        for (size_t i = first; i < end; ++i) images.push_back(picture_image(held->pictures[i].small, held->style));
        flow.drawing(high, [held, shots, layout, images, first, top](QPainter& p, const QRectF& area) {
            for (size_t i = 0; i < images.size(); ++i)
                draw_contact(p, *held, first + i, images[i],
                             layout.cells[first + i].translated(area.left(), area.top() - top), book_ink());
        });
    }
    flow.drawing(44, [held, shots](QPainter& p, const QRectF& area) {
        const auto& one = held->pictures.front().small.picture;
        draw_legend(p, held->style.scale, quantity_words(one), unit_words(one), book_ink(),
                    QRectF(area.center().x() - 180, area.top(), 360, 44));
    });
    if (told < shots->pictures.size())
        flow.text(
            QObject::tr("%n more pictures are left out.", nullptr, static_cast<int>(shots->pictures.size() - told)),
            Tone::faint);
}

}  // namespace

void tell_glare(Flow& flow, const HeldFacts& facts) {
    const auto& of = facts->main();
    flow.heading(1, QObject::tr("Pictures and glare"));
    tell_gaps(flow, of);
    for (const auto* answer : of.answers.glares) tell_picture(flow, *answer);
    for (const auto& shots : facts->shots) tell_shots(flow, shots);
    tell_seats(flow, of, model::Question::Kind::glare_year, QObject::tr("Glare of the year at seats"));
    tell_seats(flow, of, model::Question::Kind::body_clock, QObject::tr("Melanopic light of the year at seats"));
    if (of.answers.glares.empty() && facts->shots.empty() &&
        !of.answers.tables.contains(model::Question::Kind::glare_year) &&
        !of.answers.tables.contains(model::Question::Kind::body_clock))
        flow.text(QObject::tr("No picture was asked."), Tone::faint);
}

}  // namespace wp::report
