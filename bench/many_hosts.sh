#!/usr/bin/env bash
# SPDX-License-Identifier: GPL-3.0-or-later
# Two hosts of our own on one machine: network namespaces joined by a cable of their own. bench/many_hosts.sh COMMAND...
# runs a command on the first; $HOSTS names both in a host file, mpirun reaches the second by itself. CUT=seconds: after so
# long the cable is cut. For root.
set -euo pipefail
first=wp-studio second=wp-attic
folder="$(mktemp -d)"
tidy() {
    for name in "$first" "$second"; do ip netns pids "$name" 2>/dev/null | xargs -r kill -9; ip netns del "$name" 2>/dev/null || true; done
    rm -rf "$folder"
}
trap tidy EXIT
for name in "$first" "$second"; do ip netns add "$name"; ip -n "$name" link set lo up; done
ip link add wp-a netns "$first" type veth peer name wp-b netns "$second"
ip -n "$first" addr add 10.77.0.1/24 dev wp-a
ip -n "$second" addr add 10.77.0.2/24 dev wp-b
ip -n "$first" link set wp-a up
ip -n "$second" link set wp-b up
printf '10.77.0.1 slots=1\n10.77.0.2 slots=1\n' >"$folder/hosts"
# In place of ssh: mpirun gives it a host and what to run there.
cat >"$folder/reach" <<END
#!/bin/sh
shift
exec ip netns exec $second unshare --uts sh -c "hostname $second; exec sh -c '\$*'"
END
chmod +x "$folder/reach"
export HOSTS="$folder/hosts" OMPI_MCA_plm_rsh_agent="$folder/reach" OMPI_MCA_btl=self,tcp OMPI_MCA_btl_tcp_if_include=10.77.0.0/24 \
    OMPI_MCA_oob_tcp_if_include=10.77.0.0/24 OMPI_ALLOW_RUN_AS_ROOT=1 OMPI_ALLOW_RUN_AS_ROOT_CONFIRM=1
[ -z "${CUT:-}" ] || (sleep "$CUT"; ip -n "$second" link set wp-b down; echo "cut after $CUT s") &
ip netns exec "$first" unshare --uts sh -c "hostname $first; exec \"\$@\"" run "$@"
