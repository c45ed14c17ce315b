<?php

declare(strict_types=1);

namespace Tests;

use App\Media\PictureReader;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Support\Facades\Storage;

abstract class TestCase extends BaseTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->app->bind(PictureReader::class, fn (): PictureReader => new QuickReader(config('slate.reading.folder'), 20, 60, 0, 0));
        $this->withoutVite();
    }
}
