# Takes everything that Frenum keeps into one file, while it runs, and puts it back from there: a compressed tar with the rows of
# every table as PostgreSQL copies them out, the uploads that wait to be saved, the keys to sign with, and the checksum of each;
# encrypted with a passphrase where one is asked for.

BACKUP_KIND='frenum-backup 2'
BACKUP_KIND_BEFORE='frenum-backup 1' # the tables as a dump
HOURS_BETWEEN=${FRENUM_BACKUP_HOURS:-24}
MOST_BACKUPS=${FRENUM_BACKUP_KEEP:-14}

schema_of_database() {
  frenum_sql "select coalesce(max(version::int), 0) from flyway_schema_history where success and version is not null" 2>/dev/null || echo 0
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

# ---------------------------------------------------------------- passphrases

# From a file that only its owner reads, or from the terminal; never from the command line, which others can see.
passphrase() { # question
  if [[ -n ${FRENUM_BACKUP_PASSPHRASE_FILE:-} ]]; then
    head -n 1 "$FRENUM_BACKUP_PASSPHRASE_FILE"
    return
  fi
  [[ -t 0 ]] || die "a passphrase is needed" "put it into a file and name that in FRENUM_BACKUP_PASSPHRASE_FILE"
  local typed
  read -r -s -p "$1: " typed
  echo >&2
  echo "$typed"
}

# OpenPGP with a passphrase (AES-256): what was changed is refused, and any OpenPGP program opens it.
gpg_with_passphrase() { # passphrase arguments
  (
    export GNUPGHOME; GNUPGHOME=$(mktemp -d "$HOME_DIR/gnupg.XXXXXX")
    trap 'gpgconf --kill all 2>/dev/null || true; rm -rf "$GNUPGHOME"' EXIT
    gpg --batch --quiet --yes --no-symkey-cache --pinentry-mode loopback --passphrase-fd 3 "${@:2}" 3<<<"$1"
  )
}

need_gpg() {
  command -v gpg >/dev/null && return
  as_root apt-get update >/dev/null 2>&1 && as_root apt-get install -y --no-install-recommends gnupg >/dev/null 2>&1 \
    || die "gpg is missing, by which backups are encrypted" "apt-get install gnupg"
}

encrypt() { # file passphrase
  gpg_with_passphrase "$2" --symmetric --cipher-algo AES256 --s2k-digest-algo SHA512 --s2k-count 65011712 --compress-algo none \
    --output "$1.gpg" "$1" || die "the backup could not be encrypted" "is the disk full?"
  mv "$1.gpg" "$1"
}

# A packet that begins with a key for a passphrase; a compressed tar begins otherwise.
is_encrypted() { [[ $(od -An -N1 -tx1 "$1" | tr -d ' ') = 8c ]]; }

# ---------------------------------------------------------------- out

backup() { # file [--encrypt]
  local file='' encrypted=false option
  for option in "$@"; do
    case $option in
      --encrypt) encrypted=true ;;
      -*) die "\"$option\" is not an option of this command" "./frenum backup FILE [--encrypt]" ;;
      *) file=$(from_where_they_stand "$option") ;;
    esac
  done
  [[ -n $file ]] || die "a backup needs the name of a file" "./frenum backup FILE"
  [[ ! -e $file ]] || die "$file is there already, and is not overwritten" "choose another name"
  [[ -d $(dirname "$file") ]] || die "there is no folder $(dirname "$file")" "make it first"
  make_home
  local secret=''
  if $encrypted; then
    need_gpg
    secret=$(passphrase "Passphrase for this backup")
    ((${#secret} >= 12)) || die "the passphrase is shorter than 12 characters" "choose several words"
    if [[ -z ${FRENUM_BACKUP_PASSPHRASE_FILE:-} ]]; then
      [[ $secret = "$(passphrase "The same again")" ]] || die "the two passphrases differ" "try again"
    fi
  fi
  with_database_up write_backup "$file" "$secret"
  say "$file: $(du -h "$file" | cut -f 1), schema $(schema_of_database), with the checksum of everything in it$($encrypted && echo ', encrypted')"
}

# What stands in the file at the end is whole, or it is not there at all.
write_backup() ( # file [passphrase]
  umask 077
  part=$(mktemp -d "$HOME_DIR/backup.XXXXXX")
  trap 'rm -rf "$part" "$1.part" "$1.part.gpg"' EXIT
  printf '%s\nschema %s\nmade %s\n' "$BACKUP_KIND" "$(schema_of_database)" "$(date -u +%FT%TZ)" >"$part/about"
  mkdir "$part/tables" "$part/uploads" "$part/keys"
  write_tables "$part" 2>"$HOME_DIR/backup.log" || die "the database could not be written out" "read $HOME_DIR/backup.log; is the disk full?"
  if [[ -d $HOME_DIR/uploads ]]; then cp -al "$HOME_DIR/uploads/." "$part/uploads/" 2>/dev/null || cp -a "$HOME_DIR/uploads/." "$part/uploads/"; fi
  if [[ -d $HOME_DIR/keys ]]; then cp -a "$HOME_DIR/keys/." "$part/keys/"; fi
  (cd "$part" && find about tables uploads keys -type f -print0 | sort -z | xargs -0 sha256sum >SHA256SUMS)
  tar -C "$part" -cf - about SHA256SUMS tables uploads keys | gzip -1 >"$1.part" || die "the file could not be written" "is the disk full?"
  if [[ -n ${2:-} ]]; then encrypt "$1.part" "$2"; fi
  sync "$1.part"
  mv "$1.part" "$1"
)

# All tables as they were at one moment. Who is signed in is not of it: nobody comes in by a backup.
write_tables() { # folder
  local tables table
  tables=$(frenum_sql "select table_name from information_schema.tables where table_schema = 'public' and table_type = 'BASE TABLE'
    and table_name <> 'flyway_schema_history' and table_name not like 'spring\_session%' order by 1") || return 1
  (
    cd "$1"
    {
      echo 'begin isolation level repeatable read read only;'
      for table in $tables; do printf "\\\\copy public.%s to 'tables/%s.copy' with (header)\n" "$table" "$table"; done
      echo 'commit;'
    } | frenum_psql -q
  )
}

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

# By whoever keeps the server running, where a folder for it was named; encrypted where a file with a passphrase is named, too.
backup_if_due() {
  [[ -n ${FRENUM_BACKUP_FOLDER:-} ]] || return 0
  local folder=$FRENUM_BACKUP_FOLDER secret=''
  mkdir -p "$folder"
  [[ -z $(find "$folder" -maxdepth 1 -name 'frenum-*.frenum-backup' -mmin "-$((60 * HOURS_BETWEEN))" -print -quit) ]] || return 0
  if [[ -n ${FRENUM_BACKUP_PASSPHRASE_FILE:-} ]]; then need_gpg && secret=$(passphrase ''); fi
  if write_backup "$folder/frenum-$(date -u +%Y%m%dT%H%M%S).frenum-backup" "$secret"; then
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
  is_own_database || die "a database of your own is not replaced" "the file is a tar; its tables are for PostgreSQL's copy"
  make_home
  umask 077
  local part; part=$(mktemp -d "$HOME_DIR/restore.XXXXXX")
  # shellcheck disable=SC2064
  trap "rm -rf '$part'" EXIT
  if is_encrypted "$file"; then
    need_gpg
    gpg_with_passphrase "$(passphrase "Passphrase of this backup")" --output "$part.plain" --decrypt "$file" 2>/dev/null \
      || { rm -f "$part.plain"; die "$1 cannot be decrypted" "is the passphrase right, and the file whole?"; }
    # shellcheck disable=SC2064
    trap "rm -rf '$part' '$part.plain'" EXIT
    file=$part.plain
  fi
  unpack_backup "$file" "$part" "$1"
  with_database_up replace_with "$part"
)

# Nothing is touched before all of it was found to be as it was written.
unpack_backup() { # file folder name
  local data=tables
  tar --no-same-owner -C "$2" -xf "$1" 2>/dev/null || die "$3 cannot be unpacked" "it is no backup of Frenum, or its end is missing"
  case $(head -1 "$2/about" 2>/dev/null) in
    "$BACKUP_KIND") ;;
    "$BACKUP_KIND_BEFORE") data=database.dump; mkdir -p "$2/keys" ;;
    *) die "$3 is no backup of this Frenum" "name one that ./frenum backup made" ;;
  esac
  [[ -z $(find "$2" ! -type f ! -type d -print -quit) ]] || die "$3 holds something that is neither file nor folder" "it was not made by ./frenum backup"
  (cd "$2" && sha256sum --quiet --strict -c SHA256SUMS >/dev/null 2>&1) || die "$3 is damaged: a checksum does not hold" "take another backup"
  local named; named=$(sed -E 's/^[0-9a-f]{64} [ *]//' "$2/SHA256SUMS" | sort)
  [[ $named = "$(cd "$2" && find about $data uploads keys -type f | sort)" && -z $(find "$2" -mindepth 1 -maxdepth 1 ! -name about ! -name SHA256SUMS ! -name $data ! -name uploads ! -name keys -print -quit) ]] \
    || die "$3 holds other files than it names" "it was not made by ./frenum backup"
  local schema; schema=$(sed -nE 's/^schema ([0-9]+)$/\1/p' "$2/about")
  ((${schema:-0} <= $(schema_of_this))) || die "$3 is of a newer Frenum (schema $schema)" "use that one, or a later one"
  if [[ $data = database.dump ]]; then only_rows_of_dump "$2" "$3"; fi
}

# What a dump of before may hold beside rows: the tables, which are not taken from it. Anything that could run is refused by name.
only_rows_of_dump() { # folder name
  local listed other
  listed=$("$(postgres_bin)/pg_restore" -l "$1/database.dump" 2>/dev/null) || die "$2 holds a dump that cannot be read" "take another backup"
  other=$(grep -vE '^;|^$' <<<"$listed" \
    | grep -vE '^[0-9]+; [0-9]+ [0-9]+ (TABLE DATA|TABLE|SEQUENCE SET|SEQUENCE OWNED BY|SEQUENCE|DEFAULT|INDEX|CONSTRAINT|FK CONSTRAINT|COMMENT - SCHEMA|SCHEMA) ' \
    | sed -E 's/^[0-9]+; [0-9]+ [0-9]+ //' | head -3 | paste -sd ';') || true
  [[ -z $other ]] || die "$2 holds what no backup of Frenum has: $other" "it was not made by ./frenum backup, or it was changed"
  "$(postgres_bin)/pg_restore" --data-only --no-owner --no-privileges -f "$1/dump.sql" "$1/database.dump" 2>/dev/null \
    || die "$2 holds a dump that cannot be read" "take another backup"
}

# A new database is filled beside the old one, which stays until the new one was seen to work; and it is a backup besides.
replace_with() { # folder
  local before; before=$HOME_DIR/backups/before-restore-$(date -u +%Y%m%dT%H%M%S).frenum-backup
  mkdir -p "$HOME_DIR/backups"
  write_backup "$before"
  fill_incoming "$1"
  pause_server
  put_in_place "$1"
  if resume_server; then
    forget_before
    say "restored; what was there before stands in $before"
  else
    pause_server
    put_back
    resume_server || say "the server has not come back yet; read $HOME_DIR/server.out"
    die "the server does not start with what was restored; what was there before is back" "read $HOME_DIR/server.log; it also stands in $before"
  fi
}

# By a role that may add rows there and do nothing else.
fill_incoming() { # folder
  install_missing
  build "$(server_jar)" server
  unpack_server
  drop_database frenum_incoming
  make_empty_database frenum_incoming
  as_keeper postgres "revoke all on database frenum, postgres, template1 from public"
  local loader; loader=$(head -c 24 /dev/urandom | base64 | tr -dc 'A-Za-z0-9')
  as_keeper postgres "drop role if exists frenum_loader"
  as_keeper postgres "create role frenum_loader login nosuperuser nocreatedb nocreaterole noinherit password '$loader'; grant connect on database frenum_incoming to frenum_loader"
  local failed=false
  FRENUM_DB_URL=$(own_database_url frenum_incoming frenum "$(secret "$HOME_DIR/database.password")") \
    FRENUM_LOADER_URL=$(own_database_url frenum_incoming frenum_loader "$loader") \
    java -Xmx256m -XX:+UseSerialGC -XX:TieredStopAtLevel=1 -jar "$(app_jar)" restore "$1" "$(sed -nE 's/^schema ([0-9]+)$/\1/p' "$1/about")" \
    >"$HOME_DIR/restore.log" 2>&1 || failed=true
  if $failed; then drop_database frenum_incoming; fi
  as_keeper frenum_incoming "drop owned by frenum_loader" 2>/dev/null || true
  as_keeper postgres "drop role frenum_loader" 2>/dev/null || true
  if $failed; then die "the backup is refused, and nothing was changed: $(tail -1 "$HOME_DIR/restore.log")" "read $HOME_DIR/restore.log"; fi
}

put_in_place() { # folder
  touch "$HOME_DIR/restore.going"
  let_nobody_into frenum
  drop_database frenum_before
  as_keeper postgres "alter database frenum rename to frenum_before"
  as_keeper postgres "alter database frenum_incoming rename to frenum"
  local what
  for what in uploads keys; do
    rm -rf "$HOME_DIR/$what.before"
    if [[ -d $HOME_DIR/$what ]]; then mv "$HOME_DIR/$what" "$HOME_DIR/$what.before"; fi
  done
  mv "$1/uploads" "$HOME_DIR/uploads"
  # A backup of before has no key: the one of this Frenum stays.
  if [[ -f $1/keys/signing.json ]]; then mv "$1/keys" "$HOME_DIR/keys"; elif [[ -d $HOME_DIR/keys.before ]]; then cp -a "$HOME_DIR/keys.before" "$HOME_DIR/keys"; fi
}

# Also where a restore was cut off, at whichever step.
put_back() {
  if as_keeper postgres "select 1 from pg_database where datname = 'frenum_before'" | grep -q 1; then
    drop_database frenum
    as_keeper postgres "alter database frenum_before rename to frenum"
  fi
  as_keeper postgres "alter database frenum allow_connections true"
  local what
  for what in uploads keys; do
    if [[ -d $HOME_DIR/$what.before ]]; then rm -rf "${HOME_DIR:?}/$what"; mv "$HOME_DIR/$what.before" "$HOME_DIR/$what"; fi
  done
  rm -f "$HOME_DIR/restore.going"
}

forget_before() {
  rm -f "$HOME_DIR/restore.going"
  drop_database frenum_before
  rm -rf "$HOME_DIR/uploads.before" "$HOME_DIR/keys.before"
}

let_nobody_into() { # database
  as_keeper postgres "alter database $1 allow_connections false"
  as_keeper postgres "select pg_terminate_backend(pid) from pg_stat_activity where datname = '$1'" >/dev/null
}

# Who keeps it running must not start it in the middle of it.
pause_server() {
  is_alive "$HOME_DIR/keeper.pid" || return 0
  kill -STOP "$(cat "$HOME_DIR/keeper.pid")"
  end_process "$HOME_DIR/server.pid"
}

# Whether it answers again; where none ran, none is started. One that ends before it answers is not tried a second time.
resume_server() {
  is_alive "$HOME_DIR/keeper.pid" || return 0
  local ended; ended=$(times_ended)
  kill -CONT "$(cat "$HOME_DIR/keeper.pid")"
  for _ in $(seq 600); do
    if answers; then return 0; fi
    if ! is_alive "$HOME_DIR/keeper.pid" || (($(times_ended) > ended + 1)); then return 1; fi
    sleep 0.2
  done
  return 1
}

times_ended() { grep -c 'the server has ended' "$HOME_DIR/keeper.log" || true; }
