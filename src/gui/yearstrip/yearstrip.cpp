// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/yearstrip/yearstrip.h"

#include <QKeyEvent>
#include <QMenu>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <array>
#include <cmath>

#include "climate/statistics.h"
#include "gui/look/look.h"
#include "report/language/dates.h"
#include "report/language/words.h"

namespace wp::gui {

namespace {
constexpr int kHeader = 30, kClock = 116, kNamed = 116, kMoment = 306;
}

YearStrip::YearStrip(Document& document, const KeptAnswers& kept, QWidget* parent)
    : QWidget(parent), document_(document), kept_(kept) {
    // The same whatever stands above: it does not jump while one works.
    setFixedHeight(140);
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setAccessibleName(QObject::tr("Year strip"));
    setObjectName(QStringLiteral("yearstrip"));
    setToolTip(QObject::tr("Click or drag to choose the moment; arrow keys step by day and hour"));
    for (const auto signal : {&Document::weather_changed, &Document::selection_changed, &Document::project_changed})
        connect(&document, signal, this, &YearStrip::renew);
    connect(&kept, &KeptAnswers::changed, this, &YearStrip::renew);
    connect(&document, &Document::weather_changed, this, &YearStrip::find_sun_lines);
    for (const auto signal : {&Document::moment_changed, &Document::sky_changed})
        connect(&document, signal, this, qOverload<>(&QWidget::update));
    build_clock();
    build_choice();
    colour();
}

// What the strip is coloured by stands above its legend, and is chosen there.
void YearStrip::build_choice() {
    choice_ = new QToolButton(this);
    choice_->setObjectName(QStringLiteral("strip-of"));
    choice_->setAccessibleName(QObject::tr("The strip shows"));
    choice_->setToolTip(QObject::tr("What colours the year strip"));
    choice_->setPopupMode(QToolButton::InstantPopup);
    auto* menu = new QMenu(choice_);
    menu->setObjectName(QStringLiteral("strip-menu"));
    for (const auto& [name, of] : {std::pair{QT_TRANSLATE_NOOP("QObject", "Outdoor illuminance"), StripOf::outdoor},
                                   {QT_TRANSLATE_NOOP("QObject", "Mean illuminance of the room"), StripOf::room},
                                   {QT_TRANSLATE_NOOP("QObject", "Area of the room with the target"), StripOf::share},
                                   {QT_TRANSLATE_NOOP("QObject", "The point that is asked about"), StripOf::point},
                                   {QT_TRANSLATE_NOOP("QObject", "Blinds"), StripOf::blinds},
                                   {QT_TRANSLATE_NOOP("QObject", "Electric light"), StripOf::power}})
        menu->addAction(language::words(name), this, [this, of] { emit strip_wanted(of); })
            ->setObjectName(QStringLiteral("strip-%1").arg(static_cast<int>(of)));
    choice_->setMenu(menu);
}

void YearStrip::show_strip_of(StripOf of) {
    of_ = of;
    coloured_from_.reset();
    colour();
    update();
}

// The moment as a field, and moments that have a name.
void YearStrip::build_clock() {
    clock_ = new QLineEdit(this);
    clock_->setObjectName(QStringLiteral("moment"));
    clock_->setAccessibleName(QObject::tr("Moment"));
    clock_->setToolTip(QObject::tr("Date and local standard time: \"21 Mar 13:00\", \"13:30\", \"21 Jun\""));
    const auto show = [this] {
        if (!clock_->hasFocus() || !clock_->isModified()) clock_->setText(language::text(document_.moment()));
    };
    connect(clock_, &QLineEdit::editingFinished, this, [this] {
        if (const auto moment = language::read_moment(clock_->text(), document_.moment()))
            document_.show_moment(*moment);
        clock_->setText(language::text(document_.moment()));
        clock_->setModified(false);
    });
    connect(&document_, &Document::moment_changed, clock_, show);
    show();
    named_ = new QToolButton(this);
    named_->setText(QObject::tr("Moments"));
    named_->setObjectName(QStringLiteral("named-moments"));
    named_->setToolTip(QObject::tr("Moments with a name, and days that the climate stands out by"));
    set_icon(named_, QStringLiteral("clock"));
    named_->setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
    named_->setPopupMode(QToolButton::InstantPopup);
    named_->setMenu(new QMenu(named_));
    connect(named_->menu(), &QMenu::aboutToShow, this, &YearStrip::fill_moments);
}

void YearStrip::fill_moments() {
    QMenu* menu = named_->menu();
    menu->clear();
    struct Day {
        const char* name;
        int month, day;
    };
    for (const Day& d : {Day{QT_TRANSLATE_NOOP("QObject", "Spring equinox"), 3, 21},
                         Day{QT_TRANSLATE_NOOP("QObject", "Summer solstice"), 6, 21},
                         Day{QT_TRANSLATE_NOOP("QObject", "Autumn equinox"), 9, 23},
                         Day{QT_TRANSLATE_NOOP("QObject", "Winter solstice"), 12, 21}}) {
        QMenu* hours = menu->addMenu(language::words(d.name));
        for (const int hour : {9, 12, 15}) {
            const climate::Moment m{d.month, d.day, static_cast<double>(hour)};
            hours->addAction(language::text(m), this, [this, m] { document_.show_moment(m); });
        }
    }
    const auto weather = document_.weather();
    if (!weather) return;
    menu->addSeparator();
    for (const auto& day : climate::notable_days(*weather, document_.outdoor())) {
        if (day.name.starts_with("Typical")) continue;
        menu->addAction(QStringLiteral("%1, %2").arg(language::words(day.name), language::text(day.moment)), this,
                        [this, m = day.moment] { document_.show_moment(m); });
    }
}

void YearStrip::resizeEvent(QResizeEvent*) {
    clock_->setGeometry(44, 2, kClock, 25);
    named_->setGeometry(48 + kClock, 2, kNamed, 25);
}

QRectF YearStrip::carpet() const { return QRectF(44, kHeader, width() - 60, height() - kHeader - 20); }

QPointF YearStrip::place_of(const climate::Moment& m) const {
    const QRectF r = carpet();
    return {r.left() + (m.day_of_year() + 0.5) / 365 * r.width(), r.bottom() - m.hour / 24 * r.height()};
}

climate::Moment YearStrip::moment_at(QPointF at) const {
    const QRectF r = carpet();
    const int day = std::clamp(static_cast<int>((at.x() - r.left()) / r.width() * 365), 0, 364);
    const double hour = std::clamp((r.bottom() - at.y()) / r.height() * 24, 0.0, 23.75);
    return climate::moment_of(day, std::round(hour * 4) / 4);
}

// Of the year's reading where it is wanted and there, else the light outdoors.
void YearStrip::show_hours(std::shared_ptr<const Hours> hours) {
    if (hours == own_) return;
    own_ = std::move(hours);
    renew();
}

void YearStrip::read_values(std::vector<double>& hours) {
    if (own_ != nullptr) {
        for (size_t h = 0; h < hours.size(); ++h) hours[h] = std::max(0.0, static_cast<double>(own_->value[h]));
        caption_ = own_->caption;
        unit_ = own_->unit;
        top_ = own_->top;
        return;
    }
    const auto reading = kept_.year_reading(document_.option().id);
    if (of_ != StripOf::outdoor && reading != nullptr && reading->strip.size() == hours.size()) {
        for (size_t h = 0; h < hours.size(); ++h) hours[h] = static_cast<double>(reading->strip[h]);
        caption_ = reading->strip_name;
        unit_ = reading->strip_unit;
        top_ = reading->strip_top;
        return;
    }
    unit_ = QStringLiteral("lx");
    top_ = 100000;
    if (document_.outdoor().empty()) {
        caption_ = QObject::tr("No weather: choose a file, or a made-up year, on the Site desk");
        return;
    }
    for (size_t h = 0; h < hours.size(); ++h) hours[h] = document_.outdoor()[h].global_lux();
    caption_ = QObject::tr("Outdoor illuminance");
}

void YearStrip::renew() {
    colour();
    update();
}

void YearStrip::colour() {
    const auto reading = kept_.year_reading(document_.option().id);
    const bool read = of_ != StripOf::outdoor && reading != nullptr;
    const std::shared_ptr<const void> source = own_ != nullptr ? std::shared_ptr<const void>(own_)
                                               : read          ? std::shared_ptr<const void>(reading)
                                                               : document_.weather();
    if (!image_.isNull() && source != nullptr && source == coloured_from_) return;
    coloured_from_ = source;
    image_ = QImage(365, 24, QImage::Format_RGB32);
    std::vector<double> hours(8760, 0.0);
    read_values(hours);
    choice_->setText(caption_);
    choice_->setEnabled(document_.weather() != nullptr);
    // Lux in the eye's way, shares as they are.
    const double power = unit_ == QStringLiteral("lx") ? 0.5 : 1.0;
    std::array<QRgb, 257> ramp{};
    for (size_t i = 0; i < ramp.size(); ++i) ramp[i] = report::light_colour(static_cast<double>(i) / 256).rgb();
    for (int day = 0; day < 365; ++day)
        for (int hour = 0; hour < 24; ++hour) {
            const double v = hours[static_cast<size_t>(day * 24 + hour)];
            const double t = v > 0 ? std::pow(std::min(1.0, v / top_), power) : 0;
            reinterpret_cast<QRgb*>(image_.scanLine(23 - hour))[day] = ramp[static_cast<size_t>(std::lround(256 * t))];
        }
}

void YearStrip::find_sun_lines() {
    day_lengths_.clear();
    if (document_.weather() == nullptr) return;
    const auto suns = climate::sun_of_year(document_.weather()->place);
    for (int day = 0; day < 365; day += 3) {
        DayLength d{day, -1, -1};
        for (int hour = 0; hour < 24; ++hour) {
            const double sunlit = suns[static_cast<size_t>(24 * day + hour)].sunlit;
            if (sunlit <= 0) continue;
            if (d.dawn < 0) d.dawn = hour + 1 - sunlit;
            d.dusk = hour + sunlit;
        }
        if (d.dawn >= 0) day_lengths_.push_back(d);
    }
}

void YearStrip::draw_sun_lines(QPainter& painter) const {
    QPolygonF dawn, dusk;
    for (const DayLength& d : day_lengths_) {
        dawn << place_of(climate::moment_of(d.day, d.dawn));
        dusk << place_of(climate::moment_of(d.day, d.dusk));
    }
    painter.setPen(QPen(QColor(255, 250, 240, 200), 1.2));
    painter.drawPolyline(dawn);
    painter.drawPolyline(dusk);
}

void YearStrip::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF r = carpet();
    painter.fillRect(rect(), ink().paper);
    painter.setRenderHint(QPainter::SmoothPixmapTransform, false);
    painter.drawImage(r, image_);
    draw_sun_lines(painter);
    QFont font = painter.font();
    font.setPixelSize(type::small);
    painter.setFont(font);
    painter.setPen(ink().ink);
    for (int m = 0; m < 12; ++m) {
        const double x0 = r.left() + climate::kMonthStart[static_cast<size_t>(m)] / 365.0 * r.width(),
                     x1 = r.left() + climate::kMonthStart[static_cast<size_t>(m) + 1] / 365.0 * r.width();
        painter.drawText(QRectF(x0, r.bottom() + 2, x1 - x0, 16), Qt::AlignCenter, language::month_short(m + 1));
        if (m > 0) painter.drawLine(QPointF(x0, r.bottom()), QPointF(x0, r.bottom() + 4));
    }
    for (int h = 0; h <= 24; h += 6)
        painter.drawText(QRectF(0, r.bottom() - h / 24.0 * r.height() - 8, 38, 16), Qt::AlignRight | Qt::AlignVCenter,
                         QStringLiteral("%1:00").arg(h, 2, 10, QLatin1Char('0')));
    // Occupied hours: a bracket at the end, and lines that can be dragged.
    const auto [y0, y1] = band();
    painter.setPen(QPen(QColor(255, 250, 240, 150), 1, Qt::DashLine));
    painter.drawLine(QPointF(r.left(), y0), QPointF(r.right(), y0));
    painter.drawLine(QPointF(r.left(), y1), QPointF(r.right(), y1));
    painter.setPen(QPen(ink().accent, 3));
    painter.drawLine(QPointF(r.right() + 5, y0), QPointF(r.right() + 5, y1));
    // The moment.
    const QPointF at = place_of(document_.moment());
    painter.setPen(QPen(ink().accent, 1.4));
    painter.drawLine(QPointF(at.x(), r.top()), QPointF(at.x(), r.bottom()));
    painter.setBrush(ink().paper);
    painter.setPen(QPen(ink().accent, 2));
    painter.drawEllipse(at, 5, 5);
    font.setWeight(QFont::DemiBold);
    painter.setFont(font);
    painter.setPen(ink().ink);
    if (const auto outdoors = document_.outdoors()) {
        const double up = degrees(outdoors->sky_and_sun.sun.altitude);
        const QString sun =
            up > 0 ? QObject::tr("sun %L1\u00b0 up").arg(up, 0, 'f', 0) : QObject::tr("sun below the horizon");
        painter.drawText(QRectF(r.left() + kClock + kNamed + 16, 5, r.width(), 18), Qt::AlignLeft | Qt::AlignVCenter,
                         QObject::tr("%1   outdoors %L2 lx, of it diffuse %L3 lx")
                             .arg(sun)
                             .arg(outdoors->global_lux(), 0, 'f', 0)
                             .arg(outdoors->diffuse_lux, 0, 'f', 0));
        if (document_.has_made_up_weather()) {
            painter.setPen(ink().accent);
            painter.drawText(QRectF(r.left() + kClock + kNamed + 16 + kMoment, 5, r.width(), 18),
                             Qt::AlignLeft | Qt::AlignVCenter, language::words(climate::kMadeUpWeather));
            painter.setPen(ink().ink);
        }
    }
    font.setWeight(QFont::Normal);
    painter.setFont(font);
    // The caption carries its own small legend.
    const double swatch = 110, x = r.right() - swatch;
    QImage ramp(256, 1, QImage::Format_RGB32);
    for (int i = 0; i < 256; ++i) ramp.setPixelColor(i, 0, report::light_colour(i / 255.0));
    painter.drawImage(QRectF(x, 11, swatch, 7), ramp);

    const QString upto = QObject::tr("up to %L1 %2").arg(top_, 0, 'f', top_ < 2 ? 1 : 0).arg(unit_);
    painter.drawText(QRectF(r.left(), 5, r.width() - swatch - 10, 18), Qt::AlignRight | Qt::AlignVCenter, upto);
    const int w = choice_->sizeHint().width(),
              left = static_cast<int>(r.right() - swatch - 16 - painter.fontMetrics().horizontalAdvance(upto)) - w;
    if (choice_->geometry() != QRect(left, 2, w, 25)) choice_->setGeometry(left, 2, w, 25);
    if (hasFocus()) {
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(ink().accent, 1));
        painter.drawRect(r.adjusted(-1, -1, 1, 1));
    }
}

std::pair<double, double> YearStrip::occupied() const {
    const auto& project = document_.project();
    const auto place = model::find_room(document_.option(), document_.selection().id);
    if (const auto* pattern = place ? model::find(project.occupancies, place.room->occupancy) : nullptr)
        for (const auto& day : pattern->week)
            if (day.to > day.from) return {day.from, day.to};
    const auto question = model::question_of(project, model::Question::Kind::year);
    return {question.from, question.to};
}

std::pair<double, double> YearStrip::band() const {
    const QRectF r = carpet();
    const auto [from, to] = occupied();
    return {r.bottom() - from / 24 * r.height(), r.bottom() - to / 24 * r.height()};
}

// Whole hours of the pattern of the selected room; of the question where it has none.
void YearStrip::drag_band(double y) {
    const QRectF r = carpet();
    auto [from, to] = occupied();
    const double hour = std::clamp(std::round((r.bottom() - y) / r.height() * 24), 0.0, 24.0);
    if (held_ == Held::from)
        from = std::min(hour, to - 1);
    else
        to = std::max(hour, from + 1);
    const auto room = document_.selection().id;
    document_.edit(QObject::tr("Occupied hours"), [&, from = from, to = to](model::Project& p) {
        const auto place = model::find_room(p.options[document_.option_index()], room);
        auto* pattern = place ? model::find(p.occupancies, place.room->occupancy) : nullptr;
        const auto works = [](const model::DayHours& day) { return day.to > day.from; };
        if (pattern != nullptr && std::any_of(pattern->week.begin(), pattern->week.end(), works)) {
            // Days that begin or end when the shown one did go along; a long evening of one day stays its own.
            const model::DayHours was = *std::find_if(pattern->week.begin(), pattern->week.end(), works);
            for (auto& day : pattern->week)
                if (works(day) && held_ == Held::from && day.from == was.from)
                    day.from = std::min(from, day.to - 1);
                else if (works(day) && held_ == Held::to && day.to == was.to)
                    day.to = std::max(to, day.from + 1);
            return;
        }
        auto year = std::find_if(p.questions.begin(), p.questions.end(),
                                 [](const auto& q) { return q.kind == model::Question::Kind::year; });
        if (year == p.questions.end()) {
            p.questions.push_back(model::question_of(p, model::Question::Kind::year));
            year = p.questions.end() - 1;
            year->kind = model::Question::Kind::year;
            if (year->id.empty()) year->id = "year";
            if (year->name.empty()) year->name = QObject::tr("The year").toStdString();
        }
        year->from = from;
        year->to = to;
    });
}

void YearStrip::mousePressEvent(QMouseEvent* event) {
    setFocus();
    constexpr double near = 5;
    const double y = event->position().y();
    const auto [from, to] = band();
    held_ = Held::moment;
    if (event->position().x() >= carpet().left() && event->button() == Qt::LeftButton) {
        if (std::fabs(y - from) <= near)
            held_ = Held::from;
        else if (std::fabs(y - to) <= near)
            held_ = Held::to;
    }
    if (held_ == Held::moment) return document_.show_moment(moment_at(event->position()));
    document_.begin_live();
}

void YearStrip::mouseMoveEvent(QMouseEvent* event) {
    const double y = event->position().y();
    const auto [from, to] = band();
    const bool at_band =
        std::min(std::fabs(y - from), std::fabs(y - to)) <= 5 && event->position().x() >= carpet().left();
    setCursor(held_ == Held::from || held_ == Held::to || (held_ == Held::nothing && at_band) ? Qt::SizeVerCursor
                                                                                              : Qt::ArrowCursor);
    if (held_ == Held::moment) document_.show_moment(moment_at(event->position()));
    if (held_ == Held::from || held_ == Held::to) drag_band(y);
}

void YearStrip::mouseReleaseEvent(QMouseEvent*) {
    if (held_ == Held::from || held_ == Held::to) document_.end_live();
    held_ = Held::nothing;
}

void YearStrip::keyPressEvent(QKeyEvent* event) {
    climate::Moment m = document_.moment();
    int day = m.day_of_year();
    double hour = m.hour;
    switch (event->key()) {
        case Qt::Key_Left:
            day = (day + 364) % 365;
            break;
        case Qt::Key_Right:
            day = (day + 1) % 365;
            break;
        case Qt::Key_Up:
            hour = std::min(23.75, hour + 0.5);
            break;
        case Qt::Key_Down:
            hour = std::max(0.0, hour - 0.5);
            break;
        default:
            return QWidget::keyPressEvent(event);
    }
    document_.show_moment(climate::moment_of(day, hour));
}

}  // namespace wp::gui
