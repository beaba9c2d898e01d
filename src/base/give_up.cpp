// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/give_up.h"

#include <utility>

namespace wp {
namespace {

thread_local const std::function<bool()>* t_wanted = nullptr;

}  // namespace

GiveUpScope::GiveUpScope(std::function<bool()> wanted) : wanted_(std::move(wanted)) { t_wanted = &wanted_; }

GiveUpScope::~GiveUpScope() { t_wanted = nullptr; }

void GiveUpScope::look() {
    if (t_wanted != nullptr && (*t_wanted)()) throw GivenUp{};
}

}  // namespace wp
