# Points the commands at the shop that bin/shop serves, or at the demo where SHOP_DEMO is set. Sourced.

cd "$ROOT" || exit 1
if [ -n "${SHOP_DEMO:-}" ]; then
    export DB_DATABASE="${DB_DATABASE:-$ROOT/storage/demo/orthoscope.sqlite}"
else
    # A machine that was set up by bin/install says where its data lie.
    if [ -r /etc/orthoscope/environment ] && [ -z "${DB_DATABASE:-}" ]; then
        set -a; source /etc/orthoscope/environment; set +a
    fi
    export LARAVEL_STORAGE_PATH="${LARAVEL_STORAGE_PATH:-$ROOT/storage/shop}"
    export DB_DATABASE="${DB_DATABASE:-$LARAVEL_STORAGE_PATH/orthoscope.sqlite}"
fi
[ "${DB_CONNECTION:-sqlite}" = pgsql ] || [ -f "$DB_DATABASE" ] \
    || { printf 'There is no shop here yet: %s is missing.\nRun: bin/shop\n' "$DB_DATABASE" >&2; exit 1; }
