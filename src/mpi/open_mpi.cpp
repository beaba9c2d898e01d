// SPDX-License-Identifier: GPL-3.0-or-later
// Messages over Open MPI: a library of its own, loaded where a run was started by mpirun, so that one process alone
// needs no MPI.
#include <mpi.h>

#include <list>
#include <memory>
#include <set>

#include "many/messages.h"

namespace {

class OpenMpi : public wp::many::Messages {
 public:
    OpenMpi() {
        int provided = 0;
        MPI_Init_thread(nullptr, nullptr, MPI_THREAD_FUNNELED, &provided);
        // One that cannot be reached is no reason for the others to end.
        MPI_Comm_set_errhandler(MPI_COMM_WORLD, MPI_ERRORS_RETURN);
        MPI_Comm_rank(MPI_COMM_WORLD, &rank_);
        MPI_Comm_size(MPI_COMM_WORLD, &size_);
    }
    int rank() const override { return rank_; }
    int size() const override { return size_; }

    bool send(int to, std::string bytes) override {
        tidy();
        if (unreachable_.contains(to)) return false;
        auto& one = on_their_way_.emplace_back(Sent{to, std::move(bytes), MPI_REQUEST_NULL});
        if (MPI_Isend(one.bytes.data(), static_cast<int>(one.bytes.size()), MPI_BYTE, to, kTag, MPI_COMM_WORLD,
                      &one.request) == MPI_SUCCESS)
            return true;
        unreachable_.insert(to);
        on_their_way_.pop_back();
        return false;
    }

    std::optional<wp::many::Message> receive() override {
        tidy();
        int there = 0;
        MPI_Status status;
        if (MPI_Iprobe(MPI_ANY_SOURCE, kTag, MPI_COMM_WORLD, &there, &status) != MPI_SUCCESS || there == 0) return {};
        int count = 0;
        MPI_Get_count(&status, MPI_BYTE, &count);
        wp::many::Message out{status.MPI_SOURCE, std::string(static_cast<size_t>(count), '\0')};
        if (MPI_Recv(out.bytes.data(), count, MPI_BYTE, status.MPI_SOURCE, kTag, MPI_COMM_WORLD, MPI_STATUS_IGNORE) !=
            MPI_SUCCESS)
            return {};
        return out;
    }

    void leave() override {
        while (!on_their_way_.empty() && unreachable_.empty()) tidy();
        // To finalize is to wait for everybody: with one lost that would be for ever.
        if (unreachable_.empty()) MPI_Finalize();
    }

 private:
    static constexpr int kTag = 1;
    struct Sent {
        int to;
        std::string bytes;
        MPI_Request request;
    };
    void tidy() {
        for (auto it = on_their_way_.begin(); it != on_their_way_.end();) {
            int gone = 0;
            if (MPI_Test(&it->request, &gone, MPI_STATUS_IGNORE) != MPI_SUCCESS) {
                unreachable_.insert(it->to);
                gone = 1;
            }
            it = gone != 0 ? on_their_way_.erase(it) : std::next(it);
        }
    }

    int rank_ = 0, size_ = 1;
    std::list<Sent> on_their_way_;  // where they lie while they are sent
    std::set<int> unreachable_;
};

}  // namespace

extern "C" wp::many::Messages* warmpane_open_messages() { return std::make_unique<OpenMpi>().release(); }
