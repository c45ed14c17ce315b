@csrf<input type="hidden" name="token" value="{{ Str::uuid() }}" autocomplete="off">
