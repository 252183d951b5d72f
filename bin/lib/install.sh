# Installs what is missing: Debian packages, Composer and npm packages, built styles and scripts.

as_root() { if [ "$(id -u)" = 0 ]; then "$@"; else sudo "$@"; fi; }

missing_packages() {
  local pair
  for pair in php:php8.2-cli composer:composer unzip:unzip openssl:openssl git:git node:nodejs npm:npm \
    mariadbd:mariadb-server-core mariadb-install-db:mariadb-server-core mariadb:mariadb-client-core mariadb-dump:mariadb-client \
    nginx:nginx-light php-fpm8.2:php8.2-fpm runsvdir:runit "$@"; do
    PATH=$PATH:/usr/sbin:/usr/local/sbin command -v "${pair%%:*}" >/dev/null || printf '%s\n' "${pair##*:}"
  done
  command -v php >/dev/null || { printf 'php8.2-%s\n' intl mbstring xml curl zip gd mysql; return; }
  local modules
  modules=$(php -m)
  for pair in intl:intl mbstring:mbstring dom:xml curl:curl zip:zip gd:gd pdo_mysql:mysql; do
    grep -qix "${pair%%:*}" <<<"$modules" || printf 'php8.2-%s\n' "${pair##*:}"
  done
}

install_packages() {
  local missing
  mapfile -t missing < <(missing_packages "$@" | sort -u)
  [ "${#missing[@]}" -gt 0 ] || return 0
  say "Installing ${missing[*]} ..."
  {
    as_root apt-get update -qq &&
      as_root env DEBIAN_FRONTEND=noninteractive apt-get -o DPkg::Lock::Timeout=500 install -y -qq --no-install-recommends "${missing[@]}"
  } >"$LOGS/apt.log" 2>&1 || die "Debian's packages could not be installed (${missing[*]}). The end of $LOGS/apt.log:
$(tail -5 "$LOGS/apt.log")"
}

# stamped NAME FILES...: true when the files are as they were when NAME was last stamped
stamped() { [ -f "$STAMPS/$1.stamp" ] && [ "$(cat "$STAMPS/$1.stamp")" = "$(fingerprint "${@:2}")" ]; }
stamp() { fingerprint "${@:2}" >"$STAMPS/$1.stamp"; }
fingerprint() { (cd "$ROOT" && find "$@" -type f -print0 | sort -z | xargs -0 cat | cksum); }

install_php_packages() {
  [ -f "$ROOT/vendor/autoload.php" ] && stamped composer composer.json packages && return
  say "Installing PHP packages ..."
  (cd "$ROOT" && COMPOSER_ALLOW_SUPERUSER=1 composer update --no-interaction --no-progress --no-scripts --quiet) \
    >"$LOGS/composer.log" 2>&1 || die "Composer's packages could not be installed. The end of $LOGS/composer.log:
$(tail -8 "$LOGS/composer.log")"
  stamp composer composer.json packages
}

install_node_packages() {
  [ -d "$ROOT/node_modules/htmx.org" ] && stamped npm package.json package-lock.json && return
  say "Installing npm packages ..."
  (cd "$ROOT" && npm ci --no-audit --no-fund --silent) >"$LOGS/npm.log" 2>&1 \
    || die "npm's packages could not be installed. The end of $LOGS/npm.log:
$(tail -8 "$LOGS/npm.log")"
  stamp npm package.json package-lock.json
}

build_assets() {
  local out=$ROOT/public/build
  [ -f "$out/app.css" ] && stamped assets resources core package.json && return
  say "Building styles and scripts ..."
  mkdir -p "$out/fonts"
  (cd "$ROOT" && npx --no-install tailwindcss -i resources/css/app.css -o "$out/app.css" --minify) \
    >"$LOGS/assets.log" 2>&1 || die "The styles could not be built. The end of $LOGS/assets.log:
$(tail -8 "$LOGS/assets.log")"
  cp "$ROOT"/resources/js/*.js "$out/"
  cp "$ROOT/node_modules/idb/build/index.js" "$out/idb.js"
  cp "$ROOT/node_modules/jsqr/dist/jsQR.js" "$out/jsqr.js"
  cp "$ROOT"/resources/field/icon-*.png "$out/"
  # A module that another one imports is asked for under its build's number too, or a browser would keep an old one.
  sed -i -E "s#from '(\./[a-z-]+\.js)'#from '\1?$(stat -c %Y "$out/app.css")'#" "$out"/*.js
  cp "$ROOT/node_modules/htmx.org/dist/htmx.min.js" "$out/"
  cp "$ROOT"/node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-*.woff2 \
    "$ROOT/node_modules/@fontsource-variable/fraunces/files/fraunces-latin-opsz-normal.woff2" "$out/fonts/"
  (cd "$ROOT" && node resources/fonts/paper.mjs "$out/fonts") >>"$LOGS/assets.log" 2>&1 \
    || die "The fonts for paper could not be made. The end of $LOGS/assets.log:
$(tail -8 "$LOGS/assets.log")"
  (cd "$ROOT" && node resources/field/bundle.mjs "$out") >>"$LOGS/assets.log" 2>&1 \
    || die "What phones compute with could not be packed. The end of $LOGS/assets.log:
$(tail -8 "$LOGS/assets.log")"
  (cd "$ROOT" && node resources/places/places.cjs "$out/places.tsv") >>"$LOGS/assets.log" 2>&1 \
    || die "The list of towns could not be made. The end of $LOGS/assets.log:
$(tail -8 "$LOGS/assets.log")"
  (cd "$ROOT" && node resources/passwords/passwords.cjs "$out/passwords.txt") >>"$LOGS/assets.log" 2>&1 \
    || die "The list of common passwords could not be made. The end of $LOGS/assets.log:
$(tail -8 "$LOGS/assets.log")"
  stamp assets resources core package.json
}

install_everything() {
  install_packages "$@"
  install_php_packages
  install_node_packages
  build_assets
}
