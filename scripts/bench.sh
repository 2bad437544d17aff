# Measurements, and checks that take longer than the tests. Sourced by ../gyrotaxis.

# measure_browser CLASS PROPERTY…: a measurement of the whole product, with its browser.
measure_browser() {
  local class=$1
  shift
  need_browser
  mvn -q -B -ntp -DskipTests install -pl .,testing,core,web,server
  exec mvn -q -B -ntp test -pl e2e -Dtest="$class" "$@"
}

# jmh ARGUMENT…: the benchmarks of the core, or those whose names match.
jmh() {
  mvn -q -B -ntp -DskipTests install -pl .,testing,core
  exec mvn -q -B -ntp compile exec:exec -pl bench -Dexec.executable=java -Dexec.args="-cp %classpath org.openjdk.jmh.Main $*"
}

# --- two builds in turns -----------------------------------------------------------------------------------

compare_rounds=3
# What is measured unless something else is named: a plan with its findings, the cover, the fewest loops.
compare_usually='planOnAKnownHead|planOnAHeadJustMeasured|wornDown|fewestLoops'
# Short turns on one head, so that both builds see the same minute of the machine.
compare_options='-wi 3 -w 1 -i 5 -r 1 -p rows=14 -p fullness=1.3'

# bench_build FOLDER: compiles the benchmarks of a checkout; nothing of it is put where another build would find it.
bench_build() {
  (cd "$1" && mvn -q -B -ntp -DskipTests -Dspotless.check.skip package \
    org.apache.maven.plugins:maven-dependency-plugin:build-classpath -Dmdep.outputFile=target/bench.classpath -pl bench -am)
}

# bench_run FOLDER FILE PATTERN: one round, as a table that compare can read.
bench_run() {
  java -cp "$1/bench/target/classes:$(cat "$1/bench/target/bench.classpath")" org.openjdk.jmh.Main "$3" $compare_options \
    -rf csv -rff "$2" >>"$2.log" 2>&1 ||
    die "a benchmark ended; see $2.log"
}

# compare REF [PATTERN]: builds another commit beside this one, measures both in turns, and prints the ratios with their spread.
compare() {
  [ $# -gt 0 ] || die "--compare takes the commit to compare with"
  local ref pattern=${2:-$compare_usually} folder=$here/.local/compare/other out=$here/.local/compare round
  ref=$(git rev-parse --verify --quiet "$1^{commit}") || die "there is no commit $1"
  mkdir -p "$out"
  rm -f "$out"/*.csv "$out"/*.log
  git worktree remove --force "$folder" 2>/dev/null || rm -rf "$folder"
  git worktree prune
  git worktree add --quiet --detach "$folder" "$ref"
  say "Building $1 …"
  bench_build "$folder"
  say "Building what is here …"
  bench_build "$here"
  for round in $(seq "$compare_rounds"); do
    say "Round $round of $compare_rounds …"
    bench_run "$here" "$out/here-$round.csv" "$pattern"
    bench_run "$folder" "$out/there-$round.csv" "$pattern"
  done
  git worktree remove --force "$folder"
  java "$here/scripts/CompareReport.java" "$1" "$out"
}

# --- faults put into the rules -----------------------------------------------------------------------------

# mutants [PATTERN]: small faults, one at a time, and how many of them a test notices, by package.
mutants() {
  local only=${1:-}
  mvn -q -B -ntp -DskipTests -Dspring-boot.repackage.skip -Dspring-boot.aot.skip install -pl .,testing,core,web,server
  mvn -q -B -ntp -Pmutants org.pitest:pitest-maven:mutationCoverage -pl core,server ${only:+-DtargetClasses="$only"}
  say "see target/pit-reports/index.html in core and in server"
  cat {core,server}/target/pit-reports/mutations.csv | awk -F, '
    { q = $2; sub(/\.[^.]*$/, "", q); n[q]++; if ($6 != "SURVIVED" && $6 != "NO_COVERAGE") k[q]++; if ($6 == "NO_COVERAGE") u[q]++ }
    END { for (q in n) printf "%-34s %4d mutants, %4d noticed (%d %%), %d that no test reaches\n", q, n[q], k[q], 100 * k[q] / n[q], u[q] }' |
    sort
}

bench() {
  local what=${1:-}
  [ $# -gt 0 ] && shift
  need_build_tools
  case $what in
    --compare) compare "$@" ;;
    --door) measure_browser DoorMeasurement -Dmeasure=door ;;
    --faults)
      [[ ${1:-200} =~ ^[1-9][0-9]{0,4}$ ]] || die "--faults takes how often the server is killed"
      need faketime faketime
      measure_browser 'ChairFaults,DeskFaults,StudioFaults' -Dkills="${1:-200}"
      ;;
    --look) measure_browser LookBrowserTest -Dlook=all ;;
    --model)
      mvn -q -B -ntp -DskipTests install -pl .,testing,core
      exec mvn -q -B -ntp compile exec:exec -pl bench -Dexec.executable=java -Dexec.args="-cp %classpath gyrotaxis.bench.ModelTable $*"
      ;;
    --mutants) mutants "$@" ;;
    --page) measure_browser RedrawMeasurement -Dmeasure=page ;;
    --properties)
      [[ ${1:-2000} =~ ^[1-9][0-9]{0,5}$ ]] || die "--properties takes how many plans to make"
      mvn -q -B -ntp -DskipTests install -pl .,testing,core
      exec mvn -B -ntp test -pl core -Dplans="${1:-2000}" -Ddrills=100 \
        -Dtest='PlanPropertiesTest,FillTrialTest,RemediesTest,FamiliesTest,BalancerTest,PartsTest,StraightBackTest,TailRouterTest,LearningCurveTest,DrillsTest'
      ;;
    --scale) measure_browser ScaleMeasurement -Dmeasure=scale ;;
    *) jmh $what "$@" ;;
  esac
}

# fuzz [N [SEED]]: random requests by everybody at every address; what went wrong is kept in .local/fuzz.
# fuzz --replay FILE: one of them once more.
fuzz() {
  local of
  need_build_tools
  if [ "${1:-}" = --replay ]; then
    [ -f "${2:-}" ] || die "--replay takes a file of .local/fuzz"
    of=(-Dfuzz.replay="$(realpath "$2")" -Dtest='FuzzTest#aCaseIsSentAgain')
  else
    [[ ${1:-100000} =~ ^[1-9][0-9]{0,6}$ ]] || die "fuzz takes how many requests to send"
    [[ ${2:-1} =~ ^[1-9][0-9]{0,8}$ ]] || die "a seed is a number"
    of=(-Dfuzz.requests="${1:-100000}" -Dfuzz.seed="${2:-$((RANDOM + 1))}" -Dtest='FuzzTest#nothingThatIsAskedBreaksTheServer')
  fi
  compile
  exec mvn -B -ntp surefire:test -pl server "${of[@]}"
}
