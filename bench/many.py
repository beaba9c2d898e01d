#!/usr/bin/env python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Several processes at one year: how much faster, whether the bits are the same, what each takes and sends.

bench/many.py CLI PROJECT [--question ID] [--option ID] [--accuracy A] [--ranks 1,2,4] [--kills N] [--hosts FILE] [--finer K]

Each process has one thread, so that 1, 2, 4 are cores. --kills: as often a run of two is killed (kill -9 of one process, at
another place each time), and begun again. --hosts: a host file for mpirun, for runs over several hosts. --finer: points of
the planes stand so many times as close, so that there are K * K times as many."""
import argparse, filecmp, json, os, pathlib, random, re, shutil, signal, subprocess, sys, tempfile, time

parser = argparse.ArgumentParser(description=__doc__, formatter_class=argparse.RawDescriptionHelpFormatter)
parser.add_argument("cli")
parser.add_argument("project")
parser.add_argument("--question", default="year")
parser.add_argument("--option")
parser.add_argument("--accuracy")
parser.add_argument("--ranks", default="1,2,4")
parser.add_argument("--kills", type=int, default=0)
parser.add_argument("--hosts")
parser.add_argument("--finer", type=float, default=1)
parser.add_argument("--mpirun", default="mpirun", help="with its arguments")
args = parser.parse_args()

work = pathlib.Path(tempfile.mkdtemp(prefix="warmpane-many-"))
env = dict(os.environ, OMPI_ALLOW_RUN_AS_ROOT="1", OMPI_ALLOW_RUN_AS_ROOT_CONFIRM="1",
           OMPI_MCA_btl_vader_single_copy_mechanism="none", WARMPANE_LOG="cli")


def command(ranks, out, project):
    solve = [args.cli, "solve", str(project), "--question", args.question, "--threads", "1", "--out", str(out)]
    if args.option:
        solve += ["--option", args.option]
    if args.accuracy:
        solve += ["--accuracy", args.accuracy]
    if ranks == 1 and not args.hosts:
        return solve
    hosts = ["--hostfile", args.hosts] if args.hosts else ["--oversubscribe"]
    return [*args.mpirun.split(), *hosts, "--bind-to", "none", "-n", str(ranks), *solve]


def project_alone(name):
    """A copy, so that no run finds the answers of another."""
    folder = work / name
    shutil.copytree(pathlib.Path(args.project).parent, folder, ignore=shutil.ignore_patterns("*.answers*"))
    file = folder / pathlib.Path(args.project).name
    if args.finer != 1:
        project = json.loads(file.read_text())
        for option in project["options"]:
            for plane in option["planes"]:
                if not plane["for_rules"]:
                    plane["spacing"] /= args.finer
        file.write_text(json.dumps(project))
    return file


def memory_now():
    """MB of each process of ours, at its most."""
    out = {}
    for each in subprocess.run(["pgrep", "-f", args.cli], capture_output=True, text=True).stdout.split():
        try:
            status = pathlib.Path(f"/proc/{each}/status").read_text()
            name = pathlib.Path(f"/proc/{each}/comm").read_text().strip()
        except OSError:
            continue
        peak = re.search(r"VmHWM:\s+(\d+)", status)
        if peak and name.startswith("warmpane-cli"[:15]):
            out[each] = int(peak[1]) / 1024
    return out


def run(ranks, name, project):
    out = work / (name + "-out")
    start = time.monotonic()
    with open(work / (name + ".said"), "w+") as said:
        process = subprocess.Popen(command(ranks, out, project), env=env, stdout=said, stderr=subprocess.STDOUT)
        peaks = {}
        while process.poll() is None:
            peaks.update({k: max(v, peaks.get(k, 0)) for k, v in memory_now().items()})
            time.sleep(0.05)
        seconds = time.monotonic() - start
        said.seek(0)
        return seconds, process.returncode, said.read(), sorted(peaks.values()), out


def same(a, b):
    names = [f.name for f in a.glob("*.csv")]
    return bool(names) and all((b / n).exists() and filecmp.cmp(a / n, b / n, shallow=False) for n in names)


first = None
print(f"{'processes':>9} {'seconds':>8} {'times faster':>12} {'of linear':>9} {'bits':>6} {'MB each':>20} {'MB sent':>18}  parts")
for ranks in map(int, args.ranks.split(",")):
    seconds, code, said, peaks, out = run(ranks, f"n{ranks}", project_alone(f"n{ranks}"))
    if code != 0:
        sys.exit(f"{ranks} processes ended with {code}:\n{said}")
    if first is None:
        first = (seconds, out)
    sent = [f"{int(n) / 1e6:.1f}" for n in re.findall(r"(\d+) bytes sent", said)]
    parts = re.findall(r"made (\d+) parts", said)
    print(f"{ranks:>9} {seconds:>8.1f} {first[0] / seconds:>12.2f} {first[0] / seconds / ranks:>9.2f} "
          f"{'same' if same(first[1], out) else 'OTHER':>6} {' '.join(f'{p:.0f}' for p in peaks):>20} {' '.join(sent):>18}  {' '.join(parts)}",
          flush=True)

dice = random.Random(7)
for kill in range(args.kills):
    project = project_alone(f"k{kill}")
    process = subprocess.Popen(command(2, work / "cut", project), env=env, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL)
    after = dice.uniform(0.05, 0.9) * first[0] / 1.9
    time.sleep(after)
    ours = [p for p in subprocess.run(["pgrep", "-x", "warmpane-cli"], capture_output=True, text=True).stdout.split()]
    victim = dice.choice(ours) if ours else None
    if victim:
        os.kill(int(victim), signal.SIGKILL)
    ended = process.wait()
    seconds, code, said, _, out = run(2, f"k{kill}-again", project)
    found = re.search(r"([\d.]+) million rays", said)
    print(f"kill -9 after {after:5.1f} s: ended with {ended}; again {seconds:.1f} s, {found[1] if found else '?'} million rays, "
          f"{'same bits' if code == 0 and same(first[1], out) else 'OTHER BITS'}", flush=True)
shutil.rmtree(work)
