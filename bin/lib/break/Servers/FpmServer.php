<?php

declare(strict_types=1);

namespace BreakIt\Servers;

/** nginx and php-fpm as bin/install sets them up, but for a port, a user and files of their own. */
final class FpmServer extends Server
{
    private const WORKERS = 8;

    /** As bin/install has it. Where a machine counts what its tests cover, that is no part of serving a shop. */
    private const COMPILED = '-d opcache.jit=tracing -d opcache.jit_buffer_size=128M -d pcov.enabled=0';

    protected function command(): array
    {
        $this->write('fpm.conf', <<<CONF
            [global]
            error_log = {$this->folder}/fpm.log
            [shop]
            user = root
            group = root
            listen = {$this->folder}/fpm.sock
            pm = static
            pm.max_children = {$this->workers()}
            clear_env = no
            php_admin_value[upload_max_filesize] = 12M
            php_admin_value[post_max_size] = 14M
            php_admin_value[opcache.enable] = 1
            CONF);
        $this->write('nginx.conf', <<<CONF
            user root;
            worker_processes 2;
            pid {$this->folder}/nginx.pid;
            error_log {$this->folder}/nginx.log;
            events { worker_connections 512; }
            http {
                access_log off;
                client_body_temp_path {$this->folder}/body;
                fastcgi_temp_path {$this->folder}/fastcgi;
                client_max_body_size 14m;
                server {
                    listen 127.0.0.1:{$this->port} backlog=512;
                    root {$this->root}/public;
                    location / {
                        try_files \$uri /index.php?\$query_string;
                    }
                    location = /index.php {
                        include /etc/nginx/fastcgi_params;
                        fastcgi_param SCRIPT_FILENAME \$document_root/index.php;
                        fastcgi_pass unix:{$this->folder}/fpm.sock;
                        fastcgi_read_timeout 120;
                    }
                }
            }
            CONF);
        @unlink("{$this->folder}/fpm.sock");
        $fpm = 'php-fpm'.PHP_MAJOR_VERSION.'.'.PHP_MINOR_VERSION;

        return [
            'sh', '-c', "{$fpm} ".self::COMPILED." -F -R -y {$this->folder}/fpm.conf & "
                ."while [ ! -S {$this->folder}/fpm.sock ]; do sleep 0.05; done; "
                ."nginx -c {$this->folder}/nginx.conf -e {$this->folder}/nginx.log -g 'daemon off;' & wait",
        ];
    }

    public function words(): string
    {
        return 'nginx and php-fpm, '.self::WORKERS.' workers';
    }

    private function workers(): int
    {
        return self::WORKERS;
    }

    private function write(string $name, string $text): void
    {
        file_put_contents("{$this->folder}/{$name}", $text."\n");
    }
}
