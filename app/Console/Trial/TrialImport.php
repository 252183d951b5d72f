<?php

declare(strict_types=1);

namespace App\Console\Trial;

use App\Apiary\Operation\CurrentOperation;
use App\Models\ImportState;
use App\Models\Operation;
use App\Models\OperationImport;
use App\Models\Role;
use App\Models\User;
use App\Transfer\ReadWhole;
use App\Transfer\UploadedWhole;
use App\Transfer\WholePackage;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/**
 * The demo is read in as an operation of its own while others end the worker. Prints how many hives it has in the
 * database at each moment when it was asked: all or none.
 */
final class TrialImport extends Command
{
    protected $signature = 'trial:import {--of= : the id of an import: how far it is, and the hives of its operation}';

    protected $description = 'Read the demo in as another operation';

    protected $hidden = true;

    public function handle(CurrentOperation $current, WholePackage $package): int
    {
        $of = $this->option('of');
        if (is_string($of)) {
            return $this->count($of);
        }
        $demo = Operation::query()->where('name', 'Marjoram demo')->orderBy('id')->firstOrFail();
        $current->enter($demo, Role::Owner);
        $person = User::query()->create([
            'name' => 'Mover',
            'email' => 'mover-'.bin2hex(random_bytes(6)).'@demo.example',
            'password' => 'nine tall plain stools',
        ]);
        $import = OperationImport::query()->create(['user_id' => $person->id, 'file_name' => 'demo.zip']);
        UploadedWhole::of($import)->put($package->write());
        ReadWhole::dispatch($import->id);
        $this->line($import->id);

        return self::SUCCESS;
    }

    private function count(string $id): int
    {
        $import = OperationImport::query()->findOrFail($id);
        $operations = DB::table('memberships')->where('user_id', $import->user_id)->pluck('operation_id');
        $hives = DB::table('hives')->whereIn('operation_id', $operations)->count();
        $this->line("{$import->state->value} {$operations->count()} $hives");

        return $import->state === ImportState::Refused ? self::FAILURE : self::SUCCESS;
    }
}
