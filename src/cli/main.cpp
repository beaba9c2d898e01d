// SPDX-License-Identifier: GPL-3.0-or-later
#include <fmt/core.h>

#include <exception>

#include "cli/arguments.h"
#ifdef WARMPANE_PICTURES
#include "cli/pictures.h"
#endif

int main(int argc, char** argv) {
    using namespace wp::cli;
    Arguments arguments;
    if (const auto leave = parse_arguments(argc, argv, arguments)) return *leave;
    try {
#ifdef WARMPANE_PICTURES
        if (arguments.solve && (arguments.solve->pictures || arguments.solve->drawings)) start_drawing(argc, argv);
        if (arguments.climate && (arguments.climate->pictures || arguments.climate->drawings)) start_drawing(argc, argv);
        if (arguments.sky && (arguments.sky->pictures || arguments.sky->drawings)) start_drawing(argc, argv);
#endif
        if (arguments.solve) return solve(*arguments.solve);
        if (arguments.show) return show(*arguments.show);
        if (arguments.answers) return answers(*arguments.answers);
        if (arguments.check) return check(*arguments.check);
        if (arguments.weather) return weather(*arguments.weather);
        if (arguments.climate) return climate(*arguments.climate);
        if (arguments.sky) return sky(*arguments.sky);
        return make_weather(*arguments.make_weather);
    } catch (const std::exception& error) {
        fmt::print(stderr, "warmpane-cli: {}\n", error.what());
        return 1;
    }
}
