# The project's own MariaDB, php-fpm and nginx, all out of one folder under var/.
# shellcheck shell=bash

# shellcheck source=bin/lib/database.sh
. "$ROOT/bin/lib/database.sh"

# What runs, by name; each leads a process group of its own.
declare -A SERVERS=()
serves() {
    SERVERS[$1]=$2
    note_servers
}

# Which processes these are, for a start after one that was cut off. A number alone may be another's by then.
note_servers() {
    local name
    {
        say "supervisor $$ $(born $$)"
        for name in "${!SERVERS[@]}"; do say "$name ${SERVERS[$name]} $(born "${SERVERS[$name]}")"; done
    } >"$INSTANCE/servers" 2>/dev/null || true
}

# born PID: when it began, in the kernel's ticks since the machine did; nothing where there is no such process, or only
# what is left of one until its parent asks after it.
born() { sed 's/.*) //' "/proc/$1/stat" 2>/dev/null | awk '$1 != "Z" { print $20 }'; }

# end_leftovers NAME: servers that outlived a start which was cut off (power, kill -9) are ended; one that lives is left.
end_leftovers() {
    local file=$ROOT/var/$1/servers name pid since left=()
    [ -s "$file" ] || return 0
    while read -r name pid since; do
        [ -n "$since" ] && [ "$(born "$pid")" = "$since" ] || continue
        [ "$name" != supervisor ] || fail "the application runs already in var/$1"
        left+=("$pid")
    done <"$file"
    [ "${#left[@]}" -gt 0 ] || return 0
    say "ending ${#left[@]} servers that an earlier start in var/$1 left behind"
    kill -TERM "${left[@]}" 2>/dev/null || true
    for _ in $(seq 1 200); do
        for pid in "${left[@]}"; do [ ! -d "/proc/$pid" ] || { sleep 0.1; continue 2; }; done
        break
    done
    for pid in "${left[@]}"; do kill -KILL -- "-$pid" 2>/dev/null || true; done
    rm -f "$file"
}

# use_instance NAME WEB_PORT DB_PORT: sets the folder and what the application is told.
use_instance() {
    INSTANCE=$ROOT/var/$1
    WEB_PORT=$2
    mkdir -p "$INSTANCE"/{tmp,logs}
    chmod 700 "$INSTANCE/logs"
    use_server_account
    use_sockets
    use_key "$1"
    export APP_ENV=${APP_ENV:-local} APP_DEBUG=false APP_DEMO=${APP_DEMO:-1} APP_URL="${APP_URL:-http://127.0.0.1:$WEB_PORT}"
    export INSTANCE_FOLDER=$INSTANCE HEADS_FOLDER=$INSTANCE/heads
    mkdir -p "$HEADS_FOLDER" "$INSTANCE/papers"
    chmod 700 "$HEADS_FOLDER" "$INSTANCE/papers"
    belongs_to_server "$HEADS_FOLDER" "$INSTANCE/papers"
    export SESSION_DRIVER=database SESSION_SECURE_COOKIE=${SESSION_SECURE_COOKIE:-false} CACHE_STORE=database QUEUE_CONNECTION=database LOG_CHANNEL=stderr
    use_database "$3"
}

# use_settings NAME: what bin/setup wrote down for it; what the caller was told otherwise wins.
use_settings() {
    # shellcheck disable=SC1090
    [ ! -r "$ROOT/var/$1/settings" ] || . "$ROOT/var/$1/settings"
}

# write_told: what the application was told, for commands that come later.
write_told() {
    local name
    (
        umask 077
        for name in "${TOLD[@]}"; do [ -z "${!name:-}" ] || printf 'export %s=%q\n' "$name" "${!name}"; done >"$INSTANCE/told"
    )
}

# use_running_instance NAME: what another script started, to speak to its database.
use_running_instance() {
    INSTANCE=$ROOT/var/$1
    SOCKETS=$(cat "$INSTANCE/sockets" 2>/dev/null || true)
    [ -S "$SOCKETS/db.sock" ] || fail "the application does not run in var/$1; start it first"
    # shellcheck disable=SC1091
    [ ! -r "$INSTANCE/told" ] || . "$INSTANCE/told"
    use_key "$1"
    export APP_ENV=${APP_ENV:-local} APP_DEBUG=false LOG_CHANNEL=stderr HEADS_FOLDER=$INSTANCE/heads
    use_database "${DB_PORT:-33137}"
}

# Started as root, the servers run as an account that may do nothing else on this machine, where that account can read the code.
use_server_account() {
    SERVER_USER=$(id -un)
    [ "$(id -u)" -eq 0 ] || return 0
    id gray-compass >/dev/null 2>&1 || useradd --system --no-create-home --shell /usr/sbin/nologin gray-compass 2>/dev/null || return 0
    if setpriv --reuid=gray-compass --regid=gray-compass --clear-groups test -r "$ROOT/public/index.php"; then
        SERVER_USER=gray-compass
        # Some packages come readable by their owner alone.
        chmod -R a+rX vendor bootstrap public storage 2>/dev/null || true
    else
        say "The servers run as root: the account gray-compass cannot read $ROOT."
    fi
}

# belongs_to_server FOLDER…: what the servers write.
belongs_to_server() { [ "$(id -u)" -ne 0 ] || chown -R "$SERVER_USER" "$@"; }

# A socket path may have 107 characters at most, so it goes to a short place of its own; one that another made is not trusted.
use_sockets() {
    SOCKETS=$(cat "$INSTANCE/sockets" 2>/dev/null || true)
    if [ -z "$SOCKETS" ] || [ ! -d "$SOCKETS" ] || [ -L "$SOCKETS" ] || [ "$(stat -c %U "$SOCKETS")" != "$SERVER_USER" ]; then
        SOCKETS=$(mktemp -d "${TMPDIR:-/tmp}/gc-XXXXXX")
        say "$SOCKETS" >"$INSTANCE/sockets"
    fi
    belongs_to_server "$SOCKETS" "$INSTANCE/tmp"
}

# use_key NAME: the key that opens the records, from the file that APP_KEY_FILE names. It is made once, for a new database;
# an old one without its key is never written under another.
use_key() {
    KEY_FILE=${APP_KEY_FILE:-$ROOT/var/keys/$1.key}
    mkdir -p "$(dirname "$KEY_FILE")"
    [ ! -s "$INSTANCE/key" ] || [ -e "$KEY_FILE" ] || mv "$INSTANCE/key" "$KEY_FILE"
    if [ ! -s "$KEY_FILE" ]; then
        [ ! -d "$INSTANCE/db/mysql" ] || fail "the key of the records, $KEY_FILE, is missing. Put it back, or the records stay closed; nothing was changed. docs/operations.md says more."
        (umask 077 && php -r 'echo "base64:".base64_encode(random_bytes(32));' >"$KEY_FILE")
    fi
    APP_KEY=$(cat "$KEY_FILE")
    APP_PREVIOUS_KEYS=$(cat "$KEY_FILE.previous" 2>/dev/null || true)
    export APP_KEY APP_PREVIOUS_KEYS
}

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# What the framework would read anew at every request is read once, into the instance's own folder.
cache_framework() {
    mkdir -p "$INSTANCE/cache"
    CACHED=("APP_CONFIG_CACHE=$INSTANCE/cache/config.php" "APP_ROUTES_CACHE=$INSTANCE/cache/routes.php" "APP_EVENTS_CACHE=$INSTANCE/cache/events.php" "FIGURES_CACHE=$INSTANCE/cache/figures.php")
    rm -f "$INSTANCE"/cache/*.php
    local what
    for what in figures:cache config:cache route:cache event:cache view:cache; do
        env "${CACHED[@]}" "${PHP[@]}" artisan "$what" --quiet </dev/null >>"$INSTANCE/logs/cache.log" 2>&1 ||
            fail "the framework could not be made ready; see var/${INSTANCE##*/}/logs/cache.log"
    done
    chmod 600 "$INSTANCE"/cache/*.php
    belongs_to_server "$INSTANCE/cache"
}

# What the web server is called: by APP_URL, and on this machine itself.
hosts() {
    local name=${APP_URL#*://}
    name=${name%%/*}
    say "${name%%:*} 127.0.0.1 localhost"
}

# from_template FILE [TO]: of deploy/, into the instance, with its own places filled in.
from_template() {
    local taps='' slow='' name
    for name in "${APPLICATION[@]}"; do
        taps+="server unix:$SOCKETS/$name.sock max_fails=1 fail_timeout=1s; "
        slow+="server unix:$SOCKETS/$name-slow.sock max_fails=1 fail_timeout=1s; "
    done
    sed -e "s|@INSTANCE@|$INSTANCE|g" -e "s|@SOCKETS@|$SOCKETS|g" -e "s|@PORT@|$WEB_PORT|g" -e "s|@ROOT@|$ROOT|g" \
        -e "s|@TAPS@|$taps|g" -e "s|@SLOW@|$slow|g" -e "s|@NAME@|${NAME:-}|g" -e "s|@HOSTS@|$(hosts)|g" -e "s|@GROUP@|$(id -gn "$SERVER_USER")|g" \
        -e "s|^@USER@$|$([ "$(id -u)" -ne 0 ] || say "user $SERVER_USER $(id -gn "$SERVER_USER");")|" -e "s|@USER@|$SERVER_USER|g" \
        -e "s|@OWNER@|$([ "$(id -u)" -ne 0 ] || say "listen.owner = $SERVER_USER")|" \
        -e "/@ENVIRONMENT@/{r $INSTANCE/environment.conf" -e 'd}' "deploy/$1" >"$INSTANCE/${2:-$1}"
}

# What php-fpm hands to its workers, for it gives them nothing of its own.
write_environment() {
    local name
    for name in "${TOLD[@]}"; do [ -z "${!name:-}" ] || printf 'env[%s] = "%s"\n' "$name" "${!name}"; done
    for name in "${CACHED[@]}"; do printf 'env[%s] = "%s"\n' "${name%%=*}" "${name#*=}"; done
}

# What the application is told, wherever it runs.
TOLD=(APP_KEY APP_PREVIOUS_KEYS APP_ENV APP_DEBUG APP_DEMO APP_URL DB_CONNECTION DB_HOST DB_PORT DB_SOCKET DB_DATABASE
    DB_USERNAME DB_PASSWORD DB_PERSISTENT MAIL_MAILER MAIL_SCHEME MAIL_HOST MAIL_PORT MAIL_USERNAME MAIL_PASSWORD
    MAIL_FROM_ADDRESS MAIL_FROM_NAME SESSION_DRIVER SESSION_SECURE_COOKIE CACHE_STORE QUEUE_CONNECTION LOG_CHANNEL
    TRUSTED_PROXIES INSTANCE_FOLDER HEADS_FOLDER PATH)

# Processes of the application, each with workers of its own; nginx hands out what comes, and leaves out one that is gone.
APPLICATION=(fpm)
for ((n = 2; n <= ${APPLICATIONS:-1}; n++)); do APPLICATION+=("fpm$n"); done

# start_fpm [NAME]: one process of the application.
start_fpm() {
    local NAME=${1:-fpm} as_root=()
    if [ -z "${CACHED+made}" ]; then
        export DB_PERSISTENT=1
        cache_framework
    fi
    (
        umask 077
        write_environment >"$INSTANCE/environment.conf"
        from_template php-fpm.conf "$NAME.conf"
    )
    # -R lets the workers be root, where there is no other account to be. Coverage, where it is installed, is turned off
    # here: a pool is told too late, and even idle it makes every call of a function dear.
    [ "$SERVER_USER" != root ] || as_root=(-R)
    setsid /usr/sbin/php-fpm8.2 -F "${as_root[@]}" -d "opcache.preload=$ROOT/bootstrap/preload.php" -d "opcache.preload_user=$SERVER_USER" \
        -d opcache.max_accelerated_files=20000 -d opcache.validate_timestamps=0 -d pcov.enabled=0 -y "$INSTANCE/$NAME.conf" >>"$INSTANCE/logs/fpm.log" 2>&1 </dev/null &
    serves "$NAME" $!
}

# start_application: all of its processes, and what works behind them.
start_application() {
    local name
    for name in "${APPLICATION[@]}"; do start_fpm "$name"; done
    start_worker
    start_scheduler
}

# background NAME ARGUMENTS…: of artisan, as the account of the servers, for as long as the instance lives.
background() {
    local name=$1 as=()
    shift
    [ "$(id -u)" -ne 0 ] || as=(setpriv "--reuid=$SERVER_USER" "--regid=$(id -g "$SERVER_USER")" --clear-groups)
    DB_PERSISTENT='' setsid "${as[@]}" env "${CACHED[@]}" "${PHP[@]}" artisan "$@" >>"$INSTANCE/logs/$name.log" 2>&1 </dev/null &
    serves "$name" $!
}

# What takes longer than a person waits; it ends by itself once an hour and is begun again.
start_worker() { background worker queue:work --tries=5 --backoff=5,30,300 --sleep=2 --max-time=3600; }

# use_hospital, start_hospital: referrals of the demo can be sent to the stand-in of a hospital.
use_hospital() {
    export HOSPITAL_PORT=${HOSPITAL_PORT:-$((WEB_PORT + 3))}
    export HOSPITAL=${HOSPITAL:-http://127.0.0.1:$HOSPITAL_PORT}
}

start_hospital() {
    setsid bin/hospital run "$INSTANCE/hospital.json" >>"$INSTANCE/logs/hospital.log" 2>&1 </dev/null &
    serves hospital $!
}

# use_device: the page may listen to the stand-in of an instrument, next to the port of the web server.
use_device() {
    export DEVICE_PORT=${DEVICE_PORT:-$((WEB_PORT + 2))}
    export INSTRUMENTS=${INSTRUMENTS:-http://127.0.0.1:$DEVICE_PORT}
}

# start_device: plays an arthrometer until bin/device tells it otherwise; the demo goes on without it.
start_device() {
    setsid bin/device run >>"$INSTANCE/logs/device.log" 2>&1 </dev/null &
    serves device $!
}

start_scheduler() { background scheduler schedule:work --whisper; }

# A disk that is full ends a database in the middle of a sentence. Before it is, saving stops and the reserve is let go,
# so that reading has room; both come back with the room.
DISK_LEAST=49152
DISK_RESERVE=65536

make_reserve() {
    fallocate -l ${DISK_RESERVE}K "$INSTANCE/reserve" || head -c ${DISK_RESERVE}K /dev/zero >"$INSTANCE/reserve" || { rm -f "$INSTANCE/reserve"; return 1; }
}

# start_disk: watches the room where the instance lies, in kB.
start_disk() {
    (
        trap - EXIT
        set +e
        while :; do
            room=$(df --output=avail -k "$INSTANCE" 2>/dev/null | tail -n 1)
            if [ -e "$INSTANCE/full" ]; then
                [ "${room:-0}" -le $((2 * DISK_LEAST + DISK_RESERVE)) ] || { make_reserve && rm -f "$INSTANCE/full"; }
            elif [ "${room:-0}" -lt $DISK_LEAST ]; then
                : >"$INSTANCE/full" || { rm -f "$INSTANCE/reserve"; : >"$INSTANCE/full"; }
                chmod 644 "$INSTANCE/full"
                rm -f "$INSTANCE/reserve"
            elif [ ! -e "$INSTANCE/reserve" ]; then
                make_reserve
            fi
            sleep 1
        done
    ) >/dev/null 2>&1 </dev/null &
    serves disk $!
}

start_nginx() {
    local nginx
    nginx=$(command -v nginx || say /usr/sbin/nginx)
    from_template nginx.conf
    from_template application.conf
    setsid "$nginx" -e "$INSTANCE/logs/nginx.log" -p "$INSTANCE" -c "$INSTANCE/nginx.conf" -g 'daemon off;' >>"$INSTANCE/logs/nginx.log" 2>&1 </dev/null &
    serves nginx $!
    for _ in $(seq 1 100); do
        kill -0 "${SERVERS[nginx]}" 2>/dev/null || { complain "the web server did not come up: $(tail -n 1 "$INSTANCE/logs/nginx.log")"; return 1; }
        curl -fsS -o /dev/null "http://127.0.0.1:$WEB_PORT/health" 2>/dev/null && return 0
        sleep 0.1
    done
    complain "the application does not answer; see var/${INSTANCE##*/}/logs"
    return 1
}

# prepare_database [migrate:fresh]: tables as this version wants them, under the key that the records were written with.
prepare_database() {
    as_migrator artisan "${1:-migrate}" --force --quiet </dev/null || fail 'the database could not be brought up to date'
    artisan keys:check --quiet </dev/null || fail "the key in $KEY_FILE does not open the records of this database; nothing was changed. docs/operations.md says more."
    [ -z "${FHIR_CODINGS:-}" ] || artisan exchange:codings --quiet </dev/null || fail "$FHIR_CODINGS, which FHIR_CODINGS names, cannot be used: $(artisan exchange:codings </dev/null 2>&1 | tail -n 1)"
}

# Children in the background ignore the interrupt key, so they are told to end, web first, then waited for.
stop_services() {
    local name
    set +e
    trap '' INT TERM
    for name in nginx disk worker scheduler "${APPLICATION[@]}" mariadb; do
        [ -z "${SERVERS[$name]:-}" ] || kill -TERM "${SERVERS[$name]}" 2>/dev/null
    done
    for _ in $(seq 1 35); do
        local alive=0
        for name in "${!SERVERS[@]}"; do kill -0 "${SERVERS[$name]}" 2>/dev/null && alive=1; done
        [ $alive = 0 ] && break
        sleep 0.1
    done
    for name in "${!SERVERS[@]}"; do kill -KILL -- "-${SERVERS[$name]}" 2>/dev/null; done
    wait 2>/dev/null
    rm -rf "$SOCKETS" "$INSTANCE"/{sockets,servers,reserve,full}
}
