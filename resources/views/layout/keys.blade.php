<dialog id="keys" aria-labelledby="keys-title">
    <h2 id="keys-title">Keys</h2>
    <p class="quiet">Everything that can be dragged can be done with these, or from “About” on a picture.</p>
    <dl class="keys-help">
        @foreach (request()->routeIs('intake*')
        ? [['↑ ↓', 'another picture'], ['Space', 'mark it'], ['Enter', 'link what is marked, or this one, as it is read'], ['L', 'link it to what is pointed at on the small matrix'], ['Ctrl + click', 'on the small matrix: point at this as well'], ['X', 'put it aside; on the settled ones: take it up again'], ['V', 'choose the view'], ['P', 'choose the product'], ['Ctrl + Z', 'undo'], ['Ctrl + Shift + Z', 'redo'], ['/', 'jump'], ['?', 'this page']]
        : (request()->routeIs('contact')
            ? [['↑ ↓ ← →', 'another picture'], ['[ and ]', 'the picture earlier, later'], ['a number, Enter', 'to that place of its strip'], ['Shift + ↑ ↓', 'into the strip above or below: as well, or instead'], ['M', 'the other strips like this one'], ['Space', 'mark it; two can be compared'], ['C', 'compare the two that are marked'], ['F', 'while comparing: one over the other, in turn'], ['Ctrl + Z', 'undo'], ['Ctrl + Shift + Z', 'redo'], ['/', 'jump'], ['?', 'this page']]
            : [['↑ ↓ ← →', 'another cell, row or column'], ['Shift + arrows', 'extend the selection'], ['Ctrl + click', 'add to the selection'], ['R', 'the row'], ['C', 'the column'], ['A', 'the whole product'], ['F', 'select by typing names'], ['S', 'select what is like this cell'], ['Esc', 'nothing selected, nothing marked'], ['1, 2, 3 …', 'Photos, Codes, Prices and what else the cells can show'], ['Enter', 'type for the selection'], ['0–9 + − in a cell', 'type a number, or more or less of it, where numbers are shown'], ['Ctrl + C, Ctrl + V', 'a block of codes, prices or other figures, to and from a spreadsheet'], ['D', 'write the first row along the rows below it'], ['L', 'link the marked pictures here'], ['U', 'unlink the marked pictures here'], ['H', 'hide the marked pictures here'], ['[ and ]', 'the marked picture earlier, later'], ['Shift + drop', 'link there and nowhere else'], ['Ctrl + Z', 'undo'], ['Ctrl + Shift + Z', 'redo'], ['/', 'jump'], ['?', 'this page']]) as [$key, $meaning])
            <div>
                <dt><kbd>{{ $key }}</kbd></dt>
                <dd>{{ $meaning }}</dd>
            </div>
        @endforeach
    </dl>
    <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Close</button></div>
</dialog>
