// SPDX-License-Identifier: GPL-3.0-or-later
#include "exchange/exr.h"

#include <ImfChannelList.h>
#include <ImfFrameBuffer.h>
#include <ImfHeader.h>
#include <ImfInputFile.h>
#include <ImfOutputFile.h>
#include <ImfStringAttribute.h>

#include <cstdint>
#include <fstream>

#include "base/file.h"

namespace wp::exchange {

namespace {

constexpr int64_t kMostAcross = 16384;
// What a file of so many bytes can hold at most, packed: a picture that claims more is not given memory. Of runs the
// library's ways of packing make one in 1000 (zlib's 1032); a few in 1000 of the file are headers.
constexpr uintmax_t kMostPacked = 1100;

// The library gives an attribute of the header as much memory as it claims before it reads it: up to 2 GB for a file of
// a hundred bytes. Walked over first: a name, a type, a size, so many bytes; an empty name is the end (OpenEXR file
// layout, 3.1). Only files of one part, as ours are.
bool header_fits(const std::filesystem::path& path, uintmax_t bytes) {
    std::ifstream in(path, std::ios::binary);
    const auto number = [&in] {
        unsigned char b[4] = {};
        in.read(reinterpret_cast<char*>(b), sizeof b);
        return uint32_t{b[0]} | uint32_t{b[1]} << 8 | uint32_t{b[2]} << 16 | uint32_t{b[3]} << 24;
    };
    constexpr uint32_t magic = 20000630, multipart = 0x1000;
    if (number() != magic || (number() & multipart) != 0) return false;
    for (std::string name, type; std::getline(in, name, '\0');) {
        if (name.empty()) return true;
        std::getline(in, type, '\0');
        const uint32_t size = number();
        if (!in || size > bytes - static_cast<uintmax_t>(in.tellg())) return false;
        in.seekg(size, std::ios::cur);
    }
    return false;
}

}  // namespace

Outcome write_exr(const LuminanceImage& image, const std::filesystem::path& path) {
    const auto part = name_beside(path);
    try {
        Imf::Header header(image.width, image.height);
        header.compression() = Imf::ZIP_COMPRESSION;
        header.channels().insert("Y", Imf::Channel(Imf::FLOAT));
        for (const auto& [key, value] : image.attributes) header.insert(key, Imf::StringAttribute(value));
        Imf::OutputFile file(part.c_str(), header);
        Imf::FrameBuffer frame;
        frame.insert("Y", Imf::Slice::Make(Imf::FLOAT, image.luminance.data(), header.dataWindow()));
        file.setFrameBuffer(frame);
        file.writePixels(image.height);
    } catch (const std::exception& error) {
        std::error_code ignored;
        std::filesystem::remove(part, ignored);
        return Fault{path.string(), std::string("the picture cannot be written: ") + error.what(),
                     "Choose a folder you may write to"};
    }
    return put_in_place(part, path);
}

Result<LuminanceImage> read_exr(const std::filesystem::path& path) {
    std::error_code error;
    const uintmax_t bytes = std::filesystem::file_size(path, error);
    if (error || !header_fits(path, bytes))
        return Fault{path.string(), "is no readable OpenEXR picture", "Fetch or write it again"};
    try {
        Imf::InputFile file(path.c_str());
        const Imath::Box2i window = file.header().dataWindow();
        const int64_t width = int64_t{window.max.x} - window.min.x + 1,
                      height = int64_t{window.max.y} - window.min.y + 1;
        const Imf::Channel* channel = file.header().channels().findChannel("Y");
        if (channel == nullptr || channel->xSampling != 1 || channel->ySampling != 1 || width > kMostAcross ||
            height > kMostAcross || static_cast<uintmax_t>(width * height) * sizeof(float) > bytes * kMostPacked)
            return Fault{path.string(), "holds no luminance channel Y of a usable size",
                         "Choose a picture that Warm Pane wrote"};
        LuminanceImage image{static_cast<int>(width), static_cast<int>(height), {}, {}};
        image.luminance.resize(static_cast<size_t>(width * height));
        Imf::FrameBuffer frame;
        // It counts pixels from the origin of its window, which may be far away.
        frame.insert("Y", Imf::Slice::Make(Imf::FLOAT, image.luminance.data(), window));
        file.setFrameBuffer(frame);
        file.readPixels(window.min.y, window.max.y);
        for (auto it = file.header().begin(); it != file.header().end(); ++it)
            if (const auto* text = dynamic_cast<const Imf::StringAttribute*>(&it.attribute()))
                image.attributes[it.name()] = text->value();
        return image;
    } catch (const std::exception& error) {
        return Fault{path.string(), std::string("is no readable OpenEXR picture: ") + error.what(),
                     "Fetch or write it again"};
    }
}

}  // namespace wp::exchange
