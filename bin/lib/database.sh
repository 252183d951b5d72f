# A MariaDB of the project's own: own data folder, socket and port, on the loopback alone.

DATA=$VAR/mariadb
DB_SOCKET=$SOCKETS/mariadb.sock
DB_PID=$RUN/mariadbd.pid
DB_PORT_FILE=$RUN/mariadb.port
DB_SERVICES=$VAR/services
# More options of the server, such as those of the tests.
DB_OPTIONS=()

db_sql() { mariadb --no-defaults --socket="$DB_SOCKET" --user="$(id -un)" --batch --skip-column-names "$@"; }
db_running() { alive "$DB_PID" mariadbd && db_sql -e 'select 1' >/dev/null 2>&1; }

# db_awaited: where its supervisor is just starting it again, that is waited for
db_awaited() {
  for _ in $(seq 1 200); do
    if db_running; then return; fi
    [ -e "$DB_SERVICES/mariadb/run" ] && [ ! -e "$DB_SERVICES/mariadb/down" ] || return 1
    sleep 0.1
  done
  return 1
}

db_start() {
  if db_running; then return; fi
  if [ ! -d "$DATA/mysql" ]; then db_make; fi
  local port
  port=$(cat "$DB_PORT_FILE" 2>/dev/null || true)
  if [ -z "$port" ] || port_taken "$port" || ! reserve_port "$port"; then port=$(free_port "${MARJORAM_DB_PORT:-33470}"); fi
  printf '%s' "$port" >"$DB_PORT_FILE"
  define_service "$DB_SERVICES" mariadb "$LOGS/mariadb.log" \
    mariadbd --no-defaults --user="${RUN_AS:-$(id -un)}" --datadir="$DATA" --socket="$DB_SOCKET" --pid-file="$DB_PID" \
    --bind-address=127.0.0.1 --port="$port" --skip-name-resolve --skip-log-bin --performance-schema=OFF \
    --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci --default-time-zone=+00:00 \
    --innodb-buffer-pool-size=256M --innodb-log-file-size=64M ${DB_OPTIONS[@]+"${DB_OPTIONS[@]}"}
  supervise "$DB_SERVICES"
  service_up "$DB_SERVICES" mariadb
  for _ in $(seq 1 600); do
    if db_running; then db_grant; return; fi
    sleep 0.05
  done
  die "the database did not start within 30 seconds. Run this again; the end of $LOGS/mariadb.log:
$(tail -5 "$LOGS/mariadb.log")"
}

db_make() {
  say "Making the database's data folder ..."
  rm -rf "$DATA"
  mariadb-install-db --no-defaults --datadir="$DATA" --user="${RUN_AS:-$(id -un)}" \
    --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)" --skip-test-db --skip-name-resolve \
    >"$LOGS/mariadb-install.log" 2>&1 || die "the database could not be made. The end of $LOGS/mariadb-install.log:
$(tail -5 "$LOGS/mariadb-install.log")"
}

# The password guards nothing that the data folder's owner could not read: it is kept beside it.
db_password() {
  [ -s "$VAR/db.password" ] || head -c 24 /dev/urandom | base64 | tr -d '+/=' | keep_secret "$VAR/db.password"
  cat "$VAR/db.password"
}

db_grant() {
  db_sql -e "create database if not exists app; create database if not exists app_bench;
    create user if not exists 'app'@'127.0.0.1' identified by '$(db_password)';
    alter user 'app'@'127.0.0.1' identified by '$(db_password)';
    grant all on \`app%\`.* to 'app'@'127.0.0.1';$(db_grant_backup)" || die "the database refused its set-up; see $LOGS/mariadb.log."
}

# The nightly backup is made by whom all runs as, through the socket.
db_grant_backup() {
  [ -z "$RUN_AS" ] || printf '%s' "create user if not exists '$RUN_AS'@'localhost' identified via unix_socket;
    grant all on \`app%\`.* to '$RUN_AS'@'localhost';"
}

db_stop() { end_services "$DB_SERVICES"; }

# env_value KEY: as it stands in .env
env_value() { sed -n "s/^$1=//p" "$ROOT/.env" 2>/dev/null | tail -1; }

# The settings that belong to this machine are written at each start, the key once. What a person has set in .env stays:
# lines of other settings, and those of ours that differ from what was written last.
write_env() {
  [ -s "$VAR/app.key" ] || printf 'base64:%s' "$(head -c 32 /dev/urandom | base64)" | keep_secret "$VAR/app.key"
  keep_secret "$VAR/env.ours.new" <<ENV
APP_ENV=${MARJORAM_ENV:-production}
APP_KEY=$(cat "$VAR/app.key")
APP_URL=${1:-http://127.0.0.1}
MARJORAM_URL=${MARJORAM_URL:-${2:-}}
DB_HOST=127.0.0.1
DB_PORT=$(cat "$DB_PORT_FILE")
DB_DATABASE=app
DB_USERNAME=app
DB_PASSWORD=$(db_password)
ENV
  local line key
  {
    while IFS= read -r line; do
      key=${line%%=*}
      if is_persons "$key"; then grep "^$key=" "$ROOT/.env" | tail -1; else printf '%s\n' "$line"; fi
    done <"$VAR/env.ours.new"
    if [ -f "$ROOT/.env" ]; then
      while IFS= read -r line; do
        [[ $line =~ ^[A-Z_0-9]+= ]] && grep -q "^${line%%=*}=" "$VAR/env.ours.new" && continue
        # Written by earlier versions; the stand-ins say themselves where they answer.
        [[ $line =~ ^MARJORAM_(REFRACTOMETER|WEATHER|ROOM|SCALE)=http://127\.0\.0\.1: ]] && [ ! -f "$VAR/env.ours" ] && continue
        printf '%s\n' "$line"
      done <"$ROOT/.env"
    fi
  } | keep_secret "$ROOT/.env"
  mv "$VAR/env.ours.new" "$VAR/env.ours"
}

# is_persons KEY: whether a person has changed it since it was written last
is_persons() {
  grep -qs "^$1=" "$ROOT/.env" || return 1
  # Before the first start there is nothing to compare with: the addresses are a person's, the rest is of an earlier version.
  [ -f "$VAR/env.ours" ] || { [ "$1" = MARJORAM_URL ]; return; }
  [ "$(grep "^$1=" "$ROOT/.env" | tail -1)" != "$(grep "^$1=" "$VAR/env.ours" | tail -1)" ]
}
