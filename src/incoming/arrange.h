// SPDX-License-Identifier: GPL-3.0-or-later
// A building of another program as ours: storeys with rooms, walls of their thickness, openings in them; what is no
// room as shapes. Nothing of a project is changed here.
#pragma once
#include "incoming/building.h"
#include "model/option.h"

namespace wp::incoming {

/// Metres between floors of one storey at most.
inline constexpr double kSameLevel = 0.3;

struct Wishes {
    double gap = 0.05;   ///< metres: what is nearer was meant to meet
    double wall = 0.6;   ///< metres between rooms that are a wall at most
    double reach = 0.8;  ///< metres between an opening and the wall it is in
    std::vector<model::LayerChoice> layers;
    double turn = 0;  ///< degrees counter-clockwise, before it is moved
    Vec3 offset{};
    double ground_level = 0;  ///< of the site that it comes to
};

struct Arranged {
    std::vector<model::Storey> storeys;
    std::vector<model::Shape> shapes;
    std::vector<model::Thing> things;  ///< copies of the shapes
    std::vector<model::LuminaireType> luminaire_types;
    std::vector<model::Luminaire> luminaires;
    std::vector<model::Material> materials;
    std::vector<model::Origin> origins;
    std::optional<double> outer_wall;
    Account account;
    struct Area {
        std::string element;
        double ours = 0, theirs = 0;  ///< m2 of clear floor
    };
    std::vector<Area> areas;  ///< of spaces whose file says one
};
/// Ids are of this building alone: whoever puts it into an option makes them its own.
Arranged arrange(const Building& building, const Wishes& wishes);

}  // namespace wp::incoming
