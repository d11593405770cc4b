<!doctype html>
<html lang="en">

<head>
    <meta charset="utf-8">
    <title>Claim {{ $claim->id }}</title>
    <style>
        @page {
            margin: 20mm;
        }

        body {
            font-family: 'DejaVu Sans', sans-serif;
            font-size: 9.5pt;
            line-height: 1.4;
        }

        h1 {
            font-size: 15pt;
            margin: 0;
        }

        table {
            border-collapse: collapse;
            width: 100%;
            margin-top: 8pt;
        }

        th,
        td {
            border-bottom: .5pt solid #999;
            padding: 3pt 6pt 3pt 0;
            text-align: left;
            vertical-align: top;
        }
    </style>
</head>

<body>
    <h1>Evidence for claim {{ $claim->id }}</h1>
    <p>{{ shop()->name }}, {{ shop()->letterhead() }}</p>
    <p>{{ $claim->part_tag !== '' ? $claim->part_tag . ', ' : '' }}{{ $pack->part }}, out of
        {{ $claim->job->machine->model }} (our number
        {{ $claim->job->tag }}). {{ $claim->reason }}</p>
    <p><b>{{ $pack->verdict }}</b></p>
    <table>
        <thead>
            <tr>
                <th>Entry</th>
                <th>When</th>
                <th>What was done</th>
                <th>The part</th>
                <th>What came of it</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($pack->trials as $trial)
                <tr>
                    <td>{{ $trial['entry'] }}</td>
                    <td>{{ $trial['at'] === '' ? '' : shop()->date(\Illuminate\Support\Carbon::parse($trial['at']), time: true) }}
                    </td>
                    <td>{{ $trial['what'] }}</td>
                    <td>{{ $trial['with'] }}</td>
                    <td>{{ $trial['result'] }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
</body>

</html>
