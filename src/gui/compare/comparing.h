// SPDX-License-Identifier: GPL-3.0-or-later
// Finds the figures of rooms in all options' answers, in any thread.
#pragma once
#include <QStringList>
#include <optional>

#include "figure/comparison.h"
#include "figure/lines.h"
#include "gui/answers/gathered.h"

namespace wp::gui {

/// "Daylight factor, mean", in the language of the interface.
QString name_of_line(const figure::Line& line);

/// A line of the table for each room.
struct ComparedLine {
    const figure::Measure* measure;
    figure::Wanted wanted;
    QString name;
    bool operator==(const ComparedLine& other) const { return name == other.name; }
};

struct Comparison {
    std::vector<Held> options;
    size_t shown = 0;  ///< whose rooms they are
    std::vector<ComparedLine> lines;
    std::vector<model::Id> rooms;  ///< of the option that is shown, that have a plane
    /// By room, line and option; none where it was not asked.
    std::vector<std::optional<figure::Band>> bands;
    std::optional<size_t> base;  ///< option that the others are held against
    const std::optional<figure::Band>& at(size_t room, size_t line, size_t option) const {
        return bands[(room * lines.size() + line) * options.size() + option];
    }
    /// Of a room, or of the whole building where none is named.
    std::optional<figure::Band> value(std::optional<size_t> room, size_t line, size_t option) const {
        return room ? at(*room, line, option) : whole(line, option);
    }
    /// Against the base; none where either was not asked.
    std::optional<figure::Change> change(std::optional<size_t> room, size_t line, size_t option) const;
    /// Whether it is better than every other, beyond their errors; all were asked.
    bool is_best(std::optional<size_t> room, size_t line, size_t option) const;
    /// Of all rooms, by their floor area, none where some were not asked; of glare the worst that is known.
    std::optional<figure::Band> whole(size_t line, size_t option) const;

 private:
    std::optional<figure::Band> worst(size_t line, size_t option) const;
};

/// "84 points of daylight autonomy" and the like of the option that is shown against the base: what it gains, and what
/// it loses, beyond the errors.
struct Pulls {
    QStringList gains, losses;
    bool nothing_known = true;
};
Pulls pulls_of(const Comparison& comparison);
/// In the line's unit, with its sign: "+12 %".
QString change_words(const ComparedLine& line, double by);

/// Of one thread at a time; figures of what was asked are not found anew while it stays.
class Comparer {
 public:
    /// bands: left empty by who asks.
    Comparison compare(Comparison asked);

 private:
    struct Key {
        QString line;
        model::Id option, plane;
        bool operator<(const Key& o) const {
            return std::tie(line, option, plane) < std::tie(o.line, o.option, o.plane);
        }
    };
    struct Known {
        const void* answer = nullptr;
        Fingerprint points;
        std::optional<figure::Band> band;
    };
    std::optional<figure::Band> find(const ComparedLine& line, const Gathered& in, const model::Id& room);
    std::map<Key, Known> known_;
    std::vector<std::shared_ptr<const void>> holds_;  // what known_ remembers the addresses of
};

}  // namespace wp::gui
