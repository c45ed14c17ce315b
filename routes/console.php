<?php

declare(strict_types=1);

// The slate:* commands are found in app/Console/Commands.
