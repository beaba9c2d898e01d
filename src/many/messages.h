// SPDX-License-Identifier: GPL-3.0-or-later
// How processes of one run reach each other. Whatever carries them is behind this: Open MPI (src/mpi), or memory in
// tests.
#pragma once
#include <optional>
#include <string>
#include <string_view>

namespace wp::many {

/// Number of the process that deals out the work.
inline constexpr int kFirst = 0;

struct Message {
    int from = 0;
    std::string bytes;
};

/// Of one thread alone.
class Messages {
 public:
    Messages() = default;
    virtual ~Messages() = default;
    Messages(const Messages&) = delete;
    Messages& operator=(const Messages&) = delete;
    virtual int rank() const = 0;
    virtual int size() const = 0;
    /// Begins to send; what is sent to one process comes in its order. False: it cannot be reached any more.
    virtual bool send(int to, std::string bytes) = 0;
    /// The next that has come, if there is one.
    virtual std::optional<Message> receive() = 0;
    /// Nothing is sent after it; what was sent is on its way. Waits for nobody who cannot be reached.
    virtual void leave() = 0;
};

}  // namespace wp::many
