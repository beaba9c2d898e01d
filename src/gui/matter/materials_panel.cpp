// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/matter/materials_panel.h"

#include <QColorDialog>
#include <QFileDialog>
#include <QHeaderView>
#include <QMenu>
#include <QMessageBox>
#include <QStandardPaths>
#include <QToolButton>
#include <QVBoxLayout>
#include <algorithm>
#include <set>

#include "base/data_folder.h"
#include "base/file.h"
#include "geometry/finishes.h"
#include "gui/desk/desktop.h"
#include "gui/entry/figure_box.h"
#include "gui/entry/rows.h"
#include "gui/look/buttons.h"
#include "gui/look/look.h"
#include "gui/matter/spectrum_view.h"
#include "gui/saving/save.h"
#include "question/ask.h"
#include "report/language/words.h"
#include "spectrum/colour.h"
#include "spectrum/smoothest.h"
#include "spectrum/spectral_table.h"
#include "store/material_file.h"

namespace wp::gui {
using namespace model;
using MaterialKind = Material::Kind;

namespace {

constexpr const char* kFilter = QT_TRANSLATE_NOOP("QObject", "Materials (*.materials.json *.json)");

QString kind_text(MaterialKind kind) {
    switch (kind) {
        case MaterialKind::opaque:
            return QObject::tr("Surface");
        case MaterialKind::glazing:
            return QObject::tr("Glass");
        case MaterialKind::fabric:
            return QObject::tr("Fabric, mesh or perforated sheet");
        case MaterialKind::slats:
            return QObject::tr("Venetian blind");
    }
    return {};
}

// Where a material goes on a selected thing: the parts of it that take such a material.
void give(Option& option, const Selection& item, const Material& m) {
    using Of = Selection::Kind;
    const Id& id = m.id;
    const bool blind = m.kind == MaterialKind::fabric || m.kind == MaterialKind::slats;
    if (item.kind == Of::room && m.kind == MaterialKind::opaque) find_room(option, item.id).room->walls = id;
    if (item.kind == Of::wall && m.kind == MaterialKind::opaque)
        set_own_finish(*find_room(option, item.id).room, item.edge, id);
    if (item.kind == Of::opening)
        if (const auto at = find_opening(option, item.id)) {
            if (blind && at.opening->kind != Opening::Kind::opening_void) {
                at.opening->blind = true;
                at.opening->blind_material = id;
            } else if (takes(at.opening->kind == Opening::Kind::window ? Part::glazing : Part::door, m.kind)) {
                at.opening->glazing = id;
            } else if (m.kind == MaterialKind::opaque) {
                at.opening->frames = id;
            }
        }
    if (item.kind == Of::rooflight)
        if (const auto at = find_on_storeys(option, &Storey::rooflights, item.id)) {
            if (m.kind == MaterialKind::glazing) at.item->glazing = id;
            if (blind) {
                at.item->blind = true;
                at.item->blind_material = id;
            }
        }
    if (item.kind == Of::partition && m.kind == MaterialKind::opaque)
        find_on_storeys(option, &Storey::partitions, item.id).item->material = id;
    if (Thing* t = item.kind == Of::thing ? model::find(option.things, item.id) : nullptr;
        t != nullptr && takes(part_of(t->kind), m.kind))
        t->material = id;
    if (Block* b = item.kind == Of::block ? model::find(option.blocks, item.id) : nullptr;
        b != nullptr && m.kind == MaterialKind::opaque)
        b->material = id;
}

}  // namespace

std::filesystem::path MaterialsPanel::own_library() {
    return std::filesystem::path(QStandardPaths::writableLocation(QStandardPaths::AppConfigLocation).toStdString()) /
           "own.materials.json";
}

MaterialsPanel::MaterialsPanel(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    setObjectName(QStringLiteral("panel"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(space::tight);
    auto* row = new QHBoxLayout;
    row->setContentsMargins(space::small, space::tight, space::small, 0);
    row->setSpacing(2);
    search_ = new QLineEdit;
    search_->setPlaceholderText(QObject::tr("Find a material"));
    search_->setObjectName(QStringLiteral("material-search"));
    search_->setClearButtonEnabled(true);
    row->addWidget(search_, 1);
    const auto tool = [&](const char* icon_name, const char* name, const QString& tip) {
        auto* b = icon_button(icon_name, name, tip);
        row->addWidget(b);
        return b;
    };
    auto* make = tool("plus", "new-material", QObject::tr("A new material"));
    make->setPopupMode(QToolButton::InstantPopup);
    auto* kinds = new QMenu(make);
    for (const MaterialKind kind :
         {MaterialKind::opaque, MaterialKind::glazing, MaterialKind::fabric, MaterialKind::slats})
        kinds->addAction(kind_text(kind), this, [this, kind] { new_material(kind); });
    make->setMenu(kinds);
    auto* files = tool("folder-open", "material-files", QObject::tr("Import or export a file of materials"));
    files->setPopupMode(QToolButton::InstantPopup);
    auto* exchange = new QMenu(files);
    exchange->addAction(QObject::tr("Import a file\u2026"), this, [this] {
        const QString file =
            QFileDialog::getOpenFileName(this, QObject::tr("Materials to import"), {}, language::words(kFilter));
        if (file.isEmpty()) return;
        const auto fault = import_file(file.toStdString());
        emit said(fault ? language::line(*fault) : QObject::tr("Added to the project"));
    });
    exchange->addAction(QObject::tr("Export this project's\u2026"), this, [this] {
        const QString file = file_to_write(this, QObject::tr("Export materials"), language::words(kFilter),
                                           QStringLiteral(".json"), QStringLiteral("project.materials.json"));
        if (file.isEmpty()) return;
        const auto fault = export_file(file.toStdString());
        emit said(fault ? language::line(*fault) : QObject::tr("Written"));
    });
    files->setMenu(exchange);
    column->addLayout(row);
    list_ = new QTreeWidget;
    list_->setObjectName(QStringLiteral("materials"));
    list_->setAccessibleName(QObject::tr("Materials"));
    list_->setHeaderHidden(true);
    list_->setFrameShape(QFrame::NoFrame);
    list_->setIndentation(12);
    list_->setIconSize({14, 14});
    list_->setColumnCount(2);
    list_->header()->setStretchLastSection(false);
    list_->header()->setSectionResizeMode(0, QHeaderView::Stretch);
    list_->header()->setSectionResizeMode(1, QHeaderView::ResizeToContents);
    column->addWidget(list_, 3);
    preview_ = new MaterialPreview;
    column->addWidget(preview_);
    page_ = new QScrollArea;
    page_->setWidgetResizable(true);
    page_->setFrameShape(QFrame::NoFrame);
    page_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    column->addWidget(page_, 4);
    connect(search_, &QLineEdit::textChanged, this, &MaterialsPanel::fill);
    connect(list_, &QTreeWidget::itemSelectionChanged, this, &MaterialsPanel::show_chosen);
    connect(list_, &QTreeWidget::itemDoubleClicked, this, &MaterialsPanel::assign);
    connect(&document, &Document::project_changed, this, &MaterialsPanel::refresh);
    if (auto read = store::read_materials(data_folder() / "materials" / "general.json")) library_ = std::move(*read);
    std::error_code error;
    if (std::filesystem::exists(own_library(), error))
        if (auto read = store::read_materials(own_library())) own_ = std::move(*read);
    refresh();
}

void MaterialsPanel::refresh() {
    if (document_.project().materials == shown_ && list_->topLevelItemCount() > 0) return;
    shown_ = document_.project().materials;
    fill();
}

void MaterialsPanel::fill() {
    From from{};
    const auto before = chosen(from);
    filling_ = true;
    std::set<int> closed;
    for (int i = 0; i < list_->topLevelItemCount(); ++i)
        if (!list_->topLevelItem(i)->isExpanded()) closed.insert(i);
    const bool first = list_->topLevelItemCount() == 0;
    list_->clear();
    const QString wanted = search_->text().trimmed();
    const auto group = [&](const QString& title, From where, const std::vector<Material>& list) {
        auto* top = new QTreeWidgetItem(list_, {title});
        top->setFlags(Qt::ItemIsEnabled);
        top->setFirstColumnSpanned(true);
        for (size_t i = 0; i < list.size(); ++i) {
            const Material& m = list[i];
            if (!wanted.isEmpty() && !name_of(m.name).contains(wanted, Qt::CaseInsensitive)) continue;
            auto* item =
                new QTreeWidgetItem(top, {name_of(m.name), QStringLiteral("%L1 %").arg(100 * figure_of(m), 0, 'f', 0)});
            item->setIcon(0, QIcon(report::swatch(m, 14)));
            item->setToolTip(0, QStringLiteral("%1\n%2").arg(name_of(m.name), name_of(m.source)));
            item->setTextAlignment(1, Qt::AlignRight | Qt::AlignVCenter);
            item->setData(0, Qt::UserRole, static_cast<int>(where));
            item->setData(0, Qt::UserRole + 1, static_cast<int>(i));
            if (before && where == from && m.id == before->id) item->setSelected(true);
        }
        top->setExpanded(first ? where == From::project
                               : !wanted.isEmpty() || !closed.contains(list_->indexOfTopLevelItem(top)));
    };
    group(QObject::tr("In this project"), From::project, document_.project().materials);
    if (!own_.empty()) group(QObject::tr("My materials"), From::own, own_);
    group(QObject::tr("Library"), From::library, library_);
    filling_ = false;
    show_chosen();
}

std::optional<Material> MaterialsPanel::chosen(From& from) const {
    const auto items = list_->selectedItems();
    if (items.isEmpty()) return {};
    from = static_cast<From>(items[0]->data(0, Qt::UserRole).toInt());
    const auto index = static_cast<size_t>(items[0]->data(0, Qt::UserRole + 1).toInt());
    const auto& list = from == From::project ? document_.project().materials : from == From::own ? own_ : library_;
    if (index >= list.size()) return {};
    return list[index];
}

void MaterialsPanel::show_chosen() {
    if (filling_) return;
    From from{};
    const auto material = chosen(from);
    preview_->show_material(material);
    if (document_.is_live()) return;
    auto* page = new QWidget;
    page->setObjectName(QStringLiteral("panel"));
    auto* form = new QFormLayout(page);
    form->setContentsMargins(space::medium, space::small, space::medium, space::small);
    form->setSpacing(space::tight);
    page_->takeWidget();
    if (QWidget* old = page_->findChild<QWidget*>(QStringLiteral("panel"))) old->deleteLater();
    page_->setWidget(page);
    if (material) show_form(*material, from);
}

void MaterialsPanel::change(const QString& name, const std::function<void(Material&)>& edit) {
    From from{};
    const auto material = chosen(from);
    if (!material || from != From::project) return;
    document_.edit(name, [&](Project& p) {
        if (Material* m = model::find(p.materials, material->id)) edit(*m);
    });
}

void MaterialsPanel::show_form(const Material& m, From from) {
    auto& form = *static_cast<QFormLayout*>(page_->widget()->layout());
    form.addRow(label(kind_text(m.kind), "heading"));
    if (from != From::project) {
        if (m.high > 0) add_text(form, m);
        form.addRow(label(name_of(m.source), "small"));
        add_button(form, QObject::tr("Add to the project"), "take-material", [this, m] { take_into_project(m); });
        add_button(form, QObject::tr("Assign to the selection"), "assign-material", [this] { assign(); });
        return;
    }
    add_button(form, QObject::tr("Assign to the selection"), "assign-material", [this] { assign(); });
    add_name(form, m.name, [this](const std::string& text) {
        change(QObject::tr("Rename material"), [&](Material& x) { x.name = text; });
    });
    const auto share = [&](const QString& title, double Material::*field) {
        return add_number(form, title, m.*field, Unit::percent, [this, title, field](double v) {
            change(title, [&](Material& x) { x.*field = std::clamp(v, 0.0, 1.0); });
        });
    };
    const auto number = [&](const QString& title, double Material::*field, Unit unit, double low, double high) {
        add_number(form, title, m.*field, unit, [this, title, field, low, high](double v) {
            change(title, [&](Material& x) { x.*field = std::clamp(v, low, high); });
        });
    };
    if (m.kind == MaterialKind::opaque) {
        share(QObject::tr("Reflectance"), &Material::reflectance);
        share(QObject::tr("Mirrored part"), &Material::specular);
        number(QObject::tr("Roughness"), &Material::roughness, Unit::plain, 0, 1);
    }
    if (m.kind == MaterialKind::glazing) {
        share(QObject::tr("Transmittance"), &Material::transmittance)
            ->setToolTip(QObject::tr("Visible, normal incidence (EN 410)"));
        share(QObject::tr("Scattered part"), &Material::diffuse);
        share(QObject::tr("Reflects, outside"), &Material::reflectance_out)
            ->setToolTip(QObject::tr("0: as uncoated panes do"));
        share(QObject::tr("Reflects, inside"), &Material::reflectance_in)
            ->setToolTip(QObject::tr("0: as uncoated panes do"));
        share(QObject::tr("Solar factor"), &Material::solar_factor)
            ->setToolTip(QObject::tr("g-value (EN 410); 0: not known. For the record"));
        add_number(form, QObject::tr("Panes"), m.panes, Unit::plain, [this](double v) {
            change(QObject::tr("Panes"), [&](Material& x) { x.panes = whole_number(v, 1, 4); });
        });
    }
    if (m.kind == MaterialKind::fabric) {
        share(QObject::tr("Openness"), &Material::openness);
        share(QObject::tr("Scattered part"), &Material::transmittance);
        share(QObject::tr("Reflectance"), &Material::reflectance);
    }
    if (m.kind == MaterialKind::slats) {
        number(QObject::tr("Slat width"), &Material::slat_width, Unit::metre, 0.001, 1);
        number(QObject::tr("Slat spacing"), &Material::slat_spacing, Unit::metre, 0.001, 1);
        number(QObject::tr("Slat tilt"), &Material::slat_tilt, Unit::degree, -85, 85);
        share(QObject::tr("Reflectance"), &Material::reflectance);
        add_choice<int>(form, QObject::tr("Slats"),
                        {{QT_TRANSLATE_NOOP("QObject", "level"), 0}, {QT_TRANSLATE_NOOP("QObject", "upright"), 1}},
                        m.slats_upright ? 1 : 0, [this](int on) {
                            change(QObject::tr("Slats"), [&](Material& x) { x.slats_upright = on != 0; });
                        });
    }
    add_text(form, m);
    add_flag(form, QObject::tr("Known"), QObject::tr("only assumed"), m.assumed,
             [this](bool on) { change(QObject::tr("Assumed"), [&](Material& x) { x.assumed = on; }); });
    auto* source = new QLineEdit(name_of(m.source));
    source->setObjectName(QStringLiteral("material-source"));
    source->setPlaceholderText(QObject::tr("where its figures come from"));
    connect(source, &QLineEdit::editingFinished, this, [this, source] {
        change(QObject::tr("Source of material"), [&](Material& x) { x.source = source->text().toStdString(); });
    });
    form.addRow(QObject::tr("Source"), source);
    add_button(form, QObject::tr("Colour\u2026"), "material-colour", [this, m] {
        const QColor c = QColorDialog::getColor(report::colour_of(m), this, QObject::tr("Colour in drawings"));
        if (c.isValid())
            change(QObject::tr("Colour of material"), [&](Material& x) { x.colour = c.name().toStdString(); });
    });
    if (m.kind != MaterialKind::slats) add_spectrum(form, m);
    add_button(form, QObject::tr("Keep in my materials"), "keep-own", [this] { keep_own(); });
    add_button(form, QObject::tr("Remove from the project"), "remove-material", [this] { remove(); });
    for (auto* field : page_->widget()->findChildren<NumberField*>()) {
        field->set_live();
        connect(field, &NumberField::live, this, [this](bool on) {
            if (on) return document_.begin_live();
            document_.end_live();
            show_chosen();
        });
    }
}

// By wavelength: from a file, from its colour, or grey.
void MaterialsPanel::add_spectrum(QFormLayout& form, const Material& m) {
    if (model::is_coloured(m)) form.addRow(new SpectrumView(m, page_->widget()));
    if (m.spectrum.empty()) {
        const auto field = [&](const char* name, const QString& words, double Material::*value, double most) {
            auto* entry = new NumberField(m.*value, Unit::plain, [this, value, most](double v) {
                change(QObject::tr("Colour of material"), [&](Material& x) { x.*value = std::clamp(v, 0.0, most); });
            });
            entry->setObjectName(QString::fromLatin1(name));
            form.addRow(words, entry);
        };
        field("material-chroma", QObject::tr("Chroma C*ab (0: grey)"), &Material::chroma, 150);
        if (m.chroma > 0) field("material-hue", QObject::tr("Hue h*ab, \u00b0"), &Material::hue, 360);
    }
    add_button(form, QObject::tr("Spectrum from a file\u2026"), "spectrum-file", [this] { read_spectrum(); });
    const auto colour = spectrum::srgb_of_hex(m.colour);
    if (colour)
        add_button(form, QObject::tr("Spectrum from its colour"), "spectrum-colour", [this, colour = *colour] {
            const auto found = spectrum::smoothest(spectrum::xyz_of_srgb(colour));
            if (!found)
                return tell_spectrum(QObject::tr("No matter has this colour: take one less bright or less saturated."));
            change(QObject::tr("Spectrum of material"),
                   [&](Material& x) { x.spectrum.assign(found->begin(), found->end()); });
        });
    if (!m.spectrum.empty())
        add_button(form, QObject::tr("No spectrum: grey"), "spectrum-none",
                   [this] { change(QObject::tr("Spectrum of material"), [](Material& x) { x.spectrum.clear(); }); });
}

void MaterialsPanel::tell_spectrum(const QString& words) {
    auto* box = new QMessageBox(QMessageBox::Information, QObject::tr("Spectrum"), words, QMessageBox::Ok, this);
    box->setAttribute(Qt::WA_DeleteOnClose);
    box->open();
}

void MaterialsPanel::read_spectrum() {
    const QString file =
        QFileDialog::getOpenFileName(this, QObject::tr("Spectrum"), {},
                                     QObject::tr("Wavelengths and values in columns (*.csv *.txt);;All files (*)"));
    if (!file.isEmpty()) take_spectrum(file.toStdString());
}

void MaterialsPanel::take_spectrum(const std::filesystem::path& path) {
    const auto bytes = read_file(path, size_t{16} << 20);
    if (!bytes) return tell_spectrum(language::line(bytes.fault()));
    const std::string name = path.filename().string();
    auto table = spectrum::parse_spectral_table(*bytes, name);
    if (!table) return tell_spectrum(language::line(table.fault()));
    size_t column = 0;
    if (table->columns.size() > 1) {
        QStringList heads;
        for (size_t i = 0; i < table->columns.size(); ++i)
            heads << (i < table->heads.size() ? name_of(table->heads[i]) : QObject::tr("column %1").arg(i + 1));
        FigureBox box(this, QObject::tr("Spectrum"));
        auto* choice = box.choice(QObject::tr("Column"), heads, "spectrum-column");
        if (!box.ask()) return;
        column = static_cast<size_t>(choice->currentIndex());
    }
    const auto found = spectrum::matter_of(*table, column, name);
    if (!found) return tell_spectrum(language::line(found.fault()));
    change(QObject::tr("Spectrum of material"), [&](Material& x) {
        x.spectrum.assign(found->begin(), found->end());
        // Its figure is told by the file, too.
        const double visible = spectrum::visible(*found);
        if (x.kind == MaterialKind::opaque) x.reflectance = visible;
        if (x.kind == MaterialKind::glazing) x.transmittance = visible;
        x.source = name;
        x.assumed = false;
    });
    if (table->notes.empty()) return;
    QStringList notes;
    for (const auto& note : table->notes) notes << language::words(note);
    tell_spectrum(notes.join(QStringLiteral("\n")));
}

// What is wrong with it, what its range is, and what to ask about glass that nobody knows.
void MaterialsPanel::add_text(QFormLayout& form, const Material& m) {
    if (const auto wrong = impossible(m); !wrong.empty())
        form.addRow(label(QObject::tr("It %1.").arg(language::words(wrong)), "fault"));
    if (m.high > 0)
        form.addRow(label(
            QObject::tr("Real ones: %L1 to %L2 %.").arg(100 * m.low, 0, 'f', 0).arg(100 * m.high, 0, 'f', 0), "small"));
    if (m.kind == MaterialKind::glazing && m.assumed)
        form.addRow(label(QObject::tr("Ask its maker for: light transmittance at normal incidence (EN 410), light "
                                      "reflectance outside and inside, solar factor, "
                                      "number of panes and coatings; for diffusing glass, which part is scattered."),
                          "small"));
}

Id MaterialsPanel::take_into_project(const Material& m) {
    Id id;
    document_.edit(QObject::tr("Import %1").arg(name_of(m.name)),
                   [&](Project& p) { id = store::merge_materials(p.materials, {m}).front(); });
    if (id.empty()) id = m.id;  // it was there already
    return id;
}

void MaterialsPanel::assign() {
    From from{};
    const auto material = chosen(from);
    if (!material) return;
    const auto items = document_.selected();
    if (items.empty())
        return emit said(QObject::tr("Select rooms, walls, windows or things first; then assign the material"));
    document_.edit(QObject::tr("Assign %1").arg(name_of(material->name)), [&](Project& p) {
        const Id id = store::merge_materials(p.materials, {*material}).front();
        for (const Selection& item : items)
            give(p.options[document_.option_index()], item, *model::find(p.materials, id));
    });
    emit said(QObject::tr("%1 assigned to %2")
                  .arg(name_of(material->name), items.size() == 1
                                                    ? language::words(edit::item_name(document_.option(), items[0]))
                                                    : QObject::tr("%1 things").arg(items.size())));
}

void MaterialsPanel::keep_own() {
    From from{};
    const auto material = chosen(from);
    if (!material) return;
    auto list = own_;
    std::erase_if(list, [&](const Material& m) { return m.id == material->id; });
    list.push_back(*material);
    std::error_code error;
    std::filesystem::create_directories(own_library().parent_path(), error);
    if (const auto fault = store::save_materials(list, own_library())) return emit said(language::line(*fault));
    own_ = std::move(list);
    fill();
    emit said(QObject::tr("Kept: it is there in every project"));
}

void MaterialsPanel::remove() {
    From from{};
    const auto material = chosen(from);
    if (!material || from != From::project) return;
    for (const Option& option : document_.project().options) {
        const auto users = geometry::users_of(document_.project(), option, material->id);
        const bool by_type = std::any_of(option.types.begin(), option.types.end(),
                                         [&](const auto& t) { return t.second == material->id; });
        bool in_blinds = false;
        for (const Storey& s : option.storeys)
            for (const Room& r : s.rooms)
                in_blinds = in_blinds || std::any_of(r.openings.begin(), r.openings.end(), [&](const Opening& o) {
                                return o.blind_material == material->id;
                            });
        if (!users.empty() || by_type || in_blinds)
            return emit said(QObject::tr("%1 is in use in %2: assign another material there first")
                                 .arg(name_of(material->name), name_of(option.name)));
    }
    document_.edit(QObject::tr("Remove material"), [&](Project& p) {
        std::erase_if(p.materials, [&](const Material& m) { return m.id == material->id; });
    });
}

void MaterialsPanel::new_material(MaterialKind kind) {
    Material m;
    m.kind = kind;
    m.name = QObject::tr("New ").toStdString() + language::within_sentence(kind_text(kind)).toStdString();
    m.assumed = true;
    if (kind == MaterialKind::fabric) {
        m.transmittance = 0.1;
        m.reflectance = 0.5;
    }
    int n = 1;
    while (model::find(document_.project().materials, "material-" + std::to_string(n)) != nullptr) ++n;
    m.id = "material-" + std::to_string(n);
    document_.edit(QObject::tr("New material"), [&](Project& p) { p.materials.push_back(m); });
    QTreeWidgetItem* top = list_->topLevelItem(0);
    list_->clearSelection();
    if (top != nullptr && top->childCount() > 0) top->child(top->childCount() - 1)->setSelected(true);
}

Outcome MaterialsPanel::import_file(const std::filesystem::path& file) {
    const auto read = store::read_materials(file);
    if (!read) return read.fault();
    document_.edit(QObject::tr("Import materials"), [&](Project& p) { store::merge_materials(p.materials, *read); });
    return {};
}

Outcome MaterialsPanel::export_file(const std::filesystem::path& file) {
    return store::save_materials(document_.project().materials, file);
}

Page materials_page(Desktop& desktop) {
    auto* panel = new MaterialsPanel(desktop.document(), desktop.window());
    QObject::connect(panel, &MaterialsPanel::said, &desktop, &Desktop::say);
    desktop.add_finder([&desktop, panel] {
        std::vector<Palette::Entry> out;
        for (const auto& material : desktop.document().project().materials)
            out.push_back({QString::fromStdString(material.name), QObject::tr("material"),
                           [&desktop, panel, name = QString::fromStdString(material.name)] {
                               desktop.go_to_desk(DeskKind::build);
                               desktop.show_page(panel);
                               panel->look_for(name);
                           }});
        return out;
    });
    return {QObject::tr("Materials"), QObject::tr("What surfaces and panes are made of"), on_desk(DeskKind::build),
            panel};
}

}  // namespace wp::gui
