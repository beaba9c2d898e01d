// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/contours.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <optional>

namespace wp::geometry {

Lattice lattice_of(const PlanePoints& plane, const std::vector<double>& value) {
    Lattice out{plane.columns, plane.rows, {}};
    const int w = plane.columns, h = plane.rows;
    auto& cell = out.cell;
    cell.assign(static_cast<size_t>(w) * static_cast<size_t>(h), NAN);
    for (size_t i = 0; i < value.size() && i < plane.cell_of.size(); ++i)
        cell[static_cast<size_t>(plane.cell_of[i])] = value[i];
    for (bool holes = !value.empty(); holes;) {
        holes = false;
        bool filled = false;
        const auto before = cell;
        for (int y = 0; y < h; ++y)
            for (int x = 0; x < w; ++x) {
                auto& c = cell[static_cast<size_t>(y) * static_cast<size_t>(w) + static_cast<size_t>(x)];
                if (!std::isnan(c)) continue;
                double sum = 0;
                int n = 0;
                for (const auto& [dx, dy] : {std::pair{1, 0}, {-1, 0}, {0, 1}, {0, -1}}) {
                    const int u = x + dx, v = y + dy;
                    if (u < 0 || v < 0 || u >= w || v >= h) continue;
                    const double other =
                        before[static_cast<size_t>(v) * static_cast<size_t>(w) + static_cast<size_t>(u)];
                    if (std::isnan(other)) continue;
                    sum += other;
                    ++n;
                }
                if (n > 0) {
                    c = sum / n;
                    filled = true;
                } else {
                    holes = true;
                }
            }
        if (!filled) break;
    }
    return out;
}

namespace {

// Where on a side between two corners the level lies.
Vec2 crossing(Vec2 p, double a, Vec2 q, double b, double level) { return p + (q - p) * ((level - a) / (b - a)); }

// A side of a square: the cell it starts from, and whether it runs across or up.
struct Side {
    int i, j;
    bool up;
    auto operator<=>(const Side&) const = default;
};

struct Piece {
    Side from, to;
    Vec2 a, b;
};

// The one or two pieces of line within the square whose lower left corner is the middle of cell (i, j).
void cross_square(const Lattice& lattice, int i, int j, double level, std::vector<Piece>& out) {
    const double corner[4] = {lattice.at(i, j), lattice.at(i + 1, j), lattice.at(i + 1, j + 1), lattice.at(i, j + 1)};
    const Vec2 place[4] = {{i + 0.5, j + 0.5}, {i + 1.5, j + 0.5}, {i + 1.5, j + 1.5}, {i + 0.5, j + 1.5}};
    const Side side[4] = {{i, j, false}, {i + 1, j, true}, {i, j + 1, false}, {i, j, true}};
    bool high[4];
    for (int k = 0; k < 4; ++k) {
        if (std::isnan(corner[k])) return;
        high[k] = corner[k] >= level;
    }
    std::vector<int> crossed;
    for (int k = 0; k < 4; ++k)
        if (high[k] != high[(k + 1) % 4]) crossed.push_back(k);
    const auto piece = [&](int s, int t) {
        const auto at = [&](int k) {
            return crossing(place[k], corner[k], place[(k + 1) % 4], corner[(k + 1) % 4], level);
        };
        out.push_back({side[s], side[t], at(s), at(t)});
    };
    if (crossed.size() == 2) return piece(crossed[0], crossed[1]);
    if (crossed.size() != 4) return;
    // Each line cuts off a corner that differs from the middle.
    const bool middle = (corner[0] + corner[1] + corner[2] + corner[3]) / 4 >= level;
    for (int k = 0; k < 4; ++k)
        if (high[k] != middle) piece((k + 3) % 4, k);
}

// The lattice with its outermost values carried on to the border: middles now lie on whole numbers less a half, or the
// border.
struct Grown {
    std::vector<double> x, y;
    const Lattice& lattice;
    double at(size_t i, size_t j) const {
        const auto clamp = [](size_t k, int n) { return std::clamp(static_cast<int>(k) - 1, 0, n - 1); };
        return lattice.at(clamp(i, lattice.columns), clamp(j, lattice.rows));
    }
};

std::vector<double> middles(int n) {
    std::vector<double> out{0};
    for (int i = 0; i < n; ++i) out.push_back(i + 0.5);
    out.push_back(n);
    return out;
}

}  // namespace

std::vector<Line> contour_lines(const Lattice& lattice, double level) {
    std::vector<Piece> pieces;
    for (int j = 0; j + 1 < lattice.rows; ++j)
        for (int i = 0; i + 1 < lattice.columns; ++i) cross_square(lattice, i, j, level, pieces);
    // Every side is crossed once: at most two pieces meet there.
    std::map<Side, std::vector<size_t>> at;
    for (size_t k = 0; k < pieces.size(); ++k) {
        at[pieces[k].from].push_back(k);
        at[pieces[k].to].push_back(k);
    }
    std::vector<bool> used(pieces.size(), false);
    const auto follow = [&](size_t first, Side leaving) {
        Line line{leaving == pieces[first].to ? pieces[first].a : pieces[first].b};
        for (std::optional<size_t> k = first; k;) {
            used[*k] = true;
            line.push_back(leaving == pieces[*k].to ? pieces[*k].b : pieces[*k].a);
            std::optional<size_t> next;
            for (const size_t other : at[leaving])
                if (!used[other]) next = other;
            if (next) leaving = leaving == pieces[*next].from ? pieces[*next].to : pieces[*next].from;
            k = next;
        }
        return line;
    };
    std::vector<Line> out;
    // Open lines first, from their ends; what is left is closed.
    for (const auto& [side, meeting] : at)
        if (meeting.size() == 1 && !used[meeting[0]])
            out.push_back(
                follow(meeting[0], side == pieces[meeting[0]].from ? pieces[meeting[0]].to : pieces[meeting[0]].from));
    for (size_t k = 0; k < pieces.size(); ++k)
        if (!used[k]) out.push_back(follow(k, pieces[k].to));
    return out;
}

std::vector<std::vector<Vec2>> area_beyond(const Lattice& lattice, double level, bool above) {
    std::vector<std::vector<Vec2>> out;
    if (lattice.columns < 1 || lattice.rows < 1) return out;
    const Grown grown{middles(lattice.columns), middles(lattice.rows), lattice};
    const auto beyond = [&](double v) { return above ? v > level : v < level; };
    for (size_t j = 0; j + 1 < grown.y.size(); ++j)
        for (size_t i = 0; i + 1 < grown.x.size(); ++i) {
            const Vec2 place[4] = {{grown.x[i], grown.y[j]},
                                   {grown.x[i + 1], grown.y[j]},
                                   {grown.x[i + 1], grown.y[j + 1]},
                                   {grown.x[i], grown.y[j + 1]}};
            const double corner[4] = {grown.at(i, j), grown.at(i + 1, j), grown.at(i + 1, j + 1), grown.at(i, j + 1)};
            std::vector<Vec2> polygon;
            for (int k = 0; k < 4; ++k) {
                const int next = (k + 1) % 4;
                if (beyond(corner[k])) polygon.push_back(place[k]);
                if (beyond(corner[k]) != beyond(corner[next]) && !std::isnan(corner[k] + corner[next]))
                    polygon.push_back(crossing(place[k], corner[k], place[next], corner[next], level));
            }
            if (polygon.size() >= 3) out.push_back(std::move(polygon));
        }
    return out;
}

}  // namespace wp::geometry
