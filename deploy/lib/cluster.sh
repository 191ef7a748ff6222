# `./pebblefell test cluster`: three database nodes, two application servers and a proxy on loopback; nodes are killed while people work.
# Sourced by ./pebblefell, after test.sh.

CLUSTER=''

cluster_cleanup() {
    local code=$?
    choose_user
    # What a server could not help is in its log; it is gone afterwards.
    for server in a b old; do
        grep -ahE '^\[[0-9-]+.*ERROR' "$CLUSTER/$server"/storage/logs/pebblefell.log 2>/dev/null | tail -n 4 | cut -c1-400 | sed "s/^/  $server: /" >&2 || true
    done
    if [ $code != 0 ]; then
        say 'The nodes at their end:'
        tail -qn 3 "$CLUSTER"/n[123].log 2>/dev/null | cut -c1-300 >&2 || true
    fi
    for number in 1 2 3; do "$ROOT/deploy/lib/cluster-node.sh" "$CLUSTER" $number stop 2>/dev/null || true; done
    for server in a b old; do
        [ -d "$CLUSTER/$server" ] || continue
        use_instance "$CLUSTER/$server"
        web_stop
        end "$RUN/supervisord.pid" "$RUN"
        case $SOCKETS in /tmp/pebblefell-*) rm -rf "$SOCKETS" ;; esac
    done
    end "$CLUSTER/proxy.pid" "$CLUSTER" QUIT
    for number in 1 2 3; do
        for _ in $(seq 1 100); do
            [ -d "/proc/$(cat "$CLUSTER/n$number.pid" 2>/dev/null || echo none)" ] || break
            sleep 0.1
        done
    done
    case $CLUSTER${KEEP:-} in /tmp/pebblefell-cluster-??????) rm -rf "$CLUSTER" ;; esac
    exit $code
}

# fill_words TEMPLATE TARGET NAME=VALUE …: the words between @ in a file of deploy/cluster/.
fill_words() {
    local text target=$2
    text=$(<"$1")
    shift 2
    for pair in "$@"; do text=${text//@${pair%%=*}@/${pair#*=}}; done
    printf '%s\n' "$text" >"$target"
}

cluster_nodes() {
    local members='' number
    PORTS=() GROUPS_=()
    for number in 1 2 3; do
        PORTS[number]=$(free_port)
        # Three in a row: the group, what a node missed, the whole state.
        while :; do
            GROUPS_[number]=$(free_port)
            port_taken 127.0.0.1 $((GROUPS_[number] + 1)) || port_taken 127.0.0.1 $((GROUPS_[number] + 2)) || break
        done
        members+=${members:+,}127.0.0.1:${GROUPS_[number]}
    done
    for number in 1 2 3; do
        fill_words "$ROOT/deploy/cluster/galera.cnf" "$CLUSTER/n$number.cnf" ADDRESS=127.0.0.1 PORT="${PORTS[number]}" MEMBERS="$members" \
            NAME="n$number" GROUP="${GROUPS_[number]}" IST="$((GROUPS_[number] + 1))" SST="$((GROUPS_[number] + 2))"
        cat >>"$CLUSTER/n$number.cnf" <<TEXT
datadir = $CLUSTER/n$number
socket = $CLUSTER/n$number.sock
pid-file = $CLUSTER/n$number.pid
log-error = $CLUSTER/n$number.log
user = $APP_USER
innodb_buffer_pool_size = 96M
max_connections = 60
TEXT
        mariadb-install-db --no-defaults --datadir="$CLUSTER/n$number" --user="$APP_USER" --auth-root-authentication-method=normal \
            --skip-test-db --skip-name-resolve >/dev/null || return 1
    done
    chown -R "$APP_USER" "$CLUSTER"
    "$ROOT/deploy/lib/cluster-node.sh" "$CLUSTER" 1 first || return 1
    "$ROOT/deploy/lib/cluster-node.sh" "$CLUSTER" 1 sql -e "CREATE DATABASE pebblefell; GRANT ALL ON \`pebblefell\`.* TO 'pebblefell'@'127.0.0.1' IDENTIFIED BY 'on-loopback';
        GRANT ALL ON \`pebblefell\_%\`.* TO 'pebblefell'@'127.0.0.1';" || return 1
    for number in 2 3; do "$ROOT/deploy/lib/cluster-node.sh" "$CLUSTER" $number start || return 1; done
}

# application NAME NODES…: an instance of its own that names the nodes, nearest first.
application() {
    local name=$1 nodes='' number
    shift
    for number in "$@"; do nodes+=${nodes:+,}127.0.0.1:${PORTS[number]}; done
    mkdir -p "$CLUSTER/$name"
    use_instance "$CLUSTER/$name"
    HOST=127.0.0.1 PORT=$(free_port)
    printf '%s\n' "APP_KEY=$KEY" DB_DATABASE=pebblefell DB_USERNAME=pebblefell DB_PASSWORD=on-loopback "DB_NODES=$nodes" "FILES_PATH=$CLUSTER/files" \
        PEBBLEFELL_DEMO=true "HOST=$HOST" "PORT=$PORT" "APP_URL=http://$HOST:$PORT" >"$ENV_FILE"
    make_dirs
    make_env
    db_start
    migrate || return 1
    if is_empty; then seed || return 1; fi
    warm || return 1
    web_start || return 1
    # Database nodes have machines of their own; here they come first.
    # shellcheck disable=SC2046
    renice -n 5 -p "$(cat "$RUN/php-fpm.pid")" $(pgrep -P "$(cat "$RUN/php-fpm.pid")") || true
}

proxy() {
    PROXY_PORT=$(free_port)
    {
        printf 'worker_processes 1;\npid %s/proxy.pid;\nerror_log %s/proxy.log warn;\nevents { worker_connections 256; }\nhttp {\naccess_log off;\n' "$CLUSTER" "$CLUSTER"
        for temp in client_body proxy fastcgi uwsgi scgi; do printf '%s_temp_path %s/proxy-%s;\n' $temp "$CLUSTER" $temp; done
        printf 'include %s/proxy-site.conf;\n}\n' "$CLUSTER"
    } >"$CLUSTER/proxy.conf"
    fill_words "$ROOT/deploy/cluster/proxy.conf" "$CLUSTER/proxy-site.conf" ADDRESS=127.0.0.1 PORT="$PROXY_PORT" \
        SERVERS="server 127.0.0.1:$PORT_A max_fails=2 fail_timeout=5s; server 127.0.0.1:$PORT_B max_fails=2 fail_timeout=5s;"
    /usr/sbin/nginx -p "$CLUSTER" -e "$CLUSTER/proxy.log" -c "$CLUSTER/proxy.conf"
}

node_sql() { "$ROOT/deploy/lib/cluster-node.sh" "$CLUSTER" "$1" sql -N pebblefell -e "$2"; }

# The last release is in the history of this copy.
has_last_release() { git -c safe.directory='*' -C "$ROOT" cat-file -e "$(<"$ROOT/deploy/last-release")^{commit}" 2>/dev/null; }

# last_release COMMAND …: runs something with the code of the last release, on an instance of its own in the same database.
last_release() {
    local code=$CLUSTER/last-release
    use_instance "$CLUSTER/old"
    (ROOT=$code && "$@")
}

# Its tables and its demo data: what an upgrade finds.
last_release_data() {
    local code=$CLUSTER/last-release
    mkdir -p "$code" "$CLUSTER/old"
    git -c safe.directory='*' -C "$ROOT" archive "$(<"$ROOT/deploy/last-release")" | tar -C "$code" -x || return 1
    cmp -s "$ROOT/composer.json" "$code/composer.json" || say 'composer.json differs: its packages are those of this version'
    # Copies, not links: what is loaded finds its way from where it lies.
    cp -a "$ROOT/vendor" "$code/vendor" && cp -a "$ROOT/public/build" "$code/public/" || return 1
    rm -f "$code"/bootstrap/cache/*.php
    use_instance "$CLUSTER/old"
    HOST=127.0.0.1 PORT=$(free_port) PORT_OLD=$PORT
    printf '%s\n' APP_ENV=production "APP_KEY=$KEY" DB_DATABASE=pebblefell DB_USERNAME=pebblefell DB_PASSWORD=on-loopback DB_HOST=127.0.0.1 "DB_PORT=${PORTS[3]}" \
        "DB_NODES=127.0.0.1:${PORTS[3]}" "FILES_PATH=$CLUSTER/files" SESSION_DRIVER=file CACHE_STORE=file PEBBLEFELL_DEMO=true "HOST=$HOST" "PORT=$PORT" "APP_URL=http://$HOST:$PORT" >"$ENV_FILE"
    make_dirs
    # It kept its sessions in files.
    mkdir -p "$STORAGE/framework/sessions" && chown "$APP_USER" "$STORAGE/framework/sessions"
    make_env
    rm -rf "$STORAGE/app/private" && ln -s "$CLUSTER/files" "$STORAGE/app/private"
    last_release artisan migrate --force && last_release artisan db:seed --force
}

last_release_serves() {
    for cached in config:cache route:cache view:cache; do last_release artisan $cached || return 1; done
    PEBBLEFELL_INSTANCE=$CLUSTER/old "$CLUSTER/last-release/pebblefell" server start
}

# Everything that people wrote, as it stands on one node.
contents() {
    node_sql "$1" "SET SESSION wsrep_sync_wait = 1; CHECKSUM TABLE jobs, parts, conductors, appliances, ticks, balance_readings, activity_log, users, log_rows EXTENDED"
    (cd "$CLUSTER/files" && find . -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum)
}

backup_and_restore() {
    local before
    PEBBLEFELL_INSTANCE=$CLUSTER/b "$ROOT/pebblefell" stop
    before=$(contents 1)
    PEBBLEFELL_INSTANCE=$CLUSTER/a "$ROOT/pebblefell" backup "$CLUSTER/backup.tar.gz" || return 1
    node_sql 2 'DELETE FROM parts; DELETE FROM ticks; DELETE FROM log_rows'
    rm -rf "${CLUSTER:?}"/files/*
    PEBBLEFELL_INSTANCE=$CLUSTER/a "$ROOT/pebblefell" restore "$CLUSTER/backup.tar.gz" || return 1
    [ "$(contents 3)" = "$before" ] || { say 'what came back is not what was saved'; return 1; }
    PEBBLEFELL_INSTANCE=$CLUSTER/b "$ROOT/pebblefell" start --port "$PORT_B"
}

command_cluster() {
    say 'Pebblefell: a cluster on loopback'
    cd "$ROOT"
    ensure_packages galera rsync ss
    ensure_vendor live
    ensure_npm
    ensure_assets
    choose_user
    CLUSTER=$(mktemp -d /tmp/pebblefell-cluster-XXXXXX)
    chmod 755 "$CLUSTER"
    trap cluster_cleanup EXIT
    trap 'exit 130' INT TERM
    mkdir "$CLUSTER/files"
    KEY=base64:$(php -r 'echo base64_encode(random_bytes(32));')
    step 'Three database nodes' cluster_nodes
    if has_last_release; then
        step 'Tables and demo data of the last release' last_release_data
    else
        say 'The last release is not in the history of this copy: its pages on the new tables are NOT tried.'
    fi
    step 'Application server A, the tables of this version' application a 1 2 3
    PORT_A=$PORT
    step 'Application server B' application b 2 3 1
    PORT_B=$PORT
    step 'Proxy' proxy
    env CLUSTER="$CLUSTER" NODE_TOOL="$ROOT/deploy/lib/cluster-node.sh" SERVER_A="http://127.0.0.1:$PORT_A" SERVER_B="http://127.0.0.1:$PORT_B" \
        PROXY="http://127.0.0.1:$PROXY_PORT" node tests/Cluster/run.js
    if has_last_release; then
        step 'The last release on the new tables' last_release_serves
        env OLD="http://127.0.0.1:$PORT_OLD" SERVER_A="http://127.0.0.1:$PORT_A" \
            PICTURED="$(node_sql 1 "SELECT MAX(job_id) FROM parts WHERE id IN (SELECT part_id FROM photos WHERE path LIKE 'photos/job-%')")" \
            BALANCING="$(node_sql 1 'SELECT MIN(job_id) FROM balance_sessions')" \
            node tests/Cluster/upgrade.js
        use_instance "$CLUSTER/old"
        web_stop
    fi
    step 'A backup from the cluster, and back into it' backup_and_restore
    printf '\nAll good.\n'
}
