# Runs the server and keeps it running: whoever ends it without "stop", be it a kill or a memory that is full, finds it
# started again, and its private database too.

# The archive of classes is mapped where it was made for, which saves moving it at every start.
SERVER_OPTIONS=(-Xmx512m -XX:+UseSerialGC -XX:+ExitOnOutOfMemoryError -XX:+UnlockDiagnosticVMOptions -XX:ArchiveRelocationMode=0)
READY='^Frenum is ready'

# The status that an address of the server answers with; fails where nobody answers.
http_status() { # port path
  local line=''
  exec 4<>"/dev/tcp/127.0.0.1/$1" || return 1
  printf 'GET %s HTTP/1.0\r\nHost: 127.0.0.1:%s\r\n\r\n' "$2" "$1" >&4
  read -r -t 5 line <&4 || true
  exec 4>&- 4<&-
  [[ $line =~ ^HTTP/1\.[01]\ ([0-9]+) ]] && echo "${BASH_REMATCH[1]}"
} 2>/dev/null

answers() { [[ $(http_status "$PORT" /actuator/health) = 200 ]]; }

# A killed process may linger as a zombie where nobody reaps it; that is not alive.
is_alive() { # pid file
  [[ -s $1 ]] && lives "$(cat "$1")"
}

lives() { # pid
  local state; state=$(cut -d ' ' -f 3 "/proc/$1/stat" 2>/dev/null) || return 1
  [[ $state != Z ]]
}

end_process() { # pid file
  if is_alive "$1"; then
    local pid; pid=$(cat "$1")
    kill "$pid" 2>/dev/null || true
    for _ in $(seq 100); do is_alive "$1" || break; sleep 0.1; done
    if is_alive "$1"; then kill -9 "$pid" 2>/dev/null || true; fi
  fi
  rm -f "$1"
}

stop() {
  end_process "$HOME_DIR/keeper.pid"
  end_process "$HOME_DIR/standin.pid"
  end_process "$HOME_DIR/server.pid"
  stop_database
}

# ---------------------------------------------------------------- the keeper

start_server() {
  local archive=()
  [[ -s $(class_archive) ]] && archive=(-XX:SharedArchiveFile="$(class_archive)" -Xshare:auto)
  FRENUM_HOME=$HOME_DIR FRENUM_PORT=$PORT java "${SERVER_OPTIONS[@]}" "${archive[@]}" -jar "$(app_jar)" \
    >>"$HOME_DIR/server.out" 2>>"$HOME_DIR/server.log" </dev/null &
  SERVER=$!
  echo $SERVER >"$HOME_DIR/server.pid"
}

times_ready() { grep -c "$READY" "$HOME_DIR/server.out" || true; }

# A home that was deleted, or made anew by a clone in the place of the old one, has nothing to do with this server any
# more, and must not find its port taken by it.
end_if_home_is_gone() {
  if [[ $(cat "$HOME_DIR/keeper.pid" 2>/dev/null) = "$$" ]]; then return; fi
  kill -9 "$SERVER" 2>/dev/null || true
  exit 0
}

# Watches until the server has ended, keeping its database up and ending a server that was ready and answers no more.
watch_server() { # how often one was ready before this
  local silent=0 seconds=0
  while lives "$SERVER"; do
    sleep 1
    end_if_home_is_gone
    if ((++seconds % 60 == 0 && $(times_ready) > $1)); then (flock -n 9 && backup_if_due) 9>"$HOME_DIR/backup.lock" & fi
    if is_own_database && ! database_is_up; then
      say "the database has ended; starting it again"
      start_cluster || say "the database does not start; read $(database_folder)/server.log"
    fi
    if (($(times_ready) > $1)) && ! http_status "$PORT" /actuator/health >/dev/null; then
      ((++silent < 20)) || { say "the server answers no more; ending it"; kill -9 "$SERVER" 2>/dev/null || true; }
    else
      silent=0
    fi
  done
}

# One that never was ready is not tried again; one that was, a few times.
keep() {
  trap 'exit 0' TERM INT
  echo $$ >"$HOME_DIR/keeper.pid"
  local before failed=0
  while true; do
    before=$(times_ready)
    start_server
    watch_server "$before"
    if (($(times_ready) > before)); then failed=0; else failed=$((failed + 1)); fi
    if ((failed > 5)) || ((failed > 0 && before == 0)); then
      say "the server does not start"
      exit 1
    fi
    say "the server has ended; starting it again"
  done
}

# ---------------------------------------------------------------- the made-up devices

# They are paired with a code that nobody else knows, which stands in no list of processes.
standin_code() {
  local file=$HOME_DIR/standin.code
  [[ -s $file ]] || (umask 077; head -c 9 /dev/urandom | base64 | tr '+/' 'AB' | tr '[:lower:]' '[:upper:]' >"$file")
  cat "$file"
}

start_standin() {
  end_process "$HOME_DIR/standin.pid"
  free_port >"$HOME_DIR/standin.port"
  FRENUM_STANDIN_CODE=$(standin_code) FRENUM_STANDIN_KEY=$(secret "$HOME_DIR/standin.key") \
    setsid java -Xmx128m -XX:+UseSerialGC -XX:TieredStopAtLevel=1 -jar "$(standin_jar)" \
    --server "ws://127.0.0.1:$PORT/device" --control "$(cat "$HOME_DIR/standin.port")" --mast --logger --thermometer --rollers \
    >"$HOME_DIR/standin.log" 2>&1 </dev/null &
  echo $! >"$HOME_DIR/standin.pid"
}

# Tells the made-up car what to do wrong.
fault() {
  [[ -s $HOME_DIR/standin.pid && -s $HOME_DIR/standin.port ]] || die "no made-up car is running" "./frenum demo starts one"
  exec 3<>"/dev/tcp/127.0.0.1/$(cat "$HOME_DIR/standin.port")" || die "the made-up car does not answer" "./frenum stop, then ./frenum demo"
  printf 'POST /%s HTTP/1.0\r\nFrenum-Key: %s\r\nContent-Length: 0\r\n\r\n' "${1:-}" "$(secret "$HOME_DIR/standin.key")" >&3
  sed '1,/^\r$/d' <&3
}

# ---------------------------------------------------------------- demo and run

run() { # demo|run options
  local demo=false detach=false fresh=false tls=false option
  [[ $1 = demo ]] && demo=true
  shift
  for option in "$@"; do
    case $option in
      --detach) detach=true ;;
      --tls) $demo && die "the demo has people without passwords, and stays on this machine" "./frenum run --tls"; tls=true ;;
      --fresh) $demo || die "--fresh is for the demo only" "delete $HOME_DIR yourself if you mean it"; fresh=true ;;
      *) die "\"$option\" is not an option of this command" "./frenum help" ;;
    esac
  done
  make_home
  if is_alive "$HOME_DIR/keeper.pid" && ! $fresh; then
    if runs_already; then return; fi
    say "it was started, and does not answer; starting it again"
  fi
  if [[ -s $HOME_DIR/keeper.pid || -s $HOME_DIR/server.pid ]]; then stop; fi
  install_missing
  build "$(server_jar)" server
  if $demo; then build "$(standin_jar)" standin; fi
  if $fresh; then
    [[ -z ${FRENUM_DB_URL:-} ]] || die "--fresh will not empty a database of your own" "empty it yourself, or unset FRENUM_DB_URL"
    empty_database
    rm -rf "$HOME_DIR/uploads"
  fi
  start_database
  unpack_server
  backup_before_upgrade
  if $tls; then open_encrypted; fi
  start_and_wait $demo
  if $demo; then start_standin; fi
  say_if_jdk_is_old &
  grep -h "$READY" "$HOME_DIR/server.out" | tail -1
  if $tls; then say_how_to_trust; fi
  $detach && { trap - INT TERM; return; }
  wait "$(cat "$HOME_DIR/keeper.pid")" || true
  stop
}

# Whoever starts it twice is told where it is; one that has just been killed gets the time to come back.
runs_already() {
  for _ in $(seq 60); do
    if answers; then
      say "already running; ./frenum stop ends it"
      grep -h "$READY" "$HOME_DIR/server.out" | tail -1
      return 0
    fi
    is_alive "$HOME_DIR/keeper.pid" || return 1
    sleep 1
  done
  return 1
}

start_and_wait() { # demo?
  : >"$HOME_DIR/server.out"
  : >"$HOME_DIR/server.log"
  export FRENUM_DEMO=$1 FRENUM_STANDIN_CODE=''
  if $1; then FRENUM_STANDIN_CODE=$(standin_code); fi
  setsid bash "$ROOT/frenum" keep >>"$HOME_DIR/keeper.log" 2>&1 </dev/null &
  echo $! >"$HOME_DIR/keeper.pid"
  trap 'stop; exit 130' INT TERM
  until grep -q "$READY" "$HOME_DIR/server.out"; do
    if ! is_alive "$HOME_DIR/keeper.pid"; then
      grep -hE 'already in use|Caused by|ERROR|newer Frenum|not opened to a network|Start it (once|with)' "$HOME_DIR/server.out" "$HOME_DIR/server.log" | head -5 >&2 || true
      stop
      die "the server did not start" "read $HOME_DIR/server.out; is port $PORT taken? Set FRENUM_PORT to another"
    fi
    sleep 0.1
  done
}

# Browser tests, screenshots and measurements need a database of their own, which they may fill.
with_scratch_database() {
  install_missing with-browser
  HOME_DIR=$ROOT/.frenum-$1
  shift
  unset FRENUM_DB_URL
  stop_database
  rm -rf "$(database_folder)" "$HOME_DIR"
  make_home
  trap 'stop_database; rm -rf "$(database_folder)"' EXIT
  start_database
  as_keeper postgres "alter role frenum createdb" # each test has a database of its own
  export FRENUM_HOME=$HOME_DIR PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1
  "$@"
}

# From command to ready line, of a server that was started before.
bench_start() {
  PORT=$(free_port)
  build "$(server_jar)" server
  unpack_server
  unset FRENUM_DB_URL FRENUM_DB_IS_PRIVATE
  export FRENUM_PORT=$PORT
  local began i
  for i in 1 2 3; do
    began=$EPOCHREALTIME
    "$ROOT/frenum" run --detach >/dev/null 2>&1
    say "start $i: $((${EPOCHREALTIME/[.,]/} / 1000 - ${began/[.,]/} / 1000)) ms"
    "$ROOT/frenum" stop 2>/dev/null
  done
}

# Runs one of the e2e module's programs, everything below it freshly built.
in_e2e() {
  mvn -B -ntp -q install -DskipTests -pl e2e -am
  mvn -B -ntp -q install -DskipTests -pl e2e "-P$@"
}
