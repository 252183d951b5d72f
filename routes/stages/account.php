<?php

declare(strict_types=1);

use App\Pages\Account\AccountController;
use App\Pages\Account\BinController;
use App\Pages\Account\MemberController;
use App\Pages\Account\OperationController;
use App\Pages\Account\PolicyController;
use App\Pages\Account\TokenController;
use App\Pages\Account\TrailController;
use App\Pages\Account\UndoController;
use Illuminate\Support\Facades\Route;

Route::middleware('can:view')->group(static function (): void {
    Route::get('/account', [AccountController::class, 'show'])
        ->name('account.show');
    Route::get('/account/policy', [PolicyController::class, 'show'])
        ->name('account.policy');
    Route::get('/account/trail', [TrailController::class, 'index'])
        ->name('account.trail');
    Route::get('/account/bin', [BinController::class, 'index'])
        ->name('account.bin');
});

// A person's own settings: every member may change them.
Route::middleware(['can:view', 'write'])->group(static function (): void {
    Route::put('/account', [AccountController::class, 'update'])
        ->name('account.update');
    Route::put('/account/password', [AccountController::class, 'password'])
        ->name('account.password');
    Route::post('/account/tokens', [TokenController::class, 'store'])
        ->name('account.tokens.store');
    Route::delete('/account/tokens/{token}', [TokenController::class, 'destroy'])
        ->name('account.tokens.destroy');
    Route::put('/account/operation', [AccountController::class, 'switch'])
        ->name('account.switch');
});

Route::middleware(['can:record', 'write'])->group(static function (): void {
    Route::post('/undo', [UndoController::class, 'store'])
        ->name('undo');
});

Route::middleware(['can:manage', 'write'])->group(static function (): void {
    Route::put('/account/policy', [PolicyController::class, 'update'])
        ->name('account.policy.update');
    Route::post('/account/bin/{kind}/{id}', [BinController::class, 'restore'])
        ->name('account.bin.restore');
});

Route::middleware(['can:own', 'write'])->group(static function (): void {
    Route::put('/account/operation-settings', [OperationController::class, 'update'])
        ->name('account.operation');
    Route::post('/account/invitations', [MemberController::class, 'invite'])
        ->name('account.members.invite');
    Route::delete('/account/invitations/{invitation}', [MemberController::class, 'withdraw'])
        ->name('account.invitations.destroy');
    Route::put('/account/members/{membership}', [MemberController::class, 'update'])
        ->name('account.members.update');
    Route::delete('/account/members/{membership}', [MemberController::class, 'destroy'])
        ->name('account.members.destroy');
});
