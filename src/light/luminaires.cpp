// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/luminaires.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>

namespace wp::light {

namespace {

// Parts of what shines are no wider than this share of their distance: the quadrature's error is of its square.
constexpr double kPartOfDistance = 1.0 / 8;
constexpr int kMostParts = 40;
constexpr double kOff = 1e-4;  // metres that looks end before a luminaire

}  // namespace

Vec3 PlacedLuminaire::place(double u, double v, double w) const {
    double px = (u - 0.5) * size_x, py = (v - 0.5) * size_y;
    if (opening == model::LuminaireType::Opening::ellipse) {
        const double r = std::sqrt(u) / 2, angle = 2 * kPi * v;
        px = r * std::cos(angle) * size_x;
        py = r * std::sin(angle) * size_y;
    } else if (opening == model::LuminaireType::Opening::ball) {
        return at;  // from outside a ball shines as its middle would
    }
    return at + x * px + y * py + z * ((w - 0.5) * depth);
}

namespace {

using Form = model::LuminaireType::Opening;

// As it is drawn in pictures.
Form drawn_as(const PlacedLuminaire& l) {
    return l.opening == Form::ellipse && l.depth > 0 ? Form::rectangle : l.opening;
}

}  // namespace

std::optional<double> PlacedLuminaire::meets(Vec3 from, Vec3 along) const {
    const Vec3 o = own(from - at), d = own(along);
    if (opening == Form::ball) {
        const double r = std::max({size_x, size_y, depth}) / 2, b = dot(o, d), c = dot(o, o) - r * r, root = b * b - c;
        if (!(r > 0) || root < 0 || -b - std::sqrt(root) <= 0) return {};
        return -b - std::sqrt(root);
    }
    if (!(size_x > 0) || !(size_y > 0)) return {};
    if (depth <= 0) {
        if (!(std::fabs(d.z) > 1e-9)) return {};
        const double t = -o.z / d.z, px = (o.x + t * d.x) * 2 / size_x, py = (o.y + t * d.y) * 2 / size_y;
        const bool inside =
            opening == Form::ellipse ? px * px + py * py <= 1 : std::fabs(px) <= 1 && std::fabs(py) <= 1;
        return t > 0 && inside ? std::optional(t) : std::nullopt;
    }
    double near = 0, far = 1e9;
    for (const auto& [p, q, half] : {std::array{o.x, d.x, size_x / 2}, {o.y, d.y, size_y / 2}, {o.z, d.z, depth / 2}}) {
        if (std::fabs(q) < 1e-12) {
            if (std::fabs(p) > half) return {};
            continue;
        }
        const double a = (-half - p) / q, b = (half - p) / q;
        near = std::max(near, std::min(a, b));
        far = std::min(far, std::max(a, b));
    }
    return near > 0 && near < far ? std::optional(near) : std::nullopt;
}

double PlacedLuminaire::luminance(Vec3 away) const {
    const double area = photometry::luminous_area(drawn_as(*this), size_x, size_y, depth, own(away));
    return area > 1e-9 ? candela(away) / area : 0;
}

double Receiver::share(Vec3 towards) const {
    const double height = dot(towards, up);
    if (height < least || height > most) return 0;
    if (cylindrical) return std::sqrt(std::max(0.0, 1 - towards.z * towards.z)) / kPi;
    return std::max(0.0, dot(towards, normal));
}

Luminaires::Luminaires(const Scene& scene, std::vector<PlacedLuminaire> all) : scene_(scene), all_(std::move(all)) {
    for (const auto& l : all_) sources_ = std::max(sources_, l.source + 1);
    find_glances();
    find_mirrors();
    find_candidates();
}

namespace {

constexpr int kCells = 48;  // of the octahedral map, each way

// The unit sphere unfolded onto a square of -1 to 1 each way (octahedral map).
Vec3f of_square(float u, float v) {
    Vec3f d{u, v, 1 - std::fabs(u) - std::fabs(v)};
    if (d.z < 0) d = {(1 - std::fabs(v)) * std::copysign(1.0f, u), (1 - std::fabs(u)) * std::copysign(1.0f, v), d.z};
    return normalized(d);
}

}  // namespace

float Luminaires::Glance::worth(Vec3f from) const {
    const Vec3f way = from - at;
    const float square = dot(way, way), inverse = 1 / std::sqrt(square + 1e-12f);
    const Vec3f d{dot(way, x) * inverse, dot(way, y) * inverse, dot(way, z) * inverse};
    const float sum = std::fabs(d.x) + std::fabs(d.y) + std::fabs(d.z) + 1e-12f;
    float u = d.x / sum, v = d.y / sum;
    if (d.z < 0) {
        const float folded = (1 - std::fabs(v)) * std::copysign(1.0f, u);
        v = (1 - std::fabs(u)) * std::copysign(1.0f, v);
        u = folded;
    }
    const auto cell = [](float t) { return std::clamp(static_cast<int>((t + 1) * 0.5f * kCells), 0, kCells - 1); };
    return (*candela)[static_cast<size_t>(cell(v) * kCells + cell(u))] / std::max(square, near);
}

void Luminaires::find_glances() {
    std::map<const photometry::Distribution*, std::shared_ptr<const std::vector<float>>> known;
    for (const PlacedLuminaire& l : all_) {
        auto& cells = known[l.light.get()];
        if (cells == nullptr) {
            auto made = std::make_shared<std::vector<float>>();
            // A part of what shines may see what its middle does not, and a cell is wide.
            const auto least = static_cast<float>(0.02 * l.light->most());
            for (int v = 0; v < kCells; ++v)
                for (int u = 0; u < kCells; ++u) {
                    const Vec3f d = of_square(2 * (static_cast<float>(u) + 0.5f) / kCells - 1,
                                              2 * (static_cast<float>(v) + 0.5f) / kCells - 1);
                    made->push_back(static_cast<float>(l.light->candela(d.as<double>())) + least);
                }
            cells = made;
        }
        glances_.push_back({l.at.as<float>(), l.x.as<float>(), l.y.as<float>(), l.z.as<float>(),
                            static_cast<float>(l.reach() * l.reach() + 1e-6), cells});
    }
}

int Luminaires::plane_of(const ScenePortal& portal) const {
    constexpr double same = 1e-4;
    const Vec3 point = portal.corner.as<double>(), normal = portal.normal.as<double>();
    for (size_t k = 0; k < mirrors_.size(); ++k)
        if (std::fabs(dot(mirrors_[k].normal, normal)) > 1 - same &&
            std::fabs(dot(point - mirrors_[k].point, mirrors_[k].normal)) < same)
            return static_cast<int>(k);
    return -1;
}

bool Luminaires::may_mirror(const PlacedLuminaire& l, Vec3 at, const Mirror& m) const {
    const double a = dot(l.at - m.point, m.normal), b = dot(at - m.point, m.normal), reach = l.reach();
    if (std::fabs(a) > reach && !(a * b > 0)) return false;
    // Where the way to the middle meets the plane; parts of what shines meet it as far off as it is large, at most.
    const double depth = std::fabs(a) + std::fabs(b);
    if (!(depth > 1e-9)) return true;
    const Vec3 foot = at - m.normal * b, other = l.at - m.normal * a;
    const Vec3 meets = foot + (other - foot) * (std::fabs(b) / depth);
    return pane_at(m, meets.as<float>(), static_cast<float>(reach) + 1e-3f) >= 0;
}

int Luminaires::pane_at(const Mirror& mirror, Vec3f place, float margin) const {
    for (const int k : mirror.panes) {
        const ScenePortal& p = scene_.portals()[static_cast<size_t>(k)];
        const Vec3f from = place - p.corner;
        const float u = dot(from, p.unit_u), v = dot(from, p.unit_v);
        if (u >= -margin && v >= -margin && u <= p.length_u + margin && v <= p.length_v + margin) return k;
    }
    return -1;
}

void Luminaires::find_mirrors() {
    for (size_t k = 0; k < scene_.portals().size(); ++k) {
        const ScenePortal& portal = scene_.portals()[k];
        if (portal.glass == nullptr || portal.pass(portal.normal).mirror + portal.pass(-portal.normal).mirror <= 0)
            continue;
        int known = plane_of(portal);
        if (known < 0) {
            known = static_cast<int>(mirrors_.size());
            mirrors_.push_back({portal.corner.as<double>(), portal.normal.as<double>(), {}});
        }
        mirrors_[static_cast<size_t>(known)].panes.push_back(static_cast<int>(k));
    }
}

// Rooms that share air or have panes between them see each other's luminaires; what goes by way of the open air only
// comes from luminaires that stand there.
void Luminaires::find_candidates() {
    const size_t spaces = scene_.spaces();
    std::vector<size_t> part(spaces);
    for (size_t s = 0; s < spaces; ++s) part[s] = s;
    const auto root = [&](size_t s) {
        while (part[s] != s) s = part[s];
        return s;
    };
    const auto join = [&](int a, int b) {
        if (a >= 0 && b >= 0) part[root(static_cast<size_t>(a))] = root(static_cast<size_t>(b));
    };
    for (size_t a = 0; a < spaces; ++a)
        for (size_t b = 0; b < a; ++b)
            if (scene_.air_of(static_cast<int>(a)) == scene_.air_of(static_cast<int>(b)))
                join(static_cast<int>(a), static_cast<int>(b));
    std::vector<bool> open(spaces, false);
    for (const ScenePortal& p : scene_.portals()) {
        join(p.inside, p.outside);
        for (const auto& [own, other] : {std::pair{p.inside, p.outside}, {p.outside, p.inside}})
            if (own >= 0 && other < 0) open[static_cast<size_t>(own)] = true;
    }
    std::vector<bool> opens(spaces, false);
    for (size_t s = 0; s < spaces; ++s)
        if (open[s]) opens[root(s)] = true;
    candidates_.resize(spaces + 1);
    for (size_t s = 0; s <= spaces; ++s) {
        std::vector<bool> near(mirrors_.size(), false);
        // A pane mirrors what shines in the same air; what it mirrors of another room, through a pane between, is left
        // out.
        const int air = s < spaces ? scene_.air_of(static_cast<int>(s)) : -1;
        for (size_t m = 0; m < mirrors_.size(); ++m)
            for (const int k : mirrors_[m].panes) {
                const ScenePortal& p = scene_.portals()[static_cast<size_t>(k)];
                for (const int space : {p.inside, p.outside})
                    if (s < spaces && space >= 0 && scene_.air_of(space) == air) near[m] = true;
            }
        for (size_t i = 0; i < all_.size(); ++i) {
            const int own = all_[i].space;
            const bool here = s == spaces ? own < 0
                              : own < 0   ? opens[root(s)]
                                          : root(static_cast<size_t>(own)) == root(s);
            if (!here) continue;
            candidates_[s].push_back({static_cast<int>(i), -1});
            for (size_t m = 0; m < mirrors_.size(); ++m)
                if (near[m] && own >= 0 && scene_.air_of(own) == air)
                    candidates_[s].push_back({static_cast<int>(i), static_cast<int>(m)});
        }
        // In the order of sources, so that looks fall onto all of them.
        std::ranges::stable_sort(candidates_[s], [&](const Candidate& a, const Candidate& b) {
            return all_[static_cast<size_t>(a.luminaire)].source < all_[static_cast<size_t>(b.luminaire)].source;
        });
    }
}

const std::vector<Luminaires::Candidate>& Luminaires::seen_from(int space) const {
    return space >= 0 && static_cast<size_t>(space) + 1 < candidates_.size() ? candidates_[static_cast<size_t>(space)]
                                                                             : candidates_.back();
}

Vec3 Luminaires::mirrored(Vec3 at, int image) const {
    if (image < 0) return at;
    const Mirror& m = mirrors_[static_cast<size_t>(image)];
    return at - m.normal * (2 * dot(at - m.point, m.normal));
}

ByState Luminaires::passes(Vec3 from, Vec3 to, int image, size_t choice, Tally& tally) const {
    if (image < 0) {
        ++tally.rays;
        return scene_.seen_through(to.as<float>(), from.as<float>(), static_cast<float>(kOff));
    }
    const Mirror& m = mirrors_[static_cast<size_t>(image)];
    const double a = dot(from - m.point, m.normal), b = dot(to - m.point, m.normal);
    if (!(a * b > 1e-8)) return {};
    const Vec3 back = mirrored(from, image), way = normalized(back - to);
    // It must meet a pane of this plane.
    const double far = std::fabs(b / dot(way, m.normal));
    const Vec3 meets = to + way * far;
    const int portal = pane_at(m, meets.as<float>());
    if (portal < 0) return {};
    const ScenePortal& pane = scene_.portals()[static_cast<size_t>(portal)];
    const Vec3f direction = way.as<float>();
    const float mirrors = pane.pass(direction).mirror;
    if (!(mirrors > 0)) return {};
    const Vec3 off = m.normal * (a > 0 ? 1e-4 : -1e-4);
    tally.rays += 2;
    ByState out = scene_.seen_through(to.as<float>(), (meets + off).as<float>(), 0);
    out = out * scene_.seen_through((meets + off).as<float>(), from.as<float>(), static_cast<float>(kOff)) * mirrors;
    return pane.tints.empty() ? out : out * pane.mirror_tint(direction, choice);
}

ByState Luminaires::sum(const Candidate& c, Vec3 at, const Receiver& receiver, double fineness, bool& partly,
                        double& coarse, Tally& tally) const {
    const PlacedLuminaire& l = all_[static_cast<size_t>(c.luminaire)];
    partly = false, coarse = 0;
    if (c.image >= 0 && !may_mirror(l, at, mirrors_[static_cast<size_t>(c.image)])) return {};
    const Vec3 seen = mirrored(at, c.image);
    const double distance = std::max(length(l.at - seen) - l.reach(), 0.02);
    const bool ball = l.opening == model::LuminaireType::Opening::ball;
    const auto parts = [&](double size) {
        if (ball || !(size > 0)) return 1;
        const double wanted = std::ceil(size / (distance * kPartOfDistance)) * fineness;
        return std::clamp(static_cast<int>(wanted), 1, kMostParts);
    };
    const bool round = l.opening == model::LuminaireType::Opening::ellipse;
    const int nx = parts(l.size_x), ny = round ? std::min(kMostParts, 3 * parts(l.size_y)) : parts(l.size_y),
              nz = parts(l.depth);
    ByState out{};
    double unhindered = 0, blocked = 0, open = 0;
    for (int i = 0; i < nx; ++i)
        for (int j = 0; j < ny; ++j)
            for (int k = 0; k < nz; ++k) {
                const Vec3 place = l.place((i + 0.5) / nx, (j + 0.5) / ny, (k + 0.5) / nz), way = place - seen;
                const double square = dot(way, way);
                if (!(square > 1e-8)) continue;
                const Vec3 towards = way * (1 / std::sqrt(square));
                const Vec3 arrives = c.image >= 0 ? normalized(mirrored(place, c.image) - at) : towards;
                const double share = receiver.share(arrives);
                const double lux = share > 0 ? l.candela(-towards) / square * share / (nx * ny * nz) : 0.0;
                if (!(lux > 0)) continue;
                unhindered += lux;
                const ByState passed = passes(place, at, c.image, 0, tally);
                (passed[0] > 0 ? open : blocked) += lux;
                out = out + passed * static_cast<float>(lux);
            }
    partly = open > 0 && blocked > 0;
    coarse = unhindered;
    return out;
}

Luminaires::Direct Luminaires::direct(Vec3 at, int space, const Receiver& receiver, Tally& tally) const {
    Direct out{std::vector<ByState>(sources_, ByState{}), std::vector<double>(sources_, 0.0)};
    for (const Candidate& c : seen_from(space)) {
        const PlacedLuminaire& l = all_[static_cast<size_t>(c.luminaire)];
        bool partly = false, finer_partly = false;
        double whole = 0, finer_whole = 0;
        ByState lux = sum(c, at, receiver, 1, partly, whole, tally);
        double doubt = 0;
        // Where something stands before a part of what shines, and where it is seen from near by, parts are cut finer
        // and the difference is told.
        const bool near = l.reach() > 0.2 * length(l.at - mirrored(at, c.image));
        if (partly || (near && whole > 0)) {
            const ByState finer = sum(c, at, receiver, 3, finer_partly, finer_whole, tally);
            doubt = std::fabs(static_cast<double>(finer[0] - lux[0]));
            lux = finer;
        } else if (lux[0] > 0 && l.reach() > 0) {
            // Of the midpoint rule over parts so narrow.
            const double wide = std::min(kPartOfDistance, 2 * l.reach() / length(l.at - mirrored(at, c.image)));
            doubt = static_cast<double>(lux[0]) * wide * wide / 8;
        }
        out.lux[l.source] = out.lux[l.source] + lux;
        out.doubt[l.source] += doubt;
    }
    return out;
}

}  // namespace wp::light
