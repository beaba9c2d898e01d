// SPDX-License-Identifier: GPL-3.0-or-later
// What the building is made of: windows and their glass, blinds, finishes.
#include <algorithm>
#include <cmath>
#include <map>

#include "question/window_groups.h"
#include "report/book/sections.h"
#include "report/language/words.h"
#include "shading/device.h"

namespace wp::report {

namespace {

using geometry::kOutdoors;

/// Panes of one opening, taken together.
struct Pane {
    double area = 0, maintenance = 1, azimuth = 0, tilt = 90;
    bool outdoors = false, blind = false;
};

std::map<model::Id, Pane> panes_of(const BookFacts& facts, const geometry::Surfaces& surfaces) {
    std::map<model::Id, Pane> out;
    for (const auto& portal : surfaces.portals) {
        if (portal.glazing < 0) continue;
        Pane& pane = out[portal.opening];
        Vec3 normal = cross(portal.u, portal.v);
        const double area = length(normal);
        pane.area += area * portal.glass_share;
        pane.maintenance = portal.maintenance;
        pane.outdoors = portal.inside == kOutdoors || portal.outside == kOutdoors;
        pane.blind = portal.blind || portal.blind_layer >= 0;
        normal = normal * (1 / std::max(area, 1e-12));
        if (portal.group >= 0)
            pane.azimuth = std::fmod(
                surfaces.groups[static_cast<size_t>(portal.group)].azimuth + facts.project->site.north + 720, 360);
        pane.tilt = degrees(std::acos(std::min(1.0, std::fabs(normal.z))));
    }
    return out;
}

struct Listed {
    QString name, room, size, sill;
    model::Id id, glass;
    size_t shading = 0;
};

std::vector<Listed> glazed(const BookFacts& facts, const model::Option& option) {
    std::vector<Listed> out;
    const auto size = [](double wide, double high) {
        return QStringLiteral("%1 \u00d7 %2").arg(fixed(wide, 2), fixed(high, 2));
    };
    for (const auto& storey : option.storeys) {
        for (const auto& room : storey.rooms)
            for (const auto& o : room.openings) {
                const auto finish = model::finish_of(*facts.project, option, model::Part::glazing, o.glazing);
                out.push_back({given_name(o.name.empty() ? o.id : o.name), given_name(room.name),
                               size(o.width, o.height), fixed(o.sill, 2), o.id, finish.id, o.shading.size()});
            }
        for (const auto& light : storey.rooflights) {
            const auto finish = model::finish_of(*facts.project, option, model::Part::rooflight, light.glazing);
            out.push_back({given_name(light.name.empty() ? light.id : light.name), given_name(storey.name),
                           size(light.width, light.length), QObject::tr("roof"), light.id, finish.id,
                           light.shading.size()});
        }
    }
    return out;
}

QString material_name(const model::Project& project, const model::Id& id) {
    const auto* material = model::find(project.materials, id);
    return material != nullptr ? given_name(material->name) : QObject::tr("assumed");
}

void tell_glass(Flow& flow, const model::Project& project) {
    BookTable table;
    table.columns = {{QObject::tr("Glass"), 4},
                     {QObject::tr("Visible transmittance"), 2, true},
                     {QObject::tr("Scattered"), 1.5, true},
                     {QObject::tr("Reflectance out, in"), 2, true},
                     {QObject::tr("Solar factor"), 1.5, true},
                     {QObject::tr("Source"), 4}};
    for (const auto& m : project.materials) {
        if (m.kind != model::Material::Kind::glazing) continue;
        const auto known = [](double v) { return v > 0 ? fixed(v, 2) : QStringLiteral("\u2013"); };
        table.rows.push_back({given_name(m.name), fixed(m.transmittance, 2), share_text(m.diffuse),
                              known(m.reflectance_out) + QStringLiteral(", ") + known(m.reflectance_in),
                              known(m.solar_factor), given_name(m.source)});
    }
    if (table.rows.empty()) return;
    flow.heading(2, QObject::tr("Glass"));
    flow.table(table);
}

void tell_shading(Flow& flow, const BookFacts& facts, const model::Option& option) {
    BookTable table;
    table.columns = {{QObject::tr("Window"), 2},
                     {QObject::tr("Shading that is fixed"), 3},
                     {QObject::tr("Depth, m"), 1, true},
                     {QObject::tr("Side"), 2},
                     {QObject::tr("Material"), 3}};
    const auto add = [&](const std::string& name, const std::vector<model::ShadeLayer>& layers) {
        for (const auto& layer : layers)
            table.rows.push_back({given_name(name), language::words(shading::device_of(layer.kind).id),
                                  fixed(layer.depth, 2), layer.inside ? QObject::tr("inside") : QObject::tr("outside"),
                                  material_name(*facts.project, layer.material)});
    };
    for (const auto& storey : option.storeys) {
        for (const auto& room : storey.rooms)
            for (const auto& o : room.openings) add(o.name.empty() ? o.id : o.name, o.shading);
        for (const auto& light : storey.rooflights) add(light.name.empty() ? light.id : light.name, light.shading);
    }
    if (table.rows.empty()) return;
    flow.heading(2, QObject::tr("Fixed shading"));
    flow.table(table);
}

QString control_words(const model::BlindControl& control) {
    using Kind = model::BlindControl::Kind;
    QString out = language::words(model::control_name(control.kind));
    if (control.kind == Kind::plane_lux || control.kind == Kind::window_lux)
        out += QStringLiteral(": ") + fixed(control.limit, 0) + QStringLiteral(" lx");
    if (control.kind == Kind::window_irradiance)
        out += QStringLiteral(": ") + fixed(control.limit, 0) + QStringLiteral(" W/m\u00b2");
    if (control.kind == Kind::schedule)
        out += QObject::tr(": %1 to %2 h, months %3 to %4")
                   .arg(language::number(control.from), language::number(control.to))
                   .arg(control.month_from)
                   .arg(control.month_to);
    return out;
}

}  // namespace

void tell_windows(Flow& flow, const HeldFacts& facts) {
    const auto& of = facts->main();
    flow.heading(1, QObject::tr("Windows and glass"));
    const auto panes = panes_of(*facts, *of.surfaces);
    BookTable table;
    table.columns = {{QObject::tr("Window"), 1.6},
                     {QObject::tr("Room"), 2.6},
                     {QObject::tr("Width \u00d7 height, m"), 2},
                     {QObject::tr("Sill, m"), 1, true},
                     {QObject::tr("Faces"), 1.2, true},
                     {QObject::tr("Glass, m\u00b2"), 1.1, true},
                     {QObject::tr("Glass"), 3},
                     {QObject::tr("Maintenance factor"), 2.1, true},
                     {QObject::tr("Blind"), 1}};
    for (const auto& one : glazed(*facts, *of.option)) {
        const auto pane = panes.find(one.id);
        if (pane == panes.end()) continue;
        const bool level = pane->second.tilt < 1;
        table.rows.push_back({one.name, one.room, one.size, one.sill,
                              !pane->second.outdoors ? QObject::tr("inside")
                              : level                ? QObject::tr("up")
                                                     : fixed(pane->second.azimuth, 0) + QStringLiteral("\u00b0"),
                              fixed(pane->second.area, 2), material_name(*facts->project, one.glass),
                              fixed(pane->second.maintenance, 2),
                              pane->second.blind ? QObject::tr("yes") : QObject::tr("no")});
    }
    flow.table(table);
    flow.text(
        QObject::tr("Faces: degrees clockwise from true north. Frames, bars and reveals are not counted as glass."),
        Tone::faint, 11);
    tell_glass(flow, *facts->project);
    tell_shading(flow, *facts, *of.option);
}

void tell_blinds(Flow& flow, const HeldFacts& facts) {
    const auto& option = *facts->main().option;
    flow.heading(1, QObject::tr("Blinds and groups"));
    geometry::Surfaces surfaces = *facts->main().surfaces;
    const auto all = glazed(*facts, option);
    BookTable table;
    table.columns = {{QObject::tr("Window group"), 3},
                     {QObject::tr("Windows"), 4},
                     {QObject::tr("Blinds"), 3},
                     {QObject::tr("Worked"), 4}};
    for (const auto& group : question::window_groups(*facts->project, option, surfaces)) {
        QStringList windows, states;
        for (const auto& id : group.openings) {
            const auto listed = std::ranges::find(all, id, &Listed::id);
            windows << (listed != all.end() ? listed->name : given_name(id));
        }
        for (const auto& state : group.state_names) states << language::words(state);
        table.rows.push_back({language::words(group.name), windows.join(QStringLiteral(", ")),
                              group.states.empty() ? QObject::tr("none") : states.join(QStringLiteral(", ")),
                              group.states.empty() ? QString() : control_words(group.control)});
    }
    flow.table(table);
}

void tell_finishes(Flow& flow, const HeldFacts& facts) {
    const auto& project = *facts->project;
    flow.heading(1, QObject::tr("Finishes"));
    // Each material or assumption by the parts that have it.
    struct Use {
        double reflectance = 0, specular = 0;
        QStringList parts;
    };
    std::map<std::pair<model::Id, QString>, Use> all;
    for (const auto& surface : facts->main().surfaces->surfaces) {
        if (surface.element == geometry::Element::ground) continue;
        const QString part = language::words(model::part_name(surface.part));
        Use& use = all[{surface.material, surface.material.empty() ? part : QString()}];
        use.reflectance = surface.reflectance;
        use.specular = surface.specular;
        if (!use.parts.contains(part)) use.parts << part;
    }
    BookTable table;
    table.columns = {{QObject::tr("Material"), 4},
                     {QObject::tr("Of"), 4},
                     {QObject::tr("Reflectance"), 1.5, true},
                     {QObject::tr("Mirrored"), 1.2, true},
                     {QObject::tr("Source"), 4}};
    for (const auto& [key, use] : all) {
        const auto* material = model::find(project.materials, key.first);
        const bool assumed = material == nullptr || material->assumed;
        BookCell source(assumed ? QObject::tr("assumed: nobody chose it") : given_name(material->source));
        if (assumed) source.tone = Tone::warning;
        table.rows.push_back({material != nullptr ? given_name(material->name) : QObject::tr("none given"),
                              use.parts.join(QStringLiteral(", ")), fixed(use.reflectance + use.specular, 2),
                              use.specular > 0 ? fixed(use.specular, 2) : QString(), source});
    }
    flow.table(table);
}

}  // namespace wp::report
