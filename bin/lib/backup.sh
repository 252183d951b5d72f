# Backups: one file with the database as it was at one moment, the key of the installation, and the photographs. The
# nightly ones share a folder of photographs, each in it once, named by its hash. Sourced, never run.

DATABASE=${MARJORAM_DATABASE:-app}
GENERATIONS=7
SUITE="-aes-256-cbc -pbkdf2 -iter 200000 -salt"
# Where the nightly ones keep photographs.
SHARED=$BACKUPS/photographs
AT_ONCE=50

db_dump() {
  mariadb-dump --no-defaults --socket="$DB_SOCKET" --user="$(id -un)" --single-transaction --quick --hex-blob \
    --routines --triggers --skip-dump-date --no-tablespaces "$@"
}

# all_but_photographs: those are never changed once they are stored, so they need not be of the same moment
all_but_photographs() {
  db_dump --ignore-table="$DATABASE.photographs" "$DATABASE" && db_dump --no-data "$DATABASE" photographs
}

photographs_stored() { db_sql -e "select sha256 from \`$DATABASE\`.photographs"; }

# photographs_into FOLDER: those that are not in it yet
photographs_into() {
  local folder=$1 names=() name
  mkdir -p "$folder"
  while read -r name; do
    [ -s "$folder/$name.jpg" ] || [ -s "$folder/$name.enc" ] || names+=("$name")
  done < <(photographs_stored)
  while [ "${#names[@]}" -gt 0 ]; do
    db_sql --quick -e "select sha256, to_base64(jpeg) from \`$DATABASE\`.photographs
      where sha256 in ($(printf "'%s'," "${names[@]:0:AT_ONCE}")'')" | php "$here/lib/photographs.php" files "$folder" || return 1
    names=("${names[@]:AT_ONCE}")
  done
}

# hide_photographs FOLDER: where a passphrase is set, none lies there to be seen
hide_photographs() {
  [ -n "${MARJORAM_PASSPHRASE:-}" ] || return 0
  local file
  for file in "$1"/*.jpg; do
    [ -e "$file" ] || continue
    openssl enc $SUITE -pass env:MARJORAM_PASSPHRASE -in "$file" -out "${file%.jpg}.enc" && rm -f "$file" || return 1
  done
}

# write_backup FILE [FOLDER]: under another name until it is whole, so that a broken one is never taken for one.
# Photographs go into it, or into the folder that several share.
write_backup() {
  local file=$1 shared=${2:-} work parts=(about sums app.key database.sql.gz photographs.list)
  work=$(umask 077; mktemp -d "$BACKUPS/making.XXXXXX") || die "cannot write to $BACKUPS. Nothing was kept."
  if ! all_but_photographs | gzip >"$work/database.sql.gz" \
    || ! photographs_into "${shared:-$work/photographs}" || { [ -n "$shared" ] && ! hide_photographs "$shared"; }; then
    rm -rf "$work"
    die "the database could not be written out. Is the disk full? Nothing was kept."
  fi
  { gzip -dc "$work/database.sql.gz" | photographs_named; photographs_stored; } | sort -u >"$work/photographs.list"
  cp "$VAR/app.key" "$work/app.key"
  (cd "$work" && sha256sum database.sql.gz app.key photographs.list >sums)
  printf 'marjoram-backup 2\nmade %s\n' "$(date -u +%Y-%m-%dT%H:%M:%SZ)" >"$work/about"
  mkdir -p "$(dirname "$file")"
  [ -n "$shared" ] || parts+=(photographs)
  local isWritten=yes
  if [ -n "${MARJORAM_PASSPHRASE:-}" ]; then
    (umask 077; tar -C "$work" -cf - "${parts[@]}" \
      | openssl enc $SUITE -pass env:MARJORAM_PASSPHRASE >"$file.part") || isWritten=no
  else
    (umask 077; tar -C "$work" -cf "$file.part" "${parts[@]}") || isWritten=no
  fi
  [ -z "$shared" ] || cp "$work/photographs.list" "${file%.backup}.photographs"
  rm -rf "$work"
  [ $isWritten = yes ] || { rm -f "$file.part"; die "$file could not be written. Is there room, and may you write there? Nothing was kept."; }
  mv "$file.part" "$file"
}

# photographs_named: the hashes that the rows of hive_photos name, in a dump that comes in
photographs_named() { { grep '^INSERT INTO `hive_photos`' || true; } | grep -oE "[0-9a-f]{64}" | sort -u || true; }

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
  grep -qE '^marjoram-backup [12]$' "$into/about" 2>/dev/null || die "$file is not a backup of Marjoram. Nothing was changed."
  (cd "$into" && sha256sum --status -c sums) || die "$file is damaged: its sums do not agree. Nothing was changed."
}

# restore_photographs FILE FOLDER: of an opened backup, or of the folder beside it; says which are not there
restore_photographs() {
  local opened=$2 from=$2/photographs name status=0
  [ -s "$opened/photographs.list" ] || return 0
  if [ ! -d "$from" ]; then
    mkdir -p "$from"
    from=$(cd "$(dirname "$1")" && pwd)/photographs
    while read -r name; do
      if [ -s "$from/$name.jpg" ]; then
        cp "$from/$name.jpg" "$opened/photographs/"
      elif [ -s "$from/$name.enc" ]; then
        openssl enc -d $SUITE -pass env:MARJORAM_PASSPHRASE -in "$from/$name.enc" -out "$opened/photographs/$name.jpg" 2>/dev/null || true
      fi
    done <"$opened/photographs.list"
  fi
  php "$here/lib/photographs.php" sql "$opened/photographs" <"$opened/photographs.list" 2>"$opened/missing" | db_sql "$DATABASE" || status=$?
  if [ -s "$opened/missing" ]; then
    say "$(grep -c . "$opened/missing") photographs are not restored: they are missing or damaged in $from. All else is there."
  elif [ $status != 0 ]; then
    die "the photographs could not be restored; see above. Run this again."
  fi
}

read_passphrase() {
  [ -t 0 ] || die "this backup is encrypted: give its passphrase in MARJORAM_PASSPHRASE."
  read -rsp "Passphrase: " MARJORAM_PASSPHRASE
  say ""
  export MARJORAM_PASSPHRASE
}

# forget_old: of the nightly ones so many are kept, and the photographs that one of them names
forget_old() {
  local old file
  ls -1t "$BACKUPS"/nightly-*.backup 2>/dev/null | tail -n +$((GENERATIONS + 1)) | while read -r old; do
    rm -f "$old" "${old%.backup}.photographs"
  done
  cat "$BACKUPS"/nightly-*.photographs 2>/dev/null | sort -u >"$BACKUPS/named"
  for file in "$SHARED"/*; do
    [ -e "$file" ] || continue
    grep -qxF "$(basename "${file%.*}")" "$BACKUPS/named" || rm -f "$file"
  done
  rm -f "$BACKUPS/named"
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
