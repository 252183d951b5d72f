# Whom the database, the web server and the workers run as. Sourced, never run.
# Started as root they run as a system user without rights, who owns var/, storage/ and what is cached, and no more.

# choose_user: sets RUN_AS
choose_user() {
  RUN_AS=""
  [ "$(id -u)" = 0 ] || return 0
  local wanted=${MARJORAM_USER:-marjoram}
  if [ "$wanted" != root ]; then
    id "$wanted" >/dev/null 2>&1 || useradd --system --user-group --no-create-home --home-dir /nonexistent \
      --shell /usr/sbin/nologin "$wanted" || die "the user $wanted could not be made; make it, or set MARJORAM_USER."
    if may_read "$wanted"; then
      RUN_AS=$wanted
    else
      say "Careful: $wanted may not read $ROOT, so all runs as root. Put the folder where others may read it (/srv, say)."
    fi
  fi
  hand_over
}

may_read() {
  local hidden
  # Some packages come with files that only who installed them may read.
  chmod -R a+rX "$ROOT/vendor"
  hidden=$(chpst -u "$1" find "$ROOT"/{artisan,app,bin,bootstrap/app.php,config,core,database,public,resources,routes,vendor} \
    ! -readable -print -quit 2>&1) && [ -z "$hidden" ]
}

# What is written while all runs belongs to whom it runs as; none but them and root read it. What root itself runs,
# var/services, stays root's, as does the folder it lies in.
hand_over() {
  local folders=("$RUN" "$LOGS" "$BACKUPS" "$ROOT/storage" "$ROOT/bootstrap/cache")
  chmod 700 "${folders[@]}"
  chown -R "${RUN_AS:-root}:" "${folders[@]}" "$SOCKETS"
  for written in "$DATA" "$ROOT/.env" "$VAR/app.key" "$VAR/db.password"; do
    [ ! -e "$written" ] || chown -R "${RUN_AS:-root}:" "$written"
  done
}

# keep_secret FILE: what comes in, for whom all runs as alone
keep_secret() {
  (umask 077; cat >"$1.new")
  [ -z "$RUN_AS" ] || chown "$RUN_AS:" "$1.new"
  mv "$1.new" "$1"
}
