<?php

declare(strict_types=1);

namespace App\Pages\Yards\Table;

use App\Apiary\Hives\BoxKindReader;
use App\Foundation\Http\Saved;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;

/** Many hives at once from a table: shown first as it was understood, then made, and undone as one. */
final readonly class TableController
{
    public function __construct(private BoxKindReader $kinds)
    {
    }

    public function show(): View
    {
        return view('yards.table', ['text' => '', 'table' => null, 'kinds' => $this->kinds->all()]);
    }

    public function store(Request $request, TableMaker $maker): View|RedirectResponse
    {
        $values = $request->validate([
            'table' => ['required_without:file', 'nullable', 'string', 'max:100000'],
            'file' => ['nullable', 'file', 'max:512'],
            'sure' => ['sometimes', 'boolean'],
        ]);
        $file = $request->file('file');
        $text = $file instanceof UploadedFile ? (string) $file->get() : (string) ($values['table'] ?? '');
        $text = mb_check_encoding($text, 'UTF-8') ? $text : mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
        $table = (new HiveTable($this->kinds))->read($text);
        if (! $table->isWhole() || ! $request->boolean('sure')) {
            return view('yards.table', ['text' => $text, 'table' => $table, 'kinds' => $this->kinds->all()]);
        }
        $maker->make($table->rows);

        return Saved::at(
            route('yards.index'),
            trans_choice(':count hive is set up.|:count hives are set up.', count($table->rows)),
        );
    }
}
