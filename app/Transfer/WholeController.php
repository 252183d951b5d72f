<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Server\Allowance;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The whole operation as it leaves. */
final readonly class WholeController
{
    /** Of some thousand photographs a ZIP takes its time. */
    private const MEGABYTES = 256;

    private const SECONDS = 600;

    public function __construct(private CurrentOperation $current)
    {
    }

    public function json(WholeDocument $document): StreamedResponse
    {
        return response()->streamDownload(static function () use ($document): void {
            $out = fopen('php://output', 'w');
            assert($out !== false);
            $document->write($out);
        }, $this->name('json'), ['Content-Type' => 'application/json']);
    }

    public function schema(WholeDocument $document): JsonResponse
    {
        return (new JsonResponse($document->schema()))->setEncodingOptions(JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES);
    }

    public function zip(WholePackage $package): BinaryFileResponse
    {
        Allowance::atLeast(self::MEGABYTES, self::SECONDS);

        return response()
            ->download($package->write(), $this->name('zip'), ['Content-Type' => 'application/zip'])
            ->deleteFileAfterSend();
    }

    private function name(string $kind): string
    {
        return 'marjoram-'.$this->current->day().".$kind";
    }
}
