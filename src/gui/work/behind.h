// SPDX-License-Identifier: GPL-3.0-or-later
// What an object wants computed in the background: the newest request wins, and its result comes back in the object's
// own thread.
#pragma once
#include <QObject>
#include <memory>

#include "gui/work/newest.h"

namespace wp::gui {

template <class Request, class Found>
class Behind {
 public:
    /// name: of the work, as a failure is told. find runs in a thread of its own; take gets what it found, in the
    /// thread of to. What is begun is also told: requests that come faster than they are answered must not leave it
    /// silent. lost: called in the thread of to where find failed. A member of to, after all that find works with.
    Behind(const char* name, QObject* to, std::function<Found(const Request&)> find,
           std::function<void(const Found&)> take, std::function<void()> lost = {})
        : worker_(
              name,
              [to, find = std::move(find), take = std::move(take)](const Request& request) {
                  auto found = std::make_shared<const Found>(find(request));
                  QMetaObject::invokeMethod(
                      to, [found, take] { take(*found); }, Qt::QueuedConnection);
              },
              [to, lost = std::move(lost)](const Request&) {
                  if (lost) QMetaObject::invokeMethod(to, lost, Qt::QueuedConnection);
              }) {}
    /// Requests of different keys do not overtake each other.
    void ask(Request request, int key = 0) { worker_.ask(std::move(request), key); }

 private:
    Newest<Request> worker_;
};

}  // namespace wp::gui
