// SPDX-License-Identifier: GPL-3.0-or-later
// Lines across the plan that make walls: partitions, and the new wall that splits a room.
#include "gui/tool/point_tool.h"
#include "gui/tool/tools.h"

namespace wp::gui {
using namespace model;

namespace {

// No partition is shorter, in metres.
constexpr double kLeastPartition = 0.05;

constexpr ToolTraits kPartition{QT_TRANSLATE_NOOP("QObject", "Partition"),
                                ToolGroup::rooms,
                                QT_TRANSLATE_NOOP("QObject", "Draw partition"),
                                "fence",
                                "P",
                                QT_TRANSLATE_NOOP("QObject", "Draw a free-standing or partial-height wall"),
                                QT_TRANSLATE_NOOP("QObject", "screen wall")};
constexpr ToolTraits kSplit{QT_TRANSLATE_NOOP("QObject", "Split"),
                            ToolGroup::rooms,
                            QT_TRANSLATE_NOOP("QObject", "Split room"),
                            "split-square-horizontal",
                            "X",
                            QT_TRANSLATE_NOOP("QObject", "Split a room by a new wall"),
                            QT_TRANSLATE_NOOP("QObject", "divide cut")};

class PartitionTool : public PointTool {
 public:
    explicit PartitionTool(Sheet& sheet) : PointTool(sheet, kPartition) {}
    QString hint() const override {
        return begun() ? QObject::tr("Click its other end, or type length and angle")
                       : QObject::tr("Click one end of the partition");
    }

 protected:
    void finish(const std::vector<Vec2>& points) override {
        if (length(points[1] - points[0]) < kLeastPartition || sheet().storey() == nullptr) return;
        Document& document = sheet().document();
        Id made;
        document.edit_storey(QObject::tr("Draw partition"), [&](Option& option, Storey& on) {
            Partition wall;
            // Like the last one.
            if (!on.partitions.empty()) wall = on.partitions.back();
            wall.extra.clear();
            wall.id = made = fresh_id(option, "screen");
            wall.name = QObject::tr("Partition ").toStdString() + wall.id.substr(7);
            wall.from = points[0];
            wall.to = points[1];
            on.partitions.push_back(std::move(wall));
        });
        document.select({Selection::Kind::partition, made, -1});
    }
};

class SplitTool : public PointTool {
 public:
    explicit SplitTool(Sheet& sheet) : PointTool(sheet, kSplit) {}
    QString hint() const override {
        return begun() ? QObject::tr("Click where the new wall ends") : QObject::tr("Click where the new wall begins");
    }

 protected:
    void finish(const std::vector<Vec2>& points) override {
        const Room* across = nullptr;
        if (sheet().storey() != nullptr)
            for (const Room& room : sheet().storey()->rooms)
                if (geometry::contains(room.footprint, (points[0] + points[1]) * 0.5)) across = &room;
        if (across == nullptr) return emit sheet().hint(QObject::tr("Draw the line across a room"));
        Document& document = sheet().document();
        Id made;
        document.edit_option(QObject::tr("Split %1").arg(QString::fromStdString(across->name)),
                             [&, id = across->id](Option& option) {
                                 made = edit::split_room(option, document.storey_index(), id, points[0], points[1]);
                             });
        if (made.empty()) return emit sheet().hint(QObject::tr("The line must cut the room into two parts"));
        sheet().rest();
        document.select({Selection::Kind::room, made, -1});
    }
};

}  // namespace

SheetTool* make_partition_tool(Sheet& sheet) { return new PartitionTool(sheet); }
SheetTool* make_split_tool(Sheet& sheet) { return new SplitTool(sheet); }

}  // namespace wp::gui
