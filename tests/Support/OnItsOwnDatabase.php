<?php

declare(strict_types=1);

namespace Tests\Support;

/** Each test of a class has a database of its own, made before it and dropped after it. */
trait OnItsOwnDatabase
{
    private OwnDatabase $own;

    protected function setUp(): void
    {
        parent::setUp();
        $this->own = OwnDatabase::make();
    }

    protected function tearDown(): void
    {
        $this->own->drop();
        parent::tearDown();
    }
}
