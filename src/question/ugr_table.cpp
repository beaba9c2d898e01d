// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/ugr_table.h"

#include <Eigen/LU>
#include <cmath>

#include "metric/glare_index.h"
#include "photometry/distribution.h"

namespace wp::question {

namespace {

constexpr double kApart = 0.25;
// Luminaires of a plane are summed over places of them; fluxes onto the floor over so many directions.
constexpr int kRings = 90, kSectors = 72;

// Parallel rectangles of sides x and y, 1 apart: share of what one sends out evenly that meets the other.
double facing(double x, double y) {
    const double p = std::sqrt(1 + x * x), q = std::sqrt(1 + y * y);
    return 2 / (kPi * x * y) *
           (std::log(p * q / std::sqrt(1 + x * x + y * y)) + x * q * std::atan(x / q) + y * p * std::atan(y / p) -
            x * std::atan(x) - y * std::atan(y));
}

// Share of a luminaire's light that falls straight onto the floor of the room, mean over all places; C 0 along the line
// of sight or across it.
double onto_floor(const photometry::Distribution& light, double x, double y, bool endwise) {
    double out = 0;
    for (int g = 0; g < kRings; ++g) {
        const double a = kPi / 2 * g / kRings, b = kPi / 2 * (g + 1) / kRings, gamma = (a + b) / 2,
                     ring = (std::cos(a) - std::cos(b)) * 2 * kPi / kSectors, away = std::tan(gamma);
        for (int c = 0; c < kSectors; ++c) {
            const double azimuth = 2 * kPi * (c + 0.5) / kSectors;
            // Places from which a ray of this direction still meets the floor.
            const double dx = std::fabs(away * std::cos(azimuth)), dy = std::fabs(away * std::sin(azimuth));
            const double share = std::max(0.0, 1 - dx / x) * std::max(0.0, 1 - dy / y);
            out += ring * share * light.candela_at(endwise ? azimuth : azimuth - kPi / 2, gamma);
        }
    }
    return out;
}

}  // namespace

std::optional<double> ugr_of_room(const model::LuminaireType& type, double x, double y, const RoomReflectances& r,
                                  bool endwise) {
    const photometry::Distribution light(type);
    if (!(light.flux() > 0)) return {};
    const double area = x * y, walls = 2 * (x + y), count = area / (kApart * kApart);
    const double floor = onto_floor(light, x, y, endwise), down = light.flux_below(kPi / 2), up = light.flux() - down;
    // Irradiances by direct light: ceiling, walls, floor.
    const Eigen::Vector3d direct{count * up / area, count * (down - floor) / walls, count * floor / area};
    const double f = facing(x, y), to_walls = 1 - f, from_walls = area * to_walls / walls;
    Eigen::Matrix3d meets;
    meets << 0, to_walls, f, from_walls, 1 - 2 * from_walls, from_walls, f, to_walls, 0;
    const Eigen::Vector3d rho{r.ceiling, r.walls, r.floor};
    const Eigen::Vector3d all = (Eigen::Matrix3d::Identity() - meets * rho.asDiagonal()).inverse() * direct;
    const double background = (all - direct)[1] / kPi;
    double sum = 0;
    const int across = static_cast<int>(std::lround(x / kApart)), along = static_cast<int>(std::lround(y / kApart));
    for (int i = 0; i < across; ++i)
        for (int k = 0; k < along; ++k) {
            const double aside = (i + 0.5) * kApart - x / 2, ahead = (k + 0.5) * kApart;
            if (std::hypot(aside, 1.0) > metric::kGuthFarthest * ahead) continue;
            const double square = aside * aside + ahead * ahead + 1, far = std::sqrt(square);
            // From the luminaire to the eye, in its own axes: C 0 along the line of sight where it is seen crosswise.
            const Vec3 to_eye{-aside / far, -ahead / far, -1 / far};
            const Vec3 own = endwise ? Vec3{to_eye.x, to_eye.y, to_eye.z} : Vec3{to_eye.y, -to_eye.x, to_eye.z};
            const double shines = photometry::luminous_area(type, own), candela = light.candela(own);
            if (!(shines > 1e-9)) return {};
            const double p = metric::position_index(normalized(Vec3{aside, 1, ahead}));
            sum += candela * candela / (shines * square * p * p);
        }
    return metric::unified_glare_rating(sum, background);
}

}  // namespace wp::question
