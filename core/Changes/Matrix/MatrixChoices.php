<?php

declare(strict_types=1);

namespace Core\Changes\Matrix;

use Core\Codes\SkuCodes;
use Core\Refusal;
use Core\RefusalKind;

/**
 * What a person settles about a change of the matrix. Unsaid: the first value, and stock stays with its SKU.
 *
 * @phpstan-type Settled array{
 *     homes: array<string, DraftValue>, survivors: array<int, int>, stockAddsUp: bool,
 *     exchanges: array<int, string>, heirs: array<int, ?DraftValue>, likes: array<string, list<LikeChoice>>,
 *     asFacts: list<int>, comersStay: bool, winners: array<string, int>, roles: array<string, int>,
 *     codes: array<string, string>
 * }
 */
final readonly class MatrixChoices
{
    /**
     * @param  array<string, DraftValue>  $homes  key of the row of an added axis => the value of the SKUs of today
     * @param  array<int, int>  $survivors  dropped axis id => id of the value that stays
     * @param  array<int, string>  $exchanges  dropped axis id => key of the row of the added axis that takes its place
     * @param  array<int, ?DraftValue>  $heirs  value id of an exchanged axis => what takes over; null for none
     * @param  array<string, list<LikeChoice>>  $likes  key of an axis's row => new values that are made like others
     * @param  list<int>  $asFacts  ids of dropped axes that stay as a fact
     * @param  bool  $comersStay  whether, of two merged values, the SKUs of the one that goes stay
     * @param  array<string, int>  $winners  cell key => id of the SKU that stays
     * @param  array<string, int>  $roles  clash key => id of the picture that keeps the role
     * @param  array<string, string>  $codes  code that is not free => the one to take in its place
     *
     * @throws Refusal
     */
    public function __construct(
        public array $homes = [],
        public array $survivors = [],
        public bool $stockAddsUp = false,
        public array $exchanges = [],
        public array $heirs = [],
        public array $likes = [],
        public array $asFacts = [],
        public bool $comersStay = false,
        public array $winners = [],
        public array $roles = [],
        public array $codes = [],
    ) {
        foreach ($codes as $code) {
            if (preg_match(SkuCodes::PATTERN, $code) !== 1) {
                throw new Refusal(
                    "“{$code}” cannot be a code: use up to 64 letters, digits, dots, dashes, slashes and underscores.",
                    RefusalKind::Unreadable,
                    'codes',
                );
            }
        }
    }

    /** @param  array<string, string>  $codes  as those settled already, which win */
    public function withCodes(array $codes): self
    {
        /** @var Settled $settled */
        $settled = get_object_vars($this);

        return new self(...[...$settled, 'codes' => $this->codes + $codes]);
    }

    public function keepsAsFact(int $axisId): bool
    {
        return in_array($axisId, $this->asFacts, true);
    }
}
