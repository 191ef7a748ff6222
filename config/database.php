<?php

declare(strict_types=1);

return [
    'default' => 'mariadb',
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '3306'),
            'database' => env('DB_DATABASE', 'pebblefell'),
            'username' => env('DB_USERNAME', 'pebblefell'),
            'password' => env('DB_PASSWORD', ''),
            'unix_socket' => env('DB_SOCKET', ''),
            // A cluster: "10.0.0.1:3306,10.0.0.2:3306", the first that is ready serves. Without it the lines above are the one server.
            'nodes' => array_values(array_filter(array_map('trim', explode(',', (string) env('DB_NODES', ''))))),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
            'prefix' => '',
            'strict' => true,
            'engine' => 'InnoDB',
            // One round trip a query in place of three; values stand escaped in it, by the connection's own character set, and no query holds a
            // second one. Numbers come as numbers (mysqlnd).
            'options' => [PDO::ATTR_EMULATE_PREPARES => true, PDO::MYSQL_ATTR_MULTI_STATEMENTS => false],
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
