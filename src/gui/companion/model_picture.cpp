// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/companion/model_picture.h"

#include <QOpenGLBuffer>
#include <QOpenGLContext>
#include <QOpenGLFramebufferObject>
#include <QOpenGLFunctions>
#include <QOpenGLShaderProgram>
#include <array>
#include <cmath>

namespace wp::gui {

namespace {

constexpr int kSunPixels = 2048, kSmooth = 4;
constexpr float kSunReach = 45;  // metres either way that the sun's picture covers

QVector3D on_card(Vec3 v) { return {static_cast<float>(v.x), static_cast<float>(v.y), static_cast<float>(v.z)}; }

constexpr const char* kVertexShader = R"(
attribute vec3 position; attribute vec3 normal; attribute vec3 colour;
uniform mat4 view; uniform float shaded;
varying vec3 tint; varying vec3 place; varying vec3 facing;
void main() {
    place = position;
    facing = normal;
    float light = mix(1.0, 0.72 + 0.20 * normal.z + 0.10 * normal.x - 0.06 * normal.y, shaded);
    tint = colour * light;
    gl_Position = view * vec4(position, 1.0);
})";
// With the sun shown, what it reaches is warm and the rest dimmed: a place is reached if nothing lies nearer to the
// sun.
constexpr const char* kFragmentShader = R"(
#ifdef GL_ES
precision highp float;
#endif
varying vec3 tint; varying vec3 place; varying vec3 facing;
uniform vec3 low; uniform vec3 high;
uniform float sunny; uniform vec3 to_sun; uniform mat4 from_sun; uniform sampler2D nearest;
void main() {
    if (any(lessThan(place, low)) || any(greaterThan(place, high))) discard;
    vec3 c = tint;
    if (sunny > 0.5) {
        vec3 p = (from_sun * vec4(place + facing * 0.02, 1.0)).xyz * 0.5 + 0.5;
        float depth = dot(texture2D(nearest, p.xy), vec4(1.0, 1.0 / 255.0, 1.0 / 65025.0, 1.0 / 16581375.0));
        bool reached = dot(facing, to_sun) > 0.0 && p.z < depth + 0.0004;
        c = reached ? min(c * vec3(1.16, 1.08, 0.92) + vec3(0.05, 0.03, 0.0), 1.0) : c * vec3(0.72, 0.72, 0.78);
    }
    gl_FragColor = vec4(c, 1.0);
})";
constexpr const char* kDepthShader = R"(
#ifdef GL_ES
precision highp float;
#endif
varying vec3 tint; varying vec3 place; varying vec3 facing;
void main() {
    vec4 z = fract(vec4(1.0, 255.0, 65025.0, 16581375.0) * gl_FragCoord.z);
    gl_FragColor = z - z.yzww * vec4(1.0 / 255.0, 1.0 / 255.0, 1.0 / 255.0, 0.0);
})";

}  // namespace

// What lives in the thread: a context, programs, buffers, canvases.
class ModelPainter::Canvas : protected QOpenGLFunctions {
 public:
    explicit Canvas(QOffscreenSurface& surface) : surface_(surface) {
        context_.setFormat(surface.format());
        if (!context_.create() || !context_.makeCurrent(&surface_)) return;
        initializeOpenGLFunctions();
        for (auto& [program, fragment] : {std::pair{&program_, kFragmentShader}, {&depth_program_, kDepthShader}}) {
            program->addShaderFromSourceCode(QOpenGLShader::Vertex, kVertexShader);
            program->addShaderFromSourceCode(QOpenGLShader::Fragment, fragment);
            program->bindAttributeLocation("position", 0);
            program->bindAttributeLocation("normal", 1);
            program->bindAttributeLocation("colour", 2);
            program->link();
        }
        for (auto& buffer : buffers_) buffer.create();
        works_ = true;
    }
    // Members go while the context is current; it goes last.
    ~Canvas() {
        if (works_) context_.makeCurrent(&surface_);
        for (auto& buffer : buffers_) buffer.destroy();
    }

    QImage paint(const ModelScene& scene) {
        if (!works_ || !context_.makeCurrent(&surface_)) return {};
        if (smooth_ == nullptr || smooth_->size() != scene.pixels) {
            QOpenGLFramebufferObjectFormat format;
            format.setAttachment(QOpenGLFramebufferObject::Depth);
            format.setSamples(kSmooth);
            smooth_ = std::make_unique<QOpenGLFramebufferObject>(scene.pixels, format);
            plain_ = std::make_unique<QOpenGLFramebufferObject>(scene.pixels);
        }
        upload(scene);
        QMatrix4x4 from_sun;
        if (scene.to_sun) from_sun = look_from_sun(scene);
        draw(scene, from_sun);
        QOpenGLFramebufferObject::blitFramebuffer(plain_.get(), smooth_.get());
        QImage out = plain_->toImage().convertToFormat(QImage::Format_RGB32);
        out.setDevicePixelRatio(scene.ratio);
        return out;
    }

 private:
    enum Buffer { kFaces, kLines, kSun, kFlat, kContours, kBuffers };

    void upload(const ModelScene& scene) {
        const auto put = [&](Buffer which, const std::vector<Vertex>& vertices) {
            buffers_[which].bind();
            buffers_[which].allocate(vertices.data(), static_cast<int>(vertices.size() * sizeof(Vertex)));
        };
        if (scene.building != building_) {
            building_ = scene.building;
            put(kFaces, building_->faces);
            put(kLines, building_->lines);
            put(kSun, building_->before_sun);
        }
        if (scene.map != map_) {
            map_ = scene.map;
            put(kFlat, map_->flat);
            put(kContours, map_->contours);
        }
    }

    void draw_buffer(QOpenGLShaderProgram& program, Buffer which, size_t count, GLenum mode) {
        if (count == 0) return;
        buffers_[which].bind();
        for (int i = 0; i < 3; ++i) {
            program.enableAttributeArray(i);
            program.setAttributeBuffer(i, GL_FLOAT, i * 3 * static_cast<int>(sizeof(float)), 3, sizeof(Vertex));
        }
        glDrawArrays(mode, 0, static_cast<GLsizei>(count));
    }

    // What the sun sees: how far the nearest thing is, packed into colours.
    QMatrix4x4 look_from_sun(const ModelScene& scene) {
        const Vec3 to_sun = *scene.to_sun, c = scene.middle;
        QMatrix4x4 from_sun;
        from_sun.ortho(-kSunReach, kSunReach, -kSunReach, kSunReach, 1, 300);
        from_sun.lookAt(on_card(c + to_sun * 150), on_card(c),
                        std::fabs(to_sun.z) > 0.99 ? QVector3D(0, 1, 0) : QVector3D(0, 0, 1));
        if (sun_picture_ == nullptr)
            sun_picture_ =
                std::make_unique<QOpenGLFramebufferObject>(kSunPixels, kSunPixels, QOpenGLFramebufferObject::Depth);
        sun_picture_->bind();
        glViewport(0, 0, kSunPixels, kSunPixels);
        glClearColor(1, 1, 1, 1);
        glEnable(GL_DEPTH_TEST);
        glClear(GL_COLOR_BUFFER_BIT | GL_DEPTH_BUFFER_BIT);
        glDisable(GL_CULL_FACE);
        depth_program_.bind();
        depth_program_.setUniformValue("view", from_sun);
        draw_buffer(depth_program_, kSun, building_->before_sun.size(), GL_TRIANGLES);
        depth_program_.release();
        sun_picture_->release();
        return from_sun;
    }

    void draw(const ModelScene& scene, const QMatrix4x4& from_sun) {
        smooth_->bind();
        glViewport(0, 0, smooth_->width(), smooth_->height());
        glClearColor(scene.paper.redF(), scene.paper.greenF(), scene.paper.blueF(), 1);
        glClear(GL_COLOR_BUFFER_BIT | GL_DEPTH_BUFFER_BIT);
        program_.bind();
        program_.setUniformValue("view", scene.view);
        program_.setUniformValue("low", on_card(scene.low));
        program_.setUniformValue("high", on_card(scene.high));
        if (scene.to_sun) {
            glActiveTexture(GL_TEXTURE0);
            glBindTexture(GL_TEXTURE_2D, sun_picture_->texture());
            program_.setUniformValue("nearest", 0);
            program_.setUniformValue("from_sun", from_sun);
            program_.setUniformValue("to_sun", on_card(*scene.to_sun));
        }
        const auto shade = [&](float shaded) {
            program_.setUniformValue("shaded", shaded);
            program_.setUniformValue("sunny", scene.to_sun && shaded > 0 ? 1.0f : 0.0f);
        };
        glEnable(GL_DEPTH_TEST);
        glDepthFunc(GL_LEQUAL);
        glEnable(GL_CULL_FACE);
        glEnable(GL_POLYGON_OFFSET_FILL);
        glPolygonOffset(1, 1);
        shade(1);
        draw_buffer(program_, kFaces, building_->faces.size(), GL_TRIANGLES);
        glDisable(GL_CULL_FACE);
        shade(0);
        draw_buffer(program_, kFlat, map_->flat.size(), GL_TRIANGLES);
        glDisable(GL_POLYGON_OFFSET_FILL);
        draw_buffer(program_, kLines, building_->lines.size(), GL_LINES);
        draw_buffer(program_, kContours, map_->contours.size(), GL_LINES);
        program_.release();
        smooth_->release();
    }

    QOffscreenSurface& surface_;
    QOpenGLContext context_;
    bool works_ = false;
    QOpenGLShaderProgram program_, depth_program_;
    std::array<QOpenGLBuffer, kBuffers> buffers_{
        QOpenGLBuffer(QOpenGLBuffer::VertexBuffer), QOpenGLBuffer(QOpenGLBuffer::VertexBuffer),
        QOpenGLBuffer(QOpenGLBuffer::VertexBuffer), QOpenGLBuffer(QOpenGLBuffer::VertexBuffer),
        QOpenGLBuffer(QOpenGLBuffer::VertexBuffer)};
    std::unique_ptr<QOpenGLFramebufferObject> smooth_, plain_, sun_picture_;
    std::shared_ptr<const BuildingMesh> building_;
    std::shared_ptr<const MapMesh> map_;
};

ModelPainter::ModelPainter(QObject* parent) : QObject(parent) {
    QSurfaceFormat format;
    format.setDepthBufferSize(24);
    surface_.setFormat(format);
    surface_.create();  // belongs to the interface thread, whoever draws on it
    thread_ = std::make_unique<Newest<Request>>(
        QT_TRANSLATE_NOOP("QObject", "The model's picture"), [this](const Request& request) {
            if (request.last != nullptr) {
                canvas_.reset();
                return request.last->set_value();
            }
            if (canvas_ == nullptr) canvas_ = std::make_unique<Canvas>(surface_);
            QImage picture = canvas_->paint(request.scene);
            QMetaObject::invokeMethod(
                this,
                [this, picture = std::move(picture), number = request.scene.number] { emit painted(picture, number); },
                Qt::QueuedConnection);
        });
}

ModelPainter::~ModelPainter() {
    std::promise<void> gone;
    const auto done = gone.get_future();
    thread_->ask({{}, &gone});
    done.wait();
    thread_.reset();
}

void ModelPainter::ask(ModelScene scene) { thread_->ask({std::move(scene), nullptr}); }

}  // namespace wp::gui
