<?php

declare(strict_types=1);

// The first sunny morning after the coldest night.
return [
    'met' => 'from {begins} the sun would push up to {amps} into a battery at {cold}',
    'calm' => 'the battery stays above its limit while the sun shines',
    'night' => 'The coldest night to be expected in the travelled months is {cold}, in {month}. The battery is at {battery} when the sun begins to charge, at {begins}.',
    'starts' => 'First to charge: {parts}.',
    'nobody-starts' => 'No regulator is in the plan; the first charger that is switched on begins.',
    'bms' => 'The battery’s own cut-off stops it below {floor}: the regulators see a battery that takes nothing.',
    'sensors' => 'By a sensor of their own stop: {parts}.',
    'neither' => 'Nothing stops: {parts}. Below {floor} lithium plates out and the battery is harmed.',
    'dead' => 'If that one is dead, up to {amps} and {energy} in all go in below {floor} that morning.',
    'free' => 'From {free} the battery is warm enough and takes charge.',
    'not-free' => 'All that day it does not get warm enough to take charge.',
    'heater' => 'The warmth of {watts} works from what the sun brings.',
    'bench' => 'On the bench: cool the sensor (a bag of ice and salt on it, the battery itself warm) while a charger gives a few amps, and read whether the current goes to nothing below {floor} and comes back above it. One at a time: battery, then each charger’s sensor.',
];
