// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/clear_arc.h"

#include <fmt/core.h>

#include <algorithm>
#include <cmath>

namespace wp::question {

namespace {

double turned(double heading) { return heading - 360 * std::floor(heading / 360); }

// Where between two headings the limit is crossed, as a share of the step.
double crossing(const std::optional<double>& a, const std::optional<double>& b, double limit) {
    // Where nothing glares there is no value to draw a line to: half-way.
    if (!a || !b || *a == *b) return 0.5;
    return std::clamp((limit - *a) / (*b - *a), 0.0, 1.0);
}

class Finding {
 public:
    Finding(const Ring& ring, double limit) : ring_(ring), limit_(limit), n_(ring.value.size()) {}

    ClearArc find() {
        ClearArc out;
        if (n_ == 0) return out;
        find_worst(out);
        find_spans(out);
        for (const ArcSpan& span : out.spans) out.clear += span.width();
        std::ranges::stable_sort(out.spans, std::greater(), &ArcSpan::width);
        return out;
    }

 private:
    bool is_clear(size_t i) const {
        const auto& value = ring_.value[i % n_];
        return !value || (ring_.rises ? *value <= limit_ : *value >= limit_);
    }
    void find_worst(ClearArc& out) const {
        for (size_t i = 0; i < n_; ++i) {
            const auto& value = ring_.value[i];
            if (!value || (out.worst && (ring_.rises ? *value <= *out.worst : *value >= *out.worst))) continue;
            out.worst = value;
            out.worst_heading = ring_.heading(i);
            out.worst_source = i < ring_.worst.size() ? ring_.worst[i] : std::string();
        }
    }
    void find_spans(ClearArc& out) const {
        size_t first = 0;
        while (first < n_ && (is_clear(first) == is_clear(first + n_ - 1))) ++first;
        if (first == n_) {
            if (is_clear(0)) out.spans.push_back({0, 360});
            return;
        }
        // Once around from where it changes.
        double from = 0;
        bool open = false;
        for (size_t i = first; i <= first + n_; ++i) {
            const bool now = is_clear(i);
            if (now == open) continue;
            const double edge = ring_.step() * (static_cast<double>(i) - 1 +
                                                crossing(ring_.value[(i + n_ - 1) % n_], ring_.value[i % n_], limit_));
            open = now;
            if (now) {
                from = edge;
                continue;
            }
            const double begin = turned(from);
            out.spans.push_back({begin, begin + edge - from});
        }
    }

    const Ring& ring_;
    double limit_;
    size_t n_;
};

}  // namespace

double ArcSpan::middle() const { return turned((from + to) / 2); }

bool ClearArc::is_clear(double heading) const {
    return std::ranges::any_of(spans, [&](const ArcSpan& s) { return turned(heading - s.from) <= s.width(); });
}

Ring ring_of(const std::vector<Facing>& around, size_t index) {
    Ring out;
    out.rises = metric::glare_indices()[index].rises;
    for (const Facing& facing : around) {
        out.value.push_back(facing.indices[index]);
        out.worst.push_back(facing.worst);
    }
    return out;
}

ClearArc clear_arc(const Ring& ring, double limit) { return Finding(ring, limit).find(); }

const char* compass_point(double azimuth) {
    static constexpr const char* points[] = {"N", "NNE", "NE", "ENE", "E", "ESE", "SE", "SSE",
                                             "S", "SSW", "SW", "WSW", "W", "WNW", "NW", "NNW"};
    return points[static_cast<size_t>(std::lround(turned(azimuth) / 22.5)) % 16];
}

std::string words_of(const ClearArc& arc, const char* short_name, double north, int digits) {
    std::string out;
    if (arc.spans.empty())
        out = "clear nowhere";
    else if (arc.spans.front().width() >= 360)
        out = "clear all around";
    else {
        const ArcSpan& s = arc.spans.front();
        out = fmt::format("clear from {} over {} to {}", compass_point(s.from + north),
                          compass_point(s.middle() + north), compass_point(s.to + north));
        if (arc.spans.size() > 1) out += fmt::format(" and {} more", arc.spans.size() - 1);
    }
    if (!arc.worst) return out;
    out += fmt::format("; worst {:.0f}\u00b0, {} {:.{}f}", turned(arc.worst_heading + north), short_name, *arc.worst,
                       digits);
    return arc.worst_source.empty() ? out : out + ", " + arc.worst_source;
}

}  // namespace wp::question
