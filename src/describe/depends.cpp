// SPDX-License-Identifier: GPL-3.0-or-later
#include "describe/depends.h"

#include <map>
#include <utility>

#include "describe/describe.h"

namespace wp::describe {
using namespace model;

namespace {

class Print : public Describer {
 public:
    Print(Fingerprint& print, unsigned wanted, const Project& project)
        : print_(print), wanted_(wanted), project_(project) {}

    void text(const Field& f, std::string& v) override {
        if (begin(f)) print_.add(std::string_view(v));
    }
    void texts(const Field& f, std::vector<std::string>& v) override {
        if (!begin(f)) return;
        print_.add(v.size());
        for (const auto& one : v) print_.add(std::string_view(one));
    }
    void number(const Field& f, double& v) override {
        if (begin(f)) print_.add(v);
    }
    void numbers(const Field& f, std::vector<double>& v) override {
        if (!begin(f)) return;
        print_.add(v.size());
        for (const double one : v) print_.add(one);
    }
    void whole(const Field& f, int& v) override {
        if (begin(f)) print_.add(v);
    }
    void seed(const Field& f, unsigned& v) override {
        if (begin(f)) print_.add(v);
    }
    void flag(const Field& f, bool& v) override {
        if (begin(f)) print_.add(static_cast<int>(v));
    }
    void point(const Field& f, Vec2& v) override {
        if (begin(f)) add(v);
    }
    void optional_point(const Field& f, Vec2& v, bool& present) override {
        if (present && begin(f)) add(v);
    }
    void triple(const Field& f, Vec3& v) override {
        if (!begin(f)) return;
        for (const double one : {v.x, v.y, v.z}) print_.add(one);
    }
    void polygon(const Field& f, std::vector<Vec2>& v) override {
        if (!begin(f)) return;
        print_.add(v.size());
        for (const Vec2& corner : v) add(corner);
    }
    void word(const Field& f, int& v, std::span<const Word> words) override {
        if (!begin(f)) return;
        for (const Word& w : words)
            if (w.value == v) print_.add(std::string_view(w.word));
    }
    void object(const Field& f, const char*, bool& present, const Visit& visit) override {
        if (!present || !enters(f)) return;
        begin(f);
        inside(f, [&] { visit(*this); });
    }
    void items(const Field& f, const char*, Items& items) override {
        if (!enters(f)) return;
        if (begin(f)) print_.add(items.size());
        inside(f, [&] {
            for (size_t i = 0; i < items.size(); ++i) items.visit(i, *this);
        });
    }
    void material(const Field& f, Id& id) override {
        if (begin(f)) add_material(id);
    }
    void shape(const Field& f, Id& id) override {
        const Shape* found = find(project_.shapes, id);
        if (!begin(f) || found == nullptr) return;
        print_.add(std::string_view(found->points));
        print_.add(std::string_view(found->triangles));
    }
    void luminaire_type(const Field& f, Id& id) override {
        if (!begin(f)) return;
        const LuminaireType* found = find(project_.luminaire_types, id);
        if (found == nullptr) return print_.add(std::string_view(id));
        auto [at, fresh] = known_types_.try_emplace(id);
        if (fresh) {
            Print inner(at->second, bears::light | bears::colours, project_);
            LuminaireType bare = *found;
            bare.id.clear();
            describe(inner, bare);
        }
        print_.add(at->second);
    }
    void materials(const Field& f, std::vector<Id>& ids) override {
        if (!begin(f)) return;
        print_.add(ids.size());
        for (const Id& id : ids) add_material(id);
    }
    void rest(Extra& extra) override {
        if ((around_ & wanted_) != 0) print_.add(std::string_view(extra));
    }

 private:
    unsigned bears(const Field& f) const { return f.bears == bears::as_around ? around_ : f.bears; }
    bool enters(const Field& f) const { return ((bears(f) | f.within) & wanted_) != 0; }
    bool begin(const Field& f) {
        if ((bears(f) & wanted_) == 0) return false;
        print_.add(std::string_view(f.key));
        return true;
    }
    void add(const Vec2& v) {
        print_.add(v.x);
        print_.add(v.y);
    }
    template <class Visit>
    void inside(const Field& f, Visit&& visit) {
        const unsigned before = std::exchange(around_, bears(f));
        visit();
        around_ = before;
    }
    // What a material is made of, whatever it is called.
    void add_material(const Id& id) {
        const Material* found = find(project_.materials, id);
        if (found == nullptr) return print_.add(std::string_view(id));
        auto [at, fresh] = known_.try_emplace(id);
        if (fresh) {
            Print inner(at->second, bears::light, project_);
            Material bare = *found;
            bare.id.clear();
            describe(inner, bare);
        }
        print_.add(at->second);
    }

    Fingerprint& print_;
    unsigned wanted_;
    const Project& project_;
    unsigned around_ = bears::light;
    std::map<Id, Fingerprint> known_, known_types_;
};

// Site, calendar and the like: the options are left to the one that is asked about.
void add_project(Print& print, const Project& project) {
    Project around;
    around.site = project.site;
    around.blind_transmittance = project.blind_transmittance;
    around.occupancies = project.occupancies;
    around.calendar = project.calendar;
    around.extra = project.extra;
    describe_const(print, around);
}

}  // namespace

Fingerprint depends(const Project& project, const Option& option, unsigned bears) {
    Fingerprint out;
    Print print(out, bears, project);
    add_project(print, project);
    describe_const(print, option);
    return out;
}

Fingerprint asks(const Question& question, unsigned bears) {
    Fingerprint out;
    static const Project none;
    Print print(out, bears, none);
    describe_const(print, question);
    return out;
}

}  // namespace wp::describe
