// SPDX-License-Identifier: GPL-3.0-or-later
// Several processes at one year: played by threads whose messages go through memory.
#include <gtest/gtest.h>

#include <atomic>
#include <deque>
#include <thread>

#include "many/dealer.h"
#include "many/first.h"
#include "many/helper.h"
#include "many/post.h"
#include "question/ask.h"
#include "question/ask_year.h"
#include "store/answers.h"
#include "support.h"

using namespace wp;
using namespace wp::many;
using namespace std::chrono_literals;

namespace {

// Boxes of all processes of a run. One that is cut off neither hears nor is heard any more.
struct Network {
    explicit Network(int processes) : boxes(static_cast<size_t>(processes)), cut(static_cast<size_t>(processes)) {}
    std::mutex mutex;
    std::vector<std::deque<Message>> boxes;
    std::vector<char> cut;
    void cut_off(int who) {
        const std::lock_guard lock(mutex);
        cut[static_cast<size_t>(who)] = 1;
    }
};

class InMemory : public Messages {
 public:
    InMemory(Network& network, int rank) : network_(network), rank_(rank) {}
    int rank() const override { return rank_; }
    int size() const override { return static_cast<int>(network_.boxes.size()); }
    bool send(int to, std::string bytes) override {
        const std::lock_guard lock(network_.mutex);
        if (network_.cut[static_cast<size_t>(rank_)] || network_.cut[static_cast<size_t>(to)]) return true;
        network_.boxes[static_cast<size_t>(to)].push_back({rank_, std::move(bytes)});
        return true;
    }
    std::optional<Message> receive() override {
        const std::lock_guard lock(network_.mutex);
        auto& box = network_.boxes[static_cast<size_t>(rank_)];
        if (box.empty()) return {};
        auto out = std::move(box.front());
        box.pop_front();
        return out;
    }
    void leave() override {}

 private:
    Network& network_;
    int rank_;
};

OpenMessages in(Network& network, int rank) {
    return [&network, rank] { return std::make_unique<InMemory>(network, rank); };
}

// A room whose plane has several blocks of points.
struct Work {
    model::Project project;
    climate::WeatherYear weather = test::weather();
    question::YearScene scene;
    Work() {
        project = test::one_room();
        project.options[0].planes[0].spacing = 0.17;
        scene = *question::year_scene(project, project.options[0], year(), weather);
    }
    model::Question year() const { return model::question_of(project, model::Question::Kind::year); }
    question::YearAnswer solve(const Cache& cache, const Cancel& cancel = {}) const {
        return question::ask_year(scene, weather, {0.4, 1, 1}, {}, cancel, {}, cache);
    }
};

std::vector<float> lux_of(const question::YearAnswer& year) { return year.lux(0, question::Operation::open)->lux; }

void help(Network& network, int rank, const Work& work) {
    Post post(in(network, rank));
    Helper helper(post, {});
    if (helper.about()) work.solve(helper.cache(), helper.stopped());
}

}  // namespace

TEST(Letters, come_out_as_they_went_in_and_rubbish_is_none) {
    Fingerprint print;
    print.add(7);
    const std::string bytes = write({Letter::Kind::keep, print, "a piece"});
    const auto read = read_letter(bytes);
    ASSERT_TRUE(read);
    EXPECT_EQ(read->kind, Letter::Kind::keep);
    EXPECT_EQ(read->of, print);
    EXPECT_EQ(read->bytes, "a piece");
    EXPECT_FALSE(read_letter("k"));
    EXPECT_FALSE(read_letter(std::string(40, 'q')));
}

TEST(Dealer, gives_a_part_to_one_and_again_where_that_one_is_lost) {
    store::MemoryCache memory;
    Dealer dealer(memory.cache(), {});
    Fingerprint a, b;
    a.add(1), b.add(2);
    EXPECT_TRUE(dealer.claim(a, 1));
    EXPECT_TRUE(dealer.claim(a, 1)) << "asked twice it is still its own";
    EXPECT_FALSE(dealer.claim(a, 2));
    EXPECT_TRUE(dealer.claim(b, 2));
    std::vector<int> told;
    dealer.wait_for(a, 3, [&](bool made) { told.push_back(made ? 1 : 0); });
    dealer.wait_for(a, 4, [&](bool made) { told.push_back(made ? 11 : 10); });
    EXPECT_TRUE(told.empty());
    dealer.lose(1);
    EXPECT_EQ(told, std::vector<int>{0}) << "the first who waits makes it now";
    EXPECT_FALSE(dealer.claim(a, 2));
    dealer.done(a, 3);
    EXPECT_EQ(told, (std::vector<int>{0, 11}));
    EXPECT_FALSE(dealer.claim(a, 1));
    dealer.wait_for(a, 2, [&](bool made) { told.push_back(made ? 21 : 20); });
    EXPECT_EQ(told.back(), 21);
    EXPECT_EQ(dealer.made(), (std::vector<size_t>{0, 0, 0, 1}));
}

TEST(Many, processes_at_one_year_give_the_bits_of_one_alone) {
    const Work work;
    const auto alone = lux_of(work.solve({}));
    constexpr int processes = 3;
    Network network(processes);
    store::MemoryCache memory;
    Dealer dealer(memory.cache(), {});
    Post post(in(network, 0));
    First first(post, dealer, "work", 10s);
    std::vector<std::thread> others;
    for (int k = 1; k < processes; ++k) others.emplace_back([&, k] { help(network, k, work); });
    const auto year = work.solve(dealer.own());
    first.end();
    for (auto& one : others) one.join();
    EXPECT_EQ(lux_of(year), alone);
    size_t helped = 0;
    for (size_t k = 1; k < dealer.made().size(); ++k) helped += dealer.made()[k];
    EXPECT_GT(helped, 0u);
    EXPECT_EQ(first.lost(), 0u);
}

TEST(Many, one_that_is_cut_off_in_the_middle_of_a_part_takes_nothing_with_it) {
    const Work work;
    const auto alone = lux_of(work.solve({}));
    Network network(3);
    store::MemoryCache memory;
    Dealer dealer(memory.cache(), {});
    Post post(in(network, 0));
    First first(post, dealer, "work", 2s);
    std::atomic<bool> has_claimed{false};
    Cancel end;
    std::thread dying([&] {
        // It ends as a killed process does: without a word.
        Post own(in(network, 2));
        Helper helper(own, {});
        if (!helper.about()) return;
        auto cache = helper.cache();
        const auto claim = cache.claim;
        cache.claim = [&, claim](const Fingerprint& part) {
            if (has_claimed) return false;
            const bool yes = claim(part);
            network.cut_off(2);
            end.request();
            has_claimed = yes;
            return yes;
        };
        work.solve(cache, end);
    });
    // Nobody else has begun: the part is its own for certain.
    while (!has_claimed) std::this_thread::sleep_for(1ms);
    std::thread steady([&] { help(network, 1, work); });
    const auto year = work.solve(dealer.own());
    first.end();
    steady.join();
    dying.join();
    EXPECT_GE(first.lost(), 1u);
    EXPECT_EQ(lux_of(year), alone);
}

TEST(Many, what_is_no_letter_is_not_listened_to) {
    Network network(2);
    store::MemoryCache memory;
    Dealer dealer(memory.cache(), {});
    Post post(in(network, 0));
    First first(post, dealer, "work", 300ms);
    InMemory other(network, 1);
    for (const auto* rubbish : {"", "k", "nonsense that is long enough to be a letter"}) other.send(0, rubbish);
    first.end();
    EXPECT_EQ(first.lost(), 1u) << "who says nothing sensible is not there";
}

TEST(Many, jobs_are_told_in_their_order_and_waited_for_until_nothing_is_wanted_any_more) {
    Network network(2);
    store::MemoryCache memory;
    Dealer dealer(memory.cache(), {});
    Post post(in(network, 0));
    First first(post, dealer, "a house", 10s);
    first.publish("one");
    std::vector<std::string> heard;
    std::mutex mutex;
    std::thread other([&] {
        Post own(in(network, 1));
        Helper helper(own, {});
        EXPECT_EQ(helper.about(), "a house");
        while (const auto job = helper.next_job()) {
            const std::lock_guard lock(mutex);
            heard.push_back(*job);
        }
    });
    const auto wait_for = [&](size_t many) {
        for (bool there = false; !there; std::this_thread::sleep_for(1ms)) {
            const std::lock_guard lock(mutex);
            there = heard.size() >= many;
        }
    };
    wait_for(1);
    // By now it waits for the next one.
    std::this_thread::sleep_for(50ms);
    first.publish("two");
    first.publish("three");
    wait_for(3);
    first.end();
    other.join();
    EXPECT_EQ(heard, (std::vector<std::string>{"one", "two", "three"}));
}
