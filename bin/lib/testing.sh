# How tests are run: a database of their own that waits for no disk, one seeded operation that is cloned, a web server
# beside it, and parts that run side by side. Sourced by bin/test, never run.

MARJORAM_DB_PORT=${MARJORAM_DB_PORT:-33570}
# What the tests write need not outlive the machine, and what they fill is gone before counting it would help.
DB_OPTIONS=(--innodb-flush-log-at-trx-commit=0 --skip-innodb-doublewrite --innodb-stats-auto-recalc=OFF --max-connections=80)
PHP_FAST=(-d opcache.enable_cli=1 -d opcache.jit=off -d opcache.memory_consumption=192 -d opcache.max_accelerated_files=20000
  -d upload_max_filesize=64M)
PHP_COUNTING=(-d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M)
RESULTS=$STAMPS/test/results
SEED=$VAR/seed.sql
WARM=$VAR/warm
PROCESSES=${MARJORAM_PROCESSES:-2}

# The settings of this machine reach the tests as an environment: .env belongs to the installation.
test_environment() {
  [ -s "$VAR/app.key" ] || printf 'base64:%s' "$(head -c 32 /dev/urandom | base64)" | keep_secret "$VAR/app.key"
  APP_KEY=$(cat "$VAR/app.key")
  DB_PASSWORD=$(db_password)
  DB_PORT=$(cat "$DB_PORT_FILE")
  export APP_KEY DB_PASSWORD DB_PORT DB_HOST=127.0.0.1 DB_USERNAME=app MARJORAM_PORTS=$RUN
  export APP_URL=http://127.0.0.1 MARJORAM_URL=http://127.0.0.1
  # Passwords guard nothing here, and each one costs a quarter of a second.
  export BCRYPT_ROUNDS=4
  export APP_CONFIG_CACHE=var/test/no-config.php APP_ROUTES_CACHE=var/test/no-routes.php APP_EVENTS_CACHE=var/test/no-events.php
}

set_up() {
  prepare_folders
  install_everything "$@"
}

database_up() {
  choose_user
  db_start
  test_environment
  php artisan package:discover --quiet
  seed_once
}

# seed_once: the demo is seeded when what makes it has changed, with the pages that were computed of it; then cloned
seed_once() {
  [ -s "$SEED" ] && [ -d "$WARM" ] && stamped_in "$VAR/seed.stamp" database core app config tests/warm.php && return
  say "Seeding the demo for the tests ..."
  rm -rf "$VAR"/clone-*.stamp "$VAR/warm.cache" "$WARM"
  db_sql -e 'drop database if exists app_seed_test; create database app_seed_test'
  (
    export DB_DATABASE=app_seed_test APP_ENV=testing CACHE_STORE=array SESSION_DRIVER=array QUEUE_CONNECTION=sync LOG_CHANNEL=null
    php "${PHP_FAST[@]}" artisan migrate --force --quiet \
      && php "${PHP_FAST[@]}" artisan demo:seed \
      && php "${PHP_FAST[@]}" tests/warm.php "$VAR/warm.cache" "$WARM" && [ -s "$VAR/warm.cache" ]
  ) || die "a page of the demo does not open; see above."
  mariadb-dump --no-defaults --socket="$DB_SOCKET" --user="$(id -un)" --skip-comments --no-tablespaces app_seed_test >"$SEED"
  fingerprint database core app config tests/warm.php >"$VAR/seed.stamp"
}

stamped_in() { [ -f "$1" ] && [ "$(cat "$1")" = "$(fingerprint "${@:2}")" ]; }

# clone NAME: a database with the seed in it; taken as it is where no test has left anything behind
clone() {
  [ -f "$VAR/clone-$1.stamp" ] && cmp -s "$VAR/clone-$1.stamp" "$VAR/seed.stamp" && return
  db_sql -e "drop database if exists $1; create database $1"
  db_sql "$1" <"$SEED"
  cp "$VAR/seed.stamp" "$VAR/clone-$1.stamp"
}

test_services_end() {
  local set
  for set in "$VAR"/web-*/services "$DB_SERVICES"; do end_services "$set"; done
}

# web_up NAME: the real pages for a browser, with a database and everything that runs beside them of their own
web_up() {
  RUN=$VAR/web-$1
  SOCKETS=$RUN
  LOGS=$RUN/log
  if [ "${#RUN}" -gt 80 ]; then SOCKETS=/tmp/marjoram-$(printf '%s' "$RUN" | cksum | cut -d' ' -f1); fi
  WEB_SERVICES=$RUN/services
  WEB_PORT_FILE=$RUN/web.port
  NGINX_PID=$RUN/nginx.pid
  FPM_PID=$RUN/php-fpm.pid
  local storage=$RUN/storage database=app_browser_$1_test
  end_services "$WEB_SERVICES"
  rm -rf "$storage" "$RUN"/session-*
  mkdir -p "$RUN" "$LOGS" "$SOCKETS" "$storage"/{app,logs,framework/cache/data,framework/sessions,framework/views}
  chown -R "${RUN_AS:-$(id -un)}:" "$storage" "$RUN" "$SOCKETS" "$LOGS"
  clone "$database"
  # Browsers write for good.
  rm -f "$VAR/clone-$database.stamp"
  MARJORAM_PORT=$(free_port 8570)
  choose_web_port
  unset MARJORAM_PORT
  MARJORAM_TEST_URL=http://127.0.0.1:$(cat "$WEB_PORT_FILE")
  MARJORAM_TEST_HOME=$RUN
  MARJORAM_TEST_DATABASE=$database
  export MARJORAM_TEST_URL MARJORAM_TEST_HOME MARJORAM_TEST_DATABASE
  (
    export LARAVEL_STORAGE_PATH=$storage DB_DATABASE=$database MARJORAM_PORTS=$RUN
    export APP_URL=$MARJORAM_TEST_URL MARJORAM_URL=$MARJORAM_TEST_URL
    # As bin/start does: settings, routes and views are read once, not at every request.
    export APP_CONFIG_CACHE=$RUN/config.php APP_ROUTES_CACHE=$RUN/routes.php
    php artisan config:cache --quiet
    php artisan route:cache --quiet
    php artisan view:cache --quiet
    chown -R "${RUN_AS:-$(id -un)}:" "$storage" "$RUN"/*.php
    define_web --seed=7 --water=17.2
    web_start queue "${STAND_INS[@]}"
  )
}

web_down() { end_services "$WEB_SERVICES"; }

# part NAME COMMAND...: runs it, keeps what it says and how long it took
part() {
  local name=$1 from status=0
  shift
  from=$(date +%s)
  ("$@") >"$RESULTS/$name.log" 2>&1 || status=$?
  printf '%s\n' "$status" >"$RESULTS/$name.status"
  printf '%s\n' "$(($(date +%s) - from))" >"$RESULTS/$name.seconds"
  say "$(printf '%-13s %-6s %4s s   %s' "$name" "$([ $status = 0 ] && echo ok || echo FAILED)" "$(cat "$RESULTS/$name.seconds")" "$(summary "$name")")"
  return $status
}

summary() { grep -hE '^(OK|OK, but.*|Tests: .*)' "$RESULTS/$1.log" 2>/dev/null | sort | uniq -c | sed 's/^ *1 //; s/^ *//' | tail -3 | paste -sd' ' || true; }

# Within a part, set -e is off: each command says itself what follows of its failure.
style() { php "$here/lib/pin.php" check && install_formatters && check_style; }
static_analysis() {
  vendor/bin/phpstan analyse --no-progress && vendor/bin/phpstan analyse -c phpstan-app.neon --no-progress --memory-limit=1G
}
pure() { php "${PHP_COUNTING[@]}" vendor/bin/phpunit --testsuite "$1" --log-junit "$RESULTS/$1.xml" ${2:+--filter "$2"}; }
feature() {
  local n
  for n in $(seq 1 "$PROCESSES"); do clone "app_${n}_test" || return 1; done
  if [ -n "${1:-}" ]; then
    php "${PHP_FAST[@]}" vendor/bin/phpunit --testsuite Feature --filter "$1"
  else
    vendor/bin/paratest --testsuite Feature -p "$PROCESSES" --max-batch-size 0 --log-junit "$RESULTS/Feature.xml" \
      --passthru-php="$(printf "'%s' " "${PHP_FAST[@]}")"
  fi
}
# The files of the browser's tests, those that take longest first; each is taken by whichever lane is free.
browser_files() {
  local first=(FieldOffline FieldSheet Frames Rounds Pages FieldDay Assess Slice HoneyRoom Together Bring Backup)
  { printf 'tests/Browser/%sTest.php\n' "${first[@]}"; ls tests/Browser/*Test.php; } | awk '!seen[$0]++'
}

# next_file LIST: takes the first line off
next_file() {
  (
    flock 8
    head -1 "$1"
    sed -i 1d "$1"
  ) 8>"$1.lock"
}

# as_seeded: each class of tests begins with the demo as it was, and with what its pages had computed of it; the
# database stays, as those who are connected do
as_seeded() {
  db_sql "$MARJORAM_TEST_DATABASE" <"$SEED"
  rm -rf "$RUN/storage/framework/cache/data"
  cp -r "$WARM" "$RUN/storage/framework/cache/data"
  chown -R "${RUN_AS:-$(id -un)}:" "$RUN/storage/framework/cache/data"
}

# browser_lane NAME: with its own pages, until no file is left
browser_lane() {
  local file name failed=0
  web_up "$1" || return 1
  while file=$(next_file "$RESULTS/browser.files") && [ -n "$file" ]; do
    name=Browser-$(basename "$file" .php)
    as_seeded || { printf '%s\n' "$file" >>"$RESULTS/browser.failed"; return 1; }
    php "${PHP_FAST[@]}" vendor/bin/phpunit "$file" --log-junit "$RESULTS/$name.xml" >"$RESULTS/$name.out" 2>&1 || {
      failed=1
      printf '%s\n' "$file" >>"$RESULTS/browser.failed"
    }
    tail -n +5 "$RESULTS/$name.out"
  done
  web_down
  return $failed
}

browser() {
  local lane lanes=()
  ${BROWSER_FILES:-browser_files} >"$RESULTS/browser.files"
  rm -f "$RESULTS/browser.failed"
  for lane in 1 2; do
    browser_lane $lane &
    lanes+=($!)
  done
  for lane in "${lanes[@]}"; do wait "$lane" || true; done
  # On a machine with five processes to a processor a page may come too late: those classes are tried again, alone.
  local again
  for again in once twice; do
    [ -s "$RESULTS/browser.failed" ] || break
    printf '\nFailed, tried again alone (%s): %s\n' "$again" "$(paste -sd' ' "$RESULTS/browser.failed")"
    mv "$RESULTS/browser.failed" "$RESULTS/browser.files"
    browser_lane 1 || true
  done
  # Without pages no lane takes a file: what is left over was not tested.
  [ ! -s "$RESULTS/browser.failed" ] && [ ! -s "$RESULTS/browser.files" ]
}

run_suite() {
  case $1 in
    Style) set_up; style ;;
    Static) set_up; static_analysis ;;
    Core | Reference | Architecture) set_up; mkdir -p "$RESULTS"; pure "$1" "$2" ;;
    Feature) set_up; mkdir -p "$RESULTS"; database_up; feature "$2" ;;
    Browser)
      set_up chromium-headless-shell:chromium-headless-shell chromedriver:chromium-driver
      if [ -n "$2" ]; then run_paths "$2" tests/Browser; return; fi
      mkdir -p "$RESULTS"
      database_up
      browser
      ;;
  esac
}

# run_paths FILTER PATH...: what these need is brought up, and the database left running for the next time
run_paths() {
  local filter=$1 all
  shift
  all=" $* "
  set_up
  mkdir -p "$RESULTS"
  if [[ $all =~ \ (tests|tests/|[^ ]*tests/(Feature|Browser)[^ ]*)\  ]]; then
    database_up
    clone app_1_test
    if [[ $all =~ tests/Browser || $all =~ \ tests/?\  ]]; then
      install_packages chromium-headless-shell:chromium-headless-shell chromedriver:chromium-driver
      trap web_down EXIT
      web_up 1
    fi
  fi
  php "${PHP_FAST[@]}" vendor/bin/phpunit "$@" ${filter:+--filter "$filter"}
}

# run_all: the browser's tests wait much, so all else runs beside them with what they leave of the processors
run_all() {
  local failed=no
  set_up chromium-headless-shell:chromium-headless-shell chromedriver:chromium-driver
  rm -rf "$RESULTS"
  mkdir -p "$RESULTS"
  # With nothing left to end, kill fails, and its status would be that of the whole run.
  trap 'kill $(jobs -p) 2>/dev/null || true; wait; test_services_end' EXIT
  database_up
  say "Set up in $(($(date +%s) - begun)) s."
  part Browser browser &
  local browser=$!
  {
    renice -n 10 $BASHPID >/dev/null
    part Architecture pure Architecture || true
    part Style style || true
    part Static static_analysis || true
    part Core pure Core || true
    part Reference pure Reference || true
  } &
  local rest=$!
  (renice -n 5 $BASHPID >/dev/null; part Feature feature) || failed=yes
  wait $rest || failed=yes
  wait $browser || failed=yes
  local name
  for name in Architecture Style Static Core Reference Feature Browser; do
    if [ "$(cat "$RESULTS/$name.status" 2>/dev/null)" != 0 ]; then
      failed=yes
      say ""
      say "=== $name"
      tail -150 "$RESULTS/$name.log"
    fi
  done
  php "$here/lib/slowest.php" "$RESULTS"/*.xml
  say "All in $(($(date +%s) - begun)) s."
  [ $failed = no ]
}
