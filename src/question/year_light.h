// SPDX-License-Identifier: GPL-3.0-or-later
// What is traced of a year: daylight coefficients of every point by window and state of the blinds, and the direct sun
// of every hour. Everything else of a year - weather of the place, glass, dirt, hours, control of blinds, targets - is
// computed from this without a ray: see year.h.
#pragma once
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "base/cache.h"
#include "base/progress.h"
#include "base/spill_store.h"
#include "geometry/plane_points.h"
#include "geometry/surfaces.h"
#include "light/compact.h"
#include "question/mixed_blinds.h"
#include "question/record.h"
#include "question/sky_columns.h"
#include "question/window_groups.h"
#include "question/year_before.h"

namespace wp::question {

/// Points that are traced together and settle for themselves: of one plane, at most kBlock of them. All that is held of
/// a year by point is held by blocks, so that large planes never stand in memory whole.
inline constexpr size_t kBlock = 512;
struct YearBlock {
    size_t plane = 0, first = 0, count = 0;
};

struct YearTask {
    const geometry::Surfaces* surfaces = nullptr;  ///< with the blinds that window_groups added
    const std::vector<geometry::PlanePoints>* planes = nullptr;
    const std::vector<YearGroup>* groups = nullptr;  ///< only their states matter
    climate::Place place;
    double north_azimuth = 0;  ///< of the model's +y, radians clockwise from true north
    /// Pieces that are found as they were before an edit serve. Null: only what is exactly of this building does.
    const YearBefore* before = nullptr;
};

struct YearLight {
    /// One block in one state of trees and ground and one of the blinds. Empty where that state changes nothing for the
    /// block.
    using Piece = std::shared_ptr<const light::CompactCoefficients>;
    std::vector<geometry::PlanePoints> planes;
    /// The outside of every pane, as planes of a few points: PlanePoints::plane is the opening. Blinds open only.
    std::vector<geometry::PlanePoints> faces;
    light::CoefficientLayout layout;
    std::vector<model::Id> openings;  ///< sources of the layout
    std::vector<int> opening_of_portal;
    geometry::Surfaces panes;                ///< portals, glazings and blinds as they were traced; nothing else
    std::vector<Enclosure> enclosures;       ///< by space
    std::vector<light::BlindLayers> layers;  ///< of each state of the blinds, the open one first
    light::States states;                    ///< of trees and ground
    climate::Place place;
    double north_azimuth = 0;
    std::vector<YearBlock> blocks;                                   ///< of planes
    std::shared_ptr<SpillStore<light::CompactCoefficients>> pieces;  ///< blocks x states x layers
    /// What is asked of pieces again and again, without the pieces: the panes they were traced with, and which openings
    /// they have light from. As many as pieces.
    struct Note {
        light::PaneFigures panes;
        std::vector<bool> gives;        ///< openings, and past all openings
        std::vector<uint32_t> patches;  ///< of each of the piece's patches the place among those of all
    };
    std::vector<Note> notes;
    std::shared_ptr<SpillStore<light::DirectSun>> sun;  ///< by block
    std::vector<Piece> face_pieces;                     ///< faces x states
    std::vector<std::vector<uint32_t>> face_patches;    ///< likewise, as Note::patches
    std::vector<std::shared_ptr<const light::DirectSun>> face_sun;
    /// Patches of all pieces, faces' among them, and which of them the sun reaches in each hour that it is up in:
    /// through panes as they were when it was looked for.
    light::PatchSet patches;
    light::Sunlit sunlit;
    std::vector<int> sun_of_hour;  ///< 8760: place among the suns of sunlit; -1: it is down
    Record record;                 ///< rays and seconds of what was traced now; found pieces count nothing
    size_t found = 0, traced = 0;  ///< pieces
    /// By plane: what light of pieces from before an edit may have changed by since, as a share. Empty: nothing.
    std::vector<double> may_differ;

    size_t piece_index(size_t block, size_t state, size_t layer) const {
        return (block * states.all.size() + state) * layers.size() + layer;
    }
    Piece piece(size_t block, size_t state, size_t layer) const { return pieces->at(piece_index(block, state, layer)); }
    bool has_piece(size_t block, size_t state, size_t layer) const {
        return pieces->has(piece_index(block, state, layer));
    }
};

/// Portals, glazings and blinds, without what rays meet.
geometry::Surfaces panes_of(const geometry::Surfaces& surfaces);

/// Fingerprint of all that is traced. Two tasks that differ only in what scales outer panes, or in hours, weather and
/// control, have the same.
Fingerprint year_light_inputs(const YearTask& task, const Effort& effort);

/// Traces what the cache does not hold. Cancelled: record.settled is false and pieces are missing.
YearLight trace_year_light(const YearTask& task, const Effort& effort, const Cancel& cancel = {},
                           const Progress& progress = {}, const Cache& cache = {});

}  // namespace wp::question
