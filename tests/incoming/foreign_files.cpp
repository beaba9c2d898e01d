// SPDX-License-Identifier: GPL-3.0-or-later
#include "incoming/foreign_files.h"

#include <assimp/config.h>
#include <assimp/postprocess.h>
#include <assimp/scene.h>
#include <fmt/core.h>

#include <algorithm>
#include <assimp/Exporter.hpp>
#include <assimp/Importer.hpp>
#include <map>

namespace wp::test {

namespace {

using Ring = std::vector<Vec3>;

// A rectangle under a ridge from west to east.
std::vector<Ring> gabled(const ForeignRoom& room) {
    const Vec2 sw = room.outline[0], ne = room.outline[2];
    const double z0 = room.floor, z1 = z0 + room.height, z2 = z1 + room.rise, y = (sw.y + ne.y) / 2;
    const Vec3 west{sw.x, y, z2}, east{ne.x, y, z2};
    const auto at = [](double px, double py, double pz) { return Vec3{px, py, pz}; };
    return {{at(sw.x, ne.y, z0), at(ne.x, ne.y, z0), at(ne.x, sw.y, z0), at(sw.x, sw.y, z0)},
            {at(sw.x, sw.y, z0), at(ne.x, sw.y, z0), at(ne.x, sw.y, z1), at(sw.x, sw.y, z1)},
            {at(ne.x, ne.y, z0), at(sw.x, ne.y, z0), at(sw.x, ne.y, z1), at(ne.x, ne.y, z1)},
            {at(ne.x, sw.y, z0), at(ne.x, ne.y, z0), at(ne.x, ne.y, z1), east, at(ne.x, sw.y, z1)},
            {at(sw.x, ne.y, z0), at(sw.x, sw.y, z0), at(sw.x, sw.y, z1), west, at(sw.x, ne.y, z1)},
            {at(sw.x, sw.y, z1), at(ne.x, sw.y, z1), east, west},
            {west, east, at(ne.x, ne.y, z1), at(sw.x, ne.y, z1)}};
}

// Floor, ceiling and walls of a room, looking outwards.
std::vector<Ring> faces_of(const ForeignRoom& room, bool turned) {
    if (room.gable) return gabled(room);
    std::vector<Ring> out;
    Ring low, high;
    const double south = room.outline[0].y, deep = room.outline[2].y - south;
    for (const Vec2 p : room.outline) {
        low.push_back({p.x, p.y, room.floor});
        high.push_back({p.x, p.y, room.floor + room.height + room.rise * (p.y - south) / deep});
    }
    for (size_t i = 0; i < low.size(); ++i) {
        const size_t k = (i + 1) % low.size();
        out.push_back({low[i], low[k], high[k], high[i]});
    }
    out.push_back(Ring(low.rbegin(), low.rend()));
    out.push_back(high);
    for (size_t i = 0; turned && i < out.size(); i += 2) std::ranges::reverse(out[i]);
    return out;
}

Ring ring_of(const ForeignHole& hole) {
    const double z0 = hole.sill, z1 = hole.sill + hole.height;
    return {{hole.from.x, hole.from.y, z0},
            {hole.to.x, hole.to.y, z0},
            {hole.to.x, hole.to.y, z1},
            {hole.from.x, hole.from.y, z1}};
}

std::string unit_name(double unit) {
    return unit == 1 ? "Meters" : unit == 0.001 ? "Millimeters" : unit == 0.0254 ? "Inches" : "Feet";
}

}  // namespace

ForeignHouse ForeignHouse::sound() {
    ForeignHouse out;
    out.rooms = {{"Study", {{0, 0}, {5, 0}, {5, 4}, {0, 4}}, 0, 3, 20},
                 {"Store", {{5.2, 0}, {8.2, 0}, {8.2, 4}, {5.2, 4}}, 0, 3, 12},
                 {"Loft", {{0, 0}, {8.2, 0}, {8.2, 4}, {0, 4}}, 3.3, 2.4, 32.8}};
    // Outside walls of 0.3 m: panes stand in their middle.
    out.holes = {{"South window", {1, -0.15}, {2.5, -0.15}, 0.9, 1.2, false},
                 {"East window", {8.35, 1}, {8.35, 2}, 1, 1, false},
                 {"Door", {5.1, 1}, {5.1, 1.9}, 0, 2.1, true},
                 {"Loft window", {3, 4.15}, {4, 4.15}, 4.2, 1, false}};
    return out;
}

std::string ForeignHouse::gbxml() const {
    const auto loop = [&](const Ring& ring) {
        std::string out = "<PolyLoop>";
        for (const Vec3& p : ring) {
            out += "<CartesianPoint>";
            for (const double v : {p.x, p.y, p.z}) out += fmt::format("<Coordinate>{:.6f}</Coordinate>", v / unit);
            out += "</CartesianPoint>";
        }
        return out + "</PolyLoop>";
    };
    std::string out = "<?xml version=\"1.0\"?>\n<gbXML xmlns=\"http://www.gbxml.org/schema\"";
    if (tells_unit) out += fmt::format(" lengthUnit=\"{}\"", unit_name(unit));
    out +=
        " areaUnit=\"SquareMeters\" version=\"6.01\">\n<Campus id=\"c\"><Location><Latitude>55.4</Latitude>"
        "<Longitude>-3.1</Longitude><CADModelAzimuth>20</CADModelAzimuth></Location>\n<Building "
        "id=\"b\"><Name>House</Name>";
    if (tells_storeys)
        for (const auto& [name, z] : {std::pair{"Ground", 0.0}, {"Upper", 3.3}})
            out += fmt::format("<BuildingStorey id=\"{0}\"><Name>{0}</Name><Level>{1:.6f}</Level></BuildingStorey>\n",
                               name, z / unit);
    for (const auto& room : rooms) {
        out += fmt::format(
            "<Space id=\"sp-{0}\"><Name>{0}</Name><Area>{1}</Area><ShellGeometry id=\"sh-{0}\"><ClosedShell>",
            room.name, room.area);
        for (const Ring& face : faces_of(room, turns_faces)) out += loop(face);
        out += "</ClosedShell></ShellGeometry></Space>\n";
    }
    out += "</Building>\n";
    int n = 0;
    for (const auto& hole : holes)
        out += fmt::format(
            "<Surface id=\"su-{0}\" surfaceType=\"ExteriorWall\"><AdjacentSpaceId spaceIdRef=\"sp-{4}\"/>"
            "<PlanarGeometry>{1}</PlanarGeometry><Opening id=\"op-{2}\" openingType=\"{3}\" windowTypeIdRef=\"glass\">"
            "<Name>{2}</Name><PlanarGeometry>{1}</PlanarGeometry></Opening></Surface>\n",
            ++n, loop(ring_of(hole)), hole.name, hole.door ? "NonSlidingDoor" : "FixedWindow",
            hole.bounds.empty() ? "Study" : hole.bounds);
    return out +
           "</Campus><WindowType id=\"glass\"><Name>Clear</Name><Transmittance type=\"Visible\" unit=\"Fraction\">0.74"
           "</Transmittance></WindowType></gbXML>\n";
}

namespace {

class StepText {
 public:
    int add(const std::string& what) {
        text += fmt::format("#{}={};\n", ++n, what);
        return n;
    }
    int point(Vec3 p) { return add(fmt::format("IFCCARTESIANPOINT(({:.6f},{:.6f},{:.6f}))", p.x, p.y, p.z)); }
    int axes(Vec3 origin) { return add(fmt::format("IFCAXIS2PLACEMENT3D(#{},$,$)", point(origin))); }
    std::string text;
    int n = 0;
};

}  // namespace

std::string ForeignHouse::ifc(const std::string& release) const {
    StepText s;
    const auto scaled = [&](Vec3 p) { return p * (1 / unit); };
    const int world = s.axes({0, 0, 0});
    const int north = s.add("IFCDIRECTION((-0.34202014,0.93969262))");
    const int context =
        s.add(fmt::format("IFCGEOMETRICREPRESENTATIONCONTEXT($,'Model',3,1.E-5,#{},#{})", world, north));
    int units = 0;
    if (unit == 0.0254) {
        const int metre = s.add("IFCSIUNIT(*,.LENGTHUNIT.,$,.METRE.)");
        const int measure = s.add(fmt::format("IFCMEASUREWITHUNIT(IFCLENGTHMEASURE(0.0254),#{})", metre));
        units = s.add(fmt::format("IFCCONVERSIONBASEDUNIT($,.LENGTHUNIT.,'INCH',#{})", measure));
    } else {
        units = s.add(fmt::format("IFCSIUNIT(*,.LENGTHUNIT.,{},.METRE.)", unit == 0.001 ? ".MILLI." : "$"));
    }
    if (tells_unit) s.add(fmt::format("IFCUNITASSIGNMENT((#{}))", units));
    const int site_place = s.add(fmt::format("IFCLOCALPLACEMENT($,#{})", s.axes({0, 0, 0})));
    s.add(fmt::format("IFCSITE('site',$,'Site',$,$,#{},$,$,.ELEMENT.,(55,24,0),(-3,-6,0),12.,$,$)", site_place));
    s.add(fmt::format("IFCBUILDING('building',$,'House',$,$,#{},$,$,.ELEMENT.,$,$,$)", site_place));
    std::vector<std::pair<double, int>> storeys;
    if (tells_storeys)
        for (const auto& [name, z] : {std::pair{"Ground", 0.0}, {"Upper", 3.3}}) {
            const int place = s.add(fmt::format("IFCLOCALPLACEMENT(#{},#{})", site_place, s.axes({0, 0, z / unit})));
            storeys.emplace_back(z, s.add(fmt::format("IFCBUILDINGSTOREY('{0}',$,'{0}',$,$,#{1},$,$,.ELEMENT.,{2:.6f})",
                                                      name, place, z / unit)));
        }
    const auto solid = [&](const std::vector<Ring>& rings) {
        std::string faces;
        for (const Ring& ring : rings) {
            std::string points;
            for (const Vec3& p : ring) points += fmt::format("{}#{}", points.empty() ? "" : ",", s.point(scaled(p)));
            const int loop = s.add("IFCPOLYLOOP((" + points + "))");
            const int bound = s.add(fmt::format("IFCFACEOUTERBOUND(#{},.T.)", loop));
            faces += fmt::format("{}#{}", faces.empty() ? "" : ",", s.add(fmt::format("IFCFACE((#{}))", bound)));
        }
        const int shell = s.add("IFCCLOSEDSHELL((" + faces + "))");
        return s.add(fmt::format("IFCFACETEDBREP(#{})", shell));
    };
    const auto shape = [&](int item, const char* type) {
        const int rep = s.add(fmt::format("IFCSHAPEREPRESENTATION(#{},'Body','{}',(#{}))", context, type, item));
        return s.add(fmt::format("IFCPRODUCTDEFINITIONSHAPE($,$,(#{}))", rep));
    };
    const int ground = s.add(fmt::format("IFCLOCALPLACEMENT($,#{})", s.axes({0, 0, 0})));
    std::map<std::string, int> spaces;
    // A material that tells how it meets light; below nought: not told.
    const auto optical = [&](const std::string& name, double tau, double rho) {
        const int material = s.add("IFCMATERIAL('" + name + (release == "IFC4" ? "',$,$)" : "')"));
        const auto told = [](double v) { return v < 0 ? std::string("$") : fmt::format("{:.4f}", v); };
        if (release == "IFC2X3") {
            s.add(fmt::format("IFCOPTICALMATERIALPROPERTIES(#{},{},$,$,$,$,$,{},$,$)", material, told(tau), told(rho)));
            return material;
        }
        const char* key = tau >= 0 ? "VisibleTransmittance" : "VisibleReflectanceFront";
        const int value = s.add(
            fmt::format("IFCPROPERTYSINGLEVALUE('{}',$,IFCPOSITIVERATIOMEASURE({:.4f}),$)", key, std::max(tau, rho)));
        s.add(fmt::format("IFCMATERIALPROPERTIES('Pset_MaterialOptical',$,(#{}),#{})", value, material));
        return material;
    };
    for (const auto& room : rooms) {
        // Outlines as extrusions in a placement of their own, as most programs write them; turned faces as a shell.
        int body = 0, place = ground;
        if (turns_faces) {
            body = shape(solid(faces_of(room, true)), "Brep");
        } else {
            place = s.add(fmt::format("IFCLOCALPLACEMENT($,#{})",
                                      s.axes(scaled({room.outline[0].x, room.outline[0].y, room.floor}))));
            std::string points;
            for (size_t i = 0; i <= room.outline.size(); ++i) {
                const Vec2 p = (room.outline[i % room.outline.size()] - room.outline[0]) * (1 / unit);
                points += fmt::format("{}#{}", points.empty() ? "" : ",",
                                      s.add(fmt::format("IFCCARTESIANPOINT(({:.6f},{:.6f}))", p.x, p.y)));
            }
            const int line = s.add("IFCPOLYLINE((" + points + "))");
            const int profile = s.add(fmt::format("IFCARBITRARYCLOSEDPROFILEDEF(.AREA.,$,#{})", line));
            const int up = s.add("IFCDIRECTION((0.,0.,1.))");
            int item = s.add(fmt::format("IFCEXTRUDEDAREASOLID(#{},#{},#{},{:.6f})", profile, s.axes({0, 0, 0}), up,
                                         (room.height + room.rise) / unit));
            // What is above its slopes is cut off by half spaces.
            const double deep = room.outline[2].y - room.outline[0].y;
            const auto cut = [&](double y, double tangent) {
                const int normal = s.add(fmt::format("IFCDIRECTION((0.,{:.9f},1.))", -tangent));
                const int east = s.add("IFCDIRECTION((1.,0.,0.))");
                const int axes = s.add(fmt::format("IFCAXIS2PLACEMENT3D(#{},#{},#{})",
                                                   s.point({0, y / unit, room.height / unit}), normal, east));
                const int half =
                    s.add(fmt::format("IFCHALFSPACESOLID(#{},.F.)", s.add(fmt::format("IFCPLANE(#{})", axes))));
                item = s.add(fmt::format("IFCBOOLEANCLIPPINGRESULT(.DIFFERENCE.,#{},#{})", item, half));
            };
            if (room.rise > 0) cut(0, room.rise / (room.gable ? deep / 2 : deep));
            if (room.gable) cut(deep, -room.rise / (deep / 2));
            body = shape(item, room.rise > 0 ? "Clipping" : "SweptSolid");
        }
        const int space = s.add(fmt::format("IFCSPACE('space-{0}',$,'{0}',$,$,#{1},#{2},$,.ELEMENT.,{3},$)", room.name,
                                            place, body, release == "IFC2X3" ? ".INTERNAL." : ".SPACE."));
        spaces[room.name] = space;
        if (room.floor_reflectance > 0) {
            const int matter = optical("Cork", -1, room.floor_reflectance);
            const int cover =
                s.add(fmt::format("IFCCOVERING('c-{0}',$,'Floor of {0}',$,$,#{1},$,$,.FLOORING.)", room.name, ground));
            s.add(fmt::format("IFCRELASSOCIATESMATERIAL('mc-{}',$,$,$,(#{}),#{})", room.name, cover, matter));
            s.add(fmt::format("IFCRELCOVERSSPACES('rc-{}',$,$,$,#{},(#{}))", room.name, space, cover));
        }
        for (const auto& [z, storey] : storeys)
            if (std::abs(z - room.floor) < 0.1)
                s.add(fmt::format("IFCRELAGGREGATES('a-{}',$,$,$,#{},(#{}))", room.name, storey, space));
        const int area = s.add(fmt::format("IFCQUANTITYAREA('NetFloorArea',$,$,{:.4f})", room.area));
        const int set =
            s.add(fmt::format("IFCELEMENTQUANTITY('q-{}',$,'Qto_SpaceBaseQuantities',$,$,(#{}))", room.name, area));
        s.add(fmt::format("IFCRELDEFINESBYPROPERTIES('r-{}',$,$,$,(#{}),#{})", room.name, space, set));
    }
    const int stuff = s.add("IFCMATERIAL('Masonry')");
    const int layer = s.add(fmt::format("IFCMATERIALLAYER(#{},{:.6f},$)", stuff, 0.3 / unit));
    const int layers = s.add(fmt::format("IFCMATERIALLAYERSET((#{}),'Wall')", layer));
    for (const auto& hole : holes) {
        // A box through a wall of 0.3 m.
        const Vec2 along = (hole.to - hole.from) * (1 / length(hole.to - hole.from)),
                   across{along.y * 0.15, -along.x * 0.15};
        const ForeignRoom box{"",
                              {hole.from + across, hole.to + across, hole.to - across, hole.from - across},
                              hole.sill,
                              hole.height,
                              0};
        const int wall = s.add(fmt::format("IFCWALL('wall-{0}',$,'Wall of {0}',$,$,#{1},$,$,$)", hole.name, ground));
        s.add(fmt::format("IFCRELASSOCIATESMATERIAL('m-{}',$,$,$,(#{}),#{})", hole.name, wall, layers));
        const int opening = s.add(fmt::format("IFCOPENINGELEMENT('o-{0}',$,'Opening of {0}',$,$,#{1},#{2},$,$)",
                                              hole.name, ground, shape(solid(faces_of(box, false)), "Brep")));
        s.add(fmt::format("IFCRELVOIDSELEMENT('v-{}',$,$,$,#{},#{})", hole.name, wall, opening));
        const int filling = s.add(fmt::format(
            "{}('w-{}',$,'{}',$,$,#{},$,$,{:.6f},{:.6f}{})", hole.door ? "IFCDOOR" : "IFCWINDOW", hole.name, hole.name,
            ground, hole.height / unit, length(hole.to - hole.from) / unit, release == "IFC4" ? ",$,$,$" : ""));
        s.add(fmt::format("IFCRELFILLSELEMENT('f-{}',$,$,$,#{},#{})", hole.name, opening, filling));
        if (!hole.bounds.empty())
            s.add(fmt::format("{}('b-{}',$,'2ndLevel',$,#{},#{},$,.PHYSICAL.,.INTERNAL.{})",
                              release == "IFC4" ? "IFCRELSPACEBOUNDARY2NDLEVEL" : "IFCRELSPACEBOUNDARY", hole.name,
                              spaces.at(hole.bounds), filling, release == "IFC4" ? ",$,$" : ""));
        if (hole.door) continue;
        if (hole.transmittance > 0) {
            s.add(fmt::format("IFCRELASSOCIATESMATERIAL('mg-{}',$,$,$,(#{}),#{})", hole.name, filling,
                              optical("Grey pane", hole.transmittance, -1)));
            continue;
        }
        const int glass =
            s.add("IFCPROPERTYSINGLEVALUE('VisibleLightTransmittance',$,IFCNORMALISEDRATIOMEASURE(0.74),$)");
        const int set =
            s.add(fmt::format("IFCPROPERTYSET('p-{}',$,'Pset_DoorWindowGlazingType',$,(#{}))", hole.name, glass));
        s.add(fmt::format("IFCRELDEFINESBYPROPERTIES('d-{}',$,$,$,(#{}),#{})", hole.name, filling, set));
    }
    return "ISO-10303-21;\nHEADER;\nFILE_DESCRIPTION((''),'2;1');\nFILE_NAME('house.ifc','',(''),(''),'','','');\nFILE_"
           "SCHEMA(('" +
           release + "'));\nENDSEC;\nDATA;\n" + s.text + "ENDSEC;\nEND-ISO-10303-21;\n";
}

std::string ForeignHouse::obj() const {
    std::string points, faces;
    int n = 0;
    const auto add = [&](const std::vector<Ring>& rings) {
        for (const Ring& ring : rings) {
            faces += "f";
            for (const Vec3& p : ring) {
                points += fmt::format("v {:.6f} {:.6f} {:.6f}\n", p.x / unit, p.y / unit, p.z / unit);
                faces += fmt::format(" {}", ++n);
            }
            faces += "\n";
        }
    };
    for (const auto& room : rooms) {
        faces += "o " + room.name + "\nusemtl room\n";
        add(faces_of(room, turns_faces));
    }
    faces += "o Panes\nusemtl glass\n";
    for (const auto& hole : holes)
        if (!hole.door) add({ring_of(hole)});
    faces += "o Neighbour\nusemtl neighbour\n";
    add(faces_of({"", {{0, -20}, {12, -20}, {12, -14}, {0, -14}}, 0, 9, 0}, false));
    return points + faces;
}

std::string ForeignHouse::mesh(const std::string& format) const {
    const std::string text = obj();
    Assimp::Importer importer;
    importer.SetPropertyBool(AI_CONFIG_PP_PTV_KEEP_HIERARCHY, true);
    const aiScene* scene = importer.ReadFileFromMemory(text.data(), text.size(), aiProcess_Triangulate, "obj");
    if (scene == nullptr) return {};
    const bool y_up = format == "collada" || format == "fbxa" || format == "glb2";
    // z up to y up: about the x axis. FBX counts centimetres.
    for (unsigned m = 0; m < scene->mNumMeshes; ++m)
        for (unsigned v = 0; v < scene->mMeshes[m]->mNumVertices; ++v) {
            aiVector3D& p = scene->mMeshes[m]->mVertices[v];
            if (y_up) p = {p.x, p.z, -p.y};
            if (format == "fbxa") p *= 100;
        }
    Assimp::Exporter exporter;
    const aiExportDataBlob* blob = exporter.ExportToBlob(scene, format);
    return blob != nullptr ? std::string(static_cast<const char*>(blob->data), blob->size) : std::string();
}

std::string ForeignHouse::dxf() const {
    std::string out = "0\nSECTION\n2\nHEADER\n";
    if (tells_unit) out += fmt::format("9\n$INSUNITS\n70\n{}\n", unit == 0.001 ? 4 : unit == 0.0254 ? 1 : 6);
    out += "0\nENDSEC\n0\nSECTION\n2\nENTITIES\n";
    for (const auto& room : rooms) {
        if (room.floor > 1) continue;
        out += "0\nLWPOLYLINE\n100\nAcDbEntity\n8\nROOMS\n100\nAcDbPolyline\n" +
               fmt::format("90\n{}\n70\n1\n", room.outline.size());
        for (const Vec2 p : room.outline) out += fmt::format("10\n{:.6f}\n20\n{:.6f}\n", p.x / unit, p.y / unit);
    }
    out += fmt::format("0\nLINE\n8\nWALLS\n10\n0\n20\n0\n30\n0\n11\n{:.6f}\n21\n0\n31\n0\n", 5 / unit);
    return out + "0\nENDSEC\n0\nEOF\n";
}

}  // namespace wp::test
