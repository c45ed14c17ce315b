#!/usr/bin/env bash
# A disk that is full, and one that can only be read, as small tmpfs: what happens is said in words, nothing is half
# done, and once there is room one button mends it all. Needs the project's database to run (bin/test starts it), and
# the right to mount: where there is none, not even in a namespace of its own, that is said and nothing is tried.
set -uo pipefail
cd "$(dirname "$0")/../.."
if [ -z "${IN_NAMESPACE:-}" ]; then
    unshare -m true 2>/dev/null && exec env IN_NAMESPACE=1 unshare -m "$0"
    unshare -rm true 2>/dev/null && exec env IN_NAMESPACE=1 unshare -rm "$0"
    echo '  NOT TRIED: nothing may be mounted here'
    exit 0
fi
. bin/lib.sh

WORK=$(mktemp -d /tmp/slate-disk-XXXXXX)
export DB_DATABASE=indigo_slate_disk APP_ENV=testing CACHE_STORE=array QUEUE_CONNECTION=database FILESYSTEM_ROOT=$WORK/store READING_FOLDER=$WORK/reading
clean() {
    umount "$WORK/store" "$WORK/reading" 2>/dev/null
    admin -e "drop database if exists $DB_DATABASE"
    rm -rf "$WORK"
}
trap clean EXIT
mkdir "$WORK/store" "$WORK/reading"
mount -t tmpfs -o size=8m tmpfs "$WORK/store" && mount -t tmpfs -o size=8m tmpfs "$WORK/reading" || { echo '  NOT: tmpfs are mounted'; exit 1; }
admin -e "drop database if exists $DB_DATABASE; create database $DB_DATABASE character set utf8mb4"
php artisan migrate --force --quiet && php tests/Stages/full-disk.php
