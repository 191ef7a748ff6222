# `./pebblefell bench`: speed and size as ratios, each against a named reference in the same run. Sourced by ./pebblefell.

command_bench() {
    . "$ROOT/deploy/lib/test.sh"
    say 'Pebblefell: bench'
    cd "$ROOT"
    ensure_packages chromium ngspice
    ensure_vendor live
    ensure_npm
    ensure_assets
    temporary_instance bench production
    db_start
    serve_demo
    local out=$INSTANCE/bench
    mkdir -p "$out"
    chown "$APP_USER" "$out"
    export PEBBLEFELL_URL=http://$HOST:$PORT
    step 'Pages, 10 jobs' bash -c "node bench/pages.js >'$out/small.json'"
    step 'Pin on the map' bash -c "node bench/pin.js >'$out/pin.json'"
    step 'Growing to 10,000 jobs' as_app php bench/grow.php 10000
    local tables
    tables=$(db_sql -N -e "SELECT ROUND(SUM(data_length + index_length) / 10000 / 1024, 1) FROM information_schema.tables WHERE table_schema = 'pebblefell' AND table_name <> 'log_rows'")
    say "  A job takes $tables kB of tables, without the rows of its logs"
    step 'Pages, 10,000 jobs' bash -c "node bench/pages.js >'$out/large.json'"
    command -v gcc >/dev/null || apt_install gcc libc6-dev
    step 'The year in C' gcc -O2 -o "$out/trip" bench/trip.c -lm
    step 'The year in PHP' bash -c "php -d opcache.enable_cli=1 -d opcache.jit_buffer_size=64M -d opcache.jit=tracing bench/trip.php '$out/trip' >'$out/trip.json'"
    step 'Banks, and ngspice' bash -c "php -d opcache.enable_cli=1 -d opcache.jit_buffer_size=64M -d opcache.jit=tracing bench/network.php >'$out/network.json'"
    step 'Circuits of 20 and 200 parts' bash -c "php -d opcache.enable_cli=1 bench/wiring.php >'$out/wiring.json'"
    step 'A pack as PDF' as_app bash -c "php -d opcache.enable_cli=1 bench/pack.php >'$out/pack.json'"
    step 'A log of a million rows' as_app bash -c "php -d opcache.enable_cli=1 bench/log.php >'$out/log.json'"
    node bench/report.js "$out/small.json" "$out/large.json" "$out/trip.json" "$out/pin.json" "$out/network.json" "$out/wiring.json" "$out/log.json" "$out/pack.json"
}
