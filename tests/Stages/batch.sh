#!/usr/bin/env bash
# One price over thousands of SKUs: the worker is killed in the middle again and again, a person works on one of the
# products meanwhile, all of it is undone, and what leaves the shop is the same as before. Needs the project's database
# to run (bin/test starts it). tests/Stages/batch.sh [PRODUCTS SKUS]; prints what differs, and exits 1.
set -uo pipefail
cd "$(dirname "$0")/../.."
. bin/lib.sh

PRODUCTS=${1:-300} SKUS=${2:-7500} MOST_MB=256
WORK=$(mktemp -d /tmp/slate-batch-XXXXXX)
export APP_ENV=local DB_DATABASE=indigo_slate_batch FILESYSTEM_ROOT=.data/batch CACHE_STORE=database QUEUE_CONNECTION=database QUEUE_RETRY_AFTER=3
WORKER=
clean() {
    [ -z "$WORKER" ] || kill -KILL "$WORKER" 2>/dev/null
    admin -e "drop database if exists $DB_DATABASE"
    rm -rf "$WORK" .data/batch
}
trap clean EXIT
fail() { echo "  NOT: $1"; exit 1; }
worker() {
    php -d memory_limit="${MOST_MB}M" tests/Stages/batch.php work "$WORK/peaks" </dev/null >>"$WORK/worker.log" 2>&1 &
    WORKER=$!
}
bulk() { php artisan slate:bulk "$@" --as=ada@thrumbury.example --json; }
of() { php -r 'echo json_decode(stream_get_contents(STDIN), true)[$argv[1]] ?? "";' "$1"; }
state() { php artisan slate:bulk show "$ID" --json | of state; }
until_state() { # until_state STATE SECONDS
    local tries=$(($2 * 4))
    while [ "$tries" -gt 0 ]; do
        [ "$(state)" != "$1" ] || return 0
        kill -0 "$WORKER" 2>/dev/null || worker
        tries=$((tries - 1))
        sleep 0.25
    done
    return 1
}

admin -e "drop database if exists $DB_DATABASE; create database $DB_DATABASE character set utf8mb4"
php artisan migrate --force --quiet && php artisan slate:demo --accounts --quiet && QUEUE_CONNECTION=sync php tests/Stages/batch.php stock || exit 1
php artisan slate:generate --products="$PRODUCTS" --skus="$SKUS" --seed=90 >/dev/null 2>&1 || fail 'a catalog is generated'
php artisan slate:export "$WORK/before.csv" >/dev/null

ID=$(bulk price 52.50 | of id)
[ -n "$ID" ] || fail 'a batch is begun'
KILLS=0
while [ "$KILLS" -lt 4 ]; do
    worker
    sleep 1
    [ "$KILLS" != 2 ] || php tests/Stages/batch.php work-on-one >"$WORK/person" || fail 'a person works on one of the products meanwhile'
    kill -KILL "$WORKER" 2>/dev/null && KILLS=$((KILLS + 1))
    wait "$WORKER" 2>/dev/null
    [ "$(state)" = running ] || break
done
worker
until_state done 300 || fail "it goes on after $KILLS kills, to its end"
php tests/Stages/batch.php count "$ID" || fail 'each product was changed once'
php tests/Stages/batch.php person "$WORK/person" || fail 'the person lost nothing'

php tests/Stages/batch.php undo-person "$WORK/person" || fail 'the person takes the own change back'
bulk undo "$ID" >/dev/null || fail 'it can be undone'
sleep 1
kill -KILL "$WORKER" 2>/dev/null
wait "$WORKER" 2>/dev/null
worker
until_state undone 300 || fail 'the undo goes on after a kill, to its end'
php artisan slate:export "$WORK/after.csv" >/dev/null
cmp "$WORK/before.csv" "$WORK/after.csv" || fail 'the full export is identical after the undo'

# Two runners that redo the same products at once write each row once.
kill -KILL "$WORKER" 2>/dev/null
wait "$WORKER" 2>/dev/null
faults() { cat storage/logs/slate*.log 2>/dev/null | grep -c 'Duplicate entry'; }
BEFORE=$(faults)
runners() {
    local pids=()
    for _ in 1 2; do
        php tests/Stages/batch.php run "$ID" >>"$WORK/worker.log" 2>&1 &
        pids+=($!)
    done
    wait "${pids[@]}"
}
ID=$(php tests/Stages/batch.php add)
[ -n "$ID" ] || fail 'a batch that adds a picture is begun'
runners
[ "$(state)" = done ] || fail "two runners work off a batch: $(state)"
for way in undo redo; do
    bulk "$way" "$ID" >/dev/null || fail "it is taken back, and done again: $way"
    runners
done
[ "$(state)" = done ] || fail "two runners redo it to its end: $(state)"
[ "$(faults)" = "$BEFORE" ] || fail 'two runners get in the way of each other, as the log says'
# The picture has no file, and so it goes again.
bulk undo "$ID" >/dev/null || fail 'the picture is taken back'
runners
# A sheet that makes products, read, vetted and imported in the queue: the worker is killed in each of these.
SHEETS=$((PRODUCTS * 2))
SHEET=$(php tests/Stages/batch.php sheet "$SHEETS")
[ -n "$SHEET" ] || fail 'a sheet is brought'
worker
sleep 0.7
kill -KILL "$WORKER" 2>/dev/null
wait "$WORKER" 2>/dev/null
worker
sleep 1.2
kill -KILL "$WORKER" 2>/dev/null
wait "$WORKER" 2>/dev/null
worker
php tests/Stages/batch.php vetted "$SHEET" "$SHEETS" || fail 'the sheet is vetted to its end after two kills'
ID=$(php tests/Stages/batch.php import "$SHEET")
for _ in 1 2 3; do
    sleep 0.8
    kill -KILL "$WORKER" 2>/dev/null
    wait "$WORKER" 2>/dev/null
    php tests/Stages/batch.php whole || fail 'each product of the sheet is whole or not there'
    worker
done
until_state done 300 || fail 'the import goes on after three kills, to its end'
php tests/Stages/batch.php whole "$SHEETS" || fail 'each product of the sheet is there once, and whole'
# All of it moves to another shop as a package: the worker is killed while it unpacks and vets, and while it imports.
kill -KILL "$WORKER" 2>/dev/null
wait "$WORKER" 2>/dev/null
php artisan slate:export "$WORK/moved.zip" >"$WORK/packing" 2>&1 || fail "the catalog is packed: $(cat "$WORK/packing")"
php artisan migrate:fresh --force --quiet && php artisan slate:demo --accounts --quiet && rm -rf .data/batch/*
PACKAGE=$(php tests/Stages/batch.php package "$WORK/moved.zip")
[ -n "$PACKAGE" ] || fail 'a package is brought'
for pause in 0.6 1; do
    worker
    sleep "$pause"
    kill -KILL "$WORKER" 2>/dev/null
    wait "$WORKER" 2>/dev/null
done
worker
php tests/Stages/batch.php package-vetted "$PACKAGE" || fail 'the package is vetted to its end after two kills'
ID=$(php tests/Stages/batch.php package-import "$PACKAGE")
for _ in 1 2 3; do
    sleep 0.8
    kill -KILL "$WORKER" 2>/dev/null
    wait "$WORKER" 2>/dev/null
    worker
done
until_state done 300 || fail 'the import of the package goes on after three kills, to its end'
php artisan slate:export "$WORK/again.zip" >/dev/null || fail 'the other shop is packed'
for file in documents/products.jsonl tables/axes.csv tables/values.csv tables/skus.csv tables/photos.csv; do
    cmp <(unzip -p "$WORK/moved.zip" "$file") <(unzip -p "$WORK/again.zip" "$file") || fail "the other shop has the same $file"
done

[ "$(sort -n "$WORK/peaks" | tail -1)" -lt "$MOST_MB" ] || fail "no worker took more than ${MOST_MB} MB"

echo "  ok: a batch over $PRODUCTS products, $KILLS kills, most memory $(sort -n "$WORK/peaks" | tail -1) MB"
