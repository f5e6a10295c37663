"""Writes calendars.json: calendars by icalendar 4, and the days recurring_ical_events 2 finds in them.

Run with `python3 calendars.py`; needs Debian's python3-icalendar and python3-recurring-ical-events.
"""
import datetime as dt
import json
import os
import random
from zoneinfo import ZoneInfo

import icalendar
import recurring_ical_events

random.seed(16)
CASES = 150
UTC = dt.timezone.utc
RIDER = ZoneInfo('Europe/Berlin')
FIRST, LAST = dt.date(2026, 11, 20), dt.date(2027, 3, 1)
ZONES = ['Europe/Berlin', 'America/New_York', 'Australia/Sydney', 'Asia/Kolkata', 'Europe/Lisbon']
DAYS = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU']


def some_time():
    return dt.datetime(2026, random.randint(8, 12), random.randint(1, 28), random.randint(0, 23), random.choice([0, 15, 30]))


def clock():
    """How an entry's times are written: in a zone, in UTC, floating, or as days."""
    kind = random.choice(['zone', 'utc', 'floating', 'day'])
    zone = ZoneInfo(random.choice(ZONES))
    write = {
        'zone': lambda t: t.replace(tzinfo=zone),
        'utc': lambda t: t.replace(tzinfo=UTC),
        'floating': lambda t: t,
        'day': lambda t: t.date(),
    }[kind]
    return kind, write


def maybe_utc(value, kind):
    """A day left out or moved is often written in UTC; the library matches it by its date, so only where both have one."""
    there = value.astimezone(UTC) if kind == 'zone' else value
    return there if kind == 'zone' and random.random() < 0.4 and there.date() == value.date() else value


def rule_of(t, kind):
    freq = random.choice(['DAILY', 'WEEKLY', 'MONTHLY'])
    rule = {'freq': freq, 'interval': random.choice([1, 1, 2, 3])}
    if freq == 'WEEKLY' and random.random() < 0.6:
        rule['byday'] = sorted(random.sample(DAYS, 2))
    if freq == 'MONTHLY' and random.random() < 0.5:
        rule['byday'] = [random.choice(['1SU', '2TU', '-1SA', '3WE'])]
    if random.random() < 0.3:
        rule['count'] = random.randint(2, 30)
    elif random.random() < 0.3:
        until = t + dt.timedelta(days=random.randint(10, 150))
        rule['until'] = until.date() if kind == 'day' else until if kind == 'floating' else until.replace(tzinfo=UTC)
    return rule


def entries(n):
    """An entry that repeats by a rule or on days listed, some of its days left out, and perhaps one that was moved."""
    kind, write = clock()
    t = some_time()
    entry = icalendar.Event()
    entry.add('uid', f'u{n}@x')
    entry.add('summary', f'Ride {n}')
    entry.add('dtstart', write(t))
    length = dt.timedelta(minutes=random.choice([45, 90, 240]))
    if kind != 'day':
        entry.add(*(('duration', length) if random.random() < 0.5 else ('dtend', write(t + length))))
    repeats = random.random()
    found = [entry]
    if repeats < 0.7:
        rule = rule_of(t, kind)
        entry.add('rrule', rule)
        if rule['freq'] == 'MONTHLY' or 'byday' in rule:
            return found
        step = dt.timedelta(days={'DAILY': 1, 'WEEKLY': 7}[rule['freq']] * rule['interval'])
        for _ in range(random.randint(0, 3)):
            entry.add('exdate', maybe_utc(write(t + random.randint(1, 8) * step), kind))
        if random.random() < 0.5:
            day = t + random.randint(0, 5) * step
            found.append(moved(n, day, kind, write))
    elif repeats < 0.85:
        for _ in range(random.randint(1, 3)):
            hours = 0 if kind == 'day' else random.randint(0, 3)
            entry.add('rdate', write(t + dt.timedelta(days=random.randint(1, 100), hours=hours)))
    return found


def moved(n, day, kind, write):
    entry = icalendar.Event()
    entry.add('uid', f'u{n}@x')
    entry.add('summary', f'Moved {n}')
    entry.add('recurrence-id', maybe_utc(write(day), kind))
    to = day + dt.timedelta(days=random.randint(0, 2), hours=0 if kind == 'day' else random.randint(-3, 3))
    entry.add('dtstart', write(to))
    if kind != 'day':
        entry.add('dtend', write(to + dt.timedelta(minutes=60)))
    if random.random() < 0.2:
        entry.add('status', 'CANCELLED')
    return entry


def name_zones(calendar):
    """The writer names zones by their letters, IST and the like, which are several: by their full names instead."""
    for entry in calendar.walk('VEVENT'):
        for key in ('dtstart', 'dtend', 'exdate', 'rdate', 'recurrence-id'):
            values = entry.get(key) or []
            for value in values if isinstance(values, list) else [values]:
                at = getattr(value, 'dt', None) or (value.dts[0].dt if hasattr(value, 'dts') else None)
                zone = getattr(at, 'tzinfo', None)
                if hasattr(zone, 'key'):
                    value.params['TZID'] = zone.key


def days_of(text):
    calendar = icalendar.Calendar.from_ical(text)
    around = (dt.datetime(2026, 11, 18, tzinfo=UTC), dt.datetime(2027, 3, 4, tzinfo=UTC))
    found = []
    for entry in recurring_ical_events.of(calendar).between(*around):
        if str(entry.get('status', '')).upper() == 'CANCELLED':
            continue
        at, time = entry['dtstart'].dt, None
        if isinstance(at, dt.datetime):
            at = at.replace(tzinfo=RIDER) if at.tzinfo is None else at.astimezone(RIDER)
            time, at = at.strftime('%H:%M'), at.date()
        if FIRST <= at <= LAST:
            found.append(f"{at.isoformat()} {time or 'all day'} {entry['summary']}")
    return sorted(found)


cases = []
for _ in range(CASES):
    calendar = icalendar.Calendar()
    calendar.add('prodid', '-//Made up//EN')
    calendar.add('version', '2.0')
    for n in range(random.randint(1, 3)):
        for entry in entries(n):
            calendar.add_component(entry)
    name_zones(calendar)
    text = calendar.to_ical().decode()
    cases.append({'text': text, 'days': days_of(text)})
with open(os.path.join(os.path.dirname(os.path.abspath(__file__)), 'calendars.json'), 'w') as out:
    json.dump(cases, out, indent=0)
print(len(cases), sum(len(case['days']) for case in cases))
