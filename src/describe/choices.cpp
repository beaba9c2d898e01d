// SPDX-License-Identifier: GPL-3.0-or-later
#include "describe/describe.h"

namespace wp::describe {
using namespace model;

namespace {

Field count(const char* key, const char* label, double low, double high, const char* meaning) {
    return {.key = key, .label = label, .meaning = meaning, .low = low, .high = high, .need = Need::required};
}
Field words(const char* key, const char* label, const char* meaning = "", Need need = Need::optional) {
    return {.key = key, .label = label, .meaning = meaning, .need = need};
}
Field bound(const char* key, const char* label) {
    return {.key = key,
            .label = label,
            .meaning = "as the number itself is written",
            .low = -1e6,
            .high = 1e6,
            .need = Need::required};
}

}  // namespace

void describe(Describer& d, VariedNumber& v) {
    d.text(words("type", "", "of the elements: \"opening\", \"material\", \"block\"; \"site\", \"option\"",
                 Need::required),
           v.type);
    d.texts(words("elements", "", "their ids; missing: of site and option"), v.elements);
    d.text(words("number", "Number", "its key within them: \"width\", \"shading/0/depth\"", Need::required), v.number);
    d.number(bound("from", "From"), v.from);
    d.number(bound("to", "To"), v.to);
    d.whole(count("steps", "Steps", 2, 200, "both ends among them"), v.steps);
}

void describe(Describer& d, Series& s) {
    describe_id(d, s.id);
    describe_name(d, s.name);
    d.text(words("option", "Option", "that is varied", Need::required), s.option);
    d.list({.key = "varied",
            .meaning = "two: every step of one meets every step of the other",
            .need = Need::required,
            .least = 1,
            .most = 2},
           "varied_number", s.varied);
    d.texts(words("questions", "Questions", "their ids; missing: the daylight factor as usual"), s.questions);
    d.rest(s.extra);
}

void describe(Describer& d, Decision& c) {
    d.text(words("option", "Chosen", "id of the option", Need::required), c.option);
    d.text(words("reasons", "Reasons"), c.reasons);
    d.text(words("by", "By", "who decided"), c.by);
    d.text(words("day", "Date", "as ISO 8601"), c.day);
}

void describe(Describer& d, EyeCurve& c) {
    d.text({.key = "id", .need = Need::required}, c.id);
    describe_name(d, c.name);
    Field values{.key = "values",
                 .meaning = "at 380 nm and every 5 nm to 780, 1 at most",
                 .unit = unit::share,
                 .low = 0,
                 .high = 1,
                 .need = Need::required};
    values.least = values.most = 81;
    d.numbers(values, c.values);
    d.text({.key = "source", .meaning = "where it is from"}, c.source);
    d.rest(c.extra);
}

void describe(Describer& d, HandFigure& f) {
    static constexpr Word better[] = {{"lower", HandFigure::Better::lower, "less"},
                                      {"higher", HandFigure::Better::higher, "more"},
                                      {"unsaid", HandFigure::Better::unsaid, "neither"}};
    describe_id(d, f.id);
    describe_name(d, f.name);
    d.text(words("unit", "Unit"), f.unit);
    d.choice({.key = "better", .label = "Better is"}, f.better, better);
    d.list<HandValue>({.key = "values", .meaning = "by option", .most = 1000}, "hand_value", f.values,
                      [](Describer& in, HandValue& v) {
                          in.text(words("option", "Option", "its id", Need::required), v.option);
                          in.number({.key = "value", .label = "Value", .need = Need::required}, v.value);
                      });
}

}  // namespace wp::describe
