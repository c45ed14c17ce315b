<?php

declare(strict_types=1);

namespace App\Http\Screens\Pictures;

use App\Http\Requests\ProductRequest;
use App\Http\Screens\Product\PageScreen;
use App\Store\Products\LoadedProduct;
use Core\Color\Swatches\Swatch;
use Core\Gallery\ContactSheet;
use Core\Gallery\Placement;
use Core\Gallery\Roles\Ground;
use Core\Gallery\Roles\Role;
use Core\Gallery\Roles\RoleAnswer;
use Core\Gallery\Roles\RoleChooser;
use Core\Gallery\Strip;
use Core\Reach\Wording;

/** Who does which job in each picture combination, and why. */
final class RoleScreen implements PageScreen
{
    public readonly ContactSheet $sheet;

    public readonly PartNames $names;

    private readonly RoleChooser $chooser;

    /** @var array<string, array<string, RoleCell>> by the strip's key */
    private array $cells = [];

    public static function forPage(LoadedProduct $loaded, ProductRequest $request): static
    {
        return new self($loaded, new PictureLinks($loaded));
    }

    public function __construct(public readonly LoadedProduct $loaded, private readonly PictureLinks $pictures)
    {
        $this->sheet = ContactSheet::of(
            $loaded->core->matrix,
            $loaded->core->madeCells(),
            $loaded->core->state->pictures,
            $loaded->core->galleries(),
        );
        $this->names = new PartNames($loaded);
        $this->chooser = new RoleChooser($loaded->core->madeCells());
    }

    /** @return array<string, RoleCell> by the role's value */
    public function cells(Strip $strip): array
    {
        return $this->cells[$strip->part->key] ??= $this->ofStrip($strip);
    }

    /** Whether the swatch of a color stands in for the picture that nobody chose. */
    public function isColor(RoleCell $cell): bool
    {
        return $cell->placement === null && $cell->role === Role::Swatch && $this->names->haveColor();
    }

    public function swatch(Strip $strip): ?Swatch
    {
        return $this->names->swatch($strip->part);
    }

    public function inWords(Strip $strip, RoleCell $cell): string
    {
        return match (true) {
            !$this->isColor($cell) => $cell->inWords(),
            $this->swatch($strip) === null => __('roles.no_swatch'),
            default => __('roles.its_own'),
        };
    }

    /** Where a picture is shown, in words. */
    public function reachOf(Placement $placement): string
    {
        return (new Wording())->say($placement->reach, $this->loaded->core->matrix);
    }

    /** @return array<string, RoleCell> */
    private function ofStrip(Strip $strip): array
    {
        $cells = [];
        foreach (Role::cases() as $role) {
            $answers = [];
            foreach ($strip->cells as $cell) {
                $answer = $this->loaded->core->galleries()->of($cell)->role($role);
                $answers[$answer->placement()->id ?? 0] ??= $answer;
            }
            $first = reset($answers) ?: new RoleAnswer($role, null, Ground::None);
            $cells[$role->value] = new RoleCell(
                $role,
                $first->placement(),
                $first->placement() === null ? null : $this->pictures->thumb($first->placement()),
                $first->ground === Ground::Assigned,
                $first->isClash($this->chooser),
                $first->briefly($this->loaded->core->matrix),
                $first->reason($this->loaded->core->matrix),
                count($answers) - 1,
            );
        }

        return $cells;
    }

    /** "12 assigned, 20 stepped in, 1 with more than one picture for the same job" */
    public function summary(): string
    {
        $assigned = $steppedIn = $clashes = 0;
        foreach ($this->sheet->strips as $strip) {
            foreach ($this->cells($strip) as $cell) {
                $assigned += $cell->isAssigned ? 1 : 0;
                $steppedIn += !$cell->isAssigned && $cell->placement !== null ? 1 : 0;
                $clashes += $cell->isClash ? 1 : 0;
            }
        }

        return $this->sheet->strips === []
            ? __('pictures.this_product_has_no_sku_yet_2')
            : __('pictures.roles_in_all', [
                'assigned' => $assigned,
                'stepped_in' => $steppedIn,
                'clashes' =>
                    $clashes === 0 ? '' : __('pictures.clashes_with_more_than_one_picture', ['clashes' => $clashes]),
            ]);
    }

    public function strip(string $selected): ?Strip
    {
        foreach ($this->sheet->strips as $strip) {
            if ($this->names->selected($strip->part) === $selected) {
                return $strip;
            }
        }

        return null;
    }

    public function picture(int $placementId): ?string
    {
        return $this->pictures->thumb($this->loaded->placements[$placementId]->placement);
    }
}
