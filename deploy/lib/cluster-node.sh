#!/usr/bin/env bash
# One database node of the cluster that `./pebblefell test cluster` lays out: cluster-node.sh FOLDER NUMBER first|start|kill|stop|state
set -euo pipefail
folder=$1 number=$2
config=$folder/n$number.cnf
client() { mariadb --no-defaults --socket="$folder/n$number.sock" --user=root "$@"; }

# Starts it and waits until it is in step: 1 if that takes too long, 2 if it ended meanwhile.
run() {
    local position=''
    # After a kill the node does not know how far it was: it looks, and then asks the others only for what it missed.
    if [ "${1:-}" != --wsrep-new-cluster ]; then
        /usr/sbin/mariadbd --defaults-file="$config" --wsrep-recover --log-error="$folder/n$number.recover" >/dev/null 2>&1 || true
        position=$(sed -n 's/.*Recovered position: *//p' "$folder/n$number.recover" 2>/dev/null | tail -n 1)
        [ -n "$position" ] && set -- "--wsrep-start-position=$position"
    fi
    setsid nohup /usr/sbin/mariadbd --defaults-file="$config" "$@" >>"$folder/n$number.log" 2>&1 </dev/null &
    local server=$!
    for _ in $(seq 1 600); do
        [ "$(state)" = Synced ] && return 0
        kill -0 "$server" 2>/dev/null || return 2
        sleep 0.1
    done
    return 1
}

# What the system's service does on a real machine: a node that gave up, such as one whose donor could not give it the state, is started again.
start() {
    local code
    for _ in 1 2 3; do
        code=0
        run || code=$?
        [ $code = 0 ] && return 0
        [ $code = 2 ] || break
        echo "node $number gave up; it is started again" >&2
        sleep 2
    done
    tail -n 30 "$folder/n$number.log" >&2
    return 1
}

state() { client -N -e "SHOW STATUS LIKE 'wsrep_local_state_comment'" 2>/dev/null | cut -f2 || true; }

case $3 in
    first) run --wsrep-new-cluster ;;
    start) start ;;
    state) state ;;
    kill) kill -KILL "$(cat "$folder/n$number.pid")" ;;
    stop) kill -TERM "$(cat "$folder/n$number.pid" 2>/dev/null)" 2>/dev/null || true ;;
    sql) shift 3; client "$@" ;;
esac
