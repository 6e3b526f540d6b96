# Tries the README's commands where nothing is installed and nothing cached: in a folder that debootstrap makes, from a
# clone of the last commit, timing each step. As root.

BARE=${FRENUM_BARE:-/var/tmp/frenum-bare}

bare_machine() { # [12|13] [demo|test]
  [[ $(id -u) = 0 ]] || die "this makes a Debian in a folder and enters it, which only root may" "run it with sudo"
  command -v debootstrap >/dev/null || die "debootstrap is missing" "apt-get install debootstrap"
  local releases=(12 13) commands=(demo test) word release command
  for word in "$@"; do
    case $word in
      12 | 13) releases=("$word") ;;
      demo | test) commands=("$word") ;;
      *) die "\"$word\" is neither 12 or 13, nor demo or test" "./frenum help" ;;
    esac
  done
  for release in "${releases[@]}"; do
    for command in "${commands[@]}"; do (in_bare_machine "$release" "$command") || die "Debian $release: $command failed" "read $BARE/$release/root/frenum/.frenum"; done
  done
}

release_name() { case $1 in 12) echo bookworm ;; 13) echo trixie ;; esac; }

timed() { # words command...
  local words=$1 began=$SECONDS code=0
  shift
  "$@" || code=$?
  say "Debian $RELEASE, $words: $(((SECONDS - began) / 60)) min $(((SECONDS - began) % 60)) s$([[ $code = 0 ]] || echo ', failed')"
  return $code
}

in_bare_machine() { # release command
  RELEASE=$1
  local command=$2 base=$BARE/base-$1
  MACHINE=$BARE/$1
  trap leave_machine EXIT
  leave_machine
  [[ -f $base/.complete ]] || timed "debootstrap --variant=minbase" make_base "$base" || return 1
  remove_machine || return 1
  cp -a "$base" "$MACHINE"
  git clone -q "$ROOT" "$MACHINE/root/frenum"
  take_certificates_along
  mount -t proc proc "$MACHINE/proc"
  if [[ $command = test ]]; then timed "./frenum test from nothing" inside "./frenum test"; return; fi
  timed "./frenum demo from nothing" inside "FRENUM_PORT=8499 ./frenum demo --detach" || return 1
  timed "stopped and started again" inside "FRENUM_PORT=8499 ./frenum stop && FRENUM_PORT=8499 ./frenum demo --detach" || return 1
  inside "FRENUM_PORT=8499 ./frenum stop"
}

make_base() {
  rm -rf "$1"
  mkdir -p "$1"
  debootstrap --variant=minbase "$(release_name "$RELEASE")" "$1" >"$BARE/debootstrap.log" 2>&1 || return 1
  touch "$1/.complete"
}

# What the machine itself trusts beyond Debian's certificates, such as its company's, it trusts in there as well.
take_certificates_along() {
  cp /etc/resolv.conf "$MACHINE/etc/resolv.conf"
  mkdir -p "$MACHINE/usr/local/share/ca-certificates"
  cp /usr/local/share/ca-certificates/*.crt "$MACHINE/usr/local/share/ca-certificates/" 2>/dev/null || true
}

inside() {
  local kept=(HOME=/root PATH=/usr/local/sbin:/usr/local/bin:/usr/sbin:/usr/bin:/sbin:/bin TERM=dumb LANG=C.UTF-8)
  [[ -n ${NODE_EXTRA_CA_CERTS:-} ]] && kept+=(NODE_EXTRA_CA_CERTS=/etc/ssl/certs/ca-certificates.crt)
  [[ -n ${https_proxy:-} ]] && kept+=("https_proxy=$https_proxy")
  chroot "$MACHINE" /usr/bin/env -i "${kept[@]}" /bin/bash -c "cd /root/frenum && $1"
}

leave_machine() {
  [[ -d $MACHINE/root/frenum ]] && inside "./frenum stop" >/dev/null 2>&1
  umount "$MACHINE/proc" 2>/dev/null || true
}

# Nothing that is mounted in there may go with it: debootstrap makes device files of its own, so that none of the
# machine's are needed, and what is still mounted is not touched.
remove_machine() {
  if grep -qF " $MACHINE/" /proc/mounts; then say "something is still mounted in $MACHINE"; return 1; fi
  rm -rf --one-file-system "$MACHINE"
}
