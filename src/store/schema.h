// SPDX-License-Identifier: GPL-3.0-or-later
// The documents of our file formats, written from the descriptions: docs/formats holds what these give.
#pragma once
#include <filesystem>
#include <string>
#include <vector>

#include "base/file.h"

namespace wp::store {

/// JSON Schema (draft 7) of project files, and of libraries of materials.
std::string project_schema();
std::string materials_schema();
std::string criteria_schema();
/// Every type of a project as a table of its fields, in Markdown.
std::string field_tables();

struct FormatDocument {
    const char* file;
    std::string text;
};
std::vector<FormatDocument> format_documents();
/// Writes all of them into a folder that is there.
Outcome write_format_documents(const std::filesystem::path& folder);

}  // namespace wp::store
