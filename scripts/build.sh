# Builds what `demo` and `run` start. Sourced by ../gyrotaxis.

app=$here/.local/app
jar=$app/gyrotaxis-server-0.1.0-app.jar
page_jar=$app/lib/gyrotaxis-page.jar
archive=$app/app.jsa

sources() {
  find pom.xml .mvn core/pom.xml core/src/main server/pom.xml server/src/main web/src web/public web/scripts web/index.html \
    web/package-lock.json web/vite.config.ts "$@"
}

is_built() {
  [ -f "$app/built" ] && [ -f "$jar" ] && [ -z "$(sources -newer "$app/built" -type f -print -quit)" ]
}

# seconds_since START: whole seconds.
seconds_since() { printf '%d' $((SECONDS - $1)); }

build_page() {
  (cd web && sh scripts/install.sh product && npm run --silent build)
}

build_server() {
  mvn -q -B -ntp -Dquick package -pl .,core,server
}

# The front end and the server know nothing of each other until they are put together, so they are built side by side.
build() {
  is_built && return
  local begun=$SECONDS
  need_build_tools
  say "Tools are there ($(seconds_since $begun) s). Building the front end and the server …"
  rm -rf "$app"
  mkdir -p "$app"
  local started=$app.started log=$app.page.log
  touch "$started"
  begun=$SECONDS
  (build_page >"$log" 2>&1 && say "  front end: $(seconds_since $begun) s") &
  local page=$!
  build_server || { wait $page || true; die "the server was not built; see above"; }
  say "  server: $(seconds_since $begun) s"
  wait $page || { cat "$log" >&2; die "the front end was not built; see above"; }
  rm -f "$log"
  java -Djarmode=tools -jar server/target/quick/gyrotaxis-server-0.1.0-app.jar extract --destination "$app" --force >/dev/null
  jar --create --no-compress --file "$page_jar" -C web/target/classes .
  mv "$started" "$app/built"
}

# java_options: how the server is started, one option a line; the same to make the archive as to use it.
java_options() {
  printf '%s\n' -Dspring.aot.enabled=true -XX:+ExitOnOutOfMemoryError -cp "$jar:$page_jar"
}

# make_archive: one start that only loads what a start loads; the archive made of it halves the time of every later one.
make_archive() {
  local trial=$app/trial options
  mapfile -t options < <(java_options)
  rm -rf "$trial"
  nice -n 10 java -XX:ArchiveClassesAtExit="$archive.new" -Dspring.context.exit=onRefresh "${options[@]}" gyrotaxis.server.Gyrotaxis \
    --server.port=0 --gyrotaxis.data-dir="$trial" >/dev/null 2>&1 || true
  rm -rf "$trial"
  [ ! -f "$archive.new" ] || mv "$archive.new" "$archive"
}
