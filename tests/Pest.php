<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

// Core tests need neither; they run with no application and no database.
pest()->extend(TestCase::class)->use(RefreshDatabase::class)->in('Feature', 'Reference/App');
