<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Models\OperationImport;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;

/** The file of an import while it waits and is read. */
final readonly class UploadedWhole
{
    private function __construct(private string $path)
    {
    }

    public static function of(OperationImport $import): self
    {
        return new self(storage_path("app/imports/$import->id"));
    }

    public function take(UploadedFile $file): void
    {
        $file->move(dirname($this->path), basename($this->path));
        chmod($this->path, 0600);
    }

    /** A file of this machine, which is moved. */
    public function put(string $path): void
    {
        File::ensureDirectoryExists(dirname($this->path), 0700);
        File::move($path, $this->path);
        chmod($this->path, 0600);
    }

    /**
     * @param  list<string>  $tables  that are known
     *
     * @throws Unreadable when the file is neither a document nor a package
     */
    public function source(array $tables): WholeSource
    {
        if (! is_file($this->path)) {
            throw Unreadable::because(__('the file is no longer here; choose it again'));
        }
        $isZip = str_starts_with((string) file_get_contents($this->path, length: 4), "PK\x03\x04");

        return $isZip ? new PackageSource($this->path) : new JsonSource($this->path, $tables);
    }

    public function delete(): void
    {
        @unlink($this->path);
    }
}
