# Runs the tests: everything, one stage, what a change touches, or everything under hard conditions. Sourced by ../gyrotaxis.

results=$here/.local/tests
modules=testing,core,server,e2e,bench
# Set by --hard: the time that a stage's clock shows when it begins, and what is added to Maven's command and to Vitest's.
starts_at=
maven_extra=()
vitest_extra=()

# by_its_clock COMMAND…: runs it; if a time is set, by a clock that shows it now. Files keep their times, and waiting goes by the
# clock that nobody sets.
by_its_clock() {
  if [ -z "$starts_at" ]; then
    "$@"
    return
  fi
  FAKETIME=$(printf '%+d' $(($(date -d "$starts_at" +%s) - $(date +%s)))) FAKETIME_DONT_FAKE_MONOTONIC=1 \
    FAKETIME_FORCE_MONOTONIC_FIX=0 NO_FAKE_STAT=1 LD_PRELOAD=$(echo /usr/lib/*/faketime/libfaketimeMT.so.1) "$@"
}

maven() { by_its_clock mvn -B -ntp "$@" "${maven_extra[@]}"; }

# What the stages need: everything compiled, the front end built, and our modules where Maven finds them.
compile() {
  mvn -q -B -ntp -T 2 -DskipTests -Dspring-boot.repackage.skip -Dspring-boot.aot.skip install -pl .,testing,core,web,server &&
    mvn -q -B -ntp test-compile -pl e2e,bench
}

java_format() { mvn -q -B -ntp spotless:check -pl "$modules"; }

page_checks() {
  (cd web && npm run --silent api:check && npm run --silent types && npm run --silent lint && npm run --silent format:check)
}

page_tests() {
  (cd web && NO_COLOR=1 by_its_clock npx vitest run --reporter=default --reporter=junit --outputFile.junit=target/reports/page.xml \
    "${vitest_extra[@]}" "$@")
}

core_tests() { maven surefire:test -pl testing,core "$@"; }
server_tests() { maven surefire:test -pl server "$@"; }
browser_tests() { maven surefire:test -pl e2e "$@"; }

# begin STAGE COMMAND…: runs a stage in the background, and notes how it ended, how long it took and its CPU time.
begin() {
  local name=$1
  shift
  say "begins: $name"
  (
    local begun=$SECONDS code=0 TIMEFORMAT='%U %S'
    { time "$@" >"$results/$name.log" 2>&1 || code=$?; } 2>"$results/$name.cpu"
    printf '%s %s %s\n' "$code" $((SECONDS - begun)) "$(tail -n 1 "$results/$name.cpu")" >"$results/$name.end"
    say "ended:  $name after $((SECONDS - begun)) s$([ $code = 0 ] || printf ', with failures')"
  ) &
  running=$!
}

# still_running STAGE…: every minute, one line about all stages that go on. Ends soon after the file "over" is there.
still_running() {
  local seconds=0
  while sleep 2 && [ -d "$results" ] && [ ! -f "$results/over" ]; do
    seconds=$((seconds + 2))
    [ $((seconds % 60)) = 0 ] || continue
    local line=
    for name in "$@"; do
      if [ -f "$results/$name.log" ] && [ ! -f "$results/$name.end" ]; then
        line="$line  $name: $(grep -cE 'Tests run:.* -- in |(✓|❯).*tests?\)' "$results/$name.log" || true) files done"
      fi
    done
    [ -z "$line" ] || say " $line"
  done
}

report() { java "$here/scripts/TestReport.java" "$here" "$results" "$@"; }

# Every stage runs, whatever became of the others; those that need what was not compiled are told as not run. Fails if one of them did.
test_all() {
  rm -rf "$results" web/target/reports {testing,core,server,e2e}/target/surefire-reports
  mkdir -p "$results"
  need_build_tools
  need_browser
  sh web/scripts/install.sh all
  still_running page core server browser &
  local compiled=yes page core checks format server browser
  begin page page_tests; page=$running
  begin compile compile; wait "$running"
  read -r code _ <"$results/compile.end"
  [ "$code" = 0 ] || compiled=no
  begin java-format java_format; format=$running
  if [ $compiled = yes ]; then begin core core_tests; core=$running; fi
  wait "$page" "$format"
  # Not beside the browser's tests, where lint takes many minutes.
  begin page-checks page_checks; checks=$running
  wait "$checks" ${core:+"$core"}
  if [ $compiled = yes ]; then
    begin server server_tests; server=$running
    begin browser browser_tests; browser=$running
    wait "$server" "$browser"
  fi
  touch "$results/over"
  report compile java-format page-checks page core server browser
}

# test_stage STAGE [WHICH]: one stage, or one test of it.
test_stage() {
  local stage=$1 which=${2:-}
  need_build_tools
  sh web/scripts/install.sh all
  case $stage in
    page) if [ -n "$which" ]; then page_tests "${which%%#*}" ${which#*#}; else page_tests; fi ;;
    core | server | browser)
      [ $stage != browser ] || need_browser
      compile
      "${stage}_tests" ${which:+-Dtest="$which"}
      ;;
    *) die "the stages are page, core, server and browser" ;;
  esac
}

# --- what a change touches ---------------------------------------------------------------------------------

# check [BASE]: formatting, lint, types, and the tests of the packages and files that differ from BASE (usually the last commit).
check() {
  local base=${1:-HEAD} changed failed=0 java page module
  changed=$( (git diff --name-only "$base"; git ls-files --others --exclude-standard) | sort -u)
  java=$(grep -E '^(testing|core|server|e2e|bench)/.*\.java$' <<<"$changed" || true)
  page=$(grep -E '^web/src/.*\.(ts|tsx|css)$' <<<"$changed" || true)
  [ -n "$java$page" ] || { say "Nothing to check: no source differs from $base."; return; }
  need_build_tools
  if [ -n "$page" ]; then
    sh web/scripts/install.sh all
    local files
    mapfile -t files < <(sed 's#^web/##' <<<"$page" | while read -r f; do [ ! -f "web/$f" ] || printf '%s\n' "$f"; done)
    (cd web && npx prettier --check --log-level warn "${files[@]}" && npm run --silent types &
      cd web && npx eslint --max-warnings 0 --no-warn-ignored "${files[@]}" && npx vitest related --run "${files[@]}" && wait $!) || failed=1
  fi
  if [ -n "$java" ]; then
    local patterns
    module=$( (printf 'testing\ncore\n'; cut -d/ -f1 <<<"$java") | sort -u | paste -sd,)
    patterns=$(java_tests "$java" | paste -sd,)
    # A server needs the front end's jar, of whatever day.
    [ -d ~/.m2/repository/gyrotaxis/gyrotaxis-web ] || compile
    mvn -q -B -ntp spotless:check -pl "$module" -DspotlessFiles="$(sed 's#.*/#.*#' <<<"$java" | paste -sd,)" || failed=1
    mvn -q -B -ntp -Dspring-boot.repackage.skip -Dspring-boot.aot.skip -Dsurefire.failIfNoSpecifiedTests=false \
      test -pl "$module" -Dtest="$patterns" || failed=1
  fi
  [ $failed = 0 ] && say "All is well." || die "something is wrong; see above"
}

# java_tests FILES: patterns of the tests that look at these files: those of their package.
java_tests() {
  local file package name
  while read -r file; do
    package=$(sed -n 's#.*/java/\(.*\)/[^/]*$#\1#p' <<<"$file")
    case $file in
      # Each of the browser's tests takes long: only those that were changed themselves.
      e2e/* | */src/test/*Test.java)
        name=${file##*/}
        printf '%s/%s\n' "$package" "${name%.java}"
        continue
        ;;
    esac
    printf '%s/*Test\n' "$package"
    case $file in
      core/*) printf 'gyrotaxis/core/ArchitectureTest\n' ;;
      server/*) printf 'gyrotaxis/server/StructureTest\n' ;;
    esac
  done <<<"$1" | sort -u
}

# --- hard conditions ---------------------------------------------------------------------------------------

# test_hard [ROUND…]: three rounds of everything, or those that are named: in another order, in other zones, by a clock that passes
# midnight or is put forward or back meanwhile, with two busy loops beside it. Nothing is tried again.
test_hard() {
  local round zone start seed loops=() rounds=(
    'Pacific/Auckland 2027-05-11T23:58:00'
    'America/St_Johns 2027-03-14T01:55:00'
    'Pacific/Auckland 2027-04-03T23:58:00'
  )
  [ $# -gt 0 ] || set -- 1 2 3
  for round in "$@"; do
    [[ $round =~ ^[1-3]$ ]] || die "the rounds are 1, 2 and 3"
  done
  need faketime faketime
  local summary=$here/.local/hard.txt all=0
  mkdir -p "$here/.local"
  : >"$summary"
  for _ in 1 2; do
    (while :; do :; done) &
    loops+=($!)
  done
  trap 'kill "${loops[@]}" 2>/dev/null' EXIT
  for round in "$@"; do
    read -r zone start <<<"${rounds[round - 1]}"
    seed=$((RANDOM + 1))
    export TZ=$zone
    starts_at=${start/T/ }
    maven_extra=(-Dsurefire.runOrder=random -Dsurefire.runOrder.random.seed=$seed -Djunit.jupiter.execution.order.random.seed=$seed
      '-Djunit.jupiter.testclass.order.default=org.junit.jupiter.api.ClassOrderer$Random'
      '-Djunit.jupiter.testmethod.order.default=org.junit.jupiter.api.MethodOrderer$Random')
    vitest_extra=(--sequence.shuffle.files --sequence.shuffle.tests --sequence.seed=$seed)
    say "Round $round: $zone, from $start, order $seed"
    local code=0 begun=$SECONDS
    test_all || code=1
    all=$((all + code))
    printf '| %s | %s | %s | %s | %s | %s |\n' "$round" "$zone" "${start/T/ }" "$seed" \
      "$(tail -n 1 "$results/summary.txt")" "$((SECONDS - begun)) s" >>"$summary"
    cp "$results/summary.txt" "$here/.local/hard-$round.txt"
  done
  trap - EXIT
  kill "${loops[@]}"
  say '| round | zone | from | order | tests | took |'
  say '|---|---|---|---|---|---|'
  cat "$summary"
  [ $all = 0 ]
}
