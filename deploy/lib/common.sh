# Shared by every sub-command: where things are, saying what is done, reading .env. Sourced by ./pebblefell.

say() { printf '%s\n' "$*" >&2; }
die() { printf 'pebblefell: %s\n' "$*" >&2; exit 1; }

# step "words" command …: says the words, runs the command quietly, adds the time it took; shows its output if it fails.
step() {
    local words=$1 began log
    shift
    began=$(date +%s.%N)
    log=$(mktemp)
    printf '  %-46s ' "$words" >&2
    if "$@" >"$log" 2>&1; then
        printf '%6.1f s\n' "$(echo "$(date +%s.%N) - $began" | bc)" >&2
        rm -f "$log"
    else
        local code=$?
        printf 'failed\n' >&2
        tail -n 25 "$log" >&2
        grep -qi 'no space left' "$log" && say 'The disk is full.'
        rm -f "$log"
        exit "$code"
    fi
}

# The instance: its .env and its storage/. The copy itself by default; `test` and `bench` make one of their own.
use_instance() {
    INSTANCE=$1
    STORAGE=$INSTANCE/storage
    RUN=$STORAGE/run
    DATA=$STORAGE/mariadb
    CACHE=$STORAGE/framework/bootstrap
    ENV_FILE=$INSTANCE/.env
    # The system allows 107 characters for a socket's path. Wherever they lie, their folder is for the serving account alone.
    SOCKETS=$RUN/sockets
    if [ "${#SOCKETS}" -gt 85 ]; then
        SOCKETS=/tmp/pebblefell-$(printf '%s' "$INSTANCE" | sha256sum | cut -c1-12)
    fi
    SOCKET=$SOCKETS/mariadb.sock
    export PEBBLEFELL_INSTANCE=$INSTANCE
    export APP_CONFIG_CACHE=$CACHE/config.php APP_ROUTES_CACHE=$CACHE/routes.php APP_EVENTS_CACHE=$CACHE/events.php
    export APP_SERVICES_CACHE=$CACHE/services.php APP_PACKAGES_CACHE=$CACHE/packages.php
}

# Who serves: www-data where it can reach the files, else whoever runs the command.
choose_user() {
    APP_USER=$(id -un)
    [ "$(id -u)" = 0 ] || return 0
    local reach=$ROOT
    if id www-data >/dev/null 2>&1 && runuser -u www-data -- test -r "$reach/artisan" 2>/dev/null && runuser -u www-data -- test -x "$(dirname "$INSTANCE")" 2>/dev/null; then
        APP_USER=www-data
    fi
}

# Runs a command as the user that serves.
as_app() {
    if [ "$(id -un)" = "$APP_USER" ]; then "$@"; else runuser -u "$APP_USER" -- "$@"; fi
}

# What it writes is not for other accounts of the machine.
artisan() { (umask 027 && as_app php -d memory_limit=512M "$ROOT/artisan" "$@"); }

make_dirs() {
    mkdir -p "$RUN/tmp" "$CACHE" "$SOCKETS" "$STORAGE"/app/private "$STORAGE"/framework/{cache/data,views} "$STORAGE"/logs 2>/dev/null \
        || die "cannot write below $STORAGE. Check its owner, or whether the disk is full."
    if [ "$(id -u)" = 0 ]; then
        chown "$APP_USER:$(id -gn "$APP_USER")" "$STORAGE" "$RUN" "$RUN/tmp" "$SOCKETS"
        chown -R "$APP_USER:$(id -gn "$APP_USER")" "$STORAGE"/app "$STORAGE"/framework "$STORAGE"/logs
    fi
    keep_private
}

# What this copy knows is for root and the serving account alone: data, keys, caches, sessions, sockets. Tools of storage/tools are anybody's.
private_places() {
    printf '%s\0' "$STORAGE" "$ENV_FILE" "$SOCKETS"
    [ "$INSTANCE" = "$ROOT" ] && printf '%s\0' "$ROOT/bootstrap/cache"
    return 0
}

keep_private() {
    private_places | find -files0-from - -path "$STORAGE/tools" -prune -o ! -type l -perm /o+rwx -exec chmod o-rwx {} + 2>/dev/null || true
}

# open_to_others: what anybody on this machine may read, one a line.
open_to_others() {
    # A socket's own mode counts for nothing where nobody may enter its folder.
    private_places | find -files0-from - -path "$STORAGE/tools" -prune -o ! -type l ! -type s -perm /o+rwx -print 2>/dev/null | head -n 5
}

# Two that set up one instance would meet in its database: the second one says so, and stops. The lock goes with this process.
only_one() {
    mkdir -p "$RUN" || die "cannot write below $STORAGE. Check its owner, or whether the disk is full."
    exec 9>"$RUN/start.lock"
    flock -n 9 || die 'another start is at work in this folder. Wait until it says that it serves, then try again.'
}

# Another account of the machine is told whose this copy is.
must_be_ours() {
    [ ! -e "$ENV_FILE" ] || [ -r "$ENV_FILE" ] || die "this copy belongs to $(stat -c %U "$(dirname "$ENV_FILE")"), and its keys are not yours to read. Run it as that account, or with sudo."
}

env_get() { [ -f "$ENV_FILE" ] && sed -n "s/^$1=//p" "$ENV_FILE" | tail -n 1; }

env_set() {
    if [ -f "$ENV_FILE" ] && grep -q "^$1=" "$ENV_FILE"; then
        sed -i "s|^$1=.*|$1=$2|" "$ENV_FILE"
    else
        printf '%s=%s\n' "$1" "$2" >>"$ENV_FILE"
    fi
}

env_default() { [ -n "$(env_get "$1" || true)" ] || env_set "$1" "$2"; }

# A port that nobody listens on, and below those that the system lends to whoever connects: it is still free when a program that was stopped
# comes back to it.
free_port() {
    local port
    while :; do
        port=$((10240 + (RANDOM * 32768 + RANDOM) % 20000))
        port_taken 127.0.0.1 "$port" || break
    done
    printf '%s\n' "$port"
}

port_taken() {
    php -r '$s = @stream_socket_server("tcp://" . $argv[1] . ":" . $argv[2], $n, $e); exit($s === false ? 0 : 1);' -- "$1" "$2"
}

secret() { php -r 'echo bin2hex(random_bytes((int) $argv[1]));' -- "${1:-16}"; }

# alive PIDFILE WORD: the process in the file runs, and its command line names WORD, so it is ours.
alive() {
    local pid
    pid=$(cat "$1" 2>/dev/null) || return 1
    [ -n "$pid" ] && [ -r "/proc/$pid/cmdline" ] && tr '\0' ' ' <"/proc/$pid/cmdline" | grep -q -- "$2"
}

# end PIDFILE WORD [SIGNAL]: ends our own process and waits for it.
end() {
    alive "$1" "$2" || { rm -f "$1"; return 0; }
    local pid
    pid=$(cat "$1")
    kill -"${3:-TERM}" "$pid" 2>/dev/null || true
    for _ in $(seq 1 150); do
        [ -d "/proc/$pid" ] || break
        sleep 0.1
    done
    rm -f "$1"
}

make_env() {
    [ -f "$ENV_FILE" ] || (umask 077 && : >"$ENV_FILE") || die "cannot write $ENV_FILE"
    env_default APP_ENV "${1:-production}"
    env_default APP_KEY "base64:$(php -r 'echo base64_encode(random_bytes(32));')"
    env_default DB_DATABASE pebblefell
    env_default DB_USERNAME pebblefell
    env_default DB_PASSWORD "$(secret 16)"
    if ! db_is_named; then
        env_set DB_SOCKET "$SOCKET"
        env_default DB_PORT "$(free_port)"
    fi
    if [ "$(id -u)" = 0 ]; then
        chown root:"$(id -gn "$APP_USER")" "$ENV_FILE"
        chmod 640 "$ENV_FILE"
    fi
}
