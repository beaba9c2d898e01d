// SPDX-License-Identifier: GPL-3.0-or-later
#include "fuzz/incoming_fuzzer.h"

// The first byte chooses the format: what reads it is another library's.
extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size) {
    if (size < 2) return 0;
    static constexpr const char* files[] = {"fuzz.obj", "fuzz.gltf", "fuzz.stl", "fuzz.ply"};
    wp::fuzz::one_building(wp::incoming::read_mesh, files[data[0] % 4],
                           std::string_view(reinterpret_cast<const char*>(data) + 1, size - 1));
    return 0;
}
