<x-plain-page code="507" title="The disk is nearly full">Nothing is written until there is room again, and nothing of what you just did was kept; everything
    can be read. Tell whoever runs this installation: <code>./pebblefell status</code> says how much is left.</x-plain-page>
