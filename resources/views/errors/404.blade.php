<x-plain-page code="404" title="Nothing is here">The address is wrong, or what was here has been deleted or taken back.</x-plain-page>
