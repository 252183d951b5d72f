<?php

declare(strict_types=1);

namespace App\Pages\Field\Shell;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/**
 * The field sheet's page, its service worker and its manifest: the same for everybody and with nobody's data, so that a
 * browser may keep them.
 */
final class ShellController
{
    /** Scripts of its own, and the core, which is compiled where it runs. */
    private const POLICY = "default-src 'none'; script-src 'self' 'wasm-unsafe-eval'; style-src 'self'; ".
        "img-src 'self' data: blob:; font-src 'self'; connect-src 'self' data:; worker-src 'self'; ".
        "manifest-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    private const PARTS = [
        'app.css',
        'field.js',
        'field-app.js',
        'field-acts.js',
        'field-box.js',
        'field-camera.js',
        'field-day.js',
        'field-frames.js',
        'field-hive.js',
        'field-find.js',
        'field-forms.js',
        'field-page.js',
        'field-parts.js',
        'field-draw.js',
        'field-state.js',
        'store.js',
        'queue.js',
        'field-views.js',
        'field-words.js',
        'field-painter.js',
        'field-judge.js',
        'field-timer.js',
        'field-scan.js',
        'ulid.js',
        'face.js',
        'idb.js',
        'jsqr.js',
        'core-worker.js',
        'core.json',
    ];

    private const FONTS = [
        'fonts/atkinson-hyperlegible-next-latin-wght-normal.woff2',
        'fonts/fraunces-latin-opsz-normal.woff2',
    ];

    public function show(Request $request): Response
    {
        $request->attributes->set('csp', self::POLICY);
        $request->attributes->set('permissions', 'camera=(self), microphone=(), geolocation=()');

        return response()
            ->view('field.shell', ['core' => CoreBundle::version(), 'words' => FieldWords::all()])
            ->header('Cache-Control', 'no-cache');
    }

    /** Only who is signed in gets here, by way of the sign-in page. */
    public function enter(): RedirectResponse
    {
        return redirect()->route('field');
    }

    /** The worker names its version in itself: another build is another worker. */
    public function worker(): Response
    {
        $version = (string) (@filemtime(public_path('build/app.css')) ?: 0);
        $parts = array_map(static fn (string $part): string => "/build/$part?$version", self::PARTS);
        $fonts = array_map(static fn (string $part): string => "/build/$part", self::FONTS);
        $script = strtr((string) file_get_contents(resource_path('field/worker.js')), [
            "'{version}'" => (string) json_encode($version.'-'.CoreBundle::version()),
            "'{parts}'" => (string) json_encode(
                ['/field', '/field/manifest.json', '/icon.svg', ...$parts, ...$fonts],
                JSON_UNESCAPED_SLASHES,
            ),
        ]);

        return new Response($script, 200, [
            'Content-Type' => 'text/javascript',
            'Cache-Control' => 'no-cache',
        ]);
    }

    public function manifest(): JsonResponse
    {
        $icon = static fn (int $size, string $purpose): array => [
            'src' => "/build/icon-$size.png",
            'sizes' => "{$size}x$size",
            'type' => 'image/png',
            'purpose' => $purpose,
        ];

        return new JsonResponse([
            'id' => '/field',
            'name' => __('Marjoram field sheet'),
            'short_name' => 'Marjoram',
            'start_url' => '/field',
            'scope' => '/',
            'display' => 'standalone',
            'background_color' => '#ffffff',
            'theme_color' => '#4c6848',
            'icons' => [$icon(192, 'any'), $icon(512, 'any'), $icon(512, 'maskable')],
        ], 200, ['Content-Type' => 'application/manifest+json', 'Cache-Control' => 'no-cache']);
    }
}
