// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/arguments.h"

#include <fmt/core.h>

#include <CLI/CLI.hpp>
#include <algorithm>
#include <charconv>
#include <map>
#include <sstream>

#include "base/text.h"
#include "cli/terminal.h"
#include "exchange/table_formats.h"
#include "question/record.h"

namespace wp::cli {

namespace {

constexpr const char* kExamples = R"(Examples:
  warmpane-cli show demo/tern-quay.warmpane
      the project's options, rooms, planes and questions
  warmpane-cli check demo/tern-quay.warmpane
      what is wrong with the models, and what is only assumed
  warmpane-cli compare demo/tern-quay.warmpane --base as-found
      what the other options have otherwise, window by window
  warmpane-cli series demo/tern-quay.warmpane --vary W-02+W-03.width=0.9:1.8:4 --out width
      the daylight factor with windows of four widths
  warmpane-cli solve demo/tern-quay.warmpane
      every question of every option, into out/
  warmpane-cli solve demo/tern-quay.warmpane --option tall --question df --accuracy 0.01 --out df
      one question of one option, to 1 % of the mean
  warmpane-cli certify demo/tern-quay.warmpane --option tall --lay-planes
      its criteria: what is met, by how much, and what has to be known with it
  warmpane-cli report demo/tern-quay.warmpane --option tall --lay-planes --out out
      the same as a report of all that was found, a PDF for each option
  warmpane-cli convert house.ifc house.warmpane
      a project of a building that another program wrote, and what was done to it
  warmpane-cli answers demo/tern-quay.warmpane
      which answers are kept beside the project, and how each was made
  warmpane-cli weather demo/tern-quay.epw
      what a weather file holds, and what was doubtful
  warmpane-cli climate demo/tern-quay.epw --out climate
      its quantities as tables, what it is like, days worth looking at
  warmpane-cli sky demo/tern-quay.warmpane --x 4 --y -1 --z 1.5 --month 3 --day 21 --hour 13
      the sky from a point: luminance, what stands before it, when the sun is cut off
  warmpane-cli make-weather year.epw --latitude 55.4 --longitude -3.1 --seed 7
      a made-up year for trying things out
  warmpane-cli formats docs/formats
      JSON Schema of our files, and what every field means

Exit codes: 0 done; 2 bad arguments; 3 a file is missing or damaged; 4 written, but not settled to the accuracy asked,
or a verdict is undecided; 5 cannot write; 6 the check found faults, or work was stopped by some; 7 a criterion that is
required is not met; 8 out of memory; 130 cancelled (Ctrl-C), what was finished stays.)";

// A finite number within bounds: the library's own check lets pass what is no number.
class Within : public CLI::Validator {
 public:
    Within(double low, double high) {
        description(fmt::format("NUMBER from {} to {}", low, high));
        func_ = [low, high](std::string& text) {
            double value = 0;
            const char* end = text.data() + text.size();
            const auto read = std::from_chars(text.data() + (text.starts_with('+') ? 1 : 0), end, value);
            if (read.ec == std::errc() && read.ptr == end && value >= low && value <= high) return std::string();
            return fmt::format("\"{}\" is not a number from {} to {}", plain_text(text, 40), low, high);
        };
    }
};

void add_keep_options(CLI::App& command, KeepArguments& v) {
    auto* forget =
        command.add_flag("--no-answers", v.forget,
                         "Do not keep answers and traced light beside the project, and do not look for them there");
    command.add_option("--answers", v.answers, "Keep them in this file instead of beside the project")
        ->excludes(forget);
}

void add_certify_options(CLI::App& command, CertifyArguments& v) {
    command.add_option("project", v.project, "The project file")->required();
    command.add_option("--option", v.options, "Only this option (may be repeated)");
    command.add_option("--set", v.sets,
                       "Only this criteria set, of the project or of the program (may be repeated); else those that "
                       "the project answers to");
    command.add_option("--out", v.out, "Folder to write to")->capture_default_str();
    command.add_option("--accuracy", v.accuracy, "Wanted half-width (95 %) as a share of the figure, 0.0005 to 0.5")
        ->check(Within(0.0005, 0.5));
    command
        .add_option("--decide-to", v.decide_to,
                    "Undecided verdicts are asked again, each time twice as accurately, down to this")
        ->check(Within(0.0005, 0.5))
        ->capture_default_str();
    command.add_option("--threads", v.threads, "Threads to use, 0 for all; the answer does not depend on it")
        ->check(CLI::Range(0, 1024));
    command.add_flag(
        "--lay-planes", v.lay_planes,
        "Judge on planes laid as the rules ask for where the drawn ones do not fit; the project file stays "
        "as it is");
    command.add_flag("--despite-faults", v.despite_faults,
                     "Judge although the model check finds faults that make answers wrong");
    add_keep_options(command, v);
}

}  // namespace

std::optional<int> parse_arguments(int argc, char** argv, Arguments& out) {
    CLI::App app{"Warm Pane: daylight of buildings, from the command line.", "warmpane-cli"};
    app.footer(kExamples);
    app.set_version_flag("--version", std::string("Warm Pane ") + question::kVersion);
    app.require_subcommand(1);

    SolveArguments s;
    auto* solve = app.add_subcommand(
        "solve", "Answer questions of a project; write tables (CSV), summaries (JSON) and pictures (EXR)");
    solve->add_option("project", s.project, "The project file")->required();
    solve->add_option("--option", s.options, "Only this option (may be repeated)");
    solve->add_option("--question", s.questions, "Only this question (may be repeated)");
    solve->add_option("--out", s.out, "Folder to write to")->capture_default_str();
    solve->add_option("--accuracy", s.accuracy, "Wanted half-width (95 %) as a share of the figure, 0.0005 to 0.5")
        ->check(Within(0.0005, 0.5));
    solve->add_option("--seed", s.seed, "Seed of the sampling; the same seed gives the same bits");
    solve->add_option("--threads", s.threads, "Threads to use, 0 for all; the answer does not depend on it")
        ->check(CLI::Range(0, 1024));
    solve->add_option("--month", s.months, "Only this month counts in a year's figures, 1 to 12 (may be repeated)")
        ->check(CLI::Range(1, 12));
    solve->add_option("--blinds", s.blinds, "How blinds are worked in a year: groups (as their groups say), lm83, open")
        ->transform(
            CLI::CheckedTransformer(std::map<std::string, question::Operation>{{"groups", question::Operation::control},
                                                                               {"lm83", question::Operation::lm83},
                                                                               {"open", question::Operation::open}}))
        ->default_str("groups");
    solve
        ->add_option("--light", s.light,
                     "Which light a year's figures count: daylight, electric (as its circuits give it by the hour), "
                     "both; what a standard defines stays daylight's")
        ->transform(CLI::CheckedTransformer(
            std::map<std::string, question::LightCounted>{{"daylight", question::LightCounted::daylight},
                                                          {"electric", question::LightCounted::electric},
                                                          {"both", question::LightCounted::both}}))
        ->default_str("daylight");
    solve->add_flag(
        "--hourly", s.hourly,
        "Also write every hour of a year: light of every point (large), state of blinds, electric power, sun on panes");
    solve->add_flag(
        "--glare", s.glare,
        "Also tell of every observer how much it is dazzled in a year: DGP by direction; with --hourly every "
        "hour");
    add_keep_options(*solve, s);
    solve->add_flag(
        "--readings", s.readings,
        "Ask at the readings of the drawing instead of where the questions say; years and glare are left out");
    solve->add_flag("--despite-faults", s.despite_faults,
                    "Answer although the model check finds faults that make answers wrong");
    std::map<std::string, std::string> forms;
    std::string listed = "Also write tables of points in other forms:";
    for (const auto& format : exchange::table_formats()) {
        forms[format.id] = format.id;
        listed += std::string(forms.size() > 1 ? "; " : " ") + format.id + ", " + format.what;
    }
    solve->add_option("--also", s.also, listed)->transform(CLI::CheckedTransformer(forms));
    solve->add_flag("--windows", s.windows,
                    "Also write what each window gives to every point, of daylight factors and moments");
#ifdef WARMPANE_PICTURES
    solve->add_flag("--pictures", s.pictures, "Also draw each answer as a picture (PNG)");
    solve->add_flag("--drawings", s.drawings, "Also draw each answer as a drawing of lines and text (SVG)");
#endif

    ShowArguments h;
    auto* show = app.add_subcommand("show", "List what a project holds");
    show->add_option("project", h.project, "The project file")->required();

    CompareArguments o;
    auto* compare = app.add_subcommand("compare", "Say what differs between options, element by element");
    compare->add_option("project", o.project, "The project file")->required();
    compare->add_option("--base", o.base, "Id of the option that the others are held against; else the first");
    compare->add_option("--option", o.options, "Only these options, by id");
    compare->add_option("--json", o.json, "Also write it to this file");
    auto* figures = compare->add_flag("--figures", o.figures,
                                      "Ask the options, too, and tell every figure of every room against the base");
    compare->add_option("--csv", o.csv, "Write the figures to this file")->needs(figures);
#ifdef WARMPANE_PICTURES
    compare->add_option("--chart", o.chart, "Draw the figures to this file, .png or .svg")->needs(figures);
#endif
    compare->add_option("--question", o.questions, "Ask this question (may be repeated); else the daylight factor")
        ->needs(figures);
    compare->add_option("--accuracy", o.accuracy, "Wanted half-width (95 %) as a share of the figure, 0.0005 to 0.5")
        ->check(Within(0.0005, 0.5))
        ->needs(figures);
    compare->add_option("--threads", o.threads, "Threads to use, 0 for all; the answer does not depend on it")
        ->check(CLI::Range(0, 1024));
    add_keep_options(*compare, o);

    SeriesArguments e;
    auto* vary = app.add_subcommand(
        "series", "Vary numbers of a building in steps; write every figure of every step (CSV, JSON)");
    vary->add_option("project", e.project, "The project file")->required();
    add_keep_options(*vary, e);
    auto* kept = vary->add_option("--series", e.series, "Only this series of the project (may be repeated)");
    auto* named =
        vary->add_option("--vary", e.varied,
                         "A number and its steps, ELEMENT.NUMBER=FROM:TO:STEPS, in metres, degrees and shares; "
                         "elements are joined by +. Twice: every step of one with every step of the other")
            ->excludes(kept);
    vary->add_option("--option", e.option, "Id of the option that is varied; else the first")->needs(named);
    vary->add_option("--question", e.questions, "Ask this question (may be repeated); else the daylight factor")
        ->needs(named);
    vary->add_option("--accuracy", e.accuracy, "Wanted half-width (95 %) as a share of the figure, 0.0005 to 0.5")
        ->check(Within(0.0005, 0.5));
    vary->add_option("--threads", e.threads, "Threads to use, 0 for all; the answer does not depend on it")
        ->check(CLI::Range(0, 1024));
    vary->add_option("--out", e.out, "Folder to write to")->capture_default_str();
    vary->add_flag("--despite-faults", e.despite_faults, "Vary although the model check finds faults");
#ifdef WARMPANE_PICTURES
    vary->add_flag("--pictures", e.pictures, "Also draw each figure over the steps (PNG)");
    vary->add_flag("--drawings", e.drawings, "The same as drawings (SVG)");
#endif

    AnswersArguments n;
    auto* answers = app.add_subcommand(
        "answers", "List the answers that are kept beside a project: accuracy, seed, rays, time, program");
    answers->add_option("project", n.project, "The project file")->required();
    auto* forget =
        answers->add_option("--forget", n.forget, "Forget one, by the first 6 or more digits of its fingerprint");
    answers->add_flag("--tidy", n.tidy, "Forget what cancelled jobs left")->excludes(forget);

    CheckArguments k;
    auto* check = app.add_subcommand(
        "check", "Say what is wrong with the models of a project, with remedies, and what is only assumed");
    check->add_option("project", k.project, "The project file")->required();

    CertifyArguments v;
    auto* certify = app.add_subcommand(
        "certify", "Judge options by the project's criteria: asks what is missing, writes verdicts (CSV, JSON)");
    add_certify_options(*certify, v);

#ifdef WARMPANE_PICTURES
    ReportArguments r;
    auto* report = app.add_subcommand(
        "report", "Write the report on each option as PDF: asks what is missing, composes as the project says");
    add_certify_options(*report, r);
    report->add_flag("--pictures", r.pictures,
                     "Take the project's pictures of glare, too, and look around from its seats of a year of glare");
    report->add_option("--language", r.language, "en or de; else English");
#endif

    FormatsArguments f;
    auto* formats = app.add_subcommand("formats", "Write the schema and the tables of our file formats");
    formats->add_option("folder", f.out, "A folder that is there")->capture_default_str();

    WeatherArguments w;
    auto* weather = app.add_subcommand("weather", "Read an EPW weather file and say what it holds");
    weather->add_option("file", w.file, "The EPW file")->required();

    ClimateArguments c;
    auto* climate =
        app.add_subcommand("climate", "Write what a weather file holds as tables; say what the climate is like");
    climate->add_option("file", c.file, "The EPW file")->required();
    climate->add_option("--out", c.out, "Folder to write to")->capture_default_str();

    SkyArguments y;
    auto* sky = app.add_subcommand(
        "sky", "The sky as it is seen from a point of a project, with the sun's paths and what cuts them off");
    sky->add_option("project", y.project, "The project file")->required();
    sky->add_option("--option", y.option, "The option; the first where none is named");
    sky->add_option("--out", y.out, "Folder to write to")->capture_default_str();
    sky->add_option("--x", y.x, "Metres, in the drawing's axes")->check(Within(-1e5, 1e5))->capture_default_str();
    sky->add_option("--y", y.y, "Metres, in the drawing's axes")->check(Within(-1e5, 1e5))->capture_default_str();
    sky->add_option("--z", y.z, "Metres above the site's zero")->check(Within(-1e4, 1e4))->capture_default_str();
    sky->add_option("--month", y.month, "1 to 12")->check(CLI::Range(1, 12))->capture_default_str();
    sky->add_option("--day", y.day, "1 to 31")->check(CLI::Range(1, 31))->capture_default_str();
    sky->add_option("--hour", y.hour, "Local standard time, 13.5 is half past one")
        ->check(Within(0.0, 24.0))
        ->capture_default_str();
    auto* type =
        sky->add_option("--type", y.type, "A sky of CIE S 011 instead of the weather's own")->check(CLI::Range(1, 16));
    sky->add_flag("--uniform", y.uniform, "A sky as bright everywhere")->excludes(type);
    auto* by_place =
        sky->add_flag("--by-place", y.by_place, "Light by the sun's altitude at the site instead of the weather's");
    auto* diffuse_lux = sky->add_option("--diffuse-lux", y.diffuse_lux, "Given diffuse horizontal illuminance")
                            ->check(Within(0.0, 200000.0));
    auto* direct_lux =
        sky->add_option("--direct-lux", y.direct_lux, "Given direct normal illuminance")->check(Within(0.0, 200000.0));
    auto* diffuse_watts =
        sky->add_option("--diffuse-watts", y.diffuse_watts, "Given diffuse horizontal irradiance, W/m2")
            ->check(Within(0.0, 1500.0));
    auto* direct_watts = sky->add_option("--direct-watts", y.direct_watts, "Given direct normal irradiance, W/m2")
                             ->check(Within(0.0, 1500.0));
    for (auto* lux : {diffuse_lux, direct_lux}) {
        lux->excludes(by_place);
        for (auto* watts : {diffuse_watts, direct_watts}) lux->excludes(watts);
    }
    for (auto* watts : {diffuse_watts, direct_watts}) watts->excludes(by_place);
#ifdef WARMPANE_PICTURES
    climate->add_flag("--pictures", c.pictures, "Also charts (PNG)");
    climate->add_flag("--drawings", c.drawings, "Also charts (SVG)");
    sky->add_flag("--pictures", y.pictures, "Also the sky in three projections (PNG)");
    sky->add_flag("--drawings", y.drawings, "Also the sky in three projections (SVG)");
#endif

    MakeWeatherArguments m;
    auto* make = app.add_subcommand("make-weather", "Write a synthetic weather year as EPW");
    make->add_option("out", m.out, "The EPW file to write")->required();
    make->add_option("--station", m.station, "Name in the header")->capture_default_str();
    make->add_option("--latitude", m.latitude, "Degrees, north positive")
        ->check(Within(-90.0, 90.0))
        ->capture_default_str();
    make->add_option("--longitude", m.longitude, "Degrees, east positive")
        ->check(Within(-180.0, 180.0))
        ->capture_default_str();
    make->add_option("--time-zone", m.time_zone, "Hours ahead of UT")
        ->check(Within(-12.0, 14.0))
        ->capture_default_str();
    make->add_option("--elevation", m.elevation, "Metres above the sea")
        ->check(Within(-500.0, 6000.0))
        ->capture_default_str();
    make->add_option("--seed", m.seed, "The same seed gives the same year")->capture_default_str();
    make->add_flag("--force", m.force, "Overwrite a file that is there");

    WeatherTableArguments table;
    auto* from = app.add_subcommand("weather-from", "Make an EPW of a table of commas or of a TMY3 file");
    from->add_option("table", table.table, "The table")->required();
    from->add_option("out", table.out, "The EPW file to write")->required();
    from->add_option("--column", table.columns,
                     "Which column holds what: QUANTITY=HEAD (may be repeated); else as heads suggest");
    from->add_option("--head-row", table.head_row, "Line that has the heads")->check(CLI::Range(1, 100));
    from->add_option("--latitude", table.latitude, "Degrees, north positive")->check(CLI::Range(-90.0, 90.0));
    from->add_option("--longitude", table.longitude, "Degrees, east positive")->check(CLI::Range(-180.0, 180.0));
    from->add_option("--time-zone", table.time_zone, "Hours ahead of UTC")->check(CLI::Range(-12.0, 14.0));
    from->add_option("--elevation", table.elevation, "Metres above the sea")->check(CLI::Range(-1000.0, 9999.0));
    from->add_option("--station", table.station, "Name of the station");
    from->add_flag("--force", table.force, "Overwrite a file that is there");
    WeatherNearArguments near;
    auto* nearest =
        app.add_subcommand("weather-near", "List the weather files of a folder by distance from a project's site");
    nearest->add_option("project", near.project, "The project file")->required();
    nearest->add_option("folder", near.folder, "The folder")->required();

    SpectrumArguments by_wavelength;
    auto* spectral = app.add_subcommand(
        "spectrum", "Tell what a spectrum is to eyes: of matter or light, from a file of columns or a colour");
    spectral->add_option("file", by_wavelength.file, "Wavelengths in nm or um, and values beside them");
    spectral->add_option("--colour", by_wavelength.colour, "The smoothest reflectance of this colour, #rrggbb")
        ->excludes("file");
    spectral->add_option("--column", by_wavelength.column, "Which of the columns of values")->check(CLI::Range(1, 200));
    spectral->add_flag("--light", by_wavelength.is_light, "It is of light, not of matter")->excludes("--colour");
    spectral->add_option("--out", by_wavelength.out, "Write it as a table of commas, 380 to 780 nm");
    auto* into = spectral->add_option("--into", by_wavelength.project,
                                      "Give it to this project: to a material, or as a curve of the eye");
    spectral->add_option("--material", by_wavelength.material, "The material's id")->needs(into);
    auto* curve = spectral->add_option("--curve", by_wavelength.curve,
                                       "The name by which the project takes it as a curve of the eye: light by "
                                       "wavelength is weighted with it, too");
    curve->needs(into)->excludes("--material");
    into->excludes("--light");

    LuminairesArguments lights;
    auto* photometry = app.add_subcommand(
        "luminaires",
        "Tell what luminaires give, from photometric files (IES LM-63, EULUMDAT), or take them into a project");
    photometry->add_option("files", lights.files, "The files")->required();
    photometry->add_flag("--ugr", lights.ugr, "Also glare in rooms of standard sizes (CIE 190)");
    photometry->add_option("--into", lights.project, "Add them to this project as kinds of luminaires");

    TransferArguments in, outwards, turned;
    const auto add_reading = [](CLI::App& to, TransferArguments& t) {
        to.add_option("--unit", t.unit,
                      "Metres that a length of 1 in the file stands for; else as it says, or by its size")
            ->check(CLI::Range(1e-6, 1e6));
        to.add_option("--up", t.up, "Which axis of a mesh is up; else by its format or shape")
            ->check(CLI::IsMember({"y", "z"}));
        to.add_option("--layer", t.layers,
                      "What becomes of a layer or material: NAME=as-found, surroundings, furniture, room, window or "
                      "leave-out, and :MATERIAL of the project (may be repeated)");
        to.add_option("--turn", t.turn, "Turn it counter-clockwise, degrees")->check(CLI::Range(-360.0, 360.0));
        to.add_option("--move", t.move, "Then move it: x y z, metres");
        to.add_option("--account", t.account, "Write what was made, changed and left out to this file (JSON)");
    };
    auto* arrive =
        app.add_subcommand("import", "Read a building of another program into an option: IFC, gbXML, meshes");
    arrive->add_option("project", in.project, "The project file")->required();
    arrive->add_option("file", in.file, "The building's file")->required();
    arrive->add_option("--option", in.option, "Id of the option; else the first");
    arrive->add_flag("--dry", in.dry, "Only say what would be done");
    add_reading(*arrive, in);
    auto* leave = app.add_subcommand("export", "Write an option as gbXML, IFC, OBJ, glTF or DXF, by the suffix");
    leave->add_option("project", outwards.project, "The project file")->required();
    leave->add_option("out", outwards.out, "The file to write")->required();
    leave->add_option("--option", outwards.option, "Id of the option; else the first");
    leave->add_option("--map", outwards.map, "glTF: with the answer to this question in colours");
    leave->add_option("--section", outwards.sections,
                      "DXF: cut along this line, x0 y0 x1 y1 in metres, seen towards its left (may be repeated); else "
                      "two through the middle");
    auto* convert = app.add_subcommand("convert", "Make a project, or another program's file, of a building's file");
    convert->add_option("file", turned.file, "The building's file")->required();
    convert->add_option("out", turned.out, "The file to write: .warmpane or as export")->required();
    convert->add_flag("--force", turned.force, "Overwrite a file that is there");
    add_reading(*convert, turned);

    try {
        app.parse(argc, argv);
    } catch (const CLI::Success& asked) {  // help or version
        std::ostringstream text, faults;
        const int code = app.exit(asked, text, faults);
        say_text(text.str());
        return code == 0 ? kDone : kBadArguments;
    } catch (const CLI::ParseError& error) {
        std::string what = error.what();
        std::ranges::replace(what, '\n', ' ');
        note_text("warmpane-cli: " + plain_text(what) + " (see warmpane-cli --help)\n");
        return kBadArguments;
    }
    if (*solve) out.solve = s;
    if (*show) out.show = h;
    if (*answers) out.answers = n;
    if (*check) out.check = k;
    if (*compare) out.compare = o;
    if (*vary) out.series = e;
    if (*certify) out.certify = v;
#ifdef WARMPANE_PICTURES
    if (*report) out.report = r;
#endif
    if (*photometry) out.luminaires = lights;
    if (*spectral) out.spectrum = by_wavelength;
    if (*from) out.weather_from = table;
    if (*nearest) out.weather_near = near;
    if (*arrive) out.import_ = in;
    if (*leave) out.export_ = outwards;
    if (*convert) out.convert = turned;
    if (*formats) out.formats = f;
    if (*weather) out.weather = w;
    if (*climate) out.climate = c;
    if (*sky) out.sky = y;
    if (*make) out.make_weather = m;
    return {};
}

}  // namespace wp::cli
