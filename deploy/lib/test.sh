# `./pebblefell test`: everything that must hold, on a database and a server of its own. Sourced by ./pebblefell.

test_cleanup() {
    choose_user
    web_stop
    db_stop
    end "$RUN/supervisord.pid" "$RUN"
    case $INSTANCE in /tmp/pebblefell-*) rm -rf "$INSTANCE" ;; esac
    case $SOCKETS in /tmp/pebblefell-*) rm -rf "$SOCKETS" ;; esac
}

# An instance in a temporary folder: its own .env, database, server and files.
temporary_instance() {
    local dir
    dir=$(mktemp -d /tmp/pebblefell-"$1"-XXXXXX)
    chmod 755 "$dir"
    use_instance "$dir"
    trap test_cleanup EXIT
    trap 'exit 130' INT TERM
    choose_user
    make_dirs
    make_env "$2"
    env_set PEBBLEFELL_DEMO true
    HOST=127.0.0.1 PORT=$(free_port)
    env_set PORT "$PORT"; env_set HOST "$HOST"; env_set APP_URL "http://$HOST:$PORT"
}

# run_part "words" command …: shows the command's own output; remembers a failure, and the end of what it said, and goes on.
run_part() {
    local words=$1 began said
    shift
    began=$(date +%s)
    said=$(mktemp /tmp/pebblefell-said-XXXXXX)
    printf '\n── %s\n' "$words"
    # No pipeline: a server that a test starts keeps its end of a pipe open, and would be waited for.
    local code=0
    "$@" > >(tee "$said") 2>&1 || code=$?
    sleep 0.3
    if [ $code = 0 ]; then
        printf '── %s: good, %d s\n' "$words" $(($(date +%s) - began))
    else
        printf '── %s: FAILED, %d s\n' "$words" $(($(date +%s) - began))
        FAILED="$FAILED
  $words"
        [ "$what" = all ] && SAID=$(printf '%s\n\n── %s said at its end:\n%s' "$SAID" "$words" "$(tail -n 50 "$said" | cut -c1-400)")
    fi
    rm -f "$said"
}

# What went wrong, the most telling last: whoever reads only the end of a long output reads it.
say_failed() {
    # What the server logged, first lines only: the instance is gone afterwards. One test kills the database; what that leaves tells nothing.
    printf '\n── From the log of the server under test:\n'
    find "$INSTANCE" -name 'pebblefell.log' -exec grep -ahE '^\[[0-9-]+' {} + 2>/dev/null \
        | grep -avE 'SQLSTATE\[HY000\] \[2002\]|server has gone away' | cut -c1-400 | tail -n 10 || true
    printf '%s\n\nFailed:%s\n' "$SAID" "$FAILED"
}

# What is known against the packages: a registry that does not answer is said, and is no failure.
audit_packages() {
    local said bad=0
    said=$(cd "$ROOT" && COMPOSER_ALLOW_SUPERUSER=1 timeout 60 composer audit --no-interaction --no-ansi --format=plain 2>&1) || true
    case $said in
        *'No security vulnerability'*) echo 'Composer: nothing is known against them.' ;;
        *'security vulnerability advisor'*) echo "$said"; bad=1 ;;
        *) echo "Composer: the registry does not answer: $(tail -n 1 <<<"$said" | cut -c1-200)" ;;
    esac
    said=$(cd "$ROOT" && timeout 60 npm audit --json 2>/dev/null) || true
    case $(node -e '
        try {
            const of = JSON.parse(process.argv[1]).metadata.vulnerabilities;
            console.log(of.moderate + of.high + of.critical);
        } catch { console.log("silent"); }' "$said") in
        0) echo 'npm: nothing is known against them.' ;;
        silent) echo 'npm: the registry does not answer.' ;;
        *) echo "$said"; bad=1 ;;
    esac
    return $bad
}

part_static() {
    run_part 'PHPStan with the architecture rules' php -d memory_limit=2G vendor/bin/phpstan analyse --no-progress --no-ansi
    run_part 'Code style' vendor/bin/php-cs-fixer fix --dry-run --diff --no-ansi --show-progress=none
    run_part 'Sentences outside lang/' php tests/static/sentences.php
    run_part 'Advisories' audit_packages
    run_part 'ESLint' node node_modules/eslint/bin/eslint.js resources/js tests bench eslint.config.js vite.config.js vite.offline.config.js vitest.config.js playwright.config.js
    run_part 'Vitest' env NO_COLOR=1 node node_modules/vitest/vitest.mjs run
}

phpunit() {
    PEBBLEFELL_ROOT=$ROOT PEBBLEFELL_RUN=$RUN DB_DATABASE=pebblefell_test php -d memory_limit=1G vendor/bin/phpunit --no-progress --colors=never --exclude-group "$NOT" "$@"
}

serve_demo() {
    make_dirs
    step 'Database: tables' migrate
    step 'Demo data' seed
    step 'Caches' warm
    web_start
}

# What "test" takes samples of, all of it, while the minutes last. What failed fails; what did not fit is named.
command_test_long() {
    local minutes=60 what=all
    FAILED='' SAID='' NOT=none
    while [ $# -gt 0 ]; do
        case $1 in --minutes) minutes=${2:?--minutes wants a number}; shift ;; *) die "test long does not know $1" ;; esac
        shift
    done
    [[ $minutes =~ ^-?[0-9]+$ ]] || die "$minutes is not a number of minutes"
    export PEBBLEFELL_TEST=long SAMPLE_UNTIL=$(($(date +%s) + 60 * minutes))
    say "Pebblefell: all of what test takes samples of, within $minutes minutes"
    cd "$ROOT"
    ensure_packages chromium pdftotext zbarimg ngspice
    ensure_vendor dev
    ensure_npm
    ensure_assets
    temporary_instance test testing
    export SAMPLE_UNFIT=$INSTANCE/unfit
    : >"$SAMPLE_UNFIT"
    long_part 'PHPUnit: Core, all of its samples' phpunit --testsuite Core --group sampled --group long
    db_start
    env_set APP_ENV production
    rm -f "$CACHE"/*.php
    serve_demo
    local served="PEBBLEFELL_URL=http://$HOST:$PORT PEBBLEFELL_INSTANCE=$INSTANCE PEBBLEFELL_ROOT=$ROOT PEBBLEFELL_RUN=$RUN"
    # shellcheck disable=SC2086
    long_part 'PHPUnit: Live, all of its samples' env $served php -d memory_limit=1G vendor/bin/phpunit --no-progress --colors=never --testsuite Live --group sampled --group long
    if [ -s "$SAMPLE_UNFIT" ]; then
        printf '\nDid not fit into %s minutes:\n' "$minutes"
        sed 's/^/  /' "$SAMPLE_UNFIT"
    fi
    if [ -n "$FAILED" ]; then
        say_failed
        exit 1
    fi
    printf '\nAll that fitted is good.\n'
}

# long_part "words" command …: a part for which there is still time.
long_part() {
    if [ "$(date +%s)" -ge "$SAMPLE_UNTIL" ]; then
        printf '%s\n' "$1" >>"$SAMPLE_UNFIT"
        return 0
    fi
    run_part "$@"
}

command_test() {
    local what=all
    FAILED='' SAID='' NOT=long
    export SAMPLE_SEED=${SAMPLE_SEED:-$(date +%Y%m%d)}
    case ${1:-} in static | core | feature | live | browser) what=$1; shift ;;
        long) shift; command_test_long "$@"; return ;;
        cluster) . "$ROOT/deploy/lib/cluster.sh"; command_cluster; return ;;
        fuzz) what=live; shift; export FUZZ=${1:-5000}; [ $# -gt 0 ] && shift; set -- --filter FuzzTest ;;
    esac
    [ "${1:-}" = -- ] && shift
    say "Pebblefell: tests (samples of the day: SAMPLE_SEED=$SAMPLE_SEED)"
    cd "$ROOT"
    ensure_packages chromium pdftotext zbarimg ngspice
    ensure_vendor dev
    ensure_npm
    ensure_assets
    temporary_instance test testing
    case $what in all | static) part_static ;; esac
    case $what in all | core) run_part 'PHPUnit: Core' phpunit --testsuite Core "$@" ;; esac
    case $what in all | feature | live | browser) db_start ;; esac
    case $what in all | feature) run_part 'PHPUnit: Feature' phpunit --testsuite Feature "$@" ;; esac
    case $what in
        all | live | browser)
            env_set APP_ENV production
            rm -f "$CACHE"/*.php
            serve_demo
            ;;
    esac
    local served="PEBBLEFELL_URL=http://$HOST:$PORT PEBBLEFELL_INSTANCE=$INSTANCE PEBBLEFELL_ROOT=$ROOT PEBBLEFELL_RUN=$RUN"
    # shellcheck disable=SC2086
    case $what in all | browser) run_part 'Playwright: Browser' env $served node node_modules/@playwright/test/cli.js test "$@" ;; esac
    # shellcheck disable=SC2086
    case $what in all | live) run_part 'PHPUnit: Live' env $served php -d memory_limit=1G vendor/bin/phpunit --no-progress --colors=never --testsuite Live --exclude-group long "$@" ;; esac
    case $what in all) run_part 'Cluster' "$ROOT/pebblefell" test cluster ;; esac
    if [ -n "$FAILED" ]; then
        say_failed
        exit 1
    fi
    printf '\nAll good.\n'
}
