// SPDX-License-Identifier: GPL-3.0-or-later
// Any bytes as a project file: read or refused with a place and a remedy, never a crash; what is read can be written,
// read again as the same, checked, and built. Run by libFuzzer (see CONTRIBUTING.md); its finds are tests
// (fuzz_test.cpp).
#include "fuzz/project_fuzzer.h"

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size) {
    wp::fuzz::one_project(std::string_view(reinterpret_cast<const char*>(data), size));
    return 0;
}
