<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom;

use App\Foundation\Units\Formatter;
use App\Words\Wording;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Marjoram\Core\HoneyRoom\JarPlan;
use Marjoram\Core\HoneyRoom\JarPlanner;
use Marjoram\Core\HoneyRoom\JarSize;
use Marjoram\Core\HoneyRoom\Prepack;
use Marjoram\Core\HoneyRoom\PrepackResult;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Viscosity\Settling;

/** From the tank to the jar: how long it settles, which jars, do they hold what they say. Nothing is stored. */
final readonly class JarsController
{
    private const WARMTHS_C = [20.0, 25.0, 30.0, 35.0, 40.0];

    private const KINDS = 12;

    private const SHOWN = 5;

    public function show(Request $request, Formatter $format, Wording $say): View
    {
        $form = new JarsForm($request, $format);
        $wrong = [];
        try {
            $plan = $this->plan($form);
        } catch (InvalidInput $refusal) {
            [$plan, $wrong] = [null, [$say->refusal($refusal)]];
        }
        try {
            $prepack = $this->prepack($form);
        } catch (InvalidInput $refusal) {
            [$prepack, $wrong] = [null, [...$wrong, $say->refusal($refusal)]];
        }

        return view('honey-room.jars', [
            'form' => $form,
            'rows' => range(0, max(self::SHOWN, min(self::KINDS, $form->kinds() + 1)) - 1),
            'hours' => $this->hours($form),
            'plan' => $plan,
            'prepack' => $prepack,
            'wrong' => $wrong,
        ]);
    }

    /** @return array<string, float> hours until it is clear, by warmth in words; those that a tank may have */
    private function hours(JarsForm $form): array
    {
        $settling = new Settling;
        $hours = [];
        foreach (self::WARMTHS_C as $celsius) {
            $rise = $settling->riseCmPerDay($celsius, $form->waterPct());
            $hours[$form->format->celsius($celsius)] = $settling->hoursToClear($form->depthCm(), $rise);
        }

        return $hours;
    }

    private function plan(JarsForm $form): ?JarPlan
    {
        $kinds = [];
        for ($i = 0; $i < self::KINDS; $i++) {
            $net = $form->whole('net', $i);
            if ($net > 0) {
                $kinds[] = new JarSize(
                    (string) $i,
                    $net,
                    $form->whole('stock', $i),
                    $form->number('price', $i),
                    $form->whole('must', $i),
                );
            }
        }

        return $kinds === [] || $form->honeyKg() === null
            ? null
            : (new JarPlanner)->plan($form->honeyKg(), $kinds, $form->goal(), 1.0);
    }

    private function prepack(JarsForm $form): ?PrepackResult
    {
        return $form->weights() === [] ? null : (new Prepack)->check($form->nominalG(), $form->weights());
    }
}
