// SPDX-License-Identifier: GPL-3.0-or-later
// What the compiler writes of a model: compiled here, and in no other file.
#include "model/project.h"

namespace wp::model {

bool Opening::operator==(const Opening&) const = default;
bool Wall::operator==(const Wall&) const = default;
bool OwnFinish::operator==(const OwnFinish&) const = default;
bool Room::operator==(const Room&) const = default;
bool Partition::operator==(const Partition&) const = default;
bool FloorVoid::operator==(const FloorVoid&) const = default;
bool Roof::operator==(const Roof&) const = default;
bool Rooflight::operator==(const Rooflight&) const = default;
bool Underlay::operator==(const Underlay&) const = default;
bool Dimension::operator==(const Dimension&) const = default;
bool Storey::operator==(const Storey&) const = default;
bool Block::operator==(const Block&) const = default;
bool ReferencePlane::operator==(const ReferencePlane&) const = default;
bool Observer::operator==(const Observer&) const = default;
bool Reading::operator==(const Reading&) const = default;
bool View::operator==(const View&) const = default;
bool Option::operator==(const Option&) const = default;
bool Site::operator==(const Site&) const = default;
bool SkyChoice::operator==(const SkyChoice&) const = default;
bool Question::operator==(const Question&) const = default;
bool Threshold::operator==(const Threshold&) const = default;
bool RulePlane::operator==(const RulePlane&) const = default;
bool Criterion::operator==(const Criterion&) const = default;
bool CriteriaSet::operator==(const CriteriaSet&) const = default;
bool VariedNumber::operator==(const VariedNumber&) const = default;
bool Series::operator==(const Series&) const = default;
bool Decision::operator==(const Decision&) const = default;
bool Shape::operator==(const Shape&) const = default;
bool Origin::operator==(const Origin&) const = default;
bool LayerChoice::operator==(const LayerChoice&) const = default;
bool Arrival::operator==(const Arrival&) const = default;
bool HandValue::operator==(const HandValue&) const = default;
bool EyeCurve::operator==(const EyeCurve&) const = default;
bool HandFigure::operator==(const HandFigure&) const = default;
bool SetCheck::operator==(const SetCheck&) const = default;
bool ReportSection::operator==(const ReportSection&) const = default;
bool Report::operator==(const Report&) const = default;
bool Project::operator==(const Project&) const = default;
bool Material::operator==(const Material&) const = default;
bool ShadeLayer::operator==(const ShadeLayer&) const = default;
bool Thing::operator==(const Thing&) const = default;
bool DayHours::operator==(const DayHours&) const = default;
bool Occupancy::operator==(const Occupancy&) const = default;
bool Holiday::operator==(const Holiday&) const = default;
bool YearCalendar::operator==(const YearCalendar&) const = default;
bool BlindControl::operator==(const BlindControl&) const = default;
bool WindowGroup::operator==(const WindowGroup&) const = default;
bool EnergyFactors::operator==(const EnergyFactors&) const = default;
bool Lighting::operator==(const Lighting&) const = default;
bool LuminaireType::operator==(const LuminaireType&) const = default;
bool Luminaire::operator==(const Luminaire&) const = default;
bool SceneLevel::operator==(const SceneLevel&) const = default;
bool LightScene::operator==(const LightScene&) const = default;

Project::Project() = default;
Project::Project(const Project&) = default;
Project::Project(Project&&) noexcept = default;
Project& Project::operator=(const Project&) = default;
Project& Project::operator=(Project&&) noexcept = default;
Project::~Project() = default;

Option::Option() = default;
Option::Option(const Option&) = default;
Option::Option(Option&&) noexcept = default;
Option& Option::operator=(const Option&) = default;
Option& Option::operator=(Option&&) noexcept = default;
Option::~Option() = default;

Storey::Storey() = default;
Storey::Storey(const Storey&) = default;
Storey::Storey(Storey&&) noexcept = default;
Storey& Storey::operator=(const Storey&) = default;
Storey& Storey::operator=(Storey&&) noexcept = default;
Storey::~Storey() = default;

}  // namespace wp::model

template class std::vector<wp::model::Opening>;
template class std::vector<wp::model::Wall>;
template class std::vector<wp::model::OwnFinish>;
template class std::vector<wp::model::Room>;
template class std::vector<wp::model::Partition>;
template class std::vector<wp::model::FloorVoid>;
template class std::vector<wp::model::Roof>;
template class std::vector<wp::model::Rooflight>;
template class std::vector<wp::model::Dimension>;
template class std::vector<wp::model::Storey>;
template class std::vector<wp::model::Block>;
template class std::vector<wp::model::ReferencePlane>;
template class std::vector<wp::model::Observer>;
template class std::vector<wp::model::Reading>;
template class std::vector<wp::model::View>;
template class std::vector<wp::model::Option>;
template class std::vector<wp::model::Criterion>;
template class std::vector<wp::model::CriteriaSet>;
template class std::vector<wp::model::Question>;
template class std::vector<wp::model::VariedNumber>;
template class std::vector<wp::model::Series>;
template class std::vector<wp::model::EyeCurve>;
template class std::vector<wp::model::HandFigure>;
template class std::vector<wp::model::Shape>;
template class std::vector<wp::model::Arrival>;
template class std::vector<wp::model::ShadeLayer>;
template class std::vector<wp::model::WindowGroup>;
template class std::vector<wp::model::Thing>;
template class std::vector<wp::model::Material>;
template class std::vector<wp::model::Lighting>;
template class std::vector<wp::model::LuminaireType>;
template class std::vector<wp::model::Luminaire>;
template class std::vector<wp::model::LightScene>;
template class std::vector<wp::model::Occupancy>;
template class std::vector<wp::model::Holiday>;
template class std::vector<wp::model::Underlay>;
template class std::vector<wp::model::ReportSection>;
