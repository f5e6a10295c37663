"""Writes the corpus: ride files by writers that are not ours (gpxpy, GPSBabel, Python's csv and zipfile, bytes by hand),
and what must come out of them, worked out here: lengths by Karney's geodesics (geographiclib), times from the points."""
import csv, gzip, io, json, math, os, random, subprocess, sys, zipfile
from datetime import datetime, timedelta, timezone
import gpxpy, gpxpy.gpx
from geographiclib.geodesic import Geodesic

OUT = sys.argv[1]
os.makedirs(OUT, exist_ok=True)
EXPECT = []
UTC = timezone.utc
G = Geodesic.WGS84

def put(name, data, expect, by):
    raw = data.encode('utf-8') if isinstance(data, str) else data
    with open(os.path.join(OUT, name), 'wb') as f:
        f.write(raw)
    EXPECT.append({'file': name, 'by': by, **expect})

def track(start, seconds, seed=1, lat=54.2, lon=-2.9, speed=6.5, step=20, hills=40.0):
    """Points of a ride: direction and speed drift, heights roll. Each (lat, lon, time, ele)."""
    r = random.Random(seed)
    pts, az, v, t, d = [], 40.0, speed, start, 0.0
    for i in range(0, seconds + 1, step):
        pts.append((round(lat, 7), round(lon, 7), t, round(100 + hills * math.sin(d / 900.0), 1)))
        az += r.uniform(-4, 4); v = min(13, max(3.5, v + r.uniform(-0.3, 0.3)))
        g = G.Direct(lat, lon, az, v * step); lat, lon = g['lat2'], g['lon2']
        d += v * step; t += timedelta(seconds=step)
    return pts

def km(*segments):
    total = 0.0
    for seg in segments:
        for a, b in zip(seg, seg[1:]):
            total += G.Inverse(a[0], a[1], b[0], b[1])['s12']
    return total / 1000

def iso(t): return t.astimezone(UTC).strftime('%Y-%m-%dT%H:%M:%S.000Z')
def ride(distance, start, **more): return {'rides': [{'km': round(distance, 4), 'at': iso(start), **more}]}

def gpx(segments, name=None, sport=None, version='1.1'):
    g = gpxpy.gpx.GPX(); g.creator = 'Quay computer'
    t = gpxpy.gpx.GPXTrack(name=name); t.type = sport; g.tracks.append(t)
    for seg in segments:
        s = gpxpy.gpx.GPXTrackSegment(); t.segments.append(s)
        for (la, lo, at, el) in seg:
            s.points.append(gpxpy.gpx.GPXTrackPoint(la, lo, elevation=el, time=at))
    return g.to_xml(version=version)

S = datetime(2026, 5, 10, 8, 0, tzinfo=UTC)
P = 'gpxpy'
a = track(S, 1500, 1)
K = km(a)
put('plain.gpx', gpx([a], 'Round the marsh', 'cycling'), ride(K, S, name='Round the marsh', movingH=1500/3600), P)
put('plain-10.gpx', gpx([a], 'Round the marsh', None, '1.0'), ride(K, S), P)
put('no-type.gpx', gpx([a], 'Round'), ride(K, S), P)
for sport in ['Ride', 'mountain_biking', 'road_biking', 'Biking', '1', 'GravelRide', 'Radfahren', 'BMX']:
    put(f'type-{sport}.gpx', gpx([a], 'x', sport), ride(K, S), P)
for sport in ['EBikeRide', 'e_biking']:
    put(f'type-{sport}.gpx', gpx([a], 'x', sport), ride(K, S, eBike=True), P)
for sport in ['VirtualRide', 'indoor_cycling']:
    put(f'type-{sport}.gpx', gpx([a], 'x', sport), ride(K, S, indoors=True), P)
for sport in ['running', 'Run', 'trail_running', 'Hike', 'motorcycling', 'Kayaking', 'horseback_riding', 'Alpine Ski', 'transition', 'Wandern']:
    put(f'type-{sport}.gpx'.replace(' ', '-'), gpx([a], 'x', sport), {'problem': 'track/not-cycling'}, P)
for sport in ['Other', 'workout']:
    put(f'type-{sport}.gpx', gpx([a], 'x', sport), {'held': ['unknown sport'], **ride(K, S)}, P)
xml = gpx([a], 'Über die Höhe', 'cycling')
put('utf16le.gpx', b'\xff\xfe' + xml.replace('UTF-8', 'UTF-16').encode('utf-16-le'), ride(K, S, name='Über die Höhe'), P + ', recoded by Python')
put('utf16be.gpx', b'\xfe\xff' + xml.replace('UTF-8', 'UTF-16').encode('utf-16-be'), ride(K, S, name='Über die Höhe'), P + ', recoded by Python')
put('utf16le-bare.gpx', xml.replace('UTF-8', 'UTF-16').encode('utf-16-le'), ride(K, S, name='Über die Höhe'), P + ', recoded by Python')
put('latin1.gpx', xml.replace('UTF-8', 'ISO-8859-1').encode('latin-1'), ride(K, S, name='Über die Höhe'), P + ', recoded by Python')
put('cp1252-undeclared.gpx', xml.replace(' encoding="UTF-8"', '').encode('cp1252'), ride(K, S, name='Über die Höhe'), P + ', recoded by Python')
put('bom.gpx', b'\xef\xbb\xbf' + xml.encode(), ride(K, S, name='Über die Höhe'), P)
put('blanks-before.gpx', '\n  \n' + xml, ride(K, S), P + ', blanks by hand')
put('comment-before.gpx', xml.replace('?>', '?>\n<!-- ' + 'written by nobody. ' * 200 + '-->', 1), ride(K, S), P + ', comment by hand')
put('prefixed.gpx', '<?xml version="1.0"?><g:gpx xmlns:g="http://www.topografix.com/GPX/1/1" version="1.1" creator="hand"><g:trk><g:name>Lap</g:name><g:type>cycling</g:type><g:trkseg>' + ''.join(f'<g:trkpt lat="{p[0]}" lon="{p[1]}"><g:ele>{p[3]}</g:ele><g:time>{p[2].strftime("%Y-%m-%dT%H:%M:%SZ")}</g:time></g:trkpt>' for p in a) + '</g:trkseg></g:trk></g:gpx>', ride(K, S, name='Lap'), 'by hand')
put('link-type.gpx', xml.replace('<type>cycling</type>', '<link href="https://example.org/run"><text>running</text><type>running</type></link><type>cycling</type>'), ride(K, S), P + ', link by hand')
put('no-zone.gpx', xml.replace('Z</time>', '</time>'), ride(K, S), P + ', zones taken out')
put('offset.gpx', gpx([[(p[0], p[1], p[2].astimezone(timezone(timedelta(hours=2))), p[3]) for p in a]], 'x', 'cycling'), ride(K, S), P)
put('point-names.gpx', xml.replace('<ele>', '<name>wrong</name><ele>', 3).replace('<trkpt', '<trkpt', 1), ride(K, S, name='Über die Höhe'), P + ', names by hand')
b = track(S + timedelta(hours=2), 900, 2)
put('pause.gpx', gpx([a, b], 'Out and home', 'cycling'), ride(km(a, b), S, elapsedH=(7200+900)/3600), P)
two = gpxpy.parse(gpx([a], 'Out', 'cycling')); two.tracks += gpxpy.parse(gpx([b], 'Home', 'cycling')).tracks
put('two-tracks.gpx', two.to_xml(), {'rides': [{'km': K, 'at': iso(S), 'name': 'Out'}, {'km': km(b), 'at': iso(S + timedelta(hours=2)), 'name': 'Home'}]}, P)
# A ferry: the timer ran on, the recorder slept for 40 minutes and woke 14 km further on.
far = track(S + timedelta(seconds=1500 + 2400), 900, 3, lat=a[-1][0] + 0.125, lon=a[-1][1])
gap = km([a[-1], far[0]])
put('ferry.gpx', gpx([a + far], 'By ferry', 'cycling'), {'held': ['gap'], **ride(km(a, far), S, gapKm=round(gap, 2))}, P)
put('motorway.gpx', gpx([track(S, 1500, 4, speed=6.5)[:1] + [(p[0], p[1], S + (p[2] - S) / 4, p[3]) for p in track(S, 3000, 4)[1:]]], 'fast', None), {'held': ['too fast']}, P)
put('walk.gpx', gpx([[(p[0], p[1], S + (p[2] - S) * 7, p[3]) for p in track(S, 900, 5)]], 'slow', None), {'held': ['walking pace']}, P)
put('short.gpx', gpx([track(S, 40, 5)], 'x', None), {'held': ['very short']}, P)
h = [(p[0], p[1], p[2], 100 + 0.5 * i) for i, p in enumerate(track(S, 3000, 6, step=5))]
put('small-steps.gpx', gpx([h], 'Up', 'cycling'), ride(km(h), S, climbM=300), P)
rolling = [(p[0], p[1], p[2], 100 + 10 * abs((i % 40) - 20) / 20 * 1.0) for i, p in enumerate(track(S, 1200*3, 7, step=3))]
put('rolling.gpx', gpx([rolling], 'Rolling', 'cycling'), ride(km(rolling), S, climbM=300), P)
put('no-times.gpx', gpx([[(p[0], p[1], None, p[3]) for p in a]], 'A route', None), {'problem': 'track/no-times'}, P)
r = gpxpy.gpx.GPX(); route = gpxpy.gpx.GPXRoute('To the quay'); r.routes.append(route)
route.points += [gpxpy.gpx.GPXRoutePoint(p[0], p[1]) for p in a[::50]]
put('route.gpx', r.to_xml(), {'problem': 'track/route'}, P)
w = gpxpy.gpx.GPX(); w.waypoints.append(gpxpy.gpx.GPXWaypoint(54.2, -2.9, name='Tea'))
put('waypoints.gpx', w.to_xml(), {'problem': 'track/empty'}, P)
put('cut-off.gpx', xml[: len(xml) // 2], {'problem': 'file/not-xml'}, P + ', cut off')
put('empty.gpx', '', {'problem': 'file/empty'}, 'by hand')
put('blank.gpx', '   \n\n', {'problem': 'file/empty'}, 'by hand')
put('login.gpx', '<!DOCTYPE html>\n<html><head><title>Log in</title></head><body>Please log in</body></html>', {'problem': 'file/kind', 'kind': 'web page'}, 'by hand')
put('clock-1980.gpx', gpx([[(p[0], p[1], p[2].replace(year=1980), p[3]) for p in a]], 'x', None), {'problem': 'track/clock-not-set'}, P)
put('future.gpx', gpx([[(p[0], p[1], p[2].replace(year=2031), p[3]) for p in a]], 'x', None), {'problem': 'date/future'}, P)

# GPSBabel
B = 'GPSBabel 1.8'
src = os.path.join(OUT, 'plain.gpx')
def babel(fmt, name, expect):
    path = os.path.join(OUT, name)
    subprocess.run(['gpsbabel', '-t', '-i', 'gpx', '-f', src, '-o', fmt, '-F', path], check=True)
    data = open(path, 'rb').read()
    put(name, data, expect, B)
babel('gtrnctr,course=0', 'babel.tcx', ride(K, S))
babel('gtrnctr', 'babel-course.tcx', {'problem': 'track/course'})
babel('garmin_fit', 'babel-course.fit', {'problem': 'track/course'})
babel('gpx', 'babel.gpx', ride(K, S, name='Round the marsh'))
babel('kml', 'babel.kml', {'problem': 'file/kind', 'kind': 'map'})
babel('unicsv', 'babel-points.csv', {'problem': 'file/kind', 'kind': 'points table'})
babel('geojson', 'babel.geojson', {'problem': 'file/kind', 'kind': 'data'})

# TCX by hand
def tp(p, where=True):
    pos = f'<Position><LatitudeDegrees>{p[0]}</LatitudeDegrees><LongitudeDegrees>{p[1]}</LongitudeDegrees></Position>' if where else ''
    return f'<Trackpoint><Time>{p[2].strftime("%Y-%m-%dT%H:%M:%SZ")}</Time>{pos}<AltitudeMeters>{p[3]}</AltitudeMeters></Trackpoint>'
def lap(pts, metres, seconds, where=True):
    return f'<Lap StartTime="{pts[0][2].strftime("%Y-%m-%dT%H:%M:%SZ")}"><TotalTimeSeconds>{seconds}</TotalTimeSeconds><DistanceMeters>{metres}</DistanceMeters><Notes>not the name</Notes><Track>{"".join(tp(p, where) for p in pts)}</Track></Lap>'
def activity(sport, laps, at, notes=''):
    return f'<Activity Sport="{sport}"><Id>{at.strftime("%Y-%m-%dT%H:%M:%SZ")}</Id>{"".join(laps)}<Notes>{notes}</Notes><Creator><Name>Quay computer</Name></Creator></Activity>'
def tcx(body): return f'<?xml version="1.0" encoding="UTF-8"?>\n<TrainingCenterDatabase xmlns="http://example.org/tcx"><Activities>{body}</Activities></TrainingCenterDatabase>'
H = 'by hand'
ka, kb = km(a), km(b)
put('laps.tcx', tcx(activity('Biking', [lap(a, ka * 1000, 1500), lap(b, kb * 1000, 900)], S, 'Two laps')), ride(ka + kb, S, name='Two laps', movingH=2400/3600), H)
put('indoors.tcx', tcx(activity('Biking', [lap(a, 9000, 1500, False)], S)), ride(9, S, movingH=1500/3600), H)
put('run.tcx', tcx(activity('Running', [lap(a, 9000, 1500)], S)), {'problem': 'track/not-cycling'}, H)
put('multisport.tcx', f'<?xml version="1.0"?><TrainingCenterDatabase><Activities><MultiSportSession><Id>2026-05-10T08:00:00Z</Id><FirstSport>{activity("Running", [lap(b, kb*1000, 900)], S)}</FirstSport><NextSport>{activity("Biking", [lap(a, ka*1000, 1500)], S)}</NextSport></MultiSportSession></Activities></TrainingCenterDatabase>', {'problem': 'track/not-cycling', **ride(ka, S)}, H)
put('no-zone.tcx', tcx(activity('Biking', [lap(a, ka * 1000, 1500)], S)).replace('Z</Time>', '</Time>').replace('Z</Id>', '</Id>'), ride(ka, S), H)
late = [(p[0], p[1], p[2], p[3]) for p in a]
put('late-fix.tcx', tcx(f'<Activity Sport="Biking"><Id>2026-05-10T07:55:00Z</Id><Lap StartTime="2026-05-10T07:55:00Z"><TotalTimeSeconds>1800</TotalTimeSeconds><DistanceMeters>{ka*1000 + 200}</DistanceMeters><Track><Trackpoint><Time>2026-05-10T07:55:00Z</Time></Trackpoint>{"".join(tp(p) for p in late)}</Track></Lap></Activity>'), ride(ka + 0.2, S - timedelta(minutes=5)), H)
put('twice-as-far.tcx', tcx(activity('Biking', [lap(a, ka * 2000, 1500)], S)), {'held': ['two distances'], **ride(2 * ka, S)}, H)
json.dump(EXPECT, open(os.path.join(OUT, '..', 'tracks.json'), 'w'), indent=1, ensure_ascii=False)
print(len(EXPECT))
