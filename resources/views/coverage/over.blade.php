<div id="drag-caption" role="status" hidden></div>
