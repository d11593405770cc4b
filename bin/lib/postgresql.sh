# A private PostgreSQL for the tests: in a folder of its own, reached by a socket there, gone afterwards. Sourced.

install_web_server() {
    local wanted=()
    command -v nginx >/dev/null || wanted+=(nginx)
    command -v php-fpm8.2 >/dev/null || wanted+=(php8.2-fpm)
    [ ${#wanted[@]} -gt 0 ] || return 0
    say "Installing Debian packages: ${wanted[*]}"
    quietly 'install' apt-get install -y --no-install-recommends "${wanted[@]}" \
        || stop "A Debian package cannot be had, of: ${wanted[*]}." "apt-get install ${wanted[*]}"
}

install_postgresql() {
    local wanted=()
    ls /usr/lib/postgresql/*/bin/initdb >/dev/null 2>&1 || wanted+=(postgresql)
    has_extension pdo_pgsql || wanted+=(php8.2-pgsql)
    [ ${#wanted[@]} -gt 0 ] || return 0
    say "Installing Debian packages: ${wanted[*]}"
    export DEBIAN_FRONTEND=noninteractive
    quietly 'update' apt-get update || stop 'The list of Debian packages could not be fetched.' 'apt-get update'
    quietly 'install' apt-get install -y --no-install-recommends "${wanted[@]}" \
        || stop "A Debian package cannot be had, of: ${wanted[*]}." "apt-get install ${wanted[*]}"
}

# The server starts as nobody who may do anything: it refuses to run as root.
as_postgres() {
    if [ "$(id -u)" -eq 0 ]; then setpriv --reuid=postgres --regid=postgres --clear-groups "$@"; else "$@"; fi
}

# start_postgresql [durable]: durable as a shop's own must be, or quick, for tests.
start_postgresql() {
    install_postgresql
    local quick="fsync = off
full_page_writes = off
synchronous_commit = off"
    [ "${1:-}" != durable ] || quick=''
    local programs
    programs="$(dirname "$(ls /usr/lib/postgresql/*/bin/initdb | sort -V | tail -n 1)")"
    PG="$(mktemp -d /tmp/orthoscope-pg.XXXXXX)"
    [ "$(id -u)" -ne 0 ] || chown postgres "$PG"
    # Sorted by bytes, as SQLite sorts.
    quietly 'initdb' as_postgres "$programs/initdb" -D "$PG/data" -U orthoscope --auth=trust --encoding=UTF8 --locale=C.UTF-8 \
        || stop 'The private PostgreSQL could not be made.'
    printf "listen_addresses = ''\nunix_socket_directories = '%s'\nmax_connections = 60\n%s\n" "$PG" "$quick" \
        >>"$PG/data/postgresql.conf"
    quietly 'start' as_postgres "$programs/pg_ctl" -D "$PG/data" -l "$PG/log" -w start || stop 'The private PostgreSQL did not start.'
    # shellcheck disable=SC2064
    trap "as_postgres '$programs/pg_ctl' -D '$PG/data' -m immediate stop >/dev/null 2>&1; rm -rf '$PG'" EXIT
    export DB_CONNECTION=pgsql DB_HOST="$PG" DB_USERNAME=orthoscope DB_PASSWORD='' DB_DATABASE=orthoscope
    "$programs/createdb" -h "$PG" -U orthoscope orthoscope
}
