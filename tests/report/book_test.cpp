// SPDX-License-Identifier: GPL-3.0-or-later
// The report as a reviewer gets it: written, and read back by another library than wrote it.
#include <gtest/gtest.h>
#include <poppler-qt6.h>

#include <QGuiApplication>
#include <filesystem>

#include "analysis/analysis.h"
#include "asked_room.h"
#include "base/file.h"
#include "geometry/builder.h"
#include "question/ask.h"
#include "report/book/compose.h"
#include "report/book/flow.h"
#include "report/book/pdf.h"
#include "report/contact_sheet.h"
#include "rule/data.h"

using namespace wp;
using namespace wp::report;

namespace {

/// A room with its daylight factor asked, and two criteria on it: one that is met and one that is not.
struct Asked {
    model::Project project = test::one_room();
    std::vector<rule::CriteriaSet> sets;
    question::TableAnswer answer;
    model::Question question;
    geometry::Surfaces surfaces;

    std::shared_ptr<BookFacts> facts() {
        auto& option = project.options[0];
        question = model::question_of(project, model::Question::Kind::daylight_factor);
        question.accuracy = 0.2;
        if (answer.table.planes.empty()) answer = *analysis::ask(project, option, question, nullptr, {0.2, 1, 0});
        if (sets.empty()) sets.push_back(of_thresholds(0.1, 60));
        const auto out = std::make_shared<BookFacts>();
        BookOption one;
        one.option = &option;
        surfaces = geometry::build_surfaces(project, option);
        one.surfaces = &surfaces;
        one.answers.tables[question.kind] = &answer.table;
        one.answers.asked.push_back({&question, &answer.table});
        rule::Case judged;
        const auto planes = question::planes_of(option, {}, 0);
        judged.subjects = rule::subjects_of(option, *planes, *one.surfaces);
        judged.rooms = rule::rooms_of(option);
        judged.answers = one.answers;
        judged.of = rule::Circumstances{&project, nullptr};
        for (const auto& set : sets) {
            exchange::Certified::Set s;
            s.set = &set;
            s.verdicts = rule::evaluate(set, judged);
            s.conclusions = rule::conclude(s.verdicts);
            s.outcome = rule::outcome_of(set, s.conclusions);
            one.certified.sets.push_back(std::move(s));
        }
        one.made.push_back({question.name, answer.record});
        out->project = &project;
        out->options.push_back(std::move(one));
        out->day = QStringLiteral("30 November 2026");
        return out;
    }

    static rule::CriteriaSet of_thresholds(double easy, double hard) {
        rule::CriteriaSet set;
        set.id = "own";
        set.name = "Our own rule";
        set.source = "House rule 7";
        for (const double needed : {easy, hard}) {
            rule::Criterion c;
            c.id = needed == easy ? "easy" : "hard";
            c.name = needed == easy ? "A little daylight" : "Very much daylight";
            c.meaning = "The room's mean daylight factor";
            c.source = "House rule 7, clause 2";
            c.measure = "mean";
            c.figure = "daylight_factor";
            c.thresholds.push_back({needed, "met", 0});
            set.criteria.push_back(c);
        }
        return set;
    }
};

std::unique_ptr<Poppler::Document> read_back(const Book& book) {
    const auto bytes = pdf_of(book);
    if (!bytes) return nullptr;
    return Poppler::Document::loadFromData(*bytes);
}

QString all_text(const Poppler::Document& pdf) {
    QString out;
    for (int p = 0; p < pdf.numPages(); ++p) out += pdf.page(p)->text(QRectF()) + QLatin1Char('\n');
    return out.simplified();
}

int page_of(const Poppler::Document& pdf, const QString& title) {
    for (const auto& item : pdf.outline())
        if (item.name() == title) return item.destination()->pageNumber();
    return 0;
}

}  // namespace

TEST(Report, says_what_was_judged_with_value_need_and_source) {
    Asked room;
    const auto facts = room.facts();
    const auto pdf = read_back(compose(facts));
    ASSERT_NE(pdf, nullptr);
    const QString text = all_text(*pdf);
    for (const char* words : {"Our own rule", "1 of 2 met", "House rule 7, clause 2", "A little daylight",
                              "Very much daylight", "not met", "30 November 2026", "Daylight factor, mean"})
        EXPECT_TRUE(text.contains(QString::fromLatin1(words))) << words;
    const auto& verdict = facts->main().certified.sets[0].verdicts[1];
    EXPECT_TRUE(text.contains(QString::fromStdString(rule::value_text(*verdict.criterion, verdict.value))))
        << rule::value_text(*verdict.criterion, verdict.value);
}

TEST(Report, tells_the_decision_with_its_reasons_and_figures_given_by_hand_before_the_options) {
    Asked room;
    room.project.decision = {room.project.options[0].id, "Light to the back wall", "K. Wren", "2026-11-30"};
    room.project.hand_figures.push_back(
        {"cost", "Building cost", "k", model::HandFigure::Better::lower, {{room.project.options[0].id, 420}}});
    const auto facts = room.facts();
    facts->options.push_back(facts->options[0]);  // two are compared
    const auto pdf = read_back(compose(facts));
    ASSERT_NE(pdf, nullptr);
    const QString text = all_text(*pdf);
    for (const char* words :
         {"Decision", "Light to the back wall", "K. Wren", "2026-11-30", "Building cost [k]", "420"})
        EXPECT_TRUE(text.contains(QString::fromLatin1(words))) << words;
    room.project.decision = {};
    EXPECT_FALSE(all_text(*read_back(compose(facts))).contains(QStringLiteral("K. Wren"))) << "nothing is decided";
}

TEST(Report, shows_many_pictures_with_where_and_how_they_are_judged_unless_the_building_changed) {
    Asked room;
    auto facts = room.facts();
    const auto& option = room.project.options[0];
    auto question = model::question_of(room.project, model::Question::Kind::glare);
    question.name = "Looking around";
    question.picture.pixels = 32;
    question.batch.directions = model::PictureBatch::Directions::around;
    question.batch.apart = 180;
    const auto shots = question::shots_of(option, question, 0);
    ASSERT_TRUE(shots) << shots.fault().line();
    const auto weather = test::weather();
    auto all = std::make_shared<BookShots>();
    all->name = question.name;
    all->in_row = question::shots_in_row(*shots);
    QStringList wanted;
    for (const auto& shot : *shots) {
        auto surfaces = room.surfaces;
        const auto task = question::glare_task(room.project, option, shot.question, surfaces, &weather);
        ASSERT_TRUE(task) << task.fault().line();
        all->pictures.push_back(question::taken(option, shot, question::solve_glare(*task, {0.5, 1, 0}), 32));
        wanted << contact_figure(all->pictures.back());
    }
    facts->shots = {all};
    const QString text = all_text(*read_back(compose(facts)));
    EXPECT_TRUE(text.contains(QStringLiteral("Looking around")));
    for (const QString& figure : wanted)
        EXPECT_TRUE(text.contains(figure.section(QLatin1Char(','), 0, 0))) << figure.toStdString();
    auto old = std::make_shared<BookShots>(*all);
    old->stale = true;
    facts = room.facts();
    facts->shots = {old};
    const QString without = all_text(*read_back(compose(facts)));
    EXPECT_TRUE(without.contains(QStringLiteral("The model has changed since: left out.")));
    for (const QString& figure : wanted)
        EXPECT_FALSE(without.contains(figure.section(QLatin1Char(','), 0, 0))) << "of another building";
}

TEST(Report, has_bookmarks_links_and_embedded_fonts) {
    Asked room;
    const Book book = compose(room.facts());
    const auto pdf = read_back(book);
    ASSERT_NE(pdf, nullptr);
    EXPECT_EQ(static_cast<size_t>(pdf->numPages()), book.pages.size());
    EXPECT_EQ(pdf->info(QStringLiteral("Title")), book.title);
    size_t sections = 0;
    for (const auto& mark : book.marks) sections += mark.level == 1;
    EXPECT_EQ(static_cast<size_t>(pdf->outline().size()), sections);
    size_t links = 0;
    for (int p = 0; p < pdf->numPages(); ++p)
        for (const auto& link : pdf->page(p)->links()) {
            ASSERT_EQ(link->linkType(), Poppler::Link::Goto);
            EXPECT_GE(static_cast<const Poppler::LinkGoto&>(*link).destination().pageNumber(), 1);
            ++links;
        }
    EXPECT_EQ(links, book.links.size()) << "each leads somewhere";
    ASSERT_FALSE(pdf->fonts().isEmpty());
    for (const auto& font : pdf->fonts()) EXPECT_TRUE(font.isEmbedded()) << font.name().toStdString();
}

TEST(Report, its_contents_tell_the_pages_that_the_bookmarks_lead_to) {
    Asked room;
    const auto pdf = read_back(compose(room.facts()));
    ASSERT_NE(pdf, nullptr);
    const QString contents = pdf->page(1)->text(QRectF()).simplified();
    for (const auto* title : {"Summary", "Criteria", "Record"}) {
        const int page = page_of(*pdf, QString::fromLatin1(title));
        ASSERT_GT(page, 0) << title;
        EXPECT_TRUE(contents.contains(QStringLiteral("%1 %2").arg(QString::fromLatin1(title)).arg(page)))
            << title << " on " << page << ": " << contents.toStdString();
        EXPECT_TRUE(pdf->page(page - 1)->text(QRectF()).contains(QString::fromLatin1(title)));
    }
}

TEST(Report, the_same_answers_make_the_same_bytes) {
    Asked room;
    const auto facts = room.facts();
    const auto first = pdf_of(compose(facts)), second = pdf_of(compose(facts));
    ASSERT_TRUE(first && second);
    EXPECT_EQ(*first, *second);
    room.project.report.client = "Somebody else";
    EXPECT_NE(*pdf_of(compose(facts)), *first);
}

TEST(Report, sections_stand_in_the_order_that_was_chosen_and_those_left_out_do_not) {
    using Of = model::ReportSection::Of;
    Asked room;
    room.project.report.sections = {{Of::record, true}, {Of::summary, true}, {Of::finishes, false}};
    const Book book = compose(room.facts());
    QStringList titles;
    for (const auto& mark : book.marks)
        if (mark.level == 1) titles << mark.title;
    EXPECT_LT(titles.indexOf(QStringLiteral("Record")), titles.indexOf(QStringLiteral("Summary")));
    EXPECT_EQ(titles.indexOf(QStringLiteral("Record")), 0) << "what is not named follows";
    EXPECT_FALSE(titles.contains(QStringLiteral("Finishes")));
    EXPECT_TRUE(titles.contains(QStringLiteral("Rooms")));
}

TEST(Report, is_laid_out_for_its_paper) {
    Asked room;
    const auto a4 = read_back(compose(room.facts()));
    EXPECT_NEAR(a4->page(0)->pageSizeF().width(), 595.3, 0.6);
    EXPECT_NEAR(a4->page(0)->pageSizeF().height(), 841.9, 0.6);
    room.project.report.paper = model::Report::Paper::letter;
    const auto letter = read_back(compose(room.facts()));
    EXPECT_NEAR(letter->page(0)->pageSizeF().width(), 612, 0.6);
    EXPECT_NEAR(letter->page(0)->pageSizeF().height(), 792, 0.6);
}

TEST(Report, says_what_was_left_out_because_the_building_has_changed) {
    Asked room;
    const auto facts = room.facts();
    facts->options[0].stale = {"The year"};
    facts->options[0].missing = {"Sunlight hours of one day"};
    const auto pdf = read_back(compose(facts));
    const QString text = all_text(*pdf);
    EXPECT_TRUE(text.contains(QStringLiteral("Left out, since the building has changed since it was asked: The year")));
    EXPECT_TRUE(text.contains(QStringLiteral("Not asked yet: Sunlight hours of one day")));
}

TEST(Report, does_without_a_logo_that_cannot_be_read) {
    const auto folder = std::filesystem::temp_directory_path() / "warmpane-book";
    std::filesystem::create_directories(folder);
    ASSERT_FALSE(write_file(folder / "logo.png", "no picture at all"));
    Asked room;
    room.project.report.logo = "logo.png";
    room.project.report.picture = "is-not-there.jpg";
    const auto facts = room.facts();
    facts->folder = folder;
    const auto pdf = read_back(compose(facts));
    ASSERT_NE(pdf, nullptr);
    EXPECT_TRUE(pdf->page(0)->text(QRectF()).contains(QStringLiteral("Daylight report")));
    std::filesystem::remove_all(folder);
}

TEST(Report, of_a_project_in_which_nothing_was_drawn_says_so_and_nothing_else) {
    model::Project project;
    project.name = "Empty";
    project.options.emplace_back();
    for (const bool storey : {false, true}) {
        if (storey) project.options[0].storeys.push_back(model::new_storey("g", "Ground", 0));
        const auto facts = std::make_shared<BookFacts>();
        facts->project = &project;
        BookOption one;
        one.option = &project.options[0];
        const auto surfaces = geometry::build_surfaces(project, *one.option);
        one.surfaces = &surfaces;
        facts->options.push_back(std::move(one));
        const auto pdf = read_back(compose(facts));
        ASSERT_NE(pdf, nullptr);
        EXPECT_TRUE(all_text(*pdf).contains(QStringLiteral("The project answers to no criteria set.")));
        EXPECT_TRUE(all_text(*pdf).contains(QStringLiteral("Nothing was asked.")));
    }
}

TEST(Report, names_that_look_like_markup_are_told_as_they_are) {
    Asked room;
    room.project.report.title = "<b>A & B</b> (100 %)";
    room.project.report.author = "\"O'Neil\" <x>";
    const auto pdf = read_back(compose(room.facts()));
    ASSERT_NE(pdf, nullptr);
    EXPECT_TRUE(all_text(*pdf).contains(QStringLiteral("<b>A & B</b> (100 %)")));
    EXPECT_EQ(pdf->info(QStringLiteral("Author")), QStringLiteral("\"O'Neil\" <x>"));
}

TEST(Flow, long_tables_run_over_pages_and_say_their_columns_on_each) {
    Flow flow(page_size(model::Report::Paper::a4));
    BookTable table;
    table.columns = {{QStringLiteral("Nameofcolumn"), 1}, {QStringLiteral("Other"), 1, true}};
    for (int i = 0; i < 200; ++i) table.rows.push_back({QStringLiteral("row %1").arg(i), QString::number(i)});
    flow.table(table);
    const auto pdf = read_back(flow.take());
    ASSERT_NE(pdf, nullptr);
    ASSERT_GT(pdf->numPages(), 3);
    for (int p = 0; p < pdf->numPages(); ++p)
        EXPECT_TRUE(pdf->page(p)->text(QRectF()).contains(QStringLiteral("Nameofcolumn"))) << p;
    EXPECT_TRUE(pdf->page(pdf->numPages() - 1)->text(QRectF()).contains(QStringLiteral("row 199")));
}

TEST(Flow, lines_hold_every_word_and_none_is_wider_than_the_column) {
    QFont font(QStringLiteral("Inter"));
    font.setPixelSize(12);
    const QString text =
        QStringLiteral("Two rooms, and a-very-long-word-without-a-gap-that-has-to-be-broken\nnew line");
    const QStringList lines = lines_of(text, font, 90);
    EXPECT_EQ(lines.join(QString()).remove(QLatin1Char(' ')),
              QString(text).remove(QLatin1Char(' ')).remove(QLatin1Char('\n')));
    for (const auto& line : lines) EXPECT_LE(QFontMetricsF(font).horizontalAdvance(line), 92) << line.toStdString();
}
