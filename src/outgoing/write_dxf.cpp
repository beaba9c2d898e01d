// SPDX-License-Identifier: GPL-3.0-or-later
// Plans of all storeys and sections as DXF (release 12, which everything reads): a layer a storey and a kind of line,
// metres. Sections lie to the right of the plans, one above the other, at their true heights within.
#include <fmt/core.h>

#include "geometry/elevation.h"
#include "geometry/walls.h"
#include "outgoing/writer.h"

namespace wp::outgoing {
using namespace model;

namespace {

class Dxf {
 public:
    void begin() {
        // Metres.
        text_ =
            "0\nSECTION\n2\nHEADER\n9\n$ACADVER\n1\nAC1009\n9\n$INSUNITS\n70\n6\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n";
    }
    void ring(const std::string& layer, const std::vector<Vec2>& points) {
        text_ += fmt::format("0\nPOLYLINE\n8\n{}\n66\n1\n70\n1\n10\n0\n20\n0\n30\n0\n", layer);
        for (const Vec2 p : points)
            text_ += fmt::format("0\nVERTEX\n8\n{}\n10\n{:.5f}\n20\n{:.5f}\n30\n0\n", layer, p.x, p.y);
        text_ += fmt::format("0\nSEQEND\n8\n{}\n", layer);
    }
    void line(const std::string& layer, Vec2 a, Vec2 b) {
        text_ += fmt::format("0\nLINE\n8\n{}\n10\n{:.5f}\n20\n{:.5f}\n30\n0\n11\n{:.5f}\n21\n{:.5f}\n31\n0\n", layer,
                             a.x, a.y, b.x, b.y);
    }
    void text(const std::string& layer, Vec2 at, const std::string& words) {
        std::string plain;
        for (const char c : words)
            if (static_cast<unsigned char>(c) >= ' ') plain += c;
        text_ +=
            fmt::format("0\nTEXT\n8\n{}\n10\n{:.5f}\n20\n{:.5f}\n30\n0\n40\n0.2\n1\n{}\n", layer, at.x, at.y, plain);
    }
    std::string end() { return text_ + "0\nENDSEC\n0\nEOF\n"; }

 private:
    std::string text_;
};

// Letters, digits and the line below are all that release 12 has for layers.
std::string layer_name(const std::string& storey, const char* what) {
    std::string out;
    for (const char c : storey)
        out += std::isalnum(static_cast<unsigned char>(c)) ? static_cast<char>(std::toupper(c)) : '_';
    return out + "_" + what;
}

struct Extent {
    Vec2 low{1e18, 1e18}, high{-1e18, -1e18};
    bool is_empty() const { return low.x > high.x; }
};

Extent extent_of(const Option& option) {
    Extent out;
    for (size_t s = 0; s < option.storeys.size(); ++s)
        for (const auto& ring : geometry::storey_walls(option, s).outline)
            for (const Vec2 p : ring) {
                out.low = {std::min(out.low.x, p.x), std::min(out.low.y, p.y)};
                out.high = {std::max(out.high.x, p.x), std::max(out.high.y, p.y)};
            }
    return out;
}

constexpr double kBeside = 5, kPast = 1;  // metres between drawings, and of a cut's line past the building

void add_section(Dxf& out, const geometry::Section& section, const std::string& letter, Vec2 at) {
    const std::string layer = "SECTION_" + letter;
    const auto moved = [&](const std::vector<Vec2>& ring) {
        std::vector<Vec2> to;
        for (const Vec2 p : ring) to.push_back(p - section.low + at);
        return to;
    };
    for (const auto& region : section.solid) {
        out.ring(layer + "_CUT", moved(region.outer));
        for (const auto& hole : region.holes) out.ring(layer + "_CUT", moved(hole));
    }
    for (const auto& [from, to] : section.glass) {
        const auto line = moved({from, to});
        out.line(layer + "_GLASS", line[0], line[1]);
    }
    for (const auto& beyond : section.beyond) out.ring(layer + "_BEYOND", moved(beyond.outline));
    out.text(layer + "_NAMES", at - Vec2{0, 0.5}, "Section " + letter);
}

void add_sections(Dxf& out, const Writing& writing) {
    const Extent e = extent_of(writing.option);
    if (e.is_empty()) return;
    auto lines = writing.sections;
    const Vec2 middle = (e.low + e.high) * 0.5;
    if (lines.empty())
        lines = {{{e.low.x - kPast, middle.y}, {e.high.x + kPast, middle.y}},
                 {{middle.x, e.low.y - kPast}, {middle.x, e.high.y + kPast}}};
    Vec2 at{e.high.x + kBeside, e.low.y};
    char letter = 'A';
    for (const auto& [a, b] : lines) {
        const auto section = geometry::cut_section(writing.project, writing.option, a, b);
        if (section.solid.empty()) continue;
        const std::string name(1, letter);
        add_section(out, section, name, at);
        out.line("SECTIONS", a, b);
        for (const Vec2 end : {a, b}) out.text("SECTIONS", end, name);
        at.y += section.high.y - section.low.y + kBeside;
        if (letter < 'Z') ++letter;
    }
}

Vec2 middle_of(const std::vector<Vec2>& ring) {
    Vec2 sum{};
    for (const Vec2 p : ring) sum = sum + p * (1 / static_cast<double>(ring.size()));
    return sum;
}

}  // namespace

std::string write_dxf(const Writing& writing) {
    Dxf out;
    out.begin();
    const auto forms = room_forms(writing.option);
    for (size_t s = 0; s < writing.option.storeys.size(); ++s) {
        const Storey& storey = writing.option.storeys[s];
        for (const auto& ring : geometry::storey_walls(writing.option, s).outline)
            out.ring(layer_name(storey.id, "OUTSIDE"), ring);
        for (const RoomForm& form : forms) {
            if (form.storey != &storey) continue;
            out.ring(layer_name(storey.id, "ROOMS"), form.inner);
            out.text(layer_name(storey.id, "NAMES"), middle_of(form.inner), form.room->name);
            for (const auto& hole : form.holes) {
                const char* what = hole.opening->kind == Opening::Kind::window ? "WINDOWS" : "DOORS";
                const Vec2 a{hole.corners[0].x, hole.corners[0].y}, b{hole.corners[1].x, hole.corners[1].y};
                const Vec2 half{hole.through.x / 2, hole.through.y / 2};
                out.line(layer_name(storey.id, what), a, b);
                for (const Vec2 p : {a, b}) out.line(layer_name(storey.id, what), p - half, p + half);
            }
        }
        for (const Partition& p : storey.partitions) out.line(layer_name(storey.id, "PARTITIONS"), p.from, p.to);
    }
    for (const Block& block : writing.option.blocks) out.ring("NEIGHBOURS", block.footprint);
    add_sections(out, writing);
    return out.end();
}

}  // namespace wp::outgoing
