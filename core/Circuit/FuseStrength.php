<?php

declare(strict_types=1);

namespace Pebblefell\Circuit;

use Pebblefell\Conductor\FuseFamily;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\System\Part;

/** Tells what a fuse or breaker can break. */
final class FuseStrength
{
    /** By its sheet, else by its family at these volts; null where neither is noted. */
    public static function of(Part $fuse, float $volts): ?Figure
    {
        $noted = $fuse->data->figure('interrupt_a');
        $family = FuseFamily::tryFrom((string) $fuse->data->text('family'));

        return $noted ?? ($family === null ? null : Figure::given(
            'breaks',
            $family->interruptA($volts),
            'A',
            Origin::Assumed,
            'fuse-families',
        ));
    }
}
