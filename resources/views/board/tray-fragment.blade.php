@include('board.tray')
@include('board.foot', ['swap' => true])
