// SPDX-License-Identifier: GPL-3.0-or-later
// Answers on disk: one SQLite file beside the project, by fingerprint. Pieces of traced light are written as soon as
// each is done, so that a job that is killed goes on from there; what is written is whole or not there at all. Two
// programs may have the same file open: each waits for the other's short writes. The file may be deleted at any time:
// everything in it can be computed again.
#pragma once
#include <filesystem>
#include <map>
#include <memory>
#include <mutex>
#include <optional>
#include <set>
#include <string>
#include <vector>

#include "base/cache.h"
#include "base/fingerprint.h"
#include "base/record.h"
#include "base/result.h"

struct sqlite3;
struct sqlite3_stmt;

namespace wp::store {

/// "tern-quay.answers" beside "tern-quay.warmpane".
std::filesystem::path answers_beside(const std::filesystem::path& project);

/// How an answer was made: what is kept with it for people to read.
struct AnswerEntry {
    std::string inputs;  ///< fingerprint, 32 digits
    std::string kind, option, question;
    std::string settings;            ///< as JSON: accuracy, occupied hours and the like
    std::string made;                ///< "2026-11-23 14:05", UTC
    Record record;                   ///< its fingerprint stands in inputs, too
    uint64_t pieces = 0, bytes = 0;  ///< filled when listed: what it stands on, on disk
};

class Answers {
 public:
    /// Makes the file where there is none. Faults: a folder that cannot be written to, a file that is no answers file,
    /// or of a newer program.
    static Result<std::shared_ptr<Answers>> open(const std::filesystem::path& file);
    ~Answers();
    Answers(const Answers&) = delete;
    Answers& operator=(const Answers&) = delete;

    /// None where it is not there, or damaged: then it is as if it were not.
    std::optional<std::string> piece(const Fingerprint& print);
    Outcome keep_piece(const Fingerprint& print, std::string_view bytes);
    /// Notes an answer and which pieces it stands on; in place of one of the same option, question and inputs, but
    /// where no ray was cast for it now.
    Outcome keep(const AnswerEntry& entry, const std::set<Fingerprint>& pieces);
    Result<std::vector<AnswerEntry>> list();
    /// Forgets an answer by the beginning of its fingerprint (at least 6 digits), and pieces that no answer stands on.
    Outcome forget(const std::string& inputs);
    /// Forgets pieces that no answer stands on: what cancelled jobs left. Gives their number.
    Result<int> tidy();
    /// Notes that a job of this program is at work on an option's question, until its answer is kept or it is released.
    Outcome begin(const std::string& option, const std::string& question);
    Outcome release(const std::string& option, const std::string& question);
    struct Begun {
        std::string option, question;
    };
    /// Jobs whose program has ended without keeping an answer or letting go: killed, or closed meanwhile.
    Result<std::vector<Begun>> left_behind();
    const std::filesystem::path& file() const { return file_; }

 private:
    Answers() = default;
    class Statement;
    Outcome run(const char* sql);
    bool is_foreign();
    Fault fault(const std::string& what) const;
    sqlite3* base_ = nullptr;
    std::filesystem::path file_;
    std::mutex mutex_;
};

/// A cache in memory, for projects without a file: forgets everything where it grows beyond half a gigabyte.
class MemoryCache {
 public:
    Cache cache();

 private:
    std::mutex mutex_;
    std::map<Fingerprint, std::string> pieces_;
    size_t bytes_ = 0;
};

/// A cache on answers, for one job: notes which pieces the job stood on, and the first fault in writing. answers may be
/// null.
class JobCache {
 public:
    explicit JobCache(std::shared_ptr<Answers> answers) : answers_(std::move(answers)) {}
    Cache cache();
    const std::set<Fingerprint>& pieces() const { return pieces_; }
    const Outcome& fault() const { return fault_; }
    void begin(const std::string& option, const std::string& question);
    /// Notes the whole answer, if all its pieces could be written.
    void finish(AnswerEntry entry);

 private:
    std::shared_ptr<Answers> answers_;
    std::set<Fingerprint> pieces_;
    Outcome fault_;
};

}  // namespace wp::store
