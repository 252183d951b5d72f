<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Foundation\Http\OwnAddress;
use Closure;
use Illuminate\Mail\Message;
use Illuminate\Support\Facades\Mail;

/** The letters about accounts. Their links lead to the installation's configured address. */
final readonly class Letters
{
    /** After the answer has gone out: how long it took must not tell whether a letter was written. */
    public function later(Closure $write): void
    {
        defer($write);
    }

    public function forgotten(string $email, string $token): void
    {
        $this->send($email, __('A new password for Marjoram'), 'mail.forgotten', [
            'address' => OwnAddress::link('forgotten.choose', ['token' => $token, 'email' => $email]),
        ]);
    }

    public function known(string $email): void
    {
        $this->send($email, __('You already have an account with Marjoram'), 'mail.known', [
            'signIn' => OwnAddress::link('sign-in'),
            'forgotten' => OwnAddress::link('forgotten.ask'),
        ]);
    }

    public function confirm(string $email, string $token): void
    {
        $this->send($email, __('Finish signing up with Marjoram'), 'mail.confirm', [
            'address' => OwnAddress::link('sign-up.confirm', ['token' => $token]),
        ]);
    }

    /** @param  array<string, string>  $values */
    private function send(string $email, string $subject, string $view, array $values): void
    {
        Mail::send(['text' => $view], $values, static fn (Message $letter) => $letter->to($email)->subject($subject));
    }
}
