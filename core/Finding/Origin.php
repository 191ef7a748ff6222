<?php

declare(strict_types=1);

namespace Pebblefell\Finding;

/** Where a value comes from. An assumed one is marked wherever it is shown. */
enum Origin: string
{
    case DataSheet = 'data_sheet';
    case Measured = 'measured';
    case Typed = 'typed';
    case Assumed = 'assumed';
    case Computed = 'computed';
}
