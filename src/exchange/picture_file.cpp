// SPDX-License-Identifier: GPL-3.0-or-later
#include "exchange/picture_file.h"

#include <fmt/core.h>

#include <algorithm>
#include <charconv>
#include <cmath>

#include "exchange/exr.h"

namespace wp::exchange {

namespace {

using Kind = light::Lens::Kind;
constexpr std::pair<Kind, const char*> kKinds[] = {{Kind::hemisphere, "hemisphere"},
                                                   {Kind::sphere, "sphere"},
                                                   {Kind::perspective, "perspective"},
                                                   {Kind::parallel, "parallel"}};

std::string triple(const Vec3& v) { return fmt::format("{:.9g} {:.9g} {:.9g}", v.x, v.y, v.z); }

// So many numbers, and nothing else.
template <size_t N>
std::optional<std::array<double, N>> numbers(std::string_view text) {
    std::array<double, N> out{};
    for (double& v : out) {
        text.remove_prefix(std::min(text.find_first_not_of(' '), text.size()));
        const auto [end, fault] = std::from_chars(text.data(), text.data() + text.size(), v);
        if (fault != std::errc() || !std::isfinite(v)) return {};
        text.remove_prefix(static_cast<size_t>(end - text.data()));
    }
    return text.find_first_not_of(' ') == std::string_view::npos ? std::optional(out) : std::nullopt;
}

class Told {
 public:
    explicit Told(const std::map<std::string, std::string>& all) : all_(all) {}
    template <size_t N>
    std::optional<std::array<double, N>> get(const char* key) const {
        const auto it = all_.find(key);
        return it != all_.end() ? numbers<N>(it->second) : std::nullopt;
    }
    std::optional<double> number(const char* key) const {
        const auto found = get<1>(key);
        return found ? std::optional((*found)[0]) : std::nullopt;
    }
    std::optional<Vec3> vector(const char* key) const {
        const auto found = get<3>(key);
        return found ? std::optional(Vec3{(*found)[0], (*found)[1], (*found)[2]}) : std::nullopt;
    }
    std::string text(const char* key) const {
        const auto it = all_.find(key);
        return it != all_.end() ? it->second : std::string();
    }

 private:
    const std::map<std::string, std::string>& all_;
};

constexpr double kLeastLength = 1e-6;

// Axes at right angles, of what a file says; the usual ones where that is no use.
light::Pose pose_of(const Told& told) {
    light::Pose out;
    if (const auto at = told.vector("place_m")) out.at = *at;
    const auto forward = told.vector("looks_along"), up = told.vector("upwards");
    if (!forward || !up || length(*forward) < kLeastLength) return out;
    const Vec3 along = normalized(*forward), upright = *up - along * dot(along, *up);
    if (length(upright) < kLeastLength) return out;
    out.forward = along;
    out.up = normalized(upright);
    return out;
}

std::vector<light::SeenSun> suns_of(const std::string& text) {
    std::vector<light::SeenSun> out;
    constexpr size_t most = 64;
    for (size_t from = 0; from < text.size() && out.size() < most;) {
        const size_t end = std::min(text.find(';', from), text.size());
        if (const auto v = numbers<5>(std::string_view(text).substr(from, end - from)))
            if (const Vec3 to{(*v)[0], (*v)[1], (*v)[2]}; length(to) > kLeastLength && (*v)[3] >= 0)
                out.push_back(
                    {normalized(to), (*v)[3], (*v)[4] >= 0 && (*v)[4] < 1e6 ? static_cast<int>((*v)[4]) : -1});
        from = end + 1;
    }
    return out;
}

std::optional<light::Lens> lens_of(const Told& told) {
    const auto kind = lens_kind(told.text("lens"));
    if (!kind) return {};
    light::Lens out;
    out.kind = *kind;
    const auto field = told.number("field_degrees"), across = told.number("across_m");
    if (out.kind == Kind::perspective && (!field || *field <= 0 || *field >= 180)) return {};
    if (out.kind == Kind::parallel && (!across || *across <= 0)) return {};
    if (field) out.field = radians(*field);
    if (across) out.across = *across;
    return out;
}

// A square is most likely a hemisphere, twice as wide as high a sphere.
Kind by_shape(int width, int height) {
    return width == height ? Kind::hemisphere : width == 2 * height ? Kind::sphere : Kind::perspective;
}

size_t clean(std::vector<float>& values) {
    size_t out = 0;
    for (float& v : values)
        if (!std::isfinite(v) || v < 0) v = 0, ++out;
    return out;
}

const char* unit_of(light::PictureOf of) {
    if (of == light::PictureOf::ratio) return "1";
    return of == light::PictureOf::illuminance ? "lx" : "cd/m2";
}

// A channel a band, named by its middle wavelength as unpolarised emission (A. Fichet, R. Pacanowski, A. Wilkie, "An
// OpenEXR Layout for Spectral Images", Journal of Computer Graphics Techniques 10(3) (2021); from memory).
void add_bands(LuminanceImage& image, const question::SpectralPicture& by) {
    image.attributes["spectralLayoutVersion"] = "1.0";
    image.attributes["emissiveUnits"] = "W.m^-2.sr^-1.nm^-1";
    for (size_t b = 0; b < by.bins.count(); ++b) {
        const double from = by.bins.from(b), to = by.bins.to(b);
        std::string middle = fmt::format("{:.3f}", (from + to) / 2);
        std::ranges::replace(middle, '.', ',');
        std::vector<float> values = by.bands[b];
        for (float& v : values) v /= static_cast<float>(to - from);
        image.more.emplace_back("S0." + middle + "nm", std::move(values));
    }
    image.more.emplace_back("melanopic", by.melanopic_luminance());
    image.attributes["melanopic"] = "melanopic equivalent daylight luminance (CIE S 026), cd/m2";
}

}  // namespace

const char* name_of(light::PictureOf of) {
    switch (of) {
        case light::PictureOf::luminance:
            return "luminance";
        case light::PictureOf::illuminance:
            return "illuminance";
        case light::PictureOf::melanopic:
            return "melanopic equivalent daylight luminance";
        case light::PictureOf::ratio:
            return "melanopic to photopic";
    }
    return "";
}

const char* name_of(Kind kind) { return std::ranges::find(kKinds, kind, &std::pair<Kind, const char*>::first)->second; }

std::optional<Kind> lens_kind(std::string_view name) {
    for (const auto& [kind, word] : kKinds)
        if (name == word) return kind;
    return {};
}

Outcome write_picture(const question::GlareAnswer& answer, const std::filesystem::path& path) {
    const light::Picture& picture = answer.picture;
    LuminanceImage image{picture.lens.width, picture.lens.height, picture.value, {}, {}, picture.error};
    auto& out = image.attributes;
    out["program"] = std::string("Warm Pane ") + question::kVersion;
    out["lens"] = name_of(picture.lens.kind);
    if (picture.lens.kind == Kind::perspective)
        out["field_degrees"] = fmt::format("{:.9g}", degrees(picture.lens.field));
    if (picture.lens.kind == Kind::parallel) out["across_m"] = fmt::format("{:.9g}", picture.lens.across);
    out["quantity"] = name_of(picture.of);
    out["unit"] = unit_of(picture.of);
    out["observer"] = answer.observer.id.empty() ? answer.observer.name : answer.observer.id;
    out["place_m"] = triple(picture.pose.at);
    out["looks_along"] = triple(picture.pose.forward);
    out["upwards"] = triple(picture.pose.up);
    out["heading_degrees"] = fmt::format("{:.9g}", answer.observer.heading);
    out["altitude_degrees"] = fmt::format("{:.9g}", answer.observer.altitude);
    out["moment"] = climate::text(answer.moment);
    out["sky"] = answer.sky;
    for (const auto& group : answer.blinds.groups) {
        auto& blinds = out["blinds"];
        blinds += (blinds.empty() ? "" : "; ") + group.words;
    }
    for (const auto& sun : picture.suns) {
        auto& suns = out["suns"];
        suns += (suns.empty() ? "" : ";") + triple(sun.direction) + fmt::format(" {:.9g} {}", sun.normal_lux, sun.pane);
    }
    out["accuracy_wanted"] = fmt::format("{:.6g}", answer.record.wanted);
    out["accuracy_reached"] = fmt::format("{:.6g}", answer.record.reached);
    out["accuracy_of_typical_pixel"] = fmt::format("{:.6g}", picture.pixel_half_width);
    out["settled"] = answer.record.settled ? "yes" : "no";
    out["samples_per_pixel"] = fmt::format("{}", picture.samples * light::Picture::kParts);
    out["seed"] = fmt::format("{}", answer.record.seed);
    out["inputs"] = answer.record.inputs.text();
    if (answer.judged) {
        out["vertical_illuminance_lx"] = fmt::format("{:.6g}", answer.vertical_lux);
        out["dgp"] = fmt::format("{:.4f} ({:.4f} to {:.4f})", answer.dgp, answer.dgp_low, answer.dgp_high);
    }
    if (answer.spectral != nullptr) add_bands(image, *answer.spectral);
    return write_exr(image, path);
}

Result<PictureFile> read_picture(const std::filesystem::path& path, const std::optional<light::Lens>& lens) {
    auto image = read_exr(path);
    if (!image) return image.fault();
    PictureFile out;
    out.told = std::move(image->attributes);
    const Told told(out.told);
    light::Picture& picture = out.picture;
    const auto own = lens_of(told);
    picture.lens = lens ? *lens : own.value_or(light::Lens{by_shape(image->width, image->height)});
    picture.lens.width = image->width;
    picture.lens.height = image->height;
    out.knows_lens = lens || own;
    if (picture.lens.kind == Kind::hemisphere && image->width != image->height)
        return Fault{path.string(), "is no hemisphere: it is not as wide as high",
                     "Cut it to the circle's square, or name another lens"};
    if (picture.lens.kind == Kind::sphere && image->width != 2 * image->height)
        return Fault{path.string(), "is no whole sphere: it is not twice as wide as high", "Name another lens"};
    picture.of = told.text("quantity") == "illuminance" ? light::PictureOf::illuminance : light::PictureOf::luminance;
    out.knows_unit = !told.text("unit").empty() || image->is_scaled;
    picture.pose = pose_of(told);
    picture.suns = suns_of(told.text("suns"));
    picture.value = std::move(image->luminance);
    picture.error = std::move(image->error);
    out.unusable = clean(picture.value);
    clean(picture.error);
    picture.field = light::field_of(picture.value, light::field_weights(picture.lens));
    picture.settled = true;
    return out;
}

}  // namespace wp::exchange
