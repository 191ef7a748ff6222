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
    sums "$work" >"$work/SHA256SUMS"
    seal "$work/SHA256SUMS" >"$work/SEAL"
    (umask 027 && step "Archive" tar -C "$work" -czf "$file.part" .)
    chmod 640 "$file.part"
    mv "$file.part" "$file"
    say "Saved to $file ($(du -h "$file" | cut -f1))."
}

sums() { (cd "$1" && find . -type f ! -name SHA256SUMS ! -name SEAL -print0 | sort -z | xargs -0 sha256sum); }

# seal FILE: whoever has this copy's key wrote it.
seal() { KEY=$(env_get APP_KEY) php -r 'echo hash_hmac_file("sha256", $argv[1], (string) getenv("KEY")), "\n";' -- "$1"; }

migration_names() { (cd "$ROOT/database/migrations" && ls -1 ./*.php | sed 's|^\./||; s|\.php$||'); }

# restore FILE [--unsealed]: checks everything before it replaces anything.
restore() {
    local file=$1 trust=${2:-} work database
    db_is_named && say 'Stop the other application servers first (./pebblefell stop there): what they write meanwhile would be lost.'
    [ -r "${file:-}" ] || die 'say from where: ./pebblefell restore FILE.tar.gz'
    database_runs || die 'the database is not running: ./pebblefell start first'
    work=$(mktemp -d)
    # shellcheck disable=SC2064
    trap "rm -rf '$work'" EXIT
    unpack "$file" "$work" || die "$file is not a whole backup archive of plain files and folders. Nothing was changed."
    [ "$(head -n 1 "$work/manifest" 2>/dev/null)" = 'pebblefell-backup 1' ] || die "$file is not a Pebblefell backup. Nothing was changed."
    [ "$(sums "$work")" = "$(cat "$work/SHA256SUMS" 2>/dev/null)" ] || die "$file is damaged: a checksum does not fit. Nothing was changed."
    if [ "$trust" != --unsealed ] && [ "$(seal "$work/SHA256SUMS")" != "$(cat "$work/SEAL" 2>/dev/null)" ]; then
        die "$file was not sealed with this copy's key. Put the .env that belongs to it in place first; or, if you know where the file comes from and who could change it: ./pebblefell restore $file --unsealed. Nothing was changed."
    fi
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
    step 'Pictures' artisan pebblefell:pictures
    step 'Caches' warm
    keep_private
    say 'Restored.'
}

# unpack FILE FOLDER: nothing but plain files and folders, below it.
unpack() {
    local kinds
    kinds=$(tar -tvzf "$1" 2>/dev/null | cut -c1 | sort -u | tr -d '\n') || return 1
    [[ $kinds =~ ^-?d?$ ]] || return 1
    ! tar -tzf "$1" 2>/dev/null | grep -qE '(^|/)\.\.(/|$)|^/' || return 1
    tar -C "$2" --no-same-owner --no-same-permissions -xzf "$1" 2>/dev/null || return 1
    [ -z "$(find "$2" -mindepth 1 ! -type f ! -type d -print -quit)" ]
}

# load_into DATABASE FILE: by an account that may touch that database and nothing else, with a client that runs no commands.
load_into() {
    local loader password
    db_sql -e "DROP DATABASE IF EXISTS \`$1\`; CREATE DATABASE \`$1\`" || return 1
    if db_is_named; then
        # There the account of .env is all that there is; it is no administrator.
        db_tool mariadb --sandbox --binary-mode "$1" <"$2"
        return
    fi
    loader=pebblefell_loader password=$(secret 16)
    db_sql -e "CREATE OR REPLACE USER '$loader'@'localhost' IDENTIFIED BY '$password'; GRANT ALL ON \`${1//_/\\_}\`.* TO '$loader'@'localhost'" || return 1
    local code=0
    (umask 077 && printf '[client]\nuser=%s\npassword=%s\nsocket=%s\n' "$loader" "$password" "$SOCKET" >"$RUN/loader.cnf")
    mariadb --defaults-file="$RUN/loader.cnf" --sandbox --binary-mode "$1" <"$2" || code=$?
    rm -f "$RUN/loader.cnf"
    db_sql -e "DROP USER '$loader'@'localhost'"
    return $code
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
