{{-- A paper of the shop as a PDF page. --}}
@props(['title', 'margin' => '22mm 20mm', 'style' => ''])
<!doctype html>
<html lang="en">

<head>
    <meta charset="utf-8">
    <title>{{ $title }}</title>
    <style>
        @page {
            margin: {{ $margin }};
        }

        body {
            color: #20272a;
            font-family: 'DejaVu Sans', sans-serif;
            font-size: 10.5pt;
            line-height: 1.45;
        }

        h1 {
            font-size: 15pt;
            margin: 14pt 0 6pt;
        }

        table {
            border-collapse: collapse;
            width: 100%;
        }

        .lines td,
        .lines th {
            border-bottom: 0.5pt solid #999;
            padding: 4pt 6pt 4pt 0;
            text-align: left;
        }

        .lines .num {
            text-align: right;
        }

        .to {
            margin: 16pt 0;
        }

        {!! $style !!}
    </style>
</head>

<body>
    @if ($logo = shop()->logoAddress())
        <img src="{{ $logo }}" alt="" style="max-height: 16mm; max-width: 60mm;">
    @endif
    {{ $slot }}
</body>

</html>
