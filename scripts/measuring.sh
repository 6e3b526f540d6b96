# What is known of the tests and of what the project is built with; none of it is part of every test run.

coverage() {
  mvn -B -ntp -Pcoverage install -pl core,formats,cli,server -am -Dweb.skipTests=true
  say "reports: {core,formats,cli,server}/target/site/jacoco/index.html"
}

# Changes the computation in thousands of small ways and asks whether a test of the core notices each.
mutate() {
  mvn -B -ntp -Pmutate test-compile org.pitest:pitest-maven:mutationCoverage -pl core
  say "the score of each package is in docs/accuracy.md; this run's in core/target/pit-reports/index.html"
}

# Prints the tables of docs/accuracy.md: so many logs of each kind.
accuracy() {
  mvn -B -ntp -q -pl core test-compile org.codehaus.mojo:exec-maven-plugin:java -Dexec.classpathScope=test \
    -Dexec.mainClass=app.frenum.core.accuracy.LogAccuracy -Dexec.args="$1"
}

# What everything is made of, as CycloneDX: target/sbom/server.json and pages.json.
bill_of_materials() {
  mkdir -p target/sbom
  mvn -B -ntp -q org.cyclonedx:cyclonedx-maven-plugin:2.9.1:makeAggregateBom -DoutputFormat=json -DoutputName=server \
    -DoutputDirectory="$ROOT/target/sbom" -DincludeTestScope=false >/dev/null || die "the bill of materials of the server could not be made"
  (cd web && npm_config_omit=optional npx --yes "@cyclonedx/cyclonedx-npm@6.0.1" --omit dev --output-format JSON --output-file "$ROOT/target/sbom/pages.json" >/dev/null 2>&1) \
    || die "the bill of materials of the pages could not be made" "npm ci in web/"
  say "target/sbom/server.json and pages.json"
}

known_against_pages() {
  local answer
  if answer=$(cd web && npm audit --omit=dev --json 2>/dev/null) && [[ $answer = *'"vulnerabilities"'* ]]; then
    echo "npm's registry knows nothing against the pages' packages that run."
  elif [[ ${answer:-} = *'"vulnerabilities"'* ]]; then
    echo "npm's registry knows this against the pages' packages:"
    (cd web && npm audit --omit=dev 2>/dev/null | sed -n '1,40p') || true
  else
    echo "npm's registry does not answer such a question here: the pages' packages were not checked."
  fi
}

# The versions in use, and what the npm registry knows against them where it answers.
dependencies() {
  bill_of_materials
  local list; list=$(mktemp)
  {
    echo "# What Frenum is built with"
    echo
    echo "Made by \`./frenum dependencies\` on $(date -u +%F). Licences: /notices.txt and /third-party.txt of a running server."
    echo
    echo "## Server, core and command line"
    echo
    mvn -B -ntp dependency:list -DincludeScope=runtime -DexcludeGroupIds=app.frenum -pl server,cli 2>/dev/null \
      | sed -nE 's/^\[INFO\] +([^: ]+):([^:]+):jar:([^:]+):(compile|runtime).*/| \1:\2 | \3 |/p' | sort -u | sed '1i | library | version |\n|---|---|'
    echo
    echo "## Pages"
    echo
    echo "| package | version |"
    echo "|---|---|"
    (cd web && node -e '
      const lock = require("./package-lock.json").packages, own = lock[""];
      for (const n of Object.keys({ ...own.dependencies, ...own.devDependencies }).sort())
        console.log(`| ${n} | ${lock["node_modules/" + n].version} |`);')
    echo
    echo "## Known against them"
    echo
    known_against_pages
    echo
    echo "No list of advisories ships with a package of Maven's: what is known against the server's libraries was not checked here."
    echo "The bill of materials (\`target/sbom/server.json\`, CycloneDX) is for whoever has such a list."
  } >"$list"
  mv "$list" docs/dependencies.md
  chmod 644 docs/dependencies.md
  say "docs/dependencies.md"
}

# Looks for bytes that a reader neither reads nor refuses in words, a minute for each format, by what the code passes through.
fuzz() {
  mvn -B -ntp -q install -DskipTests -Dweb.skipTests=true -pl formats,server -am
  local entry module failed=0
  for entry in $(grep -lr '@FuzzTest' formats/src/test server/src/test); do
    module=${entry%%/*}
    for method in $(grep -A1 '@FuzzTest' "$entry" | sed -nE 's/^ *void ([a-zA-Z0-9]+)\(.*/\1/p'); do
      local log=$HOME_DIR/fuzz-$method.log
      if JAZZER_FUZZ=1 mvn -B -ntp surefire:test -pl "$module" -Dtest="$(basename "$entry" .java)#$method" >"$log" 2>&1; then
        say "$method: $(grep -oE 'Done [0-9]+ runs' "$log" | tail -1 | tr -dc 0-9) inputs, nothing found"
      else
        say "$method: FOUND SOMETHING; read $log"
        failed=1
      fi
    done
  done
  return $failed
}
