<?php

declare(strict_types=1);

namespace Tests;

use App\Accounts\Sessions;
use App\Http\SignedIn;
use App\Media\PictureReader;
use App\Models\User;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\LoggedExceptionCollection;
use Illuminate\Testing\TestResponse;
use Tests\Support\LazyCounts;
use Tests\Support\PageResponse;
use Tests\Support\QuickReader;

abstract class TestCase extends BaseTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->app->bind(
            PictureReader::class,
            fn(): PictureReader => new QuickReader(config('slate.reading.folder'), 20, 60, 0, 0),
        );
        $this->withoutVite();
        LazyCounts::install();
    }

    /** @return PageResponse what a page says, however it is broken into lines */
    protected function createTestResponse($response, $request): TestResponse
    {
        return PageResponse::fromBaseResponse($response, $request)->withExceptions(
            $this->app->bound(LoggedExceptionCollection::class)
                ? $this->app->make(LoggedExceptionCollection::class)
                : new LoggedExceptionCollection(),
        );
    }

    /** Somebody at work: signed in, in a browser that the account lists, with a password that was just typed. */
    public function be(Authenticatable $user, $guard = null): static
    {
        parent::be($user, $guard);
        if ($user instanceof User && $user->exists) {
            $session = app(Sessions::class)->begin($user, 'a test', '127.0.0.1');
            $this->withSession([
                SignedIn::SESSION => $session->id,
                SignedIn::ASKED_AT => time(),
                SignedIn::KNOWN => SignedIn::knownOf($user),
            ]);
        }

        return $this;
    }
}
