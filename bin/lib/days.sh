# Runs the suites with the system's clock set to other days. Sourced by bin/test --days.

# Weekends, ends of months and of a year, a leap day, a holiday, both changes of clock in Europe, a year of another length, two years ahead.
DAYS=(
    '2026-11-28 09:00' '2026-11-29 23:58' '2026-11-30 23:59' '2026-12-25 10:00' '2026-12-31 23:59' '2027-01-01 00:01' '2027-02-28 23:59'
    '2027-03-28 01:59' '2027-10-31 02:30' '2028-02-29 12:00' '2028-03-01 00:00' '2028-11-28 08:00'
)

# on_day DAY SUITE: one suite with the clock of the system set; what it said is kept where it failed.
on_day() {
    local log
    log="$(mktemp)"
    export EVERY_COURSE=yes
    local tests=(vendor/bin/phpunit --colors=never --do-not-cache-result --testsuite "$2")
    if FAKETIME_DONT_FAKE_MONOTONIC=1 TZ=UTC faketime "$1" "${tests[@]}" >"$log" 2>&1; then
        printf 'ok    %s  %s  %s\n' "$1" "$2" "$(grep -E '^(OK|Tests:)' "$log" | tail -n 1)"
    else
        printf 'FAIL  %s  %s\n' "$1" "$2"
        tail -n 60 "$log"
        touch "$FAILED"
    fi
    rm -f "$log"
}

every_day() {
    command -v faketime >/dev/null || quietly 'faketime' apt-get install -y --no-install-recommends faketime \
        || stop 'faketime cannot be had.' 'apt-get install faketime'
    local days=("${DAYS[@]}") day
    [ $# -eq 0 ] || days=("$@")
    FAILED="$(mktemp -u)"
    for day in "${days[@]}"; do
        on_day "$day" core &
        on_day "$day" feature
        wait
        on_day "$day" browser
    done
    [ ! -e "$FAILED" ]
}
