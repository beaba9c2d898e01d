// SPDX-License-Identifier: GPL-3.0-or-later
// The command line as a script meets it: exit codes, one clear line, files written or not.
#include <gtest/gtest.h>
#include <sys/wait.h>

#include <fmt/core.h>

#include <chrono>
#include <csignal>
#include <cstdio>
#include <nlohmann/json.hpp>

#include "asked_room.h"
#include "base/file.h"
#include "base/json_text.h"
#include "base/random.h"
#include "climate/epw.h"
#include "exchange/exr.h"
#include "exchange/picture_file.h"
#include "geometry/random_building.h"
#include "store/project_file.h"

using namespace wp;
namespace fs = std::filesystem;

namespace {

struct Ended {
    int code;
    std::string output;  ///< standard output and error
};

Ended run(const std::string& arguments) {
    Ended result{0, {}};
    FILE* pipe = ::popen((std::string(WARMPANE_CLI) + " " + arguments + " 2>&1").c_str(), "r");
    char buffer[4096];
    while (const size_t n = std::fread(buffer, 1, sizeof buffer, pipe)) result.output.append(buffer, n);
    result.code = WEXITSTATUS(::pclose(pipe));
    return result;
}

// A small project with its weather, beside each other.
class CommandLine : public ::testing::Test {
 protected:
    void SetUp() override {
        auto project = test::asked_room(0.1);
        project.criteria = {"leed-v41-daylight-option-1", "en-17037-provision"};
        ASSERT_FALSE(store::save_project(project, folder / "p.warmpane"));
        ASSERT_FALSE(write_file(folder / "year.epw", climate::write_epw(test::weather())));
        file = (folder / "p.warmpane").string();
        out = (folder / "out").string();
    }
    test::Folder folder;
    std::string file, out;
};

}  // namespace

TEST_F(CommandLine, checks_models_and_leaves_with_a_code_of_its_own_where_there_are_faults) {
    const auto sound = run("check " + std::string(WARMPANE_DEMO));
    EXPECT_EQ(sound.code, 0) << sound.output;
    EXPECT_NE(sound.output.find("no faults"), std::string::npos);
    EXPECT_NE(sound.output.find("assumed Brown brick"), std::string::npos) << "what is assumed is no fault";
    auto project = test::one_room();
    project.options[0].storeys[0].rooms[0].walls = "";
    ASSERT_FALSE(store::save_project(project, folder / "broken.warmpane"));
    const auto broken = run("check " + (folder / "broken.warmpane").string());
    EXPECT_EQ(broken.code, 6);
    EXPECT_NE(broken.output.find("Walls: 4 surfaces have no material"), std::string::npos) << broken.output;
    EXPECT_EQ(run("check " + (folder / "gone.warmpane").string()).code, 3);
}

TEST_F(CommandLine, answers_every_question_and_writes_what_it_found) {
    const Ended r = run("solve " + file + " --hourly --out " + out);
    ASSERT_EQ(r.code, 0) << r.output;
    for (const auto* name : {"a.df.csv", "a.df.json", "a.year.csv", "a.year.json", "a.year.plane.hours.csv",
                             "a.glare.csv", "a.glare.json", "a.glare.exr"})
        EXPECT_TRUE(fs::exists(fs::path(out) / name)) << name;
    const auto year = nlohmann::json::parse(*read_file(fs::path(out) / "a.year.json"));
    for (const auto* key : {"settings", "inputs", "rays", "seconds", "program", "settled", "criteria"})
        EXPECT_TRUE(year.contains(key)) << key;
    EXPECT_EQ(year["criteria"].size(), 2u);
    const std::string hours = *read_file(fs::path(out) / "a.year.plane.hours.csv");
    EXPECT_EQ(std::count(hours.begin(), hours.end(), '\n'), 8761);
    const auto picture = exchange::read_exr(fs::path(out) / "a.glare.exr");
    ASSERT_TRUE(picture);
    EXPECT_EQ(picture->width, 48);
}

TEST_F(CommandLine, figures_of_made_up_weather_say_so_in_every_file_and_those_of_none_do_not) {
    auto project = *store::read_project(file);
    project.site.weather.clear();
    ASSERT_FALSE(store::save_project(project, folder / "none.warmpane"));
    const Ended refused = run("solve " + (folder / "none.warmpane").string() + " --question year --out " + out);
    EXPECT_EQ(refused.code, 3) << "nobody chose that weather be made up";
    project.site.made_up_weather = true;
    ASSERT_FALSE(store::save_project(project, folder / "trial.warmpane"));
    const Ended r = run("solve " + (folder / "trial.warmpane").string() + " --out " + out);
    ASSERT_EQ(r.code, 0) << r.output;
    EXPECT_NE(r.output.find("not for a certificate"), std::string::npos) << r.output;
    for (const auto* name : {"a.df.csv", "a.df.json", "a.year.made-up-weather.csv", "a.year.made-up-weather.json",
                             "a.glare.made-up-weather.exr"})
        EXPECT_TRUE(fs::exists(fs::path(out) / name)) << name;
    EXPECT_FALSE(fs::exists(fs::path(out) / "a.year.csv"));
    const auto year = nlohmann::json::parse(*read_file(fs::path(out) / "a.year.made-up-weather.json"));
    EXPECT_EQ(year["weather"], "made-up weather: for trying out");
    EXPECT_EQ(year["note"], "made-up weather: not for a certificate");
    EXPECT_FALSE(nlohmann::json::parse(*read_file(fs::path(out) / "a.df.json")).contains("note"))
        << "the daylight factor needs no weather";
}

TEST_F(CommandLine, the_same_seed_gives_the_same_table_for_any_number_of_threads) {
    ASSERT_EQ(run("solve " + file + " --question df --seed 5 --threads 1 --out " + out + "1").code, 0);
    ASSERT_EQ(run("solve " + file + " --question df --seed 5 --threads 2 --out " + out + "2").code, 0);
    ASSERT_EQ(run("solve " + file + " --question df --seed 6 --out " + out + "3").code, 0);
    EXPECT_EQ(*read_file(fs::path(out + "1") / "a.df.csv"), *read_file(fs::path(out + "2") / "a.df.csv"));
    EXPECT_NE(*read_file(fs::path(out + "1") / "a.df.csv"), *read_file(fs::path(out + "3") / "a.df.csv"));
}

TEST_F(CommandLine, bad_arguments_get_one_line_and_leave_nothing) {
    for (const std::string& arguments :
         {"solve " + file + " --question tea", "solve " + file + " --option b", "solve " + file + " --accuracy 7",
          "solve " + file + " --colour red", std::string("dance"), std::string()}) {
        const Ended r = run(arguments + (arguments.starts_with("solve") ? " --out " + out : ""));
        EXPECT_EQ(r.code, 2) << arguments << "\n" << r.output;
        EXPECT_EQ(std::count(r.output.begin(), r.output.end(), '\n'), 1) << r.output;
    }
    EXPECT_FALSE(fs::exists(out));
}

TEST_F(CommandLine, bad_files_get_one_line_with_place_and_remedy_and_leave_nothing) {
    ASSERT_FALSE(write_file(folder / "broken.warmpane", "{ \"warmpane\": 1, "));
    const auto expect = [&](const std::string& arguments, const std::string& words) {
        const Ended r = run(arguments + " --out " + out);
        EXPECT_EQ(r.code, 3) << r.output;
        EXPECT_EQ(std::count(r.output.begin(), r.output.end(), '\n'), 1) << r.output;
        EXPECT_NE(r.output.find(words), std::string::npos) << r.output;
    };
    expect("solve " + (folder / "nothing.warmpane").string(), "no such file");
    expect("solve " + (folder / "broken.warmpane").string(), "line 1");
    ASSERT_FALSE(write_file(folder / "year.epw", "LOCATION,nonsense\n"));
    expect("solve " + file, "year.epw, line 1");
    EXPECT_FALSE(fs::exists(out));
}

TEST_F(CommandLine, a_place_that_cannot_be_written_to_is_said_before_work_begins) {
    ASSERT_FALSE(write_file(folder / "taken", "a file"));
    const Ended r = run("solve " + file + " --out " + (folder / "taken").string());
    EXPECT_EQ(r.code, 5) << r.output;
}

TEST_F(CommandLine, explains_itself) {
    const Ended help = run("--help");
    EXPECT_EQ(help.code, 0);
    for (const auto* word : {"Examples:", "solve", "show", "weather", "make-weather", "Exit codes"})
        EXPECT_NE(help.output.find(word), std::string::npos) << word;
    EXPECT_NE(run("solve --help").output.find("--accuracy"), std::string::npos);
    EXPECT_NE(run("--version").output.find("Warm Pane 0"), std::string::npos);
    const Ended show = run("show " + file);
    EXPECT_EQ(show.code, 0);
    EXPECT_NE(show.output.find("room"), std::string::npos);
    EXPECT_EQ(run("weather " + (folder / "year.epw").string()).code, 0);
}

TEST_F(CommandLine, makes_a_weather_year_that_it_can_read) {
    const std::string made = (folder / "made.epw").string();
    ASSERT_EQ(run("make-weather " + made + " --latitude -35 --longitude 149 --time-zone 10 --seed 4").code, 0);
    const auto year = climate::read_epw(made);
    ASSERT_TRUE(year) << year.fault().line();
    EXPECT_DOUBLE_EQ(year->place.latitude, -35);
}

TEST_F(CommandLine, a_building_of_two_storeys_gives_a_picture_of_each) {
    auto project = test::two_storeys();
    project.questions[0].accuracy = 0.3;
    auto plane = project.options[0].planes[0];
    plane.id = "above";
    plane.room = "study";
    project.options[0].planes.push_back(plane);
    ASSERT_FALSE(store::save_project(project, folder / "two.warmpane"));
    const Ended r = run("solve " + (folder / "two.warmpane").string() + " --question df --pictures --out " + out);
    ASSERT_EQ(r.code, 0) << r.output;
    int pictures = 0;
    bool upper = false;
    for (const auto& entry : fs::recursive_directory_iterator(out)) {
        pictures += entry.path().extension() == ".png";
        upper = upper || entry.path().filename().string().find("-upper.png") != std::string::npos;
    }
    EXPECT_EQ(pictures, 2) << r.output;
    EXPECT_TRUE(upper);
}

TEST_F(CommandLine, rooms_are_shown_with_their_inner_areas_storey_by_storey) {
    ASSERT_FALSE(store::save_project(test::two_storeys(), folder / "two.warmpane"));
    const Ended r = run("show " + (folder / "two.warmpane").string());
    ASSERT_EQ(r.code, 0) << r.output;
    EXPECT_NE(r.output.find("47.5"), std::string::npos) << "the hall: 8 m by 6 m less half a wall\n" << r.output;
    EXPECT_NE(r.output.find("Upper floor"), std::string::npos);
}

TEST_F(CommandLine, tells_a_climate_and_writes_its_tables) {
    const auto ended = run("climate " + (folder / "year.epw").string() + " --out " + out);
    ASSERT_EQ(ended.code, 0) << ended.output;
    EXPECT_NE(ended.output.find("Sunniest day"), std::string::npos);
    EXPECT_NE(ended.output.find("CIE sky type"), std::string::npos);
    const auto hours = read_file(fs::path(out) / "year.hours.csv");
    ASSERT_TRUE(hours);
    EXPECT_EQ(std::count(hours->begin(), hours->end(), '\n'), 8761);
    const auto days = read_file(fs::path(out) / "year.mean-days.csv");
    ASSERT_TRUE(days);
    EXPECT_EQ(std::count(days->begin(), days->end(), '\n'), 12 * 24 + 1);
    EXPECT_TRUE(fs::exists(fs::path(out) / "year.hours-above.csv"));
    EXPECT_EQ(run("climate " + (folder / "none.epw").string()).code, 3);
}

TEST_F(CommandLine, looks_at_the_sky_and_says_that_it_carries_what_it_was_told) {
    const auto ended =
        run("sky " + file +
            " --x 2 --y -3 --month 6 --day 21 --hour 12 --type 12 --diffuse-lux 12000 --direct-lux 50000 --out " + out);
    ASSERT_EQ(ended.code, 0) << ended.output;
    EXPECT_NE(ended.output.find("Diffuse told 12000.0 lx, carried 1"), std::string::npos) << ended.output;
    EXPECT_NE(ended.output.find("CIE sky type 12"), std::string::npos);
    const auto sun = read_file(fs::path(out) / "a.sky.sun.csv");
    ASSERT_TRUE(sun);
    EXPECT_NE(sun->find("\n6,21,"), std::string::npos);
    EXPECT_TRUE(fs::exists(fs::path(out) / "a.sky.csv"));
    EXPECT_EQ(run("sky " + file + " --month 2 --day 30").code, 2);
    EXPECT_EQ(run("sky " + file + " --option none").code, 2);
    EXPECT_EQ(run("sky " + file + " --type 17").code, 2);
}

TEST_F(CommandLine, tells_spectra_and_gives_them_to_materials) {
    const auto table = (folder / "red.csv").string();
    const auto made = run("spectrum --colour '#c02020' --out " + table + " --into " + file + " --material grey");
    ASSERT_EQ(made.code, 0) << made.output;
    EXPECT_NE(made.output.find("on screens #c02020"), std::string::npos) << made.output;
    EXPECT_EQ(store::read_project(file)->materials[0].spectrum.size(), 81u);
    // What was written says the same again.
    EXPECT_NE(run("spectrum " + table).output.find("on screens #c02020"), std::string::npos);
    const auto light = run("spectrum " + table + " --light");
    EXPECT_EQ(light.code, 0) << light.output;
    EXPECT_NE(light.output.find("Melanopic"), std::string::npos);
    ASSERT_FALSE(write_file(folder / "bad.csv", "380,0.1\n390,oops\n"));
    const auto bad = run("spectrum " + (folder / "bad.csv").string());
    EXPECT_EQ(bad.code, 3);
    EXPECT_NE(bad.output.find("bad.csv, line 2"), std::string::npos) << bad.output;
    EXPECT_EQ(run("spectrum --colour red").code, 2);
    EXPECT_EQ(run("spectrum " + table + " --column 2").code, 3);
    EXPECT_EQ(run("spectrum " + table + " --into " + file + " --material none").code, 2);
    // As a curve of the eye, under a name.
    EXPECT_EQ(run("spectrum " + table + " --into " + file + " --curve old").code, 0);
    EXPECT_EQ(store::read_project(file)->eye_curves.at(0).name, "old");
    EXPECT_EQ(run("spectrum " + table + " --into " + file).code, 2) << "as what?";
}

TEST_F(CommandLine, answers_moments_sun_hours_sky_and_exposure_at_planes_and_windows) {
    auto project = test::asked_room(0.2);
    project.questions.clear();
    using Kind = model::Question::Kind;
    for (const auto& [id, kind] : {std::pair{"moments", Kind::moment},
                                   {"sun", Kind::sun_hours},
                                   {"sky", Kind::sky_view},
                                   {"dose", Kind::exposure},
                                   {"factor", Kind::daylight_factor}}) {
        model::Question q;
        q.id = q.name = id;
        q.kind = kind;
        q.accuracy = 0.3;
        q.moments = {{3, 21, 10}, {3, 21, 15}};
        if (kind == Kind::sun_hours || kind == Kind::daylight_factor) q.at = model::Question::At::windows;
        project.questions.push_back(q);
    }
    ASSERT_FALSE(store::save_project(project, folder / "p.warmpane"));
    const auto ended = run("solve " + file + " --windows --out " + out);
    ASSERT_EQ(ended.code, 0) << ended.output;
    for (const char* name : {"a.moments.csv", "a.moments.windows.csv", "a.sun.csv", "a.sky.csv", "a.dose.csv",
                             "a.factor.csv", "a.factor.windows.csv"})
        EXPECT_TRUE(fs::exists(fs::path(out) / name)) << name;
    const auto summary = nlohmann::json::parse(*read_file(fs::path(out) / "a.moments.json"));
    EXPECT_EQ(summary["kind"], "moment");
    ASSERT_EQ(summary["moments"].size(), 2u);
    EXPECT_NEAR(summary["moments"][0]["carried_lux"].get<double>(), summary["moments"][0]["diffuse_lux"].get<double>(),
                0.001 * summary["moments"][0]["diffuse_lux"].get<double>() + 1);
    const auto sun = *read_file(fs::path(out) / "a.sun.csv");
    EXPECT_NE(sun.find("\nW-01,room,0,"), std::string::npos) << sun;
}

TEST_F(CommandLine, tells_of_every_observer_how_much_it_is_dazzled_in_a_year) {
    const Ended r = run("solve " + file + " --question year --glare --hourly --out " + out);
    ASSERT_EQ(r.code, 0) << r.output;
    EXPECT_NE(r.output.find("protection from glare"), std::string::npos) << r.output;
    const std::string seats = *read_file(fs::path(out) / "a.year.glare.csv"),
                      hours = *read_file(fs::path(out) / "a.year.eye.glare-hours.csv");
    EXPECT_EQ(std::count(seats.begin(), seats.end(), '\n'), 1 + 36 + 1) << "all around, and its own direction";
    EXPECT_EQ(std::count(hours.begin(), hours.end(), '\n'), 8761);
}

TEST_F(CommandLine, takes_pictures_all_around_and_tells_of_each_direction) {
    auto project = *store::read_project(file);
    for (auto& question : project.questions)
        if (question.kind == model::Question::Kind::glare) {
            question.picture.lens = model::PictureChoice::Lens::sphere;
            question.picture.surely = 10;
        }
    ASSERT_FALSE(store::save_project(project, file));
    const Ended r = run("solve " + file + " --question glare --out " + out);
    ASSERT_EQ(r.code, 0) << r.output;
    const std::string around = *read_file(fs::path(out) / "a.glare.around.csv");
    EXPECT_EQ(std::count(around.begin(), around.end(), '\n'), 73);
    const auto picture = exchange::read_picture(fs::path(out) / "a.glare.exr");
    ASSERT_TRUE(picture);
    EXPECT_EQ(picture->picture.lens.kind, light::Lens::Kind::sphere);
}

TEST_F(CommandLine, takes_many_pictures_by_one_question_with_a_table_and_a_contact_sheet) {
    auto project = *store::read_project(file);
    for (auto& question : project.questions)
        if (question.kind == model::Question::Kind::glare) {
            question.batch = {{"eye"}, model::PictureBatch::Directions::around, 180};
            question.moments = {{3, 21, 12}, {6, 21, 12}};
            question.picture.pixels = 32;
            question.picture.surely = 10;
        }
    ASSERT_FALSE(store::save_project(project, file));
    const Ended r = run("solve " + file + " --question glare --accuracy 0.2 --pictures --out " + out);
    ASSERT_EQ(r.code, 0) << r.output;
    EXPECT_NE(r.output.find("4 pictures"), std::string::npos) << r.output;
    EXPECT_NE(r.output.find("the worst: "), std::string::npos) << r.output;
    const std::string table = *read_file(fs::path(out) / "a.glare.pictures.csv");
    EXPECT_EQ(std::count(table.begin(), table.end(), '\n'), 5);
    for (const char* one : {"eye.000.0321-1200", "eye.180.0621-1200"}) {
        EXPECT_NE(table.find(one), std::string::npos) << table;
        for (const char* form : {".exr", ".png", ".json", ".csv"})
            EXPECT_TRUE(fs::exists(fs::path(out) / ("a.glare." + std::string(one) + form))) << one << form;
    }
    EXPECT_TRUE(fs::exists(fs::path(out) / "glare.contact-sheet.png"));
}

TEST_F(CommandLine, a_question_that_was_answered_is_not_traced_again_until_something_changes) {
    const auto ask = "solve " + file + " --question df --accuracy 0.3 --out " + out;
    ASSERT_EQ(run(ask).code, 0);
    const auto first = *read_file(fs::path(out) / "a.df.csv");
    const auto found = run(ask);
    EXPECT_NE(found.output.find("kept beside the project"), std::string::npos) << found.output;
    EXPECT_EQ(*read_file(fs::path(out) / "a.df.csv"), first);
    EXPECT_NE(run("answers " + file).output.find("df"), std::string::npos);
    EXPECT_EQ(run(ask + " --seed 9").output.find("kept beside the project"), std::string::npos);
    EXPECT_EQ(run(ask + " --no-answers").output.find("kept beside the project"), std::string::npos);
}

TEST_F(CommandLine, figures_of_a_year_are_told_for_some_months_and_for_blinds_worked_otherwise) {
    const auto light = [&](const std::string& how) {
        const auto ended = run("solve " + file + " --question year --accuracy 0.3 --out " + out + how);
        EXPECT_EQ(ended.code, 0) << ended.output;
        const auto j = nlohmann::json::parse(*read_file(fs::path(out) / "a.year.json"));
        return std::pair{j["planes"][0]["figures"]["mean"]["value"].get<double>(),
                         j["settings"]["blinds"].get<std::string>()};
    };
    const auto all = light(""), winter = light(" --month 12 --month 1"), summer = light(" --month 6"),
               open = light(" --blinds open");
    EXPECT_LT(winter.first, all.first);
    EXPECT_GT(summer.first, winter.first);
    EXPECT_GE(open.first, all.first);
    EXPECT_EQ(all.second, "groups");
    EXPECT_EQ(open.second, "open");
    EXPECT_EQ(run("solve " + file + " --month 13 --out " + out).code, 2);
    EXPECT_EQ(run("solve " + file + " --blinds sometimes --out " + out).code, 2);
}

TEST_F(CommandLine, a_year_that_is_killed_anywhere_goes_on_to_the_same_bytes) {
    const auto ask = [&](const std::string& to) {
        return "solve " + file + " --question year --accuracy 0.2 --out " + to;
    };
    ASSERT_EQ(run(ask(out) + " --no-answers").code, 0);
    const auto whole = *read_file(fs::path(out) / "a.year.csv");
    const auto kept = folder / "p.answers";
    EXPECT_FALSE(fs::exists(kept));
    // At places by chance but the same each time, spread over what it takes when nobody kills it.
    const auto places = static_cast<uint32_t>(test::times(4, 10));
    const auto start = std::chrono::steady_clock::now();
    ASSERT_EQ(run(ask((folder / "timed").string())).code, 0);
    const double takes = std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
    int cut_off = 0;
    for (uint32_t k = 0; k < places; ++k) {
        const std::string after = fmt::format("{:.3f}", takes * (k + random::hash(11, k) / 4294967296.0) / places);
        fs::remove(kept);
        const std::string killed = "timeout -s KILL " + after + " " + WARMPANE_CLI + " " +
                                   ask((folder / "lost").string()) + " >/dev/null 2>&1";
        cut_off += WEXITSTATUS(std::system(killed.c_str())) == 128 + SIGKILL;
        const auto again = (folder / "again").string();
        ASSERT_EQ(run(ask(again)).code, 0) << after;
        EXPECT_EQ(*read_file(fs::path(again) / "a.year.csv"), whole) << "killed after " << after << " s";
    }
    EXPECT_GE(cut_off, static_cast<int>(places) / 2) << "the year was done before it could be killed";
    const auto list = run("answers " + file);
    EXPECT_EQ(list.code, 0);
    EXPECT_NE(list.output.find("million rays"), std::string::npos) << list.output;
    // A damaged file is told of, and the year is answered all the same.
    ASSERT_FALSE(write_file(kept, std::string(4096, 'z')));
    const auto hurt = run(ask(out));
    EXPECT_EQ(hurt.code, 0);
    EXPECT_NE(hurt.output.find("damaged"), std::string::npos) << hurt.output;
    EXPECT_EQ(run("answers " + file).code, 3);
}

namespace {

// One criterion: a mean daylight factor, on the planes as they are drawn.
model::CriteriaSet mean_of_at_least(double needed) {
    model::CriteriaSet set;
    set.id = "own";
    set.name = "Ours";
    set.source = "this test";
    model::Criterion c;
    c.id = "df";
    c.name = "Daylight factor, mean";
    c.meaning = "Mean daylight factor of the room";
    c.source = "this test";
    c.measure = "mean";
    c.figure = "daylight_factor";
    c.thresholds = {{needed, "met", 0}};
    set.criteria = {c};
    return set;
}

}  // namespace

TEST_F(CommandLine, certifies_and_leaves_with_seven_where_a_required_criterion_is_not_met) {
    auto project = *store::read_project(file);
    project.criteria = {"own"};
    const auto certify = [&](double needed, const std::string& more = "") {
        project.own_sets = {mean_of_at_least(needed)};
        EXPECT_FALSE(store::save_project(project, folder / "p.warmpane"));
        return run("certify " + file + " --out " + out + " " + more);
    };
    const Ended met = certify(0.01);
    EXPECT_EQ(met.code, 0) << met.output;
    EXPECT_NE(met.output.find("met          Room"), std::string::npos) << met.output;
    const auto json = nlohmann::json::parse(*read_file(fs::path(out) / "a.certify.json"));
    EXPECT_EQ(json["sets"][0]["verdicts"][0]["state"], "met");
    EXPECT_EQ(json["sets"][0]["outcome"], "met");
    EXPECT_EQ(json["answers"].size(), 1u) << "what it stands on";
    const std::string csv = *read_file(fs::path(out) / "a.certify.csv");
    EXPECT_EQ(std::count(csv.begin(), csv.end(), '\n'), 2);
    const Ended missed = certify(90);
    EXPECT_EQ(missed.code, 7) << missed.output;
    EXPECT_NE(missed.output.find("not met"), std::string::npos);
    project.own_sets.clear();
    project.criteria.clear();
    ASSERT_FALSE(store::save_project(project, folder / "p.warmpane"));
    const Ended none = run("certify " + file + " --out " + out);
    EXPECT_EQ(none.code, 3);
    EXPECT_NE(none.output.find("leed-v41-daylight-option-1"), std::string::npos) << "it says which there are";
    EXPECT_EQ(run("certify " + file + " --set no-such-set --out " + out).code, 2);
    EXPECT_EQ(run("certify " + file + " --option z --out " + out).code, 2);
    EXPECT_NE(run("--help").output.find("7 a criterion that is\nrequired is not met"), std::string::npos);
}

TEST_F(CommandLine, certifies_on_the_planes_of_the_rule_or_not_at_all) {
    const std::string set = " --set en-17037-daylight-factor --decide-to 0.5 --out " + out;
    const Ended drawn = run("certify " + file + set);
    EXPECT_EQ(drawn.code, 4) << drawn.output;
    EXPECT_NE(drawn.output.find("is not the plane that the rule judges"), std::string::npos) << drawn.output;
    const std::string before = *read_file(file);
    const Ended laid = run("certify " + file + set + " --lay-planes");
    EXPECT_NE(laid.output.find("1 planes laid"), std::string::npos) << laid.output;
    EXPECT_EQ(laid.output.find("is not the plane"), std::string::npos) << laid.output;
    EXPECT_EQ(*read_file(file), before) << "the project stays as it is";
}

TEST_F(CommandLine, writes_the_report_without_a_display_and_leaves_as_certify_does) {
    auto project = *store::read_project(file);
    project.criteria = {"own"};
    project.own_sets = {mean_of_at_least(0.01)};
    ASSERT_FALSE(store::save_project(project, folder / "p.warmpane"));
    const Ended met = run("report " + file + " --set own --accuracy 0.3 --out " + out);
    EXPECT_EQ(met.code, 0) << met.output;
    const fs::path pdf = fs::path(out) / "a.report.pdf";
    const auto bytes = read_file(pdf);
    ASSERT_TRUE(bytes) << met.output;
    EXPECT_TRUE(bytes->starts_with("%PDF-")) << "it is a PDF";
    EXPECT_NE(met.output.find("pages, " + pdf.string()), std::string::npos) << met.output;
    EXPECT_TRUE(read_file(fs::path(out) / "a.certify.csv")) << "its verdicts as a table stand beside it";
    EXPECT_TRUE(read_file(fs::path(out) / "a.certify.json"));
    EXPECT_EQ(run("report " + file + " --language xx --out " + out).code, 2);
    project.own_sets = {mean_of_at_least(90)};
    ASSERT_FALSE(store::save_project(project, folder / "p.warmpane"));
    EXPECT_EQ(run("report " + file + " --accuracy 0.3 --out " + out).code, 7);
}

TEST_F(CommandLine, says_what_differs_between_options) {
    auto project = *store::read_project(file);
    auto other = project.options[0];
    other.id = "b";
    other.name = "Wider";
    other.storeys[0].rooms[0].openings[0].width += 0.5;
    project.options.push_back(other);
    ASSERT_FALSE(store::save_project(project, folder / "p.warmpane"));
    const fs::path json = folder / "differences.json";
    const Ended told = run("compare " + file + " --json " + json.string());
    EXPECT_EQ(told.code, 0) << told.output;
    EXPECT_NE(told.output.find("Wider against " + project.options[0].name), std::string::npos) << told.output;
    EXPECT_NE(told.output.find("Width 2.00 m"), std::string::npos) << told.output;
    EXPECT_NE(read_file(json)->find("\"is\": \"2.50 m\""), std::string::npos) << *read_file(json);
    const Ended back = run("compare " + file + " --base b --option " + project.options[0].id);
    EXPECT_NE(back.output.find("2.50 m \u2192 2.00 m"), std::string::npos) << back.output;
    const Ended wrong = run("compare " + file + " --base nowhere");
    EXPECT_EQ(wrong.code, 2);
    EXPECT_NE(wrong.output.find("--base: there is no option"), std::string::npos) << wrong.output;
}

TEST_F(CommandLine, tells_figures_of_options_against_the_base) {
    auto project = *store::read_project(file);
    auto other = project.options[0];
    other.id = "b";
    other.name = "Wider";
    other.storeys[0].rooms[0].openings[0].width += 0.8;
    auto away = other;
    away.id = "c";
    away.archived = true;
    project.options.push_back(other);
    project.options.push_back(away);
    ASSERT_FALSE(store::save_project(project, folder / "p.warmpane"));
    const fs::path csv = folder / "figures.csv";
    const auto chart = csv.parent_path() / "figures.svg";
    const Ended told =
        run("compare " + file + " --figures --accuracy 0.2 --csv " + csv.string() + " --chart " + chart.string());
    EXPECT_EQ(told.code, 0) << told.output;
    const std::string table = *read_file(csv);
    EXPECT_EQ(table.substr(0, table.find('\n')),
              "option,room,figure,value,low_95,high_95,unit,against_base,error_95,told_apart");
    EXPECT_NE(table.find("\nb,"), std::string::npos);
    EXPECT_EQ(table.find("\nc,"), std::string::npos) << "what is put away is left alone";
    const std::string drawn = *read_file(chart);
    for (const char* word : {"<svg", "Daylight factor, mean", project.options[1].name.c_str()})
        EXPECT_NE(drawn.find(word), std::string::npos) << word;
    EXPECT_EQ(run("compare " + file + " --csv x.csv").code, 2) << "figures are asked for by name";
    EXPECT_EQ(run("compare " + file + " --figures --question nowhere").code, 2);
}

TEST_F(CommandLine, writes_a_building_out_and_reads_it_in_again) {
    const fs::path out = folder / "out.ifc", again = folder / "again.warmpane", account = folder / "account.json";
    EXPECT_EQ(run("export " + file + " " + out.string()).code, 0);
    const Ended made = run("convert " + out.string() + " " + again.string() + " --account " + account.string());
    EXPECT_EQ(made.code, 0) << made.output;
    EXPECT_NE(made.output.find("1 rooms"), std::string::npos) << made.output;
    EXPECT_TRUE(parse_json(*read_file(account), "account")->is_array());
    EXPECT_EQ(run("convert " + out.string() + " " + again.string()).code, 5) << "nothing is overwritten unasked";
    const std::string before = *read_file(file);
    const Ended dry = run("import " + file + " " + out.string() + " --dry");
    EXPECT_EQ(dry.code, 0) << dry.output;
    EXPECT_EQ(*read_file(file), before) << "only said what would be done";
    const Ended in = run("import " + file + " " + out.string() + " --move 20 0 0");
    EXPECT_EQ(in.code, 0) << in.output;
    EXPECT_EQ(store::read_project(file)->options[0].storeys[0].rooms.size(), 2u);
    EXPECT_EQ(run("import " + file + " " + out.string() + " --layer what").code, 3);
    EXPECT_EQ(run("export " + file + " " + (folder / "x.docx").string()).code, 2);
    EXPECT_EQ(run("import " + file + " nowhere.ifc").code, 3);
    EXPECT_EQ(run("export " + file + " " + (folder / "map.gltf").string() + " --map df").code, 0);
    EXPECT_NE(read_file(folder / "map.gltf")->find("COLOR_0"), std::string::npos);
}

TEST_F(CommandLine, makes_an_epw_of_a_table_and_lists_the_nearest) {
    const fs::path table = folder / "table.csv", epw = folder / "made.epw";
    std::string text = "GHI,DHI,Temp\n";
    for (int i = 0; i < 8760; ++i) text += i % 24 > 8 && i % 24 < 16 ? "300,150,10\n" : "0,0,5\n";
    ASSERT_FALSE(write_file(table, text));
    const Ended made =
        run("weather-from " + table.string() + " " + epw.string() +
            " --latitude 50 --longitude 0 --column global=GHI --column diffuse=DHI --column dry_bulb=Temp");
    EXPECT_EQ(made.code, 0) << made.output;
    EXPECT_EQ(run("weather-from " + table.string() + " " + epw.string()).code, 5);
    EXPECT_EQ(run("weather-from " + table.string() + " x.epw --column what=GHI").code, 2);
    const Ended near = run("weather-near " + file + " " + folder.path().string());
    EXPECT_EQ(near.code, 0);
    EXPECT_NE(near.output.find("made.epw"), std::string::npos) << near.output;
}

TEST_F(CommandLine, varies_a_number_in_steps) {
    const std::string id = store::read_project(file)->options[0].storeys[0].rooms[0].openings[0].id;
    const std::string out = (folder / "series").string();
    const Ended told =
        run("series " + file + " --vary " + id + ".width=1:2:3 --accuracy 0.2 --out " + out + " --pictures --drawings");
    EXPECT_EQ(told.code, 0) << told.output;
    EXPECT_NE(told.output.find("Width 1.50 m:"), std::string::npos) << told.output;
    const auto csv = read_file(fs::path(out) / "a.series.csv");
    ASSERT_TRUE(csv);
    EXPECT_EQ(std::ranges::count(*csv, '\n') % 3, 1) << "a head, and the same rows for each of three steps";
    ASSERT_TRUE(read_file(fs::path(out) / "a.series.json"));
    EXPECT_TRUE(read_file(fs::path(out) / "a.series.daylight_factor-mean.png"));
    EXPECT_TRUE(read_file(fs::path(out) / "a.series.daylight_factor-mean.svg")->starts_with("<?xml"));
    const Ended wrong = run("series " + file + " --vary " + id + ".girth=1:2:3");
    EXPECT_EQ(wrong.code, 2);
    EXPECT_NE(wrong.output.find("It has: "), std::string::npos) << wrong.output;
    EXPECT_EQ(run("series " + file).code, 2) << "the project has no series";
    EXPECT_EQ(run("series " + file + " --series nowhere").code, 2);
}

TEST_F(CommandLine, does_not_certify_a_model_with_faults) {
    auto project = *store::read_project(file);
    auto& rooms = project.options[0].storeys[0].rooms;
    rooms.push_back(rooms[0]);
    rooms[1].id = "over it";
    rooms[1].openings.clear();
    for (auto& corner : rooms[1].footprint) corner.x += 1;
    ASSERT_FALSE(store::save_project(project, folder / "p.warmpane"));
    const Ended r = run("certify " + file + " --out " + out);
    EXPECT_EQ(r.code, 6) << r.output;
    EXPECT_FALSE(fs::exists(fs::path(out) / "a.certify.csv"));
}
