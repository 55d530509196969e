#!/usr/bin/env bash
# Three database nodes that hold the same (MariaDB Galera), each with a web process of its own, on loopback: the step after one server, to
# be tried and tested on one machine. For three machines see docs/growth.md.
#   scripts/cluster.sh up [FOLDER]      makes it once, starts what does not run, prints the addresses
#   scripts/cluster.sh node N [FOLDER]  starts database node N again, after it died
#   scripts/cluster.sh down [FOLDER]    stops all of it; what is stored stays
set -euo pipefail
cd "$(dirname "$0")/.."
. scripts/setup.sh
NODES='1 2 3'
PROVIDER=/usr/lib/galera/libgalera_smm.so
folder() { mkdir -p "$1"; (cd "$1" && pwd); }

# Ports of a cluster are chosen once and kept: the nodes know each other by them.
ports() {
  [ -s "$DIR/ports" ] && return
  local port=35100 n kind
  for n in $NODES; do for kind in sql group ist sst web; do port=$(free_port $((port + 1))); echo "$kind$n=$port"; done; done > "$DIR/ports.new"
  mv "$DIR/ports.new" "$DIR/ports"
}
port_of() { sed -n "s/^$1$2=//p" "$DIR/ports"; }
members() { local n list=; for n in $NODES; do list+=",127.0.0.1:$(port_of group "$n")"; done; echo "gcomm://${list#,}"; }

# server N [OPTION…] — mariadbd with what makes it a node
server() {
  local n=$1 dir=$DIR/n$1 user=(); shift
  [ "$(id -u)" != 0 ] || user=(--user=mysql)
  mariadbd --no-defaults ${user[@]+"${user[@]}"} --datadir="$dir/data" --socket="$dir/s.sock" --pid-file="$dir/pid" --bind-address=127.0.0.1 \
    --port="$(port_of sql "$n")" --skip-name-resolve --log-error="$dir/error.log" --tmpdir="$dir" --character-set-server=utf8mb4 \
    --collation-server=utf8mb4_unicode_520_ci --binlog-format=ROW --innodb-autoinc-lock-mode=2 --innodb-flush-log-at-trx-commit=1 \
    --wsrep-on=ON --wsrep-provider="$PROVIDER" --wsrep-cluster-name=amber --wsrep-cluster-address="$(members)" --wsrep-node-name="n$n" \
    --wsrep-node-address="127.0.0.1:$(port_of group "$n")" --wsrep-sst-method=rsync --wsrep-sst-receive-address="127.0.0.1:$(port_of sst "$n")" \
    --wsrep-sync-wait=1 --wsrep-retry-autocommit=8 \
    --wsrep-provider-options="gmcast.listen_addr=tcp://127.0.0.1:$(port_of group "$n");ist.recv_addr=127.0.0.1:$(port_of ist "$n");gcache.size=128M" "$@"
}
sql() { local n=$1; shift; mariadb --no-defaults --socket="$DIR/n$n/s.sock" -N "$@"; }
login() { [ ! -s "$DIR/password" ] || echo "-uroot -p$(cat "$DIR/password")"; }
lives() { db_pid "$DIR/n$1" >/dev/null; }

make_node() {
  local dir=$DIR/n$1 user=''
  mkdir -p "$dir"
  [ "$(id -u)" != 0 ] || { user=mysql; chown mysql "$DIR" "$dir"; }
  [ -f "$dir/made" ] && return
  db_make "$dir" data "$user"
  touch "$dir/made"
}

# start_node N [OPTION…] — waits until it holds what the others hold
start_node() {
  local n=$1; shift
  lives "$n" && return
  server "$n" "$@" </dev/null >/dev/null 2>&1 &
  for _ in $(seq 300); do
    # shellcheck disable=SC2046
    if [ "$(sql "$n" $(login) -e "show status like 'wsrep_local_state_comment'" 2>/dev/null | cut -f2)" = Synced ]; then return; fi
    [ -f "$DIR/ready" ] || { sql "$n" -uroot -e 'select 1' >/dev/null 2>&1 && return; }
    sleep 0.3
  done
  fail "node $n did not join, see $DIR/n$n/error.log"
}

# After all of them stopped the one that knows most begins: the others would refuse what it has and they have not.
last_position() {
  local at; at=$(sed -n 's/^seqno: *//p' "$DIR/n$1/data/grastate.dat" 2>/dev/null || true)
  if [ -z "$at" ] || [ "$at" -lt 0 ]; then
    server "$1" --wsrep-recover --log-error="$DIR/n$1/recover.log" >/dev/null 2>&1 || true
    at=$(sed -n 's/.*Recovered position.*:\(-\{0,1\}[0-9]*\)$/\1/p' "$DIR/n$1/recover.log" | tail -1)
  fi
  echo "${at:--1}"
}
first_node() {
  local n best=1 most=-2 at
  for n in $NODES; do at=$(last_position "$n"); if [ "$at" -gt "$most" ]; then best=$n most=$at; fi; done
  echo "$best"
}

databases_up() {
  local n first=
  for n in $NODES; do make_node "$n"; done
  for n in $NODES; do lives "$n" && first=$n; done
  if [ -z "$first" ]; then
    first=$(first_node)
    sed -i 's/^safe_to_bootstrap:.*/safe_to_bootstrap: 1/' "$DIR/n$first/data/grastate.dat" 2>/dev/null || true
    say "Node $first begins"
    start_node "$first" --wsrep-new-cluster
  fi
  if [ ! -f "$DIR/ready" ]; then
    [ -s "$DIR/password" ] || (umask 077; head -c 24 /dev/urandom | base64 | tr -dc 'a-zA-Z0-9' > "$DIR/password")
    local password; password=$(cat "$DIR/password")
    sql "$first" -uroot <<SQL || fail "node $first did not answer, see $DIR/n$first/error.log"
create database if not exists amber character set utf8mb4 collate utf8mb4_unicode_520_ci;
create or replace user amber@'127.0.0.1' identified by '$password';
grant all on amber.* to amber@'127.0.0.1';
grant all on \`amber\\_%\`.* to amber@'127.0.0.1';
drop user if exists ''@localhost;
alter user root@localhost identified by '$password';
SQL
    touch "$DIR/ready"
  fi
  for n in $NODES; do lives "$n" || { say "Node $n joins"; start_node "$n"; }; done
  DATABASE_URL=$(url_of "$first") scripts/run prepare
}
url_of() { echo "mariadb://amber:$(cat "$DIR/password")@127.0.0.1:$(port_of sql "$1")/amber"; }

web_lives() { local pid; pid=$(cat "$DIR/n$1/web.pid" 2>/dev/null) && kill -0 "$pid" 2>/dev/null; }
web_up() {
  local n port
  session_secret
  for n in $NODES; do
    port=$(port_of web "$n")
    web_lives "$n" || {
      DATABASE_URL=$(url_of "$n") NODE_ENV=production setsid "${WEB[@]}" -H 127.0.0.1 -p "$port" >> "$DIR/n$n/web.log" 2>&1 </dev/null &
      echo $! > "$DIR/n$n/web.pid"
    }
  done
  for n in $NODES; do
    port=$(port_of web "$n")
    for _ in $(seq 120); do curl -fsS -m 2 "http://127.0.0.1:$port/api/health" >/dev/null 2>&1 && break; sleep 0.25; done
    echo "node $n: http://127.0.0.1:$port, database on port $(port_of sql "$n")"
  done
}

down() {
  local n
  for n in $NODES; do
    web_lives "$n" && kill -- "-$(cat "$DIR/n$n/web.pid")" 2>/dev/null
    rm -f "$DIR/n$n/web.pid"
  done
  for n in $NODES; do db_stop "$DIR/n$n"; done
}

case ${1:-} in
  up) DIR=$(folder "${2:-.local/cluster}"); [ -f "$PROVIDER" ] || need_package "$PROVIDER" galera-4; ports; databases_up; need_build; web_up ;;
  node) DIR=$(folder "${3:-.local/cluster}"); start_node "${2:?which node}" ;;
  down) DIR=$(folder "${2:-.local/cluster}"); down ;;
  *) sed -n '2,6p' "$0" | sed 's/^# \{0,1\}//'; exit 2 ;;
esac
