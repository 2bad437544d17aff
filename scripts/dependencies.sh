# What the build downloads: its sums, bills of materials, and what is known to be vulnerable. Sourced by ../gyrotaxis.

sums=$here/.mvn/checksums.txt
bills=$here/.local/bills

# downloaded: a line for each jar that the modules and the plugins of the build use: its SHA-256 and its name.
downloaded() {
  local plugin=org.apache.maven.plugins:maven-dependency-plugin list=$here/.local/downloads.txt path
  mkdir -p "$here/.local"
  mvn -B -ntp "$plugin:list" "$plugin:resolve-plugins" -DoutputAbsoluteArtifactFilename=true >"$list" || { tail -n 20 "$list" >&2; return 1; }
  sed -n 's#^\[INFO\].*:\(/[^ :]*\.jar\).*#\1#p' "$list" | grep -v /gyrotaxis/ | sort -u | while read -r path; do
    printf '%s  %s\n' "$(sha256sum "$path" | cut -d' ' -f1)" "${path##*/}"
  done
}

# check_sums: whether everything that was downloaded is what it was when its sum was written down.
check_sums() {
  local now
  now=$(downloaded) || return 1
  local changed
  changed=$(awk 'NR == FNR { sum[$2] = $1; next }
    !($2 in sum) { print "not written down: " $2; next }
    sum[$2] != $1 { print "another file than when it was written down: " $2 }' "$sums" - <<<"$now")
  [ -z "$changed" ] || { say "$changed"; return 1; }
  say "$(wc -l <<<"$now") downloads are what they were when their sums were written down."
}

# write_bills: one bill of materials of the server, one of the page (CycloneDX).
write_bills() {
  mkdir -p "$bills"
  mvn -q -B -ntp org.cyclonedx:cyclonedx-maven-plugin:2.9.1:makeAggregateBom -Dquick -pl .,core,server \
    -DincludeTestScope=false -DoutputFormat=json -DoutputDirectory="$bills" -DoutputName=server
  (cd web && npm sbom --sbom-format cyclonedx --omit dev) >"$bills/page.json"
  say "Bills of materials: $bills/server.json, $bills/page.json"
}

# known_faults: asks npm's registry; for Maven's packages no such list works without an account or a large download.
known_faults() {
  say "Known faults of what the page is made of:"
  (cd web && npm audit --omit=dev) || say "See above. What is told may not concern the page; look each one up."
}

# dependencies [--lock]
dependencies() {
  need_build_tools
  sh web/scripts/install.sh all
  compile
  case ${1:-} in
    --lock)
      downloaded >"$sums.new" && mv "$sums.new" "$sums"
      say "$(wc -l <"$sums") sums are written down in $sums"
      ;;
    '')
      check_sums || die "what was downloaded is not what was written down; if that is meant, ./gyrotaxis dependencies --lock"
      write_bills
      known_faults
      ;;
    *) die "dependencies takes --lock, or nothing" ;;
  esac
}
