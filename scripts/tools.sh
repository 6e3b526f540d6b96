# What must be there: a JDK, Maven, Node with npm, PostgreSQL, and for tests Chromium. Each is looked for everywhere it
# may be and taken if it is new enough; else it is installed. A wrong one in PATH is passed over, not tried.

JDK_OLDEST=17
JDK_NEWEST=25
NODE_PACKAGED=22 # the major that is fetched where the release's own Node is too old

at_least() { [[ $(printf '%s\n%s\n' "$1" "$2" | sort -V | head -1) = "$2" ]]; } # version least

# ---------------------------------------------------------------- a JDK

jdk_version() { sed -nE 's/^JAVA_VERSION="([^"]*)"/\1/p' "$1/release" 2>/dev/null; }

jdk_homes() {
  [[ -n ${JAVA_HOME:-} ]] && echo "$JAVA_HOME"
  local javac
  for javac in $(type -aP javac || true); do dirname "$(dirname "$(readlink -f "$javac")")"; done
  ls -d /usr/lib/jvm/*/ 2>/dev/null || true
}

find_jdk() {
  local home version major
  while read -r home; do
    version=$(jdk_version "${home%/}")
    major=${version%%.*}
    if [[ -x ${home%/}/bin/javac && $major =~ ^[0-9]+$ ]] && ((major >= JDK_OLDEST && major <= JDK_NEWEST)); then
      echo "${home%/}"
      return
    fi
  done < <(jdk_homes)
  return 1
}

jdk_package() { # the oldest long-term release that this Debian offers and that serves
  local major
  for major in 17 21 25; do
    if is_offered "openjdk-$major-jdk-headless"; then echo "openjdk-$major-jdk-headless"; return; fi
  done
  die "this release offers no JDK from $JDK_OLDEST to $JDK_NEWEST" "install one, and point JAVA_HOME at it"
}

# Pictures that strangers send are decoded by the JDK, so its age matters.
say_if_jdk_is_old() {
  command -v apt-cache >/dev/null || return 0
  local have newest
  have=$(jdk_version "$JAVA_HOME")
  newest=$(offered "openjdk-${have%%.*}-jdk-headless")
  newest=${newest%%+*}
  newest=${newest%%-*}
  [[ -n $newest ]] || return 0
  at_least "$have" "$newest" || say "the JDK is $have, and Debian has $newest: apt-get upgrade closes its known holes"
}

# ---------------------------------------------------------------- Node

node_serves() { # as Vite asks: 20.19 or later of 20, 22.12 or later
  local version=${1#v}
  case ${version%%.*} in
    20) at_least "$version" 20.19 ;;
    *) at_least "$version" 22.12 ;;
  esac
}

node_arch() { case $(uname -m) in aarch64 | arm64) echo arm64 ;; *) echo x64 ;; esac; }

find_node() { # the folders to put onto PATH
  local node version fetched=$TOOLS_DIR/node_modules
  for node in $(type -aP node || true) "$fetched/node-linux-$(node_arch)/bin/node"; do
    [[ -x $node ]] || continue
    version=$("$node" --version 2>/dev/null) || continue
    node_serves "$version" || continue
    if [[ $node = "$fetched"/* ]]; then
      [[ -x $fetched/.bin/npm ]] || continue
      echo "$(dirname "$node"):$fetched/.bin"
      return
    elif command -v npm >/dev/null; then
      dirname "$node"
      return
    fi
  done
  return 1
}

# The npm registry has Node itself; the release's own npm can fetch it, however old its Node.
fetch_node() {
  say "fetching Node $NODE_PACKAGED: the one of this system is too old for the build"
  mkdir -p "$TOOLS_DIR"
  npm install --prefix "$TOOLS_DIR" --no-save --no-audit --no-fund "node-linux-$(node_arch)@$NODE_PACKAGED" npm@10 \
    >"$TOOLS_DIR/node.log" 2>&1 || fetching_failed "Node $NODE_PACKAGED" "$TOOLS_DIR/node.log"
}

# ---------------------------------------------------------------- the others

postgres_bin() {
  local bin
  bin=$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -1)
  [[ -n $bin && -x $bin/initdb ]] && echo "$bin"
}

wants_postgres() { [[ -z ${FRENUM_DB_URL:-} || ${1:-} = with-browser ]]; }

# ---------------------------------------------------------------- installing

offered() { apt-cache policy "$1" 2>/dev/null | sed -nE '/\(none\)/d; s/^ *Candidate: (.*)/\1/p' || true; } # nothing where it is not
is_offered() { [[ -n $(offered "$1") ]]; }

as_root() { if [[ $(id -u) = 0 ]]; then "$@"; else sudo "$@"; fi; } # sudo asks for the password on the terminal

missing() { # with-browser?
  find_jdk >/dev/null || echo jdk
  command -v mvn >/dev/null || echo maven
  find_node >/dev/null || echo node
  if wants_postgres "${1:-}"; then postgres_bin >/dev/null || echo postgresql; fi
  if [[ ${1:-} = with-browser && ! -x /usr/bin/chromium ]]; then echo chromium; fi
}

install_missing() { # with-browser?
  local gone packages=()
  gone=$(missing "${1:-}")
  if [[ -n $gone ]]; then
    mkdir -p "$TOOLS_DIR"
    if ! only_node_can_be_fetched "$gone"; then install_packages "$gone"; fi
    find_node >/dev/null || fetch_node
    gone=$(missing "${1:-}")
    [[ -z $gone ]] || die "still missing: ${gone//$'\n'/ }" "install it by hand; see README for what serves"
  fi
  JAVA_HOME=$(find_jdk)
  export JAVA_HOME PATH="$JAVA_HOME/bin:$(find_node):$PATH"
  trust_the_proxy
}

only_node_can_be_fetched() { [[ $1 = node ]] && command -v npm >/dev/null; }

install_packages() {
  command -v apt-get >/dev/null || die "missing: ${1//$'\n'/ }" "install these with your system's package manager"
  local log=$TOOLS_DIR/install.log
  can_be_root || die "missing: ${1//$'\n'/ }; installing them takes root, and there is neither sudo nor a terminal to ask on" \
    "run this once as root or with sudo, or have somebody install them"
  as_root apt-get update >"$log" 2>&1 || fetching_failed "the list of packages" "$log"
  local what packages=()
  for what in $1; do
    case $what in
      jdk) packages+=("$(jdk_package)") ;;
      node) packages+=(nodejs npm) ;;
      *) packages+=("$what") ;;
    esac
  done
  say "installing ${packages[*]}"
  as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "${packages[@]}" >>"$log" 2>&1 \
    || fetching_failed "${packages[*]}" "$log"
}

can_be_root() {
  [[ $(id -u) = 0 ]] && return 0
  command -v sudo >/dev/null || return 1
  sudo -n true 2>/dev/null || [[ -t 0 && -t 2 ]]
}

# ---------------------------------------------------------------- what failed, in one line

# Maven reads no https_proxy; Java's own settings say the same.
trust_the_proxy() {
  local proxy=${https_proxy:-${HTTPS_PROXY:-}}
  [[ -n $proxy && ${MAVEN_OPTS:-} != *proxyHost* ]] || return 0
  proxy=${proxy#*://}
  proxy=${proxy%%/*}
  local host=${proxy##*@}
  export MAVEN_OPTS="${MAVEN_OPTS:-} -Dhttps.proxyHost=${host%:*} -Dhttps.proxyPort=${host##*:} -Dhttp.proxyHost=${host%:*} -Dhttp.proxyPort=${host##*:}"
}

fetching_failed() { # what log
  if grep -qE 'PKIX path|unable to find valid certification path|SELF_SIGNED_CERT|UNABLE_TO_(GET_ISSUER|VERIFY)|self.signed certificate|unable to (get|verify)|certificate verif' "$2"; then
    die "$1 could not be fetched: the certificate of the connection is not trusted (a company's proxy?)" \
      "put the company's certificate into /usr/local/share/ca-certificates and run update-ca-certificates (Java and apt), and name it in NODE_EXTRA_CA_CERTS (npm); $2 says more"
  elif grep -qE 'Proxy Authentication|[^0-9]407[^0-9]' "$2"; then
    die "$1 could not be fetched: the proxy wants a name and a password" "put them into https_proxy; $2 says more"
  elif grep -qiE 'UnknownHost|EAI_AGAIN|ENOTFOUND|ECONNREFUSED|ETIMEDOUT|Could not resolve|Temporary failure|Connection refused|timed out|No route to host|Network is unreachable' "$2"; then
    die "$1 could not be fetched: no way to the package registry" "is there a network, and does it want a proxy (https_proxy)? $2 says more"
  elif grep -qi 'no space left' "$2"; then
    die "$1 could not be stored: the disk is full" "make room, then try again"
  fi
  grep -E 'ERROR|^E: |npm (error|ERR!)' "$2" | head -5 >&2 || true
  die "$1 failed" "read $2"
}
