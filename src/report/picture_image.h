// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures of what is seen, as they are shown and printed.
#pragma once
#include <QImage>
#include <QPainter>

#include "question/glare.h"
#include "report/palette.h"
#include "report/plan.h"

namespace wp::report {

inline constexpr double kDimLuminance = 10, kBrightLuminance = 20000;

struct PictureStyle {
    enum class Look {
        false_colour,  ///< by the scale
        exposed,       ///< grey, as a film: the log mean at 18 % of white, by so many stops more
        human_vision,  ///< as an eye would see it
        coloured,      ///< exposed, in the colours that an eye used to the light outdoors sees; grey without bands
    };
    Look look = Look::false_colour;
    Scale scale{kDimLuminance, kBrightLuminance, true};
    double stops = 0;
    bool quiet = true;    ///< evened out for the eye where chance makes it restless
    bool lines = false;   ///< of equal value, at the scale's marks
    bool sources = true;  ///< of glare, outlined and numbered
    bool zone = false;    ///< of the task
    bool operator==(const PictureStyle&) const = default;
};

/// Pixel for pixel, transparent outside the lens.
QImage picture_image(const question::GlareAnswer& answer, const PictureStyle& style);
/// The same in its frame with what is drawn over it; frame: as the picture is wide and high.
void draw_picture(QPainter& painter, const question::GlareAnswer& answer, const QImage& image,
                  const PictureStyle& style, const QRectF& frame, const Ink& ink);
/// Where a place of the picture falls in the frame, and back.
QPointF in_frame(const light::Lens& lens, const QRectF& frame, const light::PicturePlace& place);
light::PicturePlace in_picture(const light::Lens& lens, const QRectF& frame, const QPointF& point);
/// The largest frame of the picture's shape within an area, in its middle.
QRectF frame_within(const light::Lens& lens, const QRectF& area);

/// "sun", "W-02, W-03": what a source is, in the screen's language.
QString source_words(const std::vector<question::SeenPart>& parts);
/// Which blinds are not open, and why.
QString blinds_words(const question::BlindsNow& blinds);
/// A scale that suits a picture: by decades for luminance, from its own values for light that falls.
Scale picture_scale(const light::Picture& picture);
QString unit_words(const light::Picture& picture);
QString quantity_words(const light::Picture& picture);

/// A page with picture, legend, and what it is.
Outcome write_picture_page(const question::GlareAnswer& answer, const PictureStyle& style,
                           const std::filesystem::path& path);

}  // namespace wp::report
