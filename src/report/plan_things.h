// SPDX-License-Identifier: GPL-3.0-or-later
// What stands in and around the rooms of a plan, what shades the openings, where light is asked about.
#pragma once
#include "geometry/walls.h"
#include "report/labels.h"
#include "report/plan.h"

namespace wp::report {

/// Things of the storey (outdoor ones on every storey), below the walls' lines.
void draw_things(QPainter& painter, const PlanScene& scene, const PlanView& view, const Ink& ink);
/// Neighbouring blocks, hatched, with the ridge of their roofs.
void draw_blocks(QPainter& painter, const PlanScene& scene, const PlanView& view, const Ink& ink);
/// Shading layers in plan, of openings that the cut meets or that lie around it.
void draw_shading(QPainter& painter, const PlanScene& scene, const PlanView& view, const Ink& ink,
                  const geometry::StoreyWalls& walls);
/// Outline and points of the planes that are selected.
void draw_planes(QPainter& painter, const PlanScene& scene, const PlanView& view, const Ink& ink);
/// Which part electric light is for and where its sensor was placed, in rooms that are selected.
void draw_lighting(QPainter& painter, const PlanScene& scene, const PlanView& view, const Ink& ink);
/// Luminaires of the storey, and those outdoors: what shines of them, and where C 0 looks of those that are tilted.
void draw_luminaires(QPainter& painter, const PlanScene& scene, const PlanView& view, const Ink& ink);
/// A map on an upright plane: a band along it in the colours of its columns' means; of a single point also its figure.
void draw_upright_map(QPainter& painter, const PlanScene& scene, const MapLayer& layer, const PlanView& view,
                      const Ink& ink, Labels& labels);
/// Inner faces of the walls in the colour of their finish.
void draw_wall_tints(QPainter& painter, const PlanScene& scene, const PlanView& view,
                     const geometry::StoreyWalls& walls);

/// The colour of a part under the scene's tint; invalid where nothing is coloured.
QColor tint_of(const PlanScene& scene, model::Part part, const model::Finish& finish);

}  // namespace wp::report
