<?php

declare(strict_types=1);

namespace Tests\Soak;

use CURLFile;
use CurlHandle;
use RuntimeException;

/** A person's browser, as far as it is needed: cookies, the page's token, and sending again what was not answered. */
final class Visitor
{
    /** What stands for no answer: the change may have been kept, or not. */
    private const UNANSWERED = [0, 502, 503, 504];

    private const LONGEST_WAIT = 120;

    private const TOO_OFTEN = 429;

    private const PAUSE = 10;

    private readonly CurlHandle $curl;

    private string $csrf = '';

    /** @var array<int, int> status => how often it was answered */
    public array $answers = [];

    public float $longestGap = 0;

    public function __construct(private readonly string $base)
    {
        $this->curl = curl_init();
        curl_setopt_array($this->curl, [
            CURLOPT_COOKIEFILE => '',
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_HEADER => true,
            CURLOPT_TIMEOUT => 20,
            CURLOPT_CONNECTTIMEOUT => 5,
        ]);
    }

    public function signIn(string $email, string $password): void
    {
        $page = $this->untilAnswered('GET', '/sign-in');
        preg_match('/name="_token" value="([^"]+)"/', $page->body, $found);
        $typed = ['_token' => $found[1] ?? '', 'email' => $email, 'password' => $password];
        $signed = $this->untilAnswered('POST', '/sign-in', $typed);
        // Where a server is killed while people sign in, they try more often than the limit takes.
        for ($waited = 0; $signed->status === self::TOO_OFTEN && $waited < self::LONGEST_WAIT; $waited += self::PAUSE) {
            sleep(self::PAUSE);
            $signed = $this->untilAnswered('POST', '/sign-in', $typed);
        }
        if ($signed->status !== 302 || str_ends_with($signed->location, '/sign-in')) {
            throw new RuntimeException("{$email} cannot sign in: {$signed->status} {$signed->location}");
        }
        $this->csrf = $this->tokenOf($this->untilAnswered('GET', '/'));
    }

    public function get(string $path): Answer
    {
        return $this->untilAnswered('GET', $path);
    }

    /** @param  array<string, mixed>  $fields */
    public function post(string $path, array $fields): Answer
    {
        return $this->untilAnswered('POST', $path, $fields);
    }

    /** @param  array<string, string>  $files  name => path */
    public function drop(string $path, array $files, ?string $onto): Answer
    {
        $fields = ['batch' => self::token()] + ($onto === null ? [] : ['onto' => $onto]);
        $at = 0;
        foreach ($files as $name => $file) {
            $fields["files[{$at}]"] = new CURLFile($file, 'image/jpeg', $name);
            $fields["names[{$at}]"] = $name;
            $at++;
        }

        return $this->untilAnswered('POST', $path, $fields, isForm: true);
    }

    public static function token(): string
    {
        return vsprintf(
            '%s%s-%s-4%s-8%s-%s%s%s',
            array_map(
                fn(string $part, int $at): string => $at === 3 || $at === 4 ? substr($part, 1) : $part,
                str_split(bin2hex(random_bytes(16)), 4),
                range(0, 7),
            ),
        );
    }

    /** A handle of its own for one request, to be sent at the same moment as others. */
    public function prepared(string $path, array $fields): CurlHandle
    {
        $curl = curl_copy_handle($this->curl);
        foreach (curl_getinfo($this->curl, CURLINFO_COOKIELIST) as $cookie) {
            curl_setopt($curl, CURLOPT_COOKIELIST, $cookie);
        }
        $this->aim($curl, 'POST', $path, $fields, false);

        return $curl;
    }

    /** The same as a plain form, not by the scripts of a page. */
    public function preparedForm(string $path, array $fields): CurlHandle
    {
        $curl = $this->prepared($path, $fields);
        curl_setopt($curl, CURLOPT_HTTPHEADER, ['X-CSRF-TOKEN: ' . $this->csrf]);

        return $curl;
    }

    /** @param  array<string, mixed>  $fields */
    private function untilAnswered(string $method, string $path, array $fields = [], bool $isForm = false): Answer
    {
        $began = microtime(true);
        for ($pause = 0.2; ; $pause = min($pause * 2, 3)) {
            $this->aim($this->curl, $method, $path, $fields, $isForm);
            $answer = Answer::of($this->curl, curl_exec($this->curl));
            $this->answers[$answer->status] = ($this->answers[$answer->status] ?? 0) + 1;
            // A page that ends in its middle, since the server was killed, is none.
            $isWhole = str_contains($answer->body, '<html') === str_contains($answer->body, '</html>');
            $isCut = $method === 'GET' && $answer->status === 200 && ($answer->body === '' || !$isWhole);
            if (!in_array($answer->status, self::UNANSWERED, true) && !$isCut) {
                $this->longestGap = max($this->longestGap, microtime(true) - $began);

                return $answer;
            }
            if (microtime(true) - $began > self::LONGEST_WAIT) {
                throw new RuntimeException(
                    "{$method} {$path} was not answered for " .
                        self::LONGEST_WAIT .
                        " s: {$answer->status} " .
                        curl_error($this->curl),
                );
            }
            usleep((int) ($pause * 1_000_000));
        }
    }

    /** @param  array<string, mixed>  $fields */
    private function aim(CurlHandle $curl, string $method, string $path, array $fields, bool $isForm): void
    {
        curl_setopt_array($curl, [
            CURLOPT_URL => str_starts_with($path, 'http') ? $path : $this->base . $path,
            CURLOPT_HTTPHEADER => [
                'X-CSRF-TOKEN: ' . $this->csrf,
                ...$isForm ? ['Accept: application/json'] : ($this->csrf === '' ? [] : ['HX-Request: true']),
            ],
            CURLOPT_HTTPGET => $method === 'GET',
        ]);
        if ($method === 'POST') {
            curl_setopt_array($curl, [
                CURLOPT_POST => true,
                CURLOPT_POSTFIELDS => $isForm ? $fields : http_build_query($fields),
            ]);
        }
    }

    private function tokenOf(Answer $page): string
    {
        preg_match('/name="csrf-token" content="([^"]+)"/', $page->body, $found);

        return $found[1] ?? throw new RuntimeException("No page after signing in: {$page->status}");
    }
}
