#!/usr/bin/env bash
# serve-demo.sh FOLDER NAME WEB_PORT DB_PORT: serves the demo of a checkout, by its own scripts, until its input ends.
# Prints its address and the process id of its PHP-FPM.
set -euo pipefail
exec 3>&1 1>&2
# shellcheck source=bin/lib/common.sh
. "$1/bin/lib/common.sh"
# shellcheck source=bin/lib/services.sh
. "$ROOT/bin/lib/services.sh"

install_php_packages
install_web_packages
build_interface
APP_DEMO=1 use_instance "$2" "$3" "$4"
trap stop_services EXIT
rm -rf "$INSTANCE/db"
start_mariadb
prepare_database
artisan db:seed --force --quiet </dev/null
start_fpm
start_nginx
say "http://127.0.0.1:$WEB_PORT ${SERVERS[fpm]}" >&3
read -r _ || true
