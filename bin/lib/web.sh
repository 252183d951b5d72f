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
    if port_taken "$wanted"; then wanted=$(free_port 8470); fi
  fi
  printf '%s' "$wanted" >"$WEB_PORT_FILE"
}

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
php_admin_value[upload_max_filesize] = 64M
php_admin_value[post_max_size] = 66M
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
  client_max_body_size 66m;
  client_body_temp_path $RUN/nginx-body;
  proxy_temp_path $RUN/nginx-proxy;
  fastcgi_temp_path $RUN/nginx-fastcgi;
  uwsgi_temp_path $RUN/nginx-uwsgi;
  scgi_temp_path $RUN/nginx-scgi;
  server {
    listen 127.0.0.1:$port;
    root $ROOT/public;
    index index.php;
    location /build/ { expires 7d; add_header Cache-Control "public"; add_header X-Content-Type-Options nosniff; try_files \$uri =404; gzip_static on; }
    error_page 502 504 /away.html;
    location = /away.html { internal; add_header Retry-After 3 always; add_header Cache-Control no-store always; }
    location / { try_files \$uri /index.php\$is_args\$args; }
    location ~ ^/index\.php(/|\$) {
      fastcgi_pass unix:$SOCKETS/php-fpm.sock;
      fastcgi_param SCRIPT_FILENAME $ROOT/public/index.php;
      fastcgi_buffers 64 16k;
      fastcgi_buffer_size 32k;
      include /etc/nginx/fastcgi_params;
      fastcgi_param HTTP_HOST \$host:\$server_port;
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
  if as_root_only; then options+=(-R); fi
  write_web_config
  define_service "$WEB_SERVICES" php-fpm "$LOGS/php-fpm.log" php-fpm8.2 "${options[@]}" -y "$RUN/php-fpm.conf"
  define_service "$WEB_SERVICES" nginx "$LOGS/nginx.log" nginx -c "$RUN/nginx.conf" -p "$RUN" -e "$LOGS/nginx.log"
  define_service "$WEB_SERVICES" queue "$LOGS/queue.log" \
    php "$ROOT/artisan" queue:work --sleep=1 --tries=2 --max-time=3600 --quiet
  define_service "$WEB_SERVICES" scheduler "$LOGS/scheduler.log" php "$ROOT/artisan" schedule:work --quiet
  define_service "$WEB_SERVICES" refractometer "$LOGS/refractometer.log" \
    php "$ROOT/artisan" device:refractometer --port="$(cat "$RUN/refractometer.port")" "$@"
  define_service "$WEB_SERVICES" weather "$LOGS/weather.log" \
    php "$ROOT/artisan" device:weather --port="$(cat "$RUN/weather.port")"
  define_service "$WEB_SERVICES" room "$LOGS/room.log" \
    php "$ROOT/artisan" device:room --port="$(cat "$RUN/room.port")"
  define_service "$WEB_SERVICES" scale "$LOGS/scale.log" \
    php "$ROOT/artisan" device:scale --port="$(cat "$RUN/scale.port")"
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

# The stand-ins for a refractometer, a weather service, the warm room and the honey room's scale keep their ports while nobody else has them.
choose_device_ports() {
  local name wanted from=8491
  for name in refractometer weather room scale; do
    wanted=$(cat "$RUN/$name.port" 2>/dev/null || echo "$from")
    # The first has not been started yet: its port does not count as taken, so the second looks above it.
    if port_taken "$wanted" || [ "$wanted" -lt "$from" ]; then wanted=$(free_port "$from"); fi
    printf '%s' "$wanted" >"$RUN/$name.port"
    from=$((wanted + 1))
  done
}

# web_stop: the database, if it is of the same set, stays
web_stop() { services_down "$WEB_SERVICES" "${WEB_NAMES[@]}"; }
