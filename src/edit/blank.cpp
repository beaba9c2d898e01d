// SPDX-License-Identifier: GPL-3.0-or-later
#include "edit/blank.h"

namespace wp::edit {
using namespace model;

Project blank_project() {
    Project p;
    p.name = "Untitled";
    p.site.name = "Somewhere";
    p.site.latitude = 52;
    p.site.made_up_weather = true;
    const auto opaque = [](const char* id, const char* name, Part part) {
        Material m = assumed_for(part);
        m.id = id;
        m.name = name;
        return m;
    };
    p.materials = {opaque("floor", "Floors and the like, assumed", Part::floor),
                   opaque("walls", "Walls and the like, assumed", Part::wall),
                   opaque("ceiling", "Ceiling, assumed", Part::ceiling),
                   opaque("facade", "Facades and the like, assumed", Part::facade),
                   opaque("roof", "Roofs and the like, assumed", Part::roof)};
    Material glass;
    glass.id = "double-clear";
    glass.name = "Double clear pane, assumed";
    glass.kind = Material::Kind::glazing;
    glass.transmittance = 0.75;
    glass.panes = 2;
    glass.assumed = true;
    glass.low = 0.6;
    glass.high = 0.82;
    glass.source = "middle of what double panes pass; ask its maker";
    p.materials.push_back(glass);
    Option option;
    option.id = "first";
    option.name = "First idea";
    option.types = {{Part::floor, "floor"},          {Part::wall, "walls"},
                    {Part::ceiling, "ceiling"},      {Part::reveal, "walls"},
                    {Part::facade, "facade"},        {Part::partition, "walls"},
                    {Part::frame, "walls"},          {Part::door, "walls"},
                    {Part::furniture, "walls"},      {Part::shading, "walls"},
                    {Part::fence, "walls"},          {Part::stair, "floor"},
                    {Part::block, "facade"},         {Part::tree, "roof"},
                    {Part::terrain, "roof"},         {Part::roof, "roof"},
                    {Part::glazing, "double-clear"}, {Part::rooflight, "double-clear"}};
    option.storeys.push_back(new_storey("ground", "Ground floor", 0));
    p.options.push_back(option);
    Question df, year;
    df.id = "df";
    df.name = "Daylight factor";
    df.accuracy = 0.05;
    year.id = "year";
    year.name = "The year";
    year.kind = Question::Kind::year;
    year.accuracy = 0.1;
    p.questions = {df, year};
    p.criteria = {"leed-v41-daylight-option-1", "en-17037-provision"};
    return p;
}

}  // namespace wp::edit
