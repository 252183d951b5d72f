<?php

declare(strict_types=1);

// Without a mail server letters are files in storage/app/letters, where whoever runs the installation finds them.
return [
    'default' => env('MAIL_MAILER', 'file'),
    'mailers' => [
        'file' => ['transport' => 'file'],
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
