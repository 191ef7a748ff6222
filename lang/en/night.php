<?php

declare(strict_types=1);

// The page for two in the morning: read half asleep, without a signal.
return [
    'title' => 'What is wrong?',
    'works' => '{title} · works without a signal once opened',
    'troubles' => [
        'outlets' => 'The outlets are dead, lights work', 'charge' => 'Nothing charges', 'dark' => 'All is dark', 'hot' => 'It smells, hisses or is hot',
    ],
    'where' => 'Where: {at}.',
    'steps' => [
        'lever' => 'Look at {parts}. Is its lever down? Unplug everything that is plugged in, push it up. Down again at once: leave it down, something leaks; plug nothing in.',
        'breaker' => 'Look at {parts}. Is it off? Switch it off fully, then on.',
        'inverter' => '{parts}: press its button off, count ten, press it on. It trips above {watts}: one thing at a time.',
        'plugged' => 'On hook-up: is the plug home at the vehicle ({parts}) and at the post, and the post’s breaker on?',
        'one-by-one' => 'Works again? Plug in one thing after the other. The one that trips it is broken.',
        'full' => 'Read {parts}. At 100 % nothing flows in: that is right.',
        'cold' => 'Is the battery below {celsius}? Then it must not be charged and refuses by itself. Warm the place; it starts by itself.',
        'hook-up' => 'On hook-up: {parts} must show a light. If not, the outlets’ page comes first.',
        'drive' => 'Run the engine for two minutes: {parts} must show a light, or hum.',
        'sun' => 'By day: are the panels free of snow, and is what parts them on? {parts}.',
        'save' => 'Until then: fridge low, heater fan low, lights one. The bank lasts longer than the night.',
        'main-switch' => 'Are these on? {parts}. Turn each off, then on.',
        'disconnect' => '{parts} parts the loads when the bank is low: charge first, by engine or hook-up.',
        'wake-wakes' => 'The battery may have shut itself off. This wakes it: {parts}. Give it ten minutes.',
        'wake-button' => 'The battery may have shut itself off: press its button ({parts}) for three seconds.',
        'wake-itself' => 'The battery may have shut itself off. Switch everything off, wait ten minutes: it comes back by itself.',
        'wake-call' => 'The battery may have shut itself off, and nothing on board wakes it: call.',
        'main-fuse' => 'Look at {parts}. Blown: change it for the very same, once. Blown again: leave it and call. Never bridge it.',
        'light' => 'Still dark: a torch, warm clothes, and the phone number below. The engine starts without this battery.',
        'out' => 'Everybody out, doors open, away from it. Fire: call the fire brigade; say “lithium battery” or “lead battery, acid”.',
        'unplug' => 'Only if you can reach it safely: pull the hook-up ({parts}).',
        'off' => 'Only if you can reach it safely: main switch off ({parts}).',
        'leave' => 'Do not open it, do not cool it with your hands, do not go back in. Wait outside until somebody has looked.',
    ],
    'call' => 'Call {who}',
    'say' => 'Say: pack {number} of {date}.',
];
