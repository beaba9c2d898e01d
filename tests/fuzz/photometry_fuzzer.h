// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
#include <string_view>

#include "base/text.h"
#include "fuzz/must.h"
#include "photometry/distribution.h"
#include "photometry/photometry_file.h"

namespace wp::fuzz {

/// What must hold of every text given as a photometric file.
inline void one_photometry(std::string_view text) {
    const auto file = photometry::parse_photometry(as_utf8(text), "fuzz");
    if (!file) {
        must(!file.fault().place.empty() && !file.fault().what.empty() && !file.fault().remedy.empty());
        return;
    }
    const auto& t = file->type;
    must(!t.horizontals.empty() && t.verticals.size() > 1);
    must(t.candela.size() == t.horizontals.size() * t.verticals.size());
    const photometry::Distribution light(t);
    must(light.flux() >= 0 && light.flux() < 1e12);
    for (int i = 0; i < 60; ++i) {
        const double candela = light.candela_at(0.37 * i, kPi * i / 59);
        must(candela >= 0 && candela <= light.most() * (1 + 1e-6));
        must(photometry::luminous_area(t, {0, 0, -1}) >= 0);
    }
}

}  // namespace wp::fuzz
