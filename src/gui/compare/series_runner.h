// SPDX-License-Identifier: GPL-3.0-or-later
// Asks series in the background, step by step, and keeps what they gave: beside the project, once it has a file.
#pragma once
#include <QObject>
#include <map>
#include <memory>

#include "gui/answers/asker.h"
#include "gui/work/behind.h"
#include "series/series.h"

namespace wp::gui {

class SeriesRunner : public QObject {
    Q_OBJECT
 public:
    SeriesRunner(Document& document, Asker& asker, QObject* parent = nullptr);

    /// As the project has it now. Says why where it cannot be asked.
    Outcome run(const model::Series& series);
    /// Looks beside the project for what was kept of its series.
    void look_for_kept();
    struct Given {
        std::shared_ptr<const model::Project> project;  ///< as it was asked
        std::shared_ptr<const series::SeriesAnswer> answer;
        bool working = false;
    };
    /// Of a series; without an answer where it was not asked yet.
    const Given& given(const model::Id& series) const;
    /// All that were asked.
    const std::map<model::Id, Given>& all() const { return given_; }
    /// Whether its answer is of the building, and of the series, as they are now.
    bool is_current(const model::Series& series) const;

 signals:
    void changed();
    void said(const QString& text);

 private:
    struct Run;
    JobQueue::Finish work(const std::shared_ptr<Run>& run, const Cancel& cancel, const Progress& progress);
    static void note_kept(const Run& run);
    void keep(const std::shared_ptr<Run>& run, std::shared_ptr<const series::SeriesAnswer> answer, bool working);
    struct Kept {
        std::shared_ptr<const model::Project> project;
        std::shared_ptr<const climate::WeatherYear> weather;
        std::shared_ptr<store::Answers> answers;
        std::vector<std::shared_ptr<const series::SeriesAnswer>> found;
    };
    static Kept find_kept(Kept of);
    void take_kept(const Kept& kept);

    Document& document_;
    Asker& asker_;
    JobQueue& jobs_;
    std::map<model::Id, Given> given_;
    std::map<model::Id, std::shared_ptr<Run>> runs_;
    Behind<Kept, Kept> worker_;  // last: it ends before what it works with
};

}  // namespace wp::gui
