// SPDX-License-Identifier: GPL-3.0-or-later
// Forms of IFC 2x3 and 4 as polygons: placements, extrusions, boundary representations, face sets, mapped items.
#pragma once
#include <map>
#include <set>

#include "incoming/building.h"
#include "incoming/step_file.h"

namespace wp::incoming {

/// Turns, stretches and moves: columns x, y, z and the origin.
struct Frame {
    Vec3 x{1, 0, 0}, y{0, 1, 0}, z{0, 0, 1}, origin{};
    Vec3 at(Vec3 p) const { return origin + x * p.x + y * p.y + z * p.z; }
    Frame within(const Frame& inner) const;
};

class IfcGeometry {
 public:
    IfcGeometry(const StepFile& file, double metres) : file_(file), metres_(metres) {}

    /// Of an IfcObjectPlacement, from the world; the axes where it is not there.
    Frame placement(uint64_t id);
    /// Polygons of a product's body (an IfcProductDefinitionShape), in the world, metres.
    std::vector<Ring> body(uint64_t shape, const Frame& placed);
    /// Polygons of a surface that bounds a space, in the space's own axes.
    std::vector<Ring> connection(uint64_t geometry, const Frame& placed);
    /// What could not be read, by type, since it was asked last.
    std::set<std::string> take_unread();

    /// Of an IfcAxis2Placement3D, metres.
    Frame axes(uint64_t id) const { return axes3(id); }
    Vec3 point(uint64_t id) const;
    Vec3 direction(uint64_t id, Vec3 otherwise) const;

 private:
    Frame axes3(uint64_t id) const;
    Frame axes2(uint64_t id) const;
    void items(uint64_t id, const Frame& frame, std::vector<Ring>& out, int depth);
    void representation(uint64_t id, const Frame& frame, std::vector<Ring>& out, int depth);
    void cut(const StepInstance& item, const Frame& frame, std::vector<Ring>& out, int depth);
    bool reaches_around(const StepInstance& half, const Frame& frame, const std::vector<Ring>& hull);
    void extrusion(const StepInstance& item, const Frame& frame, std::vector<Ring>& out);
    void faces(const std::vector<uint64_t>& shells, const Frame& frame, std::vector<Ring>& out);
    void triangulated(const StepInstance& item, const Frame& frame, std::vector<Ring>& out);
    void polygonal(const StepInstance& item, const Frame& frame, std::vector<Ring>& out);
    void mapped(const StepInstance& item, const Frame& frame, std::vector<Ring>& out, int depth);
    std::vector<Vec3> points_of(uint64_t list) const;
    std::vector<Vec2> profile(uint64_t id);
    std::vector<Vec2> curve(uint64_t id, int depth = 0);
    std::vector<Vec2> trimmed(const StepInstance& item);
    void unread(const std::string& type) { unread_.insert(type); }

    const StepFile& file_;
    double metres_;
    std::map<uint64_t, Frame> placements_;
    std::set<std::string> unread_;
    size_t corners_ = 0, items_ = 0;  // of all that was read, and of one body: mapped items multiply
};

}  // namespace wp::incoming
