// SPDX-License-Identifier: GPL-3.0-or-later
// The command line of warmpane-cli.
#pragma once
#include <array>
#include <optional>
#include <string>
#include <vector>

#include "question/year.h"

namespace wp::cli {

/// Exit codes that scripts can rely on.
enum Exit {
    kDone = 0,
    kBadArguments = 2,
    kBadInput = 3,    ///< a file is missing, damaged or does not fit
    kNotSettled = 4,  ///< written, but an answer did not reach the accuracy asked for
    kCannotWrite = 5,
    kFaults = 6,  ///< the model check found faults
    kNotMet = 7,  ///< a criterion that is required is not met
    kNoMemory = 8,
    kCancelled = 130,
};

/// Where answers are kept.
struct KeepArguments {
    bool forget = false;  ///< nowhere
    std::string answers;  ///< in this file; empty: beside the project
};
struct SolveArguments : KeepArguments {
    std::string project, out = "out";
    std::vector<std::string> options, questions;
    std::vector<std::string> also;  ///< further forms of tables, by their ids
    std::optional<double> accuracy;
    std::optional<unsigned> seed;
    int threads = 0;
    std::vector<int> months;  ///< that count in figures of a year; empty: all
    question::Operation blinds = question::Operation::control;
    question::LightCounted light = question::LightCounted::daylight;
    bool hourly = false, glare = false, windows = false, pictures = false, drawings = false, despite_faults = false,
         readings = false;
};
struct AnswersArguments {
    std::string project, forget;
    bool tidy = false;
};
struct ShowArguments {
    std::string project;
};
struct CompareArguments : KeepArguments {
    std::string project, base, json, csv, chart;
    std::vector<std::string> options, questions;
    std::optional<double> accuracy;
    int threads = 0;
    bool figures = false;
};
struct SeriesArguments : KeepArguments {
    std::string project, option, out = "out";
    std::vector<std::string> series, varied, questions;
    std::optional<double> accuracy;
    int threads = 0;
    bool pictures = false, drawings = false, despite_faults = false;
};
struct CheckArguments {
    std::string project;
};
struct CertifyArguments : KeepArguments {
    std::string project, out = "out";
    std::vector<std::string> options, sets;
    std::optional<double> accuracy;
    double decide_to = 0.03;  ///< the finest accuracy that undecided verdicts are asked again with
    int threads = 0;
    bool lay_planes = false, despite_faults = false;
};
struct ReportArguments : CertifyArguments {
    bool pictures = false;
    std::string language;  ///< empty: English
};
struct FormatsArguments {
    std::string out = ".";
};
struct WeatherArguments {
    std::string file;
};
struct ClimateArguments {
    std::string file, out = "out";
    bool pictures = false, drawings = false;
};
struct SkyArguments {
    std::string project, option, out = "out";
    double x = 0, y = 0, z = 1.2, hour = 12;
    int month = 3, day = 21;
    std::optional<int> type;
    bool uniform = false, by_place = false;
    std::optional<double> diffuse_lux, direct_lux, diffuse_watts, direct_watts;
    bool pictures = false, drawings = false;
};
struct MakeWeatherArguments {
    std::string out, station = "Tern Quay";
    double latitude = 55.4, longitude = -3.1, time_zone = 0, elevation = 4;
    unsigned seed = 1;
    bool force = false;
};

/// Buildings in and out: import, export, convert.
struct TransferArguments {
    std::string project, file, out, option, account, up, map;
    std::vector<std::string> layers;
    std::vector<std::array<double, 4>> sections;
    double unit = 0, turn = 0;
    std::array<double, 3> move{};
    bool dry = false, force = false;
};

struct WeatherTableArguments {
    std::string table, out, station;
    std::vector<std::string> columns;
    double latitude = 0, longitude = 0, time_zone = 0, elevation = 0;
    int head_row = 1;
    bool force = false;
};
struct WeatherNearArguments {
    std::string project, folder;
};

struct SpectrumArguments {
    std::string file, colour, out, project, material;
    std::string curve;  ///< the name under which the project gets it as a curve of the eye
    int column = 1;
    bool is_light = false;
};

/// Photometric files.
struct LuminairesArguments {
    std::vector<std::string> files;
    std::string project;
    bool ugr = false;
};

struct Arguments {
    std::optional<LuminairesArguments> luminaires;
    std::optional<SpectrumArguments> spectrum;
    std::optional<SolveArguments> solve;
    std::optional<ShowArguments> show;
    std::optional<AnswersArguments> answers;
    std::optional<CheckArguments> check;
    std::optional<CompareArguments> compare;
    std::optional<SeriesArguments> series;
    std::optional<CertifyArguments> certify;
    std::optional<ReportArguments> report;
    std::optional<WeatherTableArguments> weather_from;
    std::optional<WeatherNearArguments> weather_near;
    std::optional<TransferArguments> import_, export_, convert;
    std::optional<FormatsArguments> formats;
    std::optional<WeatherArguments> weather;
    std::optional<ClimateArguments> climate;
    std::optional<SkyArguments> sky;
    std::optional<MakeWeatherArguments> make_weather;
};

/// Parses, or prints help or one line of complaint and says with which code to leave.
std::optional<int> parse_arguments(int argc, char** argv, Arguments& out);

class Many;
/// What the further processes of a run do.
int help(const Arguments& arguments, Many& many);
int solve(const SolveArguments& arguments);
int show(const ShowArguments& arguments);
int answers(const AnswersArguments& arguments);
int check(const CheckArguments& arguments);
int compare(const CompareArguments& arguments);
int vary_in_series(const SeriesArguments& arguments);
int certify(const CertifyArguments& arguments);
/// Where the program was built with pictures.
int report_on(const ReportArguments& arguments);
int formats(const FormatsArguments& arguments);
int spectrum(const SpectrumArguments& arguments);
int luminaires(const LuminairesArguments& arguments);
int weather_from(const WeatherTableArguments& arguments);
int weather_near(const WeatherNearArguments& arguments);
int import_building(const TransferArguments& arguments);
int export_building(const TransferArguments& arguments);
int convert_building(const TransferArguments& arguments);
int weather(const WeatherArguments& arguments);
int climate(const ClimateArguments& arguments);
int sky(const SkyArguments& arguments);
int make_weather(const MakeWeatherArguments& arguments);

}  // namespace wp::cli
