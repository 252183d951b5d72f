# Backups: one file with the database as it was at one moment, and the key of the installation. Sourced, never run.

DATABASE=${MARJORAM_DATABASE:-app}
GENERATIONS=7
SUITE="-aes-256-cbc -pbkdf2 -iter 200000 -salt"

db_dump() {
  mariadb-dump --no-defaults --socket="$DB_SOCKET" --user="$(id -un)" --single-transaction --quick --hex-blob \
    --routines --triggers --skip-dump-date --no-tablespaces "$@" "$DATABASE"
}

# write_backup FILE: under another name until it is whole, so that a broken one is never taken for one
write_backup() {
  local file=$1 work
  work=$(umask 077; mktemp -d "$BACKUPS/making.XXXXXX") || die "cannot write to $BACKUPS. Nothing was kept."
  if ! db_dump | gzip >"$work/database.sql.gz"; then
    rm -rf "$work"
    die "the database could not be written out. Is the disk full? Nothing was kept."
  fi
  cp "$VAR/app.key" "$work/app.key"
  (cd "$work" && sha256sum database.sql.gz app.key >sums)
  printf 'marjoram-backup 1\nmade %s\n' "$(date -u +%Y-%m-%dT%H:%M:%SZ)" >"$work/about"
  mkdir -p "$(dirname "$file")"
  local isWritten=yes
  if [ -n "${MARJORAM_PASSPHRASE:-}" ]; then
    (umask 077; tar -C "$work" -cf - about sums app.key database.sql.gz \
      | openssl enc $SUITE -pass env:MARJORAM_PASSPHRASE >"$file.part") || isWritten=no
  else
    (umask 077; tar -C "$work" -cf "$file.part" about sums app.key database.sql.gz) || isWritten=no
  fi
  rm -rf "$work"
  [ $isWritten = yes ] || { rm -f "$file.part"; die "$file could not be written. Is there room, and may you write there? Nothing was kept."; }
  mv "$file.part" "$file"
}

# open_backup FILE FOLDER: unpacks it and looks whether it is whole
open_backup() {
  local file=$1 into=$2
  [ -s "$file" ] || die "there is no backup at $file, or it is empty."
  if head -c 8 "$file" | grep -q "^Salted__"; then
    [ -n "${MARJORAM_PASSPHRASE:-}" ] || read_passphrase
    openssl enc -d $SUITE -pass env:MARJORAM_PASSPHRASE <"$file" 2>/dev/null | tar -C "$into" -xf - 2>/dev/null \
      || die "$file could not be opened: another passphrase, or the file is damaged. Nothing was changed."
  else
    tar -C "$into" -xf "$file" 2>/dev/null || die "$file is not a backup of Marjoram, or it is damaged. Nothing was changed."
  fi
  grep -q '^marjoram-backup 1$' "$into/about" 2>/dev/null || die "$file is not a backup of Marjoram. Nothing was changed."
  (cd "$into" && sha256sum --status -c sums) || die "$file is damaged: its sums do not agree. Nothing was changed."
}

read_passphrase() {
  [ -t 0 ] || die "this backup is encrypted: give its passphrase in MARJORAM_PASSPHRASE."
  read -rsp "Passphrase: " MARJORAM_PASSPHRASE
  say ""
  export MARJORAM_PASSPHRASE
}

# forget_old: of the nightly ones so many are kept
forget_old() {
  ls -1t "$BACKUPS"/nightly-*.backup 2>/dev/null | tail -n +$((GENERATIONS + 1)) | while read -r old; do rm -f "$old"; done
}

is_used() {
  local tables
  tables=$(db_sql -e "select count(*) from information_schema.tables where table_schema = '$DATABASE' and table_name = 'users'")
  [ "$tables" != 0 ] && [ "$(db_sql -e "select count(*) from \`$DATABASE\`.users")" != 0 ]
}

# confirmed: asked twice, as what is there now goes
confirmed() {
  local answer
  [ -t 0 ] || return 1
  read -rp "There are records here. Replace all of them by the backup? (yes/no) " answer
  [ "$answer" = yes ] || return 1
  read -rp "What is here now is kept in $BACKUPS first. Type the word replace: " answer
  [ "$answer" = replace ]
}
