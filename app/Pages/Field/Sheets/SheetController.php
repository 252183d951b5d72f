<?php

declare(strict_types=1);

namespace App\Pages\Field\Sheets;

use App\Apiary\Hives\BoxKindReader;
use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\OperationCache;
use App\Foundation\Units\Formatter;
use App\Models\Apiary;
use App\Models\BoxPlace;
use App\Models\Clearing;
use App\Models\Membership;
use App\Models\Scopes;
use App\Models\User;
use App\Pages\Field\Shell\CoreBundle;
use App\Words\Choices;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Marjoram\Core\Comb\BoxKind;

/** What a phone asks for: who it is that carries it, which yards there are, and the sheet of one of them. */
final readonly class SheetController
{
    /** The only yard, or one that is cleared so soon or has a super to inspect, is taken along by itself. */
    private const SOON_DAYS = 7;

    public function __construct(
        private CurrentOperation $current,
        private YardReader $yards,
        private YardSheets $sheets,
        private BoxKindReader $kinds,
        private Formatter $format,
        private OperationCache $cache,
    ) {
    }

    public function index(Request $request): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $operation = $this->current->get();
        $apiaries = $this->yards->apiaries();

        return $this->answer([
            'format' => YardSheets::FORMAT,
            'who' => ['id' => (string) $user->id, 'name' => $user->name],
            'operation' => ['id' => $operation->id, 'name' => $operation->name],
            'memberships' => Membership::query()->where('user_id', $user->id)->pluck('operation_id')->all(),
            'may_record' => Gate::allows('record'),
            'mass' => [
                'unit' => $this->format->massUnit(),
                'per_kg' => $this->format->massValue(1.0),
            ],
            'fahrenheit' => $this->format->preferences->fahrenheit(),
            'core' => CoreBundle::version(),
            'signs' => Choices::signs(),
            'put_on' => array_intersect_key(Choices::putOn(), array_flip(BoxPlace::PUT_ON)),
            'weighings' => Choices::weighings(),
            'kinds' => array_map(static fn (BoxKind $kind): string => $kind->name, $this->kinds->all()),
            'yards' => $apiaries->map(fn (Apiary $one): array => $this->yard($one, $apiaries->count() === 1))->values()->all(),
        ]);
    }

    /** Not sent again where the phone has it as it is: only the moment differs. */
    public function show(Request $request, Apiary $apiary): JsonResponse
    {
        $sheet = $this->sheets->of($apiary);
        $answer = $this->answer($sheet)->setEtag(md5((string) json_encode(['now' => null] + $sheet)));
        $answer->isNotModified($request);

        return $answer;
    }

    /** @return array<string, mixed> */
    private function yard(Apiary $apiary, bool $isOnly): array
    {
        return [
            'id' => $apiary->id,
            'slug' => $apiary->slug,
            'name' => $apiary->name,
            'hives' => count($this->yards->hiveIds($apiary)),
            'soon' => $isOnly || $this->isSoon($apiary),
        ];
    }

    private function isSoon(Apiary $apiary): bool
    {
        $until = $this->current->today()->modify('+'.self::SOON_DAYS.' days')->format('Y-m-d');

        // Asked by every phone every few minutes: kept until something of the yard is written, an hour at most.
        $toLook = $this->cache->of(
            "field.to-look.$apiary->id",
            [Scopes::yard($apiary->id)],
            fn (): int => $this->yards->one($apiary)->toLook(),
        );

        return $toLook > 0
            || Clearing::open()->where('apiary_id', $apiary->id)->where('first_on', '<=', $until)->exists();
    }

    /** @param  array<string, mixed>  $body */
    private function answer(array $body): JsonResponse
    {
        return (new JsonResponse($body))
            ->setEncodingOptions(JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE)
            ->header('Cache-Control', 'private, no-store');
    }
}
