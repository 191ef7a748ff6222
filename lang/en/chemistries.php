<?php

declare(strict_types=1);

// Chemistries of batteries.
return [
    'flooded' => 'flooded lead-acid',
    'agm' => 'AGM',
    'gel' => 'gel',
    'lead_carbon' => 'lead-carbon',
    'lfp' => 'LFP (lithium iron phosphate)',
];
