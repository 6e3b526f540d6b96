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

# The versions in use, and what the npm registry knows against them where it answers.
dependencies() {
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
    (cd web && npm audit --omit=dev 2>/dev/null | sed -n '1,40p') || echo "The npm registry does not answer such a question here."
  } >"$list"
  mv "$list" docs/dependencies.md
  chmod 644 docs/dependencies.md
  say "docs/dependencies.md"
}
