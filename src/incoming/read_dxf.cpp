// SPDX-License-Identifier: GPL-3.0-or-later
// Drawings in DXF, by dxflib: lines, polylines, arcs and circles of the drawing itself and of the blocks it places.
#include <dl_creationadapter.h>
#include <dl_dxf.h>
#include <fmt/core.h>

#include <algorithm>
#include <cmath>
#include <map>
#include <sstream>

#include "incoming/reader.h"

namespace wp::incoming {

namespace {

constexpr int kRound = 32;               // corners of a circle
constexpr size_t kMostPoints = 4000000;  // of all lines
constexpr int kDeepest = 8;              // blocks within blocks

// $INSUNITS of the header, metres.
double unit_of(int number) {
    static const std::map<int, double> units = {{1, 0.0254}, {2, 0.3048}, {4, 0.001},   {5, 0.01},
                                                {6, 1},      {7, 1000},   {10, 0.9144}, {14, 0.1}};
    const auto at = units.find(number);
    return at != units.end() ? at->second : 0;
}

struct Insert {
    std::string block, layer;
    Vec2 at;
    double sx = 1, sy = 1, turn = 0;
};

struct Content {
    std::vector<Line> lines;
    std::vector<Insert> inserts;
};

class DrawingListener : public DL_CreationAdapter {
 public:
    std::map<std::string, Content> blocks;
    Content drawing;
    int unit = 0;
    size_t points = 0;

    void setVariableInt(const std::string& key, int value, int) override {
        if (key == "$INSUNITS") unit = value;
    }
    void addBlock(const DL_BlockData& data) override { block_ = data.name; }
    void endBlock() override { block_.clear(); }
    void addLine(const DL_LineData& d) override { add({{d.x1, d.y1}, {d.x2, d.y2}}, false); }
    void addArc(const DL_ArcData& d) override { arc({d.cx, d.cy}, d.radius, d.angle1, d.angle2, false); }
    void addCircle(const DL_CircleData& d) override { arc({d.cx, d.cy}, d.radius, 0, 360, true); }
    void addPolyline(const DL_PolylineData& d) override {
        polyline_.clear();
        closed_ = (d.flags & 1) != 0;
        bulge_ = 0;
        open_ = true;
    }
    void addVertex(const DL_VertexData& d) override {
        if (!open_) return;
        const Vec2 to{d.x, d.y};
        if (!polyline_.empty() && std::fabs(bulge_) > 1e-9) bend(polyline_.back(), to, bulge_);
        polyline_.push_back(to);
        bulge_ = std::isfinite(d.bulge) ? d.bulge : 0;
    }
    void endEntity() override { end_polyline(); }
    void endSequence() override { end_polyline(); }
    void addInsert(const DL_InsertData& d) override {
        content().inserts.push_back({d.name, attributes.getLayer(), {d.ipx, d.ipy}, d.sx, d.sy, d.angle});
    }

 private:
    Content& content() { return block_.empty() || block_ == "*Model_Space" ? drawing : blocks[block_]; }
    void add(std::vector<Vec2> line, bool closed) {
        if (points > kMostPoints) return;
        points += line.size();
        for (const Vec2 p : line)
            if (!std::isfinite(p.x) || !std::isfinite(p.y)) return;
        content().lines.push_back({attributes.getLayer(), std::move(line), closed});
    }
    void arc(Vec2 centre, double r, double from, double to, bool closed) {
        if (!(r > 0) || !std::isfinite(from) || !std::isfinite(to)) return;
        double span = std::fmod(to - from, 360);
        if (span <= 0) span += 360;
        std::vector<Vec2> line;
        const int n = std::max(2, static_cast<int>(std::ceil(span / 360 * kRound)));
        for (int i = 0; i <= n; ++i) {
            const double a = radians(from + span * i / n);
            line.push_back(centre + Vec2{std::cos(a), std::sin(a)} * r);
        }
        add(std::move(line), closed);
    }
    // The tangent of a quarter of the arc's angle.
    void bend(Vec2 from, Vec2 to, double bulge) {
        const double angle = 4 * std::atan(bulge), chord = length(to - from);
        if (chord < 1e-12) return;
        const double r = chord / (2 * std::sin(angle / 2));
        const Vec2 along = (to - from) * (1 / chord), left{-along.y, along.x};
        const Vec2 centre = (from + to) * 0.5 + left * (r * std::cos(angle / 2));
        const double begin = std::atan2(from.y - centre.y, from.x - centre.x);
        const int n = std::clamp(static_cast<int>(std::fabs(angle) / (2 * kPi) * kRound), 1, kRound);
        for (int i = 1; i < n; ++i) {
            const double a = begin + angle * i / n;
            polyline_.push_back(centre + Vec2{std::cos(a), std::sin(a)} * std::fabs(r));
        }
    }
    void end_polyline() {
        if (!open_) return;
        open_ = false;
        if (closed_ && polyline_.size() > 2 && std::fabs(bulge_) > 1e-9)
            bend(polyline_.back(), polyline_.front(), bulge_);
        if (polyline_.size() > 1) add(polyline_, closed_);
    }

    std::string block_;
    std::vector<Vec2> polyline_;
    bool closed_ = false, open_ = false;
    double bulge_ = 0;
};

class Drawing {
 public:
    Drawing(const DrawingListener& read, Building& out) : read_(read), out_(out) {}
    void place(const Content& content, Vec2 at, double sx, double sy, double turn, const std::string& layer,
               int depth) {
        if (depth > kDeepest) return;
        const double c = std::cos(turn), s = std::sin(turn);
        for (const Line& line : content.lines) {
            Line placed = line;
            // Layer 0 of a block is the layer that it is placed on.
            if (!layer.empty() && line.layer == "0") placed.layer = layer;
            for (Vec2& p : placed.points) p = at + Vec2{c * p.x * sx - s * p.y * sy, s * p.x * sx + c * p.y * sy};
            points_ += placed.points.size();
            if (points_ > kMostPoints) return;
            out_.lines.push_back(std::move(placed));
        }
        for (const Insert& insert : content.inserts) {
            const auto block = read_.blocks.find(insert.block);
            if (block == read_.blocks.end()) {
                out_.account.left_out(insert.block, "it is placed but not there");
                continue;
            }
            const Vec2 to =
                at + Vec2{c * insert.at.x * sx - s * insert.at.y * sy, s * insert.at.x * sx + c * insert.at.y * sy};
            place(block->second, to, sx * insert.sx, sy * insert.sy, turn + radians(insert.turn), insert.layer,
                  depth + 1);
        }
    }
    bool is_too_much() const { return points_ > kMostPoints; }

 private:
    const DrawingListener& read_;
    Building& out_;
    size_t points_ = 0;
};

}  // namespace

Result<Building> read_dxf(const Reading& reading) {
    const std::string name = reading.path.filename().string();
    if (reading.bytes.starts_with("AutoCAD Binary DXF")) return Fault{name, "it is a binary DXF", "Write it as text"};
    DrawingListener listener;
    DL_Dxf dxf;
    std::stringstream stream(reading.bytes);
    if (!dxf.in(stream, &listener)) return Fault{name, "it is no DXF", "Write it again"};
    if (reading.cancel.requested()) return cancelled_fault(reading.path);
    Building out;
    out.name = reading.path.stem().string();
    out.metres_per_unit = reading.wishes.metres_per_unit > 0 ? reading.wishes.metres_per_unit : unit_of(listener.unit);
    out.unit_is_told = unit_of(listener.unit) > 0;
    Drawing drawing(listener, out);
    drawing.place(listener.drawing, {}, 1, 1, 0, {}, 0);
    if (drawing.is_too_much() || listener.points > kMostPoints)
        return Fault{name, "it has more than 4 million corners", "Leave layers out of it"};
    if (out.metres_per_unit <= 0) {
        // Plans are tens of metres wide.
        double low = 1e18, high = -1e18;
        for (const Line& line : out.lines)
            for (const Vec2 p : line.points) low = std::min(low, p.x), high = std::max(high, p.x);
        out.metres_per_unit = high - low > 1000 ? 0.001 : 1;
        out.account.changed(name, high - low > 1000 ? "it tells no unit: millimetres were taken, by its size"
                                                    : "it tells no unit: metres were taken, by its size");
    }
    for (Line& line : out.lines)
        for (Vec2& p : line.points) p = p * out.metres_per_unit;
    return out;
}

}  // namespace wp::incoming
