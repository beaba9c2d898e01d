// SPDX-License-Identifier: GPL-3.0-or-later
#include "fuzz/photometry_fuzzer.h"

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size) {
    wp::fuzz::one_photometry(std::string_view(reinterpret_cast<const char*>(data), size));
    return 0;
}
