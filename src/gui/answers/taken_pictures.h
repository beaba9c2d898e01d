// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures of a question that asks for many: taken one after the other in one job, shown as they come.
#pragma once
#include <QObject>
#include <atomic>
#include <functional>
#include <memory>
#include <vector>

#include "gui/document/document.h"
#include "gui/work/job_queue.h"
#include "question/shots.h"
#include "store/answers.h"

namespace wp::gui {

class TakenPictures : public QObject {
    Q_OBJECT
 public:
    /// answers: those beside the project, or null.
    using OpenAnswers = std::function<std::shared_ptr<store::Answers>()>;
    TakenPictures(Document& document, JobQueue& jobs, OpenAnswers answers, QObject* parent = nullptr);

    /// Takes them of these options (indices) in place of what was taken before.
    void take(const model::Question& question, const std::vector<size_t>& options);

    const model::Question& question() const { return question_; }
    const std::vector<question::Taken>& pictures() const { return pictures_; }
    /// The whole picture; null where there were too many to keep them all.
    std::shared_ptr<const question::GlareAnswer> whole(size_t picture) const { return whole_[picture]; }
    /// How many there will be.
    size_t wanted() const { return wanted_; }
    size_t in_row() const { return in_row_; }
    bool of_several_options() const { return several_; }
    /// Counts what was taken: another number, other pictures.
    unsigned turn() const { return turn_; }
    /// Whether the building stands as it was when they were taken.
    bool are_current() const;
    /// Empties it, with another project.
    void clear();

 signals:
    void changed();
    void said(const QString& text);

 private:
    struct Run;
    JobQueue::Finish work(const std::shared_ptr<Run>& run, const std::shared_ptr<store::Answers>& beside,
                          const question::Effort& effort, const Cancel& cancel, const Progress& progress);
    void add(const std::shared_ptr<Run>& run, size_t at, question::Taken small,
             std::shared_ptr<const question::GlareAnswer> whole);

    Document& document_;
    JobQueue& jobs_;
    OpenAnswers answers_;
    model::Question question_;
    std::vector<question::Taken> pictures_;
    std::vector<std::shared_ptr<const question::GlareAnswer>> whole_;
    std::shared_ptr<Run> run_;  // the newest
    size_t wanted_ = 0, in_row_ = 1, kept_pixels_ = 0;
    bool several_ = false;
    unsigned turn_ = 0;
};

}  // namespace wp::gui
