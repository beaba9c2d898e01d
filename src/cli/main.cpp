// SPDX-License-Identifier: GPL-3.0-or-later
#include <exception>
#include <new>

#include "cli/arguments.h"
#include "cli/many.h"
#ifdef WARMPANE_PICTURES
#include "cli/pictures.h"
#endif
#include "cli/terminal.h"

namespace {

int answer(const wp::cli::Arguments& arguments) {
    using namespace wp::cli;
    if (arguments.solve) return solve(*arguments.solve);
    if (arguments.show) return show(*arguments.show);
    if (arguments.answers) return answers(*arguments.answers);
    if (arguments.check) return check(*arguments.check);
    if (arguments.compare) return compare(*arguments.compare);
    if (arguments.series) return vary_in_series(*arguments.series);
    if (arguments.certify) return certify(*arguments.certify);
#ifdef WARMPANE_PICTURES
    if (arguments.report) return report_on(*arguments.report);
#endif
    if (arguments.luminaires) return luminaires(*arguments.luminaires);
    if (arguments.spectrum) return spectrum(*arguments.spectrum);
    if (arguments.weather_from) return weather_from(*arguments.weather_from);
    if (arguments.weather_near) return weather_near(*arguments.weather_near);
    if (arguments.import_) return import_building(*arguments.import_);
    if (arguments.export_) return export_building(*arguments.export_);
    if (arguments.convert) return convert_building(*arguments.convert);
    if (arguments.formats) return formats(*arguments.formats);
    if (arguments.weather) return weather(*arguments.weather);
    if (arguments.climate) return climate(*arguments.climate);
    if (arguments.sky) return sky(*arguments.sky);
    return make_weather(*arguments.make_weather);
}

}  // namespace

int main(int argc, char** argv) {
    using namespace wp::cli;
    begin_output();
    try {
        Arguments arguments;
        if (const auto leave = parse_arguments(argc, argv, arguments)) return end_output(*leave);
#ifdef WARMPANE_PICTURES
        if (arguments.solve && (arguments.solve->pictures || arguments.solve->drawings)) start_drawing(argc, argv);
        if (arguments.climate && (arguments.climate->pictures || arguments.climate->drawings))
            start_drawing(argc, argv);
        if (arguments.report) start_drawing(argc, argv);
        if (arguments.series && (arguments.series->pictures || arguments.series->drawings)) start_drawing(argc, argv);
        if (arguments.compare && !arguments.compare->chart.empty()) start_drawing(argc, argv);
        if (arguments.sky && (arguments.sky->pictures || arguments.sky->drawings)) start_drawing(argc, argv);
#endif
        const auto many = Many::of_this_process();
        if (!many) {
            complain(many.fault());
            return kBadArguments;
        }
        const int code = *many == nullptr || (*many)->is_first() ? answer(arguments) : help(arguments, **many);
        Many::end();
        return end_output(code);
    } catch (const std::bad_alloc&) {
        complain({"memory", "there is not enough for this", "Ask on fewer points, or for fewer windows at once"});
        return kNoMemory;
    } catch (const std::exception& error) {
        complain({"", std::string("something went wrong that should not: ") + error.what(),
                  "Tell us, with the project if you may"});
        return 1;
    }
}
