// SPDX-License-Identifier: GPL-3.0-or-later
#include "spectrum/panes.h"

namespace wp::spectrum {

Pane in_series(std::span<const Pane> panes) {
    Pane out{flat(1), flat(0), flat(0)};
    for (const Pane& next : panes)
        for (size_t i = 0; i < kWavelengths; ++i) {
            const double t = out.transmittance[i], back = out.reflectance_back[i];
            const double tn = next.transmittance[i], front = next.reflectance_front[i];
            // Nothing is lost between two perfect mirrors: nothing comes through them either.
            const double between = std::max(1e-12, 1 - back * front);
            out.reflectance_front[i] += t * t * front / between;
            out.reflectance_back[i] = next.reflectance_back[i] + tn * tn * back / between;
            out.transmittance[i] = t * tn / between;
        }
    return out;
}

}  // namespace wp::spectrum
