// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/picture.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <memory>
#include <mutex>
#include <utility>

#include "base/parallel.h"
#include "light/picture_sink.h"
#include "light/picture_veils.h"
#include "light/remembered_light.h"
#include "light/replicates.h"

namespace wp::light {

Pose make_eye(Vec3 at, double heading, double altitude) {
    return {at, direction(heading, altitude), direction(heading, altitude + kPi / 2)};
}

double Picture::sun_normal_lux() const {
    for (const SeenSun& sun : suns)
        if (sun.pane < 0) return sun.normal_lux;
    return 0;
}

std::vector<double> field_weights(const Lens& lens) {
    const auto wide = static_cast<size_t>(lens.width), high = static_cast<size_t>(lens.height);
    std::vector<double> out(wide * high, 0.0);
    std::vector<double> of_row(high, 0.0);
    parallel_for(high, [&](size_t y) {
        for (size_t x = 0; x < wide; ++x) {
            const auto ray = ray_at(lens, {}, {static_cast<double>(x) + 0.5, static_cast<double>(y) + 0.5});
            if (!ray) continue;
            double& weight = out[y * wide + x];
            weight = lens.kind == Lens::Kind::hemisphere ? ray->solid_angle * ray->cosine
                     : lens.kind == Lens::Kind::parallel ? 1.0
                                                         : ray->solid_angle;
            of_row[y] += weight;
        }
    });
    double all = 0;
    for (const double sum : of_row) all += sum;
    if (lens.kind != Lens::Kind::hemisphere && all > 0)
        parallel_for(high, [&](size_t y) {
            for (size_t x = 0; x < wide; ++x) out[y * wide + x] /= all;
        });
    return out;
}

double field_of(const std::vector<float>& value, const std::vector<double>& weights) {
    double out = 0;
    for (size_t at = 0; at < value.size(); ++at) out += static_cast<double>(value[at]) * weights[at];
    return out;
}

namespace {

/// Samples of every part in a pixel, at most; and pixels of the first, coarse round.
constexpr uint32_t kMost = 512, kCoarse = 16384;
constexpr size_t kTile = 8;
/// Landings of each part in a round.
constexpr uint32_t kFewestPictureLandings = 8192, kMostPictureLandings = 32768;
/// Darker than this share of the picture's mean nobody looks so closely: accuracies of pixels are shares of it at
/// least.
constexpr double kDark = 0.05;

// Paths live on by what they carry. Of those of an eye less is given up than of those of points: a wall behind closed
// blinds is lit by a few bright ways, and a picture shows what is left to chance. More would serve surer pictures, less
// first looks.
constexpr float kEyeWeight = 2 * static_cast<float>(kPi);

/// Paths from places of which too little is known live on by what they would bring the pixel.
constexpr float kAnswered = 0.02f;

// Bright ways that are rare are missed more often than they are met, so that a pixel that is too dark thinks itself
// sure: by so much its error is told wider. Measured behind closed blinds, where it is worst: the pixel in the middle
// of the order errs by 1.5 to 1.75 times of what parts of 1 to 8 samples differ by, 1.4 times at 16, 1.2 at 64.
double after_few_ways(uint32_t samples) { return 1 + 0.75 * std::min(1.0, 16.0 / samples); }

class Drawing {
 public:
    explicit Drawing(const PictureTask& task)
        : task_(task),
          wide_(static_cast<size_t>(task.lens.width)),
          high_(static_cast<size_t>(task.lens.height)),
          weights_(field_weights(task.lens)),
          veils_(*task.scene, task.seed) {
        out_.lens = task.lens;
        out_.pose = task.pose;
        out_.of = task.of;
        out_.value.assign(wide_ * high_, 0.0f);
        out_.error = out_.value;
        out_.parts.assign(Picture::kParts, out_.value);
        out_.bands.assign(bands(), out_.value);
        done_.assign(wide_ * high_, 0);
        memories_.assign(Picture::kParts, RememberedLight(*task.scene));
        tiles_wide_ = (wide_ + kTile - 1) / kTile;
        open_.assign(tiles_wide_ * ((high_ + kTile - 1) / kTile), true);
        while ((wide_ / stride_) * (high_ / stride_) > kCoarse) stride_ *= 2;
        const Daylight& sky = task.daylight;
        has_sun_ = sky.sun_lux > 0 && sky.sun.z > 0;
        if (task.luminaires.empty()) return;
        luminaires_.emplace(*task.scene, task.luminaires);
        lamps_ = {&*luminaires_, &task.shares, &task.bands_of_sources};
    }

    Picture run(const Cancel& cancel, const PictureStep& step) {
        if (task_.of == PictureOf::luminance) see_suns();
        if (stride_ > 1) {
            prepare(0, 1, cancel);
            round(1, true, cancel);
            if (cancel.requested()) return ended();
            judge(0);
            tell(step);
        }
        for (uint32_t target = 1; target <= kMost; target *= 2) {
            prepare(target, target, cancel);
            round(target, false, cancel);
            if (cancel.requested()) return ended();
            out_.samples = fewest();
            judge(target);
            choose_tiles();
            out_.settled = is_sure_;
            tell(step);
            if (out_.settled) break;
        }
        return ended();
    }

 private:
    void tell(const PictureStep& step) {
        if (!step) return;
        // Parts are eight pictures: what nobody wants is not copied.
        std::vector<std::vector<float>> parts;
        if (!task_.keeps_parts) parts = std::move(out_.parts);
        auto in_bands = std::move(out_.bands);
        Picture so_far = out_;
        out_.bands = std::move(in_bands);
        if (!task_.keeps_parts) out_.parts = std::move(parts);
        finish_parts(so_far);
        step(so_far);
    }
    Picture ended() {
        for (auto& band : out_.bands) {
            for (size_t at = 0; at < band.size(); ++at)
                band[at] /= static_cast<float>(std::max<uint32_t>(done_[at], 1) * Picture::kParts);
            if (out_.samples == 0) fill(band);
        }
        finish_parts(out_);
        return std::move(out_);
    }
    // The sums of parts become their means.
    void finish_parts(Picture& picture) const {
        if (!task_.keeps_parts) return picture.parts.clear();
        for (auto& part : picture.parts) {
            for (size_t at = 0; at < part.size(); ++at)
                part[at] /= static_cast<float>(std::max<uint32_t>(done_[at], 1));
            if (picture.samples == 0) fill(part);
        }
    }

    // Parts have landings and veils of their own: what pixels of one have in common shows between them.
    void prepare(uint32_t round, uint32_t samples, const Cancel& cancel) {
        landings_.clear();
        joins_.clear();
        if (has_sun_) land_suns(round, samples);
        veils_.trace(
            samples,
            [&](size_t part, Tally& tally) {
                return PictureSink{*task_.scene, task_.daylight, sun(part), {}, tally};
            },
            cancel, out_.tally);
    }
    void land_suns(uint32_t round, uint32_t samples) {
        landings_.resize(Picture::kParts);
        const Vec3f sun = task_.daylight.sun.as<float>();
        const uint32_t count =
            std::clamp(kFewestPictureLandings * samples, kFewestPictureLandings, kMostPictureLandings);
        std::vector<Tally> tallies(Picture::kParts);
        parallel_for(Picture::kParts, [&](size_t p) {
            landings_[p] = std::make_unique<SunLandings>(
                *task_.scene, sun, count,
                random::hash(random::hash(task_.seed ^ 0x5bd1e995u, round), static_cast<uint32_t>(p)), tallies[p]);
        });
        for (const auto& l : landings_) joins_.emplace_back(*task_.scene, sun, *l);
        for (const Tally& t : tallies) out_.tally += t;
    }

    // What a path told of a cell of the rooms' surfaces.
    struct Learned {
        RememberedLight::Cell cell;
        double lux;
        ByState bands;
    };
    // Of a tile's pixels, by part: what one round finds; of all parts together in every band.
    struct Found {
        std::array<std::array<double, kTile * kTile>, Picture::kParts> parts{};
        std::vector<ByState> bands;
    };
    using Lessons = std::array<std::vector<Learned>, Picture::kParts>;
    // A tile that is not traced to its end is as if it had not been begun.
    void round(uint32_t target, bool coarse, const Cancel& cancel) {
        std::vector<Lessons> lessons(open_.size());
        parallel_for(open_.size(), [&](size_t tile) {
            if (!open_[tile] || cancel.requested() || (coarse && !has_coarse(tile))) return;
            Tally tally;
            Found found{};
            if (bands() > 0) found.bands.assign(kTile * kTile, ByState{});
            for (size_t part = 0; part < Picture::kParts; ++part)
                trace_tile(tile, part, target, coarse, cancel, found, lessons[tile][part], tally);
            if (!cancel.requested()) keep(tile, target, coarse, found);
            const std::lock_guard lock(mutex_);
            out_.tally += tally;
        });
        // In the order of the tiles, so that sums do not depend on threads.
        if (cancel.requested()) return;
        parallel_for(Picture::kParts, [&](size_t part) {
            for (const Lessons& of_tile : lessons)
                for (const Learned& learned : of_tile[part])
                    memories_[part].learn(learned.cell, learned.lux, learned.bands);
        });
    }
    void keep(size_t tile, uint32_t target, bool coarse, const Found& found) {
        each_pixel(tile, [&](size_t x, size_t y) {
            if (coarse && !is_coarse(x, y)) return;
            const size_t at = y * wide_ + x;
            for (size_t part = 0; part < Picture::kParts; ++part)
                out_.parts[part][at] += static_cast<float>(found.parts[part][in_tile(x, y)]);
            for (size_t k = 0; k < bands(); ++k) out_.bands[k][at] += found.bands[in_tile(x, y)][k + 1];
            done_[at] = target;
        });
    }
    static size_t in_tile(size_t x, size_t y) { return y % kTile * kTile + x % kTile; }
    uint32_t fewest() const {
        uint32_t out = kMost;
        for (size_t at = 0; at < done_.size(); ++at)
            if (weights_[at] > 0) out = std::min(out, done_[at]);
        return out * static_cast<uint32_t>(Picture::kParts);
    }
    const SunJoins* sun(size_t part) const { return has_sun_ ? &joins_[part] : nullptr; }
    template <class See>
    void each_pixel(size_t tile, See&& see) const {
        const size_t left = tile % tiles_wide_ * kTile, top = tile / tiles_wide_ * kTile;
        for (size_t y = top; y < std::min(high_, top + kTile); ++y)
            for (size_t x = left; x < std::min(wide_, left + kTile); ++x)
                if (weights_[y * wide_ + x] > 0) see(x, y);
    }
    bool is_coarse(size_t x, size_t y) const { return x % stride_ == stride_ / 2 && y % stride_ == stride_ / 2; }

    // Of a large picture most tiles have no pixel in the first look.
    bool has_coarse(size_t tile) const {
        bool out = false;
        each_pixel(tile, [&](size_t x, size_t y) { out = out || is_coarse(x, y); });
        return out;
    }

    void trace_tile(size_t tile, size_t part, uint32_t target, bool coarse, const Cancel& cancel, Found& found,
                    std::vector<Learned>& learned, Tally& tally) {
        std::vector<Remembering::Asked> asked;
        PictureSink sink{*task_.scene, task_.daylight, sun(part), veils_.part(part), tally};
        // A first look cannot wait for what is worth its while later only.
        if (!coarse) sink.memory = {&memories_[part], &asked};
        sink.lamps = lamps_;
        Tracer<random::Stream, PictureSink> tracer(*task_.scene, sink, Guidance::openings);
        each_pixel(tile, [&](size_t x, size_t y) {
            if (coarse && !is_coarse(x, y)) return;
            const size_t at = y * wide_ + x;
            const uint32_t seed = replicate_seed(task_.seed, static_cast<uint32_t>(at), static_cast<uint32_t>(part));
            sink.clear();
            const uint32_t first_choice =
                random::hash(static_cast<uint32_t>(at), task_.seed) % 1024 + static_cast<uint32_t>(part);
            for (uint32_t i = done_[at]; i < target && !cancel.requested(); ++i) {
                if (task_.scene->choices() > 1) tracer.choose(sink.choose(first_choice + i * Picture::kParts));
                sample(tracer, sink, static_cast<double>(x), static_cast<double>(y), random::Stream(seed, i));
                answer(tracer, sink, asked, learned);
            }
            const float over = task_.of == PictureOf::luminance ? kEyeWeight : 1.0f;
            found.parts[part][in_tile(x, y)] = sink.sum / static_cast<double>(over);
            if (bands() > 0) found.bands[in_tile(x, y)] = found.bands[in_tile(x, y)] + sink.bands * (1 / over);
        });
        tally += tracer.tally();
    }
    template <class Tracing>
    void sample(Tracing& tracer, PictureSink& sink, double x, double y, random::Stream stream) const {
        const random::Pair place = stream.next();
        const auto ray =
            ray_at(task_.lens, task_.pose, {x + static_cast<double>(place.u), y + static_cast<double>(place.v)});
        if (!ray) return;
        const Vec3f from = ray->from.as<float>(), along = ray->along.as<float>();
        if (task_.of == PictureOf::luminance && luminaires_) {
            Trail straight;
            if (has_choices()) straight.states = task_.scene->share_of(sink.choice);
            luminaires_->seen(ray->from, ray->along, [&](size_t source, const ByState& luminance) {
                sink.add(kEyeWeight, source, luminance, straight);
            });
        }
        if (task_.of == PictureOf::luminance) return tracer.from_ray(from, along, kEyeWeight, stream);
        if (const auto place_seen = matt_place(from, along))
            tracer.from_point(place_seen->at, place_seen->normal, place_seen->space, 1, stream);
    }

    // Paths from the places that too little is known of: they count for the pixel, and are remembered.
    template <class Tracing>
    void answer(Tracing& tracer, PictureSink& sink, std::vector<Remembering::Asked>& asked,
                std::vector<Learned>& learned) const {
        const double before = sink.sum;
        const ByState bands_before = sink.bands;
        double more = 0;
        ByState more_bands{};
        const std::vector<Remembering::Asked> all = std::exchange(asked, {});
        if (all.empty()) return;
        sink.memory.asked = nullptr;
        const ByState share = has_choices() ? over(task_.scene->share_of(sink.choice)) : kAllAlike;
        for (const auto& [cell, place, weight, from, states] : all) {
            random::Stream stream = from;
            float carried = weight;
            if (weight > 0 && carried < kAnswered) {
                if (stream.next().u * kAnswered >= carried) continue;
                carried = kAnswered;
            }
            sink.clear();
            sink.begun = 2;
            tracer.from_point(place.at, place.normal, place.space, 1, stream);
            sink.begun = 0;
            more += static_cast<double>(bands() > 0 ? carried * states[0] : carried) * sink.sum;
            // The path that asks has its share of the band already, and the one that answers, too.
            if (bands() > 0) more_bands = more_bands + states * sink.bands * share * carried;
            learned.push_back({cell, sink.sum, sink.bands});
        }
        sink.memory.asked = &asked;
        sink.sum = before + more;
        sink.bands = bands_before + more_bands;
    }

    bool has_choices() const { return task_.scene->choices() > 0; }
    static ByState over(const ByState& by) {
        ByState out;
        for (size_t k = 0; k < kMostStates; ++k) out[k] = by[k] > 0 ? 1 / by[k] : 0.0f;
        return out;
    }
    // States after the first.
    size_t bands() const { return task_.scene->states() - 1; }

    // What is seen past all panes.
    std::optional<LitPlace> matt_place(Vec3f from, Vec3f along) const {
        int skip = -1;
        for (int steps = 0; steps < kLongChain; ++steps) {
            const Hit hit = task_.scene->intersect(from, along, skip);
            if (hit.what == Hit::What::nothing) return {};
            from = from + along * hit.distance;
            if (hit.what == Hit::What::surface) return LitPlace{from, hit.normal, hit.space};
            skip = hit.portal;
        }
        return {};
    }

    // Values and errors of the pixels, and of the field. target: samples of a part where the field is least sure; 0:
    // the picture is coarse.
    void judge(uint32_t target) {
        const bool coarse = target == 0;
        parallel_for(high_, [&](size_t y) {
            for (size_t x = 0; x < wide_; ++x) judge_pixel(y * wide_ + x);
        });
        if (coarse) fill(out_.value), fill(out_.error);
        std::vector<double> fields(Picture::kParts, 0.0);
        parallel_for(Picture::kParts, [&](size_t part) {
            for (size_t at = 0; at < weights_.size(); ++at)
                if (done_[at] > 0) fields[part] += weights_[at] * static_cast<double>(out_.parts[part][at]) / done_[at];
        });
        // A coarse picture's pixels stand for their neighbours.
        const double times = coarse ? static_cast<double>(stride_ * stride_) : 1;
        double mean = 0, square = 0;
        for (const double f : fields) mean += f * times / Picture::kParts;
        for (const double f : fields) square += std::pow(f * times - mean, 2);
        constexpr double n = Picture::kParts;
        const double widened = after_few(target);
        out_.field = mean;
        out_.relative_half_width =
            mean > 0 ? Picture::kStudent * widened * std::sqrt(square / (n * (n - 1))) / mean : 0;
    }
    void judge_pixel(size_t at) {
        if (done_[at] == 0) return;
        double mean = 0, square = 0;
        for (const auto& part : out_.parts) {
            const double v = static_cast<double>(part[at]) / done_[at];
            mean += v;
            square += v * v;
        }
        constexpr double n = Picture::kParts;
        mean /= n;
        out_.value[at] = static_cast<float>(mean);
        out_.error[at] = static_cast<float>(after_few_ways(done_[at]) *
                                            std::sqrt(std::max(0.0, square / n - mean * mean) / (n - 1)));
    }
    // Pixels that were not traced yet look like their neighbour that was.
    void fill(std::vector<float>& values) const {
        const auto traced = [this](size_t x, size_t most) {
            return std::min(x / stride_ * stride_ + stride_ / 2, most - 1);
        };
        // What was traced is never written to.
        parallel_for(high_, [&](size_t y) {
            for (size_t x = 0; x < wide_; ++x)
                if (const size_t at = y * wide_ + x; weights_[at] > 0 && done_[at] == 0)
                    values[at] = values[traced(y, high_) * wide_ + traced(x, wide_)];
        });
    }

    // Where the typical pixel is not sure enough, or much of the field's doubt comes from, is traced on.
    void choose_tiles() {
        double mean = 0, pixels = 0;
        for (size_t at = 0; at < weights_.size(); ++at)
            if (weights_[at] > 0) mean += static_cast<double>(out_.value[at]), ++pixels;
        const double dark = kDark * mean / std::max(pixels, 1.0);
        std::vector<double> typical(open_.size(), 0.0), doubt(open_.size(), 0.0), of_all;
        parallel_for(open_.size(), [&](size_t tile) {
            std::vector<double> all;
            each_pixel(tile, [&](size_t x, size_t y) {
                const size_t at = y * wide_ + x;
                const double error = static_cast<double>(out_.error[at]);
                if (dark > 0) all.push_back(error / std::max(static_cast<double>(out_.value[at]), dark));
                doubt[tile] += std::pow(weights_[at] * error, 2);
            });
            typical[tile] = Picture::kStudent * middle(all);
            const std::lock_guard lock(mutex_);
            of_all.insert(of_all.end(), all.begin(), all.end());
        });
        double most = 0;
        for (const double d : doubt) most = std::max(most, d);
        const bool field_is_sure = out_.relative_half_width <= task_.accuracy;
        is_sure_ = field_is_sure;
        for (size_t tile = 0; tile < open_.size(); ++tile) {
            const bool pixels_are = typical[tile] <= task_.pixel_accuracy;
            // A few tiles hold most of what the field's light is unsure by.
            open_[tile] = !pixels_are || (!field_is_sure && doubt[tile] > 0.1 * most);
            is_sure_ = is_sure_ && pixels_are;
        }
        out_.pixel_half_width = Picture::kStudent * middle(of_all);
    }
    static double middle(std::vector<double>& of) {
        if (of.empty()) return 0;
        const auto at = of.begin() + static_cast<std::ptrdiff_t>(of.size() / 2);
        std::nth_element(of.begin(), at, of.end());
        return *at;
    }

    // The sun itself, and in each pane the one direction in which it is seen mirrored.
    void see_suns() {
        if (!has_sun_) return;
        const Vec3 to = task_.daylight.sun;
        if (task_.lens.kind == Lens::Kind::parallel) return;
        const auto see = [&](const Vec3& along, int pane, double share) {
            if (share > 0 && place_of(task_.lens, task_.pose, along))
                out_.suns.push_back({along, share * task_.daylight.sun_lux, pane});
        };
        see(to, -1, static_cast<double>(task_.scene->beam(task_.pose.at.as<float>(), to.as<float>()).share));
        for (size_t p = 0; p < task_.scene->portals().size(); ++p) {
            const Vec3 normal = task_.scene->portals()[p].normal.as<double>(),
                       along = to - normal * (2 * dot(to, normal));
            see(along, static_cast<int>(p), mirrored_share(static_cast<int>(p), along.as<float>()));
        }
    }
    double mirrored_share(int pane, Vec3f along) {
        Vec3f from = task_.pose.at.as<float>();
        float share = 1;
        int skip = -1;
        for (int steps = 0; steps < kLongChain && share > 1e-4f; ++steps) {
            ++out_.tally.rays;
            const Hit hit = task_.scene->intersect(from, along, skip);
            if (hit.what != Hit::What::portal) return 0;
            from = from + along * hit.distance;
            const auto response = task_.scene->portals()[static_cast<size_t>(hit.portal)].pass(along);
            if (hit.portal == pane) {
                const Vec3f to = task_.daylight.sun.as<float>(),
                            off = task_.scene->portals()[static_cast<size_t>(pane)].normal;
                share *= response.mirror;
                return share > 0
                           ? static_cast<double>(
                                 share * task_.scene->beam(from + off * std::copysign(kLift, dot(to, off)), to).share)
                           : 0;
            }
            share *= response.straight;
            skip = hit.portal;
        }
        return 0;
    }

    const PictureTask& task_;
    size_t wide_, high_, tiles_wide_ = 0, stride_ = 1;
    std::vector<double> weights_;
    Picture out_;                 // parts: sums, until it has ended
    std::vector<uint32_t> done_;  // samples of each part, by pixel
    std::vector<char> open_;      // by tile
    std::vector<std::unique_ptr<SunLandings>> landings_;
    std::vector<SunJoins> joins_;
    std::vector<RememberedLight> memories_;  // by part
    PictureVeils veils_;
    std::optional<Luminaires> luminaires_;
    PictureLamps lamps_;
    bool has_sun_ = false, is_sure_ = false;
    std::mutex mutex_;
};

}  // namespace

Picture trace_picture(const PictureTask& task, const Cancel& cancel, const PictureStep& step) {
    return Drawing(task).run(cancel, step);
}

}  // namespace wp::light
