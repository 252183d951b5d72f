// Reads an iCalendar file with another library than the one that wrote it, and prints what it found as JSON.
import { readFileSync } from 'node:fs';
import ICAL from 'ical.js';

const calendar = new ICAL.Component(ICAL.parse(readFileSync(process.argv[2], 'utf8')));
const events = calendar.getAllSubcomponents('vevent').map((one) => {
  const event = new ICAL.Event(one);
  return { uid: event.uid, summary: event.summary, start: event.startDate.toString(), end: event.endDate.toString(), isDate: event.startDate.isDate, location: event.location, alarms: one.getAllSubcomponents('valarm').map((alarm) => `${alarm.getFirstPropertyValue('trigger')} ${alarm.getFirstPropertyValue('description')}`) };
});
process.stdout.write(JSON.stringify({ version: calendar.getFirstPropertyValue('version'), events }));
