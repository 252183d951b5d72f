# The formatters and the linter of scripts: a folder of their own, so that starting Marjoram does not fetch them.

FORMAT=$ROOT/tools/format
VIEWS='resources/views/**/*.blade.php'

install_formatters() {
  [ -d "$FORMAT/node_modules/prettier" ] && stamped format tools/format/package.json tools/format/package-lock.json && return
  say "Installing the formatters ..."
  (cd "$FORMAT" && npm ci --no-audit --no-fund --silent) >"$LOGS/format.log" 2>&1 \
    || die "The formatters could not be installed. The end of $LOGS/format.log:
$(tail -8 "$LOGS/format.log")"
  stamp format tools/format/package.json tools/format/package-lock.json
}

formatter() { (cd "$ROOT" && "$FORMAT/node_modules/.bin/$1" "${@:2}"); }

write_style() {
  (cd "$ROOT" && vendor/bin/pint -q)
  formatter blade-formatter --write "$VIEWS" >/dev/null
  formatter prettier --log-level warn --write resources/css resources/js
  formatter eslint -c tools/format/eslint.config.js --fix resources/js
}

check_style() {
  # Compiled, a first run over all files takes two thirds of the time.
  (cd "$ROOT" && php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M vendor/bin/pint --test -q) || die "the style of PHP is not kept: run bin/format."
  formatter blade-formatter --check-formatted "$VIEWS" >"$LOGS/format.log" 2>&1 \
    || die "the style of views is not kept: run bin/format. $(tail -12 "$LOGS/format.log")"
  formatter prettier --log-level warn --check resources/css resources/js || die "the style of styles or scripts is not kept: run bin/format."
  formatter eslint -c tools/format/eslint.config.js resources/js || die "scripts have faults: see above."
}
