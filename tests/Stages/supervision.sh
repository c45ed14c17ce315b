#!/usr/bin/env bash
# Kills the pieces of a running application one after the other, and the application itself, and sees that each comes
# back: in a copy of the project with a database of its own. Prints what did not, and exits 1.
set -uo pipefail
cd "$(dirname "$0")/../.."
. bin/lib.sh

COPY=$(copy_of_project supervision)
FAULTS=0
RUN=
clean() {
    [ -z "$RUN" ] || kill -TERM "$RUN" 2>/dev/null
    wait 2>/dev/null
    for name in web worker database; do [ ! -f "$COPY/.data/run/$name" ] || kill -KILL -- "-$(cat "$COPY/.data/run/$name")" 2>/dev/null; done
    rm -rf "$COPY"
}
trap clean EXIT

cd "$COPY"
unset DB_PORT DB_DATABASE FILESYSTEM_ROOT APP_URL
PORT=$(free_port 8590)

until_true() { # until_true WHAT SECONDS COMMAND...
    local what=$1 tries=$(($2 * 5))
    shift 2
    while [ "$tries" -gt 0 ]; do
        if "$@" >/dev/null 2>&1; then echo "  ok: $what"; return 0; fi
        tries=$((tries - 1))
        sleep 0.2
    done
    echo "  NOT: $what"
    FAULTS=$((FAULTS + 1))
    return 1
}
start() { bash bin/start --no-demo --port "$PORT" >>"$COPY/start.log" 2>&1 & RUN=$!; }
ready() { curl -sf -o /dev/null --max-time 2 "http://127.0.0.1:$PORT/ready"; }
up() { curl -sf -o /dev/null --max-time 2 "http://127.0.0.1:$PORT/up"; }
says() { grep -q "$1" "$COPY/start.log"; }
group() { cat "$COPY/.data/run/$1"; }
# Counted here by what the kernel says of each, not as bin/lib.sh counts: what has ended and is not buried does not run.
whole() {
    local process running=0
    for process in $(pgrep -g "$(group web)"); do
        grep -q '^State:[[:space:]]*[RSD]' "/proc/$process/status" 2>/dev/null && running=$((running + 1))
    done
    [ "$running" -gt 4 ]
}
other() { local now; now=$(group "$1") && [ "$now" != "$2" ] && kill -0 "$now"; }
answers_503() { [ "$(curl -s -o /dev/null -w '%{http_code}' --max-time 2 "http://127.0.0.1:$PORT/sign-in")" = 503 ]; }
answers_200() { [ "$(curl -s -o /dev/null -w '%{http_code}' --max-time 2 "http://127.0.0.1:$PORT/sign-in")" = 200 ]; }
gone() { ! kill -0 "$1"; }
nothing_left() { ! pgrep -f "$COPY/.data/mariadb" && port_is_free "$PORT"; }

start
until_true 'it starts' 90 says 'is ready at' || { cat "$COPY/start.log"; exit 1; }
until_true 'it is ready' 10 ready

BEFORE=$(group worker)
kill -KILL "$BEFORE"
until_true 'a killed worker is started again' 10 other worker "$BEFORE"

until_true 'the web server is whole' 5 whole
kill -KILL "$(pgrep -g "$(group web)" | tail -1)"
until_true 'a killed web child is replaced' 10 whole
kill -KILL $(pgrep -g "$(group web)" | tail -4)
until_true 'four killed web children are replaced' 20 whole
until_true 'and it is said' 5 says 'the web has ended; it is started again'

# A worker that is through with its memory is replaced at once, and not told as a death; one that ends within two seconds
# is, whatever it ends with: the one that was started again is given them.
sleep 3
BEFORE=$(group worker) DEATHS=$(grep -c 'the worker has ended' "$COPY/start.log")
php artisan queue:restart --quiet
until_true 'a worker that ends itself is replaced' 10 other worker "$BEFORE"
[ "$(grep -c 'the worker has ended' "$COPY/start.log")" = "$DEATHS" ] || { echo '  NOT: its end is told as a death'; FAULTS=$((FAULTS + 1)); }
BEFORE=$(group web)
kill -KILL -- "-$BEFORE"
until_true 'a killed web server is started again' 15 other web "$BEFORE"
until_true 'and answers' 10 up

BEFORE=$(group database)
kill -STOP "$BEFORE"
kill -KILL "$BEFORE"
until_true 'while the database is away a page answers 503' 5 answers_503
until_true 'a killed database is started again' 15 other database "$BEFORE"
until_true 'and the page is there again' 20 answers_200
until_true 'all of it is said in the log' 5 says 'the database has ended; it is started again'

# The supervisor itself, with all that it leaves behind.
LEFT=$(group database)
kill -KILL "$RUN"
wait "$RUN" 2>/dev/null
start
until_true 'a second start ends what a killed one left behind' 60 says 'Ending the database that an earlier run left behind'
until_true 'and the old database is gone' 20 gone "$LEFT"
until_true 'and starts' 60 ready

# Stopping, with a piece dead already.
kill -KILL -- "-$(group worker)" 2>/dev/null
kill -TERM "$RUN"
wait "$RUN" 2>/dev/null
RUN=
until_true 'stopping works whatever is dead already, and leaves nothing' 20 nothing_left

[ "$FAULTS" = 0 ] || { echo '--'; tail -30 "$COPY/start.log"; exit 1; }
