<?php

declare(strict_types=1);

return [
    'defaults' => ['guard' => 'web', 'passwords' => 'users'],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'users']],
    'providers' => ['users' => ['driver' => 'eloquent', 'model' => App\Models\User::class]],
    'passwords' => [
        'users' => ['provider' => 'users', 'table' => 'password_reset_tokens', 'expire' => 60, 'throttle' => 60],
    ],
    // Whether an account is made only when its letter is opened: where a mail server delivers letters.
    'confirm_sign_up' => env('MAIL_MAILER') === 'smtp',
    'password_timeout' => 10800,
    // So long does every sign-in that fails take, whether the account is known or not; microseconds.
    'timebox_duration' => 500000,
];
