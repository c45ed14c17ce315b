#!/usr/bin/env bash
# Backs a catalog up while pictures arrive, restores it elsewhere, and compares all that leaves the shop. Needs the
# project's database to run (bin/test starts it). Prints what differs, and exits 1.
set -uo pipefail
cd "$(dirname "$0")/../.."
. bin/lib.sh

WORK=$(mktemp -d /tmp/slate-backup-XXXXXX)
FROM=indigo_slate_backup_from TO=indigo_slate_backup_to
clean() {
    admin -e "drop database if exists $FROM; drop database if exists $TO"
    rm -rf "$WORK" .data/backup-from .data/backup-to
}
trap clean EXIT
clean
mkdir -p "$WORK"
admin -e "create database $FROM character set utf8mb4; create database $TO character set utf8mb4"
export APP_ENV=testing CACHE_STORE=array QUEUE_CONNECTION=sync
from() { DB_DATABASE=$FROM FILESYSTEM_ROOT=.data/backup-from "$@"; }
to() { DB_DATABASE=$TO FILESYSTEM_ROOT=.data/backup-to "$@"; }
fail() { echo "  NOT: $1"; exit 1; }

from php artisan migrate --force --quiet || exit 1
from php tests/Stages/backup.php stock || fail 'a shop is stocked'
# Pictures arrive in another product while the backup is taken; the one that is compared stands still.
from php tests/Stages/backup.php drop >"$WORK/drop.log" 2>&1 &
DROP=$!
from php artisan slate:backup "$WORK/backup" || fail 'a backup is taken while pictures arrive'
wait "$DROP" || { cat "$WORK/drop.log"; fail 'the pictures arrive while a backup is taken'; }
from php artisan slate:backup "$WORK/backup" >/dev/null 2>&1 && fail 'a backup over another is refused'

from php artisan slate:restore "$WORK/backup" >/dev/null 2>&1 && fail 'a restore over a catalog is refused'
to php artisan slate:restore "$WORK/backup" || fail 'the backup is restored into an empty place'
to php artisan slate:verify || fail 'all is there after the restore'
for ending in csv jsonld; do
    from php artisan slate:export "$WORK/from.$ending" --product=SMOCK >/dev/null
    to php artisan slate:export "$WORK/to.$ending" --product=SMOCK >/dev/null
    cmp "$WORK/from.$ending" "$WORK/to.$ending" || fail "the $ending is identical"
done
from php tests/Stages/backup.php galleries >"$WORK/from.galleries"
to php tests/Stages/backup.php galleries >"$WORK/to.galleries"
cmp "$WORK/from.galleries" "$WORK/to.galleries" || fail 'galleries, history and pictures are identical'

# A backup whose picture was changed is not begun with.
CHANGED=$(find "$WORK/backup/photos" -type f | head -1)
cp "$CHANGED" "$WORK/kept"
printf 'x' >>"$CHANGED"
admin -e "drop database $TO; create database $TO character set utf8mb4"
to php artisan slate:restore "$WORK/backup" >"$WORK/refused.log" 2>&1 && fail 'a backup with a changed picture is refused'
grep -q 'is not the one that was written' "$WORK/refused.log" || fail 'it says what was changed'
[ -z "$(admin -N -e "show tables in $TO")" ] || fail 'nothing is written of a backup with a changed picture'
cp "$WORK/kept" "$CHANGED"
[ "$(stat -c %a "$WORK/backup/database.sql")" = 600 ] || fail 'the dump is for its owner alone'

# A backup that is not whole is not begun with.
rm "$(find "$WORK/backup/photos" -type f | head -1)"
admin -e "drop database $TO; create database $TO character set utf8mb4"
to php artisan slate:restore "$WORK/backup" >"$WORK/refused.log" 2>&1 && fail 'a backup that lacks a picture is refused'
grep -q 'is missing' "$WORK/refused.log" || fail 'it says what is missing'
[ -z "$(admin -N -e "show tables in $TO")" ] || fail 'nothing is written of a backup that is not whole'

echo '  ok: backup, restore and verify'
