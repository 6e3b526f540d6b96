# Takes everything that Frenum keeps into one file, while it runs, and puts it back from there: a tar with the database in
# pg_dump's own format, the uploads that wait to be saved, and the checksum of each.

BACKUP_KIND='frenum-backup 1'
HOURS_BETWEEN=${FRENUM_BACKUP_HOURS:-24}
MOST_BACKUPS=${FRENUM_BACKUP_KEEP:-14}

sql_of_frenum() { "$(postgres_bin)/psql" -w -v ON_ERROR_STOP=1 -Atq -d "${FRENUM_DB_URL#jdbc:}" -c "$1"; }

schema_of_database() {
  sql_of_frenum "select coalesce(max(version::int), 0) from flyway_schema_history where success and version is not null" 2>/dev/null || echo 0
}

schema_of_this() {
  find "$ROOT/server/src/main/resources/db/migration" -name 'V*__*.sql' -printf '%f\n' | sed -E 's/^V([0-9]+)__.*/\1/' | sort -n | tail -1
}

from_where_they_stand() { if [[ $1 = /* ]]; then echo "$1"; else echo "$CALLED_FROM/$1"; fi; }

# Of a Frenum that does not run the database is started for as long as it takes.
with_database_up() {
  local was_up=true
  database_is_up || was_up=false
  start_database
  if $was_up || ! is_own_database; then "$@"; else (trap stop_database EXIT; "$@"); fi
}

# ---------------------------------------------------------------- out

backup() { # file
  [[ -n ${1:-} ]] || die "a backup needs the name of a file" "./frenum backup FILE"
  local file; file=$(from_where_they_stand "$1")
  [[ ! -e $file ]] || die "$file is there already, and is not overwritten" "choose another name"
  [[ -d $(dirname "$file") ]] || die "there is no folder $(dirname "$file")" "make it first"
  make_home
  with_database_up write_backup "$file"
  say "$file: $(du -h "$file" | cut -f 1), schema $(schema_of_database), with the checksum of everything in it"
}

# What stands in the file at the end is whole, or it is not there at all.
write_backup() ( # file
  umask 077
  part=$(mktemp -d "$HOME_DIR/backup.XXXXXX")
  trap 'rm -rf "$part" "$1.part"' EXIT
  printf '%s\nschema %s\nmade %s\n' "$BACKUP_KIND" "$(schema_of_database)" "$(date -u +%FT%TZ)" >"$part/about"
  "$(postgres_bin)/pg_dump" -w -Fc --no-owner --no-privileges -d "${FRENUM_DB_URL#jdbc:}" -f "$part/database.dump" 2>"$HOME_DIR/backup.log" \
    || die "the database could not be written out" "read $HOME_DIR/backup.log; is the disk full?"
  mkdir -p "$part/uploads"
  if [[ -d $HOME_DIR/uploads ]]; then cp -al "$HOME_DIR/uploads/." "$part/uploads/" 2>/dev/null || cp -a "$HOME_DIR/uploads/." "$part/uploads/"; fi
  (cd "$part" && find about database.dump uploads -type f -print0 | sort -z | xargs -0 sha256sum >SHA256SUMS)
  tar -C "$part" -cf "$1.part" about SHA256SUMS database.dump uploads || die "the file could not be written" "is the disk full?"
  sync "$1.part"
  mv "$1.part" "$1"
)

# Before the tables are brought to a newer form, what they were is put aside.
backup_before_upgrade() {
  is_own_database || return 0
  local have want; have=$(schema_of_database) want=$(schema_of_this)
  if ((have == 0 || have >= want)); then return 0; fi
  mkdir -p "$HOME_DIR/backups"
  local file; file=$HOME_DIR/backups/before-schema-$want-$(date -u +%Y%m%dT%H%M%S).frenum-backup
  say "this Frenum brings the database from schema $have to $want; as it is now, it stands in $file"
  write_backup "$file"
}

# By whoever keeps the server running, where a folder for it was named.
backup_if_due() {
  [[ -n ${FRENUM_BACKUP_FOLDER:-} ]] || return 0
  local folder=$FRENUM_BACKUP_FOLDER
  mkdir -p "$folder"
  [[ -z $(find "$folder" -maxdepth 1 -name 'frenum-*.frenum-backup' -mmin "-$((60 * HOURS_BETWEEN))" -print -quit) ]] || return 0
  if write_backup "$folder/frenum-$(date -u +%Y%m%dT%H%M%S).frenum-backup"; then
    find "$folder" -maxdepth 1 -name 'frenum-*.frenum-backup' -printf '%T@ %p\n' | sort -rn | tail -n "+$((MOST_BACKUPS + 1))" | cut -d ' ' -f 2- | xargs -r -d '\n' rm -f
  else
    say "no backup could be made in $folder; it is tried again"
  fi
}

# ---------------------------------------------------------------- in

restore() ( # file
  [[ -n ${1:-} ]] || die "restoring needs the name of a file" "./frenum restore FILE"
  local file; file=$(from_where_they_stand "$1")
  [[ -f $file ]] || die "there is no file $file" "name one that ./frenum backup made"
  is_own_database || die "a database of your own is not replaced" "the file is a tar; its database.dump is for pg_restore"
  make_home
  local part; part=$(mktemp -d "$HOME_DIR/restore.XXXXXX")
  # shellcheck disable=SC2064
  trap "rm -rf '$part'" EXIT
  unpack_backup "$file" "$part"
  with_database_up replace_with "$part"
)

# Nothing is touched before all of it was found to be as it was written.
unpack_backup() { # file folder
  tar --no-same-owner -C "$2" -xf "$1" 2>/dev/null || die "$1 cannot be unpacked" "it is no backup of Frenum, or its end is missing"
  [[ $(head -1 "$2/about" 2>/dev/null) = "$BACKUP_KIND" ]] || die "$1 is no backup of this Frenum" "name one that ./frenum backup made"
  [[ -z $(find "$2" ! -type f ! -type d -print -quit) ]] || die "$1 holds something that is neither file nor folder" "it was not made by ./frenum backup"
  (cd "$2" && sha256sum --quiet --strict -c SHA256SUMS >/dev/null 2>&1) || die "$1 is damaged: a checksum does not hold" "take another backup"
  local named; named=$(sed -E 's/^[0-9a-f]{64} [ *]//' "$2/SHA256SUMS" | sort)
  [[ $named = "$(cd "$2" && find about database.dump uploads -type f | sort)" ]] || die "$1 holds other files than it names" "it was not made by ./frenum backup"
  local schema; schema=$(sed -nE 's/^schema ([0-9]+)$/\1/p' "$2/about")
  ((${schema:-0} <= $(schema_of_this))) || die "$1 is of a newer Frenum (schema $schema)" "use that one, or a later one"
}

# The new database is filled beside the old one, and takes its place in a moment; what was there before becomes a backup.
replace_with() { # folder
  local before; before=$HOME_DIR/backups/before-restore-$(date -u +%Y%m%dT%H%M%S).frenum-backup
  mkdir -p "$HOME_DIR/backups"
  write_backup "$before"
  as_keeper postgres "drop database if exists frenum_incoming" && as_keeper postgres "create database frenum_incoming owner frenum"
  local incoming=${FRENUM_DB_URL#jdbc:}
  "$(postgres_bin)/pg_restore" -w --no-owner --no-privileges --single-transaction --exit-on-error -d "${incoming/\/frenum?//frenum_incoming?}" "$1/database.dump" 2>"$HOME_DIR/restore.log" \
    || die "the database could not be restored; nothing was changed" "read $HOME_DIR/restore.log"
  pause_server
  as_keeper postgres "alter database frenum allow_connections false; select pg_terminate_backend(pid) from pg_stat_activity where datname = 'frenum'" >/dev/null
  as_keeper postgres "drop database frenum" && as_keeper postgres "alter database frenum_incoming rename to frenum"
  rm -rf "$HOME_DIR/uploads"
  mv "$1/uploads" "$HOME_DIR/uploads"
  resume_server
  say "restored; what was there before stands in $before"
}

# Who keeps it running must not start it in the middle of it.
pause_server() {
  is_alive "$HOME_DIR/keeper.pid" || return 0
  kill -STOP "$(cat "$HOME_DIR/keeper.pid")"
  end_process "$HOME_DIR/server.pid"
}

resume_server() {
  is_alive "$HOME_DIR/keeper.pid" || return 0
  kill -CONT "$(cat "$HOME_DIR/keeper.pid")"
  for _ in $(seq 600); do if answers; then return 0; fi; sleep 0.2; done
  say "the server has not come back yet; read $HOME_DIR/server.out"
}
