// SPDX-License-Identifier: GPL-3.0-or-later
// Texts from outside on their way to terminals, files and tables.
#include "base/text.h"

#include <gtest/gtest.h>

#include <set>

#include "base/csv.h"
#include "base/json_text.h"

using namespace wp;

TEST(Texts, never_command_a_terminal) {
    EXPECT_EQ(plain_text("Hall \x1b[31mred\x07"), "Hall ?[31mred?");
    EXPECT_EQ(plain_text("two\nlines"), "two?lines");
    EXPECT_EQ(plain_lines("two\nlines\r"), "two\nlines?");
    EXPECT_EQ(plain_text("caf\xc3\xa9 \xc2\x9b"), "caf\xc3\xa9 ?") << "C1 controls are controls too";
    EXPECT_EQ(plain_text("a\xe2\x80\xae"
                         "b"),
              "a?b")
        << "nothing turns the direction of writing";
    EXPECT_EQ(plain_text("\xff\xc0\x80 \xed\xa0\x80"), "??? ???") << "what is no UTF-8 is told byte by byte";
    EXPECT_LT(plain_text(std::string(100000, 'x')).size(), 700u) << "a message does not grow with what it is about";
    EXPECT_EQ(plain_text("\xc3\xa9\xc3\xa9\xc3\xa9\xc3\xa9", 5), "\xc3\xa9 ... \xc3\xa9")
        << "never cut within a character";
}

TEST(Texts, of_old_files_are_taken_as_latin_1) {
    EXPECT_EQ(as_utf8("K\xf8"
                      "benhavn"),
              "K\xc3\xb8"
              "benhavn");
    EXPECT_EQ(as_utf8("K\xc3\xb8"
                      "benhavn"),
              "K\xc3\xb8"
              "benhavn");
}

TEST(FileNames, are_safe_and_no_two_ids_share_one) {
    std::set<std::string> names;
    const std::vector<std::string> ids = {"tall",
                                          "Tall",
                                          "../tall",
                                          "/etc/passwd",
                                          "",
                                          ".",
                                          "..",
                                          "-rf",
                                          "a/b",
                                          "a_b",
                                          "a.b",
                                          "a\nb",
                                          "a b",
                                          std::string(300, 'a'),
                                          std::string(301, 'a'),
                                          std::string("a\0b", 3),
                                          "a~0000000000000000",
                                          "\xc3\xa9"};
    for (const auto& id : ids) {
        const std::string name = file_name_of(id);
        EXPECT_TRUE(names.insert(name).second) << id;
        EXPECT_EQ(name.find_first_of(std::string("/.\n\0 ", 5)), std::string::npos) << name;
        EXPECT_FALSE(name.empty());
        EXPECT_NE(name.front(), '-');
        EXPECT_LT(name.size(), 100u);
    }
    EXPECT_EQ(file_name_of("as-found_2"), "as-found_2") << "a plain id is its own name";
    EXPECT_EQ(file_name_of("a/b"), file_name_of("a/b"));
}

TEST(Csv, every_text_comes_back_and_none_is_a_formula) {
    std::vector<std::string> texts = {"plain",  "a,b",        "say \"so\"", "two\nlines", "=1+1",
                                      "+2",     "-2+3",       "@cmd",       "'quoted",    "",
                                      " edge ", "semi;colon", "\t=x",       "caf\xc3\xa9"};
    std::string line;
    for (const auto& t : texts) line += (line.empty() ? "" : ",") + csv_field(t);
    EXPECT_EQ(line.find(",="), std::string::npos);
    line += "\r\nnext";
    CsvReader reader(line);
    std::vector<std::string_view> fields;
    ASSERT_TRUE(*reader.next(fields));
    ASSERT_EQ(fields.size(), texts.size());
    for (size_t i = 0; i < texts.size(); ++i) EXPECT_EQ(fields[i], texts[i]);
    ASSERT_TRUE(*reader.next(fields));
    EXPECT_EQ(reader.line(), 3u) << "a field of two lines counts as two";
    EXPECT_FALSE(*reader.next(fields));
}

TEST(Csv, an_open_quotation_is_told_with_its_line) {
    CsvReader open("a,b\n\"never closed,1\n2,3\n");
    std::vector<std::string_view> fields;
    ASSERT_TRUE(*open.next(fields));
    const auto fault = open.next(fields);
    ASSERT_FALSE(fault);
    EXPECT_EQ(fault.fault().place, "line 2");
    EXPECT_FALSE(CsvReader("\"a\"b,c").next(fields));
}

TEST(JsonText, too_deep_too_long_and_too_large_are_faults_with_their_place) {
    const auto fault = [](const std::string& text) {
        const auto read = parse_json(text, "f");
        return read ? std::string("read") : read.fault().line();
    };
    EXPECT_NE(fault(std::string(100000, '[')).find("line 1, column 65: brackets"), std::string::npos);
    EXPECT_NE(fault("{\n\"a\": " + std::string(100000, '[') + "}").find("line 2"), std::string::npos);
    EXPECT_NE(fault("{\"a\": " + std::string(1000000, '7') + "}").find("more digits"), std::string::npos);
    EXPECT_NE(fault("{\"a\": 1e400}").find("too large"), std::string::npos);
    EXPECT_NE(fault("{\"a\": 1, \"b\": {\"c\": 1, \"c\": 2}}").find("\"c\" stands twice"), std::string::npos);
    EXPECT_NE(fault("{\"a\": 1,\n \"b\" 2}").find("line 2, column 6"), std::string::npos);
    EXPECT_NE(fault("\"\xff\"").find("stops being JSON"), std::string::npos) << "JSON is UTF-8";
    EXPECT_EQ(fault("{\"a\": [1, {\"a\": \"[[[\\\"[[\"}]}"), "read") << "brackets within texts are none";
    EXPECT_EQ(fault(std::string(60, '[') + std::string(60, ']')), "read");
}

TEST(JsonText, cbor_that_claims_more_than_it_holds_or_nests_without_end_is_not_let_in) {
    EXPECT_TRUE(
        is_sound_cbor("\xa1\x61"
                      "a\x82\x01\xf6"));
    EXPECT_FALSE(is_sound_cbor(std::string(100000, '\x81') + '\x00'));
    EXPECT_FALSE(is_sound_cbor("\x9b\x10\x00\x00\x00\x00\x00\x00\x00")) << "2^60 items";
    EXPECT_FALSE(
        is_sound_cbor("\x7a\x7f\xff\xff\xff"
                      "ab"))
        << "a text of 2 GB";
    EXPECT_FALSE(is_sound_cbor("\x01\x01")) << "two values";
    EXPECT_FALSE(is_sound_cbor(""));
    EXPECT_FALSE(is_sound_cbor("\x9f\x01\xff")) << "a size that is not told";
}
