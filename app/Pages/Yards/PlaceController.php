<?php

declare(strict_types=1);

namespace App\Pages\Yards;

use App\Foundation\Places\Gazetteer;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** Towns to choose from while a name is typed. */
final readonly class PlaceController
{
    private const MOST = 8;

    public function __construct(private Gazetteer $gazetteer)
    {
    }

    public function index(Request $request): View
    {
        $given = $request->query('place');

        return view('places.options', [
            'towns' => $this->gazetteer->beginning(is_string($given) ? mb_substr($given, 0, 80) : '', self::MOST),
        ]);
    }
}
