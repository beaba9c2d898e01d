// SPDX-License-Identifier: GPL-3.0-or-later
#include "exchange/exr.h"

#include <ImfChannelList.h>
#include <ImfFrameBuffer.h>
#include <ImfHeader.h>
#include <ImfInputFile.h>
#include <ImfOutputFile.h>
#include <ImfRgbaYca.h>
#include <ImfStandardAttributes.h>
#include <ImfStringAttribute.h>

#include <array>
#include <cstdint>
#include <fstream>

#include "base/file.h"

namespace wp::exchange {

namespace {

constexpr const char* kError = "error";
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

// By the file's primaries; where it names none, those of ITU-R BT.709.
std::vector<float> luminance_of(const std::array<std::vector<float>, 3>& colour, const Imf::Header& header) {
    const Imath::V3f weights =
        Imf::RgbaYca::computeYw(Imf::hasChromaticities(header) ? Imf::chromaticities(header) : Imf::Chromaticities());
    std::vector<float> out(colour[0].size());
    for (size_t at = 0; at < out.size(); ++at)
        out[at] = weights.x * colour[0][at] + weights.y * colour[1][at] + weights.z * colour[2][at];
    return out;
}

}  // namespace

Outcome write_exr(const LuminanceImage& image, const std::filesystem::path& path) {
    const auto part = name_beside(path);
    try {
        Imf::Header header(image.width, image.height);
        header.compression() = Imf::ZIP_COMPRESSION;
        header.channels().insert("Y", Imf::Channel(Imf::FLOAT));
        if (!image.error.empty()) header.channels().insert(kError, Imf::Channel(Imf::FLOAT));
        for (const auto& [name, values] : image.more) header.channels().insert(name, Imf::Channel(Imf::FLOAT));
        for (const auto& [key, value] : image.attributes) header.insert(key, Imf::StringAttribute(value));
        Imf::OutputFile file(part.c_str(), header);
        Imf::FrameBuffer frame;
        frame.insert("Y", Imf::Slice::Make(Imf::FLOAT, image.luminance.data(), header.dataWindow()));
        if (!image.error.empty())
            frame.insert(kError, Imf::Slice::Make(Imf::FLOAT, image.error.data(), header.dataWindow()));
        for (const auto& [name, values] : image.more)
            frame.insert(name, Imf::Slice::Make(Imf::FLOAT, values.data(), header.dataWindow()));
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
        const Imf::Header& header = file.header();
        const auto whole = [&](const char* name) {
            const Imf::Channel* channel = header.channels().findChannel(name);
            return channel != nullptr && channel->xSampling == 1 && channel->ySampling == 1;
        };
        const bool colours = !whole("Y") && whole("R") && whole("G") && whole("B");
        if ((!whole("Y") && !colours) || width > kMostAcross || height > kMostAcross ||
            static_cast<uintmax_t>(width * height) * sizeof(float) > bytes * kMostPacked)
            return Fault{path.string(), "holds no luminance (channel Y, or R, G and B) of a usable size",
                         "Choose a picture of luminances"};
        LuminanceImage image{static_cast<int>(width), static_cast<int>(height), {}, {}};
        const auto pixels = static_cast<size_t>(width * height);
        Imf::FrameBuffer frame;
        std::array<std::vector<float>, 3> colour;
        // It counts pixels from the origin of its window, which may be far away.
        const auto take = [&](const char* name, std::vector<float>& values) {
            values.resize(pixels);
            frame.insert(name, Imf::Slice::Make(Imf::FLOAT, values.data(), window));
        };
        if (colours) {
            take("R", colour[0]);
            take("G", colour[1]);
            take("B", colour[2]);
        } else {
            take("Y", image.luminance);
            if (whole(kError)) take(kError, image.error);
        }
        file.setFrameBuffer(frame);
        file.readPixels(window.min.y, window.max.y);
        if (colours) image.luminance = luminance_of(colour, header);
        if (Imf::hasWhiteLuminance(header)) {
            image.is_scaled = true;
            for (float& v : image.luminance) v *= Imf::whiteLuminance(header);
        }
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
