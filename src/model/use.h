// SPDX-License-Identifier: GPL-3.0-or-later
// How a building is used through the year: when people are there, how blinds are worked, how electric light is
// switched.
#pragma once
#include <array>
#include <string>
#include <vector>

#include "base/vec.h"
#include "climate/calendar.h"
#include "model/material.h"

namespace wp::model {

/// Hours of the clock in which a place is occupied on one weekday; to <= from: not at all.
struct DayHours {
    double from = 8, to = 18;
    bool operator==(const DayHours&) const;
};

/// A pattern of occupied hours.
struct Occupancy {
    Id id;
    std::string name;
    std::array<DayHours, 7> week{};  ///< Monday to Sunday
    bool on_holidays = false;        ///< holidays are days like others
    Extra extra;
    bool operator==(const Occupancy&) const;
};

/// Days on which nobody is there, both included; may run over the new year.
struct Holiday {
    std::string name;
    climate::Moment first{12, 25, 0}, last{12, 26, 0};
    bool operator==(const Holiday&) const;
};

/// What patterns of hours need to know of the year.
struct YearCalendar {
    int first_weekday = 0;  ///< of 1 January: 0 Monday to 6 Sunday
    std::vector<Holiday> holidays;
    bool summer_time = false;  ///< the clock is an hour ahead of standard time between these moments of standard time
    climate::Moment summer_from{3, 29, 2}, summer_to{10, 25, 2};
    bool operator==(const YearCalendar&) const;
};

/// When the blinds of a window group are closed, and how far.
struct BlindControl {
    enum class Kind {
        open,        ///< never closed
        closed,      ///< always
        schedule,    ///< between hours of the clock, in some months
        direct_sun,  ///< IES LM-83: while more than 2 % of a room's points have 1000 lx or more of direct sun through
                     ///< the group
        plane_lux,   ///< while the mean of a room's points would exceed a limit, lux
        window_lux,  ///< while the light onto the outside of the group's windows exceeds a limit, lux
        window_irradiance,  ///< the same for irradiance, W/m^2
    };
    Kind kind = Kind::direct_sun;
    double limit = 2000;                ///< lux or W/m^2
    double from = 8, to = 18;           ///< schedule: hours of the clock
    int month_from = 1, month_to = 12;  ///< schedule: both included; may run over the new year
    std::vector<Id>
        states;  ///< fabrics and venetian blinds, from the most open to the most closed; empty: each window's own blind
    bool tracks_sun = false;  ///< slats: tilted just as far as keeps the direct sun out
    bool operator==(const BlindControl&) const;
};

/// Windows whose blinds move together: formed by hand. All other windows are grouped by themselves.
struct WindowGroup {
    Id id;
    std::string name;
    std::vector<Id> openings;  ///< windows and rooflights
    BlindControl control;
    Extra extra;
    bool operator==(const WindowGroup&) const;
};

/// A circuit of electric light, over a plane or a part of it: luminaires that name it, or a plain power where none do.
struct Lighting {
    enum class Control {
        manual,    ///< switched on when people come and find too little light, off when they leave
        switched,  ///< on while daylight falls short of the target
        stepped,   ///< in equal steps, as many as are needed
        dimmed,    ///< as far as is needed, down to a least
    };
    Id id;
    std::string name;
    Id plane;                    ///< whose points it lights
    std::vector<Vec2> area;      ///< only within; empty: all of the plane
    Vec2 sensor;                 ///< in plan: the point of the plane that is nearest is what the photosensor knows
    bool sensor_placed = false;  ///< else the point of the area that a tenth of it is darker than
    double power = 6;            ///< installed, W/m^2; counts where no luminaire names the circuit
    double target = 300;         ///< lux
    Control control = Control::dimmed;
    int steps = 2;                ///< stepped: above nought
    double least_power = 0.2;     ///< dimmed: share of the power at the lowest light
    double least_light = 0.1;     ///< dimmed: share of the light there
    std::vector<double> dimming;  ///< dimmed: share of the power at no light and on in equal steps to all of it; empty:
                                  ///< straight from the least to all
    double stand_by = 0.1;        ///< W/m^2 at all hours in which the light is not on; of luminaires their own counts
    Extra extra;
    bool operator==(const Lighting&) const;
};

/// What a kWh costs and brings about.
struct EnergyFactors {
    double price = 0.25;           ///< of a kWh
    std::string currency = "EUR";  ///< ISO 4217
    double co2 = 0.3;              ///< kg of CO2 equivalent a kWh
    bool operator==(const EnergyFactors&) const;
};

/// Hours of the year (8760 of standard time) in which a pattern has people in the place. An hour counts when its middle
/// does.
std::vector<bool> hours_of(const Occupancy& pattern, const YearCalendar& calendar);
/// Weekday of a day of the year: 0 Monday to 6 Sunday.
int weekday(const YearCalendar& calendar, int day_of_year);
bool is_holiday(const YearCalendar& calendar, int day_of_year);
/// The last Sunday of a month.
climate::Moment last_sunday(const YearCalendar& calendar, int month);
/// Hours that the clock is ahead of standard time at an hour of the year: 0 or 1.
int clock_ahead(const YearCalendar& calendar, int hour_of_year);
/// Every day between two hours of the clock: of 8760 hours of standard time those whose middle lies there.
std::vector<bool> clock_hours(const YearCalendar& calendar, double from, double to);
/// Which clock hours are given by, in plain words.
std::string clock_words(const YearCalendar& calendar);
/// Whether a month lies within a span of months that may run over the new year.
bool within_months(int from, int to, int month);

/// Words of a control, for people.
const char* control_name(BlindControl::Kind kind);
const char* control_name(Lighting::Control control);

}  // namespace wp::model
