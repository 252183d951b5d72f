<?php

declare(strict_types=1);

namespace App\Pages\Practise;

use App\Drawing\Picture;
use App\Foundation\Http\Saved;
use App\Foundation\Units\Formatter;
use App\Models\Eye;
use App\Models\PracticeTry;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Marjoram\Core\Calibration\EyeTest;
use Marjoram\Core\Practise\PractiseFace;
use Marjoram\Core\Practise\PractiseScale;

/** A trainer for the eye: comb faces whose capped share is known, and a scale to read. */
final class PractiseController
{
    public function face(Request $request, Formatter $format): View
    {
        $user = self::user($request);
        $told = $this->told($user, 'face', $request);
        $number = $told->number ?? Tries::next($user, 'face');
        $face = PractiseFace::draw(Tries::seed($user, 'face', $number));
        $words = $told === null
            ? __('A comb face to estimate by eye; words would give the answer away')
            : __('A comb face, :p of it capped', ['p' => $format->percent($face->cappedShare)]);
        $test = Tries::test($user);

        return view('practise.face', [
            'number' => $number,
            'told' => $told,
            'picture' => FacePicture::of($face, $words),
            'test' => $test,
            'plot' => $test === null ? null : self::plot($test, Tries::pairs($user, 'face')),
            'enough' => Tries::ENOUGH,
            'eye' => Eye::query()->where('user_id', $user->id)->first(),
        ]);
    }

    public function scale(Request $request, Formatter $format): View
    {
        $user = self::user($request);
        $told = $this->told($user, 'scale', $request);
        $number = $told->number ?? Tries::next($user, 'scale');
        $scale = PractiseScale::draw(Tries::seed($user, 'scale', $number));
        $words = $told === null
            ? __(
                'A scale from 13 to 25 % with a boundary, and a thermometer; words would give the answer away',
            )
            : __('The boundary is at :w at :t', [
                'w' => $format->water($scale->shownPct),
                't' => $format->celsius($scale->temperatureC),
            ]);
        $pairs = Tries::pairs($user, 'scale');
        $said = __('Readings against truth for :n samples', ['n' => count($pairs)]);

        return view('practise.scale', [
            'number' => $number,
            'told' => $told,
            'scale' => $scale,
            'picture' => ScalePicture::of($scale, $words, $format),
            'off' => $pairs === [] ? null : ScaleErrors::of($pairs),
            'plot' => (new GuessPlot(PractiseScale::FROM_PCT, PractiseScale::TO_PCT))->of($pairs, $said),
        ]);
    }

    /** @param  list<array{float, float}>  $pairs */
    private static function plot(EyeTest $test, array $pairs): Picture
    {
        $said = __('Estimates against truth for :n faces', ['n' => $test->count]);
        $corrected = $test->count >= Tries::ENOUGH ? $test->correction->share(...) : null;

        return (new GuessPlot(0.0, 1.0))->of($pairs, $said, $corrected);
    }

    public function guessFace(Request $request): RedirectResponse
    {
        $values = $request->validate(
            ['number' => ['required', 'integer', 'min:1'], 'guess' => ['required', 'numeric', 'between:0,100']],
            ['guess.between' => __('A part of a face must be between 0 and 100 %.')],
        );
        $user = self::user($request);
        $number = $this->number($user, 'face', (int) $values['number']);

        return $this->note(
            $user,
            'face',
            $number,
            PractiseFace::draw(Tries::seed($user, 'face', $number))->cappedShare,
            (float) $values['guess'] / 100.0,
        );
    }

    public function guessScale(Request $request): RedirectResponse
    {
        $values = $request->validate(
            ['number' => ['required', 'integer', 'min:1'], 'guess' => ['required', 'numeric', 'between:10,30']],
            ['guess.between' => __('This scale shows water from 13 to 25 %.')],
        );
        $user = self::user($request);
        $number = $this->number($user, 'scale', (int) $values['number']);

        return $this->note(
            $user,
            'scale',
            $number,
            PractiseScale::draw(Tries::seed($user, 'scale', $number))->shownPct,
            (float) $values['guess'],
        );
    }

    public function apply(Request $request): RedirectResponse
    {
        $user = self::user($request);
        $test = Tries::test($user);
        if ($test === null || $test->count < Tries::ENOUGH) {
            throw ValidationException::withMessages([
                'eye' => __('Estimate :n faces first. Fewer faces say too little.', ['n' => Tries::ENOUGH]),
            ]);
        }
        $values = [
            'offset' => round($test->correction->offset, 4),
            'slope' => round($test->correction->slope, 4),
            'tries' => $test->count,
        ];
        $eye = Eye::query()->where('user_id', $user->id)->first();
        $eye === null ? Eye::query()->create(['user_id' => $user->id] + $values) : $eye->update($values);

        return Saved::at(
            route('practise.face'),
            __('From now on your inspections are corrected. The correction is shown with each.'),
        );
    }

    public function drop(Request $request): RedirectResponse
    {
        Eye::query()->where('user_id', self::user($request)->id)->first()?->delete();

        return Saved::at(route('practise.face'), __('Your inspections are used as painted again.'));
    }

    private function note(User $user, string $task, int $number, float $truth, float $guess): RedirectResponse
    {
        PracticeTry::query()->create([
            'user_id' => $user->id,
            'task' => $task,
            'number' => $number,
            'truth' => round($truth, 4),
            'guess' => round($guess, 4),
        ]);

        return redirect()->to(route("practise.$task", ['told' => $number]), 303);
    }

    /** The task that was shown must be the one that is next: another window may have gone on. */
    private function number(User $user, string $task, int $shown): int
    {
        if ($shown !== Tries::next($user, $task)) {
            throw ValidationException::withMessages([
                'guess' => __('This one was answered already, perhaps in another window. Here is the next one.'),
            ]);
        }

        return $shown;
    }

    private function told(User $user, string $task, Request $request): ?PracticeTry
    {
        $told = $request->query('told');

        return is_numeric($told)
            ? PracticeTry::query()
                ->where('user_id', $user->id)
                ->where('task', $task)
                ->where('number', (int) $told)
                ->first()
            : null;
    }

    private static function user(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }
}
