<x-plain-page code="503" title="Under repair">Back in a moment.</x-plain-page>
