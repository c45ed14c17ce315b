<?php

declare(strict_types=1);

namespace App\Media\Incoming;

use App\Media\BoundedProcess;
use App\Refusals\PhotoRefused;
use Symfony\Component\Process\Exception\ExceptionInterface as ProcessException;
use Symfony\Component\Process\Process;

/** What a film says of itself: its size and how long it runs. Read in a process of its own, held to limits. */
final class FilmProbe
{
    private const SECONDS = 10;

    private const MEMORY = 800 * 1024 * 1024;

    /** Of all that a film says of itself, only this is asked: a comment in it may be as long as the film. */
    private const ASKED = 'stream=codec_type,codec_name,width,height,duration:format=duration:stream_side_data=rotation';

    /** Bytes of an answer to that: whatever is longer is none. */
    private const LONGEST_ANSWER = 65_536;

    /** Seconds that a film can run. */
    public const LONGEST = 600;

    /** Pixels of the longer side. */
    private const MOST_SIDE = 4_096;

    /** What every browser plays. */
    private const CODECS = ['h264', 'vp8', 'vp9', 'av1'];

    /** @throws PhotoRefused */
    public static function inspect(IncomingFile $file, string $type, int $bytes): InspectedPhoto
    {
        $said = self::ask($file);
        $streams = is_array($said['streams'] ?? null) ? $said['streams'] : [];
        $pictures = array_values(
            array_filter(
                $streams,
                fn(mixed $stream): bool => is_array($stream) && ($stream['codec_type'] ?? '') === 'video',
            ),
        );
        $seconds = (float) ($said['format']['duration'] ?? ($pictures[0]['duration'] ?? 0));
        [$width, $height] = [(int) ($pictures[0]['width'] ?? 0), (int) ($pictures[0]['height'] ?? 0)];
        if ($width < 1 || $height < 1 || $seconds <= 0) {
            throw new PhotoRefused(
                "{$file->name} begins like a film but cannot be read. Copy it again from where it came.",
            );
        }
        $codec = is_string($pictures[0]['codec_name'] ?? null)
            ? $pictures[0]['codec_name']
            : 'in a way that nobody knows';
        if (!in_array($codec, self::CODECS, true)) {
            throw new PhotoRefused(
                "{$file->name} is a film that not every browser plays ({$codec}). Save it as H.264 in MP4, or as VP9 in WebM.",
            );
        }
        if ($seconds > self::LONGEST || max($width, $height) > self::MOST_SIDE) {
            throw new PhotoRefused(
                sprintf(
                    '%s runs %d s at %s × %s px; a film can run %d s with %s px. Cut it shorter, or save it smaller.',
                    $file->name,
                    (int) $seconds,
                    number_format($width),
                    number_format($height),
                    self::LONGEST,
                    number_format(self::MOST_SIDE),
                ),
            );
        }
        $turned = abs((int) ($pictures[0]['side_data_list'][0]['rotation'] ?? 0)) % 180 === 90;

        return new InspectedPhoto(
            $type,
            $turned ? $height : $width,
            $turned ? $width : $height,
            $bytes,
            false,
            (int) round($seconds * 1000),
        );
    }

    /** @return array<string, mixed> */
    private static function ask(IncomingFile $file): array
    {
        $process = BoundedProcess::of(
            ['--cpu=' . self::SECONDS, '--as=' . self::MEMORY],
            [
                'ffprobe',
                '-v',
                'quiet',
                '-protocol_whitelist',
                'file',
                '-print_format',
                'json',
                '-show_entries',
                self::ASKED,
                (string) realpath($file->path),
            ],
            2 * self::SECONDS,
        );
        $answer = '';
        try {
            $process->run(function (string $from, string $piece) use (&$answer, $process): void {
                $answer .= $from === Process::OUT ? $piece : '';
                if (strlen($answer) > self::LONGEST_ANSWER) {
                    $process->stop(0);
                }
            });
        } catch (ProcessException) {
            throw new PhotoRefused("{$file->name} takes too long to be looked at. Save it anew, and drop that.");
        }
        $said = strlen($answer) > self::LONGEST_ANSWER ? null : json_decode($answer, true, 32);
        if ($process->getExitCode() === 127) {
            throw new PhotoRefused(
                "{$file->name} is a film, and this server cannot read films: ffmpeg is not installed on it.",
            );
        }

        return is_array($said) ? $said : [];
    }
}
