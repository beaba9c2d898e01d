// SPDX-License-Identifier: GPL-3.0-or-later
#include "describe/describe.h"

namespace wp::describe {
using namespace model;

namespace {

using Of = ReportSection::Of;
constexpr Word kSections[] = {{"cover", Of::cover, "Cover"},
                              {"contents", Of::contents, "Contents"},
                              {"summary", Of::summary, "Summary"},
                              {"site", Of::site, "Site and weather"},
                              {"drawings", Of::drawings, "Plans and sections"},
                              {"rooms", Of::rooms, "Rooms"},
                              {"criteria", Of::criteria, "Criteria"},
                              {"glare", Of::glare, "Pictures and glare"},
                              {"windows", Of::windows, "Windows and glass"},
                              {"blinds", Of::blinds, "Blinds and groups"},
                              {"finishes", Of::finishes, "Finishes"},
                              {"use", Of::use, "Occupied hours"},
                              {"electric", Of::electric, "Electric light"},
                              {"options", Of::options, "Options compared"},
                              {"record", Of::record, "Record"}};
constexpr Word kPapers[] = {{"a4", Report::Paper::a4, "A4"}, {"letter", Report::Paper::letter, "Letter"}};

Field words(const char* key, const char* label, const char* meaning = "") {
    return {.key = key, .label = label, .meaning = meaning, .need = Need::optional};
}

}  // namespace

std::span<const Word> section_words() { return kSections; }

void describe(Describer& d, ReportSection& s) {
    d.choice({.key = "section", .need = Need::required}, s.of, kSections);
    d.flag({.key = "included"}, s.included);
}

void describe(Describer& d, Report& r) {
    d.text(words("title", "Title", "missing: the project's name"), r.title);
    d.text(words("client", "Client"), r.client);
    d.text(words("author", "Author"), r.author);
    d.text(words("day", "Date", "as it is to be read; missing: the day on which the report is made"), r.day);
    d.text(words("logo", "Logo", "picture file, relative to the project file"), r.logo);
    d.text(words("picture", "Picture", "of the cover: picture file, relative to the project file"), r.picture);
    d.choice({.key = "paper", .label = "Paper"}, r.paper, kPapers);
    d.list({.key = "sections", .meaning = "in their order; those that are missing follow in the usual one", .most = 50},
           "report_section", r.sections);
    d.rest(r.extra);
}

}  // namespace wp::describe
