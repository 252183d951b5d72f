<?php

declare(strict_types=1);

// Without a mail server letters go to storage/logs/mail.log, where whoever runs the installation finds them.
return [
    'default' => env('MAIL_MAILER', 'log'),
    'mailers' => [
        'log' => ['transport' => 'log', 'channel' => 'mail'],
        'array' => ['transport' => 'array'],
        'smtp' => [
            'transport' => 'smtp',
            'host' => env('MAIL_HOST', '127.0.0.1'),
            'port' => env('MAIL_PORT', 25),
            'username' => env('MAIL_USERNAME'),
            'password' => env('MAIL_PASSWORD'),
            'timeout' => 5,
        ],
    ],
    'from' => ['address' => env('MAIL_FROM', 'marjoram@localhost.example'), 'name' => 'Marjoram'],
];
