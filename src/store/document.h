// SPDX-License-Identifier: GPL-3.0-or-later
// What all our JSON files have in common: one object, whose version stands under a key of its own.
#pragma once
#include <filesystem>
#include <string>
#include <string_view>

#include "base/file.h"
#include "base/json_text.h"

namespace wp::store {

struct DocumentKind {
    const char* key;     ///< under which the version stands
    int newest;          ///< version that this program reads
    const char* what;    ///< "Warm Pane project"
    const char* remedy;  ///< for what is none
};

/// The document without its version. name: of the file, in messages.
Result<Json> parse_document(std::string_view text, const std::string& name, const DocumentKind& kind);

/// A fault within a document, told of its file.
Fault in_file(const std::string& name, const Fault& fault);

/// A file of at most so many bytes, given to what parses it: parse(text, name of the file).
template <class Parse>
auto parse_file(const std::filesystem::path& path, size_t most, Parse&& parse)
    -> decltype(parse(std::string_view(), std::string())) {
    const auto bytes = read_file(path, most);
    if (!bytes) return bytes.fault();
    return parse(*bytes, path.filename().string());
}

}  // namespace wp::store
