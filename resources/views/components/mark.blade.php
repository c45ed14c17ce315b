<svg {{ $attributes->class('mark') }} viewBox="0 0 32 32" aria-hidden="true" focusable="false">
    <rect width="32" height="32" rx="7" fill="#3b3fa3" />
    <path d="M32 0v25a7 7 0 0 1-7 7H0Z" fill="#8b94a8" />
    <path d="M9 16h14M16 9v14" stroke="#fff" stroke-width="1.6" opacity=".9" />
</svg>
