// SPDX-License-Identifier: GPL-3.0-or-later
// Every value of a project, described once: key, name, unit, range, meaning, when it counts and what it bears on.
// A description changes nothing but what a reading Describer fills.
#pragma once
#include "describe/describer.h"
#include "model/project.h"

namespace wp::describe {

// material.cpp
void describe(Describer& d, model::Material& material);
// building.cpp
void describe(Describer& d, model::ShadeLayer& layer);
void describe(Describer& d, model::Opening& opening);
void describe(Describer& d, model::Room& room);
void describe(Describer& d, model::Partition& partition);
void describe(Describer& d, model::FloorVoid& floor_void);
void describe(Describer& d, model::Roof& roof);
void describe(Describer& d, model::Rooflight& rooflight);
void describe(Describer& d, model::Underlay& underlay);
void describe(Describer& d, model::Dimension& dimension);
void describe(Describer& d, model::Storey& storey);
// surroundings.cpp
void describe(Describer& d, model::Block& block);
void describe(Describer& d, model::Thing& thing);
// places.cpp
void describe(Describer& d, model::ReferencePlane& plane);
void describe(Describer& d, model::Observer& observer);
void describe(Describer& d, model::Reading& reading);
void describe(Describer& d, model::View& view);
// luminaire.cpp
void describe(Describer& d, model::LuminaireType& type);
void describe(Describer& d, model::Luminaire& luminaire);
void describe(Describer& d, model::LightScene& scene);
// use.cpp
void describe(Describer& d, model::BlindControl& control);
void describe(Describer& d, model::WindowGroup& group);
void describe(Describer& d, model::Lighting& lighting);
void describe(Describer& d, model::Occupancy& occupancy);
void describe(Describer& d, model::YearCalendar& calendar);
void describe(Describer& d, model::EnergyFactors& energy);
void describe(Describer& d, climate::Moment& moment);
/// Month and day alone.
void describe_day(Describer& d, climate::Moment& day);
// question.cpp
void describe(Describer& d, model::SkyChoice& sky);
void describe(Describer& d, model::Question& question);
// criteria.cpp
void describe(Describer& d, model::Criterion& criterion);
void describe(Describer& d, model::CriteriaSet& set);
void describe(Describer& d, model::SetCheck& check);
// choices.cpp
void describe(Describer& d, model::VariedNumber& varied);
void describe(Describer& d, model::Series& series);
void describe(Describer& d, model::Decision& decision);
void describe(Describer& d, model::HandFigure& figure);
void describe(Describer& d, model::EyeCurve& curve);
// arrival.cpp
void describe(Describer& d, model::Shape& shape);
void describe(Describer& d, model::Origin& origin);
void describe(Describer& d, model::LayerChoice& choice);
void describe(Describer& d, model::Arrival& arrival);
// report.cpp
void describe(Describer& d, model::ReportSection& section);
void describe(Describer& d, model::Report& report);
/// What sections are called.
std::span<const Word> section_words();
/// What becomes of layers of files that arrive.
std::span<const Word> layer_role_words();
// project.cpp
void describe(Describer& d, model::Option& option);
void describe(Describer& d, model::Site& site);
void describe(Describer& d, model::Project& project);

// What most things have.
inline Field in_metres(const char* key, const char* label, double low, double high, const char* meaning = "",
                       Need need = Need::required) {
    return {
        .key = key, .label = label, .meaning = meaning, .unit = unit::metre, .low = low, .high = high, .need = need};
}
inline void describe_id(Describer& d, model::Id& id) {
    d.text({.key = "id", .meaning = "its own within the list", .need = Need::required}, id);
}
inline void describe_name(Describer& d, std::string& name) {
    d.text({.key = "name", .label = "Name", .need = Need::required, .bears = bears::nothing}, name);
}

/// For who only looks: no description changes a value unless its Describer reads.
template <class T>
void describe_const(Describer& d, const T& value) {
    describe(d, const_cast<T&>(value));
}

}  // namespace wp::describe
