// SPDX-License-Identifier: GPL-3.0-or-later
// Things that many tests need.
#pragma once
#include <unistd.h>

#include <cstdlib>
#include <filesystem>
#include <string>

#include "climate/synthetic.h"
#include "model/project.h"

namespace wp::test {

/// A folder of its own that goes with the test.
class Folder {
 public:
    Folder() {
        std::string name = (std::filesystem::temp_directory_path() / "warmpane-test-XXXXXX").string();
        path_ = ::mkdtemp(name.data());
    }
    ~Folder() {
        std::error_code ignored;
        std::filesystem::remove_all(path_, ignored);
    }
    Folder(const Folder&) = delete;
    Folder& operator=(const Folder&) = delete;
    const std::filesystem::path& path() const { return path_; }
    std::filesystem::path operator/(const std::string& name) const { return path_ / name; }

 private:
    std::filesystem::path path_;
};

/// How often something is tried at random: often where tests/study.sh asks for it.
inline int times(int ordinarily, int in_a_study) {
    return std::getenv("WARMPANE_STUDY") != nullptr ? in_a_study : ordinarily;
}

/// A room of 4 x 6 x 3 m with one south window, on flat ground, at 50 N.
inline model::Project one_room() {
    model::Project p;
    p.name = "One room";
    p.site.latitude = 50;
    model::Material grey, pane;
    grey.id = "grey";
    grey.name = "Grey";
    pane.id = "pane";
    pane.name = "Pane";
    pane.kind = model::Material::Kind::glazing;
    pane.transmittance = 0.8;
    pane.panes = 1;
    p.materials = {grey, pane};
    model::Opening window;
    window.id = window.name = "W-01";
    window.edge = 0;
    window.along = 1;
    window.width = 2;
    window.height = 1.5;
    window.sill = 1;
    window.glazing = "pane";
    window.blind = true;
    model::Room room;
    room.id = "room";
    room.name = "Room";
    room.footprint = {{0, 0}, {4, 0}, {4, 6}, {0, 6}};
    room.floor = room.walls = room.ceiling = "grey";
    room.openings = {window};
    model::Option option;
    option.id = "a";
    option.name = "A";
    option.types = {{model::Part::reveal, "grey"}, {model::Part::facade, "grey"}, {model::Part::roof, "grey"}};
    option.storeys = {model::new_storey("ground", "Ground floor", 0)};
    option.storeys[0].rooms = {room};
    model::ReferencePlane plane;
    plane.id = "plane";
    plane.name = "Desk height";
    plane.room = "room";
    plane.spacing = 1;
    option.planes = {plane};
    model::Observer eye;
    eye.id = "eye";
    eye.name = "Eye";
    eye.room = "room";
    eye.eye = {2, 3, 1.2};
    eye.heading = 180;
    option.observers = {eye};
    p.options = {option};
    model::Question q;
    q.id = "df";
    q.name = "Daylight factor";
    p.questions = {q};
    return p;
}

inline climate::WeatherYear weather(double latitude = 50, unsigned seed = 3) {
    return climate::synthetic_year({latitude, 0, 0, 0}, "Nowhere", seed);
}

}  // namespace wp::test
