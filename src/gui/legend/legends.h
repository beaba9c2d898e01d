// SPDX-License-Identifier: GPL-3.0-or-later
// How maps are read: the ends and steps of their legend, lines, values, the band that matters. Kept by figure, so that
// one choice holds for daylight factors and another for lux, whatever question or option is looked at.
#pragma once
#include <QObject>
#include <QString>
#include <functional>
#include <map>
#include <optional>

#include "gui/answers/sheet_map.h"

namespace wp::gui {

inline constexpr double kLuxOfFootcandle = 10.763910416709722;  ///< lm/ft^2 in lm/m^2

struct Legend {
    /// steady: they stay while one edits, so that darker looks darker; values that leave them widen them in round
    /// steps. automatic: by each map itself. linked: by the maps of all options together. free: as set by hand.
    enum class Ends { steady, automatic, linked, free } ends = Ends::steady;
    double bottom = 0, top = 1;       ///< free ends; in SI
    std::optional<bool> logarithmic;  ///< none: as suits the map
    int steps = 0;
    bool contours = false, values = true, figures = true;
    std::optional<double> low, high;  ///< what is beyond is hatched; in SI
    bool operator==(const Legend&) const = default;
};

class Legends : public QObject {
    Q_OBJECT
 public:
    explicit Legends(QObject* parent = nullptr);

    const Legend& of(const QString& figure) const;
    void set(const QString& figure, const Legend& legend);
    bool footcandles() const { return footcandles_; }
    void set_footcandles(bool on);
    /// Puts a map into the units and on the legend of its figure. linked: the maps that it shares its ends with.
    void dress(SheetMap& map, const std::function<std::vector<report::Scale>()>& linked) const;
    /// Steady ends follow the next map once.
    void refit();
    /// Whether steady ends are far wider than a map needs: its own are what it came with.
    bool is_wide_for(const SheetMap& dressed) const;
    /// Forgets steady ends: another project.
    void forget() { held_.clear(); }
    /// SI to what the legend shows.
    double shown(const QString& figure, double value) const;
    double from_shown(const QString& figure, double value) const;

 signals:
    void changed();

 private:
    // Ends that stay, of a figure as it is asked for.
    struct Held {
        report::Scale scale;
        bool settled = false;  // until then they follow: the first maps are coarse
    };
    report::Scale held(const SheetMap& map) const;
    bool in_footcandles(const QString& figure) const { return footcandles_ && figure == QStringLiteral("illuminance"); }
    std::map<QString, Legend> legends_;
    mutable std::map<QString, Held> held_;  // dressing a map may widen its ends
    bool footcandles_ = false;
};

/// Smallest scale that holds them all.
report::Scale common_scale(const std::vector<report::Scale>& scales);

/// What became more and what less: b minus a where both have points in the same place, on a diverging scale as wide one
/// way as the other. Empty where none meet.
SheetMap difference_of(const SheetMap& a, const SheetMap& b);

}  // namespace wp::gui
