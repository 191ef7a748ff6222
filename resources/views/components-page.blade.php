<x-layout title="Components">
    <h1>What the pages are made of</h1>
    <p class="lead">Every base component once. A page uses these and adds nothing of its own kind.</p>
    <div class="section"><h2>Figures: <span class="num">x-stat</span>, <span class="num">x-table</span>, <span class="num">x-fold</span></h2>
        <div class="figures"><x-stat :figure="$figure" /><div>In a line of text: {{ $show->figure($figure) }} {{ $say->how($figure) }}</div></div></div>
    <div class="section"><h2>Fields: <span class="num">x-field</span>, <span class="num">x-check</span></h2>
        <div class="form-grid"><x-field label="With a unit" name="demo_a" value="14.4" unit="V" help="Help stands below." />
            <x-field label="A choice" name="demo_b" :options="['x' => 'One', 'y' => 'Other']" blank="not known" />
            <x-field label="More text" name="demo_c" :rows="2" /><x-check label="A switch" name="demo_d" checked /></div></div>
    <div class="section"><h2>Buttons</h2><div class="actions"><button class="btn" type="button">What to do next</button>
        <button class="btn plain" type="button">Other</button><button class="btn link" type="button">Lesser</button>
        <button class="btn danger" type="button">For good</button><button class="btn" type="button" disabled>Cannot now</button></div></div>
    <div class="section"><h2>Severities, stones, tags: <span class="num">x-severity</span>, <span class="num">@@stone</span></h2>
        <p class="flex flex-wrap items-center gap-4 mt-2">@foreach ($severities as $s)<span class="flex items-center gap-2"><x-severity :of="$s" />
            {{ ucfirst($s->value) }}</span>@endforeach<span class="flex items-center gap-2"><x-severity :of="$severities[0]" settled />
            Settled</span>
        @stone('todo')@stone('done')@stone('stopped')@stone('todo', true)<span class="tag">keep</span>
            <span class="tag out">take out</span><span class="tag in">fit new</span><span class="tag good">as planned</span>
            <span class="tag look">look here</span></p></div>
    <div class="section"><h2>States: <span class="num">x-empty</span>, <span class="num">x-caution</span>, said, wrong, off-line</h2>
        <div class="grid gap-4 mt-3"><x-empty title="Nothing here yet"><p>What to do so that there is.</p>
            </x-empty><x-caution>What can hurt, and what to do about it.</x-caution><div class="said">Said once after something was done.</div>
            <div class="wrong">Not saved yet: why.</div><div class="offline">Not saved: the server does not answer.</div></div></div>
    <x-fold id="demo" title="A fold" answer="with its answer in its heading"><p>What it holds.</p></x-fold>
    <div class="section"><h2>Taking away: <span class="num">x-delete</span></h2><x-delete action="#" what="this" /></div>
</x-layout>
