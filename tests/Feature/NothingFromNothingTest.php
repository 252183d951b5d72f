<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Colony;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use PHPUnit\Framework\Attributes\TestWith;

/** Where nobody has looked, no page has a figure, an alarm or a sum that was made from nothing. */
final class NothingFromNothingTest extends FeatureTestCase
{
    use SmallOperation;

    /** What a page says only of something that was seen, weighed or read. */
    private const FIGURES = [
        '/\b[1-9]\d*\W+hives? to feed/u',
        '/\b[1-9][\d.]*\W+(kg|lb) of sugar/u',
        '/likely to run out/u',
        '/may give ~\W*[1-9]/u',
        '/~\W*[1-9][\d.]*\W+(kg|lb) ripe/u',
        '/\b[1-9]\d* to come off/u',
        '/Compare\W*season\W+[1-9]/u',
        '/% of winters the stores last/u',
        '/not ripe/u',
    ];

    #[TestWith([0])]
    #[TestWith([3])]
    public function test_no_page_has_a_figure_from_nothing(int $hives): void
    {
        $this->operation();
        $pages = $this->pages();
        if ($hives > 0) {
            $yard = $this->apiary();
            foreach (range(1, $hives) as $n) {
                $hive = $this->hive($yard, "L$n");
                Colony::query()->create(['hive_id' => $hive->id, 'started_on' => '2026-04-01']);
            }
            foreach (['watch', 'assess', 'winter', 'clear', 'yards'] as $stage) {
                $pages[] = "/$stage/$yard->slug";
                $pages[] = $stage === 'watch' || $stage === 'clear' ? '/' : "/$stage/$yard->slug/L1";
            }
        }
        self::assertGreaterThan(15, count($pages));
        foreach ($pages as $page) {
            $text = $this->text($page);
            foreach (self::FIGURES as $figure) {
                self::assertDoesNotMatchRegularExpression($figure, $text, "$page: $figure");
            }
        }
        if ($hives > 0) {
            self::assertStringContainsString('The stores of 3 hives are not inspected.', $this->text("/winter/{$yard->slug}"));
            self::assertStringContainsString('stores of 3 not inspected', $this->text('/'));
        }
    }

    private function text(string $page): string
    {
        $answer = $this->followingRedirects()->get($page);
        self::assertSame(200, $answer->getStatusCode(), $page);
        $body = (string) $answer->getContent();
        $shown = (string) preg_replace('#<(script|style|details|aside)\b.*?</\1>#su', ' ', $body);

        return (string) preg_replace('/\s+/u', ' ', html_entity_decode(strip_tags($shown)));
    }

    /** @return list<string> every page without a record in its address */
    private function pages(): array
    {
        $pages = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            $isPage = $route instanceof Route && in_array('GET', $route->methods(), true)
                && in_array('can:view', $route->gatherMiddleware(), true)
                && ! str_contains($route->uri(), '{') && ! str_starts_with($route->uri(), 'api')
                && ! in_array($route->getName(), ['yards.find', 'compare.csv', 'clear.calendar'], true);
            if ($isPage) {
                $pages[] = '/'.ltrim($route->uri(), '/');
            }
        }

        return $pages;
    }
}
