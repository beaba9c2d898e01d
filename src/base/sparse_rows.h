// SPDX-License-Identifier: GPL-3.0-or-later
// Rows of numbers of which most are nothing: what each of many windows gives to each of many points. Memory grows by
// what is not nothing, not by rows times columns.
#pragma once
#include <cstdint>
#include <span>
#include <utility>
#include <vector>

namespace wp {

/// Columns ascending, each with its number.
using SparseRow = std::vector<std::pair<uint32_t, double>>;

/// Adds numbers laid out by column; those that are 0 take no place.
void add_dense(SparseRow& to, std::span<const double> more);
/// Adds one number.
void add_one(SparseRow& to, uint32_t column, double more);

class SparseRows {
 public:
    void add_row(const SparseRow& row);
    size_t rows() const { return first_.size() - 1; }
    double at(size_t row, size_t column) const;
    /// Calls see(column, number), columns ascending.
    template <class See>
    void each(size_t row, See&& see) const {
        for (uint64_t i = first_[row]; i < first_[row + 1]; ++i) see(size_t{column_[i]}, number_[i]);
    }
    bool operator==(const SparseRows&) const = default;

 private:
    std::vector<uint64_t> first_{0};
    std::vector<uint32_t> column_;
    std::vector<double> number_;
};

}  // namespace wp
