<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Files\Cards\CardDrawing;
use App\Files\Cards\PrintedCard;
use Core\Color\Srgb;
use Core\Color\Swatches\Swatch;
use Core\Gallery\View;
use Core\Matching\Cards\CardCode;
use Core\Matching\Cards\SlateCard;
use Core\Matrix\Combination;
use Imagick;
use ImagickDraw;
use Random\Randomizer;

/**
 * Slate cards as photographers send them, drawn at random: printed, lying on cloth or held in a hand, turned, out of
 * the right angle, out of focus, in dim and uneven light, with the noise of a small sensor.
 */
final class CardPhotographs
{
    private const CARD = 740;

    private const TEXTURE = 1400;

    /** @var list<Imagick> */
    private array $grounds = [];

    private Imagick $noise;

    public function __construct(private readonly Randomizer $random, private readonly string $folder)
    {
        foreach (['gray70-gray35', 'tan-#2f6f73'] as $colors) {
            $ground = new Imagick();
            $ground->newPseudoImage(self::TEXTURE, self::TEXTURE, "plasma:{$colors}");
            $ground->addNoiseImage(Imagick::NOISE_MULTIPLICATIVEGAUSSIAN);
            $this->grounds[] = $ground;
        }
        $this->noise = new Imagick();
        $this->noise->newImage(self::TEXTURE, self::TEXTURE, 'gray50');
        $this->noise->addNoiseImage(Imagick::NOISE_GAUSSIAN);
    }

    /** @return array{string, string} path of the photograph, and the code of its card */
    public function next(string $name): array
    {
        $code = CardCode::of(
            $this->random->getInt(1, 50_000),
            $this->random->getInt(1_700_000_000, 1_800_000_000),
            Combination::of(
                [1 => $this->random->getInt(1, 5_000)] + ($this->isSo() ? [2 => $this->random->getInt(1, 5_000)] : []),
            ),
            $this->isSo() ? View::usual(['front', 'back', 'size guide', 'detail'][$this->random->getInt(0, 3)]) : null,
        );
        $card = $this->held($this->printed($code));
        $photo = $this->laid($card);
        $photo->gaussianBlurImage(0, $this->between(0.2, 1.5));
        $photo->modulateImage($this->between(35, 110), 100, 100);
        $this->shade($photo);
        $this->grain($photo);
        $photo->setImageFormat('jpeg');
        $photo->setImageCompressionQuality($this->random->getInt(70, 92));
        $path = "{$this->folder}/{$name}.jpg";
        $photo->writeImage("jpeg:{$path}");

        return [$path, $code];
    }

    private function printed(string $code): Imagick
    {
        $swatch = Srgb::fromHex(sprintf('#%06x', $this->random->getInt(0, 0xffffff)));
        $views = [View::usual('front'), View::usual('back'), View::usual('detail')];
        $printed = new PrintedCard(
            new SlateCard($code, Combination::of([]), null, $views),
            'Potting smock',
            'TB-SMOCK',
            'Moss',
            Swatch::read($swatch->hex()),
        );
        file_put_contents("{$this->folder}/card.svg", CardDrawing::svg($printed));
        exec(
            'rsvg-convert -w ' . self::CARD . " -o {$this->folder}/card.png {$this->folder}/card.svg 2>&1",
            $said,
            $failed,
        );
        assert($failed === 0, implode("\n", $said));

        return new Imagick("{$this->folder}/card.png");
    }

    /** With a hand over one corner, more often than not. */
    private function held(Imagick $card): Imagick
    {
        if ($this->random->getInt(0, 2) > 0) {
            [$width, $height] = [$card->getImageWidth(), $card->getImageHeight()];
            $hand = new ImagickDraw();
            $light = $this->random->getInt(80, 230);
            $hand->setFillColor(sprintf('rgb(%d,%d,%d)', $light, (int) ($light * 0.75), (int) ($light * 0.6)));
            $hand->ellipse(
                $this->isSo() ? 0 : $width,
                $this->isSo() ? 0 : $height,
                $width * $this->between(0.08, 0.22),
                $height * $this->between(0.12, 0.32),
                0,
                360,
            );
            $card->drawImage($hand);
        }

        return $card;
    }

    /** On some ground, turned and seen askew, from two fifths of the frame to most of it. */
    private function laid(Imagick $card): Imagick
    {
        [$width, $height] = $this->isSo() ? [1200, 800] : ($this->isSo() ? [1200, 900] : [900, 1200]);
        $photo = clone $this->grounds[$this->random->getInt(0, count($this->grounds) - 1)];
        $photo->cropImage(
            $width,
            $height,
            $this->random->getInt(0, self::TEXTURE - $width),
            $this->random->getInt(0, self::TEXTURE - $height),
        );
        $photo->setImagePage($width, $height, 0, 0);
        $scale = ($this->between(0.4, 0.85) * $width) / self::CARD;
        $angle = deg2rad($this->random->getInt(0, 3) === 0 ? $this->between(0, 360) : $this->between(-12, 12));
        [$middleX, $middleY] = [$width * $this->between(0.45, 0.55), $height * $this->between(0.45, 0.55)];
        $corners = [];
        foreach ([[0, 0], [1, 0], [1, 1], [0, 1]] as [$x, $y]) {
            [$fromX, $fromY] = [$x * $card->getImageWidth(), $y * $card->getImageHeight()];
            $across = ($fromX - $card->getImageWidth() / 2) * $scale * $this->between(0.9, 1.1);
            $down = ($fromY - $card->getImageHeight() / 2) * $scale * $this->between(0.9, 1.1);
            array_push(
                $corners,
                $fromX,
                $fromY,
                $middleX + $across * cos($angle) - $down * sin($angle),
                $middleY + $across * sin($angle) + $down * cos($angle),
            );
        }
        $card->setImageAlphaChannel(Imagick::ALPHACHANNEL_SET);
        $card->setImageVirtualPixelMethod(Imagick::VIRTUALPIXELMETHOD_TRANSPARENT);
        $card->distortImage(Imagick::DISTORTION_PERSPECTIVE, $corners, true);
        $at = $card->getImagePage();
        $photo->compositeImage($card, Imagick::COMPOSITE_OVER, (int) $at['x'], (int) $at['y']);

        return $photo;
    }

    /** A light from one side. */
    private function shade(Imagick $photo): void
    {
        if ($this->isSo()) {
            $light = new Imagick();
            $light->newPseudoImage($photo->getImageWidth(), $photo->getImageHeight(), 'gradient:white-gray45');
            $this->isSo() && $light->flipImage();
            $photo->compositeImage($light, Imagick::COMPOSITE_MULTIPLY, 0, 0);
        }
    }

    private function grain(Imagick $photo): void
    {
        $grain = clone $this->noise;
        $grain->cropImage($photo->getImageWidth(), $photo->getImageHeight(), $this->random->getInt(0, 150), 0);
        $grain->setImagePage(0, 0, 0, 0);
        // Gray changes nothing where it is laid over; what is left of the noise does.
        $grain->brightnessContrastImage(0, -$this->random->getInt(55, 100));
        $photo->compositeImage($grain, Imagick::COMPOSITE_OVERLAY, 0, 0);
    }

    private function isSo(): bool
    {
        return $this->random->getInt(0, 1) === 1;
    }

    private function between(float $least, float $most): float
    {
        return $least + ($most - $least) * ($this->random->getInt(0, 1_000_000) / 1_000_000);
    }
}
