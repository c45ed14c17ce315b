#!/usr/bin/env bash
# One worker, as it runs outside of tests, is given pictures that mean harm with ten good ones among them: each that is
# beyond a limit is refused, the good ones are ready, memory and disk stay within bounds. Needs the project's database
# to run (bin/test starts it). Prints the figures, and exits 1 where something is not as it should be.
set -uo pipefail
cd "$(dirname "$0")/../.."
. bin/lib.sh

WORK=$(mktemp -d /tmp/slate-hostile-XXXXXX)
export DB_DATABASE=indigo_slate_hostile APP_ENV=testing CACHE_STORE=array QUEUE_CONNECTION=database FILESYSTEM_ROOT=$WORK/store READING_FOLDER=$WORK/reading
trap 'admin -e "drop database if exists $DB_DATABASE"; rm -rf "$WORK"' EXIT
mkdir "$WORK/store" "$WORK/reading"
admin -e "drop database if exists $DB_DATABASE; create database $DB_DATABASE character set utf8mb4"
php artisan migrate --force --quiet && php -d memory_limit=512M tests/Stages/hostile.php
