// SPDX-License-Identifier: GPL-3.0-or-later
// A house as other programs write it: two rooms with a wall between them on the ground floor, one above, windows, a
// door. Sound, or broken in one way.
#pragma once
#include <string>
#include <vector>

#include "base/vec.h"

namespace wp::test {

struct ForeignRoom {
    std::string name;
    std::vector<Vec2> outline;  ///< counter-clockwise
    double floor = 0, height = 3;
    double area = 0;               ///< as the file says it
    double rise = 0;               ///< of its ceiling from its south to its north wall, above height
    bool gable = false;            ///< rises to the middle instead, and falls again
    double floor_reflectance = 0;  ///< of what covers its floor; 0: not told
};
struct ForeignHole {
    std::string name;
    Vec2 from, to;  ///< along its wall
    double sill = 0.9, height = 1.2;
    bool door = false;
    std::string bounds = {};   ///< name of the room that it is told to bound; empty: none
    double transmittance = 0;  ///< of its material, in place of the property; 0: not told so
};

struct ForeignHouse {
    std::vector<ForeignRoom> rooms;
    std::vector<ForeignHole> holes;
    double unit = 1;  ///< what a length of 1 in the file is, m
    bool tells_unit = true;
    bool tells_storeys = true;
    bool turns_faces = false;  ///< every other face the wrong way round

    /// Study 5 x 4 m and store 3 x 4 m with a wall of 0.2 m between them, a loft 8.2 x 4 m above.
    static ForeignHouse sound();
    std::string gbxml() const;
    /// release: "IFC2X3" or "IFC4".
    std::string ifc(const std::string& release = "IFC4") const;
    /// Hulls of rooms in a material "room", panes in "glass", a block "neighbour" beside.
    std::string obj() const;
    /// Outlines as closed polylines on layer ROOMS, walls as lines on layer WALLS.
    std::string dxf() const;
    /// The OBJ by way of Assimp in another format of meshes: "collada", "fbxa", "3ds", "stlb", "plyb", "glb2". Formats
    /// whose y is up get it turned.
    std::string mesh(const std::string& format) const;
};

}  // namespace wp::test
