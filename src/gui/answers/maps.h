// SPDX-License-Identifier: GPL-3.0-or-later
// What the sheet shows of the answers: composes a map of any figure of any option, tells how settled it is, and what a
// figure is made of. Traces nothing.
#pragma once
#include <set>

#include "figure/figures.h"
#include "gui/answers/asker.h"
#include "gui/answers/sheet_map.h"
#include "gui/answers/shown.h"
#include "gui/look/lamp.h"
#include "question/why.h"

namespace wp::gui {

/// The figure of the catalogue that a live map shows.
const figure::PointFigure& live_figure(Shown::Kind kind);

class Maps {
 public:
    Maps(Document& document, KeptAnswers& kept, const Asker& asker) : document_(document), kept_(kept), asker_(asker) {}

    /// The map as things stand, empty where there is no answer.
    SheetMap map(Shown shown) const { return map(shown, document_.option().id); }
    /// The same of any option that has an answer.
    SheetMap map(Shown shown, const model::Id& option) const;
    struct LampReading {
        Lamp::State state;
        double reached, wanted;
    };
    LampReading lamp(Shown shown) const;
    /// What light at a point of a layer of the map is made of, in the map's own unit (lux, not footcandles); point -1:
    /// the mean of the layer. None where the answer cannot tell.
    std::optional<question::Shares> why(Shown shown, size_t layer, int point) const;

    /// Windows whose light is taken out of the live maps: what if they were gone.
    void set_gone(std::set<model::Id> windows);
    const std::set<model::Id>& gone() const { return gone_; }
    /// Levels of the circuits of the option that is shown, in their order, as electric light is looked at; of circuits
    /// beyond the list 1. beside_daylight: with the moment's light their control holds them back.
    void set_levels(std::vector<double> levels, bool beside_daylight);
    std::vector<double> levels(const model::Option& option) const;
    bool holds_back() const { return beside_daylight_; }
    /// Of the option that is shown: what circuits give with the levels as they are, and with the moment's light where
    /// that is shown with it.
    std::vector<double> given(Shown shown, const model::Option& option) const;
    /// Which question's answer, and which of its columns, Shown::table means.
    void choose_table(const model::Id& question, size_t column);
    const model::Id& table_question() const { return table_question_; }
    size_t table_column() const { return table_column_; }
    /// The answer that is chosen, on the option that is shown; null where there is none.
    const KeptTable* table() const { return table(document_.option().id); }
    const KeptTable* table(const model::Id& option) const { return kept_.table(option, table_question_); }

 private:
    SheetMap daylight_map(Shown shown, const model::Id& option) const;
    SheetMap moment_map(Shown shown, const model::Id& option) const;
    SheetMap year_map(Shown shown, const model::Id& option) const;
    SheetMap electric_map(Shown shown, const model::Id& option) const;
    SheetMap table_map(const model::Id& option) const;
    LampReading daylight_lamp() const;
    LampReading moment_lamp() const;
    LampReading table_lamp() const;
    LampReading year_lamp() const;
    LampReading electric_lamp(Shown shown) const;
    // Percent to what the map shows: lux under the sky that is chosen.
    double daylight_unit(Shown shown) const;
    // Says so where the figure goes by weather that is made up.
    void mark_weather(SheetMap& map, bool by_weather) const;
    QString words_of_gone() const;
    bool is_stale(const KeptTable& kept, const model::Id& option) const;

    Document& document_;
    KeptAnswers& kept_;
    const Asker& asker_;
    std::set<model::Id> gone_;
    std::vector<double> levels_;
    bool beside_daylight_ = true;
    model::Id table_question_;
    size_t table_column_ = 0;
};

}  // namespace wp::gui
