<x-plain-page code="403" title="You may not do this">Your account is not made for it. Ask a planner or the office.</x-plain-page>
