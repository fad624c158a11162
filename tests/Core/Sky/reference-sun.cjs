/*
 * Asks the reference library for sun positions and events. Reads a list of questions on standard
 * input, writes the list of answers.
 */
const astronomy = require('astronomy-engine');

const questions = JSON.parse(require('fs').readFileSync(0, 'utf8'));
const observer = (q) => new astronomy.Observer(q.latitude, q.longitude, 0);

const position = (q) => {
  const at = new Date(q.unix * 1000);
  const equator = astronomy.Equator('Sun', at, observer(q), true, true);
  const plain = astronomy.Horizon(at, observer(q), equator.ra, equator.dec, null);
  const seen = astronomy.Horizon(at, observer(q), equator.ra, equator.dec, 'normal');
  return { elevation: plain.altitude, azimuth: plain.azimuth, apparent: seen.altitude };
};

const event = (q) => {
  const found = astronomy.SearchAltitude('Sun', observer(q), q.direction, new Date(q.unix * 1000), q.days, q.altitude);
  return found === null ? null : found.date.getTime() / 1000;
};

const transit = (q) => astronomy.SearchHourAngle('Sun', observer(q), 0, new Date(q.unix * 1000)).time.date.getTime() / 1000;

const answer = { position, event, transit };
process.stdout.write(JSON.stringify(questions.map((q) => answer[q.ask](q))));
