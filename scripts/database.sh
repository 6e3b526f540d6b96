# A PostgreSQL of Frenum's own: on loopback, on a free port, with passwords that only the files in Frenum's home know. The
# server comes in as "frenum", which owns its tables and may do nothing else; the cluster's own "frenum_keeper" may do
# everything and is used by this script alone.

# PostgreSQL refuses to run as root, and cannot enter root's folders.
run_as_postgres() {
  if [[ $(id -u) = 0 ]]; then (cd / && setpriv --reuid=postgres --regid=postgres --init-groups -- "$@"); else "$@"; fi
}

# So root's databases stand beside PostgreSQL's own.
database_folder() {
  if [[ $(id -u) = 0 ]]; then
    echo "/var/lib/postgresql/frenum-$(echo -n "$HOME_DIR" | sha256sum | cut -c1-12)"
  else
    echo "$HOME_DIR/database"
  fi
}

is_own_database() { [[ -z ${FRENUM_DB_URL:-} || -n ${FRENUM_DB_IS_PRIVATE:-} ]]; }

free_port() {
  local port
  for _ in $(seq 100); do
    port=$((20000 + RANDOM % 40000))
    if ! (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; then echo "$port"; return; fi
  done
  die "no free port was found on 127.0.0.1"
}

secret() { # file: what it holds, made when it is not there
  [[ -s $1 ]] || (umask 077; head -c 24 /dev/urandom | base64 | tr -dc 'A-Za-z0-9' >"$1")
  cat "$1"
}

# Passwords go by the environment and by pipes, which nobody else can read, and never by the command line, which everybody can.
as_keeper() { # database sql
  PGPASSWORD=$(secret "$HOME_DIR/database.keeper") PGOPTIONS='-c client_min_messages=warning' \
    "$(postgres_bin)/psql" -h 127.0.0.1 -p "$(cat "$HOME_DIR/database.port")" -U frenum_keeper -d "$1" -X -v ON_ERROR_STOP=1 -Atq <<<"$2"
}

own_database_url() { # database role password
  echo "jdbc:postgresql://127.0.0.1:$(cat "$HOME_DIR/database.port")/$1?user=$2&password=$3"
}

url_decoded() { local text=${1//+/ }; printf '%b' "${text//%/\\x}"; }

# Of FRENUM_DB_URL, whoever's database it is.
frenum_psql() { # arguments
  (
    local url=${FRENUM_DB_URL#jdbc:postgresql:} parameter
    [[ $url =~ ^//([^:/?]*)(:([0-9]+))?/([^?]*)(\?(.*))?$ ]] || die "FRENUM_DB_URL is no address of a PostgreSQL" "jdbc:postgresql://HOST:PORT/DATABASE?user=…&password=…"
    export PGHOST=${BASH_REMATCH[1]} PGPORT=${BASH_REMATCH[3]:-5432} PGDATABASE; PGDATABASE=$(url_decoded "${BASH_REMATCH[4]}")
    for parameter in ${BASH_REMATCH[6]//&/ }; do
      case $parameter in
        user=*) export PGUSER; PGUSER=$(url_decoded "${parameter#*=}") ;;
        password=*) export PGPASSWORD; PGPASSWORD=$(url_decoded "${parameter#*=}") ;;
        sslmode=*) export PGSSLMODE=${parameter#*=} ;;
      esac
    done
    "$(postgres_bin)/psql" -X -w -v ON_ERROR_STOP=1 "$@"
  )
}

frenum_sql() { frenum_psql -Atq <<<"$1"; }

database_is_up() {
  [[ -s $HOME_DIR/database.port ]] || return 1
  "$(postgres_bin)/pg_isready" -q -t 3 -h 127.0.0.1 -p "$(cat "$HOME_DIR/database.port")"
}

make_cluster() {
  local data; data=$(database_folder)
  say "making a database in $data"
  mkdir -p "$data"
  local password_file; password_file=$(mktemp)
  secret "$HOME_DIR/database.keeper" >"$password_file"
  if [[ $(id -u) = 0 ]]; then chown postgres "$data" "$password_file"; fi
  run_as_postgres "$(postgres_bin)/initdb" -D "$data" -U frenum_keeper -A scram-sha-256 --pwfile="$password_file" \
    -E UTF8 --locale=C.UTF-8 >"$HOME_DIR/database.log" 2>&1 \
    || { rm -f "$password_file"; die "the database could not be made" "read $HOME_DIR/database.log"; }
  rm -f "$password_file"
  only_with_password "$data"
}

# A home that was deleted and made again, as by a new clone in the place of an old one, no longer knows the passwords of
# a database that stood outside of it. Whoever owns the cluster may set new ones, while it is down.
renew_passwords() {
  local data; data=$(database_folder)
  say "the database in $data is kept, with all that is in it; it gets new passwords, since the old ones are gone"
  stop_database
  rm -f "$HOME_DIR/database.made"
  printf "alter role frenum_keeper password '%s'\n" "$(secret "$HOME_DIR/database.keeper")" \
    | (cd / && run_as_postgres "$(postgres_bin)/postgres" --single -D "$data" postgres) >"$HOME_DIR/database.log" 2>&1 \
    || die "the database got no new passwords" "read $HOME_DIR/database.log; without the file $HOME_DIR/database.keeper it is tried again"
}

only_with_password() { # data folder
  printf '# Written by Frenum: nobody comes in without a password.\nhost all all 127.0.0.1/32 scram-sha-256\n' \
    | run_as_postgres tee "$1/pg_hba.conf" >/dev/null
}

# A postmaster that was killed leaves its children behind for a moment; they are waited for.
start_cluster() {
  database_is_up && return 0
  local data; data=$(database_folder)
  [[ -s $HOME_DIR/database.port ]] || free_port >"$HOME_DIR/database.port"
  for _ in 1 2 3 4 5 6; do
    run_as_postgres "$(postgres_bin)/pg_ctl" -D "$data" -w -t 60 -l "$data/server.log" \
      -o "-c listen_addresses=127.0.0.1 -c port=$(cat "$HOME_DIR/database.port") -c unix_socket_directories='' -c max_wal_size=2GB" \
      start >/dev/null 2>&1 || true
    if database_is_up; then return 0; fi
    if tail -n 20 "$data/server.log" 2>/dev/null | grep -qi 'address already in use'; then free_port >"$HOME_DIR/database.port"; fi
    sleep 1
  done
  return 1
}

# Clusters of before had no passwords, and let the server do everything.
is_open() { run_as_postgres grep -qE '^[^#]*\btrust\b' "$(database_folder)/pg_hba.conf"; }

close_what_was_open() {
  local data; data=$(database_folder)
  is_open || return 0
  say "closing the database to all but Frenum, once"
  # A step that was done before a power cut is not done again.
  as_keeper postgres 'select 1' >/dev/null 2>&1 \
    || "$(postgres_bin)/psql" -h 127.0.0.1 -p "$(cat "$HOME_DIR/database.port")" -X -v ON_ERROR_STOP=1 -Atq -U frenum -d postgres \
      <<<"create role frenum_keeper superuser login password '$(secret "$HOME_DIR/database.keeper")'"
  as_keeper postgres "select 1 from pg_roles where rolname = 'frenum_first'" | grep -q 1 \
    || as_keeper postgres "alter role frenum rename to frenum_first; alter role frenum_first nologin"
  only_with_password "$data"
  run_as_postgres "$(postgres_bin)/pg_ctl" -D "$data" reload >/dev/null
  make_database
  as_keeper frenum "do \$\$ declare r record; begin
    for r in select c.oid::regclass as name, c.relkind from pg_class c where c.relnamespace = 'public'::regnamespace
        and c.relkind in ('r', 'S', 'v', 'm') and not exists (select from pg_depend d where d.objid = c.oid and d.deptype in ('a', 'i')) loop
      execute format('alter %s %s owner to frenum', case r.relkind when 'S' then 'sequence' when 'v' then 'view' when 'm' then 'materialized view' else 'table' end, r.name);
    end loop; end \$\$"
}

make_database() {
  local password; password=$(secret "$HOME_DIR/database.password")
  as_keeper postgres "select 1 from pg_roles where rolname = 'frenum'" | grep -q 1 || as_keeper postgres "create role frenum login nosuperuser nocreatedb nocreaterole"
  as_keeper postgres "alter role frenum password '$password'"
  if as_keeper postgres "select 1 from pg_database where datname = 'frenum'" | grep -q 1; then
    as_keeper postgres "alter database frenum owner to frenum"
  else
    make_empty_database frenum
  fi
}

# Nobody but Frenum's own role enters it.
make_empty_database() { # name
  as_keeper postgres "create database $1 owner frenum"
  as_keeper postgres "revoke all on database $1 from public"
}

drop_database() { as_keeper postgres "drop database if exists $1 with (force)"; }

start_database() {
  if ! is_own_database; then
    case $FRENUM_DB_URL in jdbc:*) ;; *) export FRENUM_DB_URL="jdbc:$FRENUM_DB_URL" ;; esac
    return
  fi
  local data; data=$(database_folder)
  postgres_bin >/dev/null || die "PostgreSQL is missing" "apt-get install postgresql"
  if ! run_as_postgres test -f "$data/PG_VERSION"; then make_cluster; elif [[ ! -s $HOME_DIR/database.keeper ]] && ! is_open; then renew_passwords; fi
  start_cluster || die "the database did not start" "read $data/server.log"
  close_what_was_open
  [[ -f $HOME_DIR/database.made ]] || { make_database && touch "$HOME_DIR/database.made"; }
  [[ ! -f $HOME_DIR/restore.going ]] || { say "a restore was cut off; what was there before it is back"; put_back; }
  export FRENUM_DB_IS_PRIVATE=true
  export FRENUM_DB_URL; FRENUM_DB_URL=$(own_database_url frenum frenum "$(secret "$HOME_DIR/database.password")")
}

stop_database() {
  local bin data
  bin=$(postgres_bin) || return 0
  data=$(database_folder)
  run_as_postgres test -f "$data/PG_VERSION" 2>/dev/null || return 0
  run_as_postgres "$bin/pg_ctl" -D "$data" -m fast -w stop >/dev/null 2>&1 || true
}

empty_database() {
  stop_database
  rm -rf "$(database_folder)" "$HOME_DIR"/database.{port,made,keeper,password}
}
