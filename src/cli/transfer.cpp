// SPDX-License-Identifier: GPL-3.0-or-later
// Buildings in from other programs' files, and out to them.
#include <fmt/core.h>

#include <algorithm>
#include <cstdlib>

#include "analysis/analysis.h"
#include "base/file.h"
#include "base/json_text.h"
#include "base/text.h"
#include "cli/arguments.h"
#include "cli/terminal.h"
#include "describe/describe.h"
#include "incoming/put.h"
#include "incoming/reader.h"
#include "outgoing/writer.h"
#include "question/ask.h"
#include "store/project_file.h"
#ifdef WARMPANE_PICTURES
#include "report/palette.h"
#endif

namespace wp::cli {

namespace {

using model::LayerChoice;

// "glass=window", "brick=surroundings:brick".
Result<LayerChoice> layer_of(const std::string& text) {
    const size_t at = text.rfind('=');
    LayerChoice out;
    if (at == std::string::npos || at == 0)
        return Fault{"--layer", "\"" + plain_text(text, 60) + "\" is no layer and role",
                     "For example --layer glass=window"};
    out.layer = text.substr(0, at);
    std::string role = text.substr(at + 1);
    if (const size_t colon = role.find(':'); colon != std::string::npos) {
        out.material = role.substr(colon + 1);
        role.resize(colon);
    }
    std::string known;
    for (const auto& one : describe::layer_role_words()) {
        // As options are written.
        std::string word = one.word;
        std::ranges::replace(word, '_', '-');
        if (role == word) {
            out.role = static_cast<LayerChoice::Role>(one.value);
            return out;
        }
        known += (known.empty() ? "" : ", ") + word;
    }
    return Fault{"--layer", "there is no role \"" + plain_text(role, 60) + "\"", "Roles: " + known};
}

struct Taken {
    incoming::Building building;
    incoming::Arranged arranged;
    model::Arrival arrival;
};

Result<Taken> take(const TransferArguments& a, const std::string& file, double ground_level) {
    incoming::ReadWishes reading;
    reading.metres_per_unit = a.unit;
    if (!a.up.empty()) reading.y_up = a.up == "y";
    for (const auto& text : a.layers) {
        auto layer = layer_of(text);
        if (!layer) return layer.fault();
        reading.layers.push_back(std::move(*layer));
    }
    ProgressLine progress("reading " + std::filesystem::path(file).filename().string());
    auto building = incoming::read_building(file, reading, interrupted(), [&](double share) { progress.show(share); });
    if (!building) return building.fault();
    incoming::Wishes wishes;
    wishes.layers = reading.layers;
    wishes.turn = a.turn;
    wishes.offset = {a.move[0], a.move[1], a.move[2]};
    wishes.ground_level = ground_level;
    Taken out{std::move(*building), {}, {}};
    out.arranged = incoming::arrange(out.building, wishes);
    out.arrival.file = std::filesystem::path(file).filename().string();
    out.arrival.format = out.building.format;
    out.arrival.metres_per_unit = out.building.metres_per_unit;
    out.arrival.y_up = reading.y_up.value_or(false);
    out.arrival.turn = wishes.turn;
    out.arrival.offset = wishes.offset;
    out.arrival.layers = reading.layers;
    return out;
}

const char* word_of(incoming::Said::What what) {
    return what == incoming::Said::What::made ? "made" : what == incoming::Said::What::changed ? "changed" : "left out";
}

void tell(const incoming::Account& account, Json& list) {
    for (const auto& line : account.lines()) {
        if (line.what != incoming::Said::What::made)
            say("  {:9} {}: {}\n", word_of(line.what), plain_text(line.element), plain_text(line.words));
        Json entry = {{"what", word_of(line.what)}, {"element", line.element}, {"words", line.words}};
        if (line.at) entry["at"] = {line.at->x, line.at->y, line.at->z};
        list.push_back(std::move(entry));
    }
}

int write_account(const TransferArguments& a, const Json& account) {
    if (a.account.empty()) return kDone;
    const auto fault = write_file(a.account, json_file(account));
    if (fault) complain(*fault);
    return fault ? kCannotWrite : kDone;
}

void tell_areas(const incoming::Arranged& arranged) {
    for (const auto& area : arranged.areas)
        say("  {}: {:.2f} m\u00b2, the file says {:.2f}\n", plain_text(area.element), area.ours, area.theirs);
}

const model::Option* option_of(const model::Project& project, const std::string& id) {
    if (id.empty()) return &project.options.front();
    const auto* option = model::find(project.options, id);
    if (option == nullptr) {
        std::vector<std::string> ids;
        for (const auto& one : project.options) ids.push_back(one.id);
        complain({"--option", "there is no option \"" + plain_text(id, 60) + "\"", "Options: " + joined(ids)});
    }
    return option;
}

// The first column of a question's answer, from nought to its greatest.
int add_map(const TransferArguments& a, const std::string& project_file, outgoing::Writing& writing) {
#ifdef WARMPANE_PICTURES
    const auto* question = model::find(writing.project.questions, a.map);
    if (question == nullptr) {
        complain({"--map", "the project has no question \"" + plain_text(a.map, 60) + "\"", ""});
        return kBadArguments;
    }
    const auto weather = question::weather_of(writing.project, project_file);
    ProgressLine progress(question->name);
    const auto answer =
        analysis::ask(writing.project, writing.option, *question, weather ? &*weather : nullptr,
                      question::effort_of(*question), interrupted(), [&](double share) { progress.show(share); });
    if (!answer) {
        complain(answer.fault());
        return kBadInput;
    }
    if (interrupted().requested()) return kCancelled;
    const auto& table = answer->table;
    double top = 0;
    for (const auto& plane : table.columns.front().value)
        for (const double v : plane)
            if (!std::isnan(v)) top = std::max(top, v);
    const report::Scale scale{0, report::nice_top(std::max(top, 1e-9))};
    for (size_t p = 0; p < table.planes.size(); ++p)
        for (size_t i = 0; i < table.planes[p].points.size(); ++i) {
            const auto& plane = table.planes[p];
            const QColor c = scale.colour(table.columns.front().value[p][i]);
            writing.map.push_back({plane.points[i], plane.across * (plane.dx / 2), plane.up * (plane.dy / 2),
                                   static_cast<float>(c.redF()), static_cast<float>(c.greenF()),
                                   static_cast<float>(c.blueF())});
        }
    return kDone;
#else
    (void)a, (void)project_file, (void)writing;
    complain({"--map", "this program was built without pictures", ""});
    return kBadArguments;
#endif
}

bool is_project(const std::string& file) { return std::filesystem::path(file).extension() == ".warmpane"; }

int write_out(const TransferArguments& a, const std::string& from, const model::Project& project,
              const model::Option& option) {
    outgoing::Writing writing{project, option, {}};
    for (const auto& s : a.sections) writing.sections.push_back({{s[0], s[1]}, {s[2], s[3]}});
    if (!a.map.empty())
        if (const int code = add_map(a, from, writing); code != kDone) return code;
    if (const auto fault = outgoing::write_building(writing, a.out)) {
        complain(*fault);
        return outgoing::writer_for(a.out) == nullptr ? kBadArguments : kCannotWrite;
    }
    say("{} written\n", a.out);
    return kDone;
}

}  // namespace

int import_building(const TransferArguments& a) {
    auto project = store::read_project(a.project);
    if (!project) {
        complain(project.fault());
        return kBadInput;
    }
    const auto* option = option_of(*project, a.option);
    if (option == nullptr) return kBadArguments;
    auto taken = take(a, a.file, project->site.ground_level);
    if (!taken) {
        complain(taken.fault());
        return kBadInput;
    }
    taken->arrival.option = option->id;
    Json account = Json::array();
    say("{}:\n", plain_text(taken->arrival.file));
    tell(taken->arranged.account, account);
    tell_areas(taken->arranged);
    const auto put = incoming::put_into(*project, taken->arranged, taken->arrival);
    tell(put.account, account);
    say("{} added, {} updated, {} taken away\n", put.added, put.updated, put.removed);
    if (const int code = write_account(a, account); code != kDone) return code;
    if (a.dry) return kDone;
    if (const auto fault = store::save_project(*project, a.project)) {
        complain(*fault);
        return kCannotWrite;
    }
    return kDone;
}

int export_building(const TransferArguments& a) {
    const auto project = store::read_project(a.project);
    if (!project) {
        complain(project.fault());
        return kBadInput;
    }
    const auto* option = option_of(*project, a.option);
    return option != nullptr ? write_out(a, a.project, *project, *option) : kBadArguments;
}

int convert_building(const TransferArguments& a) {
    if (std::filesystem::exists(a.out) && !a.force) {
        complain({a.out, "it is there already", "Choose another name, or --force"});
        return kCannotWrite;
    }
    auto taken = take(a, a.file, 0);
    if (!taken) {
        complain(taken.fault());
        return kBadInput;
    }
    const auto project = incoming::project_of(taken->building, taken->arranged, taken->arrival);
    Json account = Json::array();
    say("{}:\n", plain_text(taken->arrival.file));
    tell(taken->arranged.account, account);
    tell_areas(taken->arranged);
    if (const int code = write_account(a, account); code != kDone) return code;
    if (!is_project(a.out)) return write_out(a, a.file, project, project.options.front());
    if (const auto fault = store::save_project(project, a.out)) {
        complain(*fault);
        return kCannotWrite;
    }
    size_t rooms = 0;
    for (const auto& storey : taken->arranged.storeys) rooms += storey.rooms.size();
    say("{} written: {} rooms\n", a.out, rooms);
    return kDone;
}

}  // namespace wp::cli
