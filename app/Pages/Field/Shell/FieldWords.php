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
            'begin-away' => __('There is no network, and nothing is on this phone yet. Sign in once where there is one.'),
            'begin-sign-in' => __('Sign in to take your yards along. What was tapped here before is still kept.'),
            'sign-in' => __('Sign in'),
            'yards' => __('Yards'),
            'back' => __('Back'),
            'leave' => __('To the pages'),
            'open' => __('Open'),
            'find' => __('Hive, box or frame by its code or mark'),
            'scan' => __('Read a label'),
            'scan-how' => __('Hold the label before the camera.'),
            'photograph' => __('Photograph a label'),
            'no-camera' => __('The camera is not to be had (none, or it was not allowed): photograph the label, or type its code.'),
            'no-label' => __('No label can be read on this photograph: nearer, and in even light. Or type its code.'),
            'code-unknown' => __('This is none of Marjoram’s labels. Type the code that is printed below it.'),
            'code-elsewhere' => __('This label belongs to another operation than the one that is open here.'),
            'code-not-here' => __('It is not on this phone: take its yard along first, or look whether the code is right.'),
            'not-here' => __('Not here'),
            'yard-gone' => __('This yard is not on this phone. Take it along where there is a network.'),
            'hive-gone' => __('This hive is not on this phone, or no longer in this yard.'),
            'box-gone' => __('This box is no longer on this hive.'),
            'hives' => __(':n hives'),
            'on-phone' => __('on this phone, :ago'),
            'comes-along' => __('comes along by itself: work is planned there'),
            'not-on-phone' => __('not on this phone'),
            'fetch-again' => __('Fetch again'),
            'take-along' => __('Take along'),
            'let-go' => __('Take off the phone'),
            'not-let-go' => __('Something tapped there is not sent yet: the yard stays until it is.'),
            'fetched' => __('It is on the phone.'),
            'not-fetched' => __('It could not be fetched: no network, or you are signed out.'),
            'held' => __('Yards on this phone: :n, :kb KB.'),
            'no-yards' => __('There is no yard yet.'),
            'make-yard' => __('Enter one'),
            'no-hives' => __('No hive stands here yet.'),
            'make-hive' => __('Enter one'),
            'settings' => __('This phone'),
            'theme-sun' => __('Sun'),
            'theme-light' => __('Light'),
            'theme-dark' => __('Dark'),
            'left-hand' => __('Left-handed'),
            'core-ready' => __('Judged on this phone by rules :version.'),
            'core-loading' => __('The rules are loading; until then what is tapped is judged when sent.'),
            'core-failed' => __('This browser cannot judge by itself: what is tapped is judged when sent.'),
            'no-worker' => __('This browser opens the sheet only with a network (a private window, or no https).'),
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
            'to-look' => __(':n supers to look at, in :where'),
            'nothing-to-look' => __('Nothing has to be looked at.'),
            'open-hive' => __('Open :hive'),
            'first-hive' => __('First hive'),
            'look-at' => __(':box: :what'),
            'look-first' => __('Look first at hive :hive, :box: :what.'),
            'look-frame' => __('look at frame :n'),
            'read-water' => __('read the water'),
            'go-read-water' => __('Read the water'),
            'next-hive' => __('Hive :hive'),
            'previous-hive' => __('Hive before: :hive'),
            'done-hives' => __('All hives'),
            'to-hive' => __('To hive :hive'),
            'next-box' => __('Next: :box'),
            'frame-next' => __('Frame :n tells most'),
            'frame' => __('Frame :n'),
            'frames' => __('Frames'),
            'faces' => __('Faces of the frame'),
            'face' => __('Frame :n, face :side'),
            'painted' => __('Frame :n, face :side: :what'),
            'tenths' => __('Tenths :what'),
            'what-painted' => __('What is painted'),
            't-capped' => __('Capped'),
            't-open' => __('Open'),
            't-brood' => __('Brood'),
            't-pollen' => __('Pollen'),
            'undo' => __('Undo'),
            'super' => __('Super'),
            'to-frames' => __('To the frames'),
            'no-super' => __('no super'),
            'new-super' => __('New super'),
            'kept-here' => __('kept here'),
            'seen-on' => __('seen :day'),
            'decided' => __('decided: :note'),
            'days' => __('~:n days'),
            'p-met' => __('Your policy is met with a probability of :p %.'),
            'capped' => __('Capped: :p % of the honey (standard deviation :sd).'),
            'no-honey' => __('No honey in the frames seen.'),
            'water-read' => __('Water measured: :w % (standard deviation :sd).'),
            'water-presumed' => __('Water presumed, no reading: :w % (standard deviation :sd).'),
            'seen-of' => __(':n of :of frames seen.'),
            'look-for-queen' => __('No excluder: look for brood and the queen before it is taken.'),
            'judged-here' => __('Judged on this phone by rules :version.'),
            'judged-later' => __('Judged when sent; this is the last verdict.'),
        ];
    }

    /** @return array<string, string> */
    private static function doing(): array
    {
        return [
            'alike' => __('Whole super like the frame painted last'),
            'paint-first' => __('Paint a frame first; then the others can be said to look like it.'),
            'shake' => __('Shake test'),
            'shake-passed' => __('Nothing rains'),
            'shake-failed' => __('It rains nectar'),
            'water' => __('Water reading'),
            'scale' => __('What the instrument shows'),
            'keep-water' => __('Keep the reading'),
            'read-today' => __('Read today: :values.'),
            'water-range' => __('A reading on this scale is :least to :most.'),
            'decide' => __('Decide yourself'),
            'decide-why' => __('Why, in a few words'),
            'decide-first' => __('Say in a few words why you decide otherwise; the note stays with the record.'),
            'comes-off' => __('It comes off'),
            'stays' => __('It stays'),
            'take-off' => __('Take this super off the hive'),
            'more-hive' => __('Note, queen, weight, photo, boxes'),
            'note' => __('Note'),
            'keep-note' => __('Keep the note'),
            'say-something' => __('Say in a few words what is to be noted.'),
            'queen-seen' => __('Queen seen'),
            'photo' => __('Photo'),
            'no-picture' => __('This file is no picture that can be read.'),
            'weight' => __('Weighed, or lifted'),
            'on-its-scale' => __('read from its scale'),
            'reading' => __('Reading, :unit'),
            'second-reading' => __('Second reading, :unit (not for the whole hive)'),
            'frames-of-bees' => __('Frames of bees'),
            'heft-whole' => __('A weight and the frames of bees are numbers: what bees weigh is no honey.'),
            'heft-sides' => __('Both readings and the frames of bees are numbers: what bees weigh is no honey.'),
            'keep-weight' => __('Keep the weight'),
            'weight-range' => __('A hive weighs :least to :most :unit.'),
            'put-on' => __('Put a super on'),
            'put-on-how' => __('How it is put on'),
            'excluder-in' => __('Put the excluder in'),
            'excluder-out' => __('Take the excluder out'),
            'signs' => __('Flow signs'),
            'signs-seen' => __('What was seen'),
            'noted' => __('Noted.'),
            'robbing' => __('Robbing test'),
            'robbing-how' => __('A wet comb 20 steps from the hives; after 15 minutes count who found it. Close it well afterwards.'),
            'timer-start' => __('The comb is out: start'),
            'timer-done' => __('The 15 minutes are over: look at the comb.'),
            'day' => __('Day sheet'),
            'no-day' => __('No clearing is planned in this yard.'),
            'lift-caution' => __('A full super is heavy: lift with two, close to the body, and set it down often.'),
            'placed' => __('Board on'),
            'board-under' => __('Escape board put on, under'),
            'board-noted' => __('The board is noted: its day to fetch the supers comes when it is sent.'),
            'placed-done' => __('the board is on'),
            'collected' => __('Taken along'),
            'collected-done' => __('on the truck'),
            'look-before' => __('Look first: not ripe when last seen: :boxes.'),
            'to-load' => __('To load'),
            'loaded-of' => __(':n of :of loaded'),
            'stops' => __('Where it goes'),
            'day-gone' => __('Nothing is planned for this day in the yards that are on this phone.'),
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
