// SPDX-License-Identifier: GPL-3.0-or-later
// Files that were made to hurt, or were hurt on the way.
#include <gtest/gtest.h>

#include <unistd.h>

#include <chrono>
#include <csignal>
#include <thread>

#include "base/file.h"
#include "incoming/apart.h"
#include "incoming/put.h"
#include "incoming/reader.h"
#include "incoming/step_file.h"
#include "store/project_file.h"
#include "support.h"

using namespace wp;
using namespace wp::incoming;

namespace {

std::string step(const std::string& data) {
    return "ISO-10303-21;\nHEADER;\nFILE_SCHEMA(('IFC4'));\nENDSEC;\nDATA;\n" + data + "ENDSEC;\nEND-ISO-10303-21;\n";
}
Result<Building> read(const char* name, const std::string& text) {
    test::Folder folder;
    EXPECT_FALSE(write_file(folder / name, text));
    return read_building(folder / name);
}
std::string fault_of(const std::string& text) {
    const auto file = StepFile::read(text, "x.ifc");
    return file ? std::string() : file.fault().line();
}

}  // namespace

TEST(StepFile, reads_every_kind_of_value) {
    const auto file = StepFile::read(step("#1=IFCX($,*,1,-2.5E3,'it''s \\X2\\00E4\\X0\\ "
                                          "\\S\\d',.T.,#2,(1,(2,3)),IFCLABEL('a'));/* no */\n#2=IFCY();\n"),
                                     "x.ifc");
    ASSERT_TRUE(file) << file.fault().line();
    const auto x = file->get(1);
    EXPECT_EQ(x.type, "IFCX");
    ASSERT_EQ(x.values.size(), 9u);
    EXPECT_FALSE(x.at(0).is_set());
    EXPECT_EQ(x.at(3).as_number(), -2500);
    EXPECT_EQ(x.at(4).as_text(), "it's \u00e4 \u00e4");
    EXPECT_TRUE(x.at(5).is_word("T"));
    EXPECT_EQ(x.at(6).as_reference(), 2u);
    EXPECT_EQ(x.at(7).items.at(1).items.at(1).as_number(), 3);
    EXPECT_EQ(x.at(8).items.at(0).as_text(), "a");
    EXPECT_FALSE(file->get(3)) << "there is no such instance";
    EXPECT_EQ(file->of_type("IFCY").size(), 1u);
}

TEST(Hostile, a_mesh_that_claims_more_than_it_has_is_refused_at_once) {
    for (const char* form : {"ascii", "binary_little_endian"}) {
        const auto building =
            read("x.ply", std::string("ply\nformat ") + form +
                              " 1.0\nelement vertex 3\nproperty float x\nproperty float y\nproperty float "
                              "z\nelement face 4000000000\nproperty list uchar int "
                              "vertex_indices\nend_header\n0 0 0\n1 0 0\n0 1 0\n3 0 1 2\n");
        ASSERT_FALSE(building);
        EXPECT_NE(building.fault().what.find("claims more"), std::string::npos) << building.fault().line();
    }
}

TEST(Hostile, a_mesh_whose_head_does_not_end_is_refused_at_once) {
    const auto building = read("x.ply",
                               "ply\nformat ascii 1.0\nelement vertex 3\nproperty float x\nelement face 2\n"
                               "property list uchar int vertex_indices\nend_headees_\n0 0 0\n1 0 0\n");
    ASSERT_FALSE(building);
    EXPECT_NE(building.fault().what.find("head does not end"), std::string::npos) << building.fault().line();
}

TEST(Hostile, a_mesh_with_faces_of_corners_that_are_not_there_is_refused_and_ends_nothing) {
    const auto building =
        read("x.ply",
             "ply\nformat ascii 1.0\nelement vertex 3\nproperty float x\nproperty float y\nproperty float "
             "z\nelement face 2\nproperty list uchar int vertex_indices\nend_header\n0 0 0\n1 0 0\n0 1 "
             "0.0\nelement vertex 3\nproperty float x\nproperty float y\nproperty flo\n3 0 1 2\n");
    ASSERT_FALSE(building) << "no whole face is left";
    EXPECT_FALSE(building.fault().what.empty());
    const auto far = read(
        "x.ply",
        "ply\nformat ascii 1.0\nelement vertex 3\nproperty float x\nproperty float y\nproperty float "
        "z\nelement face 1\nproperty list uchar int vertex_indices\nend_header\n0 0 0\n1 0 0\n0 1 0\n4 0 1 2 99\n");
    EXPECT_FALSE(far) << "its only face has a corner that is not there";
}

TEST(Hostile, what_brings_the_mesh_library_down_is_told_and_ends_nothing) {
    // Stand-ins for what fuzzing found: an end by a signal, an exception, a loop without end that is cancelled.
    const auto apart = [](auto work, const Cancel& cancel = {}) { return run_apart(work, "x.obj", cancel, {}); };
    const auto down = apart([](const Progress&) -> std::string {
        ::raise(SIGKILL);
        return {};
    });
    ASSERT_FALSE(down);
    EXPECT_NE(down.fault().what.find("broke down"), std::string::npos);
    EXPECT_FALSE(apart([](const Progress&) -> std::string { throw std::runtime_error("no"); }));
    Cancel cancel;
    std::thread later([&] {
        std::this_thread::sleep_for(std::chrono::milliseconds(200));
        cancel.request();
    });
    EXPECT_FALSE(apart(
        [](const Progress&) -> std::string {
            for (;;) ::pause();
        },
        cancel));
    later.join();
    double far = 0;
    const auto sound = run_apart(
        [](const Progress& tell) {
            tell(0.25);
            tell(0.75);
            return std::string(3000000, 'x');
        },
        "x.obj", {}, [&](double share) { far = share; });
    ASSERT_TRUE(sound) << sound.fault().line();
    EXPECT_EQ(sound->size(), 3000000u);
    EXPECT_EQ(far, 0.75);
}

TEST(StepFile, tells_the_line_of_what_is_damaged) {
    EXPECT_NE(fault_of(step("#1=IFCX(1);\n#2=IFCX((;\n")).find("line 7"), std::string::npos)
        << fault_of(step("#1=IFCX(1);\n#2=IFCX((;\n"));
    EXPECT_NE(fault_of(step("#1=IFCX('not ended);\n")).find("does not end"), std::string::npos);
    EXPECT_NE(fault_of(step("#1=IFCX(1);\n#1=IFCX(2);\n")).find("stands twice"), std::string::npos);
    EXPECT_NE(fault_of(step("#99999999999999999999999=IFCX(1);\n")).find("no number"), std::string::npos);
    EXPECT_NE(fault_of(step("#1=IFCX(" + std::string(100000, '(') + ");\n")).find("damaged"), std::string::npos);
    EXPECT_NE(fault_of("ISO-10303-21;\nDATA;\n#1=IFCX(1);\n").find("ends in the middle"), std::string::npos);
    EXPECT_FALSE(fault_of("").empty());
}

TEST(Hostile, ifc_that_refers_to_itself_ends) {
    const auto loop = read(
        "a.ifc", step("#1=IFCLOCALPLACEMENT(#1,#2);\n#3=IFCMAPPEDITEM(#4,$);\n#4=IFCREPRESENTATIONMAP($,#5);\n"
                      "#5=IFCSHAPEREPRESENTATION($,'Body','x',(#3,#3,#3));\n#6=IFCPRODUCTDEFINITIONSHAPE($,$,(#5));\n"
                      "#7=IFCSPACE('s',$,'S',$,$,#1,#6,$,$,$,$);\n#8=IFCBOOLEANRESULT(.UNION.,#8,#8);\n"
                      "#9=IFCCOMPOSITECURVE((#10),.F.);\n#10=IFCCOMPOSITECURVESEGMENT(.X.,.T.,#9);\n"));
    ASSERT_TRUE(loop) << loop.fault().line();
    const auto arranged = arrange(*loop, {});
    EXPECT_EQ(arranged.account.count(Said::What::left_out), 1u) << "the space has no hull";
}

TEST(Hostile, xml_with_entities_and_deep_elements_is_refused_or_read_without_them) {
    const auto bomb = read(
        "a.xml",
        "<!DOCTYPE gbXML [<!ENTITY a \"aaaaaaaaaa\"><!ENTITY b \"&a;&a;&a;&a;&a;&a;&a;&a;\">"
        "<!ENTITY x SYSTEM \"file:///etc/passwd\">]><gbXML lengthUnit=\"Meters\"><Campus><Building><Name>&x;&b;</Name>"
        "</Building></Campus></gbXML>");
    ASSERT_FALSE(bomb) << "nothing in it could be used";
    std::string deep = "<gbXML>";
    for (int i = 0; i < 100000; ++i) deep += "<a>";
    for (int i = 0; i < 100000; ++i) deep += "</a>";
    const auto nested = read("b.xml", deep + "</gbXML>");
    ASSERT_FALSE(nested);
    EXPECT_NE(nested.fault().what.find("too deep"), std::string::npos) << nested.fault().line();
    EXPECT_FALSE(read("c.xml", "<gbXML><Campus>"));
    EXPECT_FALSE(read("d.xml", ""));
}

TEST(Hostile, meshes_open_nothing_beside_them) {
    test::Folder folder;
    ASSERT_FALSE(write_file(folder / "secret.mtl", "newmtl secret\n"));
    ASSERT_FALSE(
        write_file(folder / "a.obj",
                   "mtllib secret.mtl\nmtllib ../../etc/passwd\nv 0 0 0\nv 5 0 0\nv 0 5 1\nusemtl secret\nf 1 2 3\n"));
    const auto mesh = read_building(folder / "a.obj");
    ASSERT_TRUE(mesh) << mesh.fault().line();
    EXPECT_EQ(mesh->bodies.size(), 1u);
    const auto gltf =
        read("b.gltf",
             R"({"asset":{"version":"2.0"},"buffers":[{"byteLength":1e18,"uri":"../../etc/passwd"}],"scenes":[]})");
    EXPECT_FALSE(gltf);
}

TEST(Hostile, numbers_that_are_none_and_corners_that_are_not_there_are_left_out) {
    const auto mesh = read("a.obj", "v 0 0 0\nv nan 0 0\nv 0 inf 1\nf 1 2 3\n");
    EXPECT_FALSE(mesh) << "nothing of it can be used";
    const auto stl = read("b.stl", "solid x\nfacet normal 0 0 1\nouter loop\nvertex 1e400 0 0\n");
    EXPECT_FALSE(stl) << "a face that never ends";
    EXPECT_FALSE(read("c.dxf", "0\nSECTION\n2\nENTITIES\n0\nLINE\n10\nabc\n"));
    EXPECT_FALSE(read("d.txt", "what"));
}

TEST(Hostile, what_is_larger_than_a_town_is_left_out_so_that_the_project_can_be_opened) {
    const auto mesh =
        read("a.obj",
             "v 0 0 0\nv 9580000000 0 0\nv 0 5 1\nf 1 2 3\no b\nv 0 0 900000\nv 5 0 900000\nv 0 5 900001\nf 4 5 6\n");
    ASSERT_TRUE(mesh) << mesh.fault().line();
    const auto project = project_of(*mesh, arrange(*mesh, {}), {});
    EXPECT_TRUE(store::parse_project(store::write_project(project), "again"));
    EXPECT_EQ(project.options[0].things.size(), 1u) << "the other lies 900 m off: so large a drawing is in millimetres";
    EXPECT_EQ(arrange(*mesh, {}).account.count(Said::What::left_out), 1u) << "and it is told";
}

TEST(Hostile, a_block_that_places_itself_ends) {
    const auto dxf =
        read("a.dxf",
             "0\nSECTION\n2\nBLOCKS\n0\nBLOCK\n2\nB\n70\n0\n10\n0\n20\n0\n0\nLINE\n8\n0\n10\n0\n20\n0\n11\n1\n21\n1\n"
             "0\nINSERT\n8\n0\n2\nB\n10\n0\n20\n0\n0\nENDBLK\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n0\nINSERT\n8\nX\n2\nB"
             "\n10\n5\n20\n5\n0\nENDSEC\n0\nEOF\n");
    ASSERT_TRUE(dxf) << dxf.fault().line();
    EXPECT_GT(dxf->lines.size(), 0u);
    EXPECT_LT(dxf->lines.size(), 100u);
    EXPECT_EQ(dxf->lines[0].layer, "X") << "layer 0 of a block is the layer that it is placed on";
}

TEST(Drawings, closed_outlines_arrive_on_their_layers_in_metres) {
    const auto dxf = read("a.dxf",
                          "0\nSECTION\n2\nHEADER\n9\n$"
                          "INSUNITS\n70\n4\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n0\nLWPOLYLINE\n8\nROOMS\n90\n4\n70\n1\n"
                          "10\n0\n20\n0\n10\n5000\n20\n0\n10\n5000\n20\n4000\n10\n0\n20\n4000\n0\nCIRCLE\n8\nCOLUMNS\n1"
                          "0\n1000\n20\n1000\n40\n200\n0\nENDSEC\n0\nEOF\n");
    ASSERT_TRUE(dxf) << dxf.fault().line();
    ASSERT_EQ(dxf->lines.size(), 2u);
    EXPECT_TRUE(dxf->unit_is_told);
    EXPECT_TRUE(dxf->lines[0].closed);
    EXPECT_NEAR(dxf->lines[0].points[2].x, 5, 1e-9);
    EXPECT_EQ(dxf->lines[1].layer, "COLUMNS");
}
