<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Apiary\Hives\HiveNames;
use App\Foundation\Http\Saved;
use App\Foundation\Writes\Bin;
use App\Foundation\Writes\Record;
use App\Foundation\Writes\RecordKinds;
use Illuminate\Contracts\View\View;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

final class BinController
{
    public function index(Bin $bin): View
    {
        return view('account.bin', ['contents' => $bin->contents(HiveNames::of(...))]);
    }

    public function restore(string $kind, string $id): RedirectResponse
    {
        $class = RecordKinds::classes()[$kind] ?? abort(404);
        /** @var Record $record */
        $record = $class::binned()->whereKey($id)->firstOrFail();
        try {
            $record->restore();
        } catch (UniqueConstraintViolationException) {
            throw ValidationException::withMessages([
                'record' => __(':what cannot come back: another record uses its name or place now.', [
                    'what' => $record->label(),
                ]),
            ]);
        }

        return Saved::at(route('account.bin'), __(':what is restored.', ['what' => ucfirst($record->label())]));
    }
}
