<?php

declare(strict_types=1);

namespace App\Winter;

use App\Assess\YardReader;
use App\Models\Apiary;
use App\Models\Hive;
use App\Support\CurrentOperation;
use App\Support\PolicyBook;
use App\Yards\YardPicture;
use Illuminate\Contracts\View\View;

final readonly class WinterController
{
    public function __construct(private YardReader $yards, private WinterReader $winter, private CurrentOperation $current)
    {
    }

    public function index(): View
    {
        if ($this->yards->apiaries()->count() > YardReader::DRAWN_AT_ONCE) {
            return view('yards.many', ['stage' => 'winter']);
        }
        $states = $this->yards->all();

        return view('winter.index', ['states' => $states, 'winters' => array_map($this->winter->read(...), $states)]);
    }

    public function show(Apiary $apiary, ?Hive $hive = null): View
    {
        $state = $this->yards->one($apiary);
        $winters = $this->winter->read($state);
        $policy = PolicyBook::at($this->current, $apiary);

        return view('winter.show', ['state' => $state, 'winters' => $winters, 'picture' => new YardPicture(new \App\Support\Drawing\Elevation), 'chart' => new StoresChart,
            'winter' => $this->winter->winter($apiary, $policy), 'confidence' => $policy->number('winter_confidence'),
            'open' => $hive === null ? null : ($winters[$hive->code] ?? abort(404))]);
    }
}
