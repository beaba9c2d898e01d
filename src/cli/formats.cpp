// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/arguments.h"
#include "cli/terminal.h"
#include "store/schema.h"

namespace wp::cli {

int formats(const FormatsArguments& arguments) {
    if (const auto fault = store::write_format_documents(arguments.out)) {
        complain(*fault);
        return kCannotWrite;
    }
    return kDone;
}

}  // namespace wp::cli
