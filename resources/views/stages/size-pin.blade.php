<x-pin-answer :pin="$pin" :job="$job" />
