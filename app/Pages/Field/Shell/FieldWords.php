<?php

declare(strict_types=1);

namespace App\Pages\Field\Shell;

use App\Words\Names;
use Marjoram\Core\Ripeness\Verdict;

/** The words of the field sheet, which its scripts put together; `:name` stands for a value. */
final class FieldWords
{
    /** @return array<string, string> */
    public static function all(): array
    {
        return self::places() + self::painting() + self::doing() + TapWords::all() + self::verdicts();
    }

    /** @return array<string, string> */
    private static function places(): array
    {
        return [
            'title' => __('Field sheet'),
            'begin' => __('Looking for your yards …'),
            'begin-away' => __('No network, and no yard is on this phone yet. Sign in once with a network.'),
            'begin-sign-in' => __('Sign in to take your yards along. Your earlier taps are still on this phone.'),
            'sign-in' => __('Sign in'),
            'yards' => __('Yards'),
            'back' => __('Back'),
            'leave' => __('To the pages'),
            'open' => __('Open'),
            'find' => __('Hive, box or frame by its code or mark'),
            'scan' => __('Read a label'),
            'scan-how' => __('Hold the label before the camera.'),
            'photograph' => __('Photograph a label'),
            'no-camera' => __('The camera cannot be used. Allow it, photograph the label, or type its code.'),
            'no-label' => __('No label can be read on this photograph. Go nearer, in even light, or type its code.'),
            'code-unknown' => __('Not a Marjoram label. Type the code printed under the QR code.'),
            'code-elsewhere' => __('This label belongs to another operation.'),
            'code-not-here' => __('This code is not on the phone. Check the code, or take its yard along first.'),
            'not-here' => __('Not here'),
            'yard-gone' => __('This yard is not on this phone. Take it along while you have a network.'),
            'hive-gone' => __('This hive is not on this phone, or no longer in this yard.'),
            'box-gone' => __('This box is no longer on this hive.'),
            'hives' => __(':n hives'),
            'on-phone' => __('on this phone, :ago'),
            'comes-along' => __('taken along automatically: work is planned there'),
            'not-on-phone' => __('not on this phone'),
            'fetch-again' => __('Fetch again'),
            'take-along' => __('Take along'),
            'let-go' => __('Take off the phone'),
            'not-let-go' => __('Some taps in this yard are not sent yet. The yard stays until they are.'),
            'fetched' => __('The yard is on the phone.'),
            'not-fetched' => __('The yard could not be fetched: no network, or you are signed out.'),
            'held' => __('Yards on this phone: :n, :kb KB.'),
            'no-yards' => __('You have no yard yet.'),
            'make-yard' => __('Set up a yard'),
            'no-hives' => __('This yard has no hive yet.'),
            'make-hive' => __('Add a hive'),
            'settings' => __('This phone'),
            'theme-sun' => __('Sun'),
            'theme-light' => __('Light'),
            'theme-dark' => __('Dark'),
            'left-hand' => __('Left-handed'),
            'core-ready' => __('Calculated on this phone.'),
            'core-loading' => __('The calculation is loading. Until then your taps are judged when they are sent.'),
            'core-failed' => __('This browser cannot calculate. Your taps are judged when they are sent.'),
            'no-worker' => __('This browser opens the sheet only with a network (private window, or no https).'),
            'in-yard' => __('In this yard'),
            'read-out' => __('Read out'),
            'speak' => __('Read aloud'),
            'minutes-ago' => __(':n min ago'),
            'hours-ago' => __(':n h ago'),
            'days-ago' => __(':n days ago'),
        ];
    }

    /** @return array<string, string> */
    private static function painting(): array
    {
        return [
            'to-look' => __(':n supers to inspect, in :where'),
            'nothing-to-look' => __('No super needs an inspection.'),
            'open-hive' => __('Open :hive'),
            'first-hive' => __('First hive'),
            'look-at' => __(':box: :what'),
            'look-first' => __('Inspect hive :hive, :box first: :what.'),
            'look-frame' => __('inspect frame :n'),
            'read-water' => __('read the water'),
            'go-read-water' => __('Read the water'),
            'next-hive' => __('Hive :hive'),
            'previous-hive' => __('Hive before: :hive'),
            'done-hives' => __('All hives'),
            'to-hive' => __('To hive :hive'),
            'next-box' => __('Next: :box'),
            'frame-next' => __('Frame :n tells you most'),
            'frame' => __('Frame :n'),
            'frames' => __('Frames'),
            'faces' => __('Faces of the frame'),
            'face' => __('Frame :n, face :side'),
            'painted' => __('Frame :n, face :side: :what'),
            'tenths' => __('Tenths :what'),
            'what-painted' => __('Paint with'),
            'rest' => __('Rest of the face'),
            'rest-empty' => __('Rest is empty'),
            'rest-open' => __('Rest is open'),
            't-capped' => __('Capped'),
            't-open' => __('Open'),
            't-brood' => __('Brood'),
            't-pollen' => __('Pollen'),
            'undo' => __('Undo'),
            'super' => __('Super'),
            'to-frames' => __('To the frames'),
            'no-super' => __('no super'),
            'new-super' => __('New super'),
            'kept-here' => __('saved here'),
            'seen-on' => __('inspected :day'),
            'decided' => __('decided: :note'),
            'days' => __('~:n days'),
            'p-met' => __('Ripe by your rule: :p % likely.'),
            'capped' => __('Capped: :p % of the honey (range :low to :high %).'),
            'no-honey' => __('No honey in the frames inspected.'),
            'water-read' => __('Water read: :r %. With the capping: :w % (:low to :high).'),
            'water-presumed' => __('No water reading. Estimated :w % (:low to :high).'),
            'seen-of' => __(':n of :of frames inspected.'),
            'why-shake-failed' => __('Nectar rained: not ripe until open cells read dry enough.'),
            'why-sealed' => __('All capped. Capped honey does not dry on the hive.'),
            'why-rest-unstated' => __('You did not say what is not capped. It is estimated.'),
            'why-no-refractometer' => __('Judged by the capping alone. About a quarter of such supers have more than 18 % water.'),
            'why-look-for-the-queen' => __('No excluder: check for brood and the queen before you take the super.'),
            'judged-here' => __('Calculated on this phone.'),
            'judged-later' => __('This is the last verdict. Your taps are judged when they are sent.'),
        ];
    }

    /** @return array<string, string> */
    private static function doing(): array
    {
        return [
            'alike' => __('Whole super like the last painted frame'),
            'paint-first' => __('Paint one frame first. Then you can copy it to the others.'),
            'shake' => __('Shake test'),
            'shake-passed' => __('No nectar'),
            'shake-failed' => __('It rains nectar'),
            'water' => __('Water reading'),
            'scale' => __('Reading of the instrument'),
            'cells' => __('Cells read'),
            'cells-mixed' => __('mixed'),
            'cells-open' => __('open cells'),
            'cells-capped' => __('capped cells'),
            'keep-water' => __('Save the reading'),
            'read-today' => __('Read today: :values.'),
            'water-range' => __('A reading on this scale must be between :least and :most.'),
            'decide' => __('Decide yourself'),
            'decide-why' => __('Why, in a few words'),
            'decide-first' => __('Say in a few words why you decide differently. The note is saved with your decision.'),
            'comes-off' => __('It comes off'),
            'stays' => __('It stays'),
            'take-off' => __('Take this super off the hive'),
            'more-hive' => __('Note, queen, weight, photo, boxes'),
            'note' => __('Note'),
            'keep-note' => __('Save the note'),
            'say-something' => __('Write a few words first.'),
            'queen-seen' => __('Queen seen'),
            'photo' => __('Photo'),
            'no-picture' => __('This file is not a picture that can be read.'),
            'weight' => __('Weighed, or lifted'),
            'on-its-scale' => __('read from its scale'),
            'reading' => __('Reading, :unit'),
            'second-reading' => __('Second reading, :unit (not for the whole hive)'),
            'frames-of-bees' => __('Frames of bees'),
            'heft-whole' => __('Enter the weight and the frames of bees as numbers. The bees\' own weight is subtracted.'),
            'heft-sides' => __('Enter both readings and the frames of bees as numbers. The bees\' own weight is subtracted.'),
            'keep-weight' => __('Save the weight'),
            'weight-range' => __('A hive must weigh between :least and :most :unit.'),
            'put-on' => __('Put a super on'),
            'put-on-how' => __('How it is put on'),
            'excluder-in' => __('Put the excluder in'),
            'excluder-out' => __('Take the excluder out'),
            'signs' => __('Flow signs'),
            'signs-seen' => __('What did you see?'),
            'noted' => __('Saved.'),
            'robbing' => __('Robbing test'),
            'robbing-how' => __('A wet comb 20 steps from the hives; after 15 minutes count who found it. Close it well afterwards.'),
            'timer-start' => __('The comb is out: start the clock'),
            'timer-done' => __('The 15 minutes are over: check the comb.'),
            'day' => __('Day sheet'),
            'no-day' => __('No clearing is planned in this yard.'),
            'lift-caution' => __('A full super is heavy: lift with two, close to the body, and set it down often.'),
            'placed' => __('Board on'),
            'board-under' => __('Escape board put on, under'),
            'board-noted' => __('The board is saved. The day to fetch the supers appears when it is sent.'),
            'placed-done' => __('the board is on'),
            'collected' => __('Taken along'),
            'collected-done' => __('on the truck'),
            'look-before' => __('Inspect first, not ripe at the last inspection: :boxes.'),
            'no-board' => __('No board went on here. Brush the bees off, or leave these supers for another day.'),
            'went-wrong' => __('What went wrong'),
            'to-load' => __('To load'),
            'loaded-of' => __(':n of :of loaded'),
            'stops' => __('Where it goes'),
            'day-gone' => __('No work is planned for this day in the yards on this phone.'),
        ];
    }

    /** @return array<string, string> */
    private static function verdicts(): array
    {
        $words = [];
        foreach (Verdict::cases() as $verdict) {
            $words["v-$verdict->value"] = Names::of($verdict);
        }

        return $words;
    }
}
