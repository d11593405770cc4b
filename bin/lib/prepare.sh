# Installs what is missing and builds what is stale. Sourced by bin/demo, bin/test and bin/screens; says in one
# sentence what is wrong and what to run, and takes away what it could not finish.

set -euo pipefail
ROOT="$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)"
cd "$ROOT"
export COMPOSER_ALLOW_SUPERUSER=1
LOG="$(mktemp)"

# Tests of the core that play hundreds of machines, or go through every course many times.
LONG='LettersAreTrue|Metamorphic|RecordsAtRandom|Simulation|OnlyUnder|CourseTest|Learning|BruteForce|Properties|LikelySets|CommandLine'

# Compiled code is kept and made machine code: what is computed long takes three quarters of the time.
COMPILED=(-d opcache.enable_cli=1 -d opcache.jit_buffer_size=128M -d opcache.jit=tracing)

say() { printf '%s\n' "$*"; }

# stop SENTENCE COMMAND: ends with what is wrong and what to run.
stop() {
    printf '%s\n' "$1" >&2
    [ -z "${2:-}" ] || printf 'Run: %s\n' "$2" >&2
    exit 1
}

# quietly SENTENCE COMMAND...: runs something, and shows what it printed only if it fails.
quietly() {
    local sentence="$1"
    shift
    if ! "$@" >"$LOG" 2>&1; then
        tail -n 15 "$LOG" >&2
        return 1
    fi
}

has_extension() { php -r 'exit(extension_loaded($argv[1]) ? 0 : 1);' "$1" 2>/dev/null; }

# The Debian packages that are missing, for the demo or with the tools the tests need.
missing_packages() {
    local missing=()
    command -v php >/dev/null || missing+=(php8.2-cli)
    local extension
    for extension in mbstring xml sqlite3 curl zip gd intl bcmath; do
        has_extension "$extension" || missing+=("php8.2-$extension")
    done
    command -v composer >/dev/null || missing+=(composer)
    command -v unzip >/dev/null || missing+=(unzip)
    command -v node >/dev/null || missing+=(nodejs)
    command -v npm >/dev/null || missing+=(npm)
    if [ "$1" = tests ]; then
        [ -x /usr/bin/chromium ] || missing+=(chromium)
        [ -x /usr/bin/chromium-headless-shell ] || missing+=(chromium-headless-shell)
        [ -x /usr/bin/chromedriver ] || missing+=(chromium-driver)
        command -v zbarimg >/dev/null || missing+=(zbar-tools)
        command -v pdftotext >/dev/null || missing+=(poppler-utils)
        command -v setsid >/dev/null || missing+=(util-linux)
    fi
    printf '%s ' "${missing[@]:-}"
}

install_packages() {
    local wanted needed
    wanted="$(missing_packages "$1" | xargs)"
    [ -n "$wanted" ] || return 0
    # Without the browser that draws no window the tests run as well, and longer: an older Debian has none.
    needed="$(xargs -n 1 <<<"$wanted" | grep -vx chromium-headless-shell | xargs || true)"
    local install="apt-get install -y --no-install-recommends $wanted"
    if ! command -v apt-get >/dev/null; then
        [ -n "$needed" ] || return 0
        stop "These are missing and this is not a Debian machine: $wanted." "your system's installer for them, then this again"
    fi
    local sudo=()
    if [ "$(id -u)" -ne 0 ]; then
        if ! command -v sudo >/dev/null || ! sudo -n true 2>/dev/null; then
            [ -n "$needed" ] || return 0
            stop "Some Debian packages are missing and you are not root: $wanted." "sudo apt-get update && sudo $install"
        fi
        sudo=(sudo)
    fi
    say "Installing Debian packages: $wanted"
    export DEBIAN_FRONTEND=noninteractive
    quietly 'update' "${sudo[@]}" apt-get update || stop 'The list of Debian packages could not be fetched.' 'apt-get update'
    # shellcheck disable=SC2086
    quietly 'install' "${sudo[@]}" apt-get install -y --no-install-recommends $wanted && return
    # shellcheck disable=SC2086
    [ -z "$needed" ] || quietly 'install' "${sudo[@]}" apt-get install -y --no-install-recommends $needed \
        || stop "A Debian package cannot be had, of: $needed." "$install"
}

check_php() {
    php -r 'exit(PHP_VERSION_ID >= 80200 ? 0 : 1);' \
        || stop "PHP 8.2 or newer is needed, and this is $(php -r 'echo PHP_VERSION;')." 'apt-get install -y php8.2-cli'
}

# stamp FILE...: one word that changes when any of them does.
stamp() { cat "$@" | sha256sum | cut -c1-16; }

# The PHP libraries in the versions that were tested; where one of those cannot be had, all in the newest that fit. There is no lock file:
# it would name the registry that it was made from, and not every machine reaches that one.
take_php_libraries() {
    local version with=()
    while read -r version; do
        with+=(--with "$version")
    done < composer.versions
    local take=(composer update --no-interaction --no-progress)
    quietly 'composer' "${take[@]}" "${with[@]}" && touch vendor/.as-tested && return
    say 'One of the tested versions cannot be had: taking the newest that fit'
    rm -f vendor/.as-tested
    quietly 'composer' "${take[@]}"
}

install_libraries() {
    local now
    now="$(stamp composer.json composer.versions)"
    if [ "$(cat vendor/.made-for 2>/dev/null || true)" != "$now" ]; then
        say 'Installing PHP libraries'
        mkdir -p bootstrap/cache storage/framework/{cache/data,sessions,views} storage/logs
        take_php_libraries || { rm -rf vendor; stop 'A PHP library cannot be had.' 'composer update'; }
        printf '%s' "$now" > vendor/.made-for
    fi
    now="$(stamp package.json package-lock.json)"
    if [ "$(cat node_modules/.made-for 2>/dev/null || true)" != "$now" ]; then
        say 'Installing script libraries'
        quietly 'npm' npm ci || { rm -rf node_modules; stop 'A script library cannot be had.' 'npm ci'; }
        printf '%s' "$now" > node_modules/.made-for
    fi
}

build_assets() {
    local now
    now="$(find resources/js resources/scss package-lock.json vite.config.js -type f -print0 | sort -z | xargs -0 cat | sha256sum \
        | cut -c1-16)"
    if [ "$(cat public/build/.made-for 2>/dev/null || true)" != "$now" ]; then
        say 'Building styles and scripts'
        quietly 'vite' npm run build || { rm -rf public/build; stop 'The styles and scripts could not be built.' 'npm run build'; }
        printf '%s' "$now" > public/build/.made-for
    fi
}

make_key() {
    [ -f .env ] || cp .env.example .env
    if ! grep -q '^APP_KEY=base64:' .env; then
        quietly 'key' php artisan key:generate --force \
            || { rm -f .env; stop 'The application key could not be made.' 'php artisan key:generate'; }
    fi
}

# prepare demo|tests
prepare() {
    install_packages "$1"
    [ -w "$ROOT" ] && [ -w "$ROOT/storage" ] || stop 'You may not write in the folder of Orthoscope.' "sudo chown -R $(id -un) '$ROOT'"
    mkdir -p bootstrap/cache storage/framework/{cache/data,sessions,views} storage/logs storage/demo
    check_php
    install_libraries
    build_assets
    make_key
    # What an older version compiled may call parts of pages otherwise than this one does.
    quietly 'views' php artisan view:clear || stop 'Compiled views of an older version could not be removed.' 'php artisan view:clear'
}
