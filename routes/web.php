<?php

declare(strict_types=1);

use App\Pages\Account\ForgottenController;
use App\Pages\Account\InvitationController;
use App\Pages\Account\LeaveController;
use App\Pages\Account\SignIn;
use App\Pages\Account\SignUp;
use App\Pages\Field\Shell\ShellController;
use App\Pages\Yards\PlaceController;
use App\Pages\Yards\StartController;
use App\Transfer\OperationImportController;
use Illuminate\Support\Facades\Route;

Route::middleware('guest')->group(static function (): void {
    Route::get('/sign-in', [SignIn::class, 'show'])->name('sign-in');
    Route::post('/sign-in', [SignIn::class, 'store'])->middleware('throttle:sign-in');
    Route::get('/sign-up', [SignUp::class, 'show'])->name('sign-up');
    Route::post('/sign-up', [SignUp::class, 'store'])->middleware('throttle:sign-in');
    Route::get('/sign-up/{token}', [SignUp::class, 'confirm'])
        ->where('token', '[A-Za-z0-9]{40}')
        ->name('sign-up.confirm');
    Route::post('/sign-up/{token}', [SignUp::class, 'finish'])
        ->where('token', '[A-Za-z0-9]{40}')
        ->middleware('throttle:sign-in')
        ->name('sign-up.finish');
    Route::get('/forgotten', [ForgottenController::class, 'ask'])->name('forgotten.ask');
    Route::post('/forgotten', [ForgottenController::class, 'send'])
        ->middleware('throttle:sign-in')
        ->name('forgotten.send');
    Route::get('/forgotten/{token}', [ForgottenController::class, 'choose'])->name('forgotten.choose');
    Route::post('/forgotten/{token}', [ForgottenController::class, 'change'])
        ->middleware('throttle:sign-in')
        ->name('forgotten.change');
});
// The field sheet's page holds nobody's data: a browser keeps it, and opens it without a network.
Route::get('/field', [ShellController::class, 'show'])->name('field');
Route::get('/field/manifest.json', [ShellController::class, 'manifest'])->name('field.manifest');
Route::get('/field-worker.js', [ShellController::class, 'worker'])->name('field.worker');
Route::post('/sign-out', [SignIn::class, 'destroy'])
    ->middleware('auth')
    ->name('sign-out');

// For whoever is signed in and has its address, a member of anything or not.
Route::middleware(['auth', 'units'])->group(static function (): void {
    Route::get('/invitations/{secret}', [InvitationController::class, 'show'])
        ->where('secret', '[A-Za-z0-9]{40}')
        ->name('invitations.show');
    Route::post('/invitations/{secret}', [InvitationController::class, 'accept'])
        ->where('secret', '[A-Za-z0-9]{40}')
        ->middleware('write')
        ->name('invitations.accept');
    Route::get('/places', [PlaceController::class, 'index'])->name('places.index');
    Route::get('/leave', [LeaveController::class, 'show'])->name('leave.show');
    Route::delete('/leave', [LeaveController::class, 'destroy'])
        ->middleware('throttle:sign-in')
        ->name('leave.destroy');
});

Route::middleware(['auth', 'units', 'operation'])->group(static function (): void {
    Route::get('/start', [StartController::class, 'show'])->name('start.show');
    Route::post('/start', [StartController::class, 'store'])
        ->middleware('write')
        ->name('start.store');
    Route::post('/start/import', [OperationImportController::class, 'store'])
        ->middleware('write')
        ->name('start.import');
    Route::get('/start/import/{import}', [OperationImportController::class, 'show'])->name('start.import.show');

    // Each stage has a file of its own; addresses with a yard's name in them come after those without.
    /** @var list<string> $stages */
    $stages = config('stages.routes');
    foreach ($stages as $stage) {
        require __DIR__."/stages/$stage.php";
    }
});
