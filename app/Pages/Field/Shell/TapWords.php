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
            'off-how' => __('Tap a frame when it is out. Write the mark shown here on its top bar.'),
            'write-mark' => __('Write on it: :mark'),
            'ripe' => __('ripe'),
            'not-ripe' => __('not ripe'),
            'not-seen' => __('not inspected'),
            'gap' => __('no frame'),
            'gap-here' => __('Slot :n has no frame. Paint it if you put one in.'),
            'brood-stays' => __('brood: the frame stays'),
            'not-off' => __('The frame stays after all'),
            'sent-already' => __('This tap is sent already. Undo it on the pages.'),
            'back-title' => __('Frames back'),
            'home-is' => __('home: hive :hive, :box, slot :n'),
            'no-gap' => __('no gap in :box: the frame stays in store'),
            'is-back' => __('The frame is back'),
            'none-wet' => __('No frame of this yard has to come back.'),
            'wet-caution' => __('Wet frames attract robbers: give them back in the evening, to their own hives (disease).'),
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
            'tap-trouble' => __('What went wrong: :what'),
            'tap-no-trouble' => __('Not so: :what'),
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
            'kept-title' => __('Saved here'),
            'n-kept' => __(':n saved here'),
            'n-asked' => __(':n questions'),
            'all-sent' => __('all sent'),
            'no-network' => __('no network'),
            'signed-out' => __('Your session ended. Nothing is lost: sign in again, and it is sent.'),
            'signed-out-short' => __('signed out'),
            'asked' => __('Please decide'),
            'waiting' => __('Waiting to be sent'),
            'nothing-waits' => __('No tap is waiting.'),
            'send-now' => __('Send now'),
            'send-again' => __('Send again'),
            'throw' => __('Discard'),
            'take-mine' => __('Use mine'),
            'take-theirs' => __('Use theirs'),
            'conflict' => __(':by was there first (:when): :theirs. You have: :mine.'),
            'faces-are' => __('A :a, B :b capped'),
            'may-not' => __('Your role may only read. Nothing was saved.'),
            'full' => __('The phone’s storage is full: this was not saved. Take a yard off the phone, or send first.'),
            'newer' => __('A newer version is ready. Your taps are saved and sent. Load it where the network is good.'),
            'cannot-keep' => __('This browser cannot save anything (private mode?). Your taps would be lost. Use the pages instead.'),
        ];
    }
}
