// Median server time of each main page as a ratio to the bare route (a session and a signed-in person, and nothing else), asked in turn on the same server, over one kept-open connection.
import http from 'node:http';
import zlib from 'node:zlib';

const base = new URL(process.env.PEBBLEFELL_URL);
const rounds = Number(process.env.ROUNDS ?? 41);
const agent = new http.Agent({ keepAlive: true, maxSockets: 1 });
let cookies = {};

function ask(path, { method = 'GET', body, headers = {} } = {}) {
    return new Promise((resolve, reject) => {
        const began = process.hrtime.bigint();
        const request = http.request({ host: base.hostname, port: base.port, path, method, agent, headers: { Cookie: Object.entries(cookies).map(([k, v]) => `${k}=${v}`).join('; '), 'Accept-Encoding': 'gzip', ...headers } }, (response) => {
            const chunks = [];
            response.on('data', (chunk) => chunks.push(chunk));
            response.on('end', () => {
                for (const line of response.headers['set-cookie'] ?? []) {
                    const [pair] = line.split(';');
                    const at = pair.indexOf('=');
                    cookies[pair.slice(0, at)] = pair.slice(at + 1);
                }
                const raw = Buffer.concat(chunks);
                const text = response.headers['content-encoding'] === 'gzip' ? zlib.gunzipSync(raw) : raw;
                resolve({ status: response.statusCode, text: text.toString(), bytes: raw.length, ms: Number(process.hrtime.bigint() - began) / 1e6, type: response.headers['content-type'] ?? '' });
            });
        });
        request.on('error', reject);
        request.end(body);
    });
}

async function signIn() {
    const page = await ask('/sign-in');
    const token = page.text.match(/name="_token" value="([^"]+)"/)[1];
    await ask('/sign-in', { method: 'POST', body: new URLSearchParams({ _token: token, email: 'planner@selhavn.example', password: 'north-of-sixty' }).toString(), headers: { 'Content-Type': 'application/x-www-form-urlencoded' } });
}

const median = (list) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)];

export const pages = { Yard: '/', Survey: '/jobs/1/survey', Loads: '/jobs/1/loads', Size: '/jobs/1/size', Sources: '/jobs/1/sources', Bank: '/jobs/2/bank', Wiring: '/jobs/2/wiring', 'Day plan': '/jobs/2/day-plan', 'Run sheet': '/jobs/2/day-plan/steps', Test: '/jobs/2/test', Recall: '/recall?model=Crest', Balance: '/jobs/2/balance', Settings: '/jobs/2/settings', 'One by one': '/jobs/2/settings/step', History: '/jobs/2/history', Handover: '/jobs/3/handover', 'Parts library': '/library' };

async function measure() {
    await signIn();
    const times = Object.fromEntries(['bare', ...Object.keys(pages)].map((name) => [name, []]));
    for (let round = -8; round < rounds; round += 1) {
        for (const [name, path] of [['bare', '/here'], ...Object.entries(pages)]) {
            const answer = await ask(path);
            if (answer.status !== 200) {
                throw new Error(`${path}: ${answer.status}`);
            }
            if (round >= 0) {
                times[name].push(answer.ms);
            }
        }
    }
    return Object.fromEntries(Object.entries(times).map(([name, list]) => [name, median(list)]));
}

async function shipped(path) {
    const page = await ask(path);
    const assets = [...page.text.matchAll(/(?:href|src)="(?:http:\/\/[^/"]+)?(\/build\/[^"]+|\/pebbles\.svg)"/g)].map((m) => m[1]);
    let bytes = page.bytes;
    for (const asset of new Set(assets)) {
        bytes += (await ask(asset)).bytes;
    }
    return bytes;
}

const result = { medians: await measure(), shipped: {} };
for (const [name, path] of Object.entries(pages)) {
    result.shipped[name] = await shipped(path);
}
process.stdout.write(JSON.stringify(result));
agent.destroy();
