// SPDX-License-Identifier: GPL-3.0-or-later
// What processes of one run say to each other.
#pragma once
#include <optional>
#include <string>
#include <string_view>

#include "base/fingerprint.h"

namespace wp::many {

struct Letter {
    enum class Kind : char {
        // To the first process; those marked ask for an answer, of which one is open at a time.
        begin = 'b',  ///< asks for what all jobs are about
        job = 'j',    ///< asks: the next job, as soon as there is one; bytes: how many it has had
        claim = 'c',  ///< asks: yes or no
        done = 'd',
        find = 'f',  ///< asks: a piece or no
        keep = 'k',
        wait = 'w',   ///< asks: yes once it is there, no where it is the asker's now
        alive = 'a',  ///< still there
        bye = 'e',    ///< has no more to do
        // From it.
        yes = 'y',  ///< with what was asked for
        no = 'n',
        stop = 's',  ///< nothing more is wanted
    };
    Kind kind = Kind::alive;
    Fingerprint of;
    std::string_view bytes;
};

std::string write(const Letter& letter);
std::string write_number(size_t number);
/// 0 where it is none.
size_t read_number(std::string_view bytes);
/// bytes of what is read lie in what it is read from. None: it is no letter.
std::optional<Letter> read_letter(std::string_view message);

}  // namespace wp::many
