// SPDX-License-Identifier: GPL-3.0-or-later
// ANSI/IES LM-63, editions 1986, 1991, 1995, 2002 and 2019.
#include <fmt/core.h>

#include <algorithm>
#include <cmath>

#include "base/text.h"
#include "photometry/photometry_text.h"

namespace wp::photometry {
using model::LuminaireType;
using Planes = LuminaireType::Planes;

namespace {

constexpr double kFoot = 0.3048;

// Numbers one after the other, wherever lines end.
class Numbers {
 public:
    Numbers(const std::string& name, const std::vector<std::string_view>& lines, size_t line)
        : name_(name), lines_(lines), line_(line) {}

    Result<double> next(const Expected& e) {
        const std::string_view word = take();
        if (word.empty())
            return fault_at(name_, lines_.size(), fmt::format("the file ends where {} should stand", e.what),
                            "The file is cut off: ask the maker for a whole one");
        const auto value = number_of(word);
        if (!value)
            return fault_at(name_, at_, fmt::format("{} is \"{}\", not a number", e.what, plain_text(word, 20)),
                            "Correct the value, or ask the maker for a sound file");
        if (auto fault = judged(name_, at_, *value, e)) return *fault;
        return *value;
    }
    Result<std::vector<double>> next(size_t count, const Expected& e) {
        std::vector<double> out;
        for (size_t i = 0; i < count; ++i) {
            auto one = next(e);
            if (!one) return one.fault();
            out.push_back(*one);
        }
        return out;
    }
    bool at_end() {
        const auto rest = rest_;
        const size_t line = line_;
        const bool end = take().empty();
        rest_ = rest, line_ = line;
        return end;
    }
    /// Line of the last number, from 1.
    size_t line() const { return at_; }

 private:
    std::string_view take() {
        constexpr std::string_view kBetween = " \t,";
        for (;;) {
            const size_t from = rest_.find_first_not_of(kBetween);
            if (from != std::string_view::npos) {
                rest_.remove_prefix(from);
                const std::string_view word = rest_.substr(0, rest_.find_first_of(kBetween));
                rest_.remove_prefix(word.size());
                at_ = line_;
                return word;
            }
            if (line_ >= lines_.size()) return {};
            rest_ = lines_[line_++];
        }
    }
    const std::string& name_;
    const std::vector<std::string_view>& lines_;
    size_t line_;  // the next to be begun
    size_t at_ = 0;
    std::string_view rest_;
};

struct Header {
    int edition = 1986;
    std::string name;
    size_t tilt = 0;  // index of its line
    std::string_view how;
};

struct Edition {
    std::string_view ends;
    int year;
};
struct Keyword {
    std::string_view word;
    std::string* to;
};

Result<Header> header_of(const std::vector<std::string_view>& lines, const std::string& name) {
    Header out;
    if (!lines.empty() && lines[0].starts_with("IES"))
        for (const Edition& e : {Edition{"91", 1991}, {"1995", 1995}, {"2002", 2002}, {"2019", 2019}})
            if (lines[0].ends_with(e.ends)) out.edition = e.year;
    std::string catalogue;
    for (size_t i = 0; i < lines.size(); ++i) {
        if (lines[i].starts_with("TILT=")) {
            out.tilt = i;
            out.how = trimmed(lines[i].substr(5));
            if (out.name.empty()) out.name = catalogue;
            return out;
        }
        for (const Keyword& k : {Keyword{"[LUMINAIRE]", &out.name}, {"[LUMCAT]", &catalogue}})
            if (lines[i].starts_with(k.word) && k.to->empty())
                *k.to = plain_text(trimmed(lines[i].substr(k.word.size())), 100);
    }
    return fault_at(name, std::max<size_t>(1, lines.size()),
                    "there is no line TILT=", "An IES file has one before its numbers: check that it is one");
}

Outcome read_tilt(Numbers& numbers, LuminaireType& type) {
    const auto geometry = numbers.next({"the lamp's place in the luminaire", 1, 3, true});
    if (!geometry) return geometry.fault();
    const auto count = numbers.next({"the number of tilts", 1, 200, true});
    if (!count) return count.fault();
    auto angles = numbers.next(static_cast<size_t>(*count), {"a tilt", 0, 180});
    if (!angles) return angles.fault();
    auto factors = numbers.next(static_cast<size_t>(*count), {"a factor of tilt", 0, 10});
    if (!factors) return factors.fault();
    type.tilts = *angles;
    type.tilt_light = *factors;
    return {};
}

// Negative sizes are those of round things (LM-63, table of luminous openings).
void set_opening(LuminaireType& t, double width, double length, double height) {
    t.size_x = std::fabs(length);
    t.size_y = std::fabs(width);
    t.depth = std::fabs(height);
    if (width < 0 && length <= 0) {
        t.opening = height < 0 ? LuminaireType::Opening::ball : LuminaireType::Opening::ellipse;
        if (length == 0) t.size_x = t.size_y;
    }
}

Planes planes_of(double type) { return type == 1 ? Planes::c_gamma : type == 2 ? Planes::b_beta : Planes::a_alpha; }

// Symmetry is told by where the horizontals end.
Outcome check_planes(const std::string& name, size_t line, const LuminaireType& t) {
    const auto &h = t.horizontals, &v = t.verticals;
    const double first = h.front(), last = h.back(), low = v.front(), high = v.back();
    bool sound;
    if (t.planes == Planes::c_gamma) {
        sound = (first == 0 && (last == 0 || last == 90 || last == 180 || (last > 180 && last <= 360))) ||
                (first == 90 && last == 270);
        if (low != 0 && low != 90) sound = false;
        if (high != 90 && high != 180) sound = false;
    } else {
        sound = (first == 0 || first == -90) && last == 90 && (low == 0 || low == -90) && high == 90;
    }
    if (sound) return {};
    return fault_at(name, line,
                    fmt::format("planes from {:g} to {:g} with angles from {:g} to {:g} degrees are no whole luminaire",
                                first, last, low, high),
                    "Type C has planes from 0 to 0, 90, 180 or 360 (or 90 to 270) and angles from 0 or 90 to 90 or "
                    "180; types A and B from 0 or -90 to 90");
}

class Lm63 {
 public:
    Lm63(const std::vector<std::string_view>& lines, const std::string& name, Header header)
        : name_(name), header_(std::move(header)), numbers_(name, lines, header_.tilt + 1) {}

    Result<PhotometryFile> read() {
        LuminaireType& t = out_.type;
        t.name = header_.name;
        if (auto fault = read_lamp_tilt()) return *fault;
        if (auto fault = read_figures()) return *fault;
        if (auto fault = read_intensities()) return *fault;
        if (!numbers_.at_end())
            return fault_at(name_, numbers_.line(), "more numbers follow than there are directions",
                            "Counts of angles and values do not agree: ask the maker for a sound file");
        return std::move(out_);
    }

 private:
    Outcome read_lamp_tilt() {
        if (header_.how == "NONE") return {};
        if (header_.how == "INCLUDE") return read_tilt(numbers_, out_.type);
        return fault_at(name_, header_.tilt + 1,
                        fmt::format("the tilt is in another file, \"{}\"", plain_text(header_.how, 40)),
                        "Put its lines after TILT=INCLUDE, or write TILT=NONE where it does not matter");
    }
    Outcome take(double& to, const Expected& e) {
        const auto value = numbers_.next(e);
        if (!value) return value.fault();
        to = *value;
        return {};
    }
    Outcome read_figures() {
        LuminaireType& t = out_.type;
        double planes = 1, units = 2, width = 0, length = 0, height = 0, ballast = 1, future = 1, watts = 0;
        const std::pair<double*, Expected> all[] = {
            {&lamps_, {"the number of lamps", 1, 10000, true}},
            {&lumens_, {"lumens of a lamp", -1, 1e7}},
            {&multiplier_, {"the multiplier of intensities", 1e-6, 1e6}},
            {&verticals_, {"the number of vertical angles", 2, kMostAngles, true}},
            {&horizontals_, {"the number of horizontal angles", 1, kMostAngles, true}},
            {&planes, {"the photometric type", 1, 3, true}},
            {&units, {"the unit of sizes", 1, 2, true}},
            {&width, {"the width of what shines", -300, 300}},
            {&length, {"the length of what shines", -300, 300}},
            {&height, {"the height of what shines", -300, 300}},
            {&ballast, {"the ballast factor", 1e-3, 100}},
            {&future, {"the tenth figure", 0, 100}},
            {&watts, {"the power", 0, 100000}}};
        for (const auto& [to, expected] : all)
            if (auto fault = take(*to, expected)) return fault;
        if (verticals_ * horizontals_ > kMostDirections)
            return fault_at(name_, numbers_.line(), "there are more directions than any luminaire is measured in",
                            "Check the counts of angles");
        const double metre = units == 1 ? kFoot : 1;
        set_opening(t, width * metre, length * metre, height * metre);
        t.planes = planes_of(planes);
        t.power = watts;
        multiplier_ *= ballast;
        // Up to 1995 a second factor of the ballast stands there; then nothing; in 2019 how the file came about.
        if (header_.edition <= 1995 && future > 0) multiplier_ *= future;
        // Intensities of lamps that are told are those of the lamps with these lumens.
        if (lumens_ > 0) t.lamp_lumens = lumens_ * lamps_;
        if (watts == 0) out_.notes.emplace_back("The file gives no power.");
        return {};
    }
    Outcome read_intensities() {
        LuminaireType& t = out_.type;
        auto v = numbers_.next(static_cast<size_t>(verticals_), {"a vertical angle", -90, 180});
        if (!v) return v.fault();
        t.verticals = *v;
        if (auto fault = check_angles(name_, numbers_.line(), t.verticals, "vertical angles", -90, 180)) return fault;
        auto h = numbers_.next(static_cast<size_t>(horizontals_), {"a horizontal angle", -90, 360});
        if (!h) return h.fault();
        t.horizontals = *h;
        if (auto fault = check_angles(name_, numbers_.line(), t.horizontals, "horizontal angles", -90, 360))
            return fault;
        if (auto fault = check_planes(name_, numbers_.line(), t)) return fault;
        auto candela = numbers_.next(t.verticals.size() * t.horizontals.size(), {"an intensity", 0, 1e9});
        if (!candela) return candela.fault();
        t.candela = *candela;
        for (double& cd : t.candela) cd = std::min(1e8, cd * multiplier_);
        if (std::ranges::all_of(t.candela, [](double cd) { return cd == 0; }))
            return fault_at(name_, numbers_.line(), "it gives no light in any direction",
                            "Ask the maker for a sound file");
        return {};
    }

    const std::string& name_;
    Header header_;
    Numbers numbers_;
    PhotometryFile out_;
    double lamps_ = 1, lumens_ = -1, multiplier_ = 1, verticals_ = 0, horizontals_ = 0;
};

}  // namespace

Result<PhotometryFile> parse_lm63(std::string_view text, const std::string& name) {
    const auto lines = lines_of(text);
    auto header = header_of(lines, name);
    if (!header) return header.fault();
    return Lm63(lines, name, *header).read();
}

}  // namespace wp::photometry
