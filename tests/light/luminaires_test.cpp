// SPDX-License-Identifier: GPL-3.0-or-later
// Light of luminaires: by hand from a photometric file, against the configuration factor of a panel, the closed form of
// a white box, and particles that are shot from the luminaires.
#include <gtest/gtest.h>

#include <array>
#include <cmath>
#include <filesystem>
#include <random>

#include "base/parallel.h"
#include "light/luminaire_light.h"
#include "photometry/photometry_file.h"

using namespace wp;
using namespace wp::light;
using model::LuminaireType;

namespace {

constexpr double kWide = 5, kDeep = 4, kHigh = 3;

// A pane in the wall x = 0 of a box; of the pane as a mirror.
struct Pane {
    double from_y = 0, to_y = 0, from_z = 0, to_z = 0;
};

// A box of three reflectances, its inside space 0.
geometry::Surfaces box(double floor, double walls, double ceiling, const Pane* pane = nullptr) {
    geometry::Surfaces s;
    s.spaces = {"room"};
    const auto quad = [&](double rho, Vec3 a, Vec3 b, Vec3 c, Vec3 d) {
        const auto surface = s.add_surface({.reflectance = rho, .space = 0});
        s.add_quad(surface, a, b, c, d);
    };
    const double w = kWide, d = kDeep, h = kHigh;
    quad(floor, {0, 0, 0}, {w, 0, 0}, {w, d, 0}, {0, d, 0});
    quad(ceiling, {0, 0, h}, {0, d, h}, {w, d, h}, {w, 0, h});
    quad(walls, {0, 0, 0}, {0, 0, h}, {w, 0, h}, {w, 0, 0});
    quad(walls, {0, d, 0}, {w, d, 0}, {w, d, h}, {0, d, h});
    quad(walls, {w, 0, 0}, {w, 0, h}, {w, d, h}, {w, d, 0});
    if (pane == nullptr) {
        quad(walls, {0, 0, 0}, {0, d, 0}, {0, d, h}, {0, 0, h});
        return s;
    }
    const auto [y0, y1, z0, z1] = *pane;
    quad(walls, {0, 0, 0}, {0, d, 0}, {0, d, z0}, {0, 0, z0});
    quad(walls, {0, 0, z1}, {0, d, z1}, {0, d, h}, {0, 0, h});
    quad(walls, {0, 0, z0}, {0, y0, z0}, {0, y0, z1}, {0, 0, z1});
    quad(walls, {0, y1, z0}, {0, d, z0}, {0, d, z1}, {0, y1, z1});
    geometry::Portal portal;
    portal.corner = {0, y0, z0};
    portal.u = {0, 0, z1 - z0};
    portal.v = {0, y1 - y0, 0};
    portal.inside = 0;
    portal.outside = geometry::kOutdoors;
    portal.glazing = s.add_glazing({.transmittance = 0.9});
    portal.group = 0;
    s.groups.push_back({"room", 270, "west"});
    s.portals.push_back(portal);
    return s;
}

PlacedLuminaire placed(const LuminaireType& type, Vec3 at, size_t source = 0) {
    PlacedLuminaire out;
    out.light = std::make_shared<photometry::Distribution>(type);
    out.at = at;
    out.opening = type.opening;
    out.size_x = type.size_x;
    out.size_y = type.size_y;
    out.depth = type.depth;
    out.source = source;
    out.space = 0;
    return out;
}
LuminaireType sample(const char* name) {
    const auto file = photometry::read_photometry(std::filesystem::path(WARMPANE_SOURCE) / "data/luminaires" / name);
    return file->type;
}
// Every direction below it as bright: I = I0 cos.
LuminaireType even_panel(double size_x, double size_y, double candela) {
    LuminaireType t;
    t.horizontals = {0};
    for (double g = 0; g <= 90; g += 0.5) {
        t.verticals.push_back(g);
        t.candela.push_back(candela * std::cos(radians(g)));
    }
    t.size_x = size_x;
    t.size_y = size_y;
    return t;
}

geometry::PlanePoints level(std::vector<Vec3> points) {
    geometry::PlanePoints out;
    out.space = 0;
    out.points = std::move(points);
    out.dx = out.dy = 0.1;
    return out;
}

LuminaireLight traced(const geometry::Surfaces& s, std::vector<PlacedLuminaire> all,
                      const std::vector<geometry::PlanePoints>& planes, double accuracy,
                      std::vector<bool> cylindrical = {}) {
    const Scene scene(s);
    const Luminaires luminaires(scene, std::move(all));
    LuminaireTask task{&scene, &luminaires, &planes, std::move(cylindrical), accuracy, 3, {}};
    return trace_luminaires(task);
}
double total(const LuminaireLight& l, size_t point) {
    const std::vector<double> on(l.sources, 1.0);
    return l.direct_of(point, on) + l.reflected_of(point, on).mean;
}

// Lambertian rectangle parallel to an element under its corner (H. C. Hottel; ISO handbooks): configuration factor.
double corner_factor(double a, double b, double c) {
    const double x = a / c, y = b / c, p = std::sqrt(1 + x * x), q = std::sqrt(1 + y * y);
    return (x / p * std::atan(y / p) + y / q * std::atan(x / q)) / (2 * kPi);
}

}  // namespace

TEST(Luminaires, a_point_by_hand_from_the_file_near_and_far) {
    // The downlight's file has 754.4 cd straight down; other angles as they stand in it.
    const LuminaireType type = sample("tern-downlight.ies");
    const auto black = box(0, 0, 0);
    const Scene scene(black);
    auto point = placed(type, {2, 2, 2.8});
    point.size_x = point.size_y = 0;  // far: a point
    const Luminaires luminaires(scene, {point});
    Tally tally;
    const auto lux = [&](Vec3 at, Vec3 normal) {
        return static_cast<double>(luminaires.direct(at, 0, Receiver{normal}, tally).lux[0][0]);
    };
    EXPECT_NEAR(lux({2, 2, 0.8}, {0, 0, 1}), type.candela[0] / 4, 1e-3);
    // 30 degrees aside (the 13th angle of 2.5): cosine and inverse square; then onto an upright plane.
    ASSERT_EQ(type.verticals[12], 30);
    const double side = 2 * std::tan(radians(30)), square = 4 + side * side;
    EXPECT_NEAR(lux({2 + side, 2, 0.8}, {0, 0, 1}), type.candela[12] * std::cos(radians(30)) / square, 1e-3);
    EXPECT_NEAR(lux({2 + side, 2, 0.8}, {-1, 0, 0}), type.candela[12] * std::sin(radians(30)) / square, 1e-3);
    EXPECT_EQ(lux({2 + side, 2, 0.8}, {1, 0, 0}), 0);
    // Between two angles of the file: linear.
    const double between = 2 * std::tan(radians(31));
    const double candela = type.candela[12] + 0.4 * (type.candela[13] - type.candela[12]);
    EXPECT_NEAR(lux({2, 2 - between, 0.8}, {0, 0, 1}), candela * std::cos(radians(31)) / (4 + between * between), 1e-3);
}

TEST(Luminaires, a_tilted_and_turned_one_looks_where_it_is_aimed) {
    const LuminaireType type = sample("tern-floodlight.ies");
    const auto black = box(0, 0, 0);
    const Scene scene(black);
    auto one = placed(type, {2.5, 2, 2.5});
    one.size_x = one.size_y = one.depth = 0;
    // Raised by 45 degrees towards +y.
    const double s = std::sqrt(0.5);
    one.x = {0, s, s};
    one.y = {-1, 0, 0};
    one.z = {0, -s, s};
    const Luminaires luminaires(scene, {one});
    Tally tally;
    const auto at = [&](Vec3 p) {
        const Vec3 way = p - one.at;
        return static_cast<double>(luminaires.direct(p, 0, Receiver{-normalized(way)}, tally).lux[0][0]) *
               dot(way, way);
    };
    EXPECT_NEAR(at({2.5, 3.9, 0.6}), one.light->most(), 1e-3 * one.light->most());
    EXPECT_LT(at({2.5, 2, 0.6}), 0.02 * one.light->most());
}

TEST(Luminaires, a_luminous_panel_is_its_configuration_factor_near_and_far) {
    const auto black = box(0, 0, 0);
    const Scene scene(black);
    const double a = 1.2, b = 0.6, candela = 1000, luminance = candela / (a * b);
    const Luminaires luminaires(scene, {placed(even_panel(a, b, candela), {2.5, 2, 2.6})});
    Tally tally;
    for (const double below : {0.15, 0.4, 1.0, 2.5}) {
        // Under its middle: four corners; and under a corner.
        const double middle = 4 * kPi * luminance * corner_factor(a / 2, b / 2, below);
        const double corner = kPi * luminance * corner_factor(a, b, below);
        const auto m = luminaires.direct({2.5, 2, 2.6 - below}, 0, Receiver{}, tally);
        const auto c = luminaires.direct({2.5 + a / 2, 2 + b / 2, 2.6 - below}, 0, Receiver{}, tally);
        EXPECT_NEAR(static_cast<double>(m.lux[0][0]), middle, std::max(m.doubt[0], 1e-3 * middle)) << below;
        EXPECT_NEAR(static_cast<double>(c.lux[0][0]), corner, std::max(c.doubt[0], 1e-3 * corner)) << below;
        EXPECT_NEAR(static_cast<double>(m.lux[0][0]), middle, 0.01 * middle) << below;
    }
}

TEST(Luminaires, in_a_white_box_all_light_ends_on_its_surfaces) {
    // Whatever shines where: what surfaces of one reflectance get in all is the flux over what they absorb.
    const double rho = 0.5;
    const auto s = box(rho, rho, rho);
    const auto pendant = sample("tern-panel.ldt");
    std::vector<PlacedLuminaire> all = {placed(pendant, {1.5, 1.2, 2.9}), placed(pendant, {3.5, 2.6, 2.9}, 1)};
    std::vector<geometry::PlanePoints> planes;
    std::vector<double> areas;
    const auto face = [&](Vec3 corner, Vec3 u, Vec3 v) {
        geometry::PlanePoints p;
        p.space = 0;
        p.normal = normalized(cross(u, v));
        constexpr int kCells = 8;
        for (int i = 0; i < kCells; ++i)
            for (int j = 0; j < kCells; ++j)
                p.points.push_back(corner + u * ((i + 0.5) / kCells) + v * ((j + 0.5) / kCells) + p.normal * 1e-4);
        p.dx = p.dy = 0.1;
        areas.push_back(length(cross(u, v)));
        planes.push_back(std::move(p));
    };
    const Vec3 x{kWide, 0, 0}, y{0, kDeep, 0}, z{0, 0, kHigh};
    face({0, 0, 0}, x, y);
    face({0, 0, kHigh}, y, x);
    face({0, 0, 0}, z, x);
    face({0, kDeep, 0}, x, z);
    face({0, 0, 0}, y, z);
    face({kWide, 0, 0}, z, y);
    const auto light = traced(s, all, planes, 0.05);
    EXPECT_TRUE(light.settled);
    double direct = 0, sum = 0, area = 0;
    size_t point = 0;
    for (size_t p = 0; p < planes.size(); ++p)
        for (size_t i = 0; i < planes[p].points.size(); ++i, ++point) {
            const double each = areas[p] / static_cast<double>(planes[p].points.size());
            direct += each * light.direct_of(point, std::vector<double>{1, 1});
            sum += each * total(light, point);
            area += each;
        }
    const double flux = 2 * photometry::Distribution(pendant).flux();
    EXPECT_NEAR(direct, flux, 0.02 * flux);  // cells are coarse beside the panels
    EXPECT_NEAR(sum, flux / (1 - rho), 0.012 * flux / (1 - rho));
    EXPECT_NEAR(area, 2 * (kWide * kDeep + kWide * kHigh + kDeep * kHigh), 1e-9);
}

namespace {

// Particles from the luminaires: nothing in common with the engine but intensities by direction, whose test is another.
// The room as planes, its
// pane as a slab of glass by Fresnel with what it absorbs.
class Particles {
 public:
    Particles(const Pane* pane, std::array<double, 3> rho, bool mirrors = true)
        : pane_(pane), rho_(rho), mirrors_(mirrors) {}

    // Lumens on squares of the floor, and of a square upright on the wall x = kWide.
    void shoot(const PlacedLuminaire& l, int count, unsigned seed) {
        std::mt19937 dice(seed);
        std::uniform_real_distribution<double> u(0, 1);
        const double most = l.light->most(), each = l.light->flux() / count;
        for (int i = 0; i < count;) {
            const double z = 2 * u(dice) - 1, angle = 2 * kPi * u(dice), r = std::sqrt(1 - z * z);
            const Vec3 d{r * std::cos(angle), r * std::sin(angle), z};
            if (u(dice) * most > l.light->candela(d)) continue;
            ++i;
            Vec3 at = l.at + Vec3{(u(dice) - 0.5) * l.size_x, (u(dice) - 0.5) * l.size_y, 0};
            fly(at, d, each, dice);
        }
    }
    double lux(int i, int j) const {
        return floor_[static_cast<size_t>(i * kCells + j)] / (kWide / kCells * kDeep / kCells);
    }
    static constexpr int kCells = 5;

 private:
    void fly(Vec3 at, Vec3 d, double lumens, std::mt19937& dice) {
        std::uniform_real_distribution<double> u(0, 1);
        for (;;) {
            double far = 1e9;
            int wall = -1;
            const double pos[3] = {at.x, at.y, at.z}, dir[3] = {d.x, d.y, d.z}, size[3] = {kWide, kDeep, kHigh};
            for (int k = 0; k < 3; ++k) {
                if (dir[k] == 0) continue;
                const double t = ((dir[k] > 0 ? size[k] : 0) - pos[k]) / dir[k];
                if (t < far && t > 1e-12) far = t, wall = 2 * k + (dir[k] > 0);
            }
            at = at + d * far;
            if (pane_ != nullptr && wall == 0 && at.y > pane_->from_y && at.y < pane_->to_y && at.z > pane_->from_z &&
                at.z < pane_->to_z) {
                if (!mirrors_ || u(dice) >= mirrored(std::fabs(d.x))) return;
                d.x = -d.x;
                continue;
            }
            if (wall == 4) {
                const int i = std::min(kCells - 1, static_cast<int>(at.x / kWide * kCells)),
                          j = std::min(kCells - 1, static_cast<int>(at.y / kDeep * kCells));
                floor_[static_cast<size_t>(i * kCells + j)] += lumens;
            }
            if (u(dice) >= rho_[wall == 4 ? 0 : wall == 5 ? 2 : 1]) return;
            const double s = std::sqrt(u(dice)), angle = 2 * kPi * u(dice), up = std::sqrt(1 - s * s);
            const double a = s * std::cos(angle), b = s * std::sin(angle), in = wall % 2 == 0 ? up : -up;
            d = wall / 2 == 0 ? Vec3{in, a, b} : wall / 2 == 1 ? Vec3{a, in, b} : Vec3{a, b, in};
        }
    }
    // One pane of index 1.526 whose absorption leaves 0.9 of normal light.
    static double mirrored(double cosine) {
        static const double taken = [] {
            double low = 0, high = 1;
            for (int i = 0; i < 60; ++i) {
                const double t = (low + high) / 2, r = 0.526 * 0.526 / (2.526 * 2.526);
                ((1 - r) * (1 - r) * t / (1 - r * r * t * t) < 0.9 ? low : high) = t;
            }
            return low;
        }();
        const double n = 1.526, inner = std::sqrt(1 - (1 - cosine * cosine) / (n * n)), t = std::pow(taken, 1 / inner);
        double sum = 0;
        for (const double r : {std::pow((cosine - n * inner) / (cosine + n * inner), 2),
                               std::pow((n * cosine - inner) / (n * cosine + inner), 2)})
            sum += r * (1 + (1 - r) * (1 - r) * t * t / (1 - r * r * t * t)) / 2;
        return sum;
    }
    const Pane* pane_;
    std::array<double, 3> rho_;
    bool mirrors_;
    std::array<double, kCells * kCells> floor_{};
};

}  // namespace

TEST(Luminaires, particles_shot_from_them_agree_with_the_paths_to_them) {
    const Pane pane{0.5, 3.5, 0.4, 2.6};
    const auto s = box(0.3, 0.6, 0.8, &pane);
    const auto linear = placed(sample("tern-linear.ies"), {1.2, 2.2, 2.5});
    Particles particles(&pane, {0.3, 0.6, 0.8});
    particles.shoot(linear, 3000000, 11);
    // Means of squares by points of the engine.
    constexpr int n = Particles::kCells, kEach = 4;
    std::vector<Vec3> points;
    for (int i = 0; i < n * kEach; ++i)
        for (int j = 0; j < n * kEach; ++j)
            points.push_back({(i + 0.5) * kWide / (n * kEach), (j + 0.5) * kDeep / (n * kEach), 1e-4});
    const std::vector<geometry::PlanePoints> planes = {level(points)};
    const auto light = traced(s, {linear}, planes, 0.02);
    double most = 0;
    for (int i = 0; i < n; ++i)
        for (int j = 0; j < n; ++j) {
            double sum = 0;
            for (int a = 0; a < kEach; ++a)
                for (int b = 0; b < kEach; ++b)
                    sum += total(light, static_cast<size_t>((i * kEach + a) * n * kEach + j * kEach + b));
            const double mean = sum / (kEach * kEach), shot = particles.lux(i, j);
            most = std::max(most, std::fabs(mean / shot - 1));
            EXPECT_NEAR(mean, shot, 0.02 * shot) << i << " " << j;
        }
    EXPECT_LT(most, 0.02);
    // The pane's mirror counts: by more than is allowed here.
    Particles without(&pane, {0.3, 0.6, 0.8}, false);
    without.shoot(linear, 3000000, 12);
    double least = 1;
    for (int i = 0; i < n; ++i) least = std::min(least, without.lux(i, 2) / particles.lux(i, 2));
    EXPECT_LT(least, 0.965);
}

TEST(Luminaires, cylindrical_illuminance_is_the_mean_over_upright_planes) {
    const auto s = box(0.2, 0.5, 0.7);
    const std::vector<PlacedLuminaire> all = {placed(sample("tern-pendant.ldt"), {1.5, 1.5, 2.3})};
    const Vec3 at{3, 2.5, 1.2};
    std::vector<geometry::PlanePoints> planes = {level({at})};
    constexpr int kPlanes = 36;
    for (int k = 0; k < kPlanes; ++k) {
        planes.push_back(level({at}));
        planes.back().normal = {std::cos(2 * kPi * k / kPlanes), std::sin(2 * kPi * k / kPlanes), 0};
    }
    std::vector<bool> cylindrical(planes.size(), false);
    cylindrical[0] = true;
    const auto light = traced(s, all, planes, 0.02, cylindrical);
    double mean = 0;
    for (size_t k = 1; k <= kPlanes; ++k) mean += total(light, k) / kPlanes;
    EXPECT_NEAR(total(light, 0), mean, 0.02 * mean);
}

TEST(Luminaires, circuits_add_up_and_dim_without_a_ray) {
    const auto s = box(0.2, 0.5, 0.7);
    const auto type = sample("tern-panel.ldt");
    const std::vector<geometry::PlanePoints> planes = {level({{1, 1, 0.8}, {2.5, 2, 0.8}, {4, 3, 0.8}})};
    const auto both = traced(s, {placed(type, {1.2, 2, 2.9}, 0), placed(type, {3.8, 2, 2.9}, 1)}, planes, 0.01);
    const auto first = traced(s, {placed(type, {1.2, 2, 2.9}, 0)}, planes, 0.01);
    for (size_t i = 0; i < 3; ++i) {
        const std::vector<double> one{1, 0}, dimmed{0.3, 0};
        const double alone = both.direct_of(i, one) + both.reflected_of(i, one).mean;
        EXPECT_NEAR(alone, total(first, i),
                    both.half_width_of(i, one) + first.half_width_of(i, std::vector<double>{1}));
        EXPECT_NEAR(both.direct_of(i, dimmed) + both.reflected_of(i, dimmed).mean, 0.3 * alone, 1e-6 * alone);
    }
}

TEST(Luminaires, the_same_bits_for_any_number_of_threads) {
    const auto s = box(0.2, 0.5, 0.7);
    const std::vector<geometry::PlanePoints> planes = {level({{1, 1, 0.8}, {2.5, 2, 0.8}, {4, 3, 0.8}})};
    const std::vector<PlacedLuminaire> all = {placed(sample("tern-pendant.ldt"), {1.5, 1.5, 2.3})};
    LuminaireLight by[2];
    for (const int threads : {1, 2}) with_threads(threads, [&] { by[threads - 1] = traced(s, all, planes, 0.03); });
    EXPECT_EQ(by[0].reflected, by[1].reflected);
    EXPECT_EQ(by[0].direct, by[1].direct);
}
