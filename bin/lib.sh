# What bin/start, bin/test, bin/bench and bin/screens share. Sourced, with the project's folder as the working folder.

DATA="$PWD/.data"
export COMPOSER_ALLOW_SUPERUSER=1

say() { printf '%s\n' "$*" >&2; }

APT_PACKAGES='php8.2-cli php8.2-mysql php8.2-gd php8.2-imagick php8.2-intl php8.2-zip php8.2-curl php8.2-bcmath php8.2-mbstring php8.2-xml composer mariadb-server mariadb-client librsvg2-bin ffmpeg zbar-tools qrencode unzip procps'

missing_system() {
    local extension command modules
    command -v php >/dev/null || { echo php; return; }
    modules=$(php -m)
    for extension in pdo_mysql imagick intl zip gd mbstring curl bcmath; do
        grep -qix "$extension" <<<"$modules" || echo "php-$extension"
    done
    for command in composer mariadbd mariadb-install-db rsvg-convert ffmpeg zbarimg qrencode unzip prlimit pgrep "$@"; do
        command -v "$command" >/dev/null || PATH="$PATH:/usr/sbin" command -v "$command" >/dev/null || echo "$command"
    done
}

# install_system [COMMAND...]: what the application needs of Debian, and the commands named.
install_system() {
    local missing packages="$APT_PACKAGES" command
    for command in "$@"; do packages="$packages $command"; done
    missing=$(missing_system "$@")
    if [ -n "$missing" ]; then
        if [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null; then
            say "Installing what is missing: $(echo $missing)"
            export DEBIAN_FRONTEND=noninteractive
            apt-get update -q >/dev/null
            # Another composer or unzip that is there already is as good as Debian's.
            command -v composer >/dev/null && packages=${packages/ composer/}
            apt-get install -y -q --no-install-recommends $packages >/dev/null
        fi
        missing=$(missing_system "$@")
        if [ -n "$missing" ]; then
            say "Missing on this machine: $(echo $missing)"
            say "Install these packages, then start again: $packages"
            exit 1
        fi
    fi
    if ! command -v node >/dev/null || ! node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)'; then
        say 'Node.js 20.19 or newer, with npm, is needed to build the screens. Install it, then start again.'
        exit 1
    fi
}

# stamp NAME FILE...: whether the files changed since the stamp was last set.
changed() {
    local stamp="$DATA/$1.stamp" now
    shift
    now=$(cat "$@" 2>/dev/null | sha256sum)
    [ "$(cat "$stamp" 2>/dev/null)" != "$now" ]
}

set_stamp() {
    local stamp="$DATA/$1.stamp"
    shift
    cat "$@" 2>/dev/null | sha256sum >"$stamp"
}

install_packages() {
    mkdir -p "$DATA" storage/app storage/logs storage/framework/cache/data storage/framework/sessions storage/framework/views bootstrap/cache
    # Data, photos and logs are for their owner alone.
    chmod 700 "$DATA" storage/app storage/logs storage/framework
    if [ ! -f vendor/autoload.php ] || changed composer composer.json versions/composer.json; then
        say 'Installing the PHP packages …'
        composer install --no-interaction --no-progress --quiet --ignore-platform-req=php+
        set_stamp composer composer.json versions/composer.json
    fi
    if [ ! -d node_modules/vite ] || changed npm package-lock.json; then
        say 'Installing the packages of the screens …'
        npm ci --no-audit --no-fund --loglevel=error >/dev/null
        set_stamp npm package-lock.json
    fi
    local sources
    sources=$(find resources/js resources/scss vite.config.js package-lock.json -type f | sort)
    if [ ! -f public/build/manifest.json ] || changed build $sources; then
        say 'Building the screens …'
        npx vite build --logLevel error >/dev/null
        set_stamp build $sources
    fi
}

# Photographs that nobody here made, for the tests: packages are downloaded and unpacked, not installed.
fetch_photographs() {
    local package folder
    command -v apt-get >/dev/null && command -v dpkg-deb >/dev/null || return 0
    for package in python3-skimage lomiri-wallpapers-16.04; do
        folder="$PWD/.data/photographs/$package"
        [ ! -d "$folder" ] || continue
        mkdir -p "$folder.part"
        # The list of packages may be old, or not there at all.
        [ "$(id -u)" != 0 ] || apt-get update -q >/dev/null 2>&1 || true
        (cd "$folder.part" && apt-get download -q "$package" >/dev/null 2>&1 && dpkg-deb -x "$package"_*.deb . && rm -f "$package"_*.deb) &&
            mv "$folder.part" "$folder" || { rm -rf "$folder.part"; say "$package cannot be had here: what needs its photographs is skipped."; }
    done
}

# copy_of_project NAME: a copy to try things in. What is installed is shared; code, data, settings and logs are its own.
copy_of_project() {
    local copy
    copy=$(mktemp -d "/tmp/slate-$1-XXXXXX")
    mkdir -p "$copy/.data" "$copy/storage/framework/views" "$copy/storage/framework/pictures" "$copy/storage/logs" "$copy/storage/app" "$copy/bootstrap/cache"
    cp -a app artisan bin composer.json config core database deploy docs lang package-lock.json package.json public resources routes tests versions vite.config.js "$copy/"
    cp -a bootstrap/*.php "$copy/bootstrap/"
    cp -al node_modules vendor "$copy/"
    cp -p .data/*.stamp "$copy/.data/"
    echo "$copy"
}

set_env() { # set_env NAME VALUE
    if grep -q "^$1=" .env; then sed -i "s|^$1=.*|$1=$2|" .env; else echo "$1=$2" >>.env; fi
}

make_env() {
    if [ ! -f .env ]; then
        {
            echo 'APP_ENV=production'
            echo 'APP_DEBUG=false'
            echo "APP_KEY=base64:$(head -c 32 /dev/urandom | base64)"
            echo "DB_PASSWORD=$(head -c 18 /dev/urandom | base64 | tr -d '/+=')"
        } >.env
        chmod 600 .env
    fi
}

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() {
    local port=$1
    while ! port_is_free "$port"; do port=$((port + 1)); done
    echo "$port"
}

socket_of() { echo "/tmp/indigo-slate-$(echo "$1" | sha256sum | cut -c1-12).sock"; }

DB_SOCKET=$(socket_of "$PWD")

admin() { mariadb --no-defaults --socket="$DB_SOCKET" -u "$(id -un)" "$@"; }

database_runs() { [ -S "$DB_SOCKET" ] && admin -e 'select 1' >/dev/null 2>&1; }

# The database in the background, on the port that $DATA/port says; its id is in DATABASE.
launch_database() {
    PATH="$PATH:/usr/sbin" setsid mariadbd --no-defaults --user="$(id -un)" --datadir="$DATA/mariadb" --socket="$DB_SOCKET" --pid-file="$DATA/mariadb.pid" \
        --bind-address=127.0.0.1 --port="$(cat "$DATA/port")" --innodb-buffer-pool-size=512M --innodb-flush-method=fsync --max-allowed-packet=64M \
        --character-set-server=utf8mb4 --log-error="$DATA/mariadb.log" </dev/null >/dev/null 2>&1 &
    DATABASE=$!
}

# Starts the project's own MariaDB unless it runs; sets DB_STARTED where this script is to stop it.
start_database() {
    DB_STARTED=
    if ! database_runs; then
        if [ ! -d "$DATA/mariadb/mysql" ]; then
            say 'Setting up the database …'
            mariadb-install-db --no-defaults --user="$(id -un)" --datadir="$DATA/mariadb" --auth-root-authentication-method=socket \
                --auth-root-socket-user="$(id -un)" --skip-test-db >/dev/null
        fi
        DB_PORT=$(free_port "${DB_PORT:-3307}")
        echo "$DB_PORT" >"$DATA/port"
        launch_database
        DB_STARTED=1
        local tries=0
        until database_runs; do
            tries=$((tries + 1))
            [ "$tries" -lt 300 ] || { say "The database did not start; $DATA/mariadb.log says why."; tail -5 "$DATA/mariadb.log" >&2; exit 1; }
            sleep 0.1
        done
    fi
    DB_PORT=$(cat "$DATA/port")
    set_env DB_PORT "$DB_PORT"
    local password
    password=$(sed -n 's/^DB_PASSWORD=//p' .env)
    admin -e "create user if not exists slate@127.0.0.1 identified by '$password'; set password for slate@127.0.0.1 = password('$password');
        create database if not exists indigo_slate character set utf8mb4; create database if not exists indigo_slate_test character set utf8mb4;
        create database if not exists indigo_slate_browser character set utf8mb4; create database if not exists indigo_slate_bench character set utf8mb4;
        grant all on \`indigo\\_slate%\`.* to slate@127.0.0.1;"
}

stop_database() {
    [ -n "${DB_STARTED:-}" ] || return 0
    mariadb-admin --no-defaults --socket="$DB_SOCKET" -u "$(id -un)" shutdown >/dev/null 2>&1 || true
}

WEB_WORKERS=4

# launch_web PORT: the web server in the background, as a process group of its own; its id is in SERVER.
launch_web() {
    PHP_CLI_SERVER_WORKERS=$WEB_WORKERS PHP_INI_SCAN_DIR=":$PWD/deploy/php" setsid env -C public php -S "127.0.0.1:$1" ../bin/router.php </dev/null >>"$DATA/web.log" 2>&1 &
    SERVER=$!
}

# serve PORT: the same, once it answers.
serve() {
    launch_web "$1"
    local tries=0
    until ! port_is_free "$1"; do
        tries=$((tries + 1))
        [ "$tries" -lt 100 ] || { say "The web server did not start; $DATA/web.log says why."; exit 1; }
        sleep 0.1
    done
}

# The queue's worker in the background; its id is in WORKER. It is replaced every hour.
launch_worker() {
    setsid php -d memory_limit=1024M artisan slate:work </dev/null >>"$DATA/queue.log" 2>&1 &
    WORKER=$!
}

# stop_group ID: ends a process group, politely; whatever of it is dead already does not matter.
stop_group() {
    [ -z "${1:-}" ] || kill -TERM -- "-$1" 2>/dev/null || true
}

# is_alive ID: a process that runs; one that has ended and is not yet buried does not.
is_alive() {
    local state
    [ -n "${1:-}" ] && state=$(ps -o stat= -p "$1" 2>/dev/null) && [ -n "$state" ] && [ "${state#Z}" = "$state" ]
}

# alive_in ID: how many processes of a group run; those that have ended and are not yet buried do not count.
alive_in() { ps -eo pgid=,stat= | awk -v group="$1" '$1 == group && $2 !~ /^Z/ { count++ } END { print count + 0 }'; }

# end_group ID: ends a process group and waits for it; after ten seconds without politeness.
end_group() {
    local tries=0
    stop_group "$1"
    while is_alive "$1" && [ "$tries" -lt 100 ]; do tries=$((tries + 1)); sleep 0.1; done
    kill -KILL -- "-$1" 2>/dev/null || true
}

# remember NAME ID: which process group a piece runs as, for a later start that finds this one gone.
remember() { mkdir -p "$DATA/run"; echo "$2" >"$DATA/run/$1"; }

# Ends what an earlier run of bin/start has left behind that was killed itself. One that still runs is left alone.
end_leftovers() {
    local name group supervisor
    supervisor=$(cat "$DATA/run/supervisor" 2>/dev/null || true)
    if is_alive "$supervisor" && grep -qz 'bin/start' "/proc/$supervisor/cmdline" 2>/dev/null; then return; fi
    for name in web worker database; do
        group=$(cat "$DATA/run/$name" 2>/dev/null || true)
        # An id may belong to something else by now: only what works in this folder is ours.
        if is_alive "$group" && { [[ "$(readlink "/proc/$group/cwd")" == "$PWD"* ]] || grep -qz "$DATA/mariadb" "/proc/$group/cmdline"; }; then
            say "Ending the $name that an earlier run left behind."
            end_group "$group"
        fi
    done
    rm -rf "$DATA/run"
}

# ended_by_itself NAME: a worker that is through with its hour (0) or its memory (12) has ended as it should.
ended_by_itself() {
    local code=0
    [ "$1" = worker ] || return 1
    wait "$WORKER" 2>/dev/null || code=$?
    [ "$code" = 0 ] || [ "$code" = 12 ]
}

declare -A PAUSES RETRIES SINCE
LONGEST_PAUSE=${LONGEST_PAUSE:-30}
MOST_LOG_BYTES=10485760

# is_up NAME: whether a piece runs whole. The web server is whole with all of its workers.
is_up() {
    case "$1" in
        database) is_alive "$DATABASE" ;;
        worker) is_alive "$WORKER" ;;
        web) is_alive "$SERVER" && [ "$(alive_in "$SERVER")" -gt "$WEB_WORKERS" ] ;;
    esac
}

relaunch() {
    case "$1" in
        database) launch_database; remember database "$DATABASE" ;;
        worker) launch_worker; remember worker "$WORKER" ;;
        web) end_group "$SERVER"; launch_web "$PORT"; remember web "$SERVER" ;;
    esac
}

# Keeps the logs of the pieces short: those that write into them go on writing.
trim_logs() {
    local log
    for log in "$DATA"/*.log; do
        if [ "$(stat -c %s "$log" 2>/dev/null || echo 0)" -gt "$MOST_LOG_BYTES" ]; then
            cp "$log" "$log.1"
            : >"$log"
        fi
    done
}

# keep_up NAME...: starts again what dies, after pauses that grow from one second to thirty, and says so. Never returns.
keep_up() {
    local name now
    for name in "$@"; do PAUSES[$name]=0 RETRIES[$name]=0 SINCE[$name]=$SECONDS; done
    while :; do
        sleep 0.5 &
        wait $! 2>/dev/null || true
        now=$SECONDS
        [ $((now % 60)) != 0 ] || trim_logs
        for name in "$@"; do
            if is_up "$name"; then
                [ $((now - ${SINCE[$name]})) -lt 60 ] || PAUSES[$name]=0
            elif [ $((now - ${SINCE[$name]})) -ge 2 ] && ended_by_itself "$name"; then
                SINCE[$name]=$now
                relaunch "$name"
            elif [ "$now" -ge "${RETRIES[$name]}" ]; then
                PAUSES[$name]=$((PAUSES[$name] == 0 ? 1 : PAUSES[$name] * 2))
                [ "${PAUSES[$name]}" -le "$LONGEST_PAUSE" ] || PAUSES[$name]=$LONGEST_PAUSE
                RETRIES[$name]=$((now + PAUSES[$name])) SINCE[$name]=$now
                printf '%s the %s has ended; it is started again. If it ends once more, that waits %s s.\n' "$(date -u +%Y-%m-%dT%H:%M:%SZ)" "$name" "${PAUSES[$name]}" | tee -a "$DATA/supervision.log" >&2
                relaunch "$name"
            fi
        done
    done
}
