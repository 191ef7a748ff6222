<x-plain-page code="419" title="The page was open too long">Go back, reload, and send it again.</x-plain-page>
