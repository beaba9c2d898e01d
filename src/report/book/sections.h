// SPDX-License-Identifier: GPL-3.0-or-later
// What stands in each section. A further one is a function, a line in compose.cpp, and a word of the project's report.
#pragma once
#include "report/book/facts.h"
#include "report/book/flow.h"

namespace wp::report {

void tell_cover(Flow& flow, const HeldFacts& facts);
void tell_summary(Flow& flow, const HeldFacts& facts);
void tell_site(Flow& flow, const HeldFacts& facts);
void tell_drawings(Flow& flow, const HeldFacts& facts);
void tell_rooms(Flow& flow, const HeldFacts& facts);
void tell_criteria(Flow& flow, const HeldFacts& facts);
void tell_glare(Flow& flow, const HeldFacts& facts);
void tell_windows(Flow& flow, const HeldFacts& facts);
void tell_blinds(Flow& flow, const HeldFacts& facts);
void tell_finishes(Flow& flow, const HeldFacts& facts);
void tell_use(Flow& flow, const HeldFacts& facts);
void tell_electric(Flow& flow, const HeldFacts& facts);
void tell_options(Flow& flow, const HeldFacts& facts);
void tell_record(Flow& flow, const HeldFacts& facts);

// What several of them say.
QString given_name(const std::string& name);         ///< what somebody called a thing
QString fixed(double value, int decimals);           ///< with the decimal sign of the screen's language
QString share_text(double share, int decimals = 0);  ///< 0 to 1 as percent
QString value_band(double value, double low, double high, const QString& unit);
/// What is not in the answers, or not of this building: said wherever figures stand.
void tell_gaps(Flow& flow, const BookOption& of);
std::string room_key(const model::Id& room);
std::string set_key(const std::string& set);

/// A figure of the points on the planes of an option, ready to be drawn.
struct BookMap {
    QString name, unit;
    std::vector<MapLayer> layers;  ///< one a plane; planes that are laid for rules alone are left out
    Scale scale;
};
std::vector<BookMap> maps_of(const BookFacts& facts, const BookOption& of);
/// A storey, or what a rectangle of it shows, with a map; none: as drawn.
void draw_storey(QPainter& painter, const QRectF& area, const BookFacts& facts, const BookOption& of, size_t storey,
                 const BookMap* map, const model::Room* room = nullptr);

}  // namespace wp::report
