# nginx and php-fpm with configuration of the project's own, a queue worker and the scheduler.

WEB_PORT_FILE=$RUN/web.port
NGINX_PID=$RUN/nginx.pid
FPM_PID=$RUN/php-fpm.pid
QUEUE_PID=$RUN/queue.pid
CLOCK_PID=$RUN/schedule.pid
GLASS_PID=$RUN/refractometer.pid
SKY_PID=$RUN/weather.pid
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
  local port user_line=""
  port=$(cat "$WEB_PORT_FILE")
  [ "$(id -u)" != 0 ] || user_line="user root;"
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
php_admin_value[opcache.enable] = 1
php_admin_value[opcache.memory_consumption] = 128
php_admin_value[opcache.max_accelerated_files] = 20000
php_admin_value[opcache.revalidate_freq] = 2
php_admin_value[realpath_cache_size] = 4096K
php_admin_value[realpath_cache_ttl] = 600
php_admin_value[upload_max_filesize] = 8M
php_admin_value[post_max_size] = 9M
FPM
  [ "$(id -u)" != 0 ] || sed -i 's/^\[www\]$/[www]\nuser = root\ngroup = root/' "$RUN/php-fpm.conf"
  cat >"$RUN/nginx.conf" <<NGINX
$user_line
worker_processes 1;
daemon off;
pid $NGINX_PID;
error_log $LOGS/nginx.log warn;
events { worker_connections 256; }
http {
  include /etc/nginx/mime.types;
  default_type application/octet-stream;
  access_log off;
  server_tokens off;
  sendfile on;
  gzip on;
  gzip_types text/css application/javascript image/svg+xml application/json;
  client_max_body_size 10m;
  client_body_temp_path $RUN/nginx-body;
  proxy_temp_path $RUN/nginx-proxy;
  fastcgi_temp_path $RUN/nginx-fastcgi;
  uwsgi_temp_path $RUN/nginx-uwsgi;
  scgi_temp_path $RUN/nginx-scgi;
  server {
    listen 127.0.0.1:$port;
    root $ROOT/public;
    index index.php;
    location /build/ { expires 7d; add_header Cache-Control "public"; add_header X-Content-Type-Options nosniff; try_files \$uri =404; }
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

# spawn PIDFILE LOG COMMAND...: a child in a session of its own, its pid kept
spawn() {
  local pidfile=$1 log=$2
  shift 2
  setsid nohup "$@" >>"$log" 2>&1 </dev/null 9>&- &
  [ "$pidfile" = - ] || printf '%s' "$!" >"$pidfile"
}

web_start() {
  write_web_config
  local root_flag=()
  [ "$(id -u)" != 0 ] || root_flag=(-R)
  spawn - "$LOGS/php-fpm.log" php-fpm8.2 "${root_flag[@]}" -y "$RUN/php-fpm.conf"
  spawn - "$LOGS/nginx.log" nginx -c "$RUN/nginx.conf" -p "$RUN"
  local port
  port=$(cat "$WEB_PORT_FILE")
  for _ in $(seq 1 200); do
    if web_running && curl_up "$port"; then return; fi
    sleep 0.05
  done
  die "the web server did not answer on port $port within 10 seconds. See $LOGS/nginx.log and $LOGS/php-fpm.log, then run this again."
}

curl_up() { php -r 'exit(@file_get_contents("http://127.0.0.1:'"$1"'/up") === false ? 1 : 0);' 2>/dev/null; }

# The stand-ins for a refractometer that can be read and for a weather service keep their ports while nobody else has them.
choose_device_ports() {
  local name wanted from=8491
  for name in refractometer weather; do
    wanted=$(cat "$RUN/$name.port" 2>/dev/null || echo "$from")
    # The first has not been started yet: its port does not count as taken, so the second looks above it.
    if port_taken "$wanted" || [ "$wanted" -lt "$from" ]; then wanted=$(free_port "$from"); fi
    printf '%s' "$wanted" >"$RUN/$name.port"
    from=$((wanted + 1))
  done
}

# devices_start [OPTIONS of the refractometer]
devices_start() {
  spawn "$GLASS_PID" "$LOGS/refractometer.log" php "$ROOT/artisan" device:refractometer --port="$(cat "$RUN/refractometer.port")" "$@"
  spawn "$SKY_PID" "$LOGS/weather.log" php "$ROOT/artisan" device:weather --port="$(cat "$RUN/weather.port")"
}

queue_start() { spawn "$QUEUE_PID" "$LOGS/queue.log" php "$ROOT/artisan" queue:work --sleep=1 --tries=2 --max-time=3600 --quiet; }

helpers_start() {
  devices_start
  queue_start
  spawn "$CLOCK_PID" "$LOGS/schedule.log" php "$ROOT/artisan" schedule:work --quiet
}

web_stop() {
  end_process "$QUEUE_PID" php 5
  end_process "$CLOCK_PID" php 5
  end_process "$GLASS_PID" php 5
  end_process "$SKY_PID" php 5
  end_process "$NGINX_PID" nginx 5
  end_process "$FPM_PID" php-fpm 5
}
