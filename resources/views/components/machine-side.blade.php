@props(['side'])
@php
    $w = $side === 'left' ? 60 : 30;
@endphp
@switch($side)
    @case('parcel')
        <path d="M60 60 150 25l90 35v90l-90 35-90-35zM60 60l90 35 90-35M150 95v90M105 42l90 36" />
    @break

    @case('front')
        <rect x="95" y="10" width="110" height="180" rx="6" />
        <circle cx="150" cy="34" r="8" />
        <path d="M110 60h80M110 72h80M110 150h80M110 162h80" />
        <rect x="112" y="90" width="30" height="8" />
        <rect x="152" y="90" width="30" height="8" />
    @break

    @case('back')
        <rect x="80" y="10" width="140" height="180" rx="4" />
        <rect x="92" y="150" width="116" height="34" />
        <circle cx="124" cy="167" r="13" />
        <rect x="162" y="158" width="30" height="18" />
        <rect x="92" y="22" width="36" height="70" />
        <path d="M98 32h24M98 44h24M98 56h24M98 70h24M92 104h70M92 114h70M92 124h70" />
        <circle cx="178" cy="50" r="26" />
    @break

    @case('inside')
        <rect x="30" y="10" width="240" height="180" rx="4" />
        <rect x="70" y="24" width="116" height="116" />
        <circle cx="116" cy="62" r="22" />
        <path d="M152 34v56M160 34v56M168 34v56M176 34v56" />
        <rect x="72" y="106" width="128" height="18" />
        <rect x="40" y="148" width="92" height="36" />
        <rect x="216" y="30" width="44" height="60" />
    @break

    @default
        <rect x="30" y="10" width="240" height="180" rx="6" />
        <path d="M46 24h208v152H46zM60 90h{{ $w }}M60 100h{{ $w }}M60 110h{{ $w }}" />
        <circle cx="38" cy="24" r="2" />
        <circle cx="38" cy="176" r="2" />
@endswitch
