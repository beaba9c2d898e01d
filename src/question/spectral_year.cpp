// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/spectral_year.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

#include "base/parallel.h"
#include "light/directions.h"
#include "model/project.h"
#include "question/field_parts.h"
#include "question/mixed_blinds.h"
#include "question/outdoor_spectrum.h"
#include "question/spectral.h"
#include "question/year_light.h"

namespace wp::question {

namespace {

using Matrix = Eigen::Matrix<float, Eigen::Dynamic, Eigen::Dynamic, Eigen::RowMajor>;

/// Days that are computed together, points that one thread takes, and points whose light stands in memory at once.
constexpr int kDays = 16;
constexpr size_t kPointsAbreast = 8, kPointsTogether = 1024;

bool is_indoors(uint32_t row) {
    const auto way = static_cast<light::Way>(row % light::kWays);
    return way == light::Way::from_inside || way == light::Way::inside_off_ground;
}

// Lit hours from one to before another, of whole days and of one state of trees and ground.
struct Span {
    size_t from = 0, to = 0;
    size_t state = 0;
};

// Light of all bands, in one state of trees and ground and one of the blinds.
struct Lit {
    size_t layer = 0;
    SpectralField field;
};

// A window group's part of the light, or that of none, apart by whether it was reflected indoors last: that grows where
// blinds of others stand otherwise.
struct Part {
    int group = -1;
    bool indoors = false;
    std::map<int, Eigen::ArrayXf> counts{};  // by space of the points, of each hour: how much it counts
};

class SpectralYear {
 public:
    SpectralYear(const SpectralYearTask& task, const YearSky& sky, const Effort& effort, const TakeDays& take,
                 const Cancel& cancel, const Progress& progress)
        : task_(task),
          sky_(sky),
          effort_(effort),
          take_(take),
          cancel_(cancel),
          progress_(progress),
          bins_(task.bands),
          spectra_(columns_, bins_, task.colour, ground_of(*task.project)),
          states_(light::states_of(*task.surfaces)) {
        for (size_t k = 0; k < state_count(*task.groups); ++k)
            layers_.push_back(layers_of(*task.surfaces, *task.groups, k));
        for (const auto& portal : task.surfaces->portals)
            group_of_portal_.push_back(group_of_opening(*task.groups, portal.opening));
        mixed_ = std::make_unique<MixedBlinds>(enclosures_of(*task.surfaces), panes_of(*task.surfaces), layers_,
                                               group_of_portal_);
        for (int g = -1; g < static_cast<int>(task.groups->size()); ++g)
            for (const bool indoors : {false, true}) parts_.push_back({g, indoors, {}});
        find_colours();
        find_spans();
    }

    Record run() {
        record_.wanted = effort_.accuracy;
        record_.seed = effort_.seed;
        record_.settled = true;
        const auto& planes = *task_.planes;
        size_t all = 0, done = 0;
        for (const auto& plane : planes) all += plane.points.size();
        for (size_t first = 0; first < planes.size() && !cancel_.requested();) {
            size_t last = first, points = 0;
            while (last < planes.size() && (last == first || points + planes[last].points.size() <= kPointsTogether))
                points += planes[last++].points.size();
            const double from = static_cast<double>(done) / static_cast<double>(std::max<size_t>(all, 1)),
                         span = static_cast<double>(points) / static_cast<double>(std::max<size_t>(all, 1));
            solve(first, last, from, span);
            done += points;
            first = last;
        }
        if (cancel_.requested()) record_.settled = false;
        return record_;
    }

 private:
    // By lit hour: colours outdoors, and what the eye takes of each band.
    void find_colours() {
        const size_t lit = sky_.hours.size();
        for (size_t r = 0; r < lit; ++r) {
            const auto& hour = sky_.outdoor[static_cast<size_t>(sky_.hours[r])];
            const double up = std::max(0.0, sky_.to_sun[r].z), sun = static_cast<double>(sky_.beam[r]);
            const OutdoorSpectrum moment = spectra_.of(
                {sky_.row(r), std::asin(std::clamp(sky_.to_sun[r].z, -1.0, 1.0)), sun, sun * up, hour.diffuse_lux});
            // Of D65 all hours are alike.
            if (task_.colour == model::SkyColour::d65 && r > 0) {
                melanopic_.push_back(melanopic_[0]), photopic_.push_back(photopic_[0]);
            } else {
                melanopic_.push_back(taken_of_bands(spectrum::Answer::melanopic, bins_, moment.shape));
                photopic_.push_back(taken_of_bands(spectrum::Answer::y, bins_, moment.shape));
                const double edi = 1 / spectrum::daylight_efficacy(spectrum::Answer::melanopic);
                for (double& v : melanopic_.back()) v *= edi;
                for (double& v : photopic_.back()) v *= spectrum::kLumens;
            }
            colour_of_.insert(colour_of_.end(), moment.colour_of.begin(), moment.colour_of.end());
            ground_.push_back(moment.ground), sun_.push_back(moment.sun);
        }
    }

    void find_spans() {
        const auto state_of = [&](size_t r) { return states_.in(climate::moment_of(sky_.hours[r] / 24, 12).month); };
        for (size_t r = 0; r < sky_.hours.size();) {
            Span span{r, r, state_of(r)};
            const int first_day = sky_.hours[r] / 24;
            while (span.to < sky_.hours.size() && sky_.hours[span.to] / 24 < first_day + kDays &&
                   state_of(span.to) == span.state)
                ++span.to;
            r = span.to;
            spans_.push_back(span);
        }
    }

    size_t layer_in(int group, size_t lit_hour) const {
        if (group < 0 || task_.states.empty()) return 0;
        return task_.states[static_cast<size_t>(group)][static_cast<size_t>(sky_.hours[lit_hour])];
    }
    // States of the blinds in which any group stands in any hour; those of no group are open.
    std::set<size_t> layers_in_use(size_t state) const {
        std::set<size_t> out{0};
        for (const Span& span : spans_)
            if (span.state == state)
                for (size_t r = span.from; r < span.to; ++r)
                    for (size_t g = 0; g < task_.groups->size(); ++g) out.insert(layer_in(static_cast<int>(g), r));
        return out;
    }

    // Planes from first to before last.
    void solve(size_t first, size_t last, double from, double span) {
        planes_.assign(task_.planes->begin() + static_cast<std::ptrdiff_t>(first),
                       task_.planes->begin() + static_cast<std::ptrdiff_t>(last));
        const std::vector<int> groups =
            task_.groups->empty() ? std::vector<int>(group_of_portal_.size(), -1) : group_of_portal_;
        for (size_t s = 0; s < states_.all.size() && !cancel_.requested(); ++s) {
            std::vector<Lit> lit;
            const auto layers = layers_in_use(s);
            size_t traced = 0;
            for (const size_t layer : layers) {
                FieldTask task{task_.surfaces, &planes_,       task_.place, task_.north_azimuth,
                               states_.all[s], layers_[layer], groups};
                lit.push_back({layer, trace_spectral_field(*task_.project, task, bins_.count(), effort_, cancel_)});
                if (cancel_.requested()) return;
                note(lit.back().field.all().record);
                const double share = static_cast<double>(++traced) / static_cast<double>(layers.size());
                if (progress_)
                    progress_(from +
                              span * 0.7 * (static_cast<double>(s) + share) / static_cast<double>(states_.all.size()));
            }
            for (const Span& days : spans_)
                if (days.state == s && !cancel_.requested()) add_days(lit, days, first);
        }
        if (progress_) progress_(from + span);
    }
    void note(const Record& one) {
        record_.inputs.add(one.inputs);
        record_.reached = std::max(record_.reached, one.reached);
        record_.settled = record_.settled && one.settled;
        record_.rays += one.rays, record_.paths += one.paths, record_.seconds += one.seconds;
    }

    // Sums over bands in the making: points x hours.
    struct Sums {
        Matrix melanopic, lux, melanopic_width, lux_width;
        explicit Sums(size_t points, size_t hours) {
            for (Matrix* m : {&melanopic, &lux, &melanopic_width, &lux_width})
                m->setZero(static_cast<Eigen::Index>(points), static_cast<Eigen::Index>(hours));
        }
    };

    void add_days(const std::vector<Lit>& lit, const Span& days, size_t first_plane) {
        size_t points = 0;
        for (const auto& plane : planes_) points += plane.points.size();
        Sums sums(points, days.to - days.from);
        for (const Lit& light : lit) add_layer(light, days, sums);
        size_t first = 0;
        for (size_t p = 0; p < planes_.size(); ++p) {
            give(days, first_plane + p, first, planes_[p].points.size(), sums);
            first += planes_[p].points.size();
        }
    }
    void give(const Span& days, size_t plane, size_t first, size_t count, const Sums& sums) const {
        SpectralDays out;
        out.plane = plane;
        out.points = count;
        out.hours = std::span(sky_.hours).subspan(days.from, days.to - days.from);
        const auto take = [&](const Matrix& from) {
            std::vector<float> to(out.hours.size() * count);
            for (size_t h = 0; h < out.hours.size(); ++h)
                for (size_t i = 0; i < count; ++i)
                    to[h * count + i] = from(static_cast<Eigen::Index>(first + i), static_cast<Eigen::Index>(h));
            return to;
        };
        out.melanopic = take(sums.melanopic), out.lux = take(sums.lux);
        out.melanopic_half_width = take(sums.melanopic_width), out.lux_half_width = take(sums.lux_width);
        take_(out);
    }

    // The sun of some hours on the patches of one pass of bands.
    struct Sun {
        std::vector<size_t> hours;  // of the days
        light::Sunlit lit;          // suns: band by band, hour by hour
        std::vector<float> veil;    // of each patch and hour
    };
    Sun look(const std::span<const LightField> bands, const Span& days) const {
        Sun out;
        const auto& set = bands.front().coefficients.patches;
        if (set == nullptr) return out;
        for (size_t r = days.from; r < days.to; ++r)
            if (sky_.beam[r] > 0 && sky_.to_sun[r].z > 0) out.hours.push_back(r - days.from);
        std::vector<light::SunLook> looks;
        for (const LightField& band : bands)
            for (size_t h = 0; h < out.hours.size(); ++h) {
                const auto n = static_cast<uint32_t>(h);
                looks.push_back(
                    {sky_.to_sun[days.from + out.hours[h]].as<float>(), band.scene.get(), band.band, {n, n, n}});
            }
        out.lit = light::look_for_suns(*set, looks);
        return out;
    }

    void add_layer(const Lit& light, const Span& days, Sums& sums) const {
        // Which parts of the light come in this state of the blinds, and in which hours.
        std::vector<Part> parts;
        for (const Part& part : parts_) {
            bool is = false;
            for (size_t r = days.from; r < days.to && !is; ++r) is = layer_in(part.group, r) == light.layer;
            if (!is) continue;
            parts.push_back(part);
            for (const auto& plane : planes_)
                if (!parts.back().counts.contains(plane.space))
                    parts.back().counts[plane.space] = counts(part, light.layer, days, plane.space);
        }
        const std::span<const LightField> bands = std::span(light.field.bands).subspan(1);
        for (size_t first = 0; first < bands.size();) {
            const size_t count = traced_together(bands, first);
            const auto together = bands.subspan(first, count);
            const Sun sun = look(together, days);
            for (size_t b = first; b < first + count; ++b) add_band(bands[b], b, b - first, parts, days, sun, sums);
            first += count;
        }
        add_direct(light, days, sums);
    }

    // By how much the light of a part counts in each hour: not at all where its blinds stand otherwise.
    Eigen::ArrayXf counts(const Part& part, size_t layer, const Span& days, int space) const {
        Eigen::ArrayXf out(static_cast<Eigen::Index>(days.to - days.from));
        std::vector<uint8_t> now(task_.groups->size(), 0);
        for (size_t r = days.from; r < days.to; ++r) {
            float& v = out[static_cast<Eigen::Index>(r - days.from)];
            v = layer_in(part.group, r) == layer ? 1.0f : 0.0f;
            if (v <= 0 || !part.indoors || task_.states.empty()) continue;
            for (size_t g = 0; g < now.size(); ++g) now[g] = static_cast<uint8_t>(layer_in(static_cast<int>(g), r));
            v += static_cast<float>(mixed_->more(space, layer, now));
        }
        return out;
    }

    // What shines of a band, W/m2 sr: columns x hours.
    Matrix shining(size_t band, const Span& days) const {
        const size_t width = columns_.layout().columns(), parts = columns_.layout().parts;
        Matrix out(static_cast<Eigen::Index>(width), static_cast<Eigen::Index>(days.to - days.from));
        for (size_t r = days.from; r < days.to; ++r) {
            const auto row = sky_.row(r);
            for (size_t c = 0; c < width; ++c) {
                const double factor = c < parts ? spectra_.bands_of(colour_of_[r * parts + c])[band] : ground_[r][band];
                out(static_cast<Eigen::Index>(c), static_cast<Eigen::Index>(r - days.from)) =
                    row[c] * static_cast<float>(factor);
            }
        }
        return out;
    }

    // The sun of a band on each patch, W/m2, in the hours in which it is lit: through the windows of one group where a
    // patch lies indoors; and how unsure that is. Most patches are lit in few hours.
    struct OnPatches {
        struct Hour {
            uint32_t hour;
            float power, doubt;
        };
        std::vector<uint32_t> first{0};  // by patch
        std::vector<Hour> hours;
    };
    OnPatches on_patches(const Sun& sun, const LightField& field, size_t place, size_t band, int group,
                         const Span& days) const {
        const auto& set = *field.coefficients.patches;
        OnPatches out;
        const auto n = static_cast<uint32_t>(sun.hours.size()), from = static_cast<uint32_t>(place) * n;
        for (size_t p = 0; p < set.count(); ++p) {
            const bool indoors = set.patches[p].space >= 0;
            for (const auto& beam : sun.lit.on(p, from, from + n)) {
                if (indoors && group_of(beam.portal) != group) continue;
                const size_t hour = sun.hours[beam.sun - from], r = days.from + hour;
                const Vec3f to = sky_.to_sun[r].as<float>();
                const float power = beam.share * sky_.beam[r] * static_cast<float>(sun_[r][band]) *
                                    light::veil_share(*field.scene, set.patches[p].veil, to);
                out.hours.push_back({static_cast<uint32_t>(hour), power, light::doubt_of(beam, power)});
            }
            out.first.push_back(static_cast<uint32_t>(out.hours.size()));
        }
        return out;
    }
    int group_of(int portal) const { return portal < 0 ? -1 : group_of_portal_[static_cast<size_t>(portal)]; }

    void add_band(const LightField& field, size_t band, size_t place, const std::vector<Part>& parts, const Span& days,
                  const Sun& sun, Sums& sums) const {
        const Matrix sky = shining(band, days), square = sky.array().square();
        std::map<int, OnPatches> by_group;
        for (const Part& part : parts)
            if (!sun.hours.empty() && !by_group.contains(part.group))
                by_group[part.group] = on_patches(sun, field, place, band, part.group, days);
        const auto width = static_cast<Eigen::Index>(days.to - days.from);
        Eigen::ArrayXf melanopic(width), lux(width);
        for (size_t r = days.from; r < days.to; ++r) {
            melanopic[static_cast<Eigen::Index>(r - days.from)] = static_cast<float>(melanopic_[r][band]);
            lux[static_cast<Eigen::Index>(r - days.from)] = static_cast<float>(photopic_[r][band]);
        }
        const size_t points = field.coefficients.points.size(), blocks = (points + kPointsAbreast - 1) / kPointsAbreast;
        parallel_for(blocks, [&](size_t block) {
            const size_t first = block * kPointsAbreast, count = std::min(kPointsAbreast, points - first);
            Matrix found = Matrix::Zero(static_cast<Eigen::Index>(count), width), variance = found;
            for (const Part& part : parts) add_part(field, part, first, count, sky, square, by_group, found, variance);
            for (size_t i = 0; i < count; ++i) {
                const auto of = static_cast<Eigen::Index>(i), to = static_cast<Eigen::Index>(first + i);
                const Eigen::ArrayXf half =
                    static_cast<float>(light::kStudent95) * variance.row(of).array().max(0.0f).sqrt().transpose();
                sums.melanopic.row(to).array() += found.row(of).array() * melanopic.transpose();
                sums.lux.row(to).array() += found.row(of).array() * lux.transpose();
                // Bands err together at worst.
                sums.melanopic_width.row(to).array() += (half * melanopic).transpose();
                sums.lux_width.row(to).array() += (half * lux).transpose();
            }
        });
    }

    // Of some points, the light that came by one part.
    void add_part(const LightField& field, const Part& part, size_t first, size_t count, const Matrix& sky,
                  const Matrix& square, const std::map<int, OnPatches>& by_group, Matrix& found,
                  Matrix& variance) const {
        const auto& layout = field.coefficients.layout;
        const auto width = static_cast<Eigen::Index>(layout.columns()), n = static_cast<Eigen::Index>(count);
        Matrix of_sky = Matrix::Zero(n, width), noise = of_sky;
        bool any = false;
        for (size_t i = 0; i < count; ++i) {
            const auto& point = field.coefficients.points[first + i];
            for (size_t r = 0; r < point.rows.size(); ++r) {
                const auto row = static_cast<uint32_t>(point.rows[r]);
                if (is_indoors(row) != part.indoors || group_of_row(layout, row) != part.group) continue;
                const CoefficientRow values(point.values.data() + r * layout.columns(), width);
                of_sky.row(static_cast<Eigen::Index>(i)) += values;
                noise.row(static_cast<Eigen::Index>(i)) += values * point.sky_noise;
                any = true;
            }
        }
        Matrix own = Matrix::Zero(n, sky.cols()), doubt = own;
        if (any) own = of_sky * sky, doubt = noise * square;
        if (const auto sun = by_group.find(part.group); sun != by_group.end())
            add_sunlit(field, part, first, count, sun->second, own, doubt);
        // Points of a plane share its space.
        for (size_t i = 0; i < count; ++i) {
            const Eigen::ArrayXf& by = part.counts.at(space_of(first + i));
            const auto at = static_cast<Eigen::Index>(i);
            found.row(at).array() += own.row(at).array() * by.transpose();
            variance.row(at).array() += doubt.row(at).array() * by.square().transpose();
        }
    }
    // Of what the sun lights: indoors by the group that it came through, outdoors by the one it is seen through.
    void add_sunlit(const LightField& field, const Part& part, size_t first, size_t count, const OnPatches& sun,
                    Matrix& own, Matrix& doubt) const {
        const auto& layout = field.coefficients.layout;
        const auto& patches = field.coefficients.patches->patches;
        for (size_t i = 0; i < count; ++i) {
            float *light = own.row(static_cast<Eigen::Index>(i)).data(),
                  *unsure = doubt.row(static_cast<Eigen::Index>(i)).data();
            for (const light::PatchShare& share : field.coefficients.points[first + i].patches) {
                if (is_indoors(share.row) != part.indoors) continue;
                if (patches[share.patch].space < 0 && group_of_row(layout, share.row) != part.group) continue;
                for (uint32_t at = sun.first[share.patch]; at < sun.first[share.patch + 1]; ++at) {
                    const auto& [hour, power, doubt_of_power] = sun.hours[at];
                    light[hour] += share.value * power;
                    unsure[hour] += share.variance * power * power + share.value * share.value * doubt_of_power;
                }
            }
        }
    }
    int group_of_row(const light::CoefficientLayout& layout, uint32_t row) const {
        const size_t source = row / layout.ways();
        return source >= layout.sources || task_.groups->empty() ? -1 : static_cast<int>(source);
    }
    int space_of(size_t point) const {
        for (const auto& plane : planes_) {
            if (point < plane.points.size()) return plane.space;
            point -= plane.points.size();
        }
        return -1;
    }

    // Straight from the sun: exact.
    void add_direct(const Lit& light, const Span& days, Sums& sums) const {
        const std::span<const LightField> bands = std::span(light.field.bands).subspan(1);
        size_t first = 0;
        for (const auto& plane : planes_) {
            parallel_for(plane.points.size(), [&](size_t i) {
                for (size_t r = days.from; r < days.to; ++r)
                    if (sky_.beam[r] > 0) add_beam(light, bands, plane, i, first + i, r, days, sums);
            });
            first += plane.points.size();
        }
    }
    void add_beam(const Lit& light, std::span<const LightField> bands, const geometry::PlanePoints& plane, size_t i,
                  size_t at, size_t r, const Span& days, Sums& sums) const {
        const Vec3 to = sky_.to_sun[r];
        const double cosine = dot(to, plane.normal);
        if (cosine <= 0 || to.z <= 0 || !plane.sees(to)) return;
        const Vec3f from = (plane.points[i] + plane.normal * 1e-4).as<float>();
        light::Scene::Beam beam;
        for (size_t b = 0; b < bands.size(); ++b) {
            if (b == 0 || bands[b].scene != bands[b - 1].scene) beam = bands[b].scene->beam(from, to.as<float>());
            if (layer_in(group_of(beam.portal), r) != light.layer) return;
            const double power = cosine * static_cast<double>(beam.states[bands[b].band] * sky_.beam[r]) * sun_[r][b];
            const auto row = static_cast<Eigen::Index>(at), column = static_cast<Eigen::Index>(r - days.from);
            sums.melanopic(row, column) += static_cast<float>(power * melanopic_[r][b]);
            sums.lux(row, column) += static_cast<float>(power * photopic_[r][b]);
        }
    }

    const SpectralYearTask& task_;
    const YearSky& sky_;
    const Effort& effort_;
    const TakeDays& take_;
    const Cancel& cancel_;
    const Progress& progress_;
    SkyColumns columns_;
    spectrum::Bins bins_;
    OutdoorSpectra spectra_;
    light::States states_;
    std::vector<light::BlindLayers> layers_;
    std::vector<int> group_of_portal_;
    std::unique_ptr<MixedBlinds> mixed_;
    std::vector<Part> parts_;
    std::vector<Span> spans_;
    std::vector<geometry::PlanePoints> planes_;                             // that are solved together
    std::vector<uint16_t> colour_of_;                                       // lit hours x parts
    std::vector<std::vector<double>> ground_, sun_, melanopic_, photopic_;  // by lit hour and band
    Record record_;
};

}  // namespace

Record spectral_year(const SpectralYearTask& task, const YearSky& sky, const Effort& effort, const TakeDays& take,
                     const Cancel& cancel, const Progress& progress) {
    Record out;
    with_threads(effort.threads, [&] { out = SpectralYear(task, sky, effort, take, cancel, progress).run(); });
    return out;
}

}  // namespace wp::question
