#!/bin/sh
# hold.sh NAME RUN COMMAND …: one program of an instance's supervisor. What its predecessor left behind when it was killed, workers that hold
# the port or the socket, is ended first: they are of the group that it led.
name=$1 run=$2
shift 2
sleep 0.5
group=$(cat "$run/$name.group" 2>/dev/null)
if [ -n "$group" ] && [ "$group" != $$ ] && pgrep -g "$group" -f "$name" >/dev/null; then
    pkill -KILL -g "$group"
    sleep 0.2
fi
echo $$ >"$run/$name.group"
exec "$@"
