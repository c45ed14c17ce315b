#!/usr/bin/env bash
# The application as deploy/ sets it up for many people: nginx before two processes of php-fpm, two workers, Redis for
# queue, cache and sessions, an S3 storage for pictures; the settings are those that deploy/write makes. A shoot of forty
# pictures has to find its way from the browser to the product. Needs the project's database to run (bin/test starts it). Prints what is
# not as it should be, and exits 1.
set -uo pipefail
cd "$(dirname "$0")/../.."
. bin/lib.sh
PATH="$PATH:/usr/sbin"

HOME_OF=$PWD
COPY=$(copy_of_project deploy)
DATABASE_NAME=indigo_slate_deploy
FAULTS=0
GROUPS_UP=()
clean() {
    for group in "${GROUPS_UP[@]}"; do kill -TERM -- "-$group" 2>/dev/null; done
    wait 2>/dev/null
    for group in "${GROUPS_UP[@]}"; do kill -KILL -- "-$group" 2>/dev/null; done
    admin -e "drop database if exists $DATABASE_NAME"
    rm -rf "$COPY"
}
trap clean EXIT
ok() { echo "  ok: $1"; }
fault() { echo "  NOT: $1"; FAULTS=$((FAULTS + 1)); }
expect() { # expect WHAT COMMAND...
    local what=$1
    shift
    if "$@" >"$COPY/expect.out" 2>&1; then ok "$what"; else fault "$what"; tail -n 5 "$COPY/expect.out"; fi
}
logs() { for log in "$COPY"/*.log "$COPY"/storage/logs/*.log; do [ ! -s "$log" ] || { echo "-- ${log##*/}"; tail -n 8 "$log" | cut -c1-600; }; done; }
launch() { # launch NAME COMMAND...: in the background, as a group of its own
    local name=$1
    shift
    setsid "$@" </dev/null >"$COPY/$name.log" 2>&1 &
    GROUPS_UP+=($!)
}
until_true() { # until_true WHAT SECONDS COMMAND...
    local what=$1 tries=$(($2 * 5))
    shift 2
    while [ "$tries" -gt 0 ]; do
        if "$@" >/dev/null 2>&1; then return 0; fi
        tries=$((tries - 1))
        sleep 0.2
    done
    fault "$what"
    logs
    exit 1
}

admin -e "drop database if exists $DATABASE_NAME; create database $DATABASE_NAME character set utf8mb4"
mkdir -p "$COPY/object-store"
REDIS=$(free_port 6390)
STORE=$(free_port $((REDIS + 1)))
WEB=$(free_port 8690)
{
    grep -E '^(APP_KEY|DB_PASSWORD|DB_PORT)=' .env
    echo APP_ENV=production
    echo APP_DEBUG=false
    echo "APP_URL=http://127.0.0.1:$WEB"
    echo "DB_DATABASE=$DATABASE_NAME"
    echo TRUSTED_PROXIES=127.0.0.1
    echo QUEUE_CONNECTION=redis
    echo CACHE_STORE=redis
    echo SESSION_DRIVER=redis
    echo "REDIS_PORT=$REDIS"
    echo FILESYSTEM_DISK=s3
    echo S3_KEY=S3RVER
    echo S3_SECRET=S3RVER
    echo S3_BUCKET=slate
    echo "S3_ENDPOINT=http://127.0.0.1:$STORE"
} >"$COPY/.env"
unset APP_ENV APP_URL DB_DATABASE FILESYSTEM_ROOT SLATE_URL SLATE_URLS CACHE_STORE QUEUE_CONNECTION

ME=$(id -un)
"$COPY/deploy/write" --to "$COPY/made" --root "$COPY" --user "$ME" --web-user "$ME" --listen "127.0.0.1:$WEB" --socket "$COPY/web.sock" --web-processes 2 --backups "$COPY/backups"
cat >"$COPY/nginx-main.conf" <<END
worker_processes 2;
pid $COPY/nginx.pid;
daemon off;
error_log $COPY/nginx-error.log;
$([ "$(id -u)" = 0 ] && echo "user $ME;")
events { worker_connections 256; }
http {
    include /etc/nginx/mime.types;
    access_log $COPY/access.log;
    client_body_temp_path $COPY/bodies;
    fastcgi_temp_path $COPY/answers;
    include $COPY/made/nginx.conf;
}
END
printf '[global]\npid = %s/fpm.pid\nerror_log = %s/fpm-error.log\ndaemonize = no\ninclude = %s/made/php-fpm.conf\n' "$COPY" "$COPY" "$COPY" >"$COPY/fpm-main.conf"
expect 'nginx takes its settings' nginx -t -c "$COPY/nginx-main.conf"
expect 'php-fpm takes its settings' php-fpm8.2 -R -t -y "$COPY/fpm-main.conf"
if command -v systemd-analyze >/dev/null; then
    expect 'systemd takes its units' systemd-analyze verify "$COPY/made/systemd/indigo-slate-worker@1.service" "$COPY/made/systemd/indigo-slate-backup.service" "$COPY/made/systemd/indigo-slate-backup.timer"
fi

launch redis redis-server --port "$REDIS" --bind 127.0.0.1 --save '' --appendonly no --dir "$COPY"
launch store env -C "$HOME_OF" node tests/Stages/object-store.mjs "$STORE" "$COPY/object-store"
until_true 'Redis starts' 20 redis-cli -p "$REDIS" ping
until_true 'the storage starts' 20 grep -q ready "$COPY/store.log"
php "$COPY/artisan" config:cache --quiet && php "$COPY/artisan" migrate --force --quiet && php "$COPY/artisan" view:cache --quiet && php "$COPY/artisan" slate:demo --accounts --quiet || { fault 'the application is set up'; exit 1; }
launch fpm env PHP_INI_SCAN_DIR=":$COPY/made" php-fpm8.2 -R -y "$COPY/fpm-main.conf"
launch nginx nginx -c "$COPY/nginx-main.conf"
for worker in 1 2; do launch "worker-$worker" env -C "$COPY" php -d memory_limit=1024M artisan slate:work; done
ready() { curl -sf -o /dev/null --max-time 2 "http://127.0.0.1:$WEB/ready"; }
until_true 'all of it is ready' 30 ready

headers() { curl -s -o /dev/null -D - --max-time 5 "$@"; }
asset=$(cd public && ls build/assets/*.js | head -1)
expect 'a file has the headers of safety' grep -qi '^x-content-type-options: nosniff' <(headers "http://127.0.0.1:$WEB/$asset")
expect 'a file may be kept for a year' grep -qi 'max-age=31536000, immutable' <(headers "http://127.0.0.1:$WEB/$asset")
expect 'an answer of the application has its own headers once' test "$(headers "http://127.0.0.1:$WEB/sign-in" | grep -ci '^content-security-policy')" = 1
expect 'what is no part of public/ is not served' test "$(curl -s -o /dev/null -w '%{http_code}' --path-as-is "http://127.0.0.1:$WEB/../.env")" != 200
expect 'PHP itself cannot be asked for' grep -qi '404' <(headers "http://127.0.0.1:$WEB/index.php/x.php")
expect 'behind a proxy with https, cookies are for https only' test "$(headers -H 'X-Forwarded-Proto: https' "http://127.0.0.1:$WEB/sign-in" | grep -i '^set-cookie' | grep -vci '; secure')" = 0
expect 'and links are https' grep -qi '^location: https://' <(headers -H 'X-Forwarded-Proto: https' "http://127.0.0.1:$WEB/")
large=$COPY/large.bin
head -c 70000000 /dev/zero >"$large"
expect 'what is more than one request may carry is answered 413' test "$(curl -s -o /dev/null -w '%{http_code}' -F "file=@$large" "http://127.0.0.1:$WEB/sign-in")" = 413
rm -f "$large"

if [ "$FAULTS" = 0 ]; then
    SLATE_URL="http://127.0.0.1:$WEB" PLAYWRIGHT_JSON_OUTPUT_NAME="$HOME_OF/.data/playwright-deploy.json" npx playwright test --workers=1 --reporter=list,json --output=test-results/deploy intake -g 'from nothing to every picture linked' || fault 'from nothing to every picture linked, in the browser'
    expect 'pictures lie in the S3 storage, with their sizes' test "$(find "$COPY/object-store" -path '*derived*' -type f | wc -l)" -ge 42
    expect 'and nowhere else' test "$(find "$COPY/storage/app" -type f | wc -l)" = 0
    expect 'sessions and cache are in Redis' test "$(redis-cli -p "$REDIS" dbsize | tr -dc 0-9)" -gt 2
    expect 'and none in the database' test "$(admin -N $DATABASE_NAME -e 'select (select count(*) from sessions) + (select count(*) from cache) + (select count(*) from jobs)')" = 0
    expect 'the log is lines of JSON' php -r 'foreach (glob($argv[1]."/storage/logs/*.log") as $log) { foreach (file($log) as $line) { json_decode($line, false, 512, JSON_THROW_ON_ERROR); } }' "$COPY"
    expect 'nothing went wrong unseen' test "$(cat "$COPY"/storage/logs/*.log 2>/dev/null | grep -c '"level_name":"ERROR"')" = 0

    # PHP dies: nginx answers 503 in words, and all is well when it is back.
    kill -TERM -- "-${GROUPS_UP[2]}"
    sleep 1
    expect 'while PHP is away nginx says so' test "$(curl -s -o "$COPY/away.html" -w '%{http_code}' "http://127.0.0.1:$WEB/sign-in")" = 503
    expect 'in words' grep -q 'does not answer at the moment' "$COPY/away.html"
    launch fpm env PHP_INI_SCAN_DIR=":$COPY/made" php-fpm8.2 -R -y "$COPY/fpm-main.conf"
    until_true 'and is back' 20 ready
fi
[ "$FAULTS" = 0 ] || { logs; exit 1; }
