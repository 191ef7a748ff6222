# Backup and restore: the database and the attachments in one archive. Sourced by ./pebblefell.

# Who is signed in, and what is counted a minute, is nobody's to keep. Without LOCK TABLES, which a cluster does not know.
PASSING='sessions cache cache_locks receipts'

dump() {
    local database skipped=()
    database=$(env_get DB_DATABASE)
    for table in $PASSING; do skipped+=("--ignore-table-data=$database.$table"); done
    db_tool mariadb-dump --single-transaction --skip-comments --hex-blob --skip-add-locks --skip-disable-keys --no-tablespaces \
        "${skipped[@]}" "$database" >"$1/database.sql"
}

attachments() { local named; named=$(env_get FILES_PATH || true); printf '%s' "${named:-$STORAGE/app/private}"; }

database_runs() { if db_is_named; then db_find; else alive "$RUN/mariadb.pid" "$RUN"; fi; }

# backup FILE
backup() {
    local file=$1 work
    [ -n "$file" ] || die 'say where to: ./pebblefell backup FILE.tar.gz'
    case $file in /*) ;; *) file=$PWD/$file ;; esac
    database_runs || die 'the database is not running: ./pebblefell start first'
    work=$(mktemp -d)
    # shellcheck disable=SC2064
    trap "rm -rf '$work'" EXIT
    step 'Database' dump "$work"
    mkdir -p "$work/attachments"
    step 'Attachments' cp -a "$(attachments)/." "$work/attachments/"
    printf 'pebblefell-backup 1\n%s\n' "$(migration_names)" >"$work/manifest"
    (cd "$work" && find . -type f ! -name SHA256SUMS -print0 | sort -z | xargs -0 sha256sum >SHA256SUMS)
    step "Archive" tar -C "$work" -czf "$file.part" .
    mv "$file.part" "$file"
    say "Saved to $file ($(du -h "$file" | cut -f1))."
}

migration_names() { (cd "$ROOT/database/migrations" && ls -1 ./*.php | sed 's|^\./||; s|\.php$||'); }

# restore FILE: checks everything before it replaces anything.
restore() {
    local file=$1 work database
    db_is_named && say 'Stop the other application servers first (./pebblefell stop there): what they write meanwhile would be lost.'
    [ -r "${file:-}" ] || die 'say from where: ./pebblefell restore FILE.tar.gz'
    database_runs || die 'the database is not running: ./pebblefell start first'
    work=$(mktemp -d)
    # shellcheck disable=SC2064
    trap "rm -rf '$work'" EXIT
    tar -C "$work" -xzf "$file" 2>/dev/null || die "$file is not a whole backup archive. Nothing was changed."
    [ "$(head -n 1 "$work/manifest" 2>/dev/null)" = 'pebblefell-backup 1' ] || die "$file is not a Pebblefell backup. Nothing was changed."
    (cd "$work" && sha256sum --quiet -c SHA256SUMS) >/dev/null 2>&1 || die "$file is damaged: a checksum does not fit. Nothing was changed."
    local unknown
    unknown=$(tail -n +2 "$work/manifest" | grep -vxF -f <(migration_names) || true)
    [ -z "$unknown" ] || die "$file comes from a newer Pebblefell ($unknown). Nothing was changed."
    database=$(env_get DB_DATABASE)
    chmod 755 "$work"
    step 'Trial: the database into a scratch copy' load_into "${database}_restore" "$work/database.sql"
    web_stop
    step 'Database' load_into "$database" "$work/database.sql"
    db_sql -e "DROP DATABASE \`${database}_restore\`"
    step 'Attachments' replace_attachments "$work/attachments"
    step 'Migrations since then' migrate
    step 'Caches' warm
    say 'Restored.'
}

load_into() {
    db_sql -e "DROP DATABASE IF EXISTS \`$1\`; CREATE DATABASE \`$1\`" && db_sql "$1" <"$2"
}

replace_attachments() {
    local place
    place=$(attachments)
    # A shared folder may be a mount of its own, which cannot be renamed: what is in it is.
    rm -rf "$place/.new" "$place/.old"
    cp -a "$1" "$place/.new" && mkdir "$place/.old" \
        && find "$place" -mindepth 1 -maxdepth 1 ! -name .new ! -name .old -exec mv -t "$place/.old" {} + \
        && find "$place/.new" -mindepth 1 -maxdepth 1 -exec mv -t "$place" {} + && rm -rf "$place/.new" "$place/.old" || return 1
    [ "$(id -u)" != 0 ] || chown -R "$APP_USER" "$place"
}
