// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/answers.h"

#include <fmt/core.h>
#include <sqlite3.h>
#include <unistd.h>
#include <zstd.h>

#include <algorithm>
#include <ctime>
#include <sstream>

#include "base/log.h"
#include "base/process.h"

namespace wp::store {

namespace {

constexpr int kFormat = 1;
constexpr int kWaitForOthers = 20000;  // milliseconds
constexpr size_t kLargestPiece = size_t{1} << 30;
constexpr int kLevel = 3;

constexpr const char* kTables = R"(
CREATE TABLE IF NOT EXISTS about (format INTEGER NOT NULL);
CREATE TABLE IF NOT EXISTS piece (print TEXT PRIMARY KEY, bytes BLOB NOT NULL) WITHOUT ROWID;
CREATE TABLE IF NOT EXISTS answer (option TEXT NOT NULL, question TEXT NOT NULL, inputs TEXT NOT NULL,
    kind TEXT NOT NULL, settings TEXT NOT NULL, made TEXT NOT NULL, version TEXT NOT NULL,
    seed INTEGER NOT NULL, wanted REAL NOT NULL,
    reached REAL NOT NULL, settled INTEGER NOT NULL, rays INTEGER NOT NULL, paths INTEGER NOT NULL,
    seconds REAL NOT NULL, PRIMARY KEY (option, question, inputs));
CREATE TABLE IF NOT EXISTS stands_on (inputs TEXT NOT NULL, print TEXT NOT NULL,
    PRIMARY KEY (inputs, print)) WITHOUT ROWID;
CREATE TABLE IF NOT EXISTS begun (option TEXT NOT NULL, question TEXT NOT NULL, program TEXT NOT NULL,
    PRIMARY KEY (option, question)) WITHOUT ROWID;
)";

std::string packed(std::string_view bytes) {
    std::string out(ZSTD_compressBound(bytes.size()), '\0');
    std::unique_ptr<ZSTD_CCtx, size_t (*)(ZSTD_CCtx*)> context(ZSTD_createCCtx(), ZSTD_freeCCtx);
    ZSTD_CCtx_setParameter(context.get(), ZSTD_c_compressionLevel, kLevel);
    ZSTD_CCtx_setParameter(context.get(), ZSTD_c_checksumFlag, 1);
    out.resize(ZSTD_compress2(context.get(), out.data(), out.size(), bytes.data(), bytes.size()));
    return out;
}

// Grows as it is unpacked: what a frame claims to hold is not believed.
std::optional<std::string> unpacked(std::string_view bytes) {
    std::unique_ptr<ZSTD_DCtx, size_t (*)(ZSTD_DCtx*)> context(ZSTD_createDCtx(), ZSTD_freeDCtx);
    ZSTD_inBuffer in{bytes.data(), bytes.size(), 0};
    std::string out, step(ZSTD_DStreamOutSize(), '\0');
    for (;;) {
        ZSTD_outBuffer to{step.data(), step.size(), 0};
        const size_t before = in.pos, left = ZSTD_decompressStream(context.get(), &to, &in);
        if (ZSTD_isError(left)) return {};
        out.append(step.data(), to.pos);
        if (out.size() > kLargestPiece) return {};
        if (left == 0) break;
        if (to.pos == 0 && in.pos == before) return {};  // it is cut short
    }
    if (in.pos != bytes.size()) return {};
    return out;
}

std::string now() {
    const std::time_t t = std::time(nullptr);
    std::tm utc{};
    gmtime_r(&t, &utc);
    return fmt::format("{:04}-{:02}-{:02} {:02}:{:02}", utc.tm_year + 1900, utc.tm_mon + 1, utc.tm_mday, utc.tm_hour,
                       utc.tm_min);
}

std::string this_host() {
    char name[256] = {};
    return ::gethostname(name, sizeof name - 1) == 0 ? name : "";
}

// "12345 678901 host"
std::string this_program() {
    std::string run = this_run();
    std::replace(run.begin(), run.end(), '-', ' ');
    return run + " " + this_host();
}

// Of a program on another machine nothing can be known: it is taken to run.
bool may_run(const std::string& program) {
    std::istringstream words(program);
    std::string process, since, host;
    words >> process >> since >> host;
    return host != this_host() || runs(process + "-" + since);
}

}  // namespace

std::filesystem::path answers_beside(const std::filesystem::path& project) {
    auto out = project;
    return out.replace_extension(".answers");
}

// One statement, from its text to its end.
class Answers::Statement {
 public:
    Statement(sqlite3* base, const char* sql) { sqlite3_prepare_v2(base, sql, -1, &statement_, nullptr); }
    ~Statement() { sqlite3_finalize(statement_); }
    Statement(const Statement&) = delete;
    Statement& operator=(const Statement&) = delete;
    Statement& text(int at, const std::string& value) {
        sqlite3_bind_text(statement_, at, value.data(), static_cast<int>(value.size()), SQLITE_TRANSIENT);
        return *this;
    }
    Statement& bytes(int at, std::string_view value) {
        sqlite3_bind_blob64(statement_, at, value.data(), value.size(), SQLITE_STATIC);
        return *this;
    }
    Statement& whole(int at, int64_t value) {
        sqlite3_bind_int64(statement_, at, value);
        return *this;
    }
    Statement& number(int at, double value) {
        sqlite3_bind_double(statement_, at, value);
        return *this;
    }
    /// Whether there is a row.
    bool next() { return (code_ = statement_ != nullptr ? sqlite3_step(statement_) : SQLITE_ERROR) == SQLITE_ROW; }
    bool run() {
        next();
        return code_ == SQLITE_DONE;
    }
    bool ended_well() const { return code_ == SQLITE_DONE; }
    std::string text_of(int column) {
        const auto* bytes = reinterpret_cast<const char*>(sqlite3_column_text(statement_, column));
        return bytes != nullptr ? std::string(bytes, static_cast<size_t>(sqlite3_column_bytes(statement_, column)))
                                : std::string();
    }
    std::string bytes_of(int column) {
        const auto* bytes = static_cast<const char*>(sqlite3_column_blob(statement_, column));
        return bytes != nullptr ? std::string(bytes, static_cast<size_t>(sqlite3_column_bytes(statement_, column)))
                                : std::string();
    }
    int64_t whole_of(int column) { return sqlite3_column_int64(statement_, column); }
    double number_of(int column) { return sqlite3_column_double(statement_, column); }

 private:
    sqlite3_stmt* statement_ = nullptr;
    int code_ = SQLITE_OK;
};

Fault Answers::fault(const std::string& what) const {
    const int code = base_ != nullptr ? sqlite3_errcode(base_) : SQLITE_CANTOPEN;
    const std::string place = file_.string();
    switch (code) {
        case SQLITE_FULL:
        case SQLITE_IOERR:
            return {place, what + ": the disk is full or cannot be written to",
                    "Make room there and ask again; till the program is closed the answer stays in memory"};
        case SQLITE_BUSY:
            return {place, what + ": another program holds the file", "Close the other program, or wait"};
        case SQLITE_NOTADB:
        case SQLITE_CORRUPT:
            return {place, what + ": the file is damaged or no answers file",
                    "Move it away or delete it: everything in it can be computed again"};
        case SQLITE_READONLY:
        case SQLITE_PERM:
        case SQLITE_CANTOPEN:
            return {place, what + ": the file cannot be written to",
                    "Give yourself the right to write there, or save the project elsewhere"};
        default:
            return {place, fmt::format("{}: {}", what, base_ != nullptr ? sqlite3_errmsg(base_) : "cannot be opened"),
                    "Move the file away or delete it: everything in it can be computed again"};
    }
}

Outcome Answers::run(const char* sql) {
    if (sqlite3_exec(base_, sql, nullptr, nullptr, nullptr) != SQLITE_OK) return fault("answers are not kept");
    return {};
}

Result<std::shared_ptr<Answers>> Answers::open(const std::filesystem::path& file) {
    std::shared_ptr<Answers> out(new Answers);
    out->file_ = file;
    if (sqlite3_open_v2(file.c_str(), &out->base_, SQLITE_OPEN_READWRITE | SQLITE_OPEN_CREATE | SQLITE_OPEN_FULLMUTEX,
                        nullptr) != SQLITE_OK)
        return out->fault("answers cannot be kept");
    sqlite3_busy_timeout(out->base_, kWaitForOthers);
    sqlite3_extended_result_codes(out->base_, 0);
    // A rollback journal: at rest there is one file only. Full: what was said to be written survives a power cut.
    for (const char* sql : {"PRAGMA trusted_schema=OFF", "PRAGMA synchronous=FULL", "BEGIN IMMEDIATE"})
        if (auto problem = out->run(sql)) return *problem;
    if (out->is_foreign())
        return Fault{file.string(), "is a data base of another program, and is left as it is",
                     "Move it away, or save the project under another name: then answers are kept beside it"};
    if (auto problem = out->run(kTables)) return *problem;
    int64_t format = 0;
    {
        Statement about(out->base_, "SELECT format FROM about");
        if (about.next()) format = about.whole_of(0);
    }
    if (format > kFormat)
        return Fault{file.string(), "the answers were written by a newer program",
                     "Update Warm Pane, or move the file away"};
    if (format == 0 && !Statement(out->base_, "INSERT INTO about VALUES (?)").whole(1, kFormat).run())
        return out->fault("answers cannot be kept");
    if (auto problem = out->run("COMMIT")) return *problem;
    log(LogOf::store, "answers at {}, {}", file.string(), format == 0 ? "new" : "known");
    return out;
}

// Tables, and none of them ours.
bool Answers::is_foreign() {
    Statement tables(
        base_,
        "SELECT count(*), sum(name = 'about'), sum(name = 'piece') FROM sqlite_master WHERE name NOT LIKE 'sqlite_%'");
    return tables.next() && tables.whole_of(0) > 0 && (tables.whole_of(1) == 0 || tables.whole_of(2) == 0);
}

Answers::~Answers() { sqlite3_close_v2(base_); }

std::optional<std::string> Answers::piece(const Fingerprint& print) {
    const std::lock_guard lock(mutex_);
    Statement find(base_, "SELECT bytes FROM piece WHERE print = ?");
    const bool found = find.text(1, print.text()).next();
    log(LogOf::store, "piece {} {}", print.text(), found ? "found" : "not there");
    if (!found) return {};
    return unpacked(find.bytes_of(0));
}

Outcome Answers::keep_piece(const Fingerprint& print, std::string_view bytes) {
    const std::string small = packed(bytes);
    const std::lock_guard lock(mutex_);
    if (!Statement(base_, "INSERT OR REPLACE INTO piece VALUES (?, ?)").text(1, print.text()).bytes(2, small).run())
        return fault("a part of an answer is not kept");
    log(LogOf::store, "piece {} kept, {} bytes, {} packed", print.text(), bytes.size(), small.size());
    return {};
}

Outcome Answers::keep(const AnswerEntry& e, const std::set<Fingerprint>& pieces) {
    const std::lock_guard lock(mutex_);
    if (auto problem = run("BEGIN IMMEDIATE")) return problem;
    // How it was made stays as it was where nothing was traced this time.
    Statement add(base_, e.record.rays > 0 ? "INSERT OR REPLACE INTO answer VALUES (?,?,?,?,?,?,?,?,?,?,?,?,?,?)"
                                           : "INSERT OR IGNORE INTO answer VALUES (?,?,?,?,?,?,?,?,?,?,?,?,?,?)");
    add.text(1, e.option)
        .text(2, e.question)
        .text(3, e.inputs)
        .text(4, e.kind)
        .text(5, e.settings)
        .text(6, e.made.empty() ? now() : e.made)
        .text(7, e.record.version);
    add.whole(8, e.record.seed)
        .number(9, e.record.wanted)
        .number(10, e.record.reached)
        .whole(11, e.record.settled)
        .whole(12, static_cast<int64_t>(e.record.rays));
    add.whole(13, static_cast<int64_t>(e.record.paths)).number(14, e.record.seconds);
    bool well = add.run();
    for (const Fingerprint& print : pieces)
        well = well && Statement(base_, "INSERT OR IGNORE INTO stands_on VALUES (?, ?)")
                           .text(1, e.inputs)
                           .text(2, print.text())
                           .run();
    well = well && Statement(base_, "DELETE FROM begun WHERE option = ? AND question = ?")
                       .text(1, e.option)
                       .text(2, e.question)
                       .run();
    if (!well) {
        const Fault problem = fault("an answer is not kept");
        run("ROLLBACK");
        return problem;
    }
    return run("COMMIT");
}

Result<std::vector<AnswerEntry>> Answers::list() {
    const std::lock_guard lock(mutex_);
    std::vector<AnswerEntry> out;
    // Sizes are read in one go: looked up one by one, the blobs themselves would be read, seconds of it.
    Statement all(base_,
                  "WITH size AS MATERIALIZED (SELECT print, length(bytes) AS n FROM piece) SELECT option, question, "
                  "inputs, kind, settings, made, version, seed, wanted, reached, settled, "
                  "rays, paths, seconds, "
                  "(SELECT count(*) FROM stands_on s WHERE s.inputs = a.inputs), "
                  "(SELECT coalesce(sum(n), 0) FROM stands_on s JOIN size USING (print) WHERE s.inputs = a.inputs) "
                  "FROM answer a ORDER BY made, option, question");
    while (all.next()) {
        AnswerEntry e;
        e.option = all.text_of(0);
        e.question = all.text_of(1);
        e.inputs = all.text_of(2);
        e.kind = all.text_of(3);
        e.settings = all.text_of(4);
        e.made = all.text_of(5);
        e.record.version = all.text_of(6);
        e.record.seed = static_cast<unsigned>(all.whole_of(7));
        e.record.wanted = all.number_of(8);
        e.record.reached = all.number_of(9);
        e.record.settled = all.whole_of(10) != 0;
        e.record.rays = static_cast<uint64_t>(all.whole_of(11));
        e.record.paths = static_cast<uint64_t>(all.whole_of(12));
        e.record.seconds = all.number_of(13);
        e.pieces = static_cast<uint64_t>(all.whole_of(14));
        e.bytes = static_cast<uint64_t>(all.whole_of(15));
        out.push_back(std::move(e));
    }
    if (!all.ended_well()) return fault("answers cannot be listed");
    return out;
}

Outcome Answers::forget(const std::string& inputs) {
    if (inputs.size() < 6)
        return Fault{file_.string(), "\"" + inputs + "\" is too short for a fingerprint",
                     "Give at least its first 6 digits"};
    {
        const std::lock_guard lock(mutex_);
        const int before = sqlite3_total_changes(base_);
        if (!Statement(base_, "DELETE FROM answer WHERE substr(inputs, 1, length(?1)) = ?1").text(1, inputs).run())
            return fault("nothing was forgotten");
        if (sqlite3_total_changes(base_) == before)
            return Fault{file_.string(), "there is no answer \"" + inputs + "\"",
                         "List the answers to see their fingerprints"};
    }
    const auto tidied = tidy();
    if (!tidied) return tidied.fault();
    return {};
}

Result<int> Answers::tidy() {
    const std::lock_guard lock(mutex_);
    if (auto problem = run("BEGIN IMMEDIATE; DELETE FROM stands_on WHERE inputs NOT IN (SELECT inputs FROM answer)")) {
        run("ROLLBACK");
        return *problem;
    }
    const int before = sqlite3_total_changes(base_);
    if (auto problem = run("DELETE FROM piece WHERE print NOT IN (SELECT print FROM stands_on); COMMIT")) {
        run("ROLLBACK");
        return *problem;
    }
    const int gone = sqlite3_total_changes(base_) - before;
    if (gone > 0)
        if (auto problem = run("VACUUM")) return *problem;
    return gone;
}

Outcome Answers::begin(const std::string& option, const std::string& question) {
    const std::lock_guard lock(mutex_);
    if (!Statement(base_, "INSERT OR REPLACE INTO begun VALUES (?, ?, ?)")
             .text(1, option)
             .text(2, question)
             .text(3, this_program())
             .run())
        return fault("answers are not kept");
    return {};
}

Outcome Answers::release(const std::string& option, const std::string& question) {
    const std::lock_guard lock(mutex_);
    if (!Statement(base_, "DELETE FROM begun WHERE option = ? AND question = ?")
             .text(1, option)
             .text(2, question)
             .run())
        return fault("answers are not kept");
    return {};
}

Result<std::vector<Answers::Begun>> Answers::left_behind() {
    const std::lock_guard lock(mutex_);
    std::vector<Begun> out;
    Statement all(base_, "SELECT option, question, program FROM begun ORDER BY option, question");
    while (all.next())
        if (!may_run(all.text_of(2))) out.push_back({all.text_of(0), all.text_of(1)});
    if (!all.ended_well()) return fault("answers cannot be listed");
    return out;
}

Cache MemoryCache::cache() {
    return {[this](const Fingerprint& print) -> std::optional<std::string> {
                const std::lock_guard lock(mutex_);
                const auto it = pieces_.find(print);
                if (it == pieces_.end()) return {};
                return unpacked(it->second);
            },
            [this](const Fingerprint& print, std::string_view bytes) {
                const std::lock_guard lock(mutex_);
                if (bytes_ > (size_t{512} << 20)) {
                    pieces_.clear();
                    bytes_ = 0;
                }
                auto& piece = pieces_[print] = packed(bytes);
                bytes_ += piece.size();
            }};
}

Cache JobCache::cache() {
    if (!answers_) return {};
    return {[this](const Fingerprint& print) {
                pieces_.insert(print);
                return answers_->piece(print);
            },
            [this](const Fingerprint& print, std::string_view bytes) {
                pieces_.insert(print);
                if (auto problem = answers_->keep_piece(print, bytes); problem && !fault_) fault_ = problem;
            }};
}

void JobCache::begin(const std::string& option, const std::string& question) {
    if (!answers_) return;
    if (auto problem = answers_->begin(option, question); problem && !fault_) fault_ = problem;
}

void JobCache::finish(AnswerEntry entry) {
    if (!answers_ || fault_) return;
    fault_ = answers_->keep(entry, pieces_);
}

}  // namespace wp::store
