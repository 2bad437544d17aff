# Starts the server and says when it answers. Sourced by ../gyrotaxis.

answers() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# healthy PORT: whether the server there is up.
healthy() {
  local reply
  exec 3<>"/dev/tcp/127.0.0.1/$1" || return 1
  printf 'GET /actuator/health HTTP/1.0\r\nHost: 127.0.0.1\r\n\r\n' >&3
  reply=$(cat <&3)
  exec 3>&-
  # Open to the network, this port only tells the way to the one with TLS. That it does is enough.
  [[ $reply == *'"UP"'* || $reply == *'studio.crt'* ]]
} 2>/dev/null

# start DATA PORT OPTION…: builds, starts, and waits for as long as the server lives.
start() {
  local data=$1 port=$2
  shift 2
  build
  local begun=$SECONDS
  answers "$port" && die "something already answers on port $port; choose another with --port"
  # What is written from here on is its owner's alone.
  umask 077
  mkdir -p "$data"
  local options doors=(--server.port="$port") address=http://127.0.0.1:$port
  mapfile -t options < <(java_options)
  [ ! -f "$archive" ] || options=(-XX:SharedArchiveFile="$archive" -Xlog:cds=off -Xshare:auto "${options[@]}")
  if [ "$studio" = yes ]; then
    answers $((port + 1)) && die "something already answers on port $((port + 1)), which the studio's needs; choose another with --port"
    doors=(--gyrotaxis.studio=true --gyrotaxis.plain-port="$port" --server.port=$((port + 1)))
    address=https://127.0.0.1:$((port + 1))
  fi
  java "${options[@]}" gyrotaxis.server.Gyrotaxis --gyrotaxis.data-dir="$data" "${doors[@]}" "$@" &
  local pid=$! training=
  trap 'kill $pid $training 2>/dev/null; wait $pid $training 2>/dev/null; exit 0' INT TERM
  until healthy "$port"; do
    kill -0 "$pid" 2>/dev/null || die "the server stopped before it answered; see above"
    sleep 0.1
  done
  say "Gyrotaxis is at $address after $(seconds_since $begun) s (stop with Ctrl C)"
  if [ ! -f "$archive" ]; then
    make_archive &
    training=$!
  fi
  wait "$pid"
}
