# nginx and php-fpm with configuration of the project's own, a queue worker and the scheduler.

WEB_SERVICES=$(dirname "$RUN")/services
WEB_PORT_FILE=$RUN/web.port
NGINX_PID=$RUN/nginx.pid
FPM_PID=$RUN/php-fpm.pid
PATH=$PATH:/usr/sbin:/usr/local/sbin

web_running() { alive "$NGINX_PID" nginx && alive "$FPM_PID" php-fpm; }

choose_web_port() {
  local wanted=${MARJORAM_PORT:-}
  if [ -n "$wanted" ]; then
    [[ $wanted =~ ^[0-9]+$ ]] || die "MARJORAM_PORT is '$wanted'; a number from 1024 to 65535 is allowed."
    if port_taken "$wanted"; then die "port $wanted is taken by another program. End it, or choose another with MARJORAM_PORT=..., and run this again."; fi
  else
    wanted=$(cat "$WEB_PORT_FILE" 2>/dev/null || echo 8470)
    if port_taken "$wanted" || ! reserve_port "$wanted"; then wanted=$(free_port 8470); fi
  fi
  printf '%s' "$wanted" >"$WEB_PORT_FILE"
}

# The most that a form may bring, in MB: a whole operation with its photographs. The page and PHP name the same number.
UPLOAD_MB=1024
FORM_MB=66

# dev_settings: for who works on Marjoram
dev_settings() { export MARJORAM_ENV=local MARJORAM_DEV=1 APP_DEBUG=true; }
is_dev() { [ "${MARJORAM_DEV:-}" = 1 ]; }

# dev_scripts: scripts as they are written, where --dev is given
dev_scripts() {
  is_dev || return 0
  printf '%s' "location ~ ^/build/([a-z-]+\.js)\$ { root $ROOT/resources/js; add_header Cache-Control no-store; try_files /\$1 @built; }
    location @built { root $ROOT/public; try_files \$uri =404; }"
}

# addresses: where people reach the pages, with commas between; the first is named in letters
addresses() {
  local own
  own=$(env_value MARJORAM_URL)
  printf '%s' "${MARJORAM_URL:-${own:-$(default_addresses)}}"
}

default_addresses() {
  local port
  port=$(cat "$WEB_PORT_FILE" 2>/dev/null || echo 8470)
  printf 'http://127.0.0.1:%s,http://localhost:%s' "$port" "$port"
}

# server_names: the hosts of these addresses, and this machine's own
server_names() { { addresses | tr ',' '\n' | sed -E 's#^ *https?://##; s#[:/].*##'; printf '\n127.0.0.1\nlocalhost\n'; } | sort -u | xargs; }

write_web_config() {
  local port
  port=$(cat "$WEB_PORT_FILE")
  cat >"$RUN/php-fpm.conf" <<FPM
[global]
pid = $FPM_PID
error_log = $LOGS/php-fpm.log
daemonize = no
[www]
listen = $SOCKETS/php-fpm.sock
pm = static
pm.max_children = 4
clear_env = no
catch_workers_output = yes
php_admin_value[upload_max_filesize] = ${UPLOAD_MB}M
php_admin_value[post_max_size] = $((UPLOAD_MB + 2))M
env[MARJORAM_PORTS] = $RUN
FPM
  if as_root_only; then sed -i 's/^\[www\]$/[www]\nuser = root\ngroup = root/' "$RUN/php-fpm.conf"; fi
  cat >"$RUN/nginx.conf" <<NGINX
$(if as_root_only; then say "user root;"; fi)
worker_processes 1;
daemon off;
pid $NGINX_PID;
error_log $LOGS/nginx.log warn;
events { worker_connections 256; }
http {
  include /etc/nginx/mime.types;
  types { application/javascript mjs; }
  default_type application/octet-stream;
  access_log off;
  server_tokens off;
  sendfile on;
  gzip on;
  gzip_types text/css application/javascript image/svg+xml application/json;
  client_max_body_size ${FORM_MB}m;
  server_names_hash_bucket_size 128;
  client_body_temp_path $RUN/nginx-body;
  proxy_temp_path $RUN/nginx-proxy;
  fastcgi_read_timeout 600s;
  fastcgi_temp_path $RUN/nginx-fastcgi;
  uwsgi_temp_path $RUN/nginx-uwsgi;
  scgi_temp_path $RUN/nginx-scgi;
  server {
    listen 127.0.0.1:$port default_server;
    server_name _;
    root $ROOT/public;
    error_page 421 /elsewhere.html;
    location = /elsewhere.html { internal; add_header Cache-Control no-store always; }
    location /build/ { try_files \$uri =404; }
    location / { return 421; }
  }
  server {
    listen 127.0.0.1:$port;
    server_name $(server_names);
    root $ROOT/public;
    index index.php;
    $(dev_scripts)
    location /build/ { expires $(if is_dev; then echo -1; else echo 7d; fi); add_header Cache-Control "public"; add_header X-Content-Type-Options nosniff; try_files \$uri =404; gzip_static on; }
    error_page 502 504 /away.html;
    error_page 413 /too-large.html;
    location = /too-large.html { internal; add_header Cache-Control no-store always; }
    location = /start/import { client_max_body_size $((UPLOAD_MB + 2))m; try_files \$uri /index.php\$is_args\$args; }
    location = /away.html { internal; add_header Retry-After 3 always; add_header Cache-Control no-store always; }
    location / { try_files \$uri /index.php\$is_args\$args; }
    location ~ ^/index\.php(/|\$) {
      fastcgi_pass unix:$SOCKETS/php-fpm.sock;
      fastcgi_param SCRIPT_FILENAME $ROOT/public/index.php;
      fastcgi_buffers 64 16k;
      fastcgi_buffer_size 32k;
      include /etc/nginx/fastcgi_params;
      fastcgi_param HTTP_HOST \$http_host;
      internal;
    }
  }
}
NGINX
}

as_root_only() { [ "$(id -u)" = 0 ] && [ -z "$RUN_AS" ]; }

# define_web [OPTIONS of the refractometer]: all services but the database
define_web() {
  local options=(-d opcache.memory_consumption=128 -d opcache.max_accelerated_files=20000
    -d realpath_cache_size=4096K -d realpath_cache_ttl=600)
  if is_dev; then options+=(-d opcache.revalidate_freq=0); fi
  if as_root_only; then options+=(-R); fi
  write_web_config
  define_service "$WEB_SERVICES" php-fpm "$LOGS/php-fpm.log" php-fpm8.2 "${options[@]}" -y "$RUN/php-fpm.conf"
  define_service "$WEB_SERVICES" nginx "$LOGS/nginx.log" nginx -c "$RUN/nginx.conf" -p "$RUN" -e "$LOGS/nginx.log"
  define_service "$WEB_SERVICES" queue "$LOGS/queue.log" \
    php "$ROOT/artisan" queue:work --sleep=1 --tries=3 --max-time=3600 --quiet
  define_service "$WEB_SERVICES" scheduler "$LOGS/scheduler.log" php "$ROOT/artisan" schedule:work --quiet
  if is_dev; then
    chown -R "${RUN_AS:-$(id -un)}:" "$ROOT/public/build"
    define_service "$WEB_SERVICES" assets "$LOGS/assets.log" \
      "$ROOT/node_modules/.bin/tailwindcss" -i "$ROOT/resources/css/app.css" -o "$ROOT/public/build/app.css" --watch=always
  fi
  define_stand_in refractometer 8491 "$@"
  define_stand_in weather 8492
  define_stand_in room 8493
  define_stand_in scale 8494
}

# web_start NAMES...: the web server, and these beside it
web_start() {
  local port name
  port=$(cat "$WEB_PORT_FILE")
  supervise "$WEB_SERVICES"
  for name in php-fpm nginx "$@"; do service_up "$WEB_SERVICES" "$name"; done
  for _ in $(seq 1 200); do
    if web_running && curl_up "$port"; then return; fi
    sleep 0.05
  done
  die "the web server did not answer on port $port within 10 seconds. See $LOGS/nginx.log and $LOGS/php-fpm.log, then run this again."
}

curl_up() { php -r 'exit(@file_get_contents("http://127.0.0.1:'"$1"'/up") === false ? 1 : 0);' 2>/dev/null; }

# define_stand_in NAME PORT [OPTIONS]: it binds a free port from there on, and writes it down for the pages
define_stand_in() {
  define_service "$WEB_SERVICES" "$1" "$LOGS/$1.log" \
    php "$ROOT/artisan" "device:$1" --port="$2" --port-file="$RUN/$1.port" "${@:3}"
}

# web_stop: the database, if it is of the same set, stays
web_stop() { services_down "$WEB_SERVICES" "${WEB_NAMES[@]}"; }
