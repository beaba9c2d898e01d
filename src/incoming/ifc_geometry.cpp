// SPDX-License-Identifier: GPL-3.0-or-later
#include "incoming/ifc_geometry.h"

#include <algorithm>
#include <cmath>

#include "geometry/polygon.h"
#include "incoming/clip.h"

namespace wp::incoming {

namespace {

constexpr int kDeepestItem = 24;  // items within items, placements upon placements
constexpr size_t kMostCorners = 60000000;
constexpr size_t kMostItems = 200000;  // of one body
constexpr int kCircle = 24;            // corners of a circle

Vec3 unit(Vec3 v, Vec3 otherwise) {
    const double l = length(v);
    return l > 1e-12 && std::isfinite(l) ? v * (1 / l) : otherwise;
}

Vec3 scaled(Vec3 v, double by) { return v * by; }

}  // namespace

Frame Frame::within(const Frame& inner) const {
    const auto turned = [&](Vec3 v) { return x * v.x + y * v.y + z * v.z; };
    return {turned(inner.x), turned(inner.y), turned(inner.z), at(inner.origin)};
}

Vec3 IfcGeometry::point(uint64_t id) const {
    const auto item = file_.get(id);
    Vec3 out{};
    if (item.type != "IFCCARTESIANPOINT") return out;
    const auto& c = item.at(0).items;
    double* const v[] = {&out.x, &out.y, &out.z};
    for (size_t i = 0; i < std::min<size_t>(3, c.size()); ++i) *v[i] = c[i].as_number().value_or(0) * metres_;
    return out;
}

Vec3 IfcGeometry::direction(uint64_t id, Vec3 otherwise) const {
    const auto item = file_.get(id);
    if (item.type != "IFCDIRECTION") return otherwise;
    Vec3 out{};
    const auto& c = item.at(0).items;
    double* const v[] = {&out.x, &out.y, &out.z};
    for (size_t i = 0; i < std::min<size_t>(3, c.size()); ++i) *v[i] = c[i].as_number().value_or(0);
    return unit(out, otherwise);
}

Frame IfcGeometry::axes3(uint64_t id) const {
    Frame out;
    const auto item = file_.get(id);
    if (item.type == "IFCAXIS2PLACEMENT2D") return axes2(id);
    if (item.type != "IFCAXIS2PLACEMENT3D") return out;
    out.origin = point(item.at(0).as_reference());
    out.z = direction(item.at(1).as_reference(), {0, 0, 1});
    const Vec3 x = direction(item.at(2).as_reference(), {1, 0, 0});
    out.x = unit(x - out.z * dot(x, out.z),
                 std::fabs(out.z.x) < 0.9 ? unit(Vec3{1, 0, 0} - out.z * out.z.x, {1, 0, 0}) : Vec3{0, 1, 0});
    out.y = cross(out.z, out.x);
    return out;
}

Frame IfcGeometry::axes2(uint64_t id) const {
    Frame out;
    const auto item = file_.get(id);
    if (item.type != "IFCAXIS2PLACEMENT2D") return out;
    out.origin = point(item.at(0).as_reference());
    out.x = direction(item.at(1).as_reference(), {1, 0, 0});
    out.y = {-out.x.y, out.x.x, 0};
    return out;
}

Frame IfcGeometry::placement(uint64_t id) {
    // From the innermost outwards; loops end at the depth.
    std::vector<uint64_t> chain;
    for (uint64_t at = id; at != 0 && chain.size() < kDeepestItem;) {
        const auto item = file_.get(at);
        if (item.type != "IFCLOCALPLACEMENT") break;
        chain.push_back(at);
        at = item.at(0).as_reference();
    }
    Frame out;
    for (auto at = chain.rbegin(); at != chain.rend(); ++at)
        out = out.within(axes3(file_.get(*at).at(1).as_reference()));
    return out;
}

std::vector<Ring> IfcGeometry::body(uint64_t shape, const Frame& placed) {
    std::vector<Ring> out;
    items_ = 0;
    const auto product = file_.get(shape);
    // Bodies before boxes, axes and footprints.
    std::vector<std::pair<int, uint64_t>> all;
    for (const uint64_t id : product.at(2).as_references()) {
        const auto of = file_.get(id);
        const std::string called = of.at(1).as_text();
        if (called == "Axis" || called == "FootPrint" || called == "Box" || called == "Annotation" ||
            called == "Clearance" || called == "CoG")
            continue;
        all.emplace_back(called == "Body" ? 0 : called == "Facetation" ? 1 : 2, id);
    }
    std::ranges::stable_sort(all, {}, &std::pair<int, uint64_t>::first);
    for (const auto& [rank, id] : all) {
        representation(id, placed, out, 0);
        if (!out.empty()) break;
    }
    return out;
}

void IfcGeometry::representation(uint64_t id, const Frame& frame, std::vector<Ring>& out, int depth) {
    for (const uint64_t item : file_.get(id).at(3).as_references()) items(item, frame, out, depth);
}

void IfcGeometry::items(uint64_t id, const Frame& frame, std::vector<Ring>& out, int depth) {
    if (depth > kDeepestItem || corners_ > kMostCorners || ++items_ > kMostItems) return;
    const auto item = file_.get(id);
    if (item.type == "IFCEXTRUDEDAREASOLID") return extrusion(item, frame, out);
    if (item.type == "IFCFACETEDBREP" || item.type == "IFCMANIFOLDSOLIDBREP" || item.type == "IFCFACETEDBREPWITHVOIDS")
        return faces({item.at(0).as_reference()}, frame, out);
    if (item.type == "IFCSHELLBASEDSURFACEMODEL" || item.type == "IFCFACEBASEDSURFACEMODEL")
        return faces(item.at(0).as_references(), frame, out);
    if (item.type == "IFCTRIANGULATEDFACESET") return triangulated(item, frame, out);
    if (item.type == "IFCPOLYGONALFACESET") return polygonal(item, frame, out);
    if (item.type == "IFCMAPPEDITEM") return mapped(item, frame, out, depth);
    if (item.type == "IFCBOOLEANCLIPPINGRESULT" || item.type == "IFCBOOLEANRESULT") {
        return cut(item, frame, out, depth);
    }
    unread(item.type.empty() ? "an item that is not there" : item.type);
}

// Planes cut; what other solids take away or add is told.
void IfcGeometry::cut(const StepInstance& item, const Frame& frame, std::vector<Ring>& out, int depth) {
    std::vector<Ring> hull;
    items(item.at(1).as_reference(), frame, hull, depth + 1);
    const auto half = file_.get(item.at(2).as_reference());
    const auto surface = file_.get(half.at(0).as_reference());
    const bool plain = half.type == "IFCHALFSPACESOLID" ||
                       (half.type == "IFCPOLYGONALBOUNDEDHALFSPACE" && reaches_around(half, frame, hull));
    if (!item.at(0).is_word("DIFFERENCE") || !plain || surface.type != "IFCPLANE") {
        unread("what is cut off solids");
    } else {
        const Frame plane = frame.within(axes3(surface.at(0).as_reference()));
        // Where the flag agrees, the normal points away from what is taken.
        hull = clipped(hull, plane.origin, half.at(1).is_word("F") ? scaled(plane.z, -1) : plane.z);
    }
    corners_ += hull.size() * hull.size() / 100;
    out.insert(out.end(), hull.begin(), hull.end());
}

// A bounded half space that the whole hull lies in cuts like an unbounded one.
bool IfcGeometry::reaches_around(const StepInstance& half, const Frame& frame, const std::vector<Ring>& hull) {
    const Frame placed = frame.within(axes3(half.at(2).as_reference()));
    const auto boundary = curve(half.at(3).as_reference());
    if (boundary.size() < 3) return false;
    for (const Ring& ring : hull)
        for (const Vec3& p : ring) {
            const Vec2 q{dot(p - placed.origin, placed.x), dot(p - placed.origin, placed.y)};
            double away = 1e18;
            for (size_t i = 0; i < boundary.size(); ++i)
                away =
                    std::min(away, geometry::distance_to_segment(q, boundary[i], boundary[(i + 1) % boundary.size()]));
            if (away > 1e-4 && !geometry::contains(boundary, q)) return false;
        }
    return true;
}

void IfcGeometry::extrusion(const StepInstance& item, const Frame& frame, std::vector<Ring>& out) {
    const auto outline = profile(item.at(0).as_reference());
    if (outline.size() < 3) return;
    const Frame placed = frame.within(axes3(item.at(1).as_reference()));
    const Vec3 along = direction(item.at(2).as_reference(), {0, 0, 1});
    const double depth = item.at(3).as_number().value_or(0) * metres_;
    if (!(std::fabs(depth) > 1e-6)) return;
    Ring low, high;
    for (const Vec2 p : outline) {
        low.push_back(placed.at({p.x, p.y, 0}));
        high.push_back(placed.at(Vec3{p.x, p.y, 0} + along * depth));
    }
    for (size_t i = 0; i < low.size(); ++i) {
        const size_t k = (i + 1) % low.size();
        out.push_back({low[i], low[k], high[k], high[i]});
    }
    std::ranges::reverse(low);
    corners_ += 6 * low.size();
    out.push_back(std::move(low));
    out.push_back(std::move(high));
}

void IfcGeometry::faces(const std::vector<uint64_t>& shells, const Frame& frame, std::vector<Ring>& out) {
    for (const uint64_t shell : shells)
        for (const uint64_t face : file_.get(shell).at(0).as_references()) {
            if (corners_ > kMostCorners) return;
            for (const uint64_t bound : file_.get(face).at(0).as_references()) {
                const auto of = file_.get(bound);
                const auto loop = file_.get(of.at(0).as_reference());
                if (loop.type != "IFCPOLYLOOP") {
                    unread(loop.type.empty() ? "a face without outline" : loop.type);
                    continue;
                }
                // Holes in faces are windows' business.
                if (of.type == "IFCFACEBOUND" && file_.get(face).at(0).as_references().size() > 1 &&
                    bound != file_.get(face).at(0).as_references().front())
                    continue;
                Ring ring;
                for (const uint64_t p : loop.at(0).as_references()) ring.push_back(frame.at(point(p)));
                corners_ += ring.size();
                if (ring.size() >= 3) out.push_back(std::move(ring));
            }
        }
}

std::vector<Vec3> IfcGeometry::points_of(uint64_t list) const {
    std::vector<Vec3> out;
    const auto item = file_.get(list);
    for (const StepValue& p : item.at(0).items) {
        Vec3 v{};
        double* const at[] = {&v.x, &v.y, &v.z};
        for (size_t i = 0; i < std::min<size_t>(3, p.items.size()); ++i)
            *at[i] = p.items[i].as_number().value_or(0) * metres_;
        out.push_back(v);
    }
    return out;
}

namespace {

// Corners by numbers that count from 1; none where one is not there.
Ring ring_by(const std::vector<StepValue>& numbers, const std::vector<Vec3>& points, const Frame& frame) {
    Ring out;
    for (const StepValue& n : numbers) {
        const double i = n.as_number().value_or(0);
        if (i < 1 || i > static_cast<double>(points.size())) return {};
        out.push_back(frame.at(points[static_cast<size_t>(i) - 1]));
    }
    return out;
}

}  // namespace

void IfcGeometry::triangulated(const StepInstance& item, const Frame& frame, std::vector<Ring>& out) {
    const auto points = points_of(item.at(0).as_reference());
    for (const StepValue& triangle : item.at(3).items)
        if (auto ring = ring_by(triangle.items, points, frame); ring.size() == 3) out.push_back(std::move(ring));
    corners_ += 3 * item.at(3).items.size();
}

void IfcGeometry::polygonal(const StepInstance& item, const Frame& frame, std::vector<Ring>& out) {
    const auto points = points_of(item.at(0).as_reference());
    for (const uint64_t face : item.at(2).as_references()) {
        auto ring = ring_by(file_.get(face).at(0).items, points, frame);
        corners_ += ring.size();
        if (ring.size() >= 3) out.push_back(std::move(ring));
    }
}

void IfcGeometry::mapped(const StepInstance& item, const Frame& frame, std::vector<Ring>& out, int depth) {
    const auto map = file_.get(item.at(0).as_reference());
    const auto target = file_.get(item.at(1).as_reference());
    Frame to;
    to.origin = point(target.at(2).as_reference());
    const double scale = target.at(3).as_number().value_or(1);
    to.x = direction(target.at(0).as_reference(), {1, 0, 0});
    to.z = direction(target.at(4).as_reference(), {0, 0, 1});
    to.y = direction(target.at(1).as_reference(), unit(cross(to.z, to.x), {0, 1, 0}));
    for (Vec3* axis : {&to.x, &to.y, &to.z}) *axis = scaled(*axis, scale);
    // The map is laid from its own origin onto the target.
    const Frame own = axes3(map.at(0).as_reference());
    representation(map.at(1).as_reference(), frame.within(to).within(own), out, depth + 1);
}

std::vector<Vec2> IfcGeometry::profile(uint64_t id) {
    const auto item = file_.get(id);
    const Frame placed = axes2(item.at(2).as_reference());
    const auto at = [&](double x, double y) {
        const Vec3 p = placed.at({x, y, 0});
        return Vec2{p.x, p.y};
    };
    if (item.type == "IFCRECTANGLEPROFILEDEF" || item.type == "IFCROUNDEDRECTANGLEPROFILEDEF") {
        const double x = item.at(3).as_number().value_or(0) * metres_ / 2,
                     y = item.at(4).as_number().value_or(0) * metres_ / 2;
        return {at(-x, -y), at(x, -y), at(x, y), at(-x, y)};
    }
    if (item.type == "IFCCIRCLEPROFILEDEF") {
        std::vector<Vec2> out;
        const double r = item.at(3).as_number().value_or(0) * metres_;
        for (int i = 0; i < kCircle; ++i)
            out.push_back(at(r * std::cos(2 * kPi * i / kCircle), r * std::sin(2 * kPi * i / kCircle)));
        return out;
    }
    if (item.type == "IFCARBITRARYCLOSEDPROFILEDEF" || item.type == "IFCARBITRARYPROFILEDEFWITHVOIDS") {
        if (item.type == "IFCARBITRARYPROFILEDEFWITHVOIDS") unread("holes of outlines");
        auto out = curve(item.at(2).as_reference());
        if (out.size() > 1 && length(out.front() - out.back()) < 1e-6) out.pop_back();
        return out;
    }
    unread(item.type.empty() ? "an outline that is not there" : item.type);
    return {};
}

std::vector<Vec2> IfcGeometry::curve(uint64_t id, int depth) {
    std::vector<Vec2> out;
    const auto item = file_.get(id);
    if (depth > kDeepestItem) return out;
    if (item.type == "IFCPOLYLINE") {
        for (const uint64_t p : item.at(0).as_references()) {
            const Vec3 v = point(p);
            out.push_back({v.x, v.y});
        }
    } else if (item.type == "IFCINDEXEDPOLYCURVE") {
        const auto points = points_of(item.at(0).as_reference());
        if (!item.at(1).is_set())
            for (const Vec3& p : points) out.push_back({p.x, p.y});
        // Of arcs the point in their middle counts, too.
        for (const StepValue& segment : item.at(1).items)
            for (const StepValue& list : segment.items)
                for (const StepValue& n : list.items) {
                    const double i = n.as_number().value_or(0);
                    if (i < 1 || i > static_cast<double>(points.size())) continue;
                    const Vec3& p = points[static_cast<size_t>(i) - 1];
                    if (out.empty() || length(out.back() - Vec2{p.x, p.y}) > 1e-9) out.push_back({p.x, p.y});
                }
    } else if (item.type == "IFCCOMPOSITECURVE") {
        for (const uint64_t s : item.at(0).as_references()) {
            const auto segment = file_.get(s);
            auto part = curve(segment.at(2).as_reference(), depth + 1);
            if (segment.at(1).is_word("F")) std::ranges::reverse(part);
            for (const Vec2 p : part)
                if (out.empty() || length(out.back() - p) > 1e-6) out.push_back(p);
        }
    } else if (item.type == "IFCTRIMMEDCURVE") {
        out = trimmed(item);
    } else {
        unread(item.type.empty() ? "a curve that is not there" : item.type);
    }
    return out;
}

// Ends by points; arcs of circles by their ends' angles.
std::vector<Vec2> IfcGeometry::trimmed(const StepInstance& item) {
    const auto basis = file_.get(item.at(0).as_reference());
    const auto end = [&](const StepValue& trims) -> std::optional<Vec2> {
        for (const uint64_t p : trims.as_references()) {
            const Vec3 v = point(p);
            return Vec2{v.x, v.y};
        }
        return {};
    };
    const auto angle = [&](const StepValue& trims) -> std::optional<double> {
        for (const StepValue& v : trims.items)
            if (v.kind == StepValue::Kind::typed) return v.as_number();
        return {};
    };
    const auto a = end(item.at(1)), b = end(item.at(2));
    if (basis.type == "IFCLINE" && a && b) return {*a, *b};
    if (basis.type != "IFCCIRCLE") {
        unread(basis.type.empty() ? "a curve that is not there" : basis.type);
        return {};
    }
    const Frame placed = axes2(basis.at(0).as_reference());
    const double r = basis.at(1).as_number().value_or(0) * metres_;
    const auto turn_of = [&](Vec2 p) {
        const Vec3 d = Vec3{p.x, p.y, 0} - placed.origin;
        return std::atan2(dot(d, placed.y), dot(d, placed.x));
    };
    // Angles are degrees in nearly all files; what goes beyond a turn of radians says so.
    const auto first = angle(item.at(1)), second = angle(item.at(2));
    const bool in_degrees = std::max(first.value_or(0), second.value_or(0)) > 2 * kPi + 0.01;
    const auto given = [&](std::optional<double> t) { return in_degrees ? radians(*t) : *t; };
    double from = a ? turn_of(*a) : first ? given(first) : 0, to = b ? turn_of(*b) : second ? given(second) : 2 * kPi;
    const bool forwards = !item.at(3).is_word("F");
    if (forwards && to <= from) to += 2 * kPi;
    if (!forwards && to >= from) to -= 2 * kPi;
    std::vector<Vec2> out;
    const int steps =
        std::clamp(static_cast<int>(std::ceil(std::fabs(to - from) / (2 * kPi) * kCircle)), 2, 4 * kCircle);
    for (int i = 0; i <= steps; ++i) {
        const double t = from + (to - from) * i / steps;
        const Vec3 p = placed.at({r * std::cos(t), r * std::sin(t), 0});
        out.push_back({p.x, p.y});
    }
    return out;
}

std::vector<Ring> IfcGeometry::connection(uint64_t id, const Frame& placed) {
    std::vector<Ring> out;
    const auto surface = file_.get(file_.get(id).at(0).as_reference());
    std::vector<Vec2> outline;
    uint64_t axes = 0;
    if (surface.type == "IFCCURVEBOUNDEDPLANE") {
        outline = curve(surface.at(1).as_reference());
        axes = file_.get(surface.at(0).as_reference()).at(0).as_reference();
    } else if (surface.type == "IFCSURFACEOFLINEAREXTRUSION") {
        const auto swept = file_.get(surface.at(0).as_reference());
        const auto line = curve(swept.at(2).as_reference());
        const Frame own = placed.within(axes3(surface.at(1).as_reference()));
        const Vec3 along =
            direction(surface.at(2).as_reference(), {0, 0, 1}) * (surface.at(3).as_number().value_or(0) * metres_);
        for (size_t i = 0; i + 1 < line.size(); ++i) {
            const Vec3 p{line[i].x, line[i].y, 0}, q{line[i + 1].x, line[i + 1].y, 0};
            out.push_back({own.at(p), own.at(q), own.at(q + along), own.at(p + along)});
        }
        return out;
    } else {
        unread(surface.type.empty() ? "a boundary without surface" : surface.type);
        return out;
    }
    if (outline.size() > 1 && length(outline.front() - outline.back()) < 1e-6) outline.pop_back();
    const Frame own = placed.within(axes3(axes));
    Ring ring;
    for (const Vec2 p : outline) ring.push_back(own.at({p.x, p.y, 0}));
    if (ring.size() >= 3) out.push_back(std::move(ring));
    return out;
}

std::set<std::string> IfcGeometry::take_unread() { return std::exchange(unread_, {}); }

}  // namespace wp::incoming
