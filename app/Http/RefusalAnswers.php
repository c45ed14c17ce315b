<?php

declare(strict_types=1);

namespace App\Http;

use App\Refusals\AlreadyDone;
use App\Refusals\StaleVersion;
use Core\CoreException;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\LostConnectionDetector;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\MalformedUrlException;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Support\Facades\Context;
use Illuminate\Validation\ValidationException;
use PDOException;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Throwable;

/** Turns what was refused into a sentence on the page the person is on, with what they typed kept. */
final class RefusalAnswers
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([AlreadyDone::class, CoreException::class]);
        $exceptions->render(fn(Throwable $refusal, Request $request): mixed => self::answer($refusal, $request));
    }

    private static function answer(Throwable $refusal, Request $request): mixed
    {
        $fragment = $request->hasHeader('HX-Request');
        if (self::isAway($refusal)) {
            return self::away($request, $fragment);
        }
        if ($refusal instanceof MalformedUrlException) {
            $refusal = new NotFoundHttpException();
        }
        if ($refusal instanceof AlreadyDone) {
            return response('', 204, ['X-Kept' => '1']);
        }
        if ($refusal instanceof CoreException) {
            return match (true) {
                $fragment => self::notice(
                    $refusal->getMessage(),
                    $refusal instanceof StaleVersion ? 409 : 422,
                    $refusal instanceof StaleVersion ? $refusal->version : null,
                    self::field($refusal, $request),
                ),
                $request->expectsJson() => response()->json(
                    self::told($refusal, $request),
                    $refusal instanceof StaleVersion ? 409 : 422,
                ),
                default => self::back($request, $refusal->getMessage()),
            };
        }
        if (!$fragment) {
            // A program is told no more than a person is: the framework would name the class of what is not there.
            return $request->expectsJson() && self::status($refusal) === 404
                ? response()->json(['message' => __('answers.this_is_not_here')], 404)
                : null;
        }
        if ($refusal instanceof ValidationException) {
            return self::notice((string) $refusal->validator->errors()->first(), 422);
        }
        if (
            $refusal instanceof AuthenticationException ||
            self::status($refusal) === 419 ||
            $refusal instanceof TokenMismatchException
        ) {
            return response('', 401, ['HX-Redirect' => route('sign-in')]);
        }
        if ($refusal instanceof PostTooLargeException) {
            return self::notice(__('answers.together_these_files_are_more_than'), 413);
        }

        return match (self::status($refusal)) {
            403 => self::notice(__('answers.your_account_can_look_but_not'), 403),
            404 => self::notice(__('answers.this_is_no_longer_here_load'), 404),
            400 => self::notice(__('answers.this_address_or_form_cannot_be'), 400),
            413 => self::notice(__('answers.this_is_more_than_can_be'), 413),
            429 => self::notice(__('answers.too_many_requests_in_a_short'), 429),
            default => self::notice(__('answers.something_went_wrong', ['request' => Context::get('request')]), 500),
        };
    }

    /** What a refusal is about. A rule knows no fields: it is what was typed. */
    private static function field(CoreException $refusal, Request $request): ?string
    {
        if ($refusal instanceof Refusal) {
            return $refusal->field;
        }

        return collect(['typed', 'amount', 'percent'])->first(fn(string $field): bool => $request->filled($field));
    }

    /** Whether the database cannot be reached, or went away in the middle of something. */
    private static function isAway(Throwable $refusal): bool
    {
        $detector = new LostConnectionDetector();
        for ($cause = $refusal; $cause !== null; $cause = $cause->getPrevious()) {
            // A connection that broke in a transaction still holds itself to be in one.
            if (
                $cause instanceof PDOException &&
                ($detector->causedByLostConnection($cause) ||
                    str_contains($cause->getMessage(), 'already an active transaction'))
            ) {
                return true;
            }
        }

        return false;
    }

    private static function away(Request $request, bool $fragment): Response|JsonResponse
    {
        $message = match (true) {
            $request->isMethod('GET') => __('answers.the_database_does_not_answer_at'),
            $request->filled('token') => __('answers.the_database_does_not_answer_at_2'),
            default => __('answers.the_database_does_not_answer_at_3'),
        };
        $response = match (true) {
            $fragment => self::notice($message, 503),
            $request->expectsJson() => response()->json(['message' => $message], 503),
            default => response()->view('errors.away', ['message' => $message], 503),
        };
        $response->headers->set('Retry-After', '5');

        return $response;
    }

    private static function status(Throwable $refusal): int
    {
        return match (true) {
            $refusal instanceof HttpException => $refusal->getStatusCode(),
            $refusal instanceof \Illuminate\Auth\Access\AuthorizationException => 403,
            $refusal instanceof \Illuminate\Database\Eloquent\ModelNotFoundException => 404,
            default => 500,
        };
    }

    /**
     * @param  ?int  $version  where the same change can be made once more: the version it is then made on
     * @param  ?string  $field  of the form that it is about
     */
    private static function notice(string $message, int $status, ?int $version = null, ?string $field = null): Response
    {
        return response()->view(
            'components.notice',
            ['message' => $message, 'canRepeat' => $version !== null],
            $status,
            array_filter([
                'X-Version' => $version,
                'X-Field' => $field,
                'HX-Retarget' => '#notice',
                'HX-Reswap' => 'innerHTML',
            ]),
        );
    }

    /** @return array<string, string|int> for programs: the sentence, and what is known of its kind and its place */
    private static function told(CoreException $refusal, Request $request): array
    {
        $isPlaced = $refusal instanceof Refusal;

        return array_filter(
            [
                'message' => $refusal->getMessage(),
                'kind' => ($isPlaced ? $refusal->kind : RefusalKind::Unreadable)->value,
                'field' => self::field($refusal, $request),
                'row' => $isPlaced ? $refusal->row : null,
                'column' => $isPlaced ? $refusal->column : null,
            ],
            fn(string|int|null $part): bool => $part !== null,
        );
    }

    private static function back(Request $request, string $message): mixed
    {
        return $request->isMethod('GET')
            ? response()->view('layout.refused', ['message' => $message], 422)
            : back()
                ->withInput($request->except(['current_password', 'password', 'password_confirmation']))
                ->withErrors(['refused' => $message]);
    }
}
