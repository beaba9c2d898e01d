// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/picture_image.h"

#include <QPainterPath>
#include <algorithm>
#include <array>
#include <cmath>
#include <unordered_set>

#include "geometry/contours.h"
#include "light/picture_filter.h"
#include "question/picture_figures.h"
#include "report/human_vision.h"
#include "report/language/dates.h"
#include "report/language/words.h"
#include "report/paper.h"
#include "report/plan_map.h"
#include "spectrum/light_source.h"

namespace wp::report {

using light::Lens;
using light::PicturePlace;

namespace {

constexpr double kMiddleGrey = 0.18;
constexpr size_t kMostNumbers = 9;

// IEC 61966-2-1.
int coded(double linear) {
    const double v = std::clamp(linear, 0.0, 1.0);
    return static_cast<int>(std::lround(255 * (v <= 0.0031308 ? 12.92 * v : 1.055 * std::pow(v, 1 / 2.4) - 0.055)));
}

std::vector<float> quiet_values(const question::GlareAnswer& answer) {
    return answer.things != nullptr ? light::quietened(answer.picture, answer.things->sights) : answer.picture.value;
}

std::vector<float> shown_values(const question::GlareAnswer& answer, const PictureStyle& style) {
    return style.quiet ? quiet_values(answer) : answer.picture.value;
}

// As an eye that is used to the light outdoors sees it, on a screen whose white is D65 (CAT16). What no screen shows is
// taken to the nearest that one does, channel by channel.
QRgb screen_colour(spectrum::Xyz colour, const spectrum::Xyz& from_white, double times) {
    static const spectrum::Xyz white = spectrum::xyz_of_matter(spectrum::flat(1), spectrum::d65());
    colour = {colour.x * times, colour.y * times, colour.z * times};
    const spectrum::Srgb shown = spectrum::srgb(spectrum::adapted(colour, from_white, white));
    const auto of = [](double share) { return static_cast<int>(std::lround(255 * std::clamp(share, 0.0, 1.0))); };
    return qRgb(of(shown.r), of(shown.g), of(shown.b));
}

// X, Y, Z of a picture by wavelength, evened out as its luminance is where that is wanted.
std::array<std::vector<float>, 3> colours_of(const question::GlareAnswer& answer, bool quiet) {
    const question::SpectralPicture& by = *answer.spectral;
    std::array<std::vector<float>, 3> out;
    for (auto& channel : out) channel.assign(by.pixels(), 0.0f);
    for (size_t b = 0; b < by.bands.size(); ++b) {
        const float weights[] = {static_cast<float>(by.colour[b].x), static_cast<float>(by.colour[b].y),
                                 static_cast<float>(by.colour[b].z)};
        for (size_t c = 0; c < 3; ++c)
            for (size_t i = 0; i < by.pixels(); ++i) out[c][i] += weights[c] * by.bands[b][i];
    }
    if (!quiet || answer.things == nullptr) return out;
    light::Picture picture = answer.picture;
    picture.parts.clear(), picture.bands.clear();
    for (auto& channel : out) {
        picture.value = std::move(channel);
        channel = light::quietened(picture, answer.things->sights);
    }
    return out;
}

// Whether a pixel lies in the picture.
std::vector<char> within(const Lens& lens) {
    const auto directions = light::LensField(lens).direction;
    std::vector<char> out;
    out.reserve(directions.size());
    for (const Vec3& d : directions) out.push_back(!(d == Vec3{0, 0, 0}));
    return out;
}

void draw_outline(QPainter& painter, const metric::GlareSource& source, const Lens& lens, const QRectF& frame) {
    const std::unordered_set<uint32_t> inside(source.pixels.begin(), source.pixels.end());
    const auto wide = static_cast<uint32_t>(lens.width);
    QVector<QLineF> edges;
    const auto edge = [&](double x1, double y1, double x2, double y2) {
        edges << QLineF(in_frame(lens, frame, {x1, y1}), in_frame(lens, frame, {x2, y2}));
    };
    for (const uint32_t at : source.pixels) {
        const double x = at % wide, y = at / wide;
        if (at % wide == 0 || !inside.contains(at - 1)) edge(x, y, x, y + 1);
        if ((at + 1) % wide == 0 || !inside.contains(at + 1)) edge(x + 1, y, x + 1, y + 1);
        if (at < wide || !inside.contains(at - wide)) edge(x, y, x + 1, y);
        if (!inside.contains(at + wide)) edge(x, y + 1, x + 1, y + 1);
    }
    painter.drawLines(edges);
}

// Where a source's middle is seen in the picture.
std::optional<PicturePlace> place_of_source(const question::GlareAnswer& answer, const metric::GlareSource& source) {
    const auto& picture = answer.picture;
    const light::Pose eye =
        light::make_eye(picture.pose.at, radians(answer.observer.heading), radians(answer.observer.altitude));
    const light::Pose& axes = picture.lens.kind == Lens::Kind::sphere ? eye : picture.pose;
    const Vec3& d = source.direction;
    return light::place_of(picture.lens, picture.pose, axes.right() * d.x + axes.up * d.y + axes.forward * d.z);
}

void draw_number(QPainter& painter, const QPointF& at, const QString& text, const Ink& ink) {
    painter.setFont(page_font(11, QFont::DemiBold));
    const QRectF plate(at.x() - 8, at.y() - 8, 16, 16);
    painter.setPen(QPen(ink.accent, 1.2));
    painter.setBrush(ink.room);
    painter.drawEllipse(plate);
    painter.setPen(ink.ink);
    painter.drawText(plate, Qt::AlignCenter, text);
}

// The sun by a ring with rays, other sources by their outline; both by number.
void draw_sources(QPainter& painter, const question::GlareAnswer& answer, const QRectF& frame, const Ink& ink) {
    const Lens& lens = answer.picture.lens;
    for (size_t i = answer.sources.size(); i-- > 0;) {
        const auto& source = answer.sources[i];
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(ink.accent, 1.4));
        draw_outline(painter, source, lens, frame);
        const auto place = place_of_source(answer, source);
        if (!place || i >= kMostNumbers) continue;
        QPointF at = in_frame(lens, frame, *place);
        if (source.is_sun) {
            painter.setPen(QPen(ink.accent, 2));
            painter.drawEllipse(at, 9, 9);
            for (int ray = 0; ray < 8; ++ray) {
                const QPointF d(std::cos(ray * kPi / 4), std::sin(ray * kPi / 4));
                painter.drawLine(at + d * 11, at + d * 16);
            }
            at += QPointF(18, -18);
        }
        draw_number(painter, at, QString::number(i + 1), ink);
    }
}

void draw_lines(QPainter& painter, const question::GlareAnswer& answer, const PictureStyle& style, const QRectF& frame,
                const Ink& ink) {
    const Lens& lens = answer.picture.lens;
    // Of no more cells than a line can be told by.
    const int step = std::max(1, lens.width / 256);
    geometry::Lattice lattice{lens.width / step, lens.height / step, {}};
    const auto values = quiet_values(answer);
    const auto in = within(lens);
    for (int j = 0; j < lattice.rows; ++j)
        for (int i = 0; i < lattice.columns; ++i) {
            double sum = 0;
            for (int v = 0; v < step; ++v)
                for (int u = 0; u < step; ++u) {
                    const size_t at = static_cast<size_t>(j * step + v) * static_cast<size_t>(lens.width) +
                                      static_cast<size_t>(i * step + u);
                    if (in[at]) sum += static_cast<double>(values[at]);
                }
            lattice.cell.push_back(sum / (step * step));
        }
    Labels labels;
    draw_contours(
        painter, lattice, style.scale,
        [&](Vec2 cell) {
            return in_frame(lens, frame, {cell.x * step, cell.y * step});
        },
        ink, labels);
}

void draw_zone(QPainter& painter, const question::GlareAnswer& answer, const QRectF& frame, const Ink& ink) {
    const light::Picture& picture = answer.picture;
    const light::Pose eye =
        light::make_eye(picture.pose.at, radians(answer.observer.heading), radians(answer.observer.altitude));
    const light::Pose& axes = picture.lens.kind == Lens::Kind::sphere ? eye : picture.pose;
    const Vec3& z = answer.rule.zone;
    const Vec3 middle = axes.right() * z.x + axes.up * z.y + axes.forward * z.z;
    const Vec3 side = normalized(cross(middle, std::fabs(middle.z) < 0.9 ? Vec3{0, 0, 1} : Vec3{1, 0, 0})),
               other = cross(side, middle);
    const double half = answer.rule.zone_angle / 2;
    QPainterPath path;
    bool on = false;
    for (int i = 0; i <= 72; ++i) {
        const double turn = i * kPi / 36;
        const Vec3 to = middle * std::cos(half) + (side * std::cos(turn) + other * std::sin(turn)) * std::sin(half);
        const auto place = light::place_of(picture.lens, picture.pose, to);
        if (place) {
            const QPointF at = in_frame(picture.lens, frame, *place);
            on ? path.lineTo(at) : path.moveTo(at);
        }
        on = place.has_value();
    }
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(ink.paper, 3));
    painter.drawPath(path);
    painter.setPen(QPen(ink.ink, 1.4, Qt::DashLine));
    painter.drawPath(path);
}

}  // namespace

QPointF in_frame(const Lens& lens, const QRectF& frame, const PicturePlace& place) {
    return {frame.left() + place.x / lens.width * frame.width(), frame.top() + place.y / lens.height * frame.height()};
}

PicturePlace in_picture(const Lens& lens, const QRectF& frame, const QPointF& point) {
    return {(point.x() - frame.left()) / frame.width() * lens.width,
            (point.y() - frame.top()) / frame.height() * lens.height};
}

QRectF frame_within(const Lens& lens, const QRectF& area) {
    const double scale = std::min(area.width() / lens.width, area.height() / lens.height);
    const QSizeF size(lens.width * scale, lens.height * scale);
    return {area.center() - QPointF(size.width() / 2, size.height() / 2), size};
}

QString unit_words(const light::Picture& picture) { return QString::fromUtf8(question::unit_of(picture.of)); }

QString quantity_words(const light::Picture& picture) {
    switch (picture.of) {
        case light::PictureOf::luminance:
            return QObject::tr("Luminance");
        case light::PictureOf::illuminance:
            return QObject::tr("Illuminance");
        case light::PictureOf::melanopic:
            return QObject::tr("Melanopic equivalent daylight luminance");
        case light::PictureOf::ratio:
            return QObject::tr("Melanopic to photopic");
    }
    return {};
}

QString blinds_words(const question::BlindsNow& blinds) {
    QStringList closed;
    for (const auto& group : blinds.groups)
        if (!group.open || !group.sure) closed << language::words(group.words);
    if (!closed.empty()) return QObject::tr("Blinds: %1").arg(closed.join(QStringLiteral("; ")));
    return blinds.groups.empty() ? QObject::tr("No window has a blind") : QObject::tr("All blinds are open");
}

QString source_words(const std::vector<question::SeenPart>& parts) {
    QStringList out;
    for (size_t i = 0; i < std::min<size_t>(parts.size(), 3); ++i)
        if (i == 0 || parts[i].share >= 0.1) out << language::words(parts[i].words);
    return out.join(QStringLiteral(", "));
}

Scale picture_scale(const light::Picture& picture) {
    if (picture.of == light::PictureOf::luminance || picture.of == light::PictureOf::melanopic)
        return {kDimLuminance, kBrightLuminance, true};
    if (picture.of == light::PictureOf::ratio) return {0.5, 1.5, false};
    std::vector<float> sorted;
    for (const float v : picture.value)
        if (v > 0) sorted.push_back(v);
    if (sorted.empty()) return {10, 10000, true};
    const auto at = sorted.begin() + static_cast<std::ptrdiff_t>(sorted.size() * 99 / 100);
    std::nth_element(sorted.begin(), at, sorted.end());
    const double top = nice_top(static_cast<double>(*at));
    return {top / 1000, top, true};
}

QImage picture_image(const question::GlareAnswer& answer, const PictureStyle& style) {
    const light::Picture& picture = answer.picture;
    const auto values = shown_values(answer, style);
    const auto in = within(picture.lens);
    std::vector<float> seen;
    double times = 1;
    if (style.look == PictureStyle::Look::human_vision) seen = as_seen(picture, values);
    const bool coloured = style.look == PictureStyle::Look::coloured && answer.spectral != nullptr &&
                          answer.spectral->pixels() == values.size();
    std::array<std::vector<float>, 3> colours;
    if (coloured) colours = colours_of(answer, style.quiet);
    if (style.look == PictureStyle::Look::exposed || style.look == PictureStyle::Look::coloured) {
        const double log_mean = question::figures_of(picture).log_mean;
        times = log_mean > 0 ? kMiddleGrey / log_mean * std::exp2(style.stops) : 1;
    }
    QImage out(picture.lens.width, picture.lens.height, QImage::Format_ARGB32_Premultiplied);
    for (int y = 0; y < out.height(); ++y) {
        auto* line = reinterpret_cast<QRgb*>(out.scanLine(y));
        for (int x = 0; x < out.width(); ++x) {
            const size_t at = static_cast<size_t>(y) * static_cast<size_t>(out.width()) + static_cast<size_t>(x);
            if (!in[at]) {
                line[x] = 0;
                continue;
            }
            if (style.look == PictureStyle::Look::false_colour) {
                line[x] = style.scale.colour(static_cast<double>(values[at])).rgba();
                continue;
            }
            if (coloured) {
                line[x] = screen_colour({static_cast<double>(colours[0][at]), static_cast<double>(colours[1][at]),
                                         static_cast<double>(colours[2][at])},
                                        answer.spectral->white, times);
                continue;
            }
            const int grey =
                coded(seen.empty() ? static_cast<double>(values[at]) * times : static_cast<double>(seen[at]));
            line[x] = qRgb(grey, grey, grey);
        }
    }
    return out;
}

void draw_picture(QPainter& painter, const question::GlareAnswer& answer, const QImage& image,
                  const PictureStyle& style, const QRectF& frame, const Ink& ink) {
    painter.save();
    painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    QPainterPath rim;
    if (answer.picture.lens.kind == Lens::Kind::hemisphere)
        rim.addEllipse(frame);
    else
        rim.addRect(frame);
    painter.setClipPath(rim, Qt::IntersectClip);
    painter.drawImage(frame, image);
    if (style.lines) draw_lines(painter, answer, style, frame, ink);
    if (style.zone) draw_zone(painter, answer, frame, ink);
    painter.restore();
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    if (style.sources && answer.judged) draw_sources(painter, answer, frame, ink);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(ink.ink, 1.2));
    painter.drawPath(rim);
    painter.restore();
}

Outcome write_picture_page(const question::GlareAnswer& answer, const PictureStyle& style,
                           const std::filesystem::path& path) {
    const Ink ink;
    QRectF area = frame_within(answer.picture.lens, {40, 60, 820, 680});
    area.moveTop(60);
    const int high = static_cast<int>(area.bottom()) + 150;
    const QString title = answer.judged
                              ? QObject::tr("%1, %2: DGP %3, Ev %4 lx")
                                    .arg(QString::fromStdString(answer.observer.name), language::text(answer.moment),
                                         language::number(answer.dgp, 'f', 3), figure(answer.vertical_lux))
                              : QObject::tr("%1, %2: mean %3 %4")
                                    .arg(QString::fromStdString(answer.observer.name), language::text(answer.moment),
                                         figure(answer.picture.field), unit_words(answer.picture));
    return write_paper(path, {900, high}, quantity_words(answer.picture), [&](QPainter& painter) {
        painter.fillRect(QRect(0, 0, 900, high), ink.paper);
        painter.setFont(page_font(16, QFont::DemiBold));
        painter.setPen(ink.ink);
        painter.drawText(QRectF(40, 16, 820, 30), Qt::AlignLeft | Qt::AlignVCenter, title);
        painter.setFont(page_font(12));
        draw_picture(painter, answer, picture_image(answer, style), style, area, ink);
        if (style.look == PictureStyle::Look::false_colour)
            draw_legend(painter, style.scale, quantity_words(answer.picture), unit_words(answer.picture), ink,
                        QRectF(250, area.bottom() + 20, 400, 50));
        painter.setFont(page_font(11));
        painter.setPen(ink.faint);
        painter.drawText(QRectF(40, area.bottom() + 80, 820, 60), Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap,
                         language::words(answer.sky) + QStringLiteral(". ") + blinds_words(answer.blinds));
    });
}

}  // namespace wp::report
