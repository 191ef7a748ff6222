# MariaDB, php-fpm and nginx of one instance. Sourced by ./pebblefell.

# fill TEMPLATE TARGET: puts this instance's paths into a configuration of deploy/.
fill() {
    local user=''
    case $(basename "$1") in
        nginx.conf) [ "$(id -u)" = 0 ] && user="user $APP_USER;" ;;
        php-fpm.conf) [ "$(id -u)" = 0 ] && user="user = $APP_USER
group = $(id -gn "$APP_USER")
listen.owner = $APP_USER" ;;
        mariadb.cnf) [ "$(id -u)" = 0 ] && user="user = $APP_USER" ;;
    esac
    local text
    text=$(<"$1")
    text=${text//@ROOT@/$ROOT}
    text=${text//@RUN@/$RUN}
    text=${text//@DATA@/$DATA}
    text=${text//@SOCKET@/$SOCKET}
    text=${text//@SOCKETS@/$SOCKETS}
    text=${text//@CACHE@/$CACHE}
    text=${text//@INSTANCE@/$INSTANCE}
    text=${text//@HOST@/${HOST:-127.0.0.1}}
    text=${text//@PORT@/${PORT:-8080}}
    text=${text//@DBPORT@/$(env_get DB_PORT || true)}
    text=${text//@USER@/$user}
    (umask 027 && printf '%s\n' "$text" >"$2")
}

db_files() {
    mkdir -p "$DATA"
    [ "$(id -u)" = 0 ] && chown "$APP_USER" "$DATA"
    # The database's administrator is the system account that serves, known by its socket; it has no password.
    mariadb-install-db --no-defaults --datadir="$DATA" --user="$APP_USER" --auth-root-authentication-method=socket \
        --auth-root-socket-user="$APP_USER" --skip-test-db --skip-name-resolve
}

# The database is somebody else's: .env names a server (DB_HOST) or the nodes of a cluster (DB_NODES).
db_is_named() { [ -n "$(env_get DB_NODES || true)$(env_get DB_HOST || true)" ]; }

# db_tool PROGRAM …: one of MariaDB's own programs, at this instance's database.
db_tool() {
    local program=$1
    shift
    if ! db_is_named; then
        as_app "$program" --no-defaults --socket="$SOCKET" --user="$APP_USER" "$@"
        return
    fi
    local options=$RUN/db.cnf
    (umask 077 && printf '[client]\nhost=%s\nport=%s\nuser=%s\npassword="%s"\nprotocol=tcp\n' "${DB_NODE%%:*}" "${DB_NODE##*:}" \
        "$(env_get DB_USERNAME)" "$(env_get DB_PASSWORD)" >"$options")
    "$program" --defaults-file="$options" "$@"
}

db_sql() { db_tool mariadb "$@"; }

# db_find: the first named node that is ready, into DB_NODE. A node that is out of step with the others refuses to read.
db_find() {
    local node port
    port=$(env_get DB_PORT || true)
    for _ in $(seq 1 60); do
        for node in $(tr ',' ' ' <<<"$(env_get DB_NODES || true)") $(env_get DB_HOST || true); do
            case $node in *:*) DB_NODE=$node ;; *) DB_NODE=$node:${port:-3306} ;; esac
            db_sql -e "SELECT 1" "$(env_get DB_DATABASE)" >/dev/null 2>&1 && return 0
        done
        sleep 0.5
    done
    say 'No database server that .env names (DB_NODES, DB_HOST) lets this copy in. docs/deployment.md says what it must hold.'
    return 1
}

db_ready() {
    for _ in $(seq 1 600); do
        as_app mariadb-admin --no-defaults --socket="$SOCKET" --user="$APP_USER" ping >/dev/null 2>&1 && return 0
        sleep 0.1
    done
    tail -n 20 "$RUN/mariadb.log"
    return 1
}

db_run() {
    fill "$ROOT/deploy/mariadb.cnf" "$RUN/mariadb.cnf"
    touch "$RUN/mariadb.log"
    [ "$(id -u)" = 0 ] && chown "$APP_USER" "$RUN/mariadb.log"
    supervise && supervised start mariadb && db_ready
}

db_account() {
    local user password database
    user=$(env_get DB_USERNAME) password=$(env_get DB_PASSWORD) database=$(env_get DB_DATABASE)
    db_sql -e "CREATE DATABASE IF NOT EXISTS \`$database\`;
        CREATE DATABASE IF NOT EXISTS \`${database}_test\`;
        CREATE OR REPLACE USER '$user'@'localhost' IDENTIFIED BY '$password';
        CREATE OR REPLACE USER '$user'@'127.0.0.1' IDENTIFIED BY '$password';
        GRANT ALL ON \`$database\`.* TO '$user'@'localhost', '$user'@'127.0.0.1';
        GRANT ALL ON \`${database}_%\`.* TO '$user'@'localhost', '$user'@'127.0.0.1';"
}

db_start() {
    if db_is_named; then
        db_find || die 'start needs the database that .env names'
        return 0
    fi
    [ -d "$DATA/mysql" ] || step 'Database: new data directory' db_files
    alive "$RUN/mariadb.pid" "$RUN" || step 'Database: MariaDB on loopback' db_run
    [ -f "$DATA/.account" ] || { db_account && touch "$DATA/.account"; } || die 'the database refused to make its account'
}

# What an earlier release started is held by nobody: it ends by its own number.
db_stop() { supervised stop mariadb >/dev/null || true; end "$RUN/mariadb.pid" "$RUN"; supervise_no_more; }

web_run() {
    fill "$ROOT/deploy/php-fpm.conf" "$RUN/php-fpm.conf"
    fill "$ROOT/deploy/nginx.conf" "$RUN/nginx.conf"
    supervise && supervised start php-fpm nginx || return 1
    for _ in $(seq 1 100); do
        curl_ok "http://${HOST/0.0.0.0/127.0.0.1}:$PORT/up" && return 0
        sleep 0.1
    done
    tail -n 20 "$RUN/nginx.log" "$RUN/php-fpm.log" "$RUN/supervisord.log" 2>/dev/null
    return 1
}

curl_ok() { php -r 'exit(@file_get_contents($argv[1], false, stream_context_create(["http" => ["timeout" => 3]])) === false ? 1 : 0);' -- "$1"; }

web_start() {
    alive "$RUN/nginx.pid" "$RUN" && alive "$RUN/php-fpm.pid" "$RUN" && return 0
    web_stop
    port_taken "$HOST" "$PORT" && die "port $PORT on $HOST is taken by another program. Choose another: ./pebblefell start --port 8081"
    step "Server: nginx and php-fpm on $HOST:$PORT" web_run
}

web_stop() {
    supervised stop nginx php-fpm >/dev/null || true
    end "$RUN/nginx.pid" "$RUN" QUIT
    end "$RUN/php-fpm.pid" "$RUN" QUIT
    end_group nginx
    end_group php-fpm
    supervise_no_more
}

# end_group NAME: what a killed program left behind.
end_group() {
    local group
    group=$(cat "$RUN/$1.group" 2>/dev/null) || return 0
    pgrep -g "$group" -f "$1" >/dev/null && pkill -KILL -g "$group"
    rm -f "$RUN/$1.group"
}

# One supervisor of this instance holds its programs: what is killed, or cannot go on, is started again after half a second, for as long as
# it takes (a full disk ends; a database that gives up does not). Other copies have supervisors of their own.
supervise() {
    local root_ok='' user='' HOLD
    [ "$APP_USER" = root ] && root_ok=-R
    [ "$(id -u)" = 0 ] && user='user=root'
    mkdir -p "$SOCKETS"
    : >"$RUN/supervisord.conf"
    chmod 640 "$RUN/supervisord.conf"
    {
        printf '%s\n' '[unix_http_server]' "file=$SOCKETS/supervisor.sock" 'chmod=0700' '[supervisord]' "logfile=$RUN/supervisord.log" \
            'logfile_maxbytes=1MB' 'logfile_backups=1' "pidfile=$RUN/supervisord.pid" "childlogdir=$RUN" 'umask=027' "$user" '[rpcinterface:supervisor]' \
            'supervisor.rpcinterface_factory = supervisor.rpcinterface:make_main_rpcinterface' '[supervisorctl]' "serverurl=unix://$SOCKETS/supervisor.sock"
        HOLD=$(dirname "${BASH_SOURCE[0]}")/hold.sh
        program mariadb "/usr/sbin/mariadbd --defaults-file=$RUN/mariadb.cnf" TERM
        program php-fpm "/usr/sbin/php-fpm8.2 $root_ok -F -c $ROOT/deploy/php.ini -d opcache.jit=tracing -y $RUN/php-fpm.conf" QUIT
        program nginx "/usr/sbin/nginx -p $RUN -e $RUN/nginx.log -c $RUN/nginx.conf -g 'daemon off;'" QUIT
    } >"$RUN/supervisord.conf"
    if alive "$RUN/supervisord.pid" "$RUN"; then
        supervised update >/dev/null
    else
        rm -f "$SOCKETS/supervisor.sock"
        # The lock of `start` is not its to hold.
        (umask 027 && /usr/bin/supervisord -c "$RUN/supervisord.conf" 9>&-) || return 1
        for _ in $(seq 1 100); do
            supervised pid >/dev/null 2>&1 && break
            sleep 0.1
        done
    fi
}

# program NAME COMMAND SIGNAL: one of the supervisor's, which starts nothing by itself but what it has been told to hold.
program() {
    printf '%s\n' "[program:$1]" "command=$HOLD $1 $RUN $2" 'autostart=false' 'autorestart=true' 'startsecs=0' "stopsignal=$3" \
        'stopwaitsecs=60' "stdout_logfile=$RUN/$1.out" 'stdout_logfile_maxbytes=1MB' 'stdout_logfile_backups=1' 'redirect_stderr=true' \
        'environment=UMASK="0640",UMASK_DIR="0750"'
}

supervised() { alive "$RUN/supervisord.pid" "$RUN" && /usr/bin/supervisorctl -c "$RUN/supervisord.conf" "$@"; }

# It ends when it holds nothing any more.
supervise_no_more() {
    alive "$RUN/supervisord.pid" "$RUN" || return 0
    case $(supervised status 2>/dev/null || true) in *RUNNING* | *STARTING* | *STOPPING* | *BACKOFF*) return 0 ;; esac
    end "$RUN/supervisord.pid" "$RUN"
    rm -f "$SOCKETS/supervisor.sock"
}

warm() {
    artisan cache:clear && artisan config:cache && artisan route:cache && artisan view:cache
}

migrate() { artisan migrate --force; }

contract() { artisan migrate --force --path=database/contract; }
