// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/many.h"

#include <dlfcn.h>
#include <fmt/core.h>

#include <cstdlib>
#include <filesystem>

#include "base/log.h"
#include "cli/terminal.h"

namespace wp::cli {

namespace {

// One that is silent for so long is lost. Processes say that they are there four times a second.
constexpr std::chrono::seconds kSilence{20};

std::unique_ptr<Many> this_process;

// What launchers of Open MPI, of PMIx and of PMI say to those whom they start.
int processes_started() {
    for (const char* name : {"OMPI_COMM_WORLD_SIZE", "PMI_SIZE"})
        if (const char* value = std::getenv(name)) return std::atoi(value);
    // PMIx tells how many only when asked.
    return std::getenv("PMIX_RANK") != nullptr ? 2 : 1;
}

// Beside the program, or where it was installed.
std::filesystem::path plugin() {
    std::error_code none;
    const auto program = std::filesystem::read_symlink("/proc/self/exe", none).parent_path();
    for (const auto& folder : {program, program / "../mpi", program / "../lib/warmpane"})
        if (const auto file = folder / "libwarmpane-mpi.so"; std::filesystem::exists(file, none)) return file;
    return "libwarmpane-mpi.so";
}

using Open = many::Messages* (*)();

Result<Open> opened_plugin() {
    // Open MPI's own parts look for its symbols among those of the program.
    void* library = ::dlopen(plugin().c_str(), RTLD_NOW | RTLD_GLOBAL);
    const auto open = library != nullptr ? reinterpret_cast<Open>(::dlsym(library, "warmpane_open_messages")) : nullptr;
    if (open != nullptr) return open;
    const char* why = ::dlerror();
    return Fault{"mpirun",
                 std::string("this is one of several processes, which cannot reach each other: ") +
                     (why != nullptr ? why : plugin().string()),
                 "Install Open MPI (openmpi-bin) and build with libopenmpi-dev, or start one process without mpirun"};
}

}  // namespace

Result<Many*> Many::of_this_process() {
    if (this_process != nullptr || processes_started() < 2) return this_process.get();
    const auto open = opened_plugin();
    if (!open) return open.fault();
    auto post = std::make_unique<many::Post>([open] { return std::unique_ptr<many::Messages>((*open)()); });
    if (post->size() > 1) this_process.reset(new Many(std::move(post)));
    return this_process.get();
}

void Many::deal(const std::function<std::string()>& about, std::shared_ptr<store::Answers> answers) {
    if (is_dealt()) return;
    Cache kept = memory_.cache();
    if (answers != nullptr) {
        kept.find = [answers](const Fingerprint& piece) { return answers->piece(piece); };
        kept.keep = [answers](const Fingerprint& piece, std::string_view bytes) { answers->keep_piece(piece, bytes); };
    }
    dealer_ = std::make_unique<many::Dealer>(std::move(kept), interrupted());
    first_ = std::make_unique<many::First>(*post_, *dealer_, about(), kSilence);
}

Cache Many::shared(store::JobCache& job, bool kept) const {
    if (dealer_ == nullptr) return job.cache();
    Cache out = dealer_->own();
    // What the job stands on is noted with its answer.
    if (kept) {
        const Cache own = job.cache();
        out.find = own.find;
        out.keep = own.keep;
    }
    return out;
}

Many::~Many() {
    log(LogOf::cli, "process {} of {}: {} bytes sent", post_->rank(), post_->size(), post_->bytes_sent());
    if (!is_first()) return;
    deal([] { return std::string(); }, nullptr);
    first_->end();
    for (size_t k = 0; k < dealer_->made().size(); ++k)
        log(LogOf::cli, "process {} made {} parts", k, dealer_->made()[k]);
    if (first_->lost() > 0)
        note("note: {} of {} processes were lost on the way; what they were at was made by the others\n",
             first_->lost(), processes());
}

void Many::end() { this_process.reset(); }

}  // namespace wp::cli
