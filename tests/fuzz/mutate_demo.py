#!/usr/bin/python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Changes the demo in many ways and solves each: mutate_demo.py PROGRAM [COUNT] [SEED] [KEPT FOLDER].

Every mutant keeps one option, one question and coarse planes; up to three of its values are then spoilt: numbers made
huge, tiny, negative or nothing, words swapped, entries doubled, dropped, moved or given to others. None may end the
program by a signal, take longer than LIMIT seconds, leave an exit code that is not documented, say nothing about a
refusal or print more than MOST_SAID bytes. What does is kept.
"""
import copy
import json
import os
import random
import shutil
import subprocess
import sys
import tempfile
import time
from concurrent.futures import ThreadPoolExecutor

LIMIT = 120
MOST_SAID = 64_000
EXITS = {0, 3, 4, 6}  # done, refused, not settled, faults; 1 is an error that nobody foresaw
HERE = os.path.dirname(os.path.abspath(__file__))
DEMO = os.path.join(HERE, "..", "..", "demo")
NUMBERS = [0, -0.0, 1e-300, -1e-9, 1e-6, 0.001, 0.5, 1, -1, 2, 90, 180, 360, 1e3, 1e5, 1e9, 1e300, -1e300, 2**31, 2**53]
WORDS = ["", " ", ".", "../x", "/", "\u0000", "\u001b[2J", "a" * 3000, "none", "year", "W-01", "=1+1", "\u202e", "é"]


def places(value, path=()):
    """Every place of the document, the document itself left out."""
    items = value.items() if isinstance(value, dict) else enumerate(value) if isinstance(value, list) else ()
    for key, inner in items:
        yield value, key
        yield from places(inner, path + (key,))


def spoil_number(dice, number):
    way = dice.randrange(5)
    if way == 0:
        return dice.choice(NUMBERS)
    if way == 1:
        return -number
    if way == 2:
        return number * dice.choice([0.001, 0.1, 0.9, 1.1, 10, 1000])
    if way == 3:
        return number + dice.choice([-1, 1, -0.01, 0.01, 1e-9])
    return dice.choice([None, str(number), [number], True])


def spoil(dice, document):
    everything = list(places(document))
    holder, key = dice.choice(everything)
    value = holder[key]
    if isinstance(holder, list) and dice.random() < 0.5:
        way = dice.randrange(4)
        if way == 0:
            holder.insert(key, copy.deepcopy(value))
        elif way == 1:
            del holder[key]
        elif way == 2:
            other = dice.randrange(len(holder))
            holder[key], holder[other] = holder[other], holder[key]
        else:
            holder.reverse()
    elif isinstance(value, bool):
        holder[key] = dice.choice([not value, None, 1])
    elif isinstance(value, (int, float)):
        holder[key] = spoil_number(dice, value)
    elif isinstance(value, str):
        alike = [h[k] for h, k in everything if k == key and isinstance(h[k], str)] or [value]
        holder[key] = dice.choice(WORDS) if dice.random() < 0.5 else dice.choice(alike)
    elif dice.random() < 0.3 and isinstance(holder, dict):
        del holder[key]
    else:
        alike = [h[k] for h, k in everything if k == key]
        holder[key] = copy.deepcopy(dice.choice(alike))


def mutant(demo, seed):
    dice = random.Random(seed)
    document = copy.deepcopy(demo)
    document["options"] = [dice.choice(document["options"])]
    document["questions"] = [dice.choice(document["questions"])]
    document["questions"][0]["accuracy"] = 0.5
    if "pixels" in document["questions"][0]:
        document["questions"][0]["pixels"] = 64
    for plane in document["options"][0].get("planes", []):
        plane["spacing"] = 2.0
    for _ in range(dice.randint(1, 3)):
        spoil(dice, document)
    return document


def judge(program, demo, seed, folder, kept):
    here = tempfile.mkdtemp(dir=folder)
    try:
        project = os.path.join(here, "tern-quay.warmpane")
        with open(project, "w", encoding="utf-8") as file:
            json.dump(mutant(demo, seed), file)
        os.symlink(os.path.join(DEMO, "tern-quay.epw"), os.path.join(here, "tern-quay.epw"))
        command = [program, "solve", project, "--out", os.path.join(here, "out"), "--accuracy", "0.5", "--no-answers", "--threads", "1"]
        if seed % 2:
            command.append("--despite-faults")
        start = time.monotonic()
        try:
            done = subprocess.run(command, capture_output=True, timeout=LIMIT)
            code, said = done.returncode, done.stdout + done.stderr
        except subprocess.TimeoutExpired:
            code, said = None, b""
        seconds = time.monotonic() - start
        wrong = None
        if code is None:
            wrong = f"longer than {LIMIT} s"
        elif code not in EXITS:
            wrong = f"exit {code}"
        elif len(said) > MOST_SAID:
            wrong = f"{len(said)} bytes said"
        elif code != 0 and not said.strip():
            wrong = f"exit {code} without a word"
        elif b"\x1b" in said or "\u202e".encode() in said:
            wrong = "control characters reach the terminal"
        if wrong:
            shutil.copy(project, os.path.join(kept, f"{seed}.warmpane"))
        return seed, code, seconds, wrong
    finally:
        shutil.rmtree(here, ignore_errors=True)


def main():
    program = os.path.abspath(sys.argv[1])
    count = int(sys.argv[2]) if len(sys.argv) > 2 else 3000
    first = int(sys.argv[3]) if len(sys.argv) > 3 else 1
    kept = sys.argv[4] if len(sys.argv) > 4 else os.path.join(tempfile.gettempdir(), "warmpane-mutants")
    os.makedirs(kept, exist_ok=True)
    with open(os.path.join(DEMO, "tern-quay.warmpane"), encoding="utf-8") as file:
        demo = json.load(file)
    codes, longest, wrongs = {}, 0.0, 0
    with tempfile.TemporaryDirectory() as folder, ThreadPoolExecutor(os.cpu_count()) as pool:
        for seed, code, seconds, wrong in pool.map(lambda s: judge(program, demo, s, folder, kept), range(first, first + count)):
            codes[code] = codes.get(code, 0) + 1
            longest = max(longest, seconds)
            if wrong:
                wrongs += 1
                print(f"seed {seed}: {wrong}", flush=True)
    print(f"{count} mutants: exits {dict(sorted(codes.items(), key=str))}, longest {longest:.1f} s, {wrongs} wrong, kept in {kept}")
    return 1 if wrongs else 0


if __name__ == "__main__":
    sys.exit(main())
