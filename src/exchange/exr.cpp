// SPDX-License-Identifier: GPL-3.0-or-later
#include "exchange/exr.h"

#include <ImfChannelList.h>
#include <ImfFrameBuffer.h>
#include <ImfHeader.h>
#include <ImfInputFile.h>
#include <ImfOutputFile.h>
#include <ImfStringAttribute.h>

#include "base/file.h"

namespace wp::exchange {

namespace {

Imf::Slice slice(float* pixels, int width) {
    return {Imf::FLOAT, reinterpret_cast<char*>(pixels), sizeof(float), sizeof(float) * static_cast<size_t>(width)};
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
        frame.insert("Y", slice(const_cast<float*>(image.luminance.data()), image.width));
        file.setFrameBuffer(frame);
        file.writePixels(image.height);
    } catch (const std::exception& error) {
        std::error_code ignored;
        std::filesystem::remove(part, ignored);
        return Fault{path.string(), std::string("the picture cannot be written: ") + error.what(), "Choose a folder you may write to"};
    }
    return put_in_place(part, path);
}

Result<LuminanceImage> read_exr(const std::filesystem::path& path) {
    try {
        Imf::InputFile file(path.c_str());
        const Imath::Box2i window = file.header().dataWindow();
        LuminanceImage image;
        image.width = window.max.x - window.min.x + 1;
        image.height = window.max.y - window.min.y + 1;
        if (file.header().channels().findChannel("Y") == nullptr || image.width > 16384 || image.height > 16384)
            return Fault{path.string(), "holds no luminance channel Y of a usable size", "Choose a picture that Warm Pane wrote"};
        image.luminance.resize(static_cast<size_t>(image.width) * static_cast<size_t>(image.height));
        Imf::FrameBuffer frame;
        frame.insert("Y", slice(image.luminance.data() - window.min.x - static_cast<std::ptrdiff_t>(window.min.y) * image.width, image.width));
        file.setFrameBuffer(frame);
        file.readPixels(window.min.y, window.max.y);
        for (auto it = file.header().begin(); it != file.header().end(); ++it)
            if (const auto* text = dynamic_cast<const Imf::StringAttribute*>(&it.attribute())) image.attributes[it.name()] = text->value();
        return image;
    } catch (const std::exception& error) {
        return Fault{path.string(), std::string("is no readable OpenEXR picture: ") + error.what(), "Fetch or write it again"};
    }
}

}  // namespace wp::exchange
