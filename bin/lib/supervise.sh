# Keeps the servers of an instance alive while its script runs.
# shellcheck shell=bash

# A server that dies more often than this in a minute has a reason that starting it again does not mend.
MOST_RESTARTS=5

# supervise: waits for ever. A server that ends is started again, with a line in the log.
supervise() {
    local ended name log=$INSTANCE/logs/supervisor.log restarts=() now recent
    while :; do
        ended=0
        wait -n -p ended "${SERVERS[@]}" || true
        for name in "${!SERVERS[@]}"; do
            [ "${SERVERS[$name]}" = "$ended" ] || continue
            now=$(date +%s)
            recent=()
            for ended in "${restarts[@]}"; do [ $((now - ended)) -ge 60 ] || recent+=("$ended"); done
            restarts=("${recent[@]}" "$now")
            [ "${#restarts[@]}" -le $MOST_RESTARTS ] || fail "$name ended again and again; see var/${INSTANCE##*/}/logs"
            say "$(date -u +%FT%TZ) $name ended and is started again" | tee -a "$log" >&2
            # Workers that outlived their master would keep its port.
            kill -KILL -- "-${SERVERS[$name]}" 2>/dev/null || true
            # Of several processes of the application each has a number.
            "start_${name%%[0-9]*}" "$name"
            break
        done
    done
}
