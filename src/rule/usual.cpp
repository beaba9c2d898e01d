// SPDX-License-Identifier: GPL-3.0-or-later
#include "rule/usual.h"

#include <algorithm>

#include "store/document.h"
#include "store/fields.h"

namespace wp::rule {

const UsualValues::Of* UsualValues::find(const std::string& figure) const {
    const auto it = std::find_if(figures.begin(), figures.end(), [&](const Of& of) { return of.figure == figure; });
    return it == figures.end() ? nullptr : &*it;
}

Result<UsualValues> parse_usual_values(std::string_view text, const std::string& name) {
    using store::Fields;
    auto parsed = parse_json(text, name);
    if (!parsed) return parsed.fault();
    Json& document = *parsed;
    UsualValues out;
    int format = 0;
    Fields f = Fields::reader(document);
    f.whole("format", format, 1, 1);
    f.list("figures", out.figures, [](Fields& g, UsualValues::Of& of) {
        g.text("figure", of.figure);
        g.text("unit", of.unit);
        g.text("definition", of.definition);
        g.list("values", of.values, [](Fields& h, UsualValue& v) {
            h.number("value", v.value, 0, 1e6);
            h.text("meaning", v.meaning);
            h.text("source", v.source);
            h.flag("key", v.key, Fields::optional);
            h.no_more();
        });
        if (g.reading() && !std::is_sorted(of.values.begin(), of.values.end(),
                                           [](const auto& a, const auto& b) { return a.value < b.value; }))
            g.fail("/values", "the values do not rise", "Sort them from the least to the greatest");
    });
    if (f.fault()) return store::in_file(name, *f.fault());
    return out;
}

Result<UsualValues> read_usual_values(const std::filesystem::path& path) {
    return store::parse_file(path, size_t{1} << 20, parse_usual_values);
}

}  // namespace wp::rule
