// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/shots.h"

#include <fmt/core.h>

#include <algorithm>
#include <cmath>

#include "base/text.h"
#include "light/picture_filter.h"
#include "question/clear_arc.h"
#include "question/view_pose.h"

namespace wp::question {

using model::PictureBatch;
using model::Question;

namespace {

constexpr size_t kMostInRow = 8;

double turned(double degrees) {
    const double out = std::fmod(std::fmod(degrees, 360.0) + 360.0, 360.0);
    return out > 359.5 ? 0 : out;
}

// A question of one picture: what made it one of many is gone.
Question alone(const Question& question) {
    Question out = question;
    out.batch = {};
    out.moments.clear();
    return out;
}

// A place that looks level in one direction, as a question that names no observer.
Question looking(const Question& question, const model::Observer& from, double heading) {
    Question out = alone(question);
    out.observer.clear();
    out.heading = 0;
    out.name = from.name;
    out.picture.from = from.eye;
    out.picture.heading = heading;
    out.picture.altitude = from.altitude;
    return out;
}

struct View {
    Question question;
    double heading;
};

// The views of one observer: by its own headings, or all around.
Result<std::vector<View>> views_of(const Question& question, const model::Observer& observer) {
    const auto own = model::headings(observer);
    std::vector<double> headings;
    if (question.batch.directions == PictureBatch::Directions::around)
        for (double at = 0; at < 360 - 1e-6; at += question.batch.apart) headings.push_back(at);
    else if (question.batch.directions == PictureBatch::Directions::own)
        headings = own;
    else if (static_cast<size_t>(question.heading) < own.size())
        headings = {own[static_cast<size_t>(question.heading)]};
    else
        return Fault{"question " + question.id,
                     fmt::format("observer {} has no direction of number {}", observer.id, question.heading),
                     "Its directions are numbered from 0"};
    std::vector<View> out;
    for (size_t k = 0; k < headings.size(); ++k) {
        const auto same = [&](const View& v) { return std::fabs(turned(v.heading) - turned(headings[k])) < 0.5; };
        if (std::ranges::any_of(out, same)) continue;
        if (question.batch.directions == PictureBatch::Directions::around) {
            out.push_back({looking(question, observer, headings[k]), headings[k]});
            continue;
        }
        Question one = alone(question);
        one.observer = observer.id;
        if (question.batch.directions == PictureBatch::Directions::own) one.heading = static_cast<int>(k);
        out.push_back({std::move(one), headings[k]});
    }
    // A sphere shows all directions at once.
    if (question.picture.lens == model::PictureChoice::Lens::sphere) out.resize(1);
    return out;
}

// Of the question's own place.
View own_view(const Question& question) {
    model::Observer place;
    place.name = question.name;
    place.eye = question.picture.from;
    View out{looking(question, place, question.picture.heading), question.picture.heading};
    out.question.picture.altitude = question.picture.altitude;
    return out;
}

GlareAnswer reduced(const GlareAnswer& answer, int pixels) {
    GlareAnswer out;
    static_cast<Judged&>(out) = answer;
    out.sources.clear();
    out.judged = answer.judged;
    out.blinds = answer.blinds;
    out.observer = answer.observer;
    out.rule = answer.rule;
    out.moment = answer.moment;
    out.sky = answer.sky;
    out.sun_altitude = answer.sun_altitude;
    out.record = answer.record;
    // Evened out, for the eye: its figures are those of the picture as it was traced.
    const light::Picture& from = answer.picture;
    const std::vector<float> shown =
        answer.things != nullptr ? light::quietened(from, answer.things->sights) : from.value;
    light::Picture& to = out.picture;
    const int by = std::max(1, (from.lens.width + pixels - 1) / pixels);
    to.lens = from.lens, to.pose = from.pose, to.of = from.of;
    to.lens.width = std::max(1, from.lens.width / by), to.lens.height = std::max(1, from.lens.height / by);
    to.field = from.field, to.relative_half_width = from.relative_half_width, to.settled = from.settled;
    to.pixel_half_width = from.pixel_half_width, to.samples = from.samples;
    const auto width = static_cast<size_t>(to.lens.width), step = static_cast<size_t>(by);
    const auto across = static_cast<size_t>(from.lens.width);
    to.value.assign(width * static_cast<size_t>(to.lens.height), 0.0F);
    for (size_t i = 0; i < to.value.size(); ++i) {
        double sum = 0;
        for (size_t y = 0; y < step; ++y)
            for (size_t x = 0; x < step; ++x)
                sum += static_cast<double>(shown[((i / width) * step + y) * across + (i % width) * step + x]);
        to.value[i] = static_cast<float>(sum / static_cast<double>(step * step));
    }
    return out;
}

}  // namespace

std::string Shot::direction() const {
    return !has_direction ? "" : fmt::format("towards {} ({:.0f}\u00b0)", compass_point(azimuth), azimuth);
}

std::string Shot::words() const {
    return place + (has_direction ? ", " + direction() : "") + ", " + climate::text(question.moment);
}

bool is_batch(const Question& question) {
    return question.kind == Question::Kind::glare && (!question.batch.observers.empty() || !question.moments.empty() ||
                                                      question.batch.directions != PictureBatch::Directions::as_asked);
}

Result<std::vector<Shot>> shots_of(const model::Option& option, const Question& question, double north) {
    auto ids = question.batch.observers;
    if (ids.empty() && !question.observer.empty()) ids = {question.observer};
    auto moments = question.moments;
    if (moments.empty()) moments = {question.moment};
    std::vector<Shot> out;
    const auto add = [&](const View& view, const std::string& id, const std::string& name, bool has_direction = true) {
        has_direction = has_direction && view.question.picture.lens != model::PictureChoice::Lens::sphere;
        for (const auto& moment : moments) {
            Shot shot{view.question, name, has_direction, has_direction ? turned(view.heading + north) : 0, {}};
            shot.question.moment = moment;
            const int minutes = static_cast<int>(std::lround(moment.hour * 60));
            shot.file = file_name_of(id) + (has_direction ? fmt::format(".{:03.0f}", shot.azimuth) : "") +
                        fmt::format(".{:02}{:02}-{:02}{:02}", moment.month, moment.day, minutes / 60, minutes % 60);
            out.push_back(std::move(shot));
        }
    };
    const Fault too_many{"question " + question.id, fmt::format("asks for more than {} pictures", kMostShots),
                         "Ask for fewer places, directions or moments at once"};
    if (ids.empty()) {
        if (question.batch.directions == PictureBatch::Directions::around) {
            model::Observer place;
            place.id = "eye", place.name = question.name, place.eye = question.picture.from;
            auto views = views_of(question, place);
            if (!views) return views.fault();
            for (const View& view : *views) add(view, "eye", question.name);
        } else {
            add(own_view(question), "eye", question.name);
        }
    }
    for (const auto& id : ids) {
        const auto* observer = model::find(option.observers, id);
        if (const auto* view = model::find(option.views, id); observer == nullptr && view != nullptr) {
            const Question one = from_view(option, *view, alone(question));
            add({one, one.picture.heading}, id, view->name, false);
            continue;
        }
        if (observer == nullptr)
            return Fault{"question " + question.id,
                         "option " + option.id + " has no observer and no view \"" + id + "\"",
                         "Place one, or name another"};
        auto views = views_of(question, *observer);
        if (!views) return views.fault();
        for (const View& view : *views) {
            if (out.size() + moments.size() > kMostShots) return too_many;
            add(view, id, observer->name);
        }
    }
    if (out.size() > kMostShots) return too_many;
    return out;
}

size_t shots_in_row(const std::vector<Shot>& shots) {
    if (shots.empty()) return 1;
    const auto run = [&](auto&& same) {
        size_t n = 1;
        while (n < shots.size() && same(shots[n])) ++n;
        return n;
    };
    const Shot& first = shots.front();
    const size_t moments = run([&](const Shot& s) { return s.place == first.place && s.azimuth == first.azimuth; });
    if (moments > 1) return std::min(moments, kMostInRow);
    const size_t directions = run([&](const Shot& s) { return s.place == first.place; });
    return std::min(directions > 1 ? directions : shots.size(), kMostInRow);
}

Taken taken(const model::Option& option, const Shot& shot, const GlareAnswer& answer, int pixels) {
    Taken out{option.id, option.name, shot, reduced(answer, pixels), {}, {}};
    for (const auto& index : metric::glare_indices())
        out.indices.push_back(answer.judged ? index.value(answer) : std::nullopt);
    if (!answer.parts.empty()) out.worst = words_of(answer.parts.front());
    return out;
}

}  // namespace wp::question
