# The encrypted way in: an authority of Frenum's own, made once, which phones come to trust, and a certificate by it for the
# addresses that this machine has today. Neither key leaves the home.

tls_folder() { echo "$HOME_DIR/tls"; }

own_addresses() { hostname -I 2>/dev/null | tr ' ' '\n' | grep -E '^[0-9]+(\.[0-9]+){3}$' || true; }

# What machines beside this one call it, where their network tells names by itself; browsers keep passkeys for names only.
own_name() { hostname -s 2>/dev/null | tr '[:upper:]' '[:lower:]' | sed -n 's/^\([a-z0-9-]\{1,63\}\)$/\1.local/p'; }

make_authority() { # folder
  keytool -genkeypair -alias authority -keyalg EC -groupname secp256r1 -sigalg SHA256withECDSA -validity 3650 \
    -dname "CN=Frenum of $(hostname)" -ext bc:c=ca:true,pathlen:0 -ext ku:c=keyCertSign \
    -keystore "$1/authority.p12" -storetype PKCS12 -storepass:file "$1/password" 2>/dev/null
}

# Anew at every start: the paddock gives other addresses than the workshop does.
make_certificate() { # folder
  local store=(-keystore "$1/frenum.p12" -storetype PKCS12 -storepass:file "$1/password")
  local authority=(-keystore "$1/authority.p12" -storetype PKCS12 -storepass:file "$1/password" -alias authority)
  local names=dns:localhost,ip:127.0.0.1 address name; name=$(own_name)
  for address in $(own_addresses); do names+=,ip:$address; done
  [[ -z $name ]] || names+=,dns:$name
  rm -f "$1/frenum.p12"
  keytool -genkeypair -alias frenum -keyalg EC -groupname secp256r1 -sigalg SHA256withECDSA -validity 90 \
    -dname "CN=Frenum" "${store[@]}" 2>/dev/null
  keytool -exportcert -rfc "${authority[@]}" 2>/dev/null >"$1/authority.pem"
  keytool -certreq -alias frenum "${store[@]}" 2>/dev/null |
    keytool -gencert -rfc -validity 90 -sigalg SHA256withECDSA -ext "san=$names" -ext ku:c=digitalSignature -ext eku=serverAuth \
      "${authority[@]}" 2>/dev/null >"$1/frenum.pem"
  keytool -importcert -noprompt -alias authority -file "$1/authority.pem" "${store[@]}" 2>/dev/null
  cat "$1/frenum.pem" "$1/authority.pem" | keytool -importcert -noprompt -alias frenum "${store[@]}" 2>/dev/null
}

fingerprint() { # folder
  keytool -printcert -file "$1/authority.pem" 2>/dev/null | sed -n 's/^[[:space:]]*SHA256: //p' | head -1
}

open_encrypted() {
  local folder; folder=$(tls_folder)
  (umask 077; mkdir -p "$folder"; secret "$folder/password" >/dev/null
    [[ -s $folder/authority.p12 ]] || make_authority "$folder"
    make_certificate "$folder")
  export FRENUM_TLS_NAME; FRENUM_TLS_NAME=$(own_name)
  export FRENUM_TLS_STORE=$folder/frenum.p12 FRENUM_TLS_PASSWORD_FILE=$folder/password
  export FRENUM_TLS_ADDRESS=${FRENUM_ADDRESS:-0.0.0.0} FRENUM_TLS_PORT=${FRENUM_TLS_PORT:-$((PORT + 1))}
  unset FRENUM_ADDRESS
}

say_how_to_trust() {
  local folder address; folder=$(tls_folder)
  say "for phones and laptops beside this one, encrypted:"
  for address in $(own_addresses); do say "  https://$address:$FRENUM_TLS_PORT"; done
  [[ -z $FRENUM_TLS_NAME ]] || say "  https://$FRENUM_TLS_NAME:$FRENUM_TLS_PORT (for passkeys, where the network tells names)"
  say "their pictures for a camera are under People; how a phone comes to trust this Frenum: /trust"
  say "fingerprint $(fingerprint "$folder")"
}
