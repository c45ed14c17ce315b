<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * How much is worked out for one person at the same time, so that whoever asks in a loop waits for himself and nobody
 * else does. A page that is asked for besides says so and asks again; a part of a page is asked for again by its
 * script.
 * The places are locks of files: whatever becomes of the process, they are free again with its end.
 */
final class LimitConcurrency
{
    /** Says to the script of a page that the same may be asked for again in a moment. */
    public const HEADER = 'X-Ask-Again';

    private const SECONDS = 1;

    /** @var array<string, resource> */
    private array $held = [];

    /**
     * @param  string  $kind  of work, each with places of its own
     * @param  string  $most  places of a person
     * @param  string  $looks  "looks" where what only asks may stand in a body
     */
    public function handle(Request $request, Closure $next, string $kind, string $most, string $looks = ''): Response
    {
        // Changes wait for one another where they have to: at the rows they write.
        if (!$request->isMethodSafe() && $looks === '') {
            return $next($request);
        }
        if (!$this->take("{$kind}-{$request->user()?->id}", (int) $most)) {
            return $this->later($request);
        }

        return $next($request);
    }

    /** After the answer is sent: what is streamed is worked out while it is. */
    public function terminate(): void
    {
        array_map(fclose(...), $this->held);
        $this->held = [];
    }

    private function take(string $name, int $most): bool
    {
        $folder = storage_path('framework/at-once');
        is_dir($folder) || @mkdir($folder, 0o700, true);
        for ($place = 1; $place <= $most; $place++) {
            $file = @fopen("{$folder}/{$name}-{$place}", 'c');
            if ($file === false || flock($file, LOCK_EX | LOCK_NB)) {
                // Where the disk is full or read-only, reading goes on without places.
                $file === false || ($this->held["{$name}-{$place}"] = $file);

                return true;
            }
            fclose($file);
        }

        return false;
    }

    private function later(Request $request): Response
    {
        $headers = ['Retry-After' => (string) self::SECONDS, self::HEADER => '1', 'Cache-Control' => 'no-store'];
        $message = __('answers.something_else_is_being_worked_out');

        return match (true) {
            $request->hasHeader('HX-Request') => response('', 429, $headers),
            $request->expectsJson() => response()->json(['message' => $message], 429, $headers),
            $request->isMethod('GET') => response()->view(
                'errors.later',
                ['message' => $message],
                429,
                $headers + ['Refresh' => (string) self::SECONDS],
            ),
            default => response($message, 429, $headers),
        };
    }
}
