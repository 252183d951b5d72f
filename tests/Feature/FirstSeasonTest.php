<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Operation\CurrentOperation;
use App\Models\Batch;
use App\Models\BoxPlace;
use App\Models\Bucket;
use App\Models\Clearing;
use App\Models\Hive;
use App\Models\Lot;
use App\Models\TakenSuper;
use App\Models\User;
use DOMDocument;
use DOMElement;
use DOMNodeList;
use DOMXPath;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/**
 * A first season by the forms that the pages offer, as without scripts: from signing up to the buckets. Nothing is
 * sent that a form does not hold.
 */
final class FirstSeasonTest extends FeatureTestCase
{
    private string $at = '/';

    private string $page = '';

    public function test_from_signing_up_to_what_each_hive_gave(): void
    {
        $this->signUp();
        $this->putUpYard();
        [$one, $two] = [$this->hive('Q1'), $this->hive('Q2')];
        $this->flowIsOver();
        $this->lookAt($one, capped: 0.97, water: ['17.1', '17.3']);
        $this->lookAt($two, capped: 0.10, water: ['19.8']);
        $this->open('/assess/quince-hill');
        $this->see('Q1');
        $boxes = $this->superIds($one);
        $this->letGo($one, $boxes);
        $clearing = $this->clear($boxes);
        $this->workTheDay($clearing);
        $this->bringIn($clearing);
        $this->weigh(count($boxes));
        $this->spin(count($boxes));
        $this->toTheShelf();
    }

    public function test_every_form_of_a_new_operation_is_whole(): void
    {
        $this->signUp();
        $this->putUpYard();
        $pages = [
            '/',
            '/watch/quince-hill',
            '/assess/quince-hill',
            '/assess/quince-hill/Q1',
            '/winter/quince-hill',
            '/winter/quince-hill/Q1',
            '/clear/quince-hill',
            '/clear/rounds',
            '/clear/rounds/new',
            '/clear/drives',
            '/honey-room',
            '/honey-room/blend',
            '/honey-room/lots',
            '/honey-room/jars',
            '/compare',
            '/compare/queens',
            '/compare/yards',
            '/compare/plan',
            '/compare/out',
            '/watch/quince-hill/scales',
            '/yards',
            '/yards/quince-hill',
            '/yards/quince-hill/Q1',
            '/account',
            '/account/policy',
            '/account/bin',
            '/account/trail',
            '/practise',
            '/practise/scale',
            '/calibrate',
        ];
        foreach ($pages as $page) {
            $this->open($page);
            foreach ($this->nodes('//form[@method!="dialog"]') as $form) {
                $action = $form->getAttribute('action');
                self::assertNotSame('', $action, $page);
                if (strtolower($form->getAttribute('method')) === 'post') {
                    self::assertNotEmpty($this->value($form, '_token'), "$page: $action has no token.");
                    $isOut = str_ends_with($action, '/sign-out');
                    self::assertTrue($isOut || $this->value($form, '_key') !== '', "$page: $action has no key.");
                }
            }
            $ids = array_map(
                static fn (DOMElement $one): string => $one->getAttribute('id'),
                $this->nodes('//*[@id]'),
            );
            self::assertSame($ids, array_values(array_unique($ids)), "$page: an id stands twice.");
            foreach ($this->nodes('//label[@for]') as $label) {
                self::assertContains($label->getAttribute('for'), $ids, "$page: a label of nothing.");
            }
            $inputs = '//input[not(@type="hidden") and not(@type="checkbox") and not(@type="radio")]|//select';
            foreach ($this->nodes($inputs) as $input) {
                $name = $input->getAttribute('name');
                $isNamed = $input->getAttribute('aria-label') !== '' || in_array(
                    $input->getAttribute('id'),
                    array_map(
                        static fn (DOMElement $label): string => $label->getAttribute('for'),
                        $this->nodes('//label[@for]'),
                    ),
                    true,
                ) || $this->nodes('ancestor::label', $input) !== [];
                self::assertTrue($isNamed, "$page: the field $name has no label.");
            }
        }
    }

    private function signUp(): void
    {
        $this->open('/sign-up');
        $this->submit('/sign-up', [
            'name' => 'Quince Keeper',
            'email' => 'quince@keeper.example',
            'password' => 'a-long-enough-password',
            'password_confirmation' => 'a-long-enough-password',
        ]);
        self::assertSame('/sign-in', $this->at);
        $this->actingAs(User::query()->where('email', 'quince@keeper.example')->firstOrFail());
        $this->open('/');
        self::assertSame('/start', $this->at, 'The first page is where the first yard is drawn.');
    }

    private function putUpYard(): void
    {
        $this->submit('/start', [
            'system' => 'metric',
            'operation' => 'Quince',
            'name' => 'Quince Hill',
            'letter' => 'q',
            'latitude' => '57.1',
            'longitude' => '14.2',
            'hives' => '2',
            'brood_boxes' => '1',
            'supers' => '2',
        ]);
        $this->see('Quince Hill');
        self::assertSame(['Q1', 'Q2'], Hive::query()->orderBy('code')->pluck('code')->all());
    }

    private function flowIsOver(): void
    {
        foreach (['robbing-test:robbed', 'eating-capped:seen', 'main-bloom:finished'] as $seen) {
            $this->open('/watch/quince-hill');
            $this->submit('/watch/quince-hill/signs', ['seen' => $seen], with: $seen);
        }
        $this->open('/watch/quince-hill');
        $this->see('The flow is over');
    }

    /** @param  list<string>  $water */
    private function lookAt(Hive $hive, float $capped, array $water): void
    {
        foreach ($this->superIds($hive) as $box) {
            foreach (range(1, 10) as $slot) {
                $this->open("/assess/quince-hill/$hive->code?box=$box&slot=$slot");
                $this->submit("/frames/$slot", [
                    'a[capped]' => (string) (100 * $capped),
                    'a[open]' => '2',
                    'b[capped]' => (string) (100 * $capped),
                    'b[open]' => '2',
                ]);
            }
            foreach ($water as $value) {
                $this->open("/assess/quince-hill/$hive->code?box=$box");
                $this->submit("/boxes/$box/readings", ['value' => $value]);
            }
        }
    }

    /** @param  list<string>  $boxes */
    private function letGo(Hive $hive, array $boxes): void
    {
        foreach ($boxes as $box) {
            $this->open("/winter/quince-hill/$hive->code");
            if ($this->nodes("//form[contains(@action, '/winter/boxes/$box/decisions')]") !== []) {
                $this->submit("/winter/boxes/$box/decisions", ['choice' => 'take', 'note' => 'Will be fed.']);
            }
        }
    }

    /** @param  list<string>  $boxes */
    private function clear(array $boxes): Clearing
    {
        $this->open('/clear/quince-hill');
        foreach ($boxes as $box) {
            $this->see($box);
        }
        $this->submit('/clear/quince-hill/plans', ['method' => 'brush', 'boxes[]' => $boxes]);
        $clearing = Clearing::query()->with('items')->firstOrFail();
        self::assertCount(count($boxes), $clearing->items);

        return $clearing;
    }

    private function workTheDay(Clearing $clearing): void
    {
        $day = $clearing->first_on->format('Y-m-d');
        $this->open("/clear/days/$day");
        $this->see('Q1');
        $this->see('smoker, fuel, lighter');
        $forms = $this->nodes('//form[contains(@action, "/load")]');
        self::assertNotEmpty($forms, 'Things to put on the truck are ticked.');
        $this->submit($forms[0]->getAttribute('action'));
        $this->see('Q1');
        $this->open('/account');
        $this->submit('operation-settings', ['demo_today' => $day]);
    }

    private function bringIn(Clearing $clearing): void
    {
        $this->open("/clear/plans/$clearing->id");
        $this->submit("/clear/plans/$clearing->id/collected");
        self::assertSame(0, BoxPlace::query()
            ->whereIn('box_id', $clearing->items->pluck('box_id'))
            ->whereNull('until')
            ->count());
    }

    private function weigh(int $supers): void
    {
        $lot = Lot::query()->firstOrFail();
        $this->open("/honey-room/$lot->id");
        $this->submit('/honey-room/checks', [
            'checks[gate]' => '1',
            'checks[gasket]' => '1',
            'checks[dry]' => '1',
            'checks[food]' => '1',
            'checks[strainer]' => '1',
            'checks[lid]' => '1',
        ]);
        foreach (['16.90', '15.30'] as $gross) {
            $this->open("/honey-room/$lot->id");
            $this->submit("/honey-room/$lot->id/buckets", ['gross' => $gross, 'tare' => '1.10']);
        }
        $this->open("/honey-room/$lot->id");
        $this->see('30.0');
        $taken = TakenSuper::query()->get();
        self::assertCount($supers, $taken);
        self::assertEqualsWithDelta(30.0, $taken->sum(fn (TakenSuper $one): float => (float) $one->allotted_kg), 0.01);
        $this->open('/compare?hive=Q1');
        $this->see('30');
        $this->open('/');
        $this->see('Quince Hill');
    }

    /** What came is ticked, goes round in loads of four, and is wet then. */
    private function spin(int $supers): void
    {
        $this->open('/honey-room/door');
        $this->submit('/arrive');
        $loads = 0;
        for ($this->open('/honey-room/extractor'); str_contains($this->page, 'frames wait'); $loads++) {
            $this->submit('/honey-room/extractor/load');
            $this->submit('/step');
            $this->submit('/spun', with: '');
            $this->open('/honey-room/extractor');
        }
        self::assertSame((int) ceil(10 * $supers / 4), $loads);
        self::assertSame(0, TakenSuper::query()->where('station', '!=', 'spun')->count());
        self::assertEqualsWithDelta(30.0, (float) TakenSuper::query()->sum('allotted_kg'), 0.01);
    }

    /** The buckets are read, poured together, settle and are jarred. */
    private function toTheShelf(): void
    {
        $lot = Lot::query()->firstOrFail();
        foreach (Bucket::query()->orderBy('number')->get() as $bucket) {
            $this->open("/honey-room/$lot->id");
            $this->submit("/honey-room/buckets/$bucket->id", ['water' => '17.4']);
        }
        $this->open('/honey-room/blend');
        $this->submit('/honey-room/batches', ['tank' => 'Kitchen tank']);
        $this->see('Clear ');
        $this->open('/honey-room/equipment');
        $this->submit('/honey-room/equipment/jars', ['name' => 'Pound', 'net_g' => '454', 'stock' => '100']);
        $this->open('/honey-room/batches/'.Batch::query()->value('id'));
        $this->submit('/fills', ['count' => '60']);
        $this->see('60 jars are on the shelf');
        $this->see('Q1 (2)');
        $this->open('/honey-room');
        $this->see('60 jars');
    }

    private function hive(string $code): Hive
    {
        return Hive::query()->where('code', $code)->firstOrFail();
    }

    /** @return list<string> */
    private function superIds(Hive $hive): array
    {
        $places = BoxPlace::query()->where('hive_id', $hive->id)->where('role', 'super')->orderBy('position')->get();

        return array_values($places->map(fn (BoxPlace $one): string => $one->box_id)->all());
    }

    private function open(string $url): void
    {
        $this->arrive($this->get($url), $url);
    }

    private function see(string $words): void
    {
        self::assertStringContainsString($words, html_entity_decode($this->page, ENT_QUOTES), $this->at);
    }

    /**
     * Fills in a form of the page that lies open, as a person would, and sends all that it holds.
     *
     * @param  array<string, string|list<string>>  $values
     * @param  string  $with  a value that tells forms of one address apart
     */
    private function submit(string $action, array $values = [], string $with = ''): void
    {
        $hasIt = fn (DOMElement $form): bool => $with === '' || $this->nodes(".//*[@value='$with']", $form) !== [];
        $forms = array_filter($this->nodes("//form[contains(@action, '$action')]"), $hasIt);
        self::assertNotEmpty($forms, "$this->at offers no form to $action.");
        $form = array_values($forms)[0];
        $sent = $this->fields($form);
        foreach ($values as $name => $value) {
            $isThere = $this->nodes(".//*[@name='$name']", $form) !== [];
            self::assertTrue($isThere || $name === 'seen', "The form to $action has no field $name.");
            $sent[rtrim($name, '[]') === $name || ! str_ends_with($name, '[]') ? $name : substr($name, 0, -2)] = $value;
        }
        parse_str(http_build_query($sent), $data);
        $url = (string) parse_url($form->getAttribute('action'), PHP_URL_PATH);
        $this->arrive($this->from($this->at)->post($url, $data), $url);
    }

    /** @return array<string, string|list<string>> what the form would send as it stands */
    private function fields(DOMElement $form): array
    {
        $sent = [];
        foreach ($this->nodes('.//input[@name]', $form) as $input) {
            $isTick = in_array($input->getAttribute('type'), ['checkbox', 'radio'], true);
            if (! $isTick || $input->hasAttribute('checked')) {
                $isBare = $isTick && ! $input->hasAttribute('value');
                $sent[$input->getAttribute('name')] = $isBare ? 'on' : $input->getAttribute('value');
            }
        }
        foreach ($this->nodes('.//select[@name]', $form) as $select) {
            $options = $this->nodes('.//option', $select);
            $chosen = array_filter($options, static fn (DOMElement $one): bool => $one->hasAttribute('selected'));
            $option = array_values($chosen)[0] ?? $options[0] ?? null;
            $sent[$select->getAttribute('name')] = (string) $option?->getAttribute('value');
        }
        foreach ($this->nodes('.//textarea[@name]', $form) as $area) {
            $sent[$area->getAttribute('name')] = $area->textContent;
        }

        return $sent;
    }

    /** @param  TestResponse<Response>  $answer */
    private function arrive(TestResponse $answer, string $url): void
    {
        for ($i = 0; $i < 4 && $answer->isRedirect(); $i++) {
            $url = (string) $answer->headers->get('Location');
            $answer = $this->get($url);
        }
        $this->page = (string) $answer->getContent();
        self::assertSame(200, $answer->getStatusCode(), $url.': '.$this->complaint());
        $this->at = (string) parse_url($url, PHP_URL_PATH);
        self::assertStringNotContainsString('class="notice bad"', $this->page, $url);
        if (app(CurrentOperation::class)->id() === null && auth()->check()) {
            $operation = auth()->user()?->memberships()->first()?->operation;
            if ($operation !== null) {
                app(CurrentOperation::class)->enter($operation, null);
            }
        }
    }

    private function complaint(): string
    {
        $said = $this->nodes('//*[contains(@class, "notice") or contains(@class, "err")]|//h1');

        return implode(' | ', array_map(static fn (DOMElement $one): string => trim($one->textContent), $said));
    }

    private function value(DOMElement $form, string $name): string
    {
        $found = $this->nodes(".//input[@name='$name']", $form);

        return $found === [] ? '' : $found[0]->getAttribute('value');
    }

    /** @return list<DOMElement> */
    private function nodes(string $query, ?DOMElement $in = null): array
    {
        if ($in === null) {
            $document = new DOMDocument;
            @$document->loadHTML('<?xml encoding="utf-8"?>'.$this->page);
        } else {
            $document = $in->ownerDocument ?? new DOMDocument;
        }
        $found = (new DOMXPath($document))->query($query, $in);
        self::assertInstanceOf(DOMNodeList::class, $found);

        return array_values(array_filter(
            iterator_to_array($found),
            static fn (mixed $one): bool => $one instanceof DOMElement,
        ));
    }
}
