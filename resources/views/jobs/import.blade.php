<x-layout title="Take in a job file">
    <h1>Take in a job file</h1>
    <p class="lead">A file that Pebblefell saved, here or elsewhere. It comes in as a new job, whole or not at all.</p>
    <div class="mt-5"><x-upload id="job-file" :action="route('jobs.import.store')" label="Job file (.json)" button="Take it in" accept=".json,application/json"
        /></div>
    <div class="mt-5"><x-faults /></div>
</x-layout>
