# The project's own MariaDB, php-fpm and nginx, all out of one folder under var/.
# shellcheck shell=bash

# use_instance NAME WEB_PORT DB_PORT: sets the folder and what the application is told.
use_instance() {
    INSTANCE=$ROOT/var/$1
    WEB_PORT=$2
    DB_PORT=$3
    mkdir -p "$INSTANCE"/{tmp,logs}
    # A socket path may have 107 characters at most, so it goes to a short place of its own.
    SOCKETS=$(cat "$INSTANCE/sockets" 2>/dev/null || true)
    if [ -z "$SOCKETS" ] || [ ! -d "$SOCKETS" ]; then
        SOCKETS=$(mktemp -d "${TMPDIR:-/tmp}/gc-XXXXXX")
        say "$SOCKETS" >"$INSTANCE/sockets"
    fi
    [ -s "$INSTANCE/key" ] || php -r 'echo "base64:".base64_encode(random_bytes(32));' >"$INSTANCE/key"
    chmod 600 "$INSTANCE/key"
    export APP_KEY APP_ENV=${APP_ENV:-local} APP_DEBUG=false APP_DEMO=${APP_DEMO:-1} APP_URL="http://127.0.0.1:$WEB_PORT"
    APP_KEY=$(cat "$INSTANCE/key")
    export DB_CONNECTION=mariadb DB_HOST=127.0.0.1 DB_PORT DB_SOCKET="$SOCKETS/db.sock" DB_DATABASE=gray_compass DB_USERNAME=gray_compass DB_PASSWORD=gray_compass
    export SESSION_DRIVER=database SESSION_SECURE_COOKIE=false CACHE_STORE=database QUEUE_CONNECTION=sync LOG_CHANNEL=stderr
    PIDS=()
}

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

start_mariadb() {
    local data=$INSTANCE/db user
    user=$(id -un)
    port_is_free "$DB_PORT" || fail "port $DB_PORT, meant for the database, is in use; end what uses it or set DB_PORT"
    if [ ! -d "$data/mysql" ]; then
        rm -rf "$data"
        mariadb-install-db --no-defaults --user="$user" --datadir="$data" --auth-root-authentication-method=normal --skip-test-db \
            >"$INSTANCE/logs/install-db.log" 2>&1 || fail "the database folder could not be made; see var/${INSTANCE##*/}/logs/install-db.log"
    fi
    mariadbd --no-defaults --user="$user" --datadir="$data" --socket="$DB_SOCKET" --port="$DB_PORT" --bind-address=127.0.0.1 \
        --pid-file="$SOCKETS/db.pid" --skip-log-bin --innodb-buffer-pool-size=256M --innodb-flush-log-at-trx-commit=1 \
        --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci >"$INSTANCE/logs/mariadb.log" 2>&1 </dev/null &
    DB_PID=$!
    PIDS+=("$DB_PID")
    for _ in $(seq 1 300); do
        kill -0 "$DB_PID" 2>/dev/null || fail "the database did not come up; the end of var/${INSTANCE##*/}/logs/mariadb.log says: $(tail -n 1 "$INSTANCE/logs/mariadb.log")"
        mariadb-admin --no-defaults --socket="$DB_SOCKET" -uroot ping >/dev/null 2>&1 && break
        sleep 0.1
    done
    mariadb --no-defaults --socket="$DB_SOCKET" -uroot -e "
        CREATE DATABASE IF NOT EXISTS $DB_DATABASE;
        CREATE USER IF NOT EXISTS '$DB_USERNAME'@'localhost' IDENTIFIED BY '$DB_PASSWORD';
        CREATE USER IF NOT EXISTS '$DB_USERNAME'@'127.0.0.1' IDENTIFIED BY '$DB_PASSWORD';
        GRANT ALL ON $DB_DATABASE.* TO '$DB_USERNAME'@'localhost'; GRANT ALL ON $DB_DATABASE.* TO '$DB_USERNAME'@'127.0.0.1';" \
        >>"$INSTANCE/logs/mariadb.log" 2>&1 || fail "the database does not answer; see var/${INSTANCE##*/}/logs/mariadb.log"
}

# What the framework would read anew at every request is read once, into the instance's own folder.
cache_framework() {
    mkdir -p "$INSTANCE/cache"
    CACHED=("APP_CONFIG_CACHE=$INSTANCE/cache/config.php" "APP_ROUTES_CACHE=$INSTANCE/cache/routes.php" "APP_EVENTS_CACHE=$INSTANCE/cache/events.php")
    rm -f "$INSTANCE"/cache/*.php
    local what
    for what in config:cache route:cache event:cache view:cache; do
        env "${CACHED[@]}" "${PHP[@]}" artisan "$what" --quiet </dev/null >>"$INSTANCE/logs/cache.log" 2>&1 ||
            fail "the framework could not be made ready; see var/${INSTANCE##*/}/logs/cache.log"
    done
    chmod 600 "$INSTANCE"/cache/*.php
}

start_fpm() {
    local as_root=() name
    cache_framework
    [ "$(id -u)" -ne 0 ] || as_root=(-R)
    {
        printf '[global]\nerror_log = %s\ndaemonize = no\n[web]\n' "$INSTANCE/logs/fpm.log"
        printf 'user = %s\ngroup = %s\nlisten = %s\nlisten.mode = 0666\n' "$(id -un)" "$(id -gn)" "$SOCKETS/fpm.sock"
        printf 'pm = static\npm.max_children = 4\npm.max_requests = 5000\ncatch_workers_output = yes\ndecorate_workers_output = no\n'
        printf 'php_admin_value[opcache.jit] = disable\nphp_admin_value[opcache.jit_buffer_size] = 0\nphp_admin_value[pcov.enabled] = 0\n'
        printf 'php_admin_value[expose_php] = 0\nphp_admin_value[memory_limit] = 128M\n'
        for name in APP_KEY APP_ENV APP_DEBUG APP_DEMO APP_URL DB_CONNECTION DB_HOST DB_PORT DB_SOCKET DB_DATABASE DB_USERNAME DB_PASSWORD \
            SESSION_DRIVER SESSION_SECURE_COOKIE CACHE_STORE QUEUE_CONNECTION LOG_CHANNEL PATH; do
            printf 'env[%s] = "%s"\n' "$name" "${!name}"
        done
        for name in "${CACHED[@]}"; do printf 'env[%s] = "%s"\n' "${name%%=*}" "${name#*=}"; done
    } >"$INSTANCE/fpm.conf"
    chmod 600 "$INSTANCE/fpm.conf"
    /usr/sbin/php-fpm8.2 -F "${as_root[@]}" -d "opcache.preload=$ROOT/bootstrap/preload.php" -d "opcache.preload_user=$(id -un)" -d opcache.max_accelerated_files=20000 -y "$INSTANCE/fpm.conf" >>"$INSTANCE/logs/fpm.log" 2>&1 </dev/null &
    FPM_PID=$!
    PIDS+=("$FPM_PID")
}

start_nginx() {
    local nginx
    nginx=$(command -v nginx || say /usr/sbin/nginx)
    sed -e "s|@INSTANCE@|$INSTANCE|g" -e "s|@SOCKETS@|$SOCKETS|g" -e "s|@PORT@|$WEB_PORT|g" -e "s|@ROOT@|$ROOT|g" \
        -e "s|@USER@|$([ "$(id -u)" -ne 0 ] || say 'user root;')|" deploy/nginx.conf >"$INSTANCE/nginx.conf"
    "$nginx" -e "$INSTANCE/logs/nginx.log" -p "$INSTANCE" -c "$INSTANCE/nginx.conf" -g 'daemon off;' >>"$INSTANCE/logs/nginx.log" 2>&1 </dev/null &
    NGINX_PID=$!
    PIDS+=("$NGINX_PID")
    for _ in $(seq 1 100); do
        kill -0 "$NGINX_PID" 2>/dev/null || fail "the web server did not come up: $(tail -n 1 "$INSTANCE/logs/nginx.log")"
        curl -fsS -o /dev/null "http://127.0.0.1:$WEB_PORT/" 2>/dev/null && return 0
        sleep 0.1
    done
    fail "the application does not answer; see var/${INSTANCE##*/}/logs"
}

# Children in the background ignore the interrupt key, so they are told to end, web first, then waited for.
stop_services() {
    local pid index
    set +e
    trap '' INT TERM
    for ((index = ${#PIDS[@]} - 1; index >= 0; index--)); do
        kill -TERM "${PIDS[index]}" 2>/dev/null || true
    done
    for _ in $(seq 1 35); do
        local alive=0
        for pid in "${PIDS[@]}"; do kill -0 "$pid" 2>/dev/null && alive=1; done
        [ $alive = 0 ] && break
        sleep 0.1
    done
    for pid in "${PIDS[@]}"; do kill -KILL "$pid" 2>/dev/null || true; done
    wait 2>/dev/null || true
    rm -rf "$SOCKETS" "$INSTANCE/sockets"
}
