"""Writes tables of rides in the shapes training logs, spreadsheets and bulk exports have, by Python's csv, zipfile, gzip and
openpyxl; what must come out is what was put in."""
import csv, gzip, io, json, os, sys, zipfile
from datetime import datetime, timedelta
import openpyxl

OUT = sys.argv[1]
os.makedirs(OUT, exist_ok=True)
E = []
MI = 1.609344
def put(name, data, expect, by='Python’s csv'):
    raw = data if isinstance(data, bytes) else data.encode('utf-8')
    open(os.path.join(OUT, name), 'wb').write(raw)
    E.append({'file': name, 'by': by, **expect})

# Rides as they were: start, km, riding h, elapsed h, metres climbed, name, bike
RIDES = [
    (datetime(2026, 4, 3, 8, 15), 42.5, 1.75, 2.1, 310, 'Mill lap', 'Racer'),
    (datetime(2026, 4, 5, 9, 0), 61.25, 2.6, 3.0, 540, 'Quay and back', 'Racer'),
    (datetime(2026, 4, 9, 18, 5), 21.9, 0.95, 1.0, 120, 'To work', 'Commuter'),
    (datetime(2026, 4, 17, 7, 30), 104.1, 4.4, 5.25, 1130, 'Around the island', 'Racer'),
    (datetime(2026, 4, 25, 10, 45), 35.0, 1.5, 1.6, 260, 'Marsh, gravel', 'Gravel'),
]
def hms(h): s = round(h * 3600); return f'{s//3600}:{s//60%60:02d}:{s%60:02d}'
def hm(h): m = round(h * 60); return f'{m//60}:{m%60:02d}'
def ms(h): s = round(h * 3600); return f'{s//60}:{s%60:02d}'
def words(h): m = round(h * 60); return f'{m//60}h {m%60}m'
def de(x, n=2): return f'{x:.{n}f}'.replace('.', ',')
def table(head, row, delimiter=',', before='', after='', **kw):
    out = io.StringIO(); w = csv.writer(out, delimiter=delimiter, lineterminator=kw.get('end', '\n'))
    w.writerow(head)
    for r in kw.get('rides', RIDES): w.writerow(row(r))
    return before + out.getvalue() + after
def rides(keys=(), rs=RIDES, timed=True, km=lambda r: r[1]):
    def one(r):
        d = {'km': km(r)}
        if timed: d['day'] = r[0].strftime('%Y-%m-%d %H:%M')
        else: d['day'] = r[0].strftime('%Y-%m-%d') + ' 12:00'
        for key, n in {'movingH': 2, 'elapsedH': 3, 'climbM': 4, 'name': 5, 'gear': 6}.items():
            if key in keys: d[key] = r[n]
        return d
    return {'asked': True, 'rides': [one(r) for r in rs]}

iso = lambda r: r[0].strftime('%Y-%m-%d %H:%M:%S')
put('iso.csv', table(['Date', 'Distance (km)', 'Moving Time', 'Elapsed Time', 'Elevation Gain (m)', 'Title', 'Bike'], lambda r: [iso(r), r[1], hms(r[2]), hms(r[3]), r[4], r[5], r[6]]), rides(('movingH', 'elapsedH', 'climbM', 'name', 'gear')))
put('miles.csv', table(['Activity Date', 'Distance (mi)', 'Moving Time', 'Elevation Gain (ft)', 'Activity Name'], lambda r: [r[0].strftime('%b %d, %Y, %I:%M:%S %p'), round(r[1]/MI, 3), hms(r[2]), f'{r[4]/0.3048:,.0f}', r[5]]), rides(('movingH', 'climbM', 'name')))
put('metres-seconds.csv', table(['start_date_local', 'distance', 'moving_time', 'elapsed_time', 'total_elevation_gain', 'name', 'type'], lambda r: [r[0].strftime('%Y-%m-%dT%H:%M:%S'), r[1]*1000, round(r[2]*3600), round(r[3]*3600), r[4], r[5], 'Ride']), rides(('movingH', 'elapsedH', 'climbM', 'name')))
put('german.csv', table(['Datum', 'Uhrzeit', 'Strecke (km)', 'Fahrzeit', 'Höhenmeter', 'Titel', 'Rad'], lambda r: [r[0].strftime('%d.%m.%Y'), r[0].strftime('%H:%M'), de(r[1]), hm(r[2]), f'{r[4]:,}'.replace(',', '.'), r[5], r[6]], ';'), rides(('movingH', 'climbM', 'name', 'gear')))
put('german-1252.csv', table(['Datum', 'Strecke (km)', 'Höhenmeter'], lambda r: [r[0].strftime('%d.%m.%Y'), de(r[1]), r[4]], ';').encode('cp1252'), rides(('climbM',), timed=False))
put('sep-line.csv', table(['Date', 'Km', 'Time'], lambda r: [r[0].strftime('%d/%m/%Y %H:%M'), de(r[1]), hms(r[2])], ';', before='sep=;\r\n', end='\r\n'), rides(('movingH',)))
put('tabs.tsv', table(['Date', 'Start time', 'Distance', 'Duration'], lambda r: [r[0].strftime('%d %b %Y'), r[0].strftime('%H:%M'), f'{r[1]} km', words(r[2])], '\t'), rides(('movingH',)))
put('utf16.csv', table(['Date', 'Distance (km)'], lambda r: [iso(r), r[1]], '\t').encode('utf-16'), rides())
put('us-dates.csv', table(['Date', 'Miles', 'Minutes'], lambda r: [r[0].strftime('%m/%d/%Y'), f'{r[1]/MI:.2f}', round(r[2]*60)]), rides(('movingH',), timed=False))
put('uk-dates.csv', table(['Date', 'Miles', 'Hours'], lambda r: [r[0].strftime('%d/%m/%Y'), f'{r[1]/MI:.2f}', r[2]]), rides(('movingH',), timed=False))
EARLY = [(datetime(2026, m, d, 8, 0), k, k/24, k/20, 100, 'x', 'y') for (m, d, k) in [(1, 5, 30.5), (1, 9, 42.0), (2, 3, 35.5), (3, 2, 51.0), (4, 1, 60.5)]]
put('order-by-sequence.csv', table(['Date', 'Km'], lambda r: [r[0].strftime('%d/%m/%Y'), r[1]], rides=EARLY), rides(timed=False, rs=EARLY))
put('us-by-sequence.csv', table(['Date', 'Km'], lambda r: [r[0].strftime('%m/%d/%Y'), r[1]], rides=EARLY), rides(timed=False, rs=EARLY))
put('mm-ss.csv', table(['Date', 'Distance km', 'Time'], lambda r: [iso(r), r[1], ms(r[2])]), rides(('movingH',)))
put('words.csv', table(['When', 'How far', 'Riding time'], lambda r: [r[0].strftime('%A, %d %B %Y'), f'{r[1]} km', f'{round(r[2]*60)} min']), rides(('movingH',), timed=False))
put('title-above.csv', table(['Date', 'Distance (km)', 'Note'], lambda r: [iso(r), r[1], r[5]], before='My rides 2026\n\n'), rides(('name',)))
put('units-below.csv', table(['Date', 'Distance', 'Climb'], lambda r: [iso(r), round(r[1]/MI, 3), round(r[4]/0.3048)], rides=RIDES).replace('Climb\n', 'Climb\n,mi,ft\n', 1), rides(('climbM',)))
put('totals.csv', table(['Date', 'Distance (km)', 'Note'], lambda r: [iso(r), r[1], r[5]], after='Total,264.75,\nAverage,52.95,\n'), {**rides(('name',)), 'noRides': 2})
rest = ['2026-04-04,,rest day', '2026-04-06,0,', '2026-04-07,-,', '2026-04-08,rest,']
lines = table(['Date', 'Distance (km)', 'Note'], lambda r: [iso(r), r[1], r[5]]).split('\n')
put('rest-days.csv', '\n'.join(lines[:2] + rest + lines[2:]), {**rides(('name',)), 'noRides': 4})
put('weeks-between.csv', '\n'.join(lines[:3] + ['Week 14,103.75,'] + lines[3:]), {**rides(('name',)), 'noRides': 1})
put('bad-rows.csv', '\n'.join(lines[:2] + ['2026-04-31,20,no such day'] + lines[2:]), {**rides(('name',)), 'problem': 'csv/start'})
put('bad-distance.csv', '\n'.join(lines[:2] + ['2026-04-04,far,x'] + lines[2:]), {**rides(('name',)), 'problem': 'csv/distance'})
put('blank-lines.csv', '\n\n'.join(lines), rides(('name',)))
put('no-header.csv', '\n'.join(f'{iso(r)},{r[1]},{r[5]}' for r in RIDES), rides())
put('semicolons-points.csv', table(['Date', 'Distance (km)', 'Climb (m)'], lambda r: [iso(r), r[1], r[4]], ';'), rides(('climbM',)))
put('thousands.csv', table(['Date', 'Distance (m)', 'Ascent (m)'], lambda r: [iso(r), f'{r[1]*1000:,.0f}', f'{r[4]:,}']), rides(('climbM',)))
put('compact-dates.csv', table(['date', 'km'], lambda r: [r[0].strftime('%Y%m%d'), r[1]]), rides(timed=False))
put('epoch.csv', table(['timestamp', 'distance_km'], lambda r: [int((r[0] - datetime(1970, 1, 1)).total_seconds()), r[1]]), {'asked': True, 'rides': [{'km': r[1], 'at': r[0].strftime('%Y-%m-%dT%H:%M:%S.000Z')} for r in RIDES]})
put('two-distances.csv', table(['Activity Date', 'Activity Type', 'Elapsed Time', 'Distance', 'Bike', 'Elapsed Time', 'Moving Time', 'Distance'], lambda r: [iso(r), 'Ride', round(r[3]*3600), r[1], r[6], round(r[3]*3600), round(r[2]*3600), r[1]*1000]), rides(('gear',)))
mixed = [(iso(r), r[1], 'Ride') for r in RIDES] + [('2026-05-01 08:00:00', 8.1, 'Run'), ('2026-05-02 08:00:00', 2, 'Swim'), ('2026-05-03 08:00:00', 31, 'E-Bike Ride'), ('2026-05-04 08:00:00', 12, 'Virtual Ride')]
out = io.StringIO(); w = csv.writer(out, lineterminator='\n'); w.writerow(['Date', 'Distance (km)', 'Activity Type']); w.writerows(mixed)
put('sports.csv', out.getvalue(), {**rides(), 'problem': 'track/not-cycling', 'rides': rides()['rides'] + [{'km': 31, 'eBike': True}, {'km': 12, 'indoors': True}]})
put('feet-as-metres.csv', table(['Date', 'Distance (km)', 'Climb (m)'], lambda r: [iso(r), r[1], round(r[4] / 0.3048 * 2)], rides=RIDES[3:4]), {**rides(rs=RIDES[3:4]), 'held': ['steep']})
put('too-far.csv', table(['Date', 'Distance (km)'], lambda r: [iso(r), r[1] * 10], rides=RIDES[:2]), {**rides(rs=RIDES[:2], km=lambda r: r[1]*10), 'held': ['very long', 'very long']})
put('hours-and-minutes-mixed.csv', 'Date,Distance (km),Time (h:mm)\n2026-04-03 08:15,42.5,1:45\n2026-04-05 09:00,61.25,52:10\n2026-04-09 18:05,21.9,0:57\n', {'asked': True, 'held': ['walking pace', 'many hours'], 'rides': [{'km': 42.5, 'movingH': 1.75}, {'km': 61.25}, {'km': 21.9, 'movingH': 0.95}]})
put('french.csv', table(['Date', 'Distance', 'Durée', 'Dénivelé (m)', 'Vélo'], lambda r: [f"{r[0].day} {['', '', '', '', 'avril'][r[0].month]} {r[0].year}", f'{de(r[1])} km', f'{round(r[2]*60)//60}h{round(r[2]*60)%60:02d}', r[4], r[6]], ';'), rides(('climbM', 'gear'), timed=False))
put('quoted.csv', table(['Name', 'Date', 'Distance (km)'], lambda r: [f'{r[5]}, then "tea"\nand home', iso(r), r[1]]), rides())
put('old-mac.csv', table(['Date', 'Distance (km)'], lambda r: [iso(r), r[1]], end='\r'), rides())
put('excel-serial.csv', table(['Date', 'Km'], lambda r: [(r[0] - datetime(1899, 12, 30)).days, r[1]]), rides(timed=False))
put('zoned.csv', table(['start', 'distance km'], lambda r: [r[0].strftime('%Y-%m-%dT%H:%M:%S') + '+02:00', r[1]]), {'asked': True, 'rides': [{'km': r[1], 'at': (r[0] - timedelta(hours=2)).strftime('%Y-%m-%dT%H:%M:%S.000Z')} for r in RIDES]})
put('speed-beside.csv', table(['Date', 'Avg Speed (km/h)', 'Max Speed (km/h)', 'Distance (km)', 'Calories', 'Avg Heart Rate', 'Time'], lambda r: [iso(r), round(r[1]/r[2], 1), 55.3, r[1], 800, 141, hms(r[2])]), rides(('movingH',)))
put('lap-order.csv', table(['Bike', 'Odometer km', 'Trip km', 'Date'], lambda r: [r[6], 12000 + r[1], r[1], iso(r)]), rides(('gear',)))
dashes = table(['Date', 'Distance (km)', 'Moving time', 'Climb (m)'], lambda r: [iso(r), r[1], hms(r[2]), r[4]], rides=RIDES[:2]) + ''.join(f'2026-04-0{d},{x},{x},{x}\n' for d, x in ((6, '\u2014'), (7, '-'), (8, 'n/a')))
put('dashes.csv', dashes, {**rides(('movingH', 'climbM'), rs=RIDES[:2]), 'noRides': 3})
put('start-and-end.csv', table(['Date', 'Start', 'End', 'Km'], lambda r: [r[0].strftime('%Y-%m-%d'), r[0].strftime('%H:%M'), (r[0] + timedelta(hours=r[3])).strftime('%H:%M'), r[1]]), rides())
sums = table(['Date', 'Distance (km)', 'Time'], lambda r: [iso(r), r[1], hms(r[2])], rides=RIDES[:2]) + 'Week 14,103.75,4:40:00\nWeek 15,0,\nTotal,103.75,4:40:00\n'
put('sums-and-few-rides.csv', sums, {**rides(('movingH',), rs=RIDES[:2]), 'noRides': 3})
put('feet-unsaid.csv', table(['Date', 'Distance', 'Elevation Gain'], lambda r: [r[0].strftime('%m/%d/%Y') if r[0].day > 12 else '04/1' + str(r[0].day % 10) + '/2026', round(r[1] / 1.609344, 2), f'{r[4] / 0.3048 * 2:,.0f}']), {'asked': True, 'rides': [{'km': r[1], 'climbM': r[4] * 2} for r in RIDES]})
put('american-unsaid.csv', table(['Date', 'Distance', 'Duration'], lambda r: ['04/2' + str(r[0].day % 10) + '/2026', round(r[1] / 1.609344, 2), hms(r[2])]), {'asked': True, 'rides': [{'km': r[1], 'movingH': r[2]} for r in RIDES]})
put('zone-letters.csv', table(['Date', 'Distance (km)'], lambda r: [iso(r) + ' CEST', r[1]]), rides())
put('scientific.csv', table(['Date', 'Distance (km)'], lambda r: [iso(r), f'{r[1]:.4E}']), rides())
put('spanish.csv', 'Fecha;Distancia;Tiempo;Desnivel;Bicicleta;Deporte\n13/04/2026;42,5;1:45:00;412;Roja;Ciclismo de carretera\n15/04/2026;10,1;0:55:00;60;;Correr\n', {'asked': True, 'problem': 'track/not-cycling', 'rides': [{'km': 42.5, 'movingH': 1.75, 'climbM': 412, 'gear': 'Roja'}]})
# What is no table of rides
put('weather.csv', 'time,rain_mm,temperature_c,humidity_percent,wind_m_s\n2026-04-03T08:00Z,0.2,9,80,4\n', {'problem': 'file/kind', 'kind': 'weather table'})
put('weather-other.csv', 'Date,Precipitation (mm),Temp max,Humidity\n2026-04-03,2.1,11,80\n', {'problem': 'file/kind', 'kind': 'weather table'})
put('fruit.csv', 'fruit,colour\napple,green\npear,yellow\n', {'problem': 'file/unknown'})
put('prose.txt', 'Dear all,\nthe ride is on Sunday.\nBring tea.\n', {'problem': 'file/unknown'})
put('head-alone.csv', 'Date,Distance (km)\n', {'problem': 'csv/no-rows'})
put('open-quote.csv', 'Date,Distance (km)\n"2026-04-03,42\n', {'problem': 'csv/quotes'})
put('calendar.ics', 'BEGIN:VCALENDAR\r\nVERSION:2.0\r\nEND:VCALENDAR\r\n', {'problem': 'file/kind', 'kind': 'calendar'}, 'by hand')
put('address.vcf', 'BEGIN:VCARD\r\nVERSION:3.0\r\nEND:VCARD\r\n', {'problem': 'file/kind', 'kind': 'address book'}, 'by hand')
put('backup.json', '{"format": "dapper-spoke-logbook", "version": 9}', {'problem': 'file/kind', 'kind': 'backup'}, 'by hand')
put('list.json', '[{"distance": 42}]', {'problem': 'file/kind', 'kind': 'data'}, 'by hand')
put('paper.pdf', b'%PDF-1.7\n%\xe2\xe3\xcf\xd3\n1 0 obj\n', {'problem': 'file/kind', 'kind': 'document'}, 'by hand')
put('photo.jpg', b'\xff\xd8\xff\xe0\x00\x10JFIF\x00', {'problem': 'file/kind', 'kind': 'picture'}, 'by hand')
put('rides.rar', b'Rar!\x1a\x07\x01\x00\x00\x00', {'problem': 'file/kind', 'kind': 'other archive'}, 'by hand')
book = openpyxl.Workbook(); sheet = book.active; sheet.append(['Date', 'Distance (km)', 'Note'])
for r in RIDES: sheet.append([r[0], r[1], r[5]])
buf = io.BytesIO(); book.save(buf)
put('rides.xlsx', buf.getvalue(), XLSX := {'problem': 'file/kind', 'kind': 'spreadsheet'}, 'openpyxl')
# Archives
lap = open(os.path.join(OUT, '..', 'tracks', 'plain.gpx'), 'rb').read()
LAP = next(e for e in json.load(open(os.path.join(OUT, '..', 'tracks.json'))) if e['file'] == 'plain.gpx')['rides'][0]
run = open(os.path.join(OUT, '..', 'tracks', 'no-type.gpx'), 'rb').read()
def archive(files, **kw):
    b = io.BytesIO()
    with zipfile.ZipFile(b, 'w', zipfile.ZIP_DEFLATED, **kw) as z:
        for n, d in files.items():
            if kw.get('allowZip64') and n.startswith('big'):
                with z.open(n, 'w', force_zip64=True) as f: f.write(d)
            else: z.writestr(n, d)
    return b.getvalue()
Z = 'Python’s zipfile'
put('lap.gpx.gz', gzip.compress(lap, mtime=0), {'rides': [LAP]}, 'Python’s gzip')
put('one.zip', archive({'a/lap.gpx': lap}), {'rides': [LAP]}, Z)
put('zip64.zip', archive({'big.gpx': lap}, allowZip64=True), {'rides': [LAP]}, Z)
put('nested.zip', archive({'2026.zip': archive({'lap.gpx': lap})}), {'rides': [LAP]}, Z)
put('gz-inside.zip', archive({'lap.gpx.gz': gzip.compress(lap, mtime=0)}), {'rides': [LAP]}, Z)
put('too-deep.zip', archive({'a.zip': archive({'b.zip': archive({'lap.gpx': lap})})}), {'problem': 'zip/nested'}, Z)
put('nothing.zip', archive({}), {'problem': 'zip/empty'}, Z)
index = 'Activity ID,Activity Date,Activity Name,Activity Type,Distance,Activity Gear,Filename\n1,"May 10, 2026, 8:00:00 AM",To work,Ride,11.7,Commuter,activities/1.gpx.gz\n2,"May 11, 2026, 8:00:00 AM",Along the quay,Run,5.1,,activities/2.gpx\n'
put('bulk.zip', archive({'activities/1.gpx.gz': gzip.compress(lap, mtime=0), 'activities/2.gpx': run, 'activities.csv': index}), {'problem': 'track/not-cycling', 'rides': [{**LAP, 'name': 'To work', 'gear': 'Commuter'}]}, Z)
account = 'Activity ID,Activity Date,Activity Name,Activity Type,Activity Description,Elapsed Time,Distance,Commute,Activity Gear,Filename,Elapsed Time,Moving Time,Distance,Elevation Gain\n1,"May 10, 2026, 8:00:00 AM",To work,Ride,"Rain, then\nsun",1800,8.8,true,,activities/1.gpx.gz,1800,1700,8800,120\n2,"May 11, 2026, 8:00:00 AM",Run,Run,,1800,5.1,false,,activities/2.gpx,1800,1700,5100,10\n3,"May 12, 2026, 8:00:00 AM",By hand,Ride,,3700,21.3,false,Racer,,3700,3600,21300,0\n'
put('account.zip', archive({'export/activities.csv': account, 'export/activities/1.gpx.gz': gzip.compress(lap, mtime=0), 'export/activities/2.gpx': run, 'export/media/a.jpg': b'\xff\xd8\xff\xe0\x00\x10JFIF\x00', 'export/bikes.csv': 'Bike Name,Bike Type\nCommuter,Ride\n', 'export/comments.csv': 'Comment Date,Comment\n"May 10, 2026, 8:00:00 AM",Nice\n', 'export/profile.csv': 'First Name,Weight\nA,70\n', 'export/goals.csv': 'Goal Type,Activity Type,Goal,Start Date\nDistance,Ride,5000,2026-01-01\n', 'export/routes.csv': 'Route Name,Route Filename,Distance\nNot this name,routes/1.gpx,12.3\n', 'export/routes/1.gpx': open(os.path.join(OUT, '..', 'tracks', 'route.gpx'), 'rb').read(), 'export/posts.csv': ''}), {'asked': True, 'problems': ['file/unknown', 'file/empty', 'track/not-cycling', 'file/kind', 'track/route'], 'rides': [{'km': 21.3, 'movingH': 1, 'elapsedH': 3700 / 3600, 'name': 'By hand', 'gear': 'Racer'}, {**LAP, 'name': 'To work', 'sport': 'commute'}]}, Z)
json.dump(E, open(os.path.join(OUT, '..', 'tables.json'), 'w'), indent=1, ensure_ascii=False)
print(len(E))
