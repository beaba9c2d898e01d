// SPDX-License-Identifier: GPL-3.0-or-later
// Pages as PDF: drawn by Qt as vectors with embedded fonts, then given bookmarks, links, language and metadata.
#pragma once
#include <filesystem>

#include "base/result.h"
#include "report/book/book.h"

namespace wp::report {

/// The same book makes the same bytes: nothing of them depends on the moment. Faults: none that a book can cause.
Result<QByteArray> pdf_of(const Book& book);
/// Written whole or not at all.
Outcome write_pdf(const Book& book, const std::filesystem::path& path);

}  // namespace wp::report
