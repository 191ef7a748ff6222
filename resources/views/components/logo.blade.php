<svg viewBox="0 0 24 24" aria-hidden="true"><ellipse cx="12" cy="19" rx="10" ry="4.3" fill="currentColor"/><ellipse class="fill-heather" cx="12.4" cy="11.6"
    rx="7" ry="3.4"/><ellipse cx="12" cy="5" rx="4.2" ry="2.9" fill="currentColor"/></svg>
