<?php

declare(strict_types=1);

namespace Core\Product\Document;

use Core\Gallery\View;
use Core\Matrix\AxisDisplay;
use Core\Matrix\AxisKind;
use Core\Matrix\Combination;
use Core\Matrix\Value;
use Core\Product\LibraryRef;
use Core\Reach\Clause;
use Core\Reach\Reach;

/** What a document names, found in the library; what the library lacks is noted on the way, under ids below zero. */
final class DocumentNames
{
    /** @var array<string, IndexedAxis> by name as the document has it, with the values that the library lacks */
    private array $axes = [];

    /** @var list<MissingLibraryItem> */
    private array $lacking = [];

    private int $lastId = 0;

    public function __construct(private readonly LibraryIndex $library) {}

    /** @return list<MissingLibraryItem> */
    public function lacking(): array
    {
        return $this->lacking;
    }

    /** Finds an axis and its values in the library, and notes those that it lacks. */
    public function know(Fields $fields): void
    {
        $name = $fields->text('axis');
        $axis = $this->library->axisNamed($name);
        if ($axis === null) {
            $axis = new IndexedAxis(
                --$this->lastId,
                $name,
                $fields->case('kind', AxisKind::class),
                $fields->isTrue('changes_picture'),
                $fields->case('display', AxisDisplay::class),
            );
            $this->lacking[] = MissingLibraryItem::axis($axis);
        }
        foreach ($fields->all('values') as $value) {
            $label = $value->text('value');
            if ($axis->named($label) === null) {
                $axis = $axis->with(new Value(--$this->lastId, $label, $value->text('code')));
                $this->lacking[] = MissingLibraryItem::value($this->lastId, $label, $name, $value->text('code'));
            }
        }
        $this->axes[$name] = $axis;
    }

    /** The axis that a document describes. */
    public function axis(Fields $fields): IndexedAxis
    {
        return $this->axes[$fields->text('axis')];
    }

    /**
     * The value that a field names, of an axis of the document.
     *
     * @throws UnreadableDocument
     */
    public function value(Fields $axis, Fields $fields, string $name): Value
    {
        return $this->axes[$axis->text('axis')]->named($fields->text($name)) ??
            throw $fields->amiss($name, "{$axis->text('axis')} has no such value");
    }

    public function view(Fields $fields): ?View
    {
        $key = $fields->textOrNone('view');
        $view = $this->library->views->find($key);
        if ($key !== null && $view === null) {
            $this->lack(MissingLibraryItem::of(MissingItemKind::View, $key));
        }

        return $view;
    }

    /** @param  string  $file  what it is called where it is not here */
    public function photo(string $checksum, string $file): ?int
    {
        $id = $this->library->photo($checksum);
        if ($id === null) {
            $this->lack(MissingLibraryItem::picture($file, $checksum));
        }

        return $id;
    }

    /** A shot list that a field names; null for none, or for one that the library lacks. */
    public function shotList(Fields $fields, string $name): ?LibraryRef
    {
        return $this->ref($fields, $name, MissingItemKind::ShotList, $this->library->shotLists);
    }

    /** A code pattern that a field names; null for none, or for one that the library lacks. */
    public function codePattern(Fields $fields, string $name): ?LibraryRef
    {
        return $this->ref($fields, $name, MissingItemKind::CodePattern, $this->library->codePatterns);
    }

    /** @param  list<LibraryRef>  $known */
    private function ref(Fields $fields, string $name, MissingItemKind $kind, array $known): ?LibraryRef
    {
        $wanted = $fields->textOrNone($name);
        $ref = $wanted === null ? null : LibraryIndex::named($known, $wanted);
        if ($wanted !== null && $ref === null) {
            $this->lack(MissingLibraryItem::of($kind, $wanted));
        }

        return $ref;
    }

    public function combination(Fields $choice): Combination
    {
        $values = [];
        foreach ($choice->names() as $axis) {
            [$axisId, $valueIds] = $this->named($choice, $axis, [$choice->text($axis)]);
            $values[$axisId] = $valueIds[0];
        }

        return Combination::of($values);
    }

    public function reach(Fields $fields, string $name): Reach
    {
        $clauses = [];
        foreach ($fields->all($name) as $clause) {
            $values = [];
            foreach ($clause->names() as $axis) {
                [$axisId, $valueIds] = $this->named($clause, $axis, $clause->texts($axis));
                $values[$axisId] = $valueIds;
            }
            $clauses[] = Clause::of($values);
        }

        return Reach::of(...$clauses);
    }

    /**
     * @param  list<string>  $values
     * @return array{int, list<int>} the axis, and its values
     */
    private function named(Fields $fields, string $axis, array $values): array
    {
        $known = $this->axes[$axis] ?? throw $fields->amiss($axis, 'the product has no such axis');

        return [
            $known->id,
            array_map(
                fn(string $value): int => $known->named($value)->id ??
                    throw $fields->amiss($axis, "there is no value “{$value}”"),
                $values,
            ),
        ];
    }

    private function lack(MissingLibraryItem $lacking): void
    {
        if (!in_array($lacking, $this->lacking, false)) {
            $this->lacking[] = $lacking;
        }
    }
}
