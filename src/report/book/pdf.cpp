// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/book/pdf.h"

#include <QBuffer>
#include <QPageSize>
#include <QPdfWriter>
#include <qpdf/QPDF.hh>
#include <qpdf/QPDFPageDocumentHelper.hh>
#include <qpdf/QPDFWriter.hh>

#include "base/file.h"
#include "base/log.h"
#include "base/record.h"
#include "report/paper.h"

namespace wp::report {

namespace {

constexpr int kDots = 960;                   // ten for each unit of a book
constexpr double kPoint = 72.0 / kPageDots;  // PDF's points in a unit of a book

// Qt's own tells the moment and a number drawn by lot.
QByteArray metadata_of(const Book& book) {
    const QString text = QStringLiteral(
                             "<?xpacket begin=\"\ufeff\" id=\"W5M0MpCehiHzreSzNTczkc9d\"?>\n"
                             "<x:xmpmeta xmlns:x=\"adobe:ns:meta/\"><rdf:RDF "
                             "xmlns:rdf=\"http://www.w3.org/1999/02/22-rdf-syntax-ns#\">"
                             "<rdf:Description rdf:about=\"\" xmlns:dc=\"http://purl.org/dc/elements/1.1/\">"
                             "<dc:title><rdf:Alt><rdf:li xml:lang=\"x-default\">%1</rdf:li></rdf:Alt></dc:title>"
                             "<dc:creator><rdf:Seq><rdf:li>%2</rdf:li></rdf:Seq></dc:creator>"
                             "<dc:language><rdf:Bag><rdf:li>%3</rdf:li></rdf:Bag></dc:language>"
                             "</rdf:Description></rdf:RDF></x:xmpmeta>\n<?xpacket end=\"w\"?>")
                             .arg(book.title.toHtmlEscaped(), book.author.toHtmlEscaped(), book.language);
    return text.toUtf8();
}

QByteArray drawn(const Book& book) {
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    QPdfWriter writer(&buffer);
    writer.setPdfVersion(QPagedPaintDevice::PdfVersion_1_6);
    writer.setResolution(kDots);
    writer.setPageSize(QPageSize(book.size * kPoint, QPageSize::Point, {}, QPageSize::ExactMatch));
    writer.setPageMargins(QMarginsF());
    writer.setTitle(book.title);
    writer.setCreator(QStringLiteral("Warm Pane %1").arg(QString::fromUtf8(kVersion)));
    writer.setDocumentXmpMetadata(metadata_of(book));
    QPainter painter(&writer);
    painter.scale(kDots / kPageDots, kDots / kPageDots);
    for (size_t page = 0; page < book.pages.size(); ++page) {
        if (page > 0) writer.newPage();
        book.paint(painter, page);
    }
    painter.end();
    return bytes;
}

QPDFObjectHandle text_of(const QString& text) { return QPDFObjectHandle::newUnicodeString(text.toStdString()); }

/// Bookmarks, links and what a reader is told of the whole, in a document that was drawn.
class Navigation {
 public:
    Navigation(QPDF& pdf, const Book& book) : pdf_(pdf), book_(book) {
        for (const auto& page : QPDFPageDocumentHelper(pdf).getAllPages()) pages_.push_back(page.getObjectHandle());
    }
    void put() {
        put_outline();
        put_links();
        auto root = pdf_.getRoot();
        root.replaceKey("/Lang", text_of(book_.language));
        root.replaceKey("/PageMode", QPDFObjectHandle::newName("/UseOutlines"));
        auto shown = QPDFObjectHandle::newDictionary();
        shown.replaceKey("/DisplayDocTitle", QPDFObjectHandle::newBool(true));
        root.replaceKey("/ViewerPreferences", shown);
        auto info = pdf_.getTrailer().getKey("/Info");
        if (!info.isDictionary()) return;
        for (const char* key : {"/CreationDate", "/ModDate"}) info.removeKey(key);
        if (!book_.author.isEmpty()) info.replaceKey("/Author", text_of(book_.author));
        info.replaceKey("/Subject", text_of(book_.subject));
    }

 private:
    QPDFObjectHandle place(size_t page, double y) {
        auto out = QPDFObjectHandle::newArray();
        out.appendItem(pages_.at(page));
        out.appendItem(QPDFObjectHandle::newName("/XYZ"));
        out.appendItem(QPDFObjectHandle::newInteger(0));
        out.appendItem(QPDFObjectHandle::newReal((book_.size.height() - y) * kPoint, 2));
        out.appendItem(QPDFObjectHandle::newNull());
        return out;
    }
    struct Node {
        QPDFObjectHandle item;
        int level = 0;
        std::vector<size_t> children;
    };
    // Headings of a page are children of the last one above that is of a lower level.
    void put_outline() {
        std::vector<Node> nodes{{pdf_.makeIndirectObject(QPDFObjectHandle::newDictionary()), 0, {}}};
        std::vector<size_t> above{0};
        for (const auto& mark : book_.marks) {
            auto item = pdf_.makeIndirectObject(QPDFObjectHandle::newDictionary());
            item.replaceKey("/Title", text_of(mark.title));
            item.replaceKey("/Dest", place(mark.page, mark.y));
            while (above.size() > 1 && nodes[above.back()].level >= mark.level) above.pop_back();
            nodes[above.back()].children.push_back(nodes.size());
            above.push_back(nodes.size());
            nodes.push_back({item, mark.level, {}});
        }
        for (auto& node : nodes) link_children(nodes, node);
        nodes[0].item.replaceKey("/Type", QPDFObjectHandle::newName("/Outlines"));
        pdf_.getRoot().replaceKey("/Outlines", nodes[0].item);
    }
    static void link_children(std::vector<Node>& nodes, Node& node) {
        if (node.children.empty()) return;
        for (size_t i = 0; i < node.children.size(); ++i) {
            auto& child = nodes[node.children[i]].item;
            child.replaceKey("/Parent", node.item);
            if (i > 0) child.replaceKey("/Prev", nodes[node.children[i - 1]].item);
            if (i + 1 < node.children.size()) child.replaceKey("/Next", nodes[node.children[i + 1]].item);
        }
        node.item.replaceKey("/First", nodes[node.children.front()].item);
        node.item.replaceKey("/Last", nodes[node.children.back()].item);
        // Sections stand open, what is in them closed.
        const auto count = static_cast<long long>(node.children.size());
        node.item.replaceKey("/Count", QPDFObjectHandle::newInteger(node.level == 0 ? count : -count));
    }
    void put_links() {
        for (const auto& link : book_.links) {
            const auto* to = book_.mark(link.key);
            if (to == nullptr) continue;
            auto& page = pages_.at(link.page);
            auto annotation = pdf_.makeIndirectObject(QPDFObjectHandle::newDictionary());
            annotation.replaceKey("/Type", QPDFObjectHandle::newName("/Annot"));
            annotation.replaceKey("/Subtype", QPDFObjectHandle::newName("/Link"));
            annotation.replaceKey("/Rect",
                                  QPDFObjectHandle::newArray(QPDFObjectHandle::Rectangle(
                                      link.from.left() * kPoint, (book_.size.height() - link.from.bottom()) * kPoint,
                                      link.from.right() * kPoint, (book_.size.height() - link.from.top()) * kPoint)));
            annotation.replaceKey("/Border", QPDFObjectHandle::newArray(
                                                 std::vector<QPDFObjectHandle>(3, QPDFObjectHandle::newInteger(0))));
            annotation.replaceKey("/Dest", place(to->page, to->y));
            annotation.replaceKey("/Contents", text_of(to->title));
            auto all = page.getKey("/Annots");
            if (!all.isArray()) {
                all = QPDFObjectHandle::newArray();
                page.replaceKey("/Annots", all);
            }
            all.appendItem(annotation);
        }
    }

    QPDF& pdf_;
    const Book& book_;
    std::vector<QPDFObjectHandle> pages_;
};

}  // namespace

Result<QByteArray> pdf_of(const Book& book) {
    const QByteArray bytes = drawn(book);
    try {
        QPDF pdf;
        pdf.processMemoryFile("report", bytes.constData(), static_cast<size_t>(bytes.size()));
        Navigation(pdf, book).put();
        QPDFWriter writer(pdf);
        writer.setOutputMemory();
        writer.setDeterministicID(true);
        writer.write();
        const auto out = writer.getBufferSharedPointer();
        return QByteArray(reinterpret_cast<const char*>(out->getBuffer()), static_cast<qsizetype>(out->getSize()));
    } catch (const std::exception& e) {
        return Fault{"report", std::string("the PDF cannot be put together: ") + e.what(), "Tell the developers"};
    }
}

Outcome write_pdf(const Book& book, const std::filesystem::path& path) {
    auto bytes = pdf_of(book);
    if (!bytes) return bytes.fault();
    log(LogOf::report, "report {}, {} pages, {} bytes", path.string(), book.pages.size(), bytes->size());
    return write_file(path, {bytes->constData(), static_cast<size_t>(bytes->size())});
}

}  // namespace wp::report
