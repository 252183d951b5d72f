# Shared by bin/start, bin/stop, bin/test and bin/bench. Sourced, never run.
# Everything that runs lives in var/: the database's data, sockets, logs and pid files.

umask 022
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)
# The tests have a place of their own, var/test.
VAR=${MARJORAM_VAR:-$ROOT/var}
# What is installed is installed once, for both.
STAMPS=$ROOT/var
RUN=$VAR/run
LOGS=$VAR/log
BACKUPS=$VAR/backup
# A socket's path may have 107 characters; a deep checkout puts its sockets elsewhere.
SOCKETS=$RUN
if [ "${#RUN}" -gt 80 ]; then
  SOCKETS=/tmp/marjoram-$(printf '%s' "$VAR" | cksum | cut -d' ' -f1)
fi

say() { printf '%s\n' "$*"; }
die() { printf 'Marjoram: %s\n' "$*" >&2; exit 1; }

prepare_folders() {
  mkdir -p "$RUN" "$LOGS" "$BACKUPS" "$SOCKETS" "$STAMPS/phpstan" "$STAMPS/test" \
    "$ROOT"/storage/framework/{cache/data,sessions,views} "$ROOT"/storage/{app,logs} "$ROOT/bootstrap/cache" \
    || die "cannot write to $VAR: check the disk and its permissions, then run this again."
  local free
  free=$(df -Pm "$VAR" | awk 'NR==2{print $4}')
  [ "${free:-0}" -ge 300 ] || die "only ${free} MB are free where $VAR lies; 300 MB are needed. Make room and run this again."
}

# alive PIDFILE NAME: is the process of this pid file running, and is it ours (not a zombie, not another)?
alive() {
  local pid stat
  [ -s "$1" ] || return 1
  pid=$(cat "$1" 2>/dev/null) || return 1
  stat=$(cat "/proc/$pid/stat" 2>/dev/null) || return 1
  [[ $stat == *"("*"$2"*")"* ]] || return 1
  [[ ! $stat =~ \)\ Z ]]
}

# end_process PIDFILE NAME [GRACE_SECONDS]
end_process() {
  local pid
  if alive "$1" "$2"; then
    pid=$(cat "$1")
    kill "$pid" 2>/dev/null || true
    for _ in $(seq 1 $((${3:-10} * 20))); do
      alive "$1" "$2" || break
      sleep 0.05
    done
    if alive "$1" "$2"; then kill -9 "$pid" 2>/dev/null || true; fi
  fi
  rm -f "$1"
}

# Two clones that start together choose before either listens: what one has chosen is its own for two minutes.
PORTS=${TMPDIR:-/tmp}/marjoram-ports-$(id -u)
reserve_port() {
  mkdir -p "$PORTS" 2>/dev/null || return 0
  (
    flock 8
    local of=$PORTS/$1
    if [ -e "$of" ] && [ "$(cat "$of")" != "$RUN" ] && [ "$(($(date +%s) - $(stat -c %Y "$of")))" -lt 120 ]; then exit 1; fi
    printf '%s' "$RUN" >"$of"
  ) 8>"$PORTS/lock"
}

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# free_port FIRST: the first port from there that nobody listens on, and that no other clone has chosen a moment ago
free_port() {
  local port
  for port in $(seq "$1" $(($1 + 50))); do
    if ! port_taken "$port" && reserve_port "$port"; then printf '%s' "$port"; return; fi
  done
  die "no free port between $1 and $(($1 + 50)). End what listens there, or set MARJORAM_PORT."
}
