// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/glare/glare_words.h"

#include <cmath>

#include "report/language/words.h"

namespace wp::gui {

int digits_of(const metric::GlareIndex& index) { return std::string_view(index.id).starts_with("dgp") ? 2 : 0; }

QTableWidgetItem* glare_cell(const QString& text, bool is_figure) {
    auto* item = new QTableWidgetItem(text);
    item->setTextAlignment((is_figure ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
    item->setToolTip(text);
    return item;
}

QString arc_words(const question::ClearArc& arc, const metric::GlareIndex& index, double north) {
    const auto point = [north](double heading) { return language::words(question::compass_point(heading + north)); };
    QString out = QObject::tr("clear nowhere");
    if (!arc.spans.empty()) {
        const auto& span = arc.spans.front();
        out = span.width() >= 360 ? QObject::tr("clear all around")
                                  : QObject::tr("clear from %1 over %2 to %3")
                                        .arg(point(span.from), point(span.middle()), point(span.to));
        if (arc.spans.size() > 1) out += QObject::tr(" and %n more", nullptr, static_cast<int>(arc.spans.size()) - 1);
    }
    if (!arc.worst) return out;
    out += QObject::tr("; worst %L1\u00b0, %2 %3")
               .arg(std::fmod(arc.worst_heading + north + 720, 360), 0, 'f', 0)
               .arg(QString::fromLatin1(index.short_name), language::number(*arc.worst, 'f', digits_of(index)));
    return arc.worst_source.empty() ? out : out + QStringLiteral(", ") + language::words(arc.worst_source);
}

}  // namespace wp::gui
