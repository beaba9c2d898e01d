// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/sparse_rows.h"

#include <algorithm>

namespace wp {

void add_dense(SparseRow& to, std::span<const double> more) {
    SparseRow all;
    size_t at = 0;
    for (uint32_t k = 0; k < more.size(); ++k) {
        const bool known = at < to.size() && to[at].first == k;
        if (!known && more[k] == 0) continue;
        all.emplace_back(k, more[k] + (known ? to[at].second : 0.0));
        at += known ? 1 : 0;
    }
    to.swap(all);
}

void add_one(SparseRow& to, uint32_t column, double more) {
    if (more == 0) return;
    const auto at =
        std::lower_bound(to.begin(), to.end(), column, [](const auto& e, uint32_t c) { return e.first < c; });
    if (at != to.end() && at->first == column)
        at->second += more;
    else
        to.emplace(at, column, more);
}

void SparseRows::add_row(const SparseRow& row) {
    for (const auto& [column, number] : row) {
        column_.push_back(column);
        number_.push_back(number);
    }
    first_.push_back(column_.size());
}

double SparseRows::at(size_t row, size_t column) const {
    const auto begin = column_.begin() + static_cast<std::ptrdiff_t>(first_[row]),
               end = column_.begin() + static_cast<std::ptrdiff_t>(first_[row + 1]);
    const auto found = std::lower_bound(begin, end, static_cast<uint32_t>(column));
    return found != end && *found == column ? number_[static_cast<size_t>(found - column_.begin())] : 0.0;
}

}  // namespace wp
