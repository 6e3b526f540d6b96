# Builds what a command needs, once; a step that is finished carries the versions it was finished with.

VERSION=0.1.0
standin_jar() { echo "$ROOT/standin/target/standin-$VERSION-app.jar"; }
server_jar() { echo "$ROOT/server/target/server-$VERSION-app.jar"; }
cli_jar() { echo "$ROOT/cli/target/cli-$VERSION-app.jar"; }

newest_source() {
  find pom.xml .mvn core formats standin cli server web -type f \
    \( -name '*.java' -o -name '*.xml' -o -name '*.html' -o -name '*.properties' -o -name '*.sql' -o -name '*.yaml' -o -name '*.json' -o -name '*.ts' -o -name '*.tsx' -o -name '*.css' -o -name '*.mjs' \) \
    -not -path '*/target/*' -not -path '*/node_modules/*' -not -path '*/dist/*' -not -path '*/src/test/*' -newer "$1" -print -quit
}

tool_versions() { echo "jdk $(jdk_version "$JAVA_HOME"), node $(node --version), npm $(npm --version)"; }

is_built() { # jar
  [[ -f $1 && -z $(newest_source "$1") && $(cat "$1.made-with" 2>/dev/null) = "jdk $(jdk_version "$JAVA_HOME")" ]]
}

build() { # jar module
  local jar=$1 module=$2
  # The tests have just built it, in the same run of Maven.
  if [[ -n ${FRENUM_BUILT:-} ]] || is_built "$jar"; then return; fi
  say "building (a few minutes the first time) with $(tool_versions)"
  mkdir -p "$HOME_DIR"
  touch "$HOME_DIR/build.began"
  # One step per line, so that a person sees it move.
  mvn -B -ntp install -DskipTests -pl "$module" -am >"$HOME_DIR/build.log" 2>&1 &
  local pid=$! shown='' step
  while kill -0 $pid 2>/dev/null; do
    step=$(grep -oE 'Building Frenum [a-z0-9 ]*[a-z]' "$HOME_DIR/build.log" 2>/dev/null | tail -1 || true)
    if [[ -n $step && $step != "$shown" ]]; then say "  ${step,}"; shown=$step; fi
    sleep 1
  done
  wait $pid || fetching_failed "the build" "$HOME_DIR/build.log"
  # What was edited while it was built is not in it.
  touch -r "$HOME_DIR/build.began" "$jar"
  echo "jdk $(jdk_version "$JAVA_HOME")" >"$jar.made-with"
}

# ---------------------------------------------------------------- a fast start

# The server unpacked, and an archive of its loaded classes made by one start of it: together they take most of the time
# out of every later start. The archive serves only the very jar and JDK that it was made with.
app_folder() { echo "$ROOT/server/target/app"; }
app_jar() { echo "$(app_folder)/server-$VERSION-app.jar"; }
class_archive() { echo "$(app_folder)/classes.jsa"; }

unpack_server() {
  local made; made="jdk $(jdk_version "$JAVA_HOME"), $(cksum <"$(server_jar)")"
  if [[ $(cat "$(app_folder)/made-with" 2>/dev/null) = "$made" ]]; then return; fi
  say "preparing a fast start (once after each build)"
  rm -rf "$(app_folder)"
  java -Djarmode=tools -jar "$(server_jar)" extract --destination "$(app_folder)" >"$HOME_DIR/unpack.log" 2>&1 \
    || die "the server could not be unpacked" "read $HOME_DIR/unpack.log"
  archive_classes || say "no archive of classes could be made; starts are slower, and nothing else"
  echo "$made" >"$(app_folder)/made-with"
}

# Starts the server once on any free port, without demo data, asks it for a page, and ends it.
archive_classes() {
  local home; home=$(mktemp -d)
  FRENUM_HOME=$home FRENUM_PORT=0 FRENUM_ADDRESS=127.0.0.1 FRENUM_DEMO=false FRENUM_STANDIN_CODE='' \
    java "${SERVER_OPTIONS[@]}" -XX:ArchiveClassesAtExit="$(class_archive)" -jar "$(app_jar)" >"$home/out" 2>"$home/log" &
  local pid=$! port='' tries=0
  until port=$(sed -nE 's/^Frenum is ready: .*:([0-9]+)$/\1/p' "$home/out" 2>/dev/null) && [[ -n $port ]]; do
    kill -0 $pid 2>/dev/null && ((++tries < 600)) || { kill -9 $pid 2>/dev/null || true; rm -rf "$home"; return 1; }
    sleep 0.2
  done
  local page
  for page in / /api/tests /api/vehicles /api/procedures /actuator/health; do http_status "$port" "$page" >/dev/null || true; done
  kill $pid
  wait $pid || true
  rm -rf "$home"
  [[ -s $(class_archive) ]]
}
