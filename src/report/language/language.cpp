// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/language/language.h"

#include <QCoreApplication>
#include <QHash>
#include <QLibraryInfo>
#include <QMutex>
#include <QTranslator>
#include <memory>

static void load_translations() { Q_INIT_RESOURCE(languages); }

namespace wp::language {
namespace {

// Groups of digits are left together: what is shown can be typed.
QLocale locale_of(const QString& id) {
    QLocale locale(id);
    locale.setNumberOptions(QLocale::OmitGroupSeparator);
    return locale;
}

// Knows which words of the sources stand behind those on the screen.
class Translator : public QTranslator {
 public:
    QString translate(const char* context, const char* source, const char* note, int n) const override {
        QString out = QTranslator::translate(context, source, note, n);
        if (!out.isEmpty()) {
            const QMutexLocker hold(&lock_);
            sources_.insert(out, source);
        }
        return out;
    }
    QString source_of(const QString& words) const {
        const QMutexLocker hold(&lock_);
        const auto it = sources_.constFind(words);
        return it == sources_.constEnd() ? QString() : QString::fromUtf8(*it);
    }

 private:
    mutable QMutex lock_;
    mutable QHash<QString, QByteArray> sources_;
};

struct Installed {
    QString id = QStringLiteral("en");
    std::vector<std::unique_ptr<Translator>> translators;
};

Installed& installed() {
    static Installed one;
    return one;
}

bool install(const QString& file, const QString& folder) {
    auto translator = std::make_unique<Translator>();
    if (!translator->load(file, folder)) return false;
    QCoreApplication::installTranslator(translator.get());
    installed().translators.push_back(std::move(translator));
    return true;
}

}  // namespace

const std::vector<Language>& languages() {
    static const std::vector<Language> all{{QStringLiteral("en"), QStringLiteral("English")},
                                           {QStringLiteral("de"), QStringLiteral("Deutsch")}};
    return all;
}

QString chosen_language(const QString& set) {
    for (const QString& id : {set, QLocale::system().name().section(QLatin1Char('_'), 0, 0)})
        for (const Language& l : languages())
            if (l.id == id) return id;
    return languages().front().id;
}

bool use_language(const QString& id) {
    if (chosen_language(id) != id) return false;
    load_translations();
    for (const auto& t : installed().translators) QCoreApplication::removeTranslator(t.get());
    installed().translators.clear();
    installed().id = id;
    QLocale::setDefault(locale_of(id));
    if (id == languages().front().id) return true;
    // Words of Qt's own boxes; they stay English where its translations are not there.
    install(QStringLiteral("qtbase_") + id, QLibraryInfo::path(QLibraryInfo::TranslationsPath));
    return install(QStringLiteral("warmpane_") + id, QStringLiteral(":/languages"));
}

QString language_in_use() { return installed().id; }

QString object_name(const char* prefix, const QString& words) {
    QString text = words;
    for (const auto& t : installed().translators)
        if (const QString source = t->source_of(words); !source.isEmpty()) text = source;
    return QStringLiteral("%1-%2").arg(QString::fromLatin1(prefix),
                                       text.toLower().replace(QLatin1Char(' '), QLatin1Char('-')));
}

}  // namespace wp::language
