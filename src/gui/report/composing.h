// SPDX-License-Identifier: GPL-3.0-or-later
// Composes the report from the answers of the desktop, in any thread.
#pragma once
#include <memory>
#include <vector>

#include "gui/certify/judging.h"
#include "report/book/compose.h"

namespace wp::gui {

struct ToCompose {
    struct Of {
        ToJudge judged;
        bool year_is_stale = false;  ///< it is left out
    };
    std::vector<Of> options;                         ///< the first is told of
    std::shared_ptr<const report::BookShots> shots;  ///< null: none
    std::filesystem::path folder;
    QString day;
};

struct Composed {
    std::shared_ptr<const report::Book> book;  ///< never null
    std::vector<model::Question> missing;      ///< what the first option's sets need, and was not asked
    std::vector<model::Question> stale;        ///< what was asked of another building: to be asked again
    std::shared_ptr<const report::BookFacts> facts;
};

/// Of one thread at a time.
class Composer {
 public:
    Composed compose(const ToCompose& wanted);

 private:
    Judge judge_;
};

}  // namespace wp::gui
