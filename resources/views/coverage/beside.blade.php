<div id="uploads"></div>
