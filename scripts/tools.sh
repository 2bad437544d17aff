# What the commands need of this machine. Sourced by ../gyrotaxis.

node_wanted=20.19
node_local=22.23.3
npm_local=11.21.2
java_wanted=17

say() { printf '%s\n' "$*"; }
die() { printf 'gyrotaxis: %s\n' "$*" >&2; exit 1; }

have() { command -v "$1" >/dev/null; }

# may_install: whether packages can be installed here.
may_install() { [ "$(id -u)" = 0 ] && have apt-get; }

apt_update() {
  [ -n "${apt_is_fresh:-}" ] || apt-get update -qq
  apt_is_fresh=yes
}

# need COMMAND PACKAGE…: installs Debian's packages if the command is missing and that is allowed; otherwise says what to install.
need() {
  local command=$1
  shift
  have "$command" && return
  install "$@"
}

# install PACKAGE…: or says that it has to be.
install() {
  may_install || die "something is missing. Install it first: apt-get install $*"
  say "Installing $* …"
  apt_update
  DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@" >/dev/null
}

# at_least WANTED HAVE: whether a dotted version is new enough.
at_least() { [ "$(printf '%s\n%s\n' "$1" "$2" | sort -V | head -n 1)" = "$1" ]; }

# Any Java from 17 on. Debian 12 has 17, Debian 13 a newer one.
need_java() {
  if ! have javac; then
    local package=openjdk-17-jdk-headless
    if may_install; then
      apt_update
      apt-cache show "$package" >/dev/null 2>&1 || package=default-jdk-headless
    fi
    need javac "$package"
  fi
  local version
  version=$(javac -version 2>&1 | sed -n 's/^javac \([0-9]*\).*/\1/p')
  at_least "$java_wanted" "$version" || die "Java $version is older than $java_wanted; install a newer one."
}

node_version() { node --version 2>/dev/null | sed 's/^v//'; }

# Debian's Node may be older than the front end needs; the npm registry has packages that hold the binary itself.
need_node() {
  need node nodejs
  at_least "$node_wanted" "$(node_version)" && have npm && return
  local arch tools=$here/.tools
  case $(uname -m) in
    x86_64) arch=x64 ;;
    aarch64) arch=arm64 ;;
    *) die "Node $(node_version) is older than $node_wanted; install a newer one." ;;
  esac
  if [ ! -x "$tools/node_modules/node-linux-$arch/bin/node" ]; then
    need npm npm
    say "Fetching Node $node_local and npm $npm_local for this folder …"
    mkdir -p "$tools"
    npm install --silent --no-save --no-audit --no-fund --prefix "$tools" \
      "node-linux-$arch@$node_local" "npm@$npm_local" >/dev/null
  fi
  PATH=$tools/node_modules/node-linux-$arch/bin:$tools/node_modules/.bin:$PATH
  export PATH
}

need_build_tools() {
  need_java
  need mvn maven
  need_node
}

need_browser() {
  need chromium-headless-shell chromium-headless-shell
  # A browser without any font draws no letters.
  [ -n "$(find /usr/share/fonts -name '*.?tf' -print -quit 2>/dev/null)" ] || install fonts-dejavu-core
  # Tells a browser of the tests to trust the studio's own authority.
  need certutil libnss3-tools
}
