#!/bin/sh
# Enters, waits, and gets out again: enter-and-exit.sh ADDRESS [SECONDS]. The address is an inlet's, from its page in Wexon.
set -eu
address=$1
seconds=${2:-60}
say() {
    curl --fail --silent --show-error --retry 3 --max-time 5 -H 'Content-Type: application/json' -d "$1" "$address"
}
say "{\"do\": \"enter\", \"side\": \"long\", \"symbol\": \"MARL/USD\", \"label\": \"shell\", \"id\": \"shell-in-$$\"}"
sleep "$seconds"
say "{\"do\": \"exit\", \"symbol\": \"MARL/USD\", \"label\": \"shell\", \"id\": \"shell-out-$$\"}"
