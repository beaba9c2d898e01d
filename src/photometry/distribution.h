// SPDX-License-Identifier: GPL-3.0-or-later
// The light of a luminaire by direction: intensities between those that are given, flux, what of it shines where.
#pragma once
#include <vector>

#include "base/vec.h"
#include "model/luminaire.h"

namespace wp::photometry {

/// Rising values that places are found between, without a search.
class Steps {
 public:
    Steps() = default;
    explicit Steps(std::vector<double> at);
    struct Place {
        size_t below = 0;
        double share = 0;  ///< of the value after it
    };
    /// Within the first and the last.
    Place find(double x) const;
    const std::vector<double>& at() const { return at_; }

 private:
    std::vector<double> at_;
    std::vector<uint32_t> start_;  // by bucket
    double buckets_by_ = 0;
};

/// Intensities are linear between given angles (CIE 121:1996, clause 6.4 has them tabulated finely enough for that).
class Distribution {
 public:
    explicit Distribution(const model::LuminaireType& type);

    /// cd towards a unit direction in the luminaire's own axes.
    double candela(Vec3 away) const;
    /// cd towards C and gamma, radians, whatever planes it is given in.
    double candela_at(double c, double gamma) const;
    /// lm; of what lies linearly between given directions exactly.
    double flux() const { return flux_; }
    /// lm within a cone about straight down, gamma in radians; to a few parts in 10 000.
    double flux_below(double gamma) const;
    double most() const { return most_; }

 private:
    double at(double horizontal, double vertical) const;
    double fold(double horizontal) const;
    double find_flux() const;
    model::LuminaireType::Planes planes_;
    Steps horizontals_, verticals_;
    std::vector<float> candela_;
    double begin_ = 0, span_ = 0;  // of horizontals
    bool halves_ = false, quarters_ = false, mirrored_verticals_ = false;
    double flux_ = 0, most_ = 0;
};

/// Area that shines towards a unit direction in the luminaire's own axes, m2; 0 of a point.
double luminous_area(const model::LuminaireType& type, Vec3 away);
double luminous_area(model::LuminaireType::Opening form, double size_x, double size_y, double depth, Vec3 away);

/// Share of its light that a tilted one gives, where its file tells: between those given, beyond them the nearest.
/// tilt: degrees from straight down.
double tilt_factor(const model::LuminaireType& type, double tilt);

/// lm out of each lm of its lamps; 0 where photometry is absolute.
double output_ratio(const model::LuminaireType& type);

}  // namespace wp::photometry
