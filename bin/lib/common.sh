# Shared by the commands in bin/: paths, words, and what must be installed.
# shellcheck shell=bash

ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)
export ROOT
cd "$ROOT" || exit 1

say() { printf '%s\n' "$*"; }
complain() { printf 'gray-compass: %s\n' "$*" >&2; }
fail() { complain "$@"; exit 1; }

# The JIT stays off: it was seen to return wrong numbers on loops like ours. Coverage costs a quarter
# of the speed, so it is off unless asked for.
PHP=(php -d opcache.jit=disable -d opcache.jit_buffer_size=0 -d pcov.enabled=0)
export PHP_CLI_OPTIONS="${PHP[*]:1}"
artisan() { "${PHP[@]}" artisan "$@"; }

has_php_module() { grep -qix "$1" <<<"$(php -m 2>/dev/null)"; }

# missing_packages [browser|tests]: Debian packages that this machine lacks, one a line with the reason.
missing_packages() {
    command -v php >/dev/null || say 'php8.2-cli the language of the application'
    command -v composer >/dev/null || say 'composer installs the PHP packages'
    command -v node >/dev/null || say 'nodejs builds the interface'
    command -v npm >/dev/null || say 'npm installs the interface packages'
    command -v mariadbd >/dev/null || say 'mariadb-server keeps the records'
    command -v nginx >/dev/null || [ -x /usr/sbin/nginx ] || say 'nginx-light serves pages and compressed assets'
    [ -x /usr/sbin/php-fpm8.2 ] || say 'php8.2-fpm runs the application behind nginx'
    has_php_module pdo_mysql || say 'php8.2-mysql speaks to the database'
    has_php_module curl || say 'php8.2-curl is asked for by the framework'
    has_php_module zip || say 'php8.2-zip lets Composer unpack packages'
    has_php_module gd || say 'php8.2-gd draws pictures into the PDF'
    has_php_module mbstring || say 'php8.2-mbstring counts letters, not bytes'
    has_php_module dom || say 'php8.2-xml is asked for by the test tools'
    has_php_module intl || say 'php8.2-intl sorts names as people do'
    [ "${1:-}" != tests ] || has_php_module pcov || say 'php8.2-pcov measures test coverage'
    [ "${1:-}" != tests ] || command -v shellcheck >/dev/null || say 'shellcheck reads the scripts'
    [ "${1:-}" != tests ] || command -v jq >/dev/null || say 'jq follows the guide to the API'
    [ -z "${1:-}" ] || [ -x /usr/bin/chromium ] || say 'chromium drives the interface in tests'
}

install_missing() {
    local lacking names
    lacking=$(missing_packages "${1:-}")
    [ -n "$lacking" ] || return 0
    names=$(printf '%s\n' "$lacking" | cut -d' ' -f1 | tr '\n' ' ')
    if [ "$(id -u)" -ne 0 ]; then
        fail "some packages are missing and installing them needs root; run: sudo apt-get install --no-install-recommends $names"
    fi
    say 'Installing what this machine lacks:'
    printf '%s\n' "$lacking" | sed 's/^\([^ ]*\) /  \1: /'
    mkdir -p var
    # RUNLEVEL keeps the packages from starting system services of their own.
    # shellcheck disable=SC2086
    { apt-get update -qq && RUNLEVEL=1 DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends $names; } >var/install.log 2>&1 </dev/null \
        || fail "the packages could not be installed; the end of var/install.log says: $(tail -n 1 var/install.log)"
    [ -z "$(missing_packages "${1:-}")" ] || fail "after installing, these are still missing: $(missing_packages "${1:-}" | cut -d' ' -f1 | tr '\n' ' ')"
}

# install_php_packages [tests]: at the versions that composer.versions names; the tools of the tests only for them.
install_php_packages() {
    local with=() name version dev=--no-dev
    mkdir -p bootstrap/cache storage/framework/{views,cache/data,sessions} storage/logs var
    [ "${1:-}" != tests ] && [ ! -e vendor/with-dev ] || dev=--dev
    if [ -f vendor/autoload.php ] && [ -z "$(find composer.json composer.versions packages/*/composer.json -newer vendor/autoload.php)" ]; then
        [ $dev = --no-dev ] || [ -e vendor/with-dev ] || rm -f vendor/autoload.php
    fi
    [ -f vendor/autoload.php ] && [ -z "$(find composer.json composer.versions packages/*/composer.json -newer vendor/autoload.php)" ] && return 0
    say 'Installing PHP packages (composer)'
    rm -f bootstrap/cache/*.php
    while read -r name version; do with+=(--with "$name:$version"); done <composer.versions
    [ $dev = --no-dev ] || dev=''
    COMPOSER_ALLOW_SUPERUSER=1 composer update --no-interaction --no-progress --quiet ${dev:+"$dev"} "${with[@]}" >var/composer.log 2>&1 </dev/null \
        || fail "composer could not install the PHP packages; the end of var/composer.log says: $(grep -v '^ *$' var/composer.log | tail -n 1)"
    [ -n "$dev" ] && rm -f vendor/with-dev || touch vendor/with-dev
    touch vendor/autoload.php
}

install_web_packages() {
    [ node_modules/.package-lock.json -nt package-lock.json ] && return 0
    say 'Installing interface packages (npm)'
    # A registry that hiccups is asked once more.
    PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 npm ci --no-audit --no-fund --loglevel=error >var/npm.log 2>&1 </dev/null \
        || PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 npm ci --no-audit --no-fund --loglevel=error >>var/npm.log 2>&1 </dev/null \
        || fail "npm could not install the interface packages; the end of var/npm.log says: $(grep -v '^ *$' var/npm.log | tail -n 1)"
    touch node_modules/.package-lock.json
}

# The interface as it is served, and the core that goes along with it to devices without a network.
build_interface() {
    build_pages
    pack_judge
}

build_pages() {
    local manifest=public/build/.vite/manifest.json
    local maps
    maps=$(find public/build -name '*.js.map' -print -quit 2>/dev/null || true)
    if [ -f $manifest ] && { [ -z "${WEB_MAPS:-}" ] || [ -n "$maps" ]; } && [ -z "$(find web contract resources/drawings vite.config.ts package-lock.json -newer $manifest -print -quit)" ]; then
        return 0
    fi
    say 'Building the interface (vite)'
    npx vite build --logLevel error >var/build.log 2>&1 </dev/null || fail "the interface could not be built; var/build.log says: $(tail -n 3 var/build.log)"
    # The contract as one file, for those who write clients.
    npx redocly bundle contract/openapi.yaml --config contract/redocly.yaml --ext json -o public/build/openapi.json >var/contract.log 2>&1 </dev/null \
        || fail "the contract could not be bundled: $(tail -n 3 var/contract.log)"
    # Pressed once and well, not at every request.
    find public/build -type f \( -name 'openapi.json' -o -name '*.js' -o -name '*.css' \) -exec gzip -9 --keep --force {} +
}

# The core and its figures, for devices that have lost the server.
pack_judge() {
    local manifest=public/judge/manifest.json
    if [ -f $manifest ] && [ -z "$(find core packages bin/lib/pack-judge.php public/build/.vite -newer $manifest -print -quit)" ]; then
        return 0
    fi
    say 'Packing the core for devices without a network'
    "${PHP[@]}" bin/lib/pack-judge.php public/judge || fail 'the core could not be packed'
}
