// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/site/site_panel.h"
#include "base/file.h"
#include "climate/epw.h"
#include "climate/weather_table.h"
#include "gui/saving/save.h"
#include "gui/site/weather_columns.h"
#include "gui/site/weather_folder.h"

#include <QCheckBox>
#include <QComboBox>
#include <QFileDialog>
#include <QFormLayout>
#include <QGridLayout>
#include <QMessageBox>
#include <QPushButton>
#include <QScrollArea>
#include <QTimer>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>
#include <numeric>

#include "climate/sky_amount.h"
#include "climate/statistics.h"
#include "gui/entry/rows.h"
#include "gui/look/look.h"
#include "report/language/dates.h"
#include "report/language/words.h"

namespace wp::gui {

namespace {

QLabel* heading(const QString& text) {
    auto* label = new QLabel(text);
    label->setProperty("role", QStringLiteral("heading"));
    return label;
}

QString degrees_words(double value, const char* positive, const char* negative) {
    return QStringLiteral("%L1\u00b0 %2")
        .arg(std::fabs(value), 0, 'f', 2)
        .arg(language::words(value < 0 ? negative : positive));
}

}  // namespace

SitePanel::SitePanel(Document& document, QWidget* parent)
    : QWidget(parent),
      document_(document),
      file_reader_(
          QT_TRANSLATE_NOOP("QObject", "Reading the weather"), this,
          [](const std::filesystem::path& path) -> Chosen {
              return {path, climate::read_weather(path)};
          },
          [this](const Chosen& chosen) { take_weather(chosen); }) {
    setObjectName(QStringLiteral("panel"));
    auto* outer = new QVBoxLayout(this);
    outer->setContentsMargins(0, 0, 0, 0);
    auto* scroll = new QScrollArea;
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* body = new QWidget;
    body->setObjectName(QStringLiteral("panel"));
    auto* layout = new QVBoxLayout(body);
    layout->setContentsMargins(space::large, space::medium, space::large, space::medium);
    layout->addWidget(heading(QObject::tr("Weather")));
    facts_ = new QLabel;
    facts_->setWordWrap(true);
    facts_->setObjectName(QStringLiteral("weather-facts"));
    facts_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    layout->addWidget(facts_);
    auto* choose = new QPushButton(QObject::tr("Choose weather file (EPW, TMY3, CSV)"));
    set_icon(choose, QStringLiteral("folder-open"));
    connect(choose, &QPushButton::clicked, this, &SitePanel::choose_weather);
    layout->addWidget(choose, 0, Qt::AlignLeft);
    others_ = new QComboBox;
    others_->setObjectName(QStringLiteral("weather-files"));
    others_->setAccessibleName(QObject::tr("Weather files of the project"));
    connect(others_, &QComboBox::activated, this, [this](int index) {
        if (index <= 0) return;
        const std::string file = document_.project().site.other_weather[static_cast<size_t>(index) - 1];
        document_.edit(QObject::tr("Choose weather"), [&](model::Project& p) {
            auto& others = p.site.other_weather;
            others[static_cast<size_t>(index) - 1] = p.site.weather;
            p.site.weather = file;
        });
    });
    layout->addWidget(others_, 0, Qt::AlignLeft);
    auto* folder = new QPushButton(QObject::tr("Nearest in a folder\u2026"));
    folder->setObjectName(QStringLiteral("weather-in-folder"));
    folder->setToolTip(QObject::tr("Lists the weather files of a folder by their distance from the site"));
    connect(folder, &QPushButton::clicked, this, &SitePanel::choose_from_folder);
    layout->addWidget(folder, 0, Qt::AlignLeft);
    make_up_ = new QPushButton(QObject::tr("Try a made-up year"));
    make_up_->setObjectName(QStringLiteral("make-up-weather"));
    make_up_->setToolTip(QObject::tr("For the site's latitude, until you have a weather file"));
    connect(make_up_, &QPushButton::clicked, this, [this] {
        document_.edit(QObject::tr("Made-up weather"), [](model::Project& p) { p.site.made_up_weather = true; });
    });
    layout->addWidget(make_up_, 0, Qt::AlignLeft);
    layout->addWidget(heading(QObject::tr("Days worth looking at")));
    days_ = new QListWidget;
    days_->setObjectName(QStringLiteral("notable-days"));
    days_->setAccessibleName(QObject::tr("Days worth looking at"));
    days_->setMinimumHeight(118);
    days_->setMaximumHeight(150);
    connect(days_, &QListWidget::itemClicked, this, [this](QListWidgetItem* item) {
        const auto parts = item->data(Qt::UserRole).toList();
        document_.show_moment({parts[0].toInt(), parts[1].toInt(), parts[2].toDouble()});
    });
    layout->addWidget(days_);
    layout->addWidget(heading(QObject::tr("Location")));
    fields_ = new QWidget;
    fields_->setLayout(new QFormLayout);
    layout->addWidget(fields_);
    layout->addStretch(1);
    scroll->setWidget(body);
    outer->addWidget(scroll);
    for (const auto signal : {&Document::weather_changed, &Document::project_changed})
        connect(&document, signal, this, &SitePanel::refresh);
    connect(&document, &Document::weather_changed, this, [this] {
        days_stale_ = true;
        refresh_days();
    });
}

void SitePanel::refresh() {
    if (!isVisible()) return;
    refresh_facts();
    refresh_fields();
}

void SitePanel::refresh_facts() {
    QString text;
    const auto& site = document_.project().site;
    make_up_->setVisible(site.weather.empty() && !site.made_up_weather);
    others_->setVisible(!site.other_weather.empty());
    others_->clear();
    others_->addItem(QString::fromStdString(std::filesystem::path(site.weather).filename().string()));
    for (const auto& file : site.other_weather)
        others_->addItem(QString::fromStdString(std::filesystem::path(file).filename().string()));
    if (const auto weather = document_.weather()) {
        double direct = 0, diffuse = 0;
        for (const auto& h : weather->hours) {
            direct += h.direct_normal / 1000;
            diffuse += h.diffuse_horizontal / 1000;
        }
        const auto& place = weather->place;
        const auto sunshine = climate::sunshine_hours(*weather, document_.outdoor());
        text =
            QObject::tr(
                "<b>%1</b>, %2: %3, %4, UT%5, %L6 m above the sea. %7<br>8760 hours%13. Direct normal %L8, diffuse %L9 "
                "kWh/m\u00b2 a year; sunshine %L10 h. "
                "Median diffuse illuminance over the 4380 daylight hours <b>%L11 lx</b>; the latitude's design sky "
                "%L12 lx.")
                .arg(language::words(weather->station).toHtmlEscaped(),
                     language::words(weather->source).toHtmlEscaped())
                .arg(degrees_words(place.latitude, "N", "S"), degrees_words(place.longitude, "E", "W"))
                .arg((place.time_zone < 0 ? QString() : QStringLiteral("+")) + QString::number(place.time_zone))
                .arg(place.elevation, 0, 'f', 0)
                .arg(language::words(weather->comment).toHtmlEscaped())
                .arg(direct, 0, 'f', 0)
                .arg(diffuse, 0, 'f', 0)
                .arg(std::accumulate(sunshine.begin(), sunshine.end(), 0.0), 0, 'f', 0)
                .arg(document_.median_diffuse(), 0, 'f', 0)
                .arg(climate::design_sky(site.latitude), 0, 'f', 0)
                .arg(weather->first_year == 0                    ? QString()
                     : weather->first_year == weather->last_year ? QObject::tr(" of %1").arg(weather->first_year)
                                                                 : QObject::tr(", months of the years %1 to %2")
                                                                       .arg(weather->first_year)
                                                                       .arg(weather->last_year));
        text += weather->notes.empty() ? QObject::tr("<br>Nothing was missing or doubtful.") : QString();
        for (const auto& note : weather->notes)
            text += QStringLiteral("<br>\u2022 ") + language::words(note).toHtmlEscaped();
        if (std::fabs(site.latitude - place.latitude) > 1 || std::fabs(site.longitude - place.longitude) > 1)
            text +=
                QObject::tr("<br>\u2022 The weather is from another place than the site (more than 1\u00b0 apart).");
    } else if (document_.weather_fault()) {
        text = language::line(*document_.weather_fault()).toHtmlEscaped();
    } else if (document_.reads_weather()) {
        text = QObject::tr("Reading the weather\u2026");
    } else {
        text = QObject::tr(
            "No weather yet. The daylight factor needs none; the year, glare and the weather's own skies do.");
    }
    facts_->setText(text);
}

void SitePanel::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    refresh();
    // The list of days is a look at the whole year: after the desk stands.
    QTimer::singleShot(0, this, &SitePanel::refresh_days);
}

void SitePanel::refresh_days() {
    if (!isVisible() || !std::exchange(days_stale_, false)) return;
    days_->clear();
    const auto weather = document_.weather();
    if (!weather) return;
    for (const auto& day : climate::notable_days(*weather, document_.outdoor())) {
        auto* item =
            new QListWidgetItem(QStringLiteral("%1: %2").arg(language::words(day.name), language::text(day.moment)));
        item->setToolTip(language::words(day.why));
        item->setData(Qt::UserRole, QVariantList{day.moment.month, day.moment.day, day.moment.hour});
        days_->addItem(item);
    }
}

void SitePanel::refresh_fields() {
    if (fields_->focusWidget() != nullptr && fields_->focusWidget()->hasFocus()) return;
    auto* form = static_cast<QFormLayout*>(fields_->layout());
    while (form->rowCount() > 0) form->removeRow(0);
    const auto& site = document_.project().site;
    const auto add = [&](const QString& title, double value, Unit unit, double model::Site::*field, double low,
                         double high) {
        auto* box = new NumberField(value, unit, [this, title, field, low, high](double v) {
            document_.edit(title, [&](model::Project& p) { p.site.*field = std::clamp(v, low, high); });
        });
        form->addRow(title, box);
        return box;
    };
    add(QObject::tr("Latitude, north positive"), site.latitude, Unit::plain, &model::Site::latitude, -90, 90);
    add(QObject::tr("Longitude, east positive"), site.longitude, Unit::plain, &model::Site::longitude, -180, 180);
    add(QObject::tr("Hours ahead of UT"), site.time_zone, Unit::plain, &model::Site::time_zone, -12, 14);
    add(QObject::tr("Height above the sea"), site.elevation, Unit::metre, &model::Site::elevation, -1000, 9999);
    add(QObject::tr("Top of the sheet, from true north"), site.north, Unit::degree, &model::Site::north, -360, 360)
        ->setToolTip(QObject::tr("Or drag the north point on the plan"));
    add_ground(form);
    add(QObject::tr("Dirt on upright panes"), site.dirt, Unit::percent, &model::Site::dirt, 0, 0.3)
        ->setToolTip(QObject::tr(
            "What it takes of the light: about 4 % in the country, 8 % in towns, 12 % by "
            "industry; more on sloping, lying and sheltered panes (after BS 8206-2:2008, annex A, withdrawn)"));
    const auto month = [&](const QString& title, int value, int model::Site::*field) {
        form->addRow(title, new NumberField(value, Unit::plain, [this, title, field](double v) {
                         document_.edit(title, [&](model::Project& p) {
                             p.site.*field = std::clamp(static_cast<int>(std::lround(v)), 1, 12);
                         });
                     }));
    };
    month(QObject::tr("Trees in leaf from month"), site.leaf_from, &model::Site::leaf_from);
    month(QObject::tr("to month"), site.leaf_to, &model::Site::leaf_to);
    name_fields(*form);
    const auto weather = document_.weather();
    if (!weather || !weather->has_illuminance) return;
    auto* from_file = new QCheckBox(QObject::tr("Light as the weather file carries it"));
    from_file->setChecked(site.light_from_file);
    from_file->setToolTip(QObject::tr("Else it is made from irradiance by luminous efficacy (Perez et al. 1990)"));
    connect(from_file, &QCheckBox::clicked, this, [this](bool on) {
        document_.edit(QObject::tr("Where light comes from"), [&](model::Project& p) { p.site.light_from_file = on; });
    });
    form->addRow(from_file);
}

// Materials that have a spectrum: nothing else has a colour to give.
void SitePanel::add_ground_colour(QFormLayout* form) {
    const auto& project = document_.project();
    auto* colour = new QComboBox;
    colour->setObjectName(QStringLiteral("ground-colour"));
    colour->addItem(QObject::tr("grey"), QString());
    for (const auto& m : project.materials)
        if (m.kind == model::Material::Kind::opaque && model::is_coloured(m))
            colour->addItem(QString::fromStdString(m.name), QString::fromStdString(m.id));
    if (colour->count() == 1 && project.site.ground_colour.empty()) return delete colour;
    colour->setCurrentIndex(std::max(0, colour->findData(QString::fromStdString(project.site.ground_colour))));
    connect(colour, &QComboBox::activated, this, [this, colour] {
        document_.edit(QObject::tr("Colour of the ground"), [&](model::Project& p) {
            p.site.ground_colour = colour->currentData().toString().toStdString();
        });
    });
    form->addRow(QObject::tr("Its colour, by wavelength"), colour);
}

// One reflectance of the ground, or twelve.
void SitePanel::add_ground(QFormLayout* form) {
    const auto& site = document_.project().site;
    form->addRow(QObject::tr("Ground reflectance"),
                 new NumberField(site.ground_reflectance, Unit::percent, [this](double v) {
                     document_.edit(QObject::tr("Ground reflectance"),
                                    [&](model::Project& p) { p.site.ground_reflectance = std::clamp(v, 0.0, 0.9); });
                 }));
    add_ground_colour(form);
    auto* monthly = new QCheckBox(QObject::tr("by month, for moments and years"));
    monthly->setObjectName(QStringLiteral("ground-by-month"));
    monthly->setChecked(!site.ground_by_month.empty());
    connect(monthly, &QCheckBox::clicked, this, [this](bool on) {
        document_.edit(QObject::tr("Ground by month"), [&](model::Project& p) {
            p.site.ground_by_month = on ? std::vector<double>(12, p.site.ground_reflectance) : std::vector<double>();
        });
    });
    form->addRow(monthly);
    if (site.ground_by_month.size() != 12) return;
    auto* grid = new QWidget;
    auto* cells = new QGridLayout(grid);
    cells->setContentsMargins(0, 0, 0, 0);
    cells->setSpacing(space::tight);
    for (int m = 0; m < 12; ++m) {
        auto* field = new NumberField(site.ground_by_month[static_cast<size_t>(m)], Unit::percent, [this, m](double v) {
            document_.edit(QObject::tr("Ground by month"), [&](model::Project& p) {
                p.site.ground_by_month[static_cast<size_t>(m)] = std::clamp(v, 0.0, 0.9);
            });
        });
        field->setObjectName(QStringLiteral("ground-%1").arg(m + 1));
        field->setAccessibleName(QObject::tr("Ground reflectance, %1").arg(language::month_short(m + 1)));
        auto* name = new QLabel(language::month_short(m + 1));
        name->setProperty("role", QStringLiteral("small"));
        cells->addWidget(name, m / 4 * 2, m % 4);
        cells->addWidget(field, m / 4 * 2 + 1, m % 4);
    }
    form->addRow(grid);
}

void SitePanel::refuse(const Fault& fault) {
    auto* box = new QMessageBox(QMessageBox::Warning, QObject::tr("Weather file"), language::line(fault),
                                QMessageBox::Ok, this);
    box->setAttribute(Qt::WA_DeleteOnClose);
    box->open();
    emit weather_tried(fault);
}

void SitePanel::use_weather(const std::filesystem::path& path) {
    keeps_place_ = false;
    if (!asks_columns(path)) file_reader_.ask(path);
}

// Whether it is a table that has to be told about; then it was, or it was refused.
bool SitePanel::asks_columns(const std::filesystem::path& path) {
    if (path.extension() != ".csv" && path.extension() != ".CSV") return false;
    const auto text = read_file(path, size_t{64} << 20);
    if (!text || climate::is_tmy3(*text) || climate::is_epw(*text)) return false;
    const auto& site = document_.project().site;
    WeatherColumnsDialog dialog(path, *text, {site.latitude, site.longitude, site.time_zone, site.elevation}, this);
    if (dialog.exec() != QDialog::Accepted) return true;
    auto epw = path;
    epw.replace_extension(".epw");
    const QString file =
        file_to_write(this, QObject::tr("Write it as weather file (EPW)"), QStringLiteral("EPW (*.epw)"),
                      QStringLiteral(".epw"), QString::fromStdString(epw.string()));
    if (file.isEmpty()) return true;
    if (const auto fault = write_file(file.toStdString(), climate::write_epw(dialog.year()))) {
        refuse(*fault);
        return true;
    }
    keeps_place_ = true;
    file_reader_.ask(file.toStdString());
    return true;
}

void SitePanel::take_weather(const Chosen& chosen) {
    const auto& [path, year] = chosen;
    if (!year) return refuse(year.fault());
    document_.edit(QObject::tr("Choose weather"), [&](model::Project& p) {
        std::error_code error;
        // The one before stays at hand.
        if (!p.site.weather.empty()) p.site.other_weather.push_back(p.site.weather);
        const auto relative = std::filesystem::relative(path, document_.path().parent_path(), error);
        p.site.weather = error || document_.path().empty() || relative.empty() ? path.string() : relative.string();
        std::erase(p.site.other_weather, p.site.weather);
        if (!keeps_place_) {
            p.site.latitude = year->place.latitude;
            p.site.longitude = year->place.longitude;
            p.site.time_zone = year->place.time_zone;
            p.site.elevation = year->place.elevation;
        }
        if (!year->has_illuminance) p.site.light_from_file = false;
    });
    emit weather_tried({});
}

void SitePanel::choose_weather() {
    const QString file =
        QFileDialog::getOpenFileName(this, QObject::tr("Weather file"), {},
                                     QObject::tr("Weather: EPW, TMY3, tables of commas (*.epw *.csv);;All files (*)"));
    if (!file.isEmpty()) use_weather(file.toStdString());
}

void SitePanel::choose_from_folder() {
    const QString folder = QFileDialog::getExistingDirectory(this, QObject::tr("Folder of weather files"));
    if (!folder.isEmpty()) show_folder(folder.toStdString());
}

void SitePanel::show_folder(const std::filesystem::path& folder) {
    const auto& site = document_.project().site;
    WeatherFolderDialog dialog(
        climate::weather_in_folder(folder, {site.latitude, site.longitude, site.time_zone, site.elevation}), this);
    if (dialog.exec() != QDialog::Accepted || dialog.chosen().empty()) return;
    // The site stays where it is: the station is only near.
    keeps_place_ = true;
    file_reader_.ask(dialog.chosen());
}

}  // namespace wp::gui
