// SPDX-License-Identifier: GPL-3.0-or-later
// Writes docs/validation.md: warmpane-validate [FILE] [SAMPLES] [FAMILY]; of one family alone into another file, say
// "year" after the engine of the year was changed.
#include <fmt/core.h>

#include <cstdlib>
#include <string>

#include <functional>
#include <utility>
#include <vector>

#include "base/file.h"
#include "validation/cases.h"

int main(int argc, char** argv) {
    using namespace wp;
    const std::string file = argc > 1 ? argv[1] : "docs/validation.md";
    const unsigned samples = argc > 2 ? static_cast<unsigned>(std::strtoul(argv[2], nullptr, 10)) : 16384;
    std::string text =
        "# Validation\n\nWritten by `build/tests/warmpane-validate`; every row is computed by the shipped engine. A "
        "row holds when "
        "its deviation is\nwithin three standard errors and within 1 % (of an hour of the year and beside edges 2 %, "
        "or three standard errors where those say more) of the reference. References come from closed forms, from "
        "quadrature written\nwithout the engine (tests/validation/quadrature.cpp), or from a tracer of boxes that "
        "shares nothing with it (tests/validation/box_tracer.cpp).\n";
    text += fmt::format("\n{} samples for each of 16 replicates at every point; seed 1.\n", samples);
    std::string group;
    int failed = 0, count = 0;
    const std::string only = argc > 3 ? argv[3] : "";
    using Rows = std::vector<validation::Row>;
    const std::pair<const char*, std::function<Rows()>> families[] = {
        {"closed", [&] { return validation::closed_forms(samples); }},
        {"openings", [&] { return validation::sky_through_openings(samples); }},
        {"skies", [&] { return validation::skies_and_reflections(samples / 4); }},
        {"glass", [&] { return validation::sun_and_glass(); }},
        {"matter", [&] { return validation::matter(samples); }},
        {"year", [&] { return validation::year_hours(samples / 16, 0.008, 50); }},
        {"blinds", [&] { return validation::closed_blinds(samples, samples * 100); }},
        {"moments", [&] { return validation::moments_beside_edges(0.008, samples * 6); }},
        {"hours", [&] { return validation::hours_beside_edges(0.015, samples * 2, 60); }}};
    for (const auto& [family, rows_of] : families)
        for (const Rows rows = only.empty() || only == family ? rows_of() : Rows(); const auto& row : rows) {
            if (row.group != group) {
                group = row.group;
                text += fmt::format(
                    "\n## {}\n\n| case | unit | value | reference | deviation | standard error | reference from | |\n"
                    "|---|---|--:|--:|--:|--:|---|---|\n",
                    group);
            }
            text += fmt::format("| {} | {} | {:.6f} | {:.6f} | {:+.3f} % | {} | {} | {} |\n", row.name, row.unit,
                                row.value, row.reference, 100 * row.relative(),
                                row.standard_error > 0 && row.reference != 0
                                    ? fmt::format("{:.3f} %", 100 * row.standard_error / row.reference)
                                    : "exact",
                                row.source, row.holds() ? "holds" : "**fails**");
            ++count;
            if (!row.holds()) ++failed;
        }
    text += fmt::format("\n{} rows, {} fail.\n", count, failed);
    if (const auto fault = write_file(file, text)) {
        fmt::print(stderr, "{}\n", fault->line());
        return 1;
    }
    fmt::print("{} rows, {} fail: {}\n", count, failed, file);
    return failed == 0 ? 0 : 1;
}
