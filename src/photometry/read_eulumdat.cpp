// SPDX-License-Identifier: GPL-3.0-or-later
// EULUMDAT: a value a line, intensities in cd for 1000 lm of the lamps.
#include <fmt/core.h>

#include <algorithm>
#include <cmath>

#include "base/text.h"
#include "photometry/distribution.h"
#include "photometry/photometry_text.h"

namespace wp::photometry {
using model::LuminaireType;

namespace {

constexpr double kMillimetre = 1e-3;
constexpr size_t kDirectRatios = 10;

class Eulumdat {
 public:
    Eulumdat(std::string_view text, const std::string& name) : name_(name), lines_(lines_of(text)) {}

    Result<PhotometryFile> read() {
        if (auto fault = read_head()) return *fault;
        if (auto fault = read_lamps()) return *fault;
        if (auto fault = read_intensities()) return *fault;
        for (; line_ < lines_.size(); ++line_)
            if (!lines_[line_].empty())
                return fault_at(name_, line_ + 1, "more values follow than there are directions",
                                "Counts of planes and angles do not agree: ask the maker for a sound file");
        compare_output();
        return std::move(out_);
    }

 private:
    Result<std::string_view> text(const char* what) {
        if (line_ >= lines_.size())
            return fault_at(name_, lines_.size(), fmt::format("the file ends where {} should stand", what),
                            "The file is cut off, or no EULUMDAT: ask the maker for a whole one");
        return lines_[line_++];
    }
    Outcome skip(const char* what) {
        const auto line = text(what);
        return line ? Outcome{} : Outcome{line.fault()};
    }
    Outcome take(double& to, const Expected& e) {
        const auto word = text(e.what);
        if (!word) return word.fault();
        const auto value = number_of(*word);
        if (!value)
            return fault_at(name_, line_, fmt::format("{} is \"{}\", not a number", e.what, plain_text(*word, 20)),
                            "Correct the value, or ask the maker for a sound file");
        to = *value;
        return judged(name_, line_, *value, e);
    }
    Outcome take_all(std::vector<double>& to, size_t count, const Expected& e) {
        for (size_t i = 0; i < count; ++i)
            if (auto fault = take(to.emplace_back(), e)) return fault;
        return {};
    }

    Outcome read_head() {
        LuminaireType& t = out_.type;
        double kind = 0, apart = 0, steps = 0;
        if (auto fault = skip("the maker")) return fault;
        for (const auto& [to, e] : {std::pair<double*, Expected>{&kind, {"the kind of light", 0, 3, true}},
                                    {&symmetry_, {"the symmetry", 0, 4, true}},
                                    {&planes_, {"the number of planes", 1, kMostAngles, true}},
                                    {&apart, {"the angle between planes", 0, 360}},
                                    {&angles_, {"the number of angles", 2, kMostAngles, true}},
                                    {&steps, {"the step of angles", 0, 180}}})
            if (auto fault = take(*to, e)) return fault;
        if (auto fault = skip("the number of the report")) return fault;
        const auto called = text("the luminaire's name");
        if (!called) return called.fault();
        t.name = plain_text(*called, 100);
        for (const char* what : {"the luminaire's number", "the name of the file", "date and user"})
            if (auto fault = skip(what)) return fault;
        return read_sizes();
    }
    Outcome read_sizes() {
        LuminaireType& t = out_.type;
        double length = 0, width = 0, height = 0, bright_length = 0, bright_width = 0, sides[4] = {}, below = 0,
               ignored = 0;
        const Expected size{"a size of the luminaire", 0, 100000}, bright{"a size of what shines", 0, 100000};
        for (double* to : {&length, &width, &height})
            if (auto fault = take(*to, size)) return fault;
        for (double* to : {&bright_length, &bright_width, &sides[0], &sides[1], &sides[2], &sides[3]})
            if (auto fault = take(*to, bright)) return fault;
        if (auto fault = take(below, {"the share of light downwards", 0, 100})) return fault;
        if (auto fault = take(ratio_, {"the light output ratio", 0, 1000})) return fault;
        if (auto fault = take(conversion_, {"the conversion factor of intensities", 1e-6, 1e6})) return fault;
        if (auto fault = take(ignored, {"the tilt during measurement", -360, 360})) return fault;
        if (ignored != 0)
            out_.notes.push_back(fmt::format(
                "It was measured at a tilt of {:g} degrees; intensities are taken as they stand.", ignored));
        // Lengths lie along C90, widths along C0; a width of 0 says that it is round.
        t.size_y = bright_length * kMillimetre;
        t.size_x = (bright_width > 0 ? bright_width : bright_length) * kMillimetre;
        if (bright_width == 0 && bright_length > 0) t.opening = LuminaireType::Opening::ellipse;
        t.depth = *std::ranges::max_element(sides) * kMillimetre;
        return {};
    }
    Outcome read_lamps() {
        double sets = 1;
        if (auto fault = take(sets, {"the number of sets of lamps", 1, 20, true})) return fault;
        LuminaireType& t = out_.type;
        for (int k = 0; k < static_cast<int>(sets); ++k) {
            double lamps = 0, lumens = 0, watts = 0;
            if (auto fault = take(lamps, {"the number of lamps", -10000, 10000, true})) return fault;
            if (auto fault = skip("the kind of lamps")) return fault;
            if (auto fault = take(lumens, {"the flux of all lamps", 0, 1e8})) return fault;
            const auto colour = text("the colour of light");
            if (!colour) return colour.fault();
            const auto rendering = text("the colour rendering");
            if (!rendering) return rendering.fault();
            if (auto fault = take(watts, {"the power", 0, 1e6})) return fault;
            if (k > 0) continue;
            lumens_ = lumens;
            t.power = watts;
            // Less than none: the figures are those of the luminaire, not of its lamps.
            if (lamps >= 0) t.lamp_lumens = lumens;
            set_colour(*colour, *rendering);
        }
        if (sets > 1) out_.notes.push_back(fmt::format("Of {:g} sets of lamps the first is taken.", sets));
        if (lumens_ <= 0)
            return fault_at(name_, line_ - 3, "the lamps have no flux",
                            "Intensities are for 1000 lm of it: put it right");
        std::vector<double> ratios;
        return take_all(ratios, kDirectRatios, {"a direct ratio", -1e6, 1e6});
    }
    // "3000K", "840": colour temperatures and indices stand in many forms.
    void set_colour(std::string_view colour, std::string_view rendering) {
        LuminaireType& t = out_.type;
        t.kelvin = t.ra = 0;
        const auto digits = [](std::string_view s) {
            const size_t from = s.find_first_of("0123456789");
            if (from == std::string_view::npos) return 0.0;
            return number_of(s.substr(from, s.find_first_not_of("0123456789", from) - from)).value_or(0);
        };
        if (const double kelvin = digits(colour); kelvin >= 1000 && kelvin <= 25000) t.kelvin = kelvin;
        if (const double index = digits(rendering); index >= 20 && index <= 100) t.ra = index;
        if (t.kelvin == 0) out_.notes.emplace_back("The file gives no colour temperature.");
    }

    // Which of the planes have values: the others follow by symmetry.
    Result<std::vector<double>> given_planes(const std::vector<double>& all) {
        const auto n = static_cast<size_t>(planes_);
        const auto from_first = [&](size_t count) {
            return std::vector<double>(all.begin(), all.begin() + static_cast<std::ptrdiff_t>(count));
        };
        switch (static_cast<int>(symmetry_)) {
            case 1:
                return from_first(1);
            case 2:
                if (n % 2 == 0) return from_first(n / 2 + 1);
                break;
            case 3:
                if (n % 4 == 0) {
                    // From C270 by C0 to C90.
                    std::vector<double> out;
                    for (size_t i = 0; i <= n / 2; ++i) {
                        const size_t k = (3 * n / 4 + i) % n;
                        out.push_back(all[k] >= 180 ? all[k] - 360 : all[k]);
                    }
                    return out;
                }
                break;
            case 4:
                if (n % 4 == 0) return from_first(n / 4 + 1);
                break;
            default:
                return all;
        }
        return fault_at(name_, 4, fmt::format("{} planes do not go with symmetry {:g}", n, symmetry_),
                        "Correct the number of planes or the symmetry");
    }
    Outcome read_intensities() {
        LuminaireType& t = out_.type;
        std::vector<double> planes;
        const auto n = static_cast<size_t>(planes_);
        if (planes_ * angles_ > kMostDirections)
            return fault_at(name_, 4, "there are more directions than any luminaire is measured in",
                            "Check the numbers of planes and angles");
        if (auto fault = take_all(planes, n, {"a plane's angle", 0, 360})) return fault;
        if (auto fault = check_angles(name_, line_, planes, "planes", 0, 360)) return fault;
        if (auto fault = take_all(t.verticals, static_cast<size_t>(angles_), {"an angle", 0, 180})) return fault;
        if (auto fault = check_angles(name_, line_, t.verticals, "angles", 0, 180)) return fault;
        auto given = given_planes(planes);
        if (!given) return given.fault();
        t.horizontals = *given;
        if (auto fault = check_symmetry()) return fault;
        if (auto fault = take_all(t.candela, t.horizontals.size() * t.verticals.size(), {"an intensity", 0, 1e7}))
            return fault;
        for (double& cd : t.candela) cd = std::min(1e8, cd * conversion_ * lumens_ / 1000);
        if (std::ranges::all_of(t.candela, [](double cd) { return cd == 0; }))
            return fault_at(name_, line_, "it gives no light in any direction", "Ask the maker for a sound file");
        return {};
    }
    Outcome check_symmetry() {
        const auto& h = out_.type.horizontals;
        const double span = h.back() - h.front();
        const int s = static_cast<int>(symmetry_);
        const double wanted = s == 4 ? 90 : s == 0 ? span : s == 1 ? 0 : 180;
        if (std::ranges::is_sorted(h) && std::fabs(span - wanted) < 1e-6) return {};
        return fault_at(name_, line_, fmt::format("planes with values span {:g} degrees, not {:g}", span, wanted),
                        "Planes do not go with the symmetry: correct one of them");
    }
    // What its intensities come to should be what it says of itself.
    void compare_output() {
        const double found = output_ratio(out_.type);
        if (out_.type.lamp_lumens > 0 && ratio_ > 0 && std::fabs(100 * found / ratio_ - 1) > 0.05)
            out_.notes.push_back(
                fmt::format("It says that {:.0f} % of the lamps' light leaves it; its intensities come to {:.0f} %.",
                            ratio_, 100 * found));
    }

    const std::string& name_;
    std::vector<std::string_view> lines_;
    size_t line_ = 0;
    PhotometryFile out_;
    double symmetry_ = 0, planes_ = 0, angles_ = 0, conversion_ = 1, lumens_ = 0, ratio_ = 0;
};

}  // namespace

Result<PhotometryFile> parse_eulumdat(std::string_view text, const std::string& name) {
    return Eulumdat(text, name).read();
}

}  // namespace wp::photometry
