// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
#include <string_view>

#include "exchange/kept_table.h"
#include "fuzz/must.h"

namespace wp::fuzz {

/// What must hold of all bytes given as a kept answer.
inline void one_kept(std::string_view bytes) {
    const auto answer = exchange::read_kept(bytes);
    if (!answer) return must(!answer.fault().what.empty());
    for (const auto& column : answer->table.columns) must(column.value.size() == answer->table.planes.size());
}

}  // namespace wp::fuzz
