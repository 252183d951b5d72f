<?php

declare(strict_types=1);

namespace App\Pages\Field\Shell;

/** What the field sheet says of taps: of frames that go and come, of each tap that is kept, and of sending them. */
final class TapWords
{
    /** @return array<string, string> */
    public static function all(): array
    {
        return self::frames() + self::taps() + self::queue();
    }

    /** @return array<string, string> frames one by one */
    private static function frames(): array
    {
        return [
            'frames-off' => __('Frames off, one by one'),
            'off-how' => __('Tap a frame when it is out; write on its top bar what is shown.'),
            'write-mark' => __('Write on it: :mark'),
            'ripe' => __('ripe'),
            'not-ripe' => __('not ripe'),
            'not-seen' => __('not seen'),
            'gap' => __('no frame'),
            'gap-here' => __('No frame stands in slot :n; paint it where one was put in.'),
            'brood-stays' => __('brood: it stays'),
            'not-off' => __('It stays after all'),
            'sent-already' => __('It is sent already: undo it on the pages.'),
            'back-title' => __('Frames back'),
            'home-is' => __('home: hive :hive, :box, slot :n'),
            'no-gap' => __('no gap in :box: it stays in store'),
            'is-back' => __('It is back'),
            'none-wet' => __('No frame of this yard waits to come back.'),
            'wet-caution' => __('Wet frames draw robbers: give them in the evening, to their own hives (disease).'),
        ];
    }

    /** @return array<string, string> what a tap says of itself in the list of what is kept */
    private static function taps(): array
    {
        return [
            'tap-frame' => __(':hive, :box, frame :n: A :a %, B :b %'),
            'tap-alike' => __(':hive, :box: all like frame :n'),
            'tap-shake' => __(':hive, :box: :what'),
            'tap-water' => __(':hive, :box: water reading :value'),
            'tap-decide' => __(':hive, :box: :what'),
            'tap-note' => __(':hive: :text'),
            'tap-queen' => __(':hive: queen seen'),
            'tap-photo' => __(':hive: photograph'),
            'tap-weight' => __(':hive: :kg'),
            'tap-on' => __(':hive: :kind put on'),
            'tap-off' => __(':hive, :box: taken off'),
            'tap-excluder-in' => __(':hive: excluder put in'),
            'tap-excluder-out' => __(':hive: excluder taken out'),
            'tap-sign' => __('Flow sign: :what'),
            'tap-tick' => __(':hive: :what'),
            'tap-untick' => __(':hive: not :what'),
            'tap-board' => __(':hive: board on under :box'),
            'tap-load' => __('Loaded: :what'),
            'tap-unload' => __('Not loaded: :what'),
            'tap-frame-off' => __('Frame off: :mark'),
            'tap-frame-back' => __('Frame back: :mark'),
            'tap-heft' => __(':hive: stores ~:stores (:from – :to)'),
        ];
    }

    /** @return array<string, string> */
    private static function queue(): array
    {
        return [
            'kept-title' => __('Kept here'),
            'n-kept' => __(':n kept here'),
            'n-asked' => __(':n to be asked'),
            'all-sent' => __('all sent'),
            'no-network' => __('no network'),
            'signed-out' => __('Your session ended. Nothing is lost: sign in again, and it is sent.'),
            'signed-out-short' => __('signed out'),
            'asked' => __('You are asked'),
            'waiting' => __('Waiting to be sent'),
            'nothing-waits' => __('Nothing waits.'),
            'send-now' => __('Send now'),
            'send-again' => __('Send again'),
            'throw' => __('Throw away'),
            'take-mine' => __('Mine stands'),
            'take-theirs' => __('Theirs stands'),
            'conflict' => __(':by was there first (:when): :theirs. You have: :mine.'),
            'faces-are' => __('A :a, B :b capped'),
            'may-not' => __('Your role in this operation reads only: nothing was kept.'),
            'full' => __('The phone’s storage is full: this was not kept. Take a yard off the phone, or send first.'),
            'newer' => __('A newer Marjoram answers than these pages are: what you tap is kept and sent. Take it over where the network is good.'),
            'cannot-keep' => __('This browser does not let anything be kept (private mode?): nothing you tap would last. Use the pages instead.'),
        ];
    }
}
