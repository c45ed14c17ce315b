<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use JsonException;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * What a request may carry, looked at before anything reads it: a GET has no body; a JSON body is short; fields are few
 * and lie not deep within one another. PHP bounds the fields of forms (deploy/php/slate.ini), but not those of JSON.
 */
final class BoundedInput
{
    /** Bytes of a JSON body. */
    public const MOST_JSON = 2 * 1024 * 1024;

    /** Fields of a request, whatever it is written in. */
    public const MOST_FIELDS = 20_000;

    /** Fields of an address. */
    public const MOST_ASKED = 4_000;

    /** How deep fields lie within one another. */
    private const DEEPEST = 6;

    /** @throws BadRequestHttpException */
    public function handle(Request $request, Closure $next): Response
    {
        if (
            $request->isMethodSafe() &&
            ($request->headers->has('Transfer-Encoding') || (int) $request->headers->get('Content-Length', '0') > 0)
        ) {
            throw new BadRequestHttpException(__('answers.a_request_that_only_asks_has'));
        }
        if ($request->isJson() && !$request->isMethodSafe()) {
            $this->boundJson($request);
        }
        $this->bound($request->query->all(), self::MOST_ASKED);
        $this->bound($request->request->all(), self::MOST_FIELDS);

        return $next($request);
    }

    private function boundJson(Request $request): void
    {
        $body = strlen($request->getContent()) > self::MOST_JSON ? throw $this->tooMuch() : $request->getContent();
        try {
            $given =
                $body === ''
                    ? []
                    : json_decode($body, true, self::DEEPEST + 1, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
        } catch (JsonException) {
            throw new BadRequestHttpException(__('answers.the_body_is_no_json_or'));
        }
        $this->bound(is_array($given) ? $given : [], self::MOST_FIELDS);
    }

    /** @param  array<array-key, mixed>  $fields */
    private function bound(array $fields, int $most): void
    {
        $open = [[$fields, 1]];
        $count = 0;
        while ($open !== []) {
            [$some, $depth] = array_pop($open);
            $count += count($some);
            if ($count > $most || $depth > self::DEEPEST) {
                throw $this->tooMuch();
            }
            foreach ($some as $one) {
                if (is_array($one)) {
                    $open[] = [$one, $depth + 1];
                }
            }
        }
    }

    private function tooMuch(): HttpException
    {
        return new HttpException(413, __('answers.this_is_more_than_can_be'));
    }
}
