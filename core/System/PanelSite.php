<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\Quantity\HourSpan;
use Pebblefell\Sun\Plane;
use Pebblefell\Sun\Shade;

/** How one panel lies: its plane, its own shade, and whether it is carried out. */
final readonly class PanelSite
{
    private function __construct(public Plane $plane, public Shade $shade, public bool $portable, public bool $isUp, public string $key)
    {
    }

    public static function of(Part $panel, Travel $travel): self
    {
        $data = $panel->data;
        $plane = Plane::of($data->orUsual('tilt_deg'), $data->orUsual('azimuth_deg'));
        [$from, $to, $light] = [$data->number('shade_from_h'), $data->number('shade_to_h'), $data->number('shade_light_pct')];
        $shade = match (true) {
            $data->text('shade') === 'free' => Shade::none(),
            $data->text('shade') === 'own' && $from !== null && $to !== null && $from !== $to => Shade::of([[
                HourSpan::of($from, $to),
                $light === null ? 0.0 : $light / 100.0,
            ]]),
            default => $travel->shade(),
        };
        $own = $data->text('shade') === 'own' ? "$from-$to-$light" : $data->text('shade');
        $portable = $data->flag('portable') === true;

        return new self(
            $plane,
            $shade,
            $portable,
            !$portable || $travel->portablePanels === 'up',
            "$plane->tiltDeg/$plane->azimuthDeg/$own/" . ($portable ? 'out' : ''),
        );
    }
}
