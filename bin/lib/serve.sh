# serve PORT DATABASE: starts the application and the shop's clock on this machine, until Ctrl+C. Sourced by bin/demo and bin/shop.

# The options both understand: --port N. Sets PORT; what else was said stays in OTHER.
read_port() {
    PORT="$1"
    shift
    OTHER=()
    while [ $# -gt 0 ]; do
        case "$1" in
            --port) PORT="${2:-}"; shift ;;
            --port=*) PORT="${1#--port=}" ;;
            *) OTHER+=("$1") ;;
        esac
        shift
    done
    case "$PORT" in ''|*[!0-9]*) printf 'A port is a number.\nRun: %s --port 8322\n' "$0" >&2; exit 2 ;; esac
}

port_is_free() {
    if (exec 3<>"/dev/tcp/127.0.0.1/$PORT") 2>/dev/null; then
        stop "Port $PORT is taken." "$0 --port $((PORT + 1))"
    fi
}

serve() {
    export APP_URL="http://127.0.0.1:$1" DB_DATABASE="$2" PHP_CLI_SERVER_WORKERS=4
    # Pages are made ready beforehand: on a full disk they can still be read.
    (cd "$ROOT" && quietly 'views' php artisan view:cache) || true
    # The shop's clock: messages that are due go out while it runs.
    (cd "$ROOT" && exec php artisan shop:work >/dev/null 2>&1) &
    CLOCK=$!
    trap 'kill $CLOCK 2>/dev/null' EXIT
    cd "$ROOT/public"
    # What is told as the most a photograph may have must arrive.
    php "${COMPILED[@]}" -d variables_order=EGPCS -d upload_max_filesize=12M -d post_max_size=14M -d memory_limit=512M \
        -S "127.0.0.1:$1" -t . \
        ../vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php >/dev/null 2>&1
}
