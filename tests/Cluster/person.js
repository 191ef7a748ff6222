// Somebody with a browser at one server: a session, a form token, pages, forms.
import http from 'node:http';

export class Person {
    constructor(base, email = 'planner@selhavn.example') {
        this.base = new URL(base);
        this.email = email;
        this.cookies = {};
        this.agent = new http.Agent({ keepAlive: true, maxSockets: 4 });
    }

    /** Status 0 and the error's words where there was no answer at all. */
    ask(path, { method = 'GET', body, accept = 'text/html' } = {}) {
        const began = performance.now();
        return new Promise((resolve) => {
            const headers = { Cookie: Object.entries(this.cookies).map(([k, v]) => `${k}=${v}`).join('; '), Accept: accept, ...(body ? { 'Content-Type': 'application/x-www-form-urlencoded' } : {}) };
            const request = http.request({ host: this.base.hostname, port: this.base.port, path, method, agent: this.agent, headers, timeout: 60_000 }, (response) => {
                const chunks = [];
                response.on('data', (chunk) => chunks.push(chunk));
                response.on('end', () => {
                    for (const line of response.headers['set-cookie'] ?? []) {
                        const [, name, value] = line.match(/^([^=]+)=([^;]*)/);
                        this.cookies[name] = value;
                    }
                    resolve({ status: response.statusCode, text: Buffer.concat(chunks).toString(), location: response.headers.location ?? '', ms: performance.now() - began });
                });
                response.on('error', (e) => resolve({ status: 0, text: e.message, location: '', ms: performance.now() - began }));
            });
            request.on('timeout', () => request.destroy(new Error('no answer in a minute')));
            request.on('error', (e) => resolve({ status: 0, text: e.message, location: '', ms: performance.now() - began }));
            request.end(body ? new URLSearchParams(body).toString() : undefined);
        });
    }

    async page(path) {
        const answer = await this.ask(path);
        this.token = answer.text.match(/name="_token" value="([^"]+)"/)?.[1] ?? this.token;

        return answer;
    }

    send(method, path, fields, accept) {
        return this.ask(path, { method: 'POST', body: { _token: this.token, _method: method, ...fields }, accept });
    }

    async signIn() {
        await this.page('/sign-in');
        const answer = await this.send('POST', '/sign-in', { email: this.email, password: 'north-of-sixty' });
        if (answer.status !== 302 || answer.location.endsWith('/sign-in')) {
            throw new Error(`cannot sign in at ${this.base}: ${answer.status} ${answer.text.slice(0, 300)}`);
        }
        await this.page('/jobs/create');

        return this;
    }

    leave() {
        this.agent.destroy();
    }
}
