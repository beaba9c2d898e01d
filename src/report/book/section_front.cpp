// SPDX-License-Identifier: GPL-3.0-or-later
// Cover and summary.
#include <QImage>
#include <QImageReader>
#include <algorithm>

#include "model/building.h"
#include "report/book/sections.h"
#include "report/language/words.h"
#include "report/paper.h"
#include "report/verdict_mark.h"

namespace wp::report {

namespace {

constexpr int kMostPixelsAcross = 12000;

// Null where there is none, or where it cannot be read.
QImage image_of(const BookFacts& facts, const std::string& file) {
    if (file.empty()) return {};
    QImageReader reader(QString::fromStdString((facts.folder / file).string()));
    reader.setAutoTransform(true);
    const QSize size = reader.size();
    if (!size.isValid() || std::max(size.width(), size.height()) > kMostPixelsAcross) return {};
    return reader.read();
}

void draw_within(QPainter& painter, const QImage& image, const QRectF& box, Qt::Alignment align) {
    const QSizeF size = QSizeF(image.size()).scaled(box.size(), Qt::KeepAspectRatio);
    const double left = align & Qt::AlignRight ? box.right() - size.width() : box.left();
    painter.drawImage(QRectF(QPointF(left, box.top()), size), image);
}

// None where a set does not judge the room.
std::optional<rule::State> gravest(const exchange::Certified::Set& set, const model::Id& room) {
    std::optional<rule::State> out;
    for (const auto& c : set.conclusions)
        if (!c.optional && c.room == room) out = out ? rule::graver(*out, c.state) : c.state;
    return out;
}

BookTable sets_table(const BookOption& of) {
    BookTable out;
    out.columns = {{QObject::tr("Criteria set"), 4}, {QObject::tr("Outcome"), 5}};
    for (const auto& set : of.certified.sets) {
        QStringList words;
        for (const auto& word : set.outcome.words) words << language::words(word);
        BookCell name(language::words(set.set->name)), outcome(words.join(QStringLiteral("; ")));
        name.leads_to = set_key(set.set->id);
        outcome.state = set.outcome.state;
        out.rows.push_back({name, outcome});
        if (!set.doubt.empty()) {
            BookCell doubt(QObject::tr("Numbers not checked against the edition: %1").arg(language::words(set.doubt)));
            doubt.tone = Tone::faint;
            out.rows.push_back({BookCell(), doubt});
        }
    }
    return out;
}

BookTable rooms_table(const BookOption& of) {
    BookTable out;
    out.columns = {{QObject::tr("Room"), 3}, {QObject::tr("For"), 2}, {QObject::tr("Floor, m\u00b2"), 1.2, true}};
    for (const auto& set : of.certified.sets) out.columns.push_back({language::words(set.set->name), 2.2});
    for (const auto& facts : rule::rooms_of(*of.option)) {
        const auto place = model::find_room(*of.option, facts.room);
        BookCell name(given_name(facts.name));
        name.leads_to = room_key(facts.room);
        std::vector<BookCell> row{name,
                                  place && place.room->use != model::RoomUse::unsaid
                                      ? language::words(model::room_use(place.room->use).name)
                                      : QObject::tr("not said"),
                                  fixed(facts.floor_area, 1)};
        for (const auto& set : of.certified.sets) {
            const auto state = gravest(set, facts.room);
            BookCell cell(state ? state_name(*state) : QObject::tr("not judged"));
            cell.state = state;
            if (!state) cell.tone = Tone::faint;
            row.push_back(std::move(cell));
        }
        out.rows.push_back(std::move(row));
    }
    return out;
}

}  // namespace

void tell_cover(Flow& flow, const HeldFacts& facts) {
    const auto& report = facts->project->report;
    const QString title = given_name(report.title.empty() ? facts->project->name : report.title);
    const QRectF box = flow.box();
    const QImage logo = image_of(*facts, report.logo), picture = image_of(*facts, report.picture);
    if (!logo.isNull())
        flow.paint([=](QPainter& p) {
            draw_within(p, logo, QRectF(box.right() - 200, box.top() - 20, 200, 70), Qt::AlignRight);
        });
    flow.space(90);
    flow.text(QObject::tr("Daylight report"), Tone::faint, 16);
    flow.text(title, Tone::strong, 34);
    flow.text(given_name(facts->main().option->name), Tone::body, 18);
    flow.space(10);
    const double top = flow.y();
    const QRectF place(box.left(), top, box.width(), box.bottom() - top - 190);
    if (!picture.isNull())
        flow.paint([=](QPainter& p) { draw_within(p, picture, place, Qt::AlignLeft); });
    else if (!facts->main().option->storeys.empty())
        flow.paint([facts, place](QPainter& p) {
            p.setFont(page_font(11));
            const size_t storey = facts->main().option->storeys.size() > 1 ? 1 : 0;
            draw_storey(p, place, *facts, facts->main(), std::min(storey, facts->main().option->storeys.size() - 1),
                        nullptr);
        });
    flow.space(place.height() + 20);
    flow.facts({{QObject::tr("Site"), given_name(facts->project->site.name)},
                {QObject::tr("Client"), given_name(report.client)},
                {QObject::tr("Author"), given_name(report.author)},
                {QObject::tr("Date"), report.day.empty() ? facts->day : given_name(report.day)},
                {QObject::tr("Computed with"), QStringLiteral("Warm Pane %1").arg(QString::fromUtf8(kVersion))}});
}

void tell_summary(Flow& flow, const HeldFacts& facts) {
    const auto& of = facts->main();
    flow.heading(1, QObject::tr("Summary"));
    tell_gaps(flow, of);
    if (of.certified.sets.empty()) flow.text(QObject::tr("The project answers to no criteria set."), Tone::faint);
    flow.table(sets_table(of));
    flow.heading(2, QObject::tr("Rooms and verdicts"));
    flow.text(QObject::tr("Of each set the gravest verdict on the room; a room's name leads to its page."), Tone::faint,
              11);
    flow.table(rooms_table(of));
    if (of.certified.assumptions.empty()) return;
    flow.heading(2, QObject::tr("What all of it stands on"));
    for (const auto& line : of.certified.assumptions) flow.text(QStringLiteral("\u2013 ") + language::words(line));
}

}  // namespace wp::report
