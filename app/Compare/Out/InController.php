<?php

declare(strict_types=1);

namespace App\Compare\Out;

use App\Support\Allowance;
use App\Support\Http\Saved;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

/** A whole operation into an empty one, and back out of it. */
final readonly class InController
{
    /** A document of some hundred hives is decoded at once. */
    private const MEGABYTES = 1024;

    private const SECONDS = 300;

    public function __construct(private WholeImport $import, private WholeState $state)
    {
    }

    public function store(Request $request): RedirectResponse
    {
        $request->validate(['whole' => ['required', 'file', 'max:65536']]);
        if (! $this->state->isEmpty()) {
            throw ValidationException::withMessages([
                'whole' => __('Something is entered here already: a whole operation goes into an empty one. Begin another one under Account.'),
            ]);
        }
        $file = $request->file('whole');
        assert($file instanceof UploadedFile);
        Allowance::atLeast(self::MEGABYTES, self::SECONDS);
        try {
            $path = $file->getRealPath();
            $isZip = str_starts_with((string) file_get_contents($path, length: 4), "PK\x03\x04");
            $count = $this->import->read(
                $isZip ? new PackageSource($path) : new JsonSource((string) file_get_contents($path)),
            );
        } catch (Unreadable $refusal) {
            throw ValidationException::withMessages([
                'whole' => __('Nothing was read in: :why.', ['why' => $refusal->getMessage()]),
            ]);
        }

        return Saved::at(route('compare.out'), trans_choice(
            '{0} Settings are read in.|{1} :count record is read in.|[2,*] :count records are read in.',
            $count,
        ));
    }

    public function destroy(): RedirectResponse
    {
        if (! $this->state->canBeTakenBack()) {
            throw ValidationException::withMessages([
                'whole' => __('Something was changed since: take back that first, or leave it.'),
            ]);
        }
        $this->state->takeBack();

        return Saved::at(route('compare.out'), __('What was read in is gone; the operation is empty again.'));
    }
}
