<!doctype html>
<html lang="en">

<head>
    <meta charset="utf-8">
    <title>{{ $job->tag }}</title>
    <style>
        @page {
            margin: 22mm 20mm;
        }

        body {
            font-family: 'DejaVu Sans', sans-serif;
            font-size: 10.5pt;
            line-height: 1.45;
            color: #20272a;
        }

        h1 {
            font-size: 15pt;
            margin: 0;
        }

        h2 {
            font-size: 11pt;
            margin: 11pt 0 2pt;
            page-break-after: avoid;
        }

        p {
            margin: 0 0 2pt;
        }

        .right {
            text-align: right;
        }

        table {
            width: 100%;
            border-bottom: 1.5pt solid #b8622b;
            padding-bottom: 6pt;
        }

        td {
            vertical-align: top;
        }
    </style>
</head>

<body>
    <table>
        <tr>
            <td>
                @if ($logo = shop()->logoAddress())
                    <img src="{{ $logo }}" alt="" style="max-height: 16mm; max-width: 60mm;">
                @endif
                <h1>{{ shop()->name }}</h1>
                <p>{{ shop()->letterhead() }}</p>
            </td>
            <td class="right">Job {{ $job->tag }}<br>{{ $job->machine->model }}<br>for
                {{ $job->machine->owner->name }}</td>
        </tr>
    </table>
    <x-shop-text id="letter-start" :job="$job" />
    @foreach ($letter->sections as $section)
        <h2>{{ $section->heading }}</h2>
        @foreach ($section->sentences as $sentence)
            <p>{{ $sentence }}</p>
        @endforeach
    @endforeach
    <x-shop-text id="letter-end" :job="$job" />
</body>

</html>
