@include('details.facts')
@include('details.kept')
