# Keeps the servers of an instance alive while its script runs.
# shellcheck shell=bash

# A server that ends is started again at once, so many times a minute; more often, and each try waits longer.
MOST_RESTARTS=5
LONGEST_WAIT=15

# supervise: waits for ever. What goes wrong here ends no other server: a full disk takes the log line first.
supervise() {
    local ended name log=$INSTANCE/logs/supervisor.log restarts=() now recent wait
    set +e
    while :; do
        ended=0
        wait -n -p ended "${SERVERS[@]}" 2>/dev/null
        for name in "${!SERVERS[@]}"; do
            [ "${SERVERS[$name]}" = "$ended" ] || continue
            now=$(date +%s)
            recent=()
            for ended in "${restarts[@]}"; do [ $((now - ended)) -ge 60 ] || recent+=("$ended"); done
            restarts=("${recent[@]}" "$now")
            wait=$((${#restarts[@]} - MOST_RESTARTS))
            [ "$wait" -le 0 ] || sleep $((wait < LONGEST_WAIT ? wait : LONGEST_WAIT))
            say "$(date -u +%FT%TZ) $name ended and is started again" | tee -a "$log" >&2
            # Workers that outlived their master would keep its port.
            kill -KILL -- "-${SERVERS[$name]}" 2>/dev/null
            # Of several processes of the application each has a number. One that fails to start is tried again here.
            "start_${name%%[0-9]*}" "$name" || {
                kill -KILL -- "-${SERVERS[$name]}" 2>/dev/null
                sleep 0.2 &
                serves "$name" $!
            }
            break
        done
    done
}
