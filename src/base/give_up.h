// SPDX-License-Identifier: GPL-3.0-or-later
// Reading that is worth nothing once something newer is wanted, given up from deep inside: what is read need not hand a
// Cancel through all its figures.
#pragma once
#include <functional>

namespace wp {

/// Thrown where work is given up; whoever opened the scope catches it.
struct GivenUp {};

/// While it lives, look() on this thread throws GivenUp as soon as wanted() says so. Scopes do not nest.
class GiveUpScope {
 public:
    explicit GiveUpScope(std::function<bool()> wanted);
    ~GiveUpScope();
    GiveUpScope(const GiveUpScope&) = delete;
    GiveUpScope& operator=(const GiveUpScope&) = delete;
    /// Does nothing on threads without a scope.
    static void look();

 private:
    std::function<bool()> wanted_;
};

}  // namespace wp
