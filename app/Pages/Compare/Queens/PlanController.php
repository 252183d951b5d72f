<?php

declare(strict_types=1);

namespace App\Pages\Compare\Queens;

use App\Foundation\Sheets\Csv;
use Illuminate\Contracts\View\View;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** From which queens daughters are raised next season, and where they go. */
final readonly class PlanController
{
    public function __construct(private PlanReader $plans)
    {
    }

    public function show(): View
    {
        return view('compare.plan', ['plan' => $this->plans->read()]);
    }

    public function csv(): StreamedResponse
    {
        return Csv::download('marjoram-queens.csv', $this->plans->read()->rows());
    }
}
