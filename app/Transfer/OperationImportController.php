<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Foundation\Http\UploadLimit;
use App\Models\OperationImport;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** A whole operation comes in: into a new one of the person's, or into the one they work in while that is empty. */
final readonly class OperationImportController
{
    public function __construct(private CurrentOperation $current, private WholeState $state)
    {
    }

    public function store(Request $request): RedirectResponse
    {
        $values = $request->validate(
            [
                'whole' => ['required', 'file', 'max:'.UploadLimit::kilobytes()],
                'into' => ['nullable', 'in:new,this'],
            ],
            ['whole.max' => __('The file is larger than :n MB.', ['n' => UploadLimit::megabytes()])],
        );
        $isThis = ($values['into'] ?? 'new') === 'this';
        if ($isThis) {
            Gate::authorize('manage');
            if (! $this->state->isEmpty()) {
                throw ValidationException::withMessages([
                    'whole' => __('This operation already has records. Choose "Begin another operation" under Account, and bring the file there.'),
                ]);
            }
        }
        $file = $request->file('whole');
        assert($file instanceof UploadedFile);
        $import = OperationImport::query()->create([
            'user_id' => $this->person($request)->id,
            'operation_id' => $isThis ? $this->current->get()->id : null,
            'file_name' => mb_substr(mb_scrub($file->getClientOriginalName()), 0, 120),
        ]);
        UploadedWhole::of($import)->take($file);
        ReadWhole::dispatch($import->id);

        return redirect()->route('start.import.show', $import->id, 303);
    }

    public function show(Request $request, string $import): View|Response
    {
        $found = OperationImport::query()
            ->where('user_id', $this->person($request)->id)
            ->whereKey($import)
            ->firstOrFail();
        $page = ['import' => $found, 'progress' => (new ImportProgress($found->id))->words()];
        if ($request->hasHeader('HX-Request')) {
            return response()->view('start.import-state', $page);
        }

        return view('start.import', $page);
    }

    /** Takes back what was read into this operation, while nothing was changed since. */
    public function destroy(): RedirectResponse
    {
        if (! $this->state->canBeTakenBack()) {
            throw ValidationException::withMessages([
                'whole' => __('Records were changed since the import. Undo those changes first, or leave the import.'),
            ]);
        }
        $this->state->takeBack();

        return Saved::at(route('compare.out'), __('The imported records are gone. The operation is empty again.'));
    }

    private function person(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }
}
