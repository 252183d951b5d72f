# Processes that are started again when they end, by runit. Sourced, never run.
# A service is a folder of a set of services: run and finish (runit calls them), the process group it last had, and a
# file "down" until it is brought up. The set's supervisor is watched in its turn by one of its services, the guard.

# Whom services run as: empty for whoever started them.
RUN_AS=""
STAND_INS=(refractometer weather room scale)
WEB_NAMES=(assets scheduler queue "${STAND_INS[@]}" nginx php-fpm)

# define_service SET NAME LOG COMMAND...: brought up later
define_service() {
  local folder=$1/$2 name=$2 log=$3
  shift 3
  mkdir -p "$folder"
  touch "$folder/down"
  # A process group of its own: what a killed master leaves behind holds sockets and ports, and is ended with it.
  # One that ends again and again right after its start waits ever longer, up to a minute, before the next.
  cat >"$folder/run" <<RUN
#!/usr/bin/env bash
[ "\${1:-}" = own ] || exec chpst -P "\$0" own
$(settings)
$(end_group "$folder")
echo \$\$ >"$folder/pgid"
quick=0
if [ \$((\$(date +%s) - \$(stat -c %Y "$folder/began" 2>/dev/null || echo 0))) -lt 3 ]; then quick=\$((\$(cat "$folder/began") + 1)); fi
if [ "\$quick" -gt 4 ]; then
  wait=\$((2 ** (\$quick < 10 ? \$quick - 4 : 6)))
  echo "\$(date -u +%FT%TZ) $name ended \$quick times right after its start; the next start is in \$((wait < 60 ? wait : 60)) seconds" >>"$log"
  sleep "\$((wait < 60 ? wait : 60))"
fi
echo "\$quick" >"$folder/began"
exec chpst $(account) bash -c 'exec "\$@" >>"\$0" 2>&1 </dev/null' $(printf '%q ' "$log" "$@")
RUN
  cat >"$folder/finish" <<FINISH
#!/usr/bin/env bash
exec $(end_group "$folder")
FINISH
  chmod 700 "$folder/run" "$folder/finish"
}

# Settings come from who defines the service, not from who happens to have started the supervisor.
settings() { export -p | grep -E '^declare -x (APP|CACHE|DB|LARAVEL|MAIL|MARJORAM|QUEUE|SESSION)_' || true; }

account() { [ -z "$RUN_AS" ] || printf '%s' "-u $RUN_AS"; }

# The command that ends what is left of a service; as its user, who alone sees where its processes are at work.
end_group() { printf 'chpst %s %q %q %q' "$(account)" "$ROOT/bin/lib/end-group" "$1/pgid" "$ROOT"; }

# supervise SET: its services are looked after from now on
supervise() {
  ! alive "$1.pid" runsvdir || return 0
  local was=$RUN_AS
  # Only who started it may start it again.
  RUN_AS="" define_service "$1" guard "$1.log" "$ROOT/bin/lib/guard" "$1"
  RUN_AS=$was
  start_supervisor "$1"
  service_up "$1" guard
}

start_supervisor() {
  setsid nohup runsvdir "$1" >>"$1.log" 2>&1 </dev/null 9>&- &
  printf '%s' "$!" >"$1.pid"
  disown
}

# service_up SET NAME
service_up() {
  rm -f "$1/$2/down"
  for _ in $(seq 1 200); do
    if sv up "$1/$2" >/dev/null 2>&1; then return; fi
    sleep 0.05
  done
  die "the supervisor of $2 does not answer; see $1.log, then run this again."
}

# services_down SET NAMES...: ended, and not started again until they are brought up
services_down() {
  local set=$1 name folders=()
  shift
  for name in "$@"; do
    if [ -d "$set/$name" ]; then folders+=("$set/$name"); fi
  done
  [ "${#folders[@]}" -gt 0 ] || return 0
  for name in "${folders[@]}"; do touch "$name/down"; done
  sv -w 30 force-stop "${folders[@]}" >/dev/null 2>&1 || true
  for name in "${folders[@]}"; do eval "$(end_group "$name")"; done
}

# end_services SET: all of them, the guard first and the database last, then their supervisors
end_services() {
  [ -d "$1" ] || return 0
  services_down "$1" guard
  services_down "$1" "${WEB_NAMES[@]}"
  services_down "$1" mariadb
  end_process "$1.pid" runsvdir 5
  end_supervisors "$1"
  rm -rf "$1"
}

# end_supervisors SET [PARENT]: those of single services, but for the children of PARENT
end_supervisors() {
  local process stat
  for process in /proc/[0-9]*; do
    [[ $(readlink "$process/cwd" 2>/dev/null) == "$1"/* ]] || continue
    { read -r stat <"$process/stat"; } 2>/dev/null || continue
    [[ $stat == *"(runsv) "* && $stat != *"(runsv) "?" ${2:-none} "* ]] || continue
    kill -9 "${process#/proc/}" 2>/dev/null || true
  done
}
