# The instance's own MariaDB: on loopback alone, nobody without a password, the administrator by socket only.
# shellcheck shell=bash

# An account for the web, which reads and writes rows, and one for migrations, which alone may change tables.
DB_MIGRATOR=gray_compass_migrator

# use_database DB_PORT: names and passwords; these are made once for the instance, and readable by its owner alone.
use_database() {
    local secrets=$INSTANCE/secrets
    if [ ! -s "$secrets" ]; then
        (
            umask 077
            php -r 'foreach (["DB_PASSWORD", "DB_MIGRATOR_PASSWORD"] as $name) echo $name, "=", bin2hex(random_bytes(24)), "\n";' >"$secrets"
        )
    fi
    # shellcheck disable=SC1090
    . "$secrets"
    export DB_CONNECTION=mariadb DB_HOST=127.0.0.1 DB_PORT=$1 DB_SOCKET="$SOCKETS/db.sock" DB_DATABASE=gray_compass
    export DB_USERNAME=gray_compass DB_PASSWORD
}

# The administrator is the person who runs this, known to the server by the socket.
database_admin() { mariadb --no-defaults --socket="$DB_SOCKET" --user="$(id -un)" "$@"; }

# as_migrator COMMAND…: with the account that may change tables.
as_migrator() { DB_USERNAME=$DB_MIGRATOR DB_PASSWORD=$DB_MIGRATOR_PASSWORD "$@"; }

start_mariadb() {
    local data=$INSTANCE/db log=$INSTANCE/logs/mariadb.log where=var/${INSTANCE##*/}/logs
    # A folder for its temporary tables alone: two servers that are made at once delete each other's in a common one.
    mkdir -p "$INSTANCE/db-tmp"
    belongs_to_server "$INSTANCE/db-tmp"
    port_is_free "$DB_PORT" || { complain "port $DB_PORT, meant for the database, is in use; end what uses it or choose another: DB_PORT=33200 $0"; return 1; }
    if [ ! -d "$data/mysql" ]; then
        rm -rf "$data"
        mariadb-install-db --no-defaults --user="$SERVER_USER" --datadir="$data" --auth-root-authentication-method=socket \
            --auth-root-socket-user="$(id -un)" --skip-test-db --tmpdir="$INSTANCE/db-tmp" >"$INSTANCE/logs/install-db.log" 2>&1 \
            || { complain "the database folder could not be made; see $where/install-db.log"; return 1; }
    fi
    mkdir -p "$INSTANCE/nothing"
    belongs_to_server "$data" "$INSTANCE/nothing"
    setsid mariadbd --no-defaults --user="$SERVER_USER" --datadir="$data" --socket="$DB_SOCKET" --port="$DB_PORT" --bind-address=127.0.0.1 \
        --pid-file="$SOCKETS/db.pid" --skip-log-bin --innodb-buffer-pool-size=256M --innodb-flush-log-at-trx-commit=1 \
        --tmpdir="$INSTANCE/db-tmp" --default-time-zone=+00:00 --local-infile=0 --secure-file-priv="$INSTANCE/nothing" --max-statement-time=10 \
        --innodb-lock-wait-timeout=1 --skip-name-resolve --max-connections=60 \
        --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci >>"$log" 2>&1 </dev/null &
    serves mariadb $!
    for _ in $(seq 1 300); do
        kill -0 "${SERVERS[mariadb]}" 2>/dev/null || { complain "the database did not come up; the end of $where/mariadb.log says: $(tail -n 1 "$log")"; return 1; }
        [ ! -S "$DB_SOCKET" ] || { lock_old_doors && break; }
        sleep 0.1
    done
    make_accounts >>"$log" 2>&1 || { complain "the database does not answer; see $where/mariadb.log"; return 1; }
}

# A database from before this rule let its root in without a password: from now on it does not. True once it answers.
lock_old_doors() {
    database_admin -e 'DO 1' 2>/dev/null && return 0
    mariadb --no-defaults --socket="$DB_SOCKET" --user=root -e "
        CREATE USER IF NOT EXISTS '$(id -un)'@'localhost' IDENTIFIED VIA unix_socket;
        ALTER USER '$(id -un)'@'localhost' IDENTIFIED VIA unix_socket;
        GRANT ALL ON *.* TO '$(id -un)'@'localhost' WITH GRANT OPTION;" 2>/dev/null
}

make_accounts() {
    local host statements=''
    # Accounts of the installation other than the administrator's own have no business here.
    while read -r account; do
        [ -z "$account" ] || statements+="DROP USER $account;"
    done < <(database_admin -N -e "SELECT CONCAT(QUOTE(user), '@', QUOTE(host)) FROM mysql.global_priv
        WHERE NOT (host = 'localhost' AND user IN ('root', 'mariadb.sys', 'mysql', '$(id -un)'))
        AND user NOT IN ('$DB_USERNAME', '$DB_MIGRATOR')")
    statements+="ALTER USER 'root'@'localhost' IDENTIFIED VIA unix_socket; CREATE DATABASE IF NOT EXISTS $DB_DATABASE;"
    # Changed in place: an account that is made anew would be away for a moment, whenever the database is started again.
    for host in localhost 127.0.0.1; do
        ! database_admin -N -e "SHOW GRANTS FOR '$DB_USERNAME'@'$host'" 2>/dev/null | grep -q 'ALL PRIVILEGES' \
            || statements+="DROP USER '$DB_USERNAME'@'$host';"
        statements+="CREATE USER IF NOT EXISTS '$DB_USERNAME'@'$host' IDENTIFIED BY '$DB_PASSWORD';
            ALTER USER '$DB_USERNAME'@'$host' IDENTIFIED BY '$DB_PASSWORD' WITH MAX_USER_CONNECTIONS 40;
            GRANT SELECT, INSERT, UPDATE, DELETE ON $DB_DATABASE.* TO '$DB_USERNAME'@'$host';
            CREATE USER IF NOT EXISTS '$DB_MIGRATOR'@'$host' IDENTIFIED BY '$DB_MIGRATOR_PASSWORD';
            ALTER USER '$DB_MIGRATOR'@'$host' IDENTIFIED BY '$DB_MIGRATOR_PASSWORD';
            GRANT ALL ON $DB_DATABASE.* TO '$DB_MIGRATOR'@'$host';"
    done
    # By its input, so that no password stands in a list of processes.
    database_admin <<<"$statements"
}

# A database for each process of the feature tests.
databases_of_tests() {
    local number host
    for number in $(seq 1 "$(nproc)"); do
        for host in localhost 127.0.0.1; do
            database_admin -e "CREATE DATABASE IF NOT EXISTS ${DB_DATABASE}_$number;
                GRANT ALL ON ${DB_DATABASE}_$number.* TO '$DB_MIGRATOR'@'$host';"
        done
    done
}
