<x-plain-page code="429" title="Too many tries">Wait a minute, then try again.</x-plain-page>
