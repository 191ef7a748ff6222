// A second opinion on the sun: two published astronomy libraries, asked from the Core tests. Reads cases, writes answers, JSON both ways.
import { Body, Equator, HourAngle, Horizon, MakeTime, Observer, SearchAltitude } from 'astronomy-engine';
import * as suncalc from 'suncalc';

const getPosition = suncalc.getPosition ?? suncalc.default.getPosition;
let text = '';
for await (const chunk of process.stdin) {
    text += chunk;
}

const answers = JSON.parse(text).map(({ latitude, date }) => {
    const observer = new Observer(latitude, 0, 0);
    const noon = MakeTime(new Date(`${date}T12:00:00Z`));
    const midnight = MakeTime(new Date(`${date}T00:00:00Z`));
    const rise = SearchAltitude(Body.Sun, observer, +1, midnight, 1, 0);
    const set = SearchAltitude(Body.Sun, observer, -1, rise ?? midnight, 1, 0);
    return {
        declination_deg: Equator(Body.Sun, noon, observer, true, false).dec,
        day_length_h: rise && set ? (set.ut - rise.ut) * 24 : null,
        hours: [6, 9, 12, 15].map((hour) => {
            const time = MakeTime(new Date(`${date}T${String(hour).padStart(2, '0')}:00:00Z`));
            const sun = Equator(Body.Sun, time, observer, true, false);
            const angle = HourAngle(Body.Sun, time, observer);
            return {
                hour_angle_rad: ((angle > 12 ? angle - 24 : angle) * Math.PI) / 12,
                altitude_deg: Horizon(time, observer, sun.ra, sun.dec).altitude,
                suncalc_altitude_deg: getPosition(new Date(time.date), latitude, 0).altitude,
            };
        }),
    };
});
process.stdout.write(JSON.stringify(answers));
