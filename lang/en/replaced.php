<?php

declare(strict_types=1);

// A part that is replaced later: what follows.
return [
    'note' => 'Note make, model, serial and place of the new one; the old serial stays in the history.',
    'firmware' => 'Its firmware first, until none is newer; then its boxes; then read them back.',
    'like-with-like' => 'Same model, same firmware, within about two years for LFP; charged full, rested, and joined by the gate in Balance. The others are charged full too.',
    'alone' => 'It is charged full once and watched.',
    'panel' => 'Same volts and amps as its string, or a regulator of its own. Cover it while it is connected.',
    'why-it-opened' => 'Find out first why the old one opened. The new one has the same rating, family and volts.',
    'mains' => 'Mains: isolate, prove dead, licensed work. The earth-leakage devices are proven again.',
    'print' => 'Issue a new pack: its components, settings and test figures are no longer those of the old one. What its sticker opens stays the old pack until that is taken back.',
];
