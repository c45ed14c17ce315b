<?php

declare(strict_types=1);

namespace App\Models;

use Core\Codes\CodePart;
use Core\Codes\CodePattern;
use Core\Codes\LetterCase;
use Illuminate\Database\Eloquent\Model;

/**
 * How the codes of SKUs are put together, for a kind of product.
 *
 * @property int $id
 * @property string $name
 * @property string $folded
 * @property list<array{kind: string, axis: int, text: string}> $parts
 * @property string $separator
 * @property string $letters
 * @property int $longest
 */
final class CodePatternRecord extends Model
{
    public $timestamps = false;

    protected $table = 'code_patterns';

    protected $guarded = [];

    public function toCore(): CodePattern
    {
        return CodePattern::of(
            array_map(CodePart::fromArray(...), $this->parts),
            $this->separator,
            LetterCase::from($this->letters),
            (string) $this->longest,
        );
    }

    protected function casts(): array
    {
        return ['parts' => 'array', 'longest' => 'integer'];
    }
}
